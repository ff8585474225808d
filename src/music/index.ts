/** The door to what is measured on recordings and made of song maps: no screen, no store. */
export { playSong } from './band';
export { atLevel, countAt, gridOf, secondOf, type Grid } from './grid';
export { clickTrack } from './clicks';
export { measure, type Measured } from './measure';
export { phrasesHeard, type ProposedPhrase, type ProposedPhrases } from './phrases';
export { oneChannel, peaksOf, type Sound } from './sound';
export { stillOf, type Still } from './still';
export { UNSURE } from './sureness';
export { TAP_REST, tempoOfTaps, type Tapped } from './taps';
export { NotHeard, readWav, writeWav } from './wav';

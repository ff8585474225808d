/**
 * What is measured on recordings and made of song maps: no screen, no store. Screens take `grid`, `still`, `taps`, `clicks` and `sound`
 * by themselves: they weigh little, and measuring is a worker’s.
 */
export { playSong } from './band';
export { clickTrack } from './clicks';
export { measure, type Measured } from './measure';
export { phrasesHeard, type ProposedPhrase, type ProposedPhrases } from './phrases';
export { oneChannel, peaksOf, type Sound } from './sound';
export { stretched } from './stretch';
export { UNSURE } from './sureness';
export { NotHeard, readWav, writeWav, type Marked } from './wav';

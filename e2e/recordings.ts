/**
 * Recordings made from known scores, for judging what is measured on recordings: every sound is made by sox, every beat has its second.
 * The sets are plain data: a style is a bar of sounds, a case a style at a tempo with something that happens to it.
 */
import { execFileSync } from 'node:child_process';

const RATE = 44100;

/** What sox is told for each sound. `-R` makes its noise the same every time. */
const SOUNDS: Readonly<Record<string, string>> = {
  kick: 'synth 0.22 sine 130-48 fade q 0.001 0.22 0.18 gain -2',
  softKick: 'synth 0.3 sine 80-45 fade q 0.006 0.3 0.25 gain -4',
  snare: 'synth 0.2 whitenoise highpass 900 fade q 0.001 0.2 0.19 gain -9',
  brush: 'synth 0.16 pinknoise highpass 1500 fade q 0.008 0.16 0.14 gain -8',
  clap: 'synth 0.09 whitenoise bandpass 1600 1400 fade q 0.001 0.09 0.08 gain -5',
  hat: 'synth 0.05 whitenoise highpass 7000 fade q 0.0005 0.05 0.045 gain -16',
  openHat: 'synth 0.25 whitenoise highpass 6500 fade q 0.0005 0.25 0.24 gain -17',
  shaker: 'synth 0.07 whitenoise highpass 5000 fade q 0.02 0.07 0.04 gain -17',
  bassLow: 'synth 0.4 pluck E2 gain -7',
  bassHigh: 'synth 0.4 pluck B2 gain -7',
  bassRound: 'synth 0.5 triangle 65.4 fade q 0.01 0.5 0.3 gain -8',
  strum: 'synth 0.9 pluck C3 pluck E3 pluck G3 pluck C4 delay 0 0.008 0.016 0.024 remix - gain -9',
  strumUp: 'synth 0.5 pluck C4 pluck G3 pluck E3 delay 0 0.006 0.012 remix - gain -13',
  banjo: 'synth 0.3 pluck G4 gain -12',
  banjoHigh: 'synth 0.3 pluck D5 gain -13',
  piano: 'synth 0.7 triangle 262 triangle 330 triangle 392 remix - fade q 0.003 0.7 0.6 gain -12',
  pad: 'synth 2.4 sawtooth 131 sawtooth 196 sawtooth 247 remix - lowpass 700 fade q 0.5 2.4 0.9 gain -14',
  fiddle: 'synth 0.9 sawtooth 440 lowpass 2500 tremolo 6 30 fade q 0.06 0.9 0.15 gain -16',
  fiddleHigh: 'synth 0.45 sawtooth 587 lowpass 2500 tremolo 6 30 fade q 0.05 0.45 0.1 gain -16',
  stomp: 'synth 0.18 brownnoise lowpass 300 fade q 0.002 0.18 0.16 gain -1',
  woodblock: 'synth 0.06 sine 1250 fade q 0.0005 0.06 0.055 gain -10',
  accordion: 'synth 0.8 square 330 square 415 remix - lowpass 1800 fade q 0.03 0.8 0.1 gain -17',
  tuba: 'synth 0.35 sawtooth 73.4 lowpass 400 fade q 0.015 0.35 0.1 gain -6',
  mandolin: 'synth 0.25 pluck A4 pluck E5 remix - gain -12',
  voice: 'synth 1.4 sine 330-349 lowpass 1200 tremolo 5 25 fade q 0.12 1.4 0.4 gain -12',
  organ: 'synth 1 sine 220 sine 440 sine 660 remix - fade q 0.02 1 0.1 gain -15',
};

/** [beat of the bar from 0, sound, loudness from 0 to 1]; beats with a fraction are swung where a case says so. */
type Hit = readonly [beat: number, sound: string, loudness: number];

interface Style {
  readonly beats: number;
  readonly bar: readonly Hit[];
}

const each = (beats: readonly number[], sound: string, loudness: number): Hit[] =>
  beats.map((beat) => [beat, sound, loudness]);

const STYLES: Readonly<Record<string, Style>> = {
  rock: { beats: 4, bar: [...each([0, 2], 'kick', 1), ...each([1, 3], 'snare', 1), ...each([0, 0.5, 1, 1.5, 2, 2.5, 3, 3.5], 'hat', 0.7), ...each([0, 1.5, 2], 'bassLow', 0.8), [0, 'strum', 0.6]] },
  twoStep: { beats: 4, bar: [[0, 'kick', 0.9], [0, 'bassLow', 1], [2, 'kick', 0.9], [2, 'bassHigh', 1], ...each([1, 3], 'snare', 0.5), ...each([1, 3], 'strumUp', 0.8)] },
  shuffleBeat: { beats: 4, bar: [...each([0, 2], 'kick', 1), ...each([1, 3], 'snare', 0.9), ...each([0, 1, 2, 3], 'hat', 0.8), ...each([0.5, 1.5, 2.5, 3.5], 'hat', 0.5), ...each([0, 2], 'bassRound', 1), ...each([0.5, 2.5], 'strumUp', 0.5)] },
  waltz: { beats: 3, bar: [[0, 'kick', 0.9], [0, 'bassLow', 1], ...each([1, 2], 'brush', 0.8), ...each([1, 2], 'strumUp', 0.7), [0, 'fiddle', 0.6]] },
  chaCha: { beats: 4, bar: [[0, 'kick', 1], [2, 'kick', 0.8], [3.5, 'kick', 0.5], ...each([0, 1, 2, 3], 'shaker', 1), ...each([0.5, 1.5, 2.5, 3.5], 'shaker', 0.6), ...each([1, 3], 'clap', 0.7), ...each([3, 3.5], 'bassHigh', 0.9), [0, 'bassLow', 1], ...each([1, 2.5], 'piano', 0.8)] },
  nightClub: { beats: 4, bar: [[0, 'softKick', 1], [2.5, 'softKick', 0.6], [2, 'clap', 0.6], ...each([0, 1, 2, 3], 'hat', 0.5), ...each([0.5, 1.5, 2.5, 3.5], 'hat', 0.3), [0, 'pad', 0.8], [0, 'bassRound', 1], [2, 'piano', 0.6]] },
  guitarAlone: { beats: 4, bar: [...each([0, 1, 2, 3], 'strum', 0.9), ...each([1.5, 3.5], 'strumUp', 0.6)] },
  banjoRoll: { beats: 4, bar: [...each([0, 1, 2, 3], 'banjo', 0.9), ...each([0.5, 1.5, 2.5, 3.5], 'banjoHigh', 0.7), ...each([0, 2], 'bassLow', 1), ...each([1, 3], 'strumUp', 0.7)] },
  discoFour: { beats: 4, bar: [...each([0, 1, 2, 3], 'kick', 1), ...each([1, 3], 'clap', 0.8), ...each([0.5, 1.5, 2.5, 3.5], 'openHat', 0.8), ...each([0, 0.5, 1, 1.5, 2, 2.5, 3, 3.5], 'bassLow', 0.5), [0, 'organ', 0.6]] },
  pianoAndBass: { beats: 4, bar: [...each([0, 2], 'bassRound', 1), ...each([0, 1, 2, 3], 'piano', 0.7), [3.5, 'piano', 0.4]] },
  softBallad: { beats: 4, bar: [[0, 'softKick', 0.8], [2, 'brush', 0.8], ...each([0, 1, 2, 3], 'shaker', 0.7), [0, 'pad', 1], [0, 'bassRound', 1], [0, 'piano', 0.7], [2.5, 'piano', 0.4]] },
  stompClap: { beats: 4, bar: [...each([0, 2], 'stomp', 1), ...each([1, 3], 'clap', 0.9), [2.5, 'stomp', 0.6], [0, 'voice', 0.5], [2, 'voice', 0.5]] },
  trainBeat: { beats: 4, bar: [...each([0, 0.5, 1, 1.5, 2, 2.5, 3, 3.5], 'brush', 0.5), ...each([1, 3], 'brush', 0.9), ...each([0, 2], 'softKick', 0.7), [0, 'bassLow', 1], [2, 'bassHigh', 1], ...each([1, 3], 'mandolin', 0.8)] },
  tubaWaltz: { beats: 3, bar: [[0, 'tuba', 1], ...each([1, 2], 'accordion', 0.9), [0, 'voice', 0.4]] },
  polka: { beats: 2, bar: [[0, 'tuba', 1], [1, 'tuba', 0.8], ...each([0.5, 1.5], 'accordion', 0.9), ...each([0.5, 1.5], 'snare', 0.4), [0, 'kick', 0.6]] },
  mandolinChop: { beats: 4, bar: [...each([0, 2], 'bassLow', 1), ...each([1, 3], 'mandolin', 1), ...each([1, 3], 'woodblock', 0.5), [0, 'fiddle', 0.5], [2, 'fiddleHigh', 0.5], [2.5, 'fiddleHigh', 0.4]] },
  slowSwing: { beats: 4, bar: [...each([0, 1, 2, 3], 'bassRound', 0.9), ...each([0, 1, 2, 3], 'openHat', 0.5), ...each([1.5, 3.5], 'openHat', 0.4), ...each([1, 3], 'piano', 0.6), [0, 'voice', 0.5]] },
  reel: { beats: 4, bar: [...each([0, 2], 'kick', 0.8), ...each([1, 3], 'clap', 0.7), ...each([0, 2], 'fiddle', 0.9), ...each([1, 1.5, 3, 3.5], 'fiddleHigh', 0.9), ...each([0, 1, 2, 3], 'strumUp', 0.5)] },
}; // prettier-ignore

export interface Case {
  readonly style: string;
  readonly tempo: number;
  readonly bars: number;
  /** Seconds of silence before the first beat. */
  readonly lead: number;
  /** Standard deviation, in milliseconds, of every sound from its place: a human hand. */
  readonly hand?: number;
  /** Where the half beats lie: 0.5 straight, 0.67 swung. */
  readonly swing?: number;
  readonly pause?: { readonly afterBeat: number; readonly beats: number };
  readonly change?: { readonly afterBeat: number; readonly tempo: number };
  /** Seconds over which it fades at its end. */
  readonly fade?: number;
  /** Hiss under it, 0 to 1. */
  readonly hiss?: number;
}

interface Recorded {
  readonly rate: number;
  readonly samples: Float32Array;
  /** Seconds of every beat of the score, those of a pause left out. */
  readonly beats: readonly number[];
}

const made = new Map<string, Float32Array>();

/** One sound as sox makes it, -1 to 1. Throws where sox is missing. */
function soundOf(name: string): Float32Array {
  let sound = made.get(name);
  if (!sound) {
    const raw = execFileSync('sox', ['-R', '-V1', '-r', String(RATE), '-n', '-t', 'f32', '-c', '1', '-', ...SOUNDS[name].split(' ')], { maxBuffer: 1 << 24 }); // prettier-ignore
    sound = new Float32Array(raw.buffer.slice(raw.byteOffset, raw.byteOffset + raw.byteLength));
    made.set(name, sound);
  }
  return sound;
}

/** The same numbers in every run (mulberry32, a public-domain generator). */
function chance(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

export function record(one: Case, seed = 1): Recorded {
  const style = STYLES[one.style];
  const random = chance(seed);
  const normal = (): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const total = one.bars * style.beats;
  const starts = secondsOfBeats(one, total);
  // Before a pause a beat is as long as the one before it.
  const length = (beat: number): number => Math.min(starts[beat + 1] - starts[beat], beat > 0 ? starts[beat] - starts[beat - 1] : Infinity); // prettier-ignore
  const samples = new Float32Array(Math.ceil((starts[total] + 1.5) * RATE));
  for (let bar = 0; bar < one.bars; bar++)
    for (const [beat, sound, loudness] of style.bar) {
      const whole = bar * style.beats + Math.floor(beat);
      const part = beat % 1 === 0.5 ? (one.swing ?? 0.5) : beat % 1;
      const at = starts[whole] + part * length(whole) + ((one.hand ?? 0) / 1000) * normal();
      add(samples, soundOf(sound), Math.round(at * RATE), loudness * (0.9 + 0.2 * random()));
    }
  const end = starts[total];
  const fade = one.fade ?? 0;
  for (let index = 0; index < samples.length; index++) {
    const left = end - index / RATE;
    const loud = fade === 0 || left > fade ? 1 : Math.max(0, left / fade);
    samples[index] = samples[index] * loud * 0.5 + (one.hiss ?? 0) * (random() * 2 - 1);
  }
  return { rate: RATE, samples, beats: starts.slice(0, total) };
}

function secondsOfBeats({ tempo, lead, pause, change }: Case, total: number): number[] {
  const starts: number[] = [];
  let at = lead;
  for (let beat = 0; beat <= total; beat++) {
    if (pause && beat === pause.afterBeat) at += (pause.beats * 60) / tempo;
    starts.push(at);
    at += 60 / (change && beat >= change.afterBeat ? change.tempo : tempo);
  }
  return starts;
}

function add(into: Float32Array, sound: Float32Array, at: number, loudness: number): void {
  for (let index = Math.max(0, -at); index < sound.length && at + index < into.length; index++)
    into[at + index] += sound[index] * loudness;
}

/** For building the method on. */
export const PRACTICE: readonly Case[] = [
  { style: 'rock', tempo: 118, bars: 16, lead: 0.4 },
  { style: 'rock', tempo: 96, bars: 12, lead: 1.2, hand: 8 },
  { style: 'rock', tempo: 140, bars: 18, lead: 0, swing: 0.6 },
  { style: 'rock', tempo: 72, bars: 10, lead: 0.8 },
  { style: 'twoStep', tempo: 176, bars: 20, lead: 0.6 },
  { style: 'twoStep', tempo: 190, bars: 24, lead: 0.3, hand: 6 },
  { style: 'twoStep', tempo: 112, bars: 14, lead: 0.5 },
  { style: 'shuffleBeat', tempo: 104, bars: 14, lead: 0.7, swing: 0.67 },
  { style: 'shuffleBeat', tempo: 132, bars: 16, lead: 0.2, swing: 0.67, hand: 7 },
  { style: 'waltz', tempo: 88, bars: 16, lead: 0.9 },
  { style: 'waltz', tempo: 104, bars: 20, lead: 0.5, hand: 8 },
  { style: 'chaCha', tempo: 116, bars: 14, lead: 0.6 },
  { style: 'chaCha', tempo: 126, bars: 16, lead: 1.7, hand: 6 },
  { style: 'nightClub', tempo: 64, bars: 9, lead: 0.5 },
  { style: 'nightClub', tempo: 70, bars: 10, lead: 1, hand: 8 },
  { style: 'discoFour', tempo: 122, bars: 16, lead: 0.3 },
  { style: 'rock', tempo: 110, bars: 20, lead: 0.5, pause: { afterBeat: 40, beats: 2.5 } },
  { style: 'twoStep', tempo: 120, bars: 24, lead: 0.5, change: { afterBeat: 48, tempo: 104 } },
  { style: 'chaCha', tempo: 108, bars: 18, lead: 0.4, fade: 8 },
  { style: 'shuffleBeat', tempo: 92, bars: 12, lead: 0.5, swing: 0.64, hiss: 0.02 },
];

/** Kept apart: run once when the method stood, before anything was mended by it. */
export const FIRST_MET: readonly Case[] = [
  { style: 'guitarAlone', tempo: 84, bars: 10, lead: 0.65 },
  { style: 'guitarAlone', tempo: 126, bars: 14, lead: 1.1, hand: 9 },
  { style: 'banjoRoll', tempo: 158, bars: 20, lead: 0.35 },
  { style: 'banjoRoll', tempo: 106, bars: 14, lead: 0.75, hand: 7 },
  { style: 'banjoRoll', tempo: 182, bars: 24, lead: 0.45 },
  { style: 'discoFour', tempo: 128, bars: 16, lead: 0.15, hiss: 0.01 },
  { style: 'discoFour', tempo: 114, bars: 16, lead: 0.55, fade: 6 },
  { style: 'pianoAndBass', tempo: 76, bars: 10, lead: 0.95 },
  { style: 'pianoAndBass', tempo: 100, bars: 12, lead: 0.25, hand: 8, swing: 0.66 },
  { style: 'pianoAndBass', tempo: 136, bars: 16, lead: 0.5 },
  { style: 'softBallad', tempo: 62, bars: 9, lead: 0.8 },
  { style: 'softBallad', tempo: 78, bars: 10, lead: 0.4, hand: 9 },
  { style: 'softBallad', tempo: 90, bars: 12, lead: 0.6, hiss: 0.006 },
  { style: 'reel', tempo: 120, bars: 16, lead: 0.7 },
  { style: 'reel', tempo: 112, bars: 14, lead: 0.3, hand: 8 },
  { style: 'reel', tempo: 168, bars: 20, lead: 0.5 },
  { style: 'rock', tempo: 82, bars: 10, lead: 0.35, hand: 10 },
  { style: 'rock', tempo: 152, bars: 18, lead: 0.9 },
  { style: 'rock', tempo: 124, bars: 20, lead: 0.2, pause: { afterBeat: 48, beats: 1.75 } },
  { style: 'rock', tempo: 101.3, bars: 14, lead: 0.55, fade: 10 },
  { style: 'twoStep', tempo: 164, bars: 20, lead: 0.85, hand: 7 },
  { style: 'twoStep', tempo: 186, bars: 24, lead: 0.2 },
  { style: 'twoStep', tempo: 128, bars: 16, lead: 0.6, hiss: 0.015 },
  { style: 'shuffleBeat', tempo: 118, bars: 14, lead: 0.5, swing: 0.62 },
  { style: 'shuffleBeat', tempo: 144, bars: 18, lead: 0.3, swing: 0.67 },
  { style: 'shuffleBeat', tempo: 86, bars: 10, lead: 0.45, swing: 0.67, hand: 9 },
  { style: 'waltz', tempo: 94, bars: 16, lead: 0.3, fade: 5 },
  { style: 'waltz', tempo: 110, bars: 20, lead: 0.6 },
  { style: 'waltz', tempo: 84, bars: 14, lead: 1.4, hand: 9 },
  { style: 'waltz', tempo: 132, bars: 24, lead: 0.5 },
  { style: 'chaCha', tempo: 120, bars: 24, lead: 0.4, pause: { afterBeat: 64, beats: 4 } },
  { style: 'chaCha', tempo: 111.5, bars: 16, lead: 0.7, hiss: 0.01 },
  { style: 'chaCha', tempo: 130, bars: 16, lead: 0.9, swing: 0.55 },
  { style: 'nightClub', tempo: 60, bars: 8, lead: 0.7 },
  { style: 'nightClub', tempo: 67, bars: 10, lead: 0.25, hand: 7, fade: 5 },
  { style: 'nightClub', tempo: 74, bars: 10, lead: 0.5 },
  { style: 'banjoRoll', tempo: 118, bars: 28, lead: 0.5, change: { afterBeat: 56, tempo: 128 } },
  { style: 'discoFour', tempo: 108, bars: 24, lead: 0.4, change: { afterBeat: 40, tempo: 96 } },
  { style: 'reel', tempo: 104, bars: 20, lead: 0.6, pause: { afterBeat: 32, beats: 3 } },
  { style: 'guitarAlone', tempo: 98, bars: 14, lead: 0.4, swing: 0.66 },
];

/** New styles and new sounds, written when the first forty were mended; run once as well. */
export const SECOND_MET: readonly Case[] = [
  { style: 'stompClap', tempo: 102, bars: 14, lead: 0.4 },
  { style: 'stompClap', tempo: 84, bars: 10, lead: 0.9, hand: 10 },
  { style: 'stompClap', tempo: 138, bars: 18, lead: 0.3, fade: 5 },
  { style: 'trainBeat', tempo: 116, bars: 14, lead: 0.55 },
  { style: 'trainBeat', tempo: 148, bars: 18, lead: 0.7, hand: 6 },
  { style: 'trainBeat', tempo: 94, bars: 12, lead: 0.25, hiss: 0.008 },
  { style: 'tubaWaltz', tempo: 92, bars: 16, lead: 0.5 },
  { style: 'tubaWaltz', tempo: 116, bars: 20, lead: 0.8, hand: 8 },
  { style: 'tubaWaltz', tempo: 148, bars: 24, lead: 0.35 },
  { style: 'polka', tempo: 118, bars: 28, lead: 0.6 },
  { style: 'polka', tempo: 110, bars: 26, lead: 0.3, hand: 7 },
  { style: 'mandolinChop', tempo: 124, bars: 16, lead: 0.45 },
  { style: 'mandolinChop', tempo: 172, bars: 20, lead: 0.65, hand: 6 },
  { style: 'mandolinChop', tempo: 98, bars: 20, lead: 0.5, pause: { afterBeat: 36, beats: 2 } },
  { style: 'slowSwing', tempo: 76, bars: 10, lead: 0.75, swing: 0.67 },
  { style: 'slowSwing', tempo: 108, bars: 14, lead: 0.4, swing: 0.65, hand: 8 },
  { style: 'slowSwing', tempo: 134, bars: 16, lead: 1.3, swing: 0.6 },
  { style: 'trainBeat', tempo: 126, bars: 28, lead: 0.4, change: { afterBeat: 64, tempo: 116 } },
  { style: 'stompClap', tempo: 112, bars: 24, lead: 0.5, change: { afterBeat: 48, tempo: 120 } },
  { style: 'polka', tempo: 124, bars: 30, lead: 0.35, pause: { afterBeat: 30, beats: 1.5 } },
];

/**
 * The house band: plain drums, bass, chords and a tune that play any song map, so that a dance can be tried and shown without
 * anybody's recording. Tunes and chords are the project's own. Everything is computed; the same map sounds the same every time.
 */
import { secondsAt, type Phrase, type PhraseKind, type Song } from '../core';
import type { Sound } from './sound';

const RATE = 22050;
/** Seconds behind the last count, in which it dies away. */
const TAIL = 1.5;
const DEFAULT_TEMPO = 110;
const DEFAULT_INTRO = 16;

interface Playing {
  /** Roots of the chords, four counts each, in half tones from C; a minor chord has `minor`. */
  readonly chords: readonly { readonly root: number; readonly minor?: boolean }[];
  /** Steps of the chord, a tone every two counts; none rests. */
  readonly tune: readonly number[];
  readonly drums: 'none' | 'light' | 'full' | 'fill';
  readonly loudness: number;
}

const C = { root: 0 };
const F = { root: 5 };
const G = { root: 7 };
const AM = { root: 9, minor: true };
const DM = { root: 2, minor: true };
const EM = { root: 4, minor: true };
const B_FLAT = { root: 10 };

const PLAYING: Readonly<Record<PhraseKind, Playing>> = {
  intro: { chords: [C, C, F, G], tune: [], drums: 'light', loudness: 0.7 },
  verse: { chords: [C, AM, F, G], tune: [0, 2, 1, -1, 2, 1, 0, -1], drums: 'light', loudness: 0.8 },
  chorus: { chords: [F, G, C, AM], tune: [2, 2, 3, 2, 1, 1, 2, 0], drums: 'full', loudness: 1 },
  bridge: { chords: [DM, EM, B_FLAT, G], tune: [0, -1, 1, -1, 2, -1, 3, -1], drums: 'none', loudness: 0.7 },
  solo: { chords: [AM, F, C, G], tune: [0, 1, 2, 3, 2, 3, 1, 2], drums: 'full', loudness: 0.9 },
  gap: { chords: [G], tune: [], drums: 'fill', loudness: 0.8 },
  outro: { chords: [C, F, G, C], tune: [0, -1, 0, -1], drums: 'light', loudness: 0.8 },
  other: { chords: [C, G, AM, F], tune: [1, 0, 2, -1], drums: 'light', loudness: 0.85 },
};

/** A song as the band plays it. The first beat stands at `lead` seconds; what has no tempo is played at 110. */
export function playSong(song: Song, lead = 0.5): Sound {
  const own: Song = song.tempo > 0 ? song : { ...song, tempo: DEFAULT_TEMPO };
  const intro = own.intro ?? DEFAULT_INTRO;
  const count = (60 * own.beats) / own.tempo;
  const firstStep = lead + intro * count;
  const second = (at: number): number => firstStep + (at < 0 ? at * count : (secondsAt(own, at) ?? 0));
  const end = second(own.counts);
  const samples = new Float32Array(Math.ceil((end + TAIL) * RATE));
  const opening: Phrase = { label: 'intro', kind: 'intro', start: -intro, counts: intro, line: -1 };
  const still = (at: number): boolean => own.pauses.some(({ after, counts }) => at >= after && at < after + counts);
  // Behind a pause of two and a half counts the beats go on at halves.
  for (const phrase of [opening, ...own.phrases]) playPhrase(samples, phrase, own, second, still);
  const last = own.phrases[own.phrases.length - 1];
  if (last?.kind === 'outro') fadeOut(samples, second(last.start), end);
  level(samples);
  return { rate: RATE, samples };
}

function playPhrase(samples: Float32Array, phrase: Phrase, song: Song, second: (at: number) => number, still: (at: number) => boolean): void {
  const { chords, tune, drums, loudness } = PLAYING[phrase.kind];
  const step = 1 / song.beats;
  let beat = 0;
  for (let at = phrase.start; at < phrase.start + phrase.counts - 1e-6; at += step) {
    const pause = song.pauses.find(({ after, counts }) => at >= after - 1e-6 && at < after + counts - 1e-6);
    if (pause) {
      at = pause.after + pause.counts - step;
      continue;
    }
    const from = Math.round(second(at) * RATE);
    const half = Math.round(second(at + step / 2) * RATE);
    const chord = chords[Math.floor(beat / 4) % chords.length];
    const tones = [0, chord.minor ? 3 : 4, 7, 12].map((tone) => chord.root + tone);
    playDrums(samples, drums, beat, from, still(at + step / 2) ? undefined : half, loudness);
    if (drums !== 'fill') {
      if (beat % 2 === 0) add(samples, bass(chord.root + (beat % 4 === 2 ? 7 : 0) - 24), from, 0.5 * loudness);
      if (drums === 'none' ? beat % 4 === 0 : beat % 2 === 1)
        for (const tone of tones.slice(0, 3)) add(samples, strum(tone), from, 0.13 * loudness);
      const note = tune.length > 0 && beat % 2 === 0 ? tune[(beat / 2) % tune.length] : -1;
      if (note >= 0) add(samples, whistle(tones[note] + 12), from, 0.12 * loudness);
    }
    beat++;
  }
} // prettier-ignore

function playDrums(samples: Float32Array, drums: Playing['drums'], beat: number, from: number, half: number | undefined, loudness: number): void {
  if (drums === 'none') return;
  if (drums === 'fill') {
    add(samples, snare(), from, 0.5 * loudness);
    if (half !== undefined) add(samples, snare(), half, 0.35 * loudness);
    return;
  }
  if (beat % 2 === 0) add(samples, kick(), from, 0.9 * loudness);
  else add(samples, snare(), from, (drums === 'full' ? 0.6 : 0.35) * loudness);
  add(samples, hat(), from, 0.2 * loudness);
  if (drums === 'full' && half !== undefined) add(samples, hat(), half, 0.14 * loudness);
} // prettier-ignore

function add(into: Float32Array, sound: Float32Array, at: number, loudness: number): void {
  const to = Math.min(sound.length, into.length - at);
  for (let index = Math.max(0, -at); index < to; index++) into[at + index] += sound[index] * loudness;
}

function fadeOut(samples: Float32Array, from: number, to: number): void {
  for (let index = Math.round(from * RATE); index < samples.length; index++)
    samples[index] *= Math.max(0, 1 - (index / RATE - from) / Math.max(0.1, to - from));
}

/** Nothing is cut off by being too loud. */
function level(samples: Float32Array): void {
  let most = 0;
  for (const sample of samples) most = Math.max(most, Math.abs(sample));
  if (most > 0) for (let index = 0; index < samples.length; index++) samples[index] *= 0.9 / most;
}

// Instruments: each sound is made once

const made = new Map<string, Float32Array>();

function sound(name: string, seconds: number, at: (second: number, index: number) => number): Float32Array {
  let own = made.get(name);
  if (!own) {
    own = Float32Array.from({ length: Math.round(seconds * RATE) }, (_, index) => at(index / RATE, index));
    made.set(name, own);
  }
  return own;
}

/** Noise that is the same every time: a linear congruential generator (Numerical Recipes, from memory). */
function noise(): () => number {
  let state = 12345;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2147483648 - 1;
  };
}

const hertz = (tone: number): number => 261.63 * 2 ** (tone / 12);

const kick = (): Float32Array =>
  sound('kick', 0.25, (second) => Math.sin(2 * Math.PI * (48 * second + 8 * (1 - Math.exp(-second * 28)) * 0.35)) * Math.exp(-second * 14)); // prettier-ignore

function snare(): Float32Array {
  const next = noise();
  return sound('snare', 0.2, (second) => (next() * 0.8 + 0.3 * Math.sin(2 * Math.PI * 190 * second)) * Math.exp(-second * 24)); // prettier-ignore
}

function hat(): Float32Array {
  const next = noise();
  let before = 0;
  return sound('hat', 0.06, (second) => {
    const now = next();
    const high = now - before;
    before = now;
    return high * Math.exp(-second * 70);
  });
}

const bass = (tone: number): Float32Array =>
  sound(`bass ${tone}`, 0.6, (second) => {
    const turn = 2 * Math.PI * hertz(tone) * second;
    return (Math.sin(turn) + 0.4 * Math.sin(2 * turn) + 0.15 * Math.sin(3 * turn)) * Math.min(1, second * 250) * Math.exp(-second * 5); // prettier-ignore
  });

const strum = (tone: number): Float32Array =>
  sound(`strum ${tone}`, 0.9, (second) => {
    const turn = 2 * Math.PI * hertz(tone) * second;
    return (Math.sin(turn) + 0.5 * Math.sin(2 * turn) + 0.3 * Math.sin(3 * turn)) * Math.min(1, second * 400) * Math.exp(-second * 6); // prettier-ignore
  });

const whistle = (tone: number): Float32Array =>
  sound(`whistle ${tone}`, 0.7, (second) => {
    const turn = 2 * Math.PI * hertz(tone) * second + 0.15 * Math.sin(2 * Math.PI * 5.5 * second);
    return (Math.sin(turn) + 0.2 * Math.sin(3 * turn)) * Math.min(1, second * 40) * Math.min(1, (0.7 - second) * 8);
  });

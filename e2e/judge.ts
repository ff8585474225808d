/** How well beats were found that are known. */
import { least } from '../src/core';
import type { Measured } from '../src/music/measure';
import type { Case } from './recordings';

/**
 * The F-measure of beat tracking: a beat counts as found within 70 ms of one that is known, each once (Davies, Degara and Plumbley 2009,
 * "Evaluation methods for musical audio beat tracking algorithms", section 3.1, from memory).
 */
export function fMeasure(known: readonly number[], found: readonly number[], window = 0.07): number {
  let [hits, at] = [0, 0];
  for (const beat of known) {
    while (at < found.length && found[at] < beat - window) at++;
    if (at < found.length && found[at] <= beat + window) {
      hits++;
      at++;
    }
  }
  return known.length + found.length === 0 ? 0 : (2 * hits) / (known.length + found.length);
}

interface Judgement {
  /** The tempo is the score's, not its half, its double or another. */
  readonly level: boolean;
  readonly octave: boolean;
  /** Of the tempo, at the level found. */
  readonly percent: number;
  /** Seconds from the first known beat to the first found, or to the nearest found where it is an octave off. */
  readonly first: number;
  readonly f: number;
}

export function judged({ tempo, change }: Case, beats: readonly number[], { bpm, beats: found }: Measured): Judgement {
  const known = [tempo, ...(change ? [change.tempo] : [])];
  const off = (times: number): number => least(known.map((one) => Math.abs(bpm / (one * times) - 1)));
  const level = off(1) < 0.04;
  const octave = !level && Math.min(off(2), off(0.5)) < 0.04;
  return {
    level,
    octave,
    percent: 100 * Math.min(off(1), off(2), off(0.5)),
    first: (found[0] ?? Infinity) - beats[0],
    f: fMeasure(beats, found),
  };
}

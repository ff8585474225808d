/** Counts of the dance on the clock of a recording: where each falls, pauses counted through. */
import type { Measured } from './measure';

/** Places whose count and second are both known, in order. Counts are those of the dance, 0 its first step, negative before it. */
export interface Grid {
  readonly counts: readonly number[];
  readonly seconds: readonly number[];
}

/**
 * `firstStep`: the second of count 0; the beat next to it is taken. `beats` of a count: 2 where it is counted at half.
 * Undefined where there are no two beats.
 */
export function gridOf({ beats: seconds, pauses }: Measured, firstStep: number, beats = 1): Grid | undefined {
  if (seconds.length < 2) return undefined;
  const places: number[] = [0];
  for (let index = 1; index < seconds.length; index++) {
    const pause = pauses.find(({ at }) => at > seconds[index - 1] && at <= seconds[index]);
    places.push(places[index - 1] + 1 + (pause?.beats ?? 0));
  }
  // The first step may lie before the first beat that sounds, or within a pause.
  const whole: Grid = { counts: places, seconds };
  const first = Math.round(countAt(whole, firstStep));
  return { counts: places.map((place) => (place - first) / beats), seconds };
}

/** The second at which a count begins; the first and the last beats go on evenly beyond their ends. */
export const secondOf = ({ counts, seconds }: Grid, count: number): number => between(counts, seconds, count);

/** How many counts have gone by, with a fraction. */
export const countAt = ({ counts, seconds }: Grid, second: number): number => between(seconds, counts, second);

function between(from: readonly number[], to: readonly number[], value: number): number {
  let [low, high] = [0, from.length - 1];
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (from[middle] <= value) low = middle;
    else high = middle;
  }
  // Beyond an end several beats tell the pace: one may be a little early.
  const reach = value < from[0] ? Math.min(8, from.length - 1) : value > from[from.length - 1] ? -Math.min(8, from.length - 1) : 0; // prettier-ignore
  const [one, other] = reach > 0 ? [0, reach] : reach < 0 ? [from.length - 1, from.length - 1 + reach] : [low, high];
  return to[one] + ((value - from[one]) * (to[other] - to[one])) / (from[other] - from[one]);
}

/** The same beats at another level: two for each, or every other one, beginning with the first. */
export function atLevel(measured: Measured, times: 0.5 | 2): Measured {
  const { beats, pauses } = measured;
  const gaps = beats.slice(1).map((beat, index) => (pauses.some(({ at }) => at > beats[index] && at <= beat) ? 0 : beat - beats[index])); // prettier-ignore
  const own = times === 2
    ? beats.flatMap((beat, index) => [beat, ...(gaps[index] ? [beat + gaps[index] / 2] : [])])
    : everyOther(beats, gaps); // prettier-ignore
  const bpm = measured.bpm * times;
  return {
    ...measured,
    bpm,
    beats: own,
    firstBeat: own[0],
    pauses: pauses.map((pause) => ({ ...pause, beats: pause.beats * times })),
    changes: measured.changes.map((change) => ({ ...change, bpm: change.bpm * times })),
    others: [bpm / 2, bpm * 2],
  };
}

/** Behind a pause the first beat counts again. */
function everyOther(beats: readonly number[], gaps: readonly number[]): number[] {
  let skip = false;
  return beats.filter((_, index) => {
    const own = index === 0 || gaps[index - 1] === 0 || !skip;
    skip = own;
    return own;
  });
}

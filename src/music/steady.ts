/** Beats drawn straight: a band that keeps its tempo is told by a line, one that does not by its beats; pauses part the lines. */
import { median } from './numbers';

/** Beats at one tempo. */
export interface Stretch {
  /** Seconds. */
  readonly beats: readonly number[];
  /** Seconds from beat to beat. */
  readonly period: number;
}

/** A line keeps its beats within so many seconds (root mean square); one that is split gains at least so much. */
const STRAIGHT = 0.012;
const GAIN = 2;
const FEWEST = 8;

/**
 * `seconds` of beats as they were laid; `begins` tells how much begins at a second.
 * Beats at which nothing begins are a pause where two or more stand together, or where the beats behind go on off their line.
 */
export function steadyStretches(
  seconds: readonly number[],
  begins: (second: number) => number,
): { readonly stretches: Stretch[]; readonly pauses: { readonly at: number; readonly beats: number }[] } {
  const strong = seconds.map(begins);
  const weak = 0.12 * median(strong);
  const parts: [number, number][] = [];
  let from = 0;
  for (let index = 1; index < seconds.length - 1; index++) {
    if (strong[index] >= weak) continue;
    let next = index;
    while (next < seconds.length - 1 && strong[next] < weak) next++;
    if (isPause(seconds, index - 1, next)) {
      parts.push([from, index]);
      from = next;
    }
    index = next;
  }
  parts.push([from, seconds.length]);
  const drawn = parts.map(([start, end]) => straightened(seconds.slice(start, end)));
  const pauses = drawn.slice(1).flatMap((behind, index) => {
    const before = drawn[index];
    lengthen(before, behind, (second) => begins(second) >= weak);
    const { beats: last, period } = before[before.length - 1];
    const beats = Math.round(((behind[0].beats[0] - last[last.length - 1]) / period - 1) * 4) / 4;
    return beats > 0 ? [{ at: last[last.length - 1] + period, beats }] : [];
  });
  return { stretches: drawn.flat(), pauses };
}

/** Beats next to a pause may have been drawn out of their places by it: on the lines of their stretches they are looked for again. */
function lengthen(before: Stretch[], behind: Stretch[], sounds: (second: number) => boolean): void {
  const [last, first] = [before[before.length - 1], behind[0]];
  const end = last.beats[last.beats.length - 1] + last.period;
  if (end < first.beats[0] - last.period / 2 && sounds(end))
    before[before.length - 1] = { ...last, beats: [...last.beats, end] };
  const start = first.beats[0] - first.period;
  if (start > end + last.period / 2 && sounds(start)) behind[0] = { ...first, beats: [start, ...first.beats] };
}

const gapsOf = (seconds: readonly number[]): number[] =>
  seconds.slice(1).map((second, index) => second - seconds[index]);

/** Between two beats that sound: several are missing, or what comes behind is off the line of what was before. */
function isPause(seconds: readonly number[], last: number, next: number): boolean {
  if (next - last > 2) return true;
  const before = gapsOf(seconds.slice(Math.max(0, last - FEWEST), last));
  if (before.length < 3) return false;
  const period = median(before);
  const gap = (seconds[next] - seconds[last]) / period;
  return Math.abs(gap - Math.round(gap)) > 0.12;
}

function straightened(seconds: readonly number[]): Stretch[] {
  const line = lineOf(seconds, 0, seconds.length);
  if (seconds.length < 2 || line.off <= STRAIGHT || seconds.length < 2 * FEWEST) return [stretchOf(seconds, line)];
  let best = { off: Infinity, at: 0 };
  for (let at = FEWEST; at <= seconds.length - FEWEST; at++) {
    const [one, two] = [lineOf(seconds, 0, at), lineOf(seconds, at, seconds.length)];
    const off = Math.sqrt((one.off ** 2 * at + two.off ** 2 * (seconds.length - at)) / seconds.length);
    if (off < best.off) best = { off, at };
  }
  if (best.off * GAIN > line.off) return [stretchOf(seconds, line)];
  return [...straightened(seconds.slice(0, best.at)), ...straightened(seconds.slice(best.at))];
}

function stretchOf(seconds: readonly number[], { start, period, off }: Line): Stretch {
  return {
    period: period || median(gapsOf(seconds)) || 0.5,
    beats: off <= STRAIGHT && seconds.length >= FEWEST ? seconds.map((_, index) => start + index * period) : seconds,
  };
}

interface Line {
  readonly start: number;
  readonly period: number;
  /** Root mean square of what stands beside it, in seconds. */
  readonly off: number;
}

/** Least squares over the beats from `from` to before `to`. */
function lineOf(seconds: readonly number[], from: number, to: number): Line {
  const length = to - from;
  let [sumY, sumXY] = [0, 0];
  for (let index = 0; index < length; index++) {
    sumY += seconds[from + index];
    sumXY += index * seconds[from + index];
  }
  const meanX = (length - 1) / 2;
  const spread = (length * (length * length - 1)) / 12;
  const period = spread === 0 ? 0 : (sumXY - meanX * sumY) / spread;
  const start = sumY / Math.max(1, length) - period * meanX;
  let off = 0;
  for (let index = 0; index < length; index++) off += (seconds[from + index] - start - index * period) ** 2;
  return { start, period, off: Math.sqrt(off / Math.max(1, length)) };
}

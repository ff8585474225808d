/**
 * The beats of a recording: the tempo is followed through it, beats are laid by dynamic programming so that they fall where much begins
 * and keep their distance (Ellis 2007), and each is then moved to the millisecond at which the sound under it begins.
 */
import { greatest } from '../core';
import { median } from './numbers';
import { COARSE, FINE, movingMean } from './onsets';
import { combOf } from './tempo';

/** The tempo is heard in windows of so many seconds, so many apart. */
const WINDOW = 8;
const STEP = 2;
/** How far a song may leave its tempo, as a factor. */
const LEEWAY = 1.3;
/** A change of tempo by a tenth costs so much of what a window can gain. */
const CHANGE = 0.9;
/** How hard beats keep their distance. */
const TIGHTNESS = 150;

/** Periods in coarse values, one for each value of the curve: the tempo followed from window to window (Viterbi). */
export function followTempo(curve: Float32Array, tempo: number): Float32Array {
  const periods = new Float32Array(curve.length);
  const windows = Math.max(1, Math.ceil((curve.length / COARSE - WINDOW) / STEP) + 1);
  let best: { tempo: number; score: number; way: number[] }[] = [];
  for (let index = 0; index < windows; index++) {
    const from = index * STEP * COARSE;
    const scores = combOf(curve.subarray(from, from + WINDOW * COARSE))
      .filter((one) => one.tempo >= tempo / LEEWAY && one.tempo <= tempo * LEEWAY)
      .filter((_, at) => at % 2 === 0);
    const most = greatest(
      scores.map(({ score }) => score),
      1e-9,
    );
    best = scores.map((now) => {
      let found = { score: -Infinity, way: [] as number[] };
      for (const before of best) {
        const score = before.score - CHANGE * 10 * Math.abs(Math.log(now.tempo / before.tempo));
        if (score > found.score) found = { score, way: before.way };
      }
      if (best.length === 0) found = { score: 0, way: [] };
      return { tempo: now.tempo, score: found.score + now.score / most, way: [...found.way, now.tempo] };
    });
  }
  const { way } = best.reduce((a, b) => (b.score > a.score ? b : a), { score: -Infinity, way: [tempo], tempo });
  for (let index = 0; index < curve.length; index++) {
    // A window speaks for its middle.
    const at = Math.min(way.length - 1, Math.max(0, (index / COARSE - WINDOW / 2) / STEP));
    const low = Math.floor(at);
    const next = way[Math.min(low + 1, way.length - 1)];
    periods[index] = (60 * COARSE) / (way[low] + (next - way[low]) * (at - low));
  }
  return periods;
}

/** Places of beats in the curve. `periods`: their distance wherever they are. */
export function layBeats(curve: Float32Array, periods: Float32Array): number[] {
  const smooth = movingMean(curve, 1);
  const spread = Math.sqrt(smooth.reduce((sum, value) => sum + value * value, 0) / Math.max(1, smooth.length));
  const total = new Float32Array(curve.length);
  const from = new Int32Array(curve.length).fill(-1);
  for (let now = 0; now < curve.length; now++) {
    const period = periods[now];
    const nearest = Math.max(1, Math.round(period * 0.6));
    const farthest = Math.round(period * 1.6);
    let best = 0;
    for (let back = nearest; back <= farthest && back <= now; back++) {
      const score = total[now - back] - TIGHTNESS * spread * Math.log(back / period) ** 2;
      if (score > best) {
        best = score;
        from[now] = now - back;
      }
    }
    total[now] = smooth[now] + best;
  }
  // The last beat is the best of the last period or so in which anything is gained.
  let last = curve.length - 1;
  for (
    let at = Math.max(0, curve.length - Math.round((periods[curve.length - 1] ?? 50) * 1.2));
    at < curve.length;
    at++
  )
    if (total[at] > total[last]) last = at;
  const beats: number[] = [];
  for (let at = last; at >= 0; at = from[at]) beats.unshift(at);
  return beats;
}

/** Seconds of the beats, each where its sound begins; where nothing begins near it, it keeps its place between the others. */
export function settleBeats(beats: readonly number[], rises: Float32Array): number[] {
  const coarse = beats.map((beat) => beat / COARSE);
  const far = 0.045;
  const found = coarse.map((second) => strongestRise(rises, second - far, second + far));
  // A line through the nearest sixteen beats: one that is played early stays early by little, one that is guessed is put right.
  const REACH = 8;
  return coarse.map((second, index) => {
    const around = found.slice(Math.max(0, index - REACH), index + REACH + 1);
    const first = Math.max(0, index - REACH);
    const points = around.flatMap((one, at) => (one ? [{ x: first + at - index, y: one.second - coarse[first + at], weight: one.weight }] : [])); // prettier-ignore
    const off = points.length < 3 ? 0 : middleLine(points);
    return second + off;
  });
}

function strongestRise(rises: Float32Array, from: number, to: number): { second: number; weight: number } | undefined {
  let best = -1;
  const last = Math.min(rises.length - 1, Math.round(to * FINE));
  for (let at = Math.max(0, Math.round(from * FINE)); at <= last; at++)
    if (best < 0 || rises[at] > rises[best]) best = at;
  return best >= 0 && rises[best] > 0.5 ? { second: best / FINE, weight: rises[best] } : undefined;
}

/** Where a robust line stands at 0: the middle of what the points say once its slope is taken away (Theil and Sen). */
function middleLine(points: readonly { x: number; y: number; weight: number }[]): number {
  const slopes = points.flatMap((one, index) =>
    points.slice(index + 1).map((other) => (other.y - one.y) / (other.x - one.x)),
  );
  const slope = median(slopes);
  return median(points.map(({ x, y }) => y - slope * x));
}

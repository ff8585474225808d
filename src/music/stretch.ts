/**
 * A recording slower or faster at its own pitch: pieces of it laid over one another further apart or closer than they were, each taken
 * where it goes on best from the one before (WSOLA, Verhelst and Roelands 1993, from memory).
 */
import type { Sound } from './sound';

/** Seconds of a piece; half of it lies over the next. A piece may be taken earlier or later by so much. */
const PIECE = 0.06;
const LEEWAY = 0.012;

/** `share`: of the tempo, 0.5 is half as fast. What stands at a second stands at that second divided by `share`, but for the leeway. */
export function stretched({ rate, samples }: Sound, share: number): Sound {
  if (Math.abs(share - 1) < 1e-6) return { rate, samples };
  const half = Math.round((PIECE / 2) * rate);
  const reach = Math.round(LEEWAY * rate);
  const length = Math.floor(samples.length / share);
  const out = new Float32Array(length + 2 * half);
  const window = Float32Array.from({ length: 2 * half }, (_, index) => 0.5 - 0.5 * Math.cos((Math.PI * (index + 0.5)) / half));
  let taken = 0;
  for (let at = 0; at < length; at += half) {
    const wanted = Math.round(at * share);
    // What would follow the piece before if nothing were changed.
    const follows = taken + half;
    taken = at === 0 ? 0 : bestStart(samples, wanted, follows, half, reach);
    for (let index = 0; index < 2 * half; index++) out[at + index] += (samples[taken + index] ?? 0) * window[index];
  }
  return { rate, samples: out.slice(0, length) };
} // prettier-ignore

/** The start near `wanted` whose first half is most like what follows; every other sample tells enough. */
function bestStart(samples: Float32Array, wanted: number, follows: number, half: number, reach: number): number {
  let best = wanted;
  let most = -Infinity;
  for (let start = Math.max(0, wanted - reach); start <= wanted + reach; start += 2) {
    let [likeness, energy] = [0, 1e-9];
    for (let index = 0; index < half; index += 4) {
      const own = samples[start + index] ?? 0;
      likeness += own * (samples[follows + index] ?? 0);
      energy += own * own;
    }
    const score = likeness / Math.sqrt(energy);
    if (score > most) {
      most = score;
      best = start;
    }
  }
  return best;
}

/** Clicks on beats, as a sound of the recording's length: begun with it, they fall where the beats are. */
import type { Sound } from './sound';

const RATE = 22050;
const LENGTH = 0.03;

/** A higher click for the first count of an eight. The attack stands on the beat's sample. */
export function clickTrack(beats: readonly { readonly second: number; readonly first: boolean }[], seconds: number): { rate: number; samples: Float32Array<ArrayBuffer> } {
  const samples = new Float32Array(Math.ceil(seconds * RATE));
  for (const { second, first } of beats) {
    const from = Math.round(second * RATE);
    const pitch = first ? 1600 : 1000;
    for (let index = 0; index < LENGTH * RATE; index++) {
      const at = from + index;
      if (at < 0 || at >= samples.length) continue;
      const own = index / RATE;
      samples[at] += 0.6 * Math.cos(2 * Math.PI * pitch * own) * Math.exp(-own * 160);
    }
  }
  return { rate: RATE, samples } satisfies Sound;
} // prettier-ignore

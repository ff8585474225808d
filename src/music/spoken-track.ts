/** Clicks and words laid into one sound, each on its sample: played as it is, no timer decides when a word is said. */
import { clickTrack } from './clicks';

export interface TrackOrder {
  readonly seconds: number;
  readonly clicks: readonly { readonly second: number; readonly first: boolean }[];
  /** `until`: a word that has to be over by then is said a little earlier where it is long. */
  readonly words: readonly { readonly second: number; readonly words: string }[];
}

/** How loud the clicks are beside words. */
const CLICK = 0.5;

/** `clipOf`: a word at the track's rate, from its first sound on; undefined where nobody has it. */
export function spokenTrack({ seconds, clicks, words }: TrackOrder, clipOf: (word: string) => Float32Array | undefined): { rate: number; samples: Float32Array<ArrayBuffer> } {
  const { rate, samples } = clickTrack(clicks, seconds);
  for (let index = 0; index < samples.length; index++) samples[index] *= CLICK;
  for (const { second, words: said } of words) {
    let at = Math.round(second * rate);
    for (const word of said.toLowerCase().split(/[^\p{L}]+/u)) {
      const clip = clipOf(word);
      if (!clip) continue;
      for (let index = 0; index < clip.length && at + index < samples.length; index++)
        if (at + index >= 0) samples[at + index] = Math.max(-1, Math.min(1, samples[at + index] + clip[index]));
      // The next word begins where this one has nearly ended.
      at += Math.round(clip.length * 0.92);
    }
  }
  return { rate, samples };
} // prettier-ignore

/** At another rate, straight between samples. */
export function resampled(samples: Float32Array, from: number, to: number): Float32Array {
  return Float32Array.from({ length: Math.floor((samples.length * to) / from) }, (_, index) => {
    const at = (index * from) / to;
    const whole = Math.floor(at);
    return samples[whole] + ((samples[whole + 1] ?? 0) - samples[whole]) * (at - whole);
  });
}

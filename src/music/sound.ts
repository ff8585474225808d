/** A recording as numbers, one channel; and what is heard of its loudness. */

export interface Sound {
  /** Samples a second. */
  readonly rate: number;
  /** From -1 to 1. */
  readonly samples: Float32Array;
}

/** What is measured needs no more; a finer recording is averaged down by whole numbers. */
const ENOUGH_RATE = 22050;

export const secondsOf = ({ rate, samples }: Sound): number => samples.length / rate;

/** Channels laid together, at a rate that is enough for measuring. Frames without a number are silence. */
export function oneChannel(channels: readonly Float32Array[], rate: number): Sound {
  const by = Math.max(1, Math.floor(rate / ENOUGH_RATE));
  const length = Math.floor((channels[0]?.length ?? 0) / by);
  const samples = new Float32Array(length);
  const share = 1 / (by * channels.length);
  for (const channel of channels)
    for (let index = 0, at = 0; index < length; index++) {
      let sum = 0;
      for (let step = 0; step < by; step++) sum += channel[at++];
      samples[index] += Number.isFinite(sum) ? sum * share : 0;
    }
  return { rate: rate / by, samples };
}

/** Lowest and highest of each of so many stretches, for drawing: -1 to 1, as `[low, high, low, high, ...]`. */
export function peaksOf({ samples }: Sound, stretches: number): Float32Array {
  const peaks = new Float32Array(stretches * 2);
  for (let index = 0; index < stretches; index++) {
    const to = Math.floor(((index + 1) * samples.length) / stretches);
    let [low, high] = [0, 0];
    for (let at = Math.floor((index * samples.length) / stretches); at < to; at++) {
      const value = samples[at];
      if (value < low) low = value;
      else if (value > high) high = value;
    }
    peaks[index * 2] = low;
    peaks[index * 2 + 1] = high;
  }
  return peaks;
}

/** Root mean square of stretches of `step` seconds. */
export function loudnessOf({ rate, samples }: Sound, step: number): Float32Array {
  const length = Math.max(1, step * rate);
  const loud = new Float32Array(Math.ceil(samples.length / length));
  for (let index = 0; index < loud.length; index++) {
    let sum = 0;
    // Whole samples a stretch would run away from the clock.
    const [from, to] = [Math.round(index * length), Math.min(samples.length, Math.round((index + 1) * length))];
    for (let at = from; at < to; at++) sum += samples[at] * samples[at];
    loud[index] = Math.sqrt(sum / Math.max(1, to - from));
  }
  return loud;
}

/**
 * Where something begins to sound. Two curves: a coarse one over the spectrum, in which every instrument shows (spectral flux with
 * compressed magnitudes in bands of equal musical width, after Böck and Widmer 2013), and a fine one over time alone, that tells to a
 * millisecond when it begins.
 */
import FFT from 'fft.js';
import type { Sound } from './sound';

/** Values a second of the coarse curve, and of the fine one. */
export const COARSE = 100;
export const FINE = 1000;

const WINDOW = 1024;
/** The spectrum is compared with the one so many values before: the windows then overlap by little enough to differ. */
const BACK = 2;
const BANDS = 32;
const LOWEST = 40;
const HIGHEST = 9000;
const COMPRESSION = 500;

export interface Onsets {
  /** How much begins, at each hundredth of a second; about 1 on average, freed of slow changes of loudness. */
  readonly all: Float32Array;
  /** The same of what is low (kick, bass): below 200 Hz. */
  readonly low: Float32Array;
}

/** `tell` hears the share that is done, from 0 to 1. */
export function onsetsOf({ rate, samples }: Sound, tell: (share: number) => void = () => undefined): Onsets {
  const hop = rate / COARSE;
  const frames = Math.max(0, Math.floor(samples.length / hop));
  const fft = new FFT(WINDOW);
  const frame = new Float64Array(WINDOW);
  const spectrum = new Float64Array(WINDOW * 2);
  const hann = Float64Array.from(
    { length: WINDOW },
    (_, index) => 0.5 - 0.5 * Math.cos((2 * Math.PI * index) / WINDOW),
  );
  const edges = bandEdges(rate);
  const lowBands = edges.filter((edge) => (edge * rate) / WINDOW < 200).length - 1;
  const past: Float32Array[] = Array.from({ length: BACK }, () => new Float32Array(BANDS));
  const all = new Float32Array(frames);
  const low = new Float32Array(frames);
  for (let index = 0; index < frames; index++) {
    // The window's middle stands at the time that the value is for.
    const from = Math.round(index * hop) - WINDOW / 2;
    for (let at = 0; at < WINDOW; at++) frame[at] = (samples[from + at] ?? 0) * hann[at];
    fft.realTransform(spectrum, frame);
    const before = past[index % BACK];
    for (let band = 0; band < BANDS; band++) {
      let power = 0;
      for (let bin = edges[band]; bin < edges[band + 1]; bin++)
        power += spectrum[bin * 2] ** 2 + spectrum[bin * 2 + 1] ** 2;
      const now = Math.log1p((COMPRESSION * Math.sqrt(power / (edges[band + 1] - edges[band]))) / WINDOW);
      const rise = Math.max(0, now - before[band]);
      if (index >= BACK) {
        all[index] += rise;
        if (band < lowBands) low[index] += rise;
      }
      before[band] = now;
    }
    if (index % 2000 === 0) tell(index / frames);
  }
  return { all: evened(all), low: evened(low) };
}

/** First bins of bands of equal width in tones, each at least one bin wide; one more than there are bands. */
function bandEdges(rate: number): number[] {
  const highest = Math.min(HIGHEST, rate * 0.45);
  const edges: number[] = [];
  for (let band = 0; band <= BANDS; band++) {
    const bin = Math.round((LOWEST * (highest / LOWEST) ** (band / BANDS) * WINDOW) / rate);
    edges.push(Math.max(bin, (edges[band - 1] ?? 0) + 1));
  }
  return edges;
}

/** What stands out of its surroundings (half a second to each side), as a share of what usually stands out around it. */
function evened(curve: Float32Array): Float32Array {
  const around = movingMean(curve, COARSE / 2);
  const out = curve.map((value, index) => Math.max(0, value - around[index]));
  const usual = movingMean(out, COARSE * 6);
  const floor = 0.05 * (usual.reduce((sum, value) => sum + value, 0) / Math.max(1, usual.length)) + 1e-6;
  return out.map((value, index) => value / (usual[index] + floor));
}

/** Over `reach` values to each side. */
export function movingMean(curve: Float32Array, reach: number): Float32Array {
  const sums = new Float64Array(curve.length + 1);
  for (let index = 0; index < curve.length; index++) sums[index + 1] = sums[index] + curve[index];
  return curve.map((_, index) => {
    const from = Math.max(0, index - reach);
    const to = Math.min(curve.length, index + reach + 1);
    return (sums[to] - sums[from]) / (to - from);
  });
}

/**
 * How much louder each millisecond is than the hundredth of a second before it, as a logarithm; differences of neighbouring samples
 * stand for the sound, so that an attack shows and a hum does not. 0 where nothing rises.
 */
export function risesOf({ rate, samples }: Sound): Float32Array {
  const step = rate / FINE;
  const length = Math.floor(samples.length / step);
  const energy = new Float64Array(length);
  let total = 0;
  for (let index = 0; index < length; index++) {
    let sum = 0;
    const to = Math.floor((index + 1) * step);
    for (let at = Math.max(1, Math.floor(index * step)); at < to; at++)
      sum += (samples[at] - 0.8 * samples[at - 1]) ** 2;
    energy[index] = sum;
    total += sum;
  }
  // What is a ten-thousandth of the usual loudness begins nothing.
  const floor = (total / Math.max(1, length)) * 1e-3 + 1e-12;
  const rises = new Float32Array(length);
  let before = 0;
  const REACH = 12;
  for (let index = 0; index < length; index++) {
    const now = (energy[index] + (energy[index + 1] ?? 0) + (energy[index + 2] ?? 0)) / 3;
    rises[index] = Math.max(0, Math.log((now + floor) / (before / REACH + floor)));
    before += energy[index] - (energy[index - REACH] ?? 0);
  }
  return rises;
}

/**
 * The tempo of a stretch of onsets: their autocorrelation, summed over the multiples of each period (a comb, after Scheirer 1998 and
 * Davies and Plumbley 2007), weighed by how usual the tempo is.
 */
import { COARSE } from './onsets';

/** Beats a minute that are looked for. */
export const SLOWEST = 45;
export const FASTEST = 215;
/** The most usual tempo, and how fast the others become rare, in octaves. From memory; common practice for the dance (handbook 3.7 names 60 to 200). */
const USUAL = 112;
const SPREAD = 0.75;
const TEETH = 4;

export interface TempoGuess {
  /** Beats a minute. */
  readonly tempo: number;
  /** Of all guesses together 1. */
  readonly weight: number;
}

/** Autocorrelation at lags from 0 to `most`, each by the number of its products; at 0 it is 1. */
export function selfLikeness(curve: Float32Array, most: number): Float32Array {
  const mean = curve.reduce((sum, value) => sum + value, 0) / Math.max(1, curve.length);
  const out = new Float32Array(most + 1);
  for (let lag = 0; lag <= most && lag < curve.length; lag++) {
    let sum = 0;
    for (let index = lag; index < curve.length; index++) sum += (curve[index] - mean) * (curve[index - lag] - mean);
    out[lag] = sum / (curve.length - lag);
  }
  const whole = out[0] || 1;
  return out.map((value) => value / whole);
}

const at = (curve: Float32Array, place: number): number => {
  const whole = Math.floor(place);
  if (whole + 1 >= curve.length) return 0;
  return curve[whole] + (curve[whole + 1] - curve[whole]) * (place - whole);
};

const usualness = (tempo: number): number => Math.exp(-0.5 * (Math.log2(tempo / USUAL) / SPREAD) ** 2);

/** Scores of periods, in values of the curve: one every hundredth of an octave or so. */
export function combOf(curve: Float32Array): { readonly tempo: number; readonly score: number }[] {
  const longest = Math.ceil(((60 * COARSE) / SLOWEST) * TEETH) + 2;
  const likeness = selfLikeness(curve, Math.min(longest, curve.length - 1));
  const scores: { tempo: number; score: number }[] = [];
  for (let tempo = SLOWEST; tempo <= FASTEST; tempo *= 1.004) {
    const period = (60 * COARSE) / tempo;
    let sum = 0;
    for (let tooth = 1; tooth <= TEETH; tooth++) sum += at(likeness, period * tooth);
    // A tooth where nothing returns tells against the period.
    scores.push({ tempo, score: Math.max(0, sum / TEETH) });
  }
  return scores;
}

/** The likeliest tempi, the likeliest first; none where nothing returns. */
export function guessTempo(curve: Float32Array): TempoGuess[] {
  const weighed = combOf(curve).map(({ tempo, score }) => ({ tempo, weight: score * usualness(tempo) }));
  const tops = weighed.filter(
    ({ weight }, index) =>
      weight > 0 && weight >= (weighed[index - 1]?.weight ?? 0) && weight > (weighed[index + 1]?.weight ?? 0),
  );
  const all = tops.reduce((sum, { weight }) => sum + weight, 0);
  return tops.map(({ tempo, weight }) => ({ tempo, weight: weight / all })).sort((a, b) => b.weight - a.weight);
}

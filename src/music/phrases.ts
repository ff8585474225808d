/**
 * Phrases proposed from how a recording sounds: harmony (twelve tones) and loudness of every count, how much what comes differs from
 * what was (along the diagonals of self-likeness, after Foote 2000), and the lengths that songs like, weighed against
 * each other by dynamic programming. What sounds alike gets one name; what they are called is a guess to be put right.
 */
import FFT from 'fft.js';
import { greatest, type Unit } from '../core';
import { gridOf, secondOf, type Grid } from './grid';
import type { Measured } from './measure';
import { distance } from './numbers';
import { loudnessOf, type Sound } from './sound';
import { stillOf, type Still } from './still';

export interface ProposedPhrase {
  readonly label: string;
  readonly counts: number;
}

export interface ProposedPhrases {
  /** From the first step to the end of the music. */
  readonly phrases: readonly ProposedPhrase[];
  /** False where nothing tells the phrases apart: they are plain lines then. */
  readonly heard: boolean;
}

const WINDOW = 4096;
const TONES = 12;
/** How much loudness tells beside harmony. */
const LOUD = 2;
/** What songs like, by the counts they are told in: eights, or the sixes of a waltz. */
interface Custom {
  /** A line of verse. */
  readonly line: number;
  /** Counts to each side that are compared at a border: a round of chords. */
  readonly round: number;
  /** What a length costs beside the difference that its border shows (1 where it is clear); others are not proposed. */
  readonly lengths: ReadonlyMap<number, number>;
  /** The longest of them, with a pause in it. */
  readonly longest: number;
}

/** `odd`: the counts that songs surprise with, told as a gap behind the phrase. */
const customOf = (unit: Unit, line: number, odd: readonly number[]): Custom => ({
  line,
  round: line / 2,
  lengths: new Map([
    ...odd.flatMap((more): [number, number][] => [[line + more, 0.45], [line / 2 + more, 0.7]]),
    [line / 4, 0.7],
    [(line * 3) / 4, 0.7],
    [(line * 5) / 4, 0.7],
    [(line * 3) / 2, 0.5],
    [line / 2, 0.25],
    [line * 2, 0.35],
    [line, 0],
  ]),
  longest: 2 * line + 2 * unit,
}); // prettier-ignore

const CUSTOMS: Readonly<Record<Unit, Custom>> = { 8: customOf(8, 32, [2, 4]), 6: customOf(6, 48, [3, 6]) };

/** Differences that stand out so little tell nothing. */
const CLEAR = 0.12;
const ALIKE = 0.93;

/** What a recording says about its phrases, once its beats are known and where the dance begins (seconds). */
export function phrasesHeard(
  sound: Sound,
  heard: Measured,
  firstStep: number,
  beats: number,
  unit: Unit = 8,
): ProposedPhrases {
  const grid = gridOf(heard, firstStep, beats);
  if (!grid) return { phrases: [], heard: false };
  const end = secondOf(grid, grid.counts[grid.counts.length - 1] + 1 / beats);
  return proposePhrases(sound, grid, end, stillOf(heard, grid, beats), unit);
}

/** `end`: the second at which the music is over. What stands still takes counts of the grid and none of a phrase. */
function proposePhrases(sound: Sound, grid: Grid, end: number, pauses: readonly Still[], unit: Unit): ProposedPhrases {
  const custom = CUSTOMS[unit];
  let counts = 0;
  while (counts < 2000 && secondOf(grid, counts + 1) <= end + 0.1) counts++;
  if (counts < custom.line) return { phrases: counts > 0 ? [{ label: 'verse', counts }] : [], heard: false };
  const seconds = Array.from({ length: counts + 1 }, (_, count) => secondOf(grid, count));
  const heard = countsHeard(sound, seconds);
  const news = differences(heard, custom.round);
  const clearest = greatest(news);
  if (clearest < CLEAR) return { phrases: plainLines(counts, custom.line), heard: false };
  const played = playedCounts(counts, pauses);
  const borders = bestBorders(sharpened(news, custom), played, custom);
  return { phrases: named(borders, heard, played, { unit, custom }), heard: true };
}

function plainLines(counts: number, line: number): ProposedPhrase[] {
  const lines = Array.from({ length: Math.floor(counts / line) }, (_, index) => ({ label: `part ${index + 1}`, counts: line }));
  return counts % line > 0 ? [...lines, { label: 'end', counts: counts % line }] : lines;
} // prettier-ignore

/** Harmony of each count, of length 1, and its loudness behind it. */
function countsHeard({ rate, samples }: Sound, seconds: readonly number[]): Float32Array[] {
  const fft = new FFT(WINDOW);
  const frame = new Float64Array(WINDOW);
  const spectrum = new Float64Array(WINDOW * 2);
  const tones = toneOfBins(rate);
  const loud = loudnessOf({ rate, samples }, 0.01);
  const most = greatest(loud, 1e-9);
  return seconds.slice(1).map((to, index) => {
    const out = new Float32Array(TONES + 1);
    const from = seconds[index];
    // Two windows a count, behind the attack.
    for (const part of [0.35, 0.8]) {
      const first = Math.round((from + (to - from) * part) * rate) - WINDOW / 2;
      for (let at = 0; at < WINDOW; at++)
        frame[at] = (samples[first + at] ?? 0) * (0.5 - 0.5 * Math.cos((2 * Math.PI * at) / WINDOW));
      fft.realTransform(spectrum, frame);
      for (let bin = 1; bin < tones.length; bin++)
        if (tones[bin] >= 0) out[tones[bin]] += Math.hypot(spectrum[bin * 2], spectrum[bin * 2 + 1]);
    }
    const length = Math.sqrt(out.reduce((sum, value) => sum + value * value, 0)) || 1;
    for (let tone = 0; tone < TONES; tone++) out[tone] /= length;
    let sum = 0;
    const [start, stop] = [Math.round(from * 100), Math.max(Math.round(from * 100) + 1, Math.round(to * 100))];
    for (let at = start; at < stop; at++) sum += loud[at] ?? 0;
    out[TONES] = (LOUD * sum) / (stop - start) / most;
    return out;
  });
}

/** The tone of the scale that each bin belongs to; -1 for what is too low or too high to be one. */
function toneOfBins(rate: number): Int8Array {
  return Int8Array.from({ length: WINDOW / 2 }, (_, bin) => {
    const hertz = (bin * rate) / WINDOW;
    return hertz < 60 || hertz > 2200 ? -1 : (((Math.round(12 * Math.log2(hertz / 261.63)) % TONES) + TONES) % TONES);
  });
} // prettier-ignore

/**
 * How unlike the counts of a round from each count on are to those before them, place by place: within a phrase the chords go round
 * and come back. 0 at its beginning and its end, where a shorter stretch would hold less than a round of chords.
 */
function differences(heard: readonly Float32Array[], round: number): number[] {
  return heard.map((_, count) => {
    if (count < round || count + round > heard.length) return 0;
    let sum = 0;
    for (let index = 0; index < round; index++) {
      sum += distance(heard[count - round + index], heard[count + index]);
    }
    return sum / round;
  });
}

/**
 * A border is where the difference is greatest of its surroundings: beside it, it counts for little. 1 is what the borders of this
 * song usually show, as many of them as there are lines.
 */
function sharpened(news: readonly number[], { line }: Custom): number[] {
  const tops = news.map((value, at) => (value >= greatest(news.slice(Math.max(0, at - 7), at + 8)) ? value : 0));
  const clear = tops.toSorted((a, b) => b - a).slice(0, Math.max(2, Math.round(news.length / line)));
  const usual = clear[clear.length >> 1] || 1;
  return news.map((value, at) => Math.min(1.2, value / usual) * (tops[at] > 0 ? 1 : 0.35));
}

function middle(several: readonly Float32Array[]): number[] {
  const sum = Array.from({ length: TONES + 1 }, () => 0);
  for (const one of several) for (let index = 0; index < sum.length; index++) sum[index] += one[index];
  return sum.map((value) => value / several.length);
}

/** How many counts have been played before each count. */
function playedCounts(counts: number, pauses: readonly Still[]): number[] {
  return Array.from({ length: counts + 1 }, (_, count) => {
    const still = pauses.reduce((sum, { after, counts: own }) => sum + Math.max(0, Math.min(own, count - after)), 0);
    return count - still;
  });
}

/** Counts at which phrases begin, 0 first, and the end: the most told by their borders for the least unusual lengths. */
function bestBorders(news: readonly number[], played: readonly number[], { line, lengths, longest }: Custom): number[] {
  const counts = played.length - 1;
  const best = Array.from({ length: counts + 1 }, () => -Infinity);
  const from = Array.from({ length: counts + 1 }, () => 0);
  best[0] = 0;
  // Every border costs: without one there are as many as there are eights.
  const BORDER = 0.35;
  for (let to = 1; to <= counts; to++)
    for (let length = 2; length <= longest && length <= to; length++) {
      // What is left at the end may be of any length under a line.
      const cost =
        lengths.get(Math.round(played[to] - played[to - length])) ?? (to === counts && length < line ? 0.6 : undefined);
      if (cost === undefined) continue;
      const score = best[to - length] + (news[to] ?? 0) - cost - BORDER;
      if (score > best[to]) {
        best[to] = score;
        from[to] = to - length;
      }
    }
  const borders = [counts];
  while (borders[0] > 0) borders.unshift(from[borders[0]]);
  return borders;
}

/** What sounds alike has one name; the loudest that returns is the chorus. */
function named(
  borders: readonly number[],
  heard: readonly Float32Array[],
  played: readonly number[],
  { unit, custom }: { readonly unit: Unit; readonly custom: Custom },
): ProposedPhrase[] {
  const spans = borders.slice(1).map((to, index) => ({ counts: Math.round(played[to] - played[borders[index]]), own: middle(heard.slice(borders[index], to)) })); // prettier-ignore
  const kinds: { own: number[]; times: number; loud: number }[] = [];
  const kindOf = spans.map(({ own }) => {
    const found = kinds.find((kind) => likeness(kind.own, own) > ALIKE);
    if (found) found.times++;
    else kinds.push({ own, times: 1, loud: own[TONES] });
    return found ?? kinds[kinds.length - 1];
  });
  const returning = kinds.filter(({ times }) => times > 1);
  const chorus = returning.reduce((best, kind) => (kind.loud > (best?.loud ?? 0) ? kind : best), returning[0]);
  let [verses, bridges] = [0, 0];
  return spans.flatMap(({ counts }, index) => {
    const kind = kindOf[index];
    const isLast = index === spans.length - 1;
    const label = (): string => {
      if (kind === chorus) return 'chorus';
      if (isLast) return counts < unit ? 'end' : 'outro';
      if (kind.times > 1 || index === 0) return `verse ${++verses}`;
      return ++bridges > 1 ? `bridge ${bridges}` : 'bridge';
    };
    const odd = isLast || !custom.lengths.has(counts) ? 0 : counts % (custom.line / 4);
    return [{ label: label(), counts: counts - odd }, ...(odd > 0 ? [{ label: 'gap', counts: odd }] : [])];
  });
}

/** Harmony and loudness together, 1 for the same. */
const likeness = (one: readonly number[], other: readonly number[]): number => 1 - distance(one, other);

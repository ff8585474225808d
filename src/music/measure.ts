/** What is measured on a recording: its tempo, its beats, where it stands still or changes, and how sure all that is. */
import { followTempo, layBeats, settleBeats } from './beats';
import { mean, median } from './numbers';
import { COARSE, onsetsOf, risesOf, type Onsets } from './onsets';
import { loudnessOf, secondsOf, type Sound } from './sound';
import { steadyStretches, type Stretch } from './steady';
import { FASTEST, guessTempo, SLOWEST } from './tempo';

export interface Measured {
  /** Beats a minute, of most of the recording. 0 where no beat is heard. */
  readonly bpm: number;
  /** Seconds. */
  readonly firstBeat: number;
  /** Seconds of every beat that sounds. */
  readonly beats: readonly number[];
  /** From 0, nothing that returns, to 1. Below `UNSURE` (`sureness.ts`) it is no more than a guess. */
  readonly confidence: number;
  /** From when on it is faster or slower, in seconds and beats a minute. */
  readonly changes: readonly { readonly at: number; readonly bpm: number }[];
  /** Where it stands still: the second at which the first beat is missing, and how many beats are. */
  readonly pauses: readonly { readonly at: number; readonly beats: number }[];
  /** The same beats counted at half or double: what to choose where the dancers count otherwise. */
  readonly others: readonly number[];
  /** Of the recording. */
  readonly seconds: number;
}

/** Shorter ones have too few beats. */
const SHORTEST = 4;

const NOTHING = { bpm: 0, firstBeat: 0, beats: [], confidence: 0, changes: [], pauses: [], others: [] } as const;

/**
 * `tempo`: where somebody says how fast it is; then only the beats are looked for. `tell` hears the share that is done.
 */
export function measure(sound: Sound, tempo?: number, tell: (share: number) => void = () => undefined): Measured {
  const seconds = secondsOf(sound);
  if (seconds < SHORTEST) return { ...NOTHING, seconds };
  const onsets = onsetsOf(sound, (share) => tell(share * 0.6));
  const guesses = tempo === undefined ? candidates(onsets) : [{ tempo, weight: 1 }];
  if (guesses.length === 0) return { ...NOTHING, seconds };
  const loud = loudnessOf(sound, 1 / COARSE);
  const tried = guesses.map((guess, index) => {
    tell(0.6 + (0.3 * index) / guesses.length);
    const coarse = trimmed(layBeats(onsets.all, followTempo(onsets.all, guess.tempo)), onsets.all, loud);
    return { coarse, weight: guess.weight * filled(coarse, onsets.all) * lowFit(coarse, onsets.low, guess.tempo) };
  });
  const { coarse } = tried.reduce((best, one) => (one.weight > best.weight ? one : best));
  if (coarse.length < 4) return { ...NOTHING, seconds };
  const { stretches, pauses } = steadyStretches(settleBeats(coarse, risesOf(sound)), (second) => {
    const at = Math.round(second * COARSE);
    // What dies away begins now and then, as it seems; it is not loud.
    const heard = peakAt(loud, at + 4) > 0.12 * median([...loud.subarray(Math.max(0, at - 400), at + 400)]);
    return heard ? peakAt(onsets.all, at) : 0;
  });
  tell(1);
  return { ...told(stretches, pauses), confidence: sureness(coarse, onsets.all), seconds };
}

function told(stretches: readonly Stretch[], pauses: Measured['pauses']): Omit<Measured, 'confidence' | 'seconds'> {
  const longest = stretches.reduce((best, one) => (one.beats.length > best.beats.length ? one : best));
  const bpm = rounded(60 / longest.period);
  const changes: { at: number; bpm: number }[] = [];
  let now = 60 / stretches[0].period;
  for (const { beats, period } of stretches.slice(1))
    if (Math.abs(60 / period / now - 1) > 0.015) changes.push({ at: beats[0], bpm: rounded((now = 60 / period)) });
  const beats = stretches.flatMap((stretch) => stretch.beats);
  return {
    bpm,
    firstBeat: beats[0],
    beats,
    changes,
    pauses,
    others: [bpm / 2, bpm * 2].filter((other) => other >= SLOWEST * 0.6 && other <= FASTEST * 1.2).map(rounded),
  };
}

const rounded = (bpm: number): number => Math.round(bpm * 100) / 100;

/** The likeliest tempo with its octaves, and what is nearly as likely. */
function candidates({ all }: Onsets): { tempo: number; weight: number }[] {
  const guesses = guessTempo(all);
  const [best] = guesses;
  if (!best) return [];
  const isLevel = (tempo: number): boolean =>
    [0.5, 1, 2].some((times) => Math.abs(Math.log(tempo / best.tempo / times)) < 0.03);
  return guesses.filter(({ tempo, weight }, index) => index < 6 && (isLevel(tempo) || weight > best.weight * 0.6));
}

const peakAt = (curve: Float32Array, at: number, reach = 3): number => {
  let most = 0;
  for (let index = at - reach; index <= at + reach; index++) most = Math.max(most, curve[index] ?? 0);
  return most;
};

/** Beats before the music and behind it are none. One that stands at the very beginning, where nothing can rise, is one. */
function trimmed(beats: readonly number[], curve: Float32Array, loud: Float32Array): number[] {
  const usual = median([...loud]);
  const sounds = (beat: number): boolean => {
    let most = 0;
    for (let at = beat; at < beat + 12; at++) most = Math.max(most, loud[at] ?? 0);
    return most > 0.03 * usual;
  };
  const strengths = beats.map((beat) => peakAt(curve, beat));
  const enough = 0.2 * median(strengths);
  const first = beats.findIndex((beat, index) => sounds(beat) && strengths[index] > enough);
  const last = beats.findLastIndex((_, index) => strengths[index] > enough);
  const own = first < 0 ? [] : beats.slice(first, last + 1);
  const period = own.length > 8 ? (own[8] - own[0]) / 8 : 0;
  if (period > 0 && own[0] - period > -4 && own[0] - period < 4 && sounds(Math.max(0, Math.round(own[0] - period))))
    own.unshift(Math.max(0, Math.round(own[0] - period)));
  return own;
}

/** The share of places at which something begins, beside the loud ones among `beats`. */
function shareOf(places: readonly number[], beats: readonly number[], curve: Float32Array, least: number): number {
  const loudest =
    beats.map((beat) => peakAt(curve, beat)).toSorted((a, b) => a - b)[Math.floor(beats.length * 0.9)] ?? 0;
  const begun = places.filter((place) => peakAt(curve, place) > least * loudest);
  return begun.length / Math.max(1, places.length);
}

/** A level at which nothing begins on every other beat is none. */
const filled = (beats: readonly number[], curve: Float32Array): number => shareOf(beats, beats, curve, 0.03);

/**
 * What is low tells the level: kick and bass stand on every second beat or so. Low sounds on every beat of a slow tempo and never
 * between them mean that its half beats are the beats; on hardly one in four of a fast one, that it is twice too fast. The bounds are
 * the project's own judgement.
 */
function lowFit(beats: readonly number[], low: Float32Array, tempo: number): number {
  const share = shareOf(beats, beats, low, 0.3);
  const halves = beats.slice(1).map((beat, index) => Math.round((beat + beats[index]) / 2));
  if (tempo < 100 && share > 0.8 && shareOf(halves, beats, low, 0.3) < 0.3) return 0.3;
  if (tempo > 110 && share < 0.3) return 0.5;
  return 1;
}

/** How much more begins on the beats than between them, and how evenly they stand: 1 in a clear recording. */
function sureness(beats: readonly number[], curve: Float32Array): number {
  const on = mean(beats.map((beat) => peakAt(curve, beat, 1)));
  const gaps = beats.slice(1).map((beat, index) => beat - beats[index]);
  const shares = [0.25, 0.4, 0.6, 0.75];
  const off = mean(gaps.flatMap((gap, index) => shares.map((share) => peakAt(curve, Math.round(beats[index] + share * gap), 1))));
  // Beside their neighbours: a song may change its tempo.
  const even = mean(gaps.map((gap, index) => (Math.abs(gap / median(gaps.slice(Math.max(0, index - 4), index + 5)) - 1) < 0.05 ? 1 : 0)));
  return Math.max(0, ((on - off) / (on + off + 1e-9)) * even);
} // prettier-ignore

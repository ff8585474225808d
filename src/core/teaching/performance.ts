/** The dance aloud: what is clicked and said, at which second, at a tempo. Cues are said ahead of their steps, as callers do. */
import { TICKS_A_COUNT } from '../model/ticks';
import type { Language } from '../vocabulary/figures';
import { cueWithin, type CueForm } from './cues';
import { NUMBERS, saidAloud } from './syllables';
import type { Timeline, TimedCall } from './timeline';

/** Syllables a second that can be said and heard: a comfortable pace is four to five (handbook 4.2, from memory). */
const PACE = 5;
/** Faster than so many beats a minute a cue is said two counts ahead, else one (handbook 4.2). */
const QUICK = 120;

export type Aloud = 'counts' | 'cues' | 'both' | 'clicks';

export interface PerformanceOrder {
  /** Beats a minute, and beats of a count. */
  readonly tempo: number;
  readonly beats: number;
  readonly aloud: Aloud;
  readonly form: CueForm;
  /** Counts before the first step: 4 are called "5 6 7 8". */
  readonly countIn: number;
  readonly language: Language;
  /** Counted "slow" and "quick" by how long a step is stood on, as two-step people do, instead of by numbers. */
  readonly slowQuick?: boolean;
  /** Seconds from the first step to a count, also before it: the beats of a recording. Else they are even. */
  readonly clock?: (count: number) => number;
}

export interface Said {
  readonly second: number;
  /** When it has to be over. */
  readonly until: number;
  readonly words: string;
  readonly kind: 'count' | 'cue';
  /** The call it is about; undefined for counts. */
  readonly call?: number;
}

export interface Performance {
  /** Seconds of a count. */
  readonly count: number;
  /** Of the first step. */
  readonly start: number;
  readonly seconds: number;
  readonly clicks: readonly { readonly second: number; readonly first: boolean }[];
  readonly said: readonly Said[];
  /** Seconds at which the calls are danced, in their order. */
  readonly calls: readonly number[];
}

/** Second 0 is the first count of the count-in. */
export function performanceOf(timeline: Timeline, order: PerformanceOrder): Performance {
  const count = (60 * order.beats) / order.tempo;
  const clock = order.clock ?? ((counts: number) => counts * count);
  const start = -clock(-order.countIn);
  const second = (ticks: number): number => start + clock(ticks / TICKS_A_COUNT);
  const counted = countsSaid(timeline, order, second);
  const cues = order.aloud === 'cues' || order.aloud === 'both' ? cuesSaid(timeline.calls, order, second, count) : [];
  const said = {
    counts: counted,
    cues: [...countInOf(order, second).filter(({ until }) => !cues.some((cue) => cue.second < until - 1e-9)), ...cues],
    both: between(counted, cues),
    clicks: countInOf(order, second),
  }[order.aloud];
  return {
    count,
    start,
    seconds: second(timeline.ticks),
    clicks: clicksOf(timeline, order, second),
    said: said.toSorted((one, other) => one.second - other.second),
    calls: timeline.calls.map(({ time }) => second(time)),
  };
}

/** Every whole count, the first of each section higher; the count-in as well. */
function clicksOf({ counts }: Timeline, { countIn }: PerformanceOrder, second: (ticks: number) => number) {
  const ahead = Array.from({ length: countIn }, (_, index) => ({ second: second((index - countIn) * TICKS_A_COUNT), first: index === 0 })); // prettier-ignore
  const whole = counts.filter(({ time }) => time % TICKS_A_COUNT === 0);
  return [...ahead, ...whole.map(({ time, count: own }) => ({ second: second(time), first: (own - 1) % 8 === 0 }))];
}

/** The last counts of an eight: "5 6 7 8". */
function countInOf({ countIn, language }: PerformanceOrder, second: (ticks: number) => number): Said[] {
  return Array.from({ length: countIn }, (_, index) => ({
    second: second((index - countIn) * TICKS_A_COUNT),
    until: second((index + 1 - countIn) * TICKS_A_COUNT),
    words: NUMBERS[language][8 - ((countIn - 1 - index) % 8)],
    kind: 'count' as const,
  }));
}

function countsSaid({ counts, ticks }: Timeline, order: PerformanceOrder, second: (ticks: number) => number): Said[] {
  const own = counts.map(({ time, label }, index): Said => {
    const until = second(counts[index + 1]?.time ?? ticks);
    return { second: second(time), until, words: saidAloud(label, order.language), kind: 'count' };
  });
  return [...countInOf(order, second), ...(order.slowQuick ? slowAndQuick({ counts, ticks }, order, second) : own)];
} // prettier-ignore

/** A step that is stood on for two counts or more is slow, for one it is quick; what comes between the counts is called as it is. */
function slowAndQuick({ counts, ticks }: Pick<Timeline, 'counts' | 'ticks'>, { language }: PerformanceOrder, second: (ticks: number) => number): Said[] {
  const steps = counts.filter(({ danced }) => danced);
  return steps.map(({ time, label }, index): Said => {
    const end = steps[index + 1]?.time ?? ticks;
    const isWhole = time % TICKS_A_COUNT === 0;
    const words = !isWhole ? saidAloud(label, language) : PACES[language][end - time >= 2 * TICKS_A_COUNT ? 0 : 1];
    return { second: second(time), until: second(end), words, kind: 'count' };
  });
} // prettier-ignore

const PACES: Readonly<Record<Language, readonly [slow: string, quick: string]>> = {
  en: ['slow', 'quick'],
  de: ['langsam', 'schnell'],
  fr: ['lent', 'vite'],
};

/** Counts stay silent while a cue is said. */
const between = (counts: readonly Said[], cues: readonly Said[]): Said[] => [
  ...counts.filter(
    ({ second, until }) => !cues.some((cue) => cue.second < until - 1e-9 && spoken(cue) > second + 1e-9),
  ),
  ...cues,
];

/** When a cue has been said at a comfortable pace. */
const spoken = ({ second, until }: Said): number => Math.min(until, second + 0.6 * (until - second) + 0.2);

/**
 * One after another: none begins before the one ahead of it has been said. The first comes over the last counts of the count-in. Where
 * the time is short, a shorter one is said.
 */
function cuesSaid(calls: readonly TimedCall[], { tempo, form, countIn }: PerformanceOrder, second: (ticks: number) => number, count: number): Said[] {
  const lead = (tempo > QUICK ? 2 : 1) * count;
  let free = countIn > 0 ? Math.max(0, countIn - 2) * count : -Infinity;
  return calls.flatMap(({ time, cues }, index): Said[] => {
    const until = second(time);
    const wanted = Math.max(lead, (cues.own ?? cues[form]).syllables / PACE);
    const from = Math.max(free, until - wanted);
    const cue = cueWithin(cues, Math.floor((until - from) * PACE + 1e-6), form);
    if (until - from < 0.05) return [];
    free = Math.max(free, Math.min(until, from + cue.syllables / PACE));
    return [{ second: from, until, words: cue.words, kind: 'cue', call: index }];
  });
} // prettier-ignore

/** Ticks of the timeline at a second, 0 before the first step: between two counts as the clicks have them. */
export function ticksAt({ clicks, start, count }: Performance, second: number): number {
  const own = clicks.filter((click) => click.second >= start - 1e-9);
  const at = own.findLastIndex((click) => click.second <= second);
  if (at < 0) return 0;
  const length = (own[at + 1]?.second ?? own[at].second + count) - own[at].second;
  return (at + Math.min(1, (second - own[at].second) / length)) * TICKS_A_COUNT;
}

/** A cue that can't be said before its step, at a tempo. */
export interface TooLong {
  readonly call: TimedCall;
  readonly syllables: number;
  /** As many could be said. */
  readonly room: number;
  /** A shorter one that fits. */
  readonly instead?: string;
}

/**
 * Of what the writer wants said: the time there is lies between the step before and this one, and at least the lead. The first call is
 * said before the music.
 */
export function cuesTooLong({ calls }: Timeline, tempo: number, beats: number): TooLong[] {
  const count = (60 * beats) / tempo;
  const lead = (tempo > QUICK ? 2 : 1) * count;
  return calls.flatMap((call, index) => {
    const before = calls[index - 1];
    if (!before || !call.cues.own) return [];
    const time = Math.max(lead, (before.ticks / TICKS_A_COUNT) * count);
    const room = Math.floor(time * PACE + 1e-6);
    const { own, usual, short } = call.cues;
    if (own.syllables <= room) return [];
    const instead = [usual, short].find(({ syllables }) => syllables <= room);
    return [{ call, syllables: own.syllables, room, ...(instead && { instead: instead.words }) }];
  });
}

/** What of the shelf is shown, and in which order. */
import type { DanceRecord } from '../../../store';
import { levelOf } from '../../../core';

export const SORTS = ['changed', 'title', 'level', 'counts', 'tempo', 'slips'] as const;
export type Sort = (typeof SORTS)[number];

export interface ShelfChoice {
  readonly words: string;
  readonly sort: Sort;
  readonly level: string;
  readonly counts: string;
  readonly walls: string;
  readonly tempo: string;
  readonly tag: string;
  readonly slips: string;
  /** `week`, `month`, `older`. */
  readonly changed: string;
}

export const EVERYTHING: ShelfChoice = {
  words: '',
  sort: 'changed',
  level: '',
  counts: '',
  walls: '',
  tempo: '',
  tag: '',
  slips: '',
  changed: '',
};

/** Beats a minute, as instructors part them (common practice, no source). */
const TEMPOS = { slow: [1, 99], middle: [100, 125], quick: [126, 400] } as const;

const LEVEL_ORDER = ['absolute beginner', 'beginner', 'improver', 'intermediate', 'advanced'];
/** A level in any of the languages, as one word; what is none of them stays as it is written. */
const levelKey = (level: string): string => levelOf(level) ?? level.trim().toLowerCase();

const levelRank = ({ level }: DanceRecord): number => {
  const at = LEVEL_ORDER.indexOf(levelKey(level));
  return at < 0 ? LEVEL_ORDER.length : at;
};

const BY: Readonly<Record<Sort, (a: DanceRecord, b: DanceRecord) => number>> = {
  changed: (a, b) => b.changedAt - a.changedAt,
  title: (a, b) => a.title.localeCompare(b.title),
  level: (a, b) => levelRank(a) - levelRank(b) || a.title.localeCompare(b.title),
  counts: (a, b) => a.counts - b.counts || a.title.localeCompare(b.title),
  tempo: (a, b) => (a.tempo || Infinity) - (b.tempo || Infinity) || a.title.localeCompare(b.title),
  slips: (a, b) => b.slips - a.slips || a.title.localeCompare(b.title),
};

/** `found`: ids by how well they answer the words typed; undefined where none were. */
export function chooseDances(
  dances: readonly DanceRecord[],
  choice: ShelfChoice,
  found: readonly string[] | undefined,
  now = Date.now(),
): DanceRecord[] {
  const { level, counts, walls, tempo, tag, slips, changed, sort } = choice;
  const fits = (dance: DanceRecord): boolean =>
    (level === '' || levelKey(dance.level) === level) &&
    (counts === '' || dance.counts === Number(counts)) &&
    (walls === '' || dance.walls === Number(walls)) &&
    (tag === '' || dance.tags.includes(tag)) &&
    (slips === '' || dance.slips > 0 === (slips === 'with')) &&
    (tempo === '' || isTempo(dance.tempo, tempo)) &&
    (changed === '' || isChanged(now - dance.changedAt, changed));
  const fitting = dances.filter(fits);
  if (!found) return fitting.sort(BY[sort]);
  const rank = new Map(found.map((id, index) => [id, index]));
  return fitting.filter(({ id }) => rank.has(id)).sort((a, b) => (rank.get(a.id) ?? 0) - (rank.get(b.id) ?? 0));
}

const DAY = 86_400_000;

/** Ages in milliseconds, from and to. */
const AGES: Readonly<Record<string, readonly [from: number, to: number]>> = {
  week: [-Infinity, 7 * DAY],
  month: [-Infinity, 30 * DAY],
  older: [30 * DAY, Infinity],
};

function isChanged(age: number, wanted: string): boolean {
  const [from, to] = AGES[wanted] ?? [0, 0];
  return age > from && age <= to;
}

function isTempo(tempo: number, wanted: string): boolean {
  const [from, to] = TEMPOS[wanted as keyof typeof TEMPOS] ?? [0, 0];
  return tempo >= from && tempo <= to;
}

/** What there is to choose from, each with how many. */
export function choicesOf(
  dances: readonly DanceRecord[],
): Readonly<Record<'level' | 'counts' | 'walls' | 'tag', readonly (readonly [value: string, count: number])[]>> {
  const tally = (values: readonly string[]): [string, number][] => {
    const counts = new Map<string, number>();
    for (const value of values) if (value) counts.set(value, (counts.get(value) ?? 0) + 1);
    return [...counts];
  };
  const byNumber = (list: [string, number][]) => list.sort(([a], [b]) => Number(a) - Number(b));
  return {
    level: tally(dances.map(({ level }) => levelKey(level))).sort(
      ([a], [b]) => LEVEL_ORDER.indexOf(a) - LEVEL_ORDER.indexOf(b),
    ),
    counts: byNumber(tally(dances.map(({ counts }) => (counts > 0 ? String(counts) : '')))),
    walls: byNumber(tally(dances.map(({ walls }) => (walls > 0 ? String(walls) : '')))),
    tag: tally(dances.flatMap(({ tags }) => [...tags])).sort(([a], [b]) => a.localeCompare(b)),
  };
}

/** Where a place that was said falls among the moments of a block that was danced. */
import { tickOfCount, TICKS_A_COUNT } from '../model/ticks';
import type { PlaceSaid } from '../grammar/plan-places';
import type { Dance, DancedBlock, DancedCall, DancedSection, Moment } from './dance';
import type { DanceState } from './state';

/** A cut through a block: all moments before `index` are danced. */
export interface Cut {
  readonly index: number;
  /** Length danced, in ticks, whole beats: the next 1 falls on the next whole beat. */
  readonly ticks: number;
  /** It ends on the `&` of its last count, and says so: 16.5 counts. */
  readonly half: boolean;
  /** A call that the cut falls in. */
  readonly inside?: DancedCall;
}

export type PlaceProblem = 'beyond' | 'no-section' | 'figure-unknown' | 'figure-twice' | 'nowhere';
export type Placed = { readonly cut: Cut } | { readonly problem: PlaceProblem };

/** `afterLine`: the script line before a place that is called "here". */
export function placeCut(block: DancedBlock, said: PlaceSaid, afterLine: number): Placed {
  switch (said.kind) {
    case 'end':
      return { cut: { index: block.moments.length, ticks: block.counts * TICKS_A_COUNT, half: false } };
    case 'section': {
      const section = block.sections.find(({ text }) => text.number === said.section);
      return section ? cutAfter(block, countsBefore(section) + section.counts, 'line') : { problem: 'no-section' };
    }
    case 'count': {
      if (said.section === undefined) return cutAfter(block, said.count, said.and);
      const section = block.sections.find(({ text }) => text.number === said.section);
      if (!section) return { problem: 'no-section' };
      return said.count > section.counts
        ? { problem: 'beyond' }
        : cutAfter(block, countsBefore(section) + said.count, said.and);
    }
    case 'here': {
      const index = block.moments.findLastIndex(({ line }) => line.index <= afterLine) + 1;
      return index === 0 ? { problem: 'nowhere' } : cutAfterMoment(block, block.moments[index - 1]);
    }
    case 'words':
      return cutAfterWords(block, said.words);
  }
}

const countsBefore = ({ offset }: DancedSection): number => offset / TICKS_A_COUNT;

/** @param count whole counts through the block, from 1. */
export function cutAfter(block: DancedBlock, count: number, and: 'line' | 'with' | 'without'): Placed {
  if (count > block.counts) return { problem: 'beyond' };
  const last = tickOfCount(count);
  const next = tickOfCount(count + 1);
  const isDanced = (moment: Moment): boolean => {
    const { time } = moment;
    if (time <= last) return true;
    if (time === next) return isBorrowed(block, moment);
    if (time > next || and === 'without') return false;
    return and === 'with' || lineStart(block, moment) <= last;
  };
  const at = block.moments.findIndex((moment) => !isDanced(moment));
  const index = at < 0 ? block.moments.length : at;
  const half = and === 'with' && (block.moments[index - 1]?.time ?? 0) > last;
  const inside = callAcross(block, index);
  return { cut: { index, ticks: next, half, ...(inside && { inside }) } };
}

const cutAfterMoment = (block: DancedBlock, { time }: Moment): Placed =>
  cutAfter(block, Math.min(Math.floor(time / TICKS_A_COUNT) + 1, block.counts), 'line');

/** The 1 that an `8&1` ends on belongs to the line that says it. */
export function isBorrowed(block: DancedBlock, { tick, time }: Moment): boolean {
  return block.sections.some(
    ({ offset, counts }) => time === offset + counts * TICKS_A_COUNT && tick === counts * TICKS_A_COUNT,
  );
}

/** Time of the first moment of the counts that a moment was written with. */
function lineStart(block: DancedBlock, moment: Moment): number {
  for (const { lines, offset } of block.sections)
    for (const { groups } of lines)
      for (const { calls, ticks } of groups)
        if (calls.some(({ moments }) => moments.includes(moment))) return offset + (ticks[0] ?? 0);
  return moment.time;
}

/** The call that goes on over a cut; a figure that is spelt out behind its name is one call. Walks and sways in a row tear nowhere. */
function callAcross(block: DancedBlock, index: number): DancedCall | undefined {
  const [before, after] = [block.moments[index - 1], block.moments[index]];
  if (!before || !after || before.line !== after.line) return undefined;
  for (const { lines } of block.sections)
    for (const { line, calls } of lines) {
      if (line !== before.line) continue;
      const own = calls.find(({ moments }) => moments.includes(before));
      const next = calls.find(({ moments }) => moments.includes(after));
      if (own && own === next) return own.figure?.family === 'single' ? undefined : own;
      if (own?.titled && own.titled === next?.titled) {
        const moments = calls.filter(({ titled }) => titled === own.titled).flatMap((call) => call.moments);
        return { ...own, moments };
      }
    }
  return undefined;
}

const plain = (words: string): string =>
  words
    .toLowerCase()
    .replace(/[^a-z0-9 ]/g, '')
    .replace(/\bstep\b|s\b/g, '')
    .trim();

/** Calls whose figure goes by these words. */
export function figureMatches(block: DancedBlock, words: string): DancedCall[] {
  const wanted = plain(words);
  return block.sections.flatMap(({ lines }) =>
    lines.flatMap(({ calls }) =>
      calls.filter(
        ({ figure, moments }) => moments.length > 0 && figure?.names.en.some((name) => plain(name) === wanted),
      ),
    ),
  );
}

function cutAfterWords(block: DancedBlock, words: string): Placed {
  const found = figureMatches(block, words);
  if (found.length !== 1) return { problem: found.length === 0 ? 'figure-unknown' : 'figure-twice' };
  const { moments } = found[0];
  return cutAfterMoment(block, moments[moments.length - 1]);
}

/** The first moment at or after a count's own moment, or its `&`. */
export function momentFrom(block: DancedBlock, count: number, and: boolean): number {
  const from = tickOfCount(count) + (and ? 1 : 0);
  const index = block.moments.findIndex(({ time }) => time >= from);
  return index < 0 ? block.moments.length : index;
}

/** How the dancer stands before a moment of a block. */
export const stateAt = (block: DancedBlock, index: number): DanceState =>
  index === 0 ? block.before : (block.moments[index - 1] ?? block).after;

/** The same place said the other way: the section it falls in, and counts into it. */
export function sectionPlace(
  block: DancedBlock,
  ticks: number,
): { section: number; counts: number; whole: boolean } | undefined {
  const own = block.sections.find(({ offset, counts }) => ticks > offset && ticks <= offset + counts * TICKS_A_COUNT);
  if (!own) return undefined;
  const counts = (ticks - own.offset) / TICKS_A_COUNT;
  return { section: own.text.number, counts, whole: counts === own.counts };
}

/** Where a block is known by its name, capitals aside. */
export const blockNamed = (dance: Dance, kind: 'part' | 'tag', name: string): DancedBlock | undefined =>
  (kind === 'part' ? dance.parts : dance.tags).find(({ block }) => block.name.toLowerCase() === name.toLowerCase());

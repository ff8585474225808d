/**
 * What the whole sheet shows of a line where its own words leave it open: the numbers of a list are no counts, `9-16 Rocks` over the
 * lines that fill it is a name, and in a sheet that counts nothing the lines that are read to their end are its steps.
 */
import { numberOf } from '../lexicon/numbers';
import type { Counts } from '../reading/counts';
import { countsNeeded, isWholeLine, namesSteps, type Length, type StepLine } from '../reading/line';
import { bareHeading, headingLikeness, LEAST_LIKENESS, rangeOf } from './section-heading';

export type Role = 'name' | 'steps';

/** What is asked of a line: its own counts, and how it reads as steps. */
export interface LineReader {
  readonly countsIn: (line: string) => readonly Counts[];
  readonly stepsIn: (line: string) => StepLine;
}

const IN_LIST = /^\s*\d{1,2}[.):]\s+(?![\d&(])/;
/** `2 - Rocks and Shuffles` */
const DASHED = /^\s*(\d{1,2})\s+[-–—]\s+(?=\p{L})/u;
const COUNTED = /^\s*(?:\d{1,2}\.\d{1,2}\.?\s+)?\(?\d{1,2}\s*(?:[-&,–]\s*\d|\s)/;
const ITEM = /^\s*\((\d{1,2})\)\s+(?=\p{L}.*,)/u;
/** A name spans at least so many counts. */
const SHORTEST_RANGE = 6;
/** Longer sheets without a count are no sheets. */
const MOST_LINES = 400;
/** So many lines read to their end make a sheet without counts. */
const FEWEST_STEPS = 3;

const EIGHT = 8;

const isBlank = (line: string | undefined): boolean => line === undefined || line.trim() === '';

/** Lines that open with a number of the list which their sections are; they have no counts of their own. */
export function listedLines(raw: readonly string[], { countsIn }: LineReader): ReadonlySet<number> {
  const numbered = indicesOf(raw, (line) => IN_LIST.test(line));
  const isCounted = (line: string): boolean => !IN_LIST.test(line) && (COUNTED.test(line) || countsIn(line).length > 0);
  const counted = numbered.length > 1 ? raw.filter(isCounted).length : 0;
  const goUp = numbered.every((at, index) => {
    const [own, before] = [numberAt(raw, at), index === 0 ? 0 : numberAt(raw, numbered[index - 1])];
    return own === 1 || own === before + 1;
  });
  // Right below one another they are counts: `1. Right foot to the side`, `2. Left foot behind`.
  const apart = numbered.filter((at) => !IN_LIST.test(nextWritten(raw, at))).length;
  if (numbered.length > 1 && counted > numbered.length && goUp && apart > numbered.length / 2) return new Set(numbered);
  const dashed = indicesOf(raw, (line) => DASHED.test(line));
  const isInRow = dashed.every((at, index) => Number(DASHED.exec(raw[at])?.[1]) === index + 1);
  const areApart = dashed.every((at) => !DASHED.test(nextWritten(raw, at)));
  return new Set(dashed.length > 1 && isInRow && areApart ? dashed : []);
}

const numberAt = (raw: readonly string[], at: number): number => Number(/\d+/.exec(raw[at])?.[0]);

const indicesOf = (raw: readonly string[], holds: (line: string) => boolean): number[] =>
  raw.flatMap((line, index) => (holds(line) ? [index] : []));

const nextWritten = (raw: readonly string[], at: number): string => {
  for (let index = at + 1; index < raw.length; index++) if (!isBlank(raw[index])) return raw[index];
  return '';
};

/** `1-8 Vines`, `9-16 Rocks`: ranges that go on from one another over all of the sheet, each over lines that are shorter. */
export function rangedNames(raw: readonly string[], { countsIn, stepsIn }: LineReader): ReadonlySet<number> {
  const none: ReadonlySet<number> = new Set();
  const found: number[] = [];
  let reached = 0;
  for (const [index, line] of raw.entries()) {
    if (!/\d/.test(line) && !COUNTED_ALOUD.test(line)) continue;
    const range = rangeOf(bareHeading(line.trim()));
    if (!range || range.to - range.from + 1 < SHORTEST_RANGE || range.from !== reached + 1) continue;
    reached = range.to;
    const below = nextWritten(raw, index);
    const own = rangeOf(bareHeading(below.trim()));
    if (own && own.from === range.to + 1) return none;
    const [counts] = countsIn(below);
    const isBelow = counts ? counts.ticks.length < range.to - range.from + 1 : isWholeLine(stepsIn(below));
    if (!isBelow) return none;
    found.push(index);
  }
  return found.length > 1 ? new Set(found) : none;
}

/** `Counts nine to sixteen.` */
const COUNTED_ALOUD = /^\s*\p{L}+\s\p{L}+\s(?:to|bis|à|tot)\s\p{L}/u;

const NUMBER_ALONE = /^\s*\(?(\d{1,2})[.):]?\s*$/;

/** `1`, `2.` on lines of their own over the steps: numbers of sections. */
export function numbersAlone(raw: readonly string[]): ReadonlySet<number> {
  const found = indicesOf(raw, (line) => NUMBER_ALONE.test(line));
  const areInRow = found.every(
    (at, index) => numberAt(raw, at) === index + 1 && !NUMBER_ALONE.test(nextWritten(raw, at)),
  );
  return new Set(found.length > 1 && areInRow ? found : []);
}

/** `Patch one.`, `Patch two.`: the writer's own word for a section, numbered through. */
export function numberedNames(raw: readonly string[]): ReadonlySet<number> {
  const found = indicesOf(raw, (line) => numberNamed(line) !== undefined);
  const [first] = found.map((at) => wordNamed(raw[at]));
  const areInRow = found.every((at, index) => wordNamed(raw[at]) === first && numberNamed(raw[at]) === index + 1);
  return new Set(found.length > 1 && areInRow ? found : []);
}

const NAMED = /^(\p{L}{3,}) (\p{L}+|\d{1,2})[.:–-]?$/u;
const wordNamed = (line: string): string => NAMED.exec(line.trim())?.[1].toLowerCase() ?? '';
const numberNamed = (line: string): number | undefined => numberOf(NAMED.exec(line.trim())?.[2] ?? '');

/** `(2) rocking chair, step pivot`: sections that are numbered and told in a line each. For every such line how long its number is. */
export function itemsIn(raw: readonly string[]): ReadonlyMap<number, number> {
  const found = new Map<number, number>();
  for (const [index, line] of raw.entries()) {
    const match = ITEM.exec(line);
    if (!match) continue;
    if (Number(match[1]) !== found.size + 1) return new Map();
    found.set(index, match[0].length);
  }
  return found.size > 1 ? found : new Map();
}

/** The steps of a sheet that counts nothing, and the names above them. */
export function rolesWithoutCounts(raw: readonly string[], { stepsIn }: LineReader): ReadonlyMap<number, Role> {
  const roles = new Map<number, Role>();
  if (raw.length > MOST_LINES) return roles;
  const first = raw.findIndex((line) => !isBlank(line));
  const isStep = raw.map((line, index) => index !== first && !isBlank(line) && isWholeLine(stepsIn(line)));
  const headsFit = fittingHeads(raw, (index) => (isStep[index] ? countsNeeded(stepsIn(raw[index])) : undefined));
  const isName = (index: number): boolean => {
    const next = isUnderline(raw[index + 1]) ? index + 2 : index + 1;
    if (index === first || isBlank(raw[index]) || !isStep[next] || !isAtTop(raw, index)) return false;
    if (next > index + 1) return true;
    if (headsFit.has(index)) return true;
    const own = likeness(raw[index]);
    return isStep[index] ? own >= LEAST_LIKENESS && own > likeness(raw[next]) : own >= 0;
  };
  const names = indicesOf(raw, () => true).filter(isName);
  for (const index of names) roles.set(index, 'name');
  const steps = raw.flatMap((_, index) => (isStep[index] && !roles.has(index) ? [index] : []));
  if (steps.length < FEWEST_STEPS) return new Map();
  for (const index of steps) roles.set(index, 'steps');
  // Between its steps a line that names one is one, too.
  for (const [index, line] of raw.entries())
    if (!roles.has(index) && roles.get(index - 1) === 'steps' && !isBlank(line) && namesSteps(stepsIn(line)))
      roles.set(index, 'steps');
  return roles;
}

/** `forward and back` over steps that fill an eight without it, in every stretch of the sheet: names, though they could be danced. */
function fittingHeads(raw: readonly string[], lengthOf: (index: number) => Length | undefined): ReadonlySet<number> {
  const heads: number[] = [];
  let unfit = 0;
  for (let index = 1; index < raw.length; index++) {
    if (isBlank(raw[index]) || !isBlank(raw[index - 1])) continue;
    let [rest, at] = [NO_LENGTH, index + 1];
    for (; !isBlank(raw[at]); at++) rest = sum(rest, lengthOf(at) ?? NO_LENGTH);
    const own = lengthOf(index);
    if (own === undefined || at < index + 3) continue;
    if (!isWhole(rest)) return new Set();
    heads.push(index);
    if (!isWhole(sum(rest, own))) unfit += 1;
  }
  return new Set(unfit > 1 ? heads : []);
}

const NO_LENGTH: Length = { least: 0, most: 0 };
const sum = (one: Length, other: Length): Length => ({ least: one.least + other.least, most: one.most + other.most });
/** Whole eights, danced in some of their forms. */
const isWhole = ({ least, most }: Length): boolean => most >= EIGHT && Math.floor(most / EIGHT) * EIGHT >= least;

/** How much a line looks like a name from its form, wherever it stands; `Rocks (8)` as much as capitals do. */
const likeness = (line: string): number => headingLikeness(line, false, false) + (/\(\d{1,2}\)\s*$/.test(line) ? 2 : 0);

/** Under an empty line, or under a drawn one. */
const isAtTop = (raw: readonly string[], index: number): boolean =>
  isBlank(raw[index - 1]) || isUnderline(raw[index - 1]);

const isUnderline = (line: string | undefined): boolean => /^\s*[-=~_*]{3,}\s*$/.test(line ?? '');

/** Where the counts of a sheet begin again: what every line says of counts, before anything is known of headings. */
import { Memory } from '../model/memory';
import { tickOfCount, TICKS_A_COUNT } from '../model/ticks';
import { greatest } from '../model/numbers';
import { countsStandBehind, isWholeLine, namesSteps, readStepLine } from '../reading/line';
import type { Counts } from '../reading/counts';
import { factsSaid } from './facts';
import { planInProse } from './plan-prose';
import {
  itemsIn,
  listedLines,
  numberedNames,
  numbersAlone,
  rangedNames,
  rolesWithoutCounts,
  type LineReader,
  type Role,
} from './roles';
import { wordedSection } from './section-heading';
import type { Vocabulary } from '../vocabulary';

/** Longer lines are kept as text and never read as steps: nobody calls 2,000 letters in eight counts. */
export const LONGEST_LINE = 2000;

export class Outline {
  private readonly known: (readonly Counts[] | undefined)[];
  /** For every line the next one that has counts, or the number of lines. */
  private readonly next: Int32Array;
  /** `1. SIDE, BACK ROCK`, `9-16 ROCKS` over lines that have counts of their own: numbers of names, no counts. */
  private readonly numbered: ReadonlySet<number>;
  private readonly ranged: ReadonlySet<number>;
  private roles: ReadonlyMap<number, Role> | undefined;
  private items: ReadonlyMap<number, number> | undefined;
  private farthest: number | undefined;

  constructor(
    private readonly raw: readonly string[],
    private readonly vocabulary: Vocabulary,
    isMarked: boolean,
  ) {
    this.numbered = listedLines(raw, this.reader);
    // A script in our own manner says with `##` what its names are.
    this.ranged = isMarked
      ? new Set()
      : new Set([...rangedNames(raw, this.reader), ...numbersAlone(raw), ...numberedNames(raw)]);
    this.known = new Array<readonly Counts[] | undefined>(raw.length);
    this.next = new Int32Array(raw.length + 1).fill(raw.length);
    for (let index = raw.length - 1; index >= 0; index--)
      this.next[index] = this.countsOf(index + 1).length > 0 ? index + 1 : this.next[index + 1];
  }

  /** The counts of a line in their order, if it has steps for them. */
  countsOf(index: number): readonly Counts[] {
    if (index >= this.raw.length) return NONE;
    if (this.numbered.has(index) || this.ranged.has(index)) return NONE;
    return (this.known[index] ??= countsIn(this.raw[index], this.vocabulary));
  }

  /** The sheet is numbered through: its counts come to several whole sections of that length, in ticks. */
  runsTo(length: number): boolean {
    this.farthest ??= greatest(
      this.raw.flatMap((_, index) => this.countsOf(index).map(({ end, floating }) => (floating ? 0 : end))),
      0,
    );
    return this.farthest >= 2 * length && this.farthest % length === 0;
  }

  /** Some word of it names a step. */
  hasSteps(index: number): boolean {
    return namesSteps(readStepLine(this.raw[index].replace(/\r$/, ''), this.vocabulary));
  }

  /** What the whole sheet shows of a line; undefined where that is nothing. */
  roleOf(index: number): Role | undefined {
    if (this.ranged.has(index)) return 'name';
    if (this.next.length > 1 && (this.countsOf(0).length > 0 || this.nextCounted(0) < this.raw.length))
      return undefined;
    this.roles ??= rolesWithoutCounts(this.raw, this.reader);
    return this.roles.get(index);
  }

  /** Letters of the number that opens a section in its line of steps; 0 where it opens none. */
  itemLength(index: number): number {
    if (this.countsOf(0).length > 0 || this.nextCounted(0) < this.raw.length) return 0;
    this.items ??= itemsIn(this.raw);
    return this.items.get(index) ?? 0;
  }

  private get reader(): LineReader {
    return {
      countsIn: (line) => countsIn(line, this.vocabulary),
      stepsIn: (line) => readStepLine(line.replace(/\r$/, ''), this.vocabulary),
    };
  }

  nextCounted = (index: number): number => this.next[index];

  /** `[1-4] rocking chair` where the next line goes on with 5; `[9-16] ROCKS` over lines from 1 is a heading. */
  isStepInBrackets(index: number): boolean {
    const [own] = this.countsOf(index);
    if (!own || own.floating || !this.hasSteps(index)) return false;
    const [next] = this.countsOf(this.nextCounted(index));
    return next?.ticks[0] === own.end || own.end - own.ticks[0] < tickOfCount(6);
  }

  /** `7-12: TWINKLES`: the lines right below it come to as many counts, in two or more goes. */
  spansExactly(index: number): boolean {
    const [own, more] = this.countsOf(index);
    if (!own || more || own.floating) return false;
    let [at, begin, reached] = [index + 1, -1, -1];
    for (; this.countsOf(at).length > 0; at++) {
      const [counts] = this.countsOf(at);
      if (counts.floating || (reached >= 0 && counts.ticks[0] !== reached)) break;
      if (begin < 0) begin = counts.ticks[0];
      reached = counts.end;
    }
    return at > index + 2 && (begin === 0 || begin === own.ticks[0]) && reached - begin === own.end - own.ticks[0];
  }
}

const NONE: readonly Counts[] = [];
const SAYS_LENGTH = /^\s*[\p{L}\d]+[\s-]+(?:counts?|beats?|temps|takte)\b/iu;
const MAY_COUNT = /[\d１-８]|\b[SQ]{2}|slow|quick|\p{L},?\s+(?:and\s+)?\p{L}/iu;
const memories = new WeakMap<Vocabulary, Memory<readonly Counts[]>>();

function countsIn(line: string, vocabulary: Vocabulary): readonly Counts[] {
  const text = line.endsWith('\r') ? line.slice(0, -1) : line;
  if (text.length > LONGEST_LINE || /^\s*(?:$|#|>)/.test(text) || !MAY_COUNT.test(text)) return NONE;
  let memory = memories.get(vocabulary);
  if (!memory) memories.set(vocabulary, (memory = new Memory()));
  return memory.of(text, () => {
    // `1ère section – pas chassés`: a place in a row, no count.
    if (/^\s*\d{1,2}\p{L}/u.test(text) && wordedSection(text)) return NONE;
    const line = readStepLine(text, vocabulary);
    // `Count 32, Walls 4`: several facts in a line are no steps; `counts 5 and 6: step R, turn 1/4 left, weight on L` says steps only.
    const facts = isWholeLine(line) ? [] : factsSaid(text, 0);
    const saysHowMany = facts.some(({ key }) => key === 'counts' || key === 'walls') && !namesSteps(line);
    if (facts.length > 1 || saysHowMany) return NONE;
    const counts = line.groups.flatMap((group) =>
      group.counts && group.counts.ticks.length > 0 ? [group.counts] : [],
    );
    // `4 count tag at the end of wall 2: ...` says how long it is.
    if (SAYS_LENGTH.test(text) && planInProse(text).length > 0) return NONE;
    // What stands before its counts has to be steps.
    const isOther = !namesSteps(line) || planInProse(text).length > 0;
    return countsStandBehind(line) && isOther ? NONE : counts;
  });
}

/** How many counts the sections of a sheet mostly have, where it is plainly not eight; from how far they go before they begin again. */
export function customarySection(outline: Outline, lines: number): number | undefined {
  const lengths: number[] = [];
  let [begin, reached] = [0, 0];
  for (
    let index = outline.countsOf(0).length > 0 ? 0 : outline.nextCounted(0);
    index < lines;
    index = outline.nextCounted(index)
  ) {
    for (const counts of outline.countsOf(index)) {
      if (counts.floating) return undefined;
      const [first] = counts.ticks;
      if (first <= begin && reached > begin) {
        lengths.push((reached - begin) / TICKS_A_COUNT);
        begin = Math.max(first, 0);
      }
      reached = Math.max(counts.end, first <= begin ? 0 : reached);
    }
  }
  lengths.push((reached - begin) / TICKS_A_COUNT);
  if (lengths.length < 4) return undefined;
  const often = new Map<number, number>();
  for (const length of lengths) often.set(length, (often.get(length) ?? 0) + 1);
  const most = greatest(often.values(), 0);
  const [usual] = [...often].find(([, times]) => times === most) ?? [8];
  return usual !== 8 && Number.isInteger(usual) && most >= lengths.length * 0.75 ? usual : undefined;
}

/** Count expressions at the head of a line: `1-4`, `3&4`, `&5`, `7&8&`, `1,2`, `1 2 3&4`, `8&1`, `SSQQ`. */
import { BETWEEN_COUNTS, tickOfCount, TICKS_A_COUNT, type BetweenCounts } from '../model/ticks';
import type { Span } from '../model/text';

/** One line holds at most this many counts; more is a slip of the pen, and is said as one. */
export const MOST_COUNTS_A_LINE = 64;

/** No dance is counted further, and no section claims more. */
export const MOST_COUNT = 999;

export type CountProblem = 'backwards' | 'zero' | 'too-many';

export interface Counts {
  readonly span: Span;
  /** Moments in ticks from count 1, as written: running numbers (9-16) are not yet brought back to 1. */
  readonly ticks: readonly number[];
  /** Where the last moment ends, in ticks: a step on 4 ends at 5, a slow takes two counts. */
  readonly end: number;
  /** Slow and quick, or nothing written: the counts go on from the line before. */
  readonly floating: boolean;
  /** It ends on the count 1 of what follows: `8&1`. */
  readonly borrows: boolean;
  /** `counts three and four`: two whole counts, or these three moments where three steps stand for them. */
  readonly parted?: readonly number[];
  readonly problem?: CountProblem;
}

const ITEM = /(\d+)(?:\s*-\s*(\d+)(?!\d*\s*\/))?|([&ea])/y;
const GAP = /[\s,]*/y;

/** Reads the count expression that opens `text` at `start`; undefined when there is none. */
export function readCounts(text: string, start = 0): Counts | undefined {
  return readSlowQuick(text, start) ?? readNumbers(text, start);
}

function readNumbers(text: string, start: number): Counts | undefined {
  const run = new Run();
  let position = start;
  let end = start;
  for (;;) {
    ITEM.lastIndex = position;
    const match = ITEM.exec(text);
    if (!match || !isCountHere(text, match, run.ticks.length > 0, end, run.count)) break;
    const [, from, to, between] = match;
    if (between) run.addBetween(between as BetweenCounts, nextNumber(text, ITEM.lastIndex));
    else run.add(Number(from), to === undefined ? undefined : Number(to));
    end = ITEM.lastIndex;
    GAP.lastIndex = end;
    GAP.exec(text);
    position = GAP.lastIndex;
    if (text[position] === '-' && /^-\s*\d/.test(text.slice(position, position + 4))) position += 1; // 5-6-7-8
  }
  return end === start ? undefined : run.counts({ from: start, to: end });
}

/** Counts as they are taken one after another. */
class Run {
  readonly ticks: number[] = [];
  count = 0;
  private problem: CountProblem | undefined;
  private lastWasBetween = false;
  private borrows = false;

  /** `&`, `e`, `a`; at the head of a line they belong to the count before the next one. */
  addBetween(sign: BetweenCounts, next: number): void {
    if (this.ticks.length === 0) this.count = next - 1;
    if (this.count > MOST_COUNT) this.problem ??= 'too-many';
    this.push(tickOfCount(this.count) + BETWEEN_COUNTS[sign]);
    [this.lastWasBetween, this.borrows] = [true, false];
  }

  add(written: number, to: number | undefined): void {
    this.borrows = written === 1 && this.count > 1 && this.lastWasBetween;
    const first = this.borrows ? this.count + 1 : written;
    const last = to ?? first;
    this.problem ??= this.problemOf(first, last);
    if (!this.problem) for (let next = first; next <= last; next++) this.push(tickOfCount(next));
    this.count = this.problem ? first : last;
    this.lastWasBetween = false;
  }

  private push(tick: number): void {
    this.ticks.push(tick);
    if (this.ticks.length > MOST_COUNTS_A_LINE) this.problem ??= 'too-many';
  }

  private problemOf(first: number, last: number): CountProblem | undefined {
    if (first === 0) return 'zero';
    const isBack = last < first || (this.ticks.length > 0 && tickOfCount(first) <= this.ticks[this.ticks.length - 1]);
    if (isBack) return 'backwards';
    return last - first >= MOST_COUNTS_A_LINE || last > MOST_COUNT ? 'too-many' : undefined;
  }

  counts(span: Span): Counts {
    const { ticks, problem, borrows } = this;
    if (problem || ticks.length === 0)
      return { span, ticks: [], end: 0, floating: false, borrows: false, problem: problem ?? 'zero' };
    return { span, ticks, end: endOf(ticks[ticks.length - 1]), floating: false, borrows };
  }
}

/** A number is no count when it belongs to a fraction, an hour or a word; a lone letter counts only beside a number. */
function isCountHere(text: string, match: RegExpExecArray, begun: boolean, lastEnd: number, reached: number): boolean {
  const after = text.slice(match.index + match[0].length);
  if (match[3]) {
    if (begun) {
      const attached = match.index === lastEnd;
      if (match[3] === '&') return attached || /^\s*\d/.test(after) || /^\s/.test(after);
      return attached && !/^[a-z]/i.test(after);
    }
    return match[3] === '&' && /^\s*[\d]/.test(after);
  }
  if (/^\s*\//.test(after) || /^[¼½¾⅛ºª°]/.test(after) || /^[:.]\d/.test(after)) return false;
  if (/^(st|nd|rd|th)\b/i.test(after)) return false;
  // `32 count, 4 wall`: facts, no counts to dance.
  if (/^[\s-]*(counts?|walls?|beats?|bpm|bars?)\b/i.test(after)) return false;
  const separated = begun && match.index > lastEnd;
  // `4 2 shuffles` : a number that a word follows, after a gap, is how often, unless counts run on.
  if (separated && /^\s+(x\b|times)/i.test(after)) return false;
  // `1&2& 2 paddles`, `1-4 3 step turn`: a number that goes no further than the counts is how many.
  if (
    separated &&
    Number(match[1]) <= reached &&
    match[2] === undefined &&
    /^[\s-]+(?:\p{L}{2}|[¼½¾]|\d\/\d)/u.test(after)
  )
    return false;
  return !/^(?:[b-df-z]|[ae][a-z])/i.test(after);
}

function nextNumber(text: string, from: number): number {
  const match = /^\s*(\d+)/.exec(text.slice(from, from + 8));
  return match ? Number(match[1]) : 1;
}

const endOf = (tick: number): number => (Math.floor(tick / TICKS_A_COUNT) + 1) * TICKS_A_COUNT;

const SLOW_QUICK_LETTERS = /^[SQ]{2,16}(?=\s|$)/;
const SLOW_QUICK_WORDS = /^(?:(?:slow|quick)[\s,]+){1,15}(?:slow|quick)\b/i;

function readSlowQuick(text: string, start: number): Counts | undefined {
  const rest = text.slice(start, start + 120);
  const found = SLOW_QUICK_LETTERS.exec(rest)?.[0] ?? SLOW_QUICK_WORDS.exec(rest)?.[0];
  if (!found) return undefined;
  const letters = /^[SQ]+$/.test(found) ? [...found] : found.split(/[\s,]+/).map((word) => word[0].toUpperCase());
  const ticks: number[] = [];
  let tick = 0;
  for (const letter of letters) {
    ticks.push(tick);
    tick += letter === 'S' ? 2 * TICKS_A_COUNT : TICKS_A_COUNT;
  }
  return {
    span: { from: start, to: start + found.length },
    ticks,
    end: tick,
    floating: true,
    borrows: false,
  };
}

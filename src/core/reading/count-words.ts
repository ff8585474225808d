/**
 * Counts as they are said and as they stand around the steps: `Counts 1 to 4`, `one and two`, `(1, 2)`, `3and4`; behind the steps,
 * `(1&2)`, `(4 counts)`, `five, six`. What is said is put into signs letter for letter, so that every place stays.
 */
import { narrowDigits } from '../lexicon/letters';
import { COUNTED_ALOUD, numberOf } from '../lexicon/numbers';
import type { Span } from '../model/text';
import { TICKS_A_COUNT } from '../model/ticks';
import { readCounts, type Counts } from './counts';

/** Words of one stretch of counts: from the end of its counts (or their beginning, where they stand behind) to the next. */
export interface CountedStretch extends Span {
  readonly counts?: Counts;
}

export const NOUN =
  'counts?|cts?|beats?|takte?|zz|zählzeit(?:en)?|zaehlzeit(?:en)?|taktschl[aä]ge?|schl[aä]ge?|temps|comptes?|tellen?';
/** What may stand before counts (`C1` alone is a section of part C): `on counts 1-4`, `ct. 1-4`, `T1-2`, `#1`, `auf 1-2`, `steps 1-4`. */
const HEAD = new RegExp(
  `\\s*(?:(?:(?:on|auf|bei|sur|du|von|from)\\s+)?(?:${NOUN})\\.?\\s+(?=[\\d\\p{L}])|(?:t|#)(?=\\d)|c(?=\\d{1,2}\\s*[-–&]\\s*\\d)|(?:on|auf|bei|sur)\\s+(?=\\d)|(?:steps?|schritte?)\\s+(?=\\d{1,2}\\s*[-–&]\\s*\\d))?`,
  'iuy',
);
const SAID = [...COUNTED_ALOUD].sort((a, b) => b.length - a.length).join('|');
/** A number, a joint, a range, a part of a count, what stands between. */
const PIECE = new RegExp(
  `(\\d{1,3}|(?:${SAID})(?![\\p{L}]))|(&|\\+|(?:and|und|et|en|y)(?![\\p{L}]))|((?:to|bis|à|au|through|thru|tot)(?![\\p{L}])(?:\\s+(?:${NOUN})(?![\\p{L}]))?|[-–—>]|\\.\\.+)|((?<=\\d)[ea](?![\\p{L}]))|(,?\\s+|,)`,
  'iuy',
);

interface SaidCounts {
  readonly counts: Counts;
  /** Moments said one by one. */
  readonly numbers: number;
  readonly inWords: boolean;
}

/** What stands behind a number that makes it none: `1/4`, `9:00`, `2x`, `1st`; `1and2` and `5a6` count. */
const NO_COUNT =
  /^(?:\s*[/°ºª¼½¾x]\s*\d|:\d|\.\d|\s+\.\s*\d|\s*[/°ºª¼½¾x]|\d|(?!and|und|et|to|bis|[ea](?!\p{L}))\p{L})/iu;

const signOf = ([, number, joint, range, part]: RegExpExecArray): string =>
  number !== undefined ? String(numberOf(number)) : joint ? '&' : range ? '-' : (part ?? ' ');

/** The longest run of pieces from `from`, as signs, each as long as its words. */
function piecesAt(text: string, from: number): { signs: string; numbers: number; inWords: boolean; end: number } {
  const run = { signs: '', numbers: 0, inWords: false, end: from };
  for (let at = from; ; at = PIECE.lastIndex) {
    PIECE.lastIndex = at;
    const match = PIECE.exec(text);
    if (!match) return run;
    const [whole, number, joint, , part] = match;
    const to = PIECE.lastIndex;
    if (number !== undefined) {
      const isDigits = /^\d/.test(number);
      // `1-2 Trois quarts de tour`: whoever writes signs does not go on in words.
      const changes = run.numbers > 0 && run.inWords === isDigits;
      if (changes || (isDigits ? NO_COUNT : /^\s*(?:[/°]|:\s*\d)/).test(text.slice(to, to + 4))) return run;
      run.numbers += 1;
      run.inWords ||= !isDigits;
    }
    run.signs += signOf(match).padEnd(whole.length);
    if (number !== undefined || part !== undefined || /[&+]/.test(joint ?? '')) run.end = to;
  }
}

/** The counts that begin at `from`, in signs or in words; undefined when there are none. */
function countsSaid(text: string, from: number): SaidCounts | undefined {
  const { signs, numbers, inWords, end } = piecesAt(text, from);
  if (numbers === 0) return undefined;
  const length = signs.search(/[&ea\d](?=[^&ea\d]*$)/i) + 1;
  // An `&` at the end counts (`1&2&`); "and" before the next word does not.
  const isWord = signs[length - 1] === '&' && !/[&+]/.test(text[from + length - 1]);
  const own = signs.slice(0, isWord ? length - 1 : length).trimEnd();
  const counts = readCounts(`${' '.repeat(from)}${own} `, from);
  if (!counts || counts.problem || counts.ticks.length === 0 || counts.span.to !== from + own.length) return undefined;
  return { counts: { ...counts, span: { from, to: end } }, numbers, inWords };
}

/** `8 counts: vine R, vine L`: how many, not which. */
const OPENING_LENGTH = new RegExp(`\\s*(?:\\d{1,2}|${SAID})\\s+(?:${NOUN})\\s*[:–—-]\\s*(?=\\p{L})`, 'iuy');
const OPENING_BRACKET = /\s*[([]\s*/y;
const CLOSING_BRACKET = /\s*[)\]]\s*[:.]?/y;
const ITEM = /\s*(?:\d{1,2}(?:\.\d{1,2})+\.?|\(?[a-z]\)|\(?[ivx]{1,4}\))\s+(?=[([\d])/iy;

const reach = (pattern: RegExp, text: string, at: number): number | undefined => {
  pattern.lastIndex = at;
  return pattern.test(text) ? pattern.lastIndex : undefined;
};

/** The counts that open a line, whatever stands around them: `Counts 1-4:`, `(1-2)`, `1.1  (1, 2)`, `One two,`. */
export function openingCounts(text: string, start: number): Counts | undefined {
  return openingInRow(text, start) ?? openingLength(text, start) ?? openingNumbers(text, start);
}

const WIDE_ROW = /\s*([１-８]{2,8})/y;

/** `５６７８`: digits that the whole sheet shows to be counts, each for itself. */
function openingInRow(text: string, start: number): Counts | undefined {
  const to = reach(WIDE_ROW, text, start);
  const counts = to === undefined ? undefined : digitsInRow(narrowDigits(text.slice(start, to).trim()));
  return counts && to !== undefined ? { ...counts, span: { from: start, to } } : undefined;
}

function openingLength(text: string, start: number): Counts | undefined {
  const to = reach(OPENING_LENGTH, text, start);
  const counts = to === undefined ? 0 : (numberOf(/[\p{L}\d]+/u.exec(text.slice(start))?.[0] ?? '') ?? 0);
  return to !== undefined && counts > 0 && counts <= 32
    ? { ...wholeCounts(counts), span: { from: start, to } }
    : undefined;
}

function openingNumbers(text: string, start: number): Counts | undefined {
  const item = reach(ITEM, text, start) ?? start;
  const bracket = reach(OPENING_BRACKET, text, item);
  const from = reach(HEAD, text, bracket ?? item) as number;
  const isHeaded = /\p{L}/u.test(text.slice(item, from));
  const plain = bracket === undefined ? readCounts(text, item) : undefined;
  const spoken = countsSaid(text, from);
  if (!spoken) return plain;
  const said = oneByOne(text, from, spoken, isHeaded) ?? spoken;
  const close = bracket === undefined ? undefined : reach(CLOSING_BRACKET, text, said.counts.span.to);
  if (bracket !== undefined && close === undefined) return plain;
  // "One step forward" says how many; "one and two, ..." counts.
  if (said.inWords && said.numbers < 2 && !isHeaded && close === undefined) return plain;
  if (plain && !isHeaded && saysAsMuch(plain, said.counts)) return plain;
  return { ...said.counts, span: { from: start, to: close ?? said.counts.span.to } };
}

const PAIR = new RegExp(`^(\\d{1,2}|${SAID})\\s+(?:and|und|et|en)\\s+(\\d{1,2}|${SAID})(?=(\\s*[.:,–—-])?)`, 'iu');

/** `Counts 1 and 2.` are two whole counts; `one and two` are three moments. Each can be the other, where the steps are as many. */
function oneByOne(text: string, from: number, said: SaidCounts, isHeaded: boolean): SaidCounts | undefined {
  const pair = PAIR.exec(text.slice(from));
  const [first, second] = pair ? [numberOf(pair[1]), numberOf(pair[2])] : [];
  const { ticks } = said.counts;
  if (!pair || first === undefined || second !== first + 1 || ticks.length !== 3) return undefined;
  const whole = [ticks[0], ticks[2]];
  const isWhole = pair[3] !== undefined && (isHeaded || !said.inWords);
  return { ...said, counts: { ...said.counts, ...(isWhole ? { ticks: whole, parted: ticks } : { parted: whole }) } };
}

const saysAsMuch = ({ problem, ticks, floating }: Counts, said: Counts): boolean =>
  problem !== undefined || floating || ticks.length >= said.ticks.length;

const BEHIND = new RegExp(`[([{]\\s*(?:(?:on\\s+)?(?:${NOUN})\\s+)?([^()[\\]{}]{1,40}?)\\s*[)\\]}]`, 'giu');
const LENGTH = new RegExp(`^(\\p{L}+|\\d{1,2})\\s+(?:${NOUN})$`, 'iu');

/** What a bracket says, where it is nothing but counts: `1&2`, `5-8`, `4 counts`. */
export function countsInBracket(inner: string): Counts | undefined {
  const length = numberOf(LENGTH.exec(inner)?.[1] ?? '');
  if (length !== undefined && length > 0 && length <= 32) return wholeCounts(length);
  const glued = digitsInRow(inner);
  if (glued) return glued;
  const said = countsSaid(inner, 0);
  return said && said.counts.span.to === inner.length && said.counts.ticks.length > 1 ? said.counts : undefined;
}

/** `5678`: counts written without a space; `12` may be an hour, and is none of these. */
export function digitsInRow(inner: string): Counts | undefined {
  if (!/^[1-8]{2,8}$/.test(inner) || ![...inner].every((digit, index) => Number(digit) === Number(inner[0]) + index))
    return undefined;
  const ticks = [...inner].map((digit) => (Number(digit) - 1) * TICKS_A_COUNT);
  return {
    span: { from: 0, to: 0 },
    ticks,
    end: ticks[ticks.length - 1] + TICKS_A_COUNT,
    floating: false,
    borrows: false,
  };
}

/** So many whole counts, going on from what stands before. */
const wholeCounts = (length: number): Counts => ({
  span: { from: 0, to: 0 },
  ticks: Array.from({ length }, (_, index) => index * TICKS_A_COUNT),
  end: length * TICKS_A_COUNT,
  floating: true,
  borrows: false,
});

/** `step R side (1), cross L behind (2), ...`: numbers alone that go on from one another count the calls. */
export function countsCalls(text: string): boolean {
  const numbers = [...text.matchAll(/[([](\d{1,2})[)\]]/g)].map(([, number]) => Number(number));
  return numbers.length > 1 && numbers.every((number, index) => index === 0 || number === numbers[index - 1] + 1);
}

/** Stretches of a line whose counts stand behind the steps; none where there are no counts. */
export function countsBehind(text: string, start: number): CountedStretch[] {
  const stretches: CountedStretch[] = [];
  let from = start;
  const isCounted = countsCalls(text);
  for (const match of text.slice(start).matchAll(BEHIND)) {
    const counts =
      shownByPage(match[0], match[1]) ??
      countsInBracket(match[1]) ??
      (isCounted ? oneCount(match[1]) : nextAlone(match[1], stretches));
    if (!counts) continue;
    const at = start + match.index;
    if (at < from || !/\p{L}/u.test(text.slice(from, at))) continue;
    const span = { from: at, to: at + match[0].length };
    stretches.push({ from, to: at, counts: { ...counts, span } });
    from = span.to;
  }
  if (stretches.length > 0) return stretches;
  const said = saidBehind(text, start);
  return said.length > 0 ? said : countsAtEnd(text, start);
}

/** The page puts `(4)` in curly brackets where it is a count, and in `{4]` where it says how many. */
function shownByPage(bracket: string, inner: string): Counts | undefined {
  if (!bracket.startsWith('{')) return undefined;
  const length = bracket.endsWith(']') && /^\d{1,2}$/.test(inner) ? Number(inner) : 0;
  return length > 0 && length <= 32 ? wholeCounts(length) : openingCounts(inner, 0);
}

/** What stands before counts that are another line's, or how many: `repeat 1-4`, `walls 2-5`. */
const NAMES_COUNTS =
  /(?:\b(?:repeat|counts?|cts|beats?|as|of|and|with|walls?|sections?|wie|takte?|z[aä]hlzeiten?|abschnitte?|w[aä]nde?|von|temps|comme|murs?|de|für|for|on|auf|to|face|facing)|\d|\/|:)\s*$/i;
const MAY_END = /\s(?:[-–—|:]\s*)?(?=&?\d{1,2}(?![\d:/]))/g;

/** `Vine right, touch left   1-4`: a column of counts at the right, or counts in a row. One number alone stands well apart: it may be an hour. */
function countsAtEnd(text: string, start: number): CountedStretch[] {
  const end = text.trimEnd().replace(/\s*[.|]$/, '').length;
  for (const { index, 0: gap } of text.slice(start).matchAll(MAY_END)) {
    const at = start + index;
    const before = text.slice(start, at);
    const counts = countsSaid(text.slice(0, end), at + gap.length)?.counts;
    if (!counts || counts.span.to !== end) continue;
    const isApart = /\s\s$/.test(text.slice(start, at + 1)) || gap.includes('|');
    const own = Number(text.slice(at + gap.length, end));
    const isColumn = counts.ticks.length > 1 || (isApart && own <= 8);
    if (!isColumn || !/\p{L}/u.test(before) || NAMES_COUNTS.test(before)) return [];
    return [{ from: start, to: at, counts: { ...counts, span: { from: at, to: text.length } } }];
  }
  return [];
}

const oneCount = (inner: string): Counts | undefined =>
  /^\d{1,2}$/.test(inner) ? countsSaid(inner, 0)?.counts : undefined;

/** `... (1 2 3) then tap left (4)`: one number goes on with what stands before. */
function nextAlone(inner: string, before: readonly CountedStretch[]): Counts | undefined {
  const last = before[before.length - 1]?.counts;
  const said = last && /^\d{1,2}$/.test(inner) ? countsSaid(inner, 0) : undefined;
  return said && last && said.counts.ticks[0] === last.end ? said.counts : undefined;
}

const NEXT_SAID = new RegExp(
  `(?:^|[,.;:–—-]|\\b(?:then|that's|that’s|for|on|is|und|dann|puis))\\s*(?=(?:${SAID})(?![\\p{L}])|\\d{1,2}\\s?(?:and|und|et)\\s?\\d|\\d{1,2}(?:\\s?[-–&]\\s?\\d{1,2})+\\s*(?:[.,;:]|$))`,
  'giu',
);

/** `..., five, six, ... seven and eight.`: counted aloud behind the steps. */
function saidBehind(text: string, start: number): CountedStretch[] {
  const stretches: CountedStretch[] = [];
  let from = start;
  let reached: number | undefined;
  for (const { at, counts } of saidRuns(text, start)) {
    if (at <= from || (reached !== undefined && counts.ticks[0] !== reached)) continue;
    stretches.push({ from, to: at, counts });
    from = counts.span.to;
    reached = counts.end;
  }
  return stretches;
}

function saidRuns(text: string, start: number): { at: number; counts: Counts }[] {
  return [...text.slice(start).matchAll(NEXT_SAID)].flatMap((match) => {
    const at = start + match.index + match[0].length;
    const said = countsSaid(text, at);
    return said && said.numbers > 1 ? [{ at, counts: said.counts }] : [];
  });
}

/** `One two, walk R, L, three and four, shuffle R`: counted aloud before the steps, again and again. */
export function saidStretches(text: string, opening: Counts): CountedStretch[] {
  const stretches: CountedStretch[] = [];
  let [counts, from] = [opening, opening.span.to];
  for (const next of saidRuns(text, opening.span.to)) {
    if (next.counts.ticks[0] !== counts.end || next.at < from) continue;
    stretches.push({ from, to: next.at, counts });
    [counts, from] = [next.counts, next.counts.span.to];
  }
  return [...stretches, { from, to: text.length, counts }];
}

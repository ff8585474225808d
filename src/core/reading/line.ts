/** One step line: counts, calls, marks. A pure function of the line's text, so it is remembered by text. */
import type { Span } from '../model/text';
import { Memory } from '../model/memory';
import { greatest, least as leastOf } from '../model/numbers';
import { TICKS_A_COUNT } from '../model/ticks';
import { readAsides, type Lead } from './asides';
import { readCalls, type Call } from '../grammar/steps/cut';
import type { Counts } from './counts';
import { countsBehind, NOUN, openingCounts, saidStretches, type CountedStretch } from './count-words';
import { HALF_COUNT } from '../vocabulary/notation';
import { isFoot, otherFoot, type Foot } from '../model/feet';
import { COMMON_VOCABULARY, KNOWN, meantBy, type Figure, type Vocabulary } from '../vocabulary';
import { readRepeat, type Repeat } from '../grammar/repeat';
import { readMarks, type Marks } from './marks';

export interface CallGroup {
  /** Undefined when the line gives no counts. */
  readonly counts?: Counts;
  readonly calls: readonly Call[];
  /** Weight said aloud, as the step that it is where the counts ask for one: `right forward, weight back on L`. */
  readonly said?: readonly Call[];
  /** Stands for other lines; then it has no calls of its own. */
  readonly repeat?: Repeat;
}

export interface StepLine {
  readonly text: string;
  /** Where the counts (or, without any, the calls) begin. */
  readonly start: number;
  readonly groups: readonly CallGroup[];
  readonly marks: Marks;
  /** Words that were read as others, a slip of the finger away. */
  readonly misspelt?: readonly Misspelt[];
}

export interface Misspelt {
  readonly span: Span;
  readonly word: string;
}

/** Some word of it names a step, or stands for other lines. */
export const namesSteps = ({ groups }: StepLine): boolean =>
  groups.some(({ calls, repeat }) => repeat !== undefined || calls.some(({ figure }) => figure));

/** Every word of it is read. Without counts only such a line is a step; anything else is words about the dance. */
export function isWholeLine({ groups }: StepLine): boolean {
  if (groups.some(({ repeat }) => repeat)) return true;
  const calls = groups.flatMap((group) => group.calls);
  return calls.length > 0 && calls.every(isUnderstood);
}

export interface Length {
  readonly least: number;
  readonly most: number;
}

/** How many counts its calls take, in their shortest forms and in their longest. */
export const countsNeeded = ({ groups }: StepLine): Length =>
  groups
    .flatMap(({ calls }) => calls)
    .reduce(
      ({ least, most }, { figure, repeat }) => {
        const lengths = figure && figure.family !== 'single' ? lengthsOf(figure) : [1];
        return { least: least + leastOf(lengths) * repeat, most: most + greatest(lengths, 1) * repeat };
      },
      { least: 0, most: 0 },
    );

const lengthsOf = ({ forms }: Figure): number[] =>
  forms.flatMap(({ rhythms }) => Math.floor((rhythms[0].at(-1) ?? 0) / TICKS_A_COUNT) + 1);

const isUnderstood = ({ figure, unread, detail = [] }: Call): boolean =>
  figure !== undefined && unread.length === 0 && detail.every(isUnderstood);

/** `Vine R (1-4)`: the counts follow the steps. */
export const countsStandBehind = ({ groups: [first] }: StepLine): boolean =>
  first?.counts !== undefined && first.calls.length > 0 && first.counts.span.from > first.calls[0].span.from;

const memories = new WeakMap<Vocabulary, Memory<StepLine>>();

/** Reads a line of counts and calls; remembers it. All offsets are from the start of the line. */
export function readStepLine(text: string, vocabulary: Vocabulary = COMMON_VOCABULARY): StepLine {
  let memory = memories.get(vocabulary);
  if (!memory) memories.set(vocabulary, (memory = new Memory()));
  return memory.of(text, () => readAfresh(text, vocabulary));
}

const PLAIN = /^[ -~]*$/;

/** A row of a table drawn with bars: `| 1-4 | vine right |`. */
const BARRED = /^\s*\|[^|]*\|/;

/** Signs that people use for others, one for one, so that every offset stays. */
function plainSigns(text: string): string {
  const own = BARRED.test(text) ? text.replace(/\|/g, ' ') : text;
  if (PLAIN.test(own)) return own;
  return own
    .replace(/[\u2010-\u2015\u2212]/g, '-')
    .replace(/[\u00a0\u2000-\u200a\u202f\t]/g, ' ')
    .replace(/[’‘]/g, "'")
    .replace(/＆/g, '&');
}

const BULLET = /^\s*(?:[-*•·–—]\s+)?/;

function readAfresh(text: string, vocabulary: Vocabulary): StepLine {
  const plain = plainSigns(text);
  const line = readMarked(text, readMarks(plain), vocabulary);
  if (line.marks.cues.length === 0 || !isNearlyEmpty(line)) return line;
  // What is called aloud can be all there is of the steps: `"Side together side touch", five six seven eight`.
  const called = readMarked(text, readMarks(plain.replace(/["“”„]([^"“”„]*)["“”„]/g, ' $1,')), vocabulary);
  return figuresIn(called) > figuresIn(line) ? called : line;
}

const figuresIn = ({ groups }: StepLine): number =>
  groups.reduce((sum, { calls }) => sum + calls.filter(({ figure }) => figure).length, 0);

/** Hardly a step for all its counts. */
const isNearlyEmpty = (line: StepLine): boolean => {
  const moments = line.groups.reduce((sum, { counts }) => sum + (counts?.ticks.length ?? 0), 0);
  const only = line.groups[0]?.calls.find(({ figure }) => figure)?.figure;
  return moments > 2 && figuresIn(line) < 2 && (!only || only.family === 'single');
};

function readMarked(
  text: string,
  { marks, rest: unmarked }: ReturnType<typeof readMarks>,
  vocabulary: Vocabulary,
): StepLine {
  const start = BULLET.exec(unmarked)?.[0].length ?? 0;
  const opening = openingCounts(unmarked, start) ?? andAlone(text, start);
  const { rest, weightClaims, facingClaims, notes, lead } = readAsides(
    unmarked,
    opening ? opening.span.to : start,
    vocabulary,
    opening !== undefined,
  );
  const misspelt: Misspelt[] = [];
  const groups = stretchesOf(rest, start, opening).map(({ from, to, counts }, index): CallGroup => {
    const words = rest.slice(0, to);
    const repeat = readRepeat(words, from);
    const [calls, slips] = repeat ? [[], []] : readSpelt(words, from, vocabulary, counts !== undefined);
    misspelt.push(...slips);
    if (lead && index === 0 && calls[0] && isLedByNobody(calls[0]))
      calls[0] = { ...calls[0], foot: footLeading(calls[0], lead), footSpan: lead.span };
    const said = repeat || !counts ? [] : stepsSaid(weightClaims, from, to);
    return {
      ...(counts && { counts: asManyAs(calls, counts) }),
      calls,
      ...(said.length > 0 && { said }),
      ...(repeat && { repeat }),
    };
  });
  return {
    text,
    start,
    groups,
    ...(misspelt.length > 0 && { misspelt }),
    marks: {
      ...marks,
      weightClaims: [...marks.weightClaims, ...weightClaims],
      // `left across (3)` says when, and not where one looks.
      facingClaims: [...marks.facingClaims, ...facingClaims].filter(
        ({ span }) => !groups.some(({ counts }) => counts && counts.span.from < span.to && span.from < counts.span.to),
      ),
      notes: [...marks.notes, ...notes],
    },
  };
}

const UNREAD_COST = 2;
const leftOver = (calls: readonly Call[]): number =>
  calls.reduce((sum, { figure, unread }) => sum + unread.length + (figure ? 0 : UNREAD_COST), 0);

/** The calls as they are written; where words of a counted line say nothing, as they were meant. */
function readSpelt(
  text: string,
  from: number,
  vocabulary: Vocabulary,
  isCounted: boolean,
): [Call[], readonly Misspelt[]] {
  const calls = readCalls(text, from, vocabulary);
  const left = isCounted ? leftOver(calls) : 0;
  if (left === 0) return [calls, []];
  const misspelt: Misspelt[] = [];
  const meant = readCalls(text, from, vocabulary, (raw, at) => {
    const word = meantBy(raw);
    if (word) misspelt.push({ span: { from: at, to: at + raw.length }, word });
    return word;
  });
  return leftOver(meant) < left && misspelt.length > 0 ? [meant, misspelt] : [calls, []];
}

/** What a statement of weight between two places would be as a step. */
const stepsSaid = (claims: Marks['weightClaims'], from: number, to: number): Call[] =>
  claims.flatMap(({ span, weight }) =>
    span.from < from || span.to > to || !isFoot(weight)
      ? []
      : [
          {
            span,
            figure: KNOWN.weightChange,
            nameSpan: span,
            foot: weight,
            footSpan: span,
            repeat: 1,
            total: false,
            joined: false,
            unread: [],
          },
        ],
  );

/** `Counts three and four: shuffle R L R`: as many moments as there are steps. */
function asManyAs(calls: readonly Call[], counts: Counts): Counts {
  const steps = calls.reduce(
    (sum, { figure, repeat }) =>
      sum + (figure?.family === 'single' ? 1 : (figure?.forms[0].steps.length ?? 0)) * repeat,
    0,
  );
  if (counts.parted && steps === counts.parted.length) return { ...counts, ticks: counts.parted };
  const [only, more] = calls;
  const own = more ? undefined : rhythmWithin(only?.figure, counts.ticks);
  return own ? { ...counts, ticks: own } : counts;
}

/** `1-4 Lindy R`: a range leaves open how the figure is counted within it. */
function rhythmWithin(figure: Figure | undefined, ticks: readonly number[]): readonly number[] | undefined {
  const rhythm = figure?.forms[0].rhythms[0] ?? [];
  const isRange = ticks.length >= FEWEST_IN_RANGE && ticks.every((tick, at) => tick === ticks[0] + at * TICKS_A_COUNT);
  const counts = Math.floor((rhythm.at(-1) ?? 0) / TICKS_A_COUNT) + 1;
  return isRange && rhythm.length > ticks.length && counts === ticks.length
    ? rhythm.map((tick) => ticks[0] + tick)
    : undefined;
}
const FEWEST_IN_RANGE = 4;

/** A cross goes away from its own foot. */
const footLeading = ({ figure, direction }: Call, { foot, goes }: Lead): Foot =>
  goes && (figure === KNOWN.cross || direction === 'cross' || direction === 'behind') ? otherFoot(foot) : foot;

const isLedByNobody = ({ figure, foot, feet, travel }: Call): boolean =>
  figure !== undefined && figure.bare !== 'way' && !foot && !feet && !travel;

/** An `&` in a column of its own: half a count after what stands above. */
function andAlone(text: string, start: number): Counts | undefined {
  if (!/^&(?:\s*\t|\s{2,})\S/.test(text.slice(start))) return undefined;
  return { span: { from: start, to: start + 1 }, ticks: [-HALF_COUNT], end: 0, floating: true, borrows: false };
}

/** The counts of a line and the words that belong to each, wherever the counts stand. */
function stretchesOf(text: string, start: number, opening: Counts | undefined): CountedStretch[] {
  if (!opening) {
    const behind = countsBehind(text, start);
    return behind.length > 0 ? behind : [{ from: start, to: text.length }];
  }
  const said = saidStretches(text, opening);
  if (said.length > 1) return said;
  return countGroups(text, start, opening).map((stretch, index) => {
    const counts = index === 0 ? opening : openingCounts(text.slice(0, stretch.to), stretch.from);
    return { from: counts ? counts.span.to : stretch.from, to: stretch.to, ...(counts && { counts }) };
  });
}

const NEXT_COUNTS = new RegExp(
  `(?:[;,]|\\s[/|]\\s|\\.\\s(?=\\s*(?:${NOUN})))\\s*(?=(?:(?:${NOUN})\\s+)?&?(\\d{1,2})(?:\\s*[-&+,]\\s*\\d{1,2})*&?(?:\\s*:)?\\s+\\p{L})`,
  'giu',
);

/** A semicolon, or a comma where the counts go on, starts a line's worth of its own: `1-3 sway R L R, 4 hold`. */
function countGroups(text: string, start: number, opening: Counts): Span[] {
  const stretches: Span[] = [];
  let from = start;
  let reached = opening.floating ? Infinity : opening.end / TICKS_A_COUNT;
  for (const match of text.matchAll(NEXT_COUNTS)) {
    const next = Number(match[1]);
    if (match.index < opening.span.to || (text[match.index] === ',' && next !== reached + 1)) continue;
    stretches.push({ from, to: match.index });
    from = match.index + match[0].length;
    reached = (openingCounts(text, from)?.end ?? 0) / TICKS_A_COUNT;
  }
  stretches.push({ from, to: text.length });
  return stretches.length === 1 ? (runningStretches(text, opening) ?? stretches) : stretches;
}

/** `1 step R fwd 2 step L fwd 3 touch R`, `1. Right forward. 2. Left forward.`: counts running through a line without a comma between. */
function runningStretches(text: string, opening: Counts): Span[] | undefined {
  if (opening.ticks.length !== 1 || opening.floating) return undefined;
  let reached = opening.end / TICKS_A_COUNT;
  const starts = [opening.span.from];
  for (const match of text.slice(opening.span.to).matchAll(/\s(\d{1,2})[.:)]?\s+(?=\p{L})/gu)) {
    if (Number(match[1]) !== reached + 1) continue;
    reached += 1;
    starts.push(opening.span.to + match.index + 1);
  }
  // One number alone may be how many: `1 hop 2 steps`.
  if (starts.length < 3) return undefined;
  return starts.map((from, index) => ({ from, to: starts[index + 1] ?? text.length }));
}

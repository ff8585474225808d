/** What the words of a plan name: walls (`walls 1, 4`, `odd walls`, `2nd A`), places (`after 16&`, `4 counts into section 3`), facings of the room. */
import type { Span } from '../model/text';
import { CIRCLE, type Facing } from '../model/turns';
import type { Clause } from './clause';
import type { Token } from './lexer';
import { find, matchAt, pattern, type Match, type Pattern } from './pattern';

/** Which walls a plan line is about. Numbers count from 1. */
export type WallPick = { readonly span: Span } & (
  | { readonly kind: 'walls'; readonly numbers: readonly number[] }
  /** `first`, and every `step` walls from there: odd walls are 1 and 2. */
  | { readonly kind: 'every'; readonly first: number; readonly step: number }
  | { readonly kind: 'starting'; readonly facing: Facing }
  /** Times a part of a phrased dance is danced; every one of them without numbers. */
  | { readonly kind: 'part'; readonly part: string; readonly numbers?: readonly number[] }
  | { readonly kind: 'last' }
  /** Not said, or a question mark. */
  | { readonly kind: 'unsaid' }
);

/** `line`: what stands on that count's line belongs to it; `with`: its `&` wherever it stands; `without`: never. */
export type AndRule = 'line' | 'with' | 'without';

/** A moment in a part or a tag: all before it is danced. Counts are numbered from 1. */
export type PlaceSaid = { readonly span: Span } & (
  | { readonly kind: 'count'; readonly count: number; readonly and: AndRule; readonly section?: number }
  | { readonly kind: 'section'; readonly section: number }
  /** After a figure that is named; not known yet whether it occurs once. */
  | { readonly kind: 'words'; readonly words: string }
  /** Where the line stands in the sheet. */
  | { readonly kind: 'here' }
  | { readonly kind: 'end' }
);

export interface FacingSaid {
  readonly span: Span;
  readonly facing: Facing;
}

type WithoutSpan<T> = T extends unknown ? Omit<T, 'span'> : never;
type Wall = WithoutSpan<WallPick>;
type Place = WithoutSpan<PlaceSaid>;

/** What a match says, and how many tokens that is; undefined where it says nothing after all. */
type Reading<T> = { readonly value: T; readonly to: number } | undefined;
type Row<T> = readonly [Pattern, (match: Match, tokens: readonly Token[]) => Reading<T>];

function takeFirst<T>(clause: Clause, rows: readonly Row<T>[]): (T & { readonly span: Span }) | undefined {
  for (const [steps, read] of rows) {
    const match = find(clause.left, steps);
    const found = match && read(match, clause.left);
    if (match && found) return { ...found.value, span: clause.take(match.from, found.to) };
  }
  return undefined;
}

// Walls

const MOST_WALLS_NAMED = 200;
const BEFORE = 'preposition? the? end-of? the?';

const just = <T>(value: T | undefined, { to }: Match): Reading<T> => (value === undefined ? undefined : { value, to });

const WALLS: readonly Row<Wall>[] = [
  [
    pattern(`${BEFORE} wall word? starting opening|facing|to|preposition? hour:hour`),
    (match) => {
      const facing = match.named.hour?.facing;
      return just<Wall>(facing === undefined ? undefined : { kind: 'starting', facing }, match);
    },
  ],
  ...[`${BEFORE} which:odd|even wall`, `${BEFORE} wall which:odd|even`].map((text): Row<Wall> => [
    pattern(text),
    (match) => just<Wall>({ kind: 'every', first: match.named.which?.is.has('odd') ? 1 : 2, step: 2 }, match),
  ]),
  [
    pattern(`${BEFORE} every nth:ordinal|other? wall`),
    (match) => {
      const { nth } = match.named;
      const step = nth === undefined ? 1 : (nth.value ?? 2);
      return just<Wall>(step > 0 ? { kind: 'every', first: step, step } : undefined, match);
    },
  ],
  [pattern(`${BEFORE} all wall`), (match) => just<Wall>({ kind: 'every', first: 1, step: 1 }, match)],
  [pattern(`${BEFORE} last wall`), (match) => just<Wall>({ kind: 'last' }, match)],
  [
    pattern(`${BEFORE} nth:ordinal`),
    (match, tokens) => {
      const list = ordinalsFrom(tokens, match.to - 1);
      return tokens[list.to]?.is.has('wall') ? wallsOf(list.numbers, list.to + 1) : undefined;
    },
  ],
  [
    pattern(`${BEFORE} wall #? number`),
    (match, tokens) => {
      const list = numbersFrom(tokens, match.to - 1);
      return wallsOf(list.numbers, list.to);
    },
  ],
  [pattern('wall ?'), (match) => just<Wall>({ kind: 'unsaid' }, match)],
];

const wallsOf = (numbers: readonly number[], to: number): Reading<Wall> =>
  numbers.length > 0 && !numbers.includes(0) ? { value: { kind: 'walls', numbers }, to } : undefined;

/** Past a comma, `&` or "and" between two of a list; where it is, if none stands there. */
function pastJoint(tokens: readonly Token[], at: number): number {
  const comma = matchAt(tokens, at, COMMA_AND) ?? matchAt(tokens, at, JOINT);
  return comma?.to ?? at;
}
const COMMA_AND = pattern(', and?');
const JOINT = pattern('&|+|and');

/** `1st, 3rd and 5th` from a place on. */
function ordinalsFrom(tokens: readonly Token[], from: number): { numbers: number[]; to: number } {
  const numbers: number[] = [];
  let [at, to] = [from, from];
  while (tokens[at]?.is.has('ordinal')) {
    numbers.push(tokens[at].value as number);
    to = at + 1;
    at = pastJoint(tokens, to);
  }
  return { numbers, to };
}

const isCounted = (tokens: readonly Token[], at: number): boolean =>
  tokens[at]?.is.has('&') || tokens[at]?.is.has('count');

/** `1, 3-5 and 8` from a place on, in order, each once. What counts follow is no wall. */
function numbersFrom(tokens: readonly Token[], from: number): { numbers: number[]; to: number } {
  const found = new Set<number>();
  let [at, to] = [from, from];
  while (tokens[at]?.is.has('number')) {
    if (at > from && isCounted(tokens, at + 1) && !tokens[at + 2]?.is.has('number')) break;
    const first = tokens[at].value as number;
    const isRange =
      (tokens[at + 1]?.is.has('-') || tokens[at + 1]?.is.has('to')) &&
      tokens[at + 2]?.is.has('number') &&
      !isCounted(tokens, at + 3);
    const last = Math.min(isRange ? (tokens[at + 2].value as number) : first, first + MOST_WALLS_NAMED);
    for (let number = first; number <= last; number++) found.add(number);
    to = at + (isRange ? 3 : 1);
    const next = pastJoint(tokens, to);
    if (next === to) break;
    at = tokens[next]?.is.has('wall') ? next + 1 : next;
  }
  return { numbers: [...found], to };
}

const NO_PARTS: ReadonlySet<string> = new Set(['time', 'wall', 'walls', 'section', 'sections', 'count', 'counts', 'restart', 'tag', 'eight', 'half', 'beat', 'beats']); // prettier-ignore
const PART_BEFORE = pattern('end-of|preposition? the? which:every|ordinal');
const AFTER_PART: readonly Parameters<Token['is']['has']>[0][] = [
  ':',
  ',',
  '(',
  'restart',
  'tag',
  'after',
  'then',
  '?',
];

/** `2nd A`, `every B`, `third time of part "lamp"`. */
const PART_TIMES: Row<Wall> = [
  PART_BEFORE,
  (match, tokens) => {
    const list = match.named.which?.is.has('every')
      ? { numbers: undefined, to: match.to }
      : ordinalsFrom(tokens, match.to - 1);
    const name = matchAt(tokens, list.to, PART_NAME);
    const token = name?.named.name;
    const next = name && tokens[name.to];
    if (!name || !token || (next && !AFTER_PART.some((meaning) => next.is.has(meaning)))) return undefined;
    const part = token.text.replace(/["“”„]/g, '');
    if (NO_PARTS.has(part.toLowerCase()) || !/^[a-z][\w']{0,19}$/i.test(part)) return undefined;
    return { value: { kind: 'part', part, ...(list.numbers && { numbers: list.numbers }) }, to: name.to };
  },
];
const PART_NAME = pattern('part? name:word|quoted');

export const takeWalls = (clause: Clause): WallPick | undefined =>
  takeFirst(clause, WALLS) ?? takeFirst(clause, [PART_TIMES]);

// Places

const NO_AND = pattern('(? no the? & )?');

/** `16`, `16&`, `16 (no &)`, with the counts behind it if they are named. */
function countPlace({ named, to }: Match, tokens: readonly Token[]): Reading<Place> {
  const count = named.n?.value;
  if (count === undefined || (count < 1 && !named.section)) return undefined;
  const none = matchAt(tokens, to, NO_AND);
  const counted = none && tokens[none.to]?.is.has('count') ? none.to + 1 : none?.to;
  const and: AndRule = none ? 'without' : named.and ? 'with' : 'line';
  const section = named.section?.value;
  return {
    value: { kind: 'count', count, and, ...(section !== undefined && { section }) },
    to: counted ?? to,
  };
}

const sectionPlace = (match: Match): Reading<Place> =>
  just<Place>({ kind: 'section', section: match.named.section?.value as number }, match);

/** `sections 1, 2`: after the last of them. */
function lastSection({ from, to }: Match, tokens: readonly Token[]): Reading<Place> {
  const list = numbersFrom(tokens, to - 1);
  const section = list.numbers[list.numbers.length - 1];
  const next = tokens[list.to];
  // `section 1 again`, `section 3 to ...`
  if (from < 0 || section === undefined || next?.is.has('again') || next?.is.has('mirrored') || next?.is.has('to'))
    return undefined;
  return { value: { kind: 'section', section }, to: list.to };
}

const firstOnly = (match: Match, tokens: readonly Token[]): Reading<Place> =>
  match.named.one?.value === 1 ? countPlace(match, tokens) : undefined;

const PLACES: readonly Row<Place>[] = [
  [pattern('do count? one:number -|to n:number and:&?'), firstOnly],
  [pattern('opening? n:number and:&? count in the? section section:number'), countPlace],
  [pattern('opening? the? count n:number and:&? in the? section section:number'), countPlace],
  [pattern('opening? the? section section:number ,? count n:number and:&?'), countPlace],
  [pattern('opening|the|end-of* section number'), lastSection],
  [pattern('opening|the|end-of opening|the|end-of* section:ordinal section|eight'), sectionPlace],
  [pattern('do? only? the? first n:number and:&|half? count?'), countPlace],
  [pattern('the? n:number first count'), countPlace],
  [pattern('opening the? count? n:number and:&|half? count?'), countPlace],
  [pattern('do n:number and:&? count'), countPlace],
  [pattern('n:number and:&? count in'), countPlace],
  [
    pattern('preposition? the? end'),
    (match, tokens) => {
      const next = tokens[match.to];
      return just<Place>(next?.is.has('facing') || next?.is.has('to') ? undefined : { kind: 'end' }, match);
    },
  ],
  [pattern('here'), (match) => just<Place>({ kind: 'here' }, match)],
];

export const takePlace = (clause: Clause): PlaceSaid | undefined => takeFirst(clause, PLACES);

/** `wall 4, 16 counts`: a number of counts alone, where a restart leaves nothing else for it to be. */
export const takeLonePlace = (clause: Clause): PlaceSaid | undefined =>
  takeFirst(clause, [[pattern('n:number and:&? count'), countPlace]]);

const AFTER = pattern('after the? word');

/** `after the coaster`: a place named by what is danced there. */
export function takeWordsPlace(clause: Clause): PlaceSaid | undefined {
  const match = find(clause.left, AFTER);
  if (!match) return undefined;
  let to = match.to;
  while (clause.left[to]?.is.has('word') && !clause.left[to].is.has('then') && !clause.left[to].is.has('wall')) to += 1;
  if (clause.left[to]?.is.has('wall')) to -= 1;
  const first = clause.left[match.to - 1];
  const words = clause.text.slice(first.from, clause.left[to - 1].to).toLowerCase();
  if (words.length < 3 || words.length > 42) return undefined;
  return { kind: 'words', words, span: clause.take(match.from, to) };
}

// Facings

/** Hours in brackets, behind "facing", or at the end of the clause. */
const HOURS = [
  { opening: pattern('( facing|to|opening|preposition? hour'), closes: (next: Token | undefined) => next?.is.has(')') },
  { opening: pattern('facing|to the? hour'), closes: () => true },
  { opening: pattern('preposition? hour'), closes: (next: Token | undefined) => !next || next.is.has('.') },
] as const;
const NAMED_FACING = pattern('facing the? way:front|back wall?');

/** Facings of the room: `(6:00)`, `(6:00, 9:00)`, `facing 6:00 and 9:00`, `facing the back wall`. */
export function takeFacings(clause: Clause): FacingSaid[] {
  const said: FacingSaid[] = [];
  for (const { opening, closes } of HOURS)
    for (let from = 0; from < clause.left.length; from++) {
      const match = matchAt(clause.left, from, opening);
      const hours = match && hoursFrom(clause.left, match.to - 1);
      // `walls starting at 6:00` are these walls.
      if (!hours || clause.left[from - 1]?.is.has('starting')) continue;
      const next = clause.left[hours.to];
      if (!closes(next)) continue;
      said.push(...hours.facings);
      clause.take(from, hours.to + (next?.is.has(')') || next?.is.has('wall') ? 1 : 0));
      from -= 1;
    }
  const named = clause.takeMatch(NAMED_FACING);
  if (named) said.push({ facing: named.named.way?.is.has('front') ? 0 : CIRCLE / 2, span: named.span });
  return said.slice(0, MOST_WALLS_NAMED);
}

/** `6:00, 9:00`, `6.00 & 12.00`, `6:00/9:00` from a place on. */
function hoursFrom(tokens: readonly Token[], from: number): { facings: FacingSaid[]; to: number } {
  const facings: FacingSaid[] = [];
  let [at, to] = [from, from];
  while (tokens[at]?.facing !== undefined) {
    facings.push({ facing: tokens[at].facing as Facing, span: { from: tokens[at].from, to: tokens[at].to } });
    to = at + 1;
    at = tokens[to]?.is.has('/') ? to + 1 : pastJoint(tokens, to);
    if (at === to) break;
  }
  return { facings, to };
}

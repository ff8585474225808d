/**
 * What the words of a plan name: walls (`walls 1, 4`, `odd walls`, `2nd A`), places (`after 16&`, `4 counts into section 3`) and
 * facings of the room. Each is bitten off the sentence and blanked out, so that every other word keeps its place.
 */
import type { Span } from '../model/text';
import { readHour, type Facing } from '../model/turns';

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

const ORDINAL_NAMES: Readonly<Record<string, number>> = Object.assign(Object.create(null) as Record<string, number>, {
  first: 1, second: 2, third: 3, fourth: 4, fifth: 5, sixth: 6, seventh: 7, eighth: 8, ninth: 9, tenth: 10, eleventh: 11, twelfth: 12,
}); // prettier-ignore

const ORDINAL = `(?:\\d{1,3}(?:st|nd|rd|th)|${Object.keys(ORDINAL_NAMES).join('|')})`;
const AND = '(?:\\s*,\\s*(?:and\\s+)?|\\s*&\\s*|\\s*\\+\\s*|\\s+and\\s+)';
const TO = '(?:\\s*-\\s*|\\s+to\\s+)';
const COUNT = '(?:counts?|beats?|steps?|c)';
const WALL = '(?:walls?|wand|w(?=\\s?\\d))';

const ordinal = (word: string): number => ORDINAL_NAMES[word] ?? Number.parseInt(word, 10);

const MOST_WALLS_NAMED = 200;

/** `1, 3-5 and 8` as numbers, in order, each once. */
function numbersIn(text: string): number[] {
  const found = new Set<number>();
  for (const [, from, to] of text.matchAll(/(\d{1,3})(?:\s*(?:-|to)\s*(\d{1,3}))?/g)) {
    const last = Math.min(Number(to ?? from), Number(from) + MOST_WALLS_NAMED);
    for (let number = Number(from); number <= last; number++) found.add(number);
  }
  return [...found];
}

/** A sentence whose words are taken away one find after another. Its letters are small; offsets are those of the line. */
export class Bites {
  rest: string;

  constructor(readonly text: string) {
    this.rest = text.toLowerCase();
    // A letter that changes its length in small letters would shift every place behind it.
    if (this.rest.length !== text.length) this.rest = text;
  }

  /** Takes the first match away. */
  take(pattern: RegExp): RegExpExecArray | undefined {
    const match = pattern.exec(this.rest);
    if (!match) return undefined;
    this.blank({ from: match.index, to: match.index + match[0].length });
    return match;
  }

  blank({ from, to }: Span): void {
    this.rest = this.rest.slice(0, from) + ' '.repeat(to - from) + this.rest.slice(to);
  }

  /** As written, of what was taken. */
  written = (match: RegExpExecArray): string => this.text.slice(match.index, match.index + match[0].length);
}

const spanOf = (match: RegExpExecArray): Span => {
  const lead = /^\s*/.exec(match[0])?.[0].length ?? 0;
  return { from: match.index + lead, to: match.index + match[0].trimEnd().length };
};

type Taker<T> = readonly [pattern: RegExp, value: (match: RegExpExecArray, written: string) => T | undefined];

function takeFirst<T>(bites: Bites, takers: readonly Taker<T>[]): (T & { readonly span: Span }) | undefined {
  for (const [pattern, value] of takers) {
    const match = pattern.exec(bites.rest);
    const found = match && value(match, bites.written(match));
    if (!match || found === undefined) continue;
    const span = spanOf(match);
    bites.blank({ from: match.index, to: match.index + match[0].length });
    return { ...found, span } as T & { readonly span: Span };
  }
  return undefined;
}

const walls = (numbers: readonly number[]) =>
  numbers.length > 0 && !numbers.includes(0) ? ({ kind: 'walls', numbers } as const) : undefined;

const EVERY: Readonly<Record<string, number>> = { other: 2, second: 2, alternate: 2 };

const BEFORE_WALL =
  '(?:(?:at\\s+|after\\s+|on\\s+)?(?:the\\s+)?end\\s+of\\s+|during\\s+|after\\s+|on\\s+|in\\s+|at\\s+)?(?:the\\s+)?';

type WithoutSpan<T> = T extends unknown ? Omit<T, 'span'> : never;

const WALLS: readonly Taker<WithoutSpan<WallPick>>[] = [
  [
    new RegExp(
      `\\b${BEFORE_WALL}walls?\\s+(?:that\\s+)?(?:start(?:s|ing)?|begin(?:s|ning)?)\\s+(?:at|on|facing|to)?\\s*(\\d{1,2}:\\d{2})`,
    ),
    ([, hour]) => {
      const facing = readHour(hour);
      return facing === undefined ? undefined : { kind: 'starting', facing };
    },
  ],
  [
    new RegExp(`\\b${BEFORE_WALL}(odd|even)(?:[\\s-]numbered)?\\s+walls?\\b`),
    ([, word]) => ({ kind: 'every', first: word === 'odd' ? 1 : 2, step: 2 }),
  ],
  [
    new RegExp(`\\b${BEFORE_WALL}(?:every|each)\\s+(?:(other|second|alternate|${ORDINAL})\\s+)?wall\\b`),
    ([, word]) => {
      const step = word === undefined ? 1 : (EVERY[word] ?? ordinal(word));
      return step > 0 ? { kind: 'every', first: step, step } : undefined;
    },
  ],
  [new RegExp(`\\b${BEFORE_WALL}all\\s+walls\\b`), () => ({ kind: 'every', first: 1, step: 1 })],
  [new RegExp(`\\b${BEFORE_WALL}(?:last|final)\\s+wall\\b`), () => ({ kind: 'last' })],
  [
    new RegExp(`\\b${BEFORE_WALL}(${ORDINAL}(?:(?:${AND}|\\s+)${ORDINAL})*)\\s+walls?\\b`),
    ([, list]) => walls([...list.matchAll(new RegExp(ORDINAL, 'g'))].map(([word]) => ordinal(word))),
  ],
  [
    new RegExp(
      `\\b${BEFORE_WALL}${WALL}\\s*#?\\s*(\\d{1,3}(?:${TO}\\d{1,3}(?!:\\d|[.&\\d]))?(?:${AND}(?:${WALL}\\s*)?\\d{1,3}(?:${TO}\\d{1,3})?(?!\\d|[:.&]\\d|\\s*&?\\s*${COUNT}\\b))*)`,
    ),
    ([, list]) => walls(numbersIn(list)),
  ],
  [/\bwalls?\s*\?/, () => ({ kind: 'unsaid' })],
];

const PART_TIMES = new RegExp(
  `\\b(?:(?:the\\s+)?end\\s+of\\s+|after\\s+|on\\s+|in\\s+|during\\s+)?(?:the\\s+)?(?:(every|each)|(${ORDINAL}(?:(?:${AND}|\\s+)${ORDINAL})*))\\s+(?:part\\s+|time\\s+(?:of\\s+|through\\s+)?(?:part\\s+)?)?"?([a-z][\\w']{0,19})"?(?=\\s*(?:[:,(]|$|restart|tag|after|then|\\?))`,
);

const NO_PARTS: ReadonlySet<string> = new Set([
  'time',
  'wall',
  'walls',
  'section',
  'sections',
  'count',
  'counts',
  'restart',
  'tag',
  'eight',
  'half',
  'beat',
  'beats',
]);

export function takeWalls(bites: Bites): WallPick | undefined {
  const found = takeFirst(bites, WALLS) as WallPick | undefined;
  if (found) return found;
  return takeFirst(bites, [
    [
      PART_TIMES,
      ([, every, list, part], written): WithoutSpan<WallPick> | undefined => {
        if (NO_PARTS.has(part)) return undefined;
        const name = written.replace(/"/g, '').slice(-part.length);
        if (every) return { kind: 'part', part: name };
        return {
          kind: 'part',
          part: name,
          numbers: [...list.matchAll(new RegExp(ORDINAL, 'g'))].map(([word]) => ordinal(word)),
        };
      },
    ],
  ]) as WallPick | undefined;
}

const SECTION = '(?:section|sec\\.?|s)\\s*(\\d{1,2})';
const NO_AND = '\\s*\\(?\\s*(?:no|without(?:\\s+the)?)\\s*&\\s*\\)?';
const OPENING = '(?:up\\s+to(?:\\s+and\\s+including)?|through|after|at|to|until|on)\\s+';

const andRule = (and: string | undefined, no: string | undefined): AndRule => (no ? 'without' : and ? 'with' : 'line');

const count = (number: string, and?: string, no?: string, section?: string): WithoutSpan<PlaceSaid> | undefined =>
  Number(number) < 1 && !section
    ? undefined
    : {
        kind: 'count',
        count: Number(number),
        and: andRule(and, no),
        ...(section !== undefined && { section: Number(section) }),
      };

const PLACES: readonly Taker<WithoutSpan<PlaceSaid>>[] = [
  [
    new RegExp(`\\b(?:do|dance|dancing)\\s+(?:${COUNT}\\s+)?1\\s*-\\s*(\\d{1,3})(&)?\\b`),
    ([, number, and]) => count(number, and),
  ],
  [
    new RegExp(
      `\\b(?:${OPENING})?(\\d{1,3})\\s*(&)?\\s*${COUNT}\\s+(?:into|in|of)\\s+(?:the\\s+)?${SECTION}\\b(${NO_AND})?`,
    ),
    ([, number, and, section, no]) => count(number, and, no, section),
  ],
  [
    new RegExp(
      `\\b(?:${OPENING})?(?:the\\s+)?${COUNT}\\s*(\\d{1,3})\\s*(&)?\\s+of\\s+(?:the\\s+)?${SECTION}\\b(${NO_AND})?`,
    ),
    ([, number, and, section, no]) => count(number, and, no, section),
  ],
  [
    new RegExp(`\\b(?:${OPENING})?(?:the\\s+)?${SECTION}\\s*,?\\s*${COUNT}\\s*(\\d{1,3})\\s*(&)?(${NO_AND})?`),
    ([, section, number, and, no]) => count(number, and, no, section),
  ],
  [
    new RegExp(
      `\\b(?:${OPENING}|the\\s+|end\\s+of\\s+)*(?:sections?|sec\\.?|s)\\s*(?:\\d{1,2}\\s*(?:,|&|and|-|to)\\s*)*(\\d{1,2})\\b(?!\\s*(?:again|mirror|to\\b))`,
    ),
    ([, section]) => ({ kind: 'section', section: Number(section) }),
  ],
  [
    new RegExp(`\\b(?:${OPENING}|the\\s+|end\\s+of\\s+)+(${ORDINAL})\\s+(?:section|eight)\\b`),
    ([, word]) => ({ kind: 'section', section: ordinal(word) }),
  ],
  [
    new RegExp(
      `\\b(?:(?:do|dance|doing|dancing)\\s+)?(?:only\\s+)?(?:the\\s+)?first\\s+(\\d{1,3})\\s*(&|\\s+1/2|\\s+and\\s+a\\s+half)?(?:\\s*${COUNT})?\\b(${NO_AND})?`,
    ),
    ([, number, and, no]) => count(number, and, no),
  ],
  [
    new RegExp(
      `\\b(?:${OPENING})(?:the\\s+)?(?:${COUNT}\\s*)?(\\d{1,3})(?!\\d|:|(?:st|nd|rd|th)\\b)(?:\\s*(&|1/2|and\\s+a\\s+half\\b))?(${NO_AND})?(?:\\s*${COUNT}\\b)?(${NO_AND})?`,
    ),
    ([, number, and, no, noMore]) => count(number, and, no ?? noMore),
  ],
  [new RegExp(`\\b(?:do|dance)\\s+(\\d{1,3})\\s*(&)?\\s*${COUNT}\\b`), ([, number, and]) => count(number, and)],
  [new RegExp(`\\b(\\d{1,3})\\s*(&)?\\s*${COUNT}\\s+in\\b`), ([, number, and]) => count(number, and)],
  [/\b(?:at\s+)?(?:the\s+)?end\b(?!\s+(?:facing|to))/, () => ({ kind: 'end' })],
  [/\b(?:from\s+)?here\b/, () => ({ kind: 'here' })],
];

export const takePlace = (bites: Bites): PlaceSaid | undefined => takeFirst(bites, PLACES) as PlaceSaid | undefined;

/** `wall 4, 16 counts`: a number of counts alone, where a restart leaves nothing else for it to be. */
export const takeLonePlace = (bites: Bites): PlaceSaid | undefined =>
  takeFirst<WithoutSpan<PlaceSaid>>(bites, [
    [new RegExp(`\\b(\\d{1,3})\\s*(&)?\\s*${COUNT}\\b`), ([, number, and]) => count(number, and)],
  ]) as PlaceSaid | undefined;

/** `after the coaster`: a place named by what is danced there. */
export const takeWordsPlace = (bites: Bites): PlaceSaid | undefined =>
  takeFirst<WithoutSpan<PlaceSaid>>(bites, [
    [
      /\bafter\s+(?:the\s+|your\s+)?([a-z][a-z' -]{2,40}?)(?=\s*(?:$|[,;:.(]|\bon\s+wall|\bthen\b))/,
      ([, words]) => ({ kind: 'words', words: words.trim() }),
    ],
  ]) as PlaceSaid | undefined;

const NAMED_WALLS: Readonly<Record<string, Facing>> = { front: 0, back: 24 };

/** Facings of the room: `(6:00)`, `(6:00, 9:00)`, `facing 6:00 and 9:00`, `facing the back wall`. */
export function takeFacings(bites: Bites): FacingSaid[] {
  const said: FacingSaid[] = [];
  const hours = (match: RegExpExecArray): void => {
    for (const hour of match[0].matchAll(/\d{1,2}(?:[:.]\d{2}|(?=\s*o'?\s?clock))/g)) {
      const facing = readHour(hour[0]);
      const from = match.index + hour.index;
      if (facing !== undefined) said.push({ facing, span: { from, to: from + hour[0].length } });
    }
  };
  const HOUR = "\\d{1,2}(?:[:.]\\d{2}|\\s*o'?\\s?clock)";
  const LIST = `${HOUR}(?:(?:${AND}|\\s*/\\s*)${HOUR})*`;
  for (const pattern of [
    new RegExp(`\\(\\s*(?:facing\\s+|to\\s+|at\\s+)?${LIST}(?:\\s*o'?clock)?\\s*\\)`),
    new RegExp(
      `(?:\\byou\\s+(?:will\\s+be|are)\\s+|\\bit\\s+(?:will\\s+be|is)\\s+)?\\b(?:facing|to\\s+face|face|to)\\s+(?:the\\s+)?${LIST}(?:\\s*(?:walls?|o'?clock))?`,
    ),
    new RegExp(`(?:\\bat\\s+)?\\b${LIST}$`),
  ]) {
    for (let match = bites.take(pattern); match && said.length < MOST_WALLS_NAMED; match = bites.take(pattern))
      hours(match);
  }
  const named = bites.take(/\b(?:facing|to\s+face)\s+(?:the\s+)?(front|back)(?:\s+wall)?\b/);
  if (named) said.push({ facing: NAMED_WALLS[named[1]], span: spanOf(named) });
  return said;
}

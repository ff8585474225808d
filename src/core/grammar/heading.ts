/** Headings as they are printed (`## Section 1: vines`) and as people write them (`SECTION 1`, `S1`, `[9-16]`, `2nd section`). */
import { unitOf } from '../lexicon/page';
import { findsAny } from '../lexicon/structure';
import { Memory } from '../model/memory';
import { lex, type Token } from './lexer';
import { matchAt, pattern } from './pattern';

export interface Heading {
  readonly kind: 'section' | 'part' | 'tag' | 'option' | 'ending' | 'figure' | 'plan' | 'song' | 'lesson';
  readonly number?: number;
  /** The name of a part, tag or option; `A`, `lamp`. */
  readonly name: string;
  readonly title: string;
  /** Its own length, where the heading states one: `(4 counts)`. */
  readonly counts?: number;
  readonly copy?: { readonly of: number; readonly mirrored: boolean };
}

const LONGEST_HEADING = 200;

/** `[9-16]`, `2nd section`, or a word for a section, a part and the like at the head of the line. */
const NAMES = findsAny('section', 'numbered-part', 'part', 'tag', 'option', 'ending', 'figure', 'plan').source;
const MAY_HEAD = new RegExp(`^(?:[[(]|\\d{1,2}(?:\\p{L}|\\.)|s\\s?\\d|${NAMES})`, 'iu');

/** Most lines are no headings, and most stay as they were: what was found is remembered by text, inside sections and outside. */
const memories = [new Memory<Heading | null>(), new Memory<Heading | null>()];

/** Undefined when the line is no heading. Without `#` only the forms that can be nothing else are taken. */
export function readHeading(line: string, insideSection: boolean): Heading | undefined {
  return memories[insideSection ? 1 : 0].of(line, () => readAfresh(line, insideSection) ?? null) ?? undefined;
}

function readAfresh(line: string, insideSection: boolean): Heading | undefined {
  const marked = /^#{2,}\s*/.exec(line);
  const text = (marked ? line.slice(marked[0].length) : line).trim().replace(/^\*+|\*+$/g, '');
  if (!marked && text.length > LONGEST_HEADING) return undefined;
  if (!marked && !MAY_HEAD.test(text)) return undefined;
  const tokens = lex(text.slice(0, LONGEST_HEADING));
  // `### Part 2: Rocks` under a title of one sign: a section with a number; parts have letters.
  const heading =
    readSection(text, tokens, marked?.[0].startsWith('###') === true) ??
    readOther(text, tokens, marked !== null, insideSection);
  if (heading || !marked) return heading;
  return { kind: 'section', name: '', title: withoutLength(text).trim(), ...statedCounts(text) };
}

const LENGTH = /\(\s*(\d{1,3})\s*(\p{L}+)\s*\)/u;
/** `(7-12)` behind the name of a section: six of them. */
const RANGE = /\(\s*(\d{1,3})\s*(?:[-–]|to|bis|à)\s*(\d{1,3})\s*\)/i;

/** `(4 counts)` anywhere in a heading. */
function lengthIn(text: string): { readonly counts: number; readonly words: string } | undefined {
  const match = LENGTH.exec(text);
  return match && unitOf(match[2]) === 'counts' ? { counts: Number(match[1]), words: match[0] } : undefined;
}

const withoutLength = (text: string): string => text.replace(lengthIn(text)?.words ?? '', '');

/** How long a section is by its heading: `(4 counts)`, `(7-12)`. */
export const statedCounts = (text: string): { counts?: number } => {
  const range = RANGE.exec(text);
  const counts = range ? Number(range[2]) - Number(range[1]) + 1 : (lengthIn(text)?.counts ?? 0);
  return counts > 0 ? { counts } : {};
};

const COUNTED_SECTION = /^[[(]\s*(\d{1,3})\s*-\s*(\d{1,3})\s*[\])]/;
const NUMBERED = pattern('section|numbered-part .? number:number');
const NUMBERED_BELOW = pattern('section|numbered-part|part .? number:number');
const IN_ROW = pattern('number:ordinal eight');
const COPY = pattern('= section of:number mirrored:mirrored?');

function readSection(text: string, tokens: readonly Token[], isBelow: boolean): Heading | undefined {
  const counted = COUNTED_SECTION.exec(text);
  if (counted) {
    const [from, to] = [Number(counted[1]), Number(counted[2])];
    // `(1-2) Step R`, `(5-8) Jazz box` are counts with their steps.
    const isAlone = counted[0].length === text.length;
    if (!isAlone && to - from < (text.startsWith('(') ? 5 : 3)) return undefined;
    return { kind: 'section', name: '', title: titleAfter(text.slice(counted[0].length)), counts: to - from + 1 };
  }
  const match = matchAt(tokens, 0, isBelow ? NUMBERED_BELOW : NUMBERED) ?? matchAt(tokens, 0, IN_ROW);
  const number = match?.named.number;
  if (!match || !number || !/^\d{1,2}/.test(number.text)) return undefined;
  const rest = text.slice(tokens[match.to - 1].to).trim();
  const copy = matchAt(tokens, match.to, COPY);
  return {
    kind: 'section',
    number: number.value,
    name: '',
    title: titleAfter(rest),
    ...statedCounts(rest),
    ...(copy && { copy: { of: copy.named.of?.value ?? 0, mirrored: copy.named.mirrored !== undefined } }),
  };
}

export const titleAfter = (text: string): string =>
  withoutLength(text)
    .replace(/^[\s:.,=–—-]+/, '')
    .trim();

const KINDS = ['part', 'tag', 'option', 'ending', 'figure', 'plan', 'song', 'lesson'] as const;

/** The kind that the first word names; none for several of them, or for what a sentence says of them. */
const kindNamed = (token: Token | undefined): (typeof KINDS)[number] | undefined =>
  token === undefined || /\s|s$/i.test(token.text) ? undefined : KINDS.find((kind) => token.is.has(kind));

const kinds = new Memory<{ readonly kind: ReturnType<typeof kindNamed> }>();
const LONGEST_KIND = 40;

/** The kind that a line opens with. */
export const kindOpening = (line: string): ReturnType<typeof kindNamed> => {
  const opening = line.slice(0, LONGEST_KIND);
  return kinds.of(opening, () => ({ kind: kindNamed(lex(opening)[0]) })).kind;
};

function readOther(
  text: string,
  tokens: readonly Token[],
  marked: boolean,
  insideSection: boolean,
): Heading | undefined {
  const kind = kindNamed(tokens[0]);
  if (!kind) return undefined;
  const rest = text.slice(tokens[0].to).trim();
  // Unmarked, "tag after wall 2: hold" inside a section is a sentence; "PART A" or "Tag" alone is a heading.
  if (!marked && !/^(?:$|["“(]|[A-Z0-9]$|[A-Z]\b\s*[:(-])/.test(rest)) return undefined;
  if (!marked && kind === 'figure' && insideSection) return undefined;
  // `Song: ...` at the head of a sheet is a fact.
  if (kind === 'song' || kind === 'lesson')
    return marked ? { kind, name: quotedIn(rest) ?? titleAfter(rest), title: '' } : undefined;
  return { kind, name: quotedIn(rest) ?? nameIn(withoutLength(rest)), title: titleAfter(rest), ...statedCounts(rest) };
}

const quotedIn = (words: string): string | undefined => /["“”„]([^"“”„]+)["“”„]/.exec(words)?.[1];

/** `lamp after wall 2`: where it is danced is no part of its name. */
function nameIn(rest: string): string {
  const words = rest.replace(/[:(].*$/, '');
  const place = lex(words).find(
    ({ is }) => is.has('preposition') || is.has('opening') || is.has('end-of') || is.has('wall'),
  );
  return words.slice(0, place?.from).trim();
}

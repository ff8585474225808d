import { Memory } from '../model/memory';
import { inEnglish } from './foreign';

/** Headings as they are printed (`## Section 1: vines`) and as people write them (`SECTION 1`, `S1`, `[9-16]`, `2nd section`). */
export interface Heading {
  readonly kind: 'section' | 'part' | 'tag' | 'option' | 'ending' | 'figure' | 'plan';
  readonly number?: number;
  /** The name of a part, tag or option; `A`, `lamp`. */
  readonly name: string;
  readonly title: string;
  /** Its own length, where the heading states one: `(4 counts)`. */
  readonly counts?: number;
  readonly copy?: { readonly of: number; readonly mirrored: boolean };
}

const COUNTS = /\(\s*(\d{1,3})\s*(?:counts?|beats?|temps|comptes|zählzeiten)\s*\)/i;
const SECTION = /^(?:section|sec\.?|sect\.?|abschnitt|sektion|s)\s*(\d{1,2})\b/i;
const ORDINAL_SECTION = /^(\d{1,2})(?:st|nd|rd|th)\s+(?:section|eight)\b/i;
const COUNTED_SECTION = /^[[(]\s*(\d{1,3})\s*-\s*(\d{1,3})\s*[\])]/;
const COPY = /^=\s*section\s+(\d{1,2})\b\s*(mirrored)?/i;
const OTHER = /^(part|teil|tag|bridge|option|ending|finish|figure|plan)\b/i;
/** `Tag after wall 2`: where it is danced is no part of its name. */
const PLACED = /(?:^|\s+)(?:after|at|on|in|during|end\s+of|walls?)\s.*$/i;
const LONGEST_HEADING = 200;

/** Most lines are no headings, and most stay as they were: what was found is remembered by text, inside sections and outside. */
const memories = [new Memory<Heading | null>(), new Memory<Heading | null>()];

/** Undefined when the line is no heading. Without `#` only the forms that can be nothing else are taken. */
export function readHeading(line: string, insideSection: boolean): Heading | undefined {
  return memories[insideSection ? 1 : 0].of(line, () => readAfresh(line, insideSection) ?? null) ?? undefined;
}

function readAfresh(line: string, insideSection: boolean): Heading | undefined {
  const english = line.length > LONGEST_HEADING ? undefined : inEnglish(line);
  if (english) {
    const heading = readEnglish(english.text, insideSection);
    // Its own words stay as they are written.
    const own = (words: string): string => {
      const at = words && !line.includes(words) ? english.text.lastIndexOf(words) : -1;
      return at < 0 ? words : line.slice(english.back(at), english.back(at + words.length, true));
    };
    return heading && { ...heading, name: own(heading.name), title: own(heading.title) };
  }
  return readEnglish(line, insideSection);
}

function readEnglish(line: string, insideSection: boolean): Heading | undefined {
  const marked = /^#{2,}\s*/.exec(line);
  const text = (marked ? line.slice(marked[0].length) : line).trim().replace(/^\*+|\*+$/g, '');
  if (!marked && text.length > LONGEST_HEADING) return undefined;
  // `### Part 2: Rocks` under a title of one sign: a section with a number; parts have letters.
  const isBelow = marked !== null && marked[0].startsWith('###');
  const own = isBelow ? text.replace(/^part(?=\s+\d)/i, 'section') : text;
  const heading = readSection(own) ?? readOther(text, marked !== null, insideSection);
  if (heading || !marked) return heading;
  return { kind: 'section', name: '', title: text.replace(COUNTS, '').trim(), ...statedCounts(text) };
}

/** `(7-12)` behind the name of a section: six of them. */
const RANGE = /\(\s*(\d{1,3})\s*(?:[-–]|to|bis|à)\s*(\d{1,3})\s*\)/i;

/** How long a section is by its heading: `(4 counts)`, `(7-12)`. */
export const statedCounts = (text: string): { counts?: number } => {
  const range = RANGE.exec(text);
  const counts = range ? Number(range[2]) - Number(range[1]) + 1 : Number(COUNTS.exec(text)?.[1]);
  return counts > 0 ? { counts } : {};
};

function readSection(text: string): Heading | undefined {
  const counted = COUNTED_SECTION.exec(text);
  if (counted) {
    const [from, to] = [Number(counted[1]), Number(counted[2])];
    // `(1-2) Step R`, `(5-8) Jazz box` are counts with their steps.
    const isAlone = counted[0].length === text.length;
    if (!isAlone && to - from < (text.startsWith('(') ? 5 : 3)) return undefined;
    return {
      kind: 'section',
      name: '',
      title: titleAfter(text.slice(counted[0].length)),
      counts: to - from + 1,
    };
  }
  const match = SECTION.exec(text) ?? ORDINAL_SECTION.exec(text);
  if (!match) return undefined;
  const rest = text.slice(match[0].length).trim();
  const copy = COPY.exec(rest);
  return {
    kind: 'section',
    number: Number(match[1]),
    name: '',
    title: titleAfter(rest),
    ...statedCounts(rest),
    ...(copy && { copy: { of: Number(copy[1]), mirrored: copy[2] !== undefined } }),
  };
}

export const titleAfter = (text: string): string =>
  text
    .replace(COUNTS, '')
    .replace(/^[\s:.,=–—-]+/, '')
    .trim();

function readOther(text: string, marked: boolean, insideSection: boolean): Heading | undefined {
  const match = OTHER.exec(text);
  if (!match) return undefined;
  const word = match[1].toLowerCase();
  const rest = text.slice(match[0].length).trim();
  // Unmarked, "tag after wall 2: hold" inside a section is a sentence; "PART A" or "Tag" alone is a heading.
  if (!marked && !/^(?:$|["“(]|[A-Z0-9]$|[A-Z]\b\s*[:(-])/.test(rest)) return undefined;
  if (!marked && word === 'figure' && insideSection) return undefined;
  const kind = KINDS[word];
  const quoted = /["“”„]([^"“”„]+)["“”„]/.exec(rest)?.[1];
  const bare = rest
    .replace(COUNTS, '')
    .replace(/[:(].*$/, '')
    .replace(PLACED, '')
    .trim();
  return { kind, name: quoted ?? bare, title: titleAfter(rest), ...statedCounts(rest) };
}

const KINDS: Readonly<Record<string, Heading['kind']>> = {
  part: 'part',
  teil: 'part',
  tag: 'tag',
  bridge: 'tag',
  option: 'option',
  ending: 'ending',
  finish: 'ending',
  figure: 'figure',
  plan: 'plan',
};

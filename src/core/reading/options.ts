/** Another way to dance a stretch: `option no turn: Shuffle R forward` under its line, or `## Option "no turn": section 3 count 7 to section 4 count 4`. */
import type { Span } from '../model/text';
import { inEnglish } from './foreign';
import type { SaidWords } from '../grammar/plan';

export interface InlineOption {
  readonly name: string;
  readonly steps: SaidWords;
}

const INLINE = /^(\s*option\b\s*)([^:]*?)\s*:\s*(?=\S)/i;

/** Places count from the start of the line. */
export function readInlineOption(text: string): InlineOption | undefined {
  const match = INLINE.exec(text);
  if (!match) return undefined;
  const from = match[0].length;
  const steps = text
    .slice(from)
    .replace(/\s*\(meant so:[^()]*\)/gi, '')
    .trimEnd();
  return {
    name: match[2].replace(/^[("“]+|[)"”]+$/g, ''),
    steps: { text: steps, span: { from, to: from + steps.length } },
  };
}

/** One end of a stretch; counts run through the part or the tag unless a section is named. */
export interface StretchEnd {
  readonly section?: number;
  /** Undefined for a whole section. */
  readonly count?: number;
}

export interface Stretch {
  readonly tag?: string;
  readonly part?: string;
  readonly from: StretchEnd;
  readonly to: StretchEnd;
  readonly span: Span;
}

const END =
  '(?:(?:section|sec\\.?|s)\\s*(\\d{1,2})(?:\\s*,?\\s*(?:counts?|c)?\\s*(\\d{1,3}))?|(?:counts?\\s*)?(\\d{1,3}))';
const STRETCH = new RegExp(`${END}(?:\\s*(?:to|-|–|until|through)\\s*${END})?`, 'i');

/** What stands after the name in the heading of an option: which stretch it replaces. */
export function readStretch(heading: string): Stretch | undefined {
  const english = inEnglish(heading);
  const stretch = readEnglishStretch(english?.text ?? heading);
  if (!stretch || !english) return stretch;
  return { ...stretch, span: { from: english.back(stretch.span.from), to: english.back(stretch.span.to, true) } };
}

function readEnglishStretch(heading: string): Stretch | undefined {
  const start = /^[^"“:]*(?:["“][^"”]*["”])?[^:]*:\s*/.exec(heading)?.[0].length ?? 0;
  const words = heading.slice(start);
  const tag = /\btag\s+(?:["“]([^"”]+)["”]|([\p{L}\d]+)(?=\s+(?:counts?|section|s\d|\d)))/iu.exec(words);
  const part = tag ? null : /\bpart\s+["“]?([\p{L}\d]+)["”]?/iu.exec(words);
  const place = tag ?? part;
  const rest = place ? words.slice(place.index + place[0].length) : words;
  const match = STRETCH.exec(rest);
  if (!match) return undefined;
  const [, s1, c1, n1, s2, c2, n2] = match;
  const end = (section?: string, count?: string, alone?: string): StretchEnd => ({
    ...(section && { section: Number(section) }),
    ...((count ?? alone) && { count: Number(count ?? alone) }),
  });
  const from = end(s1, c1, n1);
  // "section 3 counts 5-8": the section goes for both ends.
  const to = s2 || n2 ? { ...(n2 && s1 ? { section: Number(s1) } : {}), ...end(s2, c2, n2) } : from;
  const name = tag ? (tag[1] ?? tag[2]) : part?.[1];
  return {
    ...(tag && { tag: name }),
    ...(part && { part: name }),
    from,
    to,
    span: { from: start, to: heading.trimEnd().length },
  };
}

/** Another way to dance a stretch: `option no turn: Shuffle R forward` under its line, or `## Option "no turn": section 3 count 7 to section 4 count 4`. */
import type { Span } from '../model/text';
import { lex } from './lexer';
import { find, matchAt, pattern, type Match } from './pattern';
import type { SaidWords } from './plan';

export interface InlineOption {
  readonly name: string;
  readonly steps: SaidWords;
}

/** Places count from the start of the line. */
export function readInlineOption(text: string): InlineOption | undefined {
  const opening = /^\s*option\b/i.exec(text)?.[0];
  const colon = opening === undefined ? -1 : text.indexOf(':', opening.length);
  const words = colon < 0 ? '' : text.slice(colon + 1);
  if (opening === undefined || words.trim() === '') return undefined;
  const from = colon + 1 + (words.length - words.trimStart().length);
  const steps = text
    .slice(from)
    .replace(/ ?\(meant so:[^()]*\)/gi, '')
    .trimEnd();
  return {
    name: text
      .slice(opening.length, colon)
      .trim()
      .replace(/^[("“]+|[)"”]+$/g, ''),
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

const NAMED = [
  pattern('kind:tag name:quoted'),
  pattern('kind:tag name:word count|section|number'),
  pattern('kind:part name:quoted|word|number'),
];
const ENDS = [
  pattern('section section:number ,? count? count:number'),
  pattern('section section:number'),
  pattern('count? count:number'),
];

/** What stands after the name in the heading of an option: which stretch it replaces. */
export function readStretch(heading: string): Stretch | undefined {
  const start = afterColon(heading);
  const tokens = lex(heading.slice(start));
  const { kind, name } = NAMED.map((steps) => find(tokens, steps)).find(Boolean)?.named ?? {};
  const rest = tokens.slice(name ? tokens.indexOf(name) + 1 : 0);
  const first = earliest(ENDS.flatMap((steps) => find(rest, steps) ?? []));
  if (!first) return undefined;
  const isLonger = TO.some((joint) => rest[first.to]?.is.has(joint));
  const last = isLonger ? ENDS.map((steps) => matchAt(rest, first.to + 1, steps)).find(Boolean) : undefined;
  const from = endOf(first);
  const words = name?.text.replace(/["“”„]/g, '');
  return {
    ...(kind?.is.has('tag') && { tag: words }),
    ...(kind?.is.has('part') && { part: words }),
    from,
    // "section 3 counts 5-8": the section goes for both ends.
    to: last ? { ...(from.section !== undefined && { section: from.section }), ...endOf(last) } : from,
    span: { from: start, to: heading.trimEnd().length },
  };
}

const TO = ['to', '-', 'opening'] as const;

/** Behind the colon that follows the name, which may hold one of its own between quotes. */
function afterColon(heading: string): number {
  const tokens = lex(heading);
  const colon = tokens.find(({ is }) => is.has(':'));
  return tokens.find(({ from }) => colon !== undefined && from > colon.from)?.from ?? 0;
}

/** The leftmost; of several that begin there the first. */
const earliest = (matches: readonly Match[]): Match | undefined =>
  matches.reduce<Match | undefined>((best, match) => (!best || match.from < best.from ? match : best), undefined);

const endOf = ({ named: { section, count } }: Match): StretchEnd => ({
  ...(section?.value !== undefined && { section: section.value }),
  ...(count?.value !== undefined && { count: count.value }),
});

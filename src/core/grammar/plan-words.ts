/** What a plan says of a tag: its own steps, its name, how often; and the words that are left over. */
import { oftenOf } from '../lexicon/again';
import type { Span } from '../model/text';
import { sideNamed } from '../vocabulary/words';
import type { Clause } from './clause';
import type { Token } from './lexer';
import { matchAt, pattern } from './pattern';

/** Words of the line with their place in it. */
export interface SaidWords {
  readonly text: string;
  readonly span: Span;
}

export const wordsFrom = (text: string, from: number): SaidWords => ({
  text: text.slice(from).trimEnd(),
  span: { from, to: text.trimEnd().length },
});

/** What stands after a colon where it is danced: a tag's own steps. */
export function takeBody(clause: Clause): SaidWords | undefined {
  const { left } = clause;
  const at = left.findIndex(({ is }, index) => is.has(':') && isDanced(left.slice(index + 1)));
  if (at < 0) return undefined;
  const from = left[at + 1].from;
  clause.cutAt(left[at].from);
  return wordsFrom(clause.text, from);
}

const CALLS_BACK = pattern('do the? section|count|first|last|number');
/** How long something is: `4 count tag`. */
export const LENGTH = pattern('number -? count');

function isDanced(tokens: readonly Token[]): boolean {
  const [first, second] = tokens;
  if (!first || matchAt(tokens, 0, LENGTH) || second?.is.has('tag') || tokens.some(({ is }) => is.has('restart')))
    return false;
  const isSide = second !== undefined && sideNamed(second.text) !== undefined;
  return (
    first.is.has('number') ||
    first.is.has('hold') ||
    first.is.has('repeat') ||
    matchAt(tokens, 0, CALLS_BACK) !== undefined ||
    (first.is.has('word') && isSide)
  );
}

/** `twice`, `x2`, `2x`. */
export function takeTimes(clause: Clause): number {
  for (const [index, token] of clause.left.entries()) {
    const [before, next] = [clause.left[index - 1], clause.left[index + 1]];
    const isSign = /^[x×]$/i.test(token.text);
    const glued = /^x(\d)$/i.exec(token.text)?.[1];
    const often =
      oftenOf(token.text) ??
      (glued ? Number(glued) : undefined) ??
      (isSign ? (next?.value ?? before?.value) : undefined);
    if (often === undefined || often < 2 || often > 9) continue;
    const isNext = isSign && next?.value !== undefined;
    clause.take(isSign && !isNext ? index - 1 : index, isNext ? index + 2 : index + 1);
    return often;
  }
  return 1;
}

export function quotedName(quoted: Token | undefined, clause: Clause): SaidWords | undefined {
  if (!quoted) return undefined;
  clause.left = clause.left.filter((token) => token !== quoted);
  const from = quoted.from + 1;
  return { text: quoted.text.slice(1, -1).trim(), span: { from, to: quoted.to - 1 } };
}

const LONGEST_NAME = 3;

/** The words beside "tag" that are not fillers: its name. */
export function tagName(clause: Clause): SaidWords | undefined {
  clause.takeMatch(LENGTH);
  const words = clause.left.filter(isUnread);
  if (words.length === 0 || words.length > LONGEST_NAME) return undefined;
  const span = { from: words[0].from, to: words[words.length - 1].to };
  clause.left = clause.left.filter((token) => !words.includes(token));
  return { text: clause.text.slice(span.from, span.to), span };
}

const isUnread = ({ is }: Token): boolean =>
  (is.has('word') || is.has('number') || is.has('ordinal')) && !is.has('filler');

/** Words running are told together. */
export const leftovers = (clause: Clause): SaidWords[] =>
  clause.left.filter(isUnread).reduce<SaidWords[]>((found, { from, to }) => {
    const last = found[found.length - 1];
    const isNext = last !== undefined && from - last.span.to <= 1;
    const span = { from: isNext ? last.span.from : from, to };
    return [...(isNext ? found.slice(0, -1) : found), { text: clause.text.slice(span.from, span.to), span }];
  }, []);

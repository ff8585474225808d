/** What an item of a plan says by itself: how clear it is, how long a tag, whether another one says the same. */
import { lex } from '../grammar/lexer';
import { matchAt } from '../grammar/pattern';
import { LENGTH } from '../grammar/plan-words';
import { MOST_COUNT } from '../reading/counts';
import { isWholeLine, readStepLine } from '../reading/line';
import type { PlanItem } from '../grammar/plan';
import type { Vocabulary } from '../vocabulary';
import { planInProse } from './plan-prose';

/** `Tag, four counts`, `4 count tag`: how long; 0 where it is not said. */
export function lengthSaid(words: string): number {
  const tokens = lex(words);
  const at = tokens.findIndex(
    ({ is }, index) =>
      is.has('number') && matchAt(tokens, index, LENGTH) !== undefined && !tokens[index - 1]?.is.has('after'),
  );
  const length = tokens[at]?.value ?? 0;
  return length <= MOST_COUNT ? length : 0;
}

export const nameOf = (item: PlanItem): string =>
  item.kind === 'tag' && item.tag.kind === 'named' && !/\bcounts?\b/i.test(item.tag.text) ? item.tag.text : '';

/** Read to its end, and it says on which walls. */
export const isClear = (item: PlanItem): boolean =>
  (!('unread' in item) || item.unread.length === 0 || item.kind === 'tag') &&
  (!('walls' in item) || (item.walls.kind !== 'unsaid' && (item.walls.kind !== 'part' || item.walls.part.length <= 2)));

/** `Tag (4 counts) after wall 2: sway R, L, R, L`: all of it in one line, and no heading. */
export const isWholeTag = (words: string, vocabulary: Vocabulary): boolean =>
  planInProse(words).some(
    (item) => item.kind === 'tag' && item.tag.kind === 'own' && isWholeLine(readStepLine(item.tag.text, vocabulary)),
  );

/** `Finish: on the last wall hold the point`: which wall is the last only the song knows. */
export const isWhatever = (item: PlanItem): boolean => item.kind === 'ending' && item.walls.kind === 'last';

/** Two items about one wall: the first that was said holds. */
export const saysTheSame = (one: PlanItem, other: PlanItem): boolean =>
  one.kind === other.kind &&
  'walls' in one &&
  'walls' in other &&
  one.walls.kind === 'walls' &&
  other.walls.kind === 'walls' &&
  other.walls.numbers.every((number) => one.walls.kind === 'walls' && one.walls.numbers.includes(number));

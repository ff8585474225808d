/** What words around a turn say of it: which way it goes, how far, and whose it is. */
import { says } from '../../lexicon/joints';
import { SIDE_WORDS } from '../../lexicon/steps';
import { CIRCLE, type Way } from '../../model/turns';
import { type Figure } from '../../vocabulary';
import { isSingle, type CalledTurn, type Draft } from './call';

/** Fractions that stand in the names of figures. */
export const NAMED_AMOUNTS: Readonly<Record<number, string>> = { 12: 'quarter', 24: 'half', [CIRCLE]: 'full' };

/** `over the left shoulder`: the way of a turn, and how many words say it. */
export function shoulderAhead(words: readonly string[], at: number): { way: Way; length: number } | undefined {
  for (let ahead = 1; ahead <= 3; ahead++) {
    const word = words[at + ahead] ?? '';
    if (word in SIDE_WORDS && says('shoulder', words[at + ahead + 1]))
      return { way: SIDE_WORDS[word] === 'R' ? 'right' : 'left', length: ahead + 2 };
  }
  return undefined;
}

/** `par l'épaule gauche`: the noun comes first. */
export function epauleAhead(words: readonly string[], at: number): { way: Way; length: number } | undefined {
  const noun = words.slice(at + 1, at + 4).findIndex((word) => says('shoulder-first', word));
  const side = noun < 0 ? undefined : SIDE_WORDS[words[at + noun + 2] ?? ''];
  return side && { way: side === 'R' ? 'right' : 'left', length: noun + 3 };
}

/** `with the turn`, `mit der Drehung`: the turn that the title has. */
export const isTurnSaidBefore = (words: readonly string[], at: number, length: number): boolean =>
  says('article', words[at - 1]) &&
  says('during', words[at - 2]) &&
  !((words[at + length] ?? '') in SIDE_WORDS) &&
  words[at + length] !== ' amount';

/** `step half pivot left`: the amount behind a step is that of the turn it stands before. Taken from the step. */
export function amountOfNext(draft: Draft | undefined, figure: Figure): CalledTurn | undefined {
  const turn = draft?.turn;
  const isOfNext = draft?.figure && isSingle(draft.figure) && figure.bare === 'way' && turn?.amount && !turn.way;
  if (!isOfNext) return undefined;
  draft.turn = undefined;
  return turn;
}

/** A turn that goes on with what is said next. */
export const isTurnAlone = ({ figure, direction, sides, turn, unread }: Draft): boolean =>
  !figure &&
  !direction &&
  sides.length === 0 &&
  unread.length === 0 &&
  turn?.amount !== undefined &&
  turn.amount < CIRCLE;

/** A turn said in the rest of the clause: `half turn`, `180 Grad über die linke Schulter drehen`. */
export function turnsAhead(words: readonly string[], at: number): boolean {
  for (const word of words.slice(at, at + LONGEST_TURN)) {
    if (word === ' break' || says('and', word)) return false;
    if (says('turn', word)) return true;
  }
  return false;
}
const LONGEST_TURN = 6;
/** A foot and where it goes, or several feet: a step without its verb. */
export const isWholeStep = ({ sides, direction }: Draft): boolean =>
  sides.length > 1 || (sides.length === 1 && direction !== undefined);

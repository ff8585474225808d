/** What feet without a verb say. */
import { says } from '../../lexicon/joints';
import { FOOT_WORDS, SIDE_WORDS } from '../../lexicon/steps';
import type { Foot } from '../../model/feet';
import { isSingle, type Draft } from './call';
import type { Token } from './tokens';

/** `R, and touch L`: a foot alone, joined to an action of the other foot, is a step of its own. */
export function isOtherFootNext({ sides, turn }: Draft, [first = '', second = '']: readonly string[]): boolean {
  const next = says('article', first) ? second : first;
  const foot = FOOT_WORDS[next] ?? SIDE_WORDS[next];
  return sides.length === 1 && !turn && foot !== undefined && foot !== sides[0].foot;
}

export const isFootAlone = ({ figure, direction, sides, turn, turnWord, unread }: Draft): boolean =>
  !figure && !direction && sides.length === 1 && !turn && !turnWord && unread.length === 0;

/** One step or gesture that names no foot. */
export const takesFoot = ({ figure, direction, sides, listed }: Draft): boolean =>
  (figure ? isSingle(figure) : direction !== undefined) && sides.length === 0 && !listed;

/** Feet and nothing else: `R, L, R`; undefined for anything else. */
export function listedFeet(tokens: readonly Token[]): readonly Foot[] | undefined {
  const feet = tokens.flatMap(({ word }) => FOOT_WORDS[word] ?? SIDE_WORDS[word] ?? []);
  const isList = tokens.every(({ kind, word }) => kind === 'break' || word in FOOT_WORDS || word in SIDE_WORDS);
  return feet.length > 1 && isList ? feet : undefined;
}

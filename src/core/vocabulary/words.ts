/** The words of step lines, and what a side is called where nothing else can stand. */
import { FOOT_WORDS, mirrorOf, SIDE_WORDS } from '../lexicon/steps';
import type { Foot } from '../model/feet';

/** The side or foot a word names where nothing else can stand: in a claim, a fact, after "leading". D and G stand alone in French. */
export const sideNamed = (word: string): Foot | undefined => {
  const key = word.toLowerCase();
  return SIDE_WORDS[key] ?? FOOT_WORDS[key] ?? (key === 'd' ? 'R' : key === 'g' ? 'L' : undefined);
};

/** French things that are masculine and have a side: after them left is the other one of "droit". */
const MASCULINE = /(?:pied|talon|genou|bras|coude|poing|orteil|cote|côté|mur|bord)s?\s*$/i;

/** The word for the other side; undefined where it names none. `before`: what stands before it. */
export function otherSide(word: string, before: string): string | undefined {
  const other = mirrorOf(word);
  return (other === 'droite' || other === 'droites') && MASCULINE.test(before)
    ? other.replace('droite', 'droit')
    : other;
}

/** Words that call back what was danced, and say how it comes again. */
import { anyOf, lexiconOf, wordsOf, type Words } from './lexicon';
import { plainLetters } from './letters';

export type AgainWord =
  /** Says alone that something comes again. */
  | 'repeat'
  /** Does so beside a word for what was danced: `all that again`. */
  | 'again'
  | 'that'
  /** Before counts or a section: `as 1-4`. */
  | 'like'
  | 'do'
  | 'first'
  | 'last'
  | 'times'
  | 'mirrored'
  /** Before the foot that leads then. */
  | 'lead'
  | 'foot'
  | 'joint'
  | 'half'
  /** Says nothing more. */
  | 'filler';

/** A word in several rows stands for the first. */
const ROWS: readonly (readonly [AgainWord, Words])[] = [
  ['repeat', { en: 'repeat repeats repeating same ditto another', de: 'wiederhole wiederholt wiederholen wiederholung dasselbe gleiche gleichen selbe selben dito', fr: 'répéter répétez répète répétition reprendre reprenez même mêmes pareil idem', nl: 'herhaal herhalen hetzelfde zelfde' }],
  ['again', { en: 'again once more', de: 'nochmal nochmals wieder noch', fr: 'encore', nl: 'nogmaals nog opnieuw' }],
  ['that', { en: 'that this those these it all above', de: 'alles ganze oben', fr: 'ça cela tout', nl: 'dat dit alles' }],
  ['like', { en: 'as like', de: 'wie', fr: 'comme', nl: 'als zoals' }],
  ['do', { en: 'do dance doing dancing', de: 'tanze tanzen mache machen', fr: 'danser dansez faire faites', nl: 'doe' }],
  ['first', { en: 'first', de: 'ersten', fr: 'premiers premières', nl: 'eerste' }],
  ['last', { en: 'last', de: 'letzten', fr: 'derniers dernières', nl: 'laatste' }],
  ['times', { en: 'times', de: 'mal', fr: 'fois', nl: 'keer' }],
  ['mirrored', { en: 'other opposite mirror mirrored reverse reversed', de: 'anderen andere gespiegelt spiegelverkehrt gegengleich spiegelbildlich', fr: 'autre miroir inversé', nl: 'andere gespiegeld' }],
  ['lead', { en: 'lead leading start starting begin beginning going to on with', de: 'beginnend beginnen mit nach', fr: 'commençant avec à en vers', nl: 'beginnend naar met' }],
  ['foot', { en: 'foot feet side way lead direction', de: 'fuß seite', fr: 'pied côté', nl: 'voet kant' }],
  ['joint', { en: 'and now then but', de: 'und nun jetzt dann aber', fr: 'et puis maintenant mais', nl: 'en dan nu maar' }],
  ['half', { en: 'half', de: 'halben', fr: 'demi', nl: 'half' }],
  ['filler', { en: 'we you the a of in from for exactly just very exact thing things steps counts pattern sequence up', de: 'der die das den dem auf im genau ganz sache schritte einmal von', fr: "le la les du de de_l' sur dans exactement chose l d une", nl: 'de het van in op precies' }],
]; // prettier-ignore
const WORDS = lexiconOf<AgainWord>(ROWS);

/** Whether a text can hold a word that opens a repeat. */
export const MAY_CALL_BACK = anyOf(
  ROWS.filter(([kind]) => /^(?:repeat|again|that|like|do)$/.test(kind)).flatMap(([, words]) => wordsOf(words)),
);

export const againWord = (word: string): AgainWord | undefined => WORDS.get(plainLetters(word));

const OFTEN = lexiconOf([
  [2, { en: 'twice', de: 'zweimal', nl: 'tweemaal' }],
  [3, { en: 'thrice', de: 'dreimal', nl: 'driemaal' }],
]);
/** `twice`: how often, in one word. */
export const oftenOf = (word: string): number | undefined => OFTEN.get(plainLetters(word));

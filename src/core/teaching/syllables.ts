/**
 * How many syllables words have, for whether they can be said in time: by letters, and a table of the trade's words that letters mislead
 * about (common practice, from memory). A syllable more or less decides nothing by itself.
 */
import { plainLetters } from '../lexicon/letters';
import type { Language } from '../vocabulary/figures';

/** English words of the halls, in whatever language they stand. */
const TABLE: Readonly<Record<string, number>> = {
  chasse: 2, forward: 2, behind: 2, vine: 1, grapevine: 2, weave: 1, side: 1, recover: 3, together: 3, charleston: 3, monterey: 3,
  vaudeville: 2, diagonal: 4, quarter: 2, double: 2, triple: 2, shuffle: 2, coaster: 2, sailor: 2, rocking: 2, change: 1, samba: 2,
  rhumba: 2, rumba: 2, mambo: 2, heel: 1, toe: 1, strut: 1, hold: 1, lindy: 2, applejack: 3, botafogo: 4, volta: 2, cha: 1, clap: 1,
  three: 1, seven: 2, eighth: 1, unwind: 2, sweep: 1, scissor: 2, scissors: 2, place: 1, close: 1, circle: 2, paddle: 2, whole: 1,
  dorothy: 3, hitch: 1, ronde: 2, polka: 2, night: 1, club: 1, basic: 2, drag: 1, slide: 1, flick: 1, step: 1, kick: 1, ball: 1,
  cross: 1, jazz: 1, box: 1, chair: 1, skate: 1, point: 1, touch: 1, stomp: 1, pivot: 2, turn: 1, rock: 1, back: 1, lock: 1, walk: 1,
}; // prettier-ignore

const FRACTIONS: Readonly<Record<Language, Readonly<Record<string, string>>>> = {
  en: { '1/2': 'half', '1/4': 'quarter', '3/4': 'three quarter', '1/8': 'eighth', '3/8': 'three eighth', '5/8': 'five eighth', '&': 'and' },
  de: { '1/2': 'halbe', '1/4': 'viertel', '3/4': 'dreiviertel', '1/8': 'achtel', '3/8': 'drei achtel', '5/8': 'fünf achtel', '&': 'und' },
  fr: { '1/2': 'demi', '1/4': 'quart', '3/4': 'trois quarts', '1/8': 'huitième', '3/8': 'trois huitièmes', '5/8': 'cinq huitièmes', '&': 'et' },
}; // prettier-ignore

export const NUMBERS: Readonly<Record<Language, readonly string[]>> = {
  en: ['', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'],
  de: ['', 'eins', 'zwei', 'drei', 'vier', 'fünf', 'sechs', 'sieben', 'acht', 'neun', 'zehn', 'elf', 'zwölf'],
  fr: ['', 'un', 'deux', 'trois', 'quatre', 'cinq', 'six', 'sept', 'huit', 'neuf', 'dix', 'onze', 'douze'],
};

/** Words as they are said: `1/4 turn R` is "quarter turn R", `½` is "half". */
export function saidAloud(words: string, language: Language): string {
  const fractions = FRACTIONS[language];
  return words
    .replace(/½/g, '1/2').replace(/¼/g, '1/4').replace(/¾/g, '3/4').replace(/⅛/g, '1/8')
    .replace(/(\d) (\d\/\d)/g, (_, whole: string, part: string) => `${NUMBERS[language][Number(whole)]} ${fractions['&']} ${fractions[part] ?? part}`)
    .replace(/\d\/\d/g, (part) => fractions[part] ?? part)
    .replace(/&/g, ` ${fractions['&']} `)
    .replace(/\b\d{1,2}\b/g, (number) => NUMBERS[language][Number(number)] ?? number)
    .replace(/\s+/g, ' ')
    .trim();
} // prettier-ignore

export const syllablesOf = (words: string, language: Language = 'en'): number =>
  saidAloud(words, language)
    .toLowerCase()
    .split(/[^\p{L}'’]+/u)
    .filter(Boolean)
    .reduce((sum, word) => sum + ofWord(word, language), 0);

function ofWord(word: string, language: Language): number {
  const plain = plainLetters(word).replace(/['’]/g, '');
  const known = TABLE[plain] ?? (plain.endsWith('s') ? TABLE[plain.slice(0, -1)] : undefined);
  if (known !== undefined) return known;
  // Letters said by themselves: R, L.
  if (plain.length === 1) return 1;
  if (language === 'de') return groups(word, /(?:au|ei|eu|äu|ai|ie|oo|[aeiouäöüy])/g);
  const vowels = groups(plain, /[aeiouy]+/g);
  if (language === 'fr') return Math.max(1, vowels - (/[^aeiouy](?:e|es|ent)$/.test(plain) && vowels > 1 ? 1 : 0));
  const mute = /[^aeiouyl]e$|[^aeiouytd]ed$|[^aeiouysxzh]es$/.test(plain) || /[aeiouy]le$/.test(plain);
  return Math.max(1, vowels - (mute && vowels > 1 ? 1 : 0));
}

const groups = (word: string, vowels: RegExp): number => Math.max(1, word.match(vowels)?.length ?? 1);

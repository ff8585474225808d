/** Numbers as words, and as the place in a row. */
import { lexiconOf, type Words } from './lexicon';
import { plainLetters } from './letters';

const CARDINALS: readonly (readonly [number, Words])[] = [
  [1, { en: 'one', de: 'eins', fr: 'un', nl: 'een één' }],
  [2, { en: 'two', de: 'zwei', fr: 'deux', nl: 'twee' }],
  [3, { en: 'three', de: 'drei', fr: 'trois', nl: 'drie' }],
  [4, { en: 'four', de: 'vier', fr: 'quatre', nl: 'vier' }],
  [5, { en: 'five', de: 'fünf', fr: 'cinq', nl: 'vijf' }],
  [6, { en: 'six', de: 'sechs', fr: 'six', nl: 'zes' }],
  [7, { en: 'seven', de: 'sieben', fr: 'sept', nl: 'zeven' }],
  [8, { en: 'eight', de: 'acht', fr: 'huit', nl: 'acht' }],
  [9, { en: 'nine', de: 'neun', fr: 'neuf', nl: 'negen' }],
  [10, { en: 'ten', de: 'zehn', fr: 'dix', nl: 'tien' }],
  [11, { en: 'eleven', de: 'elf', fr: 'onze', nl: 'elf' }],
  [12, { en: 'twelve', de: 'zwölf', fr: 'douze', nl: 'twaalf' }],
  [13, { en: 'thirteen', de: 'dreizehn', fr: 'treize', nl: 'dertien' }],
  [14, { en: 'fourteen', de: 'vierzehn', fr: 'quatorze', nl: 'veertien' }],
  [15, { en: 'fifteen', de: 'fünfzehn', fr: 'quinze', nl: 'vijftien' }],
  [16, { en: 'sixteen', de: 'sechzehn', fr: 'seize', nl: 'zestien' }],
  [17, { en: 'seventeen', de: 'siebzehn', fr: 'dix-sept', nl: 'zeventien' }],
  [18, { en: 'eighteen', de: 'achtzehn', fr: 'dix-huit', nl: 'achttien' }],
  [19, { en: 'nineteen', de: 'neunzehn', fr: 'dix-neuf', nl: 'negentien' }],
  [20, { en: 'twenty', de: 'zwanzig', fr: 'vingt', nl: 'twintig' }],
  [30, { en: 'thirty', de: 'dreißig', fr: 'trente', nl: 'dertig' }],
  [40, { en: 'forty', de: 'vierzig', fr: 'quarante', nl: 'veertig' }],
  [60, { en: 'sixty', de: 'sechzig', fr: 'soixante', nl: 'zestig' }],
  [70, { en: 'seventy', de: 'siebzig', fr: 'soixante-dix', nl: 'zeventig' }],
  [80, { en: 'eighty', de: 'achtzig', fr: 'quatre-vingts quatre-vingt', nl: 'tachtig' }],
  [90, { en: 'ninety', de: 'neunzig', fr: 'quatre-vingt-dix', nl: 'negentig' }],
];

const ENGLISH: ReadonlyMap<number, string> = new Map(CARDINALS.map(([value, { en }]) => [value, en ?? String(value)]));

/** `three`; in figures where there is no word of its own. */
export const numberWord = (value: number): string => ENGLISH.get(value) ?? String(value);

const ORDINALS: readonly (readonly [number, Words])[] = [
  [1, { en: 'first', de: 'erste erster erstes ersten', fr: 'premier première premiers premières', nl: 'eerste' }],
  [2, { en: 'second', de: 'zweite zweiter zweites zweiten', fr: 'deuxième second seconde', nl: 'tweede' }],
  [3, { en: 'third', de: 'dritte dritter drittes dritten', fr: 'troisième', nl: 'derde' }],
  [4, { en: 'fourth', de: 'vierte vierter viertes vierten', fr: 'quatrième', nl: 'vierde' }],
  [5, { en: 'fifth', de: 'fünfte fünfter fünftes fünften', fr: 'cinquième', nl: 'vijfde' }],
  [6, { en: 'sixth', de: 'sechste sechster sechstes sechsten', fr: 'sixième', nl: 'zesde' }],
  [7, { en: 'seventh', de: 'siebte siebter siebtes siebten siebente', fr: 'septième', nl: 'zevende' }],
  [8, { en: 'eighth', de: 'achte achter achtes achten', fr: 'huitième', nl: 'achtste' }],
  [9, { en: 'ninth', de: 'neunte neunter neuntes neunten', fr: 'neuvième', nl: 'negende' }],
  [10, { en: 'tenth', de: 'zehnte zehnter zehntes zehnten', fr: 'dixième', nl: 'tiende' }],
];

const cardinals = lexiconOf(CARDINALS);
const ordinals = lexiconOf(ORDINALS);
const ROMAN: Readonly<Record<string, number>> = Object.assign(Object.create(null), {
  i: 1, ii: 2, iii: 3, iv: 4, v: 5, vi: 6, vii: 7, viii: 8, ix: 9, x: 10, xi: 11, xii: 12,
}); // prettier-ignore

/** Tens and what is added to them: `twenty-four`, `quarante-huit`; the ones first in `vierundzwanzig`, `vierentwintig`. */
const TENS_FIRST = /^([a-z]+(?:-vingts?)?)-(?:et-)?([a-z]+)$/;
const ONES_FIRST = /^([a-z]+?)(?:und|en)([a-z]+)$/;

function composed(word: string): number | undefined {
  const tensFirst = TENS_FIRST.exec(word);
  const [tens, ones] = tensFirst ? tensFirst.slice(1) : (ONES_FIRST.exec(word)?.slice(1).reverse() ?? []);
  const whole = cardinals.get(tens ?? '');
  const added = /^ein$/.test(ones ?? '') ? 1 : cardinals.get(ones ?? '');
  // French goes on to nineteen over sixty: `soixante-douze`.
  const isTens = whole !== undefined && whole >= 20 && whole % 10 === 0;
  return isTens && added !== undefined && added < 20 ? whole + added : undefined;
}

/** `four`, `vier`, `4`; undefined for what is no number. */
export function numberOf(word: string): number | undefined {
  if (/^\d{1,3}$/.test(word)) return Number(word);
  const plain = plainLetters(word);
  return cardinals.get(plain) ?? (plain.length > 6 ? composed(plain) : undefined);
}

/** `third`, `dritte`, `3rd`, `3.`, `3e`; undefined for what is no place in a row. */
export function ordinalOf(word: string): number | undefined {
  const digits = /^(\d{1,2})(?:st|nd|rd|th|\.|e|er|re|ère|ème|nde|de|ste)$/i.exec(word)?.[1];
  return digits ? Number(digits) : ordinals.get(plainLetters(word));
}

/** `IV`; small letters are words. */
export const romanOf = (word: string): number | undefined =>
  /^[IVX]{1,4}$/.test(word) ? ROMAN[word.toLowerCase()] : undefined;

/** One to twelve as they are counted aloud: words that stand for a count when they stand among counts. */
export const COUNTED_ALOUD: readonly string[] = CARDINALS.filter(([value]) => value <= 12).flatMap(([, words]) =>
  Object.values(words).flatMap((list) => list.split(' ')),
);

const WORD = /\d+(?:-\p{L}+)*|\p{L}[\p{L}\d]*(?:-\p{L}+)*/gu;

/** The words of a text, those joined by a hyphen apart unless they are one number: `four-wall` is two, `thirty-two` one. */
export const wordsApart = (text: string): string[] =>
  (text.match(WORD) ?? []).flatMap((word) => (numberOf(word) === undefined ? word.split('-') : [word]));

/** A line cut into words, with fractions, hours and separators told apart. Linear in the length of the line. */
import { plainLetters } from '../../lexicon/letters';
import { CIRCLE } from '../../model/turns';
import { canonicalWord, compoundWords, findAbbreviation } from '../../vocabulary';
import { readAmountParts } from '../../vocabulary/notation';
import { FOOT_WORDS, SIDE_WORDS } from '../../lexicon/steps';
import type { Signs } from './signs';

export type TokenKind = 'word' | 'break' | 'colon' | 'amount' | 'hour' | 'number' | 'times' | 'open' | 'bracket';

export interface Token {
  readonly kind: TokenKind;
  /** The canonical word; for a break the separator itself. */
  readonly word: string;
  readonly from: number;
  readonly to: number;
  /** Parts of a circle for an amount, the number for a number or `x2`. */
  readonly value: number;
}

const FRACTION_SIGNS: Readonly<Record<string, number>> = {
  '¼': 12, '½': 24, '¾': 36, '⅛': 6, '⅜': 18, '⅝': 30, '⅞': 42, '⅓': 16, '⅔': 32, '⅙': 8, '⅚': 40,
}; // prettier-ignore

const SIGNS = Object.keys(FRACTION_SIGNS).join('');
/** What a stretch of a line can be, the first that fits. Plain groups in the order of the list: named ones cost a third of reading. */
const PATTERNS = [
  ['amount', `\\d{1,2}\\s+\\d\\/\\d{1,2}|\\d{1,2}\\s?[${SIGNS}]|\\d{1,2}\\/\\d{1,2}|[${SIGNS}]`],
  ['degrees', '\\d{2,3}\\s?(?:°|degrees?\\b|grad\\b|degr[eé]s\\b)'],
  ['hour', '\\d{1,2}:\\d{2}'],
  ['times', 'x\\s?\\d{1,2}\\b|\\d{1,2}\\s?x\\b'],
  ['number', '\\d+'],
  ['word', 'w\\/|\\p{L}+'],
  // `Schritt vor - Pivot`: a dash between words ends a call; between feet (`l - r - l`) and counts it does not.
  ['break', '[,;.+&]|(?<=\\s)-(?=\\s+(?!(?:[rldg]\\s*(?:-|$|[,.;)])|\\d(?!\\d?\\/))))'],
  ['colon', ':'],
  ['open', '\\?'],
  ['bracket', '[()]'],
] as const;
const TOKEN = new RegExp(PATTERNS.map(([, pattern]) => `(${pattern})`).join('|'), 'giu');

/** Parts of a circle of `1/4`, `¼`, `1 1/4`, `1¼`. Undefined when the circle can't be cut so. */
function readAmount(text: string): number | undefined {
  if (text.includes('/')) return readAmountParts(text);
  const sign = text.slice(-1);
  const whole = text.slice(0, -1).trim();
  return sign in FRACTION_SIGNS ? Number(whole || 0) * CIRCLE + FRACTION_SIGNS[sign] : undefined;
}

/** What a word that may be misspelt was meant to be. */
export type Meant = (raw: string, at: number) => string | undefined;

export function readTokens(text: string, start: number, signs?: Signs, meant?: Meant): Token[] {
  const tokens: Token[] = [];
  TOKEN.lastIndex = start;
  for (let match = TOKEN.exec(text); match; match = TOKEN.exec(text)) {
    const [found] = match;
    const place = { from: match.index, to: match.index + found.length };
    let group = 1;
    while (match[group] === undefined) group += 1;
    const isWord = PATTERNS[group - 1][0] === 'word';
    const said = isWord ? signs?.get(found) : undefined;
    if (said) for (const word of said) pushWord(tokens, word, place, false);
    else pushToken(tokens, PATTERNS[group - 1][0], (isWord && meant?.(found, match.index)) || found, place, text);
  }
  return tokens;
}

function pushToken(
  tokens: Token[],
  pattern: (typeof PATTERNS)[number][0],
  found: string,
  place: Place,
  text: string,
): void {
  switch (pattern) {
    case 'amount':
      return pushAmount(tokens, place, found, readAmount(found.replace(/\s+/g, ' ')));
    case 'degrees':
      return pushAmount(tokens, place, found, (parseInt(found, 10) * CIRCLE) / 360);
    case 'times':
      return void tokens.push({ kind: 'times', word: 'x', value: Number(/\d+/.exec(found)?.[0]), ...place });
    case 'number':
      return void tokens.push({ kind: 'number', word: found, value: Number(found), ...place });
    case 'word':
      return pushWord(tokens, found, place, text[place.to] === "'");
    case 'break':
      return pushBreak(tokens, text, place, found);
    case 'hour':
    case 'colon':
    case 'open':
    case 'bracket':
      return void tokens.push({ kind: pattern, word: found, value: 0, ...place });
  }
}

type Place = { from: number; to: number };

function pushAmount(tokens: Token[], place: Place, word: string, value: number | undefined): void {
  if (value !== undefined && Number.isInteger(value)) tokens.push({ kind: 'amount', word, value, ...place });
  else tokens.push({ kind: 'word', word, value: 0, ...place });
}

/** `&`, `+` and "and" join softly and are words; a comma, semicolon or full stop ends a call. A point inside an abbreviation (`rt.`) ends nothing. */
function pushBreak(tokens: Token[], text: string, place: Place, sign: string): void {
  if (sign === '&' || sign === '+') tokens.push({ kind: 'word', word: 'and', value: 0, ...place });
  else if (sign !== '.' || endsSentence(text, place)) tokens.push({ kind: 'break', word: sign, value: 0, ...place });
}

/** Before a capital, or with a space before it; the point of a short form ends nothing: `Rec. RF`. */
function endsSentence(text: string, { from, to }: Place): boolean {
  if (text[from - 1] === ' ') return true;
  const word = /\p{L}+$/u.exec(text.slice(Math.max(from - LONGEST_SHORT, 0), from))?.[0];
  return /^\s+\p{Lu}/u.test(text.slice(to, to + 4)) && !(word && findAbbreviation(word.toLowerCase()));
}
const LONGEST_SHORT = 8;

/** In French D and G are sides, alone or in a row (`DGD`); before an apostrophe a letter is only a small word (`d'`, `l'`). */
const FRENCH_SIDES = /^[DG]{1,8}$/;

function pushWord(tokens: Token[], raw: string, place: Place, isElided: boolean): void {
  if (isElided && raw.length === 1) return void tokens.push({ kind: 'word', word: 'd', value: 0, ...place });
  if (FRENCH_SIDES.test(raw)) {
    [...raw].forEach((letter, index) =>
      tokens.push({
        kind: 'word',
        word: letter === 'D' ? 'droite' : 'gauche',
        value: 0,
        from: place.from + index,
        to: place.from + index + 1,
      }),
    );
    return;
  }
  if (/^[rl]{2,8}$/i.test(raw) && !(raw.toLowerCase() in SIDE_WORDS)) {
    [...raw.toLowerCase()].forEach((letter, index) =>
      tokens.push({
        kind: 'word',
        word: letter,
        value: 0,
        from: place.from + index,
        to: place.from + index + 1,
      }),
    );
    return;
  }
  if (raw.toLowerCase() === 'w/') {
    tokens.push({ kind: 'word', word: 'with', value: 0, ...place });
    return;
  }
  const long = findAbbreviation(plainLetters(raw)) ?? compoundWords(raw);
  if (long) for (const word of long) tokens.push({ kind: 'word', word, value: 0, ...place });
  else
    tokens.push({
      kind: 'word',
      word: raw.toLowerCase() in FOOT_WORDS ? raw.toLowerCase() : canonicalWord(raw),
      value: 0,
      ...place,
    });
}

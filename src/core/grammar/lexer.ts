/** A line cut into tokens, each with all that it may mean and with its place. Linear in the length of the line. */
import { plainLetters } from '../lexicon/letters';
import { numberOf, ordinalOf } from '../lexicon/numbers';
import { LONGEST_PHRASE, structureOf, type StructureWord } from '../lexicon/structure';
import type { Span } from '../model/text';
import { readHour, type Facing } from '../model/turns';

/** Nothing of a dance is numbered further, nor a year; a longer number is a word that nobody counts with. */
const MOST_DIGITS = 4;

/** Besides words of the lexicon: numbers, places in a row, hours, words between quotes, and the signs themselves. */
export type Meaning = StructureWord | 'number' | 'ordinal' | 'hour' | 'quoted' | 'word' | Sign;
export type Sign = '&' | '-' | ',' | ';' | ':' | '.' | '(' | ')' | '?' | '#' | '=' | '+' | '/' | '[' | ']';

export interface Token extends Span {
  /** As written; of a phrase all its words. */
  readonly text: string;
  readonly is: ReadonlySet<Meaning>;
  /** Of a number, or of a place in a row. */
  readonly value?: number;
  readonly facing?: Facing;
}

const HOUR_WORD = /^\s*(?:o\s?['’]?\s?clock|uhr|h\d{2}|heures?|uur|h)(?![\p{L}\d])/iu;
const ORDINAL_END = /^(?:st|nd|rd|th|er|re|ère|e|ème|eme|nde|de|ste)(?![\p{L}\d])/iu;
/** A German `3.` before what it counts, or before the next of its list. */
const ORDINAL_POINT = /^\.(?=,? ?\d|\s+(?:wand|runde|teil|abschnitt|achter|mal|[A-H])(?!\p{L}))/iu;
const PIECE = /t\/m(?!\p{L})|\d{1,2}[:.]\d{2}(?!\d)|\d+|\p{L}[\p{L}\d'’]*(?:-\p{L}+)*|["“”„][^"“”„]*["“”„]|[^\s]/gu;
const WORD_PIECE = /^\p{L}/u;
const DASH = /^[-‐-―−]$/;

/** `w3`, `s3`, `c4`: a letter glued to its number. */
const GLUED = /^([wsc])(\d{1,3})$/i;

export function lex(text: string): readonly Token[] {
  const pieces = piecesOf(text);
  const tokens: Token[] = [];
  for (let index = 0; index < pieces.length;) {
    const { from, word } = pieces[index];
    if (WORD_PIECE.test(word)) {
      const [token, length] = wordToken(text, pieces, index);
      tokens.push(token);
      index += length;
      continue;
    }
    const token = /^\d/.test(word) ? numberToken(text, from, word) : signToken(from, word);
    tokens.push(token);
    index += 1;
    // What belongs to the number is said with it: `3rd`, `6 o'clock`.
    while (index < pieces.length && pieces[index].from < token.to) index += 1;
  }
  return tokens;
}

interface Piece {
  readonly from: number;
  readonly word: string;
}

const piecesOf = (text: string): Piece[] =>
  [...text.matchAll(PIECE)].flatMap(({ index: from, 0: word }) => {
    const glued = GLUED.exec(word);
    return glued
      ? [
          { from, word: glued[1] },
          { from: from + 1, word: glued[2] },
        ]
      : [{ from, word }];
  });

function wordToken(text: string, pieces: readonly Piece[], index: number): [Token, number] {
  const { from, word } = pieces[index];
  let phrase = plainLetters(word.replace('’', "'"));
  let [best, length, to] = [structureOf(word.toLowerCase() === 'à' ? 'à' : phrase), 1, from + word.length];
  const single = phrase;
  for (let next = 1; next < LONGEST_PHRASE; next++) {
    const piece = pieces[index + next];
    const before = pieces[index + next - 1];
    if (
      !piece ||
      !WORD_PIECE.test(piece.word) ||
      text.slice(before.from + before.word.length, piece.from).trim() !== ''
    )
      break;
    phrase += ` ${plainLetters(piece.word)}`;
    const found = structureOf(phrase);
    if (found) [best, length, to] = [found, next + 1, piece.from + piece.word.length];
  }
  const [number, ordinal] = length > 1 ? [] : [numberOf(single), ordinalOf(single)];
  const is = new Set<Meaning>(best ?? []);
  is.add('word');
  if (number !== undefined) is.add('number');
  if (ordinal !== undefined) is.add('ordinal');
  return [{ text: text.slice(from, to), from, to, is, value: number ?? ordinal }, length];
}

function numberToken(text: string, from: number, word: string): Token {
  const own = from + word.length;
  const token = (to: number, is: Meaning, more: Partial<Token>): Token => ({
    text: text.slice(from, to),
    from,
    to,
    is: new Set([is]),
    ...more,
  });
  if (/[:.]/.test(word)) {
    const facing = readHour(word.replace('.', ':'));
    return facing === undefined ? token(own, 'word', {}) : token(own, 'hour', { facing });
  }
  if (word.length > MOST_DIGITS) return token(own, 'word', {});
  const rest = text.slice(own, own + 16);
  const value = Number(word);
  const ordinal = ORDINAL_END.exec(rest) ?? ORDINAL_POINT.exec(rest);
  if (ordinal) return token(own + ordinal[0].length, 'ordinal', { value });
  const hour = value >= 1 && value <= 12 ? HOUR_WORD.exec(rest) : null;
  if (hour) return token(own + hour[0].length, 'hour', { facing: readHour(word) });
  if (value === 1 && /^\/2(?!\d)/.test(rest)) return token(own + 2, 'half', {});
  return token(own, 'number', { value });
}

const SIGNS: ReadonlySet<string> = new Set(['&', ',', ';', ':', '.', '(', ')', '?', '#', '=', '+', '/', '[', ']']);

function signToken(from: number, word: string): Token {
  const place = { text: word, from, to: from + word.length };
  if (word.length > 1) return { ...place, is: new Set<Meaning>(['quoted']) };
  if (DASH.test(word)) return { ...place, is: new Set<Meaning>(['-']) };
  return { ...place, is: new Set<Meaning>(SIGNS.has(word) ? [word as Sign] : []) };
}

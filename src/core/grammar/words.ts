/** The words of a stretch of text with their places: letters, numbers, and the signs that grammar asks for. */
import type { Span } from '../model/text';

export interface Word extends Span {
  /** In small letters. */
  readonly text: string;
  /** A comma, a full stop or the like stands before it. */
  readonly opensClause: boolean;
}

const WORD = /\d+|\p{L}+(?:-\p{L}+)*|[&/–-]|[.,;:!?()]/gu;
const PARTS = /^[.,;:!?()]$/;

/** Linear in the length of the text. */
export function wordsIn(text: string, start = 0): readonly Word[] {
  const words: Word[] = [];
  let opensClause = true;
  for (const { 0: found, index } of text.slice(start).matchAll(WORD)) {
    if (PARTS.test(found)) {
      opensClause = true;
      continue;
    }
    const from = start + index;
    words.push({ text: found.toLowerCase(), from, to: from + found.length, opensClause });
    opensClause = false;
  }
  return words;
}

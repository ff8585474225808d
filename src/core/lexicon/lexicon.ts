/**
 * Rows of words by language. A row is a concept; its columns are the words for it, written with their accents and read with and
 * without. A further language is a further column. From memory and common practice in the trade (no source).
 */
import { plainLetters } from './letters';

export type Words = Readonly<Partial<Record<'en' | 'de' | 'fr' | 'nl', string>>>;

/** Word in plain letters -> what it stands for. A word in two rows stands for the first. */
export function lexiconOf<T>(rows: readonly (readonly [meaning: T, words: Words])[]): ReadonlyMap<string, T> {
  const found = new Map<string, T>();
  for (const [meaning, words] of rows)
    for (const list of Object.values(words))
      for (const word of list.split(' ')) {
        const key = plainLetters(word.replaceAll('_', ' '));
        if (!found.has(key)) found.set(key, meaning);
      }
  return found;
}

/** All the words of a row, whatever their language. */
export const wordsOf = (words: Words): string[] => Object.values(words).flatMap((list) => list.split(' '));

/** A table in which only what stands in it is found: nobody's word is a property that every object has. The first of two holds. */
export const recordOf = <T>(entries: readonly (readonly [string, T])[]): Readonly<Record<string, T>> =>
  Object.assign(Object.create(null), Object.fromEntries([...entries].reverse())) as Record<string, T>;

/** A pattern that finds any of some words, written with their accents or without: a quick no before a text is looked at closely. */
export function anyOf(words: readonly string[]): RegExp {
  const forms = words.flatMap((word) => {
    const spaced = word.replaceAll('_', ' ');
    return [spaced, plainLetters(spaced)];
  });
  const unique = [...new Set(forms)].map((word) => word.replaceAll(' ', '\\s+'));
  return new RegExp(`(?<!\\p{L})(?:${unique.join('|')})(?!\\p{L})`, 'iu');
}

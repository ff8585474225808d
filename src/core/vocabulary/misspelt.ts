/**
 * Words one slip of the finger away from a word of the trade: a letter left out, one too many, two changed about, and in long words
 * another letter (Damerau 1964, from memory). Short words are near too many others to be guessed.
 */
import { plainLetters } from '../lexicon/letters';

const SHORTEST = 4;
/** From here on a wrong letter leaves enough of the word. */
const LONG = 6;

/** Everyday words that are near one of the trade and stand for themselves. */
const THEMSELVES: ReadonlySet<string> = new Set(
  'there here where clock block bright pace lace rush clocks blocks flock frock shook ground form least heart forth plunge bride stride chose loose'.split(
    ' ',
  ),
);

const without = (word: string, at: number): string => word.slice(0, at) + word.slice(at + 1);
/** `cstr`, `shffl`: what is left of a word in quick writing. */
const consonants = (word: string): string => word[0] + word.slice(1).replace(/[aeiouy]/g, '');
const places = (word: string): number[] => Array.from({ length: word.length }, (_, index) => index);

/** Finds the one word of a list that a slip of the finger made of another; made once for its list. */
export function speller(words: Iterable<string>): (raw: string) => string | undefined {
  const known = new Set([...words].filter((word) => word.length >= SHORTEST));
  /** What is left of a known word without one of its letters, and where it stood. */
  const lacking = new Map<string, { readonly word: string; readonly at: number }[]>();
  for (const word of known)
    for (const at of places(word)) {
      const rest = without(word, at);
      const list = lacking.get(rest);
      if (list) list.push({ word, at });
      else lacking.set(rest, [{ word, at }]);
    }
  const short = new Map<string, string | undefined>();
  for (const word of known) {
    const rest = consonants(word);
    if (rest.length >= SHORTEST && rest !== word) short.set(rest, short.has(rest) ? undefined : word);
  }
  return (raw) => {
    const typed = plainLetters(raw);
    if (short.has(typed)) return short.get(typed);
    // `wlk` is nobody's word, `old` may be.
    if (typed.length < SHORTEST && (typed.length < SHORTEST - 1 || /[aeiouy]/.test(typed))) return undefined;
    if (THEMSELVES.has(typed)) return undefined;
    const near = new Set((lacking.get(typed) ?? []).map(({ word }) => word));
    for (const at of places(typed)) {
      const rest = without(typed, at);
      if (typed.length > SHORTEST && known.has(rest)) near.add(rest);
      const swapped = typed.slice(0, at) + (typed[at + 1] ?? '') + typed[at] + typed.slice(at + 2);
      if (known.has(swapped)) near.add(swapped);
    }
    if (near.size === 0 && typed.length >= LONG)
      for (const at of places(typed))
        for (const one of lacking.get(without(typed, at)) ?? [])
          if (one.at === at && one.word.length === typed.length) near.add(one.word);
    near.delete(typed);
    const [only, another] = near;
    return another === undefined ? only : undefined;
  };
}

/** Which language a sheet is written in, by the words only that language has. Mixed sheets go to the one with most of them. */
import { wordsOf, type Words } from '../lexicon/lexicon';
import { plainLetters } from '../lexicon/letters';
import { STEP_WORDS } from '../lexicon/steps';
import { STRUCTURE_WORDS } from '../lexicon/structure';
import { FIGURE_ROWS, LANGUAGES, READ_LANGUAGES, type Language, type ReadLanguage } from './figures';

const LONGEST = 20_000;

/** Plain word -> its language, for words of one language alone. */
const LANGUAGE_OF = new Map<string, ReadLanguage | null>();

const note = (language: ReadLanguage, words: readonly string[]): void => {
  for (const word of words) {
    const key = plainLetters(word);
    const known = LANGUAGE_OF.get(key);
    LANGUAGE_OF.set(key, known === undefined || known === language ? language : null);
  }
};

for (const language of READ_LANGUAGES) {
  for (const row of [...STEP_WORDS, ...STRUCTURE_WORDS] as readonly Words[])
    note(
      language,
      wordsOf({ en: row[language] ?? '' }).flatMap((word) => word.split(/[/_]/)),
    );
  for (const { names } of FIGURE_ROWS)
    note(
      language,
      (names[language] ?? []).flatMap((name) => name.split(/[\s-]+/)),
    );
}

const isPrinted = (language: ReadLanguage): language is Language => LANGUAGES.some((one) => one === language);

/** English where nothing tells, and for a language that is read and not printed. */
export function languageOf(text: string): Language {
  const counts = new Map<ReadLanguage, number>();
  for (const word of text.slice(0, LONGEST).match(/\p{L}+/gu) ?? []) {
    const language = LANGUAGE_OF.get(plainLetters(word));
    if (language) counts.set(language, (counts.get(language) ?? 0) + 1);
  }
  const [most] = [...counts].sort(([, one], [, other]) => other - one)[0] ?? ['en'];
  return isPrinted(most) ? most : 'en';
}

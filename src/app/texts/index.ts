/**
 * The words of the interface. The English text is the key, so that it is read where it stands; another language is a table with the
 * same keys, and what a table lacks stays English. Sentences with something put into them name it in braces: `{count} dances`.
 * `npm run texts` lists every key for a translator.
 */
export type Texts = Readonly<Record<string, string>>;

let table: Texts = {};

/** Puts another language in place, before anything is drawn. */
export function takeTexts(texts: Texts): void {
  table = texts;
}

export function t(english: string, values: Readonly<Record<string, string | number>> = {}): string {
  const words = Object.hasOwn(table, english) ? table[english] : english;
  return words.replace(/\{(\w+)\}/g, (whole, name: string) => String(values[name] ?? whole));
}

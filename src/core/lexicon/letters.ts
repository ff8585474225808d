/** Takes accents and umlauts away, so that both spellings are read: `zurück` and `zurueck`, `côté` and `cote`. Keeps the length of nothing: use on single words. */
export const plainLetters = (word: string): string => {
  const small = word.toLowerCase();
  return PLAIN.test(small) ? small : withoutAccents(small);
};

const PLAIN = /^[a-z]+$/;

const withoutAccents = (word: string): string =>
  word
    .replace(/ä/g, 'ae')
    .replace(/ö/g, 'oe')
    .replace(/ü/g, 'ue')
    .replace(/ß/g, 'ss')
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '');

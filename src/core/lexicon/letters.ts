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

const WIDE = 0xff10 - 0x30;

/** Digits in the width of East Asian letters. */
export const wideDigits = (digits: string): string =>
  digits.replace(/\d/g, (digit) => String.fromCharCode(digit.charCodeAt(0) + WIDE));

export const narrowDigits = (digits: string): string =>
  digits.replace(/[０-９]/g, (digit) => String.fromCharCode(digit.charCodeAt(0) - WIDE));

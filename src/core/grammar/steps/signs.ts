/** A key of signs at the head of a sheet: `av avant, der derrière, T touche`, `RF = right foot`. It holds for that sheet. */
import { isKnownWord } from '../../vocabulary';

export type Signs = ReadonlyMap<string, readonly string[]>;

const NO_SIGNS: Signs = new Map();
const LINES_OF_HEAD = 16;
const FEWEST = 3;
const ITEM = /^([\p{L}½¼]{1,5})(?:\s*[=:]\s*|\s+)(\p{L}[\p{L}' -]*)/u;

/** What the signs of a sheet stand for, as words; only signs whose meaning is known. */
export function signsIn(text: string): Signs {
  let found = NO_SIGNS;
  for (const line of headOf(text)) {
    const items = line.split(/[,;]/).map((item) => ITEM.exec(item.trim()));
    const signs = items.flatMap((item) => {
      const words = item?.[2].split(/[\s'-]+/).filter(Boolean) ?? [];
      return item && words.length <= 4 && isKnownWord(words[0]) && isOpen(item[1], words[0])
        ? [[item[1], words] as const]
        : [];
    });
    if (signs.length >= FEWEST && signs.length >= items.length * 0.4) found = new Map([...found, ...signs]);
  }
  return found;
}

/** A word that means something already is no sign, but for the beginning of its own meaning: `der derrière`. */
const isOpen = (sign: string, meaning: string): boolean =>
  !isKnownWord(sign) || (sign.length > 1 && meaning.startsWith(sign));

/** The lines before the steps. Nothing is read of longer ones. */
const headOf = (text: string): string[] =>
  text
    .slice(0, 4000)
    .split('\n', LINES_OF_HEAD)
    .filter(
      (line) => line.length < 400 && !/^\s*[#>\d]/.test(line) && (line.match(/[,;]/g)?.length ?? 0) >= FEWEST - 1,
    );

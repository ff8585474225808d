/** Measuring and breaking lines of type. Kerning is left out, here and where the pages are drawn, so that both agree. */
import { FONT_WIDTHS } from './font-widths';
import type { Face } from './page';

/** What a later file has is taken from it: letters of other European languages, the letters, the ten figures with a plain zero. */
export const FONT_FILES = ['latin-ext', 'latin', 'figures'] as const;
export type FontFile = (typeof FONT_FILES)[number];

const WIDTHS: Readonly<Record<Face, ReadonlyMap<string, { readonly width: number; readonly file: FontFile }>>> = {
  regular: tableOf('regular'),
  bold: tableOf('bold'),
  italic: tableOf('italic'),
};

function tableOf(face: Face): Map<string, { width: number; file: FontFile }> {
  const table = new Map<string, { width: number; file: FontFile }>();
  for (const file of FONT_FILES)
    for (const [first, ...widths] of FONT_WIDTHS[face][file])
      widths.forEach((width, index) => table.set(String.fromCodePoint(first + index), { width, file }));
  return table;
}

/** Letters that others stand for where the typeface lacks them. */
const INSTEAD: Readonly<Record<string, string>> = {
  '⅛': '1/8', '⅜': '3/8', '⅝': '5/8', '⅞': '7/8', '⅓': '1/3', '⅔': '2/3', '⅙': '1/6', '⅚': '5/6', '→': '->', '←': '<-', '\u00a0': ' ', '\u202f': ' ', '\t': ' ', '‑': '-',
}; // prettier-ignore

/** The text as it can be set; what can't is left out and told. */
export function settable(text: string, missing?: Set<string>): string {
  if (/^[ -~]*$/.test(text)) return text;
  return [...text.normalize('NFC')]
    .map((letter) => {
      if (WIDTHS.regular.has(letter)) return letter;
      const instead = INSTEAD[letter];
      if (instead === undefined && letter.trim() !== '') missing?.add(letter);
      return instead ?? '';
    })
    .join('');
}

/** Points. */
export function widthOf(text: string, size: number, face: Face): number {
  let sum = 0;
  for (const letter of text) sum += WIDTHS[face].get(letter)?.width ?? 500;
  return (sum * size) / 1000;
}

/** Stretches of one font file each, for where files are drawn one by one. */
export function byFontFile(text: string, face: Face): { text: string; file: FontFile }[] {
  const runs: { text: string; file: FontFile }[] = [];
  for (const letter of text) {
    const file = WIDTHS[face].get(letter)?.file ?? 'latin';
    const last = runs[runs.length - 1];
    if (last?.file === file) last.text += letter;
    else runs.push({ text: letter, file });
  }
  return runs;
}

/** Lines no wider than `width`; a word that is wider alone is broken. At least one line. */
export function wrap(text: string, width: number, size: number, face: Face): string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(/ +/)) {
    const longer = line ? `${line} ${word}` : word;
    if (widthOf(longer, size, face) <= width) {
      line = longer;
      continue;
    }
    if (line) lines.push(line);
    line = word;
    while (widthOf(line, size, face) > width && line.length > 1) {
      let keep = line.length - 1;
      while (keep > 1 && widthOf(line.slice(0, keep), size, face) > width) keep -= 1;
      lines.push(line.slice(0, keep));
      line = line.slice(keep);
    }
  }
  return [...lines, line];
}

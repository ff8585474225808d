/** A sheet that a spreadsheet wrote: `1;R;step;forward`, `1,R,step,forward`. */
import { sideNamed } from '../vocabulary/words';

const FEWEST_ROWS = 6;
const SEPARATORS = [';', ','] as const;
const COUNT = /^\s*&?\d{1,2}(?:[-&]\d{0,2}&?)*\s*$/;

const PLAIN = /^[\t -~]*$/;
/** A digit drawn on a key: the number in a list. */
const KEYCAP = /(\d)\ufe0f?\u20e3/g;
const PICTURE = /\p{Extended_Pictographic}|\p{Emoji_Modifier}|\p{Regional_Indicator}|\u200d|\u20e3|\ufe0f|[■-◿]/gu;
const COUNTS = String.raw`\d{1,2}(?:\s?[-&+,~–]\s?\d{0,2})*`;
/** Signs drawn around counts that open a line. */
const DRAWN_AROUND = new RegExp(
  String.raw`^(\s*)(\*{1,3}|_{1,2}|#(?=\d+[-&+,~])|\{)(${COUNTS})(\*{1,3}|_{1,2}|\})?(?=[\s:.]|$)`,
);
const SLASHED = new RegExp(String.raw`^(\s*${COUNTS}\s+)\/(?=\s+\p{L})`, 'u');
const SLASHED_BEHIND = new RegExp(String.raw`\/(?=\s+${COUNTS}\s*$)`);
const blank = (sign = ''): string => ' '.repeat(sign.length);

/** Tab-separated: all before the second cell, the first cell, the count. */
const SECTIONED = /^((?:s(?:ection|ec)?\.? ?)?(\d{0,2})\t)(&|\d{1,2}(?:[-&]\d{0,2}&?)*)\t/i;

const cellsOf = (line: string, separator: string): readonly string[] => line.split(separator);

/** Cells stand apart by spaces, as those of other tables do; every letter keeps its place. */
export const cellsApart = (lines: readonly string[]): readonly string[] =>
  withoutColumn(separated(lines.map(withoutDrawing)));

/** `👉 1-2 rock`, `**1-2** rock`, `1~2 / rock`: signs that only draw. */
function withoutDrawing(line: string): string {
  const own = PLAIN.test(line)
    ? line
    : line
        .replace(KEYCAP, (all, digit: string) => `${digit}.`.padEnd(all.length))
        .replace(PICTURE, (sign) => blank(sign));
  if (!/[*_#{~/>]/.test(own)) return own;
  return own
    .replace(DRAWN_AROUND, (_, before: string, open: string, counts: string, close?: string) =>
      [before, blank(open), counts.replace('~', '-'), blank(close)].join(''),
    )
    .replace(/^(\s*\d{1,2})~(?=\d)/, '$1-')
    .replace(/^(\s*)#(\d)(?=\s+\p{L})/u, '$1$2.')
    .replace(/^(\s*)(>{2,})(?=\s)/, (_, before: string, sign: string) => before + blank(sign))
    .replace(SLASHED, '$1 ')
    .replace(SLASHED_BEHIND, ' ');
}

/** `2 | 1 | R | rock`, ` | 2 | L | recover`: a column of sections stands before that of counts, filled where a section begins. */
function withoutColumn(lines: readonly string[]): readonly string[] {
  const cells = lines.map((line) => SECTIONED.exec(line));
  const rows = cells.filter((match) => match !== null);
  const begun = rows.filter(([, , section]) => section !== '');
  const areSections = begun.every(([, , section, count], index) => Number(section) === index + 1 && count === '1');
  const isColumn = rows.length >= FEWEST_ROWS && rows.length > begun.length * 3 && begun.length > 0 && areSections;
  if (!isColumn) return lines;
  return lines.map((line, index) => {
    const match = cells[index];
    return match ? line.replace(match[1], (before) => before.replace(/\S/g, ' ')) : line;
  });
}

function separated(lines: readonly string[]): readonly string[] {
  const written = lines.filter((line) => line.trim() !== '').length;
  for (const separator of SEPARATORS) {
    const isRow = (line: string): boolean => COUNT.test(cellsOf(line, separator)[0]) && line.includes(separator);
    const rows = lines.filter((line) => isRow(line) && cellsOf(line, separator).length > 2);
    if (rows.length < FEWEST_ROWS || rows.length * 2 < written) continue;
    // Commas stand in sentences too: only a column of feet makes a table of them.
    if (separator === ',' && !rows.every((row) => cellsOf(row, separator).some(isFootAlone))) continue;
    const trailing = new RegExp(`${separator}(?=[${separator}\\s]*$)`, 'g');
    return lines.map((line) => (isRow(line) ? line.replaceAll(separator, ' ') : line.replace(trailing, ' ')));
  }
  return lines;
}

const isFootAlone = (cell: string): boolean => sideNamed(cell.trim()) !== undefined;

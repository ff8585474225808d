/** A sheet that a spreadsheet wrote: `1;R;step;forward`. */

const FEWEST_ROWS = 6;
const COUNTED_ROW = /^\s*&?\d{1,2}(?:[-&]\d{0,2}&?)*\s*;/;

/** Cells of a table with semicolons stand apart by spaces, as those of other tables do; every letter keeps its place. */
export function cellsApart(lines: readonly string[]): readonly string[] {
  const rows = lines.filter((line) => COUNTED_ROW.test(line) && line.split(';').length > 2);
  const written = lines.filter((line) => line.trim() !== '');
  if (rows.length < FEWEST_ROWS || rows.length * 2 < written.length) return lines;
  return lines.map((line) => (COUNTED_ROW.test(line) ? line.replaceAll(';', ' ') : line.replace(/;(?=[;\s]*$)/g, ' ')));
}

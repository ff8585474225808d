/** A sheet that a spreadsheet wrote: `1;R;step;forward`, `1,R,step,forward`. */
import { sideNamed } from '../vocabulary/words';

const FEWEST_ROWS = 6;
const SEPARATORS = [';', ','] as const;
const COUNT = /^\s*&?\d{1,2}(?:[-&]\d{0,2}&?)*\s*$/;

const cellsOf = (line: string, separator: string): readonly string[] => line.split(separator);

/** Cells stand apart by spaces, as those of other tables do; every letter keeps its place. */
export function cellsApart(lines: readonly string[]): readonly string[] {
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

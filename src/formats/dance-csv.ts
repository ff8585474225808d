/**
 * A dance as CSV (RFC 4180): a row a line of the script, and behind a step line a row for each of its actions. Lines are the way back;
 * actions are for those who count. A cell that a spreadsheet would run as a formula gets an apostrophe in front, which is taken off again.
 */
import Papa from 'papaparse';
import { findLine, hourOfFacing, labelOfTick, type Study } from '../core';

const COLUMNS = [
  'row',
  'kind',
  'counts',
  'text',
  'foot',
  'action',
  'direction',
  'takes weight',
  'turn',
  'weight',
  'facing',
] as const;
type Column = (typeof COLUMNS)[number];
type Row = Partial<Record<Column, string>>;

/** Signs with which a spreadsheet begins to calculate, in full width too; and what it passes over before them. */
const RUNS = /^(?:\s*[=+\-@＝＋－＠]|[\t\r\n])/;
const isNumber = (cell: string): boolean => /^-?\d+(?:\.\d+)?$/.test(cell);
/** Where the file is opened as parted by semicolons or tabs, a cell begins behind each of them too. */
const BEGINS_INSIDE = /([;\t]\s*'*)(?=[=+\-@＝＋－＠])/g;
const harmless = (cell: string): string => {
  const inside = isNumber(cell) ? cell : cell.replace(BEGINS_INSIDE, "$1'");
  return (RUNS.test(cell) && !isNumber(cell)) || cell.startsWith("'") ? `'${inside}` : inside;
};
/** Rows of a table, harmless in a spreadsheet. */
export const printRows = (rows: readonly (readonly string[])[]): string =>
  `${Papa.unparse(rows.map((row) => row.map(harmless)), { newline: '\r\n' })}\r\n`; // prettier-ignore

const original = (cell: string): string =>
  (cell.startsWith("'") ? cell.slice(1) : cell).replace(/([;\t]\s*'*)'(?=[=+\-@＝＋－＠])/g, '$1');

/** Circles, right positive. */
const turnWords = (turn: number): string => (turn === 0 ? '' : String(turn / 48));

export function printDanceCsv({ script, dance, view }: Study): string {
  const rows = script.lines.flatMap((line): Row[] => {
    const shown = view.lines[line.index];
    const counts = line.step?.groups[0]?.counts?.span;
    const own: Row = {
      row: 'line',
      kind: line.kind,
      counts: counts ? line.text.slice(counts.from, counts.to) : '',
      text: line.text,
      ...(shown && { weight: shown.weight, facing: hourOfFacing(shown.facing) }),
    };
    const danced = line.kind === 'step' ? findLine(dance, line.index) : undefined;
    const actions = (danced?.moments ?? []).map(({ action, tick, after }): Row => ({
      row: 'action',
      kind: 'action',
      counts: labelOfTick(tick),
      foot: action.foot ?? '',
      action: action.word,
      direction: action.direction ?? '',
      'takes weight': action.effect === 'takes' ? 'yes' : '',
      turn: turnWords(action.turn),
      weight: after.weight,
      facing: hourOfFacing(after.facing),
    }));
    return [own, ...actions];
  });
  const data = rows.map((row) => COLUMNS.map((column) => harmless(row[column] ?? '')));
  return `${Papa.unparse({ fields: [...COLUMNS], data }, { newline: '\r\n' })}\r\n`;
}

export type CsvDance = { readonly text: string } | { readonly problem: string };

/** The script inside: our own rows, or any table with a column of counts and one of steps. */
export function readDanceCsv(csv: string): CsvDance {
  const { data } = Papa.parse<string[]>(csv.replace(/^\uFEFF/, ''), { skipEmptyLines: true });
  const [head, ...rows] = data;
  if (!head || head.length < 2) return { problem: 'This table has no columns a dance could be read from.' };
  const names = head.map((name) => name.trim().toLowerCase());
  const cell = (row: readonly string[], name: string): string => original(row[names.indexOf(name)] ?? '');
  if (names.includes('row') && names.includes('text'))
    return {
      text: rows
        .filter((row) => cell(row, 'row') === 'line')
        .map((row) => cell(row, 'text'))
        .join('\n'),
    };
  const counts = names.findIndex((name) => /^counts?$/.test(name));
  const steps = names.findIndex((name) => /^(?:steps?|calls?|figures?|description|text)$/.test(name));
  if (counts < 0 || steps < 0)
    return { problem: 'This table has no column “counts” and no column “steps”, so no dance could be read from it.' };
  return {
    text: `${rows.map((row) => `${original(row[counts] ?? '')} ${original(row[steps] ?? '')}`.trim()).join('\n')}\n`,
  };
}

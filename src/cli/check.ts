/** `slate check`: one sheet worked out in full, or a table over many. */
import { positionOf, reportDance, studyText, type Report, type Study } from '../core';
import { filesOf, readInput } from './input';
import { printSheetText } from './print-sheet';
import type { Terminal } from './terminal';

const SEVERITIES = ['error', 'warning', 'remark'] as const;

/** 0: nothing worse than a warning; 1: errors found; 2: a file that can't be read. */
export async function check(
  named: readonly string[],
  json: boolean,
  walls: number,
  terminal: Terminal,
): Promise<number> {
  const files = filesOf(named);
  const several = files.length > 1;
  const reports: (Report & { file: string })[] = [];
  const rows: string[][] = [];
  let worst = 0;
  for (const file of files) {
    const opened = await readInput(file, terminal);
    if ('problem' in opened) {
      worst = terminal.refuse(`${file}: ${opened.problem}`);
      continue;
    }
    const study = studyText(opened.text);
    const report = reportDance(study.dance, study.findings, walls);
    const tally = SEVERITIES.map(
      (severity) => study.findings.filter((finding) => finding.severity === severity).length,
    );
    if (tally[0] > 0) worst = Math.max(worst, 1);
    if (json) reports.push({ file, ...report });
    else if (several) {
      terminal.write(printFindings(file, study, false));
      const { counts, wallsDanced } = report.totals;
      rows.push([...tally.map(String), String(counts), String(wallsDanced), file]);
    } else terminal.write(printSheetText(study, walls) + printFindings(file, study, true));
  }
  if (json && reports.length > 0) {
    const [{ file: _file, ...only }] = reports;
    terminal.write(`${JSON.stringify(several ? reports : only, null, 2)}\n`);
  }
  if (rows.length > 0) terminal.write(printTable(rows));
  return worst;
}

/** Remarks are left out of long lists: they are counted in the table. */
const printFindings = (file: string, { text, findings }: Study, remarks: boolean): string =>
  findings
    .filter(({ severity }) => remarks || severity !== 'remark')
    .map(({ span, severity, code, message }) => {
      const { line, column } = positionOf(text, span.from);
      return `${file}:${line}:${column} ${severity} ${code} ${message}\n`;
    })
    .join('');

const HEADS = ['errors', 'warnings', 'remarks', 'counts', 'walls', 'sheet'];

function printTable(rows: readonly string[][]): string {
  const sums = [0, 1, 2].map((column) => rows.reduce((sum, row) => sum + Number(row[column]), 0));
  const sound = rows.filter(([errors, warnings]) => errors === '0' && warnings === '0').length;
  const print = (row: readonly string[]): string =>
    row.map((cell, column) => (column < HEADS.length - 1 ? cell.padStart(HEADS[column].length) : cell)).join('  ');
  const total = `${rows.length} sheets, ${sound} without a slip; ${sums[0]} errors, ${sums[1]} warnings, ${sums[2]} remarks`;
  return `\n${[HEADS, ...rows].map(print).join('\n')}\n\n${total}\n`;
}

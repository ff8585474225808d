/** `npm run -s slate -- check FILE... [--walls N] [--json]`. The same core without a screen. */
import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { positionOf, reportDance, studyText, type Report, type Study } from '../core';
import { readDanceBytes } from '../formats/open-file';
import { printSheetText } from './print-sheet';

const USAGE = 'Usage: slate check FILE... [--walls N] [--json]   (- is standard input)';
const MOST_WALLS = 96;

process.exitCode = main(process.argv.slice(2));

function main(args: string[]): number {
  let parsed;
  try {
    parsed = parseArgs({
      args,
      allowPositionals: true,
      options: { json: { type: 'boolean' }, walls: { type: 'string' } },
    });
  } catch {
    return refuse(USAGE);
  }
  const [command, ...files] = parsed.positionals;
  if (command !== 'check' || files.length === 0) return refuse(USAGE);
  const walls = Number(parsed.values.walls ?? 8);
  if (!Number.isInteger(walls) || walls < 1 || walls > MOST_WALLS)
    return refuse(`--walls takes a whole number from 1 to ${MOST_WALLS}.`);
  return check(files, parsed.values.json === true, walls);
}

/** 0: nothing worse than a warning; 1: errors found; 2: a file that can't be read. */
function check(files: readonly string[], json: boolean, walls: number): number {
  const reports: (Report & { file: string })[] = [];
  let worst = 0;
  for (const file of files) {
    const opened = readInput(file);
    if ('problem' in opened) {
      worst = refuse(`${file}: ${opened.problem}`);
      continue;
    }
    const study = studyText(opened.text);
    const report = reportDance(study.dance, study.findings, walls);
    reports.push({ file, ...report });
    if (report.findings.some(({ severity }) => severity === 'error')) worst = Math.max(worst, 1);
    if (!json) process.stdout.write(printSheetText(study, walls) + printFindings(file, study));
  }
  if (json && reports.length > 0) {
    const [{ file: _file, ...only }] = reports;
    process.stdout.write(`${JSON.stringify(files.length === 1 ? only : reports, null, 2)}\n`);
  }
  return worst;
}

function refuse(sentence: string): 2 {
  process.stderr.write(`${sentence}\n`);
  return 2;
}

function readInput(file: string): { text: string } | { problem: string } {
  let bytes: Uint8Array;
  try {
    bytes = readFileSync(file === '-' ? 0 : file);
  } catch {
    return { problem: 'There is no such file, or it can’t be opened.' };
  }
  return readDanceBytes(bytes, file);
}

function printFindings(file: string, { text, findings }: Study): string {
  return findings
    .map(({ span, severity, code, message }) => {
      const { line, column } = positionOf(text, span.from);
      return `${file}:${line}:${column} ${severity} ${code} ${message}\n`;
    })
    .join('');
}

/** The computed sheet as text, for a terminal. */
import { hourOfFacing, viewSheet, wallTable, type SheetSection, type Study } from '../core';

export function printSheetText({ dance }: Study, walls: number): string {
  const sheet = viewSheet(dance);
  const facts = sheet.facts.map(([label, value]) => `${label}: ${value}`);
  const table =
    dance.counts === 0
      ? []
      : wallTable(dance, walls).map(
          (wall) => `wall ${wall.number}: ${hourOfFacing(wall.start)} to ${hourOfFacing(wall.end)}`,
        );
  return `${[sheet.title, ...facts, ...sheet.sections.flatMap(sectionText), '', ...table, ''].join('\n')}\n`;
}

function sectionText({ name, title, rows, counts }: SheetSection): string[] {
  const lines = rows.map((row) => {
    if (!('line' in row)) return `        ${row.aside.text}`;
    const { counts: at, call, weight, hour } = row.line;
    return `${at.padEnd(8)}${`${call} `.padEnd(56)}${weight === 'unknown' ? '?' : weight.padEnd(5)} ${hour ?? ''}`.trimEnd();
  });
  return ['', `${name}  ${title} (${counts} counts)`, ...lines];
}

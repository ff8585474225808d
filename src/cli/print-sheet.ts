/** The computed sheet as text, for a terminal. */
import { hourOfFacing, viewSheet, wallHappenings, wallTable, type SheetSection, type Study } from '../core';

export function printSheetText({ dance }: Study, walls: number): string {
  const sheet = viewSheet(dance);
  const facts = sheet.facts.map(([label, value]) => `${label}: ${value}`);
  const table =
    dance.counts === 0
      ? []
      : wallTable(dance, Math.max(walls, sheet.walls.length)).map((wall) => {
          const happens = wallHappenings(wall).map((own) => `; ${own}`);
          const name =
            wall.kind === 'tag'
              ? `tag ${wall.pieces[0].block.block.name}`
              : `wall ${wall.number}${wall.part ? ` (${wall.part})` : ''}`;
          return `${name}: ${hourOfFacing(wall.start)} to ${hourOfFacing(wall.end)}${happens.join('')}`;
        });
  return `${[sheet.title, ...facts, ...sheet.sections.flatMap(sectionText), '', ...table, ...(sheet.walls.length > 0 ? ['', sheet.wallsSentence] : []), ''].join('\n')}\n`;
}

function sectionText({ name, title, rows, counts }: SheetSection): string[] {
  const lines = rows.map((row) => {
    if (!('line' in row)) return `        ${row.aside.text}`;
    const { counts: at, call, weight, hour } = row.line;
    return `${at.padEnd(8)}${`${call} `.padEnd(56)}${weight === 'unknown' ? '?' : weight.padEnd(5)} ${hour ?? ''}`.trimEnd();
  });
  return ['', `${name}  ${title} (${counts} counts)`, ...lines];
}

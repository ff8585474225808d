/** Counts only, and the summary of three lines. */
import type { CountRow, Sheet } from '../core';
import type { Piece } from './flow';
import { railItems, roomItems } from './marks';
import { ASCENT, LEADING, paragraph, ruleItem, textItem, type Setting } from './pieces';
import { widthOf } from './type';

/** A row a section: its own rhythm, each count over its cell of the rail, and the wall it ends at. */
export function countGroups(rows: readonly CountRow[], sheet: Sheet, setting: Setting): Piece[][] {
  const { size, width } = setting;
  const left = size * 9;
  const right = size * 5.4;
  return rows.map(({ name, counts }, index) => {
    const { rail, facing, hour } = sheet.sections[index];
    const cell = Math.min(size * 5, (width - left - right) / Math.max(rail.length, 1));
    const large = Math.min(size * 2.1, cell * 0.55);
    const pad = size * 0.7;
    const height = large * LEADING + size + 2 * pad;
    const piece: Piece = {
      height,
      before: 0,
      keepsWithNext: false,
      draw: (x, y) => {
        const base = y + pad + large * ASCENT;
        return [
          {
            tag: 'P',
            items: [
              textItem(x, base, name, { size: size * 1.1, face: 'bold' }),
              ...counts.map(({ label, at }) => {
                const isCount = /\d/.test(label);
                const own = isCount ? large : large * 0.75;
                return textItem(x + left + at * cell, base, label, {
                  size: own,
                  ...(!isCount && { tint: 'quiet' as const }),
                });
              }),
              textItem(x + width - widthOf(hour, size * 1.1, 'bold'), base, hour, { size: size * 1.1, face: 'bold' }),
            ],
          },
          {
            tag: 'Artifact',
            items: [
              ...railItems(rail, x + left, y + pad + large * LEADING, cell, size * 0.7),
              ...roomItems(facing, x + width - size * 4.9, base - size * 1.05, size * 1.3),
              ruleItem(x, y + height, width),
            ],
          },
        ];
      },
    };
    return [piece];
  });
}

export const summaryGroups = (lines: readonly string[], setting: Setting): Piece[][] => [
  lines.map((line, index) =>
    paragraph(
      setting,
      line,
      { size: setting.size * (index === 0 ? 1.5 : 1.3), face: index === 0 ? 'bold' : 'regular' },
      { tag: index === 0 ? 'H1' : 'P', before: setting.size * 0.8 },
    ),
  ),
];

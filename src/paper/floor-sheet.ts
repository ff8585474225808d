/** The floor sheet: a page a section, every line with its feet from above, large enough to step on in the mind. */
import type { Sheet, SheetLine, SheetSection } from '../core';
import type { Piece } from './flow';
import { headingPiece } from './full-sheet';
import { floorItems } from './marks';
import type { Item, PaperChoice } from './page';
import { LEADING, textItem, type Setting } from './pieces';
import { settable, wrap } from './type';

/** Few lines are drawn larger, so that a section fits its page. */
const FEW = 4;
const acrossFor = (lines: number): number => (lines <= FEW ? 2 : 3);

export const floorGroups = (sheet: Sheet, setting: Setting, choice: PaperChoice): Piece[][] =>
  sheet.sections.map((section, index) => {
    const [heading, ...pictures] = [headingPiece(section, setting, choice), ...rowsOf(section, setting)];
    return [{ ...heading, ...(index > 0 && { startsPage: true }) }, ...pictures];
  });

/** Rows of pictures, what is danced in words under each. */
function rowsOf({ rows }: SheetSection, setting: Setting): Piece[] {
  const lines = rows.flatMap((row) => ('line' in row && row.line.feet.length > 0 ? [row.line] : []));
  const across = acrossFor(lines.length);
  const strips = Array.from({ length: Math.ceil(lines.length / across) }, (_, index) =>
    lines.slice(index * across, (index + 1) * across),
  );
  return strips.map((strip) => rowPiece(strip, across, setting));
}

function rowPiece(strip: readonly SheetLine[], across: number, { size, width, missing }: Setting): Piece {
  const gap = size * 1.4;
  const tile = (width - (across - 1) * gap) / across;
  const words = strip.map(({ call }) => wrap(settable(call, missing), tile, size, 'regular'));
  const most = words.reduce((longest, { length }) => Math.max(longest, length), 1);
  return {
    height: tile + size * (1.6 + most * LEADING),
    before: size * 1.2,
    keepsWithNext: false,
    draw: (left, y) => {
      const at = (index: number): number => left + index * (tile + gap);
      return [
        {
          tag: 'Artifact',
          items: strip.flatMap(({ floor }, index) => floorItems(floor, at(index), y, tile, size * 1.2)),
        },
        ...strip.map(({ counts, hour }, index) => {
          const base = y + tile + size * 1.3;
          const items: Item[] = [
            textItem(at(index), base, [settable(counts), hour].filter(Boolean).join('   '), { size, face: 'bold' }),
            ...words[index].map((line, row) => textItem(at(index), base + (row + 1) * size * LEADING, line, { size })),
          ];
          return { tag: 'P' as const, items };
        }),
      ];
    },
  };
}

/** The cue card: one page of large short cues for the floor, as large as the page allows. */
import type { CueCard, Sheet } from '../core';
import { flow, type Frame, type Piece } from './flow';
import { roomItems } from './marks';
import type { Block, Item, Page } from './page';
import { ASCENT, ruleItem, textItem, type Setting } from './pieces';
import { settable, widthOf, wrap } from './type';

const LEADING = 1.18;
/** Points. Six millimetres of letter are read at two metres (a letter of three and a half thousandths of the distance; common practice, no source). */
const LARGEST = 40;
const SMALLEST = 12;

/** Sets the card in the largest type in which it stands on one page; in the smallest it may run on. */
export function setCueCard(
  card: CueCard,
  sheet: Sheet,
  setting: Setting,
  frame: Frame,
  decorate: (page: number, of: number) => Block[],
): { pages: Page[]; size: number } {
  const wide: Frame = { ...frame, columns: 1 };
  const width = frame.paper.width - 2 * frame.margin;
  const attempt = (size: number): Page[] => {
    const own = { ...setting, size, width };
    return flow(
      [titlePiece(sheet, card, own)],
      card.sections.map((section) => [sectionPiece(section, own)]),
      wide,
      decorate,
    );
  };
  let [low, high] = [SMALLEST, LARGEST];
  while (high - low > 0.5) {
    const middle = (low + high) / 2;
    if (attempt(middle).length === 1) low = middle;
    else high = middle;
  }
  return { pages: attempt(low), size: low };
}

function titlePiece(sheet: Sheet, card: CueCard, { size, width, missing }: Setting): Piece {
  const big = Math.min(size * 1.15, 30);
  const [title] = wrap(settable(sheet.title, missing), width, big, 'bold');
  const small = Math.min(Math.max(size * 0.5, 9), 13);
  const facts = wrap(settable(card.facts, missing), width, small, 'regular');
  const height = big * 1.25 + facts.length * small * 1.3 + small * 0.6;
  return {
    height,
    before: 0,
    keepsWithNext: false,
    draw: (x, y) => [
      { tag: 'H1', items: [textItem(x, y + big * ASCENT, title, { size: big, face: 'bold' })] },
      {
        tag: 'P',
        items: facts.map((line, index) =>
          textItem(x, y + big * 1.25 + small * (ASCENT + index * 1.3), line, { size: small, tint: 'quiet' }),
        ),
      },
      { tag: 'Artifact', items: [ruleItem(x, y + height, width, 'rule', 1.6)] },
    ],
  };
}

/** The number stands large beside its cues, with the wall that is faced at the end. */
function sectionPiece(
  { name, cues, facing, hour }: CueCard['sections'][number],
  { size, width, missing }: Setting,
): Piece {
  const mark = size * 0.95;
  const left = Math.max(size * 1.25, widthOf(name, size, 'bold') + size * 0.5);
  const right = mark + widthOf('12:00', size * 0.55, 'bold') + size * 0.3;
  const lines = rowsOf(
    cues.map((cue) => settable(cue, missing)),
    width - left - right,
    size,
  );
  const pad = size * 0.18;
  const height = lines.length * size * LEADING + 2 * pad;
  return {
    height,
    before: 0,
    keepsWithNext: false,
    draw: (x, y) => {
      const base = y + pad + size * ASCENT;
      const items: Item[] = [
        textItem(x, base, name, { size, face: 'bold', tint: 'right' }),
        ...lines.map((line, index) => textItem(x + left, base + index * size * LEADING, line, { size })),
      ];
      const last = base + (lines.length - 1) * size * LEADING;
      items.push(
        textItem(x + width - widthOf(hour, size * 0.55, 'bold'), last, hour, { size: size * 0.55, face: 'bold' }),
      );
      return [
        { tag: 'P', items },
        {
          tag: 'Artifact',
          items: [ruleItem(x, y + height, width), ...roomItems(facing, x + width - right, last - mark * 0.82, mark)],
        },
      ];
    },
  };
}

/** Cues side by side while they fit; a cue alone that is too long is broken. */
function rowsOf(cues: readonly string[], width: number, size: number): string[] {
  const rows: string[] = [];
  for (const cue of cues) {
    const last = rows[rows.length - 1];
    const longer = last === undefined ? cue : `${last} · ${cue}`;
    if (last !== undefined && widthOf(longer, size, 'regular') <= width) rows[rows.length - 1] = longer;
    else rows.push(...wrap(cue, width, size, 'regular'));
  }
  return rows;
}

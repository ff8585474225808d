/** The pieces every form is made of: lines of type, facts, what runs along at the head and foot of a page. */
import type { Sheet, SheetWords } from '../core';
import type { Piece } from './flow';
import type { Block, BlockTag, Face, Item, Paper, Tint } from './page';
import { settable, widthOf, wrap } from './type';

/** What is the same for all pieces of one sheet. */
export interface Setting {
  /** Type size, points. */
  readonly size: number;
  /** Width of a column, points. */
  readonly width: number;
  readonly words: SheetWords;
  readonly missing: Set<string>;
}

export interface Ink {
  readonly size: number;
  readonly face?: Face;
  readonly tint?: Tint;
}

export const LEADING = 1.32;
/** From the top of a line to its baseline, in sizes. */
export const ASCENT = 0.98;

export const textItem = (x: number, y: number, text: string, { size, face = 'regular', tint = 'ink' }: Ink): Item => ({
  kind: 'text',
  x,
  y,
  text,
  size,
  face,
  tint,
});

export const ruleItem = (x: number, y: number, width: number, tint: Tint = 'line', thick = 0.6): Item => ({
  kind: 'path',
  x,
  y,
  d: `M0 0h${Math.round(width * 100) / 100}`,
  stroke: tint,
  width: thick,
});

/** Text over as many lines as it needs. */
export function paragraph(
  { missing, width }: Setting,
  text: string,
  ink: Ink,
  more: { tag?: BlockTag; before?: number; keepsWithNext?: boolean; indent?: number; bar?: Tint } = {},
): Piece {
  const { size, face = 'regular' } = ink;
  const { indent = 0, bar } = more;
  const lines = wrap(settable(text, missing), width - indent, size, face);
  const height = lines.length * size * LEADING;
  return {
    height,
    before: more.before ?? 0,
    keepsWithNext: more.keepsWithNext ?? false,
    draw: (x, y) => [
      {
        tag: more.tag ?? 'P',
        items: [
          ...(bar
            ? [
                {
                  kind: 'path',
                  x: x + 1,
                  y: y + 1,
                  d: `M0 0v${Math.round(height - 2)}`,
                  stroke: bar,
                  width: 2,
                } as const,
              ]
            : []),
          ...lines.map((line, index) => textItem(x + indent, y + size * (ASCENT + index * LEADING), line, ink)),
        ],
      },
    ],
  };
}

/** Title, for which wall, and the facts in running lines between two rules. */
export function headPieces(sheet: Pick<Sheet, 'title' | 'wall' | 'facts'>, setting: Setting): Piece[] {
  const { size } = setting;
  const title = paragraph(setting, sheet.title, { size: size * 2.3, face: 'bold' }, { tag: 'H1' });
  const wall = sheet.wall ? [paragraph(setting, sheet.wall, { size: size * 1.25 }, { before: size * 0.2 })] : [];
  return [title, ...wall, factsPiece(sheet.facts, setting)];
}

/** Label quiet, value bold; a fact is not torn from its label. */
function factsPiece(facts: Sheet['facts'], { size, width, missing }: Setting): Piece {
  const gap = size * 1.7;
  const rows: { label: string; lines: string[]; x: number; row: number; indent: number }[] = [];
  let [x, row] = [0, 0];
  for (const [label, value] of facts) {
    const shown = settable(value, missing);
    const indent = widthOf(`${label} `, size, 'regular');
    const whole = indent + widthOf(shown, size, 'bold');
    if (x > 0 && x + whole > width) [x, row] = [0, row + 1];
    const lines = wrap(shown, width - x - indent, size, 'bold');
    rows.push({ label, lines, x, row, indent });
    if (lines.length > 1) [x, row] = [0, row + lines.length];
    else x += whole + gap;
  }
  const last = rows[rows.length - 1];
  const count = last ? last.row + last.lines.length : 0;
  const pad = size * 0.7;
  const height = count * size * LEADING + 2 * pad;
  return {
    height,
    before: size * 0.6,
    keepsWithNext: false,
    draw: (left, y) => [
      {
        tag: 'Artifact',
        items: [ruleItem(left, y, width, 'rule', 1.4), ruleItem(left, y + height, width, 'rule', 0.6)],
      },
      ...rows.map(({ label, lines, x: at, row: down, indent }): Block => {
        const base = y + pad + size * (ASCENT + down * LEADING);
        return {
          tag: 'P',
          items: [
            textItem(left + at, base, label, { size, tint: 'quiet' }),
            ...lines.map((line, index) =>
              textItem(left + at + indent, base + index * size * LEADING, line, { size, face: 'bold' }),
            ),
          ],
        };
      }),
    ],
  };
}

/** Title over later pages; title, revision and page number under all. */
export function alongside(
  sheet: Pick<Sheet, 'title'>,
  { words, missing }: Setting,
  { paper, margin }: { paper: Paper; margin: number },
  revision: string | undefined,
): (page: number, of: number) => Block[] {
  const size = 8;
  const width = paper.width - 2 * margin;
  return (page, of) => {
    const y = paper.height - margin + 4;
    const right = words.page(page, of);
    const left = [settable(sheet.title, missing), revision && words.revision(revision)].filter(Boolean).join(' · ');
    const [shown] = wrap(left, width - widthOf(right, size, 'regular') - 20, size, 'regular');
    const items: Item[] = [
      ruleItem(margin, y - size * 1.5, width),
      textItem(margin, y, shown, { size, tint: 'quiet' }),
      textItem(margin + width - widthOf(right, size, 'regular'), y, right, { size, tint: 'quiet' }),
    ];
    if (page > 1)
      items.push(
        textItem(margin, margin + size, settable(sheet.title), { size: size + 1, face: 'bold' }),
        ruleItem(margin, margin + size * 1.8, width),
      );
    return [{ tag: 'Artifact', items }];
  };
}

/** The full sheet: sections with their rails, lines with counts, call, feet, weight and facing, then the walls and what else was written. */
import type { Sheet, SheetLine, SheetSection, SheetWall } from '../core';
import type { Piece } from './flow';
import { floorItems, footItems, footWidth, railItems, roomItems, weightItems } from './marks';
import type { Item, PaperChoice } from './page';
import { ASCENT, LEADING, paragraph, ruleItem, textItem, type Setting } from './pieces';
import { settable, widthOf, wrap } from './type';

/** Where the columns of a line begin, from the left edge. */
interface Grid {
  readonly call: number;
  readonly callWidth: number;
  readonly feet: number;
  readonly weight: number;
  readonly facing: number;
}

const MOST_FEET = 8;
/** Air between two feet of a row, in sizes of the type: half discs that touch look like one. */
const FOOT_GAP = 0.28;

function gridOf({ size, width }: Setting, { feet, rooms, columns }: PaperChoice): Grid {
  const call = size * 4.3;
  const facing = width - (rooms ? size * 4.1 : size * 2.7);
  const showsFeet = feet && columns === 1;
  const weight = facing - (showsFeet ? size * 2.9 : size * 0.5);
  const feetWidth = showsFeet ? MOST_FEET * (footWidth(size * 1.05) + FOOT_GAP * size) + size * 0.6 : 0;
  return { call, callWidth: weight - feetWidth - call - size * 0.4, feet: weight - feetWidth, weight, facing };
}

export function fullSheetGroups(sheet: Sheet, setting: Setting, choice: PaperChoice): Piece[][] {
  const grid = gridOf(setting, choice);
  return [
    ...sheet.sections.map((section) => sectionPieces(section, setting, choice, grid)),
    ...(sheet.walls.length > 0 ? [wallPieces(sheet, setting, choice)] : []),
    ...sheet.others
      .filter(({ kind }) => choice.options || kind !== 'option')
      .map((other) => otherPieces(other, setting)),
    ...(sheet.isTranslated
      ? [
          [
            paragraph(
              setting,
              setting.words.asTyped,
              { size: setting.size * 0.85, face: 'italic', tint: 'quiet' },
              { before: setting.size },
            ),
          ],
        ]
      : []),
    ...(sheet.cautions.length > 0 ? [cautionPieces(sheet, setting)] : []),
  ];
}

function sectionPieces(section: SheetSection, setting: Setting, choice: PaperChoice, grid: Grid): Piece[] {
  const strips = choice.floor ? floorPieces(section, setting) : [];
  const rows = section.rows.filter(
    (row) => 'line' in row || (row.aside.kind === 'option' ? choice.options : choice.notes),
  );
  return [
    headingPiece(section, setting, choice),
    ...rows.map((row, index): Piece => {
      // Two lines at least stand under a heading and over a break.
      const keepsWithNext =
        index === 0 || index === rows.length - 2 || (strips.length > 0 && index === rows.length - 1);
      if ('line' in row) return { ...linePiece(row.line, setting, choice, grid), keepsWithNext };
      const isFree = row.aside.kind !== 'option';
      return paragraph(
        setting,
        row.aside.text,
        { size: setting.size * 0.95, tint: 'quiet', face: isFree ? 'italic' : 'regular' },
        { indent: grid.call, before: setting.size * 0.15, keepsWithNext },
      );
    }),
    ...strips,
  ];
}

/** A square a line, with its counts under it. */
function floorPieces({ rows }: SheetSection, { size, width }: Setting): Piece[] {
  const lines = rows.flatMap((row) => ('line' in row && row.line.feet.length > 0 ? [row.line] : []));
  const tile = size * 6.6;
  const gap = size * 0.7;
  const across = Math.max(1, Math.floor((width + gap) / (tile + gap)));
  const strips = Array.from({ length: Math.ceil(lines.length / across) }, (_, index) =>
    lines.slice(index * across, (index + 1) * across),
  );
  return strips.map((strip) => ({
    height: tile + size * 1.25,
    before: size * 0.6,
    keepsWithNext: false,
    draw: (x, y) => [
      {
        tag: 'Artifact',
        items: strip.flatMap(({ floor }, index) => floorItems(floor, x + index * (tile + gap), y, tile)),
      },
      {
        tag: 'Artifact',
        items: strip.map(({ counts }, index) =>
          textItem(x + index * (tile + gap), y + tile + size, settable(counts), { size: size * 0.8, tint: 'quiet' }),
        ),
      },
    ],
  }));
}

export function headingPiece(
  { name, title, rail, counts }: SheetSection,
  { size, width, words, missing }: Setting,
  choice: PaperChoice,
): Piece {
  const head = size * 1.12;
  const cell = Math.min(size * 0.95, (width * 0.3) / Math.max(rail.length, 1));
  const railWidth = choice.rails ? rail.length * cell : 0;
  const stated = counts !== 8 ? words.counts(counts) : '';
  const statedWidth = stated ? widthOf(stated, size * 0.9, 'regular') + size * 0.6 : 0;
  const nameWidth = widthOf(name, head, 'bold') + size * 0.9;
  const lines = wrap(settable(title, missing), width - nameWidth - railWidth - statedWidth - size, size, 'regular');
  const height = head * LEADING + (lines.length - 1) * size * LEADING + size * 0.35;
  return {
    height,
    before: size * 1,
    keepsWithNext: true,
    draw: (x, y) => {
      const base = y + head * ASCENT;
      const items: Item[] = [
        textItem(x, base, name, { size: head, face: 'bold' }),
        ...lines.map((line, index) =>
          textItem(x + nameWidth, base + index * size * LEADING, line, { size, tint: 'quiet' }),
        ),
      ];
      if (stated)
        items.push(textItem(x + width - railWidth - statedWidth, base, stated, { size: size * 0.9, tint: 'quiet' }));
      const rule = ruleItem(x, y + height - size * 0.08, width, 'rule', 1);
      const railAt = railItems(choice.rails ? rail : [], x + width - railWidth, base - size * 0.62, cell, size * 0.62);
      return [
        { tag: 'H2', items },
        { tag: 'Artifact', items: [rule, ...railAt] },
      ];
    },
  };
}

function linePiece(
  line: SheetLine,
  setting: Setting,
  { notes, feet, columns, rooms }: PaperChoice,
  grid: Grid,
): Omit<Piece, 'keepsWithNext'> {
  const { size, width, words, missing } = setting;
  const calls = wrap(settable(line.call, missing), grid.callWidth, size, 'regular');
  const small = { size: size * 0.92, face: 'italic', tint: 'quiet' } as const;
  const said = notes
    ? [...line.cues.map((cue) => `“${cue}”`), ...line.notes].map((text) => settable(text, missing))
    : [];
  const extra = said.join('  ');
  const after = widthOf(calls[calls.length - 1], size, 'regular') + size * 0.8;
  const isInline = extra !== '' && after + widthOf(extra, small.size, small.face) <= grid.callWidth;
  const below = extra === '' || isInline ? [] : wrap(extra, grid.callWidth, small.size, small.face);
  const pad = size * 0.18;
  const height = (calls.length + below.length) * size * LEADING + 2 * pad;
  const lettered = feet && columns === 1;
  return {
    height,
    before: 0,
    draw: (x, y) => {
      const top = y + pad;
      const base = top + size * ASCENT;
      const items: Item[] = [
        textItem(x, base, settable(line.counts), { size, face: 'bold' }),
        ...calls.map((text, index) => textItem(x + grid.call, base + index * size * LEADING, text, { size })),
      ];
      if (isInline)
        items.push(textItem(x + grid.call + after, base + (calls.length - 1) * size * LEADING, extra, small));
      below.forEach((text, index) =>
        items.push(textItem(x + grid.call, base + (calls.length + index) * size * LEADING, text, small)),
      );
      if (line.hour)
        items.push(textItem(x + width - widthOf(line.hour, size, 'bold'), base, line.hour, { size, face: 'bold' }));
      const marks: Item[] = [ruleItem(x, y + height, width)];
      const high = size * 1.05;
      if (lettered) {
        line.feet
          .slice(0, MOST_FEET)
          .forEach((mark, index) =>
            marks.push(
              ...footItems(
                mark,
                x + grid.feet + index * (footWidth(high) + FOOT_GAP * size),
                top + size * 0.1,
                high,
                words.letters,
              ),
            ),
          );
        marks.push(...weightItems(line.weight, x + grid.weight, top + size * 0.1, high));
      }
      if (line.facing !== undefined && rooms)
        marks.push(...roomItems(line.facing, x + grid.facing, top + size * 0.08, size * 1.1));
      return [
        { tag: 'P', items },
        { tag: 'Artifact', items: marks },
      ];
    },
  };
}

function tableHead(setting: Setting, title: string, labels: readonly (readonly [number, string])[]): Piece {
  const { size, width } = setting;
  const head = size * 1.12;
  const height = head * LEADING + size * 1.5;
  return {
    height,
    before: size * 1,
    keepsWithNext: true,
    draw: (x, y) => [
      { tag: 'H2', items: [textItem(x, y + head * ASCENT, title, { size: head, face: 'bold' })] },
      { tag: 'Artifact', items: [ruleItem(x, y + head * LEADING + size * 0.25, width, 'rule', 1)] },
      {
        tag: 'P',
        items: labels.map(([at, label]) =>
          textItem(
            at < 0 ? x + width - widthOf(label, size * 0.85, 'regular') : x + at,
            y + head * LEADING + size * 1.25,
            label,
            { size: size * 0.85, tint: 'quiet' },
          ),
        ),
      },
    ],
  };
}

function wallPieces(sheet: Sheet, setting: Setting, choice: PaperChoice): Piece[] {
  const { size, words } = setting;
  const { wallColumns } = words;
  const at = { starts: size * 4.3, counts: size * 9.2, happens: size * 13.4 };
  return [
    tableHead(setting, wallColumns.title, [
      [0, wallColumns.wall],
      [at.starts, wallColumns.starts],
      [at.counts, wallColumns.counts],
      [at.happens, wallColumns.happens],
      [-1, wallColumns.ends],
    ]),
    ...sheet.walls.map((wall, index) =>
      wallPiece(wall, setting, choice, at, index === 0 || index === sheet.walls.length - 1),
    ),
    paragraph(setting, sheet.wallsSentence, { size: size * 0.95, tint: 'quiet' }, { before: size * 0.5 }),
  ];
}

function wallPiece(
  wall: SheetWall,
  { size, width, missing }: Setting,
  { rooms }: PaperChoice,
  at: { starts: number; counts: number; happens: number },
  keepsWithNext: boolean,
): Piece {
  const right = size * 5;
  const lines = wrap(settable(wall.happens.join('; '), missing), width - at.happens - right, size, 'regular');
  const pad = size * 0.2;
  const height = lines.length * size * LEADING + 2 * pad;
  return {
    height,
    before: 0,
    keepsWithNext,
    draw: (x, y) => {
      const base = y + pad + size * ASCENT;
      const room = rooms ? size * 1.5 : 0;
      const mark = size * 1.1;
      return [
        {
          tag: 'P',
          items: [
            textItem(x, base, settable(wall.name), { size, face: 'bold' }),
            textItem(x + at.starts + room, base, wall.startHour, { size }),
            textItem(x + at.counts, base, wall.counts, { size }),
            ...lines.map((line, index) => textItem(x + at.happens, base + index * size * LEADING, line, { size })),
            textItem(x + width - widthOf(wall.endHour, size, 'bold'), base, wall.endHour, { size, face: 'bold' }),
          ],
        },
        {
          tag: 'Artifact',
          items: [
            ruleItem(x, y + height, width),
            ...(rooms
              ? [
                  ...roomItems(wall.start, x + at.starts, y + pad, mark),
                  ...roomItems(wall.end, x + width - size * 4.1, y + pad, mark),
                ]
              : []),
          ],
        },
      ];
    },
  };
}

function otherPieces({ heading, lines }: Sheet['others'][number], setting: Setting): Piece[] {
  const { size } = setting;
  return [
    {
      ...paragraph(setting, heading, { size: size * 1.12, face: 'bold' }, { tag: 'H2', before: size * 1 }),
      keepsWithNext: true,
    },
    ...lines.map((line) => paragraph(setting, line, { size }, { before: size * 0.1 })),
  ];
}

function cautionPieces(sheet: Sheet, setting: Setting): Piece[] {
  const { size } = setting;
  return sheet.cautions.map((caution, index) =>
    paragraph(
      setting,
      caution,
      { size: size * 0.88 },
      { indent: size, bar: 'care', before: index === 0 ? size * 1.4 : size * 0.5 },
    ),
  );
}

/**
 * The marks of the house as SVG text: half discs for the feet, a room for the facing, a rail for the counts.
 * One source for React and for the editor's margin. Colour is never alone: L is the left half, R the right, each with its letter.
 */
import type { FootMark, RailCell, Weight } from '../../../core';
import { CIRCLE, type Facing } from '../../../core';
import { colour } from '../../theme/system';

const svg = (width: number, height: number, label: string, body: string): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}" role="img" aria-label="${label}">${body}</svg>`;

const LEFT_HALF = 'M15 1.5v17H11A8.5 8.5 0 0 1 11 1.5z';
const RIGHT_HALF = 'M1 1.5v17H5A8.5 8.5 0 0 0 5 1.5z';

const letter = (x: number, text: string, fill: string): string =>
  `<text x="${x}" y="14" text-anchor="middle" font-size="11" font-weight="700" font-family="inherit" fill="${fill}">${text}</text>`;

/** One action: filled when it bears weight, outline when it gestures. */
export function footSvg({ foot, kind, wrong }: FootMark): string {
  if (foot === null) return otherSvg(kind);
  const tint = colour(foot === 'L' ? 'left' : 'right');
  const filled = kind === 'weight';
  const path = `<path d="${foot === 'L' ? LEFT_HALF : RIGHT_HALF}" fill="${filled ? tint : 'none'}" stroke="${tint}" stroke-width="1.5" stroke-linejoin="round"/>`;
  const label = `${foot === 'L' ? 'left' : 'right'} foot${filled ? '' : ', no weight'}${wrong ? ', not free' : ''}`;
  const slip = wrong ? `<path d="M1 19.2h14" stroke="${colour('slip')}" stroke-width="2.4"/>` : '';
  return svg(16, 21, label, path + letter(foot === 'L' ? 9.5 : 6.5, foot, filled ? colour('footInk') : tint) + slip);
}

function otherSvg(kind: FootMark['kind']): string {
  const ink = colour('quiet');
  switch (kind) {
    case 'hold':
      return svg(
        16,
        21,
        'hold',
        [0, 5, 10].map((at) => `<path d="M${at + 1} 16l5-12" stroke="${ink}" stroke-width="1.2"/>`).join(''),
      );
    case 'both':
      return svg(
        16,
        21,
        'both feet',
        `<path d="M7 3.5v13A6.5 6.5 0 0 1 7 3.5zM9 3.5v13A6.5 6.5 0 0 0 9 3.5z" fill="none" stroke="${ink}" stroke-width="1.3"/>`,
      );
    case 'hands':
    case 'weight':
    case 'gesture':
      return svg(16, 21, 'hands or body', `<circle cx="8" cy="10" r="2.4" fill="${ink}"/>`);
  }
}

/** Where the weight stands: the half that bears it is filled. */
export function weightSvg(weight: Weight): string {
  const half = (foot: 'L' | 'R', on: boolean): string => {
    const tint = on ? colour(foot === 'L' ? 'left' : 'right') : colour('pale');
    const d = foot === 'L' ? 'M11.2 1.5v17A8.5 8.5 0 0 1 11.2 1.5z' : 'M13.8 1.5v17A8.5 8.5 0 0 0 13.8 1.5z';
    return `<path d="${d}" fill="${on ? tint : 'none'}" stroke="${tint}" stroke-width="1.3" stroke-linejoin="round"/>`;
  };
  if (weight === 'unknown')
    return svg(
      25,
      20,
      'weight not known',
      half('L', false) +
        half('R', false) +
        `<text x="12.5" y="14.5" text-anchor="middle" font-size="13" font-weight="700" fill="${colour('quiet')}">?</text>`,
    );
  const label = weight === 'both' ? 'weight on both feet' : `weight on ${weight === 'L' ? 'left' : 'right'}`;
  return svg(25, 20, label, half('L', weight !== 'R') + half('R', weight !== 'L'));
}

/** The room from above: the wall or the corner faced is heavy, the wedge is the dancer. */
export function roomSvg(facing: Facing, strong: boolean, hour: string): string {
  const ink = colour(strong ? 'ink' : 'quiet');
  const frame = colour(strong ? 'lineStrong' : 'pale');
  const degrees = (facing * 360) / CIRCLE;
  const corner = facing % 12 !== 0;
  const wall = corner
    ? `<path d="M2.2 7.5V2.2H7.5M2.2 2.2" fill="none" stroke="${ink}" stroke-width="3" transform="rotate(${Math.floor(degrees / 90) * 90 + 90} 10 10)"/>`
    : `<path d="M1 2.2h18" stroke="${ink}" stroke-width="3.2" transform="rotate(${degrees} 10 10)"/>`;
  const dancer = `<path d="M10 6.4l2.6 6.4h-5.2z" fill="${ink}" transform="rotate(${degrees} 10 10)"/>`;
  return svg(
    20,
    20,
    `facing ${hour}`,
    `<rect x="1.8" y="1.8" width="16.4" height="16.4" fill="none" stroke="${frame}" stroke-width="1.1"/>${wall}${dancer}`,
  );
}

/** A cell a count; split where something is danced between the counts, hollow where nothing is. `numbers` writes the counts above. */
export function railSvg(
  cells: readonly RailCell[],
  options: { cell: number; height: number; numbers: boolean },
): string {
  const { cell, height, numbers } = options;
  const top = numbers ? 13 : 0;
  const body = cells.map(
    (one, index) =>
      cellSvg(one, index * cell, top, cell - 2, height) + (numbers ? number(one, index * cell + (cell - 2) / 2) : ''),
  );
  const missing = cells.filter(({ state }) => state === 'empty').map(({ count }) => count);
  const label = `${cells.length} counts${missing.length > 0 ? `, nothing on ${missing.join(', ')}` : ''}`;
  return svg(cells.length * cell, top + height + 1, label, body.join(''));
}

const number = ({ count, slip }: RailCell, x: number): string =>
  `<text x="${x}" y="9.5" text-anchor="middle" font-size="10.5" fill="${colour(slip ? 'slip' : 'quiet')}">${count}</text>`;

function cellSvg({ state, split, slip }: RailCell, x: number, y: number, width: number, height: number): string {
  const ink = colour(slip ? 'slip' : 'rule');
  const box = (from: number, wide: number, fill: string, stroke: string) =>
    `<rect x="${from + 0.5}" y="${y + 0.5}" width="${wide - 1}" height="${height - 1}" fill="${fill}" stroke="${stroke}" stroke-width="1"/>`;
  const halves = (fill: string, stroke: string) =>
    split
      ? box(x, width / 2 - 0.5, fill, stroke) + box(x + width / 2 + 0.5, width / 2 - 0.5, fill, stroke)
      : box(x, width, fill, stroke);
  const hatch = (stroke: string) =>
    Array.from(
      { length: Math.floor(width / 4) },
      (_, index) =>
        `<path d="M${x + 1 + index * 4} ${y + height - 1}l3-${height - 2}" stroke="${stroke}" stroke-width="1.2"/>`,
    ).join('');
  switch (state) {
    case 'filled':
      return slip ? halves('none', ink) + hatch(ink) : halves(ink, ink);
    case 'hold':
      return halves('none', ink) + hatch(ink);
    case 'empty':
      return `<rect x="${x + 0.5}" y="${y + 0.5}" width="${width - 1}" height="${height - 1}" fill="none" stroke="${colour(slip ? 'slip' : 'lineStrong')}" stroke-dasharray="2 2"/>`;
    case 'double':
    case 'over':
      return halves('none', colour('slip')) + hatch(colour('slip'));
  }
}

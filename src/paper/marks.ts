/** The marks of the house as paths: half discs for feet, a room for the facing, a rail for the counts. Sizes in points. */
import type { FloorMark, FootMark, RailCell, Weight } from '../core';
import { widthOf } from './type';
import type { Item, Tint } from './page';
import { greatest, least } from '../core';

const CIRCLE = 48;
const round = (value: number): number => Math.round(value * 100) / 100;

const half = (foot: 'L' | 'R', height: number): string => {
  const r = round(height / 2);
  const flat = round(height * 0.24);
  return foot === 'L'
    ? `M${round(r + flat)} 0V${height}H${r}A${r} ${r} 0 0 1 ${r} 0Z`
    : `M0 0V${height}H${flat}A${r} ${r} 0 0 0 ${flat} 0Z`;
};

/** How wide a foot mark of this height is. */
export const footWidth = (height: number): number => height * 0.74;

/** `y` is the top. `letters`: R and L in the sheet's language. */
export function footItems(
  mark: FootMark,
  x: number,
  y: number,
  height: number,
  letters: Readonly<Record<'R' | 'L', string>>,
): Item[] {
  const { foot, kind } = mark;
  const middle = y + height / 2;
  if (foot === null) {
    if (kind === 'hold')
      return [0, 1, 2].map((at) =>
        path(x + at * height * 0.24, y + height * 0.2, `M0 ${round(height * 0.6)}L${round(height * 0.26)} 0`, {
          stroke: 'quiet',
          width: 0.7,
        }),
      );
    if (kind === 'both')
      return (['L', 'R'] as const).map((side) =>
        path(x + (side === 'L' ? -height * 0.08 : height * 0.42), y + height * 0.14, half(side, height * 0.72), {
          stroke: 'quiet',
          width: 0.7,
        }),
      );
    const r = round(height * 0.12);
    return [path(x + height * 0.36 - r, middle - r, disc(r), { fill: 'quiet' })];
  }
  const tint: Tint = foot === 'L' ? 'left' : 'right';
  const filled = kind === 'weight';
  const letter = letters[foot];
  const size = height * 0.62;
  const centre = foot === 'L' ? height * 0.44 : height * 0.3;
  return [
    path(x, y, half(foot, height), { ...(filled && { fill: tint }), stroke: tint, width: 0.8 }),
    {
      kind: 'text',
      x: x + centre - widthOf(letter, size, 'bold') / 2,
      y: middle + size * 0.35,
      text: letter,
      size,
      face: 'bold',
      tint: filled ? 'white' : tint,
    },
  ];
}

const path = (x: number, y: number, d: string, ink: { fill?: Tint; stroke?: Tint; width?: number }): Item => ({
  kind: 'path',
  x: round(x),
  y: round(y),
  d,
  ...ink,
});

const disc = (r: number): string => `M0 ${r}A${r} ${r} 0 1 1 ${2 * r} ${r}A${r} ${r} 0 1 1 0 ${r}Z`;

export function weightItems(weight: Weight, x: number, y: number, height: number): Item[] {
  if (weight === 'unknown') return [];
  const gap = height * 0.1;
  return (['L', 'R'] as const).map((foot) => {
    const bears = weight === 'both' || weight === foot;
    const tint: Tint = bears ? (foot === 'L' ? 'left' : 'right') : 'line';
    const at = foot === 'L' ? x : x + footWidth(height) + gap;
    return path(at, y, half(foot, height), { ...(bears && { fill: tint }), stroke: tint, width: 0.7 });
  });
}

/** The room from above: the wall or corner faced is heavy, the wedge is the dancer. */
export function roomItems(facing: number, x: number, y: number, size: number): Item[] {
  const inset = size * 0.06;
  const side = round(size - 2 * inset);
  const isCorner = facing % 12 !== 0;
  const turn = (px: number, py: number, by: number): string => {
    const angle = (by * 2 * Math.PI) / CIRCLE;
    const [dx, dy] = [px - size / 2, py - size / 2];
    return `${round(size / 2 + dx * Math.cos(angle) - dy * Math.sin(angle))} ${round(size / 2 + dx * Math.sin(angle) + dy * Math.cos(angle))}`;
  };
  const quarter = Math.floor(facing / 12) * 12;
  const edge = inset + size * 0.04;
  const wall = isCorner
    ? `M${turn(size * 0.58, edge, quarter)}L${turn(size - edge, edge, quarter)}L${turn(size - edge, size * 0.42, quarter)}`
    : `M${turn(inset / 2, edge, quarter)}L${turn(size - inset / 2, edge, quarter)}`;
  const dancer = `M${turn(size / 2, size * 0.31, facing)}L${turn(size * 0.63, size * 0.65, facing)}L${turn(size * 0.37, size * 0.65, facing)}Z`;
  return [
    path(x, y, `M${inset} ${inset}h${side}v${side}h${-side}Z`, { stroke: 'quiet', width: 0.6 }),
    path(x, y, wall, { stroke: 'ink', width: size * 0.15 }),
    path(x, y, dancer, { fill: 'ink' }),
  ];
}

/** A cell a count; split where something is danced between the counts, hollow where nothing is, hatched for a hold. */
export function railItems(rail: readonly RailCell[], x: number, y: number, cell: number, height: number): Item[] {
  return rail.flatMap(({ state, split }, index): Item[] => {
    const left = x + index * cell;
    const wide = round(cell - 1.2);
    const box = (at: number, width: number): Item =>
      path(at, y, `M0 0h${round(width)}v${height}h${-round(width)}Z`, {
        ...((state === 'filled' || state === 'double') && { fill: 'rule' as Tint }),
        stroke: state === 'empty' ? 'line' : 'rule',
        width: 0.5,
      });
    const boxes = split ? [box(left, wide / 2 - 0.4), box(left + wide / 2 + 0.4, wide / 2 - 0.4)] : [box(left, wide)];
    if (state !== 'hold') return boxes;
    const strokes = Math.max(1, Math.floor(wide / 3));
    const hatch = Array.from(
      { length: strokes },
      (_, at) => `M${round(at * 3 + 0.4)} ${height}l${round(Math.min(2.2, wide - at * 3 - 0.8))} ${-height}`,
    ).join('');
    return [...boxes, path(left, y, hatch, { stroke: 'rule', width: 0.5 })];
  });
}

/** The feet of one line from above, 12:00 at the top, in a square of `size`; a sole filled where it bears weight, its way dashed by dots. `type`: counts beside the soles are set so large; none where it is 0. */
export function floorItems(marks: readonly FloorMark[], x: number, y: number, size: number, type = 0): Item[] {
  const xs = marks.map((mark) => mark.x);
  const ys = marks.map((mark) => mark.y);
  const [left, right, low, high] = [least(xs), greatest(xs), least(ys), greatest(ys)];
  const scale = Math.min(size / 3.6, (size * 0.66) / Math.max(right - left, high - low, 1));
  const place = (mark: { x: number; y: number }): [number, number] => [
    x + size / 2 + (mark.x - (left + right) / 2) * scale,
    y + size / 2 - (mark.y - (low + high) / 2) * scale,
  ];
  const sole = Math.min(size * 0.17, scale * 0.62);
  const items: Item[] = [
    path(x, y, `M0 0h${size}v${size}h${-size}Z`, { stroke: 'line', width: 0.5 }),
    path(x + size * 0.32, y + 0.6, `M0 0h${round(size * 0.36)}`, { stroke: 'quiet', width: 1.2 }),
  ];
  marks.forEach((mark, index) => {
    const tint: Tint = mark.foot === 'L' ? 'left' : 'right';
    const [px, py] = place(mark);
    const from = mark.kind === 'before' ? undefined : marks.slice(0, index).findLast(({ foot }) => foot === mark.foot);
    if (from) {
      const [fx, fy] = place(from);
      const far = Math.hypot(px - fx, py - fy);
      if (far > sole)
        items.push(path(fx, fy, `M0 0L${round(px - fx)} ${round(py - fy)}`, { stroke: tint, width: 0.5 }));
    }
    const angle = (mark.heading * 2 * Math.PI) / CIRCLE;
    const turn = (dx: number, dy: number): string =>
      `${round(dx * Math.cos(angle) - dy * Math.sin(angle))} ${round(dx * Math.sin(angle) + dy * Math.cos(angle))}`;
    const [w, h] = [sole * 0.36, sole];
    const out = mark.foot === 'L' ? -1 : 1;
    const d = `M${turn(-out * w * 0.5, h / 2)}L${turn(-out * w * 0.5, -h / 2)}C${turn(out * w, -h / 2)} ${turn(out * w, h * 0.1)} ${turn(out * w * 0.5, h / 2)}Z`;
    if (mark.kind === 'before') items.push(path(px, py, d, { stroke: 'line', width: 0.7 }));
    else items.push(path(px, py, d, { ...(mark.kind === 'weight' && { fill: tint }), stroke: tint, width: 0.7 }));
    if (type > 0 && mark.count) items.push(countItem(mark, px + Math.cos(angle) * out * sole * 0.75, py + Math.sin(angle) * out * sole * 0.75, type)); // prettier-ignore
  });
  return items;
}

/** A count in the middle of a place, however many letters it has. */
const countItem = ({ count }: FloorMark, x: number, y: number, size: number): Item => ({
  kind: 'text',
  x: x - widthOf(count, size, 'bold') / 2,
  y: y + size * 0.35,
  text: count,
  size,
  face: 'bold',
  tint: 'ink',
});

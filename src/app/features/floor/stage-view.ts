/** How the floor is looked at: from where, how large, which way up. Steps become places of the picture. */
import { CIRCLE, greatest, least, type FloorView, type Pose } from '../../../core';

export const LOOKS = ['behind', 'facing', 'above'] as const;
/** From behind, to copy; facing you, mirrored as a teacher is; from straight above. */
export type Look = (typeof LOOKS)[number];

export interface Rows {
  readonly rows: number;
  readonly columns: number;
  /** Steps between neighbours. */
  readonly spacing: number;
}

export interface Stage {
  readonly width: number;
  readonly height: number;
  /** Picture units a step, and how much of its depth is seen. */
  readonly scale: number;
  readonly depth: number;
  /** 1 where forward is up, -1 where it is down. */
  readonly up: 1 | -1;
  /** The place of the room that stands in the middle of the picture. */
  readonly middle: { readonly x: number; readonly y: number };
}

const WIDTH = 900;
const HEIGHT = 560;
/** Steps kept free around what is danced. */
const MARGIN = 1.1;
const LARGEST = 150;

/** Where the others stand, the one in front in the middle at 0, 0. */
export const placesOf = ({ rows, columns, spacing }: Rows): readonly (readonly [x: number, y: number])[] =>
  Array.from({ length: rows * columns }, (_, index) => {
    const [row, column] = [Math.floor(index / columns), index % columns];
    return [(column - Math.floor((columns - 1) / 2)) * spacing, -row * spacing] as const;
  });

/** Everything that is danced, by everybody, in one picture. */
export function stageFor({ path }: FloorView, look: Look, rows: Rows): Stage {
  const feet = [path.start.feet, ...path.steps.map(({ after }) => after)].flatMap(({ L, R }) => [L, R]);
  const others = placesOf(rows);
  const xs = feet.map(({ x }) => x);
  const ys = feet.map(({ y }) => y);
  const [ox, oy] = [others.map(([x]) => x), others.map(([, y]) => y)];
  const [left, right] = [least(xs) + least(ox) - MARGIN, greatest(xs) + greatest(ox) + MARGIN];
  const [low, high] = [least(ys) + least(oy) - MARGIN, greatest(ys) + greatest(oy) + MARGIN];
  const depth = look === 'above' ? 1 : 0.68;
  const scale = Math.min(LARGEST, WIDTH / (right - left), HEIGHT / ((high - low) * depth));
  return {
    width: WIDTH,
    height: HEIGHT,
    scale,
    depth,
    up: look === 'facing' ? -1 : 1,
    middle: { x: (left + right) / 2, y: (low + high) / 2 },
  };
}

/** A place of the room in the picture. */
export const pictured = ({ width, height, scale, depth, up, middle }: Stage, x: number, y: number) => ({
  x: width / 2 + (x - middle.x) * scale,
  y: height / 2 - up * depth * (y - middle.y) * scale,
});

/** The room as the picture has it: everything drawn in steps goes through this. */
export const roomTransform = ({ width, height, scale, depth, up, middle }: Stage): string =>
  `matrix(${scale} 0 0 ${-up * depth * scale} ${width / 2 - middle.x * scale} ${height / 2 + up * depth * middle.y * scale})`;

/** The room turned and shifted so that the dancer stands in the middle and looks up: what she has around her. */
export const dancersOwn = ({ middle }: Stage, { body }: Pose): string =>
  `translate(${middle.x} ${middle.y}) rotate(${(body.turn * 360) / CIRCLE}) translate(${-body.x} ${-body.y})`;

/** Steps of the room and places of the picture: beside the matrices of the general library gl-matrix. */
import { describe, expect, test } from '@jest/globals';
import { mat2d, vec2 } from 'gl-matrix';
import { CIRCLE, poseAt, studyText, viewFloor, type FloorView } from '../../../core';
import { dancersOwn, LOOKS, pictured, placesOf, roomTransform, stageFor } from './stage-view';

const { dance } = studyText(
  '## Section 1\n1-4 Walk R L R L\n5-6 Step R forward, pivot 1/2 left\n7-8 Step R side, touch L',
);
const view = viewFloor(dance, 'section', 1) as FloorView;
const ALONE = { rows: 1, columns: 1, spacing: 2 };
const CLASS = { rows: 3, columns: 5, spacing: 2 };

/** What an SVG `transform` of these three kinds does (SVG 2, chapter 8: lists of transforms are multiplied from left to right). */
function matrixOf(transform: string): mat2d {
  const whole = mat2d.create();
  for (const [, name, inside] of transform.matchAll(/(\w+)\(([^)]*)\)/g)) {
    const [a, b = 0, c, d, e, f] = inside.split(/[\s,]+/).map(Number);
    const one =
      name === 'matrix'
        ? mat2d.fromValues(a, b, c, d, e, f)
        : name === 'translate'
          ? mat2d.fromTranslation(mat2d.create(), [a, b])
          : mat2d.fromRotation(mat2d.create(), (a * Math.PI) / 180);
    mat2d.multiply(whole, whole, one);
  }
  return whole;
}

const taken = (matrix: mat2d, x: number, y: number) => [...vec2.transformMat2d(vec2.create(), [x, y], matrix)];
const near = (values: readonly number[]) => values.map((value) => Math.round(value * 100) / 100 + 0);

describe.each(LOOKS)('from %s', (look) => {
  test.each([ALONE, CLASS])('everybody’s feet are in the picture, $rows by $columns', (rows) => {
    const stage = stageFor(view, look, rows);
    for (const { after } of view.path.steps)
      for (const { x, y } of [after.L, after.R])
        for (const [left, ahead] of placesOf(rows)) {
          const place = pictured(stage, x + left, y + ahead);
          expect(place.x > 0 && place.x < stage.width && place.y > 0 && place.y < stage.height).toBe(true);
        }
  });

  test('the transform of the room takes a place to where it is pictured', () => {
    const stage = stageFor(view, look, CLASS);
    const matrix = matrixOf(roomTransform(stage));
    for (const [x, y] of [[0, 0], [3, 1], [-2, 4.5]]) {
      const place = pictured(stage, x, y);
      expect(near(taken(matrix, x, y))).toEqual(near([place.x, place.y]));
    }
  }); // prettier-ignore

  test('forward is up, but down where the dancer looks at us', () => {
    const stage = stageFor(view, look, ALONE);
    const up = pictured(stage, 0, 0).y - pictured(stage, 0, 1).y;
    expect(up > 0).toBe(look !== 'facing');
    // Her right stays on our right: that is what copying a mirror is.
    expect(pictured(stage, 1, 0).x).toBeGreaterThan(pictured(stage, 0, 0).x);
  });
});

test('fixed to the dancer she stands in the middle and faces ahead, whatever she has turned', () => {
  const stage = stageFor(view, 'above', ALONE);
  for (let time = 0; time <= view.path.length; time += 3) {
    const pose = poseAt(view.path, time);
    const matrix = matrixOf(dancersOwn(stage, pose));
    expect(near(taken(matrix, pose.body.x, pose.body.y))).toEqual(near([stage.middle.x, stage.middle.y]));
    const angle = (pose.body.turn * 2 * Math.PI) / CIRCLE;
    const ahead = taken(matrix, pose.body.x + Math.sin(angle), pose.body.y + Math.cos(angle));
    expect(near(ahead)).toEqual(near([stage.middle.x, stage.middle.y + 1]));
  }
});

test('a class stands in rows behind the one in front, so far apart as is set', () => {
  const places = placesOf(CLASS);
  expect(places).toHaveLength(15);
  expect(new Set(places.map(String)).size).toBe(15);
  expect(places.filter(([, y]) => y === 0).map(([x]) => x)).toEqual([-4, -2, 0, 2, 4]);
  expect(new Set(places.map(([, y]) => y + 0))).toEqual(new Set([0, -2, -4]));
});

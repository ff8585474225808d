/** The marks on paper: where they stand, what is filled, and that turning the room turns its mark. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { greatest, least, type FloorMark, type FootMark, type RailCell } from '../core';
import { floorItems, footItems, railItems, roomItems, weightItems } from './marks';
import type { Item } from './page';

const LETTERS = { R: 'D', L: 'G' } as const;
const paths = (items: readonly Item[]) => items.filter((item) => item.kind === 'path');
const numbers = (d: string): number[] => (d.match(/-?\d+(?:\.\d+)?/g) ?? []).map(Number);

describe('feet', () => {
  const foot = (kind: FootMark['kind'], side: 'R' | 'L' | null): FootMark => ({ foot: side, kind }) as FootMark;
  test('one that bears weight is filled, a gesture is an outline; colour, side and letter differ', () => {
    const [bears] = paths(footItems(foot('weight', 'R'), 0, 0, 10, LETTERS));
    const [gesture] = paths(footItems(foot('gesture', 'R'), 0, 0, 10, LETTERS));
    const [left] = paths(footItems(foot('weight', 'L'), 0, 0, 10, LETTERS));
    expect([bears.fill, gesture.fill, gesture.stroke, left.fill]).toEqual(['right', undefined, 'right', 'left']);
    expect(bears.d).not.toBe(left.d);
  });
  test('letters are those of the sheet’s language', () => {
    const texts = (side: 'R' | 'L') =>
      footItems(foot('weight', side), 0, 0, 10, LETTERS).flatMap((item) => (item.kind === 'text' ? [item.text] : []));
    expect([texts('R'), texts('L')]).toEqual([['D'], ['G']]);
  });
  test.each([
    ['hold', 3],
    ['both', 2],
    ['hands', 1],
  ] as const)('%s has no letter', (kind, count) => {
    const items = footItems(foot(kind, null), 0, 0, 10, LETTERS);
    expect([items.length, paths(items).length]).toEqual([count, count]);
  });
});

test.each([
  ['R', [false, true]],
  ['L', [true, false]],
  ['both', [true, true]],
  ['unknown', []],
] as const)('weight on %s fills the halves that bear it', (weight, filled) =>
  expect(paths(weightItems(weight, 0, 0, 10)).map(({ fill }) => fill !== undefined)).toEqual(filled),
);

describe('the room', () => {
  /** The heavy wall's middle, from the middle of a room of size 20. */
  const wallOf = (facing: number): [number, number] => {
    const [, wall] = paths(roomItems(facing, 0, 0, 20));
    const points = numbers(wall.d);
    const xs = points.filter((_, index) => index % 2 === 0);
    const ys = points.filter((_, index) => index % 2 === 1);
    const middle = (values: number[]) => (least(values) + greatest(values)) / 2 - 10;
    return [middle(xs), middle(ys)];
  };
  test.each([
    ['12:00', 0, 0, -1],
    ['3:00', 12, 1, 0],
    ['6:00', 24, 0, 1],
    ['9:00', 36, -1, 0],
    ['1:30', 6, 1, -1],
    ['4:30', 18, 1, 1],
    ['7:30', 30, -1, 1],
    ['10:30', 42, -1, -1],
  ])('%s', (_, facing, x, y) => {
    const [dx, dy] = wallOf(facing).map((at) => (Math.abs(at) < 1 ? 0 : Math.sign(at)));
    expect([dx, dy]).toEqual([x, y]);
  });
  test('the dancer points where the wall is', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 47 }), (facing) => {
        const [, , dancer] = paths(roomItems(facing, 0, 0, 20));
        const [x, y] = numbers(dancer.d);
        const angle = (facing / 48) * 2 * Math.PI;
        // The tip lies on the way from the middle to the hour.
        expect(Math.atan2(x - 10, 10 - y)).toBeCloseTo(Math.atan2(Math.sin(angle), Math.cos(angle)), 1);
      }),
    );
  });
});

test('a rail has a cell a count, two where something falls between, hatched for a hold, pale where nothing is', () => {
  const cell = (state: RailCell['state'], split = false): RailCell =>
    ({ count: 1, state, split, slip: false }) as RailCell;
  const rail = railItems([cell('filled'), cell('filled', true), cell('hold'), cell('empty')], 0, 0, 10, 6);
  const [one, first, second, hold, hatch, empty] = paths(rail);
  expect(paths(rail)).toHaveLength(6);
  expect([one.fill, first.fill, second.fill, hold.fill, hatch.fill, empty.stroke]).toEqual([
    'rule',
    'rule',
    'rule',
    undefined,
    undefined,
    'line',
  ]);
  expect(second.x).toBeGreaterThan(first.x);
  expect(empty.x).toBe(30);
});

test('a floor picture holds all its soles, however far they go', () => {
  const mark = fc.record({
    foot: fc.constantFrom('R' as const, 'L' as const),
    kind: fc.constantFrom('before' as const, 'weight' as const, 'gesture' as const),
    count: fc.constant('1'),
    x: fc.double({ min: -6, max: 6, noNaN: true }),
    y: fc.double({ min: -6, max: 6, noNaN: true }),
    heading: fc.integer({ min: 0, max: 47 }),
  });
  fc.assert(
    fc.property(fc.array(mark, { minLength: 1, maxLength: 12 }), (marks) => {
      for (const item of paths(floorItems(marks as FloorMark[], 100, 200, 66)))
        expect(item.x >= 100 && item.x <= 166 && item.y >= 200 && item.y <= 266).toBe(true);
    }),
  );
});

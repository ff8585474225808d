/** The marks: never colour alone, always a name. */
import { describe, expect, test } from '@jest/globals';
import type { RailCell } from '../../../core';
import { footSvg, railSvg, roomSvg, weightSvg } from './svg';

const nameOf = (svg: string): string => /aria-label="([^"]*)"/.exec(svg)?.[1] ?? '';

test('a foot is told by its side, its letter and its name; filled when it bears weight', () => {
  const [left, right] = (['L', 'R'] as const).map((foot) => footSvg({ foot, kind: 'weight', wrong: false }));
  expect([nameOf(left), nameOf(right)]).toEqual(['left foot', 'right foot']);
  expect(left).toContain('>L</text>');
  expect(/ d="([^"]*)"/.exec(left)?.[1]).not.toBe(/ d="([^"]*)"/.exec(right)?.[1]);
  const gesture = footSvg({ foot: 'L', kind: 'gesture', wrong: false });
  expect(nameOf(gesture)).toBe('left foot, no weight');
  expect(gesture).toContain('fill="none"');
  expect(nameOf(footSvg({ foot: 'R', kind: 'weight', wrong: true }))).toBe('right foot, not free');
});

test('the weight names where it stands', () => {
  expect((['L', 'R', 'both', 'unknown'] as const).map((weight) => nameOf(weightSvg(weight)))).toEqual([
    'weight on left',
    'weight on right',
    'weight on both feet',
    'weight not known',
  ]);
});

test('the room turns its heavy wall to the facing, or its heavy corner', () => {
  expect(nameOf(roomSvg(12, true, '3:00'))).toBe('facing 3:00');
  expect(roomSvg(12, true, '3:00')).toContain('rotate(90 10 10)');
  // At 1:30 the corner between the 12:00 and the 3:00 wall: the drawn corner, top left, a quarter round.
  expect(roomSvg(6, true, '1:30')).toMatch(/M2\.2 7\.5V2\.2H7\.5[^>]*rotate\(90 10 10\)/);
});

describe('the rail', () => {
  const cell = (count: number, state: RailCell['state'], split = false): RailCell => ({
    count,
    state,
    split,
    slip: false,
  });

  test('names what is missing', () => {
    expect(nameOf(railSvg([cell(1, 'filled'), cell(2, 'empty')], { cell: 20, height: 8, numbers: true }))).toBe(
      '2 counts, nothing on 2',
    );
    expect(nameOf(railSvg([cell(1, 'filled')], { cell: 20, height: 8, numbers: false }))).toBe('1 counts');
  });

  test('draws one block a count, two where something is danced between', () => {
    const blocks = (svg: string) => svg.match(/<rect/g)?.length;
    expect(blocks(railSvg([cell(1, 'filled')], { cell: 20, height: 8, numbers: false }))).toBe(1);
    expect(blocks(railSvg([cell(1, 'filled', true)], { cell: 20, height: 8, numbers: false }))).toBe(2);
  });
});

/** Orders of phrased dances: names resolved, repeats and brackets undone, stretches cut. */
import { describe, expect, test } from '@jest/globals';
import { hourOfFacing } from '../model/turns';
import { studyText } from '../study';
import { wallsOf } from './table';

const sheet = (...plan: string[]) => `start: weight L

## Part A
## Section 1
1-4 Jazz box R
5-8 Rocking chair R
## Section 2
1-2 Step R forward, pivot 1/2 left
3-4 Walk R, walk L
5-8 V step R

## Part B
1-4 Vine R, touch L
5-8 Vine L, touch R

## Part Chorus
1-2 Step R forward, pivot 1/4 left
3-8 Walk R L R L R L

## Tag "1"
1-2 Sway R, sway L

## Tag "low water"
1-4 Sway R, sway L, sway R, sway L

## Plan
${plan.join('\n')}
`;

const danced = (...plan: string[]): string =>
  wallsOf(studyText(sheet(...plan)).dance)
    .walls.map(
      ({ kind, part, pieces, counts }) => `${kind === 'tag' ? `[${pieces[0].block.block.name}]` : part}${counts}`,
    )
    .join(' ');

describe('what an order is danced as', () => {
  test.each([
    ['order: A B A', 'A16 B8 A16'],
    ['order: a b a', 'A16 B8 A16'],
    ['Sequence: A, B, Chorus, A', 'A16 B8 Chorus8 A16'],
    ['order: AAB', 'A16 A16 B8'],
    ['order: (A B) x2 Chorus', 'A16 B8 A16 B8 Chorus8'],
    ['order: 2x B A', 'B8 B8 A16'],
    ['order: A(8) B A(9-16)', 'A8 B8 A8'],
    ['order: first 8 of A, B', 'A8 B8'],
    ['order: A tag 1 B', 'A16 [1]2 B8'],
    ['order: A "low water" B', 'A16 B8'],
    ['order: A-B-A', 'A16 B8 A16'],
    ['order: A B A-', 'A16 B8 A16'],
    ['order: A(16) B', 'A16 B8'],
    // Without an order the parts are taken once, as they stand.
    ['wall 2: restart after 4', 'A16 B4 Chorus8'],
  ])('%s', (line, parts) => expect(danced(line)).toBe(parts));

  test('parts carry restarts and tags of their own, by how often they have been danced', () => {
    expect(danced('order: A B A B', '2nd A: restart after 8', '1st B: tag 1')).toBe('A16 B8 A8 B8');
    const { walls } = wallsOf(studyText(sheet('order: A B A B', '2nd B: tag 1 after 4')).dance);
    expect(walls.map(({ pieces }) => pieces.map(({ kind }) => kind).join('+'))).toEqual([
      'part',
      'part',
      'part',
      'part+tag+part',
    ]);
    expect(danced('order: A A A', 'every A: restart after 8')).toBe('A8 A8 A8');
    expect(danced('order: A B A', 'last wall: ending after 8')).toBe('A16 B8 A8');
  });
});

test('counts are told as each part once, and as danced', () => {
  const { dance, view } = studyText(sheet('order: A B A Chorus'));
  expect([dance.counts, view.truth.counts, view.truth.dancedCounts]).toEqual([32, 32, 48]);
});

test('the net turn is that of the whole order, and facings run through', () => {
  const { walls, netTurn, wallsNet } = wallsOf(studyText(sheet('order: A Chorus A(9-16) Chorus')).dance);
  // A half, a quarter, a half, a quarter, all left.
  expect(walls.map(({ end }) => hourOfFacing(end))).toEqual(['6:00', '3:00', '9:00', '6:00']);
  expect([netTurn / 48, wallsNet]).toEqual([-1.5, null]);
});

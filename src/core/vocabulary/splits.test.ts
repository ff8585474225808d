/** Where in a figure the turn happens, and which way it goes when nobody says: the customary splits. Common practice, no source. */
import { describe, expect, test } from '@jest/globals';
import { readScript } from '../page/read-script';
import { danceScript } from '../dancing/dance';
import { momentsWords } from '../printing/actions';

const line = (text: string, before: string) =>
  danceScript(readScript(`start: weight ${before}\n\n## Section 1\n${text}`)).parts[0].sections[0].lines[0];

const SPLITS: [text: string, before: string, moments: string][] = [
  ['1&2 Shuffle R turning 1/4 right', 'L', '1 R forward; & L together; 2 R forward, 1/4 right'],
  ['1&2 Shuffle R turning 1/2 right', 'L', '1 R side, 1/4 right; & L together; 2 R forward, 1/4 right'],
  ['1&2 Shuffle R turning 1/2 left', 'L', '1 R side, 1/4 left; & L together; 2 R back, 1/4 left'],
  // Away from the leading foot a quarter falls on the first step and goes to the side.
  ['1&2 Shuffle R turning 1/4 left', 'L', '1 R side, 1/4 left; & L together; 2 R side'],
  ['1&2 Triple 3/4 right', 'L', '1 R side, 1/4 right; & L together, 1/4 right; 2 R forward, 1/4 right'],
  ['1&2 Chasse R turning 1/4 right', 'L', '1 R side; & L together; 2 R forward, 1/4 right'],
  ['1&2 Chasse R turning 1/4 left', 'L', '1 R side; & L together; 2 R back, 1/4 left'],
  ['1&2 Triple full turn right', 'L', '1 R place, 1/2 right; & L place, 1/4 right; 2 R place, 1/4 right'],
  ['1&2 Sailor R 1/4 right', 'L', '1 R behind, 1/4 right; & L side; 2 R forward'],
  ['1&2 Sailor R 1/2 right', 'L', '1 R behind, 1/4 right; & L side, 1/4 right; 2 R forward'],
  ['1&2 Coaster L 1/2 left', 'R', '1 L back, 1/2 left; & R together; 2 L forward'],
  ['1-4 Jazz box R 1/4 right', 'L', '1 R cross; 2 L back; 3 R side, 1/4 right; 4 L forward'],
  ['1-4 Jazz box R 1/2 right', 'L', '1 R cross; 2 L back, 1/4 right; 3 R side, 1/4 right; 4 L forward'],
  ['1-4 Vine R 1/4 right', 'L', '1 R side; 2 L behind; 3 R forward, 1/4 right; 4 [L touch together]'],
  ['1-4 Rolling vine R', 'L', '1 R forward, 1/4 right; 2 L back, 1/2 right; 3 R side, 1/4 right; 4 [L touch together]'],
  ['1-4 Paddle turn 1/2 left', 'L', '1 R forward; 2 L pivot, 1/4 left; 3 R forward; 4 L pivot, 1/4 left'],
  ['1-4 Monterey 1/4 R', 'L', '1 [R point side]; 2 R together, 1/4 right; 3 [L point side]; 4 L together'],
  ['1-2 Rock R side, recover L turning 1/4 left', 'L', '1 R rock side; 2 L recover, 1/4 left'],
  // Step k of n stands at k/n of the whole, rounded down: a third of 3/8 (18 parts) is 6 parts.
  ['1-3 walk R L R turning 3/8 right', 'L', '1 R forward, 1/8 right; 2 L forward, 1/8 right; 3 R forward, 1/8 right'],
];

describe('the split of a turn', () => {
  test.each(SPLITS)('%s', (text, before, moments) => {
    expect(momentsWords(line(text, before).moments)).toBe(moments);
  });
});

/** The figure's own direction, when the line gives the amount alone. */
const WAYS: [text: string, before: string, turn: number][] = [
  ['1-2 Step R forward, pivot 1/2', 'L', -24],
  ['1-2 Step L forward, pivot 1/4', 'R', 12],
  ['1-2 Cross R over L, unwind 1/2', 'L', -24],
  ['1-2 Cross R behind L, unwind 1/2', 'L', 24],
  ['1-2 Touch L behind R, unwind 3/4', 'R', -36],
  ['1-2 Cross L over R, unwind full', 'R', 48],
  ['1-2 Spiral', 'L', -48],
  ['1-4 Monterey 1/2', 'L', 24],
  ['1-4 Monterey 1/2', 'R', -24],
  ['1&2 Sailor R 1/4', 'L', 12],
  ['1&2 Sailor L 1/4', 'R', -12],
  ['1&2 Chase turn', 'L', -24],
  ['1-2 Paddle turn 1/4', 'L', -12],
  // A volta led by L turns left, one led by R right.
  ['5&6&7 Volta 1/2', 'R', -24],
  ['5&6&7 Volta 1/2', 'L', 24],
  ['1-2 Hinge turn', 'L', 24],
  ['1-2 Touch R back, unwind 1/2', 'L', 24],
  // R crossed over, then L stepping back with a quarter, turns right; a step behind turns towards the foot that crosses.
  ['1-2 Cross R over L, step L back turning 1/4', 'L', 12],
  ['1-2 Cross L over R, step R back turning 1/4', 'R', -12],
  ['1 Step R behind L turning 1/4', 'L', 12],
  ['1 Step L behind R turning 1/4', 'R', -12],
  ['1-4 Jazz box R 1/4', 'L', 12],
  ['1-2 Step R forward, pivot', 'L', -24],
];

describe('the way nobody said', () => {
  test.each(WAYS)('%s from %s', (text, before, turn) => {
    expect(line(text, before).after.rotation).toBe(turn);
  });
});

test('a turn given by its target is the smallest in the direction said', () => {
  const from = (text: string) => line(text, 'L').after.rotation;
  expect(from('1-2 Step R forward, pivot left to face 9:00')).toBe(-12);
  expect(from('1-2 Step R forward, pivot left to face 3:00')).toBe(-36);
  expect(from('1-2 Step R forward, pivot to face 9:00')).toBe(-12);
  expect(from('1-2 Step R forward, pivot to face 6:00')).toBe(-24);
});

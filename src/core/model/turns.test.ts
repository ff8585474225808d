/** Turns, hours and ticks at their borders, by hand. */
import { describe, expect, test } from '@jest/globals';
import { placeOfTick } from './ticks';
import { readHour, turnBetween } from './turns';

describe('from one facing to another', () => {
  test.each([
    [0, 24, undefined, 24], [24, 0, undefined, 24], [0, 25, undefined, -23], [0, 23, undefined, 23], [12, 0, undefined, -12],
    [0, 36, 'right', 36], [0, 12, 'left', -36], [6, 6, 'left', 0], [6, 6, 'right', 0],
  ] as const)('from %i to %i, way %s: %i', (from, to, way, turn) => expect(turnBetween(from, to, way)).toBe(turn)); // prettier-ignore
});

test.each([
  ['12', 0], ['12:00', 0], ['1:30', 6], ['3.00', 12], ['10h30', 42], ['0:30', undefined], ['13:00', undefined], ['3:60', undefined], ['10:07', undefined],
])('“%s” is facing %s', (words, facing) => expect(readHour(words)).toBe(facing)); // prettier-ignore

test.each([[0, '1'], [36, '4'], [42, '& after 4'], [-6, '& before 1'], [-3, 'a before 1']])(
  'tick %i is %s', (tick, words) => expect(placeOfTick(tick)).toBe(words),
); // prettier-ignore

/** Every number that a level is counted from, on small dances, beside the working on paper; and how each is said. */
import { describe, expect, test } from '@jest/globals';
import { studyText } from '../study';
import { estimateLevel } from './estimate';
import { measureDance, type Measures } from './measure';
import { pointsOf, WEIGHTS } from './weights';

const danceOf = (body: string, head = 'start: weight L') => studyText(`# Ebb\n${head}\n\n${body}\n`).dance;
const section = (...lines: string[]): string => `## Section 1\n${lines.join('\n')}`;
const measured = (body: string, head?: string): Measures => measureDance(danceOf(body, head));

const WALKS = section('1-8 Walk R L R L R L R L');

// Worked on paper. The tempo is 120 where it matters: half a second a count.
const COUNTED: readonly (readonly [key: keyof Measures, value: number, body: string, head?: string])[] = [
  // 8 counts are half of sixteen; 32 are two sixteens.
  ['counts', 0.5, WALKS],
  ['counts', 2, ['1', '2', '3', '4'].map((number) => `## Section ${number}\n1-8 Walk R L R L R L R L`).join('\n')],
  // Vine, touch, shuffle, rock, recover: single steps have names to remember, too.
  ['figures', 5, section('1-4 Vine R, touch L', '5&6 Shuffle L forward', '7-8 Rock R forward, recover L')],
  ['figures', 1, WALKS],
  // Beginners' figures; a sailor is an improver's, a sailor cross an intermediate's; a shuffle turning a half an improver's.
  ['hardestFigure', 0, section('1-4 Vine R, touch L', '5-8 Vine L, touch R')],
  ['hardestFigure', 1, section('1&2 Sailor R', '3-8 Hold')],
  ['hardestFigure', 2, section('1&2 Sailor cross R', '3-8 Hold')],
  ['hardestFigure', 1, section('1&2 Shuffle R turning 1/2 left', '3-8 Hold')],
  // One improver's and one intermediate's figure in one eight.
  ['hardFigures', 3, section('1&2 Sailor R', '3&4 Sailor cross L', '5-8 Hold')],
  // The shuffle is the commonest of all; a pony stands in no list of common ones.
  ['rarity', 0, section('1&2 Shuffle R forward', '3&4 Shuffle L forward', '5-8 Hold')],
  ['rarity', 1, section('1&2 Pony R', '3-8 Hold')],
  // The & of each of two shuffles in one eight.
  ['between', 2, section('1&2 Shuffle R forward', '3&4 Shuffle L forward', '5-8 Hold')],
  ['between', 0, WALKS],
  // A half is two quarters, a whole turn four.
  ['largestTurn', 2, section('1-2 Step R forward, pivot 1/2 left', '3-8 Hold')],
  ['largestTurn', 4, section('1&2 Triple full turn right R L R', '3-8 Hold')],
  ['largestTurn', 0, WALKS],
  // A quarter and a half: three quarters in eight counts, whichever way.
  ['turning', 3, section('1-2 Step R forward, pivot 1/4 left', '3-4 Step R forward, pivot 1/2 right', '5-8 Hold')],
  // After the eighth the pivot itself and four walks face the corner; who holds takes no step.
  ['diagonals', 5, section('1-2 Step R forward, pivot 1/8 left', '3-4 Walk R, walk L', '5-6 Walk R, walk L', '7-8 Hold')],
  // Three gestures of the right foot one after another; weight ends the row.
  ['gestures', 3, section('1-2 Heel R forward, point R side', '3-4 Touch R beside L, step R side', '5-8 Hold')],
  ['gestures', 1, section('1-2 Touch R beside L, step R side', '3-4 Touch L beside R, step L side', '5-8 Hold')],
  // Eight walks at 120: two steps a second; the same at 60: one.
  // From both feet each foot touches once: one in a row.
  ['gestures', 1, section('1 Jump with both feet', '2-3 Heel R forward, heel L forward', '4-8 Hold')],
  ['pace', 2, WALKS, 'start: weight L\nmusic: Reel, 120 bpm'],
  ['pace', 1, WALKS, 'start: weight L\nmusic: Reel, 60 bpm'],
  // Counted at half a count is two beats, a second of them at 120.
  ['pace', 1, `${WALKS}\n\n## Song\ncounted half\nverse: 32`, 'start: weight L\nmusic: Reel, 120 bpm'],
  // Behind and cross of one weave.
  ['tangled', 2, section('1-4 Weave R: side, behind, side, cross', '5-8 Hold')],
  // Eight ordinary steps ahead.
  ['travel', 8, WALKS],
  ['cuts', 1, `${WALKS}\n\n## Plan\nwall 3: restart after 4`],
  // The same cut on another wall has to be counted to: 0.4 more.
  ['cuts', 1.4, `${WALKS}\n\n## Plan\nwalls 3, 6: restart after 4`],
  ['cuts', 2, `${WALKS}\n\n## Plan\nwall 3: restart after 4\nwall 6: restart after 2`],
  ['tags', 1, `${WALKS}\n\n## Tag "bell"\n1-2 Sway R, sway L\n\n## Plan\nwalls 1, 3: tag bell`],
  ['changed', 1, `${WALKS}\n\n## Plan\nwall 3: restart after 3, then 4 Step L beside R`],
  ['parts', 1, `## Part A\n${WALKS}\n\n## Part B\n${WALKS}\n\n## Plan\norder: A B A B`],
  ['parts', 0, WALKS],
]; // prettier-ignore

test.each(COUNTED.map(([key, value, body, head]) => ({ key, value, body, head })))(
  '$key is $value in $body',
  ({ key, value, body, head }) => {
    expect(measured(body, head)[key]).toBeCloseTo(value, 5);
  },
);

test('every number has its weight, and each of the table is counted above', () => {
  expect(WEIGHTS.map(({ key }) => key).sort()).toEqual(Object.keys(measured(WALKS)).sort());
  const worked = new Set(COUNTED.map(([key]) => key));
  expect(WEIGHTS.map(({ key }) => key).filter((key) => !worked.has(key))).toEqual(['floor']);
});

test('a dance that goes ahead for sixteen counts takes more floor than one that comes back', () => {
  const ahead = measured(`${WALKS}\n## Section 2\n1-8 Walk R L R L R L R L`).floor;
  const back = measured(`${WALKS}\n## Section 2\n1-8 Walk back R L R L R L R L`).floor;
  // Sixteen steps and half a foot at either end; eight of them when it comes back.
  expect(ahead).toBeCloseTo(16.4, 1);
  expect(back).toBeCloseTo(8.4, 1);
});

describe('a weight', () => {
  test.each(WEIGHTS)('$key: what is free adds nothing, nothing adds more than its most', (weight) => {
    const at = (value: number): number => pointsOf(weight, { ...measured(WALKS), [weight.key]: value });
    expect(at(0)).toBe(0);
    expect(at(weight.free)).toBe(0);
    expect(at(weight.free + 1)).toBeCloseTo(Math.min(weight.most, weight.points));
    expect(at(1e6)).toBe(weight.most);
  });
});

// How reasons read, and on which line (from 0; the sections begin at 4): numbers in words where they are few, the figure and its line named.
const SAID: readonly (readonly [key: keyof Measures, words: string, body: string, line: number | undefined])[] = [
  ['largestTurn', '1/2 turn on one pivot', section('1-4 Vine R, touch L', '5-6 Step L forward, pivot 1/2 right', '7-8 Hold'), 6],
  ['largestTurn', 'a full turn on one shuffle', section('1&2 Triple full turn right R L R', '3-8 Hold'), 5],
  ['hardestFigure', 'its hardest figure, sailor turning 1/4, is ordinarily improvers’', section('1-4 Vine R, touch L', '5&6 Sailor L turning 1/4 left', '7-8 Hold'), 6],
  ['hardestFigure', 'its hardest figure, sailor cross, is ordinarily intermediates’', section('1&2 Sailor cross R', '3-8 Hold'), 5],
  ['hardFigures', 'two calls above beginners’: sailor', section('1&2 Sailor R', '3&4 Sailor L', '5-8 Hold'), 5],
  ['between', 'two steps between the counts in 8 counts', section('1&2 Shuffle R forward', '3&4 Shuffle L forward', '5-8 Hold'), 5],
  ['between', 'one step between the counts in 8 counts', section('1-4 Walk R L R L', '5&6 Shuffle R forward', '7-8 Hold'), 6],
  ['turning', 'turned once round, all turns added up, in 8 counts', section('1&2 Triple full turn right R L R', '3-8 Hold'), undefined],
  ['gestures', 'three gestures in a row on one foot', section('1-2 Heel R forward, point R side', '3-4 Touch R beside L, step R side', '5-8 Hold'), 5],
  ['cuts', 'two restarts', `${WALKS}\n\n## Plan\nwalls 3, 6: restart after 4`, undefined],
  ['cuts', 'one restart with a changed step', `${WALKS}\n\n## Plan\nwall 3: restart after 3, then 4 Step L beside R`, undefined],
  ['parts', 'two parts in an order of their own', `## Part A\n${WALKS}\n\n## Part B\n${WALKS}\n\n## Plan\norder: A B A B`, undefined],
  ['diagonals', 'five steps facing a corner', section('1-2 Step R forward, pivot 1/8 left', '3-4 Walk R, walk L', '5-6 Walk R, walk L', '7-8 Hold'), 5],
]; // prettier-ignore

test.each(SAID)('%s is said “%s”', (key, words, body, line) => {
  const reason = estimateLevel(danceOf(body, 'start: weight L\nmusic: Reel, 150 bpm')).reasons.find((one) => one.key === key);
  expect([reason?.words, reason?.line]).toEqual([words, line]);
}); // prettier-ignore

test('a tempo that nobody named is said to be none', () => {
  const eight = section(
    '1&2 Shuffle R forward',
    '3&4 Shuffle L forward',
    '5&6 Shuffle R forward',
    '7&8 Shuffle L forward',
  );
  const pace = (head?: string) => estimateLevel(danceOf(eight, head)).reasons.find(({ key }) => key === 'pace')?.words;
  // Twelve steps in eight counts: one and a half a count; at 100 that is 2.5 a second.
  expect(pace()).toBe('2.5 steps a second at 100 bpm (no tempo is named)');
  expect(pace('start: weight L\nmusic: Reel, 120 bpm')).toBe('3 steps a second at 120 bpm');
});

test('a section is weighed as if all of the dance were like it', () => {
  const plain = '1-8 Walk R L R L R L R L';
  const hard = '1&2 Sailor R\n3&4 Sailor L\n5&6 Triple full turn right R L R\n7-8 Walk L, touch R';
  const { sections, hardest, points } = estimateLevel(
    danceOf(`## Section 1\n${plain}\n## Section 2: the turn\n${hard}`),
  );
  // What it is made of is a large tangle: told by its facts alone.
  expect([hardest?.number, hardest?.title, hardest?.name, hardest?.short]).toEqual([2, 'the turn', 'Section 2', '2']);
  expect(sections[0].points).toBeLessThan(points);
  expect(sections[1].points).toBeGreaterThan(points);
  expect('hardest' in estimateLevel(danceOf(`## Section 1\n${plain}\n## Section 2\n${plain}`))).toBe(false);
});

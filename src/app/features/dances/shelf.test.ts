import { describe, expect, test } from '@jest/globals';
import { factsOfText } from '../../../store/facts';
import type { DanceRecord } from '../../../store';
import { choicesOf, chooseDances, EVERYTHING, SORTS } from './shelf';
import { ShelfIndex } from './shelf-index';

const make = (id: string, head: string, steps: string, more: Partial<DanceRecord> = {}): DanceRecord => {
  const text = `# ${head}\n\n## Section 1\n${steps}\n`;
  return {
    id,
    text,
    revision: 1,
    createdAt: 0,
    changedAt: 0,
    deletedAt: 0,
    tags: [],
    ...factsOfText(text, ''),
    ...more,
  };
};

const SHELF = [
  make(
    'a',
    'Ferry at Dusk\nlevel: improver\nmusic: Last Boat Over, 116 bpm',
    '1&2 Sailor R\n3-4 Rock L forward, recover R\n5-8 Vine L, touch R',
    { changedAt: 3, tags: ['Monday'] },
  ),
  make('b', 'Abendflut\nlevel: Anfänger\nmusic: Slack Water, 90 bpm', '1-4 Vine R\n5-8 Vine L', { changedAt: 2 }),
  make('c', 'Zenith\nlevel: advanced', '1-2 Step R forward, pivot 1/2 left\n3-4 Frobnicate', {
    changedAt: 1,
    tags: ['Monday', 'new'],
  }),
];
const ids = (dances: readonly DanceRecord[]): string => dances.map(({ id }) => id).join('');

describe('searching', () => {
  const index = new ShelfIndex();
  index.update(SHELF);
  test.each([
    ['ferry', 'a'], ['FER', 'a'], ['last boat', 'a'], ['sailor', 'a'], ['vine', 'ab'], ['monday', 'ac'], ['frobnicate', 'c'], ['farry', 'a'], ['z', 'c'], ['s', ''], ['nobody', ''], ['vine slack', 'b'],
  ])('%s', (words, found) => expect(index.find(words).sort().join('')).toBe(found)); // prettier-ignore

  test('the index follows what is changed, added and gone', () => {
    const own = new ShelfIndex();
    own.update(SHELF);
    own.update([
      { ...SHELF[0], title: 'Harbour', text: 'x', figures: '', revision: 2 },
      SHELF[1],
      make('d', 'Ferry again', '1-4 Vine R'),
    ]);
    expect(own.find('harbour')).toEqual(['a']);
    expect(own.find('ferry')).toEqual(['d']);
    expect(own.find('zenith')).toEqual([]);
  });
});

test('sorted in every way, levels in the order of the trade in whatever language they are written', () => {
  const by = Object.fromEntries(
    SORTS.map((sort) => [sort, ids(chooseDances(SHELF, { ...EVERYTHING, sort }, undefined))]),
  );
  expect(by).toEqual({ changed: 'abc', title: 'bac', level: 'bac', counts: 'cba', tempo: 'bac', slips: 'cba' });
});

test.each([
  [{ level: 'beginner' }, 'b'],
  [{ tag: 'Monday' }, 'ac'],
  [{ tempo: 'slow' }, 'b'],
  [{ tempo: 'middle' }, 'a'],
  [{ walls: '1' }, 'ab'],
  [{ counts: '8', slips: 'without' }, 'ab'],
  [{}, 'abc'],
])('narrowed to %j', (more, expected) =>
  expect(ids(chooseDances(SHELF, { ...EVERYTHING, ...more }, undefined))).toBe(expected),
);

test('narrowed by when they were last changed', () => {
  const now = 100 * 86_400_000;
  const aged = SHELF.map((dance, index) => ({ ...dance, changedAt: now - [2, 20, 60][index] * 86_400_000 }));
  const by = (changed: string): string => ids(chooseDances(aged, { ...EVERYTHING, changed }, undefined, now));
  expect([by('week'), by('month'), by('older'), by('')]).toEqual(['a', 'ab', 'c', 'abc']);
});

test('found dances stand in the order of how well they answer', () =>
  expect(ids(chooseDances(SHELF, EVERYTHING, ['c', 'a']))).toBe('ca'));

test('what there is to choose from, with how many', () =>
  expect(choicesOf(SHELF)).toMatchObject({
    level: [
      ['beginner', 1],
      ['improver', 1],
      ['advanced', 1],
    ],
    tag: [
      ['Monday', 2],
      ['new', 1],
    ],
  }));

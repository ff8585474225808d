/** The Figures screen as data: every figure dances in each of its rhythms from both feet, and is found by any of its names. */
import { expect, test } from '@jest/globals';
import { danceFigure, FIGURE_ENTRIES, searchFigures, tryOwnFigure } from './figures';

test('every figure is shown foot by foot, mirrored from the other foot', () => {
  for (const { id, counts } of FIGURE_ENTRIES) {
    const [right, left] = [danceFigure(id, 'R'), danceFigure(id, 'L')];
    expect([id, right?.forms.map((form) => form.counts)]).toEqual([id, [...counts]]);
    for (const [index, form] of (right?.forms ?? []).entries()) {
      const feet = form.steps.map(({ mark }) => mark.foot);
      expect(feet.length).toBeGreaterThan(0);
      const mirrored = left?.forms[index].steps.map(({ mark }) =>
        mark.foot === null ? null : mark.foot === 'R' ? 'L' : 'R',
      );
      expect([id, form.counts, mirrored]).toEqual([id, form.counts, feet]);
    }
  }
});

test('the largest customary turn of a figure is told', () => {
  const upTo = Object.fromEntries(FIGURE_ENTRIES.map(({ id, turnsUpTo }) => [id, turnsUpTo]));
  // Handbook tables: a sailor to 3/4, a jazz box and a coaster to 1/2, a triple and a pivot all the way round, a rocking chair not at all.
  expect([
    upTo.sailor,
    upTo['jazz-box'],
    upTo.coaster,
    upTo.shuffle,
    upTo.pivot,
    upTo['rolling-vine'],
    upTo['rocking-chair'],
  ]).toEqual(['3/4', '1/2', '1/2', 'full', 'full', '1 1/4', undefined]);
});

test('turns are shown where they fall', () => {
  const sailor = danceFigure('sailor', 'R');
  expect(sailor?.turns.map(({ words }) => words)).toEqual(['1/4 right', '1/2 right', '3/4 right']);
  expect(sailor?.turns[1].form.steps.map(({ turned }) => turned)).toEqual([true, true, false]);
  expect(danceFigure('sailor', 'L')?.turns[0].words).toBe('1/4 left');
  expect(danceFigure('nothing-such', 'R')).toBeUndefined();
});

const SEARCHES: [typed: string, first: string][] = [
  ['dorothy', 'wizard'],
  ['triple', 'shuffle'],
  ['Wechselschritt', 'shuffle'],
  ['polysta', 'cross samba'],
  ['ball change', 'ball change'],
  ['square', 'jazz box'],
  ['pivot', 'pivot'],
  ['jazz', 'jazz box'],
];

test.each(SEARCHES)('“%s” finds %s first', (typed, first) =>
  expect(searchFigures(FIGURE_ENTRIES, typed)[0].name).toBe(first),
);

test('a search that finds nothing finds nothing, an empty one everything', () => {
  expect(searchFigures(FIGURE_ENTRIES, 'zzz')).toEqual([]);
  expect(searchFigures(FIGURE_ENTRIES, '  ')).toHaveLength(FIGURE_ENTRIES.length);
});

test('a figure being defined is danced from both feet, or says what is missing', () => {
  const tried = tryOwnFigure('"harbour step" 1&2: A side, B behind, A tog');
  expect('danced' in tried && tried.danced.L.forms[0].steps.map(({ mark }) => mark.foot)).toEqual(['L', 'R', 'L']);
  expect(tryOwnFigure('"harbour step"')).toHaveProperty('problem');
});

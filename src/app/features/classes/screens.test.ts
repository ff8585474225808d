/** What the screens of the classes say and ask: days as they are read, levels of groups, sheets handed out before a change. */
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { USUAL_SCALE, type ClassGroup, type LevelScale } from '../../../core';
import { longDay, nearWords, shortDay, todayHere, weekdayName } from './dates';
import { groupFacts, sectionsWords, wallsWords } from './words';
import { eveningOf, stepsFor } from './planning';
import { oldSheetWords } from './old-sheet-words';

const GROUP: ClassGroup = {
  id: 'crew', name: 'Crew', place: 'Boat shed', from: '2026-10-13', every: 2, time: '19:30', minutes: 60, level: 'improver', notes: '',
  forbids: ['no-jumps', 'crowded'], intervals: [1],
}; // prettier-ignore

describe('days', () => {
  beforeEach(() => void jest.useFakeTimers({ now: new Date(2026, 10, 29, 23, 30) }));
  afterEach(() => void jest.useRealTimers());

  // On the clock of the user: half past eleven at night is still the 29th, wherever that is.
  test('today is today where the user is', () => {
    expect(todayHere()).toBe('2026-11-29');
    jest.setSystemTime(new Date(2026, 10, 30, 0, 5));
    expect(todayHere()).toBe('2026-11-30');
  });

  test('the year is told where it is another one', () => {
    expect([shortDay('2026-12-03'), shortDay('2027-01-07'), longDay('2026-12-03'), weekdayName('2026-12-03')]).toEqual([
      'Thu 3 Dec',
      'Thu 7 Jan 2027',
      'Thursday 3 December 2026',
      'Thursday',
    ]);
  });

  test.each([
    ['2026-11-29', 'today'], ['2026-11-30', 'tomorrow'], ['2026-11-28', 'yesterday'], ['2026-12-03', 'in 4 days'], ['2026-11-16', '13 days ago'],
    ['2026-12-13', 'in 2 weeks'], ['2026-09-24', '9 weeks ago'],
  ])('%s is %s', (day, words) => expect(nearWords(day, '2026-11-29')).toBe(words)); // prettier-ignore
});

test('what is told of a group and of what it reached', () => {
  expect(groupFacts(GROUP)).toBe(
    'Boat shed · improver · 60 minutes · every 2 weeks · no jumps or stomps · crowded hall',
  );
  expect(groupFacts({ ...GROUP, place: '', level: '', every: 1, forbids: [] })).toBe('60 minutes · every week');
  expect([sectionsWords(4, 4), sectionsWords(2, 6), wallsWords(1), wallsWords(5)]).toEqual(['all of it', '2 of 6 sections', 'one wall', '5 walls']); // prettier-ignore
});

test('a sheet handed out before a change is told with its changes, or that it is not kept any more', () => {
  const one = {
    group: GROUP,
    danceId: 'e',
    title: 'Ebb',
    name: '2',
    on: '2026-10-13',
    changes: ['wall 3 is cut', 'the ending is new'],
  };
  expect(oldSheetWords(one)).toMatch(
    /^Crew have revision 2 of Tue 13 Oct.*\. Changed since: wall 3 is cut; the ending is new\.$/,
  );
  expect(oldSheetWords({ ...one, changes: undefined })).toContain('That revision is not kept any more.');
});

describe('an evening is planned for the level of its group', () => {
  const dance = (id: string, place: number) => ({
    id, title: id, counts: 32, points: place * 4 + 2, place, tempo: 100, seconds: 200, turning: 1, jumps: false, inPlace: [], lines: [],
    sections: [{ name: 'section 1', short: '1', title: '', points: 5, cares: [] }],
  }); // prettier-ignore
  const dances = [0, 1, 2, 3, 4].map((place) => dance(`level ${place}`, place));
  const first = (level: string, scale: LevelScale = USUAL_SCALE): string | undefined =>
    stepsFor(
      { group: { ...GROUP, level }, evenings: [], requests: [], dances, date: '2026-12-03', minutes: 45 },
      scale,
    ).find(({ kind }) => kind === 'section')?.danceId;

  test.each([
    ['absolute beginner', 'level 0'], ['improver', 'level 2'], ['advanced', 'level 4'], ['', 'level 1'], ['whoever comes', 'level 1'],
  ])('“%s”: %s', (level, id) => expect(first(level)).toBe(id)); // prettier-ignore

  test('on a scale of one’s own its names count, where their points begin', () => {
    const own = { names: ['paddlers', 'rowers', 'coxes'], borders: [7.5, 20] };
    expect([first('paddlers', own), first('rowers', own), first('coxes', own)]).toEqual([
      'level 0',
      'level 2',
      'level 4',
    ]);
  });

  test('a new evening is the group’s, on its day, and nothing is noted yet', () => {
    const steps = stepsFor(
      { group: GROUP, evenings: [], requests: [], dances, date: '2026-12-03', minutes: 45 },
      USUAL_SCALE,
    );
    expect(eveningOf(GROUP, '2026-12-03', steps)).toMatchObject({
      groupId: 'crew', groupName: 'Crew', place: 'Boat shed', date: '2026-12-03', meeting: '2026-12-03', time: '19:30', minutes: 60, state: 'planned', notes: [],
    }); // prettier-ignore
  });
});

/** Where a place that is said falls: which `&` belongs to it, what it tears, and the same place said the other way. */
import { describe, expect, test } from '@jest/globals';
import { readPlanLine } from '../grammar/plan';
import { studyText } from '../study';
import { cutAfter, placeCut, sectionPlace, stateAt } from './places';

// Count 4 has its & on its own line; the & after 6 opens the next line; the 1 after 8 is borrowed.
const DANCE = `start: weight L

## Section 1
1-2    Walk R, walk L
3&4&   Heel switches R L
5-6    Rock R forward, recover L
&7     Step R beside L, step L forward
8      Touch R beside L

## Section 2
1-4    Jazz box R
5&6    Shuffle R forward
7      Step L forward
8&1    Coaster R

## Section 3
2-4    Walk L R L
5-8    V step R
`;

const [part] = studyText(DANCE).dance.parts;
const lastDanced = (index: number): string => {
  const moment = part.moments[index - 1];
  return moment ? `${moment.time / 12 + 1}${moment.action.foot ?? '-'}` : 'nothing';
};

describe('which & belongs to a place', () => {
  test.each([
    // Stands on count 4's own line.
    ['after 4', 'wall 1: restart after 4', '4.5L'],
    ['after 4&', 'wall 1: restart after 4&', '4.5L'],
    ['after 4 (no &)', 'wall 1: restart after 4 (no &)', '4L'],
    // Opens the line of count 7.
    ['after 6', 'wall 1: restart after 6', '6L'],
    ['after 6&', 'wall 1: restart after 6&', '6.5R'],
    ['after 7', 'wall 1: restart after 7', '7L'],
    // The 1 that an 8&1 ends on belongs to the line that says it.
    ['after 16', 'wall 1: restart after 16', '17R'],
    ['after section 1', 'wall 1: restart after section 1', '8R'],
    ['8 counts into section 2', 'wall 1: restart 8 counts into section 2', '17R'],
    ['section 2 count 4', 'wall 1: restart section 2 count 4', '12L'],
    ['the figure that occurs once', 'wall 1: restart after the jazz box', '12L'],
    ['everything', 'wall 1: restart after 24', '24L'],
  ])('%s', (_, line, danced) => {
    const [item] = readPlanLine(line);
    if (item.kind !== 'restart' || !item.place) throw new Error('no place');
    const placed = placeCut(part, item.place, 0);
    expect('cut' in placed && lastDanced(placed.cut.index)).toBe(danced);
  });
});

describe('what can’t be placed', () => {
  test.each([
    ['wall 1: restart after 25', 'beyond'],
    ['wall 1: restart after section 4', 'no-section'],
    ['wall 1: restart section 2 count 9', 'beyond'],
    ['wall 1: restart after the sailor', 'figure-unknown'],
    ['wall 1: restart after the walk', 'figure-twice'],
  ])('%s', (line, problem) => {
    const [item] = readPlanLine(line);
    if (item.kind !== 'restart' || !item.place) throw new Error('no place');
    expect(placeCut(part, item.place, 0)).toEqual({ problem });
  });
});

test('a cut tears a figure exactly where its actions stand on both sides', () => {
  const torn = Array.from({ length: 24 }, (_, index) => index + 1).filter((count) => {
    const placed = cutAfter(part, count, 'line');
    return 'cut' in placed && placed.cut.inside !== undefined;
  });
  // Heel switches 3&4&, jazz box 9-12, shuffle 13&14, coaster 16&17 (its 1 goes along), V step 21-24.
  expect(torn).toEqual([3, 9, 10, 11, 13, 21, 22, 23]);
});

test('a half count is told only where it is danced', () => {
  const half = (count: number) => {
    const placed = cutAfter(part, count, 'with');
    return 'cut' in placed && placed.cut.half;
  };
  expect([half(4), half(5), half(6)]).toEqual([true, false, true]);
});

test('the same place both ways: counts through the part are counts into a section', () => {
  for (let count = 1; count <= part.counts; count++) {
    const place = sectionPlace(part, count * 12);
    expect(place).toEqual({ section: Math.ceil(count / 8), counts: ((count - 1) % 8) + 1, whole: count % 8 === 0 });
  }
  expect(sectionPlace(part, 0)).toBeUndefined();
});

test('the state at a place is the one after the last action before it', () => {
  expect(stateAt(part, 0)).toBe(part.before);
  expect(stateAt(part, part.moments.length)).toBe(part.moments[part.moments.length - 1].after);
});

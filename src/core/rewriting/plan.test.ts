/** The plan rewritten line by line: what is moved, added and taken away, and that every other word stays. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { applyEdits, type Edit } from '../model/text';
import { studyText } from '../study';
import { HOUSE_STYLES } from '../printing/style';
import { wallsOf } from '../walls/table';
import { addToPlan, moveInPlan, removeFromPlan, restartLine, tagLine, endingLine } from './plan';
import { tidyScript } from './tidy';

const DANCE = '# Slack Water\n\n## Section 1\n1-4 Jazz box R\n5-8 Jazz box R\n\n## Tag "ebb"\n1-2 Sway R, sway L\n';
const planned = (...lines: string[]) => `${DANCE}\n## Plan\n${lines.join('\n')}\n`;
const planOf = (text: string): string[] => text.slice(text.indexOf('## Plan')).trim().split('\n').slice(1);

/** The plan after an edit of its line at that index. */
function after(lines: string[], index: number, edit: (text: string, entry: number) => readonly Edit[]): string[] {
  const text = planned(...lines);
  const edited = applyEdits(text, edit(text, index));
  expect(edited.startsWith(DANCE)).toBe(true);
  return planOf(edited);
}

const entryOf = (text: string, index: number) => studyText(text).script.plan[index];

describe('moving', () => {
  const move = (lines: string[], index: number, wall: number, to: Parameters<typeof moveInPlan>[2]) =>
    after(lines, index, (text, entry) => moveInPlan(entryOf(text, entry), wall, to));

  test.each([
    ['a restart to another wall', ['wall 3: restart after 4'], 3, { wall: 5 }, ['wall 5: restart after 4']],
    ['a restart to another count', ['wall 3: restart after 4'], 3, { place: { count: 6 } }, ['wall 3: restart after 6']],
    ['what is faced there is left out', ['wall 3: restart after 4 (12:00)'], 3, { wall: 4 }, ['wall 4: restart after 4']],
    ['the changed step goes along', ['wall 3: restart after 4, then & Step L beside R'], 3, { wall: 4 }, ['wall 4: restart after 4, then & Step L beside R']],
    ['one wall of several', ['walls 1, 4: tag ebb'], 4, { wall: 5 }, ['walls 1, 5: tag ebb']],
    ['one wall of several to another count', ['walls 3, 6: restart after 4'], 6, { place: { count: 6 } }, ['wall 3: restart after 4', 'wall 6: restart after 6']],
    ['an ending', ['ending: wall 9 after 4'], 9, { wall: 8, place: { count: 6 } }, ['ending: wall 8 after 6']],
    ['a tag inside a wall', ['wall 2: tag ebb after 4'], 2, { wall: 3 }, ['wall 3: tag ebb after 4']],
  ])('%s', (_, lines, wall, to, expected) => expect(move(lines, 0, wall, to)).toEqual(expected)); // prettier-ignore
});

describe('a line for regular walls is told by their numbers once one of them goes elsewhere', () => {
  const lines = ['odd walls: tag ebb'];
  test('moved', () =>
    expect(after(lines, 0, (text, entry) => moveInPlan(entryOf(text, entry), 3, { wall: 4 }, [1, 3, 5]))).toEqual([
      'walls 1, 4, 5: tag ebb',
    ]));
  test('taken away', () =>
    expect(
      after(lines, 0, (text, entry) => removeFromPlan(studyText(text).script, entryOf(text, entry), 3, [1, 3, 5])),
    ).toEqual(['walls 1, 5: tag ebb']));
});

describe('taking away', () => {
  const remove = (lines: string[], index: number, wall: number) =>
    after(lines, index, (text, entry) => removeFromPlan(studyText(text).script, entryOf(text, entry), wall));

  test.each([
    ['the only wall takes its line along', ['wall 3: restart after 4', 'wall 5: tag ebb'], 3, ['wall 5: tag ebb']],
    ['one of several stays a line', ['walls 1, 4, 6: tag ebb'], 4, ['walls 1, 6: tag ebb']],
    ['facings of the other walls stay', ['walls 3, 6: restart after 4 (12:00, 6:00)'], 3, ['wall 6: restart after 4 (6:00)']],
  ])('%s', (_, lines, wall, expected) => expect(remove(lines, 0, wall)).toEqual(expected)); // prettier-ignore
});

describe('adding', () => {
  test('to a plan, at its end', () => {
    const text = `${planned('wall 3: restart after 4')}\n## Option "x": 1 to 4\n1-4 Jazz box R\n`;
    const edited = applyEdits(text, addToPlan(studyText(text).script, restartLine(5, { count: 4 })));
    expect(edited).toContain('wall 3: restart after 4\nwall 5: restart after 4\n\n## Option');
  });

  test('a sheet without a plan gets one', () => {
    const edited = applyEdits(DANCE, addToPlan(studyText(DANCE).script, tagLine(2, 'ebb')));
    expect(edited).toBe(`${DANCE}\n## Plan\nwall 2: tag ebb\n`);
  });

  test.each([restartLine(3, { count: 4, and: 'with' }), tagLine(3, ''), tagLine(3, 'ebb', 4), endingLine(9, 4)])(
    '%s is understood',
    (line) => expect(entryOf(planned(line), 0).item.kind).not.toBe('unread'),
  );
});

test('there and back: a restart moved to another wall and back leaves the walls as they were', () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.integer({ min: 1, max: 9 }), { minLength: 1, maxLength: 4 }),
      fc.integer({ min: 1, max: 9 }),
      (walls, target) => {
        fc.pre(!walls.includes(target));
        const text = planned(`walls ${walls.join(', ')}: restart after 4`);
        const tableOf = (script: string) =>
          wallsOf(studyText(script).dance)
            .walls.slice(0, 9)
            .map(({ counts, end }) => `${counts} ${end}`);
        const there = applyEdits(text, moveInPlan(entryOf(text, 0), walls[0], { wall: target }));
        expect(tableOf(there)[target - 1]).toMatch(/^4 /);
        const back = applyEdits(there, moveInPlan(entryOf(there, 0), target, { wall: walls[0] }));
        const [was, is] = [tableOf(text), tableOf(back)];
        expect(is.slice(0, was.length)).toEqual(was.slice(0, is.length));
      },
    ),
    { numRuns: 40 },
  );
});

test('a plan is tidied into its one form, in every style, and tidying again changes nothing', () => {
  const text = planned(
    'Restart on walls 3 and 6 after 4 counts',
    'TAG at the end of wall 2',
    'order:  A   A',
    'frobnicate',
  );
  for (const style of HOUSE_STYLES) {
    const tidied = tidyScript(studyText(text).dance, style);
    expect(planOf(tidied)).toEqual(['walls 3, 6: restart after 4', 'wall 2: tag', 'order:  A   A', 'frobnicate']);
    expect(tidyScript(studyText(tidied).dance, style)).toBe(tidied);
  }
});

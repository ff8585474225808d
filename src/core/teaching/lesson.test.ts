/** The lesson: whole minutes in the order of the handbook, by laws over the demo dances; written, read and changed as text. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import { applyEdits } from '../model/text';
import { studyText } from '../study';
import { viewTeaching } from '../views/teaching';
import { changeLesson, GROUPS, lessonEdit, lessonOf, planLesson, shareOut } from './lesson';

const DEMOS = readdirSync('dances').filter((name) => name.endsWith('.txt') && !name.includes('draft'));
const danceOf = (name: string) => studyText(readFileSync(`dances/${name}`, 'utf8')).dance;
const LANTERNS = danceOf('low-tide-lanterns.txt');

test('minutes are shared out whole, one at least, together as many as there are; who weighs more has no less', () => {
  expect(shareOut([1, 1, 2], 8)).toEqual([2, 2, 4]);
  expect(shareOut([1, 3], 10)).toEqual([3, 7]);
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0.1, max: 5, noNaN: true }), { minLength: 1, maxLength: 20 }),
      fc.integer({ min: 20, max: 180 }),
      (weights, minutes) => {
        const shared = shareOut(weights, minutes);
        expect(shared.reduce((sum, value) => sum + value, 0)).toBe(minutes);
        expect(shared.every((value) => Number.isInteger(value) && value >= 1)).toBe(true);
        weights.forEach((weight, index) =>
          weights.forEach((other, at) => expect(weight > other + 1e-9 && shared[index] < shared[at]).toBe(false)),
        );
      },
    ),
    { numRuns: 60 },
  );
});

test('who is new is taught the sections for longer, who is practised for less', () => {
  const taught = GROUPS.map((group) => planLesson(LANTERNS, { minutes: 90, group }).filter(({ words }) => words.includes('by feet, by counts')).reduce((sum, { minutes }) => sum + minutes, 0)); // prettier-ignore
  const minutes = new Map(GROUPS.map((group, index) => [group, taught[index]]));
  expect(minutes.get('new')).toBeGreaterThan(minutes.get('mixed') ?? Infinity);
  expect(minutes.get('mixed')).toBeGreaterThan(minutes.get('practised') ?? Infinity);
});

describe.each(DEMOS)('%s', (name) => {
  const dance = danceOf(name);
  const sections = dance.parts.flatMap((part) => part.sections).length;

  test.each(GROUPS)(
    '45 minutes for the group “%s” are 45 minutes, facts first, each section before its join, the music last',
    (group) => {
      const steps = planLesson(dance, { minutes: 45, group });
      expect(steps.reduce((sum, step) => sum + step.minutes, 0)).toBe(45);
      const words = steps.map((step) => step.words);
      expect(words[0]).toMatch(/^Facts: \d+ counts/);
      expect(words.at(-1)).toMatch(/^With the music/);
      expect(words.filter((one) => one.includes('by feet, by counts'))).toHaveLength(sections);
      expect(words.filter((one) => one.startsWith('From the top'))).toHaveLength(sections - 1);
      expect(words.join('\n')).not.toMatch(/undefined|NaN/);
    },
  );

  test('what is kept is what was planned, and every section is said by feet, by counts and at speed', () => {
    const order = { minutes: 60, group: 'mixed' as const };
    const steps = planLesson(dance, order);
    const kept = studyText(applyEdits(dance.script.text, [lessonEdit(dance.script, steps, order)]));
    expect(lessonOf(kept.script)).toMatchObject({ minutes: 60, name: '60 minutes, mixed' });
    expect(lessonOf(kept.script)?.steps.map(({ minutes, words, notes }) => ({ minutes, words, notes }))).toEqual(steps);
    expect(kept.dance.counts).toBe(dance.counts);
    expect(kept.findings.filter(({ severity }) => severity === 'error')).toEqual(
      studyText(dance.script.text).findings.filter(({ severity }) => severity === 'error'),
    );
    const said = viewTeaching(kept.dance).rows.filter((row) => row.said.length > 0);
    expect(said).toHaveLength(sections);
    for (const row of said)
      expect(row.said.map((words) => words.slice(0, 8))).toEqual(['5 6 7 8:', 'By count', 'At speed']);
  });
});

test('harder sections get more, by reasons told; what slips is warned of; restarts and tags are danced in place', () => {
  const steps = planLesson(LANTERNS, { minutes: 45, group: 'mixed' });
  const of = (words: string) => steps.find((step) => step.words.startsWith(words));
  expect(of('Section 3')?.minutes).toBeGreaterThan(of('Section 1')?.minutes ?? 99);
  expect(of('Section 3')?.notes).toEqual(
    expect.arrayContaining([
      'Takes longer: 3 steps between the counts, a full turn.',
      'Both feet: shuffle on the one foot, then on the other.',
      'Another way: no turn: Shuffle R forward.',
    ]),
  );
  const inPlace = steps.filter(({ words }) => words.startsWith('In place'));
  // Worked by hand from the plan: the tag on two walls, two different cuts, the ending.
  expect(inPlace.map(({ words }) => words.replace(/^.*?: /, ''))).toEqual([
    'tag lamp, wall 1 (from 12:00, then 9:00) and wall 4 (from 9:00, then 6:00)',
    'cut after 16 counts, wall 3 (from 6:00, then 9:00)',
    'cut after 18 counts, a changed step, wall 6 (from 3:00, then 6:00)',
    'the ending after 16 counts, wall 9 (from 12:00, then 12:00)',
  ]);
});

test('figures are nearly alike when they begin alike and take as many steps', () => {
  const lines = (...own: string[]) =>
    `start: weight L\n\n${own.map((line, index) => `## Section ${index + 1} (4 counts)\n${line}\n`).join('\n')}`;
  const notes = (text: string) => planLesson(studyText(text).dance, { minutes: 30, group: 'mixed' }).flatMap((step) => step.notes); // prettier-ignore
  const told = 'Nearly alike: not the coaster of section 1: here it is the sailor.';
  expect(notes(lines('1&2 Coaster R\n3-4 Walk L, walk R', '1&2 Shuffle L back\n3-4 Walk R, walk L'))).toContain(
    'Nearly alike: not the coaster of section 1: here it is the shuffle.',
  );
  expect(notes(lines('1&2 Coaster R\n3-4 Walk L, walk R', '1&2 Sailor L\n3-4 Walk R, walk L'))).not.toContain(told);
});

test('in ten minutes a long dance is taught as far as the time goes, and that is said', () => {
  const steps = planLesson(danceOf('tar-and-oakum.txt'), { minutes: 10, group: 'new' });
  expect(steps.reduce((sum, step) => sum + step.minutes, 0)).toBe(10);
  expect(steps.at(-1)?.words).toMatch(/^Next time: from Section/);
  expect(planLesson(studyText('# Ebb\n').dance, { minutes: 45, group: 'mixed' })).toEqual([]);
});

describe('as text', () => {
  const TEXT =
    '# Ebb\n\n## Section 1\n1-4 Vine R, touch L\n\n## Lesson 20 minutes, new\n5 min   Warm up\n> Water.\n10 minutes Section 1: vines\nno time at all\n\n## Plan\nwall 2: restart after 4\n';
  const { script } = studyText(TEXT);
  const after = (edits: ReturnType<typeof changeLesson>): string => applyEdits(TEXT, [...edits]);

  test('minutes are read forgivingly, a line without them takes none, notes belong to the step above', () => {
    expect(lessonOf(script)).toMatchObject({
      minutes: 15,
      steps: [
        { minutes: 5, words: 'Warm up', notes: ['Water.'] },
        { minutes: 10, words: 'Section 1: vines' },
        { minutes: 0, words: 'no time at all' },
      ],
    });
  });

  test('a step moves with its notes, gets other minutes, goes; there and back is the same text', () => {
    const moved = after(changeLesson(script, 0, { by: 1 }));
    expect(moved).toContain('10 minutes Section 1: vines\n5 min   Warm up\n> Water.\nno time at all\n');
    expect(applyEdits(moved, [...changeLesson(studyText(moved).script, 1, { by: -1 })])).toBe(TEXT);
    expect(after(changeLesson(script, 1, { minutes: 7 }))).toContain('7 min   Section 1: vines\n');
    expect(after(changeLesson(script, 0, { gone: true }))).toContain('## Lesson 20 minutes, new\n10 minutes');
    expect(after(changeLesson(script, 2, { by: 1 }))).toBe(TEXT);
    expect(after(changeLesson(script, 9, { gone: true }))).toBe(TEXT);
  });

  test('planned anew, the old lesson goes and what stands behind it stays', () => {
    const edit = lessonEdit(script, [{ minutes: 9, words: 'Walks', notes: [] }], { minutes: 9, group: 'mixed' });
    expect(applyEdits(TEXT, [edit])).toContain(
      '## Lesson 9 minutes, mixed\n9 min   Walks\n\n## Plan\nwall 2: restart after 4\n',
    );
  });
});

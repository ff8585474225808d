/** What the Floor screen is given, beside what the script and the wall table say of the same stretch. */
import { describe, expect, test } from '@jest/globals';
import { readdirSync, readFileSync } from 'node:fs';
import { TICKS_A_COUNT } from '../model/ticks';
import { studyText } from '../study';
import { wallsOf } from '../walls/table';
import { FLOOR_SCOPES, viewFloor, type FloorView } from './floor';

const TEXT = `# Neap Turn
walls: 4

## Section 1
1-4 Vine R, touch L
5-8 Vine L, touch R

## Section 2
1-2 Rock R forward, recover L
3&4 Coaster R
5-8 Step L forward, pivot 1/2 right, step L forward, pivot 1/4 right

## Tag "ebb"
1-2 Sway L, sway R

## Plan
wall 2: tag ebb`;
const { dance } = studyText(TEXT);
const lineOf = (words: string): number => TEXT.split('\n').findIndex((line) => line.includes(words));
const labels = (view: FloorView | undefined): string => view?.counts.map(({ label }) => label).join(' ') ?? '';

describe('what is looked at', () => {
  test.each([
    ['line', 'Coaster', 'Coaster R', '3 4'],
    ['line', 'Sway', 'Sway L, sway R', '1 2'],
    ['section', 'Coaster', 'Section 2', '1 2 3 4 5 6 7 8'],
    ['section', 'Section 2', 'Section 2', '1 2 3 4 5 6 7 8'],
    ['section', 'Sway', 'Tag ebb', '1 2'],
    ['two', 'Vine R', 'Sections 1 and 2', '1 2 3 4 5 6 7 8 1 2 3 4 5 6 7 8'],
    // Behind the last section there is no second one.
    ['two', 'Coaster', 'Section 2', '1 2 3 4 5 6 7 8'],
    // A line that is no step has no floor of its own: what stands first is looked at.
    ['section', '# Neap', 'Section 1', '1 2 3 4 5 6 7 8'],
  ] as const)('%s at “%s” is %s', (scope, words, title, counts) => {
    const view = viewFloor(dance, scope, lineOf(words));
    expect(view?.title).toBe(title);
    expect(labels(view)).toBe(counts);
  });

  test('the tag is danced where the plan has it, and the count runs on behind it', () => {
    const second = viewFloor(dance, 'wall', 0, 2);
    expect(second?.title).toBe('Wall 2');
    expect(labels(second)).toBe('1 2 3 4 5 6 7 8 1 2 3 4 5 6 7 8 1 2');
    expect(second?.calls.map(({ words }) => words).at(-1)).toBe('Sway L, sway R');
  });

  test('a section is seen from the wall that is asked for', () => {
    // Three quarters to the right a wall: 12:00, 9:00, 6:00, 3:00 (worked by hand).
    const hours = [1, 2, 3, 4].map((wall) => viewFloor(dance, 'section', lineOf('Vine R'), wall)?.startHour);
    expect(hours).toEqual(['12:00', '9:00', '6:00', '3:00']);
  });

  test('the drift is said of the dancer, whichever wall she faces', () => {
    const words = [1, 2, 3].map((wall) => viewFloor(dance, 'line', lineOf('Vine R'), wall)?.driftWords);
    expect(words).toEqual(['2 steps to the right', '2 steps to the right', '2 steps to the right']);
  });

  test('nothing is shown of a dance without steps, or of a wall that is not danced', () => {
    for (const scope of FLOOR_SCOPES) expect(viewFloor(studyText('# Ebb\n').dance, scope, 0)).toBeUndefined();
    const ended = studyText(`${TEXT}\nending: wall 3 after 8`).dance;
    expect(viewFloor(ended, 'wall', 0, 3)?.counts).toHaveLength(8);
    expect(viewFloor(ended, 'wall', 0, 4)).toBeUndefined();
  });
});

const DEMOS = readdirSync('dances').filter((name) => name.endsWith('.txt') && !name.includes('draft'));

describe.each(DEMOS)('%s', (name) => {
  const demo = studyText(readFileSync(`dances/${name}`, 'utf8')).dance;
  const views = FLOOR_SCOPES.flatMap((scope) => viewFloor(demo, scope, 0) ?? []);

  test('calls and counts stand in the order of time, within the path', () => {
    expect(views.length).toBeGreaterThan(0);
    for (const { calls, counts, path } of views) {
      for (const times of [calls.map(({ time }) => time), counts.map(({ time }) => time)]) {
        expect(times).toEqual(times.toSorted((a, b) => a - b));
        expect(times.every((time) => time >= 0 && time < path.length)).toBe(true);
      }
    }
  });

  test('it lasts as long as the wall table counts from the top', () => {
    const { walls } = wallsOf(demo);
    const whole = viewFloor(demo, 'dance', 0);
    expect(whole?.counts).toHaveLength(walls[walls.length - 1].last);
    expect((whole?.path.length ?? 0) / TICKS_A_COUNT).toBe(whole?.counts.length);
  });
});

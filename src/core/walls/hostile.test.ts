/** Plans nobody would write: each is kept, told where it stands, and never stops the rest. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { studyText } from '../study';
import { viewWalls } from '../views/walls';
import { searchWays } from '../solving/ways';
import { wallsOf } from './table';

const DANCE =
  'start: weight L\n\n## Section 1\n1-4 Jazz box R\n5-8 Vine R, touch L\n\n## Section 2\n1-4 Vine L, touch R\n5-6 Step R forward, pivot 1/4 left\n7-8 Walk R, walk L\n\n## Tag "ebb"\n1-2 Sway R, sway L\n';
const planned = (...lines: string[]) => `${DANCE}\n## Plan\n${lines.join('\n')}\n`;

describe('bad input stays as written, is told with a sentence, and the rest is danced', () => {
  const GOOD = 'wall 2: restart after 8';
  test.each([
    ['wall 3: restart after 99', 'plan-place-beyond'],
    ['wall 3: tag flood', 'tag-unknown'],
    ['order: C', 'part-unknown'],
    ['wall 2: restart after 4', 'plan-wall-twice'],
    ['something about the river', 'plan-not-understood'],
    ['wall 3: restart', 'plan-place-unsaid'],
    ['restart after 4', 'plan-wall-unsaid'],
    ['wall 3: restart after section 9', 'plan-place-beyond'],
    ['wall 3: restart after the sailor', 'plan-place-unclear'],
    ['wall 3: restart after 2', 'restart-inside-call'],
    ['wall 3: restart after 8 (6:00)', 'plan-facing'],
    ['wall 3: restart after 4, then frobnicate', 'changed-not-understood'],
  ])('%s', (line, code) => {
    const text = planned(GOOD, line);
    const { findings, dance, script } = studyText(text);
    expect(script.text).toBe(text);
    const found = findings.filter((finding) => finding.code === code);
    expect(found).toHaveLength(1);
    expect(text.slice(found[0].span.from, found[0].span.to).length).toBeGreaterThan(0);
    const second = wallsOf(dance).walls[1];
    expect([second.cut?.kind, second.counts]).toEqual(['restart', 8]);
  });
});

test.each([
  'walls 1-999999: tag ebb',
  `walls ${Array.from({ length: 300 }, (_, index) => index + 1).join(', ')}: tag ebb x9`,
  'order: ((((A A) x9) x9) x9) x9',
  'every wall: tag ebb',
  'every 97th wall: restart after 8',
  'every 0th wall: tag ebb',
  'wall 0: restart after 0',
  `wall 3: restart after 4, then ${'& step L, '.repeat(30)}`,
  'wall 3: change 1-400 to hold',
  'wall 3: change 8-2 to hold',
  'tag after wall 1: repeat section 1 x9',
  'constructor: toString',
  'wall 3: tag __proto__',
  'order: constructor __proto__ toString',
  'wall 3: restart after 8; wall 4: restart after 8; ; ;',
  '(((((((((',
  'walls starting 99:99: ending after 8',
  'ending: wall 200 after 8',
])('%s', (line) => {
  const { dance, findings } = studyText(planned(line));
  const { rows } = viewWalls(dance, findings);
  expect(rows.length).toBeGreaterThan(0);
  expect(rows.length).toBeLessThanOrEqual(400);
  expect(searchWays(dance)).toEqual([]);
});

test('words in any order never break the table, and every finding stands in the text', () => {
  const word = fc.constantFrom(
    'wall', 'walls', '3', '1, 4', ':', 'restart', 'after', '16', '8&', 'tag', 'ebb', 'ending', 'then', '&', 'order', 'A', 'A(8)', 'x2', '(6:00)', 'section 2', 'every', '2nd', 'odd', 'change', '1-4', 'to', 'hold', 'here', ';', '"', '-', 'Step R',
  ); // prettier-ignore
  fc.assert(
    fc.property(fc.array(fc.array(word, { maxLength: 9 }), { maxLength: 4 }), (lines) => {
      const text = planned(...lines.map((words) => words.join(' ')));
      const { dance, findings } = studyText(text);
      let facing = 0;
      for (const wall of wallsOf(dance).walls) {
        expect(wall.start).toBe(facing);
        facing = wall.end;
      }
      for (const { span } of findings) {
        expect(span.from).toBeGreaterThanOrEqual(0);
        expect(span.to).toBeLessThanOrEqual(text.length);
      }
    }),
    { numRuns: 300 },
  );
});

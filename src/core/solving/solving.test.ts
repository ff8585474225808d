/** Turns left open are answered so that every wall stated later holds; a wall stated wrongly is mended by the smallest change. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { applyEdits } from '../model/text';
import { hourOfFacing } from '../model/turns';
import { studyText } from '../study';

const suggestionsOf = (text: string, code: string) =>
  studyText(text)
    .findings.filter((finding) => finding.code === code)
    .map(({ suggestions = [] }) => suggestions);
const labels = (text: string, code = 'turn-open'): string[][] =>
  suggestionsOf(text, code).map((list) => list.map(({ label }) => label));

const section = (...lines: string[]): string => `start: weight L\n\n## Section 1\n${lines.join('\n')}\n`;

describe('open turns', () => {
  const TABLE: [lines: string[], best: string][] = [
    // A half and no other amount up to a full turn comes from 12:00 to 6:00; R forward pivots left.
    [['1-2 Step R forward, pivot ? (6:00)'], '1/2 left'],
    [['1-2 Step R forward, pivot ? (9:00)'], '1/4 left'],
    [['1-2 Step R forward, turn ? left (3:00)'], '3/4 left'],
    [['1-2 Step R forward, 1/4 turn ? (9:00)'], '1/4 left'],
    // The claim may stand lines later, with other turns between.
    [['1-2 Step R forward, pivot ?', '3-4 Step R forward, pivot 1/4 left (6:00)'], '1/4 left'],
    // L forward pivots right; without a wall the head's walls say how far.
    [['1-2 Step R forward, hold', '3-4 Step L forward, pivot ?'], '1/2 right'],
    [['1-4 Monterey R ? right', '5-8 Jazz box R (3:00)'], '1/4 right'],
  ];

  test.each(TABLE)('%j: %s', (lines, best) => expect(labels(section(...lines))[0][0]).toBe(best));

  test('what was left out without a question mark is found as well', () => {
    const offered = (line: string, code: string) => labels(section(line), code)[0]?.[0];
    expect(offered('1-2 Step R side turning left, touch L (9:00)', 'turn-without-amount')).toBe('1/4 left');
    expect(offered('1&2 Shuffle R forward 1/2 (6:00)', 'turn-without-direction')).toMatch(/^1\/2/);
    const text = section('1-2 Step R side turning left, touch L (9:00)');
    expect(applyEdits(text, suggestionsOf(text, 'turn-without-amount')[0][0].edits)).toContain(
      'turning 1/4 left, touch',
    );
  });

  test('where no wall is stated, the walls of the head are met', () => {
    const offered = (walls: number) => labels(`walls: ${walls}\n${section('1-2 Step R forward, pivot ? left', '3-8 Walk R L R L R L')}`)[0][0];
    expect([offered(4), offered(2), offered(1)]).toEqual(['1/4 left', '1/2 left', 'full left']);
  }); // prettier-ignore

  test('the answer is written where the question mark stood', () => {
    const text = section('1-2 Step R forward, turn ? left (3:00)');
    expect(applyEdits(text, suggestionsOf(text, 'turn-open')[0][0].edits)).toContain('forward, turn 3/4 left (3:00)');
  });

  test('several between two walls are answered together', () => {
    const [first, second] = labels(section('1-2 Step R forward, pivot ?', '3-4 Step R forward, pivot ? (12:00)'));
    expect([first[0], second[0]]).toEqual(['1/2 left', '1/2 left']);
  });

  test('nothing is offered when nothing fits, and the dance goes on', () => {
    expect(labels(section('1-2 Step R forward, 1/4 turn ? (6:00)'))).toEqual([[]]);
  });

  test('every first answer brings the line to the wall it states', () => {
    const hours = fc.constantFrom(6, 12, 18, 24, 30, 36, 42).map(hourOfFacing);
    fc.assert(
      fc.property(hours, hours, (one, other) => {
        const text = section(`1-2 Step R forward, pivot ? (${one})`, `3-4 Step R forward, pivot ? (${other})`);
        const edits = suggestionsOf(text, 'turn-open').flatMap(([best]) => best?.edits ?? []);
        const { findings } = studyText(applyEdits(text, edits));
        // The same wall twice asks for a full turn or none: a full one is offered.
        expect(edits).toHaveLength(2);
        expect(findings.filter(({ code }) => code === 'facing-claim' || code === 'turn-open')).toEqual([]);
      }),
    );
  });
});

describe('a wall stated wrongly', () => {
  test('names the smallest change, also of a turn further up', () => {
    // 1/8 and 5/8 left come to 3:00; 3/8 in the second would come to 6:00.
    const text = section(
      '1-2 Step R forward turning 1/8 left, touch L',
      '3-4 Step L back turning 5/8 left, touch R',
      '5-6 Walk R, walk L (6:00)',
    );
    const [offered] = labels(text, 'facing-claim');
    expect(studyText(text).findings.find(({ code }) => code === 'facing-claim')?.message).toBe(
      'This comes to 3:00, not 6:00.',
    );
    expect(offered).toContain('3/8 left on 3');
  });

  test('every change offered makes the line true', () => {
    const text = section('1-2 Step R forward, pivot 1/2 left', '3-4 Step R forward, pivot 1/4 left (9:00)');
    const [offered] = suggestionsOf(text, 'facing-claim');
    expect(offered.length).toBeGreaterThan(2);
    for (const { edits } of offered)
      expect(studyText(applyEdits(text, edits)).findings.filter(({ code }) => code === 'facing-claim')).toEqual([]);
  });
});

test('what is longer than any dance is kept, and said so in one sentence', () => {
  const text = 'a'.repeat(2000);
  const { findings, text: kept } = studyText(text, '', 1000);
  expect(kept).toBe(text);
  expect(findings.map(({ code, message }) => [code, message])).toEqual([
    [
      'too-long',
      'This text is longer than any dance (2,000 letters, and 1,000 at the most): it is kept as it stands and not worked out. Cut it into single dances.',
    ],
  ]);
});

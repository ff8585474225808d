/** Whole files: headers, headings, sections, what is kept word for word, and what nobody should have to survive but does. */
import { describe, expect, test } from '@jest/globals';
import { hourOfFacing } from '../model/turns';
import { studyText } from '../study';
import { readHeading } from '../grammar/heading';
import { readScript } from '../page/read-script';

const LANTERNS = `# Low Tide Lanterns
music: Slack Water Reel, 108 bpm
intro: 16 counts
start: weight L
level: improver
walls: 4

## Section 1: weave right, side rock cross
1-4    Weave R: side, behind, side, cross
5-6    Rock R side, recover L
7-8    Cross R over L, hold

## Section 2: weave left, quarter right
1-4    Weave L: side, behind, side, cross
5-6    Rock L side, recover R turning 1/4 right    (3:00)
7-8    Cross L over R, hold

## Section 3: shuffles, half pivot
1&2    Shuffle R forward                           "shuffle"
3&4    Shuffle L forward
5-6    Step R forward, pivot 1/2 left              (9:00)
> Lift the heels before the pivot.
7&8    Triple full turn left R L R
       option no turn: Shuffle R forward

## Section 4: rocks, coaster
1-2    Rock L forward, recover R
3&4    Coaster L
5-8    V step R                                    [walls 2, 5: arms wide]

## Tag "lamp"
1-2    Sway R, sway L

## Plan
walls 1, 4: tag lamp
wall 3: restart after 16
`;

describe('a whole file', () => {
  const { script, dance, findings } = studyText(LANTERNS);

  // Worked by hand: R L R L, rock R recover L, cross R; mirrored with a quarter right on the recover; RLR, LRL, R and half left on to L,
  // RLR round once to the left; rock L recover R, LRL, V step R L R L.
  test('loops, each section ending on R, L, R, L at 12:00, 3:00, 9:00, 9:00; a wall turns 1 1/4 left', () => {
    expect(dance.parts[0].sections.map(({ after }) => [after.weight, hourOfFacing(after.facing)])).toEqual([
      ['R', '12:00'],
      ['L', '3:00'],
      ['R', '9:00'],
      ['L', '9:00'],
    ]);
    expect(dance.netTurn).toBe(-60);
    expect(dance.loops).toBe(true);
    expect(dance.counts).toBe(32);
  });

  test('keeps tag, plan, option and notes, and finds nothing wrong', () => {
    expect(script.blocks.map(({ kind, name }) => [kind, name])).toEqual([
      ['part', ''],
      ['tag', 'lamp'],
      ['plan', ''],
    ]);
    expect(dance.tags[0].counts).toBe(2);
    expect(script.lines.filter(({ kind }) => kind === 'plan')).toHaveLength(2);
    expect(script.lines.find(({ kind }) => kind === 'option')?.text.trim()).toBe('option no turn: Shuffle R forward');
    expect(findings.map(({ code }) => code)).toEqual([]);
  });

  test('carries its marks', () => {
    const steps = script.lines.flatMap(({ step }) => (step ? [step.marks] : []));
    expect(steps.flatMap(({ cues }) => cues.map(({ text }) => text))).toEqual(['shuffle']);
    expect(steps.flatMap(({ notes }) => notes.map(({ text, walls }) => [text, walls]))).toEqual([
      ['arms wide', [2, 5]],
    ]);
    expect(steps.flatMap(({ facingClaims }) => facingClaims.map(({ facing }) => facing))).toEqual([12, 36]);
  });
});

const HEADINGS: [line: string, heading: Partial<ReturnType<typeof readHeading>>][] = [
  ['## Section 1: vines', { kind: 'section', number: 1, title: 'vines' }],
  ['SECTION 2', { kind: 'section', number: 2, title: '' }],
  ['Sec. 3 - rocks', { kind: 'section', number: 3, title: 'rocks' }],
  ['S4', { kind: 'section', number: 4 }],
  ['2nd section: turns', { kind: 'section', number: 2, title: 'turns' }],
  ['[9-16] walks', { kind: 'section', title: 'walks', counts: 8 }],
  ['(1-4)', { kind: 'section', counts: 4 }],
  ['## Section 5 (4 counts)', { kind: 'section', number: 5, counts: 4, title: '' }],
  ['## Section 2 = Section 1 mirrored', { kind: 'section', number: 2, copy: { of: 1, mirrored: true } }],
  ['**Section 1**', { kind: 'section', number: 1 }],
  ['## Part A', { kind: 'part', name: 'A' }],
  ['PART B', { kind: 'part', name: 'B' }],
  ['## Tag "lamp" (2 counts)', { kind: 'tag', name: 'lamp', counts: 2 }],
  ['Abschnitt 3', { kind: 'section', number: 3 }],
  ['## Vines and walks', { kind: 'section', title: 'Vines and walks' }],
];

describe('headings', () => {
  test.each(HEADINGS)('%s', (line, heading) => expect(readHeading(line, true)).toMatchObject(heading as object));
  test.each([['Tag after wall 2: hold two counts'], ['1-4 Vine R'], ['Step R forward'], ['Partner dance']])(
    '%s is none',
    (line) => {
      expect(readHeading(line, true)).toBeUndefined();
    },
  );
});

const STARTS: [value: string, weight: string][] = [
  ['weight L', 'L'],
  ['weight on right', 'R'],
  ['lead right', 'L'],
  ['R free', 'L'],
  ['left foot lead', 'R'],
  ['weight both', 'both'],
  ['Gewicht links', 'L'],
  ['after the bell', 'L'],
];

test.each(STARTS)('start: %s', (value, weight) => {
  expect(readScript(`start: ${value}\n\n1-4 Vine R`).header.startWeight).toBe(weight);
});

test('a sheet that numbers through is brought back to 1, and a section has the length its header says', () => {
  const through = studyText('## Section 1\n1-8 K step R\n\n## Section 2\n9-12 V step R\n13-16 Jazz box R');
  expect(through.findings).toEqual([]);
  expect(through.dance.counts).toBe(16);
  const sixes = studyText('section: 6\n\n## Section 1\n1-3 Walk R L R\n4-6 Walk back L R L');
  expect(sixes.findings).toEqual([]);
});

test('slow and quick are counts', () => {
  const { dance, findings } = studyText('## Section 1 (6 counts)\nSSQQ walk R, walk L, step R, pivot 1/2 L');
  expect(dance.counts).toBe(6);
  expect(findings).toEqual([]);
});

/** Each is read, says something a dancer understands, and keeps every letter. */
const BAD: [name: string, text: string, codes: string[]][] = [
  ['nothing', '', ['nothing-to-dance']],
  ['only a title', '# Low Water', ['nothing-to-dance']],
  ['a section without lines', '## Section 1', ['nothing-to-dance']],
  ['counts that go backwards', '## Section 1\n8-1 Vine R', ['counts-unreadable']],
  ['a count 0', '## Section 1\n0 Step R', ['counts-unreadable']],
  ['a line of 900 counts', '## Section 1\n1-900 Step R', ['counts-unreadable']],
  ['a line of words nobody knows', '## Section 1 (2 counts)\n1-2 Gribble the splonk', ['not-understood']],
];

test.each(BAD)('%s', (_, text, codes) => {
  const { findings, script } = studyText(text);
  for (const code of codes) expect(findings.map((finding) => finding.code)).toContain(code);
  expect(script.lines.map((line) => line.text).join('\n')).toBe(text);
});

test('a megabyte of noise is read in time that grows with its length, and more than that is left alone', () => {
  const line = '1-2 rock r ( [ " fwd, 1/4 recover ' + 'zzz '.repeat(40);
  const text = `## Section 1\n${`${line}\n`.repeat(Math.floor(950_000 / line.length))}`;
  expect(studyText(text).script.lines.length).toBeGreaterThan(4000);
  expect(studyText('x'.repeat(1_100_000)).findings.map(({ code }) => code)).toEqual(['too-long']);
  expect(studyText('('.repeat(900_000)).script.lines).toHaveLength(1);
});

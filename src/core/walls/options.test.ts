/** Options: which stretch they replace, and whether they fit it. */
import { describe, expect, test } from '@jest/globals';
import { isAlarm } from '../checking/check';
import { readInlineOption, readStretch } from '../grammar/option';
import { studyText } from '../study';
import { optionsOf } from './options';

describe('the stretch a heading names', () => {
  test.each([
    ['Option "no turn": section 3 count 7 to section 4 count 4', { from: { section: 3, count: 7 }, to: { section: 4, count: 4 } }],
    ['Option "no turn": section 3', { from: { section: 3 }, to: { section: 3 } }],
    ['Option "no turn": section 3 to section 4', { from: { section: 3 }, to: { section: 4 } }],
    ['Option "no turn": section 3 counts 5-8', { from: { section: 3, count: 5 }, to: { section: 3, count: 8 } }],
    ['Option "no turn": s3 c5 to s3 c8', { from: { section: 3, count: 5 }, to: { section: 3, count: 8 } }],
    ['Option "no turn": counts 5 to 8', { from: { count: 5 }, to: { count: 8 } }],
    ['Option "no turn": 5-8', { from: { count: 5 }, to: { count: 8 } }],
    ['Option "no turn": tag lamp 3 to 6', { tag: 'lamp', from: { count: 3 }, to: { count: 6 } }],
    ['Option "no turn": tag "low water" 3 to 6', { tag: 'low water', from: { count: 3 }, to: { count: 6 } }],
    ['Option "no turn": part B section 1 count 1 to section 1 count 4', { part: 'B', from: { section: 1, count: 1 }, to: { section: 1, count: 4 } }],
  ])('%s', (heading, stretch) => expect(readStretch(heading)).toMatchObject(stretch)); // prettier-ignore

  test('a name alone is no stretch', () => expect(readStretch('Option "arms"')).toBeUndefined());
});

test.each([
  ['       option no turn: Vine R, touch L', 'no turn', 'Vine R, touch L'],
  ['  Option (low impact): 1-2 Step R, close L', 'low impact', '1-2 Step R, close L'],
  ['  option: Walk R L (meant so: option-weight)', '', 'Walk R L'],
])('%s', (line, name, steps) => {
  const option = readInlineOption(line);
  expect([option?.name, option?.steps.text]).toEqual([name, steps]);
  expect(line.slice(option?.steps.span.from, option?.steps.span.to)).toBe(steps);
});

const DANCE = `start: weight L

## Section 1
1-4    Rolling vine R, touch L
5&6    Shuffle L forward
7-8    Step R forward, pivot 1/2 left

## Section 2
1-2    Step R forward, pivot 1/2 left
3-4    Walk R, walk L
5-8    V step R

## Tag "ebb"
1-2    Sway R, sway L
3-4    Full turn right R L
5-6    Sway R, sway L
`;

describe('an option fits when counts, weight and facing agree at its end', () => {
  const slipsWith = (text: string): string[] =>
    studyText(text)
      .findings.filter((finding) => isAlarm(finding) && finding.group === 'options')
      .map(({ code }) => code);
  const under = (line: string, option: string) => DANCE.replace(line, `${line}\n       option other: ${option}`);
  const block = (stretch: string, ...lines: string[]) =>
    `${DANCE}\n## Option "other": ${stretch}\n${lines.join('\n')}\n`;

  test.each([
    ['a vine for a rolling vine', under('1-4    Rolling vine R, touch L', 'Vine R, touch L'), []],
    ['with counts of its own', under('1-4    Rolling vine R, touch L', '1-2 Step R side, touch L; 3-4 Hold, hold'), []],
    ['two steps for a triple', under('5&6    Shuffle L forward', '5-6 Step L forward, touch R'), []],
    ['two steps that end on the other foot', under('5&6    Shuffle L forward', '5-6 Step L forward, step R forward'), ['option-weight']],
    ['a foot that is not free', under('5&6    Shuffle L forward', 'Shuffle R forward'), ['option-foot', 'option-weight']],
    ['another wall', under('7-8    Step R forward, pivot 1/2 left', 'Step R forward, pivot 1/4 left'), ['option-facing']],
    ['over a section end', block('section 1 count 7 to section 2 count 2', '1-4 Rocking chair R'), []],
    ['counted as the stretch is', block('section 1 count 7 to section 2 count 2', '7-8 Rock R forward, recover L', '1-2 Rock R back, recover L'), []],
    ['too short', block('section 1 count 7 to section 2 count 2', '1-2 Rock R forward, recover L'), ['option-counts']],
    ['inside a tag', block('tag ebb 3 to 4', '1-2 Walk R, walk L'), []],
    ['a stretch that is not there', block('section 7', '1-8 Walk R L R L R L R L'), ['option-not-understood']],
    ['beyond the end', block('section 2 count 5 to section 2 count 12', '1-8 Walk R L R L R L R L'), ['option-not-understood']],
  ])('%s', (_, text, codes) => expect(slipsWith(text).sort()).toEqual(codes)); // prettier-ignore
});

test('an option’s lines are answered in the margin like the others', () => {
  const text = `${DANCE}\n## Option "other": section 1 count 7 to section 2 count 2\n1-4 Rocking chair R\n`;
  const { view, dance } = studyText(text);
  const line = text.split('\n').indexOf('1-4 Rocking chair R');
  expect(view.lines[line]).toMatchObject({ weight: 'L', hour: '12:00', understood: true });
  expect(optionsOf(dance)[0]).toMatchObject({ name: 'other', counts: 4, understood: true });
});

test('an ending’s lines face the room', () => {
  // Two walls of a half: the ending begins at 12:00, after two counts of the third, and turns a quarter.
  const text = `start: weight L\n\n## Section 1\n1-2 Walk R, walk L\n3-4 Step R forward, pivot 1/2 left\n5-8 V step R\n\n## Ending\n1-2 Step R forward, pivot 1/4 left (9:00)\n\n## Plan\nending: wall 3 after 2\n`;
  const { view, findings } = studyText(text);
  expect(view.lines[text.split('\n').indexOf('1-2 Step R forward, pivot 1/4 left (9:00)')]?.hour).toBe('9:00');
  expect(findings.map(({ code }) => code)).toEqual(['ending-not-front']);
  const wrong = studyText(text.replace('(9:00)', '(3:00)')).findings.filter(isAlarm);
  expect(wrong.map(({ code, message }) => [code, message])).toEqual([
    ['changed-facing', 'This comes to 9:00, not 3:00.'],
  ]);
});

/** Findings put together by cause: nothing is lost, nothing stands twice. */
import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { keyOf, kindOf, lineAtOffset, mendings, studyText, type Study } from '../../../core';
import { causesOf } from './causes';

const HEAD = '# Ebb\n\n## Section 1\n';
/** A wrong foot on line 4 takes all that follows with it; line 9 has a slip of its own. */
const TEXT = `${HEAD}1-2 Rock R forward, recover L
3&4 Coaster L
5-6 Rock L forward, recover R
7&8 Coaster L

## Section 2
1-4 Vine R, touch R
5-8 Vine L, touch R`;

const causes = (study: Study, line = 0, looked = true) =>
  causesOf(study, study.findings, looked ? mendings(study.dance, study.findings) : [], line);

describe.each([
  ['slips', TEXT],
  ['a draft of the demo shelf', readFileSync('dances/ropes-end-draft.txt', 'utf8')],
  ['remarks alone', `${HEAD}1-4 Walk R L R L\n5-8 Walk R L R L`],
])('%s', (_, text) => {
  const study = studyText(text);
  const keys = (findings: typeof study.findings) => findings.map((one) => keyOf(one, study.script)).toSorted();

  test.each([true, false])('each finding stands once, looked into or not (%s)', (looked) => {
    const all = causes(study, 0, looked).flatMap(({ finding, same, alike }) => [finding, ...same, ...alike]);
    expect(keys(all)).toEqual(keys(study.findings));
  });

  test('louder ones stand first; those of the line one is in before all', () => {
    const order = ['slips', 'cares', 'remarks'];
    const loudness = causes(study, -1).map(({ finding }) => order.indexOf(kindOf(finding)));
    expect(loudness).toEqual(loudness.toSorted());
    for (const { span } of study.findings) {
      const line = lineAtOffset(study.script, span.from);
      expect(lineAtOffset(study.script, causes(study, line)[0].finding.span.from)).toBe(line);
    }
  });

  test('only remarks are put together because they are alike', () => {
    for (const { finding, alike } of causes(study))
      for (const one of alike) expect([one.code, kindOf(one), kindOf(finding)]).toEqual([finding.code, 'remarks', 'remarks']);
  }); // prettier-ignore
});

test('before what comes of them is known the proposals of the rules stand there, the fix first', () => {
  const study = studyText(TEXT);
  const [first] = causes(study, -1, false);
  expect(first.finding.code).toBe('foot-not-free');
  expect(first.looks.map(({ proposal }) => proposal)).toEqual([
    first.finding.fix,
    ...(first.finding.suggestions ?? []),
  ]);
  expect(first.same).toEqual([]);
});

test('looked into, one wrong foot takes with it what it caused, and not what it didn’t', () => {
  const study = studyText(TEXT);
  const found = causes(study, -1);
  const coaster = found.find(({ finding }) => lineAtOffset(study.script, finding.span.from) === 4);
  expect(coaster?.looks[0].text).toBe('3&4 Coaster R');
  const other = [coaster?.finding, ...(coaster?.same ?? [])].map((one) => one && lineAtOffset(study.script, one.span.from));
  expect(other).not.toContain(9);
}); // prettier-ignore

/**
 * Ways of saying the same: steps, plans and facts in three languages, and one dance in every layout. The tables were written with
 * their meaning before anything read them; what was right at first contact stands in `docs/sheets.md`.
 */
import { expect, test } from '@jest/globals';
import { reportDance, studyText } from '../src/core/index';
import { combinations, scriptIn, sheetIn, TONGUES } from './test/layouts';
import { scoreFacts, scorePlans, scoreSteps } from './test/ways';

/** The most that may be taken wrongly, and told though it is right. They only go down. */
test.each([
  ['en', 12, 13],
  ['de', 6, 9],
  ['fr', 4, 4],
] as const)('ways of saying steps, %s', (language, mostWrong, mostFalse) => {
  const { wrong, falseFindings, ways } = scoreSteps(language);
  expect(ways).toBeGreaterThan(100);
  expect(wrong.length).toBeLessThanOrEqual(mostWrong);
  expect(falseFindings).toBeLessThanOrEqual(mostFalse);
});

test('ways of saying where walls are cut and what follows them', () => {
  const { wrong, falseFindings } = scorePlans();
  expect(wrong).toEqual([]);
  expect(falseFindings).toBeLessThanOrEqual(2);
});

test('ways of saying how long a dance is, how many walls it has and when it begins', () => {
  expect(scoreFacts()).toMatchObject({ wrong: [], falseFindings: 0 });
});

const actionsOf = (text: string) => {
  const { dance, findings } = studyText(text);
  const { parts } = reportDance(dance, findings, 1);
  return {
    sections: parts.flatMap(({ sections }) =>
      sections.map(({ lines }) =>
        lines.flatMap(({ actions }) => actions.map(({ count, foot, takesWeight, turn }) => ({ count, foot, takesWeight, turn }))),
      ),
    ), // prettier-ignore
    told: findings.filter(({ severity }) => severity !== 'remark').map(({ message }) => message),
  };
};

/** Counts that run through the sheet are brought back to their section. */
const LABEL = /^\d+$/;
const inSections = ({ sections }: ReturnType<typeof actionsOf>) =>
  sections.map((actions) =>
    actions.map((action) => ({ ...action, count: LABEL.test(action.count) ? ((Number(action.count) - 1) % 8) + 1 : action.count })),
  ); // prettier-ignore

test.each(TONGUES)('one dance is the same dance in every layout, %s', (tongue) => {
  const wanted = inSections(actionsOf(scriptIn(tongue)));
  const wrong: string[] = [];
  for (const [heading, layout] of combinations()) {
    const got = actionsOf(sheetIn(tongue, heading, layout));
    const isSame = JSON.stringify(inSections(got)) === JSON.stringify(wanted);
    if (!isSame || got.told.length > 0) wrong.push(`${heading} / ${layout}: ${got.told.join(' ')}`);
  }
  expect(wrong).toEqual([]);
});

/**
 * Ways of saying the same: steps, plans and facts in three languages, and one dance in every layout. The tables were written with
 * their meaning before anything read them; what was right at first contact stands in `docs/sheets.md`.
 */
import { expect, test } from '@jest/globals';
import { reportDance, studyText } from '../src/core/index';
import { combinations, scriptIn, sheetIn, TONGUES } from './test/layouts';
import { knownMisses, newsOf } from './test/truth';
import { scoreFacts, scorePlans, scoreSteps } from './test/ways';

/** What is missed is known by name; a new miss is seen, and one that is mended leaves the list. */
test.each(['en', 'de', 'fr', 'plan', 'facts'] as const)('ways of saying steps, plans and facts: %s', (table) => {
  const { wrong, accused, ways } = table === 'plan' ? scorePlans() : table === 'facts' ? scoreFacts() : scoreSteps(table);
  expect(ways).toBeGreaterThan(table.length > 2 ? 20 : 100);
  const misses = [...wrong.map((words) => `${table} taken otherwise: ${words}`), ...accused.map((words) => `${table} accused: ${words}`)];
  const known = knownMisses('dances/ways/known-misses.txt').filter((line) => line.startsWith(`${table} `));
  expect(newsOf(misses, known)).toEqual({ missed: [], mended: [] });
  expect(misses).toHaveLength(known.length);
}); // prettier-ignore

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

import { phrased, problemsOf, replacing, type Rule } from '../rule';

const MOST_OFFERED = 5;

export const partUnknown: Rule = {
  code: 'part-unknown',
  group: 'plan',
  severity: 'error',
  about: 'An order, or a plan line, that names a part the sheet does not have.',
  waitsFor: 'dance',
  examples: {
    bad: [
      {
        text: phrased('order: A B <|C|> A'),
        message: 'There is no part or tag “C” in this sheet; the order goes on without it.',
      },
    ],
    good: [phrased('order: A B A'), phrased('order: AABA')],
  },
  find: (dance) =>
    problemsOf(dance, 'part-unknown').map(({ span, name, entry }) => ({
      span,
      message:
        entry.item.kind === 'order'
          ? `There is no part or tag “${name}” in this sheet; the order goes on without it.`
          : `There is no part “${name}” in this sheet.`,
      suggestions:
        entry.item.kind === 'order'
          ? [...dance.parts, ...dance.tags]
              .map(({ block }) => block.name)
              .filter(Boolean)
              .slice(0, MOST_OFFERED)
              .map((own) => replacing(own, span, own))
          : [],
    })),
};

import { blockNamed } from '../../dancing/places';
import { phrased, problemsOf, replacing, type Rule } from '../rule';

export const partShort: Rule = {
  code: 'part-short',
  group: 'plan',
  severity: 'warning',
  about: 'A part that is cut short in the order, and nobody says where.',
  waitsFor: 'dance',
  examples: {
    bad: [
      {
        text: phrased('order: A B <|A-|>'),
        message: 'How many counts of A? Say it like A(4); until then it is danced whole.',
      },
    ],
    good: [phrased('order: A B A(4)')],
  },
  find: (dance) =>
    problemsOf(dance, 'short-where').map(({ span, name }) => {
      const counts = blockNamed(dance, 'part', name)?.counts ?? 0;
      const half = Math.max(Math.floor(counts / 8) * 4, 1);
      return {
        span,
        message: `How many counts of ${name}? Say it like ${name}(${half}); until then it is danced whole.`,
        suggestions: half < counts ? [replacing(`${name}(${half})`, span, `${name}(${half})`)] : [],
      };
    }),
};

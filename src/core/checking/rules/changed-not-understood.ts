import { planned, problemsOf, type Rule } from '../rule';

export const changedNotUnderstood: Rule = {
  code: 'changed-not-understood',
  group: 'plan',
  severity: 'warning',
  about: 'Steps in the plan that are not understood.',
  examples: {
    bad: [
      {
        text: planned('wall 3: restart after 4, then <|frobnicate merrily|>'),
        message: 'These steps aren’t understood, so the weight after them isn’t known.',
      },
    ],
    good: [planned('wall 3: restart after 4, then & step L beside R')],
  },
  find: (dance) =>
    problemsOf(dance, 'lines-not-understood').map(({ span }) => ({
      span,
      message: 'These steps aren’t understood, so the weight after them isn’t known.',
    })),
};

import { planned, plural, problemsOf, type Rule } from '../rule';

export const changeLength: Rule = {
  code: 'change-length',
  group: 'plan',
  severity: 'error',
  about: 'Changed steps that take more or fewer counts than those they stand for.',
  examples: {
    bad: [
      {
        text: planned('wall 3: change 5-8 to <|1-2 Step R side, close L|>'),
        message: 'These steps take 2 counts; those they stand for take 4.',
      },
    ],
    good: [planned('wall 3: change 5-8 to Step R side, close L, step R side, touch L')],
  },
  find: (dance) =>
    problemsOf(dance, 'change-length').map(({ span, counts, wanted }) => ({
      span,
      message: `These steps take ${plural(counts, 'count')}; those they stand for take ${wanted}.`,
    })),
};

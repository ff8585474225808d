import { optionsOf } from '../../walls/options';
import { plural, section, type Rule } from '../rule';

export const optionCounts: Rule = {
  code: 'option-counts',
  group: 'options',
  severity: 'error',
  about: 'An option that takes more or fewer counts than what it replaces.',
  examples: {
    bad: [
      {
        text: section(4, '1-4 Vine R, touch L', '       option no turn: <|1-2 Step R side, touch L|>'),
        message: 'The option takes 2 counts; what it replaces takes 4.',
      },
    ],
    good: [
      section(
        4,
        '1-2 Rock R forward, recover L',
        '3&4 Triple full turn right R L R',
        '       option no turn: Shuffle R in place',
      ),
      `${section(8, '1-4 Vine R, touch L', '5-8 Vine L, touch R')}\n\n## Option "short": 1 to 4\n1-4 Weave R`,
    ],
  },
  find: (dance) =>
    optionsOf(dance).flatMap(({ span, over, counts, understood }) =>
      over && understood && counts !== undefined && counts !== over.counts
        ? [{ span, message: `The option takes ${plural(counts, 'count')}; what it replaces takes ${over.counts}.` }]
        : [],
    ),
};

import { optionsOf } from '../../walls/options';
import { section, type Rule } from '../rule';

export const optionNotUnderstood: Rule = {
  code: 'option-not-understood',
  group: 'options',
  severity: 'warning',
  about: 'An option whose steps are not understood, or that replaces nothing that is there.',
  examples: {
    bad: [
      {
        text: section(
          4,
          '1-2 Rock R forward, recover L',
          '3&4 Triple full turn right R L R',
          '       option no turn: <|frobnicate|>',
        ),
        message: 'The option isn’t understood, so nobody can say whether it fits.',
      },
      {
        text: `${section(4, '1-4 Vine R, touch L')}\n\n<|## Option "late": section 3 count 1 to section 3 count 4|>\n1-4 Weave R`,
        message: 'The stretch this option replaces isn’t found. Say it like “section 3 count 5 to section 3 count 8”.',
      },
    ],
    good: [
      section(
        4,
        '1-2 Rock R forward, recover L',
        '3&4 Triple full turn right R L R',
        '       option no turn: Shuffle R in place',
      ),
    ],
  },
  find: (dance) =>
    optionsOf(dance).flatMap(({ span, over, understood }) => {
      if (!over)
        return [
          {
            span,
            message:
              'The stretch this option replaces isn’t found. Say it like “section 3 count 5 to section 3 count 8”.',
          },
        ];
      return understood ? [] : [{ span, message: 'The option isn’t understood, so nobody can say whether it fits.' }];
    }),
};

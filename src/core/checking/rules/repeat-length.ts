import { linesOf, placeIn, plural, section, type Rule } from '../rule';

export const repeatLength: Rule = {
  code: 'repeat-length',
  group: 'counts',
  severity: 'error',
  about: 'What a line repeats takes as many counts as the line has.',
  examples: {
    bad: [
      {
        text: section(7, '1-4 Jazz box R', '5-7 <|same again|>'),
        message: 'What is repeated here takes 4 counts, and the line has 3.',
      },
    ],
    good: [section(8, '1-4 Jazz box R', '5-8 same again'), section(8, '1-2 Walk R L', '3-8 repeat x3')],
  },
  find: (dance) =>
    linesOf(dance).flatMap(({ line }) =>
      line.groups.flatMap(({ misfit, group }) =>
        misfit && group.repeat
          ? [
              {
                span: placeIn(line.line, group.repeat.span),
                message: `What is repeated here takes ${plural(misfit.takes, 'count')}, and the line has ${misfit.has}.`,
              },
            ]
          : [],
      ),
    ),
};

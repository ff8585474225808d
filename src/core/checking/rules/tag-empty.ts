import { planned, type Rule } from '../rule';

export const tagEmpty: Rule = {
  code: 'tag-empty',
  group: 'plan',
  severity: 'warning',
  about: 'A tag or an ending without steps.',
  waitsFor: 'dance',
  examples: {
    bad: [
      {
        text: planned('wall 2: tag ebb').replace('## Tag "ebb"\n1-2 Sway R, sway L', '<|## Tag "ebb"|>'),
        message: 'This tag has no steps yet: a hold is written like “1-4 Hold”.',
      },
      {
        text: planned('ending: wall 2 after 4').replace('## Plan', '<|## Ending|>\n\n## Plan'),
        message: 'This ending has no steps yet: a hold is written like “1-4 Hold”.',
      },
    ],
    good: [planned('wall 2: tag ebb'), planned('ending: wall 2 after 4')],
  },
  find: ({ script }) =>
    script.blocks.flatMap(({ kind, sections, headingLine }) =>
      (kind === 'tag' || kind === 'ending') &&
      headingLine !== undefined &&
      sections.every(({ lines, copy }) => lines.length === 0 && !copy)
        ? [
            {
              span: script.lines[headingLine].span,
              message: `This ${kind} has no steps yet: a hold is written like “1-4 Hold”.`,
            },
          ]
        : [],
    ),
};

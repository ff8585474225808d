import { planned, type Rule } from '../rule';

export const tagEmpty: Rule = {
  code: 'tag-empty',
  group: 'plan',
  severity: 'warning',
  about: 'A tag without steps.',
  examples: {
    bad: [
      {
        text: planned('wall 2: tag ebb').replace('## Tag "ebb"\n1-2 Sway R, sway L', '<|## Tag "ebb"|>'),
        message: 'This tag has no steps yet: a hold is written like “1-4 Hold”.',
      },
    ],
    good: [planned('wall 2: tag ebb')],
  },
  find: (dance) =>
    dance.tags
      .filter(({ block, moments, counts }) => moments.length === 0 && counts === 0 && block.headingLine !== undefined)
      .map(({ block }) => ({
        span: dance.script.lines[block.headingLine as number].span,
        message: 'This tag has no steps yet: a hold is written like “1-4 Hold”.',
      })),
};

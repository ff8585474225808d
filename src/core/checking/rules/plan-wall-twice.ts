import { planned, planPlace, problemsOf, type Rule } from '../rule';

export const planWallTwice: Rule = {
  code: 'plan-wall-twice',
  group: 'plan',
  severity: 'warning',
  about: 'One wall is given two cuts, or the same tag twice.',
  examples: {
    bad: [
      {
        text: planned('wall 3: restart after 4', '<|wall 3: restart after 6|>'),
        message: 'Wall 3 is cut twice; only the first is danced.',
      },
      { text: planned('wall 2: tag ebb', '<|walls 2, 4: tag ebb|>'), message: 'Wall 2 is given this tag twice.' },
    ],
    good: [
      planned('wall 3: restart after 4', 'wall 4: restart after 4'),
      planned('wall 3: restart after 4', 'wall 3: tag ebb'),
    ],
  },
  find: (dance) =>
    problemsOf(dance, 'wall-twice').map(({ entry, wall, what, other }) => ({
      span: planPlace(entry),
      wall,
      message:
        what === 'tag'
          ? `Wall ${wall} is given this tag twice.`
          : `Wall ${wall} is cut twice; only the first is danced.`,
      related: { span: planPlace(other), message: `Here wall ${wall} is named already.` },
    })),
};

import { planned, planPlace, problemsOf, type Rule } from '../rule';

export const planNotUnderstood: Rule = {
  code: 'plan-not-understood',
  group: 'plan',
  severity: 'warning',
  about: 'A line of the plan that says nothing about a wall, a tag, a restart, an order or an ending.',
  examples: {
    bad: [
      {
        text: planned('<|frobnicate merrily|>'),
        message:
          'This line of the plan isn’t understood, so it changes nothing. Say it like “wall 3: restart after 16” or “walls 1, 4: tag ebb”.',
      },
    ],
    good: [planned('wall 3: restart after 4'), planned('wall 3: arms wide')],
  },
  find: (dance) =>
    problemsOf(dance, 'not-understood').map(({ entry }) => ({
      span: planPlace(entry),
      message: `This line of the plan isn’t understood, so it changes nothing. Say it like “wall 3: restart after 16” or “walls 1, 4: tag ${dance.tags[0]?.block.name || 'ebb'}”.`,
    })),
};

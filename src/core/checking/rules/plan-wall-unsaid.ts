import { planned, planPlace, problemsOf, type Rule } from '../rule';

export const planWallUnsaid: Rule = {
  code: 'plan-wall-unsaid',
  group: 'plan',
  severity: 'warning',
  about: 'A restart, tag or ending that does not say its wall.',
  examples: {
    bad: [
      {
        text: planned('<|wall ?: restart after 4|>'),
        message: 'On which wall? Say it like “wall 3: restart after 16”.',
      },
      { text: planned('<|tag ebb|>'), message: 'On which walls is this danced? Say it like “walls 1, 4: tag ebb”.' },
    ],
    good: [planned('wall 2: restart after 4'), planned('odd walls: tag ebb')],
  },
  find: (dance) =>
    problemsOf(dance, 'wall-unsaid').map(({ entry }) => ({
      span: planPlace(entry),
      message:
        entry.item.kind === 'tag'
          ? `On which walls is this danced? Say it like “walls 1, 4: tag ${dance.tags[0]?.block.name || 'ebb'}”.`
          : entry.item.kind === 'ending'
            ? 'On which wall does the dance end? Say it like “ending: wall 9 after 16”.'
            : 'On which wall? Say it like “wall 3: restart after 16”.',
    })),
};

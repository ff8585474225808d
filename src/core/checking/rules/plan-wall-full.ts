import { planned, planPlace, problemsOf, type Rule } from '../rule';

const TWENTY_FOUR = Array.from({ length: 24 }, () => 'wall 2: tag ebb after 4');

export const planWallFull: Rule = {
  code: 'plan-wall-full',
  group: 'plan',
  severity: 'warning',
  about: 'More lines of the plan are about one wall than a wall can hold.',
  examples: {
    bad: [
      {
        text: planned(...TWENTY_FOUR, '<|wall 2: tag ebb|>'),
        message: 'Wall 2 is full: the plan says 24 things of it already, and this and what follows is left out there.',
      },
    ],
    good: [planned('wall 2: tag ebb', 'wall 2: tag ebb after 4')],
  },
  find: (dance) =>
    problemsOf(dance, 'wall-full').map(({ entry, wall, most }) => ({
      span: planPlace(entry),
      wall,
      message: `Wall ${wall} is full: the plan says ${most} things of it already, and this and what follows is left out there.`,
    })),
};

import { planned, planPlace, problemsOf, type Rule } from '../rule';

export const planPlaceUnsaid: Rule = {
  code: 'plan-place-unsaid',
  group: 'plan',
  severity: 'warning',
  about: 'A restart that does not say after which count.',
  examples: {
    bad: [
      { text: planned('<|wall 3: restart|>'), message: 'After which count? Say it like “wall 3: restart after 16”.' },
    ],
    good: [planned('wall 3: restart after section 1'), planned('wall 3: restart after 4&')],
  },
  find: (dance) =>
    problemsOf(dance, 'place-unsaid').map(({ entry }) => ({
      span: planPlace(entry),
      message: 'After which count? Say it like “wall 3: restart after 16”.',
    })),
};

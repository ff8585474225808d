import type { PlanEntry } from '../../reading/script';
import { ordinal, phrased, planned, planPlace, problemsOf, type Rule } from '../rule';

export const planWallBeyond: Rule = {
  code: 'plan-wall-beyond',
  group: 'plan',
  severity: 'error',
  about: 'A plan line about a wall that is never danced.',
  waitsFor: 'dance',
  examples: {
    bad: [
      {
        text: planned('<|wall 7: restart after 4|>', 'ending: wall 5 after 4'),
        message: 'The dance ends on wall 5, so there is no wall 7.',
      },
      {
        text: phrased('order: A B A', '<|4th A: restart after 4|>'),
        message: 'A is danced 2 times, so there is no 4th.',
      },
    ],
    good: [
      planned('wall 5: restart after 4', 'ending: wall 5 after 4'),
      phrased('order: A B A', '2nd A: restart after 4'),
    ],
  },
  find: (dance) =>
    problemsOf(dance, 'wall-beyond').map(({ entry, wall, last }) => ({
      span: planPlace(entry),
      ...('walls' in entry.item && entry.item.walls.kind === 'walls' && { wall }),
      message: beyondWords(entry, wall, last),
    })),
};

function beyondWords({ item }: PlanEntry, wall: number, last: number): string {
  if ('walls' in item && item.walls.kind === 'part')
    return `${item.walls.part} is danced ${last} times, so there is no ${ordinal(wall)}.`;
  return `The dance ends on wall ${last}, so there is no wall ${wall}.`;
}

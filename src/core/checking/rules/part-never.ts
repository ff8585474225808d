import { wallsOf } from '../../walls/table';
import { phrased, type Rule } from '../rule';

export const partNever: Rule = {
  code: 'part-never',
  group: 'plan',
  severity: 'warning',
  about: 'A part that the order never comes to.',
  waitsFor: 'dance',
  examples: {
    bad: [
      {
        text: phrased('order: A A').replace('## Part B', '<|## Part B|>'),
        message: 'Part B is never danced: the order leaves it out.',
      },
    ],
    good: [phrased('order: A B'), phrased()],
  },
  find: (dance) => {
    const { order, walls } = wallsOf(dance);
    if (!order?.entry) return [];
    const danced = new Set([
      ...order.steps.map((step) => step.danced),
      ...walls.flatMap(({ pieces }) => pieces.map(({ block }) => block)),
    ]);
    return dance.parts
      .filter((part) => !danced.has(part) && part.block.headingLine !== undefined)
      .map(({ block }) => ({
        span: dance.script.lines[block.headingLine as number].span,
        message: `Part ${block.name} is never danced: the order leaves it out.`,
      }));
  },
};

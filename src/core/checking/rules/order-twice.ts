import { wallsOf } from '../../walls/table';
import { phrased, planPlace, type Rule } from '../rule';

export const orderTwice: Rule = {
  code: 'order-twice',
  group: 'plan',
  severity: 'warning',
  about: 'Two orders in one sheet.',
  examples: {
    bad: [
      {
        text: phrased('order: A B A', '<|order: A A B|>'),
        message: 'There is an order already; this one is not danced.',
      },
    ],
    good: [phrased('order: A B A')],
  },
  find: (dance) =>
    (wallsOf(dance).order?.others ?? []).map((entry) => ({
      span: planPlace(entry),
      message: 'There is an order already; this one is not danced.',
    })),
};

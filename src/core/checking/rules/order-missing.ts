import { wallsOf } from '../../walls/table';
import { phrased, planned, type Rule } from '../rule';

export const orderMissing: Rule = {
  code: 'order-missing',
  group: 'plan',
  severity: 'remark',
  about: 'A dance of several parts without an order.',
  waitsFor: 'dance',
  examples: {
    bad: [
      {
        text: '<|## Part A|>\n1-2 Sway R, sway L\n\n## Part B\n1-2 Sway R, sway L',
        message: 'No order is given: the parts are taken once, as they stand. Write it like “order: A B A B”.',
      },
    ],
    good: [phrased('order: A B A'), planned()],
  },
  find: (dance) => {
    const { order } = wallsOf(dance);
    const [first] = dance.parts;
    if (!order || order.entry || first?.block.headingLine === undefined) return [];
    const names = dance.parts.map(({ block }) => block.name).join(' ');
    return [
      {
        span: dance.script.lines[first.block.headingLine].span,
        message: `No order is given: the parts are taken once, as they stand. Write it like “order: ${names} ${names}”.`,
      },
    ];
  },
};

import { hourOfFacing } from '../../model/turns';
import { wallsOf } from '../../walls/table';
import { phrased, planned, planPlace, type Rule } from '../rule';

export const endingNotFront: Rule = {
  code: 'ending-not-front',
  group: 'plan',
  severity: 'remark',
  about: 'The dance ends facing another wall than the front.',
  waitsFor: 'dance',
  examples: {
    bad: [
      {
        text: phrased('order: A B', '<|ending: wall 2 after 2|>'),
        message: 'The dance ends facing 6:00, not the front.',
      },
    ],
    good: [phrased('order: A B A B', 'ending: wall 4 after 2'), planned('ending: wall 3 after 4')],
  },
  find: (dance) => {
    const { walls, ended } = wallsOf(dance);
    const last = walls[walls.length - 1];
    const entry = last?.cut?.entry;
    if (!ended || !entry || last.end === 0) return [];
    return [
      {
        span: planPlace(entry),
        wall: last.number,
        message: `The dance ends facing ${hourOfFacing(last.end)}, not the front.`,
      },
    ];
  },
};

import { reachOf } from '../../floor/measure';
import { placeIn, section, writtenCallsOf, type Rule } from '../rule';

/** Steps: an ordinary step from an ordinary step behind is two. */
const FAR = 2.4;

export const reachFar: Rule = {
  code: 'reach-far',
  group: 'floor',
  severity: 'remark',
  about: 'A foot goes further in one count than from one ordinary step behind to one before.',
  examples: {
    bad: [
      {
        text: section(2, '1-2 Step R forward, <|big step L forward|>'),
        message: 'L goes 2 and a half steps here, from where it stood behind.',
      },
    ],
    good: [section(2, '1-2 Step R forward, step L forward'), section(2, '1-2 Big step R side, drag L')],
  },
  find: (dance) =>
    writtenCallsOf(dance).flatMap(({ call, line }) => {
      const far = call.moments.find((moment) => reachOf(moment) >= FAR);
      if (!far) return [];
      const steps = Math.round(reachOf(far) * 2) / 2;
      const words = `${Math.floor(steps)}${steps % 1 === 0 ? '' : ' and a half'} steps`;
      return [
        {
          span: placeIn(line.line, call.call.span),
          message: `${far.action.foot} goes ${words} here, from where it stood ${far.action.direction === 'back' ? 'in front' : 'behind'}.`,
        },
      ];
    }),
};

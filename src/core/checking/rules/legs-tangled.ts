import { callsOf, placeIn, section, type Rule } from '../rule';
import type { Moment } from '../../dancing/dance';

/** The other foot has been put across and bears the weight: the free leg stands on the wrong side of it. */
const isTangled = ({ action, before }: Moment): boolean =>
  action.foot !== null &&
  before.crossing !== null &&
  before.crossing.foot === before.weight &&
  before.crossing.foot !== action.foot &&
  action.turn === 0 &&
  action.direction === 'together';

export const legsTangled: Rule = {
  code: 'legs-tangled',
  group: 'floor',
  severity: 'remark',
  about: 'A foot that comes beside the other one has to go around it first, because the legs are crossed.',
  examples: {
    bad: [
      {
        text: section(2, '1-2 Cross R over L, <|touch L beside R|>'),
        message: 'R stands across in front of L here: L has to come around it to stand beside it.',
      },
      {
        text: section(2, '1-2 Step R behind L, <|step L beside R|>'),
        message: 'R stands across behind L here: L has to come around it to stand beside it.',
      },
    ],
    good: [
      section(2, '1-2 Cross R over L, step L side'),
      section(4, '1-4 Vine R, touch L'),
      section(2, '1-2 Cross R over L, unwind 1/2 left'),
    ],
  },
  find: (dance) =>
    callsOf(dance).flatMap(({ call, line }) => {
      const tangled = call.call.copied ? undefined : call.moments.find(isTangled);
      const crossing = tangled?.before.crossing;
      if (!tangled || !crossing) return [];
      const { foot } = tangled.action;
      const side = crossing.where === 'front' ? 'in front of' : 'behind';
      return [
        {
          span: placeIn(line.line, call.call.span),
          message: `${crossing.foot} stands across ${side} ${foot} here: ${foot} has to come around it to stand beside it.`,
        },
      ];
    }),
};

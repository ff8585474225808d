import { amountWords, CIRCLE } from '../../model/turns';
import { placeOfTick } from '../../model/ticks';
import { writtenCallsOf, placeIn, section, type Rule } from '../rule';

export const spin: Rule = {
  code: 'spin',
  group: 'facing',
  severity: 'remark',
  about: 'More than a half turn on one step is a spin; more than a full turn on one count is a slip of the pen.',
  examples: {
    bad: [
      {
        text: section(2, '1-2 <|Step R forward turning 3/4 left|>, step L side'),
        message: '3/4 on the one step on 1: a spin, which not everybody can take.',
      },
      {
        text: section(2, '1-2 <|Step R forward turning 1 1/4 left|>, step L side'),
        message: '1 1/4 on count 1 alone is more than a full turn on one count.',
      },
    ],
    good: [section(2, '1-2 Step R forward, pivot 3/4 left'), section(2, '1-2 Cross R over L, unwind full left')],
  },
  find: (dance) =>
    writtenCallsOf(dance).flatMap(({ call, line }) =>
      call.moments.flatMap(({ action, tick }) => {
        const size = Math.abs(action.turn);
        const place = placeOfTick(tick);
        const onOneFoot = action.foot !== null && action.effect === 'takes' && !ON_BOTH_FEET.has(action.word);
        if (size <= CIRCLE / 2 || (size <= CIRCLE && (!onOneFoot || call.figure?.manners.has('spins') === true)))
          return [];
        const span = placeIn(line.line, call.titled?.span ?? call.call.span);
        return size > CIRCLE
          ? [
              {
                span,
                severity: 'warning' as const,
                message: `${amountWords(size)} on count ${place} alone is more than a full turn on one count.`,
              },
            ]
          : [
              {
                span,
                message: `${amountWords(size)} on the one step on ${place}: a spin, which not everybody can take.`,
              },
            ];
      }),
    ),
};

const ON_BOTH_FEET: ReadonlySet<string> = new Set(['pivot', 'unwind']);

import type { Assumption } from '../../dancing/resolve';
import type { DancedCall } from '../../dancing/dance';
import { writtenCallsOf, placeIn, replacing, section, type Rule } from '../rule';

export const turnAssumed: Rule = {
  code: 'turn-assumed',
  group: 'facing',
  severity: 'remark',
  about: 'A turn was completed from the habit of its figure; one key writes it out.',
  examples: {
    bad: [
      {
        text: section(2, '1-2 Step R forward, <|pivot|>'),
        fixed: section(2, '1-2 Step R forward, pivot 1/2 left'),
        message: 'Taken as 1/2 left, as is usual for this figure.',
      },
      {
        text: section(2, '1&2 Sailor R <|1/4|>'),
        fixed: section(2, '1&2 Sailor R 1/4 right'),
        message: 'Taken to the right, as is usual for this figure.',
      },
    ],
    good: [section(2, '1-2 Step R forward, pivot 1/2 left'), section(4, '1-4 Rolling vine R')],
  },
  find: (dance) =>
    writtenCallsOf(dance).flatMap(({ call, line }) => {
      const amount = customary(call, 'amount');
      const way = customary(call, 'way');
      if (!amount && !way) return [];
      const span = placeIn(line.line, (amount ?? way)?.span ?? call.call.span);
      const words = [amount?.value, way?.value].filter(Boolean).join(' ');
      return [
        {
          span,
          message: `Taken ${amount ? 'as' : 'to the'} ${words}, as is usual for this figure.`,
          fix: replacing(words, { from: span.to, to: span.to }, ` ${words}`),
        },
      ];
    }),
};

const customary = (call: DancedCall, kind: Assumption['kind']): Assumption | undefined =>
  call.assumed.find((assumption) => assumption.kind === kind && assumption.customary);

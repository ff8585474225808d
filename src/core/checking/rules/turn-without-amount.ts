import { writtenCallsOf, placeIn, replacing, section, type Rule } from '../rule';

export const turnWithoutAmount: Rule = {
  code: 'turn-without-amount',
  group: 'facing',
  severity: 'warning',
  about: 'A turn says which way but not how far, and the figure has no customary amount.',
  examples: {
    bad: [
      {
        text: section(2, '1&2 Shuffle R <|turning left|>'),
        message: 'How far? Nothing is turned here for now.',
      },
    ],
    good: [section(2, '1&2 Shuffle R turning 1/2 left'), section(2, '1-2 Step R forward, pivot left')],
  },
  find: (dance) =>
    writtenCallsOf(dance).flatMap(({ call, line }) =>
      call.assumed
        .filter((assumption) => assumption.kind === 'amount' && !assumption.customary)
        .map((assumption) => {
          const span = placeIn(line.line, assumption.span);
          return {
            span,
            message: 'How far? Nothing is turned here for now.',
            suggestions: ['1/4', '1/2'].map((amount) =>
              replacing(amount, { from: span.to, to: span.to }, ` ${amount}`),
            ),
          };
        }),
    ),
};

import { WAYS } from '../../model/turns';
import { writtenCallsOf, placeIn, replacing, section, type Rule } from '../rule';

export const turnWithoutDirection: Rule = {
  code: 'turn-without-direction',
  group: 'facing',
  severity: 'warning',
  about: 'A turn says how far but not which way, and nothing in the figure decides it.',
  examples: {
    bad: [
      {
        text: section(2, '1&2 Shuffle R forward <|1/2|>'),
        message: 'Which way? The turn is taken to the right for now.',
      },
    ],
    good: [section(2, '1&2 Shuffle R forward 1/2 right'), section(2, '1-2 Step R forward, pivot 1/2')],
  },
  find: (dance) =>
    writtenCallsOf(dance).flatMap(({ call, line }) =>
      call.assumed
        .filter((assumption) => assumption.kind === 'way' && !assumption.customary)
        .map((assumption) => {
          const span = placeIn(line.line, assumption.span);
          const at = { from: span.to, to: span.to };
          return {
            span,
            message: `Which way? The turn is taken to the ${assumption.value} for now.`,
            suggestions: [...WAYS].reverse().map((way) => replacing(way, at, ` ${way}`)),
          };
        }),
    ),
};

import { writtenCallsOf, placeIn, section, type Rule } from '../rule';

export const turnOpen: Rule = {
  code: 'turn-open',
  group: 'facing',
  severity: 'warning',
  about: 'A turn was left open with a question mark: what fits the walls stated later is offered.',
  examples: {
    bad: [
      {
        text: section(2, '1-2 Step R forward, pivot <|?|>'),
        message: 'This turn is still open. State a wall after it, such as (6:00), and what fits is offered.',
      },
      {
        text: section(4, '1-2 Step R side, touch L', '3-4 Step L side <|turn ? left|>, hold'),
      },
    ],
    good: [section(2, '1-2 Step R forward, pivot 1/2 left'), section(2, '1-2 Step R forward, hold?')],
  },
  find: (dance) =>
    writtenCallsOf(dance).flatMap(({ call, line }) =>
      call.assumed
        .filter(({ kind }) => kind === 'open')
        .map(({ span }) => ({
          span: placeIn(line.line, span),
          message: 'This turn is still open. State a wall after it, such as (6:00), and what fits is offered.',
        })),
    ),
};

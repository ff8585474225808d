import { callsOf, placeIn, section, type Rule } from '../rule';

export const recoverWithoutRock: Rule = {
  code: 'recover-without-rock',
  group: 'weight',
  severity: 'warning',
  about: 'A recover puts the weight back on the foot a rock left; without a rock there is nothing to go back to.',
  examples: {
    bad: [
      {
        text: section(2, '1-2 <|Recover R|>, touch L'),
        message: 'Nothing was rocked, so there is nothing to recover from.',
      },
      { text: section(4, '1-2 Step R beside L, hold', '3-4 <|recover L|>, touch R') },
    ],
    good: [
      section(2, '1-2 Rock R back, recover L'),
      section(2, '1-2 Step R forward, recover L'),
      section(2, '1-2 Press R, recover L'),
      section(2, '1-2 Lunge R side, recover L'),
    ],
  },
  find: (dance) =>
    callsOf(dance).flatMap(({ call, line, previous }) => {
      const [first] = call.moments;
      if (!first || first.action.word !== 'recover' || first.before.rocked || first.before.weight === 'unknown')
        return [];
      const last = previous?.moments[previous.moments.length - 1]?.action;
      // People write "step forward, recover" for a rock: a step that travelled can be taken back.
      const travelled =
        last?.effect === 'takes' &&
        last.direction !== 'together' &&
        last.direction !== 'place' &&
        last.word !== 'recover' &&
        last.word !== 'pivot';
      if (travelled) return [];
      return [
        {
          span: placeIn(line.line, call.call.span),
          message: 'Nothing was rocked, so there is nothing to recover from.',
        },
      ];
    }),
};

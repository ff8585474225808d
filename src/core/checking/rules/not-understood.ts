import { writtenCallsOf, placeIn, section, wordsAt, type Rule } from '../rule';

export const notUnderstood: Rule = {
  code: 'not-understood',
  group: 'names',
  severity: 'warning',
  about: 'Words that are no figure this slate knows. They keep their counts; the weight is not known after them.',
  examples: {
    bad: [
      // A strange word that opens a call may be its figure: nobody takes it for a step.
      { text: section(2, '1-2 <|Zigzag R L|>') },
      {
        text: section(2, '1-2 <|Frobnicate merrily|>'),
        message: '“Frobnicate merrily” is not understood: the weight is not known after it.',
      },
    ],
    good: [
      // A strange word inside a step that is understood leaves the step.
      section(2, '1-2 Step R breezily to the side, touch L'),
      section(2, '1-2 Step R side, touch L'),
      section(2, '1-2 Step R side, touch L and clap'),
    ],
  },
  find: (dance) =>
    writtenCallsOf(dance)
      .filter(({ call }) => !call.figure)
      .map(({ call, line }) => {
        const span = placeIn(line.line, call.call.span);
        const stated = call.after.weight !== 'unknown';
        return {
          span,
          message: `“${wordsAt(dance, span)}” is not understood${stated ? '.' : ': the weight is not known after it.'}`,
        };
      }),
};

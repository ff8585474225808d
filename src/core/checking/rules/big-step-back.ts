import { placeIn, section, writtenCallsOf, type Rule } from '../rule';

export const bigStepBack: Rule = {
  code: 'big-step-back',
  group: 'floor',
  severity: 'remark',
  about: 'A big step backwards goes where nobody looks, into the row behind.',
  examples: {
    bad: [
      {
        text: section(2, '1-2 <|Big step R back|>, drag L'),
        message: 'A big step back: the row behind stands nearer than it looks.',
      },
    ],
    good: [section(2, '1-2 Big step R side, drag L'), section(2, '1-2 Step R back, step L back')],
  },
  find: (dance) =>
    writtenCallsOf(dance)
      .filter(({ call }) =>
        call.moments.some(
          ({ action: { size, direction, effect } }) =>
            size === 'large' && effect === 'takes' && (direction === 'back' || direction === 'diagonal back'),
        ),
      )
      .map(({ call, line }) => ({
        span: placeIn(line.line, call.call.span),
        message: 'A big step back: the row behind stands nearer than it looks.',
      })),
};

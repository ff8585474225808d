import { writtenCallsOf, placeIn, section, wordsAt, type Rule } from '../rule';

export const wordsUnread: Rule = {
  code: 'words-unread',
  group: 'names',
  severity: 'remark',
  about: 'A word inside a call that was understood otherwise carried nothing that could be worked out.',
  examples: {
    bad: [
      {
        text: section(2, '1-2 Step R side <|breezily|>, touch L'),
        message: '“breezily” was left out of the reckoning.',
      },
    ],
    good: [section(2, '1-2 Step R to the side, touch L beside R')],
  },
  find: (dance) =>
    writtenCallsOf(dance).flatMap(({ call, line }) => {
      if (!call.figure || call.call.repeat > 1) return [];
      return call.call.unread.map((unread) => {
        const span = placeIn(line.line, unread);
        return { span, message: `“${wordsAt(dance, span)}” was left out of the reckoning.` };
      });
    }),
};

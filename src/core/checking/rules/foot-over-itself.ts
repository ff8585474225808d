import { otherFoot } from '../../model/feet';
import { writtenCallsOf, placeIn, replacing, section, wordsAt, type Rule } from '../rule';

export const footOverItself: Rule = {
  code: 'foot-over-itself',
  group: 'weight',
  severity: 'error',
  about: 'A foot is said to pass itself.',
  examples: {
    bad: [
      {
        text: section(2, '1-2 <|Cross R over R|>, hold'),
        fixed: section(2, '1-2 Cross R over L, hold'),
        message: 'R can’t go past R: the standing foot is L.',
      },
      {
        text: section(2, '1-2 Step R side, <|touch L beside left|>'),
        fixed: section(2, '1-2 Step R side, touch L beside right'),
      },
    ],
    good: [section(2, '1-2 Cross R over L, point L side'), section(2, '1-2 Step R side, drag L towards R')],
  },
  find: (dance) =>
    writtenCallsOf(dance).flatMap(({ call: { call }, line }) => {
      if (!call.past || call.past !== call.foot) return [];
      const span = placeIn(line.line, call.span);
      const words = wordsAt(dance, span);
      const other = otherFoot(call.past);
      // The last side named is the one that is passed.
      const mended = words.replace(
        /\b(?:(R|L)|(right|left)|(RF|LF))\b(?!.*\b(?:R|L|right|left|RF|LF)\b)/i,
        (_, letter, word, foot) =>
          letter ? other : word ? (other === 'R' ? 'right' : 'left') : foot ? `${other}F` : other,
      );
      return [
        {
          span,
          message: `${call.foot} can’t go past ${call.past}: the standing foot is ${other}.`,
          ...(mended !== words && { fix: replacing(mended, span, mended) }),
        },
      ];
    }),
};

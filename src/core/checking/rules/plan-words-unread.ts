import { shiftSpan } from '../../model/text';
import { planned, type Rule } from '../rule';

export const planWordsUnread: Rule = {
  code: 'plan-words-unread',
  group: 'plan',
  severity: 'remark',
  about: 'Words in a plan line that say nothing the plan knows.',
  examples: {
    bad: [
      {
        text: planned('wall 3: restart after 4 <|merrily|>'),
        message: '“merrily” is kept, but says nothing the plan knows.',
      },
    ],
    good: [planned('wall 3: restart after 4'), planned('walls 1 and 4: add the tag again')],
  },
  find: (dance) =>
    dance.script.plan.flatMap(({ item, offset }) =>
      'unread' in item
        ? item.unread.map(({ text, span }) => ({
            span: shiftSpan(span, offset),
            message: `“${text}” is kept, but says nothing the plan knows.`,
          }))
        : [],
    ),
};

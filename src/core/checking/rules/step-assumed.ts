import type { Assumption } from '../../dancing/resolve';
import { writtenCallsOf, placeIn, replacing, section, type Rule } from '../rule';

export const stepAssumed: Rule = {
  code: 'step-assumed',
  group: 'weight',
  severity: 'remark',
  about: 'A word that can mean two things was read in the customary way.',
  examples: {
    bad: [
      {
        text: section(2, '1-2 <|Rock R|>, recover L'),
        fixed: section(2, '1-2 Rock R side, recover L'),
        message: 'A rock without a direction: taken to the side.',
      },
      {
        text: section(4, '1-2 <|Stomp R|>, stomp R', '3-4 Walk L, walk R'),
        fixed: section(4, '1-2 Stomp up R, stomp R', '3-4 Walk L, walk R'),
        message: 'R goes again next, so this stomp is taken without weight.',
      },
      {
        text: section(4, '1-3 Side R, behind L, <|1/4 right|>', '4 Scuff L'),
        fixed: section(4, '1-3 Side R, behind L, step forward turning 1/4 right', '4 Scuff L'),
        message: 'Taken as a step forward that turns so far.',
      },
      {
        text: section(4, '1-2 Step R forward, <|turn 1/2 left|>', '3-4 Walk R, walk L'),
        fixed: section(4, '1-2 Step R forward, pivot 1/2 left', '3-4 Walk R, walk L'),
      },
    ],
    good: [section(2, '1-2 Rock R side, recover L'), section(2, '1-2 Stomp R, stomp L')],
  },
  find: (dance) =>
    writtenCallsOf(dance).flatMap(({ call, line }) =>
      call.assumed.flatMap((assumption) => {
        const sentence = SENTENCES[assumption.kind];
        if (!sentence) return [];
        const span = placeIn(line.line, assumption.span);
        const words = dance.script.text.slice(span.from, span.to);
        const mended = sentence.mend(words);
        return [
          {
            span,
            message: sentence.message(assumption),
            ...(mended !== words && { fix: replacing(mended, span, mended) }),
          },
        ];
      }),
    ),
};

const SENTENCES: Partial<
  Record<Assumption['kind'], { message: (assumption: Assumption) => string; mend: (words: string) => string }>
> = {
  direction: {
    message: () => 'A rock without a direction: taken to the side.',
    mend: (words) => `${words} side`,
  },
  'stomp up': {
    message: ({ value }) => `${value} goes again next, so this stomp is taken without weight.`,
    mend: (words) => words.replace(/\b(stomp)\b/i, '$1 up'),
  },
  'turned step': {
    message: () => 'Taken as a step forward that turns so far.',
    mend: (words) => `step forward turning ${words.replace(/^turn(?:ing)?\s+/i, '')}`,
  },
  pivot: {
    message: ({ value }) => `The weight goes to ${value} on this turn, as the next step shows.`,
    mend: (words) => (words.includes('?') ? words : words.replace(/\bturn\b/i, 'pivot')),
  },
};

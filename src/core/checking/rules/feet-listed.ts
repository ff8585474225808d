import type { DancedCall, Moment } from '../../dancing/dance';
import { placeOfTick } from '../../model/ticks';
import { writtenCallsOf, placeIn, section, type Rule } from '../rule';

export const feetListed: Rule = {
  code: 'feet-listed',
  group: 'weight',
  severity: 'error',
  about: 'The feet written behind a figure are not those the figure takes.',
  examples: {
    bad: [
      {
        text: section(2, '1&2& <|Heel switches R R|>'),
        message: 'R is written where this figure takes L, on 2.',
      },
      { text: section(4, '1-4 <|Walk R L L R|>'), message: 'L is written where this figure takes R, on 3.' },
    ],
    good: [section(2, '1&2& Heel switches R L'), section(2, '1&2 Shuffle R L R'), section(4, '1-4 Toe struts R L')],
  },
  find: (dance) =>
    writtenCallsOf(dance).flatMap(({ call, line }) => {
      const wrong = firstOther(call);
      if (!wrong) return [];
      const { footSpan, span } = call.call;
      const feet = footSpan
        ? { from: call.call.nameSpan?.from ?? span.from, to: endOfFeet(call, line.line.text) }
        : span;
      return [
        {
          span: placeIn(line.line, feet),
          message: `${wrong.written} is written where this figure takes ${wrong.moment.action.foot}, on ${placeOfTick(wrong.moment.tick)}.`,
        },
      ];
    }),
};

/** The first listed foot that is not the one danced there; each foot stands for as many actions as come to it. */
function firstOther({ call: { feet }, moments, figure }: DancedCall): { written: string; moment: Moment } | undefined {
  if (!feet || !figure) return undefined;
  const moved = moments.filter(({ action }) => action.foot !== null);
  const each = moved.length / feet.length;
  if (!Number.isInteger(each) || each < 1) return undefined;
  // Hips and stomps may go twice to one side; steps may not.
  if (figure.family === 'single' && moved.some(({ action }) => action.word !== 'step')) return undefined;
  const at = feet.findIndex((foot, index) => moved[index * each].action.foot !== foot);
  return at < 0 ? undefined : { written: feet[at], moment: moved[at * each] };
}

/** The list of feet ends with its last letter or word. */
function endOfFeet({ call: { feet = [], footSpan, span } }: DancedCall, text: string): number {
  let end = footSpan?.from ?? span.from;
  for (const match of text.slice(end, span.to).matchAll(/\b(?:R|L|right|left|RF|LF)\b/gi)) {
    if (feet.length === 0) break;
    end = (footSpan?.from ?? span.from) + match.index + match[0].length;
  }
  return Math.min(end, span.to);
}

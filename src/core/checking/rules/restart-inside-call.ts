import type { DancedBlock, DancedCall } from '../../dancing/dance';
import type { Proposal } from '../../model/findings';
import { shiftSpan } from '../../model/text';
import { countsOfTicks, TICKS_A_COUNT } from '../../model/ticks';
import type { PlanEntry } from '../../reading/script';
import { placeIn, planned, planPlace, problemsOf, replacing, wordsAt, type Rule } from '../rule';

export const restartInsideCall: Rule = {
  code: 'restart-inside-call',
  group: 'plan',
  severity: 'error',
  about: 'A cut, or a tag, in the middle of a figure.',
  examples: {
    bad: [
      {
        text: planned('<|wall 3: restart after 2|>'),
        message: 'After 2 counts “Jazz box R” is only begun: cut before or after it, or say what is danced instead.',
      },
    ],
    good: [planned('wall 3: restart after 4'), planned('wall 3: restart after 2, then 3-4 Step R side, touch L')],
  },
  find: (dance) =>
    problemsOf(dance, 'inside-call').map(({ entry, cut, block }) => {
      const call = cut.inside as DancedCall;
      const [first] = call.moments;
      return {
        span: planPlace(entry),
        message: `After ${countsOfTicks(cut.ticks)} counts “${wordsAt(dance, placeIn(first.line, (call.titled ?? call.call).span))}” is only begun: cut before or after it, or say what is danced instead.`,
        related: { span: placeIn(first.line, (call.titled ?? call.call).span), message: 'The cut falls in here.' },
        suggestions: placesAround(entry, call, block),
      };
    }),
};

function placesAround({ item, offset }: PlanEntry, { moments }: DancedCall, { counts }: DancedBlock): Proposal[] {
  if (!('place' in item) || !item.place || item.kind === 'change') return [];
  const span = shiftSpan(item.place.span, offset);
  const before = Math.floor(moments[0].time / TICKS_A_COUNT);
  const after = Math.floor(moments[moments.length - 1].time / TICKS_A_COUNT) + 1;
  return [before, after]
    .filter((count) => count > 0 && count < counts)
    .map((count) => replacing(`after ${count}`, span, `after ${count}`));
}

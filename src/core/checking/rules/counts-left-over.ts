import type { DancedCall } from '../../dancing/dance';
import { placeOfTick } from '../../model/ticks';
import { linesOf, placeIn, plural, replacing, section, type Rule } from '../rule';

export const countsLeftOver: Rule = {
  code: 'counts-left-over',
  group: 'counts',
  severity: 'warning',
  about: 'A line has more counts than actions. One count over may be a hold; it is better written.',
  examples: {
    bad: [
      {
        text: section(2, '1-2 <|Stomp R|>'),
        fixed: section(2, '1-2 Stomp R, hold'),
        message: 'Nothing is written for count 2: taken as a hold.',
      },
      {
        text: section(4, '1-4 <|Coaster R|>'),
        message: 'Only 3 actions for 4 counts: nothing is written for count 4.',
      },
    ],
    good: [section(4, '1-4 Walk R L R, hold'), section(4, '1-4 Coaster R, hold'), section(2, '1-2 Stomp R, hold')],
  },
  find: (dance) =>
    linesOf(dance).flatMap(({ line }) =>
      line.groups.flatMap((group) => {
        if (group.empty.length === 0 || group.calls.some((call) => !call.figure)) return [];
        const spans = group.calls.map((call) => call.titled?.span ?? call.call.span);
        const span = placeIn(line.line, {
          from: spans[0]?.from ?? 0,
          to: spans[spans.length - 1]?.to ?? line.line.text.length,
        });
        const places = group.empty.map(placeOfTick).join(', ');
        const lastIsOpen = group.empty.length === 1 && group.empty[0] === group.ticks[group.ticks.length - 1];
        const actions = group.calls.reduce((sum, call) => sum + call.moments.length, 0);
        // A step and a count to let it stand is everyday writing; only more than that looks like a slip.
        const last = group.calls[group.calls.length - 1];
        const slow = lastIsOpen && (actions === 1 || lasts(last));
        return [
          {
            span,
            severity: slow ? ('remark' as const) : undefined,
            message: slow
              ? `Nothing is written for count ${places}: taken as a hold.`
              : `Only ${plural(actions, 'action')} for ${group.ticks.length} counts: nothing is written for count ${places}.`,
            ...(lastIsOpen && { fix: replacing('hold', { from: span.to, to: span.to }, ', hold') }),
          },
        ];
      }),
    ),
};

/** A foot that is drawn in or swept round takes its time. */
const lasts = (call: DancedCall | undefined): boolean =>
  call?.figure?.rides === true && call.moments.some(({ action }) => action.foot !== null);

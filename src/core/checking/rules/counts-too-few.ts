import { linesOf, placeIn, plural, section, wordsAt, type Rule } from '../rule';

export const countsTooFew: Rule = {
  code: 'counts-too-few',
  group: 'counts',
  severity: 'error',
  about: 'A line has more to dance than it has counts.',
  examples: {
    bad: [
      {
        text: section(2, '1-2 Walk R, walk L, <|walk R|>'),
        message: 'More steps than counts: nothing is left of 2 counts for “walk R”.',
      },
    ],
    good: [section(2, '1&2 Walk R, walk L, walk R'), section(2, '1-2 Step R side, touch L and clap')],
  },
  find: (dance) =>
    linesOf(dance).flatMap(({ line }) =>
      line.groups.flatMap((group) => {
        const over = group.calls.find((call) => call.unplaced);
        if (!over || group.group.counts?.problem) return [];
        const span = placeIn(line.line, over.call.span);
        const left = plural(group.ticks.length, 'count');
        return [
          {
            span,
            message: `More steps than counts: nothing is left of ${left} for “${wordsAt(dance, span)}”.`,
          },
        ];
      }),
    ),
};

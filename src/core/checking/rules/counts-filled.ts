import { CALL_COLUMN } from '../../printing/calls';
import { printCounts } from '../../printing/counts';
import { linesOf, replacing, section, type Rule } from '../rule';

export const countsFilled: Rule = {
  code: 'counts-filled',
  group: 'counts',
  severity: 'remark',
  about: 'A line without counts is counted on from the line before, each figure in its usual rhythm.',
  examples: {
    bad: [
      {
        text: section(4, '1-2 Rock R forward, recover L', '<|Coaster R|>'),
        fixed: section(4, '1-2 Rock R forward, recover L', '3&4    Coaster R'),
        message: 'No counts are written: taken as 3&4.',
      },
    ],
    good: [section(2, '1&2 Coaster R')],
  },
  find: (dance) =>
    linesOf(dance).flatMap(({ line }) => {
      const [group] = line.groups;
      if (line.groups.length !== 1 || group.group.counts || group.group.repeat || group.ticks.length === 0) return [];
      const counts = printCounts(group.ticks);
      const start = line.line.span.from + (line.line.step?.start ?? 0);
      const span = { from: start, to: line.line.span.to };
      const label = `write ${counts}`;
      const at = { from: start, to: start };
      return [
        {
          span,
          message: `No counts are written: taken as ${counts}.`,
          fix: replacing(label, at, counts.padEnd(CALL_COLUMN)),
        },
      ];
    }),
};

import type { DancedGroup, DancedLine } from '../../dancing/dance';
import { nameOfGroup } from '../../rewriting/naming';
import { linesOf, placeIn, replacing, section, type Found, type Rule } from '../rule';

export const hasAName: Rule = {
  code: 'has-a-name',
  group: 'names',
  severity: 'remark',
  about: 'A line spelt out foot by foot makes a figure that has a name.',
  examples: {
    bad: [
      {
        text: section(2, '1&2 <|Step R back, step L beside R, step R forward|>'),
        fixed: section(2, '1&2 Coaster R'),
        message: 'This has a name: coaster.',
      },
      {
        text: section(4, '1-4 <|Step R side, step L behind R, step R forward turning 1/4 right, touch L beside|>'),
        fixed: section(4, '1-4 Vine R turning 1/4 right'),
      },
    ],
    good: [
      section(2, '1&2 Coaster R: back, together, forward'),
      section(4, '1-4 Step R forward, kick L, step L back, hold'),
      section(2, '1-2 Step R side, touch L'),
    ],
  },
  find: (dance) => linesOf(dance).flatMap(({ line }) => line.groups.flatMap((group) => nameOf(line, group))),
};

function nameOf({ line }: DancedLine, group: DancedGroup): Found[] {
  const named = nameOfGroup(group);
  if (!named) return [];
  const { calls } = group;
  const span = placeIn(line, { from: calls[0].call.span.from, to: calls[calls.length - 1].call.span.to });
  return [
    { span, message: `This has a name: ${named.figure.names.en[0]}.`, fix: replacing(named.words, span, named.words) },
  ];
}

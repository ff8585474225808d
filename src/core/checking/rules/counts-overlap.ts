import { placeOfTick } from '../../model/ticks';
import { placeIn, section, sectionName, sectionsOf, type Found, type Rule } from '../rule';
import { groupsOf } from './counts-gap';
import { greatest } from '../../model/numbers';

export const countsOverlap: Rule = {
  code: 'counts-overlap',
  group: 'counts',
  severity: 'error',
  about: 'The same count is called on two lines, or the counts go backwards from one line to the next.',
  namesPlace: true,
  examples: {
    bad: [
      {
        text: section(8, '1-4 Vine R', '<|4-8|> Walk L R L R L'),
        message: 'Section 1: count 4 is called twice.',
      },
      {
        text: section(8, '1-4 Vine R', '7-8 Walk L R', '<|5-6|> Walk L R'),
        message: 'Section 1: count 5 comes after count 8.',
      },
    ],
    good: [
      '## Section 1\n1 Step R forward\n2-3 Rock L forward, recover R\n4&5 Shuffle L back\n6-7 Rock R back, recover L\n8&1 Shuffle R forward\n## Section 2\n1 Step R forward\n2-4 Walk L R L\n5-8 Walk R L R L',
      section(4, '1&2& Heel switches R L', '3-4 Walk R, walk L'),
      section(4, '1-2 Walk R, walk L', '&3-4 Ball step, hold'),
    ],
  },
  find: (dance) =>
    sectionsOf(dance).flatMap(({ block, section: own }) => {
      // The 1 of an `8&1` said once more with the same foot is one step.
      const shared = own.lines[0]?.moments[0]?.shared === true;
      let last = own.runsInto && !shared ? 0 : -Infinity;
      const found: Found[] = [];
      const seen = new Set<number>();
      for (const group of groupsOf(own)) {
        const { counts } = group.group;
        const [first] = group.ticks;
        if (first !== undefined && counts && first <= last) {
          const twice = seen.has(first) || last === first;
          const message = twice
            ? `${sectionName(block, own)}: count ${placeOfTick(first)} is called twice.`
            : `${sectionName(block, own)}: count ${placeOfTick(first)} comes after count ${placeOfTick(last)}.`;
          found.push({ span: placeIn(group.line, counts.span), message });
        }
        for (const tick of group.ticks) seen.add(tick);
        last = greatest(group.ticks, last);
      }
      return found;
    }),
};

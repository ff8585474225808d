import type { DancedGroup, DancedSection } from '../../dancing/dance';
import { countOfTick, TICKS_A_COUNT } from '../../model/ticks';
import { placeIn, section, sectionName, sectionsOf, type Rule } from '../rule';
import { greatest } from '../../model/numbers';

export const countsGap: Rule = {
  code: 'counts-gap',
  group: 'counts',
  severity: 'error',
  about: 'A count between two lines belongs to no line.',
  namesPlace: true,
  examples: {
    bad: [
      {
        text: section(8, '1-2 Walk R, walk L', '<|4-8|> Walk R L R L R'),
        message: 'Section 1: count 3 is missing before this line.',
      },
    ],
    good: [
      section(8, '1-2 Rock R forward, recover L', '3&4 Shuffle R back', '5-8 Walk L R L R'),
      '## Section 1\n2-3 Rock R forward, recover L\n4&5 Shuffle R back\n6-7 Rock L back, recover R\n8&1 Shuffle L forward',
    ],
  },
  find: (dance) =>
    sectionsOf(dance).flatMap(({ block, section: own }) => {
      let reached = own.runsInto ? 1 : 0;
      return groupsOf(own).flatMap((group) => {
        const first = firstCount(group);
        const before = reached;
        reached = greatest(countsOf(group), reached);
        if (first === undefined || first <= before + 1) return [];
        const missing = Array.from({ length: first - before - 1 }, (_, index) => before + 1 + index);
        const span = placeIn(group.line, group.group.counts?.span ?? { from: 0, to: group.line.text.length });
        return [{ span, message: `${sectionName(block, own)}: ${listCounts(missing)} missing before this line.` }];
      });
    }),
};

export const groupsOf = (own: DancedSection): DancedGroup[] => own.lines.flatMap(({ groups }) => groups);

/** Whole counts a group calls; a slow takes two. */
function countsOf(group: DancedGroup): number[] {
  if (!group.group.counts?.floating) return group.ticks.filter((tick) => tick % TICKS_A_COUNT === 0).map(countOfTick);
  const first = countOfTick(group.ticks[0]);
  return Array.from({ length: group.end / TICKS_A_COUNT - first + 1 }, (_, index) => first + index);
}

const firstCount = (group: DancedGroup): number | undefined => countsOf(group)[0];

/** `count 3 is`, `counts 3 and 4 are`, `counts 3 to 7 are`. */
export function listCounts(counts: readonly number[]): string {
  if (counts.length === 1) return `count ${counts[0]} is`;
  const [first, last] = [counts[0], counts[counts.length - 1]];
  return `counts ${first} ${counts.length === 2 ? 'and' : 'to'} ${last} are`;
}

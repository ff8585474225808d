import type { DancedBlock } from '../../dancing/dance';
import { figureMatches } from '../../dancing/places';
import type { Proposal } from '../../model/findings';
import { shiftSpan } from '../../model/text';
import { TICKS_A_COUNT } from '../../model/ticks';
import type { PlanEntry } from '../../reading/script';
import { planned, planPlace, problemsOf, replacing, section, type Rule } from '../rule';

export const planPlaceUnclear: Rule = {
  code: 'plan-place-unclear',
  group: 'plan',
  severity: 'warning',
  about: 'A place given by a figure that occurs twice, or not at all.',
  examples: {
    bad: [
      {
        text: planned('<|wall 3: restart after the jazz box|>'),
        message: 'The jazz box occurs more than once here: say after which count.',
      },
      {
        text: planned('<|wall 3: restart after the coaster|>'),
        message: 'This place isn’t found in the dance: say after which count.',
      },
    ],
    good: [
      planned('wall 3: restart after 4'),
      section(4, '1-2 Rock R forward, recover L', '3&4 Coaster R', '', '## Plan', 'wall 3: restart after the coaster'),
    ],
  },
  find: (dance) => [
    ...problemsOf(dance, 'place-twice').map(({ entry, words, block }) => ({
      span: planPlace(entry),
      message: `The ${words} occurs more than once here: say after which count.`,
      suggestions: placesOf(entry, words, block),
    })),
    ...problemsOf(dance, 'place-unknown').map(({ entry }) => ({
      span: planPlace(entry),
      message: 'This place isn’t found in the dance: say after which count.',
    })),
  ],
};

const MOST_OFFERED = 4;

/** Every place the words could mean, by its count. */
function placesOf({ item, offset }: PlanEntry, words: string, block: DancedBlock): Proposal[] {
  if (!('place' in item) || !item.place) return [];
  const span = shiftSpan(item.place.span, offset);
  return figureMatches(block, words)
    .slice(0, MOST_OFFERED)
    .map(({ moments }) => Math.floor(moments[moments.length - 1].time / TICKS_A_COUNT) + 1)
    .map((count) => replacing(`after ${count}`, span, `after ${count}`));
}

import type { DancedBlock, Dance } from '../../dancing/dance';
import type { Proposal } from '../../model/findings';
import { shiftSpan } from '../../model/text';
import type { PlanEntry } from '../../reading/script';
import { phrased, planned, planPlace, problemsOf, replacing, type Rule } from '../rule';

export const planPlaceBeyond: Rule = {
  code: 'plan-place-beyond',
  group: 'plan',
  severity: 'error',
  about: 'A restart or tag after more counts than there are.',
  waitsFor: 'dance',
  examples: {
    bad: [
      { text: planned('<|wall 3: restart after 12|>'), message: 'A wall has 8 counts, so nothing comes after 12.' },
      { text: planned('<|wall 3: restart after section 4|>'), message: 'There is no section 4.' },
      { text: phrased('<|order: A(12) B|>'), message: 'A has 8 counts, so it can’t be danced to 12.' },
    ],
    good: [planned('wall 3: restart after 8'), phrased('order: A(4) B')],
  },
  find: (dance) =>
    problemsOf(dance, 'place-beyond').map(({ entry, block }) => ({
      span: planPlace(entry),
      message: beyond(entry, block),
      suggestions: lastCount(dance, entry, block),
    })),
};

function beyond({ item }: PlanEntry, { counts, block, sections }: DancedBlock): string {
  const what = block.name || 'A wall';
  if (item.kind === 'order') {
    const long = item.items.find(
      ({ to, name }) => to && to.count > counts && name.toLowerCase() === block.name.toLowerCase(),
    );
    return `${what} has ${counts} counts, so it can’t be danced to ${long?.to?.count ?? 'there'}.`;
  }
  const place = 'place' in item ? item.place : undefined;
  const section = place?.kind === 'section' || place?.kind === 'count' ? place.section : undefined;
  if (section !== undefined) {
    const own = sections.find(({ text }) => text.number === section);
    return own
      ? `Section ${section} has ${own.counts} counts, so nothing comes after its ${place?.kind === 'count' ? place.count : 'end'}.`
      : `There is no section ${section}.`;
  }
  return `${what} has ${counts} counts, so nothing comes after ${place?.kind === 'count' ? place.count : 'there'}.`;
}

/** The last place inside the wall: where its last section begins, or its middle. */
function lastCount(dance: Dance, { item, offset }: PlanEntry, { sections, counts }: DancedBlock): Proposal[] {
  if (!('place' in item) || !item.place) return [];
  const last = counts - (sections[sections.length - 1]?.counts ?? 0) || Math.floor(counts / 8) * 4;
  const span = shiftSpan(item.place.span, offset);
  const words = dance.script.text.slice(span.from, span.to);
  return last > 0 && last < counts
    ? [replacing(`after ${last}`, span, /^after/i.test(words) ? `after ${last}` : `after ${last}`)]
    : [];
}

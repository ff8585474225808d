import { headingPlace, plural, replacing, section, sectionName, sectionsOf, type Rule } from '../rule';
import { listCounts } from './counts-gap';

export const sectionShort: Rule = {
  code: 'section-short',
  group: 'counts',
  severity: 'error',
  about: 'A section has fewer counts than it says, so the class runs out of steps before the music does.',
  waitsFor: 'section',
  namesPlace: true,
  examples: {
    bad: [
      {
        text: 'start: weight L\n\n<|## Section 1|>\n1&2 Shuffle R\n3&4 Shuffle L\n5-6 Walk R, walk L\n7 Touch R',
        message: 'Section 1 comes to 7 counts, not 8: count 8 is missing.',
      },
    ],
    good: [section(4, '1-4 Vine R'), '## Section 1\n1-4 Vine R\n5-8 Vine L'],
  },
  find: (dance) =>
    sectionsOf(dance).flatMap(({ block, section: own }) => {
      if (own.lines.length === 0 || own.counts >= own.statedCounts) return [];
      const missing = Array.from({ length: own.statedCounts - own.counts }, (_, index) => own.counts + 1 + index);
      const place = headingPlace(dance, own);
      const heading = own.text.headingLine === undefined ? undefined : dance.script.lines[own.text.headingLine];
      const stated = heading && !own.text.countsStated && own.counts > 0;
      return [
        {
          span: place,
          message: `${sectionName(block, own)} comes to ${plural(own.counts, 'count')}, not ${own.statedCounts}: ${listCounts(missing)} missing.`,
          ...(stated && {
            suggestions: [
              replacing(
                `it is meant to have ${own.counts}`,
                { from: place.to, to: place.to },
                ` (${plural(own.counts, 'count')})`,
              ),
            ],
          }),
        },
      ];
    }),
};

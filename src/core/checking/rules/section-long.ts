import { headingPlace, plural, replacing, section, sectionName, sectionsOf, type Rule } from '../rule';

export const sectionLong: Rule = {
  code: 'section-long',
  group: 'counts',
  severity: 'error',
  about: 'A section has more counts than it says.',
  namesPlace: true,
  examples: {
    bad: [
      {
        text: '<|## Section 1 (4 counts)|>\n1-4 Vine R\n5-6 Step L side, touch R',
        message: 'Section 1 comes to 6 counts, not 4: 2 too many.',
      },
    ],
    good: [section(6, '1-4 Vine R', '5-6 Step L side, touch R'), 'section: 6\n\n## Section 1\n1-6 Walk R L R L R L'],
  },
  find: (dance) =>
    sectionsOf(dance).flatMap(({ block, section: own }) => {
      if (own.counts <= own.statedCounts) return [];
      const span = headingPlace(dance, own);
      const plain = own.text.headingLine !== undefined && !own.text.countsStated;
      return [
        {
          span,
          message: `${sectionName(block, own)} comes to ${plural(own.counts, 'count')}, not ${own.statedCounts}: ${own.counts - own.statedCounts} too many.`,
          ...(plain && {
            suggestions: [
              replacing(`it is meant to have ${own.counts}`, { from: span.to, to: span.to }, ` (${own.counts} counts)`),
            ],
          }),
        },
      ];
    }),
};

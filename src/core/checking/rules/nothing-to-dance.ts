import { headingPlace, sectionName, sectionsOf, type Found, type Rule } from '../rule';

export const nothingToDance: Rule = {
  code: 'nothing-to-dance',
  group: 'counts',
  severity: 'warning',
  about: 'A dance without a section, or a section without a line.',
  waitsFor: 'section',
  examples: {
    bad: [
      { text: '<||>', message: 'There is nothing to dance yet: write a line such as “1-4 Vine R”.' },
      {
        text: '# Low Water<||>',
        message: 'There is nothing to dance yet: write a line such as “1-4 Vine R”.',
      },
      {
        text: '<|## Section 1|>\n\n## Section 2 (4 counts)\n1-4 Vine R',
        message: 'Section 1 has no lines yet.',
      },
    ],
    good: ['## Section 1 (4 counts)\n1-4 Vine R'],
  },
  find: (dance) => {
    const sections = sectionsOf(dance);
    if (!sections.some(({ section }) => section.lines.length > 0)) {
      const end = dance.script.text.length;
      return [
        {
          severity: 'remark' as const,
          span: { from: end, to: end },
          message: 'There is nothing to dance yet: write a line such as “1-4 Vine R”.',
        },
      ];
    }
    return sections
      .filter(({ section }) => section.lines.length === 0)
      .map(({ block, section }): Found => ({
        span: headingPlace(dance, section),
        message: `${sectionName(block, section)} has no lines yet.`,
      }));
  },
};

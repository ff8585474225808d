import { plural, planned, type Rule } from '../rule';

const TWO_SECTIONS = (counts: number) =>
  planned('wall 2: tag ebb').replace(
    '## Tag "ebb"\n',
    `## Tag "ebb" (${counts} counts)\n1-4 Step R side, touch L, step L side, touch R\n`,
  );

export const tagLength: Rule = {
  code: 'tag-length',
  group: 'counts',
  severity: 'error',
  about: 'A tag of several sections that comes to more or fewer counts than its heading says.',
  waitsFor: 'section',
  examples: {
    bad: [
      {
        text: TWO_SECTIONS(8).replace('## Tag "ebb" (8 counts)', '<|## Tag "ebb" (8 counts)|>'),
        message: 'The tag says 8 counts; its sections come to 6.',
      },
    ],
    good: [TWO_SECTIONS(6), planned('wall 2: tag ebb')],
  },
  find: (dance) =>
    dance.tags
      .filter(
        ({ block, counts, sections }) => sections.length > 1 && block.counts !== undefined && block.counts !== counts,
      )
      .map(({ block, counts }) => ({
        span: dance.script.lines[block.headingLine ?? 0].span,
        message: `The tag says ${plural(block.counts ?? 0, 'count')}; its sections come to ${counts}.`,
      })),
};

import { plural, replacing, type Rule } from '../rule';

const FOUR = '\n\n## Section 1 (4 counts)\n1-4 Vine R, step L beside R';

export const countsClaimed: Rule = {
  code: 'counts-claimed',
  group: 'counts',
  severity: 'warning',
  about: 'The header says another number of counts than the sections come to.',
  waitsFor: 'dance',
  examples: {
    bad: [
      {
        text: `<|counts: 32|>${FOUR}`,
        fixed: `counts: 4${FOUR}`,
        message: 'It says 32 counts; the sections come to 4.',
      },
    ],
    good: [`counts: 4${FOUR}`, FOUR],
  },
  find: (dance) => {
    const { counts } = dance.script.header;
    if (!counts || dance.counts === 0 || counts.value === dance.counts) return [];
    const text = dance.script.text.slice(counts.span.from, counts.span.to);
    return [
      {
        span: counts.span,
        message: `It says ${plural(counts.value, 'count')}; the sections come to ${dance.counts}.`,
        fix: replacing(`counts: ${dance.counts}`, counts.span, text.replace(/:.*$/, `: ${dance.counts}`)),
      },
    ];
  },
};

import type { Rule } from '../rule';

const DANCE = '## Section 1 (4 counts)\n1-4 Vine R, step L beside R\n\n';

export const planKept: Rule = {
  code: 'plan-kept',
  group: 'plan',
  severity: 'remark',
  about: 'Plans, endings and options are kept as they are written, and not yet worked out.',
  examples: {
    bad: [
      {
        text: `${DANCE}<|## Plan|>\nwall 3: restart after 2`,
        message: 'Kept as written. The walls shown are those of the dance without it.',
      },
    ],
    good: [`${DANCE}## Tag "ebb"\n1-2 Sway R, sway L`],
  },
  find: (dance) =>
    dance.script.blocks
      .filter(
        (block) =>
          block.kind !== 'part' && block.kind !== 'tag' && block.kind !== 'figure' && block.headingLine !== undefined,
      )
      .map((block) => ({
        span: dance.script.lines[block.headingLine as number].span,
        message:
          block.kind === 'plan'
            ? 'Kept as written. The walls shown are those of the dance without it.'
            : 'Kept as written, not yet worked out.',
      })),
};

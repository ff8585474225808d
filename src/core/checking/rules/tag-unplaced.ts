import { wallsOf } from '../../walls/table';
import { planned, type Rule } from '../rule';

export const tagUnplaced: Rule = {
  code: 'tag-unplaced',
  group: 'plan',
  severity: 'remark',
  about: 'A tag or an ending that no wall dances.',
  waitsFor: 'dance',
  examples: {
    bad: [
      {
        text: planned('wall 3: tag ebb').replace('## Plan', '<|## Ending|>\n1 Hold\n\n## Plan'),
        message: 'No wall comes to this ending. Say where in the plan: “ending: wall 9 after 16”.',
      },
      {
        text: '## Section 1 (2 counts)\n1-2 Sway R, sway L\n\n<|## Tag "ebb"|>\n1-2 Sway R, sway L',
        message: 'No wall dances this tag. Say where in the plan: “walls 1, 4: tag ebb”.',
      },
    ],
    good: [
      planned('wall 1: tag ebb', 'ending: wall 3 after 4').replace('## Plan', '## Ending\n1 Hold\n\n## Plan'),
      planned('wall 3: tag ebb'),
      '## Section 1 (2 counts)\n1-2 Sway R, sway L\n\n## Tag after wall 2\n1-2 Sway R, sway L',
    ],
  },
  find: (dance) => {
    const { blocks, lines, plan } = dance.script;
    const danced = new Set(wallsOf(dance).walls.flatMap(({ pieces }) => pieces.map(({ block }) => block.block)));
    const ends = plan.some(({ item }) => item.kind === 'ending');
    return blocks.flatMap(({ kind, name, headingLine, sections }, index) => {
      if (headingLine === undefined || danced.has(blocks[index])) return [];
      const { span } = lines[headingLine];
      if (kind === 'tag')
        return [
          {
            span,
            message: `No wall dances this tag. Say where in the plan: “walls 1, 4: tag${name ? ` ${name}` : ''}”.`,
          },
        ];
      if (kind === 'ending' && !ends && sections.length > 0)
        return [{ span, message: 'No wall comes to this ending. Say where in the plan: “ending: wall 9 after 16”.' }];
      return [];
    });
  },
};

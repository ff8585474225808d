import { wallsOf } from '../../walls/table';
import { planned, type Rule } from '../rule';

export const tagUnplaced: Rule = {
  code: 'tag-unplaced',
  group: 'plan',
  severity: 'remark',
  about: 'A tag that no wall dances.',
  examples: {
    bad: [
      {
        text: '## Section 1 (2 counts)\n1-2 Sway R, sway L\n\n<|## Tag "ebb"|>\n1-2 Sway R, sway L',
        message: 'No wall dances this tag. Say where in the plan: “walls 1, 4: tag ebb”.',
      },
    ],
    good: [
      planned('wall 3: tag ebb'),
      '## Section 1 (2 counts)\n1-2 Sway R, sway L\n\n## Tag after wall 2\n1-2 Sway R, sway L',
    ],
  },
  find: (dance) => {
    const danced = new Set(wallsOf(dance).walls.flatMap(({ pieces }) => pieces.map(({ block }) => block)));
    return dance.tags
      .filter((tag) => !danced.has(tag) && tag.block.headingLine !== undefined)
      .map(({ block }) => ({
        span: dance.script.lines[block.headingLine as number].span,
        message: `No wall dances this tag. Say where in the plan: “walls 1, 4: tag${block.name ? ` ${block.name}` : ''}”.`,
      }));
  },
};

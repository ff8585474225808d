import type { Dance } from '../../dancing/dance';
import type { Piece } from '../../walls/pieces';
import { wallsOf } from '../../walls/table';
import { planned, type Rule } from '../rule';
import { isImpossible } from './foot-not-free';

export const changedFoot: Rule = {
  code: 'changed-foot',
  group: 'weight',
  severity: 'error',
  about: 'Steps written in the plan that use the foot which bears the weight.',
  examples: {
    bad: [
      {
        text: planned('wall 3: restart after 4, then & <|step R beside L|>').replace(
          '1-4 Jazz box R',
          '1-4 Vine R, touch L',
        ),
        message: 'Weight is on R there, so R can’t step.',
      },
    ],
    good: [
      planned('wall 3: restart after 4, then & step L beside R').replace('1-4 Jazz box R', '1-4 Vine R, touch L'),
      planned('wall 2: change 5-8 to Rocking chair R'),
    ],
  },
  find: (dance) =>
    insertedPieces(dance).flatMap(({ block }) => {
      const slip = block.moments.find(isImpossible);
      // The lines of an ending with a heading of its own are judged like any others.
      if (!slip || block.block.headingLine !== undefined) return [];
      const { action, before, line } = slip;
      const verb = action.effect === 'none' ? action.word : action.word === 'recover' ? 'recover' : 'step';
      return [{ span: line.span, message: `Weight is on ${before.weight} there, so ${action.foot} can’t ${verb}.` }];
    }),
};

/** Pieces whose steps stand in the plan, each once however many walls dance it. */
export function insertedPieces(dance: Dance): Piece[] {
  const blocks = new Map<unknown, Piece>();
  for (const { pieces } of wallsOf(dance).walls)
    for (const piece of pieces)
      if (!dance.parts.includes(piece.block) && !dance.tags.includes(piece.block)) blocks.set(piece.block, piece);
  return [...blocks.values()];
}

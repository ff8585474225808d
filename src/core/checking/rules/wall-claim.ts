import { facingAfter, hourOfFacing } from '../../model/turns';
import { wallTable } from '../../walls/table';
import { linesOf, phrased, placeIn, replacing, type Rule } from '../rule';

export const wallClaim: Rule = {
  code: 'wall-claim',
  group: 'facing',
  severity: 'error',
  about: 'A line says what it faces on one wall, and that wall comes to another.',
  examples: {
    bad: [
      {
        text: phrased('order: A B A').replace('5-8 Vine L, touch R', '5-8 Vine L, touch R <|(wall 3: 12:00)|>'),
        message: 'On wall 3 this faces 6:00, not 12:00.',
      },
    ],
    good: [phrased('order: A B A').replace('5-8 Vine L, touch R', '5-8 Vine L, touch R (wall 3: 6:00)')],
  },
  find: (dance) =>
    linesOf(dance).flatMap(({ block, line }) =>
      (line.line.step?.marks.wallClaims ?? []).flatMap(({ span, wall, facing }) => {
        const own = wallTable(dance, wall).find(({ number, kind }) => number === wall && kind === 'part');
        const at = block.moments.indexOf(line.moments[line.moments.length - 1]);
        const piece = own?.pieces.find((one) => one.block === block && one.from <= at && at < one.to);
        if (!piece) return [];
        const computed = facingAfter(line.after.facing, piece.shift);
        if (computed === facing) return [];
        const place = placeIn(line.line, span);
        const hour = hourOfFacing(computed);
        return [
          {
            span: place,
            wall,
            message: `On wall ${wall} this faces ${hour}, not ${hourOfFacing(facing)}.`,
            suggestions: [replacing(`wall ${wall}: ${hour}`, place, `(wall ${wall}: ${hour})`)],
          },
        ];
      }),
    ),
};

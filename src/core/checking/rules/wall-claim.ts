import { facingAfter, hourOfFacing } from '../../model/turns';
import { wallTable } from '../../walls/table';
import { MOST_WALLS } from '../../walls/wall';
import { linesOf, once, phrased, placeIn, placesOfMoments, replacing, type Rule } from '../rule';

export const wallClaim: Rule = {
  code: 'wall-claim',
  group: 'facing',
  severity: 'error',
  about: 'A line says what it faces on one wall, and that wall comes to another.',
  waitsFor: 'dance',
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
        const own = tableOf(dance).find(({ number, kind }) => number === wall && kind === 'part');
        const at = placesOfMoments(dance).get(line.moments[line.moments.length - 1]) ?? -1;
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

/** As many walls as a line may speak of, laid once. */
const tableOf = once((dance) => wallTable(dance, MOST_WALLS));

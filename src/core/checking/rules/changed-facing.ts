import { facingAfter, hourOfFacing } from '../../model/turns';
import { phrased, placeIn, replacing, type Rule } from '../rule';
import { insertedPieces } from './changed-foot';

export const changedFacing: Rule = {
  code: 'changed-facing',
  group: 'facing',
  severity: 'error',
  about: 'A facing of the room stated among the steps of an ending or a change is not the one reached.',
  examples: {
    bad: [
      {
        text: phrased('order: A B', 'ending: wall 2 after 2, then Step R forward, pivot 1/2 left <|(9:00)|>'),
        message: 'This comes to 12:00, not 9:00.',
      },
    ],
    good: [phrased('order: A B', 'ending: wall 2 after 2, then Step R forward, pivot 1/2 left (12:00)')],
  },
  find: (dance) =>
    insertedPieces(dance).flatMap(({ block, shift }) =>
      block.sections.flatMap(({ lines }) =>
        lines.flatMap(({ line, calls }) =>
          calls.flatMap(({ facingClaims, after }) =>
            facingClaims
              .filter(({ facing }) => facingAfter(after.facing, shift) !== facing)
              .map(({ span, facing }) => {
                const hour = hourOfFacing(facingAfter(after.facing, shift));
                const place = placeIn(line, span);
                return {
                  span: place,
                  message: `This comes to ${hour}, not ${hourOfFacing(facing)}.`,
                  suggestions: [replacing(`it faces ${hour}`, place, `(${hour})`)],
                };
              }),
          ),
        ),
      ),
    ),
};

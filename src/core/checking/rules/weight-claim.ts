import { isFoot } from '../../model/feet';
import { placeOfTick } from '../../model/ticks';
import { callsOf, placeIn, replacing, section, type Rule } from '../rule';

export const weightClaim: Rule = {
  code: 'weight-claim',
  group: 'weight',
  severity: 'error',
  about: 'A line says the weight is on another foot than its steps leave it on.',
  examples: {
    bad: [
      {
        text: section(2, '1&2 Coaster R <|(weight L)|>'),
        message: 'After count 2 the weight is on R, not on L.',
      },
    ],
    good: [
      section(2, '1&2 Coaster R (weight R)'),
      section(4, '1-4 Swivel heels R, L, R, centre (weight L)'),
      section(2, '1-2 Cross R over L, unwind 1/2 left (weight R)'),
      section(1, '1 Step R forward (no weight)'),
    ],
  },
  find: (dance) =>
    callsOf(dance).flatMap(({ call, line }) =>
      call.weightClaims.flatMap((claim) => {
        const { weight } = call.after;
        const last = call.moments[call.moments.length - 1];
        if (claim.weight === 'none' || !isFoot(weight) || claim.weight === weight || !last) return [];
        const span = placeIn(line.line, claim.span);
        const stated = claim.weight === 'both' ? 'on both feet' : `on ${claim.weight}`;
        return [
          {
            span,
            message: `After count ${placeOfTick(last.tick)} the weight is on ${weight}, not ${stated}.`,
            suggestions: [replacing(`weight ${weight}`, span, `(weight ${weight})`)],
          },
        ];
      }),
    ),
};

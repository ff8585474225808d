import { CIRCLE, facingAfter, hourOfFacing, turnWords } from '../../model/turns';
import type { Proposal } from '../../model/findings';
import { runningStart } from './facings-run-on';
import { placeIn, replacing, section, sectionFrom, type Found, type Rule } from '../rule';
import type { DancedCall, DancedLine } from '../../dancing/dance';

export const facingClaim: Rule = {
  code: 'facing-claim',
  group: 'facing',
  severity: 'error',
  about: 'A line says it ends facing another wall than its turns come to.',
  examples: {
    bad: [
      {
        text: sectionFrom('R', 2, '1-2 Step L forward, pivot 1/2 right <|(9:00)|>'),
        message: 'This comes to 6:00, not 9:00.',
      },
    ],
    good: [
      section(2, '1-2 Step R forward, pivot ? (6:00)'),
      section(2, '1-2 Step R forward, pivot 1/2 left (6:00)'),
      // The second claim is off by as much as the first: one slip, told once.
      section(4, '1-2 Step R forward, pivot 1/2 left', '3-4 Step R forward, pivot 1/4 left (3:00)'),
    ],
  },
  find: (dance) =>
    // An ending states the room's facings; those are judged with the walls.
    [...dance.parts, ...dance.tags].flatMap((block) => {
      // A part that is written as it is first danced from states the room's facings.
      let offset = runningStart(dance, block) ?? 0;
      // A turn left open before it explains any hour; what fits is offered there.
      let open = false;
      const found: Found[] = [];
      for (const own of block.sections) {
        for (const line of own.lines.filter((candidate) => candidate.line.section === own.text)) {
          for (const call of line.calls) {
            open ||= call.assumed.some(({ kind }) => kind === 'open');
            for (const claim of call.facingClaims) {
              const now = facingAfter(0, claim.facing - call.after.facing);
              if (now !== offset && call.after.facing !== claim.facing && !open)
                found.push(describe(line, call, claim));
              offset = now;
              open = false;
            }
          }
        }
      }
      return found;
    }),
};

function describe(line: DancedLine, call: DancedCall, claim: DancedCall['facingClaims'][number]): Found {
  const span = placeIn(line.line, claim.span);
  const computed = hourOfFacing(call.after.facing);
  return {
    span,
    message: `This comes to ${computed}, not ${hourOfFacing(claim.facing)}.`,
    suggestions: [...otherTurns(line, call, claim.facing), replacing(`it faces ${computed}`, span, `(${computed})`)],
  };
}

/** Turns on the same call that would come to the claimed wall, the smaller change first. */
function otherTurns(line: DancedLine, call: DancedCall, facing: number): Proposal[] {
  const said = call.call.turn;
  const [first] = call.moments;
  if (!said?.amount || !first || call.call.copied) return [];
  const right = facingAfter(0, facing - first.before.facing);
  return [right, right - CIRCLE]
    .filter((turn) => turn !== 0 && turn !== -CIRCLE)
    .sort((a, b) => Math.abs(a) - Math.abs(b))
    .map((turn) => replacing(turnWords(turn), placeIn(line.line, said.span), turnWords(turn)));
}

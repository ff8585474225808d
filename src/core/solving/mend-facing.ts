/** The smallest change of one turn that brings a line to the wall it states: on the line itself, or on one before it. */
import type { Dance, DancedCall, DancedLine } from '../dancing/dance';
import type { Proposal } from '../model/findings';
import { placeOfTick } from '../model/ticks';
import { shiftSpan } from '../model/text';
import { amountWords, CIRCLE, facingAfter, wayOfTurn, type Turn } from '../model/turns';

const EIGHTH = CIRCLE / 8;
const MOST_OFFERED = 3;

interface Change extends Proposal {
  readonly size: number;
  readonly distance: number;
}

/**
 * For every stated wall that is not the one reached, by where it stands: changes of other turns since the last wall that was right.
 * `wanted` are the places that were told; one walk through the dance serves them all.
 */
export function mendFacings(dance: Dance, wanted: ReadonlySet<number>): ReadonlyMap<number, readonly Proposal[]> {
  const found = new Map<number, readonly Proposal[]>();
  for (const block of [...dance.parts, ...dance.tags]) {
    let before: Placed[] = [];
    for (const own of block.sections) {
      for (const danced of own.lines) {
        if (danced.line.section !== own.text) continue;
        for (const call of danced.calls) {
          for (const claim of call.facingClaims) {
            const off = facingAfter(0, claim.facing - call.after.facing);
            const place = claim.span.from + danced.line.span.from;
            if (wanted.has(place)) found.set(place, smallestChanges(before, off));
            // Right, or told already: what comes later is mended later.
            before = [];
          }
          if (call.call.turn?.amount !== undefined) before.push({ danced, call });
        }
      }
    }
  }
  return found;
}

interface Placed {
  readonly danced: DancedLine;
  readonly call: DancedCall;
}

const smallestChanges = (before: readonly Placed[], off: Turn): Proposal[] =>
  before
    .flatMap(({ danced, call }, index) => changesOf(danced, call, off, before.length - index))
    .sort((a, b) => a.size - b.size || a.distance - b.distance)
    .slice(0, MOST_OFFERED)
    .map(({ label, edits }) => ({ label, edits }));

function changesOf({ line }: DancedLine, { call, moments }: DancedCall, off: number, distance: number): Change[] {
  const { turn } = call;
  if (!turn?.amount || call.copied || moments.length === 0) return [];
  const now: Turn = moments.reduce((sum, { action }) => sum + action.turn, 0);
  const span = shiftSpan(turn.span, line.span.from);
  return [off, off - CIRCLE]
    .map((added) => now + added)
    .filter((wanted) => wanted !== 0 && Math.abs(wanted) <= CIRCLE && wanted % EIGHTH === 0)
    .map((wanted) => {
      const words = `${Math.abs(wanted) === CIRCLE ? 'full' : amountWords(wanted)} ${wayOfTurn(wanted)}`;
      const opening = /^(?:making|turning|turn)\s+/i.exec(line.text.slice(turn.span.from, turn.span.to))?.[0] ?? '';
      return {
        label: `${words} on ${placeOfTick(moments[0].tick)}`,
        edits: [{ ...span, insert: opening + words }],
        size: Math.abs(wanted - now),
        distance,
      };
    });
}

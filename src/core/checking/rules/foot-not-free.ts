import type { Moment } from '../../dancing/dance';
import { isFoot } from '../../model/feet';
import type { Proposal } from '../../model/findings';
import { placeOfTick, TICKS_A_COUNT } from '../../model/ticks';
import { mirrorWords } from '../../rewriting/mirror';
import type { PlanEntry } from '../../reading/script';
import { wallsOf } from '../../walls/table';
import {
  callsOf,
  once,
  placeIn,
  planPlace,
  replacing,
  section,
  sectionFrom,
  wordsAt,
  type Here,
  type Rule,
} from '../rule';
import type { Dance, DancedCall } from '../../dancing/dance';

export const footNotFree: Rule = {
  code: 'foot-not-free',
  group: 'weight',
  severity: 'error',
  about: 'A foot that carries the weight can neither step nor touch.',
  examples: {
    bad: [
      {
        text: section(4, '1-2 Rock R forward, recover L', '3&4 <|Coaster L|>'),
        fixed: section(4, '1-2 Rock R forward, recover L', '3&4 Coaster R'),
        message: 'Weight is on L after count 2, so L can’t step on 3.',
      },
      {
        text: section(8, '1-4 Vine R, touch L', '5-8 <|vine R|>'),
        fixed: section(8, '1-4 Vine R, touch L', '5-8 vine L'),
        message: 'Weight is on R after count 4, so R can’t step on 5.',
      },
      // A single step keeps the way it turns, a figure is mirrored with its turn.
      {
        text: section(1, '1 <|Step L forward turning 1/4 right|>'),
        fixed: section(1, '1 Step R forward turning 1/4 right'),
        message: 'Weight is on L at the start, so L can’t step on 1.',
      },
      {
        text: section(2, '1&2 <|Sailor L turning 1/4 left|>'),
        fixed: section(2, '1&2 Sailor R turning 1/4 right'),
        message: 'Weight is on L at the start, so L can’t step on 1.',
      },
      {
        text: sectionFrom('R', 1, '1 <|Touch R side|>'),
        fixed: sectionFrom('R', 1, '1 Touch L side'),
        message: 'Weight is on R at the start, so R can’t touch on 1.',
      },
    ],
    good: [
      section(4, '1-2 Rock R forward, recover L', '3&4 Coaster R'),
      section(2, '1-2 Step R forward, hop R'),
      // After words that nobody understands the weight is not known, and nobody is accused.
      section(4, '1-2 Frobnicate merrily', '3&4 Coaster L'),
    ],
  },
  find: (dance) => slipsOfFeet(dance).map(({ here, slip }) => describe(dance, here, slip)),
};

interface FootSlip {
  readonly here: Here & { call: DancedCall; previous?: DancedCall };
  readonly slip: Moment;
}

/** Every wrong foot that is to be told. What follows one is right when the slip is mended, so it is not accused as well. */
const slipsOfFeet = once((dance): FootSlip[] => {
  let wrongBefore: DancedCall | undefined;
  return callsOf(dance).flatMap((here) => {
    const slip = here.call.moments.find(isImpossible);
    const excused = wrongBefore !== undefined && wrongBefore === here.previous;
    if (here.call.moments.length > 0) wrongBefore = slip && !excused ? here.call : undefined;
    return slip && !excused ? [{ here, slip }] : [];
  });
});

/** The moments at which a foot is told to be wrong. */
export const wrongMoments = once((dance): ReadonlySet<Moment> => new Set(slipsOfFeet(dance).map(({ slip }) => slip)));

const STAYS_ON_ITS_FOOT: ReadonlySet<string> = new Set([
  'hop',
  'sway',
  'pivot',
  'unwind',
  'swivel',
  'twist',
  'knee pop',
]);

/** The foot stands under the weight and is asked to move. */
export function isImpossible({ action, before, shared }: Moment): boolean {
  return (
    !shared &&
    action.foot !== null &&
    isFoot(before.weight) &&
    action.foot === before.weight &&
    !STAYS_ON_ITS_FOOT.has(action.word)
  );
}

/** The 1 that an `8&1` ends on is called 1. */
function placeOfMoment({ tick, line }: Moment): string {
  const length = (line.section?.counts ?? Infinity) * TICKS_A_COUNT;
  return placeOfTick(tick >= length ? tick - length : tick);
}

function describe(dance: Dance, here: Here & { call: DancedCall; previous?: DancedCall }, slip: Moment) {
  const { call, line, previous } = here;
  const own = call.moments[call.moments.indexOf(slip) - 1];
  const earlier = own ?? previous?.moments[previous.moments.length - 1];
  const span = placeIn(line.line, call.call.span);
  const verb = slip.action.effect === 'none' ? slip.action.word : slip.action.word === 'recover' ? 'recover' : 'step';
  const planned = !earlier && here.block.block.kind === 'ending' ? endingEntry(dance) : undefined;
  const since = planned
    ? 'where the ending begins'
    : earlier
      ? `after count ${placeOfMoment(earlier)}`
      : 'at the start';
  const mended = call.call.copied ? undefined : mirrorWords(wordsAt(dance, span), call.call, line.line, dance);
  const fix: Proposal | undefined = mended && !own ? replacing(mended, span, mended) : undefined;
  return {
    span,
    message: `Weight is on ${slip.before.weight} ${since}, so ${slip.action.foot} can’t ${verb} on ${placeOfTick(slip.tick)}.`,
    ...(!own && previous && earlier
      ? {
          related: {
            span: placeIn(earlier.line, previous.call.span),
            message: `Here the weight goes to ${slip.before.weight}.`,
          },
        }
      : {}),
    ...(planned && { related: { span: planPlace(planned), message: 'The ending begins here.' } }),
    ...(fix && { fix }),
  };
}

/** The plan line that brings the ending. */
function endingEntry(dance: Dance): PlanEntry | undefined {
  const { walls } = wallsOf(dance);
  return walls[walls.length - 1]?.cut?.entry;
}

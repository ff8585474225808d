/**
 * A stretch of a dance on the floor of the room: every action with both feet before and after it, where the middle of the body is and how
 * far it has turned. Stretches of parts, tags and changed lines are laid one behind the other, each turned and shifted to where the one
 * before it ended.
 */
import type { DancedBlock, Moment } from '../dancing/dance';
import { stateAt } from '../dancing/places';
import { bodyAxes, type DanceState, type FootPlace, type Vector } from '../dancing/state';
import { FEET, isFoot, type ByFoot, type Foot, type Weight } from '../model/feet';
import { labelOfTick, TICKS_A_COUNT } from '../model/ticks';
import { CIRCLE, facingAfter, type Turn } from '../model/turns';
import type { Wall } from '../walls/wall';
import { boxAround, middleOf, type Drift, type FloorBox } from './measure';

export type FeetPlaces = ByFoot<FootPlace>;

/** The middle of the body, and all its turning since the path began, in parts of a circle, right positive. */
export interface Body extends Vector {
  readonly turn: Turn;
}

export interface FloorStep {
  readonly moment: Moment;
  /** Ticks from the start of the path. */
  readonly time: number;
  /** Its count as it is called: `3`, `&`. */
  readonly label: string;
  readonly wall: number;
  readonly before: FeetPlaces;
  readonly after: FeetPlaces;
  readonly weight: Weight;
  readonly body: Body;
  /** The foot that goes; null where none does. */
  readonly moves: Foot | null;
  /** In front of the standing leg, or behind it. */
  readonly passes?: 'front' | 'behind';
  /** Where the toes point aside of their heading after it, in parts of a circle: heels that were swivelled. */
  readonly swivel: Turn;
  /** Hips, knees or hands that go somewhere and come back. */
  readonly accent?: 'hips' | 'heels' | 'knees' | 'hands';
}

export interface FloorPath {
  readonly steps: readonly FloorStep[];
  readonly start: { readonly feet: FeetPlaces; readonly weight: Weight; readonly body: Body };
  /** Ticks. */
  readonly length: number;
}

/** A run of a block's moments. */
export interface Stretch {
  readonly block: DancedBlock;
  readonly from: number;
  readonly to: number;
  /** The block's own time at which it begins, and how long it takes, in ticks. */
  readonly begins: number;
  readonly ticks: number;
  readonly wall: number;
}

/** The pieces of walls as stretches; what was changed, tags and endings begin with the beat of their first action. */
export const stretchesOf = (walls: readonly Wall[]): Stretch[] =>
  walls.flatMap(({ number, pieces }) =>
    pieces.map(({ kind, block, from, to, at, ticks }) => ({
      block,
      from,
      to,
      begins: kind === 'part' ? at : Math.floor((block.moments[from]?.time ?? 0) / TICKS_A_COUNT) * TICKS_A_COUNT,
      ticks,
      wall: number,
    })),
  );

/** A block's frame in the room. */
interface Frame extends Vector {
  readonly turn: Turn;
}

const turned = ({ x, y }: Vector, turn: Turn): Vector => {
  const [forward, right] = bodyAxes(facingAfter(0, turn));
  return { x: right.x * x + forward.x * y, y: right.y * x + forward.y * y };
};

const inRoom = (frame: Frame, place: FootPlace): FootPlace => {
  const { x, y } = turned(place, frame.turn);
  return { x: frame.x + x, y: frame.y + y, heading: facingAfter(place.heading, frame.turn) };
};

const feetInRoom = (frame: Frame, feet: FeetPlaces): FeetPlaces => ({
  L: inRoom(frame, feet.L),
  R: inRoom(frame, feet.R),
});

const bodyInRoom = (frame: Frame, state: DanceState): Body => {
  const { x, y } = turned(middleOf(state), frame.turn);
  return { x: frame.x + x, y: frame.y + y, turn: frame.turn + state.rotation };
};

/** `facing`: where the path begins to face. */
export function floorPath(stretches: readonly Stretch[], facing: Turn = 0): FloorPath {
  const steps: FloorStep[] = [];
  let body: Body = { x: 0, y: 0, turn: facing };
  let feet: FeetPlaces | undefined;
  let start: FloorPath['start'] | undefined;
  let time = 0;
  for (const { block, from, to, begins, ticks, wall } of stretches) {
    const before = stateAt(block, from);
    const frame = frameFor(before, body);
    const first = feetInRoom(frame, before.feet);
    // The foot that bears the weight stands where it stood; the free one comes from where it was.
    feet = feet && isFoot(before.weight) ? { ...feet, [before.weight]: first[before.weight] } : (feet ?? first);
    start ??= { feet, weight: before.weight, body };
    for (const moment of block.moments.slice(from, to)) {
      const after = afterStep(frame, moment, feet);
      steps.push({
        moment,
        time: time + moment.time - begins,
        label: labelOfTick(moment.tick),
        wall,
        before: feet,
        after,
        weight: moment.after.weight,
        body: bodyInRoom(frame, moment.after),
        moves: movingFoot(moment),
        ...passing(moment),
        swivel: 0,
        ...accentOf(moment),
      });
      feet = after;
    }
    body = bodyInRoom(frame, stateAt(block, to));
    time += ticks;
  }
  return { steps: withSwivels(steps), start: start ?? NOWHERE, length: time };
}

const CLOSED: FootPlace = { x: 0, y: 0, heading: 0 };
const NOWHERE: FloorPath['start'] = {
  feet: { L: CLOSED, R: CLOSED },
  weight: 'unknown',
  body: { x: 0, y: 0, turn: 0 },
};

/** The block turned and shifted so that its state stands where the body is. */
function frameFor(state: DanceState, body: Body): Frame {
  const turn = body.turn - state.rotation;
  const middle = turned(middleOf(state), turn);
  return { turn, x: body.x - middle.x, y: body.y - middle.y };
}

/** What the action moved is where it says; a foot that only turned turns where it stood. */
function afterStep(frame: Frame, { before, after }: Moment, feet: FeetPlaces): FeetPlaces {
  const places = FEET.map((foot) => {
    const [old, now] = [before.feet[foot], after.feet[foot]];
    const stays = old.x === now.x && old.y === now.y;
    return [
      foot,
      stays ? { ...feet[foot], heading: facingAfter(now.heading, frame.turn) } : inRoom(frame, now),
    ] as const;
  });
  return Object.fromEntries(places) as unknown as FeetPlaces;
}

function movingFoot({ action, before, after }: Moment): Foot | null {
  const { foot } = action;
  if (!foot) return null;
  const [from, to] = [before.feet[foot], after.feet[foot]];
  return from.x !== to.x || from.y !== to.y || action.effect === 'none' ? foot : null;
}

function passing({ action: { direction } }: Moment): Pick<FloorStep, 'passes'> {
  if (direction === 'cross') return { passes: 'front' };
  return direction === 'behind' || direction === 'lock' ? { passes: 'behind' } : {};
}

const ACCENTS: Readonly<Record<string, FloorStep['accent']>> = {
  bump: 'hips', roll: 'hips', sway: 'hips', shimmy: 'hips', sit: 'knees', bounce: 'heels', drop: 'heels', 'knee pop': 'knees', clap: 'hands', snap: 'hands', slap: 'hands', style: 'hands',
}; // prettier-ignore

const accentOf = ({ action: { word } }: Moment): Pick<FloorStep, 'accent'> => {
  const accent = ACCENTS[word];
  return accent ? { accent } : {};
};

/** Heels that swivel point the toes an eighth to the other side. */
const SWIVEL = CIRCLE / 8;
const isSwivel = ({ moment: { action } }: FloorStep): boolean =>
  (action.word === 'swivel' || action.word === 'twist') && action.turn === 0;

/** Swivels in a row go to one side and the other; the last one comes back. */
function withSwivels(steps: readonly FloorStep[]): FloorStep[] {
  let side = 1;
  return steps.map((step, index) => {
    if (!isSwivel(step)) {
      side = 1;
      return step;
    }
    const next = steps[index + 1];
    const own = next && isSwivel(next) ? SWIVEL * side : 0;
    side = -side;
    return { ...step, swivel: own };
  });
}

/** Where a path ends and what it takes of the floor, as the dancer faces at its start. */
export function measurePath({ steps, start }: FloorPath): { readonly drift: Drift; readonly box: FloorBox } {
  const own = (place: Vector): Vector =>
    turned({ x: place.x - start.body.x, y: place.y - start.body.y }, -start.body.turn);
  const end = own(steps[steps.length - 1]?.body ?? start.body);
  const feet = [start.feet, ...steps.map(({ after }) => after)].flatMap(({ L, R }) => [own(L), own(R)]);
  return { drift: { right: end.x, forward: end.y }, box: boxAround(feet) };
}

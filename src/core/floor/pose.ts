/** The dancer between two actions: where feet and body are at any moment, so that every foot lands on its count. */
import type { FootPlace, Vector } from '../dancing/state';
import { FEET, type ByFoot, type Foot, type Weight } from '../model/feet';
import { TICKS_A_COUNT } from '../model/ticks';
import { CIRCLE, facingAfter, type Turn } from '../model/turns';
import type { Body, FloorPath, FloorStep } from './path';

export interface FootPose extends Vector {
  /** Parts of a circle, not reduced. */
  readonly heading: number;
  /** Off the floor: 0 on it, 1 at the highest. */
  readonly lift: number;
  /** Share of the weight on it, 0 to 1. */
  readonly weight: number;
}

export interface Pose {
  readonly feet: ByFoot<FootPose>;
  readonly body: Body;
  /** Index of the last action danced; -1 before the first. */
  readonly step: number;
}

/** Ticks a foot takes to get where it lands, at most: three quarters of a count. */
const SWING = (TICKS_A_COUNT * 3) / 4;
/** How far a foot that passes the other one goes around it, in steps. */
const AROUND = 0.3;
const HIPS = 0.12;

const ease = (part: number): number => part * part * (3 - 2 * part);
const mix = (from: number, to: number, part: number): number => from + (to - from) * part;

/** `time`: ticks from the start of the path. */
export function poseAt(path: FloorPath, time: number): Pose {
  const step = lastBefore(path.steps, time);
  const next = path.steps[step + 1];
  const last = path.steps[step];
  const settled = last ? settledAfter(last) : settledAtStart(path);
  if (!next) return { ...settled, step };
  const begins = Math.max(last?.time ?? -Infinity, next.time - SWING);
  const part = next.time > begins ? Math.min(Math.max((time - begins) / (next.time - begins), 0), 1) : 1;
  return part === 0 ? { ...settled, step } : { ...between(settled, next, last?.swivel ?? 0, part), step };
}

/** The last action that lands at or before a time. */
function lastBefore(steps: readonly FloorStep[], time: number): number {
  let [low, high] = [-1, steps.length - 1];
  while (low < high) {
    const middle = Math.floor((low + high + 1) / 2);
    if (steps[middle].time <= time) low = middle;
    else high = middle - 1;
  }
  return low;
}

type Settled = Omit<Pose, 'step'>;

const shareOf = (weight: Weight, foot: Foot): number =>
  weight === foot ? 1 : weight === 'L' || weight === 'R' ? 0 : 0.5;

const footAt = (place: FootPlace, weight: Weight, foot: Foot, swivel: Turn): FootPose => ({
  x: place.x,
  y: place.y,
  heading: place.heading + swivel,
  lift: 0,
  weight: shareOf(weight, foot),
});

const settledAfter = ({ after, weight, body, swivel }: FloorStep): Settled => ({
  feet: { L: footAt(after.L, weight, 'L', swivel), R: footAt(after.R, weight, 'R', swivel) },
  body,
});

const settledAtStart = ({ start: { feet, weight, body } }: FloorPath): Settled => ({
  feet: { L: footAt(feet.L, weight, 'L', 0), R: footAt(feet.R, weight, 'R', 0) },
  body,
});

function between(from: Settled, next: FloorStep, swivel: Turn, part: number): Settled {
  const to = settledAfter(next);
  const eased = ease(part);
  // The weight comes over with the second half of the swing.
  const shifted = ease(Math.max(0, part * 2 - 1));
  const hips = next.accent === 'hips' ? Math.sin(Math.PI * part) * HIPS : 0;
  const feet = FEET.map((foot) => {
    const [a, b] = [from.feet[foot], to.feet[foot]];
    const moves = next.moves === foot;
    const [x, y] = moves ? swing(a, b, next, eased) : [mix(a.x, b.x, eased), mix(a.y, b.y, eased)];
    const turn = turnNear(a.heading - swivel, b.heading - next.swivel, next.moment.action.turn);
    const lift = moves ? Math.sin(Math.PI * part) : next.accent === 'heels' ? Math.sin(Math.PI * part) * 0.5 : 0;
    return [
      foot,
      {
        x,
        y,
        heading: a.heading + (turn + next.swivel - swivel) * eased,
        lift,
        weight: mix(a.weight, b.weight, shifted),
      },
    ] as const;
  });
  return {
    feet: Object.fromEntries(feet) as unknown as ByFoot<FootPose>,
    body: {
      x: mix(from.body.x, to.body.x, eased) + hips,
      y: mix(from.body.y, to.body.y, eased),
      turn: mix(from.body.turn, to.body.turn, eased),
    },
  };
}

/** On a bow around the standing foot where it passes that. */
function swing(from: Vector, to: Vector, { passes, body }: FloorStep, part: number): [x: number, y: number] {
  const bow = passes === 'front' ? AROUND : passes === 'behind' ? -AROUND : 0;
  const angle = (body.turn / CIRCLE) * 2 * Math.PI;
  const out = Math.sin(Math.PI * part) * bow;
  return [mix(from.x, to.x, part) + Math.sin(angle) * out, mix(from.y, to.y, part) + Math.cos(angle) * out];
}

/** How far a heading turns to become another one: the way nearest to what the body turns. */
function turnNear(from: number, to: number, turn: Turn): number {
  const rest = facingAfter(0, to - from - turn + CIRCLE / 2) - CIRCLE / 2;
  return turn + rest;
}

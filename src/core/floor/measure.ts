/**
 * What a dance takes of the floor: where its middle stands, how far it drifts, the box that holds its feet, its largest step. Places in
 * ordinary steps, x to the 3:00 wall, y to the 12:00 wall of the sheet.
 */
import type { DancedBlock, Moment } from '../dancing/dance';
import { bodyAxes, FOOT_WIDTH, type DanceState, type Vector } from '../dancing/state';
import { isFoot, sideSign } from '../model/feet';
import { greatest, least } from '../model/numbers';

/**
 * Where the middle of the body would be with the feet closed. It hangs on the foot that bears the weight alone, so what is danced from
 * there shifts and turns it the same wherever it began: drifts add up, and after a full round of walls they come to nothing.
 */
export function middleOf({ weight, feet, facing }: DanceState): Vector {
  if (!isFoot(weight)) return { x: (feet.L.x + feet.R.x) / 2, y: (feet.L.y + feet.R.y) / 2 };
  const [, right] = bodyAxes(facing);
  const inward = (-sideSign(weight) * FOOT_WIDTH) / 2;
  return { x: feet[weight].x + right.x * inward, y: feet[weight].y + right.y * inward };
}

export interface Drift {
  /** Steps to the right of where it began, and forward of there, as the sheet is written. */
  readonly right: number;
  readonly forward: number;
}

export function driftOf(before: DanceState, after: DanceState): Drift {
  const [from, to] = [middleOf(before), middleOf(after)];
  return { right: to.x - from.x, forward: to.y - from.y };
}

export interface FloorBox {
  /** Steps from where the middle began, each not below 0. */
  readonly left: number;
  readonly right: number;
  readonly back: number;
  readonly forward: number;
}

/** Half the length of a foot, in steps: feet stick out of their places (from memory: a foot is a bit more than a third of a step). */
const HALF_FOOT = 0.2;

/** Everything that feet at these places touch, seen from where the middle began. */
export function boxAround(places: readonly Vector[]): FloorBox {
  const xs = places.map(({ x }) => x);
  const ys = places.map(({ y }) => y);
  return {
    left: Math.max(0, HALF_FOOT - least(xs)),
    right: Math.max(0, greatest(xs) + HALF_FOOT),
    back: Math.max(0, HALF_FOOT - least(ys)),
    forward: Math.max(0, greatest(ys) + HALF_FOOT),
  };
}

function boxOf(before: DanceState, moments: readonly Moment[]): FloorBox {
  const middle = middleOf(before);
  const states = [before, ...moments.map(({ after }) => after)];
  return boxAround(
    states.flatMap(({ feet: { L, R } }) => [L, R].map(({ x, y }) => ({ x: x - middle.x, y: y - middle.y }))),
  );
}

/** How far the foot of a moment goes, from where it stood last to where it lands. */
export function reachOf({ action, before, after }: Moment): number {
  const { foot } = action;
  if (!foot || action.word === 'recover') return 0;
  const [from, to] = [before.feet[foot], after.feet[foot]];
  return Math.hypot(to.x - from.x, to.y - from.y);
}

/** How many steps pass in front of the standing leg or behind it. */
export const crossingsOf = (moments: readonly Moment[]): number =>
  moments.filter(({ action: { direction, effect } }) => effect === 'takes' && (direction === 'cross' || direction === 'behind' || direction === 'lock')).length; // prettier-ignore

/** A part, a section: what is danced from one state to another. */
export interface FloorMeasure {
  readonly drift: Drift;
  readonly box: FloorBox;
  /** Ordinary steps. */
  readonly largestStep: number;
  readonly crossings: number;
}

export const measure = (before: DanceState, moments: readonly Moment[]): FloorMeasure => ({
  drift: driftOf(before, moments[moments.length - 1]?.after ?? before),
  box: boxOf(before, moments),
  largestStep: greatest(moments.map(reachOf), 0),
  crossings: crossingsOf(moments),
});

export const measureBlock = ({ before, moments }: DancedBlock): FloorMeasure => measure(before, moments);

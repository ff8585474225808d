/** Where a dancer is between two actions: weight, facing, the turning so far, and the feet on the floor. */
import type { Action, Direction } from '../model/actions';
import { isFoot, otherFoot, sideSign, type ByFoot, type Foot, type Weight } from '../model/feet';
import { CIRCLE, facingAfter, type Facing, type Turn } from '../model/turns';

/** A foot on the floor. Unit: one ordinary step; x to the 3:00 wall, y to the 12:00 wall. */
export interface FootPlace {
  readonly x: number;
  readonly y: number;
  /** Where the toes point, in parts of a circle. */
  readonly heading: Facing;
}

/** Which foot was put across the other and not undone since: what an unwind needs. */
export interface Crossing {
  readonly foot: Foot;
  readonly where: 'front' | 'behind';
}

export interface DanceState {
  readonly weight: Weight;
  readonly facing: Facing;
  /** All turning since the start, not reduced. */
  readonly rotation: Turn;
  readonly feet: ByFoot<FootPlace>;
  readonly crossing: Crossing | null;
  /** The last foot that moved, for what follows when the weight is on both. */
  readonly lastFoot: Foot | null;
  /** True after a rock, a press or a lunge that no recover has taken back yet. */
  readonly rocked: boolean;
  /** Where both feet stood before they went out or diagonally away from it: what "in" comes back to. */
  readonly home: ByFoot<FootPlace> | null;
}

/** Feet side by side are this far apart, in steps. */
export const FOOT_WIDTH = 0.3;

export function startState(weight: Weight, facing: Facing = 0): DanceState {
  const half = FOOT_WIDTH / 2;
  const [, right] = bodyAxes(facing);
  const at = (foot: Foot): FootPlace => ({
    x: right.x * sideSign(foot) * half,
    y: right.y * sideSign(foot) * half,
    heading: facing,
  });
  return {
    weight,
    facing,
    rotation: 0,
    feet: { L: at('L'), R: at('R') },
    crossing: null,
    lastFoot: null,
    rocked: false,
    home: null,
  };
}

export interface Vector {
  readonly x: number;
  readonly y: number;
}

/** Forward and to the right of a dancer, by facing: unit vectors, x to the 3:00 wall, y to the 12:00 wall. */
const BODY_AXES: readonly [Vector, Vector][] = Array.from({ length: CIRCLE }, (_, facing) => {
  const angle = (facing / CIRCLE) * 2 * Math.PI;
  return [
    { x: Math.sin(angle), y: Math.cos(angle) },
    { x: Math.cos(angle), y: -Math.sin(angle) },
  ];
});

export const bodyAxes = (facing: Facing): [Vector, Vector] => BODY_AXES[facing];

/** Steps forward and outward from the standing foot's neighbour place, by direction. Common practice, no source. */
const OFFSETS: Readonly<Record<Direction, readonly [forward: number, outward: number]>> = {
  forward: [1, 0],
  back: [-1, 0],
  side: [0, 1 - FOOT_WIDTH],
  together: [0, 0],
  place: [0, 0],
  cross: [0.35, -2 * FOOT_WIDTH],
  behind: [-0.35, -2 * FOOT_WIDTH],
  lock: [-0.35, -1.4 * FOOT_WIDTH],
  'diagonal forward': [0.7, 0.5],
  'diagonal back': [-0.7, 0.5],
  out: [0, 0.4],
  in: [0, 0],
};

const SIZES = { small: 0.5, large: 1.5 } as const;

/** The state after one action. Total: an impossible step is danced as written, rules judge it. */
export function danceAction(state: DanceState, action: Action): DanceState {
  const facing = facingAfter(state.facing, action.turn);
  const weight = weightAfter(state, action);
  const feet = feetAfter(state, action, facing);
  const moves = action.foot !== null && action.word !== 'recover' && action.word !== 'pivot';
  return {
    weight,
    facing,
    rotation: state.rotation + action.turn,
    feet,
    crossing: crossingAfter(state, action),
    lastFoot: moves ? action.foot : state.lastFoot,
    rocked: rockedAfter(state, action),
    home: homeAfter(state, action, facing),
  };
}

function weightAfter(state: DanceState, action: Action): Weight {
  switch (action.effect) {
    case 'takes':
      return action.foot ?? state.weight;
    case 'both':
      return 'both';
    case 'open':
      return 'unknown';
    case 'none':
      return state.weight;
  }
}

function rockedAfter(state: DanceState, action: Action): boolean {
  if (action.word === 'rock' || action.word === 'press' || action.word === 'lunge' || action.word === 'sit')
    return true;
  if (action.effect === 'none') return state.rocked;
  return false;
}

const BEHIND_TOES: ReadonlySet<string> = new Set(['touch', 'toe', 'tap', 'point']);

function crossingAfter(state: DanceState, action: Action): Crossing | null {
  if (action.word === 'unwind') return null;
  if (action.foot && action.direction === 'cross') return { foot: action.foot, where: 'front' };
  if (action.foot && action.direction === 'behind') return { foot: action.foot, where: 'behind' };
  // A toe set behind is what an unwind turns out of, whether "behind" or "back" is written.
  if (action.foot && action.direction === 'back' && BEHIND_TOES.has(action.word))
    return { foot: action.foot, where: 'behind' };
  if (action.foot && action.direction === 'lock') return { foot: action.foot, where: 'behind' };
  const stays = action.foot === null || action.word === 'recover' || action.word === 'drop';
  return stays ? state.crossing : null;
}

function feetAfter(state: DanceState, action: Action, facing: Facing): ByFoot<FootPlace> {
  const turned = (place: FootPlace): FootPlace =>
    action.turn === 0 ? place : { ...place, heading: facingAfter(place.heading, action.turn) };
  const { foot, direction } = action;
  if (foot === null || direction === null || direction === 'place' || action.word === 'recover') {
    return action.turn === 0 ? state.feet : { L: turned(state.feet.L), R: turned(state.feet.R) };
  }
  const standing = turned(state.feet[otherFoot(foot)]);
  const home = direction === 'in' && action.turn === 0 ? state.home?.[foot] : undefined;
  const landed = home ?? landingBeside(standing, foot, direction, facing, action.size, lineOf(state, direction));
  return foot === 'L' ? { L: landed, R: standing } : { L: standing, R: landed };
}

function landingBeside(
  standing: FootPlace,
  foot: Foot,
  direction: Direction,
  facing: Facing,
  size: Action['size'],
  line: number,
): FootPlace {
  const [forwardAxis, rightAxis] = bodyAxes(facing);
  const [forward, outward] = OFFSETS[direction];
  const scale = size ? SIZES[size] : 1;
  const out = sideSign(foot) * (FOOT_WIDTH + outward * scale);
  const ahead = forward * scale - line;
  return {
    x: standing.x + forwardAxis.x * ahead + rightAxis.x * out,
    y: standing.y + forwardAxis.y * ahead + rightAxis.y * out,
    heading: facing,
  };
}

/** Directions that are gone from the line on which the dancer moves, and not from a foot that was put across it. */
const FROM_THE_LINE: ReadonlySet<Direction> = new Set<Direction>(['forward', 'back', 'side', 'diagonal forward', 'diagonal back', 'out']); // prettier-ignore

/** How far before its line the standing foot is because it was put across: a vine, a weave, a jazz box stay on theirs. */
function lineOf({ crossing, weight }: DanceState, direction: Direction): number {
  if (!crossing || crossing.foot !== weight || !FROM_THE_LINE.has(direction)) return 0;
  return OFFSETS[crossing.where === 'front' ? 'cross' : 'behind'][0];
}

const GOES_OUT: ReadonlySet<string> = new Set(['out', 'diagonal forward', 'diagonal back']);

/** Told from the standing foot alone, so that it is the same on every wall. */
function homeAfter(state: DanceState, { foot, direction, turn, effect }: Action, facing: Facing): DanceState['home'] {
  if (turn !== 0 || (foot !== null && effect === 'takes' && direction !== 'in' && !GOES_OUT.has(direction ?? '')))
    return null;
  if (foot === null || !GOES_OUT.has(direction ?? '')) return state.home;
  if (state.home) return state.home;
  const other = otherFoot(foot);
  const standing = state.feet[other];
  const beside = landingBeside(standing, foot, 'together', facing, undefined, 0);
  return foot === 'L' ? { L: beside, R: standing } : { L: standing, R: beside };
}

/** The foot that can go next: the free one; with weight on both the one that did not move last; R where nothing is known. */
export function nextFoot(state: DanceState): Foot {
  if (isFoot(state.weight)) return otherFoot(state.weight);
  return state.lastFoot ? otherFoot(state.lastFoot) : 'R';
}

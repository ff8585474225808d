/**
 * Steps for counts that are still empty: sequences of moves that fill them exactly and end where they must, the plainest to dance
 * first. A beam search over the counts: for every count, foot and wall the few best ways to get there are kept and gone on from.
 * What a sequence costs is added up from one table; the costs are the project's own judgement.
 */
import type { DanceState, Vector } from '../dancing/state';
import { freeFoot, type Foot } from '../model/feet';
import { CIRCLE, facingAfter, type Facing } from '../model/turns';
import { rarityOf } from '../vocabulary/levels';
import { movesLedBy, type Move } from './moves';

export const SIDES = ['left', 'here', 'right'] as const;
/** Of the place where the stretch begins, as the dancer faces there. */
export type Side = (typeof SIDES)[number];

/** What is wanted of a stretch. */
export interface FillOrder {
  /** Where it begins. */
  readonly from: Pick<DanceState, 'weight' | 'facing' | 'crossing' | 'rotation'>;
  /** Whole counts of each section, or piece of one, from the first empty count to the last. */
  readonly lengths: readonly number[];
  /** The foot that must be free at the end, the wall that must be faced, the side of the floor; undefined: any. */
  readonly free?: Foot;
  readonly facing?: Facing;
  readonly side?: Side;
  /** Place in `FIGURE_LEVELS`: nothing harder is offered. */
  readonly level: number;
  /** How often the dance holds each move already, by its id. */
  readonly used: ReadonlyMap<string, number>;
  /** What is danced right before. */
  readonly before?: string;
  /** Ids of moves that are left out. */
  readonly without?: ReadonlySet<string>;
}

export interface Filled {
  /** Section by section. */
  readonly moves: readonly (readonly Move[])[];
  readonly cost: number;
}

const COST = {
  /** Each move: few figures are easier to learn than many. */
  move: 0.22,
  /** It is not what most dances are made of. */
  rare: 0.6,
  /** The weight is thrown the other way. */
  reversal: 0.7,
  /** A crossed leg that has to come out around the other. */
  tangle: 1.5,
  /** The same move once more on the same foot; on the other foot it is a pair, which is easily learnt. */
  again: 1.2,
  pair: 0,
  /** One figure for a whole eight. */
  alone: 0.6,
  /** For every step further from where it began than a line of dancers likes to go. */
  far: 0.4,
  /** The third time in one stretch. */
  tooOften: 2.5,
  /** What the dance holds once or twice may come again; more would be all that it holds. */
  known: -0.3,
  worn: 0.6,
  /** By how many levels it stands under the dance's, or at it. */
  below: 0.12,
  /** A quarter turned; turning there and back again is turning for nothing. */
  quarter: 0.15,
  turnedBack: 0.8,
  /** Gestures in a row on one foot. */
  gestures: 0.5,
  /** It does not begin on an odd count: phrases of music come in twos. */
  offBeat: 1,
  /** A figure is more to dance to than a step and a touch. */
  plain: 0.25,
} as const;

/** Ways kept for each count, foot and wall; at the end of a section, and at the very end, more. */
const KEPT = 8;
const KEPT_AT_BORDER = 24;
const KEPT_AT_END = 160;
/** Steps. */
const FAR = 3;
const MOST_MOVES_AN_EIGHT = 4;

interface Way {
  readonly move: Move;
  readonly back: Way | undefined;
  readonly cost: number;
  /** Moves in the section so far. */
  readonly moves: number;
  /** Turned so far, unreduced. */
  readonly turned: number;
  readonly place: Vector;
}

/** The best ways, the cheapest first; `most` of them. */
export function fillCounts(order: FillOrder, most = 60): Filled[] {
  const total = order.lengths.reduce((sum, length) => sum + length, 0);
  const start = freeFoot(order.from.weight);
  const borders = bordersOf(order.lengths);
  const cells = Array.from({ length: total + 1 }, () => new Map<number, Way[]>());
  const feet: readonly Foot[] = start ? [start] : ['R', 'L'];
  const moves = { R: movesFor(order, 'R'), L: movesFor(order, 'L') };
  for (const foot of feet) extend(undefined, foot, order.from.facing, 0);
  for (let count = 1; count < total; count++)
    for (const [key, ways] of cells[count])
      for (const way of ways) extend(way, key % 2 === 0 ? 'L' : 'R', key >> 1, count);
  return endsOf(order, cells[total])
    .sort((a, b) => a.cost - b.cost)
    .slice(0, most)
    .map((way) => ({ moves: bySection(pathOf(way), order.lengths), cost: way.cost }));

  function extend(way: Way | undefined, foot: Foot, facing: Facing, count: number): void {
    const border = borders[count];
    const before = borders[count] === borders[count - 1] ? (way?.moves ?? 0) : 0;
    if (before >= MOST_MOVES_AN_EIGHT) return;
    for (const move of moves[foot]) {
      const end = count + move.counts;
      if (end > border || (before + 1 === MOST_MOVES_AN_EIGHT && end !== border)) continue;
      const next = goOn(order, way, move, count, before);
      const key = facingAfter(facing, move.turn) * 2 + (move.ends === 'R' ? 0 : 1);
      keep(cells[end], key, next, end === total ? KEPT_AT_END : end === border ? KEPT_AT_BORDER : KEPT);
    }
  }
}

/** `moves`: of the section so far. */
function goOn(order: FillOrder, way: Way | undefined, move: Move, count: number, moves: number): Way {
  const place = placeAfter(way, move);
  const alone = move.counts === 8 ? COST.alone : 0;
  const far = COST.far * Math.max(0, Math.hypot(place.x, place.y) - FAR);
  return {
    move,
    back: way,
    cost: (way?.cost ?? 0) + costOf(order, way, move, count) + alone + far,
    moves: moves + 1,
    turned: (way?.turned ?? 0) + move.turn,
    place,
  };
}

/** What a sequence costs that somebody else put together; for comparing the search with all there is. */
export function costOfMoves(order: FillOrder, moves: readonly Move[]): number {
  let way: Way | undefined;
  let count = 0;
  for (const move of moves) {
    way = goOn(order, way, move, count, 0);
    count += move.counts;
  }
  return way?.cost ?? 0;
}

/** For every count from 0: where the section it stands in ends. */
function bordersOf(lengths: readonly number[]): number[] {
  const borders: number[] = [];
  let end = 0;
  for (const length of lengths) {
    end += length;
    for (let count = 0; count < length; count++) borders.push(end);
  }
  return borders;
}

const movesFor = ({ level, without }: FillOrder, lead: Foot): readonly Move[] =>
  movesLedBy(lead).filter((move) => move.usual && move.level <= level && move.counts > 1 && !without?.has(move.id));

/** The best few; of ways that end on the same move only the best two, so that others are not crowded out. */
function keep(cell: Map<number, Way[]>, key: number, way: Way, most: number): void {
  const ways = cell.get(key);
  if (!ways) {
    cell.set(key, [way]);
    return;
  }
  if (ways.length >= most && way.cost >= ways[ways.length - 1].cost) return;
  const alike = ways.filter(({ move }) => move === way.move);
  if (alike.length >= Math.max(2, most / 20)) {
    const worst = alike[alike.length - 1];
    if (worst.cost <= way.cost) return;
    ways.splice(ways.indexOf(worst), 1);
  }
  const at = ways.findIndex(({ cost }) => cost > way.cost);
  ways.splice(at < 0 ? ways.length : at, 0, way);
  if (ways.length > most) ways.pop();
}

function costOf(order: FillOrder, way: Way | undefined, move: Move, count: number): number {
  const last = way?.move;
  const crossing = last ? last.crossing : order.from.crossing;
  const isTangled = crossing !== null && crossing.foot === (last?.ends ?? order.from.weight) && tangles(move);
  return (
    ownCost(move, order.level, count) +
    (isTangled ? COST.tangle : 0) +
    (last ? joinCost(last, move) : 0) +
    useCost(order, way, move)
  );
}

const ownCost = (move: Move, level: number, count: number): number =>
  COST.move +
  COST.rare * rarityOf(move.id) +
  (COST.quarter * Math.abs(move.turn)) / (CIRCLE / 4) +
  COST.below * (level - move.level) +
  (count % 2 === 1 ? COST.offBeat : 0) +
  (SINGLES.has(move.id) ? COST.plain : 0);

const joinCost = (last: Move, move: Move): number =>
  (isReversal(last, move) ? COST.reversal : 0) +
  (last.turn * move.turn < 0 ? COST.turnedBack : 0) +
  (gestureAtEnd(last) && opensWithGesture(move) ? COST.gestures : 0);

function useCost({ used, before }: FillOrder, way: Way | undefined, move: Move): number {
  const last = way?.move;
  const times = timesIn(way, move);
  const held = used.get(move.id) ?? 0;
  const again =
    last?.id === move.id
      ? last.lead === move.lead
        ? COST.again
        : COST.pair
      : times > 0 || before === move.id
        ? COST.again / 2
        : 0;
  return again + (times >= 2 ? COST.tooOften : 0) + (held === 0 ? 0 : held <= 2 ? COST.known : COST.worn);
}

/** Sayings of two plain steps. */
const SINGLES: ReadonlySet<string> = new Set(['step-touch', 'step-kick', 'step-scuff', 'step-brush', 'step-hitch', 'back-touch', 'back-hook', 'step-hold', 'walk']); // prettier-ignore

/** The free leg stands behind or in front of the other: it has to go to the side, back or forward first. */
function tangles({ actions: [first] }: Move): boolean {
  return ['cross', 'behind', 'together', 'place', 'lock'].includes(first.direction ?? '');
}

/** Both are in the room of the first: the second is turned by what the first turned. */
function isReversal(last: Move, next: Move): boolean {
  const { x, y } = turned(next.enters, last.turn);
  const [a, b] = [last.leaves, { x, y }];
  const product = a.x * b.x + a.y * b.y;
  const size = Math.hypot(a.x, a.y) * Math.hypot(b.x, b.y);
  return size > 0.3 && product / size < -0.6;
}

const gestureAtEnd = ({ actions }: Move): boolean => actions[actions.length - 1].effect === 'none';
const opensWithGesture = ({ actions }: Move): boolean => actions[0].effect === 'none';

function timesIn(way: Way | undefined, { id }: Move): number {
  let times = 0;
  for (let at = way; at; at = at.back) if (at.move.id === id) times += 1;
  return times;
}

/** Parts of a circle to the right. */
function turned({ x, y }: Vector, parts: number): Vector {
  const angle = (parts / CIRCLE) * 2 * Math.PI;
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  return { x: x * cos + y * sin, y: y * cos - x * sin };
}

function placeAfter(way: Way | undefined, { travel }: Move): Vector {
  const place = way?.place ?? { x: 0, y: 0 };
  const own = turned(travel, way?.turned ?? 0);
  return { x: place.x + own.x, y: place.y + own.y };
}

/** Steps to a side that still are "here". */
const NEAR = 0.75;

export const sideOf = ({ x }: Vector): Side => (x < -NEAR ? 'left' : x > NEAR ? 'right' : 'here');

function endsOf({ free, facing, side }: FillOrder, cell: ReadonlyMap<number, readonly Way[]>): Way[] {
  return [...cell].flatMap(([key, ways]) => {
    if (facing !== undefined && key >> 1 !== facing) return [];
    if (free !== undefined && (key % 2 === 0 ? 'L' : 'R') !== free) return [];
    return side === undefined ? ways : ways.filter(({ place }) => sideOf(place) === side);
  });
}

function pathOf(way: Way): Move[] {
  const moves: Move[] = [];
  for (let at: Way | undefined = way; at; at = at.back) moves.unshift(at.move);
  return moves;
}

function bySection(moves: readonly Move[], lengths: readonly number[]): Move[][] {
  const left = [...moves];
  return lengths.map((length) => {
    const own: Move[] = [];
    for (let counts = 0; counts < length && left.length > 0; counts += own[own.length - 1].counts)
      own.push(left.shift() as Move);
    return own;
  });
}

/** The best first, each further one the best of those that have enough of their own: nobody looks at one sequence three times. */
export function unlike(found: readonly Filled[], most: number): Filled[] {
  const chosen: Filled[] = [];
  const idsOf = ({ moves }: Filled): Set<string> => new Set(moves.flat().map(({ words }) => words));
  const left = [...found];
  while (chosen.length < most && left.length > 0) {
    const at = left.findIndex((one) => {
      const own = idsOf(one);
      return chosen.every((other) => {
        const shared = [...idsOf(other)].filter((id) => own.has(id)).length;
        return shared <= own.size / 3;
      });
    });
    if (at < 0) break;
    chosen.push(...left.splice(at, 1));
  }
  return chosen;
}

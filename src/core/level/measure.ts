/** What can be counted of how hard a dance is, or one of its sections. */
import type { Dance, DancedCall, DancedLine, Moment } from '../dancing/dance';
import { crossingsOf, measureBlock, middleOf } from '../floor/measure';
import { isGesture } from '../model/actions';
import { greatest } from '../model/numbers';
import { TICKS_A_COUNT } from '../model/ticks';
import { CIRCLE } from '../model/turns';
import { danceTempo } from '../music/tempo';
import { levelWithTurn, rarityOf } from '../vocabulary/levels';
import { wallsOf } from '../walls/table';

const QUARTER = CIRCLE / 4;
/** Something is done facing no wall. */
export const facesCorner = ({ after, action }: Moment): boolean =>
  action.word !== 'hold' && after.facing % QUARTER !== 0;

export interface Measures {
  /** In sixteens. */
  readonly counts: number;
  readonly figures: number;
  /** Place in `FIGURE_LEVELS`, its turn taken into account. */
  readonly hardestFigure: number;
  /** What stands above a beginner's figures, each by how far, an eight. */
  readonly hardFigures: number;
  /** 0 for what every dance has, 1 for what hardly any has. */
  readonly rarity: number;
  /** An eight. */
  readonly between: number;
  /** Quarters. */
  readonly largestTurn: number;
  /** Quarters an eight. */
  readonly turning: number;
  /** An eight. */
  readonly diagonals: number;
  readonly cuts: number;
  readonly tags: number;
  readonly changed: number;
  readonly parts: number;
  /** A second. */
  readonly pace: number;
  readonly gestures: number;
  /** Steps an eight. */
  readonly travel: number;
  /** An eight. */
  readonly tangled: number;
  /** Steps. */
  readonly floor: number;
}

/** What a dance adds to what its sections have. */
type OfWhole = 'counts' | 'figures' | 'cuts' | 'tags' | 'changed' | 'parts' | 'floor';

/** What the measures are taken from, for reasons that name things. */
export interface Stretch {
  readonly calls: readonly DancedCall[];
  readonly moments: readonly Moment[];
  readonly counts: number;
  /** Seconds of a count. */
  readonly second: number;
}

export const turnOf = ({ moments }: DancedCall): number =>
  Math.abs(moments.reduce((sum, { action }) => sum + action.turn, 0));

export const levelOfCall = (call: DancedCall): number => (call.figure ? levelWithTurn(call.figure, turnOf(call)) : 0);

export function secondOfCount({ script }: Dance): number {
  const { tempo, beats } = danceTempo(script);
  return (60 * beats) / tempo;
}

export const stretchOf = (lines: readonly DancedLine[], counts: number, second: number): Stretch => ({
  calls: lines.flatMap(({ calls }) => calls.filter(({ moments }) => moments.length > 0)),
  moments: lines.flatMap(({ moments }) => moments),
  counts,
  second,
});

/** Its parts once each. */
export const wholeOf = (dance: Dance): Stretch =>
  stretchOf(dance.parts.flatMap(({ sections }) => sections.flatMap(({ lines }) => lines)), dance.counts, secondOfCount(dance)); // prettier-ignore

/** The measures that a section has by itself. */
export function measureStretch({ calls, moments, counts, second }: Stretch): Omit<Measures, OfWhole> {
  const eights = Math.max(1, counts / 8);
  const anEight = (number: number): number => number / eights;
  const named = calls.filter(({ figure }) => figure !== undefined && figure.family !== 'single' && figure.family !== 'own');
  const levels = calls.map(levelOfCall);
  return {
    hardestFigure: greatest(levels, 0),
    hardFigures: anEight(levels.reduce((sum, level) => sum + level, 0)),
    rarity: greatest(named.map(({ figure }) => rarityOf(figure?.id ?? '')), 0),
    between: anEight(moments.filter(isBetween).length),
    largestTurn: greatest(calls.map(turnOf), 0) / QUARTER,
    turning: anEight(moments.reduce((sum, { action }) => sum + Math.abs(action.turn), 0) / QUARTER),
    diagonals: anEight(moments.filter(facesCorner).length),
    pace: counts === 0 ? 0 : moments.filter(({ action }) => action.foot !== null).length / (counts * second),
    gestures: longestGestures(moments).length,
    travel: anEight(wayOf(moments)),
    tangled: anEight(crossingsOf(moments)),
  };
} // prettier-ignore

/** Steps and gestures between the counts; a hitch that rides on nothing is one too. */
export const isBetween = ({ time, action }: Moment): boolean => time % TICKS_A_COUNT !== 0 && action.foot !== null;

/** Without weight, one after another, on the same foot. */
export function longestGestures(moments: readonly Moment[]): readonly Moment[] {
  let longest: readonly Moment[] = [];
  let run: readonly Moment[] = [];
  for (const moment of moments) {
    const { word, foot, effect } = moment.action;
    if (foot === null) continue;
    const isOne = isGesture(word) && effect === 'none';
    run = !isOne ? [] : run[0]?.action.foot === foot ? [...run, moment] : [moment];
    if (run.length > longest.length) longest = run;
  }
  return longest;
}

/** The way of the body, in steps. */
const wayOf = (moments: readonly Moment[]): number =>
  moments.reduce((sum, { before, after }) => {
    const [from, to] = [middleOf(before), middleOf(after)];
    return sum + Math.hypot(to.x - from.x, to.y - from.y);
  }, 0);

/** Of the whole dance. */
export function measureDance(dance: Dance): Measures {
  const whole = wholeOf(dance);
  const { walls } = wallsOf(dance);
  const cuts = new Set(walls.flatMap(({ cut, counts }) => (cut?.kind === 'restart' ? [counts] : [])));
  const cutWalls = walls.filter(({ cut }) => cut?.kind === 'restart').length;
  const boxes = dance.parts.map((part) => measureBlock(part).box);
  const names = whole.calls.flatMap(({ figure }) => (figure ? [figure.id] : []));
  return {
    ...measureStretch(whole),
    counts: dance.counts / 16,
    figures: new Set(names).size,
    // The same cut on more walls is remembered once; each further wall has to be counted to.
    cuts: cuts.size + 0.4 * (cutWalls - cuts.size),
    tags: new Set(walls.flatMap(({ pieces }) => pieces.flatMap(({ kind, block }) => (kind === 'tag' ? [block.block.name] : [])))).size,
    changed: walls.filter(({ pieces }) => pieces.some(({ kind }) => kind === 'changed')).length,
    parts: Math.max(0, dance.parts.length - 1),
    floor: greatest(boxes.map(({ left, right, back, forward }) => Math.max(left + right, back + forward)), 0),
  };
} // prettier-ignore

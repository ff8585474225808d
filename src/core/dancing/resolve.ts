/**
 * From a call and the state before it to actions: which foot leads, which way it turns and where, which direction each foot takes.
 * What the line left open is settled by custom and noted as an assumption, so that it can be told and written out.
 */
import type { Action, Direction } from '../model/actions';
import { isFoot, otherFoot, type Foot } from '../model/feet';
import type { Span } from '../model/text';
import { CIRCLE, otherWay, turnBetween, waySign, type Turn, type Way } from '../model/turns';
import type { Call, CalledTurn } from '../grammar/steps/cut';
import { KNOWN, turnedPattern, type Figure } from '../vocabulary';
import type { PatternStep } from '../vocabulary/notation';
import { runSteps, type Allotted, type Unit } from './allot';
import { nextFoot, type DanceState } from './state';

/** Something the line did not say. `customary`: the figure's own habit settles it; otherwise it is a guess. */
export interface Assumption {
  readonly kind: 'way' | 'amount' | 'open' | 'stomp up' | 'direction' | 'pivot' | 'turned step';
  readonly customary: boolean;
  readonly span: Span;
  /** What was assumed, in words: `left`, `1/2`. */
  readonly value: string;
}

export interface Resolved {
  readonly lead?: Foot;
  readonly turn: Turn;
  readonly actions: readonly Action[];
  readonly assumed: readonly Assumption[];
}

export function resolveCall(allotted: Allotted, state: DanceState, carriedTurn: Turn): Resolved {
  const { unit } = allotted;
  const figure = unit.figure as Figure;
  const steps = startOfWeave(allotted, figure, state);
  const lead = leadFoot(ownCall(allotted), unit.repeat === 0, steps, state);
  const assumed: Assumption[] = [];
  const turn = wholeTurn(unit, figure, lead, state, assumed) ?? titledShare(allotted, lead) ?? 0;
  const spelt = spellTurn(figure, steps, lead, turn);
  const direction = unit.call.direction ?? figure.direction ?? null;
  noteDirection(figure, unit.call, assumed);
  const actions = steps.map((step, index): Action => {
    const pattern = spelt.steps[index] ?? step;
    return {
      word: step.word,
      foot: footOf(step, lead),
      direction: pattern.direction === '*' ? direction : pattern.direction,
      effect: step.effect,
      turn: spelt.turns[index] + (index === 0 ? carriedTurn : 0),
      ...(step.size && { size: step.size }),
    };
  });
  return { lead, turn: turn + carriedTurn, actions, assumed };
}

/** A weave towards the standing foot opens with a cross: `weave left` with R free. */
function startOfWeave({ unit, steps }: Allotted, figure: Figure, state: DanceState): readonly PatternStep[] {
  const { travel, direction } = unit.call;
  if (!travel || direction || figure.share !== 'steps' || !isFoot(state.weight) || nextFoot(state) === travel)
    return steps;
  return runSteps(figure, steps.length, 'cross');
}

/** The first call after a colon leads with the foot of its title: `Coaster R: back, together, forward`. */
function ownCall({ unit }: Allotted): Call {
  const { call, titled, detailIndex } = unit;
  if (detailIndex !== 0 || call.foot) return call;
  // `Weave L: side, behind ...` steps L to the side; one that opens with a cross is led by the other foot.
  const foot = titled?.foot ?? (call.direction === 'side' ? titled?.travel : undefined);
  return foot ? { ...call, foot } : call;
}

/** What one call after a colon turns when the turn stands in the title: its place's share in the titled figure. */
function titledShare({ unit, steps }: Allotted, lead: Foot): Turn | undefined {
  const { titled, detailIndex } = unit;
  if (!titled?.figure || !titled.turn?.amount || !titled.detail || steps.length !== 1) return undefined;
  // Where a step says its own turn, the title only sums up.
  if (titled.detail.some(({ turn }) => turn?.amount !== undefined)) return undefined;
  const places = titled.detail.length;
  const form = titled.figure.forms.find(({ steps: own }) => own.length === places)?.steps;
  if (!form) return undefined;
  const titleLead = titled.foot ?? (detailIndex % 2 === 0 ? lead : otherFoot(lead));
  const way = titled.turn.way ?? (titled.figure.way === 'in' ? otherWay(outWay(titleLead)) : outWay(titleLead));
  return spellTurn(titled.figure, form, titleLead, titled.turn.amount * waySign(way)).turns[detailIndex];
}

const outWay = (lead: Foot): Way => (lead === 'R' ? 'right' : 'left');

/** The turn of a call that has no counts of its own and rides on its neighbour. */
export function ridingTurn(unit: Unit, state: DanceState): { turn: Turn; assumed: readonly Assumption[] } {
  const assumed: Assumption[] = [];
  return { turn: wholeTurn(unit, unit.figure as Figure, nextFoot(state), state, assumed) ?? 0, assumed };
}

function noteDirection(figure: Figure, call: Call, assumed: Assumption[]): void {
  // `side R, behind L, 1/4 R`: nobody wrote that a step turns there.
  if (figure === KNOWN.step && !call.nameSpan && call.turn?.amount !== undefined && !call.direction)
    assumed.push({ kind: 'turned step', customary: true, span: call.span, value: 'forward' });
  if (figure !== KNOWN.rock || call.direction) return;
  assumed.push({ kind: 'direction', customary: true, span: call.span, value: 'side' });
}

function footOf(step: PatternStep, lead: Foot): Foot | null {
  switch (step.role) {
    case 'A':
      return lead;
    case 'B':
      return otherFoot(lead);
    case 'AB':
    case '-':
      return null;
  }
}

/** The foot that leads (role A): named by the line, given by the side it travels to, or the one that is free. */
function leadFoot(call: Call, first: boolean, steps: readonly PatternStep[], state: DanceState): Foot {
  const opening = steps.find((step) => step.role === 'A' || step.role === 'B');
  const turnsInPlace = opening?.word === 'pivot';
  const fromOpening = (foot: Foot): Foot => (opening?.role === 'B' ? otherFoot(foot) : foot);
  if (call.travel && steps.some((step) => step.direction === 'side' && step.word === 'step')) return call.travel;
  if (first && call.foot && !turnsInPlace) return fromOpening(call.foot);
  return fromOpening(opening?.word === 'hop' ? otherFoot(nextFoot(state)) : nextFoot(state));
}

// Turns

/** The signed turn of the whole call; undefined when it does not turn. */
function wholeTurn(unit: Unit, figure: Figure, lead: Foot, state: DanceState, assumed: Assumption[]): Turn | undefined {
  const { call } = unit;
  const said = call.turn;
  if (!said && figure.amount === undefined) return undefined;
  const span = said?.span ?? call.span;
  const way = said?.way;
  // `turn ?` goes nowhere until an answer is chosen; `1/4 turn ?` goes its own way so far.
  if (said?.open && said.target === undefined) {
    assumed.push({ kind: 'open', customary: false, span, value: '' });
    if (said.amount === undefined) return undefined;
    return said.amount * waySign(way ?? naturalWay(figure, lead, state) ?? outWay(lead));
  }
  if (said?.target !== undefined && said.amount === undefined)
    return turnToTarget(figure, lead, state, said.target, way, span, assumed);
  const amount = amountOf(figure, said, span, assumed);
  return amount === undefined
    ? undefined
    : shareOf(unit, amount) * waySign(way ?? assumedWay(figure, lead, state, span, assumed, call.direction));
}

/** How far, as the line says or as is customary. */
function amountOf(figure: Figure, said: CalledTurn | undefined, span: Span, assumed: Assumption[]): number | undefined {
  const amount = said?.amount ?? figure.amount;
  if (amount === undefined) assumed.push({ kind: 'amount', customary: false, span, value: '0' });
  else if (said?.amount === undefined && !figure.definite)
    assumed.push({ kind: 'amount', customary: true, span, value: amount === CIRCLE / 2 ? '1/2' : '1/4' });
  return amount;
}

/** What falls to one of several goes, where the amount is that of all of them. */
const shareOf = ({ call: { total, repeat: times }, repeat }: Unit, amount: number): number =>
  total && times > 1 ? Math.floor(((repeat + 1) * amount) / times) - Math.floor((repeat * amount) / times) : amount;

function turnToTarget(
  figure: Figure,
  lead: Foot,
  state: DanceState,
  target: number,
  way: Way | undefined,
  span: Span,
  assumed: Assumption[],
): Turn {
  const turn = turnBetween(state.facing, target, way);
  if (way !== undefined || Math.abs(turn) !== CIRCLE / 2) return turn;
  return Math.abs(turn) * waySign(assumedWay(figure, lead, state, span, assumed));
}

function assumedWay(
  figure: Figure,
  lead: Foot,
  state: DanceState,
  span: Span,
  assumed: Assumption[],
  direction?: Direction,
): Way {
  const natural = naturalWay(figure, lead, state, direction);
  const way = natural ?? outWay(lead);
  if (!figure.definite || figure.way === undefined || figure === KNOWN.fullTurn) {
    assumed.push({ kind: 'way', customary: natural !== undefined, span, value: way });
  }
  return way;
}

/** The way a figure turns by itself: towards the leading foot's side (out), away from it (in), or out of a crossing. */
export function naturalWay(figure: Figure, lead: Foot, state: DanceState, direction?: Direction): Way | undefined {
  const out = outWay(lead);
  // R crossed over, then L back, turns right; a step behind turns towards the foot that crosses.
  if (direction === 'behind') return out;
  if (direction === 'back' && state.crossing?.where === 'front' && state.crossing.foot !== lead) return otherWay(out);
  if (figure.way === 'out') return out;
  if (figure.way === 'in') return otherWay(out);
  if (figure.way === 'crossing' && state.crossing) return unwindWay(state.crossing);
  return undefined;
}

/** R in front unwinds to the left, R behind to the right; mirrored for L. Common practice, no source. */
export function unwindWay(crossing: NonNullable<DanceState['crossing']>): Way {
  const towards: Way = crossing.foot === 'R' ? 'right' : 'left';
  return crossing.where === 'behind' ? towards : otherWay(towards);
}

/** Where in the figure the turn falls, one number an action, and the directions that go with it. */
export function spellTurn(
  figure: Figure,
  steps: readonly PatternStep[],
  lead: Foot,
  turn: Turn,
): { steps: readonly PatternStep[]; turns: number[] } {
  // A figure of fixed shares turns there and back even when its turns come to nothing.
  const fixed = turn === 0 && figure.definite === true && figure.amount === 0;
  const sign = turn < 0 || (fixed && outWay(lead) === 'left') ? -1 : 1;
  if (turn === 0 && !fixed) return { steps, turns: steps.map(() => 0) };
  const turned = turnedPattern(figure, lead, turn);
  if (turned && steps.length <= turned.length && steps.every((step, index) => step.role === turned[index].role)) {
    return {
      steps: turned,
      turns: closeSum(
        turned.slice(0, steps.length).map((step) => fixedShare(step) * sign),
        turn,
      ),
    };
  }
  if (figure.share && isRun(figure, steps)) return { steps, turns: shareOut(figure, steps, turn) };
  const turns = steps.map((step) => (step.turn === 'whole' ? turn : step.turn * sign));
  return { steps, turns: closeSum(turns, turn, steps) };
}

const fixedShare = (step: PatternStep): number => (step.turn === 'whole' ? 0 : step.turn);

const isRun = (figure: Figure, steps: readonly PatternStep[]): boolean =>
  figure.run !== undefined && steps.length > 1 && steps.every((step) => figure.run?.includes(step));

/** The shares of a figure always come to what the line says: the difference falls on the last action that turns, or that takes weight. */
function closeSum(turns: number[], turn: Turn, steps?: readonly PatternStep[]): number[] {
  const rest = turn - turns.reduce((sum, share) => sum + share, 0);
  if (rest === 0) return turns;
  let last = turns.findLastIndex((share) => share !== 0);
  if (last < 0 && steps) last = steps.findLastIndex((step) => step.effect === 'takes');
  return turns.map((share, index) => (index === (last < 0 ? turns.length - 1 : last) ? share + rest : share));
}

/** Shared evenly over the steps that turn; step k of n stands at k/n of it, rounded down. */
function shareOut(figure: Figure, steps: readonly PatternStep[], turn: Turn): number[] {
  const turning = steps.map((step) => {
    if (figure.share === 'crosses') return step.direction === 'cross';
    if (figure.share === 'all') return true;
    if (figure.share === 'pairs') return step.word === 'pivot';
    return step.effect === 'takes';
  });
  const parts = turning.filter(Boolean).length;
  const size = Math.abs(turn);
  let done = 0;
  return turning.map((turns) => {
    if (!turns) return 0;
    done += 1;
    const share = Math.floor((done * size) / parts) - Math.floor(((done - 1) * size) / parts);
    return share * (turn < 0 ? -1 : 1);
  });
}

/** Mirrors a call: right and left, feet and turns. */
export function mirrorCall(call: Call): Call {
  return {
    ...call,
    foot: call.foot && otherFoot(call.foot),
    past: call.past && otherFoot(call.past),
    travel: call.travel && otherFoot(call.travel),
    feet: call.feet?.map(otherFoot),
    turn: call.turn && {
      ...call.turn,
      way: call.turn.way && otherWay(call.turn.way),
      ...(call.turn.target !== undefined && { target: (CIRCLE - call.turn.target) % CIRCLE }),
    },
    detail: call.detail?.map(mirrorCall),
  };
}

/**
 * Which of the words of a line are danced. All of them, where that fills the counts. Where it doesn't, what stands beside a figure's
 * name and says the same steps is its explanation, and words that name no step are a remark: the counts choose. Nothing that names
 * another step is ever left out: it is told as too much.
 */
import type { Call } from '../reading/calls';
import { allotCounts, unitsOfCalls, type Allotment } from './allot';
import { explainedBy, isTurnSaid } from './explanations';

export interface Choice extends Allotment {
  /** Calls of the line that are not danced: explanations of others, and remarks. */
  readonly asides: readonly Call[];
}

const COST = {
  /** Danced so, nothing needs to be chosen. */
  enough: 1,
  remark: 1,
  /** `step L to the side swaying left`: one action said twice. */
  styling: 0.6,
  explanation: 0.2,
  /** The name is danced, and not what is spelt behind it. */
  nameAlone: 1.5,
  /** What is spelt is danced, and not the name. */
  spellingAlone: 2,
} as const;

/** `ticks` are the moments of the line in order. */
export function chooseCalls(calls: readonly Call[], ticks: readonly number[]): Choice {
  const all = { ...allotCounts(unitsOfCalls(calls), ticks), asides: NONE };
  if (all.cost < COST.enough || ticks.length === 0) return all;
  let best: Choice = all;
  for (const { danced, asides, cost } of readingsOf(calls)) {
    if (danced.length === 0) continue;
    const found = allotCounts(unitsOfCalls(danced), ticks);
    if (found.cost + cost < best.cost) best = { ...found, cost: found.cost + cost, asides };
  }
  return best;
}

interface Reading {
  readonly danced: readonly Call[];
  readonly asides: readonly Call[];
  readonly cost: number;
}

const NONE: readonly Call[] = [];

/** Other ways to take the same words, each with what it leaves out. */
function readingsOf(calls: readonly Call[]): Reading[] {
  const readings: Reading[] = [];
  const bare = (list: readonly Call[]): readonly Call[] => list.filter(({ figure }) => figure);
  const without = (list: readonly Call[], left: readonly Call[], cost: number): void => {
    readings.push({ danced: list, asides: left, cost });
    const known = bare(list);
    const remarks = list.length - known.length;
    if (remarks > 0)
      readings.push({
        danced: known,
        asides: [...left, ...list.filter(({ figure }) => !figure)],
        cost: cost + remarks * COST.remark,
      });
  };
  without(calls, NONE, 0);
  const explained = explanationsIn(calls);
  if (explained.size > 0) {
    const left = calls.filter((call) => explained.has(call));
    const names = calls.filter((call) => !explained.has(call)).map((call) => withTurn(call, calls, explained));
    without(names, left, left.length * COST.explanation);
  }
  for (const repeated of repeatedIn(calls)) without(repeated, NONE, 0);
  const riding = new Set(calls.filter((call, index) => isStyling(call, calls[index - 1])));
  if (riding.size > 0)
    without(
      calls.filter((call) => !riding.has(call)),
      [...riding],
      riding.size * COST.styling,
    );
  const spelt = calls.filter(({ detail }) => detail);
  if (spelt.length > 0) {
    const names = calls.map((call) => (call.detail && call.figure ? { ...call, detail: undefined } : call));
    without(
      names,
      spelt.flatMap(({ detail }) => detail ?? []),
      COST.nameAlone,
    );
  }
  const titles = new Set(calls.filter((call, index) => isTitle(call, calls.slice(index + 1))));
  if (titles.size > 0)
    without(
      calls.filter((call) => !titles.has(call)),
      [...titles],
      titles.size * COST.spellingAlone,
    );
  return readings;
}

/** `Chase turn, 1/2 left`: what is said of the turn behind the name is the figure's. */
function withTurn(call: Call, calls: readonly Call[], explained: ReadonlySet<Call>): Call {
  const next = calls[calls.indexOf(call) + 1];
  if (call.turn || !call.figure || !next?.turn || !explained.has(next) || !isTurnSaid(next, call.figure)) return call;
  return { ...call, turn: next.turn };
}

/** What "twice" behind a comma repeats: the call before it, or all that was said before. */
function repeatedIn(calls: readonly Call[]): (readonly Call[])[] {
  const at = calls.findIndex(({ again }) => again !== undefined);
  const times = calls[at]?.again;
  if (at < 1 || times === undefined) return [];
  const [before, rest] = [calls.slice(0, at), calls.slice(at + 1)];
  const bracket = { times: Math.min(times, 16) };
  return [
    [...before.slice(0, -1), { ...before[at - 1], repeat: bracket.times }, ...rest],
    [...before.map((call) => ({ ...call, bracket })), ...rest],
  ];
}

/** A second name in one breath, on the same foot or none, that takes no place of its own. */
const isStyling = (call: Call, before: Call | undefined): boolean =>
  call.breath === true &&
  call.figure?.family === 'single' &&
  before?.figure !== undefined &&
  !call.turn &&
  (call.foot === undefined || call.foot === before.foot);

/** Calls that say the steps of the figure before them. */
function explanationsIn(calls: readonly Call[]): ReadonlySet<Call> {
  const found = new Set<Call>();
  for (let index = 0; index < calls.length; index++) {
    const { figure } = calls[index];
    if (!figure || figure.family === 'single') continue;
    const length = explainedBy(calls[index], calls.slice(index + 1));
    for (const call of calls.slice(index + 1, index + 1 + length)) found.add(call);
    index += length;
  }
  return found;
}

/** A figure whose every step is spelt right behind it. */
const isTitle = (call: Call, rest: readonly Call[]): boolean =>
  call.figure !== undefined && call.figure.family !== 'single' && !call.detail && explainedBy(call, rest) >= 2;

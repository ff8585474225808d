/**
 * Which of the words of a line are danced. All of them, where that fills the counts. Where it doesn't, what stands beside a figure's
 * name and says the same steps is its explanation, and words that name no step are a remark: the counts choose. Nothing that names
 * another step is ever left out: it is told as too much.
 */
import type { Call } from '../grammar/steps/cut';
import { KNOWN } from '../vocabulary';
import { allotCounts, unitsOfCalls, type Allotment, type Moments } from './allot';
import { explainedBy, isTurnSaid, leadSaid, opensAsSaid } from './explanations';

export interface Choice extends Allotment {
  /** Calls of the line that are not danced: explanations of others, and remarks. */
  readonly asides: readonly Call[];
  /** All calls of the line, where more are danced than it names as calls. */
  readonly calls?: readonly Call[];
}

const COST = {
  /** Danced so, nothing needs to be chosen. */
  enough: 1,
  remark: 1,
  /** A statement of weight is danced as a step. */
  weightSaid: 0.5,
  /** `step L to the side swaying left`: one action said twice. */
  styling: 0.6,
  explanation: 0.2,
  /** `step right together step right`: two steps written as one. */
  apart: 0.3,
  /** The name is danced, and not what is spelt behind it. */
  nameAlone: 1.5,
  /** What is spelt is danced, and not the name. */
  spellingAlone: 2,
} as const;

/** `said`: steps that the line's statements of weight would be. */
export function chooseCalls(calls: readonly Call[], moments: Moments, said: readonly Call[] = NONE): Choice {
  const plain = chooseAmong(calls, moments);
  if (said.length === 0 || plain.cost < COST.enough) return plain;
  const all = [...calls, ...said].sort((one, other) => one.span.from - other.span.from);
  const found = chooseAmong(all, moments);
  const cost = found.cost + said.length * COST.weightSaid;
  return cost < plain.cost ? { ...found, cost, calls: all } : plain;
}

function chooseAmong(calls: readonly Call[], moments: Moments): Choice {
  let best: Choice | undefined;
  for (const said of repeatedIn(calls)) {
    const all = { ...allotCounts(unitsOfCalls(said), moments), asides: NONE };
    if (!best || all.cost < best.cost) best = all;
    const isOpen = said.some((call, index) => call.figure && opensAsSaid(call, said[index + 1]));
    if ((best.cost < COST.enough && (!isOpen || best.cost < COST.explanation)) || moments.ticks.length === 0)
      return best;
    for (const { danced, asides, cost } of readingsOf(said)) {
      if (danced.length === 0) continue;
      const found = allotCounts(unitsOfCalls(danced), moments);
      if (found.cost + cost < best.cost) best = { ...found, cost: found.cost + cost, asides };
    }
  }
  return best as Choice;
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
  const riding = new Set(calls.filter((call, index) => isStyling(call, calls[index - 1])));
  if (riding.size > 0)
    without(
      calls.filter((call) => !riding.has(call)),
      [...riding],
      riding.size * COST.styling,
    );
  const spelt = calls.filter(({ detail }) => detail);
  if (spelt.length > 0 && spelt.every(saysNoOther)) {
    const names = calls.map((call) => (call.detail && call.figure ? { ...call, detail: undefined } : call));
    without(
      names,
      spelt.flatMap(({ detail }) => detail ?? []),
      COST.nameAlone,
    );
  }
  // `Charleston kick: step forward right, ...`: all of the title stands before the colon.
  const before = new Set(
    calls.filter((call, index) => !call.detail && calls[index + 1]?.detail && calls[index + 1].breath),
  );
  if (before.size > 0)
    without(
      calls.filter((call) => !before.has(call)),
      [...before],
      before.size * COST.styling,
    );
  // `bring the left foot in and tap`, `bring it to touch`: the foot comes in without its weight.
  const brought = new Set(
    calls.filter(({ figure, foot }, index) => figure?.manners.has('comesIn') && isOnlyGesture(calls[index + 1], foot)),
  );
  if (brought.size > 0)
    without(
      calls.flatMap((call, index) =>
        brought.has(call)
          ? []
          : brought.has(calls[index - 1])
            ? [{ ...call, foot: calls[index - 1].foot, footSpan: calls[index - 1].footSpan }]
            : [call],
      ),
      [...brought],
      brought.size * COST.styling,
    );
  const placed = withPlacesBehind(calls);
  if (placed.length < calls.length) without(placed, NONE, COST.apart);
  const gathered = withFeetBehind(calls);
  if (gathered.length < calls.length) without(gathered, NONE, COST.apart);
  const parted = calls.length > 1 ? calls.flatMap(apart) : calls;
  if (parted.length > calls.length) without(parted, NONE, COST.apart);
  const turned = calls.flatMap(turnApart);
  if (turned.length > calls.length) without(turned, NONE, COST.apart);
  const titles = new Set(calls.filter((call, index) => isTitle(call, calls.slice(index + 1))));
  if (titles.size > 0)
    without(
      calls.filter((call) => !titles.has(call)),
      [...titles],
      titles.size * COST.spellingAlone,
    );
  return readings;
}

const isOnlyGesture = (call: Call | undefined, foot: Call['foot']): boolean =>
  (call?.joined === true || call?.breath === true) &&
  call.figure?.family === 'single' &&
  call.figure.forms[0].steps[0].effect === 'none' &&
  (!call.foot || call.foot === foot);

const withPlacesBehind = (calls: readonly Call[]): readonly Call[] =>
  calls.flatMap((call, index) => {
    if (isPlaceOf(call, calls[index - 1])) return [];
    return isPlaceOf(calls[index + 1], call) ? [{ ...call, direction: calls[index + 1].direction }] : [call];
  });

/** `L to the side with a quarter left, forward`: where the step ends once it has turned. */
const isPlaceOf = (call: Call | undefined, before: Call | undefined): boolean =>
  before?.figure === KNOWN.step &&
  before.turn !== undefined &&
  before.direction !== undefined &&
  call?.figure === KNOWN.step &&
  call.direction !== undefined &&
  !call.nameSpan &&
  !call.foot &&
  !call.turn &&
  call.unread.length === 0;

const isBareFoot = ({ foot, nameSpan, turn, unread, repeat, more }: Call): boolean =>
  foot !== undefined && !nameSpan && !turn && !more && unread.length === 0 && repeat === 1;

/** `walk forward, right, left, right`: the feet of the walk, and no steps beside it. */
function withFeetBehind(calls: readonly Call[]): readonly Call[] {
  const gathered: Call[] = [];
  for (let index = 0; index < calls.length; index++) {
    const call = calls[index];
    const goesOn = call.figure?.run && call.nameSpan && !call.foot && !call.feet && !call.detail;
    let end = index + 1;
    while (goesOn && calls[end]?.figure === call.figure && isBareFoot(calls[end])) end += 1;
    const feet = calls.slice(index + 1, end).flatMap(({ foot }) => foot ?? []);
    // `sway four times, right, left, right, left`
    const areItsFeet = feet.length > 1 && (call.repeat === 1 || call.repeat === feet.length);
    gathered.push(areItsFeet ? { ...call, feet, foot: feet[0], footSpan: calls[index + 1].footSpan, repeat: 1 } : call);
    if (areItsFeet) index = end - 1;
  }
  return gathered;
}

/** `step right together`: the step, and the other foot closing to it. */
const apart = (call: Call): readonly Call[] =>
  call.direction === 'together' && call.foot && call.figure?.run && call.footSpan && !call.turn && !call.past
    ? [
        { ...call, direction: undefined },
        {
          ...call,
          figure: KNOWN.close,
          direction: undefined,
          foot: undefined,
          footSpan: undefined,
          nameSpan: undefined,
          joined: false,
        },
      ]
    : [call];

/** `five, six: step right half turn left`: the step, and the turn after it. */
const turnApart = (call: Call): readonly Call[] =>
  call.figure === KNOWN.step && call.turn?.behind && call.repeat === 1 && call.direction !== 'side'
    ? [
        { ...call, turn: undefined },
        { ...call, figure: KNOWN.turn, direction: undefined, foot: undefined, footSpan: undefined, joined: false },
      ]
    : [call];

/** `Chase turn, 1/2 left`: what is said of the turn behind the name is the figure's. */
function withTurn(call: Call, calls: readonly Call[], explained: ReadonlySet<Call>): Call {
  const next = calls[calls.indexOf(call) + 1];
  const lead = next && explained.has(next) ? leadSaid(call, next) : undefined;
  if (lead) return { ...call, foot: lead, footSpan: next.footSpan };
  if (call.turn || !call.figure || !next?.turn || !explained.has(next) || !isTurnSaid(next, call.figure)) return call;
  return { ...call, turn: next.turn };
}

/** What "twice" behind a comma repeats: the call before it, or all that was said before. The calls as they are where it is not said. */
function repeatedIn(calls: readonly Call[]): (readonly Call[])[] {
  const at = calls.findIndex(({ again }) => again !== undefined);
  const times = calls[at]?.again;
  if (at < 1 || times === undefined) return [calls];
  const [before, rest] = [calls.slice(0, at), calls.slice(at + 1)];
  const bracket = { times: Math.min(times, 16) };
  return [
    [...before.slice(0, -1), { ...before[at - 1], repeat: bracket.times }, ...rest],
    [...before.map((call) => ({ ...call, bracket })), ...rest],
  ];
}

/** A second name in one breath, on the same foot or none: how the step is done, not a gesture or a step more. */
function isStyling({ breath, figure, turn, foot }: Call, before: Call | undefined): boolean {
  if (!breath || figure?.family !== 'single' || !before?.figure || turn) return false;
  const [own] = figure.forms[0].steps;
  const [step] = before.figure.forms[0].steps;
  const isSame = own.role === '-' || (own.effect === 'takes' && step.effect === 'takes');
  return isSame && (foot === undefined || foot === before.foot);
}

const isUnderstood = ({ figure, unread }: Call): boolean => figure !== undefined && unread.length === 0;

/** What is spelt behind a name says its steps, or can't be read; another spelling, read to its end, is a contradiction and told as one. */
const saysNoOther = (title: Call): boolean => {
  const detail = title.detail ?? [];
  return (
    !title.figure ||
    !detail.every(isUnderstood) ||
    explainedBy({ ...title, detail: undefined }, detail) === detail.length
  );
};

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

/** A figure whose every step is spelt right behind it, its turn as well. */
function isTitle(call: Call, rest: readonly Call[]): boolean {
  if (!call.figure || call.figure.family === 'single' || call.detail) return false;
  const length = explainedBy(call, rest);
  return length >= 2 && (!call.turn || rest.slice(0, length).some(({ turn }) => turn));
}

/**
 * Deals the counts of a line out to its calls. Every call offers the forms it can be danced in; the cheapest way to fill the
 * counts in order is taken: an exact fit in a usual rhythm costs nothing, a count left over or a call left without counts much.
 * Counts that stay empty are holds that nobody wrote, calls without counts are too many: both are told, never hidden.
 */
import type { Foot } from '../model/feet';
import { tickOfCount, TICKS_A_COUNT } from '../model/ticks';
import type { Call } from '../grammar/steps/cut';
import { MOST_COUNTS_A_LINE } from '../reading/counts';
import { KNOWN, type Figure } from '../vocabulary';
import type { Form, PatternStep } from '../vocabulary/notation';

/** One dancing of one call: a call written "x2" has two. */
export interface Unit {
  readonly call: Call;
  readonly figure?: Figure;
  /** 0 for the first of the repeats. */
  readonly repeat: number;
  /** The call whose words after the colon this one belongs to. */
  readonly titled?: Call;
  /** Place in the detail of `titled`, and how many there are. */
  readonly detailIndex: number;
}

export interface Allotted {
  readonly unit: Unit;
  /** Index of its first moment in the line; -1 when no counts are left for it. */
  readonly first: number;
  /** What is danced, one step a moment. Empty for a call that rides on its neighbour, or that was not understood. */
  readonly steps: readonly PatternStep[];
  /** Moments taken: more than `steps` for what was not understood. */
  readonly length: number;
}

export interface Allotment {
  readonly units: readonly Allotted[];
  /** Indices of moments that no call fills. */
  readonly empty: readonly number[];
  /** How badly the calls fit the counts: nothing for a figure in its usual rhythm. */
  readonly cost: number;
}

interface Candidate {
  readonly steps: readonly PatternStep[];
  readonly length: number;
  cost: number;
  readonly rhythms?: readonly (readonly number[])[];
}

const COST = {
  empty: 4,
  unplaced: 9,
  laterForm: 0.3,
  otherRhythm: 0.6,
  scaledRhythm: 0.1,
  ride: 0.2,
  joinedTurn: 0.8,
  unreadable: 1,
  /** Danced on as long as its counts go. */
  run: 0.25,
  recoverWritten: 2,
  /** A place named and not gone to: `forward across` on one count. */
  placeUnused: 0.5,
  /** The `&` of `heel R & heel L` on two whole counts. */
  impliedUnused: 3,
} as const;

/** No line has more to dance: `((step R) x9) x99` is a slip of the pen, and what is left of it is told as too much. */
const MOST_UNITS = 2 * MOST_COUNTS_A_LINE;

export function unitsOfCalls(calls: readonly Call[]): Unit[] {
  const units: Unit[] = [];
  for (let index = 0; index < calls.length && units.length < MOST_UNITS;) {
    const { bracket } = calls[index];
    let end = index + 1;
    while (bracket && calls[end]?.bracket === bracket) end += 1;
    for (let time = 0; time < (bracket?.times ?? 1) && units.length < MOST_UNITS; time++)
      for (const call of calls.slice(index, end)) units.push(...unitsOfCall(call));
    index = end;
  }
  return units.slice(0, MOST_UNITS);
}

const unitsOfCall = (call: Call): Unit[] =>
  call.detail
    ? call.detail.flatMap((detail, detailIndex) => repeatsOf(detail, { titled: call, detailIndex }))
    : figureAFoot(call).flatMap((own) => repeatsOf(own, { detailIndex: 0 }));

/** `Dorothy R, L` is two of them, `shuffle R L R` one: feet that do not spell the figure lead one each. */
function figureAFoot(call: Call): Call[] {
  const { figure, feet } = call;
  if (!figure || !feet || (figure.run && figure.family !== 'struts')) return [onceForAll(call)];
  if (figure.family === 'single') return [onceForAll(call)];
  // `two side touches, right then left`
  if (call.numbered && feet.length === call.repeat)
    return feet.map((foot) => ({ ...call, foot, feet: undefined, repeat: 1 }));
  const spells = figure.forms.some(({ steps }) =>
    [steps, steps.filter(({ effect }) => effect === 'takes')].some((own) => isSpeltBy(own, feet)),
  );
  if (spells || figure.run) return [onceForAll(call)];
  return feet.map((foot) => ({ ...call, foot, feet: undefined, repeat: 1 }));
}

/** `four walks R L R L`: as many feet as times say the same thing twice. */
const onceForAll = (call: Call): Call =>
  (call.numbered || (call.repeat > 2 && call.feet?.length === call.repeat)) &&
  call.feet &&
  call.feet.length >= call.repeat
    ? { ...call, repeat: 1 }
    : call;

const isSpeltBy = (steps: readonly PatternStep[], feet: readonly Foot[]): boolean =>
  steps.length === feet.length && steps.every(({ role }, index) => (role === 'A') === (feet[index] === feet[0]));

const repeatsOf = (call: Call, place: { titled?: Call; detailIndex: number }): Unit[] =>
  Array.from({ length: Math.min(call.repeat, MOST_UNITS) }, (_, repeat) => ({
    call,
    figure: call.figure,
    repeat,
    ...place,
  }));

/** The moments of a line in order, in ticks of its section; `shift`: ticks by which the counts as written run on beyond those. */
export interface Moments {
  readonly ticks: readonly number[];
  readonly shift?: number;
}

export function allotCounts(units: readonly Unit[], moments: Moments): Allotment {
  const { ticks } = moments;
  const width = ticks.length + 1;
  const best = new Float64Array((units.length + 1) * width).fill(Infinity);
  const choice: (Candidate | null | undefined)[] = new Array(best.length);
  const candidates = units.map((unit, index) =>
    candidatesOf(unit, ticks.length, units.length === 1, units[index + 1]?.figure),
  );
  for (let place = 0; place < width; place++) best[units.length * width + place] = (ticks.length - place) * COST.empty;
  for (let unit = units.length - 1; unit >= 0; unit--) {
    for (let place = ticks.length; place >= 0; place--) {
      const at = unit * width + place;
      for (const candidate of candidates[unit]) {
        const end = place + candidate.length;
        if (end > ticks.length) continue;
        const cost = candidate.cost + rhythmCost(candidate, ticks, place) + best[(unit + 1) * width + end];
        if (cost < best[at]) {
          best[at] = cost;
          choice[at] = candidate;
        }
      }
      const skipped = place < ticks.length ? COST.empty + best[at + 1] : Infinity;
      if (skipped < best[at]) {
        best[at] = skipped;
        choice[at] = null;
      }
      const unplaced = COST.unplaced + best[(unit + 1) * width + place];
      if (unplaced < best[at]) {
        best[at] = unplaced;
        choice[at] = undefined;
      }
    }
  }
  return withExceptions(follow(units, choice, width, best[0]), moments);
}

function follow(
  units: readonly Unit[],
  choice: readonly (Candidate | null | undefined)[],
  width: number,
  cost: number,
): Allotment {
  const allotted: Allotted[] = [];
  const empty: number[] = [];
  let place = 0;
  for (let unit = 0; unit < units.length;) {
    const taken = choice[unit * width + place];
    if (taken === null) {
      empty.push(place++);
      continue;
    }
    if (taken === undefined) allotted.push({ unit: units[unit], first: -1, steps: [], length: 0 });
    else allotted.push({ unit: units[unit], first: place, steps: taken.steps, length: taken.length });
    place += taken?.length ?? 0;
    unit += 1;
  }
  for (; place < width - 1; place++) empty.push(place);
  return { units: allotted, empty, cost };
}

/** Counts are named as the line writes them: `9-16 K step R, on 16 scuff R`; by those of the section where it has no such count. */
function placeOfCount(count: number, { ticks, shift = 0 }: Moments): number {
  const written = ticks.indexOf(tickOfCount(count) - shift);
  return written < 0 ? ticks.indexOf(tickOfCount(count)) : written;
}

/** `K step R, on 8 scuff R`: the call takes over one count of the call before it; what that does after it stays. */
function withExceptions({ units, empty, cost }: Allotment, moments: Moments): Allotment {
  if (units.every(({ unit }) => unit.call.at === undefined)) return { units, empty, cost };
  const list = units.filter(({ unit }) => unit.call.at === undefined);
  for (const exception of units.filter(({ unit }) => unit.call.at !== undefined)) {
    const place = placeOfCount(exception.unit.call.at as number, moments);
    const at = list.findIndex(({ first, length }) => first >= 0 && place >= first && place < first + length);
    const [step] = exception.unit.figure?.forms.find(({ steps }) => steps.length === 1)?.steps ?? [];
    if (place < 0 || at < 0 || !step) {
      list.push({ ...exception, first: -1, steps: [], length: 0 });
      continue;
    }
    const own = list[at];
    const before = place - own.first;
    const after = own.length - before - 1;
    const pieces: Allotted[] = [{ unit: exception.unit, first: place, steps: [step], length: 1 }];
    if (before > 0) pieces.unshift({ ...own, steps: own.steps.slice(0, before), length: before });
    if (after > 0) pieces.push({ ...own, first: place + 1, steps: own.steps.slice(before + 1), length: after });
    list.splice(at, 1, ...pieces);
  }
  return { units: list, empty, cost };
}

function candidatesOf(unit: Unit, places: number, alone: boolean, next: Figure | undefined): Candidate[] {
  const { figure, call } = unit;
  if (!figure) return unreadOf(places);
  if (call.at !== undefined) return [{ steps: [], length: 0, cost: 0 }];
  if (call.firstCounts !== undefined) return firstCountsOf(figure, call.firstCounts);
  const isRun = isWrittenAsRun(unit);
  const list = isRun ? [] : formsOf(unit, figure, next);
  const further = furtherSteps(unit);
  if (further) {
    list.forEach((candidate) => (candidate.cost += COST.placeUnused));
    if (further.length <= places) list.push({ steps: further, length: further.length, cost: 0 });
  } else {
    const lengths = runLengths(unit, places);
    const longest = lengths.length > 0 ? runSteps(figure, lengths[lengths.length - 1], call.direction) : [];
    for (const length of lengths) list.push({ steps: longest.slice(0, length), length, cost: isRun ? 0 : COST.run });
  }
  if (call.implied) list.push({ steps: [], length: 0, cost: COST.impliedUnused });
  if (!alone) list.push(...ridesOf(figure, call));
  return list;
}

/** What nobody understood takes any number of counts. */
const unreadOf = (places: number): Candidate[] =>
  Array.from({ length: places + 1 }, (_, length) => ({
    steps: [],
    length,
    cost: length === 0 ? 3 * COST.unreadable : COST.unreadable,
  }));

/** Its feet are listed, or it sets out in another direction of its rotation. */
function isWrittenAsRun({ figure, call }: Unit): boolean {
  const { run } = figure ?? {};
  if (!run) return false;
  const startsElsewhere = run.some(
    (step, index) => index > 0 && step.direction === call.direction && call.direction !== run[0].direction,
  );
  return call.feet !== undefined || startsElsewhere;
}

function formsOf({ repeat }: Unit, figure: Figure, next: Figure | undefined): Candidate[] {
  return figure.forms.flatMap((form, index) => {
    // A pivot said again has its own step forward each time.
    if (figure === KNOWN.pivot && repeat > 0 && form.steps.length === 1) return [];
    // A rock whose recover is written is the rock alone.
    const isRockAlone = next === KNOWN.recover && figure === KNOWN.rock && form.steps.length > 1;
    const cost = index * COST.laterForm + (isRockAlone ? COST.recoverWritten : 0);
    return [{ steps: form.steps, length: form.steps.length, cost, rhythms: form.rhythms }];
  });
}

/** Ways to share the moment of a neighbour. */
function ridesOf(figure: Figure, { joined }: Call): Candidate[] {
  const isTurn = figure === KNOWN.turn || (figure === KNOWN.fullTurn && joined);
  return [
    ...(figure.rides ? [{ steps: [], length: 0, cost: joined ? 0 : COST.ride }] : []),
    ...(isTurn ? [{ steps: [], length: 0, cost: joined ? 0 : COST.joinedTurn }] : []),
  ];
}

/** The beginning of each form, as far as its rhythm stays within so many counts. */
const firstCountsOf = (figure: Figure, counts: number): Candidate[] =>
  figure.forms.flatMap((form, index) =>
    form.rhythms.map((rhythm) => {
      const length = rhythm.filter((tick) => tick < counts * TICKS_A_COUNT).length;
      return { steps: form.steps.slice(0, length), length, cost: index * COST.laterForm };
    }),
  );

/** A step for every place named in one breath; steps change feet, gestures and both feet together stay. */
function furtherSteps({ figure, call }: Unit): PatternStep[] | undefined {
  if (!figure) return undefined;
  const [first] = figure.forms[0].steps;
  const ways = figure.bare === 'direction' ? (call.feet?.map(() => null) ?? []) : [];
  if (!call.more && (ways.length === 0 || !call.direction)) return undefined;
  const own = call.direction || ways.length === 0 ? [call.direction ?? null] : [];
  const places = [...ways, ...own, ...(call.more ?? [])];
  return places.map((place, index) => ({
    ...first,
    role: first.role === 'A' && first.effect === 'takes' && index % 2 === 1 ? 'B' : first.role,
    direction: place ?? first.direction,
    turn: index === 0 ? first.turn : 0,
  }));
}

function runLengths(unit: Unit, places: number): number[] {
  const { figure, call } = unit;
  if (!figure?.run) return [];
  if (call.feet) {
    const perFoot = figure.family === 'single' || figure.run.length > 4 ? 1 : figure.family === 'struts' ? 2 : 1;
    return [call.feet.length * perFoot].filter((length) => length <= places);
  }
  if (!figure.fills) return [];
  const step = figure.share === 'pairs' || figure.share === 'crosses' ? 2 : 1;
  const least = figure.share === 'crosses' ? 3 : figure.family === 'single' ? 1 : 2;
  const lengths: number[] = [];
  for (let length = least; length <= places; length += step) lengths.push(length);
  return lengths;
}

/** The actions of a run of that length, starting at the action that goes in the direction the line names. */
export function runSteps(figure: Figure, length: number, direction: Call['direction']): PatternStep[] {
  const run = figure.run as readonly PatternStep[];
  const named = direction === undefined ? -1 : run.findIndex((step) => step.direction === direction);
  const start = Math.max(named, 0);
  return Array.from({ length }, (_, index) => run[(start + index) % run.length]);
}

/** Nothing for a rhythm the figure is usually danced in, little for the same rhythm slower or quicker. */
function rhythmCost(candidate: Candidate, ticks: readonly number[], place: number): number {
  const { rhythms, length } = candidate;
  if (!rhythms || length < 2) return 0;
  const first = ticks[place];
  let cost: number = COST.otherRhythm;
  for (const rhythm of rhythms) {
    let exact = true;
    let scaled = true;
    const scale = (ticks[place + 1] - first) / rhythm[1];
    for (let index = 1; index < length; index++) {
      const offset = ticks[place + index] - first;
      if (offset !== rhythm[index]) exact = false;
      if (offset !== rhythm[index] * scale) scaled = false;
    }
    if (exact) return 0;
    if (scaled) cost = COST.scaledRhythm;
  }
  return cost;
}

const isGesture = (figure: Figure | undefined): boolean =>
  figure?.family === 'single' &&
  !figure.rides &&
  figure.forms[0].steps[0].effect === 'none' &&
  figure.forms[0].steps[0].role === 'A';

/** As much of a figure as its neighbours leave it: a rock whose recover is written, a pivot after its step, a vine before its touch. */
function usualForm(figure: Figure, before: Figure | undefined, next: Figure | undefined): Form {
  const [whole] = figure.forms;
  const isParted =
    (figure === KNOWN.rock && next === KNOWN.recover) ||
    (figure === KNOWN.pivot && before === KNOWN.step) ||
    (isGesture(next) && whole.steps[whole.steps.length - 1].effect === 'none');
  return (isParted && figure.forms.find(({ steps }) => steps.length === whole.steps.length - 1)) || whole;
}

/** Moments for calls that were written without counts, going on from `start`: each figure in its usual rhythm. */
export function usualTicks(units: readonly Unit[], start: number): number[] {
  const ticks: number[] = [];
  let next = start;
  for (const [index, { figure, call }] of units.entries()) {
    // What takes over a count of the call before it adds none.
    if (!figure || call.at !== undefined) continue;
    const feet = call.feet && figure.run ? call.feet.length : 0;
    const rhythm =
      feet > 0
        ? Array.from({ length: feet }, (_, count) => count * TICKS_A_COUNT)
        : usualForm(figure, units[index - 1]?.figure, units[index + 1]?.figure).rhythms[0];
    for (const offset of rhythm) ticks.push(next + offset);
    next = (Math.floor((next + rhythm[rhythm.length - 1]) / TICKS_A_COUNT) + 1) * TICKS_A_COUNT;
  }
  return ticks;
}

/**
 * Dances a script: one moment an action, each with the state before and after it. It never stops: an impossible step is danced
 * as it is written and judged by the rules, a line that was not understood makes the weight unknown until it is certain again.
 */
import type { Action } from '../model/actions';
import { isFoot, otherFoot, type Foot, type Weight } from '../model/feet';
import type { Turn } from '../model/turns';
import type { Span } from '../model/text';
import type { Call } from '../grammar/steps/cut';
import type { CallGroup } from '../reading/line';
import type { Marks } from '../reading/marks';
import type { BlockText, Script, ScriptLine } from '../reading/script';
import { KNOWN, type Figure } from '../vocabulary';
import type { Allotted, Unit } from './allot';
import { layBlock, roomToCopy, type LaidGroup, type LaidSection } from './layout';
import { resolveCall, ridingTurn, type Assumption } from './resolve';
import { danceAction, startState, type DanceState } from './state';

export interface Moment {
  readonly line: ScriptLine;
  readonly call: Call;
  /** Ticks from the start of the section, and of the part. */
  readonly tick: number;
  readonly time: number;
  readonly action: Action;
  readonly before: DanceState;
  readonly after: DanceState;
  /** The step that the `8&1` before it ends on, said once more: nothing new is danced. */
  readonly shared: boolean;
}

export interface DancedCall {
  readonly call: Call;
  readonly figure?: Figure;
  readonly titled?: Call;
  readonly lead?: Foot;
  readonly moments: readonly Moment[];
  readonly assumed: readonly Assumption[];
  /** It got no counts: the line holds more than its counts. */
  readonly unplaced: boolean;
  /** It has no counts of its own by nature: a clap on a touch, a turn on a step. */
  readonly rides: boolean;
  readonly after: DanceState;
  readonly weightClaims: Marks['weightClaims'];
  readonly facingClaims: Marks['facingClaims'];
}

export interface DancedGroup extends LaidGroup {
  readonly calls: readonly DancedCall[];
}

export interface DancedLine {
  readonly line: ScriptLine;
  readonly groups: readonly DancedGroup[];
  readonly calls: readonly DancedCall[];
  readonly moments: readonly Moment[];
  readonly understood: boolean;
  readonly before: DanceState;
  readonly after: DanceState;
}

export interface DancedSection extends Omit<LaidSection, 'groups'> {
  /** What is danced before it (at the top, the end of the dance) runs on to its count 1. */
  readonly runsInto: boolean;
  readonly lines: readonly DancedLine[];
  readonly before: DanceState;
  readonly after: DanceState;
}

export interface DancedBlock {
  readonly block: BlockText;
  /** As it was laid out in time, before it was danced. */
  readonly laid: readonly LaidSection[];
  readonly sections: readonly DancedSection[];
  /** All of them in the order of the sections. */
  readonly moments: readonly Moment[];
  readonly before: DanceState;
  readonly after: DanceState;
  readonly counts: number;
  readonly netTurn: Turn;
  /** Its end runs over into the 1 of its own start: the first step belongs to the last line. */
  readonly runsOver: boolean;
}

export interface Dance {
  readonly script: Script;
  readonly parts: readonly DancedBlock[];
  readonly tags: readonly DancedBlock[];
  readonly startWeight: Weight;
  /** Each part once, without tags. */
  readonly counts: number;
  readonly netTurn: Turn;
  readonly endWeight: Weight;
  /** The dance can begin again where it ends; undefined while the weight is not certain, and for an order of parts. */
  readonly loops: boolean | undefined;
}

/** Weights that parts and tags start with where the plan gives them others than the order of the sheet does. */
export type StartWeights = ReadonlyMap<BlockText, Weight>;

const NO_STARTS: StartWeights = new Map();

/** Parts and tags as they are danced from each weight, worked out once however often the dance is danced again. */
export class DancedBlocks {
  private readonly laid = new Map<BlockText, readonly LaidSection[]>();
  private readonly danced = new Map<BlockText, Map<Weight, DancedBlock>>();
  private readonly room = roomToCopy();

  /** `whole`: the part whose counts a tag may repeat. */
  dance(block: BlockText, weight: Weight, whole: BlockText | undefined): DancedBlock {
    let known = this.danced.get(block);
    if (!known) this.danced.set(block, (known = new Map()));
    let danced = known.get(weight);
    if (!danced) known.set(weight, (danced = danceBlock(block, this.lay(block, whole), weight)));
    return danced;
  }

  private lay(block: BlockText, whole: BlockText | undefined): readonly LaidSection[] {
    let laid = this.laid.get(block);
    if (!laid) this.laid.set(block, (laid = layBlock(block, whole && this.lay(whole, undefined), this.room)));
    return laid;
  }
}

export function danceScript(script: Script, starts: StartWeights = NO_STARTS, blocks = new DancedBlocks()): Dance {
  const startWeight = script.header.startWeight;
  let weight = startWeight;
  const whole = script.blocks.find(({ kind }) => kind === 'part');
  const danceOn = (block: BlockText): DancedBlock => {
    const danced = blocks.dance(block, starts.get(block) ?? weight, block.kind === 'tag' ? whole : undefined);
    weight = danced.after.weight;
    return danced;
  };
  const parts = script.blocks.filter((block) => block.kind === 'part').map(danceOn);
  const endWeight = weight;
  const tags = script.blocks.filter((block) => block.kind === 'tag').map(danceOn);
  const first = parts[0]?.before.weight ?? startWeight;
  const phrased = script.plan.some(({ item }) => item.kind === 'order');
  return {
    script,
    parts,
    tags,
    startWeight,
    counts: parts.reduce((sum, part) => sum + part.counts, 0),
    netTurn: parts.reduce((sum, part) => sum + part.netTurn, 0),
    endWeight,
    loops: parts.length === 0 || endWeight === 'unknown' || phrased ? undefined : loopsTo(first, endWeight, parts[0]),
  };
}

/** With the weight on both feet at the end either foot may lead, so the dance can begin again. */
function loopsTo(first: Weight, end: Weight, part: DancedBlock): boolean {
  if (part.sections.every((section) => section.lines.length === 0)) return true;
  if (sharesItsFirstStep(part)) return true;
  return end === first || end === 'both' || first === 'both';
}

/** It ends `8&1` on the very step that it opens with on 1: the next wall says that step once more. */
function sharesItsFirstStep({ sections, moments }: DancedBlock): boolean {
  const [first] = moments;
  const last = moments[moments.length - 1];
  if (!sections[sections.length - 1]?.borrows || first?.tick !== 0 || !last) return false;
  return last.action.foot === first.action.foot && last.before.weight === first.before.weight;
}

/**
 * A dance that ends `8&1` and opens on 2 begins, on wall 1, with that step on 1; when the start weight stands on its foot already,
 * wall 1 opens on 2 instead.
 */
function danceBlock(block: BlockText, laid: readonly LaidSection[], weight: Weight): DancedBlock {
  const runsOver = laid.length > 0 && laid[laid.length - 1].borrows && (laid[0].groups[0]?.ticks[0] ?? 0) > 0;
  if (!runsOver || !isFoot(weight)) return danceLaid(block, laid, weight, runsOver);
  const stepped = danceLaid(block, laid, otherFoot(weight), true);
  return stepped.after.weight === otherFoot(weight) ? stepped : danceLaid(block, laid, weight, true);
}

/** Lines danced on from a moment of another block: what a wall changes, an ending, an option. */
export const danceFrom = (block: BlockText, before: DanceState, whole?: DancedBlock): DancedBlock =>
  danceLaid(block, layBlock(block, whole?.laid), before.weight, false, before);

function danceLaid(
  block: BlockText,
  laid: readonly LaidSection[],
  weight: Weight,
  runsOver: boolean,
  before: DanceState = startState(weight),
): DancedBlock {
  const dancer = new Dancer(
    before,
    laid.flatMap((section) =>
      section.groups.flatMap((group) => group.allotted.map((allotted) => ({ allotted, line: group.line }))),
    ),
  );
  const sections = laid.map((section, index) =>
    danceSection(section, index === 0 ? runsOver : laid[index - 1].borrows, dancer),
  );
  const { state } = dancer;
  const counts = sections.reduce((sum, section) => sum + section.counts, 0);
  const moments = sections.flatMap(({ lines }) => lines.flatMap((line) => line.moments));
  return {
    block,
    laid,
    sections,
    moments,
    before,
    after: state,
    counts,
    netTurn: state.rotation - before.rotation,
    runsOver,
  };
}

function danceSection(section: LaidSection, runsInto: boolean, dancer: Dancer): DancedSection {
  const before = dancer.state;
  const lines: DancedLine[] = [];
  for (let index = 0; index < section.groups.length;) {
    const { line } = section.groups[index];
    const own: LaidGroup[] = [];
    for (; section.groups[index]?.line === line; index++) own.push(section.groups[index]);
    lines.push(danceLine(line, own, section.offset, dancer));
  }
  const { text, counts, statedCounts, borrows, offset, tooMuch } = section;
  return { text, counts, statedCounts, borrows, offset, tooMuch, runsInto, lines, before, after: dancer.state };
}

function danceLine(line: ScriptLine, laid: readonly LaidGroup[], offset: number, dancer: Dancer): DancedLine {
  const before = dancer.state;
  const groups = laid.map((group, index) => ({
    ...group,
    calls: danceGroup(group, offset, dancer, isLastOf(laid, index)),
  }));
  const calls = groups.flatMap((group) => group.calls);
  const moments = calls.flatMap((call) => call.moments);
  const understood = calls.every((call) => call.figure !== undefined);
  return { line, groups, calls, moments, understood, before, after: dancer.state };
}

/** A line that repeats others has several groups of words that stand once: what it claims is true behind the last of them. */
const isLastOf = (laid: readonly LaidGroup[], index: number): boolean =>
  !laid[index].group.repeat || !laid[index + 1]?.group.repeat;

function danceGroup(group: LaidGroup, offset: number, dancer: Dancer, claimsHere: boolean): DancedCall[] {
  const claims = claimsHere ? claimsByUnit(group) : group.allotted.map(() => NO_CLAIMS);
  const turns = ridersOf(group.allotted);
  return group.allotted.map((allotted, index) => dancer.dance(group, allotted, offset, turns[index], claims[index]));
}

interface Claims {
  readonly weightClaims: Marks['weightClaims'];
  readonly facingClaims: Marks['facingClaims'];
}

const NO_CLAIMS: Claims = { weightClaims: [], facingClaims: [] };

/** A claim belongs to the call it follows; one that opens the line to the first. */
/** A group that dances more than its own calls is a copy; its counts are the same. */
const isSameGroup = (one: CallGroup | undefined, other: CallGroup): boolean =>
  one === other || (one?.counts !== undefined && one.counts === other.counts);

function claimsByUnit(group: LaidGroup): Claims[] {
  const marks = group.line.step?.marks as Marks;
  if (marks.weightClaims.length === 0 && marks.facingClaims.length === 0) return group.allotted.map(() => NO_CLAIMS);
  const starts = group.allotted.map(({ unit }) => unit.call.span.from);
  const groups = group.line.step?.groups ?? [];
  const isLastGroup = isSameGroup(groups[groups.length - 1], group.group);
  const owner = (from: number): number => {
    if (!isLastGroup && from > (group.group.calls[group.group.calls.length - 1]?.span.to ?? 0) + 40) return -1;
    const index = starts.findLastIndex((start) => start <= from);
    return index < 0 && starts.length > 0 && isSameGroup(groups[0], group.group) ? 0 : index;
  };
  const owned = <T extends { readonly span: Span }>(claims: readonly T[]): Map<number, T[]> => {
    const lists = new Map<number, T[]>();
    for (const claim of claims) {
      const index = owner(claim.span.from);
      lists.set(index, [...(lists.get(index) ?? []), claim]);
    }
    return lists;
  };
  const [weights, facings] = [owned(marks.weightClaims), owned(marks.facingClaims)];
  return group.allotted.map((_, index) => ({
    weightClaims: weights.get(index) ?? [],
    facingClaims: facings.get(index) ?? [],
  }));
}

interface Riders {
  readonly onFirst: readonly Unit[];
  readonly onLast: readonly Unit[];
}

const NO_RIDERS: Riders = { onFirst: [], onLast: [] };

const isRidingTurn = ({ unit, first, length }: Allotted): boolean =>
  first >= 0 && length === 0 && (unit.figure === KNOWN.turn || unit.figure === KNOWN.fullTurn);

/** A turn without counts of its own goes on to the next call's first action; joined by "and", or last, on to the one before. */
function ridersOf(allotted: readonly Allotted[]): Riders[] {
  if (!allotted.some(isRidingTurn)) return allotted.map(() => NO_RIDERS);
  const riders = allotted.map(() => ({ onFirst: [] as Unit[], onLast: [] as Unit[] }));
  allotted.forEach((item, index) => {
    if (!isRidingTurn(item)) return;
    const next = allotted.findIndex((other, at) => at > index && other.steps.length > 0);
    const previous = allotted.findLastIndex((other, at) => at < index && other.steps.length > 0);
    if ((item.unit.call.joined || next < 0) && previous >= 0) riders[previous].onLast.push(item.unit);
    else if (next >= 0) riders[next].onFirst.push(item.unit);
  });
  return riders;
}

const NO_ASSUMPTIONS: readonly Assumption[] = [];
const NO_RIDING = { turn: 0, assumed: NO_ASSUMPTIONS };

const dancedCall = (
  { unit: { call, figure, titled }, first, steps }: Allotted,
  { weightClaims, facingClaims }: Claims,
  moments: readonly Moment[],
  assumed: readonly Assumption[],
  after: DanceState,
  lead?: Foot,
): DancedCall => ({
  call,
  figure,
  titled,
  lead,
  moments,
  assumed,
  unplaced: first < 0,
  rides: first >= 0 && steps.length === 0 && figure !== undefined,
  after,
  weightClaims,
  facingClaims,
});

class Dancer {
  private place = 0;
  /** Where a turn was danced as a pivot, and on which foot. */
  private pivoted: { readonly line: ScriptLine; readonly weight: Foot } | undefined;
  /** What was danced last. */
  private last: Moment | undefined;

  constructor(
    public state: DanceState,
    private readonly all: readonly { readonly allotted: Allotted; readonly line: ScriptLine }[],
  ) {}

  dance(group: LaidGroup, allotted: Allotted, offset: number, riders: Riders, claims: Claims): DancedCall {
    this.place += 1;
    const shares = group.shares === true && allotted.first === 0 && isFoot(this.state.weight);
    const own = shares ? onFoot(allotted, this.state.weight as Foot) : allotted;
    const { unit, steps, first } = own;
    const { call, figure } = unit;
    if (!figure) return dancedCall(own, claims, [], NO_ASSUMPTIONS, this.loseWeight(claims));
    if (steps.length === 0) return dancedCall(own, claims, [], NO_ASSUMPTIONS, this.state);
    const opening = this.ridersOn(riders.onFirst);
    const closing = this.ridersOn(riders.onLast);
    const resolved = resolveCall(own, this.state, opening.turn);
    const certain = this.state.weight !== 'unknown' || call.foot !== undefined || call.feet !== undefined;
    const moments: Moment[] = [];
    const assumed = [...resolved.assumed, ...opening.assumed, ...closing.assumed];
    // What is held at the end moves nothing: a weight that is stated is that of the action before it.
    const closingAt = resolved.actions.findLastIndex(({ word }) => word !== 'hold');
    resolved.actions.forEach((action, index) => {
      const last = index === (closingAt < 0 ? resolved.actions.length - 1 : closingAt);
      const turned = last && closing.turn !== 0 ? { ...action, turn: action.turn + closing.turn } : action;
      const settled = this.settle(turned, last, call, claims, assumed);
      const before = this.state;
      const shared = shares && index === 0 && settled.foot === before.weight && settled.effect === 'takes';
      const after = shared
        ? danceAction(before, { ...settled, foot: null, effect: 'none' })
        : danceAction(before, settled);
      this.state = certain ? after : { ...after, weight: 'unknown' };
      if (last) this.state = withClaim(this.state, settled, claims);
      const tick = group.ticks[first + index];
      this.last = {
        line: group.line,
        call,
        tick,
        time: offset + tick,
        action: settled,
        before,
        after: this.state,
        shared,
      };
      moments.push(this.last);
    });
    return dancedCall(own, claims, moments, assumed, this.state, resolved.lead);
  }

  /** What turns without counts of their own add to the action they ride on. */
  private ridersOn(units: readonly Unit[]): { turn: Turn; assumed: readonly Assumption[] } {
    if (units.length === 0) return NO_RIDING;
    const riding = units.map((unit) => ridingTurn(unit, this.state));
    return {
      turn: riding.reduce((total, { turn }) => total + turn, 0),
      assumed: riding.flatMap((rider) => rider.assumed),
    };
  }

  /** Settles what an action leaves open: by what is claimed, by the foot named next, by custom. */
  private settle(action: Action, last: boolean, call: Call, claims: Claims, assumed: Assumption[]): Action {
    const claim = last ? claims.weightClaims[claims.weightClaims.length - 1]?.weight : undefined;
    if (claim === 'none' && action.effect === 'takes') return { ...action, effect: 'none' };
    if (action.effect === 'open') return this.settleOpen(action, claim);
    const claimed = isFoot(claim) ? this.asClaimed(action, claim, call) : undefined;
    if (claimed) return claimed;
    if (action.word === 'pivot' && call.figure?.share === 'pairs' && this.isTouchedBy(action))
      return { ...action, word: 'turn', foot: null, effect: 'none' };
    if (action.word === 'turn' && isFoot(this.state.weight))
      return this.turnOrPivot(action, this.state.weight, claim, call, assumed);
    return last && claim === undefined ? this.stompUp(action, call, assumed) : action;
  }

  /** Which foot a turn on both feet ends on: the one that is claimed, or the one that leaves the next named foot free. */
  private settleOpen(action: Action, claim: string | undefined): Action {
    const { weight } = this.state;
    const next = this.nextNamedFoot();
    const isClaimed = isFoot(claim);
    const foot = isClaimed ? claim : next ? otherFoot(next) : isFoot(weight) ? otherFoot(weight) : undefined;
    // `cross L over R, unwind a full turn, weight on L`: where it is already.
    if (foot === weight) return { ...action, effect: 'none' };
    return foot ? { ...action, foot, effect: 'takes' } : action;
  }

  /** What a stated weight makes of an action; undefined where it changes nothing. */
  private asClaimed(action: Action, claim: Foot, call: Call): Action | undefined {
    const { weight } = this.state;
    // `stomp R beside L keeping the weight on L`
    if (action.word === 'stomp' && action.foot !== null && claim !== action.foot && claim === weight)
      return { ...action, word: 'stomp up', effect: 'none' };
    // `draw L up to R and put the weight on it`
    if (action.effect === 'none' && claim === action.foot && call.figure?.manners.has('comesIn'))
      return { ...action, effect: 'takes' };
    // `bounce heels three times, weight ends on L`
    const isBounced = action.word === 'bounce' && isFoot(weight) && claim === otherFoot(weight);
    return isBounced || action.effect === 'both' ? { ...action, effect: 'takes', foot: claim } : undefined;
  }

  /** `stomp R` before a step of R. */
  private stompUp(action: Action, { span }: Call, assumed: Assumption[]): Action {
    if (action.word !== 'stomp' || !action.foot || this.nextNamedFoot() !== action.foot) return action;
    assumed.push({ kind: 'stomp up', customary: true, span, value: action.foot });
    return { ...action, word: 'stomp up', effect: 'none' };
  }

  /** `touch R forward, paddle 1/4 left`: the foot that would take the weight only touches, and the other one turns away from it. */
  private isTouchedBy({ foot, turn }: Action): boolean {
    const { line } = this.all[this.place - 1];
    const touched = this.last?.line === line ? this.last.action : undefined;
    const isAway = foot === 'R' ? turn < 0 : turn > 0;
    return touched !== undefined && touched.effect === 'none' && touched.foot === foot && touched.turn === 0 && isAway;
  }

  /** "Step R forward, turn 1/2 left" moves the weight when that is stated, or when R goes next. */
  private turnOrPivot(
    action: Action,
    weight: Foot,
    claim: string | undefined,
    call: Call,
    assumed: Assumption[],
  ): Action {
    const free = otherFoot(weight);
    const { line } = this.all[this.place - 1];
    const next = claim === undefined ? this.nextNamedFoot() : undefined;
    // `step R, turn 1/4 left, step R, turn 1/4 left`: the second as the first.
    const isAsBefore = next === undefined && this.pivoted?.line === line && this.pivoted.weight === weight;
    if (claim === undefined ? next !== weight && !isAsBefore : claim !== free) return action;
    this.pivoted = { line, weight };
    if (claim === undefined) assumed.push({ kind: 'pivot', customary: true, span: call.span, value: free });
    return { ...action, word: 'pivot', foot: free, effect: 'takes' };
  }

  /** The foot the next call that moves a foot is written for, if it names one; after the last call, the first one's. */
  private nextNamedFoot(): Foot | undefined {
    for (let ahead = 0; ahead < this.all.length && ahead < 4; ahead++) {
      const { allotted, line } = this.all[(this.place + ahead) % this.all.length];
      const { unit, steps } = allotted;
      // A line on its own is followed by nothing: only another line says how the dance begins again.
      if (this.place + ahead >= this.all.length && line === this.all[this.place - 1].line) return undefined;
      if (steps.length === 0 || steps.every((step) => step.role === '-')) continue;
      const opening = steps.find((step) => step.role !== '-');
      if (opening?.role !== 'A') return undefined;
      return unit.call.foot ?? unit.call.feet?.[0];
    }
    return undefined;
  }

  private loseWeight(claims: Claims): DanceState {
    const claim = claims.weightClaims[claims.weightClaims.length - 1]?.weight;
    const facing = claims.facingClaims[claims.facingClaims.length - 1]?.facing;
    const weight = claim === undefined || claim === 'none' ? 'unknown' : claim;
    this.state = { ...this.state, weight, rocked: true, ...(facing !== undefined && { facing }) };
    return this.state;
  }
}

/** A call that names no foot takes the step it shares. */
const onFoot = (allotted: Allotted, foot: Foot): Allotted =>
  allotted.unit.call.foot || allotted.unit.call.feet || allotted.unit.call.travel
    ? allotted
    : { ...allotted, unit: { ...allotted.unit, call: { ...allotted.unit.call, foot } } };

/** "(weight both)" spreads the weight; a stated foot settles weight that is unknown or on both. */
function withClaim(state: DanceState, action: Action, claims: Claims): DanceState {
  const claim = claims.weightClaims[claims.weightClaims.length - 1]?.weight;
  if (claim === 'both' && action.effect !== 'none') return { ...state, weight: 'both' };
  if (isFoot(claim) && (state.weight === 'unknown' || state.weight === 'both')) return { ...state, weight: claim };
  return state;
}

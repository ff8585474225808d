/** Lays the lines of a part out in time: which moments each call has, before anybody dances. */
import { countOfTick, TICKS_A_COUNT, tickOfCount } from '../model/ticks';
import type { Call } from '../reading/calls';
import type { CallGroup, StepLine } from '../reading/line';
import type { BlockText, ScriptLine, SectionText } from '../reading/script';
import { allotCounts, unitsOfCalls, usualTicks, type Allotted } from './allot';
import { mirrorCall } from './resolve';

export interface LaidGroup {
  readonly line: ScriptLine;
  readonly group: CallGroup;
  /** Moments in ticks from the start of the section; a borrowed 1 stands at the section's end. */
  readonly ticks: readonly number[];
  readonly end: number;
  readonly allotted: readonly Allotted[];
  /** Moments without a call: holds that nobody wrote. */
  readonly empty: readonly number[];
}

export interface LaidSection {
  readonly text: SectionText;
  readonly groups: readonly LaidGroup[];
  /** Counts its lines come to, a borrowed 1 not among them. */
  readonly counts: number;
  /** Counts it says it has. */
  readonly statedCounts: number;
  /** Its last line ends on the 1 of what follows. */
  readonly borrows: boolean;
  /** Ticks before it since the start of the part. */
  readonly offset: number;
}

export function layBlock(block: BlockText): LaidSection[] {
  const laid: LaidSection[] = [];
  let offset = 0;
  for (const text of block.sections) {
    const section = laySection(text, block, offset);
    laid.push(section);
    offset += section.counts * TICKS_A_COUNT;
  }
  return laid;
}

function laySection(text: SectionText, block: BlockText, offset: number): LaidSection {
  const source = text.copy ? block.sections.find((other) => other.number === text.copy?.of && !other.copy) : undefined;
  const lines = [...(source?.lines ?? []), ...text.lines];
  const mirrored = text.copy?.mirrored === true;
  const groups: LaidGroup[] = [];
  let next = 0;
  let shift: number | undefined;
  for (const line of lines) {
    for (const group of (line.step as StepLine).groups) {
      if (shift === undefined && group.counts && !group.counts.floating && group.counts.ticks.length > 0) {
        shift = runningShift(group.counts.ticks[0], text.counts ?? 8, offset);
      }
      const laid = layGroup(line, group, shift ?? 0, next, mirrored && source?.lines.includes(line) === true);
      groups.push(laid);
      next = Math.max(next, laid.end);
    }
  }
  const borrows = groups[groups.length - 1]?.group.counts?.borrows === true;
  const end = Math.max(0, ...groups.map(({ end: own, group }) => (group.counts?.borrows ? own - TICKS_A_COUNT : own)));
  const counts = Math.ceil(end / TICKS_A_COUNT);
  return { text, groups, counts, statedCounts: source?.counts ?? text.counts ?? counts, borrows, offset };
}

/** A sheet that numbers through (9-16) is brought back to 1; a section that opens on 2 after an `8&1` is not. */
function runningShift(firstTick: number, sectionCounts: number, offset: number): number {
  const first = countOfTick(firstTick);
  const runsOn =
    first > 2 && (tickOfCount(first) === offset || (first > sectionCounts && (first - 1) % sectionCounts === 0));
  return runsOn ? tickOfCount(first) : 0;
}

function layGroup(line: ScriptLine, group: CallGroup, shift: number, next: number, mirrored: boolean): LaidGroup {
  const { counts } = group;
  const calls: readonly Call[] = mirrored ? group.calls.map(mirrorCall) : group.calls;
  const units = unitsOfCalls(calls);
  const ticks = momentsOf(group, units, shift, next);
  const { units: allotted, empty } = mirrored ? allotCounts(units, ticks) : allotOnce(group, units, ticks);
  const last = ticks[ticks.length - 1];
  const end = counts?.floating
    ? next + counts.end
    : last === undefined
      ? next
      : (Math.floor(last / TICKS_A_COUNT) + 1) * TICKS_A_COUNT;
  return {
    line,
    group,
    ticks,
    end,
    allotted,
    empty: counts?.floating ? [] : empty.map((index) => ticks[index]),
  };
}

const known = new WeakMap<CallGroup, ReturnType<typeof allotCounts>>();

/** Which call gets which count hangs on the line alone, and a line that was read before is the same object. */
function allotOnce(
  group: CallGroup,
  units: ReturnType<typeof unitsOfCalls>,
  ticks: readonly number[],
): ReturnType<typeof allotCounts> {
  const found = known.get(group) ?? allotCounts(units, ticks);
  known.set(group, found);
  return found;
}

function momentsOf(group: CallGroup, units: ReturnType<typeof unitsOfCalls>, shift: number, next: number): number[] {
  const { counts } = group;
  if (!counts) return usualTicks(units, next);
  if (counts.floating) return counts.ticks.map((tick) => next + tick);
  return counts.ticks.map((tick) => tick - shift);
}

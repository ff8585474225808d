/** Lays the lines of a part out in time: which moments each call has, before anybody dances. */
import { countOfTick, TICKS_A_COUNT, tickOfCount } from '../model/ticks';
import type { Call } from '../grammar/steps/cut';
import { otherFoot, type Foot } from '../model/feet';
import type { CallGroup, StepLine } from '../reading/line';
import type { Repeat } from '../grammar/repeat';
import { HALF_COUNT } from '../vocabulary/notation';
import type { BlockText, ScriptLine, SectionText } from '../reading/script';
import { allotCounts, unitsOfCalls, usualTicks, type Allotted, type Unit } from './allot';
import { chooseCalls, type Choice } from './choose';
import { copiedTo, withCopies } from './copies';
import { mirrorCall } from './resolve';
import { greatest } from '../model/numbers';

export interface LaidGroup {
  readonly line: ScriptLine;
  readonly group: CallGroup;
  /** Moments in ticks from the start of the section; a borrowed 1 stands at the section's end. */
  readonly ticks: readonly number[];
  readonly end: number;
  readonly allotted: readonly Allotted[];
  /** Calls that stand in the line and are not danced: they explain others, or say nothing of steps. */
  readonly asides: readonly Call[];
  /** Its 1 is also the 1 that an `8&1` before it ends on: one step, if the feet agree. */
  readonly shares?: boolean;
  /** It repeats more than is danced again: nothing of it is. */
  readonly tooMuch?: true;
  /** It repeats what takes other counts than it has itself. */
  readonly misfit?: { readonly takes: number; readonly has: number };
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
  /** It copies more than is danced again: nothing of it is. */
  readonly tooMuch?: boolean;
}

/** `whole`: the part whose counts a tag may repeat. */
export function layBlock(block: BlockText, whole?: readonly LaidSection[], room: Room = roomToCopy()): LaidSection[] {
  const laid: LaidSection[] = [];
  let offset = 0;
  for (const text of block.sections) {
    const section = laySection(text, block, offset, laid, room, whole);
    laid.push(section);
    offset += section.counts * TICKS_A_COUNT;
  }
  return laid;
}

/** How many moments may still be danced again: a short text that copies copies would never end. */
export interface Room {
  left: number;
}

export const roomToCopy = (): Room => ({ left: MOST_COPIED });

function laySection(
  text: SectionText,
  block: BlockText,
  offset: number,
  earlier: readonly LaidSection[],
  room: Room,
  whole?: readonly LaidSection[],
): LaidSection {
  const copied = text.copy ? block.sections.find((other) => other.number === text.copy?.of && !other.copy) : undefined;
  const takes = total((copied?.lines ?? []).flatMap(({ step }) => (step as StepLine).groups.map(({ counts }) => costOf(counts?.ticks ?? [])))); // prettier-ignore
  const tooMuch = takes > room.left;
  const source = tooMuch ? undefined : copied;
  if (source) room.left -= takes;
  const groups = layLines(text, source, { offset, earlier, room, whole });
  const borrows = groups[groups.length - 1]?.group.counts?.borrows === true;
  const end = greatest(
    groups.map(({ end: own, group }) => (group.counts?.borrows ? own - TICKS_A_COUNT : own)),
    0,
  );
  const counts = Math.ceil(end / TICKS_A_COUNT);
  const [opening] = groups;
  if (opening?.ticks[0] === 0 && earlier[earlier.length - 1]?.borrows) groups[0] = { ...opening, shares: true };
  return {
    text,
    groups,
    counts,
    statedCounts: source?.counts ?? text.counts ?? counts,
    borrows,
    offset,
    ...(tooMuch && { tooMuch }),
  };
}

/** Where a section stands: what was laid before it, and how much may be danced again. */
interface Around {
  readonly offset: number;
  readonly earlier: readonly LaidSection[];
  readonly room: Room;
  readonly whole?: readonly LaidSection[];
}

/** The lines of a section, those it copies first. */
function layLines(text: SectionText, source: SectionText | undefined, around: Around): LaidGroup[] {
  const groups: LaidGroup[] = [];
  let next = 0;
  let shift: number | undefined;
  for (const line of [...(source?.lines ?? []), ...text.lines])
    for (const group of (line.step as StepLine).groups) {
      // After lines that were repeated the counts go on from those.
      shift ??= next > 0 && hasCounts(group) ? 0 : shiftOf(group, text, around.offset);
      const isMirrored = text.copy?.mirrored === true && source?.lines.includes(line) === true;
      const laid = group.repeat
        ? layRepeat(group, group.repeat, line, { next, shift: shift ?? 0 }, groups, around)
        : [layGroup(line, group, shift ?? 0, next, isMirrored)];
      groups.push(...laid);
      next = greatest(
        laid.map(({ end }) => end),
        next,
      );
    }
  return groups;
}

const hasCounts = ({ counts }: CallGroup): boolean =>
  counts !== undefined && !counts.floating && counts.ticks.length > 0;

/** How far its counts run on from those of the dance; undefined where it says none. */
const shiftOf = (group: CallGroup, { counts }: SectionText, offset: number): number | undefined =>
  hasCounts(group) ? runningShift(group.counts?.ticks[0] ?? 0, counts ?? 8, offset) : undefined;

/** Lines of a section, those that are danced again among them. */
const MOST_GROUPS = 128;
/** Moments that are danced again in the whole dance: a hundred sections and more. */
const MOST_COPIED = 2000;

/** A line without counts is one, too. */
const costOf = (ticks: readonly number[]): number => Math.max(1, ticks.length);

const total = (numbers: readonly number[]): number => numbers.reduce((sum, number) => sum + number, 0);

/** Lays the lines that a line repeats where it stands: from the counts it names, or going on from the line before. */
function layRepeat(
  group: CallGroup,
  repeat: Repeat,
  line: ScriptLine,
  { next, shift: running }: { readonly next: number; readonly shift: number },
  own: readonly LaidGroup[],
  { earlier, room, whole }: Around,
): LaidGroup[] {
  const tooMuch = (): LaidGroup[] => [{ ...layGroup(line, group, 0, next, false), tooMuch: true }];
  if (own.length >= MOST_GROUPS) return tooMuch();
  const all = repeatedGroups(repeat, own, earlier, whole);
  const counts =
    withoutRunning(repeat.counts, running) ?? lastCounts(repeat.last ?? asManyCounts(group, repeat, all, own), all);
  const limit = counts ? tickOfCount(counts.to + 1) : Infinity;
  const source = counts
    ? all.filter(
        ({ ticks }) =>
          ticks.length > 0 &&
          ticks[0] >= tickOfCount(counts.from) - HALF_COUNT &&
          ticks[0] < limit &&
          // An `&` that opens a line belongs to the count after it, unless the place names it.
          (counts.and || ticks[0] <= limit - TICKS_A_COUNT || (ticks[1] ?? 0) < limit),
      )
    : all;
  const first = source[0]?.ticks[0];
  if (first === undefined) return [layGroup(line, group, 0, next, false)];
  // Repeats of repeats double each time; a section of so many lines is none.
  const lines = source.length * repeat.times;
  const moments = total(source.map(({ ticks }) => costOf(ticks))) * repeat.times;
  if (own.length + lines > MOST_GROUPS || moments > room.left) return tooMuch();
  room.left -= moments;
  const start = counts ? tickOfCount(counts.from) : Math.max(first, 0);
  const length = Math.min(limit, greatest(source.map(({ end }) => end))) - start;
  const mirrored = repeat.mirrored || (repeat.lead !== undefined && leadOf(source) === otherFoot(repeat.lead));
  const misfit = misfitOf(group, Math.ceil((length * repeat.times) / TICKS_A_COUNT));
  // Worked out once for all times: they differ in where they stand alone.
  const copies = source.map(({ group: { calls }, ticks: all, end, empty }) => {
    const again = calls.map((call) => copiedTo(mirrored ? mirrorCall(call) : call, repeat.span));
    const ticks = all.filter((tick) => tick < limit);
    return {
      line,
      group: { ...group, calls: again },
      ticks,
      end: Math.min(end, limit),
      allotted: cutUnits(chooseCalls(again, { ticks: all }).units, ticks.length),
      asides: [],
      empty: empty.filter((tick) => tick < limit),
    };
  });
  const from = (group.counts && !group.counts.floating ? group.counts.ticks[0] - running : next) - start;
  return Array.from({ length: repeat.times }, (_, time) => from + time * length)
    .flatMap((shift) => copies.map((copy) => shifted(copy, shift)))
    .map((again, index) => (index === 0 && misfit ? { ...again, misfit } : again));
}

const shifted = (laid: LaidGroup, shift: number): LaidGroup => ({
  ...laid,
  ticks: laid.ticks.map((tick) => tick + shift),
  end: laid.end + shift,
  empty: laid.empty.map((tick) => tick + shift),
});

function misfitOf({ counts }: CallGroup, takes: number): LaidGroup['misfit'] {
  if (!counts || counts.floating || counts.ticks.length === 0) return undefined;
  const has = Math.ceil((counts.end - counts.ticks[0]) / TICKS_A_COUNT);
  return has === takes ? undefined : { takes, has };
}

/** `21-24 repeat 17-20` in a sheet that is numbered through. */
function withoutRunning(counts: Repeat['counts'], running: number): Repeat['counts'] {
  if (!counts || running === 0 || tickOfCount(counts.from) < running) return counts;
  const before = running / TICKS_A_COUNT;
  return { ...counts, from: counts.from - before, to: counts.to - before };
}

/** `7&8 same on the left`: as many counts as it has itself, where more stands above it. */
function asManyCounts(
  { counts }: CallGroup,
  { section, times }: Repeat,
  all: readonly LaidGroup[],
  own: readonly LaidGroup[],
): number | undefined {
  if (!counts || counts.floating || counts.ticks.length === 0 || section !== undefined || all !== own || times > 1)
    return undefined;
  const length = Math.ceil((counts.end - counts.ticks[0]) / TICKS_A_COUNT);
  const from = greatest(all.map(({ end }) => end)) - length * TICKS_A_COUNT;
  return all.slice(1).some(({ ticks }) => ticks[0] === from) ? length : undefined;
}

/** "The last four counts" of what there is. */
function lastCounts(last: number | undefined, all: readonly LaidGroup[]): Repeat['counts'] {
  if (last === undefined || all.length === 0) return undefined;
  const total = Math.round(greatest(all.map(({ end }) => end)) / TICKS_A_COUNT);
  return { from: Math.max(total - last + 1, 1), to: total, and: true };
}

/** Lines a line may repeat, in ticks of the section, or of the whole part where a tag names counts of the dance. */
function repeatedGroups(
  { section, counts, last }: Repeat,
  own: readonly LaidGroup[],
  earlier: readonly LaidSection[],
  whole?: readonly LaidSection[],
): readonly LaidGroup[] {
  const named = section === undefined ? undefined : (whole ?? earlier).findLast(({ text }) => text.number === section);
  if (named) return named.groups;
  if (whole && (counts || last !== undefined || own.length === 0))
    return whole.flatMap(({ groups, offset }) =>
      offset === 0
        ? groups
        : groups.map((group) => ({
            ...group,
            ticks: group.ticks.map((tick) => tick + offset),
            end: group.end + offset,
            empty: group.empty.map((tick) => tick + offset),
          })),
    );
  // "Repeat" with nothing before it in its own section means the section before.
  return own.length > 0 ? own : (earlier[earlier.length - 1]?.groups ?? []);
}

/** What is danced within the first moments of a line: a call cut in two keeps its first steps. */
const cutUnits = (units: readonly Allotted[], moments: number): readonly Allotted[] =>
  units.flatMap((unit) =>
    unit.first < 0 || unit.first + unit.length <= moments
      ? [unit]
      : unit.first >= moments
        ? []
        : [{ ...unit, steps: unit.steps.slice(0, moments - unit.first), length: moments - unit.first }],
  );

/** The foot the first of these lines is written for, if it names one. */
function leadOf(groups: readonly LaidGroup[]): Foot | undefined {
  const call = groups[0]?.group.calls[0];
  return call?.foot ?? call?.feet?.[0] ?? call?.travel;
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
  const written = withCopies(group.calls);
  const calls: readonly Call[] = mirrored ? written.map(mirrorCall) : written;
  const units = counts ? NO_UNITS : unitsOfCalls(calls);
  const ticks = momentsOf(group, units, shift, next);
  const known = mirrored ? undefined : choices.get(group);
  const found: Choice =
    known ??
    (counts
      ? chooseCalls(calls, { ticks, shift }, mirrored ? group.said?.map(mirrorCall) : group.said)
      : { ...allotCounts(units, { ticks }), asides: [] });
  if (!mirrored && !known && !calls.some(namesCount)) choices.set(group, found);
  const { units: allotted, empty, asides } = found;
  const last = ticks[ticks.length - 1];
  const end = counts?.floating
    ? next + counts.end
    : last === undefined
      ? next
      : (Math.floor(last / TICKS_A_COUNT) + 1) * TICKS_A_COUNT;
  return {
    line,
    group: found.calls ? { ...group, calls: found.calls } : group,
    ticks,
    end,
    allotted,
    asides,
    empty: counts?.floating ? [] : empty.map((index) => ticks[index]),
  };
}

/**
 * Which call gets which count hangs on the line alone, wherever it stands, and a line that was read before is the same object. Only
 * what names a count of the section (`on 8 scuff R`) hangs on where the line stands: that is worked out each time.
 */
const choices = new WeakMap<CallGroup, Choice>();

const namesCount = ({ at, detail }: Call): boolean => at !== undefined || (detail?.some(namesCount) ?? false);

const NO_UNITS: readonly Unit[] = [];

function momentsOf(group: CallGroup, units: readonly Unit[], shift: number, next: number): readonly number[] {
  const { counts } = group;
  if (!counts) return usualTicks(units, next);
  if (counts.floating) return counts.ticks.map((tick) => next + tick);
  return shift === 0 ? counts.ticks : counts.ticks.map((tick) => tick - shift);
}

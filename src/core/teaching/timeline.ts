/** The dance in the order it is danced: calls, counts and walls at their time, over tags, cuts and changed steps. */
import type { Dance, DancedBlock, DancedCall, DancedLine } from '../dancing/dance';
import { stateAt } from '../dancing/places';
import { isFoot, otherFoot, type Foot, type Weight } from '../model/feet';
import { labelOfTick, TICKS_A_COUNT } from '../model/ticks';
import { facingAfter, hourOfFacing, type Facing } from '../model/turns';
import type { PieceKind } from '../walls/pieces';
import { wallsOf, wallTable } from '../walls/table';
import type { Wall } from '../walls/wall';
import type { Language } from '../vocabulary/figures';
import { cuesOf, type Cues } from './cues';

export interface TimedCall {
  /** Ticks from the beginning. */
  readonly time: number;
  /** Until the next one begins. */
  readonly ticks: number;
  readonly wall: number;
  /** Script line. */
  readonly line: number;
  /** `Section 3`, `Tag lamp`: what it stands in. */
  readonly place: string;
  readonly cues: Cues;
  /** After it, by the room. */
  readonly facing: Facing;
  readonly hour: string;
  readonly turns: boolean;
  readonly weight: Weight;
  readonly free?: Foot;
}

/** A count or a part of one as it is called. */
export interface TimedCount {
  readonly time: number;
  /** `1`, `&`, `a`. */
  readonly label: string;
  /** A step or a gesture begins on it. */
  readonly danced: boolean;
  /** Of the section it stands in, from 1; the rail shows it. */
  readonly count: number;
  readonly counts: number;
}

export interface TimedWall {
  readonly time: number;
  readonly number: number;
  readonly facing: Facing;
  readonly hour: string;
}

/** Where a section or a tag begins. */
export interface TimedSection {
  readonly time: number;
  readonly name: string;
  readonly title: string;
  readonly wall: number;
}

/** How one stands before the first step, by the room. */
export interface Start {
  readonly facing: Facing;
  readonly hour: string;
  readonly weight: Weight;
  readonly free?: Foot;
}

export interface Timeline {
  readonly start: Start;
  readonly calls: readonly TimedCall[];
  readonly counts: readonly TimedCount[];
  readonly walls: readonly TimedWall[];
  readonly sections: readonly TimedSection[];
  readonly ticks: number;
}

/** A piece of a block that is danced through. */
export interface Passage {
  readonly block: DancedBlock;
  readonly kind: PieceKind;
  /** First and after the last of the block's moments. */
  readonly from: number;
  readonly to: number;
  /** Ticks into the block at which it begins, and how long it is. */
  readonly begins: number;
  readonly ticks: number;
  readonly wall: number;
  /** The room is the sheet turned on by this. */
  readonly shift: Facing;
}

/** All walls as far as the plan goes, or those numbered. */
export function passagesOfWalls(dance: Dance, from?: number, to?: number): Passage[] {
  const walls = to === undefined ? wallsOf(dance).walls : wallTable(dance, to);
  return walls.filter(({ number }) => number >= (from ?? 1) && number <= (to ?? Infinity)).flatMap(passagesOf);
}

const passagesOf = (wall: Wall): Passage[] =>
  wall.pieces.map(({ block, kind, from, to, ticks, shift }) => ({
    block,
    kind,
    from,
    to,
    begins: Math.floor((block.moments[from]?.time ?? 0) / TICKS_A_COUNT) * TICKS_A_COUNT,
    ticks,
    wall: wall.number,
    shift,
  }));

/** Sections one behind the other, `from` and `to` from 0, as they are danced on a wall. */
export function passagesOfSections(dance: Dance, block: DancedBlock, from: number, to: number, wall = 1): Passage[] {
  const [first, last] = [block.sections[from], block.sections[to]];
  if (!first || !last) return [];
  const end = last.offset + last.counts * TICKS_A_COUNT;
  const shift = wall === 1 ? 0 : (wallTable(dance, wall).find(({ number }) => number === wall)?.start ?? 0);
  const at = (ticks: number): number => {
    const found = block.moments.findIndex(({ time }) => time >= ticks);
    return found < 0 ? block.moments.length : found;
  };
  return [{ block, kind: 'part', from: at(first.offset), to: at(end), begins: first.offset, ticks: end - first.offset, wall, shift }]; // prettier-ignore
}

export function timelineOf(passages: readonly Passage[], language: Language = 'en'): Timeline {
  const calls: Omit<TimedCall, 'ticks'>[] = [];
  const counts: TimedCount[] = [];
  const walls: TimedWall[] = [];
  const sections: TimedSection[] = [];
  let zero = 0;
  for (const passage of passages) {
    const { block, begins, ticks, wall, shift, from } = passage;
    // A step on the `&` that only changes the foot takes no count of its own: it stands in the last half of the one before.
    const at = (time: number): number => (ticks === 0 ? zero - TICKS_A_COUNT / 2 : zero + time - begins);
    if (walls[walls.length - 1]?.number !== wall) {
      const facing = facingAfter(stateAt(block, from).facing, shift);
      walls.push({ time: zero, number: wall, facing, hour: hourOfFacing(facing) });
    }
    calls.push(...callsOf(passage, language).map((call) => ({ ...call, time: at(call.time) })));
    counts.push(...countsOf(passage).map((count) => ({ ...count, time: at(count.time) })));
    sections.push(...sectionsOf(passage).map((section) => ({ ...section, time: at(section.time) })));
    zero += ticks;
  }
  return {
    start: startOf(passages[0]),
    calls: calls.map((call, index) => ({ ...call, ticks: (calls[index + 1]?.time ?? zero) - call.time })),
    counts,
    walls,
    sections,
    ticks: zero,
  };
}

function startOf(first: Passage | undefined): Start {
  const { facing, weight } = first ? stateAt(first.block, first.from) : { facing: 0, weight: 'unknown' as const };
  const own = facingAfter(facing, first?.shift ?? 0);
  return { facing: own, hour: hourOfFacing(own), weight, ...(isFoot(weight) && { free: otherFoot(weight) }) };
}

/** Calls of which the first moment is danced here; times are the block's. */
function callsOf({ block, from, to, wall, shift }: Passage, language: Language): Omit<TimedCall, 'ticks'>[] {
  const places = new Map(block.moments.slice(from, to).map((moment, index) => [moment, from + index]));
  const [opening, closing] = [block.moments[from]?.time ?? 0, block.moments[to - 1]?.time ?? 0];
  // The others have no call that begins here; one that borrows a count ends a section later than it says.
  const sections = block.sections.filter(({ offset, lines }) => offset <= closing && (lines.at(-1)?.moments.at(-1)?.time ?? Infinity) >= opening); // prettier-ignore
  return sections.flatMap((section) =>
    section.lines.flatMap((line) =>
      line.calls.flatMap((call, index): Omit<TimedCall, 'ticks'>[] => {
        const [first] = call.moments;
        const at = first && places.get(first);
        if (at === undefined) return [];
        const opens = call.titled !== undefined && line.calls[index - 1]?.titled !== call.titled;
        return [timedCall(call, line, { first: index === 0, opens }, { block, at, last: Math.min(to, (places.get(call.moments[call.moments.length - 1]) ?? to) + 1), wall, shift, place: placeOf(block, section.text.number), time: first.time }, language)];
      }),
    ),
  );
} // prettier-ignore

function timedCall(
  call: DancedCall,
  line: DancedLine,
  { first, opens }: { first: boolean; opens: boolean },
  { block, at, last, wall, shift, place, time }: { block: DancedBlock; at: number; last: number; wall: number; shift: Facing; place: string; time: number },
  language: Language,
): Omit<TimedCall, 'ticks'> {
  const state = stateAt(block, last);
  const before = stateAt(block, at);
  const facing = facingAfter(state.facing, shift);
  return {
    time,
    wall,
    line: line.line.index,
    place,
    cues: cuesOf(call, line.line.text, language, first ? line : undefined, opens),
    facing,
    hour: hourOfFacing(facing),
    turns: state.rotation !== before.rotation,
    weight: state.weight,
    ...(isFoot(state.weight) && { free: otherFoot(state.weight) }),
  };
} // prettier-ignore

const placeOf = ({ block }: DancedBlock, number: number): string =>
  block.kind === 'tag' ? `Tag ${block.name}`.trim() : block.name ? `Part ${block.name}, section ${number}` : `Section ${number}`; // prettier-ignore

/** Moments of one count, on either side. */
const NEAR = 8;

/** Whole counts, and what is danced between them. */
function countsOf({ block, from, to, begins, ticks }: Passage): TimedCount[] {
  // Moments that share the last of its counts may stand just outside.
  const moments = block.moments.slice(Math.max(0, from - NEAR), to + NEAR);
  const begun = new Set(moments.filter(({ action }) => action.word !== 'hold').map(({ time }) => time));
  const between = moments.map(({ time }) => time).filter((time) => time % TICKS_A_COUNT !== 0);
  const whole = Array.from({ length: Math.ceil(ticks / TICKS_A_COUNT) }, (_, index) => begins + index * TICKS_A_COUNT);
  return [...new Set([...whole, ...between])]
    .filter((time) => time >= begins && time < begins + ticks)
    .sort((a, b) => a - b)
    .map((time) => {
      const section = block.sections.findLast(({ offset }) => offset <= time) ?? block.sections[0];
      const inside = time - (section?.offset ?? 0);
      const count = Math.floor(inside / TICKS_A_COUNT) + 1;
      const label = time % TICKS_A_COUNT === 0 ? String(count) : labelOfTick(inside).replace(/\d/g, '');
      return { time, label, danced: begun.has(time), count, counts: section?.counts ?? 8 };
    });
}

function sectionsOf({ block, begins, ticks, wall }: Passage): TimedSection[] {
  return block.sections
    .filter(({ offset, counts }) => offset + counts * TICKS_A_COUNT > begins && offset < begins + ticks)
    .map(({ text, offset }) => ({
      time: Math.max(begins, offset),
      name: placeOf(block, text.number),
      title: text.title,
      wall,
    }));
}

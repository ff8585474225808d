/** What the Floor screen shows of a stretch of the dance: its path, what is called in it, how far it goes. */
import type { Dance, DancedBlock, DancedSection, Moment } from '../dancing/dance';
import { stateAt } from '../dancing/places';
import { floorPath, measurePath, stretchesOf, type FloorPath, type Stretch } from '../floor/path';
import { driftWords } from '../floor/words';
import { TICKS_A_COUNT } from '../model/ticks';
import { hourOfFacing, type Facing } from '../model/turns';
import { wallsOf, wallTable } from '../walls/table';
import { findDancedLine, lineWords } from './explain';

/** What is looked at: a line, its section, that and the next one, a wall of the plan, the whole dance. */
export const FLOOR_SCOPES = ['line', 'section', 'two', 'wall', 'dance'] as const;
export type FloorScope = (typeof FLOOR_SCOPES)[number];

/** One line as it is called. */
export interface FloorCall {
  /** Ticks from the start of the path. */
  readonly time: number;
  readonly words: string;
  readonly counts: string;
  /** Script line. */
  readonly line: number;
}

/** A whole count of the path. */
export interface FloorCount {
  readonly time: number;
  readonly label: string;
}

export interface FloorView {
  readonly path: FloorPath;
  /** `Section 2`, `Wall 3`. */
  readonly title: string;
  readonly calls: readonly FloorCall[];
  readonly counts: readonly FloorCount[];
  readonly wall: number;
  readonly start: Facing;
  readonly startHour: string;
  /** Of what is looked at, as the dancer faces at its start. */
  readonly measure: ReturnType<typeof measurePath>;
  readonly driftWords?: string;
}

/** `line`: the selected script line; `wall`: the wall that is shown, 1 where the sheet is looked at as it is written. */
export function viewFloor(dance: Dance, scope: FloorScope, line: number, wall = 1): FloorView | undefined {
  const found = stretchesFor(dance, scope, line, wall);
  if (!found || found.stretches.length === 0) return undefined;
  const { stretches, title, facing } = found;
  const path = floorPath(stretches, facing);
  if (path.steps.length === 0) return undefined;
  const [first] = stretches;
  const own = measurePath(path);
  const words = driftWords(own.drift);
  return {
    path,
    title,
    calls: callsOf(path, dance),
    counts: countsOf(stretches),
    wall: first.wall,
    start: facing,
    startHour: hourOfFacing(facing),
    measure: own,
    ...(words && { driftWords: words }),
  };
}

interface Found {
  readonly stretches: readonly Stretch[];
  readonly title: string;
  readonly facing: Facing;
}

function stretchesFor(dance: Dance, scope: FloorScope, line: number, wall: number): Found | undefined {
  if (scope === 'dance') {
    const { walls } = wallsOf(dance);
    return { stretches: stretchesOf(walls), title: 'The whole dance', facing: walls[0]?.start ?? 0 };
  }
  if (scope === 'wall') {
    const own = wallTable(dance, wall).filter(({ number }) => number === wall);
    return own[0] && { stretches: stretchesOf(own), title: `Wall ${wall}`, facing: own[0].start };
  }
  const place = sectionAt(dance, line);
  if (!place) return undefined;
  const { block, sections } = place;
  const shift = shiftOn(dance, wall);
  if (scope === 'line') {
    const danced = findDancedLine(dance, line) ?? sections[0].lines[0];
    if (!danced || danced.moments.length === 0) return undefined;
    return found(block, danced.moments, lineWords(danced), shift, wall);
  }
  const own = scope === 'two' ? sections.slice(0, 2) : sections.slice(0, 1);
  const moments = own.flatMap(({ lines }) => lines.flatMap((one) => one.moments));
  const [first, last] = [own[0].text.number, own[own.length - 1].text.number];
  const name = block.block.kind === 'tag' ? `Tag ${block.block.name}`.trim() : first === last ? `Section ${first}` : `Sections ${first} and ${last}`; // prettier-ignore
  return moments.length > 0 ? found(block, moments, name, shift, wall) : undefined;
}

function found(block: DancedBlock, moments: readonly Moment[], title: string, shift: Facing, wall: number): Found {
  const from = block.moments.indexOf(moments[0]);
  const to = from + moments.length;
  const begins = Math.floor(moments[0].time / TICKS_A_COUNT) * TICKS_A_COUNT;
  const last = moments[moments.length - 1].time;
  const ticks = (Math.floor((last - begins) / TICKS_A_COUNT) + 1) * TICKS_A_COUNT;
  const facing = stateAt(block, from).facing + shift;
  return { stretches: [{ block, from, to, begins, ticks, wall }], title, facing };
}

/** The section a line stands in, or the first one, with those behind it. */
function sectionAt(dance: Dance, line: number): { block: DancedBlock; sections: readonly DancedSection[] } | undefined {
  const blocks = [...dance.parts, ...dance.tags].filter(({ moments }) => moments.length > 0);
  for (const block of blocks) {
    const at = block.sections.findIndex(({ text, lines }) => (text.headingLine ?? lines[0]?.line.index ?? Infinity) <= line && line <= (lines[lines.length - 1]?.line.index ?? -1)); // prettier-ignore
    if (at >= 0) return { block, sections: block.sections.slice(at) };
  }
  return blocks[0] && { block: blocks[0], sections: blocks[0].sections };
}

const shiftOn = (dance: Dance, wall: number): Facing =>
  wall === 1 ? 0 : (wallTable(dance, wall).find(({ number }) => number === wall)?.start ?? 0);

/** Each line once for as long as it is danced. */
function callsOf({ steps }: FloorPath, dance: Dance): FloorCall[] {
  const calls: FloorCall[] = [];
  let before: Moment | undefined;
  for (const { moment, time } of steps) {
    if (moment.line !== before?.line || (before && moment.time < before.time)) {
      const danced = findDancedLine(dance, moment.line.index);
      const counts = moment.line.step?.groups[0]?.counts?.span;
      calls.push({
        time,
        words: danced ? lineWords(danced) : moment.line.text.trim(),
        counts: counts ? moment.line.text.slice(counts.from, counts.to).trim() : '',
        line: moment.line.index,
      });
    }
    before = moment;
  }
  return calls;
}

/** Whole counts as they are called, section by section. */
function countsOf(stretches: readonly Stretch[]): FloorCount[] {
  const counts: FloorCount[] = [];
  let time = 0;
  for (const { block, begins, ticks } of stretches) {
    for (let at = 0; at < ticks; at += TICKS_A_COUNT) {
      const own = block.sections.findLast(({ offset }) => offset <= begins + at);
      const label = Math.floor((begins + at - (own?.offset ?? 0)) / TICKS_A_COUNT) + 1;
      counts.push({ time: time + at, label: String(label) });
    }
    time += ticks;
  }
  return counts;
}

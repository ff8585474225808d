/** The wall table as plain data for the picture: every wall a band to scale in beats, with what happens in it and how it joins. */
import { placeCut, stateAt } from '../dancing/places';
import type { Dance, DancedBlock } from '../dancing/dance';
import { freeFoot, isFoot, type Foot, type Weight } from '../model/feet';
import type { Finding } from '../model/findings';
import { grouped } from '../model/lists';
import { countsOfTicks, TICKS_A_COUNT } from '../model/ticks';
import { facingAfter, hourOfFacing, type Facing } from '../model/turns';
import { lineAtOffset, type PlanEntry } from '../reading/script';
import { wallsOf, wallTable } from '../walls/table';
import type { Wall, WallPlan } from '../walls/wall';
import type { Piece } from '../walls/pieces';
import { bothWays, wallsExplained, wallsInShort } from '../walls/words';
import { nameSection } from './script-view';
import { greatest } from '../model/numbers';

export type BandKind = 'section' | 'tag' | 'changed' | 'ending';

/** One stretch of a wall's band. Places and lengths in beats from the start of the wall. */
export interface Band {
  readonly kind: BandKind;
  readonly from: number;
  readonly beats: number;
  /** The number of the section, the name of the tag. */
  readonly label: string;
  readonly title: string;
  /** Script line where it begins. */
  readonly line?: number;
  /** Which plan line brings it, by its place in the script's plan. */
  readonly entry?: number;
  /** The weight does not fit as it begins. */
  readonly badJoin: boolean;
}

export interface WallRow {
  readonly number: number;
  readonly kind: 'part' | 'tag';
  readonly part: string;
  readonly start: Facing;
  readonly startHour: string;
  readonly end: Facing;
  readonly endHour: string;
  readonly bands: readonly Band[];
  /** Whole beats, tags and all. */
  readonly beats: number;
  /** Sections that are not danced on this wall, in beats after the cut. */
  readonly lost: number;
  readonly counts: number;
  readonly first: number;
  readonly last: number;
  readonly weight: Weight;
  readonly free?: Foot;
  /** Whether the next wall can begin from here; undefined at the end, or while the weight is not certain. */
  readonly joins: boolean | undefined;
  /** The foot the next wall begins with. */
  readonly leads?: Foot;
  readonly cut?: {
    readonly kind: 'restart' | 'order' | 'ending';
    readonly at: number;
    readonly count: number;
    readonly words: string;
    readonly entry?: number;
  };
  readonly notes: readonly { readonly text: string; readonly line: number }[];
}

export interface PlanLineView {
  readonly line: number;
  readonly text: string;
  /** Walls it has a hand in. */
  readonly walls: readonly number[];
  readonly findings: readonly Finding[];
}

export interface WallsView {
  readonly rows: readonly WallRow[];
  /** The longest wall, in beats: the scale. */
  readonly beats: number;
  readonly short: string;
  readonly sentence: string;
  readonly phrased: boolean;
  readonly ended: boolean;
  readonly plan: readonly PlanLineView[];
  readonly tags: readonly string[];
}

/** `least`: as many walls are shown of a dance that goes on. */
export function viewWalls(dance: Dance, findings: readonly Finding[], least = 4): WallsView {
  const plan = wallsOf(dance);
  const walls = wallTable(dance, Math.max(least, plan.walls.length));
  const rows = walls.map((wall, index) => viewRow(dance, wall, walls[index + 1], plan));
  return {
    rows,
    beats: greatest(
      rows.map(({ beats, lost }) => beats + lost),
      1,
    ),
    short: wallsInShort(plan),
    sentence: wallsExplained(plan),
    phrased: plan.order?.entry !== undefined,
    ended: plan.ended,
    plan: viewPlan(dance, plan, findings),
    tags: dance.tags.map(({ block }) => block.name),
  };
}

function viewRow(dance: Dance, wall: Wall, next: Wall | undefined, { ended, order }: WallPlan): WallRow {
  const { pieces, cut } = wall;
  const last = pieces[pieces.length - 1];
  const beats = countsOfTicks(pieces.reduce((sum, { ticks }) => sum + ticks, 0));
  const bands = bandsOf(dance, wall);
  const part = pieces[0].block;
  const after = cut && wall.kind === 'part' ? part.counts - countsOfTicks(cut.cut.ticks) : 0;
  const isLast = next === undefined && (ended || order !== undefined);
  const join = next?.pieces[0].join;
  const leads = isLast
    ? undefined
    : (join?.leads ?? part.moments.find(({ action }) => action.foot)?.action.foot ?? undefined);
  const free = freeFoot(last.after);
  return {
    number: wall.number,
    kind: wall.kind,
    part: wall.kind === 'tag' ? part.block.name : wall.part,
    start: wall.start,
    startHour: hourOfFacing(wall.start),
    end: wall.end,
    endHour: hourOfFacing(wall.end),
    bands,
    beats,
    lost: Math.max(0, after),
    counts: wall.counts,
    first: wall.first,
    last: wall.last,
    weight: last.after,
    ...(free && { free }),
    joins: isLast ? undefined : join ? join.good : joinsAgain(dance, last, part),
    ...(leads && { leads }),
    ...(cut && {
      cut: {
        kind: cut.kind,
        at: beatsBefore(pieces, cut.cut.ticks),
        count: countsOfTicks(cut.cut.ticks),
        words: bothWays(part, cut.cut.ticks, cut.cut.half),
        ...indexOf(dance, cut.entry),
      },
    }),
    notes: wall.notes,
  };
}

/** Whether the wall after the last one shown could begin: a whole wall as the dance itself does, any other by where its weight stands. */
function joinsAgain({ loops }: Dance, last: Piece, { before }: DancedBlock): boolean | undefined {
  if (last.kind === 'part' && last.to === last.block.moments.length) return loops;
  if (last.after === 'unknown' || before.weight === 'unknown') return undefined;
  return !isFoot(last.after) || !isFoot(before.weight) || last.after === before.weight;
}

const indexOf = ({ script }: Dance, entry: PlanEntry | undefined): { entry?: number } => {
  const at = entry ? script.plan.indexOf(entry) : -1;
  return at < 0 ? {} : { entry: at };
};

/** Beats of the wall danced when its part comes to a place, tags inside it counted. */
function beatsBefore(pieces: readonly Piece[], ticks: number): number {
  let beats = 0;
  for (const { kind, at, ticks: length } of pieces) {
    if (kind === 'tag') beats += at < ticks ? length : 0;
    else if (at < ticks) beats += Math.min(length, ticks - at);
  }
  return countsOfTicks(beats);
}

function bandsOf(dance: Dance, { pieces, kind: wallKind, start }: Wall): Band[] {
  const bands: Band[] = [];
  let from = 0;
  for (const piece of pieces) {
    const beats = countsOfTicks(piece.ticks);
    const badJoin =
      piece.join.good === false && !(piece === pieces[0] && start === 0 && piece.join.weight === 'unknown');
    const own = indexOf(dance, piece.entry);
    if (piece.kind === 'part' && wallKind === 'part') bands.push(...sectionBands(piece, from, badJoin));
    else
      bands.push({
        kind: piece.kind === 'part' ? 'tag' : piece.kind,
        from,
        beats,
        label:
          piece.kind === 'tag' || wallKind === 'tag'
            ? piece.block.block.name || 'tag'
            : piece.kind === 'ending'
              ? 'ending'
              : 'changed',
        title: piece.kind === 'tag' || wallKind === 'tag' ? `Tag ${piece.block.block.name}`.trim() : wordsOf(piece),
        ...lineOf(piece),
        ...own,
        badJoin,
      });
    from += beats;
  }
  return bands;
}

const lineOf = ({ block, from }: Piece): { line?: number } => {
  const line = block.moments[from]?.line.index ?? block.block.headingLine;
  return line === undefined ? {} : { line };
};

/** What is danced in lines that stand in the plan, as it is written there. */
/** What a piece is danced as, in its own words. */
export function wordsOf({ block, entry }: Piece): string {
  const item = entry?.item;
  if (item && 'changed' in item && item.changed) return item.changed.text;
  if (item?.kind === 'tag' && item.tag.kind === 'own') return item.tag.text;
  return block.sections.flatMap(({ lines }) => lines.map(({ line }) => line.text.trim())).join(' / ');
}

function sectionBands({ block, at, ticks }: Piece, from: number, badJoin: boolean): Band[] {
  const end = at + ticks;
  return block.sections.flatMap((own): Band[] => {
    const [start, stop] = [Math.max(own.offset, at), Math.min(own.offset + own.counts * TICKS_A_COUNT, end)];
    if (stop <= start) return [];
    return [
      {
        kind: 'section',
        from: from + countsOfTicks(start - at),
        beats: countsOfTicks(stop - start),
        label: String(own.text.number),
        title: own.text.title || nameSection(own),
        ...(own.lines[0] && { line: own.lines[0].line.index }),
        badJoin: badJoin && start === at,
      },
    ];
  });
}

function viewPlan(dance: Dance, plan: WallPlan, findings: readonly Finding[]): PlanLineView[] {
  const { script } = dance;
  const entriesOf = grouped(script.plan, ({ line }) => line.index);
  const wallsOfEntry = grouped(plan.walls.flatMap(({ entries, number }) => entries.map((entry) => ({ entry, number }))), ({ entry }) => entry); // prettier-ignore
  const findingsOf = grouped(findings, ({ span }) => lineAtOffset(script, span.from));
  return script.lines
    .filter(({ kind, text }) => kind === 'plan' && text.trim() !== '')
    .map((line) => {
      const numbers = (entriesOf.get(line.index) ?? []).flatMap((entry) => (wallsOfEntry.get(entry) ?? []).map(({ number }) => number)); // prettier-ignore
      return {
        line: line.index,
        text: line.text,
        walls: [...new Set(numbers)].sort((a, b) => a - b),
        findings: findingsOf.get(line.index) ?? [],
      };
    });
}

// A place on a wall

/** A count of a wall, and what it is like to cut there. */
export interface PlaceOnWall {
  readonly wall: number;
  readonly part: string;
  /** Counts of the part danced by then. */
  readonly count: number;
  /** `after 20 counts (4 counts into section 3)`. */
  readonly words: string;
  readonly facing: Facing;
  readonly hour: string;
  readonly weight: Weight;
  readonly free?: Foot;
  /** The cut falls between two calls. */
  readonly clean: boolean;
  /** The wall could begin again from here. */
  readonly frees: boolean;
  /** The line danced there, as it is written, and the script line it stands on. */
  readonly line?: number;
  readonly text: string;
}

/** Every whole count of a wall after which something can be placed, the end of the wall included. */
export function placesOnWall(dance: Dance, number: number): PlaceOnWall[] {
  const wall = wallTable(dance, number).find((own) => own.number === number && own.kind === 'part');
  if (!wall) return [];
  const [{ block }] = wall.pieces;
  return Array.from({ length: block.counts }, (_, index) => placeOnWall(wall, block, index + 1)).filter(
    (place) => place !== undefined,
  );
}

function placeOnWall(wall: Wall, block: DancedBlock, count: number): PlaceOnWall | undefined {
  const placed = placeCut(block, { kind: 'count', count, and: 'line', span: { from: 0, to: 0 } }, 0);
  if ('problem' in placed) return undefined;
  const { index, inside, ticks } = placed.cut;
  // After the cut the wall is not danced; what it would be there is told from the last stretch that is.
  const stretch = wall.pieces.findLast(({ kind, from }) => kind === 'part' && from < index) ?? wall.pieces[0];
  const state = stateAt(block, index);
  const facing = facingAfter(state.facing, stretch.shift);
  const free = freeFoot(state.weight);
  const first = block.before.weight;
  const line = block.moments[index - 1]?.line;
  return {
    wall: wall.number,
    part: wall.part,
    count,
    words: bothWays(block, ticks, false),
    facing,
    hour: hourOfFacing(facing),
    weight: state.weight,
    ...(free && { free }),
    clean: inside === undefined,
    frees: !isFoot(state.weight) || !isFoot(first) || state.weight === first,
    ...(line && { line: line.index }),
    text: line?.text.trim() ?? '',
  };
}

// What if

export interface WallChange {
  readonly number: number;
  readonly before?: { readonly start: string; readonly end: string };
  readonly after?: { readonly start: string; readonly end: string };
}

/** Walls that start or end otherwise than before, or are new or gone. */
export function compareWalls(before: readonly WallRow[], after: readonly WallRow[]): WallChange[] {
  const walls = (rows: readonly WallRow[]) => rows.filter(({ kind }) => kind === 'part');
  const [old, now] = [walls(before), walls(after)];
  return Array.from({ length: Math.max(old.length, now.length) }, (_, index): WallChange | undefined => {
    const [a, b] = [old[index], now[index]];
    if (a && b && a.startHour === b.startHour && a.endHour === b.endHour && a.beats === b.beats) return undefined;
    return {
      number: index + 1,
      ...(a && { before: { start: a.startHour, end: a.endHour } }),
      ...(b && { after: { start: b.startHour, end: b.endHour } }),
    };
  }).filter((change) => change !== undefined);
}

// One wall on the script

export interface OnWall {
  readonly number: number;
  readonly startHour: string;
  readonly endHour: string;
  /** Facing of the room after a script line, by line. */
  readonly facings: ReadonlyMap<number, { readonly facing: Facing; readonly hour: string }>;
  /** Step lines that this wall does not come to, or dances otherwise. */
  readonly left: ReadonlySet<number>;
  /** What happens between the lines: after which script line, in words. */
  readonly inserts: readonly {
    readonly afterLine: number;
    readonly words: string;
    readonly kind: 'cut' | 'tag' | 'changed' | 'ending' | 'note';
  }[];
}

/** How the script is danced on one wall; undefined when there is no such wall. */
export function onWall(dance: Dance, number: number): OnWall | undefined {
  const wall = wallTable(dance, number).find((own) => own.number === number && own.kind === 'part');
  if (!wall) return undefined;
  const facings = new Map<number, { facing: Facing; hour: string }>();
  const inserts: OnWall['inserts'][number][] = [];
  const danced = new Set<number>();
  const [{ block }] = wall.pieces;
  let afterLine = block.block.headingLine ?? block.sections[0]?.text.headingLine ?? -1;
  for (const piece of wall.pieces) {
    if (piece.kind !== 'part') {
      inserts.push({ afterLine, kind: piece.kind, words: insertWords(piece) });
      if (piece.kind === 'tag') tellTag(piece, facings);
      continue;
    }
    for (const moment of piece.block.moments.slice(piece.from, piece.to)) {
      const facing = facingAfter(moment.after.facing, piece.shift);
      facings.set(moment.line.index, { facing, hour: hourOfFacing(facing) });
      danced.add(moment.line.index);
      afterLine = moment.line.index;
    }
  }
  const { cut } = wall;
  if (cut) {
    const next = hourOfFacing(wall.end);
    const free = freeFoot(wall.after);
    const foot = free ? `, ${free} free` : '';
    const words =
      cut.kind === 'ending'
        ? `Wall ${number} ends the dance here, facing ${next}${foot}.`
        : `Wall ${number} is cut here: wall ${number + 1} starts facing ${next}${foot}.`;
    inserts.push({ afterLine, kind: 'cut', words });
  }
  for (const { text, line } of wall.notes) inserts.push({ afterLine: line, kind: 'note', words: text });
  const left = new Set(block.moments.map(({ line }) => line.index).filter((line) => !danced.has(line)));
  return { number, startHour: hourOfFacing(wall.start), endHour: hourOfFacing(wall.end), facings, left, inserts };
}

function tellTag({ block, shift }: Piece, facings: Map<number, { facing: Facing; hour: string }>): void {
  for (const { line, after } of block.moments) {
    const facing = facingAfter(after.facing, shift);
    if (block.block.kind === 'tag') facings.set(line.index, { facing, hour: hourOfFacing(facing) });
  }
}

function insertWords(piece: Piece): string {
  const { kind, block, start } = piece;
  const hour = hourOfFacing(start);
  if (kind === 'tag')
    return block.block.kind === 'tag'
      ? `Tag ${block.block.name}`.trim() + ` here, facing ${hour}.`
      : `Here: ${wordsOf(piece)}, facing ${hour}.`;
  return kind === 'ending' ? `Ending, facing ${hour}: ${wordsOf(piece)}` : `On this wall instead: ${wordsOf(piece)}`;
}

/** The lead of a join in a word or two: `R leads`, `R not free`. */
export function joinWords({ joins, leads, weight }: WallRow): string {
  if (joins === undefined) return '';
  if (joins) return leads ? `${leads} leads` : 'joins';
  return `${isFoot(weight) ? weight : (leads ?? 'the foot')} not free`;
}

/**
 * The wall table: the plan laid out on the dance, wall after wall, each a chain of pieces. Parts and tags are not danced again for
 * it: a wall takes stretches of what was danced once, turned to where it stands in the room; joins tell where the weight does not fit.
 */
import { danceFrom, type Dance, type DancedBlock } from '../dancing/dance';
import { cutAfter, momentFrom, stateAt, type Cut } from '../dancing/places';
import type { Weight } from '../model/feet';
import { shiftSpan } from '../model/text';
import { TICKS_A_COUNT } from '../model/ticks';
import { greatestCommonDivisor, wallsOfTurn, type Facing } from '../model/turns';
import type { PlanEntry } from '../reading/script';
import { orderOf, type Order, type OrderStep } from './order';
import { concerns } from './concerns';
import { addPiece, danceInserted, type Inserted, type Piece, type PieceFacts, type Standing } from './pieces';
import { isKind, PlanBook, type EntryOf } from './plan-book';
import type { BadJoin, PlanProblem } from './problems';
import { tellUnplaced } from './unplaced';
import { MOST_ON_A_WALL, MOST_WALLS, type Wall, type WallNote, type WallPlan } from './wall';
import { greatest } from '../model/numbers';

let known: { readonly dance: Dance; readonly plan: WallPlan } | undefined;

/** The plan of a dance: to its ending, through its order, or until its walls have gone once round after the last planned one. */
export function wallsOf(dance: Dance): WallPlan {
  if (known?.dance !== dance) known = { dance, plan: new Layer(dance).lay() };
  return known.plan;
}

/** The first `count` walls, or fewer where the dance ends before. */
export function wallTable(dance: Dance, count: number): readonly Wall[] {
  const { walls, ended, order } = wallsOf(dance);
  if (walls.length === 0 || ended || order || walls.length >= count) return order ? walls : walls.slice(0, count);
  return new Layer(dance).lay(count).walls;
}

interface Happening {
  readonly index: number;
  readonly until: number;
  readonly entry: PlanEntry;
  readonly facts: (standing: Standing) => PieceFacts[];
}

interface WrittenNote extends WallNote {
  readonly walls: readonly number[];
}

const NO_NOTES: readonly WallNote[] = [];

class Layer {
  private readonly notes = new Map<DancedBlock, readonly WrittenNote[]>();
  private readonly order: Order | undefined;
  private readonly book: PlanBook;
  private readonly badJoins: BadJoin[] = [];
  private readonly used = new Set<PlanEntry>();
  private readonly entries: readonly PlanEntry[];
  private readonly lastNamed: number;
  private readonly walls: Wall[] = [];
  private standing: Standing;
  private beats = 0;
  private ended = false;

  constructor(private readonly dance: Dance) {
    this.order = orderOf(dance);
    this.book = new PlanBook(dance);
    this.entries = dance.script.plan;
    this.lastNamed = Math.min(
      MOST_WALLS,
      greatest(
        this.entries.flatMap(({ item }) => ('walls' in item && item.walls.kind === 'walls' ? item.walls.numbers : [])),
        0,
      ),
    );
    this.standing = { weight: dance.parts[0]?.before.weight ?? dance.startWeight, facing: 0 };
  }

  lay(count?: number): WallPlan {
    const [part] = this.dance.parts;
    const danced = this.dance.parts.some(({ moments, counts }) => moments.length > 0 || counts > 0);
    if (danced && this.order) this.layOrder(this.order);
    else if (danced && part) this.layPlain(part, count);
    const { dance, order, ended, badJoins, used, walls, book } = this;
    tellUnplaced({ dance, walls, ended, used, ...(order && { order }) }, book);
    const parts = walls.filter(({ kind }) => kind === 'part');
    return {
      dance,
      walls,
      ...(order && { order }),
      ended,
      wallsNet: order?.entry ? null : wallsOfTurn(dance.netTurn),
      wallsDanced: new Set(parts.map(({ start }) => start)).size,
      netTurn: order?.entry
        ? walls.reduce((sum, { pieces }) => pieces.reduce((all, { turn }) => all + turn, sum), 0)
        : dance.netTurn,
      problems: [...book.problems.values()],
      claims: book.claims,
      badJoins,
      used,
    };
  }

  private layOrder({ steps }: Order): void {
    const times = new Map<DancedBlock, number>();
    const lastPart = steps.filter(({ kind }) => kind === 'part').length;
    let number = 0;
    for (const step of steps) {
      if (this.ended) break;
      const time = (times.get(step.danced) ?? 0) + 1;
      times.set(step.danced, time);
      if (step.kind === 'part') number += 1;
      this.layWall(step.danced, Math.max(number, 1), time, step, number === lastPart);
    }
  }

  /** Until an ending, or until the walls after the last planned one have gone once round. */
  private layPlain(part: DancedBlock, count?: number): void {
    const phase = this.phaseLength();
    const seen = new Set<string>();
    for (let number = 1; number <= (count ?? MOST_WALLS) && !this.ended; number++) {
      if (count === undefined && number > this.lastNamed) {
        const place = `${this.standing.facing} ${number % phase}`;
        if (seen.has(place)) break;
        seen.add(place);
      }
      this.layWall(part, number, number, undefined, false);
    }
  }

  /** Regular lines ("every 3rd wall") come round together after so many walls. */
  private phaseLength(): number {
    const steps = this.entries.flatMap(({ item }) =>
      'walls' in item && item.walls.kind === 'every' ? [item.walls.step] : [],
    );
    return steps.reduce((all, step) => {
      const both = (all * step) / greatestCommonDivisor(all, step);
      return both <= MOST_WALLS ? both : all;
    }, 1);
  }

  private layWall(
    block: DancedBlock,
    number: number,
    time: number,
    step: OrderStep | undefined,
    isLast: boolean,
  ): void {
    const start = this.standing.facing;
    const here = { number, time, block, start, isLast, kind: step?.kind ?? 'part' } as const;
    const own = here.kind === 'tag' ? [] : this.entries.filter(({ item }) => concerns(item, here, this.lastNamed));
    for (const entry of own) this.used.add(entry);
    const surplus = own.splice(MOST_ON_A_WALL)[0];
    if (surplus) this.book.problem({ kind: 'wall-full', entry: surplus, wall: number, most: MOST_ON_A_WALL });
    if (step?.entry) this.used.add(step.entry);
    const cut = this.cutOf(own, block, number, step);
    const pieces: Piece[] = [];
    const add = (facts: PieceFacts) => pieces.push(this.add(facts, number, step));
    let counts = this.layStretches(own, block, number, step, cut?.cut, add);
    if (cut?.entry) counts = this.addAfterCut(cut, block, number, add, counts);
    if (cut?.kind !== 'ending')
      for (const entry of own) if (isKind(entry, 'tag')) this.addEndTag(entry, block, number, add);
    const ticks = pieces.reduce((sum, piece) => sum + piece.ticks, 0);
    const first = this.beats + 1;
    this.beats += ticks / TICKS_A_COUNT;
    this.walls.push({
      number,
      kind: here.kind,
      part: step?.kind === 'tag' ? '' : block.block.name,
      time,
      start,
      end: this.standing.facing,
      pieces,
      counts,
      first,
      last: this.beats,
      ...(cut && { cut }),
      notes: this.notesOf(own, number, block),
      entries: own,
      after: this.standing.weight,
    });
    if (cut?.kind === 'ending') this.ended = true;
  }

  /** The part as far as it is danced, with the tags and changes inside it; gives the counts of the part that are danced. */
  private layStretches(
    own: readonly PlanEntry[],
    block: DancedBlock,
    number: number,
    step: OrderStep | undefined,
    cut: Cut | undefined,
    add: (facts: PieceFacts) => void,
  ): number {
    const top = ((step?.item.from ?? 1) - 1) * TICKS_A_COUNT;
    const bottom = cut?.ticks ?? block.counts * TICKS_A_COUNT;
    const first = step?.item.from === undefined ? 0 : momentFrom(block, step.item.from, false);
    const to = Math.max(cut?.index ?? block.moments.length, first);
    let [cursor, at] = [first, top];
    let isOpening = true;
    /** The part goes on to a moment, and to a place in ticks. The first stretch may be empty: a wall begins with its part. */
    const goTo = (until: number, ends: number): void => {
      const ticks = Math.max(ends - at, 0);
      add({
        kind: step?.kind ?? 'part',
        block,
        from: cursor,
        to: until,
        at,
        ticks,
        ...(step?.entry && { entry: step.entry }),
      });
      [cursor, at, isOpening] = [until, ends, false];
    };
    for (const happening of this.happenings(own, block, number)) {
      if (happening.index < cursor || happening.index > to) continue;
      const place = this.book.placeOf(happening.entry, block)?.ticks ?? 0;
      const begins = isKind(happening.entry, 'change') ? tickBefore(happening.entry) : place;
      if (happening.index > cursor || isOpening) goTo(happening.index, begins);
      for (const facts of happening.facts(this.standing)) add(facts);
      cursor = Math.min(Math.max(happening.until, cursor), to);
      at = Math.max(place, begins);
    }
    if (cursor < to || isOpening || at < bottom) goTo(to, bottom);
    return (bottom - top) / TICKS_A_COUNT + (cut?.half ? 0.5 : 0);
  }

  private add(facts: PieceFacts, wall: number, step: OrderStep | undefined): Piece {
    const piece = addPiece(this.standing, facts);
    const before = this.standing.last;
    if (piece.join.good === false && !this.isPlainLoop(piece, before)) {
      const entry = piece.entry ?? before?.entry ?? this.cutEntry() ?? step?.entry;
      this.badJoins.push({ wall, piece, ...(before && { before }), ...(entry && { entry }) });
    }
    this.standing = { weight: piece.after, facing: piece.end, last: piece };
    return piece;
  }

  /** The cut that ended the wall before. */
  private cutEntry(): PlanEntry | undefined {
    return this.walls[this.walls.length - 1]?.cut?.entry;
  }

  /** A whole wall that does not lead into the next is told for the dance itself, once. */
  private isPlainLoop(piece: Piece, before: Piece | undefined): boolean {
    if (this.order?.entry || !before || before.kind !== 'part' || piece.kind !== 'part' || piece.from !== 0)
      return false;
    return before.to === before.block.moments.length;
  }

  private cutOf(
    own: readonly PlanEntry[],
    block: DancedBlock,
    number: number,
    step: OrderStep | undefined,
  ): NonNullable<Wall['cut']> | undefined {
    return this.cutByEntries(own, block, number) ?? (step && this.cutByOrder(step, block));
  }

  /** The first restart or ending of this wall; another one is told. */
  private cutByEntries(own: readonly PlanEntry[], block: DancedBlock, number: number): Wall['cut'] {
    let found: Wall['cut'];
    for (const entry of own) {
      if (!isKind(entry, 'restart') && !isKind(entry, 'ending')) continue;
      const kind = entry.item.kind;
      const cut = this.book.placeOf(entry, block);
      if (!cut && (kind === 'restart' || entry.item.place)) continue;
      if (found?.entry) {
        this.book.problem({ kind: 'wall-twice', entry, wall: number, what: kind, other: found.entry }, `${number}`);
        continue;
      }
      found = { kind, entry, cut: cut ?? wholeOf(block) };
      if (cut?.inside && !entry.item.changed && !mayBeCut(cut) && !this.isChanged(own, block, cut))
        this.book.problem({ kind: 'inside-call', entry, cut, block });
    }
    return found;
  }

  /** `A(16)`, `A-` in the order of the parts. */
  private cutByOrder({ item, entry, span }: OrderStep, block: DancedBlock): Wall['cut'] {
    const tell = (problem: PlanProblem | undefined): undefined => {
      if (problem) this.book.problem(problem, `${span.from}`);
    };
    if (!item.to) return item.short ? tell(entry && { kind: 'short-where', entry, name: item.name, span }) : undefined;
    const placed = cutAfter(block, item.to.count, item.to.and);
    if ('problem' in placed) return tell(entry && { kind: 'place-beyond', entry, block });
    const { cut } = placed;
    const whole = wholeOf(block);
    if (cut.index === whole.index && cut.ticks === whole.ticks) return undefined;
    if (cut.inside && !mayBeCut(cut)) tell(entry && { kind: 'inside-call', entry, cut, block });
    return { kind: 'order', cut, ...(entry && { entry }) };
  }

  /** A change on this wall reaches over the cut, so no call is torn there. */
  private isChanged(own: readonly PlanEntry[], block: DancedBlock, cut: Cut): boolean {
    return own.some(
      (entry) =>
        isKind(entry, 'change') && momentFrom(block, entry.item.from.count, entry.item.from.and === 'with') < cut.index,
    );
  }

  // What happens on a wall

  /** Changes and tags inside the wall, in the order of their places. */
  private happenings(own: readonly PlanEntry[], block: DancedBlock, number: number): Happening[] {
    return own
      .flatMap((entry): Happening[] => {
        if (isKind(entry, 'change')) return this.changeOn(entry, block);
        if (!isKind(entry, 'tag') || entry.item.place.kind === 'end') return [];
        const cut = this.book.placeOf(entry, block);
        if (!cut) return [];
        if (cut.inside && !mayBeCut(cut)) this.book.problem({ kind: 'inside-call', entry, cut, block });
        return [
          {
            index: cut.index,
            until: cut.index,
            entry,
            facts: ({ facing, weight }) => this.tagFacts(entry, cut, number, facing, weight, block),
          },
        ];
      })
      .sort((a, b) => a.index - b.index);
  }

  private changeOn(entry: EntryOf<'change'>, block: DancedBlock): Happening[] {
    const { from, changed } = entry.item;
    const cut = this.book.placeOf(entry, block);
    if (!cut) return [];
    const index = momentFrom(block, from.count, from.and === 'with');
    const length = Math.max(cut.ticks - tickBefore(entry), TICKS_A_COUNT);
    const inserted = this.book.insert(entry, `${block.block.name}`, () =>
      danceInserted(this.dance.script, entry, changed, stateAt(block, index), 0, length, block),
    );
    this.book.tellLines(entry, changed.span, inserted);
    if (inserted.understood && inserted.end !== length)
      this.book.problem({
        kind: 'change-length',
        entry,
        counts: inserted.end / TICKS_A_COUNT,
        wanted: length / TICKS_A_COUNT,
        span: shiftSpan(changed.span, entry.offset),
      });
    const facts: PieceFacts = {
      kind: 'changed',
      block: inserted.block,
      from: 0,
      to: inserted.block.moments.length,
      at: tickBefore(entry),
      ticks: length,
      entry,
    };
    return [{ index, until: Math.max(cut.index, index), entry, facts: () => [facts] }];
  }

  private tagFacts(
    entry: EntryOf<'tag'>,
    cut: Cut,
    number: number,
    facing: Facing,
    weight: Weight,
    block: DancedBlock,
  ): PieceFacts[] {
    const tag = this.book.tagBlock(entry, weight, block);
    if (!tag) return [];
    this.book.claim(entry, number, facing, 'tag');
    const facts: PieceFacts = {
      kind: 'tag',
      block: tag,
      from: 0,
      to: tag.moments.length,
      at: cut.ticks,
      ticks: tag.counts * TICKS_A_COUNT,
      entry,
    };
    return Array.from({ length: entry.item.times }, () => facts);
  }

  private addEndTag(entry: EntryOf<'tag'>, block: DancedBlock, number: number, add: (facts: PieceFacts) => void): void {
    const { place } = entry.item;
    if (place.kind !== 'end') return;
    const { facing, weight } = this.standing;
    const end: Cut = { index: block.moments.length, ticks: block.counts * TICKS_A_COUNT, half: false };
    for (const facts of this.tagFacts(entry, end, number, facing, weight, block)) add(facts);
  }

  /** The changed last line at a restart, or the ending's own lines. */
  private addAfterCut(
    wallCut: NonNullable<Wall['cut']>,
    block: DancedBlock,
    number: number,
    add: (facts: PieceFacts) => void,
    counts: number,
  ): number {
    const { entry, cut, kind } = wallCut;
    if (!entry || kind === 'order' || (!isKind(entry, 'restart') && !isKind(entry, 'ending'))) return counts;
    const { changed } = entry.item;
    const ending = this.dance.script.blocks.find((own) => own.kind === 'ending' && own.sections.length > 0);
    let length = counts;
    if (changed || (kind === 'ending' && ending)) {
      const before = { ...stateAt(block, cut.index), weight: this.standing.weight };
      const inserted = this.book.insert(entry, `${block.block.name} ${before.weight}`, () =>
        changed
          ? danceInserted(this.dance.script, entry, changed, before, cut.ticks, undefined, block)
          : endingBlock(ending as NonNullable<typeof ending>, before, cut.ticks, block),
      );
      if (changed) this.book.tellLines(entry, changed.span, inserted);
      const ticks = inserted.end - cut.ticks;
      add({
        kind: kind === 'ending' ? 'ending' : 'changed',
        block: inserted.block,
        from: 0,
        to: inserted.block.moments.length,
        at: cut.ticks,
        ticks,
        entry,
      });
      length = counts + ticks / TICKS_A_COUNT + (inserted.half && ticks === 0 ? 0.5 : 0);
    }
    this.book.claim(entry, number, this.standing.facing, kind);
    return length;
  }

  private notesOf(own: readonly PlanEntry[], number: number, block: DancedBlock): readonly WallNote[] {
    const planned = own.flatMap(({ item, line }) =>
      item.kind === 'note' ? [{ text: item.text, line: line.index }] : [],
    );
    const written = this.writtenNotes(block).filter(({ walls }) => walls.includes(number));
    return planned.length + written.length === 0
      ? NO_NOTES
      : [...planned, ...written.map(({ text, line }) => ({ text, line }))];
  }

  /** Notes on the lines of a block that are for some walls, found once. */
  private writtenNotes(block: DancedBlock): readonly WrittenNote[] {
    let known = this.notes.get(block);
    if (!known) {
      known = block.sections.flatMap(({ lines }) =>
        lines.flatMap(({ line }) =>
          (line.step?.marks.notes ?? []).flatMap(({ walls, text }) =>
            walls.length > 0 ? [{ walls, text, line: line.index }] : [],
          ),
        ),
      );
      this.notes.set(block, known);
    }
    return known;
  }
}

/** A place at the end of a part. */
const wholeOf = ({ moments, counts }: DancedBlock): Cut => ({
  index: moments.length,
  ticks: counts * TICKS_A_COUNT,
  half: false,
});

const tickBefore = ({ item }: EntryOf<'change'>): number => (item.from.count - 1) * TICKS_A_COUNT;

/** A triple or a roll may be cut where the place names the half count itself. */
const mayBeCut = ({ half, inside }: Cut): boolean => inside === undefined || half;

function endingBlock(
  ending: PlanEntry['block'] & object,
  before: ReturnType<typeof stateAt>,
  at: number,
  whole: DancedBlock,
): Inserted {
  const block = danceFrom(ending, before, whole);
  return { block, end: at + block.counts * TICKS_A_COUNT, half: false, understood: true };
}

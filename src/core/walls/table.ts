/**
 * The wall table: the plan laid out on the dance, wall after wall, each a chain of pieces. Parts and tags are not danced again for
 * it: a wall takes stretches of what was danced once, turned to where it stands in the room; joins tell where the weight does not fit.
 */
import { danceFrom, type Dance, type DancedBlock } from '../dancing/dance';
import { cutAfter, momentFrom, placeCut, stateAt, type Cut, type Placed } from '../dancing/places';
import type { Weight } from '../model/feet';
import type { Span } from '../model/text';
import { shiftSpan } from '../model/text';
import { TICKS_A_COUNT } from '../model/ticks';
import { CIRCLE, wallsOfTurn, type Facing, type Turn } from '../model/turns';
import type { PlanItem } from '../reading/plan';
import type { WallPick } from '../reading/plan-words';
import type { PlanEntry } from '../reading/script';
import { orderOf, unknownNames, type Order, type OrderStep } from './order';
import { addPiece, danceInserted, type Inserted, type Piece, type PieceFacts, type Standing } from './pieces';
import type { BadJoin, FacingClaim, PlanProblem } from './problems';

export interface WallNote {
  readonly text: string;
  /** The script line it stands on; its plan line otherwise. */
  readonly line: number;
}

export interface Wall {
  /** A tag that is an item of the order keeps the number of the wall before it. */
  readonly number: number;
  readonly kind: 'part' | 'tag';
  readonly part: string;
  /** How often its part has been danced by then. */
  readonly time: number;
  readonly start: Facing;
  /** After everything that belongs to it: where the next begins. */
  readonly end: Facing;
  readonly pieces: readonly Piece[];
  /** Counts of the part that are danced; 16.5 for a cut on a half count. */
  readonly counts: number;
  /** Running count of its first and last beat from the top, from 1. */
  readonly first: number;
  readonly last: number;
  readonly cut?: { readonly kind: 'restart' | 'order' | 'ending'; readonly entry?: PlanEntry; readonly cut: Cut };
  readonly notes: readonly WallNote[];
  /** Plan lines that have a hand in it. */
  readonly entries: readonly PlanEntry[];
  readonly after: Weight;
}

export interface WallPlan {
  readonly dance: Dance;
  /** Complete for a phrased dance and one with an ending, else as far as was asked. */
  readonly walls: readonly Wall[];
  readonly order?: Order;
  readonly ended: boolean;
  /** By the turn of one whole wall; null for a phrased dance. */
  readonly wallsNet: number | null;
  /** Start facings that occur. */
  readonly wallsDanced: number;
  /** Of one wall; of the whole order for a phrased dance. */
  readonly netTurn: Turn;
  readonly problems: readonly PlanProblem[];
  readonly claims: readonly FacingClaim[];
  readonly badJoins: readonly BadJoin[];
  /** Plan lines that took part. */
  readonly used: ReadonlySet<PlanEntry>;
}

/** Walls that are worked out at most; songs are shorter. */
export const MOST_WALLS = 200;

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

type EntryOf<K extends PlanItem['kind']> = PlanEntry & { readonly item: Extract<PlanItem, { kind: K }> };

const isKind = <K extends PlanItem['kind']>(entry: PlanEntry, kind: K): entry is EntryOf<K> => entry.item.kind === kind;

/** What a plan line does to a block, worked out once for all its walls. */
interface Resolved {
  readonly cut?: Cut;
  readonly problem?: PlanProblem;
}

interface Happening {
  readonly index: number;
  readonly until: number;
  readonly entry: PlanEntry;
  readonly facts: (standing: Standing) => PieceFacts[];
}

class Layer {
  private readonly order: Order | undefined;
  private readonly problems = new Map<string, PlanProblem>();
  private readonly claims: FacingClaim[] = [];
  private readonly badJoins: BadJoin[] = [];
  private readonly used = new Set<PlanEntry>();
  private readonly resolved = new Map<PlanEntry, Map<DancedBlock, Resolved>>();
  private readonly inserted = new Map<PlanEntry, Map<string, Inserted>>();
  private readonly entries: readonly PlanEntry[];
  private readonly lastNamed: number;
  private readonly walls: Wall[] = [];
  private standing: Standing;
  private beats = 0;
  private ended = false;

  constructor(private readonly dance: Dance) {
    this.order = orderOf(dance);
    this.entries = dance.script.plan;
    this.lastNamed = Math.min(
      MOST_WALLS,
      Math.max(
        0,
        ...this.entries.flatMap(({ item }) =>
          'walls' in item && item.walls.kind === 'walls' ? item.walls.numbers : [],
        ),
      ),
    );
    this.standing = { weight: dance.parts[0]?.before.weight ?? dance.startWeight, facing: 0 };
  }

  lay(count?: number): WallPlan {
    const [part] = this.dance.parts;
    const danced = this.dance.parts.some(({ moments, counts }) => moments.length > 0 || counts > 0);
    if (danced && this.order) this.layOrder(this.order);
    else if (danced && part) this.layPlain(part, count);
    this.tellUnplaced();
    const { dance, order, ended, claims, badJoins, used, walls } = this;
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
      problems: [...this.problems.values()],
      claims,
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
    return steps.reduce((all, step) => (all * step <= CIRCLE ? all * step : all), 1);
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
    const own = here.kind === 'tag' ? [] : this.entries.filter((entry) => this.concerns(entry, here));
    for (const entry of own) this.used.add(entry);
    if (step?.entry) this.used.add(step.entry);
    const cut = this.cutOf(own, block, number, step);
    const from = step?.item.from === undefined ? 0 : momentFrom(block, step.item.from, false);
    const to = Math.max(cut?.cut.index ?? block.moments.length, from);
    const pieces: Piece[] = [];
    const add = (facts: PieceFacts) => pieces.push(this.add(facts, number, step));
    const stretch = (a: number, b: number, ends: number) => {
      const at = pieces.length === 0 ? fromTicks(step) : cursorTicks;
      if (b > a || pieces.length === 0)
        add({
          kind: here.kind,
          block,
          from: a,
          to: b,
          at,
          ticks: Math.max(ends - at, 0),
          ...(step?.entry && { entry: step.entry }),
        });
      cursorTicks = ends;
    };
    let cursor = from;
    let cursorTicks = fromTicks(step);
    const wholeTicks = cut?.cut.ticks ?? block.counts * TICKS_A_COUNT;
    let counts = (wholeTicks - fromTicks(step)) / TICKS_A_COUNT + (cut?.cut.half ? 0.5 : 0);
    for (const happening of this.happenings(own, block, number)) {
      if (happening.index < cursor || happening.index > to) continue;
      const place = this.placeOf(happening.entry, block)?.ticks ?? 0;
      const begins = isKind(happening.entry, 'change') ? tickBefore(happening.entry) : place;
      stretch(cursor, happening.index, begins);
      for (const facts of happening.facts(this.standing)) add(facts);
      cursor = Math.min(Math.max(happening.until, cursor), to);
      cursorTicks = Math.max(place, begins);
    }
    if (cursor < to || pieces.length === 0 || cursorTicks < wholeTicks) stretch(cursor, to, wholeTicks);
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

  // Which lines of the plan are about a wall

  private concerns(
    { item }: PlanEntry,
    here: { number: number; time: number; block: DancedBlock; start: Facing; isLast: boolean },
  ): boolean {
    if (!('walls' in item)) return false;
    const { walls } = item;
    switch (walls.kind) {
      case 'walls':
        return walls.numbers.includes(here.number);
      case 'every':
        return here.number >= walls.first && (here.number - walls.first) % walls.step === 0;
      case 'starting':
        return walls.facing === here.start && (item.kind !== 'ending' || here.number > this.lastNamed);
      case 'part':
        return isPart(here.block, walls.part) && (walls.numbers?.includes(here.time) ?? true);
      case 'last':
        return here.isLast;
      case 'unsaid':
        return false;
    }
  }

  private cutOf(
    own: readonly PlanEntry[],
    block: DancedBlock,
    number: number,
    step: OrderStep | undefined,
  ): NonNullable<Wall['cut']> | undefined {
    let found: NonNullable<Wall['cut']> | undefined;
    for (const entry of own) {
      if (!isKind(entry, 'restart') && !isKind(entry, 'ending')) continue;
      const kind = entry.item.kind;
      const cut = this.placeOf(entry, block);
      if (!cut && (kind === 'restart' || entry.item.place)) continue;
      if (found?.entry) {
        this.problem({ kind: 'wall-twice', entry, wall: number, what: kind, other: found.entry }, `${number}`);
        continue;
      }
      const whole: Cut = { index: block.moments.length, ticks: block.counts * TICKS_A_COUNT, half: false };
      found = { kind, entry, cut: cut ?? whole };
      if (cut?.inside && !entry.item.changed && !mayBeCut(cut) && !this.isChanged(own, block, cut))
        this.problem({ kind: 'inside-call', entry, cut, block });
    }
    const said = step?.item.to;
    if (found || !step || (!said && !step.item.short)) return found;
    if (!said) {
      if (step.entry)
        this.problem(
          { kind: 'short-where', entry: step.entry, name: step.item.name, span: step.span },
          `${step.span.from}`,
        );
      return undefined;
    }
    const placed = cutAfter(block, said.count, said.and);
    if ('problem' in placed) {
      if (step.entry) this.problem({ kind: 'place-beyond', entry: step.entry, block }, `${step.span.from}`);
      return undefined;
    }
    if (placed.cut.index === block.moments.length && placed.cut.ticks === block.counts * TICKS_A_COUNT)
      return undefined;
    if (placed.cut.inside && !mayBeCut(placed.cut) && step.entry)
      this.problem({ kind: 'inside-call', entry: step.entry, cut: placed.cut, block }, `${step.span.from}`);
    return { kind: 'order', cut: placed.cut, ...(step.entry && { entry: step.entry }) };
  }

  /** A change on this wall reaches over the cut, so no call is torn there. */
  private isChanged(own: readonly PlanEntry[], block: DancedBlock, cut: Cut): boolean {
    return own.some(
      (entry) =>
        isKind(entry, 'change') && momentFrom(block, entry.item.from.count, entry.item.from.and === 'with') < cut.index,
    );
  }

  private placeOf(entry: PlanEntry, block: DancedBlock): Cut | undefined {
    let blocks = this.resolved.get(entry);
    if (!blocks) this.resolved.set(entry, (blocks = new Map()));
    let found = blocks.get(block);
    if (!found) blocks.set(block, (found = this.resolve(entry, block)));
    if (found.problem) this.problem(found.problem);
    return found.cut;
  }

  private resolve(entry: PlanEntry, block: DancedBlock): Resolved {
    const item = entry.item;
    if (!('place' in item) || !item.place)
      return item.kind === 'restart' ? { problem: { kind: 'place-unsaid', entry } } : {};
    const here = item.place.kind === 'here' && entry.block !== block.block && entry.block?.kind === 'part';
    const placed: Placed = here ? { problem: 'nowhere' } : placeCut(block, item.place, entry.afterLine);
    if ('cut' in placed) return { cut: placed.cut };
    switch (placed.problem) {
      case 'beyond':
      case 'no-section':
        return { problem: { kind: 'place-beyond', entry, block } };
      case 'figure-twice':
        return {
          problem: { kind: 'place-twice', entry, words: item.place.kind === 'words' ? item.place.words : '', block },
        };
      case 'figure-unknown':
      case 'nowhere':
        return { problem: { kind: 'place-unknown', entry } };
    }
  }

  // What happens on a wall

  /** Changes and tags inside the wall, in the order of their places. */
  private happenings(own: readonly PlanEntry[], block: DancedBlock, number: number): Happening[] {
    return own
      .flatMap((entry): Happening[] => {
        if (isKind(entry, 'change')) return this.changeOn(entry, block);
        if (!isKind(entry, 'tag') || entry.item.place.kind === 'end') return [];
        const cut = this.placeOf(entry, block);
        if (!cut) return [];
        if (cut.inside && !mayBeCut(cut)) this.problem({ kind: 'inside-call', entry, cut, block });
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
    const cut = this.placeOf(entry, block);
    if (!cut) return [];
    const index = momentFrom(block, from.count, from.and === 'with');
    const length = Math.max(cut.ticks - tickBefore(entry), TICKS_A_COUNT);
    const inserted = this.insert(entry, `${block.block.name}`, () =>
      danceInserted(this.dance.script, entry, changed, stateAt(block, index), 0, length, block),
    );
    this.tellLines(entry, changed.span, inserted);
    if (inserted.understood && inserted.end !== length)
      this.problem({
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
    const tag = this.tagBlock(entry, weight, block);
    if (!tag) return [];
    this.claim(entry, number, facing, 'tag');
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

  private tagBlock(entry: EntryOf<'tag'>, weight: Weight, block: DancedBlock): DancedBlock | undefined {
    const { tag } = entry.item;
    const { tags } = this.dance;
    if (tag.kind === 'own') {
      const inserted = this.insert(entry, weight, () =>
        danceInserted(this.dance.script, entry, tag, { ...this.dance.parts[0].before, weight }, 0, undefined, block),
      );
      this.tellLines(entry, tag.span, inserted);
      return inserted.block;
    }
    // A heading that places its tag means the one below it.
    if (entry.block?.kind === 'tag' && entry.block.headingLine === entry.line.index)
      return tags.find((own) => own.block === entry.block);
    if (tag.kind === 'only') {
      if (tags.length === 1) return tags[0];
      this.problem(
        tags.length === 0
          ? { kind: 'tag-unknown', entry, name: '', span: shiftSpan(tag.span, entry.offset) }
          : { kind: 'tag-which', entry },
      );
      return undefined;
    }
    const wanted = tag.text.toLowerCase();
    const found =
      tags.find(({ block: own }) => own.name.toLowerCase() === wanted) ??
      (tags.length === 1 && tags[0].block.name === '' ? tags[0] : undefined);
    if (!found) this.problem({ kind: 'tag-unknown', entry, name: tag.text, span: shiftSpan(tag.span, entry.offset) });
    return found;
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
      const inserted = this.insert(entry, `${block.block.name} ${before.weight}`, () =>
        changed
          ? danceInserted(this.dance.script, entry, changed, before, cut.ticks, undefined, block)
          : endingBlock(ending as NonNullable<typeof ending>, before, cut.ticks, block),
      );
      if (changed) this.tellLines(entry, changed.span, inserted);
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
    this.claim(entry, number, this.standing.facing, kind);
    return length;
  }

  private insert(entry: PlanEntry, key: string, dance: () => Inserted): Inserted {
    let own = this.inserted.get(entry);
    if (!own) this.inserted.set(entry, (own = new Map()));
    let found = own.get(key);
    if (!found) own.set(key, (found = dance()));
    return found;
  }

  // What is told

  private problem(problem: PlanProblem, place = ''): void {
    const { from } = 'span' in problem ? problem.span : problem.entry.item.span;
    this.problems.set(`${problem.kind} ${problem.entry.offset} ${from} ${place}`, problem);
  }

  private tellLines(entry: PlanEntry, span: Span, { understood }: Inserted): void {
    if (!understood) this.problem({ kind: 'lines-not-understood', entry, span: shiftSpan(span, entry.offset) });
  }

  private claim(entry: PlanEntry, wall: number, computed: Facing, moment: FacingClaim['moment']): void {
    const { item } = entry;
    if (!('facings' in item) || item.facings.length === 0) return;
    const numbers = item.walls.kind === 'walls' ? item.walls.numbers : [wall];
    const own = item.facings.length > 1 ? item.facings[numbers.indexOf(wall)] : item.facings[0];
    if (own)
      this.claims.push({ entry, wall, said: own.facing, computed, moment, span: shiftSpan(own.span, entry.offset) });
  }

  private notesOf(own: readonly PlanEntry[], number: number, { sections }: DancedBlock): WallNote[] {
    const planned = own.flatMap(({ item, line }) =>
      item.kind === 'note' ? [{ text: item.text, line: line.index }] : [],
    );
    const written = sections.flatMap(({ lines }) =>
      lines.flatMap(({ line }) =>
        (line.step?.marks.notes ?? []).flatMap(({ walls, text }) =>
          walls.includes(number) ? [{ text, line: line.index }] : [],
        ),
      ),
    );
    return [...planned, ...written];
  }

  /** Lines of the plan that no wall took up, and why. */
  private tellUnplaced(): void {
    const last = this.walls.reduce((most, { number }) => Math.max(most, number), 0);
    const complete = this.ended || this.order !== undefined;
    for (const entry of this.entries) {
      const { item } = entry;
      if (item.kind === 'unread') this.problem({ kind: 'not-understood', entry });
      if (!('walls' in item)) continue;
      const { walls } = item;
      if (walls.kind === 'unsaid') this.problem({ kind: 'wall-unsaid', entry });
      else if (walls.kind === 'walls') {
        const beyond = walls.numbers.find((number) => number > (complete && last > 0 ? last : MOST_WALLS));
        if (beyond !== undefined && last > 0) this.problem({ kind: 'wall-beyond', entry, wall: beyond, last });
      } else if (walls.kind === 'part') this.tellPart(entry, walls);
      else if (walls.kind === 'last' && !this.order) this.problem({ kind: 'wall-unsaid', entry });
      if (!this.used.has(entry) && item.kind === 'restart' && !item.place)
        this.problem({ kind: 'place-unsaid', entry });
    }
    for (const { entry, span, name } of unknownNames(this.dance))
      this.problem({ kind: 'part-unknown', entry, span, name });
    this.tellTwice();
  }

  private tellPart(entry: PlanEntry, walls: WallPick & { kind: 'part' }): void {
    if (this.used.has(entry)) return;
    const times = this.walls.filter(
      ({ kind, part }) => kind === 'part' && part.toLowerCase() === walls.part.toLowerCase(),
    ).length;
    if (times > 0 && walls.numbers)
      this.problem({ kind: 'wall-beyond', entry, wall: Math.max(...walls.numbers), last: times });
    else this.problem({ kind: 'part-unknown', entry, name: walls.part, span: shiftSpan(walls.span, entry.offset) });
  }

  /** The same tag at the same place of one wall, said twice. */
  private tellTwice(): void {
    for (const { number, pieces } of this.walls) {
      const tags = pieces.filter(({ kind }) => kind === 'tag');
      for (const [index, { block, at, entry }] of tags.entries()) {
        const other = tags
          .slice(0, index)
          .find((own) => own.block.block === block.block && own.at === at && own.entry !== entry);
        if (entry && other?.entry)
          this.problem({ kind: 'wall-twice', entry, wall: number, what: 'tag', other: other.entry }, `${number}`);
      }
    }
  }
}

const isPart = ({ block }: DancedBlock, name: string): boolean => block.name.toLowerCase() === name.toLowerCase();

const fromTicks = (step: OrderStep | undefined): number => ((step?.item.from ?? 1) - 1) * TICKS_A_COUNT;

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

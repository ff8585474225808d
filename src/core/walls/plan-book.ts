/** What the lines of a plan come to on a dance: their places, tags and steps, each worked out once; and what of them can't be done. */
import type { Dance, DancedBlock } from '../dancing/dance';
import { placeCut, type Cut, type Placed } from '../dancing/places';
import type { Weight } from '../model/feet';
import type { Span } from '../model/text';
import { shiftSpan } from '../model/text';
import type { Facing } from '../model/turns';
import type { PlanItem } from '../grammar/plan';
import type { PlanEntry } from '../reading/script';
import { danceInserted, type Inserted } from './pieces';
import type { FacingClaim, PlanProblem } from './problems';

export type EntryOf<K extends PlanItem['kind']> = PlanEntry & { readonly item: Extract<PlanItem, { kind: K }> };

export const isKind = <K extends PlanItem['kind']>(entry: PlanEntry, kind: K): entry is EntryOf<K> =>
  entry.item.kind === kind;

interface Resolved {
  readonly cut?: Cut;
  readonly problem?: PlanProblem;
}

export class PlanBook {
  readonly problems = new Map<string, PlanProblem>();
  readonly claims: FacingClaim[] = [];
  private readonly resolved = new Map<PlanEntry, Map<DancedBlock, Resolved>>();
  private readonly inserted = new Map<PlanEntry, Map<string, Inserted>>();

  constructor(private readonly dance: Dance) {}

  placeOf(entry: PlanEntry, block: DancedBlock): Cut | undefined {
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

  tagBlock(entry: EntryOf<'tag'>, weight: Weight, block: DancedBlock): DancedBlock | undefined {
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

  insert(entry: PlanEntry, key: string, dance: () => Inserted): Inserted {
    let own = this.inserted.get(entry);
    if (!own) this.inserted.set(entry, (own = new Map()));
    let found = own.get(key);
    if (!found) own.set(key, (found = dance()));
    return found;
  }

  problem(problem: PlanProblem, place = ''): void {
    const { from } = 'span' in problem ? problem.span : problem.entry.item.span;
    this.problems.set(`${problem.kind} ${problem.entry.offset} ${from} ${place}`, problem);
  }

  tellLines(entry: PlanEntry, span: Span, { understood }: Inserted): void {
    if (!understood) this.problem({ kind: 'lines-not-understood', entry, span: shiftSpan(span, entry.offset) });
  }

  claim(entry: PlanEntry, wall: number, computed: Facing, moment: FacingClaim['moment']): void {
    const { item } = entry;
    if (!('facings' in item) || item.facings.length === 0) return;
    const numbers = item.walls.kind === 'walls' ? item.walls.numbers : [wall];
    const own = item.facings.length > 1 ? item.facings[numbers.indexOf(wall)] : item.facings[0];
    if (own)
      this.claims.push({ entry, wall, said: own.facing, computed, moment, span: shiftSpan(own.span, entry.offset) });
  }
}

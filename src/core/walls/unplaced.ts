/** Lines of the plan that no wall took up, and why; and the same thing said twice. */
import { shiftSpan } from '../model/text';
import type { WallPick } from '../grammar/plan-places';
import type { PlanEntry } from '../reading/script';
import { unknownNames, type Order } from './order';
import type { Dance } from '../dancing/dance';
import type { PlanBook } from './plan-book';
import { MOST_WALLS, type Wall } from './wall';
import { greatest } from '../model/numbers';

export interface LaidWalls {
  readonly dance: Dance;
  readonly walls: readonly Wall[];
  readonly order?: Order;
  readonly ended: boolean;
  readonly used: ReadonlySet<PlanEntry>;
}

export function tellUnplaced({ dance, walls, order, ended, used }: LaidWalls, book: PlanBook): void {
  const last = walls.reduce((most, { number }) => Math.max(most, number), 0);
  const complete = ended || order !== undefined;
  for (const entry of dance.script.plan) {
    const { item } = entry;
    if (item.kind === 'unread') book.problem({ kind: 'not-understood', entry });
    if (!('walls' in item)) continue;
    const pick = item.walls;
    if (pick.kind === 'unsaid') book.problem({ kind: 'wall-unsaid', entry });
    else if (pick.kind === 'walls') {
      const beyond = pick.numbers.find((number) => number > (complete && last > 0 ? last : MOST_WALLS));
      if (beyond !== undefined && last > 0) book.problem({ kind: 'wall-beyond', entry, wall: beyond, last });
    } else if (pick.kind === 'part' && !used.has(entry)) tellPart(walls, entry, pick, book);
    else if (pick.kind === 'last' && !order) book.problem({ kind: 'wall-unsaid', entry });
    if (!used.has(entry) && item.kind === 'restart' && !item.place) book.problem({ kind: 'place-unsaid', entry });
  }
  for (const { entry, span, name } of unknownNames(dance)) book.problem({ kind: 'part-unknown', entry, span, name });
  tellTwice(walls, book);
}

function tellPart(walls: readonly Wall[], entry: PlanEntry, pick: WallPick & { kind: 'part' }, book: PlanBook): void {
  const times = walls.filter(
    ({ kind, part }) => kind === 'part' && part.toLowerCase() === pick.part.toLowerCase(),
  ).length;
  if (times > 0 && pick.numbers)
    book.problem({ kind: 'wall-beyond', entry, wall: greatest(pick.numbers), last: times });
  else book.problem({ kind: 'part-unknown', entry, name: pick.part, span: shiftSpan(pick.span, entry.offset) });
}

/** The same tag at the same place of one wall, said twice. */
function tellTwice(walls: readonly Wall[], book: PlanBook): void {
  for (const { number, pieces } of walls) {
    const tags = pieces.filter(({ kind }) => kind === 'tag');
    for (const [index, { block, at, entry }] of tags.entries()) {
      const other = tags
        .slice(0, index)
        .find((own) => own.block.block === block.block && own.at === at && own.entry !== entry);
      if (entry && other?.entry)
        book.problem({ kind: 'wall-twice', entry, wall: number, what: 'tag', other: other.entry }, `${number}`);
    }
  }
}

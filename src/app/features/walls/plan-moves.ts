/** What a command, a press or a drag on the picture does to the text: edits, worked out from the study as it stands. */
import {
  addToPlan,
  endingLine,
  moveInPlan,
  placesOnWall,
  removeFromPlan,
  restartLine,
  tagLine,
  wallTable,
  type Edit,
  type PlaceOnWall,
  type PlanEntry,
  type Study,
  type WallRow,
} from '../../../core';
import type { Drop } from './dragging';
import type { WallCommandId } from './wall-commands';

export interface Here {
  readonly study: Study;
  readonly row: WallRow;
  readonly place: PlaceOnWall;
  readonly places: readonly PlaceOnWall[];
  readonly lastWall: number;
}

const entryAt = ({ script }: Study, index: number | undefined): PlanEntry | undefined =>
  index === undefined ? undefined : script.plan[index];

/** The restart, ending or tag of the wall that the keys are about: the cut, else the tag at the place, else its only tag. */
function plannedHere({ study, row, place }: Here): PlanEntry | undefined {
  const cut = row.cut?.kind === 'order' ? undefined : entryAt(study, row.cut?.entry);
  if (cut) return cut;
  const tags = row.bands.filter(({ kind, entry }) => kind === 'tag' && entry !== undefined);
  const there = tags.find((band) => entryPlace(entryAt(study, band.entry)) === place.count) ?? tags[tags.length - 1];
  return entryAt(study, there?.entry);
}

/** Longer than songs are. */
const MOST_DANCED = 16;

/** Walls that dance a line of the plan. */
const dancedOn = ({ dance }: Study, entry: PlanEntry): number[] =>
  wallTable(dance, MOST_DANCED).flatMap(({ number, entries }) => (entries.includes(entry) ? [number] : []));

const endsOn = ({ item }: PlanEntry): number | undefined =>
  'walls' in item && item.walls.kind === 'walls' ? item.walls.numbers[0] : undefined;

function entryPlace(entry: PlanEntry | undefined): number | undefined {
  const item = entry?.item;
  return item && 'place' in item && item.place?.kind === 'count' && item.place.section === undefined
    ? item.place.count
    : undefined;
}

export function canRun(here: Here, id: WallCommandId): boolean {
  const { row, place, study, places, lastWall } = here;
  const planned = plannedHere(here);
  const cut = row.cut !== undefined && row.cut.kind !== 'order';
  switch (id) {
    case 'restart':
      return row.cut === undefined && place.count < places.length;
    case 'tag':
      return study.dance.tags.length > 0;
    case 'end':
      return row.cut?.kind !== 'ending';
    case 'earlier':
    case 'later':
      return cut && planned !== undefined && neighbour(here, row.cut?.count ?? 0, id) !== undefined;
    case 'wall-before':
      return planned !== undefined && row.number > 1;
    case 'wall-after':
      return planned !== undefined && row.number < lastWall;
    case 'remove':
      return planned !== undefined;
  }
}

/** The next place, before or after a count, where a cut tears nothing. */
export function neighbour(
  { places }: Pick<Here, 'places'>,
  count: number,
  way: 'earlier' | 'later',
): number | undefined {
  const clean = places.filter((place) => place.clean);
  return way === 'earlier'
    ? clean.findLast((place) => place.count < count)?.count
    : clean.find((place) => place.count > count)?.count;
}

/** Edits for a command; and the wall that is looked at afterwards. */
export function commandEdits(
  here: Here,
  id: WallCommandId,
  chosenTag = 0,
): { readonly edits: readonly Edit[]; readonly wall?: number; readonly count?: number } {
  const { study, row, place } = here;
  const { script, dance } = study;
  const planned = plannedHere(here);
  switch (id) {
    case 'restart':
      return { edits: addToPlan(script, restartLine(row.number, { count: place.count })) };
    case 'tag': {
      const atEnd = place.count >= (here.places[here.places.length - 1]?.count ?? 0) || place.count >= row.counts;
      const tag = dance.tags[chosenTag] ?? dance.tags[0];
      return { edits: addToPlan(script, tagLine(row.number, tag?.block.name ?? '', atEnd ? undefined : place.count)) };
    }
    case 'end': {
      const old = script.plan.find(({ item, line }) => item.kind === 'ending' && line.kind === 'plan');
      if (old)
        return {
          edits: moveInPlan(old, endsOn(old) ?? row.number, { wall: row.number, place: { count: place.count } }),
        };
      return { edits: addToPlan(script, endingLine(row.number, place.count)) };
    }
    case 'earlier':
    case 'later': {
      const count = neighbour(here, row.cut?.count ?? 0, id);
      if (!planned || count === undefined) return { edits: [] };
      return { edits: moveInPlan(planned, row.number, { place: { count } }, dancedOn(study, planned)), count };
    }
    case 'wall-before':
    case 'wall-after': {
      const wall = row.number + (id === 'wall-before' ? -1 : 1);
      return planned
        ? { edits: moveInPlan(planned, row.number, { wall }, dancedOn(study, planned)), wall }
        : { edits: [] };
    }
    case 'remove':
      return { edits: planned ? removeFromPlan(script, planned, row.number, dancedOn(study, planned)) : [] };
  }
}

/** A cut goes to the nearest place that tears nothing; a tag keeps its place, on another wall. */
export function dropEdits(
  study: Study,
  { dragged, wall, beat }: Drop,
  countAt: (wall: number, beat: number) => number,
): readonly Edit[] {
  const entry = study.script.plan[dragged.entry];
  if (!entry) return [];
  if (dragged.kind === 'tag')
    return wall === dragged.wall ? [] : moveInPlan(entry, dragged.wall, { wall }, dancedOn(study, entry));
  const places = placesOnWall(study.dance, wall).filter(({ clean }) => clean);
  const wanted = countAt(wall, beat);
  const count = places.reduce(
    (best, place) => (Math.abs(place.count - wanted) < Math.abs(best - wanted) ? place.count : best),
    places[0]?.count ?? wanted,
  );
  const item = entry.item;
  const now =
    'place' in item && item.place?.kind === 'count' && item.place.section === undefined ? item.place.count : undefined;
  if (wall === dragged.wall && count === now) return [];
  return moveInPlan(entry, dragged.wall, { wall, ...(count !== now && { place: { count } }) }, dancedOn(study, entry));
}

/** An evening of a group, planned as the log and the shelf stand. */
import {
  planEvening,
  statedPlace,
  usualPlace,
  type ClassGroup,
  type Day,
  type Evening,
  type EveningOrder,
  type EveningStep,
  type LevelScale,
} from '../../../core';

/** Where nothing is said of a group's level. */
const USUAL_PLACE = 1;

/** The level a group is at, a place on the usual scale. */
function placeOfGroup({ level }: Pick<ClassGroup, 'level'>, scale: LevelScale): number {
  const place = statedPlace(level, scale);
  return place === undefined ? USUAL_PLACE : usualPlace(place, scale);
}

export const stepsFor = (order: Omit<EveningOrder, 'place'>, scale: LevelScale): EveningStep[] =>
  planEvening({ ...order, place: placeOfGroup(order.group, scale) });

export const eveningOf = (group: ClassGroup, date: Day, steps: readonly EveningStep[]): Omit<Evening, 'id'> => ({
  groupId: group.id,
  groupName: group.name,
  place: group.place,
  date,
  meeting: date,
  time: group.time,
  minutes: group.minutes,
  state: 'planned',
  steps,
  notes: [],
  words: '',
});

/** An evening of a group, planned as the log and the shelf stand. */
import {
  planEvening,
  statedPlace,
  usualPlace,
  type ClassGroup,
  type Day,
  type Evening,
  type EveningStep,
  type LevelScale,
  type PlanFacts,
} from '../../../core';

/** Where nothing is said of a group's level. */
const USUAL_PLACE = 1;

/** The level a group is at, a place on the usual scale. */
function placeOfGroup({ level }: Pick<ClassGroup, 'level'>, scale: LevelScale): number {
  const place = statedPlace(level, scale);
  return place === undefined ? USUAL_PLACE : usualPlace(place, scale);
}

export const stepsFor = (group: ClassGroup, evenings: readonly Evening[], dances: readonly PlanFacts[], date: Day, minutes: number, scale: LevelScale): EveningStep[] =>
  planEvening({ group, evenings, dances, date, minutes, place: placeOfGroup(group, scale) }); // prettier-ignore

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
  requests: [],
  words: '',
});

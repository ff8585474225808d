/** What a record may be and how much it may hold, by kind. Whatever enters is checked by it, and what is read of classes. */
import { array, boolean, number, object, string, type InferType, type Schema } from 'yup';
import { EVENING_STATES, isClock, isDay, STEP_KINDS } from '../core';

/** Letters. */
const MOST_LETTERS = 5_000_000;
const MOST_WORDS = 40_000;
const MOST_NAME = 2000;

const words = (most: number) => string().strict().defined().max(most);
const name = words(MOST_NAME);
const many = <T>(shape: Schema<T>, most: number) => array(shape).required().max(most);

/** Part of an address, of a calendar's line and of a key: no sign that means something there. */
const id = string().strict().required().matches(/^[\w-][\w.-]{0,99}$/); // prettier-ignore
/** Whatever another record may be called: the log names dances that are gone. */
const reference = string().strict().min(1).max(MOST_NAME);
const time = number().strict().required().min(0).max(1e15);
const stamps = { createdAt: time, changedAt: time };
const day = string().strict().defined().test((value) => isDay(value)); // prettier-ignore
const perhapsDay = string().strict().optional().test((value) => value === undefined || isDay(value)); // prettier-ignore
const clock = string().strict().defined().test((value) => isClock(value)); // prettier-ignore
const whole = (least: number, most: number) => number().strict().integer().required().min(least).max(most);
const minutes = whole(0, 1440);
const count = whole(0, 10_000);

/** @public */
export const keptDance = object({ id, text: words(MOST_LETTERS), ...stamps, tags: many(words(80), 200) });

/** @public */
export const keptRevision = object({ danceId: id, text: words(MOST_LETTERS), from: time, at: time, name });

/** @public */
export const keptSource = object({ id, name, kind: name, text: words(MOST_LETTERS), importedAt: time });

/** @public */
export const keptGroup = object({
  id,
  name,
  place: name,
  from: day,
  every: whole(1, 52),
  time: clock,
  minutes,
  level: name,
  notes: words(MOST_WORDS),
  forbids: many(words(80), 100),
  intervals: many(number().strict().required().min(1).max(520), 20),
  ...stamps,
});

const step = object({
  id: reference.defined(),
  kind: string().strict().oneOf(STEP_KINDS).required(),
  minutes,
  words: words(2000),
  why: words(2000),
  danceId: reference.optional(),
  title: name.optional(),
  sections: many(count, 500),
  inPlace: array(words(2000)).max(200),
  cautions: many(words(2000), 100),
  isDone: boolean().strict().required(),
});

const note = object({
  danceId: reference.defined(),
  title: name,
  sections: many(count, 500),
  of: count,
  walls: count,
  inPlace: many(words(2000), 200),
  music: boolean().strict().required(),
  tripped: many(object({ words: words(4000), section: count }), 500),
  handedOut: name.optional(),
});

const asking = {
  id: reference.defined(),
  title: name,
  danceId: reference.optional(),
  who: name,
  by: perhapsDay,
  isSettled: boolean().strict().required(),
};

/** @public */
export const keptRequest = object({ ...asking, id, groupId: id, asked: day, ...stamps });

/** @public */
export const keptEvening = object({
  id,
  groupId: id,
  groupName: name,
  place: name,
  date: day,
  meeting: perhapsDay,
  time: clock,
  minutes,
  state: string().strict().oneOf(EVENING_STATES).required(),
  steps: many(step, 200),
  notes: many(note, 200),
  /** Of before they belonged to a group and a day. */
  requests: array(object(asking)).max(500),
  words: words(MOST_WORDS),
  ...stamps,
});

const seconds = number().strict().required().min(0).max(1e5);
const rate = number().strict().required().min(0).max(2000);

const heard = object({
  bpm: rate,
  firstBeat: seconds,
  beats: many(seconds, 20_000),
  confidence: number().strict().required().min(0).max(1),
  changes: many(object({ at: seconds, bpm: rate }), 20_000),
  pauses: many(object({ at: seconds, beats: seconds }), 20_000),
  others: many(rate, 100),
  seconds,
}).required();

const recording = {
  id,
  name,
  kind: name,
  addedAt: time,
  byBand: boolean().strict().required(),
  level: number().oneOf([0.5, 1, 2]).required(),
  heard,
};

/** One recording of a backup. @public */
export const keptRecording = object({ ...recording, peaks: string().strict().defined(), bytes: string().strict().required() }); // prettier-ignore

export type KeptGroup = InferType<typeof keptGroup>;
export type KeptEvening = InferType<typeof keptEvening>;
export type KeptRequest = InferType<typeof keptRequest>;

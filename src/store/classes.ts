/**
 * Groups that are taught and their evenings. Every change reads what is there and writes one thing of it, in one transaction, so that
 * two tabs that note on the same evening don't take each other's words away. What is deleted stays for a while, as dances do.
 */
import { liveQuery } from 'dexie';
import { array, boolean, number, object, string, type InferType } from 'yup';
import { byDate, EVENING_STATES, isDay, STEP_KINDS, type ClassGroup, type Evening } from '../core';
import { timeNow } from './clock';
import { database, type SlateDatabase } from './database';
import type { DanceRecord, EveningRecord, GroupRecord, RevisionRecord } from './records';
import { mergeRevisions } from './revisions';

export interface Classes {
  readonly groups: readonly GroupRecord[];
  /** Of all groups, also of those that are gone; by date. */
  readonly evenings: readonly EveningRecord[];
}

export async function findClasses(db: SlateDatabase = database): Promise<Classes> {
  const [groups, evenings] = await Promise.all([db.groups.toArray(), db.evenings.toArray()]);
  return {
    groups: groups.filter(({ deletedAt }) => deletedAt === 0).sort((a, b) => a.createdAt - b.createdAt),
    evenings: evenings.filter(({ deletedAt }) => deletedAt === 0).sort(byDate),
  };
}

/** Calls back now and after every change, in this tab or another. Returns the way to stop. */
export function watchClasses(onClasses: (classes: Classes) => void): () => void {
  const subscription = liveQuery(() => findClasses()).subscribe({ next: onClasses, error: () => undefined });
  return () => subscription.unsubscribe();
}

const fresh = () => ({ createdAt: timeNow(), changedAt: timeNow(), deletedAt: 0 });

export async function addGroup(group: Omit<ClassGroup, 'id'>, db: SlateDatabase = database): Promise<GroupRecord> {
  const record: GroupRecord = { ...group, id: crypto.randomUUID(), ...fresh() };
  await db.groups.add(record);
  return record;
}

export const changeGroup = (id: string, change: Partial<Omit<ClassGroup, 'id'>>, db: SlateDatabase = database): Promise<void> =>
  db.transaction('rw', db.groups, async () => {
    const group = await db.groups.get(id);
    if (group) await db.groups.put({ ...group, ...change, changedAt: timeNow() });
  }); // prettier-ignore

/** Its evenings stay: they are the log. */
export const deleteGroup = (id: string, db: SlateDatabase = database): Promise<unknown> =>
  db.groups.update(id, { deletedAt: timeNow() });

export const restoreGroup = (id: string, db: SlateDatabase = database): Promise<unknown> =>
  db.groups.update(id, { deletedAt: 0 });

export async function addEvening(evening: Omit<Evening, 'id'>, db: SlateDatabase = database): Promise<EveningRecord> {
  const record: EveningRecord = { ...evening, id: crypto.randomUUID(), ...fresh() };
  await db.evenings.add(record);
  return record;
}

/** `change` gets the evening as it is kept now, whichever tab wrote last. False where it is gone. */
export const changeEvening = (id: string, change: (evening: Evening) => Partial<Omit<Evening, 'id'>>, db: SlateDatabase = database): Promise<boolean> =>
  db.transaction('rw', db.evenings, async () => {
    const evening = await db.evenings.get(id);
    if (!evening || evening.deletedAt > 0) return false;
    await db.evenings.put({ ...evening, ...change(evening), changedAt: timeNow() });
    return true;
  }); // prettier-ignore

export const deleteEvening = (id: string, db: SlateDatabase = database): Promise<unknown> =>
  db.evenings.update(id, { deletedAt: timeNow() });

export const restoreEvening = (id: string, db: SlateDatabase = database): Promise<unknown> =>
  db.evenings.update(id, { deletedAt: 0 });

/** What a season brings: revisions are those that were handed out in it. */
export interface Season {
  readonly groups: readonly ClassGroup[];
  readonly evenings: readonly Evening[];
  readonly revisions: readonly Omit<RevisionRecord, 'key'>[];
}

/** Puts the boathouse's season there the first time, and never again by itself; `again` where somebody asks for it. */
export const addDemoSeason = (makeSeason: (dances: readonly DanceRecord[]) => Season | undefined, again = false, db: SlateDatabase = database): Promise<void> =>
  db.transaction('rw', [db.meta, db.groups, db.evenings, db.dances, db.revisions], async () => {
    if (!again && ((await db.meta.get(SEASON_ADDED)) ?? (await db.groups.count()) > 0)) return;
    const season = makeSeason(await db.dances.where('deletedAt').equals(0).toArray());
    if (!season) return;
    await db.meta.put({ key: SEASON_ADDED, value: true });
    await db.groups.bulkPut(season.groups.map((group) => ({ ...group, ...fresh() })));
    await db.evenings.bulkPut(season.evenings.map((evening) => ({ ...evening, ...fresh() })));
    for (const revision of season.revisions) await mergeRevisions(revision.danceId, [revision], db);
  }); // prettier-ignore

const SEASON_ADDED = 'season-added';

// In a backup

const text = string().strict().defined();
const time = number().strict().required().min(0).max(1e15);
const day = text.test((value) => isDay(value));
const clock = text.matches(/^\d{2}:\d{2}$/);
const minutes = number().strict().integer().required().min(0).max(1440);
const count = number().strict().integer().required().min(0).max(10_000);
const stamps = { createdAt: time, changedAt: time };

/** @public */
export const keptGroup = object({
  id: text.min(1),
  name: text,
  place: text,
  from: day,
  every: number().strict().integer().required().min(1).max(52),
  time: clock,
  minutes,
  level: text,
  notes: text,
  forbids: array(text).required(),
  intervals: array(number().strict().required().min(1).max(520)).required().max(20),
  ...stamps,
});

const step = object({
  id: text,
  kind: string().strict().oneOf(STEP_KINDS).required(),
  minutes,
  words: text,
  why: text,
  danceId: string().strict().optional(),
  title: string().strict().optional(),
  sections: array(count).required(),
  inPlace: array(text).optional(),
  cautions: array(text).required(),
  isDone: boolean().strict().required(),
});

const note = object({
  danceId: text,
  title: text,
  sections: array(count).required(),
  of: count,
  walls: count,
  inPlace: array(text).required(),
  music: boolean().strict().required(),
  tripped: array(object({ words: text, section: count })).required(),
  handedOut: string().strict().optional(),
});

const request = object({
  id: text,
  title: text,
  danceId: string().strict().optional(),
  who: text,
  by: string().strict().optional().test((value) => value === undefined || isDay(value)),
  isSettled: boolean().strict().required(),
}); // prettier-ignore

/** @public */
export const keptEvening = object({
  id: text.min(1),
  groupId: text,
  groupName: text,
  place: text,
  date: day,
  meeting: string()
    .strict()
    .optional()
    .test((value) => value === undefined || isDay(value)),
  time: clock,
  minutes,
  state: string().strict().oneOf(EVENING_STATES).required(),
  steps: array(step).required(),
  notes: array(note).required(),
  requests: array(request).required(),
  words: text,
  ...stamps,
});

export type KeptGroup = InferType<typeof keptGroup>;
export type KeptEvening = InferType<typeof keptEvening>;

/** All of them that are not deleted. */
export async function classesForBackup(db: SlateDatabase): Promise<{ groups: unknown[]; evenings: unknown[] }> {
  const { groups, evenings } = await findClasses(db);
  const plain = <T extends { readonly deletedAt: number }>({ deletedAt: _, ...record }: T): unknown => record;
  return { groups: groups.map(plain), evenings: evenings.map(plain) };
}

/** What is not here comes in; of what is here as well the newer state stands, with everything of the older one that it lacks. */
export const restoreClasses = (groups: readonly KeptGroup[], evenings: readonly KeptEvening[], db: SlateDatabase): Promise<void> =>
  db.transaction('rw', db.groups, db.evenings, async () => {
    for (const group of groups) {
      const here = await db.groups.get(group.id);
      if (!here || here.deletedAt > 0 || here.changedAt < group.changedAt) await db.groups.put({ ...group, deletedAt: 0 });
    }
    for (const evening of evenings as readonly Omit<EveningRecord, 'deletedAt'>[]) {
      const here = await db.evenings.get(evening.id);
      if (!here || here.deletedAt > 0) await db.evenings.put({ ...evening, deletedAt: 0 });
      else if (here.changedAt < evening.changedAt) await db.evenings.put({ ...withAllOf(evening, here), deletedAt: 0 });
      else await db.evenings.put({ ...withAllOf(here, evening), deletedAt: 0 });
    }
  }); // prettier-ignore

type Merged = Omit<EveningRecord, 'deletedAt'>;

function withAllOf(newer: Merged, older: Merged): Merged {
  const lacking = <T>(own: readonly T[], others: readonly T[], keyOf: (one: T) => string): T[] => {
    const keys = new Set(own.map(keyOf));
    return [...own, ...others.filter((one) => !keys.has(keyOf(one)))];
  };
  return {
    ...newer,
    notes: lacking(newer.notes, older.notes, ({ danceId }) => danceId),
    requests: lacking(newer.requests, older.requests, ({ id }) => id),
    words: newer.words.includes(older.words) ? newer.words : `${newer.words}\n${older.words}`,
  };
}

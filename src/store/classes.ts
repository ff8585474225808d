/**
 * Groups that are taught and their evenings. Every change reads what is there and writes one thing of it, in one transaction, so that
 * two tabs that note on the same evening don't take each other's words away. What is deleted stays for a while, as dances do.
 */
import { liveQuery } from 'dexie';
import { byDate, type ClassGroup, type Evening, type Request } from '../core';
import { timeNow } from './clock';
import { database, type SlateDatabase } from './database';
import type { DanceRecord, EveningRecord, GroupRecord, RequestRecord, RevisionRecord } from './records';
import { mergeRevisions } from './revisions';
import type { KeptEvening, KeptGroup, KeptRequest } from './shapes';
import { soundOnes } from './soundness';

export interface Classes {
  readonly groups: readonly GroupRecord[];
  /** Of all groups, also of those that are gone; by date. */
  readonly evenings: readonly EveningRecord[];
  /** Of all groups, by the day on which they were said. */
  readonly requests: readonly RequestRecord[];
}

export async function findClasses(db: SlateDatabase = database): Promise<Classes> {
  const [groups, evenings, requests] = await Promise.all([db.groups.toArray(), db.evenings.toArray(), db.requests.toArray()]);
  const standing = <T extends { readonly deletedAt: number }>(records: readonly T[]): T[] => records.filter(({ deletedAt }) => deletedAt === 0);
  return {
    groups: standing(soundOnes('groups', groups)).sort((a, b) => a.createdAt - b.createdAt),
    evenings: standing(soundOnes('evenings', evenings)).sort(byDate),
    requests: standing(soundOnes('requests', requests)).sort((a, b) => a.asked.localeCompare(b.asked) || a.createdAt - b.createdAt),
  };
} // prettier-ignore

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

/** `change` gets the group as it is kept now, whichever tab wrote last. */
export const changeGroup = (id: string, change: (group: ClassGroup) => Partial<Omit<ClassGroup, 'id'>>, db: SlateDatabase = database): Promise<void> =>
  db.transaction('rw', db.groups, async () => {
    const group = await db.groups.get(id);
    if (group) await db.groups.put({ ...group, ...change(group), changedAt: timeNow() });
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

/** Noted on a day, for a group. */
export async function addRequest(request: Omit<Request, 'id'>, db: SlateDatabase = database): Promise<RequestRecord> {
  const record: RequestRecord = { ...request, id: crypto.randomUUID(), ...fresh() };
  await db.requests.add(record);
  return record;
}

/** Somebody said it is done with, or not after all. */
export const settleRequest = (id: string, isSettled: boolean, db: SlateDatabase = database): Promise<unknown> =>
  db.requests.update(id, { isSettled, changedAt: timeNow() });

/** What a season brings: revisions are those that were handed out in it. */
export interface Season {
  readonly groups: readonly ClassGroup[];
  readonly evenings: readonly Evening[];
  readonly requests: readonly Request[];
  readonly revisions: readonly Omit<RevisionRecord, 'key'>[];
}

/** Puts the boathouse's season there the first time, and never again by itself; `again` where somebody asks for it. */
export const addDemoSeason = (makeSeason: (dances: readonly DanceRecord[]) => Season | undefined, again = false, db: SlateDatabase = database): Promise<void> =>
  db.transaction('rw', [db.meta, db.groups, db.evenings, db.requests, db.dances, db.revisions], async () => {
    if (!again && ((await db.meta.get(SEASON_ADDED)) ?? (await db.groups.count()) > 0)) return;
    const season = makeSeason(await db.dances.where('deletedAt').equals(0).toArray());
    if (!season) return;
    await db.meta.put({ key: SEASON_ADDED, value: true });
    await db.groups.bulkPut(season.groups.map((group) => ({ ...group, ...fresh() })));
    await db.evenings.bulkPut(season.evenings.map((evening) => ({ ...evening, ...fresh() })));
    await db.requests.bulkPut(season.requests.map((request) => ({ ...request, ...fresh() })));
    for (const revision of season.revisions) await mergeRevisions(revision.danceId, [revision], db);
  }); // prettier-ignore

const SEASON_ADDED = 'season-added';

// In a backup

/** What a backup holds of classes. */
export interface KeptClasses {
  readonly groups: readonly KeptGroup[];
  readonly evenings: readonly KeptEvening[];
  readonly requests: readonly KeptRequest[];
}

/** All of them that are not deleted. */
export async function classesForBackup(db: SlateDatabase): Promise<Readonly<Record<keyof KeptClasses, unknown[]>>> {
  const { groups, evenings, requests } = await findClasses(db);
  const plain = <T extends { readonly deletedAt: number }>({ deletedAt: _, ...record }: T): unknown => record;
  return { groups: groups.map(plain), evenings: evenings.map(plain), requests: requests.map(plain) };
}

/** What is not here comes in; of what is here as well the newer state stands, with everything of the older one that it lacks. */
export const restoreClasses = ({ groups, evenings, requests }: KeptClasses, db: SlateDatabase): Promise<void> =>
  db.transaction('rw', db.groups, db.evenings, db.requests, async () => {
    for (const group of groups) {
      const here = await db.groups.get(group.id);
      if (!here || here.deletedAt > 0 || here.changedAt < group.changedAt) await db.groups.put({ ...group, deletedAt: 0 });
    }
    for (const { requests: _, ...evening } of evenings as readonly (Merged & { requests?: unknown })[]) {
      const here = await db.evenings.get(evening.id);
      if (!here || here.deletedAt > 0) await db.evenings.put({ ...evening, deletedAt: 0 });
      else if (here.changedAt < evening.changedAt) await db.evenings.put({ ...withAllOf(evening, here), deletedAt: 0 });
      else await db.evenings.put({ ...withAllOf(here, evening), deletedAt: 0 });
    }
    for (const request of requests as readonly Omit<RequestRecord, 'deletedAt'>[]) {
      const here = await db.requests.get(request.id);
      if (!here || here.deletedAt > 0 || here.changedAt < request.changedAt) await db.requests.put({ ...request, deletedAt: 0 });
    }
  }); // prettier-ignore

type Merged = Omit<EveningRecord, 'deletedAt'>;

function withAllOf(newer: Merged, older: Merged): Merged {
  const keys = new Set(newer.notes.map(({ danceId }) => danceId));
  return {
    ...newer,
    notes: [...newer.notes, ...older.notes.filter(({ danceId }) => !keys.has(danceId))],
    words: newer.words.includes(older.words) ? newer.words : `${newer.words}\n${older.words}`,
  };
}

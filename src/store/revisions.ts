/**
 * Every state of a dance is kept. States of one sitting run together; the older they are, the fewer of them stay. What was handed
 * out has a name and stays for good.
 */
import { liveQuery } from 'dexie';
import { timeNow } from './clock';
import { database, type SlateDatabase } from './database';
import type { RevisionRecord } from './records';
import { greatest } from '../core';
import { soundOnes } from './soundness';

const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
const DAY = 24 * HOUR;

/** States written within this time of each other are one, while somebody types. */
const SITTING = 2 * MINUTE;
/** So many stay whatever the clock says: one that was put forward would make all of them old. */
const NEWEST_STAY = 12;
/** How far apart states stay by their age, the youngest first. */
const APART: readonly (readonly [age: number, apart: number])[] = [
  [HOUR, SITTING],
  [DAY, 15 * MINUTE],
  [30 * DAY, 4 * HOUR],
  [Infinity, 5 * DAY],
];

const apartAt = (age: number): number => (APART.find(([limit]) => age <= limit) ?? APART[APART.length - 1])[1];

/** In the order in which they were written, whatever the clock said. */
const byWriting = (a: RevisionRecord, b: RevisionRecord): number => (a.key ?? 0) - (b.key ?? 0);

/**
 * Which may go: nameless ones closer to the next younger one than their age allows. The first and the newest stay, and so does one
 * that the clock puts after a younger one: nothing is known of its age.
 */
export function surplusOf(revisions: readonly RevisionRecord[], now: number): RevisionRecord[] {
  const sorted = [...revisions].sort(byWriting);
  const gone: RevisionRecord[] = [];
  let younger = sorted[Math.max(sorted.length - NEWEST_STAY, 0)];
  for (let index = sorted.length - NEWEST_STAY - 1; index > 0; index--) {
    const one = sorted[index];
    const apart = younger.at - one.at;
    if (one.name === '' && apart >= 0 && apart < apartAt(now - one.at)) gone.push(one);
    else younger = one;
  }
  return gone;
}

/** Keeps a state that was saved. Called inside the transaction of the save. */
export async function keepRevision(danceId: string, text: string, at: number, db: SlateDatabase): Promise<void> {
  const last = await newestOf(danceId, db);
  if (last?.text === text) return;
  const since = last ? at - last.from : Infinity;
  const continues = last?.name === '' && since >= 0 && since < SITTING && (await isNotAlone(danceId, db));
  if (continues) await db.revisions.put({ ...last, text, at });
  else {
    await db.revisions.add({ danceId, text, from: at, at, name: '' });
    const all = await db.revisions.where('danceId').equals(danceId).toArray();
    await db.revisions.bulkDelete(surplusOf(all, at).flatMap(({ key }) => key ?? []));
  }
}

/** The index lists the records of one dance in the order of their keys. */
const newestOf = (danceId: string, db: SlateDatabase): Promise<RevisionRecord | undefined> =>
  db.revisions.where('danceId').equals(danceId).last();

/** The very first state is never written over. */
const isNotAlone = async (danceId: string, db: SlateDatabase): Promise<boolean> =>
  (await db.revisions.where('danceId').equals(danceId).count()) > 1;

export const listRevisions = async (danceId: string, db: SlateDatabase = database): Promise<RevisionRecord[]> =>
  soundOnes('revisions', await db.revisions.where('danceId').equals(danceId).toArray()).sort((a, b) => byWriting(b, a));

/** The name under which this very text was handed out, if it was. */
export const nameOfText = (revisions: readonly RevisionRecord[], text: string): string | undefined =>
  revisions.find((one) => one.name !== '' && one.text === text)?.name;

/** The next number of those that were counted so far. */
export const nextName = (revisions: readonly RevisionRecord[]): string =>
  String(
    1 +
      greatest(
        revisions.map(({ name }) => (/^\d+$/.test(name) ? Number(name) : 0)),
        0,
      ),
  );

/** Gives a state a name; one that is handed out a second time keeps its own. Returns the name. */
export function nameRevision(
  danceId: string,
  text: string,
  name: string,
  db: SlateDatabase = database,
): Promise<string> {
  return db.transaction('rw', db.revisions, async () => {
    const all = await listRevisions(danceId, db);
    const known = nameOfText(all, text);
    if (known !== undefined) return known;
    const now = timeNow();
    const [newest] = all;
    if (newest?.text === text && newest.name === '') await db.revisions.put({ ...newest, name });
    else await db.revisions.add({ danceId, text, from: now, at: now, name });
    return name;
  });
}

/** What was handed out of these dances, the newest first. */
export async function findNamedRevisions(danceIds: readonly string[], db: SlateDatabase = database): Promise<RevisionRecord[]> {
  const all = await db.revisions.where('danceId').anyOf(danceIds).toArray();
  return soundOnes('revisions', all).filter(({ name }) => name !== '').sort((a, b) => byWriting(b, a));
} // prettier-ignore

/** `change` gets the name it has now, whichever tab gave it. */
export const renameRevision = (key: number, change: (name: string) => string, db: SlateDatabase = database): Promise<void> =>
  db.transaction('rw', db.revisions, async () => {
    const revision = await db.revisions.get(key);
    const name = change(revision?.name ?? '').trim().slice(0, 80);
    if (revision && name !== '') await db.revisions.put({ ...revision, name });
  }); // prettier-ignore

/** Calls back now and after every change. Returns the way to stop. */
export function watchRevisions(danceId: string, onRevisions: (revisions: RevisionRecord[]) => void): () => void {
  const subscription = liveQuery(() => listRevisions(danceId)).subscribe({ next: onRevisions, error: () => undefined });
  return () => subscription.unsubscribe();
}

/** Puts revisions among those that are here, each in its place by time, and none twice. */
export async function mergeRevisions(
  danceId: string,
  more: readonly RevisionRecord[],
  db: SlateDatabase,
): Promise<void> {
  const here = await db.revisions.where('danceId').equals(danceId).toArray();
  const keyOf = ({ at, text: own, name }: RevisionRecord): string => `${at} ${name} ${own}`;
  const known = new Set(here.map(keyOf));
  const missing = more.filter((one) => !known.has(keyOf(one)) && !(one.name === '' && isState(here, one)));
  if (missing.length === 0) return;
  const merged: RevisionRecord[] = [];
  let next = 0;
  for (const one of here) {
    while (next < missing.length && missing[next].at < one.at) merged.push(missing[next++]);
    merged.push(one);
  }
  merged.push(...missing.slice(next));
  // Keys are the order of the revisions, so all of them are given anew.
  await db.revisions.bulkDelete(here.flatMap(({ key }) => key ?? []));
  await db.revisions.bulkAdd(merged.map(({ key: _, ...one }) => one));
}

/** The very words are kept already, under whatever time. */
const isState = (here: readonly RevisionRecord[], { text: own }: RevisionRecord): boolean =>
  here.some((one) => one.text === own);

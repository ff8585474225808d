/** Dances on the shelf. Every change of a dance builds on the revision it was read at. */
import { liveQuery } from 'dexie';
import { timeNow } from './clock';
import { database, type SlateDatabase } from './database';
import { factsOfText } from './facts';
import { dropLeftWords, findLeftWords, type LeftWords } from './left-words';
import type { DanceRecord, HistoryRecord, SourceRecord } from './records';
import { factsAreNew } from './refresh';
import { keepRevision } from './revisions';
import { findPersonalFigures } from './settings';
import { soundDance, soundOne } from './soundness';

const DAY = 86_400_000;
/** Deleted dances are cleared away after this long, and when the shelf was in use on so many days since: a wrong clock clears nothing. */
const KEPT_AFTER_DELETION = 30 * DAY;
const USED_AFTER_DELETION = 7;
const DAYS_USED = 'days-used';

export type SaveResult =
  | { readonly kind: 'saved'; readonly record: DanceRecord }
  /** Somebody else saved since: nothing was written. */
  | { readonly kind: 'changed-elsewhere'; readonly record: DanceRecord }
  /** It was taken off the shelf, or is not there at all: nothing was written. */
  | { readonly kind: 'gone' };

export async function listDances(db: SlateDatabase = database): Promise<DanceRecord[]> {
  const records = await db.dances.where('deletedAt').equals(0).toArray();
  return records.flatMap((record) => soundDance(record) ?? []).sort((a, b) => b.changedAt - a.changedAt);
}

export const findDance = async (id: string, db: SlateDatabase = database): Promise<DanceRecord | undefined> =>
  soundDance(await db.dances.get(id));

/** The time of a change: later than that of every other, also where the clock was put back. */
async function stampOf(db: SlateDatabase): Promise<number> {
  const newest = await db.dances.orderBy('changedAt').last();
  const last = typeof newest?.changedAt === 'number' ? newest.changedAt : 0;
  return Math.max(timeNow(), last + 1);
}

/** A dance to be put on the shelf. `source`: what it was imported from, kept word for word. */
export interface NewDance {
  readonly text: string;
  readonly source?: Pick<SourceRecord, 'name' | 'kind' | 'text'>;
  readonly tags?: readonly string[];
}

/** All of them or, where the browser refuses, none. */
export async function addDances(all: readonly NewDance[], db: SlateDatabase = database): Promise<DanceRecord[]> {
  const personal = await findPersonalFigures(db);
  const facts = all.map(({ text }) => factsOfText(text, personal));
  return db.transaction('rw', db.dances, db.revisions, db.sources, async () => {
    const first = await stampOf(db);
    const records = all.map(({ text, tags = [] }, index) =>
      newRecord({ id: crypto.randomUUID(), text, revision: 1, tags, ...facts[index] }, first + index),
    );
    await db.dances.bulkAdd(records);
    await db.revisions.bulkAdd(
      records.map(({ id, text, createdAt }) => ({ danceId: id, text, from: createdAt, at: createdAt, name: '' })),
    );
    await db.sources.bulkPut(
      all.flatMap(({ source }, index) =>
        source ? [{ ...source, id: records[index].id, importedAt: records[index].createdAt }] : [],
      ),
    );
    return records;
  });
}

export const addDance = async (
  text: string,
  db: SlateDatabase = database,
  more: Omit<NewDance, 'text'> = {},
): Promise<DanceRecord> => (await addDances([{ text, ...more }], db))[0];

const newRecord = (
  record: Omit<DanceRecord, 'createdAt' | 'changedAt' | 'deletedAt' | 'deletedOnDay'>,
  now: number,
): DanceRecord => ({ ...record, createdAt: now, changedAt: now, deletedAt: 0 });

/** Writes only when `base` is still the newest revision. */
export async function saveDance(
  id: string,
  text: string,
  base: number,
  db: SlateDatabase = database,
): Promise<SaveResult> {
  const facts = factsOfText(text, await findPersonalFigures(db));
  return db.transaction('rw', db.dances, db.revisions, async (): Promise<SaveResult> => {
    const current = await findDance(id, db);
    if (!current || current.deletedAt > 0) return { kind: 'gone' };
    if (current.revision !== base) return { kind: 'changed-elsewhere', record: current };
    if (current.text === text) return { kind: 'saved', record: current };
    const record: DanceRecord = { ...current, ...facts, text, revision: base + 1, changedAt: await stampOf(db) };
    await db.dances.put(record);
    await keepRevision(id, text, timeNow(), db);
    return { kind: 'saved', record };
  });
}

/** Puts a dance that is gone on the shelf again, with the words that are left of it. */
export async function reviveDance(id: string, text: string, db: SlateDatabase = database): Promise<DanceRecord> {
  const facts = factsOfText(text, await findPersonalFigures(db));
  return db.transaction('rw', db.dances, db.revisions, async () => {
    const now = await stampOf(db);
    const current = await findDance(id, db);
    const record: DanceRecord = current
      ? { ...current, ...facts, text, revision: current.revision + 1, changedAt: now, deletedAt: 0 }
      : newRecord({ id, text, revision: 1, tags: [], ...facts }, now);
    await db.dances.put(record);
    await keepRevision(id, text, timeNow(), db);
    return record;
  });
}

export async function duplicateDance(id: string, db: SlateDatabase = database): Promise<DanceRecord | undefined> {
  const original = await findDance(id, db);
  if (!original) return undefined;
  const title = `${original.title} (copy)`;
  const text = /^#(?!#).*$/m.test(original.text)
    ? original.text.replace(/^#(?!#).*$/m, () => `# ${title}`)
    : `# ${title}\n${original.text}`;
  return addDance(text, db);
}

export const deleteDances = async (ids: readonly string[], db: SlateDatabase = database): Promise<void> => {
  const deletedOnDay = await countDay(db);
  const deletedAt = timeNow();
  await db.dances.where('id').anyOf(ids).modify({ deletedAt, deletedOnDay });
};

/** Back on the shelf as they were; one that was cleared away in the meantime too. */
export const restoreDances = async (dances: readonly DanceRecord[], db: SlateDatabase = database): Promise<void> =>
  db.transaction('rw', db.dances, async () => {
    for (const dance of dances) {
      const here = await db.dances.get(dance.id);
      await db.dances.put({ ...(here ?? dance), deletedAt: 0 });
    }
  });

/** The number of days on which the shelf was used so far; counts today if it is another day than the last one. */
async function countDay(db: SlateDatabase = database, today = new Date(timeNow()).toDateString()): Promise<number> {
  return db.transaction('rw', db.meta, async () => {
    const kept = (await db.meta.get(DAYS_USED))?.value as { count?: unknown; day?: unknown } | undefined;
    const count = typeof kept?.count === 'number' ? kept.count : 0;
    if (kept?.day === today) return count;
    await db.meta.put({ key: DAYS_USED, value: { count: count + 1, day: today } });
    return count + 1;
  });
}

/** Puts a tag on dances, or takes it off. */
export const tagDances = async (
  ids: readonly string[],
  tag: string,
  isOn: boolean,
  db: SlateDatabase = database,
): Promise<void> => {
  const name = tag.trim().slice(0, 40);
  if (name === '') return;
  await db.dances
    .where('id')
    .anyOf(ids)
    .modify((dance) => {
      const others = dance.tags.filter((one) => one !== name);
      (dance as { tags: readonly string[] }).tags = isOn ? [...others, name].sort() : others;
    });
};

export const findSource = async (id: string, db: SlateDatabase = database): Promise<SourceRecord | undefined> =>
  soundOne('sources', await db.sources.get(id));

/** Clears away what was deleted long ago. */
export async function clearDeleted(now = timeNow(), db: SlateDatabase = database): Promise<void> {
  const day = await countDay(db, new Date(now).toDateString());
  const deleted = await db.dances.where('deletedAt').above(0).toArray();
  const unnumbered = deleted.filter(({ deletedOnDay }) => deletedOnDay === undefined);
  if (unnumbered.length > 0) await db.dances.bulkPut(unnumbered.map((dance) => ({ ...dance, deletedOnDay: day })));
  const old = deleted
    .filter(
      ({ deletedAt, deletedOnDay = day }) =>
        now - deletedAt > KEPT_AFTER_DELETION && day - deletedOnDay >= USED_AFTER_DELETION,
    )
    .map(({ id }) => id);
  await db.dances.bulkDelete(old);
  await db.histories.bulkDelete(old);
  await db.sources.bulkDelete(old);
  await db.revisions.where('danceId').anyOf(old).delete();
  await db.recordings.bulkDelete(old);
  await db.sounds.bulkDelete(old);
}

/** Calls back with the dances now and after every change, in this tab or another. Returns the way to stop. */
export function watchDances(onDances: (dances: DanceRecord[]) => void): () => void {
  const subscription = liveQuery(() => listDances()).subscribe({ next: onDances, error: () => undefined });
  return () => subscription.unsubscribe();
}

export function watchDance(id: string, onDance: (dance: DanceRecord | undefined) => void): () => void {
  const subscription = liveQuery(() => findDance(id)).subscribe({ next: onDance, error: () => undefined });
  return () => subscription.unsubscribe();
}

/** The undo history, if it belongs to this very text. */
export async function findHistory(id: string, text: string, db: SlateDatabase = database): Promise<unknown> {
  const history = await db.histories.get(id);
  return history?.text === text ? history.state : undefined;
}

export const saveHistory = async (history: HistoryRecord, db: SlateDatabase = database): Promise<void> => {
  await db.histories.put(history);
};

/**
 * Words that closed or dead tabs left become part of their dances. Those that build on an older state wait for their writer; those
 * of a dance that is gone become a dance of their own.
 */
export async function adoptLeftWords(db: SlateDatabase = database): Promise<void> {
  // The oldest first: each builds on what stood there when it was typed.
  for (const left of (await findLeftWords(db)).reverse()) {
    if (isOfImports(left)) continue;
    const saved = await saveDance(left.id, left.text, left.base, db);
    if (saved.kind === 'changed-elsewhere' && saved.record.text !== left.text) continue;
    if (saved.kind === 'gone') await addDance(otherVersion(left.text), db);
    await dropLeftWords(left, db);
  }
}

/** Sheets on the Import screen are no dances yet. */
const isOfImports = ({ id }: LeftWords): boolean => id.startsWith('import ');

/** A version that stands beside the other one says so in its title. */
export const otherVersion = (text: string): string =>
  /^#(?!#)/m.test(text) ? text.replace(/^#(?!#)(.*)$/m, (line) => `${line} (other version)`) : text;

/** Puts the demo dances on the shelf once, the first time this browser opens the slate; only then are they loaded. */
export async function addDemoDances(
  load: () => Promise<readonly string[]>,
  db: SlateDatabase = database,
): Promise<void> {
  if (await db.meta.get('demo-added')) return;
  const texts = await load();
  await db.transaction('rw', db.dances, db.meta, db.revisions, db.sources, async () => {
    if (await db.meta.get('demo-added')) return;
    await db.meta.put({ key: 'demo-added', value: true });
    if ((await db.dances.count()) === 0) await factsAreNew(db);
    await addDances(
      texts.map((text) => ({ text })),
      db,
    );
  });
}

/** What every dance on the shelf is made of. */
export interface ShelfFigures {
  readonly id: string;
  readonly title: string;
  readonly figures: string;
  readonly sequences: readonly string[];
}

export async function shelfFigures(db: SlateDatabase = database): Promise<ShelfFigures[]> {
  const found: ShelfFigures[] = [];
  await db.dances
    .where('deletedAt')
    .equals(0)
    .each((record) => {
      const dance = soundDance(record);
      if (dance)
        found.push({ id: dance.id, title: dance.title, figures: dance.figures, sequences: dance.sequences ?? [] });
    });
  return found.sort((a, b) => a.title.localeCompare(b.title));
}

/** Dances on the shelf. Every change of a dance builds on the revision it was read at. */
import { liveQuery } from 'dexie';
import { database, type SlateDatabase } from './database';
import { dropDraft, findDrafts } from './drafts';
import { factsOfText } from './facts';
import type { DanceRecord, HistoryRecord, SourceRecord } from './records';
import { keepRevision } from './revisions';
import { findPersonalFigures } from './settings';

const DAY = 86_400_000;
/** Deleted dances are cleared away after this long. */
const KEPT_AFTER_DELETION = 30 * DAY;

export type SaveResult =
  | { readonly kind: 'saved'; readonly record: DanceRecord }
  /** Somebody else saved since: nothing was written. */
  | { readonly kind: 'changed-elsewhere'; readonly record: DanceRecord | undefined };

export async function listDances(db: SlateDatabase = database): Promise<DanceRecord[]> {
  const records = await db.dances.where('deletedAt').equals(0).toArray();
  return records.sort((a, b) => b.changedAt - a.changedAt);
}

export const findDance = (id: string, db: SlateDatabase = database): Promise<DanceRecord | undefined> =>
  db.dances.get(id);

/** `source`: what it was imported from, kept word for word. */
export async function addDance(
  text: string,
  db: SlateDatabase = database,
  { source, tags = [] }: { source?: Pick<SourceRecord, 'name' | 'kind' | 'text'>; tags?: readonly string[] } = {},
): Promise<DanceRecord> {
  const now = Date.now();
  const record: DanceRecord = {
    id: crypto.randomUUID(),
    text,
    revision: 1,
    createdAt: now,
    changedAt: now,
    deletedAt: 0,
    tags,
    ...factsOfText(text, await findPersonalFigures(db)),
  };
  await db.transaction('rw', db.dances, db.revisions, db.sources, async () => {
    await db.dances.add(record);
    await keepRevision(record.id, text, now, db);
    if (source) await db.sources.put({ ...source, id: record.id, importedAt: now });
  });
  return record;
}

/** Writes only when `base` is still the newest revision. */
export async function saveDance(
  id: string,
  text: string,
  base: number,
  db: SlateDatabase = database,
): Promise<SaveResult> {
  const facts = factsOfText(text, await findPersonalFigures(db));
  return db.transaction('rw', db.dances, db.revisions, async (): Promise<SaveResult> => {
    const current = await db.dances.get(id);
    if (!current || current.revision !== base) return { kind: 'changed-elsewhere', record: current };
    if (current.text === text) return { kind: 'saved', record: current };
    const record: DanceRecord = { ...current, ...facts, text, revision: base + 1, changedAt: Date.now() };
    await db.dances.put(record);
    await keepRevision(id, text, record.changedAt, db);
    return { kind: 'saved', record };
  });
}

export async function duplicateDance(id: string, db: SlateDatabase = database): Promise<DanceRecord | undefined> {
  const original = await db.dances.get(id);
  if (!original) return undefined;
  const title = `${original.title} (copy)`;
  const text = /^#(?!#).*$/m.test(original.text)
    ? original.text.replace(/^#(?!#).*$/m, () => `# ${title}`)
    : `# ${title}\n${original.text}`;
  return addDance(text, db);
}

export const deleteDances = async (ids: readonly string[], db: SlateDatabase = database): Promise<void> => {
  const now = Date.now();
  await db.dances.where('id').anyOf(ids).modify({ deletedAt: now });
};

export const restoreDances = async (ids: readonly string[], db: SlateDatabase = database): Promise<void> => {
  await db.dances.where('id').anyOf(ids).modify({ deletedAt: 0 });
};

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

export const findSource = (id: string, db: SlateDatabase = database): Promise<SourceRecord | undefined> =>
  db.sources.get(id);

/** Clears away what was deleted long ago. */
export async function clearDeleted(now = Date.now(), db: SlateDatabase = database): Promise<void> {
  const old = await db.dances
    .where('deletedAt')
    .between(1, now - KEPT_AFTER_DELETION)
    .primaryKeys();
  await db.dances.bulkDelete(old);
  await db.histories.bulkDelete(old);
  await db.sources.bulkDelete(old);
  await db.revisions.where('danceId').anyOf(old).delete();
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

/** Words that a closing page could only put aside become part of their dances. Those that build on an older state wait for their writer. */
export async function adoptDrafts(db: SlateDatabase = database): Promise<void> {
  for (const [id, draft] of findDrafts()) {
    const saved = await saveDance(id, draft.text, draft.base, db);
    if (saved.kind === 'saved') dropDraft(id);
  }
}

/** Puts the demo dances on the shelf once, the first time this browser opens the slate. */
export function addDemoDances(texts: readonly string[], db: SlateDatabase = database): Promise<void> {
  return db.transaction('rw', db.dances, db.meta, db.revisions, db.sources, async () => {
    if (await db.meta.get('demo-added')) return;
    await db.meta.put({ key: 'demo-added', value: true });
    for (const text of texts) await addDance(text, db);
  });
}

/** Sheets that wait on the Import screen: kept each by itself, so that a closed tab loses none of what was settled, nor another tab's. */
import { liveQuery } from 'dexie';
import { database, type SlateDatabase } from './database';
import type { ImportRecord } from './records';
import { soundOnes } from './soundness';
import { TAB } from './tabs';

export type NewImport = Pick<ImportRecord, 'name' | 'kind' | 'text'>;

export const listImports = async (db: SlateDatabase = database): Promise<ImportRecord[]> =>
  soundOnes('imports', await db.imports.orderBy('place').toArray());

export function addImports(sheets: readonly NewImport[], db: SlateDatabase = database): Promise<ImportRecord[]> {
  return db.transaction('rw', db.imports, async () => {
    const last = (await db.imports.orderBy('place').last())?.place ?? 0;
    const records = sheets.map(({ name, kind, text }, index) => ({
      id: crypto.randomUUID(),
      name,
      kind,
      original: text,
      text,
      revision: 1,
      place: last + 1 + index,
    }));
    await db.imports.bulkAdd(records);
    return records;
  });
}

/** Writes when `base` is still the newest, or the newest was written by the same tab; what was settled differently meanwhile stays, and these words become a sheet of their own. */
export function settleImport(
  {
    id,
    text,
    base,
    tab = TAB,
  }: { readonly id: string; readonly text: string; readonly base: number; readonly tab?: string },
  db: SlateDatabase = database,
): Promise<ImportRecord | undefined> {
  return db.transaction('rw', db.imports, async () => {
    const current = await db.imports.get(id);
    // Put on the shelf or thrown away in another tab.
    if (!current) return undefined;
    if (current.text === text) return current;
    const isNewest = current.revision === base || current.by === tab;
    const record: ImportRecord = isNewest
      ? { ...current, text, revision: current.revision + 1, by: tab }
      : { ...current, id: crypto.randomUUID(), name: `${current.name} (other version)`, text, revision: 1 };
    await db.imports.put(record);
    return record;
  });
}

export const removeImports = (ids: readonly string[], db: SlateDatabase = database): Promise<void> =>
  db.imports.bulkDelete([...ids]);

/** Calls back now and after every change, in this tab or another. Returns the way to stop. */
export function watchImports(onImports: (records: ImportRecord[]) => void, onRefused: () => void): () => void {
  const subscription = liveQuery(() => listImports()).subscribe({ next: onImports, error: onRefused });
  return () => subscription.unsubscribe();
}

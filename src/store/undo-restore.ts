/** What a restore changed, and the way back as a whole. What was changed once more since is left as it is. */
import { database, type SlateDatabase } from './database';
import { SETTINGS_KEYS } from './settings';

const TABLES = ['dances', 'revisions', 'sources', 'groups', 'evenings', 'requests', 'meta'] as const;
type UndoTable = (typeof TABLES)[number];

type State = ReadonlyMap<UndoTable, ReadonlyMap<unknown, unknown>>;

export interface RestoredChanges {
  readonly records: readonly {
    readonly table: UndoTable;
    readonly key: unknown;
    /** As it was; undefined where there was none. */
    readonly before: unknown;
    readonly after: unknown;
  }[];
  /** Ids of recordings that came. */
  readonly recordings: readonly string[];
}

/** Of every record that a restore may change. */
export async function stateBefore(db: SlateDatabase): Promise<{ readonly state: State; readonly recordings: ReadonlySet<string> }> {
  const state = new Map<UndoTable, Map<unknown, unknown>>();
  for (const table of TABLES) {
    const records = new Map<unknown, unknown>();
    await db.table(table).each((record: unknown, { primaryKey }) => {
      if (table !== 'meta' || SETTINGS_KEYS.includes(String(primaryKey))) records.set(primaryKey, record);
    });
    state.set(table, records);
  }
  return { state, recordings: new Set(await db.recordings.toCollection().primaryKeys()) };
} // prettier-ignore

const isSame = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other);

export async function changesSince(
  before: Awaited<ReturnType<typeof stateBefore>>,
  db: SlateDatabase,
): Promise<RestoredChanges> {
  const after = await stateBefore(db);
  const records = TABLES.flatMap((table) => {
    const [old, now] = [before.state.get(table) ?? new Map(), after.state.get(table) ?? new Map()];
    return [...new Set([...old.keys(), ...now.keys()])]
      .filter((key) => !isSame(old.get(key), now.get(key)))
      .map((key) => ({ table, key, before: old.get(key) as unknown, after: now.get(key) as unknown }));
  });
  return { records, recordings: [...after.recordings].filter((id) => !before.recordings.has(id)) };
}

/** Puts everything back as it was; returns how many records somebody changed since, which stay. */
export const undoRestore = ({ records, recordings }: RestoredChanges, db: SlateDatabase = database): Promise<number> =>
  db.transaction('rw', [...TABLES.map((table) => db.table(table)), db.recordings, db.sounds], async () => {
    let left = 0;
    const changed = new Set<unknown>();
    for (const { table, key, before, after } of records) {
      if (isSame(await db.table(table).get(key as string), after)) {
        if (before === undefined) await db.table(table).delete(key as string);
        else await db.table(table).put(before);
      } else {
        left += 1;
        if (table === 'dances') changed.add(key);
      }
    }
    const gone = recordings.filter((id) => !changed.has(id));
    await db.recordings.bulkDelete(gone);
    await db.sounds.bulkDelete(gone);
    return left;
  });

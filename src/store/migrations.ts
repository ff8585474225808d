/**
 * Every form the stored data ever had, in order. A change of form is a new entry with its upgrade and a test with a before and
 * an after; an entry that has been released is never edited, and calls nothing that may change: what is derived from a text is left
 * empty and worked out afterwards (`refresh.ts`).
 */
import type { Transaction } from 'dexie';

export interface Migration {
  readonly version: number;
  readonly name: string;
  readonly tables: Readonly<Record<string, string>>;
  readonly upgrade?: (transaction: Transaction) => Promise<unknown>;
}

/** A record as any version may have left it: nothing of it is believed. */
type Loose = Readonly<Record<string, unknown>>;

const textOf = (value: unknown): string => (typeof value === 'string' ? value : '');
const timeOf = (value: unknown): number => (typeof value === 'number' && Number.isFinite(value) ? value : 0);

export const MIGRATIONS: readonly Migration[] = [
  {
    version: 1,
    name: 'dances, undo histories and settings',
    tables: { dances: 'id, title, changedAt, deletedAt', histories: 'id', meta: 'key' },
  },
  {
    version: 2,
    name: 'revisions, what a dance was imported from, tags, and more facts for the shelf',
    tables: { revisions: '++key, danceId, [danceId+at]', sources: 'id' },
    upgrade: async (transaction) => {
      const dances = (await transaction.table('dances').toArray()) as Loose[];
      await transaction.table('dances').bulkPut(
        dances.map((dance) => ({
          author: '',
          tempo: 0,
          starts: [],
          figures: '',
          ...dance,
          text: textOf(dance.text),
          tags: [],
        })),
      );
      // What stands there becomes the first revision of each.
      await transaction.table('revisions').bulkAdd(
        dances.map(({ id, text, createdAt, changedAt }) => ({
          danceId: id,
          text: textOf(text),
          from: timeOf(createdAt),
          at: timeOf(changedAt),
          name: '',
        })),
      );
    },
  },
  {
    version: 3,
    name: 'journals of what is being typed, and each waiting sheet by itself',
    tables: { journal: '[danceId+tab+number]', imports: 'id, place' },
    upgrade: async (transaction) => {
      const kept = (await transaction.table('meta').get('imports')) as { value?: unknown } | undefined;
      const sheets = (Array.isArray(kept?.value) ? (kept.value as unknown[]) : []).filter(
        (sheet): sheet is Loose => typeof sheet === 'object' && sheet !== null && 'id' in sheet && 'text' in sheet,
      );
      await transaction.table('imports').bulkPut(
        sheets.map(({ id, name, kind, original, text }, place) => ({
          id: String(id),
          name: textOf(name),
          kind: textOf(kind),
          original: textOf(original),
          text: textOf(text),
          revision: 1,
          place,
        })),
      );
      await transaction.table('meta').delete('imports');
    },
  },
  {
    version: 4,
    name: 'recordings of songs, what was heard in them apart from their bytes',
    tables: { recordings: 'id', sounds: 'id' },
  },
  {
    version: 5,
    name: 'groups that are taught, and their evenings',
    tables: { groups: 'id', evenings: 'id, groupId, date' },
  },
  {
    version: 6,
    name: 'requests belong to a group and a day, no longer to an evening',
    tables: { requests: 'id, groupId' },
    upgrade: async (transaction) => {
      const evenings = (await transaction.table('evenings').toArray()) as Loose[];
      for (const { requests, ...evening } of evenings) {
        if (!Array.isArray(requests)) continue;
        const asked = (requests as unknown[]).filter((one): one is Loose => typeof one === 'object' && one !== null && 'id' in one); // prettier-ignore
        await transaction.table('requests').bulkPut(
          asked.map((one) => ({
            ...one,
            id: String(one.id),
            groupId: evening.groupId,
            asked: evening.date,
            createdAt: timeOf(evening.createdAt),
            changedAt: timeOf(evening.changedAt),
            deletedAt: 0,
          })),
        );
        await transaction.table('evenings').put(evening);
      }
    },
  },
];

/**
 * Every form the stored data ever had, in order. A change of form is a new entry with its upgrade and a test with a before and
 * an after; an entry that has been released is never edited.
 */
import type { Transaction } from 'dexie';
import { factsOfText } from './facts';

export interface Migration {
  readonly version: number;
  readonly name: string;
  readonly tables: Readonly<Record<string, string>>;
  readonly upgrade?: (transaction: Transaction) => Promise<unknown>;
}

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
      const personal = (await transaction.table('meta').get('personal-figures')) as { value?: unknown } | undefined;
      const figures = typeof personal?.value === 'string' ? personal.value : '';
      const dances = (await transaction.table('dances').toArray()) as {
        id: string;
        text: string;
        changedAt: number;
        createdAt: number;
      }[];
      await transaction
        .table('dances')
        .bulkPut(dances.map((dance) => ({ ...dance, tags: [], ...factsOfText(dance.text, figures) })));
      // What stands there becomes the first revision of each.
      await transaction.table('revisions').bulkAdd(
        dances.map(({ id, text, createdAt, changedAt }) => ({
          danceId: id,
          text,
          from: createdAt,
          at: changedAt,
          name: '',
        })),
      );
    },
  },
];

/**
 * Every form the stored data ever had, in order. A change of form is a new entry with its upgrade and a test with a before and
 * an after; an entry that has been released is never edited.
 */
import type { Transaction } from 'dexie';

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
];

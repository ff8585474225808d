/** Sheets that wait on the Import screen: kept, so that a closed tab loses none of what was settled. */
import { database, type SlateDatabase } from './database';

export interface ImportDraft {
  readonly id: string;
  readonly name: string;
  readonly kind: string;
  /** Word for word as it came. */
  readonly original: string;
  /** As it was settled so far. */
  readonly text: string;
}

const KEY = 'imports';

const isDraft = (value: unknown): value is ImportDraft =>
  typeof value === 'object' &&
  value !== null &&
  ['id', 'name', 'kind', 'original', 'text'].every(
    (key) => typeof (value as Record<string, unknown>)[key] === 'string',
  );

export async function findImports(db: SlateDatabase = database): Promise<ImportDraft[]> {
  const value = (await db.meta.get(KEY))?.value;
  return Array.isArray(value) ? value.filter(isDraft) : [];
}

export const saveImports = async (drafts: readonly ImportDraft[], db: SlateDatabase = database): Promise<void> => {
  await db.meta.put({ key: KEY, value: drafts });
};

/** Words that tabs left behind when they closed or died before they were kept. */
import { database, type SlateDatabase } from './database';
import { dropDraft, findDrafts, type OwnedDraft } from './drafts';
import { dropJournal, findJournals } from './journal';
import { otherTabs } from './tabs';

export type LeftWords = OwnedDraft;

/** Of every tab that is gone, and of this one, the newest words of each text, the newest first. Words of tabs that live are theirs. */
export async function findLeftWords(db: SlateDatabase = database): Promise<LeftWords[]> {
  const [journals, others] = await Promise.all([findJournals(db).catch(() => []), otherTabs()]);
  const newest = new Map<string, LeftWords>();
  for (const left of [...findDrafts(), ...journals]) {
    const key = `${left.id} ${left.tab}`;
    if (!others.has(left.tab) && left.edits >= (newest.get(key)?.edits ?? 0)) newest.set(key, left);
  }
  return [...newest.values()].sort((a, b) => b.at - a.at);
}

/** They are kept elsewhere now. */
export async function dropLeftWords({ id, tab }: LeftWords, db: SlateDatabase = database): Promise<void> {
  dropDraft(id, tab);
  await dropJournal(id, tab, db).catch(() => undefined);
}

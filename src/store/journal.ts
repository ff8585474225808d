/**
 * What is typed between two saves, written down edit by edit: the text once, then what changed, so that a key costs the same in a
 * long dance as in a short one. A tab that dies leaves its journal behind.
 */
import type { SlateDatabase } from './database';
import type { Draft, OwnedDraft } from './drafts';
import type { JournalRecord } from './records';
import { isSound } from './soundness';

/** After so many edits the text is written down anew. */
const MOST_EDITS = 200;

/** The stretch in which two texts differ. */
export function editBetween(before: string, after: string): { from: number; to: number; insert: string } {
  const least = Math.min(before.length, after.length);
  let from = 0;
  while (from < least && before.charCodeAt(from) === after.charCodeAt(from)) from += 1;
  let end = 0;
  while (end < least - from && before.charCodeAt(before.length - 1 - end) === after.charCodeAt(after.length - 1 - end))
    end += 1;
  return { from, to: before.length - end, insert: after.slice(from, after.length - end) };
}

const rangeOf = (id: string, tab: string): IDBKeyRange => IDBKeyRange.bound([id, tab], [id, tab, []]);

/** The journal of one tab for one text. Written in the order of the keys; what was typed while it writes follows at once. */
export class Journal {
  private written: string | undefined;
  private wanted: Draft | undefined;
  private writing: Promise<void> | undefined;
  private number = 0;

  constructor(
    private readonly id: string,
    private readonly tab: string,
    private readonly db: SlateDatabase,
  ) {}

  /** Resolves when these words, or later ones, are written, or refused: the save that follows meets the same refusal and says so. */
  note(draft: Draft): Promise<void> {
    this.wanted = draft;
    this.writing ??= this.write().finally(() => {
      this.writing = undefined;
    });
    return this.writing;
  }

  /** All of it is in the store now. */
  forget(): void {
    this.wanted = undefined;
    if (this.number === 0) return;
    this.written = undefined;
    this.number = 0;
    void this.run((table) => table.delete(rangeOf(this.id, this.tab))).catch(() => undefined);
  }

  private async write(): Promise<void> {
    try {
      while (this.wanted) {
        const draft: Draft = this.wanted;
        this.wanted = undefined;
        await this.put(draft);
      }
    } catch {
      this.written = undefined;
    }
  }

  private put({ text, base, edits, at }: Draft): Promise<void> {
    const { written, id: danceId, tab } = this;
    const goesOn = written !== undefined && this.number < MOST_EDITS;
    this.number = goesOn ? this.number + 1 : 1;
    const change = goesOn ? editBetween(written, text) : { from: 0, to: 0, insert: text };
    const entry: JournalRecord = { danceId, tab, number: this.number, base, edits, at, ...change };
    this.written = text;
    return this.run((table) => {
      if (!goesOn) table.delete(rangeOf(danceId, tab));
      table.put(entry);
    });
  }

  /** Everything is asked for at once and committed at once, so that it is on its way before the tab can die. */
  private async run(ask: (table: IDBObjectStore) => void): Promise<void> {
    if (!this.db.isOpen()) await this.db.open();
    const transaction = this.db.backendDB().transaction(['journal'], 'readwrite');
    const done = new Promise<void>((resolve, reject) => {
      transaction.oncomplete = () => resolve();
      transaction.onabort = () => reject(transaction.error ?? new Error('The browser gave up writing.'));
    });
    ask(transaction.objectStore('journal'));
    transaction.commit();
    return done;
  }
}

/** What every journal comes to. One that has lost its beginning is passed over. */
export async function findJournals(db: SlateDatabase): Promise<OwnedDraft[]> {
  const found = new Map<string, OwnedDraft>();
  await db.journal.each((entry) => {
    if (!isSound('journal', entry)) return;
    const { danceId: id, tab, number, base, edits, at, from, to, insert } = entry;
    const key = `${id} ${tab}`;
    const before = number === 1 ? '' : found.get(key)?.text;
    if (before === undefined) return;
    found.set(key, { id, tab, base, edits, at, text: before.slice(0, from) + insert + before.slice(to) });
  });
  return [...found.values()];
}

export const dropJournal = (id: string, tab: string, db: SlateDatabase): Promise<number> =>
  db.journal.where('[danceId+tab+number]').between([id, tab, 0], [id, tab, Infinity]).delete();

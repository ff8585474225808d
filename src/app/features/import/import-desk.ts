/** The sheets on the Import screen and their way into the store: every change is written at once, each sheet by itself. */
import {
  addImports,
  dropDraft,
  dropLeftWords,
  findLeftWords,
  keepDraft,
  nextEdit,
  removeImports,
  settleImport,
  timeNow,
  watchImports,
  type ImportRecord,
  type NewImport,
} from '../../../store';

/** Words of this tab that are newer than the store's, or were just written there. */
interface OwnWords {
  readonly text: string;
  readonly base: number;
  readonly isWriting: boolean;
}

export class ImportDesk {
  /** Undefined until they are read. */
  sheets: readonly ImportRecord[] | undefined;
  /** The browser refuses: what is settled is in this tab alone. */
  isRefused = false;

  private records: readonly ImportRecord[] = [];
  private readonly own = new Map<string, OwnWords>();
  private readonly listeners = new Set<() => void>();

  /** Takes up what a closed tab left, then follows the store. Returns the way to stop. */
  open(): () => void {
    void this.takeUpLeft();
    const stop = watchImports(
      (records) => this.hear(records),
      () => this.refuse(),
    );
    const onHide = (): void => this.leave();
    window.addEventListener('pagehide', onHide);
    return () => {
      this.leave();
      stop();
      window.removeEventListener('pagehide', onHide);
    };
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  snapshot = (): readonly ImportRecord[] | undefined => this.sheets;

  /** Sheets that the browser refuses to keep stand on the desk of this tab alone. */
  async add(sheets: readonly NewImport[]): Promise<void> {
    try {
      await addImports(sheets);
    } catch {
      const records = sheets.map(({ name, kind, text }, index): ImportRecord => ({
        ...{ id: crypto.randomUUID(), name, kind, text, original: text, revision: 0 },
        place: this.records.length + index,
      }));
      this.records = [...this.records, ...records];
      this.refuse();
    }
  }

  settle(id: string, text: string): void {
    const known = this.own.get(id);
    const base = known?.base ?? this.records.find((record) => record.id === id)?.revision ?? 0;
    this.own.set(id, { text, base, isWriting: known?.isWriting ?? false });
    this.show();
    if (!known?.isWriting) void this.write(id);
  }

  async remove(ids: readonly string[]): Promise<void> {
    for (const id of ids) {
      this.own.delete(id);
      dropDraft(draftKey(id));
    }
    this.records = this.records.filter(({ id }) => !ids.includes(id));
    this.show();
    await removeImports(ids).catch(() => this.refuse());
  }

  /** Writes the words of a sheet, and those that were typed meanwhile after them. */
  private async write(id: string): Promise<void> {
    let words = this.own.get(id);
    while (words) {
      const { text, base } = words;
      this.own.set(id, { ...words, isWriting: true });
      try {
        const record = await settleImport({ id, text, base });
        // Somebody settled it differently meanwhile: these words stand beside it as a sheet of their own.
        if (record?.id !== id) return void this.own.delete(id);
        const now = this.own.get(id);
        if (!now) return;
        const isDone = now.text === text;
        this.own.set(id, { text: now.text, base: record.revision, isWriting: !isDone });
        words = isDone ? undefined : this.own.get(id);
        if (isDone) dropDraft(draftKey(id));
      } catch {
        this.own.set(id, { ...(this.own.get(id) ?? { text, base }), isWriting: false });
        this.refuse();
        this.leave();
        return;
      }
    }
  }

  private hear(records: readonly ImportRecord[]): void {
    this.records = records;
    this.isRefused = false;
    for (const { id, revision } of records) {
      const words = this.own.get(id);
      if (words && !words.isWriting && revision > words.base) this.own.delete(id);
    }
    this.show();
  }

  private refuse(): void {
    this.isRefused = true;
    this.show();
  }

  /** What is not written yet is put where a closing page can still write. */
  private leave(): void {
    for (const [id, { text, base }] of this.own) {
      const kept = this.records.find((record) => record.id === id);
      if (kept && kept.text !== text) keepDraft(draftKey(id), { text, base, edits: nextEdit(), at: timeNow() });
    }
  }

  private async takeUpLeft(): Promise<void> {
    for (const left of await findLeftWords().catch(() => [])) {
      if (!left.id.startsWith(DRAFTS)) continue;
      await settleImport({ ...left, id: left.id.slice(DRAFTS.length) });
      await dropLeftWords(left);
    }
  }

  private show(): void {
    this.sheets = this.records.map((record) => {
      const words = this.own.get(record.id);
      return words ? { ...record, text: words.text } : record;
    });
    for (const listener of this.listeners) listener();
  }
}

const DRAFTS = 'import ';
const draftKey = (id: string): string => DRAFTS + id;

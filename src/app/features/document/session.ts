/**
 * One open dance: the text being typed, and its way into the store. It belongs to the window and outlives a change of screen.
 *
 * A change is written after a short pause, and at the latest half a second after the first unwritten key; when the page is hidden
 * it is written at once, and put where a closing page can still write. Every write names the revision it builds on: when another
 * tab was there first, nothing is overwritten and the writer is asked.
 */
import {
  dropDraft,
  findDraft,
  keepDraft,
  saveDance,
  saveHistory,
  watchDance,
  addDance,
  type DanceRecord,
} from '../../../store';

export type Keeping =
  | { readonly kind: 'kept' }
  | { readonly kind: 'waiting' }
  /** The browser refused; the text is in this tab and nowhere else. */
  | { readonly kind: 'refused'; readonly reason: string }
  /** Another tab changed the dance as well. */
  | { readonly kind: 'two-versions'; readonly theirs: DanceRecord | undefined };

const PAUSE = 180;
const LONGEST_WAIT = 450;
const PANEL_LAG = 90;

export class DanceSession {
  readonly id: string;
  text: string;
  keeping: Keeping = { kind: 'kept' };
  /** The editor's own state while another screen is shown: undo, selection, folds. */
  editorState: unknown;
  /** Set when unsaved words of an earlier, broken-off visit were taken up again. */
  readonly recovered: boolean;

  private base: number;
  private savedText: string;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private telling: ReturnType<typeof setTimeout> | undefined;
  private waitingSince = 0;
  private saving: Promise<void> | undefined;
  private readonly listeners = new Set<() => void>();
  private readonly remoteListeners = new Set<(text: string) => void>();
  private stopWatching: (() => void) | undefined;
  private describeHistory: (() => unknown) | undefined;

  constructor(record: DanceRecord) {
    this.id = record.id;
    this.base = record.revision;
    this.savedText = record.text;
    const draft = findDraft(record.id);
    this.recovered = draft !== undefined && draft.text !== record.text;
    this.text = this.recovered && draft ? draft.text : record.text;
    if (this.recovered && draft && draft.base !== record.revision)
      this.keeping = { kind: 'two-versions', theirs: record };
    else if (this.recovered) this.schedule();
    else dropDraft(record.id);
  }

  /** Starts listening; returns the way to stop. */
  open(): () => void {
    this.stopWatching = watchDance(this.id, (record) => this.hear(record));
    const onHide = () => this.leave();
    const onVisibility = () => {
      if (document.visibilityState === 'hidden') this.leave();
    };
    window.addEventListener('pagehide', onHide);
    document.addEventListener('visibilitychange', onVisibility);
    return () => {
      this.leave();
      this.stopWatching?.();
      window.removeEventListener('pagehide', onHide);
      document.removeEventListener('visibilitychange', onVisibility);
    };
  }

  edit(text: string): void {
    if (text === this.text) return;
    this.text = text;
    if (this.keeping.kind === 'two-versions') {
      keepDraft(this.id, { text, base: this.base });
      this.tell();
      return;
    }
    this.schedule();
    this.tellSoon();
  }

  /** How the editor's undo history is written down when the text is kept. */
  keepHistoryWith(describe: (() => unknown) | undefined): void {
    this.describeHistory = describe;
  }

  flush(): Promise<void> {
    clearTimeout(this.timer);
    this.timer = undefined;
    this.saving ??= this.save().finally(() => {
      this.saving = undefined;
      if (this.text !== this.savedText && this.keeping.kind === 'kept') this.schedule();
    });
    return this.saving;
  }

  // Two versions

  /** Takes the other tab's words; this tab's go on the shelf as a dance of their own. */
  async takeTheirs(theirs: DanceRecord): Promise<void> {
    if (this.text !== theirs.text)
      await addDance(this.text.replace(/^#(?!#)(.*)$/m, (line) => `${line} (other version)`));
    this.adopt(theirs);
  }

  /** Puts this tab's words on top of the other's, which stay as a dance of their own. */
  async keepMine(theirs: DanceRecord): Promise<void> {
    if (this.text !== theirs.text)
      await addDance(theirs.text.replace(/^#(?!#)(.*)$/m, (line) => `${line} (other version)`));
    this.base = theirs.revision;
    this.savedText = theirs.text;
    this.become({ kind: 'kept' });
    await this.flush();
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Calls back when the text was changed by another tab. */
  onRemote(listener: (text: string) => void): () => void {
    this.remoteListeners.add(listener);
    return () => this.remoteListeners.delete(listener);
  }

  /** Changes when something shown changes; words that wait to be written are shown as kept. */
  snapshot = (): string => {
    const quiet = this.keeping.kind === 'kept' || this.keeping.kind === 'waiting';
    return `${quiet ? '' : this.keeping.kind}\n${this.text}`;
  };

  private schedule(): void {
    const now = Date.now();
    if (this.timer === undefined) this.waitingSince = now;
    clearTimeout(this.timer);
    const wait = Math.max(0, Math.min(PAUSE, this.waitingSince + LONGEST_WAIT - now));
    this.timer = setTimeout(() => void this.flush(), wait);
    // Nobody is shown that words wait to be written: no need to tell.
    if (this.keeping.kind === 'kept') this.keeping = { kind: 'waiting' };
  }

  private async save(): Promise<void> {
    const text = this.text;
    if (text === this.savedText) {
      dropDraft(this.id);
      if (this.keeping.kind !== 'kept') this.become({ kind: 'kept' });
      return;
    }
    try {
      const result = await saveDance(this.id, text, this.base);
      if (result.kind === 'changed-elsewhere') return this.meetOther(result.record);
      this.base = result.record.revision;
      this.savedText = text;
      dropDraft(this.id);
      if (this.keeping.kind === 'waiting') this.keeping = { kind: 'kept' };
      else if (this.keeping.kind === 'refused') this.become({ kind: 'kept' });
      const state = this.describeHistory?.();
      if (state !== undefined && this.text === text) await saveHistory({ id: this.id, text, state });
    } catch (error) {
      keepDraft(this.id, { text, base: this.base });
      this.become({ kind: 'refused', reason: sentenceFor(error) });
    }
  }

  private meetOther(record: DanceRecord | undefined): void {
    keepDraft(this.id, { text: this.text, base: this.base });
    if (record?.text === this.text) return this.adopt(record);
    this.become({ kind: 'two-versions', theirs: record });
  }

  private hear(record: DanceRecord | undefined): void {
    if (!record || record.revision <= this.base || this.saving) return;
    if (this.text === this.savedText || record.text === this.text) this.adopt(record);
    else this.become({ kind: 'two-versions', theirs: record });
  }

  private adopt(record: DanceRecord): void {
    this.base = record.revision;
    this.savedText = record.text;
    clearTimeout(this.timer);
    this.timer = undefined;
    dropDraft(this.id);
    const changed = this.text !== record.text;
    this.text = record.text;
    if (changed) for (const listener of this.remoteListeners) listener(record.text);
    this.become({ kind: 'kept' });
  }

  private leave(): void {
    if (this.text === this.savedText) return;
    keepDraft(this.id, { text: this.text, base: this.base });
    if (this.keeping.kind !== 'two-versions') void this.flush();
  }

  private become(keeping: Keeping): void {
    this.keeping = keeping;
    this.tell();
  }

  /** The panels follow the text a moment later and once for several quick keys; the editor's own margin answers at once. */
  private tellSoon(): void {
    this.telling ??= setTimeout(() => {
      this.telling = undefined;
      this.tell();
    }, PANEL_LAG);
  }

  private tell(): void {
    for (const listener of this.listeners) listener();
  }
}

function sentenceFor(error: unknown): string {
  const name = error instanceof Error ? error.name : '';
  if (name.includes('Quota')) return 'The browser’s storage is full.';
  return 'The browser refuses to keep anything.';
}

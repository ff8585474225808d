/**
 * One open dance: the text being typed, and its way into the store. It belongs to the window and outlives a change of screen.
 *
 * Every key goes into the journal at once. The dance itself is written after a short pause, and at the latest half a second after
 * the first unwritten key; when the page is hidden it is written at once, and put where a closing page can still write. Every write
 * names the revision it builds on: when another tab was there first, or took the dance off the shelf, nothing is overwritten and the
 * writer is asked.
 */
import type { Writing } from '../../../core';
import {
  addDance,
  answered,
  database,
  dropDraft,
  dropLeftWords,
  Journal,
  keepDraft,
  nextEdit,
  otherVersion,
  refusalWords,
  reviveDance,
  saveDance,
  saveHistory,
  TAB,
  timeNow,
  watchDance,
  type DanceRecord,
  type Draft,
  type LeftWords,
} from '../../../store';

export type Keeping =
  | { readonly kind: 'kept' }
  | { readonly kind: 'waiting' }
  /** The browser refused; the text is in this tab and nowhere else. */
  | { readonly kind: 'refused'; readonly reason: string }
  /** Another tab changed the dance as well. */
  | { readonly kind: 'two-versions'; readonly theirs: DanceRecord }
  /** It was taken off the shelf in another tab, or the browser has lost it. */
  | { readonly kind: 'gone' };

const PAUSE = 180;
const LONGEST_WAIT = 450;
const PANEL_LAG = 90;
/** Letters. */
const LONG_TEXT = 12_000;

export class DanceSession {
  readonly id: string;
  text: string;
  keeping: Keeping = { kind: 'kept' };
  /** The editor's own state while another screen is shown: undo, selection, folds. */
  editorState: unknown;
  /** Where the writer is in the script; undefined on the other screens, which tell everything. */
  writing: Writing | undefined;
  /** The script line that is looked at, on whichever screen; from 0. */
  line: number | undefined;
  /** Set when unsaved words of an earlier, broken-off visit were taken up again. */
  readonly recovered: boolean;

  private base: number;
  private savedText: string;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private telling: ReturnType<typeof setTimeout> | undefined;
  private waitingSince = 0;
  private saving: Promise<void> | undefined;
  private answering: Promise<void> | undefined;
  /** What was heard while something was being written; heard again afterwards. */
  private missed: { readonly record: DanceRecord | undefined } | undefined;
  private readonly journal: Journal;
  private readonly listeners = new Set<() => void>();
  private readonly remoteListeners = new Set<(text: string) => void>();
  private stopWatching: (() => void) | undefined;
  private describeHistory: (() => unknown) | undefined;

  /** `left`: words for this dance that a closed or dead tab left behind; they stay where they are until they are kept here. */
  constructor(
    record: DanceRecord,
    private left: LeftWords | undefined = undefined,
  ) {
    this.id = record.id;
    this.base = record.revision;
    this.savedText = record.text;
    this.journal = new Journal(record.id, TAB, database);
    this.recovered = left !== undefined && left.text !== record.text;
    this.text = left ? left.text : record.text;
    if (!left) return;
    if (!this.recovered) this.settled();
    else if (left.base !== record.revision) this.keeping = { kind: 'two-versions', theirs: record };
    else this.schedule();
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

  lookAt(line: number): void {
    this.line = line;
  }

  /** What the text is going to be as soon as it is worked out. */
  foresee(text: string): void {
    if (text !== this.text) void this.journal.note({ ...this.draft(), text });
  }

  edit(text: string): void {
    if (text === this.text) return;
    this.text = text;
    const draft = this.draft();
    void this.journal.note(draft);
    if (this.isAsking()) {
      keepDraft(this.id, draft);
      this.tell();
      return;
    }
    this.schedule();
    this.tellSoon();
  }

  write(writing: Writing | undefined): void {
    if (writing === this.writing) return;
    this.writing = writing;
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
      const missed = this.missed;
      this.missed = undefined;
      if (missed) this.hear(missed.record);
      if (this.text !== this.savedText && this.keeping.kind === 'kept') this.schedule();
    });
    return this.saving;
  }

  // Two versions

  /** Takes the other tab's words; this tab's go on the shelf as a dance of their own. */
  takeTheirs(theirs: DanceRecord): Promise<void> {
    return this.answer(async () => {
      if (this.text !== theirs.text) await addDance(otherVersion(this.text));
      this.adopt(theirs);
    });
  }

  /** Puts this tab's words on top of the other's, which stay as a dance of their own. */
  keepMine(theirs: DanceRecord): Promise<void> {
    return this.answer(async () => {
      if (this.text !== theirs.text) await addDance(otherVersion(theirs.text));
      this.base = theirs.revision;
      this.savedText = theirs.text;
      this.become({ kind: 'kept' });
      await this.flush();
    });
  }

  /** Puts a dance that is gone on the shelf again, with the words of this tab. */
  putBack(): Promise<void> {
    return this.answer(async () => {
      const text = this.text;
      const record = await reviveDance(this.id, text);
      this.base = record.revision;
      this.savedText = text;
      this.settled();
      this.become({ kind: 'kept' });
      if (this.text !== text) this.schedule();
    });
  }

  /** An answer is given once, however often it is pressed; a browser that refuses leaves the question standing. */
  private answer(work: () => Promise<void>): Promise<void> {
    this.answering ??= work()
      .catch((error: unknown) => this.become({ kind: 'refused', reason: refusalWords(error) }))
      .finally(() => {
        this.answering = undefined;
      });
    return this.answering;
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

  /** The dance is kept under a question that only its writer can answer. */
  private isAsking = (): boolean => this.keeping.kind === 'two-versions' || this.keeping.kind === 'gone';

  private draft = (): Draft => ({ text: this.text, base: this.base, edits: nextEdit(), at: timeNow() });

  private schedule(): void {
    const now = performance.now();
    if (this.timer === undefined) this.waitingSince = now;
    clearTimeout(this.timer);
    const wait = Math.max(0, Math.min(PAUSE, this.waitingSince + LONGEST_WAIT - now));
    this.timer = setTimeout(() => void this.flush(), wait);
    // Nobody is shown that words wait to be written: no need to tell.
    if (this.keeping.kind === 'kept') this.keeping = { kind: 'waiting' };
  }

  private async save(): Promise<void> {
    const text = this.text;
    if (text === this.savedText && this.keeping.kind !== 'gone') {
      this.settled();
      if (this.keeping.kind !== 'kept') this.become({ kind: 'kept' });
      return;
    }
    try {
      const result = await answered(saveDance(this.id, text, this.base));
      if (result.kind === 'changed-elsewhere') return this.meetOther(result.record);
      if (result.kind === 'gone') return this.ask({ kind: 'gone' });
      this.base = result.record.revision;
      this.savedText = text;
      this.settled();
      if (this.keeping.kind === 'waiting') this.keeping = { kind: 'kept' };
      else if (this.keeping.kind === 'refused') this.become({ kind: 'kept' });
      const state = this.describeHistory?.();
      if (state !== undefined && this.text === text) await saveHistory({ id: this.id, text, state });
    } catch (error) {
      keepDraft(this.id, this.draft());
      this.become({ kind: 'refused', reason: refusalWords(error) });
    }
  }

  /** What was typed until now is kept: nothing of it needs to wait elsewhere. Later keys wait anew. */
  private settled(): void {
    dropDraft(this.id);
    if (this.left) void dropLeftWords(this.left);
    this.left = undefined;
    if (this.text === this.savedText) this.journal.forget();
    else void this.journal.note(this.draft());
  }

  private ask(keeping: Keeping): void {
    if (this.text !== this.savedText) keepDraft(this.id, this.draft());
    this.become(keeping);
  }

  private meetOther(record: DanceRecord): void {
    if (record.text === this.text) this.adopt(record);
    else this.ask({ kind: 'two-versions', theirs: record });
  }

  private hear(record: DanceRecord | undefined): void {
    if (this.saving || this.answering) {
      this.missed = { record };
      return;
    }
    if (!record || record.deletedAt > 0) {
      if (this.keeping.kind !== 'gone') this.ask({ kind: 'gone' });
      return;
    }
    // Put back on the shelf elsewhere.
    if (this.keeping.kind === 'gone' && record.revision === this.base) {
      this.become({ kind: 'kept' });
      if (this.text !== this.savedText) this.schedule();
    }
    if (record.revision <= this.base) return;
    if (this.text === this.savedText) this.adopt(record);
    else this.meetOther(record);
  }

  private adopt(record: DanceRecord): void {
    this.base = record.revision;
    this.savedText = record.text;
    clearTimeout(this.timer);
    this.timer = undefined;
    const changed = this.text !== record.text;
    this.text = record.text;
    this.settled();
    if (changed) for (const listener of this.remoteListeners) listener(record.text);
    this.become({ kind: 'kept' });
  }

  private leave(): void {
    if (this.text === this.savedText) return;
    keepDraft(this.id, this.draft());
    if (!this.isAsking()) void this.flush();
  }

  private become(keeping: Keeping): void {
    this.keeping = keeping;
    this.tell();
  }

  /** The panels follow the text a moment later and once for several quick keys, in long texts when typing pauses; the editor's own margin answers at once. */
  private tellSoon(): void {
    const isLong = this.text.length > LONG_TEXT;
    if (isLong) clearTimeout(this.telling);
    if (!isLong && this.telling !== undefined) return;
    this.telling = setTimeout(
      () => {
        this.telling = undefined;
        this.tell();
      },
      isLong ? PAUSE : PANEL_LAG,
    );
  }

  private tell(): void {
    for (const listener of this.listeners) listener();
  }
}

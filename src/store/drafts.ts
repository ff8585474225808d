/**
 * The last words typed, kept where writing needs no waiting: local storage takes them while the page is being closed, when a
 * database write would come too late, and when the database refuses. Each tab has its own key, and only its owner drops it.
 */
import { TAB } from './tabs';

const KEY = 'pace-slate-draft:';

export interface Draft {
  readonly text: string;
  /** The revision these words build on. */
  readonly base: number;
  /** How many edits their tab has made: of two drafts of one tab the later one. */
  readonly edits: number;
  /** When, in milliseconds: of two tabs' drafts the later one. */
  readonly at: number;
}

/** A draft with what it belongs to. */
export interface OwnedDraft extends Draft {
  readonly id: string;
  readonly tab: string;
}

const keyOf = (id: string, tab: string): string => `${KEY}${id}:${tab}`;

/** False when the browser refuses; then the text lives in this tab alone. */
export function keepDraft(id: string, draft: Draft, tab = TAB): boolean {
  try {
    localStorage.setItem(keyOf(id, tab), JSON.stringify(draft));
    return true;
  } catch {
    return false;
  }
}

/** All that wait, of every tab. */
export function findDrafts(): OwnedDraft[] {
  try {
    return Object.keys(localStorage).flatMap((key) => readDraft(key) ?? []);
  } catch {
    return [];
  }
}

function readDraft(key: string): OwnedDraft | undefined {
  if (!key.startsWith(KEY)) return undefined;
  const [id, tab = ''] = key.slice(KEY.length).split(/:(?=[^:]*$)/);
  try {
    const { text, base, edits = 0, at = 0 } = JSON.parse(localStorage.getItem(key) ?? '{}') as Partial<Draft>;
    return typeof text === 'string' && typeof base === 'number' ? { id, tab, text, base, edits, at } : undefined;
  } catch {
    return undefined;
  }
}

export function dropDraft(id: string, tab = TAB): void {
  try {
    localStorage.removeItem(keyOf(id, tab));
    // Drafts of earlier versions belonged to no tab.
    if (tab === '') localStorage.removeItem(KEY + id);
  } catch {
    // Nothing was kept there, then.
  }
}

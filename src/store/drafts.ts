/**
 * The last words typed, kept where writing needs no waiting: local storage takes them while the page is being closed, when a
 * database write would come too late, and when the database refuses.
 */
const KEY = 'pace-slate-draft:';

export interface Draft {
  readonly text: string;
  /** The revision these words build on. */
  readonly base: number;
}

/** False when the browser refuses; then the text lives in this tab alone. */
export function keepDraft(id: string, draft: Draft): boolean {
  try {
    localStorage.setItem(KEY + id, JSON.stringify(draft));
    return true;
  } catch {
    return false;
  }
}

export function findDraft(id: string): Draft | undefined {
  try {
    const draft = JSON.parse(localStorage.getItem(KEY + id) ?? 'null') as Partial<Draft> | null;
    return typeof draft?.text === 'string' && typeof draft.base === 'number'
      ? { text: draft.text, base: draft.base }
      : undefined;
  } catch {
    return undefined;
  }
}

/** All that wait, by their dances. */
export function findDrafts(): [id: string, draft: Draft][] {
  try {
    return Object.keys(localStorage).flatMap((key): [string, Draft][] => {
      const id = key.startsWith(KEY) ? key.slice(KEY.length) : '';
      const draft = id === '' ? undefined : findDraft(id);
      return draft ? [[id, draft]] : [];
    });
  } catch {
    return [];
  }
}

export function dropDraft(id: string): void {
  try {
    localStorage.removeItem(KEY + id);
  } catch {
    // Nothing was kept there, then.
  }
}

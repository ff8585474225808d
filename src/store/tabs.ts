/** Which tabs are open. Words that wait to be kept belong to the tab they were typed in, until it is gone. */
const PREFIX = 'pace-slate-tab:';

/** This tab, from its loading to its end. */
export const TAB: string = crypto.randomUUID();

const locks = (): LockManager | undefined => (typeof navigator === 'undefined' ? undefined : navigator.locks);

// The browser lets go of a lock when it has torn the page down, which on a busy machine is after the next page has looked.
const GONE = 'pace-slate-gone:';

function markGone(isGone: boolean): void {
  try {
    if (isGone) localStorage.setItem(GONE + TAB, '1');
    else localStorage.removeItem(GONE + TAB);
  } catch {
    // Then the lock alone tells.
  }
}

/** The tabs that said they go; marks of those that have no lock any more are cleared away. */
function goneTabs(held: ReadonlySet<string>): ReadonlySet<string> {
  try {
    const gone = Object.keys(localStorage).flatMap((key) => (key.startsWith(GONE) ? [key.slice(GONE.length)] : []));
    for (const tab of gone) if (!held.has(tab)) localStorage.removeItem(GONE + tab);
    return new Set(gone);
  } catch {
    return new Set();
  }
}

/** Says to other tabs that this one lives. The browser lets go of the lock when the tab closes or dies. */
export function holdTab(): void {
  void locks()
    ?.request(PREFIX + TAB, () => new Promise<never>(() => undefined))
    .catch(() => undefined);
  window.addEventListener('pagehide', () => markGone(true));
  // It comes back as it was, where the browser kept it.
  window.addEventListener('pageshow', () => markGone(false));
}

/** The other tabs that are open. None where the browser can't tell: then their words are taken for left behind, and asked about. */
export async function otherTabs(): Promise<ReadonlySet<string>> {
  const held = (await locks()?.query())?.held ?? [];
  const tabs = new Set(held.flatMap(({ name = '' }) => (name.startsWith(PREFIX) ? [name.slice(PREFIX.length)] : [])));
  const gone = goneTabs(tabs);
  return new Set([...tabs].filter((tab) => tab !== TAB && !gone.has(tab)));
}

let edits = 0;

/** Numbers the edits of this tab, across all its dances. */
export const nextEdit = (): number => (edits += 1);

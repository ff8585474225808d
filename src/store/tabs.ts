/** Which tabs are open. Words that wait to be kept belong to the tab they were typed in, until it is gone. */
const PREFIX = 'pace-slate-tab:';

/** This tab, from its loading to its end. */
export const TAB: string = crypto.randomUUID();

const locks = (): LockManager | undefined => (typeof navigator === 'undefined' ? undefined : navigator.locks);

/** Says to other tabs that this one lives. The browser lets go of the lock when the tab closes or dies. */
export function holdTab(): void {
  void locks()
    ?.request(PREFIX + TAB, () => new Promise<never>(() => undefined))
    .catch(() => undefined);
}

/** The other tabs that are open. None where the browser can't tell: then their words are taken for left behind, and asked about. */
export async function otherTabs(): Promise<ReadonlySet<string>> {
  const held = (await locks()?.query())?.held ?? [];
  const tabs = held.flatMap(({ name = '' }) => (name.startsWith(PREFIX) ? [name.slice(PREFIX.length)] : []));
  return new Set(tabs.filter((tab) => tab !== TAB));
}

let edits = 0;

/** Numbers the edits of this tab, across all its dances. */
export const nextEdit = (): number => (edits += 1);

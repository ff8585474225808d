/** How much room the browser gives, and whether it may take it away again. */
export interface Space {
  /** Bytes. */
  readonly used: number;
  readonly quota: number;
  /** The browser has promised not to clear it by itself. */
  readonly isPersistent: boolean;
}

export async function findSpace(): Promise<Space | undefined> {
  if (!('storage' in navigator) || !navigator.storage.estimate) return undefined;
  const { usage = 0, quota = 0 } = await navigator.storage.estimate();
  return { used: usage, quota, isPersistent: (await navigator.storage.persisted?.()) ?? false };
}

/** Asks the browser to keep everything; some ask the person. */
export const askToKeep = async (): Promise<boolean> => (await navigator.storage?.persist?.()) ?? false;

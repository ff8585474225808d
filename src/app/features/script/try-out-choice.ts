/** Whether the try-out is shown: begun, put away for good, or neither. Belongs to the browser, not to a dance. */
import { useSyncExternalStore } from 'react';

const KEY = 'pace-slate-try-out';
export type TryOut = 'offered' | 'begun' | 'away';

const listeners = new Set<() => void>();
let state: TryOut = readState();

function readState(): TryOut {
  try {
    return localStorage.getItem(KEY) === 'away' ? 'away' : 'offered';
  } catch {
    return 'offered';
  }
}

export function putTryOut(next: TryOut): void {
  state = next;
  try {
    if (next === 'away') localStorage.setItem(KEY, next);
    else localStorage.removeItem(KEY);
  } catch {
    // It then lasts as long as this tab.
  }
  for (const listener of listeners) listener();
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export const useTryOut = (): TryOut => useSyncExternalStore(subscribe, () => state);

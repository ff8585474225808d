/** What an open dance puts into the frame: its name, its views, its truth in one line. */
import { useEffect, useSyncExternalStore, type ReactNode } from 'react';

export interface FrameSlot {
  readonly id: string;
  readonly title: string;
  readonly truth: ReactNode;
}

let current: FrameSlot | undefined;
const listeners = new Set<() => void>();

function put(slot: FrameSlot | undefined): void {
  current = slot;
  for (const listener of listeners) listener();
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export const useFrameSlot = (): FrameSlot | undefined => useSyncExternalStore(subscribe, () => current);

/** Fills the slot while the caller is on screen. */
export function useFillFrame(slot: FrameSlot): void {
  useEffect(() => put(slot));
  useEffect(() => () => put(undefined), []);
}

/** What an open dance puts into the frame: its name and its views, and, changing with every key, its truth in one line. */
import { useEffect, useSyncExternalStore, type ReactNode } from 'react';

export interface FrameSlot {
  readonly id: string;
  readonly title: string;
}

let current: FrameSlot | undefined;
let truth: ReactNode = null;
const listeners = new Set<() => void>();

function put(slot: FrameSlot | undefined, line: ReactNode): void {
  // The same name keeps its object: the frame is drawn again for the truth alone.
  if (slot?.id !== current?.id || slot?.title !== current?.title) current = slot;
  truth = line;
  for (const listener of listeners) listener();
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export const useFrameSlot = (): FrameSlot | undefined => useSyncExternalStore(subscribe, () => current);

/** The truth of the open dance, on its own in the tree. */
export const FrameTruth = (): ReactNode => useSyncExternalStore(subscribe, () => truth);

/** Fills the slot while the caller is on screen. */
export function useFillFrame(slot: FrameSlot, line: ReactNode): void {
  useEffect(() => put(slot, line));
  useEffect(() => () => put(undefined, null), []);
}

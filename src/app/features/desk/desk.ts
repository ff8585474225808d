/** What the panel beside the script helps with, and which proposal is looked at: set by keys of the editor and by the panel itself. */
import { useSyncExternalStore } from 'react';

/** The line explained, figures that may follow, sequences that fill, the last eight; on a small screen the outline. */
export type Help = 'line' | 'go-on' | 'fill' | 'close' | 'sections';

export interface Desk {
  readonly help: Help;
  /** Lines chosen for filling when they were, from 0; undefined follows the cursor. */
  readonly range?: { readonly from: number; readonly to: number };
  readonly selected: number;
  /** On a small screen what helps is a drawer. */
  readonly isOpen: boolean;
}

const START: Desk = { help: 'line', selected: 0, isOpen: false };

let desk: Desk = START;
const listeners = new Set<() => void>();
/** How what is looked at is taken; set by the panel while it shows proposals. */
let taking: (() => void) | undefined;

function become(next: Desk): void {
  desk = next;
  for (const listener of listeners) listener();
}

export const currentDesk = (): Desk => desk;

export const putDesk = (change: Partial<Desk>): void => become({ ...desk, ...change });

export const clearDesk = (): void => become(START);

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export const useDesk = (): Desk => useSyncExternalStore(subscribe, currentDesk);

export function takeWith(take: (() => void) | undefined): () => void {
  taking = take;
  return () => {
    if (taking === take) taking = undefined;
  };
}

/** Takes the proposal that is looked at; false where none is. */
export function takeSelected(): boolean {
  taking?.();
  return taking !== undefined;
}

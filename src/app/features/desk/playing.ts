/** What the rest of the application knows of a song that plays: that it does, and the line of the script that is danced to it. */
import { useSyncExternalStore } from 'react';

let isPlaying = false;
let line: number | undefined;
const listeners = new Set<() => void>();

function tell(): void {
  for (const listener of listeners) listener();
}

export function noteSongPlaying(now: boolean): void {
  if (now === isPlaying) return;
  isPlaying = now;
  tell();
}

/** Undefined where nothing of the dance is danced by now. */
export function noteDancedLine(now: number | undefined): void {
  if (now === line) return;
  line = now;
  tell();
}

export function subscribePlaying(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export const dancedLine = (): number | undefined => line;

export const songPlays = (): boolean => isPlaying;

export const useSongPlaying = (): boolean => useSyncExternalStore(subscribePlaying, songPlays);

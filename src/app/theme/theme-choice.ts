/** Light, dim hall, or as the device says. Belongs to the browser, not to a dance. */
import { useEffect, useSyncExternalStore } from 'react';

export const THEMES = ['device', 'light', 'dim'] as const;
export type ThemeChoice = (typeof THEMES)[number];

const KEY = 'pace-slate-theme';
const listeners = new Set<() => void>();
let choice: ThemeChoice = readChoice();

function readChoice(): ThemeChoice {
  try {
    const kept = localStorage.getItem(KEY);
    return THEMES.find((theme) => theme === kept) ?? 'device';
  } catch {
    return 'device';
  }
}

export function chooseTheme(next: ThemeChoice): void {
  choice = next;
  try {
    localStorage.setItem(KEY, next);
  } catch {
    // The choice then lasts as long as this tab.
  }
  for (const listener of listeners) listener();
}

const deviceIsDim = () => window.matchMedia('(prefers-color-scheme: dark)');

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  const device = deviceIsDim();
  device.addEventListener('change', listener);
  return () => {
    listeners.delete(listener);
    device.removeEventListener('change', listener);
  };
}

/** The theme in force, kept on the root element. */
export function useTheme(): { choice: ThemeChoice; dim: boolean } {
  const current = useSyncExternalStore(subscribe, () => choice);
  const device = useSyncExternalStore(subscribe, () => deviceIsDim().matches);
  const dim = current === 'dim' || (current === 'device' && device);
  useEffect(() => {
    document.documentElement.classList.toggle('dark', dim);
    document.documentElement.classList.toggle('light', !dim);
    document.documentElement.style.colorScheme = dim ? 'dark' : 'light';
  }, [dim]);
  return { choice: current, dim };
}

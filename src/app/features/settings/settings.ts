/** The writer's own figures and house styles, held in memory for every tab and kept in the browser. */
import { useSyncExternalStore } from 'react';
import { HOUSE_STYLES, LONGEST_LIVE_TEXT, SLATE_STYLE, studyText, type HouseStyle, type Study } from '../../../core';
import { savePersonalFigures, saveStyles, watchSettings, type KeptStyles, type Settings } from '../../../store';

let settings: Settings = { figures: '', styles: undefined };
const listeners = new Set<() => void>();
let watching = false;

function become(next: Settings): void {
  if (next.figures === settings.figures && JSON.stringify(next.styles) === JSON.stringify(settings.styles)) return;
  settings = next;
  for (const listener of listeners) listener();
}

/** Reads what is kept and follows it; resolves when it was read for the first time. */
export function startSettings(): Promise<void> {
  if (watching) return Promise.resolve();
  watching = true;
  return new Promise((resolve) => {
    watchSettings((next) => {
      become(next);
      resolve();
    });
    // A browser that keeps nothing is no reason to wait.
    setTimeout(resolve, 400);
  });
}

export const personalFigures = (): string => settings.figures;

/** A text as it is worked out while somebody types: with the writer's own figures, and not longer than a key may wait for. */
export const studyLive = (text: string): Study => studyText(text, settings.figures, LONGEST_LIVE_TEXT);

export function subscribeSettings(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export const usePersonalFigures = (): string => useSyncExternalStore(subscribeSettings, personalFigures);

export async function keepPersonalFigures(text: string): Promise<void> {
  become({ ...settings, figures: text });
  await savePersonalFigures(text);
}

// House styles

export const allStyles = (): readonly HouseStyle[] => [...HOUSE_STYLES, ...(settings.styles?.styles ?? [])];

export const houseStyle = (): HouseStyle => allStyles().find(({ id }) => id === settings.styles?.chosen) ?? SLATE_STYLE;

export const useHouseStyle = (): HouseStyle => useSyncExternalStore(subscribeSettings, houseStyle);

/** Changes with every change of the styles, for those who list them. */
export const useKeptStyles = (): KeptStyles | undefined =>
  useSyncExternalStore(subscribeSettings, () => settings.styles);

async function keepStyles(styles: KeptStyles): Promise<void> {
  become({ ...settings, styles });
  await saveStyles(styles);
}

export const chooseStyle = (id: string): Promise<void> =>
  keepStyles({ chosen: id, styles: settings.styles?.styles ?? [] });

/** Keeps a style of the writer's own, new or changed, and takes it. */
export function keepStyle(style: HouseStyle): Promise<void> {
  const others = (settings.styles?.styles ?? []).filter(({ id }) => id !== style.id);
  return keepStyles({ chosen: style.id, styles: [...others, style] });
}

export function dropStyle(id: string): Promise<void> {
  const styles = (settings.styles?.styles ?? []).filter((style) => style.id !== id);
  return keepStyles({
    chosen: settings.styles?.chosen === id ? SLATE_STYLE.id : (settings.styles?.chosen ?? SLATE_STYLE.id),
    styles,
  });
}

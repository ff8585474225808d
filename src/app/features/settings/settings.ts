/** The writer's own figures and house styles, held in memory for every tab and kept in the browser. */
import { useSyncExternalStore } from 'react';
import {
  HOUSE_STYLES,
  LONGEST_LIVE_TEXT,
  SLATE_STYLE,
  studyText,
  USUAL_SCALE,
  type HouseStyle,
  type LevelScale,
  type Study,
} from '../../../core';
import {
  dropHeldSettings,
  findSettings,
  heldSettings,
  holdSettings,
  savePersonalFigures,
  saveScale,
  saveStyles,
  watchSettings,
  type KeptStyles,
  type Settings,
} from '../../../store';

let settings: Settings = { figures: '', styles: undefined, scale: undefined };
const listeners = new Set<() => void>();
let watching = false;
/** Changes on their way into the database; until they are there, what is read from it is older than what is known here. */
let saving = 0;

function become(next: Settings): void {
  if (JSON.stringify([next.figures, next.styles, next.scale]) === JSON.stringify([settings.figures, settings.styles, settings.scale])) return; // prettier-ignore
  settings = next;
  for (const listener of listeners) listener();
}

/** Reads what is kept and follows it; resolves when it was read for the first time. */
export function startSettings(): Promise<void> {
  if (watching) return Promise.resolve();
  watching = true;
  const { figures, styles, scale } = heldSettings();
  if (figures !== undefined) void keepPersonalFigures(figures).catch(() => undefined);
  if (styles) void keepStyles(styles).catch(() => undefined);
  if (scale) void keepScale(scale).catch(() => undefined);
  return new Promise((resolve) => {
    watchSettings((next) => {
      if (saving === 0) become(next);
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

/** Shown at once, put aside at once, and told again from the database when all is there. */
async function keep(change: Partial<Settings>, save: () => Promise<void>): Promise<void> {
  become({ ...settings, ...change });
  holdSettings(change);
  saving++;
  try {
    await save();
    if (saving === 1) dropHeldSettings();
  } finally {
    saving--;
  }
  if (saving === 0) {
    const kept = await findSettings();
    if (saving === 0) become(kept);
  }
}

export const keepPersonalFigures = (text: string): Promise<void> =>
  keep({ figures: text }, () => savePersonalFigures(text));

// Levels

const levelScale = (): LevelScale => settings.scale ?? USUAL_SCALE;

export const useLevelScale = (): LevelScale => useSyncExternalStore(subscribeSettings, levelScale);

/** The usual one again where none is given. */
export const keepScale = (scale: LevelScale | undefined): Promise<void> => keep({ scale }, () => saveScale(scale));

// House styles

export const allStyles = (): readonly HouseStyle[] => [...HOUSE_STYLES, ...(settings.styles?.styles ?? [])];

export const houseStyle = (): HouseStyle => allStyles().find(({ id }) => id === settings.styles?.chosen) ?? SLATE_STYLE;

export const useHouseStyle = (): HouseStyle => useSyncExternalStore(subscribeSettings, houseStyle);

/** Changes with every change of the styles, for those who list them. */
export const useKeptStyles = (): KeptStyles | undefined =>
  useSyncExternalStore(subscribeSettings, () => settings.styles);

const keepStyles = (styles: KeptStyles): Promise<void> => keep({ styles }, () => saveStyles(styles));

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

/** The writer's own figures and house styles, held in memory for every tab and kept in the browser. */
import { useSyncExternalStore } from 'react';
import {
  definitionsIn,
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
  guarded,
  heldSettings,
  holdSettings,
  changePersonalFigures,
  saveScale,
  changeStyles,
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
  // What a page that closed could only put aside comes to what is kept: another tab may have written since.
  const { figures, styles, scale } = heldSettings();
  if (figures !== undefined) void keepPersonalFigures((kept) => withMissing(kept, figures)).catch(() => undefined);
  if (styles) void keepStyles((kept) => ({ chosen: styles.chosen, styles: replacing(kept.styles, styles.styles) })).catch(() => undefined); // prettier-ignore
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
export const studyLive = (text: string, figures = settings.figures): Study =>
  guarded(text, () => studyText(text, figures, LONGEST_LIVE_TEXT));

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

/** `change` gets the figures as they are known here, and once more as they are kept then. */
export const keepPersonalFigures = (change: (figures: string) => string): Promise<void> =>
  keep({ figures: change(settings.figures) }, () => changePersonalFigures(change));

/** With the definitions of `more` that it lacks. */
function withMissing(figures: string, more: string): string {
  const known = new Set(definitionsIn(figures).map(({ words }) => words));
  const missing = definitionsIn(more).filter(({ words }) => !known.has(words));
  return [figures, ...missing.map(({ words, more: lines }) => [`## Figure ${words}`, ...lines, ''].join('\n'))].filter(Boolean).join('\n'); // prettier-ignore
}

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

const NO_STYLES: KeptStyles = { chosen: SLATE_STYLE.id, styles: [] };

/** `change` gets the styles as they are known here, and once more as they are kept then. */
function keepStyles(change: (styles: KeptStyles) => KeptStyles): Promise<void> {
  const changed = (styles: KeptStyles | undefined): KeptStyles => change(styles ?? NO_STYLES);
  return keep({ styles: changed(settings.styles) }, () => changeStyles(changed));
}

const replacing = (styles: readonly HouseStyle[], more: readonly HouseStyle[]): HouseStyle[] => [
  ...styles.filter(({ id }) => !more.some((style) => style.id === id)),
  ...more,
];

export const chooseStyle = (id: string): Promise<void> => keepStyles(({ styles }) => ({ chosen: id, styles }));

/** Keeps a style of the writer's own, new or changed, and takes it. */
export const keepStyle = (style: HouseStyle): Promise<void> =>
  keepStyles(({ styles }) => ({ chosen: style.id, styles: replacing(styles, [style]) }));

/** Changes something of a style of the writer's own; what another tab changed of it stays. */
export const changeStyle = (id: string, change: (style: HouseStyle) => Partial<HouseStyle>): Promise<void> =>
  keepStyles(({ chosen, styles }) => ({ chosen, styles: styles.map((style) => (style.id === id ? { ...style, ...change(style) } : style)) })); // prettier-ignore

export const dropStyle = (id: string): Promise<void> =>
  keepStyles(({ chosen, styles }) => ({
    chosen: chosen === id ? SLATE_STYLE.id : chosen,
    styles: styles.filter((style) => style.id !== id),
  }));

/** What a writer keeps across dances: figures of her own, and house styles. Checked where it is read: it may come from a backup. */
import { liveQuery } from 'dexie';
import { array, mixed, number, object, string } from 'yup';
import {
  CAPITAL_STYLES,
  DIRECTION_STYLES,
  FRACTION_STYLES,
  scaleProblem,
  SIDE_STYLES,
  TURN_STYLES,
  type HouseStyle,
  type LevelScale,
} from '../core';
import { database, type SlateDatabase } from './database';

const FIGURES = 'personal-figures';
const STYLES = 'house-styles';

/** The writer's own figures, as `## Figure` lines; empty when there are none. */
export async function findPersonalFigures(db: SlateDatabase = database): Promise<string> {
  const value = (await db.meta.get(FIGURES))?.value;
  return typeof value === 'string' ? value : '';
}

/** `change` gets what is kept now, whichever tab wrote last. */
export const changePersonalFigures = (change: (figures: string) => string, db: SlateDatabase = database): Promise<void> =>
  db.transaction('rw', db.meta, async () => {
    await db.meta.put({ key: FIGURES, value: change(await findPersonalFigures(db)) });
  }); // prettier-ignore

export interface KeptStyles {
  /** The style in force; one of the slate's own or of `styles`. */
  readonly chosen: string;
  readonly styles: readonly HouseStyle[];
}

const oneOf = <T extends string>(values: readonly T[]) =>
  string()
    .oneOf([...values])
    .required();

const style = object({
  id: string().strict().max(80).required(),
  title: string().strict().max(80).required(),
  sides: oneOf(SIDE_STYLES),
  fractions: oneOf(FRACTION_STYLES),
  turns: oneOf(TURN_STYLES),
  directions: oneOf(DIRECTION_STYLES),
  capitals: oneOf(CAPITAL_STYLES),
  names: mixed<Record<string, string>>()
    .required()
    .test(
      (names) => typeof names === 'object' && Object.values(names as object).every((name) => typeof name === 'string'),
    ),
});

const kept = object({ chosen: string().strict().required(), styles: array(style).required() });

/** House styles from outside, or undefined where they can't be used. */
export const readStyles = (value: unknown): KeptStyles | undefined =>
  kept.isValidSync(value, { strict: true }) ? (value as KeptStyles) : undefined;

/** What is kept, or undefined where nothing is, or nothing that can be used. */
export const findStyles = async (db: SlateDatabase = database): Promise<KeptStyles | undefined> =>
  readStyles((await db.meta.get(STYLES))?.value);

/** `change` gets what is kept now, whichever tab wrote last. */
export const changeStyles = (change: (styles: KeptStyles | undefined) => KeptStyles, db: SlateDatabase = database): Promise<void> =>
  db.transaction('rw', db.meta, async () => {
    await db.meta.put({ key: STYLES, value: change(await findStyles(db)) });
  }); // prettier-ignore

const SCALE = 'level-scale';

/** Under which names settings are kept. */
export const SETTINGS_KEYS: readonly string[] = [FIGURES, STYLES, SCALE];

const scale = object({
  names: array(string().strict().max(60).required()).required(),
  borders: array(number().strict().required()).required(),
}).required();

/** A scale of levels from outside, or undefined where it can't be used. */
export function readScale(value: unknown): LevelScale | undefined {
  if (!scale.isValidSync(value, { strict: true })) return undefined;
  const own = scale.cast(value, { stripUnknown: true });
  return scaleProblem(own) === undefined ? own : undefined;
}

export const findScale = async (db: SlateDatabase = database): Promise<LevelScale | undefined> =>
  readScale((await db.meta.get(SCALE))?.value);

/** The usual one again where none is given. */
export const saveScale = async (own: LevelScale | undefined, db: SlateDatabase = database): Promise<void> => {
  if (own) await db.meta.put({ key: SCALE, value: own });
  else await db.meta.delete(SCALE);
};

export interface Settings {
  /** A scale of levels of one's own. */
  readonly scale: LevelScale | undefined;
  readonly figures: string;
  readonly styles: KeptStyles | undefined;
}

export const findSettings = async (db: SlateDatabase = database): Promise<Settings> => ({
  figures: await findPersonalFigures(db),
  styles: await findStyles(db),
  scale: await findScale(db),
});

/** Calls back now and after every change, in this tab or another. Returns the way to stop. */
export function watchSettings(onSettings: (settings: Settings) => void): () => void {
  const subscription = liveQuery(() => findSettings()).subscribe({ next: onSettings, error: () => undefined });
  return () => subscription.unsubscribe();
}

// What was changed and isn't in the database yet: a page that closes that moment loses nothing, as with the words of a dance.

const UNSAVED = 'pace-slate-settings';

/** Puts a change aside where writing needs no waiting; where the browser refuses, the database alone has it. */
export function holdSettings(change: Partial<Settings>): void {
  try {
    localStorage.setItem(UNSAVED, JSON.stringify({ ...heldSettings(), ...change }));
  } catch {
    // Then there is only the database.
  }
}

/** What was put aside and never dropped. */
export function heldSettings(): Partial<Settings> {
  try {
    const held = JSON.parse(localStorage.getItem(UNSAVED) ?? '{}') as Readonly<Record<keyof Settings, unknown>>;
    const styles = readStyles(held.styles);
    const own = readScale(held.scale);
    return {
      ...(typeof held.figures === 'string' && { figures: held.figures }),
      ...(styles && { styles }),
      ...(own && { scale: own }),
    };
  } catch {
    return {};
  }
}

export function dropHeldSettings(): void {
  try {
    localStorage.removeItem(UNSAVED);
  } catch {
    // Nothing was kept there, then.
  }
}

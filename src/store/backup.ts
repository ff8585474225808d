/** Everything that is kept as one file, and the way back. Checked where it is read: nothing of it is believed. */
import { array, number, object, string, type InferType, type Schema } from 'yup';
import { definitionsIn, type LevelScale } from '../core';
import { database, type SlateDatabase } from './database';
import { factsOfText } from './facts';
import { classesForBackup, keptEvening, keptGroup, restoreClasses, type KeptEvening, type KeptGroup } from './classes';
import { keptRecording, recordingsForBackup, restoreRecording } from './recordings';
import type { DanceRecord, SourceRecord } from './records';
import { mergeRevisions } from './revisions';
import {
  findPersonalFigures,
  findScale,
  findStyles,
  readScale,
  readStyles,
  savePersonalFigures,
  saveScale,
  saveStyles,
  type KeptStyles,
} from './settings';

const BACKUP_FORMAT = 'pace-slate-backup';
const BACKUP_VERSION = 1;

const text = string().strict().defined();
const time = number().strict().required().min(0).max(1e15);

const dance = object({
  id: text.min(1),
  text,
  createdAt: time,
  changedAt: time,
  tags: array(text).required(),
});
const revision = object({ danceId: text, text, from: time, at: time, name: text });
const source = object({ id: text, name: text, kind: text, text, importedAt: time });

const whole = object({
  format: string().oneOf([BACKUP_FORMAT]).required(),
  version: number().integer().required(),
  dances: array().required(),
  revisions: array().required(),
  sources: array().required(),
  figures: text,
  styles: object().nullable().defined(),
  // Only where they were asked for.
  recordings: array().optional(),
  // Missing in backups of before there were classes.
  groups: array().optional(),
  evenings: array().optional(),
  scale: object().nullable().optional(),
});

export interface Backup {
  readonly dances: readonly InferType<typeof dance>[];
  readonly revisions: readonly InferType<typeof revision>[];
  readonly sources: readonly InferType<typeof source>[];
  readonly figures: string;
  readonly styles: KeptStyles | undefined;
  readonly recordings: readonly InferType<typeof keptRecording>[];
  readonly groups: readonly KeptGroup[];
  readonly evenings: readonly KeptEvening[];
  readonly scale: LevelScale | undefined;
  /** What of it is damaged and left out, in words. */
  readonly damaged: readonly string[];
}

/** `recordings`: with the songs' recordings, which make it long. */
export async function makeBackup(db: SlateDatabase = database, recordings = false): Promise<string> {
  const dances = await db.dances.where('deletedAt').equals(0).toArray();
  const kept = new Set(dances.map(({ id }) => id));
  const [revisions, sources] = await Promise.all([db.revisions.toArray(), db.sources.toArray()]);
  return JSON.stringify({
    format: BACKUP_FORMAT,
    version: BACKUP_VERSION,
    dances: dances.map(({ id, text: own, createdAt, changedAt, tags }) => ({
      id,
      text: own,
      createdAt,
      changedAt,
      tags,
    })),
    revisions: revisions
      .filter(({ danceId }) => kept.has(danceId))
      .map(({ danceId, text: own, from, at, name }) => ({ danceId, text: own, from, at, name })),
    sources: sources.filter(({ id }) => kept.has(id)),
    figures: await findPersonalFigures(db),
    styles: (await findStyles(db)) ?? null,
    scale: (await findScale(db)) ?? null,
    ...(await classesForBackup(db)),
    ...(recordings && { recordings: await recordingsForBackup(kept, db) }),
  });
}

export type ReadBackup = { readonly backup: Backup } | { readonly problem: string };

const DAMAGED = 'This file says it is a backup, but what it should hold is missing.';

/** Says in one sentence what is wrong with anything else. A single record that is damaged is left out and named. */
export function readBackup(json: string): ReadBackup {
  let value: unknown;
  try {
    value = JSON.parse(json);
  } catch {
    return { problem: 'This backup is damaged: it stops or breaks in the middle.' };
  }
  if (typeof value !== 'object' || value === null || (value as { format?: unknown }).format !== BACKUP_FORMAT)
    return { problem: 'This file holds something other than a backup of this slate.' };
  const { version } = value as { version?: unknown };
  if (version !== BACKUP_VERSION) {
    const said = typeof version === 'number' || typeof version === 'string' ? ` (${version})` : '';
    return {
      problem: `This backup was made by another version${said} of the slate; this one reads version ${BACKUP_VERSION}.`,
    };
  }
  if (!whole.isValidSync(value, { strict: true })) return { problem: DAMAGED };
  const damaged: string[] = [];
  const sound = <T>(
    records: readonly unknown[],
    shape: Schema<T>,
    nameOf: (record: unknown, place: number) => string,
  ) =>
    records.flatMap((record, index): T[] => {
      if (shape.isValidSync(record, { strict: true })) return [shape.cast(record, { stripUnknown: true }) as T];
      damaged.push(nameOf(record, index + 1));
      return [];
    });
  const dances = sound(value.dances, dance, (record, place) => titleOf(record) ?? `dance ${place}`);
  const revisions = sound(value.revisions, revision, (_, place) => `revision ${place}`);
  const sources = sound(value.sources, source, (_, place) => `original ${place}`);
  const recordings = sound(value.recordings ?? [], keptRecording, (_, place) => `recording ${place}`);
  const groups = sound(value.groups ?? [], keptGroup, (record, place) => nameIn(record, 'name') ?? `group ${place}`);
  const evenings = sound(
    value.evenings ?? [],
    keptEvening,
    (record, place) => `the evening ${nameIn(record, 'date') ?? place}`,
  );
  const styles = readStyles(value.styles);
  const scale = readScale(value.scale);
  if (value.styles !== null && !styles) damaged.push('the house styles');
  if (value.scale && !scale) damaged.push('the scale of levels');
  return { backup: { dances, revisions, sources, figures: value.figures, styles, scale, recordings, groups, evenings, damaged } }; // prettier-ignore
}

function nameIn(record: unknown, key: string): string | undefined {
  const name = ((record ?? {}) as Readonly<Record<string, unknown>>)[key];
  return typeof name === 'string' && name !== '' ? name.slice(0, 60) : undefined;
}

function titleOf(record: unknown): string | undefined {
  const { text: own } = (record ?? {}) as { text?: unknown };
  return typeof own === 'string' ? /^#\s*(.{1,60})/m.exec(own)?.[1] : undefined;
}

export interface Restored {
  readonly added: number;
  /** Dances that were here as well: the newer one stays, the older is kept among its revisions. */
  readonly met: number;
  /** Dances that were not reached any more: it was stopped. */
  readonly left: number;
  /** Own figures that are defined otherwise here; those here stay. */
  readonly otherFigures: readonly string[];
  /** Names of recordings whose bytes are damaged: left out. */
  readonly damaged: readonly string[];
}

export interface RestoreWays {
  readonly db?: SlateDatabase;
  /** Called now and then with how many dances are done. */
  readonly onProgress?: (done: number, total: number) => void;
  readonly signal?: AbortSignal;
}

const AT_A_TIME = 25;

/**
 * Nothing that is here is lost, and what is here already is not written again. A few dances at a time, each lot whole: where the
 * browser refuses in between, what came before is there, and the rest can be restored from the same file later.
 */
export async function restoreBackup(backup: Backup, ways: RestoreWays = {}): Promise<Restored> {
  const { db = database, onProgress, signal } = ways;
  const { dances, revisions, sources } = backup;
  const otherFigures = await restoreSettings(backup, db);
  const personal = await findPersonalFigures(db);
  const revisionsOf = groupBy(revisions, ({ danceId }) => danceId);
  const sourceOf = new Map(sources.map((one) => [one.id, one]));
  let [added, met, done] = [0, 0, 0];
  while (done < dances.length && !signal?.aborted) {
    const lot = dances.slice(done, done + AT_A_TIME).map((one) => ({ one, facts: factsOfText(one.text, personal) }));
    await db.transaction('rw', db.dances, db.revisions, db.sources, db.meta, async () => {
      let lotAdded = 0;
      for (const { one, facts } of lot) {
        if (await restoreDance({ ...one, ...facts }, db)) lotAdded += 1;
        await mergeRevisions(one.id, revisionsOf.get(one.id) ?? [], db);
        const from = sourceOf.get(one.id) as SourceRecord | undefined;
        if (from && !(await db.sources.get(one.id))) await db.sources.put(from);
      }
      await db.meta.put({ key: 'demo-added', value: true });
      added += lotAdded;
      met += lot.length - lotAdded;
    });
    done += lot.length;
    onProgress?.(done, dances.length);
    // The page may draw and hear the Stop in between.
    await new Promise((resolve) => setTimeout(resolve));
  }
  if (!signal?.aborted) await restoreClasses(backup.groups, backup.evenings, db);
  const here = new Set(dances.slice(0, done).map(({ id }) => id));
  const damaged: string[] = [];
  for (const one of backup.recordings)
    if (here.has(one.id) && !signal?.aborted && !(await restoreRecording(one, db))) damaged.push(one.name);
  return { added, met, left: dances.length - done, otherFigures, damaged };
}

function groupBy<T>(all: readonly T[], keyOf: (one: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const one of all) {
    const group = groups.get(keyOf(one));
    if (group) group.push(one);
    else groups.set(keyOf(one), [one]);
  }
  return groups;
}

/** True when it was not on the shelf. Of two states the newer one stands and the older one is among the revisions. */
async function restoreDance(from: Omit<DanceRecord, 'revision' | 'deletedAt'>, db: SlateDatabase): Promise<boolean> {
  const here = await db.dances.get(from.id);
  const record: DanceRecord = { ...from, revision: (here?.revision ?? 0) + 1, deletedAt: 0 };
  if (!here || here.deletedAt > 0) {
    await db.dances.put(record);
    return true;
  }
  if (here.text === from.text) return false;
  const isNewer = here.changedAt < from.changedAt;
  const older = isNewer ? here : from;
  await mergeRevisions(from.id, [{ danceId: from.id, text: older.text, from: older.changedAt, at: older.changedAt, name: '' }], db); // prettier-ignore
  if (isNewer) await db.dances.put(record);
  return false;
}

const nameOf = (words: string): string => /["“]([^"”]+)["”]/.exec(words)?.[1].trim().toLowerCase() ?? words;

/** Adds figures and styles that are not here. Returns the names of figures that are defined otherwise here. */
function restoreSettings({ figures, styles, scale }: Backup, db: SlateDatabase): Promise<string[]> {
  return db.transaction('rw', db.meta, async () => {
    const own = await findPersonalFigures(db);
    const here = new Map(definitionsIn(own).map(({ words, more }) => [nameOf(words), [words, ...more].join('\n')]));
    const others: string[] = [];
    const missing: string[] = [];
    for (const { words, more } of definitionsIn(figures)) {
      const definition = [words, ...more].join('\n');
      const known = here.get(nameOf(words));
      if (known === undefined) missing.push(`## Figure ${definition}\n`);
      else if (known !== definition) others.push(nameOf(words));
    }
    const all = own.trim() === '' ? figures : [own, ...missing].join(own.endsWith('\n') ? '\n' : '\n\n');
    if (all !== own) await savePersonalFigures(all, db);
    // A scale that is here stays.
    if (scale && !(await findScale(db))) await saveScale(scale, db);
    if (styles) await saveStyles(mergeStyles(await findStyles(db), styles), db);
    return others;
  });
}

function mergeStyles(here: KeptStyles | undefined, more: KeptStyles): KeptStyles {
  if (!here) return more;
  const same = (style: KeptStyles['styles'][number]): string =>
    JSON.stringify({ ...style, id: '', title: style.title.replace(/ \(backup\)$/, '') });
  const known = new Set(here.styles.map(same));
  const ids = new Set(here.styles.map(({ id }) => id));
  const missing = more.styles
    .filter((style) => !known.has(same(style)))
    .map((style) => (ids.has(style.id) ? { ...style, id: crypto.randomUUID(), title: `${style.title} (backup)`.slice(0, 80) } : style)); // prettier-ignore
  return { ...here, styles: [...here.styles, ...missing] };
}

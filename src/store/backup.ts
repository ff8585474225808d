/** Everything that is kept as one file, and the way back. Checked where it is read: nothing of it is believed. */
import { array, number, object, string, type InferType, type Schema } from 'yup';
import { definitionsIn, grouped, type LevelScale } from '../core';
import { isRefusal } from './answered';
import { classesForBackup, restoreClasses, type KeptClasses } from './classes';
import { timeNow } from './clock';
import { database, type SlateDatabase } from './database';
import { otherVersion } from './dances';
import { factsOfText } from './facts';
import { recordingsForBackup, restoreRecording } from './recordings';
import type { DanceRecord, SourceRecord } from './records';
import { mergeRevisions } from './revisions';
import {
  changePersonalFigures,
  changeStyles,
  findPersonalFigures,
  findScale,
  findStyles,
  readScale,
  readStyles,
  saveScale,
  type KeptStyles,
} from './settings';
import { keptDance, keptEvening, keptGroup, keptRecording, keptRequest, keptRevision, keptSource } from './shapes';
import { soundDance, soundOnes } from './soundness';
import { changesSince, stateBefore, type RestoredChanges } from './undo-restore';

const BACKUP_FORMAT = 'pace-slate-backup';
const BACKUP_VERSION = 1;

const whole = object({
  format: string().oneOf([BACKUP_FORMAT]).required(),
  version: number().integer().required(),
  dances: array().required(),
  revisions: array().required(),
  sources: array().required(),
  figures: string().strict().defined().max(1_000_000),
  styles: object().nullable().defined(),
  // Only where they were asked for.
  recordings: array().optional(),
  // Missing in backups of before there were classes.
  groups: array().optional(),
  evenings: array().optional(),
  requests: array().optional(),
  scale: object().nullable().optional(),
});

export interface Backup extends KeptClasses {
  readonly dances: readonly InferType<typeof keptDance>[];
  readonly revisions: readonly InferType<typeof keptRevision>[];
  readonly sources: readonly InferType<typeof keptSource>[];
  readonly figures: string;
  readonly styles: KeptStyles | undefined;
  readonly recordings: readonly InferType<typeof keptRecording>[];
  readonly scale: LevelScale | undefined;
  /** What of it is damaged and left out, in words. */
  readonly damaged: readonly string[];
}

/** `recordings`: with the songs' recordings, which make it long. */
export async function makeBackup(db: SlateDatabase = database, recordings = false): Promise<string> {
  const dances = (await db.dances.where('deletedAt').equals(0).toArray()).flatMap((dance) => soundDance(dance) ?? []);
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
    revisions: soundOnes('revisions', revisions)
      .filter(({ danceId }) => kept.has(danceId))
      .map(({ danceId, text: own, from, at, name }) => ({ danceId, text: own, from, at, name })),
    sources: soundOnes('sources', sources).filter(({ id }) => kept.has(id)),
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
  const dances = sound(value.dances, keptDance, (record, place) => titleOf(record) ?? `dance ${place}`);
  const revisions = sound(value.revisions, keptRevision, (_, place) => `revision ${place}`);
  const sources = sound(value.sources, keptSource, (_, place) => `original ${place}`);
  const recordings = sound(value.recordings ?? [], keptRecording, (_, place) => `recording ${place}`);
  const groups = sound(value.groups ?? [], keptGroup, (record, place) => nameIn(record, 'name') ?? `group ${place}`);
  const evenings = sound(
    value.evenings ?? [],
    keptEvening,
    (record, place) => `the evening ${nameIn(record, 'date') ?? place}`,
  );
  // In backups of before requests belonged to a group and a day they stand with an evening.
  const asked = evenings.flatMap(({ requests = [], groupId, date, createdAt, changedAt }) =>
    requests.map((request) => ({ ...request, groupId, asked: date, createdAt, changedAt })),
  );
  const requests = sound(
    [...(value.requests ?? []), ...asked],
    keptRequest,
    (record, place) => `the request for ${nameIn(record, 'title') ?? place}`,
  );
  const styles = readStyles(value.styles);
  const scale = readScale(value.scale);
  if (value.styles !== null && !styles) damaged.push('the house styles');
  if (value.scale && !scale) damaged.push('the scale of levels');
  return { backup: { dances, revisions, sources, figures: value.figures, styles, scale, recordings, groups, evenings, requests, damaged } }; // prettier-ignore
}

function nameIn(record: unknown, key: string): string | undefined {
  const name = ((record ?? {}) as Readonly<Record<string, unknown>>)[key];
  return typeof name === 'string' && name !== '' ? name.slice(0, 60) : undefined;
}

function titleOf(record: unknown): string | undefined {
  const { text: own } = (record ?? {}) as { text?: unknown };
  return typeof own === 'string' ? /^#\s*(.{1,60})/m.exec(own)?.[1] : undefined;
}

/** A dance that is here with other words. */
export interface Differing {
  /** In the backup. */
  readonly id: string;
  readonly title: string;
  /** When each of the two was changed last. */
  readonly here: number;
  readonly there: number;
  /** It is this very dance; else one of the same name. */
  readonly isSame: boolean;
}

/** Which state stands afterwards. The other one is among the revisions. */
export type Standing = 'here' | 'backup' | 'both';

/** Dances of a backup beside those that are here. */
interface Twins {
  /** Ids of dances here by those of the backup, where they are the same dance. */
  readonly hereOf: ReadonlyMap<string, string>;
  readonly differing: readonly (Differing & { readonly idHere: string })[];
}

/** The same dance has the same id or, written on another machine, the same text; one of the same name may be another. */
async function findTwins({ dances }: Backup, db: SlateDatabase): Promise<Twins> {
  const all = (await db.dances.where('deletedAt').equals(0).toArray()).flatMap((dance) => soundDance(dance) ?? []);
  const byId = new Map(all.map((dance) => [dance.id, dance]));
  const taken = new Set(dances.flatMap(({ id }) => (byId.has(id) ? [id] : [])));
  const hereOf = new Map<string, string>();
  const differing: (Differing & { idHere: string })[] = [];
  const meet = (id: string, text: string, find: (dance: DanceRecord) => boolean): DanceRecord | undefined => {
    const found = byId.get(id) ?? all.find((dance) => !taken.has(dance.id) && find(dance));
    if (found) taken.add(found.id);
    if (found?.text === text) hereOf.set(id, found.id);
    return found;
  };
  const met = new Map(dances.map(({ id, text }) => [id, meet(id, text, (dance) => dance.text === text)]));
  for (const { id, text, changedAt } of dances) {
    const title = titleOf({ text });
    const twin = met.get(id) ?? (title === undefined ? undefined : meet(id, text, (dance) => dance.title === title.trim()));
    if (!twin || twin.text === text) continue;
    differing.push({ id, title: twin.title, here: twin.changedAt, there: changedAt, isSame: twin.id === id, idHere: twin.id });
  }
  return { hereOf, differing };
} // prettier-ignore

/** What has to be asked before a backup is brought back. */
export const differingFrom = async (backup: Backup, db: SlateDatabase = database): Promise<readonly Differing[]> =>
  (await findTwins(backup, db)).differing;

export interface Restored {
  readonly added: number;
  /** Dances that were here as well: one state stands, the other is kept among its revisions. */
  readonly met: number;
  /** Dances that were not reached any more: it was stopped. */
  readonly left: number;
  /** Own figures that are defined otherwise here; those here stay. */
  readonly otherFigures: readonly string[];
  /** Names of what the browser could not take, or whose bytes are damaged: left out. */
  readonly damaged: readonly string[];
  /** What to undo. */
  readonly changes: RestoredChanges;
}

export interface RestoreWays {
  readonly db?: SlateDatabase;
  /** Called now and then with how many dances are done. */
  readonly onProgress?: (done: number, total: number) => void;
  readonly signal?: AbortSignal;
  /** By the id in the backup; where nothing is said, of the very same dance the newer state stands, and of two of one name both. */
  readonly choices?: ReadonlyMap<string, Standing>;
}

const AT_A_TIME = 25;

/**
 * Nothing that is here is lost, and what is here already is not written again. A few dances at a time, each lot whole: where the
 * browser refuses in between, what came before is there, and the rest can be restored from the same file later. A record that can't
 * be taken is left out and named.
 */
export async function restoreBackup(backup: Backup, ways: RestoreWays = {}): Promise<Restored> {
  const { db = database, onProgress, signal, choices = new Map() } = ways;
  const before = await stateBefore(db);
  const otherFigures = await restoreSettings(backup, db);
  const personal = await findPersonalFigures(db);
  const arriving = arrivalsOf(backup, await findTwins(backup, db), choices);
  const damaged: string[] = [];
  const total = backup.dances.length;
  let [added, done] = [0, 0];
  while (done < total && !signal?.aborted) {
    const lot = arriving.dances.slice(done, done + AT_A_TIME);
    added += await eachOrNamed(lot, (own) => putDances(own, personal, db), ({ from }) => titleOf(from) ?? 'a dance', damaged);
    done += lot.length;
    onProgress?.(done, total);
    // The page may draw and hear the Stop in between.
    await new Promise((resolve) => setTimeout(resolve));
  }
  if (!signal?.aborted) {
    const { groups, evenings, requests } = withIds(backup, arriving.idOf);
    const NONE = { groups: [], evenings: [], requests: [] };
    await eachOrNamed(groups, (own) => restoreClasses({ ...NONE, groups: own }, db).then(() => 0), ({ name }) => name, damaged);
    await eachOrNamed(evenings, (own) => restoreClasses({ ...NONE, evenings: own }, db).then(() => 0), ({ date }) => `the evening ${date}`, damaged);
    await eachOrNamed(requests, (own) => restoreClasses({ ...NONE, requests: own }, db).then(() => 0), ({ title }) => `the request for ${title}`, damaged);
  }
  const here = new Set(arriving.dances.slice(0, done).map(({ from }) => from.id));
  for (const one of backup.recordings)
    if (here.has(one.id) && !signal?.aborted && !(await restoreRecording({ ...one, id: arriving.idOf(one.id) }, db))) damaged.push(one.name);
  return { added, met: done - added, left: total - done, otherFigures, damaged, changes: await changesSince(before, db) };
} // prettier-ignore

/** All at once or, where one of them can't be taken, each for itself; the names of those that can't are noted. */
async function eachOrNamed<T>(
  all: readonly T[],
  put: (some: readonly T[]) => Promise<number>,
  nameOfOne: (one: T) => string,
  damaged: string[],
): Promise<number> {
  try {
    return await put(all);
  } catch (error) {
    if (isRefusal(error)) throw error;
    if (all.length === 1) damaged.push(nameOfOne(all[0]));
    if (all.length <= 1) return 0;
    let sum = 0;
    for (const one of all) sum += await eachOrNamed([one], put, nameOfOne, damaged);
    return sum;
  }
}

interface Arrival {
  readonly from: Backup['dances'][number];
  /** Under which it stands here. */
  readonly id: string;
  readonly standing: Standing | undefined;
  readonly revisions: Backup['revisions'];
  readonly source: SourceRecord | undefined;
}

/** Every dance with what belongs to it, under the id it has here. */
function arrivalsOf({ dances, revisions, sources }: Backup, { hereOf, differing }: Twins, choices: ReadonlyMap<string, Standing>) {
  const differs = new Map(differing.map((one) => [one.id, one]));
  const standingOf = (id: string): Standing | undefined =>
    choices.get(id) ?? (differs.get(id)?.isSame === false ? 'both' : undefined);
  const ids = new Map(
    dances.map(({ id }) => {
      const twin = differs.get(id);
      if (!twin) return [id, hereOf.get(id) ?? id];
      // Both of one id: the one of the backup gets another.
      return [id, standingOf(id) !== 'both' ? twin.idHere : twin.isSame ? crypto.randomUUID() : id];
    }),
  );
  const idOf = (id: string): string => ids.get(id) ?? id;
  const revisionsOf = grouped(revisions, ({ danceId }) => danceId);
  const sourceOf = new Map(sources.map((one) => [one.id, one as SourceRecord]));
  return {
    idOf,
    dances: dances.map((from): Arrival => {
      const standing = standingOf(from.id);
      const text = standing === 'both' && differs.get(from.id)?.isSame ? otherVersion(from.text) : from.text;
      return { from: { ...from, text }, id: idOf(from.id), standing, revisions: revisionsOf.get(from.id) ?? [], source: sourceOf.get(from.id) };
    }),
  };
} // prettier-ignore

/** The log speaks of dances by the ids they have here. */
function withIds({ groups, evenings, requests }: Backup, idOf: (id: string) => string): KeptClasses {
  const own = <T extends { readonly danceId?: string | undefined }>(one: T): T =>
    one.danceId === undefined ? one : { ...one, danceId: idOf(one.danceId) };
  return {
    groups,
    evenings: evenings.map((evening) => ({ ...evening, steps: evening.steps.map(own), notes: evening.notes.map(own) })),
    requests: requests.map(own),
  };
}

/** Returns how many of them were not on the shelf. */
async function putDances(lot: readonly Arrival[], personal: string, db: SlateDatabase): Promise<number> {
  const worked = lot.map((one) => ({ one, facts: factsOfText(one.from.text, personal) }));
  return db.transaction('rw', db.dances, db.revisions, db.sources, db.meta, async () => {
    let added = 0;
    for (const { one, facts } of worked) {
      const { id, from, revisions, source, standing } = one;
      if (await restoreDance({ ...from, ...facts, id }, standing, db)) added += 1;
      await mergeRevisions(id, revisions.map((own) => ({ ...own, danceId: id })), db);
      if (source && !(await db.sources.get(id))) await db.sources.put({ ...source, id });
    }
    await db.meta.put({ key: 'demo-added', value: true });
    return added;
  });
} // prettier-ignore

/** True when it was not on the shelf. Of two states one stands, the newer where nobody chose, and the other is among the revisions. */
async function restoreDance(from: Omit<DanceRecord, 'revision' | 'deletedAt'>, standing: Standing | undefined, db: SlateDatabase): Promise<boolean> {
  const here = soundDance(await db.dances.get(from.id));
  const record: DanceRecord = { ...from, revision: (here?.revision ?? 0) + 1, deletedAt: 0 };
  if (!here || here.deletedAt > 0) {
    await db.dances.put(record);
    return true;
  }
  if (here.text === from.text) return false;
  const isTaken = standing === undefined || standing === 'both' ? here.changedAt < from.changedAt : standing === 'backup';
  const other = isTaken ? here : from;
  await mergeRevisions(from.id, [{ danceId: from.id, text: other.text, from: other.changedAt, at: other.changedAt, name: '' }], db);
  if (isTaken) await db.dances.put({ ...record, changedAt: Math.max(from.changedAt, Math.min(here.changedAt + 1, timeNow())) });
  return false;
} // prettier-ignore

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
    if (all !== own) await changePersonalFigures(() => all, db);
    // A scale that is here stays.
    if (scale && !(await findScale(db))) await saveScale(scale, db);
    if (styles) await changeStyles((here) => mergeStyles(here, styles), db);
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

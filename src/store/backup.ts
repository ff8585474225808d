/** Everything that is kept as one file, and the way back. Checked where it is read: nothing of it is believed. */
import { array, number, object, string, type InferType } from 'yup';
import { database, type SlateDatabase } from './database';
import { factsOfText } from './facts';
import type { DanceRecord, RevisionRecord, SourceRecord } from './records';
import { findPersonalFigures, findStyles, savePersonalFigures, saveStyles } from './settings';

export const BACKUP_FORMAT = 'pace-slate-backup';
export const BACKUP_VERSION = 1;

const text = string().strict().defined().max(2_000_000);
const short = string().strict().defined().max(400);
const time = number().strict().required().min(0).max(1e15);

const dance = object({ id: short.min(1), text, createdAt: time, changedAt: time, tags: array(short).required() });
const revision = object({ danceId: short, text, from: time, at: time, name: short });
const source = object({ id: short, name: short, kind: short, text, importedAt: time });

const backup = object({
  format: string().oneOf([BACKUP_FORMAT]).required(),
  version: number().integer().required(),
  dances: array(dance).required(),
  revisions: array(revision).required(),
  sources: array(source).required(),
  figures: text,
  styles: object().nullable().defined(),
});

export type Backup = InferType<typeof backup>;

export async function makeBackup(db: SlateDatabase = database): Promise<string> {
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
  });
}

export type ReadBackup = { readonly backup: Backup } | { readonly problem: string };

/** Says in one sentence what is wrong with anything else. */
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
  if (version !== BACKUP_VERSION)
    return {
      problem: `This backup was made by another version (${String(version)}) of the slate; this one reads version ${BACKUP_VERSION}.`,
    };
  try {
    return { backup: backup.validateSync(value, { strict: true, stripUnknown: true }) as Backup };
  } catch {
    return { problem: 'This file says it is a backup, but dances in it are missing or damaged.' };
  }
}

export interface Restored {
  readonly added: number;
  /** Dances that were here as well: the newer one stays, the older is kept among its revisions. */
  readonly met: number;
}

/** Nothing that is here is lost. */
export async function restoreBackup(
  { dances, revisions, sources, figures, styles }: Backup,
  db: SlateDatabase = database,
): Promise<Restored> {
  const own = await findPersonalFigures(db);
  if (own === '' && figures !== '') await savePersonalFigures(figures, db);
  if (styles && !(await findStyles(db))) await saveStyles(styles as never, db);
  const personal = own || figures;
  let [added, met] = [0, 0];
  await db.transaction('rw', db.dances, db.revisions, db.sources, db.meta, async () => {
    for (const { id, text: kept, createdAt, changedAt, tags } of dances) {
      const here = await db.dances.get(id);
      if (here && here.text === kept && here.deletedAt === 0) {
        met += 1;
        continue;
      }
      const record: DanceRecord = {
        id,
        text: kept,
        createdAt,
        changedAt,
        tags,
        revision: (here?.revision ?? 0) + 1,
        deletedAt: 0,
        ...factsOfText(kept, personal),
      };
      if (!here || here.deletedAt > 0) {
        await db.dances.put(record);
        added += 1;
      } else {
        met += 1;
        const older =
          here.changedAt >= changedAt ? { text: kept, at: changedAt } : { text: here.text, at: here.changedAt };
        await db.revisions.add({ danceId: id, text: older.text, from: older.at, at: older.at, name: '' });
        if (here.changedAt < changedAt) await db.dances.put(record);
      }
    }
    await addMissing(revisions as RevisionRecord[], db);
    for (const one of sources as SourceRecord[]) if (!(await db.sources.get(one.id))) await db.sources.put(one);
    await db.meta.put({ key: 'demo-added', value: true });
  });
  return { added, met };
}

async function addMissing(revisions: readonly RevisionRecord[], db: SlateDatabase): Promise<void> {
  const keyOf = ({ danceId, at, text: own, name }: RevisionRecord): string => `${danceId} ${at} ${name} ${own}`;
  const here = new Set((await db.revisions.toArray()).map(keyOf));
  await db.revisions.bulkAdd(revisions.filter((one) => !here.has(keyOf(one))));
}

/** Recordings of songs, each with its dance. They stay in this browser; a backup holds them only where somebody asks for it. */
import { liveQuery } from 'dexie';
import { database, type SlateDatabase } from './database';
import type { Heard, RecordingRecord } from './records';
import { keptRecording } from './shapes';
import { soundOne, soundOnes } from './soundness';

/** Stretches a second that are drawn of a recording. */
export const PEAKS = 200;

/** In place of the one the dance had. Both halves or none. */
export const saveRecording = (
  record: RecordingRecord,
  bytes: Uint8Array,
  db: SlateDatabase = database,
): Promise<void> =>
  db.transaction('rw', db.recordings, db.sounds, async () => {
    await db.sounds.put({ id: record.id, bytes });
    await db.recordings.put(record);
  });

export const findRecording = async (id: string, db: SlateDatabase = database): Promise<RecordingRecord | undefined> =>
  soundOne('recordings', await db.recordings.get(id));

export const findSound = async (id: string, db: SlateDatabase = database): Promise<Uint8Array | undefined> =>
  soundOne('sounds', await db.sounds.get(id))?.bytes;

/** How the dancers count, or what was measured again. */
export const changeRecording = (
  id: string,
  change: Partial<Pick<RecordingRecord, 'level' | 'heard'>>,
  db: SlateDatabase = database,
): Promise<void> =>
  db.transaction('rw', db.recordings, async () => {
    const record = await db.recordings.get(id);
    if (record) await db.recordings.put({ ...record, ...change });
  });

export const removeRecording = (id: string, db: SlateDatabase = database): Promise<void> =>
  db.transaction('rw', db.recordings, db.sounds, async () => {
    await db.recordings.delete(id);
    await db.sounds.delete(id);
  });

/** Calls back now and after every change, in this tab or another. Returns the way to stop. */
export function watchRecording(id: string, onRecording: (record: RecordingRecord | undefined) => void): () => void {
  const subscription = liveQuery(() => findRecording(id)).subscribe({ next: onRecording, error: () => undefined });
  return () => subscription.unsubscribe();
}

/** Bytes of all of them together: what a backup with recordings would hold. */
export const sizeOfRecordings = async (db: SlateDatabase = database): Promise<number> =>
  soundOnes('recordings', await db.recordings.toArray()).reduce((sum, { size }) => sum + size, 0);

// In a backup: bytes as base64

/** One after another, so that no more than one is held twice. */
export async function recordingsForBackup(ids: ReadonlySet<string>, db: SlateDatabase): Promise<unknown[]> {
  const kept: unknown[] = [];
  for (const record of soundOnes('recordings', await db.recordings.toArray())) {
    const bytes = ids.has(record.id) ? await findSound(record.id, db) : undefined;
    const { size: _size, ...more } = record;
    if (bytes) kept.push({ ...more, peaks: toBase64(new Uint8Array(record.peaks.buffer)), bytes: toBase64(bytes) });
  }
  return kept;
}

/** A recording that is here stays. False where its bytes are damaged. */
export async function restoreRecording(one: unknown, db: SlateDatabase): Promise<boolean> {
  const { bytes: letters, peaks, level, ...record } = keptRecording.cast(one, { stripUnknown: true });
  if (await findRecording(record.id, db)) return true;
  try {
    const bytes = fromBase64(letters);
    const more = { size: bytes.length, level: level as 0.5 | 1 | 2, heard: record.heard as Heard };
    await saveRecording({ ...record, ...more, peaks: new Int8Array(fromBase64(peaks).buffer) }, bytes, db);
    return true;
  } catch (error) {
    // Letters that are none; what the browser refuses is for the caller to tell.
    if (error instanceof DOMException && error.name === 'InvalidCharacterError') return false;
    throw error;
  }
}

const LOT = 0x8000;

function toBase64(bytes: Uint8Array): string {
  let letters = '';
  for (let at = 0; at < bytes.length; at += LOT) letters += String.fromCharCode(...bytes.subarray(at, at + LOT));
  return btoa(letters);
}

function fromBase64(letters: string): Uint8Array<ArrayBuffer> {
  const plain = atob(letters);
  return Uint8Array.from({ length: plain.length }, (_, index) => plain.charCodeAt(index));
}

/** Recordings: with their dance, never in a backup unasked, whole on the way back; damaged ones are left out and named. */
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { makeBackup, readBackup, restoreBackup } from './backup';
import { addDance, clearDeleted, deleteDances } from './dances';
import { SlateDatabase } from './database';
import {
  changeRecording,
  findRecording,
  findSound,
  removeRecording,
  saveRecording,
  sizeOfRecordings,
} from './recordings';
import type { RecordingRecord } from './records';

let db: SlateDatabase;
let other: SlateDatabase;
beforeEach(() => {
  db = new SlateDatabase(`recordings-${Math.random()}`);
  other = new SlateDatabase(`elsewhere-${Math.random()}`);
});
afterEach(async () => {
  await db.delete();
  await other.delete();
});

const BYTES = Uint8Array.from({ length: 70_001 }, (_, index) => (index * 31) % 256);
const recordOf = (id: string): RecordingRecord => ({
  id,
  name: 'three planks.ogg',
  kind: 'audio/ogg',
  size: BYTES.length,
  addedAt: 5,
  byBand: false,
  level: 0.5,
  heard: {
    bpm: 104,
    firstBeat: 0.5,
    beats: [0.5, 1.077],
    confidence: 0.9,
    changes: [],
    pauses: [{ at: 9, beats: 2.5 }],
    others: [52, 208],
    seconds: 12,
  },
  peaks: Int8Array.of(-127, 127, 0, 5),
});

const problemFree = (json: string) => {
  const read = readBackup(json);
  if ('problem' in read) throw new Error(read.problem);
  return read.backup;
};

test('it is kept with its dance, changed, measured in bytes, taken out', async () => {
  await saveRecording(recordOf('a'), BYTES, db);
  await saveRecording({ ...recordOf('b'), size: 9 }, BYTES.slice(0, 9), db);
  expect(await sizeOfRecordings(db)).toBe(BYTES.length + 9);
  await changeRecording('a', { level: 2 }, db);
  const { peaks, ...kept } = (await findRecording('a', db)) ?? recordOf('none');
  // What comes out of the database is of another realm.
  expect({ ...kept, peaks: Int8Array.from(peaks) }).toEqual({ ...recordOf('a'), level: 2 });
  expect(Uint8Array.from((await findSound('a', db)) ?? [])).toEqual(BYTES);
  await removeRecording('a', db);
  expect([await findRecording('a', db), await findSound('a', db)]).toEqual([undefined, undefined]);
});

test('it goes when its dance is cleared away, and not before', async () => {
  const { id } = await addDance('# Ebb\n', db);
  await saveRecording(recordOf(id), BYTES, db);
  await deleteDances([id], db);
  await clearDeleted(Date.now(), db);
  expect(await findRecording(id, db)).toBeDefined();
  const DAY = 86_400_000;
  // On as many days as it takes, whatever the clock says.
  for (let day = 1; day < 80; day++) await clearDeleted(Date.now() + (day + 60) * DAY, db);
  expect([await findRecording(id, db), await findSound(id, db)]).toEqual([undefined, undefined]);
});

test('a backup holds none unasked; asked, it brings them back byte for byte, and puts none over another', async () => {
  const { id } = await addDance('# Ebb\n', db);
  await saveRecording(recordOf(id), BYTES, db);
  expect(await makeBackup(db)).not.toContain('three planks');
  const backup = problemFree(await makeBackup(db, true));
  await restoreBackup(backup, { db: other });
  expect(await findRecording(id, other)).toEqual(recordOf(id));
  expect(await findSound(id, other)).toEqual(BYTES);
  await saveRecording({ ...recordOf(id), name: 'mine.ogg' }, BYTES.slice(1), other);
  await restoreBackup(backup, { db: other });
  expect((await findRecording(id, other))?.name).toBe('mine.ogg');
});

test('one that is damaged is left out and named; the dances come all the same', async () => {
  const { id } = await addDance('# Ebb\n', db);
  await saveRecording(recordOf(id), BYTES, db);
  const whole = JSON.parse(await makeBackup(db, true)) as { recordings: { heard: object; bytes: string }[] };
  const [one] = whole.recordings;
  const noBeat = problemFree(
    JSON.stringify({ ...whole, recordings: [{ ...one, heard: { ...one.heard, bpm: 'fast' } }] }),
  );
  expect([noBeat.recordings, noBeat.damaged]).toEqual([[], ['recording 1']]);
  const noBytes = problemFree(
    JSON.stringify({ ...whole, recordings: [{ ...one, bytes: 'no letters of that kind!' }] }),
  );
  expect(await restoreBackup(noBytes, { db: other })).toMatchObject({ added: 1, damaged: [recordOf(id).name] });
  expect(await findRecording(id, other)).toBeUndefined();
});

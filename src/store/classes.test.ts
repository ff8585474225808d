/** Groups and evenings as they are kept: two tabs, what is deleted, a backup and the way back, the boathouse's season. */
import Ajv2020 from 'ajv/dist/2020';
import addFormats from 'ajv-formats';
import { readFileSync } from 'node:fs';
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import type { ClassGroup, Evening, Request } from '../core';
import { makeBackup, readBackup, restoreBackup } from './backup';
import {
  addDemoSeason,
  addEvening,
  addGroup,
  addRequest,
  changeEvening,
  changeGroup,
  deleteEvening,
  deleteGroup,
  findClasses,
  restoreEvening,
  restoreGroup,
} from './classes';
import { addDance } from './dances';
import { SlateDatabase } from './database';
import { findNamedRevisions, listRevisions, nameRevision } from './revisions';
import { findScale, readScale, saveScale } from './settings';

let db: SlateDatabase;
let other: SlateDatabase;
beforeEach(() => {
  db = new SlateDatabase(`classes-${Math.random()}`);
  other = new SlateDatabase(`elsewhere-${Math.random()}`);
});
afterEach(async () => {
  await db.delete();
  await other.delete();
});

const GROUP: Omit<ClassGroup, 'id'> = {
  name: 'Friday crew', place: 'Boat shed', from: '2026-09-04', every: 1, time: '19:30', minutes: 60, level: 'improver', notes: 'Key under the oar.',
  forbids: ['no-jumps'], intervals: [1, 3, 9],
}; // prettier-ignore

const EVENING: Omit<Evening, 'id'> = {
  groupId: 'g', groupName: 'Friday crew', place: 'Boat shed', date: '2026-09-11', time: '19:30', minutes: 60, state: 'held',
  steps: [{ id: 'step-1', kind: 'run', minutes: 5, words: 'Ebb', why: '', danceId: 'ebb', title: 'Ebb', sections: [1], cautions: ['Softly.'], isDone: true }],
  notes: [{ danceId: 'ebb', title: 'Ebb', sections: [1], of: 2, walls: 3, inPlace: ['tag bell'], music: true, tripped: [{ words: '1-4 Vine R', section: 1 }], handedOut: '2' }],
  words: 'Rain on the roof.',
}; // prettier-ignore

const REQUEST: Omit<Request, 'id'> = { groupId: 'g', asked: '2026-09-11', title: 'Flood', who: 'Piet', by: '2026-10-01', isSettled: false }; // prettier-ignore

const backupOf = (json: string) => {
  const read = readBackup(json);
  if ('problem' in read) throw new Error(read.problem);
  return read.backup;
};

test('changes of two tabs to one evening do not take each other’s words away', async () => {
  const { id } = await addEvening({ ...EVENING, notes: [], words: '' }, db);
  await Promise.all([
    changeEvening(id, () => ({ words: 'Rain.' }), db),
    changeEvening(id, ({ notes }) => ({ notes: [...notes, EVENING.notes[0]] }), db),
    changeEvening(id, ({ notes }) => ({ notes: [...notes, { ...EVENING.notes[0], danceId: 'flood' }] }), db),
  ]);
  const [kept] = (await findClasses(db)).evenings;
  expect(kept.words).toBe('Rain.');
  expect(kept.notes.map(({ danceId }) => danceId)).toEqual(['ebb', 'flood']);
  await deleteEvening(id, db);
  expect(await changeEvening(id, () => ({ words: 'Gone?' }), db)).toBe(false);
  await restoreEvening(id, db);
  expect((await findClasses(db)).evenings[0].words).toBe('Rain.');
});

test('a group that goes leaves its evenings with its name, and comes back', async () => {
  const { id } = await addGroup(GROUP, db);
  await addEvening({ ...EVENING, groupId: id }, db);
  await changeGroup(id, () => ({ name: 'Saturday crew' }), db);
  await deleteGroup(id, db);
  expect(await findClasses(db)).toMatchObject({ groups: [], evenings: [{ groupName: 'Friday crew' }] });
  await restoreGroup(id, db);
  expect((await findClasses(db)).groups).toMatchObject([{ ...GROUP, name: 'Saturday crew' }]);
});

test('a backup brings all of it back, and a scale of one’s own', async () => {
  await addGroup(GROUP, db);
  await addEvening(EVENING, db);
  await addRequest(REQUEST, db);
  await saveScale({ names: ['paddlers', 'rowers'], borders: [8] }, db);
  const json = await makeBackup(db);
  // By a validator of JSON Schema (2020-12).
  const fits = addFormats(new Ajv2020({ strict: true })).compile(
    JSON.parse(readFileSync('docs/backup.schema.json', 'utf8')),
  );
  expect(fits(JSON.parse(json))).toBe(true);
  expect(fits(JSON.parse(json.replace('"2026-09-11"', '"some Friday"')))).toBe(false);
  const backup = backupOf(json);
  expect(backup.damaged).toEqual([]);
  await restoreBackup(backup, { db: other });
  expect(await findClasses(other)).toEqual(await findClasses(db));
  expect(await findScale(other)).toEqual({ names: ['paddlers', 'rowers'], borders: [8] });
  await restoreBackup(backup, { db: other });
  expect(await findClasses(other)).toEqual(await findClasses(db));
});

test('of an evening that is in both, the newer state stands and lacks nothing that the older one has', async () => {
  const { id } = await addEvening(EVENING, db);
  await restoreBackup(backupOf(await makeBackup(db)), { db: other });
  await changeEvening(id, () => ({ words: 'Rain, and Piet came late.', notes: [] }), db);
  const here = { ...EVENING.notes[0], danceId: 'flood' };
  await changeEvening(id, ({ notes }) => ({ words: 'Nine of us.', notes: [...notes, here] }), other);
  await restoreBackup(backupOf(await makeBackup(db)), { db: other });
  const [merged] = (await findClasses(other)).evenings;
  expect(merged.notes.map(({ danceId }) => danceId).sort()).toEqual(['ebb', 'flood']);
  for (const words of ['Nine of us.', 'Rain, and Piet came late.']) expect(merged.words).toContain(words);
});

test('what is damaged in a backup is left out and named, the rest comes', async () => {
  await addGroup(GROUP, db);
  await addEvening(EVENING, db);
  const json = JSON.parse(await makeBackup(db)) as { groups: object[]; evenings: object[]; scale: unknown };
  json.evenings.push({ ...json.evenings[0], date: '2026-02-30' });
  json.groups.push({ ...json.groups[0], every: 0 });
  json.scale = { names: ['one'], borders: [] };
  const backup = backupOf(JSON.stringify(json));
  expect(backup.damaged).toEqual(['Friday crew', 'the evening 2026-02-30', 'the scale of levels']);
  expect([backup.groups.length, backup.evenings.length]).toEqual([1, 1]);
  for (const scale of [null, 7, { names: [], borders: [] }, { names: ['a', 'b'], borders: [1, 2] }])
    expect(readScale(scale)).toBeUndefined();
});

test('a backup of before there were classes is read as it was', async () => {
  const {
    groups: _,
    evenings: __,
    scale: ___,
    requests: ____,
    ...older
  } = JSON.parse(await makeBackup(db)) as Record<string, unknown>;
  expect(backupOf(JSON.stringify(older))).toMatchObject({
    groups: [],
    evenings: [],
    requests: [],
    scale: undefined,
    damaged: [],
  });
});

test('the season comes once by itself, again where it is asked for, and never among groups of one’s own', async () => {
  const { id } = await addDance('# Ebb\n1-4 Vine R\n', db);
  const season = () => ({ groups: [{ ...GROUP, id: 'demo' }], evenings: [{ ...EVENING, id: 'demo-1', groupId: 'demo' }], requests: [], revisions: [{ danceId: id, text: '# Ebb\n', from: 5, at: 5, name: '1' }] }); // prettier-ignore
  await addDemoSeason(() => undefined, false, db);
  expect((await findClasses(db)).groups).toEqual([]);
  await addDemoSeason(season, false, db);
  expect((await findClasses(db)).groups).toHaveLength(1);
  expect((await findNamedRevisions([id], db)).map(({ name }) => name)).toEqual(['1']);
  await deleteGroup('demo', db);
  await addDemoSeason(season, false, db);
  expect((await findClasses(db)).groups).toEqual([]);
  await addDemoSeason(season, true, db);
  expect((await findClasses(db)).groups).toHaveLength(1);
  expect(await listRevisions(id, db)).toHaveLength(2);
  await nameRevision(id, '# Ebb\n1-4 Vine R\n', '2', db);
  expect((await findNamedRevisions([id], db)).map(({ name }) => name)).toEqual(['2', '1']);
  await addGroup(GROUP, other);
  await addDemoSeason(season, false, other);
  expect((await findClasses(other)).groups.map(({ id: own }) => own)).not.toContain('demo');
});

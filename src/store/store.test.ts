/** What is kept: nothing is written over, nothing deleted is gone at once. Runs against a simulated IndexedDB. */
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { SlateDatabase } from './database';
import {
  addDance,
  addDemoDances,
  clearDeleted,
  deleteDances,
  duplicateDance,
  findDance,
  findHistory,
  listDances,
  restoreDances,
  saveDance,
  saveHistory,
} from './dances';
import { timeNow } from './clock';
import { factsOfText } from './facts';
import { MIGRATIONS } from './migrations';

const FERRY =
  '# Ferry\nlevel: improver\n\n## Section 1 (4 counts)\n1-2 Step R forward, pivot 1/2 left\n3-4 Walk R, walk L\n';

let db: SlateDatabase;
let name = 0;
beforeEach(() => {
  db = new SlateDatabase(`test-${name++}`);
});
afterEach(() => db.delete());

test('a dance is kept with what the shelf shows of it', async () => {
  const { id } = await addDance(FERRY, db);
  expect(await findDance(id, db)).toMatchObject({
    text: FERRY,
    revision: 1,
    title: 'Ferry',
    counts: 4,
    walls: 2,
    level: 'improver',
    slips: 0,
    deletedAt: 0,
  });
  expect(factsOfText('', '')).toMatchObject({ title: 'Untitled dance', counts: 0, walls: 0, slips: 0 });
});

describe('saving', () => {
  test('builds on the newest revision and says which one it made', async () => {
    const { id } = await addDance(FERRY, db);
    const first = await saveDance(id, `${FERRY}\n> softly`, 1, db);
    expect(first).toMatchObject({ kind: 'saved', record: { revision: 2 } });
    expect(await saveDance(id, '# Other', 2, db)).toMatchObject({
      kind: 'saved',
      record: { revision: 3, title: 'Other' },
    });
  });

  test('writes nothing when somebody else was there first', async () => {
    const { id } = await addDance(FERRY, db);
    await saveDance(id, '# Theirs', 1, db);
    expect(await saveDance(id, '# Mine', 1, db)).toMatchObject({
      kind: 'changed-elsewhere',
      record: { text: '# Theirs' },
    });
    expect((await findDance(id, db))?.text).toBe('# Theirs');
  });

  test('writes nothing when the dance is gone, or the same', async () => {
    expect(await saveDance('nobody', '# Mine', 1, db)).toEqual({ kind: 'gone' });
    const { id } = await addDance(FERRY, db);
    expect(await saveDance(id, FERRY, 1, db)).toMatchObject({ kind: 'saved', record: { revision: 1 } });
  });

  test('of two saves at the same moment one is refused', async () => {
    const { id } = await addDance(FERRY, db);
    const results = await Promise.all([saveDance(id, '# A', 1, db), saveDance(id, '# B', 1, db)]);
    expect(results.map(({ kind }) => kind).sort()).toEqual(['changed-elsewhere', 'saved']);
  });
});

test('what is taken off the shelf can be put back, and is cleared away after thirty days; what stands there never is', async () => {
  const dance = await addDance(FERRY, db);
  const { id } = dance;
  const stays = await addDance('# Stays', db);
  await deleteDances([id], db);
  expect(await listDances(db)).toMatchObject([{ id: stays.id }]);
  await restoreDances([dance], db);
  expect(await listDances(db)).toHaveLength(2);
  await deleteDances([id], db);
  const day = 86_400_000;
  for (let days = 1; days <= 29; days++) await clearDeleted(timeNow() + days * day, db);
  expect(await findDance(id, db)).toBeDefined();
  await clearDeleted(timeNow() + 31 * day, db);
  expect(await findDance(id, db)).toBeUndefined();
  expect(await findDance(stays.id, db)).toBeDefined();
});

test('a copy is a dance of its own with a name of its own', async () => {
  const { id } = await addDance(FERRY, db);
  const copy = await duplicateDance(id, db);
  expect(copy?.id).not.toBe(id);
  expect(copy?.text).toBe(FERRY.replace('# Ferry', '# Ferry (copy)'));
  const nameless = await addDance('1-4 Vine $& R', db);
  expect((await duplicateDance(nameless.id, db))?.text).toBe(
    '# 1-4 Vine $& R (copy)\n1-4 Vine $& R'.replace('1-4 Vine $& R (copy)', 'Untitled dance (copy)'),
  );
  expect(await duplicateDance('nobody', db)).toBeUndefined();
});

test('the demo dances come once, also when two tabs open at the same moment, and never again', async () => {
  await Promise.all([addDemoDances(async () => [FERRY, '# Tar'], db), addDemoDances(async () => [FERRY, '# Tar'], db)]);
  const dances = await listDances(db);
  expect(dances.map(({ title }) => title).sort()).toEqual(['Ferry', 'Tar']);
  await Promise.all(dances.map(({ id }) => deleteDances([id], db)));
  await addDemoDances(() => Promise.reject(new Error('not loaded again')), db);
  expect(await listDances(db)).toEqual([]);
});

test('an undo history is given back only for the very text it belongs to', async () => {
  await saveHistory({ id: 'a', text: FERRY, state: { steps: 3 } }, db);
  expect(await findHistory('a', FERRY, db)).toEqual({ steps: 3 });
  expect(await findHistory('a', `${FERRY} `, db)).toBeUndefined();
  expect(await findHistory('b', FERRY, db)).toBeUndefined();
});

test('every migration has its number and its name, in order, and the newest form has been reached', async () => {
  expect(MIGRATIONS.map(({ version }) => version)).toEqual(MIGRATIONS.map((_, index) => index + 1));
  expect(new Set(MIGRATIONS.map(({ name: own }) => own)).size).toBe(MIGRATIONS.length);
  await db.open();
  expect(db.verno).toBe(MIGRATIONS.length);
  expect(db.tables.map((table) => table.name).sort()).toEqual(
    [...new Set(MIGRATIONS.flatMap(({ tables }) => Object.keys(tables)))].sort(),
  );
});

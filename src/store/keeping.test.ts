/** Revisions, backups and the way from every earlier form of the stored data. Runs against a simulated IndexedDB. */
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import Dexie from 'dexie';
import fc from 'fast-check';
import { makeBackup, readBackup, restoreBackup, type Backup } from './backup';
import { SlateDatabase } from './database';
import {
  addDance,
  adoptDrafts,
  clearDeleted,
  deleteDances,
  findDance,
  findSource,
  listDances,
  saveDance,
  tagDances,
} from './dances';
import { findDrafts, keepDraft } from './drafts';
import { findImports, saveImports } from './imports';
import { MIGRATIONS } from './migrations';
import type { RevisionRecord } from './records';
import { listRevisions, nameOfText, nameRevision, nextName, renameRevision, surplusOf } from './revisions';
import { savePersonalFigures } from './settings';

const FERRY =
  '# Ferry\nlevel: improver\nmusic: Last Boat, 116 bpm\n\n## Section 1 (4 counts)\n1-2 Step R forward, pivot 1/2 left\n3-4 Walk R, walk L\n';
const MINUTE = 60_000;
const DAY = 1440 * MINUTE;

let db: SlateDatabase;
let number = 0;
beforeEach(() => {
  db = new SlateDatabase(`keeping-${number++}`);
});
afterEach(async () => {
  jest.restoreAllMocks();
  await db.delete();
});

const at = (time: number): void => void jest.spyOn(Date, 'now').mockReturnValue(time);

describe('revisions', () => {
  test('the first state stays; what is typed in one sitting is one state; a later sitting is another', async () => {
    at(1e12);
    const { id } = await addDance(FERRY, db);
    for (const [minutes, text] of [
      [0.1, 'a'],
      [0.5, 'b'],
      [1.5, 'c'],
      [30, 'd'],
    ] as const) {
      at(1e12 + minutes * MINUTE);
      const dance = await findDance(id, db);
      await saveDance(id, text, dance?.revision ?? 0, db);
    }
    expect((await listRevisions(id, db)).map(({ text }) => text)).toEqual(['d', 'c', FERRY]);
  });

  test('a hand-out has a number that stays, and the same words keep theirs', async () => {
    const { id } = await addDance(FERRY, db);
    expect(await nameRevision(id, FERRY, nextName(await listRevisions(id, db)), db)).toBe('1');
    await saveDance(id, '# Ferry\n1-4 Vine R', 1, db);
    expect(await nameRevision(id, '# Ferry\n1-4 Vine R', nextName(await listRevisions(id, db)), db)).toBe('2');
    expect(await nameRevision(id, FERRY, '9', db)).toBe('1');
    const revisions = await listRevisions(id, db);
    expect(revisions.map(({ name }) => name)).toEqual(['2', '1']);
    expect([nameOfText(revisions, FERRY), nameOfText(revisions, 'never')]).toEqual(['1', undefined]);
    await renameRevision(revisions[0].key ?? 0, '  harbour night ', db);
    expect(nextName(await listRevisions(id, db))).toBe('2');
    expect(nameOfText(await listRevisions(id, db), '# Ferry\n1-4 Vine R')).toBe('harbour night');
  });

  test('thinned out, the first, the newest and all with names are left, and fewer the older they are', () => {
    const record = fc.record({
      danceId: fc.constant('a'),
      text: fc.string(),
      from: fc.constant(0),
      at: fc.integer({ min: 0, max: 90 * DAY }),
      name: fc.constantFrom('', '', '', '1'),
    });
    fc.assert(
      fc.property(fc.array(record, { minLength: 1, maxLength: 120 }), (made) => {
        const all: RevisionRecord[] = made.map((one, key) => ({ ...one, key }));
        const gone = new Set(surplusOf(all, 90 * DAY));
        const sorted = [...all].sort((a, b) => a.at - b.at);
        const left = sorted.filter((one) => !gone.has(one));
        expect(left).toContain(sorted[0]);
        expect(left).toContain(sorted[sorted.length - 1]);
        for (const one of gone) expect(one.name).toBe('');
        // Twice is no more than once.
        expect(surplusOf(left, 90 * DAY)).toEqual([]);
      }),
    );
    const minutes = Array.from({ length: 2000 }, (_, index): RevisionRecord => ({
      danceId: 'a',
      text: '',
      from: 0,
      at: index * MINUTE,
      name: '',
    }));
    // 2,000 minutes of steady change: an hour by twos, a day by quarters of an hour, the rest by four hours.
    expect(2000 - surplusOf(minutes, 2000 * MINUTE).length).toBeLessThan(135);
  });

  test('go with their dance when it is cleared away', async () => {
    const { id } = await addDance(FERRY, db, { source: { name: 'old.docx', kind: 'Word file', text: 'as it came' } });
    expect(await findSource(id, db)).toMatchObject({ name: 'old.docx', text: 'as it came' });
    await deleteDances([id], db);
    await clearDeleted(Date.now() + 60 * DAY, db);
    expect([await db.revisions.count(), await db.sources.count(), await db.dances.count()]).toEqual([0, 0, 0]);
  });
});

test('tags are put on and taken off, each once', async () => {
  const [a, b] = [await addDance(FERRY, db), await addDance('# B', db)];
  await tagDances([a.id, b.id], ' Monday ', true, db);
  await tagDances([a.id], 'Monday', true, db);
  await tagDances([b.id], 'Monday', false, db);
  await tagDances([b.id], '  ', true, db);
  expect([(await findDance(a.id, db))?.tags, (await findDance(b.id, db))?.tags]).toEqual([['Monday'], []]);
});

test('sheets that are being settled are kept; anything else in their place is passed over', async () => {
  const draft = { id: '1', name: 'a.html', kind: 'web page', original: 'x', text: 'y' };
  await saveImports([draft], db);
  expect(await findImports(db)).toEqual([draft]);
  await db.meta.put({ key: 'imports', value: [draft, { id: 1 }, null, 'x'] });
  expect(await findImports(db)).toEqual([draft]);
});

describe('backup', () => {
  const parsed = (json: string): Backup => {
    const read = readBackup(json);
    if ('problem' in read) throw new Error(read.problem);
    return read.backup;
  };

  test('everything comes back on another machine', async () => {
    const { id } = await addDance(FERRY, db, {
      tags: ['Monday'],
      source: { name: 'old.txt', kind: 'text', text: 'old' },
    });
    await nameRevision(id, FERRY, '1', db);
    await savePersonalFigures('## Figure "ebb" 1-2: A side, B tog', db);
    const other = new SlateDatabase('keeping-other');
    expect(await restoreBackup(parsed(await makeBackup(db)), other)).toEqual({ added: 1, met: 0 });
    expect(await findDance(id, other)).toMatchObject({
      text: FERRY,
      title: 'Ferry',
      counts: 4,
      walls: 2,
      tempo: 116,
      tags: ['Monday'],
    });
    expect(nameOfText(await listRevisions(id, other), FERRY)).toBe('1');
    expect(await findSource(id, other)).toMatchObject({ text: 'old' });
    expect(await makeBackup(other)).toBe(await makeBackup(db));
    // A second time adds nothing.
    expect(await restoreBackup(parsed(await makeBackup(db)), other)).toEqual({ added: 0, met: 1 });
    expect(await other.revisions.count()).toBe(await db.revisions.count());
    await other.delete();
  });

  test('of two states of one dance the newer stands and the older is kept', async () => {
    at(1e12);
    const { id } = await addDance(FERRY, db);
    const old = await makeBackup(db);
    at(1e12 + DAY);
    await saveDance(id, '# Newer here', 1, db);
    expect(await restoreBackup(parsed(old), db)).toEqual({ added: 0, met: 1 });
    expect((await findDance(id, db))?.text).toBe('# Newer here');
    expect((await listRevisions(id, db)).map(({ text }) => text)).toContain(FERRY);
    await deleteDances([id], db);
    expect(await restoreBackup(parsed(old), db)).toEqual({ added: 1, met: 0 });
    expect(await listDances(db)).toHaveLength(1);
  });

  test.each([
    ['', /stops or breaks/],
    ['{"format":"pace-slate-dance"}', /something other/],
    ['[]', /something other/],
    ['{"format":"pace-slate-backup","version":7}', /another version \(7\)/],
    [
      '{"format":"pace-slate-backup","version":1,"dances":[{"id":"a"}],"revisions":[],"sources":[],"figures":"","styles":null}',
      /missing or damaged/,
    ],
  ])('%s is refused in a sentence', (json, sentence) => {
    expect(readBackup(json)).toEqual({ problem: expect.stringMatching(sentence) });
  });
});

describe('the way from earlier forms', () => {
  /** The database as a version left it. */
  async function leftBy(version: number, name: string, fill: (old: Dexie) => Promise<unknown>): Promise<void> {
    const old = new Dexie(name);
    for (const step of MIGRATIONS.slice(0, version)) old.version(step.version).stores(step.tables);
    await old.open();
    await fill(old);
    old.close();
  }

  test('from version 1: every dance is there with new facts, no tags, and its first revision', async () => {
    const before = {
      id: 'a',
      text: FERRY,
      revision: 7,
      createdAt: 5,
      changedAt: 9,
      deletedAt: 0,
      title: 'Ferry',
      counts: 4,
      walls: 2,
      level: 'improver',
      music: '',
      slips: 0,
    };
    const name = `from-1-${number++}`;
    await leftBy(1, name, (old) => old.table('dances').add(before));
    const now = new SlateDatabase(name);
    expect(await findDance('a', now)).toEqual({
      ...before,
      music: 'Last Boat, 116 bpm',
      author: '',
      tempo: 116,
      starts: [0, 24],
      figures: 'step, pivot, walk',
      tags: [],
    });
    expect(await listRevisions('a', now)).toMatchObject([{ text: FERRY, from: 5, at: 9, name: '' }]);
    await now.delete();
  });

  test('every version has its own way', () => expect(MIGRATIONS.map(({ version }) => version)).toEqual([1, 2]));
});

test('words that a closing page could only put aside are taken into their dances', async () => {
  const kept = new Map<string, string>();
  const storage = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  };
  // Object.keys of a storage are its keys.
  const localStorage = new Proxy(storage, {
    ownKeys: () => [...kept.keys()],
    getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }),
  });
  Object.defineProperty(globalThis, 'localStorage', { value: localStorage, configurable: true });
  const [a, b] = [await addDance(FERRY, db), await addDance('# B', db)];
  keepDraft(a.id, { text: '# Ferry, later', base: 1 });
  keepDraft(b.id, { text: '# B, on an older state', base: 0 });
  await adoptDrafts(db);
  expect([(await findDance(a.id, db))?.text, (await findDance(b.id, db))?.text]).toEqual(['# Ferry, later', '# B']);
  expect(findDrafts().map(([id]) => id)).toEqual([b.id]);
  Reflect.deleteProperty(globalThis, 'localStorage');
});

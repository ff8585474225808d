/** Revisions, backups and the way from every earlier form of the stored data. Runs against a simulated IndexedDB. */
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import Dexie from 'dexie';
import fc from 'fast-check';
import { HOUSE_STYLES } from '../core';
import { makeBackup, readBackup, restoreBackup, type Backup } from './backup';
import { SlateDatabase } from './database';
import {
  addDance,
  addDances,
  adoptLeftWords,
  clearDeleted,
  deleteDances,
  findDance,
  findSource,
  listDances,
  restoreDances,
  saveDance,
  tagDances,
} from './dances';
import { addGroup, findClasses } from './classes';
import { timeNow } from './clock';
import { refreshFacts } from './refresh';
import { findDrafts, keepDraft } from './drafts';
import { addImports, listImports, removeImports, settleImport } from './imports';
import { editBetween, findJournals, Journal } from './journal';
import { findLeftWords } from './left-words';
import { MIGRATIONS } from './migrations';
import type { RevisionRecord } from './records';
import {
  keepRevision,
  listRevisions,
  nameOfText,
  nameRevision,
  nextName,
  renameRevision,
  surplusOf,
} from './revisions';
import { changePersonalFigures, changeStyles, findPersonalFigures, findStyles } from './settings';

const FERRY =
  '# Ferry\nlevel: improver\nmusic: Last Boat, 116 bpm\n\n## Section 1 (4 counts)\n1-2 Step R forward, pivot 1/2 left\n3-4 Walk R, walk L\n';
const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
const DAY = 24 * HOUR;

let db: SlateDatabase;
let number = 0;
beforeEach(() => {
  db = new SlateDatabase(`keeping-${number++}`);
});
afterEach(async () => {
  jest.restoreAllMocks();
  await db.delete();
});

/** Sets the clock. */
const at = (time: number): void => void jest.spyOn(performance, 'now').mockReturnValue(time - performance.timeOrigin);

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

  test('the same words kept once more, long afterwards, are no further state', async () => {
    at(1e12);
    const { id } = await addDance(FERRY, db);
    await db.transaction('rw', db.revisions, () => keepRevision(id, FERRY, 1e12 + 10 * DAY, db));
    expect((await listRevisions(id, db)).map(({ text, at: when }) => [text, when])).toEqual([[FERRY, 1e12]]);
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
    await renameRevision(revisions[0].key ?? 0, () => '  harbour night ', db);
    expect(nextName(await listRevisions(id, db))).toBe('2');
    expect(nameOfText(await listRevisions(id, db), '# Ferry\n1-4 Vine R')).toBe('harbour night');
  });

  test('what was handed out is never written over, however soon it is written on', async () => {
    at(1e12);
    const { id } = await addDance('a', db);
    at(1e12 + MINUTE);
    await saveDance(id, 'b', 1, db);
    await nameRevision(id, 'b', '1', db);
    for (const [index, text] of ['c', 'd', 'e'].entries()) {
      at(1e12 + MINUTE + 1000 * index);
      await saveDance(id, text, 2 + index, db);
    }
    expect((await listRevisions(id, db)).map(({ text, name }) => [text, name])).toEqual([['e', ''], ['b', '1'], ['a', '']]); // prettier-ignore
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
        const all: RevisionRecord[] = [...made].sort((a, b) => a.at - b.at).map((one, key) => ({ ...one, key }));
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
      key: index,
      name: '',
    }));
    const named = minutes.map((one, index) => (index % 100 === 7 ? { ...one, name: '1' } : one));
    expect(surplusOf(named, 2000 * MINUTE).filter(({ name }) => name !== '')).toEqual([]);
    // 2,000 minutes of steady change: an hour by twos, a day by quarters of an hour, the rest by four hours.
    expect(2000 - surplusOf(minutes, 2000 * MINUTE).length).toBeLessThan(145);
  });

  test('go with their dance when it is cleared away', async () => {
    const { id } = await addDance(FERRY, db, { source: { name: 'old.docx', kind: 'Word file', text: 'as it came' } });
    expect(await findSource(id, db)).toMatchObject({ name: 'old.docx', text: 'as it came' });
    await deleteDances([id], db);
    for (let day = 1; day <= 60; day++) await clearDeleted(timeNow() + day * DAY, db);
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

describe('sheets that wait to be settled', () => {
  const sheet = (name: string) => ({ name, kind: 'web page', text: `# ${name}` });

  test('come in their order, are settled one by one and taken away, each for itself', async () => {
    const [a, b] = await addImports([sheet('a'), sheet('b')], db);
    const [c] = await addImports([sheet('c')], db);
    await settleImport({ id: b.id, text: '# b, settled', base: 1 }, db);
    await removeImports([a.id], db);
    expect(await listImports(db)).toMatchObject([
      { id: b.id, text: '# b, settled', original: '# b', revision: 2 },
      { id: c.id, text: '# c', revision: 1 },
    ]);
  });

  test('settled in two tabs, neither writes over the other', async () => {
    const [{ id }] = await addImports([sheet('a')], db);
    await settleImport({ id, text: '# theirs', base: 1, tab: 'theirs' }, db);
    const mine = await settleImport({ id, text: '# mine', base: 1 }, db);
    expect(mine?.id).not.toBe(id);
    expect((await listImports(db)).map(({ text, name }) => [text, name])).toEqual(
      expect.arrayContaining([
        ['# theirs', 'a'],
        ['# mine', 'a (other version)'],
      ]),
    );
    // What the other tab left behind goes on from its own words.
    expect(await settleImport({ id, text: '# theirs, to the end', base: 1, tab: 'theirs' }, db)).toMatchObject({
      id,
      revision: 3,
    });
    await removeImports([id], db);
    expect(await settleImport({ id, text: '# too late', base: 2 }, db)).toBeUndefined();
  });
});

describe('journals', () => {
  test('an edit between two texts makes the one of the other', () => {
    fc.assert(
      fc.property(fc.string({ unit: fc.constantFrom('a', 'b') }), fc.string({ unit: fc.constantFrom('a', 'b') }), (a, b) => {
        const { from, to, insert } = editBetween(a, b);
        expect(a.slice(0, from) + insert + a.slice(to)).toBe(b);
      }),
    ); // prettier-ignore
  });

  test('whatever was typed, in whatever order it was written, the journal comes to the last of it', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(fc.string(), { minLength: 1, maxLength: 30 }), fc.nat(3), async (texts, base) => {
        const journal = new Journal('dance', 'tab', db);
        await Promise.all(texts.map((text, edits) => journal.note({ text, base, edits, at: edits })));
        const [{ text, base: own, edits }] = await findJournals(db);
        expect([text, own, edits]).toEqual([texts[texts.length - 1], base, texts.length - 1]);
        journal.forget();
        expect(await db.journal.count()).toBe(0);
      }),
      { numRuns: 40 },
    );
  });

  test('more edits than a journal holds begin it anew; one that lost its beginning is passed over', async () => {
    const journal = new Journal('dance', 'tab', db);
    for (let key = 1; key <= 450; key++) {
      await journal.note({ text: 'x'.repeat(key), base: 1, edits: key, at: key });
    }
    expect((await findJournals(db))[0].text).toHaveLength(450);
    expect(await db.journal.count()).toBeLessThanOrEqual(200);
    await db.journal.where('[danceId+tab+number]').equals(['dance', 'tab', 1]).delete();
    expect(await findJournals(db)).toEqual([]);
  });
});

describe('a clock that is wrong', () => {
  const states = async (id: string): Promise<string[]> => (await listRevisions(id, db)).map(({ text }) => text);

  test('put back: states do not run together, and the newest stands first', async () => {
    at(1e12);
    const { id } = await addDance('a', db);
    for (const [time, text] of [
      [1e12 + HOUR, 'b'],
      [1e12 - 3 * DAY, 'c'],
      [1e12 - 3 * DAY + HOUR, 'd'],
      [1e12 - 9 * DAY, 'e'],
    ] as const) {
      // prettier-ignore
      at(time);
      await saveDance(id, text, (await findDance(id, db))?.revision ?? 0, db);
    }
    expect(await states(id)).toEqual(['e', 'd', 'c', 'b', 'a']);
    jest.restoreAllMocks();
    at(1e12 - 20 * DAY);
    // The shelf shows what was changed last first, too.
    const other = await addDance('other', db);
    expect((await listDances(db))[0].id).toBe(other.id);
  });

  test('put forward by years: what was written today stays, and nothing that was deleted is cleared away', async () => {
    at(1e12);
    const { id } = await addDance('0', db);
    for (let state = 1; state <= 10; state++) {
      at(1e12 + state * 10 * MINUTE);
      await saveDance(id, String(state), state, db);
    }
    await deleteDances([id], db);
    const [deleted] = await db.dances.toArray();
    at(1e12 + 900 * DAY);
    await clearDeleted(undefined, db);
    expect(await db.dances.count()).toBe(1);
    await restoreDances([deleted], db);
    await saveDance(id, 'next', 11, db);
    expect(await states(id)).toEqual(['next', '10', '9', '8', '7', '6', '5', '4', '3', '2', '1', '0']);
  });

  test('an undo brings back what was cleared away in between', async () => {
    const dance = await addDance('gone', db);
    await db.dances.clear();
    await restoreDances([dance], db);
    expect((await findDance(dance.id, db))?.text).toBe('gone');
  });
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
    await changePersonalFigures(() => '## Figure "ebb" 1-2: A side, B tog', db);
    const other = new SlateDatabase('keeping-other');
    expect(await restoreBackup(parsed(await makeBackup(db)), { db: other })).toMatchObject({ added: 1, met: 0 });
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
    expect(await restoreBackup(parsed(await makeBackup(db)), { db: other })).toMatchObject({ added: 0, met: 1 });
    expect(await other.revisions.count()).toBe(await db.revisions.count());
    await other.delete();
  });

  test('of two states of one dance the newer stands and the older is kept', async () => {
    at(1e12);
    const { id } = await addDance(FERRY, db);
    const old = await makeBackup(db);
    at(1e12 + DAY);
    await saveDance(id, '# Newer here', 1, db);
    expect(await restoreBackup(parsed(old), { db })).toMatchObject({ added: 0, met: 1 });
    expect((await findDance(id, db))?.text).toBe('# Newer here');
    expect((await listRevisions(id, db)).map(({ text }) => text)).toContain(FERRY);
    const count = await db.revisions.count();
    for (let again = 0; again < 3; again++) await restoreBackup(parsed(old), { db });
    expect(await db.revisions.count()).toBe(count);
    await deleteDances([id], db);
    expect(await restoreBackup(parsed(old), { db })).toMatchObject({ added: 1, met: 0 });
    expect(await listDances(db)).toHaveLength(1);
  });

  test('a state that is kept already, under whatever time, is not kept again', async () => {
    at(1e12);
    const { id } = await addDance('a', db);
    // The clock was put back: the dance and its revision have different times.
    at(1e12 - DAY);
    await saveDance(id, 'b', 1, db);
    const old = await makeBackup(db);
    await saveDance(id, 'c', 2, db);
    await restoreBackup(parsed(old), { db });
    expect((await listRevisions(id, db)).map(({ text }) => text).filter((text) => text === 'b').length).toBeLessThanOrEqual(1); // prettier-ignore
  });

  test.each([
    ['', /stops or breaks/],
    ['{"format":"pace-slate-dance"}', /something other/],
    ['[]', /something other/],
    ['{"format":"pace-slate-backup","version":{"toString":1}}', /made by another version of the slate/],
    ['{"format":"pace-slate-backup","version":1,"dances":{}}', /what it should hold is missing/],
    ['{"format":"pace-slate-backup","version":7}', /another version \(7\)/],
  ])('%s is refused in a sentence', (json, sentence) => {
    expect(readBackup(json)).toEqual({ problem: expect.stringMatching(sentence) });
  });
});

describe('what a backup holds', () => {
  const parsed = (json: string): Backup => (readBackup(json) as { backup: Backup }).backup;

  test('is read whatever its size: what was written can be read', async () => {
    const text = `# Vast\n${'x'.repeat(2_100_000)}`;
    await db.dances.add({ ...(await addDance('# a', db)), id: 'vast', text });
    await db.sources.put({ id: 'vast', name: 'n'.repeat(900), kind: 'text', text: 'y', importedAt: 1 });
    const { dances, sources, damaged } = parsed(await makeBackup(db));
    expect(dances.map((dance) => dance.text.length)).toContain(text.length);
    expect([sources[0].name.length, damaged]).toEqual([900, []]);
  });

  test('that is damaged in single records is read without them, and they are named', async () => {
    await addDance('# Good', db);
    const whole = JSON.parse(await makeBackup(db)) as Record<string, unknown[]>;
    whole.dances.push({ id: 'b', text: '# Broken Oar', createdAt: 'yesterday' }, null, { id: 7 });
    whole.revisions.push({ danceId: 'b' });
    (whole as Record<string, unknown>).styles = { chosen: 1 };
    const backup = parsed(JSON.stringify(whole));
    expect(backup.damaged).toEqual(['Broken Oar', 'dance 3', 'dance 4', 'revision 2', 'the house styles']);
    const other = new SlateDatabase('keeping-damaged');
    expect(await restoreBackup(backup, { db: other })).toMatchObject({ added: 1, met: 0 });
    await other.delete();
  });

  test('adds the figures and styles that are not here, and names those that are defined otherwise', async () => {
    const style = { ...HOUSE_STYLES[0], id: 'mine', title: 'Mine' };
    const [ebb, flood] = ['## Figure "ebb" 1-2: A side, B tog\n', '## Figure "flood" 1-2: A fwd, B tog\n'];
    await changePersonalFigures(() => ebb + flood, db);
    await changeStyles(() => ({ chosen: 'mine', styles: [style] }), db);
    const backup = parsed(await makeBackup(db));
    await changePersonalFigures(() => '## Figure "ebb" 1-2: A back, B tog\n', db);
    await changeStyles(() => ({ chosen: 'slate', styles: [{ ...style, title: 'Mine', sides: HOUSE_STYLES[1].sides, capitals: HOUSE_STYLES[2].capitals }] }), db); // prettier-ignore
    for (let again = 0; again < 2; again++)
      expect(await restoreBackup(backup, { db })).toMatchObject({ otherFigures: ['ebb'] });
    expect(await findPersonalFigures(db)).toBe('## Figure "ebb" 1-2: A back, B tog\n\n## Figure "flood" 1-2: A fwd, B tog\n'); // prettier-ignore
    const styles = await findStyles(db);
    expect([styles?.chosen, styles?.styles.map(({ title }) => title)]).toEqual(['slate', ['Mine', 'Mine (backup)']]);
  });

  test('is stopped between two lots, says how far it is, and goes on from the same file later', async () => {
    await addDances(Array.from({ length: 60 }, (_, index) => ({ text: `# ${index}` })), db); // prettier-ignore
    const backup = parsed(await makeBackup(db));
    const other = new SlateDatabase('keeping-stopped');
    const stop = new AbortController();
    const heard: number[] = [];
    const onProgress = (done: number, total: number): void => {
      heard.push(done, total);
      stop.abort();
    };
    expect(await restoreBackup(backup, { db: other, onProgress, signal: stop.signal })).toMatchObject({ added: 25, left: 35 }); // prettier-ignore
    expect(heard).toEqual([25, 60]);
    expect(await restoreBackup(backup, { db: other })).toMatchObject({ added: 35, met: 25, left: 0 });
    await other.delete();
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
    // The migration itself knows nothing of the program; what is derived is worked out afterwards.
    expect(await findDance('a', now)).toEqual({ ...before, author: '', tempo: 0, starts: [], figures: '', tags: [] });
    await refreshFacts(now);
    expect(await findDance('a', now)).toEqual({
      ...before,
      music: 'Last Boat, 116 bpm',
      author: '',
      tempo: 116,
      starts: [0, 24],
      figures: 'step, pivot, walk',
      sequences: ['section 1: step pivot walk walk'],
      tags: [],
    });
    expect(await listRevisions('a', now)).toMatchObject([{ text: FERRY, from: 5, at: 9, name: '' }]);
    await now.delete();
  });

  test('one old record without text, or without anything, stops nothing', async () => {
    const name = `from-1-${number++}`;
    await leftBy(1, name, (old) => old.table('dances').bulkAdd([{ id: 'a', text: FERRY, createdAt: 5, changedAt: 9, deletedAt: 0 }, { id: 'b' }, { id: 'c', text: 7 }])); // prettier-ignore
    const now = new SlateDatabase(name);
    await refreshFacts(now);
    expect((await now.dances.toArray()).map(({ id, text, title }) => [id, text, title])).toEqual([
      ['a', FERRY, 'Ferry'],
      ['b', '', 'Untitled dance'],
      ['c', '', 'Untitled dance'],
    ]);
    await now.delete();
  });

  test('from version 2: sheets that waited together wait each by itself', async () => {
    const name = `from-2-${number++}`;
    const sheet = { id: '1', name: 'a.html', kind: 'web page', original: 'x', text: 'y' };
    await leftBy(2, name, (old) => old.table('meta').put({ key: 'imports', value: [sheet, null, 'x', { id: 2 }] }));
    const now = new SlateDatabase(name);
    expect(await listImports(now)).toEqual([{ ...sheet, revision: 1, place: 0 }]);
    expect(await now.meta.get('imports')).toBeUndefined();
    await now.delete();
  });

  test('from version 4: recordings stay, and there is room for groups and evenings', async () => {
    const name = `from-4-${number++}`;
    await leftBy(4, name, (old) => old.table('recordings').add({ id: 'a', name: 'reel.ogg' }));
    const now = new SlateDatabase(name);
    expect(await now.recordings.toArray()).toEqual([{ id: 'a', name: 'reel.ogg' }]);
    expect(await findClasses(now)).toEqual({ groups: [], evenings: [], requests: [] });
    await addGroup({ name: 'Crew', place: '', from: '2026-09-01', every: 1, time: '19:30', minutes: 60, level: '', notes: '', forbids: [], intervals: [1] }, now); // prettier-ignore
    expect((await findClasses(now)).groups.map((group) => group.name)).toEqual(['Crew']);
    await now.delete();
  });

  test('from version 5: requests belong to the group and the day they were said on', async () => {
    const name = `from-5-${number++}`;
    const evening = { id: 'e', groupId: 'crew', groupName: 'Crew', place: '', date: '2026-09-08', time: '19:30', minutes: 60, state: 'held', steps: [], notes: [], words: 'Rain.', createdAt: 3, changedAt: 4, deletedAt: 0 }; // prettier-ignore
    const asked = { id: 'r', title: 'Ebb', who: 'Wren', isSettled: false };
    await leftBy(5, name, (old) => old.table('evenings').bulkAdd([{ ...evening, requests: [asked, null, 'x'] }, { ...evening, id: 'f' }])); // prettier-ignore
    const now = new SlateDatabase(name);
    const { evenings, requests } = await findClasses(now);
    expect(evenings.map((one) => [one.id, one.words, 'requests' in one])).toEqual([['e', 'Rain.', false], ['f', 'Rain.', false]]); // prettier-ignore
    expect(requests).toEqual([{ ...asked, groupId: 'crew', asked: '2026-09-08', createdAt: 3, changedAt: 4, deletedAt: 0 }]); // prettier-ignore
    await now.delete();
  });

  test('every version has its own way', () =>
    expect(MIGRATIONS.map(({ version }) => version)).toEqual([1, 2, 3, 4, 5, 6]));
});

test('words of a tab that lives are its own; of one that is gone they are taken up', async () => {
  const [one, other] = [new Journal('a', 'living', db), new Journal('b', 'gone', db)];
  await Promise.all([one.note({ text: 'A', base: 1, edits: 1, at: 1 }), other.note({ text: 'B', base: 1, edits: 1, at: 1 })]); // prettier-ignore
  const held = [{ name: 'pace-slate-tab:living' }, { name: 'another lock' }];
  Object.defineProperty(globalThis, 'navigator', { value: { locks: { query: async () => ({ held }) } }, configurable: true }); // prettier-ignore
  expect((await findLeftWords(db)).map(({ id }) => id)).toEqual(['b']);
  Reflect.deleteProperty(globalThis, 'navigator');
  expect((await findLeftWords(db)).map(({ id }) => id).sort()).toEqual(['a', 'b']);
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
  const [a, b, c] = await addDances([{ text: FERRY }, { text: '# B' }, { text: '# C' }], db);
  const draft = (text: string, base: number) => ({ text, base, edits: 1, at: 1 });
  keepDraft(a.id, draft('# Ferry, later', 1), 'dead');
  keepDraft(b.id, draft('# B, on an older state', 0), 'dead');
  keepDraft(c.id, draft('# C, written on', 1), 'dead');
  await deleteDances([c.id], db);
  // As an earlier version kept it: without a tab.
  kept.set('pace-slate-draft:' + a.id, JSON.stringify({ text: '# Ferry, later', base: 1 }));
  await adoptLeftWords(db);
  expect((await listDances(db)).map(({ text }) => text).sort()).toEqual([
    '# B',
    '# C, written on (other version)',
    '# Ferry, later',
  ]);
  expect(findDrafts().map(({ id }) => id)).toEqual([b.id]);

  // A page that said it goes is gone, also while the browser still holds its lock; a mark without a lock is cleared away.
  const held = [{ name: 'pace-slate-tab:leaving' }, { name: 'pace-slate-tab:living' }];
  Object.defineProperty(globalThis, 'navigator', { value: { locks: { query: async () => ({ held }) } }, configurable: true }); // prettier-ignore
  kept.set('pace-slate-gone:leaving', '1');
  kept.set('pace-slate-gone:long ago', '1');
  const [{ revision }] = (await listDances(db)).filter(({ id }) => id === a.id);
  keepDraft(a.id, draft('# Ferry, as it left', revision), 'leaving');
  keepDraft(b.id, draft('# B, still open', 1), 'living');
  await adoptLeftWords(db);
  expect((await findDance(a.id, db))?.text).toBe('# Ferry, as it left');
  expect((await findDance(b.id, db))?.text).toBe('# B');
  expect([...kept.keys()].filter((key) => key.startsWith('pace-slate-gone:'))).toEqual(['pace-slate-gone:leaving']);
  Reflect.deleteProperty(globalThis, 'navigator');
  Reflect.deleteProperty(globalThis, 'localStorage');
});

/** What enters is checked, what is kept and damaged takes nothing else away, and a restore can be undone. */
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { isRefusal, refusalWords } from './answered';
import { differingFrom, makeBackup, readBackup, restoreBackup } from './backup';
import { addEvening, addGroup, addRequest, changeEvening, findClasses } from './classes';
import { SlateDatabase } from './database';
import { addDance, addDances, deleteDances, findDance, listDances, saveDance } from './dances';
import { findJournals } from './journal';
import { addImports, listImports } from './imports';
import { findRecording, saveRecording } from './recordings';
import { listRevisions } from './revisions';
import { damagedAsJson, findDamaged, removeDamaged } from './soundness';
import { findScale, saveScale } from './settings';
import { undoRestore } from './undo-restore';

let db: SlateDatabase;
let other: SlateDatabase;
beforeEach(() => {
  db = new SlateDatabase(`sound-${Math.random()}`);
  other = new SlateDatabase(`sound-other-${Math.random()}`);
});
afterEach(async () => {
  await db.delete();
  await other.delete();
});

const GROUP = { name: 'Friday crew', place: 'Boat shed', from: '2026-09-04', every: 1, time: '19:30', minutes: 60, level: '', notes: '', forbids: [], intervals: [1] }; // prettier-ignore
const EVENING = { groupId: 'g', groupName: 'Friday crew', place: '', date: '2026-09-11', time: '19:30', minutes: 60, state: 'held' as const, steps: [], notes: [], words: 'Rain.' }; // prettier-ignore
const REQUEST = { groupId: 'g', asked: '2026-09-11', title: 'Flood', who: 'Piet', isSettled: false };
const STEP = { id: 's', kind: 'run', minutes: 5, words: 'Ebb', why: '', sections: [1], cautions: [], isDone: false };
const RECORDING = {
  id: 'a', name: 'reel.ogg', kind: 'audio/ogg', size: 3, addedAt: 5, byBand: false, level: 1 as const, peaks: new Int8Array([1]),
  heard: { bpm: 104, firstBeat: 0.5, beats: [0.5], confidence: 0.9, changes: [], pauses: [], others: [], seconds: 12 },
}; // prettier-ignore

const backupOf = (json: string) => {
  const read = readBackup(json);
  if ('problem' in read) throw new Error(read.problem);
  return read.backup;
};
const wholeOf = async (from: SlateDatabase) => JSON.parse(await makeBackup(from)) as Record<string, object[]>;

describe('a damaged record', () => {
  /** One of every kind, each as another version or a broken profile may have left it. */
  const BAD: Readonly<Record<string, readonly object[]>> = {
    dances: [{ id: 'd1', deletedAt: 0, title: 'Broken Oar' }, { id: 'd2', text: 7, deletedAt: 0 }],
    revisions: [{ danceId: 'sound', text: null, at: 1 }],
    sources: [{ id: 'sound', text: 9 }],
    imports: [{ id: 'i', place: 1, name: 'sheet.txt' }],
    journal: [{ danceId: 'sound', tab: 't', number: 1, insert: 7 }],
    groups: [{ id: 'g1', ...GROUP, from: '9999-12-31', createdAt: 1, changedAt: 1, deletedAt: 0 }, { id: 'g2' }],
    evenings: [
      { id: 'e1', ...EVENING, time: '99:99', createdAt: 1, changedAt: 1, deletedAt: 0 },
      { id: 'e2', ...EVENING, steps: Array.from({ length: 20_000 }, () => STEP), createdAt: 1, changedAt: 1, deletedAt: 0 },
      { id: 'e3', date: 'some Friday', words: 'Nine of us.' },
    ],
    requests: [{ id: 'r1', ...REQUEST, asked: 'tonight', deletedAt: 0 }],
    recordings: [{ ...RECORDING, heard: { bpm: 'fast' } }],
    sounds: [{ id: 'a', bytes: 'none' }],
  }; // prettier-ignore

  test.each(Object.keys(BAD))('of %s is left out of every list, told with its words, saved and removed', async (table) => {
    const { id } = await addDance('# Ebb\n1-4 Vine R\n', db);
    const group = await addGroup(GROUP, db);
    await addEvening({ ...EVENING, groupId: group.id }, db);
    await addRequest(REQUEST, db);
    const [waiting] = await addImports([{ name: 'a', kind: 'text', text: 'x' }], db);
    await saveRecording({ ...RECORDING, id: 'b' }, new Uint8Array([1, 2, 3]), db);
    const seen = async () =>
      JSON.stringify([await listDances(db), await listRevisions(id, db), await findClasses(db), await listImports(db), await findRecording('b', db), await findJournals(db), backupOf(await makeBackup(db, true)).damaged]);
    const before = await seen();
    await db.table(table).bulkPut([...BAD[table]]);
    expect(await seen()).toBe(before);
    expect(waiting.name).toBe('a');
    const damaged = await findDamaged(db);
    expect(damaged.map((one) => one.table)).toEqual(BAD[table].map(() => table));
    expect(damaged.every(({ words }) => /^(?:an?|the|what|words) /.test(words))).toBe(true);
    expect(JSON.parse(damagedAsJson(damaged))).toMatchObject(BAD[table].map(() => ({ table })));
    await removeDamaged(damaged, db);
    expect([await findDamaged(db), await seen()]).toEqual([[], before]);
  }); // prettier-ignore

  test('its words are told: a dance by its name, an evening by its notes', async () => {
    await db.table('dances').put(BAD.dances[0]);
    await db.table('evenings').put(BAD.evenings[2]);
    expect((await findDamaged(db)).map(({ words }) => words)).toEqual(['a dance: Broken Oar', 'an evening: some Friday · Nine of us.']); // prettier-ignore
  });

  test('a dance whose facts another version left out is a dance; it is saved as any other', async () => {
    await db
      .table('dances')
      .put({ id: 'old', text: '# Old Rope\n1-4 Vine R\n', deletedAt: 0, createdAt: 1, changedAt: 2 });
    expect(await listDances(db)).toMatchObject([{ id: 'old', title: 'Old Rope', level: '', tags: [], revision: 0 }]);
    expect(await saveDance('old', '# Old Rope\n1-4 Vine L\n', 0, db)).toMatchObject({ kind: 'saved', record: { revision: 1 } }); // prettier-ignore
    expect(await findDance('old', db)).toMatchObject({ counts: 4 });
  });

  test('a sound record that is changed into a damaged one is told, although it was sound', async () => {
    const { id } = await addEvening(EVENING, db);
    expect((await findClasses(db)).evenings).toHaveLength(1);
    await changeEvening(id, () => ({ time: '99:99' }), db);
    expect((await findClasses(db)).evenings).toEqual([]);
  });
});

describe('ids of a backup are not believed', () => {
  const HOSTILE = [
    'a\r\nATTENDEE:mailto:x',
    'a\nEND:VEVENT',
    'a/b',
    'a?b',
    '..',
    '',
    'x'.repeat(101),
    'a b',
    'é',
    'a#b',
    '%2f',
  ];

  test.each(HOSTILE.map((id) => [id]))('%j', async (id) => {
    await addDance('# Ebb\n', db);
    await addGroup(GROUP, db);
    await addEvening(EVENING, db);
    await addRequest(REQUEST, db);
    const whole = await wholeOf(db);
    for (const key of ['dances', 'groups', 'evenings', 'requests']) whole[key].push({ ...whole[key][0], id });
    const backup = backupOf(JSON.stringify(whole));
    expect([backup.dances.length, backup.groups.length, backup.evenings.length, backup.requests.length]).toEqual([1, 1, 1, 1]); // prettier-ignore
    expect(backup.damaged).toEqual(['Ebb', 'Friday crew', 'the evening 2026-09-11', 'the request for Flood']);
  });

  test.each([['time', '99:99'], ['time', '24:00'], ['time', '19:60'], ['date', '9999-12-31'], ['date', '1969-12-31'], ['minutes', 1e9], ['words', 'x'.repeat(50_000)], ['steps', Array.from({ length: 20_000 }, () => STEP)]] as const)(
    'an evening whose %s is out of bounds is named', async (key, value) => {
      await addEvening(EVENING, db);
      const whole = await wholeOf(db);
      whole.evenings.push({ ...whole.evenings[0], [key]: value });
      expect(backupOf(JSON.stringify(whole))).toMatchObject({ evenings: [{ date: '2026-09-11' }], damaged: [expect.stringMatching(/^the evening/)] });
    }); // prettier-ignore
});

describe('a backup in a browser that has dances of its own', () => {
  const EBB = '# Ebb\n1-4 Vine R\n';

  test('what is the same under another id is recognised, with its log and its revisions; brought back twice, nothing more comes', async () => {
    const [ebb] = await addDances([{ text: EBB }, { text: '# Flood\n' }], db);
    const { id: evening } = await addEvening({ ...EVENING, notes: [{ danceId: ebb.id, title: 'Ebb', sections: [1], of: 1, walls: 1, inPlace: [], music: false, tripped: [] }] }, db);
    await saveDance(ebb.id, '# Ebb\n1-4 Vine L\n', 1, db);
    await saveDance(ebb.id, EBB, 2, db);
    const backup = backupOf(await makeBackup(db));
    const here = await addDance(EBB, other);
    expect(await differingFrom(backup, other)).toEqual([]);
    for (let time = 0; time < 2; time++) {
      const { added } = await restoreBackup(backup, { db: other });
      expect([added, (await listDances(other)).map(({ title }) => title).sort()]).toEqual([1 - time, ['Ebb', 'Flood']]);
    }
    const [kept] = (await findClasses(other)).evenings;
    expect([kept.id, kept.notes[0].danceId]).toEqual([evening, here.id]);
    expect((await listRevisions(here.id, other)).map(({ text }) => text)).toContain('# Ebb\n1-4 Vine R\n');
  }); // prettier-ignore

  test.each([
    ['here', ['# Ebb\nmine\n'], '# Ebb\ntheirs\n'],
    ['backup', ['# Ebb\ntheirs\n'], '# Ebb\nmine\n'],
    ['both', ['# Ebb\nmine\n', '# Ebb\ntheirs\n'], undefined],
  ] as const)('of two of one name that differ, asked for %s, that stands and the other is among the revisions', async (standing, texts, older) => {
    const { id } = await addDance('# Ebb\ntheirs\n', db);
    const mine = await addDance('# Ebb\nmine\n', other);
    const backup = backupOf(await makeBackup(db));
    expect(await differingFrom(backup, other)).toMatchObject([{ id, title: 'Ebb', isSame: false }]);
    await restoreBackup(backup, { db: other, choices: new Map([[id, standing]]) });
    expect((await listDances(other)).map(({ text }) => text).sort()).toEqual([...texts]);
    if (older) expect((await listRevisions(mine.id, other)).map(({ text }) => text)).toContain(older);
  }); // prettier-ignore

  test('of the very same dance the newer stands where nobody chooses, whichever it is', async () => {
    const { id } = await addDance(EBB, db);
    await restoreBackup(backupOf(await makeBackup(db)), { db: other });
    await saveDance(id, '# Ebb\nlater in the backup\n', 1, db);
    const newer = backupOf(await makeBackup(db));
    expect(await differingFrom(newer, other)).toMatchObject([{ id, isSame: true }]);
    await restoreBackup(newer, { db: other });
    expect((await findDance(id, other))?.text).toBe('# Ebb\nlater in the backup\n');
    expect((await listRevisions(id, other)).map(({ text }) => text)).toContain(EBB);
    await saveDance(id, '# Ebb\nlater here\n', (await findDance(id, other))?.revision ?? 0, other);
    await restoreBackup(newer, { db: other });
    expect((await findDance(id, other))?.text).toBe('# Ebb\nlater here\n');
    // Both of one id: the other one gets an id and a name of its own.
    await restoreBackup(newer, { db: other, choices: new Map([[id, 'both']]) });
    expect((await listDances(other)).map(({ title }) => title).sort()).toEqual(['Ebb', 'Ebb (other version)']);
  });

  test('it is undone as a whole; what was changed since stays', async () => {
    const mine = await addDance(EBB, other);
    await addEvening({ ...EVENING, words: 'Here.' }, other);
    const stateOf = async () =>
      JSON.stringify([await listDances(other), await listRevisions(mine.id, other), await findClasses(other)]);
    const before = await stateOf();
    const [, second] = await addDances([{ text: '# Ebb\ntheirs\n' }, { text: '# Flood\n' }], db);
    await addGroup(GROUP, db);
    await addEvening(EVENING, db);
    await addRequest(REQUEST, db);
    const backup = backupOf(await makeBackup(db));
    const { changes } = await restoreBackup(backup, { db: other, choices: new Map([[backup.dances[0].id, 'backup']]) });
    expect(await stateOf()).not.toBe(before);
    expect(await undoRestore(changes, other)).toBe(0);
    expect(await stateOf()).toBe(before);
    const again = await restoreBackup(backup, { db: other });
    await saveDance(second.id, '# Flood\nwritten on\n', 1, other);
    // The dance, and the state of it that was kept.
    expect(await undoRestore(again.changes, other)).toBeGreaterThan(0);
    expect((await listDances(other)).map(({ text }) => text)).toEqual(['# Flood\nwritten on\n', EBB]);
  });

  test('a record that the browser can’t take is left out and named, and all others come', async () => {
    await addDances([{ text: '# Ebb\n' }, { text: '# Flood\n' }, { text: '# Slack\n' }], db);
    await addGroup(GROUP, db);
    const backup = backupOf(await makeBackup(db));
    const { put } = other.dances;
    other.dances.put = ((record: { text: string }) =>
      record.text === '# Flood\n' ? Promise.reject(new DOMException('no key', 'DataError')) : put.call(other.dances, record as never)) as never; // prettier-ignore
    const { added, damaged } = await restoreBackup(backup, { db: other });
    expect([added, damaged]).toEqual([2, ['Flood']]);
    expect((await listDances(other)).map(({ text }) => text).sort()).toEqual(['# Ebb\n', '# Slack\n']);
    expect((await findClasses(other)).groups).toHaveLength(1);
  });

  test('where the browser refuses to keep anything, that is told, and no record is blamed', async () => {
    await addDances([{ text: '# Ebb\n' }, { text: '# Flood\n' }], db);
    const backup = backupOf(await makeBackup(db));
    other.dances.put = (() => Promise.reject(new DOMException('full', 'QuotaExceededError'))) as never;
    await expect(restoreBackup(backup, { db: other })).rejects.toMatchObject({ name: 'QuotaExceededError' });
  });

  test('two dances of one text are two, also where one of them is here', async () => {
    await addDances([{ text: '# Ebb\n' }, { text: '# Ebb\n' }], db);
    await addDance('# Ebb\n', other);
    const backup = backupOf(await makeBackup(db));
    for (const added of [1, 0]) expect((await restoreBackup(backup, { db: other })).added).toBe(added);
    expect(await listDances(other)).toHaveLength(2);
  });

  test('a scale that is here stays, and comes where there is none', async () => {
    const scale = (...borders: number[]) => ({ names: ['paddlers', 'rowers'], borders });
    await saveScale(scale(6), db);
    const backup = backupOf(await makeBackup(db));
    await restoreBackup(backup, { db: other });
    expect(await findScale(other)).toEqual(scale(6));
    await saveScale(scale(9), other);
    await restoreBackup(backup, { db: other });
    expect(await findScale(other)).toEqual(scale(9));
  });

  test('revisions of dances that are gone stay out of a backup', async () => {
    const [ebb] = await addDances([{ text: '# Ebb\n' }, { text: '# Flood\n' }], db);
    await deleteDances([ebb.id], db);
    const { dances, revisions } = backupOf(await makeBackup(db));
    expect([dances.map(({ text }) => text), revisions.map(({ text }) => text)]).toEqual([['# Flood\n'], ['# Flood\n']]);
  });
});

test('of an evening that is in both, the newer one of the backup stands and lacks nothing that the shelf alone has', async () => {
  const note = { danceId: 'ebb', title: 'Ebb', sections: [1], of: 2, walls: 3, inPlace: [], music: true, tripped: [] };
  const { id } = await addEvening(EVENING, db);
  await restoreBackup(backupOf(await makeBackup(db)), { db: other });
  await changeEvening(id, () => ({ words: 'Only here.', notes: [note] }), other);
  await new Promise((resolve) => setTimeout(resolve, 3));
  await changeEvening(id, () => ({ words: 'Newer in the backup.', notes: [{ ...note, danceId: 'flood', walls: 9 }] }), db);
  await restoreBackup(backupOf(await makeBackup(db)), { db: other });
  const [merged] = (await findClasses(other)).evenings;
  expect(merged.notes.map(({ danceId, walls }) => [danceId, walls])).toEqual([['flood', 9], ['ebb', 3]]);
  expect(merged.words).toBe('Newer in the backup.\nOnly here.');
}); // prettier-ignore

test.each([
  [new DOMException('x', 'QuotaExceededError'), true, /storage is full/],
  [Object.assign(new Error('x'), { name: 'AbortError', inner: new DOMException('y', 'QuotaExceededError') }), true, /storage is full/],
  [new DOMException('x', 'InvalidStateError'), true, /refuses to keep anything/],
  [new DOMException('x', 'VersionError'), true, /newer version/],
  [new DOMException('x', 'DataError'), false, /can’t keep this as it is/],
  [new RangeError('Invalid time value'), false, /could not be worked out \(Invalid time value\).*storage is well/],
  ['?', false, /could not be worked out: /],
])('%s: what is said is true of it', (error, refuses, words) => {
  expect(isRefusal(error)).toBe(refuses);
  expect(refusalWords(error)).toMatch(words);
}); // prettier-ignore

/** The open dance on its way into the store: nothing typed is lost, nothing of another tab is written over. */
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import {
  addDance,
  database,
  deleteDances,
  findDance,
  findDrafts,
  findHistory,
  findLeftWords,
  keepDraft,
  listDances,
  restoreDances,
  saveDance,
  TAB,
  type DanceRecord,
  type Draft,
} from '../../../store';
import { DanceSession } from './session';

/** The little of a window that a session listens to. */
const page = Object.assign(new EventTarget(), { visibilityState: 'visible' });
const kept = new Map<string, string>();
let storageRefuses = false;

beforeEach(() => {
  kept.clear();
  storageRefuses = false;
  page.visibilityState = 'visible';
  Object.assign(globalThis, {
    window: page,
    document: page,
    localStorage: storage,
  });
});

/** Object.keys of a storage are its keys. */
const storage = new Proxy(
  {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => {
      if (storageRefuses) throw new DOMException('full', 'QuotaExceededError');
      kept.set(key, value);
    },
    removeItem: (key: string) => kept.delete(key),
  },
  {
    ownKeys: () => [...kept.keys()],
    getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }),
  },
);

const draft = (text: string, base: number): Draft => ({ text, base, edits: 1, at: 1 });
const draftsOf = (id: string): string[] => findDrafts().flatMap((one) => (one.id === id ? [one.text] : []));
const theirSave = async (id: string, text: string): Promise<DanceRecord> => {
  const saved = await saveDance(id, text, 1);
  if (saved.kind !== 'saved') throw new Error(saved.kind);
  return saved.record;
};
/** As the screen opens a dance: with what a dead tab left. */
const reopened = async (id: string): Promise<DanceSession> => {
  const left = (await findLeftWords()).find((one) => one.id === id);
  const session = new DanceSession((await findDance(id)) as DanceRecord, left);
  stop = session.open();
  return session;
};

let stop: (() => void) | undefined;
afterEach(() => stop?.());

const pause = (milliseconds: number) => new Promise((resolve) => setTimeout(resolve, milliseconds));

async function open(text = '# Ebb\n1-4 Vine R'): Promise<{ session: DanceSession; record: DanceRecord }> {
  const record = await addDance(text);
  const session = new DanceSession(record);
  stop = session.open();
  return { session, record };
}

const stored = async (id: string): Promise<string | undefined> => (await findDance(id))?.text;

describe('keeping', () => {
  test('writes within half a second of the first key, also while typing goes on', async () => {
    const { session, record } = await open();
    for (let key = 0; key < 12; key++) {
      session.edit(`${session.text}.`);
      await pause(60);
    }
    expect(await stored(record.id)).toMatch(/Vine R\.{3,}/);
    await pause(300);
    expect(await stored(record.id)).toBe(session.text);
    expect(session.keeping).toEqual({ kind: 'kept' });
  });

  test('when the page is hidden the words are at once where a closing page can still write', async () => {
    const { session, record } = await open();
    session.edit('# Ebb\n1-4 Vine L');
    page.visibilityState = 'hidden';
    page.dispatchEvent(new Event('visibilitychange'));
    expect(findDrafts()).toMatchObject([{ id: record.id, tab: TAB, text: '# Ebb\n1-4 Vine L', base: 1 }]);
    await session.flush();
    expect(draftsOf(record.id)).toEqual([]);
    expect(await stored(record.id)).toBe('# Ebb\n1-4 Vine L');
  });

  test('words of a visit that broke off are taken up again and kept', async () => {
    const record = await addDance('# Ebb');
    keepDraft(record.id, draft('# Ebb and flow', 1), 'dead');
    const session = await reopened(record.id);
    expect([session.text, session.recovered]).toEqual(['# Ebb and flow', true]);
    await session.flush();
    expect(await stored(record.id)).toBe('# Ebb and flow');
    expect(draftsOf(record.id)).toEqual([]);
  });

  test('broken-off words that build on an older text are never put over the newer one', async () => {
    const record = await addDance('# Ebb');
    keepDraft(record.id, draft('# Mine', 1), 'dead');
    await theirSave(record.id, '# Theirs');
    const session = await reopened(record.id);
    expect(session.keeping.kind).toBe('two-versions');
    expect(await stored(record.id)).toBe('# Theirs');
  });

  test('the undo history goes with the text it belongs to', async () => {
    const { session, record } = await open();
    session.keepHistoryWith(() => ({ steps: 1 }));
    session.edit('# Ebb\n1-4 Vine L');
    await session.flush();
    await pause(20);
    expect(await findHistory(record.id, session.text)).toEqual({ steps: 1 });
  });
});

describe('two tabs', () => {
  test('a tab without words of its own takes the other’s', async () => {
    const { session, record } = await open();
    const heard: string[] = [];
    session.onRemote((text) => heard.push(text));
    await saveDance(record.id, '# Theirs', 1);
    await pause(60);
    expect([heard, session.text]).toEqual([['# Theirs'], '# Theirs']);
    session.edit('# Theirs and mine');
    await session.flush();
    expect(await stored(record.id)).toBe('# Theirs and mine');
  });

  test('with words of its own it asks; keeping them leaves the other version on the shelf', async () => {
    const { session, record } = await open('# Ebb');
    session.edit('# Mine');
    const theirs = await theirSave(record.id, '# Theirs');
    await session.flush();
    expect(session.keeping.kind).toBe('two-versions');
    expect(await stored(record.id)).toBe('# Theirs');
    session.edit('# Mine still');
    await session.keepMine(theirs);
    expect(await stored(record.id)).toBe('# Mine still');
    expect((await listDances()).map(({ text }) => text)).toContain('# Theirs (other version)');
  });

  test('taking theirs leaves this tab’s words on the shelf', async () => {
    const { session, record } = await open('# Ebb');
    session.edit('# Mine');
    const theirs = await theirSave(record.id, '# Theirs');
    await session.flush();
    await session.takeTheirs(theirs);
    expect([session.text, session.keeping.kind]).toEqual(['# Theirs', 'kept']);
    expect((await listDances()).map(({ text }) => text)).toContain('# Mine (other version)');
  });
});

describe('of two tabs', () => {
  test('the save of one leaves the waiting words of the other alone', async () => {
    const { session, record } = await open('# Ebb');
    // The other tab is asked "two versions" and writes on.
    keepDraft(record.id, draft('# Theirs, still being written', 1), 'other');
    session.edit('# Mine');
    await session.flush();
    expect(draftsOf(record.id)).toEqual(['# Theirs, still being written']);
  });

  test('an answer pressed twice is given once', async () => {
    const { session, record } = await open('# Ebb twice');
    session.edit('# Mine twice');
    const theirs = await theirSave(record.id, '# Theirs twice');
    await session.flush();
    await Promise.all([session.keepMine(theirs), session.keepMine(theirs)]);
    const titles = (await listDances()).map(({ title }) => title);
    expect(titles.filter((title) => title === 'Theirs twice (other version)')).toHaveLength(1);
  });
});

describe('a dance that is deleted while it is being written', () => {
  test('is said at once, also before anything is typed; words typed on are kept and can be put back', async () => {
    const { session, record } = await open('# Ebb');
    await deleteDances([record.id]);
    await pause(60);
    expect(session.keeping).toEqual({ kind: 'gone' });
    session.edit('# Ebb, and more');
    expect(draftsOf(record.id)).toEqual(['# Ebb, and more']);
    expect((await findDance(record.id))?.text).toBe('# Ebb');
    await session.putBack();
    expect(await findDance(record.id)).toMatchObject({ text: '# Ebb, and more', deletedAt: 0 });
    expect([session.keeping.kind, draftsOf(record.id)]).toEqual(['kept', []]);
    session.edit('# Ebb, and still more');
    await session.flush();
    expect(await stored(record.id)).toBe('# Ebb, and still more');
  });

  test('is told by the save where nothing was heard, and nothing is saved into it', async () => {
    const { session, record } = await open('# Ebb');
    session.edit('# Lost?');
    await database.dances.update(record.id, { deletedAt: 5 });
    await session.flush();
    expect(session.keeping).toEqual({ kind: 'gone' });
    expect((await findDance(record.id))?.text).toBe('# Ebb');
    expect(draftsOf(record.id)).toEqual(['# Lost?']);
  });

  test('put back elsewhere, it is kept on as before', async () => {
    const { session, record } = await open('# Ebb');
    await deleteDances([record.id]);
    await pause(60);
    session.edit('# Ebb on');
    await restoreDances([record]);
    await pause(60);
    await session.flush();
    expect([session.keeping.kind, await stored(record.id)]).toEqual(['kept', '# Ebb on']);
  });

  test('the database itself deleted in between: it is said, and the words go into the new one', async () => {
    const { session, record } = await open('# Ebb');
    database.close({ disableAutoOpen: false });
    await new Promise((resolve) => {
      indexedDB.deleteDatabase('pace-slate').onsuccess = resolve;
    });
    session.edit('# Ebb again');
    await session.flush();
    expect(session.keeping).toEqual({ kind: 'gone' });
    await session.putBack();
    expect([session.keeping.kind, await stored(record.id)]).toEqual(['kept', '# Ebb again']);
  });
});

describe('the journal', () => {
  test('has every key at once, in a long dance as in a short one, and a dead tab leaves it behind', async () => {
    const long = `# Long\n${'1-4 Vine R, touch L\n'.repeat(3000)}`;
    const { session, record } = await open(long);
    for (const key of 'abcdef') session.edit(session.text + key);
    // No time at all for a save: only what was asked for already.
    await database.journal.count();
    const rows = await database.journal.where('[danceId+tab+number]').between([record.id, TAB, 0], [record.id, TAB, 99]).toArray(); // prettier-ignore
    expect(rows.slice(1).every(({ insert }) => insert.length < 10)).toBe(true);
    const [left] = (await findLeftWords()).filter(({ id }) => id === record.id);
    expect(left.text).toBe(session.text);
    await session.flush();
    await pause(20);
    expect((await findLeftWords()).filter(({ id }) => id === record.id)).toEqual([]);
  });

  test('keys typed while the dance is being saved are in it, on the revision that was saved', async () => {
    const { session, record } = await open('# Ebb');
    session.edit('# Ebb 1');
    const saving = session.flush();
    session.edit('# Ebb 12');
    await saving;
    await pause(20);
    const [left] = (await findLeftWords()).filter(({ id }) => id === record.id);
    expect(left).toMatchObject({ text: '# Ebb 12', base: 2 });
    // And they are not forgotten until they are kept.
    expect(await stored(record.id)).toBe('# Ebb 1');
  });
});

describe('a browser that refuses', () => {
  test('is told at once, the text stays, and a later try keeps it', async () => {
    const { session, record } = await open();
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
    session.edit('# Ebb\n1-4 Vine L');
    await session.flush();
    IDBObjectStore.prototype.put = put;
    expect(session.keeping).toEqual({ kind: 'refused', reason: 'The browser’s storage is full.' });
    expect(draftsOf(record.id)).toEqual(['# Ebb\n1-4 Vine L']);
    await session.flush();
    expect(session.keeping).toEqual({ kind: 'kept' });
    expect(await stored(record.id)).toBe('# Ebb\n1-4 Vine L');
  });

  test('that keeps no draft either leaves the text in the tab', async () => {
    storageRefuses = true;
    const { session, record } = await open();
    expect(keepDraft(record.id, draft('x', 1))).toBe(false);
    session.edit('# Ebb\n1-4 Vine L');
    page.dispatchEvent(new Event('pagehide'));
    expect(session.text).toBe('# Ebb\n1-4 Vine L');
    await session.flush();
    expect(await stored(record.id)).toBe('# Ebb\n1-4 Vine L');
  });
});

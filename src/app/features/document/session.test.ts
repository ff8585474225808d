/** The open dance on its way into the store: nothing typed is lost, nothing of another tab is written over. */
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import {
  addDance,
  findDance,
  findDraft,
  findHistory,
  keepDraft,
  listDances,
  saveDance,
  type DanceRecord,
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
    localStorage: {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => {
        if (storageRefuses) throw new DOMException('full', 'QuotaExceededError');
        kept.set(key, value);
      },
      removeItem: (key: string) => kept.delete(key),
    },
  });
});

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
    expect(findDraft(record.id)).toEqual({ text: '# Ebb\n1-4 Vine L', base: 1 });
    await session.flush();
    expect(findDraft(record.id)).toBeUndefined();
    expect(await stored(record.id)).toBe('# Ebb\n1-4 Vine L');
  });

  test('words of a visit that broke off are taken up again and kept', async () => {
    const record = await addDance('# Ebb');
    keepDraft(record.id, { text: '# Ebb and flow', base: 1 });
    const session = new DanceSession(record);
    stop = session.open();
    expect([session.text, session.recovered]).toEqual(['# Ebb and flow', true]);
    await session.flush();
    expect(await stored(record.id)).toBe('# Ebb and flow');
  });

  test('broken-off words that build on an older text are never put over the newer one', async () => {
    const record = await addDance('# Ebb');
    keepDraft(record.id, { text: '# Mine', base: 1 });
    const newer = await saveDance(record.id, '# Theirs', 1);
    const session = new DanceSession(newer.record as DanceRecord);
    stop = session.open();
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
    const theirs = (await saveDance(record.id, '# Theirs', 1)).record as DanceRecord;
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
    const theirs = (await saveDance(record.id, '# Theirs', 1)).record as DanceRecord;
    await session.flush();
    await session.takeTheirs(theirs);
    expect([session.text, session.keeping.kind]).toEqual(['# Theirs', 'kept']);
    expect((await listDances()).map(({ text }) => text)).toContain('# Mine (other version)');
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
    expect(findDraft(record.id)?.text).toBe('# Ebb\n1-4 Vine L');
    await session.flush();
    expect(session.keeping).toEqual({ kind: 'kept' });
    expect(await stored(record.id)).toBe('# Ebb\n1-4 Vine L');
  });

  test('that keeps no draft either leaves the text in the tab', async () => {
    storageRefuses = true;
    const { session, record } = await open();
    expect(keepDraft(record.id, { text: 'x', base: 1 })).toBe(false);
    session.edit('# Ebb\n1-4 Vine L');
    page.dispatchEvent(new Event('pagehide'));
    expect(session.text).toBe('# Ebb\n1-4 Vine L');
    await session.flush();
    expect(await stored(record.id)).toBe('# Ebb\n1-4 Vine L');
  });
});

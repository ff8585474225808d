/** The sheets on the Import screen: every key is kept, and what two tabs settle differently stands beside each other. */
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { database, listImports, settleImport } from '../../../store';
import { ImportDesk } from './import-desk';

const page = new EventTarget();
let close: (() => void) | undefined;
beforeEach(async () => {
  Object.assign(globalThis, { window: page, localStorage: { setItem: () => undefined, removeItem: () => undefined } });
  await database.imports.clear();
});
afterEach(() => close?.());

const pause = (milliseconds: number) => new Promise((resolve) => setTimeout(resolve, milliseconds));

/** Waits until the values are these: a busy machine takes its time. What never comes is shown by the expectation itself. */
async function until<T>(read: () => T | Promise<T>, wanted: T): Promise<void> {
  for (let waited = 0; waited < 4000; waited += 10) {
    if (JSON.stringify(await read()) === JSON.stringify(wanted)) break;
    await pause(10);
  }
  expect(await read()).toEqual(wanted);
}

const kept = async (): Promise<string[]> => (await listImports()).map(({ text }) => text).sort();

async function deskWith(text: string): Promise<{ desk: ImportDesk; id: string }> {
  const desk = new ImportDesk();
  close = desk.open();
  await desk.add([{ name: 'a.txt', kind: 'text', text }]);
  await until(() => desk.sheets?.length, 1);
  return { desk, id: desk.sheets?.[0].id ?? '' };
}

test('keys without a pause between them are all kept, the words shown at once', async () => {
  const { desk, id } = await deskWith('# Ebb');
  for (let key = 0; key < 20; key++) {
    desk.settle(id, `${desk.sheets?.[0].text}.`);
    if (key % 5 === 0) await pause(1);
  }
  expect(desk.sheets?.[0].text).toBe(`# Ebb${'.'.repeat(20)}`);
  await until(kept, [`# Ebb${'.'.repeat(20)}`]);
});

test('what another tab settles is seen here; settled differently at one time, both stand there', async () => {
  const { desk, id } = await deskWith('# Ebb');
  await settleImport({ id, text: '# Theirs', base: 1, tab: 'other' });
  await until(() => desk.sheets?.[0].text, '# Theirs');
  // Before this tab hears of it.
  const theirs = settleImport({ id, text: '# Theirs again', base: 2, tab: 'other' });
  desk.settle(id, '# Mine');
  await theirs;
  await until(
    () => desk.sheets?.map(({ text, name }) => `${name}: ${text}`).sort(),
    ['a.txt (other version): # Mine', 'a.txt: # Theirs again'],
  );
  // And what is settled further goes on from what is shown.
  desk.settle(id, '# Theirs again, and on');
  await until(kept, ['# Mine', '# Theirs again, and on']);
});

test('a browser that refuses leaves the sheet on the desk, and says so', async () => {
  const { desk, id } = await deskWith('# Ebb');
  const put = IDBObjectStore.prototype.put;
  IDBObjectStore.prototype.put = () => {
    throw new DOMException('full', 'QuotaExceededError');
  };
  desk.settle(id, '# Ebb and flow');
  await until(() => [desk.isRefused, desk.sheets?.[0].text], [true, '# Ebb and flow']);
  IDBObjectStore.prototype.put = put;
  desk.settle(id, '# Ebb and flow.');
  await until(async () => [desk.isRefused, ...(await kept())], [false, '# Ebb and flow.']);
});

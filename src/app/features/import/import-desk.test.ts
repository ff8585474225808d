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

async function deskWith(text: string): Promise<{ desk: ImportDesk; id: string }> {
  const desk = new ImportDesk();
  close = desk.open();
  await desk.add([{ name: 'a.txt', kind: 'text', text }]);
  await pause(40);
  return { desk, id: desk.sheets?.[0].id ?? '' };
}

test('keys without a pause between them are all kept, the words shown at once', async () => {
  const { desk, id } = await deskWith('# Ebb');
  for (let key = 0; key < 20; key++) {
    desk.settle(id, `${desk.sheets?.[0].text}.`);
    if (key % 5 === 0) await pause(1);
  }
  expect(desk.sheets?.[0].text).toBe(`# Ebb${'.'.repeat(20)}`);
  await pause(60);
  expect((await listImports()).map(({ text }) => text)).toEqual([`# Ebb${'.'.repeat(20)}`]);
});

test('what another tab settles is seen here; settled differently at one time, both stand there', async () => {
  const { desk, id } = await deskWith('# Ebb');
  await settleImport({ id, text: '# Theirs', base: 1, tab: 'other' });
  await pause(40);
  expect(desk.sheets?.[0].text).toBe('# Theirs');
  // Before this tab hears of it.
  const theirs = settleImport({ id, text: '# Theirs again', base: 2, tab: 'other' });
  desk.settle(id, '# Mine');
  await theirs;
  await pause(60);
  expect(desk.sheets?.map(({ text, name }) => `${name}: ${text}`).sort()).toEqual([
    'a.txt (other version): # Mine',
    'a.txt: # Theirs again',
  ]);
  // And what is settled further goes on from what is shown.
  desk.settle(id, '# Theirs again, and on');
  await pause(60);
  expect((await listImports()).map(({ text }) => text).sort()).toEqual(['# Mine', '# Theirs again, and on']);
});

test('a browser that refuses leaves the sheet on the desk, and says so', async () => {
  const { desk, id } = await deskWith('# Ebb');
  const put = IDBObjectStore.prototype.put;
  IDBObjectStore.prototype.put = () => {
    throw new DOMException('full', 'QuotaExceededError');
  };
  desk.settle(id, '# Ebb and flow');
  await pause(40);
  IDBObjectStore.prototype.put = put;
  expect([desk.isRefused, desk.sheets?.[0].text]).toEqual([true, '# Ebb and flow']);
  desk.settle(id, '# Ebb and flow.');
  await pause(60);
  expect([desk.isRefused, (await listImports())[0].text]).toEqual([false, '# Ebb and flow.']);
});

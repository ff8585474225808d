/** What is damaged, or too much, takes nothing else away: records of every kind, texts that a page died of, backups. */
import type { Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { expect, newDance, test, ON_SHELF, openDance, readWords, script } from './app';

/** Puts records into the store as another program would. */
const put = (page: Page, records: Readonly<Record<string, readonly object[]>>) =>
  page.evaluate(
    (all) =>
      new Promise<void>((resolve, reject) => {
        const asked = indexedDB.open('pace-slate');
        asked.onerror = () => reject(asked.error as Error);
        asked.onsuccess = () => {
          const transaction = asked.result.transaction(Object.keys(all), 'readwrite');
          for (const [table, own] of Object.entries(all))
            for (const one of own) transaction.objectStore(table).put(one);
          transaction.oncomplete = () => {
            asked.result.close();
            resolve();
          };
          transaction.onerror = () => reject(transaction.error as Error);
        };
      }),
    records,
  );

const STAMPS = { createdAt: 1, changedAt: 1, deletedAt: 0 };
const GROUP = { id: 'far', name: 'Far crew', place: '', from: '9999-12-31', every: 1, time: '19:30', minutes: 60, level: '', notes: '', forbids: [], intervals: [1], ...STAMPS }; // prettier-ignore
const EVENING = { groupId: 'boathouse-thursday', groupName: 'Thursday regulars', place: '', date: '2026-09-10', time: '99:99', minutes: 60, state: 'held', steps: [], notes: [], words: 'Nine of us.', ...STAMPS }; // prettier-ignore

test('a damaged record of every kind: each screen stands, the damaged ones are told, saved and removed', async ({ page }) => {
  await openDance(page, 'Slipway Stroll');
  const dance = /dance\/([^/]+)/.exec(page.url())?.[1] ?? '';
  await page.goto('/classes');
  await expect(page.getByRole('link', { name: 'Thursday regulars', exact: true })).toBeVisible();
  await put(page, {
    dances: [{ id: 'broken', deletedAt: 0, title: 'Broken Oar', changedAt: 'yesterday' }, { id: 'old', deletedAt: 0, text: '# Old Rope\n1-4 Vine R\n' }],
    revisions: [{ danceId: dance, text: null, at: 'x' }],
    sources: [{ id: dance, text: 9 }],
    histories: [{ id: dance, text: 7, state: 'none' }],
    imports: [{ id: 'i', place: 1, name: 'sheet.txt' }],
    journal: [{ danceId: dance, tab: 't', number: 1, insert: 7 }],
    groups: [GROUP],
    evenings: [{ id: 'e1', ...EVENING }, { id: 'e2', ...EVENING, time: '19:30', steps: Array.from({ length: 20_000 }, (_, index) => ({ id: String(index) })) }, { id: 'e3' }],
    requests: [{ id: 'r', groupId: 'boathouse-thursday', asked: 'tonight' }],
    recordings: [{ id: dance, name: 'reel.ogg', heard: { bpm: 'fast' } }],
    sounds: [{ id: dance, bytes: 'none' }],
    meta: [{ key: 'personal-figures', value: 7 }, { key: 'house-styles', value: { styles: 'x' } }, { key: 'level-scale', value: [] }, { key: 'days-used', value: 'x' }],
  });
  const screens: readonly (readonly [string, RegExp])[] = [
    ['/', /Dances/], ['/classes', /Classes/], ['/classes/boathouse-thursday', /Thursday regulars/], ['/classes/boathouse-thursday/e1', /no such/i], ['/classes/far', /no such/i],
    ['/import', /Import/], ['/figures', /./], ['/dance/broken', /no such/i], [`/classes/dance/${dance}`, /Slipway Stroll/],
  ];
  for (const [address, heading] of screens) {
    await page.goto(address);
    await expect(page.getByRole('heading', { level: 1 }).or(page.getByRole('heading', { level: 2 }).first()).first(), address).toContainText(address === '/figures' ? /./ : heading);
  }
  for (const view of ['', '/walls', '/floor', '/music', '/lesson', '/practice', '/level', '/sheet', '/revisions']) {
    await page.goto(`/dance/${dance}${view}`);
    await expect(page.getByRole('main'), view).toBeVisible();
    await expect(page.getByText('can’t be read just now'), view).toHaveCount(0);
  }
  await page.goto('/');
  await expect(page.getByTestId('shelf-count')).toHaveText(String(ON_SHELF + 1));
  await expect(page.getByRole('link', { name: 'Old Rope', exact: true })).toBeVisible();
  const damaged = page.getByRole('region', { name: 'Damaged' });
  await expect(damaged).toContainText('12 records that are kept here are damaged and left out:');
  await expect(damaged).toContainText('a dance: Broken Oar');
  const download = page.waitForEvent('download');
  await damaged.getByRole('button', { name: 'Save the damaged ones to a file' }).click();
  expect(await readFile(await (await download).path(), 'utf8')).toContain('Nine of us.');
  await damaged.getByRole('button', { name: 'Remove them' }).click();
  await expect(damaged).toHaveCount(0);
  await expect(page.getByTestId('shelf-count')).toHaveText(String(ON_SHELF + 1));
}); // prettier-ignore

/** As a page leaves it that dies while it works on these words. */
const dieWhileReading = (page: Page, words: string) =>
  page.evaluate((text) => {
    let sum = 0x811c9dc5;
    for (let index = 0; index < text.length; index++) sum = Math.imul(sum ^ text.charCodeAt(index), 0x01000193);
    localStorage.setItem('pace-slate-reading:gone', `${text.length}-${(sum >>> 0).toString(36)} ${Date.now()}`);
  }, words);

test('a sheet and a dance that a page died of are not opened by themselves again, and nothing of them is lost', async ({ page, openTab }) => {
  const words = 'Two Tides\n1-4 Vine R, touch L\n5-8 Vine L, touch R';
  await readWords(page, words);
  await dieWhileReading(page, `${words}\n`);
  await dieWhileReading(page, words);
  const again = await openTab('/import');
  await expect(again.getByRole('alert')).toContainText('was being worked out when this page stopped answering');
  await expect(again.getByTestId('import-truth')).toHaveCount(0);
  await expect(again.getByLabel('Its first words')).toContainText('5-8 Vine L, touch R');
  await again.getByRole('button', { name: 'Open it all the same' }).click();
  await expect(again.getByTestId('import-truth')).toContainText('8 counts');
  await again.goto('/');
  await openDance(again, 'Slipway Stroll');
  await dieWhileReading(again, await readFile('dances/slipway-stroll.txt', 'utf8'));
  const later = await openTab(again.url());
  await expect(later.getByRole('alert')).toContainText('was being worked out when this page stopped answering');
  await later.goto('/');
  await expect(later.getByTestId('shelf-count')).toHaveText(String(ON_SHELF));
  await later.goto(again.url());
  await later.getByRole('button', { name: 'Open it all the same' }).click();
  await expect(script(later)).toContainText('Vine R');
}); // prettier-ignore

test('a backup beside the demo dances doubles none, asks what differs, and is undone as a whole', async ({ page, browser, baseURL }) => {
  await newDance(page);
  await page.keyboard.type('1-4 Vine R, touch L');
  await openDance(page, 'Slipway Stroll');
  await script(page).locator('.cm-line', { hasText: 'Vine R' }).first().click();
  await page.keyboard.press('End');
  await page.keyboard.type(' softly');
  await page.goto('/');
  await expect(page.getByTestId('shelf-count')).toHaveText(String(ON_SHELF + 1));
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Back up everything' }).click();
  const buffer = await readFile(await (await download).path());
  const elsewhere = await browser.newContext({ baseURL, serviceWorkers: 'block' });
  const other = await elsewhere.newPage();
  await other.goto('/');
  const count = other.getByTestId('shelf-count');
  await expect(count).toHaveText(String(ON_SHELF));
  const dialog = other.getByRole('dialog', { name: 'Not the same here and in the backup' });
  const restore = async () => {
    await other.getByTestId('restore-file').setInputFiles({ name: 'b.json', mimeType: 'application/json', buffer });
    await expect(dialog.getByRole('listitem')).toHaveCount(1);
    await dialog.getByLabel('Which Slipway Stroll is to stand').selectOption('the one of the backup');
    await dialog.getByRole('button', { name: 'Restore', exact: true }).click();
    await expect(other.getByText(`1 dance is back on the shelf; ${ON_SHELF} were here already`)).toBeVisible();
    await expect(count).toHaveText(String(ON_SHELF + 1));
  };
  await restore();
  await other.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(count).toHaveText(String(ON_SHELF));
  // The words of before stand again, so it asks once more.
  await restore();
  await openDance(other, 'Slipway Stroll');
  await expect(script(other)).toContainText('touch L softly');
  await elsewhere.close();
}); // prettier-ignore

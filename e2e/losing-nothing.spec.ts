/** What once was lost, or happened unsaid: two tabs, refusals, forms closed by mistake, repeats in the script. */
import { readFile } from 'node:fs/promises';
import { ON_SHELF, expect, freshTest, newDance, openDance, readWords, script, test, truth } from './app';

const refuseWrites = () => {
  for (const name of ['put', 'add'] as const)
    IDBObjectStore.prototype[name] = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
};

freshTest(
  'a dance deleted in another tab is said at once, written on, and put back with all its words',
  async ({ page, openTab }) => {
    await openDance(page, 'Slipway Stroll');
    const shelf = await openTab('/');
    await shelf.getByLabel('Choose Slipway Stroll').check();
    await shelf.getByRole('button', { name: 'Delete' }).click();
    await expect(page.getByRole('alert')).toContainText('This dance is off the shelf.');
    await script(page).locator('.cm-line', { hasText: 'Vine R' }).first().click();
    await page.keyboard.press('End');
    await page.keyboard.type(' softly');
    await page.getByRole('button', { name: 'Put it back on the shelf' }).click();
    await expect(page.getByRole('alert')).toHaveCount(0);
    await expect(shelf.getByRole('link', { name: 'Slipway Stroll', exact: true })).toBeVisible();
    await page.reload();
    await expect(script(page)).toContainText('touch L softly');
  },
);

freshTest(
  'sheets on Import are kept at every key, and two tabs do not write over each other',
  async ({ page, openTab }) => {
    await readWords(page, 'Two Tides\n1-4 Vine R, touch\n5-8 Vine L, touch');
    await expect(page.getByRole('textbox', { name: 'Line 2' })).toBeVisible();
    const second = await openTab('/import');
    await second.getByRole('textbox', { name: 'Line 3' }).fill('5-8 Vine L, scuff');
    await expect(page.getByRole('textbox', { name: 'Line 3' })).toHaveValue('5-8 Vine L, scuff');
    await page.getByRole('textbox', { name: 'Line 2' }).press('End');
    await page.keyboard.type(' softly');
    // At once, without a pause.
    await page.close({ runBeforeUnload: false });
    await second.reload();
    await expect(second.getByRole('textbox', { name: 'Line 2' })).toHaveValue('1-4 Vine R, touch softly');
    await expect(second.getByRole('textbox', { name: 'Line 3' })).toHaveValue('5-8 Vine L, scuff');
  },
);

test('a sheet of four thousand lines is drawn where it is seen, and answers the keys', async ({ page }) => {
  await page.goto('/import');
  const lines = Array.from({ length: 4000 }, (_, index) => `${(index % 8) + 1} Step R forward, number ${index}`);
  await page.getByTestId('import-file').setInputFiles({ name: 'book.txt', mimeType: 'text/plain', buffer: Buffer.from(lines.join('\n')) }); // prettier-ignore
  await expect(page.getByRole('textbox', { name: 'Line 2', exact: true })).toBeVisible({ timeout: 15_000 });
  expect(await page.getByRole('listitem').count()).toBeLessThan(80);
  await page.getByRole('textbox', { name: 'Line 2', exact: true }).press('End');
  await page.keyboard.type(' and on');
  await expect(page.getByRole('textbox', { name: 'Line 2', exact: true })).toHaveValue(/number 1 and on$/);
});

test('many sheets are put on the shelf in lots, and said while it lasts', async ({ page }) => {
  await page.goto('/import');
  const files = Array.from({ length: 120 }, (_, index) => ({ name: `${index}.txt`, mimeType: 'text/plain', buffer: Buffer.from(`# Sheet ${index}\n1-4 Vine R, touch`) })); // prettier-ignore
  await page.getByTestId('import-file').setInputFiles(files);
  await page.getByRole('button', { name: 'Put all 120 on the shelf' }).click();
  await expect(page.getByTestId('shelf-count')).toHaveText(String(ON_SHELF + 120), { timeout: 20_000 });
});

test('what the browser refuses on the shelf is said, and nothing is changed', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel('Choose Ferry at Dusk').check();
  await page.evaluate(refuseWrites);
  await page.getByRole('button', { name: 'Duplicate', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('The browser’s storage is full.');
  await expect(page.getByTestId('shelf-count')).toHaveText(String(ON_SHELF));
});

freshTest(
  'a browser whose storage is switched off says so at a dance’s address, and not that there is none',
  async ({ page }) => {
    await page.addInitScript(() => {
      IDBFactory.prototype.open = () => {
        throw new DOMException('off', 'SecurityError');
      };
    });
    await page.goto('/dance/any');
    await expect(page.getByRole('alert')).toContainText('The browser refuses to keep anything.', { timeout: 10_000 });
  },
);

test('an application that had to move says where the dances are', async ({ page }) => {
  await page.route('**/api/where', (route) => route.fulfill({ json: { usual: 'http://127.0.0.1:4173/' } }));
  await page.goto('/');
  await expect(page.getByRole('link', { name: 'http://127.0.0.1:4173/' })).toBeVisible();
});

test('a form with typed words asks before it closes, and throws nothing away by itself', async ({ page }) => {
  await openDance(page, 'Tar and Oakum');
  await page.getByRole('button', { name: 'Facts of the dance' }).click();
  await page.getByLabel('Music').fill('Harbour Reel, 118 bpm');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toContainText('What you typed here is not kept yet.');
  await page.getByRole('dialog').getByRole('button', { name: 'Go on' }).click();
  await page.getByRole('button', { name: 'Write into the script' }).click();
  await expect(script(page)).toContainText('Harbour Reel, 118 bpm');
});

test('the leading foot of a figure is chosen with the arrow keys', async ({ page }) => {
  await page.goto('/figures?figure=sailor');
  await page.getByRole('radio', { name: 'R leads' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: 'L leads' })).toBeFocused();
  await expect(page.getByRole('radio', { name: 'L leads' })).toBeChecked();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('radio', { name: 'R leads' })).toBeChecked();
});

test('a line that repeats others takes every key, and the lines around it do', async ({ page }) => {
  await newDance(page);
  await page.keyboard.type('1-4 Jazz box R');
  await page.keyboard.press('Enter');
  // The count stands there already.
  await page.keyboard.type('-8 Repeat 1-4 on the other foot');
  await page.keyboard.press('Enter');
  await page.keyboard.type('hello');
  await expect(script(page)).toContainText('5-8 Repeat 1-4 on the other foot');
  await expect(script(page)).toContainText('hello');
  await expect(truth(page)).toContainText('8 counts');
});

test('a sheet that can’t be shown can be taken away as it came, and thrown away; the others stay', async ({ page }) => {
  await readWords(page, 'Two Tides\n1-4 Vine R, touch');
  await page.evaluate(
    () =>
      new Promise((done, fail) => {
        const open = indexedDB.open('pace-slate');
        open.onerror = fail;
        open.onsuccess = () => {
          const transaction = open.result.transaction('imports', 'readwrite');
          const damaged = {
            id: 'damaged',
            name: 'Damaged',
            kind: 'text',
            original: 'as it came',
            text: 7,
            revision: 1,
            place: 0,
          };
          transaction.objectStore('imports').put(damaged);
          transaction.oncomplete = done;
        };
      }),
  );
  await page.reload();
  const damaged = page.getByRole('region', { name: 'Damaged' });
  await expect(damaged).toContainText('Damaged');
  await expect(page.getByTestId('import-truth')).toBeVisible();
  const download = page.waitForEvent('download');
  await damaged.getByRole('button', { name: 'Save the damaged ones to a file' }).click();
  expect(await readFile(await (await download).path(), 'utf8')).toContain('as it came');
  await damaged.getByRole('button', { name: 'Remove them' }).click();
  await expect(damaged).toHaveCount(0);
  await expect(page.getByTestId('import-truth')).toBeVisible();
});

test('a screen that a new version took away is loaded again with the whole page, once', async ({
  page,
  complaints,
}) => {
  await openDance(page, 'Slipway Stroll');
  let asked = 0;
  await page.route('**/assets/SheetScreen*.js', (route) =>
    asked++ === 0 ? route.fulfill({ status: 404, body: '' }) : route.continue(),
  );
  await page.getByRole('link', { name: 'Sheet', exact: true }).click();
  await expect(page.getByRole('article')).toBeVisible();
  expect(asked).toBe(2);
  complaints.length = 0;
});

freshTest('a database that never answers is told, and not waited for', async ({ page }) => {
  await page.clock.install();
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => new EventTarget() as IDBOpenDBRequest;
  });
  await page.goto('/dance/any');
  await expect(page.getByRole('banner')).toBeVisible();
  await expect(async () => {
    await page.clock.fastForward(3000);
    await expect(page.getByRole('alert')).toContainText('The browser’s storage does not answer.', { timeout: 500 });
  }).toPass();
});

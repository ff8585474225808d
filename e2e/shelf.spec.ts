import { readFile } from 'node:fs/promises';
import { ON_SHELF, expect, openDance, script, test } from './app';

type Page = Parameters<typeof openDance>[0];
const dance = (page: Page, title: string) => page.getByRole('link', { name: title, exact: true });

test('the shelf is searched by any word, narrowed and put in order', async ({ page }) => {
  await page.goto('/');
  const count = page.getByTestId('shelf-count');
  await expect(count).toHaveText(String(ON_SHELF));
  const search = page.getByRole('searchbox', { name: 'Search the shelf' });
  await search.fill('monterey');
  await expect(dance(page, 'Tar and Oakum')).toBeVisible();
  await expect(dance(page, 'Ferry at Dusk')).toHaveCount(0);
  await search.fill('nobody dances this');
  await expect(page.getByText('No dance on the shelf answers to that.')).toBeVisible();
  await page.getByRole('button', { name: 'Show all' }).click();
  await page.getByLabel('To mend').selectOption('with');
  await expect(count).toHaveText(`1 of ${ON_SHELF}`);
  await page.getByRole('button', { name: 'Show all' }).click();
  await page.getByLabel('Order').selectOption('counts');
  await expect(page.getByRole('listitem').first()).toContainText('Rope');
});

test('several are tagged, tidied, duplicated, deleted, and each is undone', async ({ page }) => {
  await page.goto('/');
  const choose = async (...titles: string[]) => {
    for (const title of titles) await page.getByLabel(`Choose ${title}`, { exact: true }).check();
  };
  const undo = () => page.getByRole('button', { name: 'Undo' }).click();
  await choose('Ferry at Dusk', 'Tar and Oakum');
  await page.getByLabel('A tag').fill('Monday');
  await page.keyboard.press('Enter');
  await expect(page.getByText('“Monday” is on 2 dances.')).toBeVisible();
  await page.getByLabel('Tags').selectOption('Monday');
  await expect(page.getByTestId('shelf-count')).toHaveText(`2 of ${ON_SHELF}`);
  await page.getByRole('button', { name: 'Show all' }).click();

  await choose('Tar and Oakum');
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(dance(page, 'Tar and Oakum')).toHaveCount(0);
  await undo();
  await expect(dance(page, 'Tar and Oakum')).toBeVisible();

  await choose('Tar and Oakum');
  await page.getByRole('button', { name: 'Duplicate' }).click();
  await expect(dance(page, 'Tar and Oakum (copy)')).toBeVisible();
  await undo();
  await expect(dance(page, 'Tar and Oakum (copy)')).toHaveCount(0);

  await choose("Rope's End (draft)");
  await page.getByRole('button', { name: 'Tidy' }).click();
  await expect(page.getByRole('status')).toContainText(/tidied|tidy already/);
});

test('a choice of dances leaves as one ZIP', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel('Choose Ferry at Dusk').check();
  await page.getByLabel('Choose Slipway Stroll').check();
  await page.getByLabel('Form of the files').selectOption('docx');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export' }).click();
  const bytes = await readFile(await (await download).path());
  expect(bytes.subarray(0, 2).toString()).toBe('PK');
  expect(bytes.toString('latin1')).toContain('slipway-stroll.docx');
});

test('everything goes into one file and comes back on another machine', async ({ page, browser, baseURL }) => {
  await openDance(page, 'Ferry at Dusk');
  await script(page).locator('.cm-line').last().click();
  await page.keyboard.press('Control+End');
  await page.keyboard.type('\n> for the harbour');
  await expect(script(page)).toContainText('for the harbour');
  await page.goto('/');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Back up everything' }).click();
  const file = await (await download).path();
  const other = await browser.newContext({ ...(baseURL && { baseURL }) });
  const machine = await other.newPage();
  await machine.goto('/');
  await expect(machine.getByRole('note')).toContainText('restore');
  await machine.getByTestId('restore-file').setInputFiles(file);
  // The same dance with other words: asked about, and both stand unless somebody chooses.
  const choice = machine.getByLabel('Which Ferry at Dusk is to stand');
  await expect(choice).toHaveValue('both');
  await choice.selectOption('the one of the backup');
  await machine.getByRole('button', { name: 'Restore', exact: true }).click();
  await expect(machine.getByRole('status')).toContainText('back on the shelf');
  await machine.getByRole('searchbox').fill('harbour');
  await expect(dance(machine, 'Ferry at Dusk').first()).toBeVisible();
  await machine
    .getByTestId('restore-file')
    .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{}') });
  await expect(machine.getByRole('alert')).toContainText('something other than a backup');
  await other.close();
});

test('three thousand dances are opened, searched and scrolled without waiting', async ({ page }) => {
  await page.goto('/');
  await expect(dance(page, 'Ferry at Dusk')).toBeVisible();
  await page.evaluate(async () => {
    const open = indexedDB.open('pace-slate');
    const db = await new Promise<IDBDatabase>((resolve) => (open.onsuccess = () => resolve(open.result)));
    const store = db.transaction('dances', 'readwrite').objectStore('dances');
    const all = await new Promise<{ id: string }[]>((resolve) => {
      const request = store.getAll();
      request.onsuccess = () => resolve(request.result as { id: string }[]);
    });
    for (let index = 0; index < 3000; index++) {
      const one = all[index % all.length] as unknown as { title: string };
      store.put({ ...one, id: `many-${index}`, title: `${one.title} ${index}` });
    }
    await new Promise((resolve) => (store.transaction.oncomplete = resolve));
    db.close();
  });
  await page.reload();
  await expect(page.getByTestId('shelf-count')).toHaveText(String(ON_SHELF + 3000));
  // Of all of them only those in sight are drawn.
  expect(await page.getByRole('listitem').count()).toBeLessThan(60);
  await page.getByRole('searchbox').fill('2997');
  await expect(page.getByRole('listitem').first()).toContainText('2997');
  await page.getByRole('button', { name: 'Show all' }).click();
  await page.getByRole('main').evaluate((main) => main.scrollTo(0, main.scrollHeight));
  await expect(page.getByRole('button', { name: 'Back up everything' })).toBeVisible();
});

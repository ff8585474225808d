import { expect, freshTest as test, newDance, openDance, script, truth } from './app';

test('a tab that dies while typing loses nothing older than half a second', async ({ page, openTab }) => {
  await newDance(page);
  await page.keyboard.type('1-4 Vine R, touch L');
  await page.waitForTimeout(600);
  const address = page.url();
  const session = await page.context().newCDPSession(page);
  session.send('Page.crash').catch(() => undefined);
  await page.waitForEvent('crash');
  const again = await openTab(address);
  await expect(script(again)).toContainText('Vine R, touch L');
});

test('a tab that is closed in the middle of a word keeps the word', async ({ page, openTab }) => {
  await newDance(page);
  await page.keyboard.type('1-4 Vi');
  const address = page.url();
  await page.close({ runBeforeUnload: false });
  const again = await openTab(address);
  await expect(script(again)).toContainText('1-4 Vi');
});

test('a second tab sees the changes of the first', async ({ page, openTab }) => {
  await openDance(page, 'Slipway Stroll');
  const second = await openTab(page.url());
  await expect(script(second)).toBeVisible();
  await script(page).locator('.cm-line', { hasText: 'Vine R' }).first().click();
  await page.keyboard.press('End');
  await page.keyboard.type(' softly');
  await expect(script(second)).toContainText('touch L softly');
});

test('two tabs that both changed a dance are told, and neither version is lost', async ({ page, openTab }) => {
  await openDance(page, 'Slipway Stroll');
  const second = await openTab(page.url());
  await expect(script(second)).toBeVisible();
  // Both write before either can hear of the other.
  for (const tab of [page, second]) {
    await script(tab).locator('.cm-line', { hasText: 'Rocking chair' }).first().click();
    await tab.keyboard.press('End');
  }
  await Promise.all([page.keyboard.insertText(' high'), second.keyboard.insertText(' low')]);
  const notices = await Promise.all(
    [page, second].map((tab) =>
      tab
        .getByText('Two versions.')
        .waitFor({ timeout: 4000 })
        .then(
          () => tab,
          () => undefined,
        ),
    ),
  );
  const asked = notices.find((tab) => tab !== undefined);
  if (!asked) throw new Error('Neither tab was told.');
  await asked.getByRole('button', { name: 'Keep this one' }).click();
  await expect(asked.getByText('Two versions.')).toHaveCount(0);
  await page.goto('/');
  await expect(page.getByRole('link', { name: 'Slipway Stroll (other version)', exact: true })).toBeVisible();
});

test('when the browser refuses to keep anything it is said at once, and the text can be taken away', async ({
  page,
}) => {
  await openDance(page, 'Slipway Stroll');
  await page.evaluate(() => {
    const refuse = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
    IDBObjectStore.prototype.put = refuse as never;
  });
  await script(page).locator('.cm-line', { hasText: 'Vine R' }).first().click();
  await page.keyboard.press('End');
  await page.keyboard.type(' softly');
  await expect(page.getByRole('alert')).toContainText('Not kept. The browser’s storage is full.');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a file' }).click();
  expect((await download).suggestedFilename()).toBe('slipway-stroll.txt');
  await expect(script(page)).toContainText('softly');
});

test.describe('without a network', () => {
  test.use({ serviceWorkers: 'allow' });
  test('the application starts and works without a network after the first visit', async ({ page }) => {
    await page.goto('/');
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await page.reload();
    // What that visit still fetches is not cut off in the middle.
    await page.waitForLoadState('networkidle');
    await page.context().setOffline(true);
    await page.reload();
    await page.getByRole('link', { name: 'Tar and Oakum', exact: true }).click();
    await expect(truth(page)).toContainText('64 counts');
    await page.getByRole('link', { name: 'Sheet', exact: true }).click();
    await expect(page.getByRole('article')).toContainText('two Montereys');
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'PDF', exact: true }).click();
    expect((await download).suggestedFilename()).toBe('tar-and-oakum.pdf');
  });
});

import { readFile } from 'node:fs/promises';
import { expect, freshTest, openDance, script, test } from './app';
import { STANDARD, violationsOf } from './axe';

async function takeAway(
  page: Parameters<typeof openDance>[0],
  form: string,
): Promise<{ name: string; bytes: Buffer; text: string }> {
  const download = page.waitForEvent('download');
  if (form === 'PDF') await page.getByRole('button', { name: 'PDF', exact: true }).click();
  else {
    await page.getByRole('button', { name: 'Other files' }).click();
    await page.getByRole('menuitem', { name: new RegExp(`^${form}`) }).click();
  }
  const file = await download;
  const bytes = await readFile(await file.path());
  return { name: file.suggestedFilename(), bytes, text: bytes.toString('utf8') };
}

async function openSheet(page: Parameters<typeof openDance>[0], title: string): Promise<void> {
  await openDance(page, title);
  await page.getByRole('link', { name: 'Sheet', exact: true }).click();
  await expect(page.getByTestId('paper')).toBeVisible();
}

test('the sheet shows what was worked out, and leaves in every form; each comes back as the same dance', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await openSheet(page, 'Ferry at Dusk');
  const sheet = page.getByRole('article');
  await expect(sheet.getByRole('heading', { level: 1 })).toHaveText('Ferry at Dusk');
  await expect(sheet).toContainText('4 (a wall turns 1 1/4 left)');
  await expect(sheet.getByRole('row', { name: /Step R forward, pivot 1\/2 left/ }).first()).toContainText('6:00');

  const forms = ['PDF', 'Word file', 'OpenDocument text', 'Web page', 'Markdown', 'Text', 'CSV', 'JSON'];
  const files = [];
  for (const form of forms) files.push(await takeAway(page, form));
  expect(files.map(({ name }) => name)).toEqual(
    ['pdf', 'docx', 'odt', 'html', 'md', 'txt', 'csv', 'json'].map((ending) => `ferry-at-dusk.${ending}`),
  );
  expect(JSON.parse(files[7].text)).toMatchObject({ format: 'pace-slate-dance', version: 1, text: files[5].text });
  // Self-contained: no address outside the file.
  expect(files[3].text).not.toMatch(/(?:src|href)=|@import|url\((?!data:)/);
  await page.goto('/import');
  const mimeType = 'application/octet-stream';
  await page
    .getByTestId('import-file')
    .setInputFiles(files.map(({ name, bytes: buffer }) => ({ name, mimeType, buffer })));
  for (let left = files.length; left > 0; left--) {
    await expect(page.getByTestId('import-truth')).toContainText('32 counts, 4 walls, nothing to settle');
    await expect(page.getByRole('note')).toContainText('Ferry at Dusk');
    if (left > 1) await expect(page.getByRole('button', { name: `Put all ${left} on the shelf` })).toBeVisible();
    await page.getByRole('button', { name: 'Throw away' }).click();
  }
  await expect(page.getByTestId('import-truth')).toHaveCount(0);
});

test('forms, languages and marks show at once on the paper, and stay chosen', async ({ page }) => {
  await openSheet(page, 'Low Tide Lanterns');
  const paper = page.getByTestId('paper');
  await expect(paper).toContainText('Step R forward, pivot 1/2 left');
  await page.getByLabel('Language').selectOption('de');
  await expect(paper).toContainText('Schritt R vor, Pivot 1/2 links herum');
  await expect(page.getByRole('article')).toContainText('Restart nach 16 Counts');
  await page.getByLabel('Language').selectOption('fr');
  await expect(paper).toContainText('Pas D avant, pivot 1/2 à gauche');
  await page.reload();
  await expect(page.getByLabel('Language')).toHaveValue('fr');
  await page.getByLabel('Language').selectOption('as-written');
  await page.getByLabel(/Cue card/).check();
  await expect(paper.locator('svg')).toHaveCount(1);
  await page.getByLabel(/Summary/).check();
  await expect(paper).toContainText('Wall 3: restart after 16 counts');
  await page.getByLabel(/Full sheet/).check();
  const marks = () => paper.locator('path').count();
  const before = await marks();
  await page.getByLabel('Feet and weight').uncheck();
  expect(await marks()).toBeLessThan(before);
  await page.getByLabel('Style').selectOption('pocket');
  await expect(paper).toContainText('step R fwd, pivot ½ left');
  // The dance itself is as it was written.
  await page.getByRole('link', { name: 'Script', exact: true }).click();
  await expect(script(page)).toContainText('Step R forward, pivot 1/2 left');
});

test('a web page that leaves is accessible, in each language', async ({ page, browser }) => {
  await openSheet(page, 'Low Tide Lanterns');
  const context = await browser.newContext();
  const own = await context.newPage();
  for (const language of ['en', 'de', 'fr']) {
    await page.getByLabel('Language').selectOption(language);
    const { text } = await takeAway(page, 'Web page');
    await own.goto('about:blank');
    await own.setContent(text);
    await expect(own.locator('html')).toHaveAttribute('lang', language);
    expect(await violationsOf(own, STANDARD)).toEqual([]);
  }
  await context.close();
});

freshTest('the summary goes to the clipboard', async ({ page }) => {
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  await openSheet(page, 'Ferry at Dusk');
  await page.getByRole('button', { name: 'Copy summary' }).click();
  await expect(page.getByText('The three lines are copied.')).toBeVisible();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toContain('Ferry at Dusk: 32 counts, 4 walls');
});

test('printing and the PDF have the same pages', async ({ page }) => {
  await openSheet(page, 'Regatta Morning');
  const shown = await page.getByTestId('paper').locator('svg').count();
  const own = (await takeAway(page, 'PDF')).bytes.toString('latin1');
  expect(own.match(/\/Type \/Page\b/g)).toHaveLength(shown);
  const printed = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
  expect(printed.match(/\/Type \/Page\b/g)).toHaveLength(shown);
});

test('on paper only the sheet is left, in dark ink on white, also from a dim hall', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await openDance(page, 'Heron on the Piling');
  await page.getByRole('link', { name: 'Sheet', exact: true }).click();
  await page.emulateMedia({ media: 'print', colorScheme: 'dark' });
  await expect(page.getByRole('banner')).toBeHidden();
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  const paper = page.getByTestId('paper').locator('svg').first();
  await expect(paper).toBeVisible();
  const [ground, ink] = await paper.evaluate((svg) => [
    getComputedStyle(svg).backgroundColor,
    getComputedStyle(svg.querySelector('text') as Element).fill,
  ]);
  expect([ground, ink]).toEqual(['rgb(255, 255, 255)', 'rgb(28, 39, 45)']);
  const pdf = await page.pdf({ format: 'A4' });
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
});

test('a dance with slips says so before it leaves, and leaves all the same', async ({ page }) => {
  await openDance(page, "Rope's End (draft)");
  await page.getByRole('link', { name: 'Sheet', exact: true }).click();
  await expect(page.getByTestId('sheet-slips')).toHaveText('This dance still has 3 slips.');
  expect((await takeAway(page, 'Text')).text).toContain('Coaster L');
});

test('on a phone the sheet flows, its language and form are chosen under a heading, and nothing is wider than the screen', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openDance(page, 'Ferry at Dusk');
  await page.getByRole('button', { name: 'Script' }).click();
  await page.getByRole('menuitem', { name: 'Sheet' }).click();
  await expect(page.getByRole('article')).toBeVisible();
  await expect(page.getByTestId('paper')).toBeHidden();
  await page.getByText('Form, language and paper').click();
  await page.getByLabel('Language').selectOption('de');
  await expect(page.getByRole('article')).toContainText('Schritt R vor');
  await page.getByLabel(/Cue card/).check();
  await expect(page.getByTestId('paper')).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

import { readFile } from 'node:fs/promises';
import { expect, openDance, script, test } from './app';

async function takeAway(
  page: Parameters<typeof openDance>[0],
  button: string,
): Promise<{ name: string; text: string }> {
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: button, exact: true }).click();
  const file = await download;
  return { name: file.suggestedFilename(), text: await readFile(await file.path(), 'utf8') };
}

test('the sheet shows what was worked out, and leaves as text, JSON, a web page, Markdown and CSV that open again', async ({
  page,
}) => {
  await openDance(page, 'Ferry at Dusk');
  await page.getByRole('link', { name: 'Sheet', exact: true }).click();
  const sheet = page.getByRole('article');
  await expect(sheet.getByRole('heading', { level: 1 })).toHaveText('Ferry at Dusk');
  await expect(sheet).toContainText('4 (a wall turns 1 1/4 left)');
  await expect(sheet.getByRole('row', { name: /Step R forward, pivot 1\/2 left/ }).first()).toContainText('6:00');

  const files = [
    await takeAway(page, 'Text'),
    await takeAway(page, 'JSON'),
    await takeAway(page, 'Web page'),
    await takeAway(page, 'Markdown'),
    await takeAway(page, 'CSV'),
  ];
  expect(files.map(({ name }) => name)).toEqual([
    'ferry-at-dusk.txt',
    'ferry-at-dusk.json',
    'ferry-at-dusk.html',
    'ferry-at-dusk.md',
    'ferry-at-dusk.csv',
  ]);
  expect(JSON.parse(files[1].text)).toMatchObject({
    format: 'pace-slate-dance',
    version: 1,
    text: files[0].text,
  });
  // Self-contained: no address outside the file.
  expect(files[2].text).not.toMatch(/(?:src|href)=|@import|url\((?!data:)/);
  for (const { name, text } of files) {
    await page.goto('/');
    await page.getByTestId('open-file').setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
    await expect(script(page)).toContainText('Kick ball change R');
    await expect(page.getByTestId('truth')).toContainText('no slips');
  }
});

test('on paper only the sheet is left, in dark ink on white, also from a dim hall', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await openDance(page, 'Heron on the Piling');
  await page.getByRole('link', { name: 'Sheet', exact: true }).click();
  await page.emulateMedia({ media: 'print', colorScheme: 'dark' });
  await expect(page.getByRole('banner')).toBeHidden();
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  const colours = await page
    .getByRole('article')
    .evaluate((sheet) => [getComputedStyle(sheet).color, getComputedStyle(sheet).backgroundColor]);
  expect(colours).toEqual(['rgb(28, 39, 45)', 'rgb(255, 255, 255)']);
  const pdf = await page.pdf({ format: 'A4' });
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
});

test('a dance with slips says so before it leaves, and leaves all the same', async ({ page }) => {
  await openDance(page, "Rope's End (draft)");
  await page.getByRole('link', { name: 'Sheet', exact: true }).click();
  await expect(page.getByRole('status')).toHaveText('This dance still has 3 slips.');
  expect((await takeAway(page, 'Text')).text).toContain('Coaster L');
});

const BAD_FILES: [name: string, content: Buffer, sentence: string][] = [
  ['photo.txt', Buffer.from([0x89, 0x50, 0x4e, 0x47, 0, 1, 2]), 'This is not a text file'],
  ['noise.txt', Buffer.alloc(1_100_000, 'x'), 'This file is larger than 1 MB'],
  [
    'later.json',
    Buffer.from('{"format":"pace-slate-dance","version":99,"text":"# A"}'),
    'saved by another version (99)',
  ],
  ['other.json', Buffer.from('{"name":"something"}'), 'something other than a dance'],
  ['cut.json', Buffer.from('{"format":"pace-sl'), 'damaged'],
  ['page.html', Buffer.from('<!doctype html><p>1-4 Vine R'), 'not made by this slate'],
];

for (const [name, buffer, sentence] of BAD_FILES) {
  test(`a file that is no dance is refused in a sentence: ${name}`, async ({ page }) => {
    await page.goto('/');
    await expect(page.getByRole('link', { name: 'Ferry at Dusk', exact: true })).toBeVisible();
    await page.getByTestId('open-file').setInputFiles({ name, mimeType: 'application/octet-stream', buffer });
    await expect(page.getByRole('alert')).toContainText(sentence);
    await expect(page.getByRole('listitem')).toHaveCount(9);
  });
}

test('an empty file opens as an empty dance that says what to do', async ({ page }) => {
  await page.goto('/');
  await page
    .getByTestId('open-file')
    .setInputFiles({ name: 'empty.txt', mimeType: 'text/plain', buffer: Buffer.alloc(0) });
  await expect(page.getByText('There is nothing to dance yet').first()).toBeVisible();
});

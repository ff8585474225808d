import { ON_SHELF, expect, readWords, script, test, truth } from './app';

const MAIL = `<h1>Harbour Swing</h1><p>Music: Two Piers, 112 bpm</p>
<h2>Section 1</h2><p>1&amp;2 Chassé nach rechts<br>3-4 Rock zurück mit links, Gewicht zurück auf rechts<br>5-8 Vine left, touch right</p>
<h2>Section 2</h2><p>1-2 Step right fwd, pivot 1/2 left<br>3-4 wolk right, left<br>5-8 Jazz box right 1/4</p>
<p>Lift your heels</p><p onclick="steal()">love<script>steal()</script></p>`;

const file = (name: string, content: string | Buffer) => ({
  name,
  mimeType: 'application/octet-stream',
  buffer: Buffer.isBuffer(content) ? content : Buffer.from(content),
});

test('a mail is read line by line, settled beside what was understood, and put on the shelf with its original kept', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Import' }).click();
  await page.getByTestId('import-file').setInputFiles(file('harbour.html', MAIL));
  const told = page.getByTestId('import-truth');
  await expect(told).toContainText('to settle');
  const line = page.locator('[data-open]', { has: page.locator('input[value="3-4 wolk right, left"]') });
  await expect(line.getByRole('textbox')).toHaveValue('3-4 wolk right, left');
  await line.getByRole('textbox').focus();
  await line.getByRole('button', { name: /is walk$/ }).click();
  // A line becomes a note by its key, is joined by Backspace, split by Enter.
  const heels = page.locator('input[value="Lift your heels"]');
  await heels.focus();
  await page.keyboard.press('Alt+n');
  await expect(page.locator('input[value="> Lift your heels"]')).toBeFocused();
  await expect(told).toContainText('16 counts, 4 walls, nothing to settle');
  // What was settled outlives the tab.
  await page.waitForTimeout(400);
  await page.reload();
  await expect(page.locator('input[value="> Lift your heels"]')).toBeVisible();
  await page.getByRole('button', { name: 'Put it on the shelf' }).click();
  await expect(script(page)).toContainText('3-4 walk right, left');
  await expect(truth(page)).toContainText('16 counts');
  await page.getByRole('link', { name: 'Revisions' }).click();
  await page.getByRole('button', { name: 'Show it' }).click();
  await expect(page.getByText('3-4 wolk right, left')).toBeVisible();
});

test('words are pasted, split and joined by keys', async ({ page }) => {
  await readWords(page, 'Two Tides\n1-4 Vine R, touch 5-8 Vine L, touch');
  const second = page.getByRole('textbox', { name: 'Line 2' });
  await second.focus();
  await second.evaluate((input: HTMLInputElement) => input.setSelectionRange(18, 18));
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Line 3' })).toHaveValue('5-8 Vine L, touch');
  await expect(page.getByTestId('import-truth')).toContainText('8 counts');
  await expect(page.getByRole('textbox', { name: 'Line 3' })).toBeFocused();
  await page.keyboard.press('Home');
  await page.keyboard.press('Backspace');
  await expect(second).toHaveValue('1-4 Vine R, touch 5-8 Vine L, touch');
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('textbox', { name: 'Line 1' })).toBeFocused();
});

test('what a teacher says comes out as a checked dance, and the page tells how it was taken', async ({ page }) => {
  await readWords(
    page,
    'Mooring Line\nSixteen counts, two walls, weight on the left.\n\nFirst eight. Walk forward right, left, then a right shuffle forward (1, 2, 3&4). Rock forward on the left, recover right, and a left coaster (5, 6, 7&8).\n\nSecond eight. Vine to the right, side, behind, side, and touch the left (1-4). Step left, touch right, then step right forward and pivot half a turn left, weight on the left please (5-8), and there is the back wall.',
  );
  await expect(page.getByTestId('import-truth')).toHaveText('16 counts, 2 walls, nothing to settle');
  await expect(page.getByTestId('how-taken')).toContainText(
    'counts stand behind the steps; 2 sections, each under its heading',
  );
});

test('several files come in together, each for itself or all at once', async ({ page }) => {
  await page.goto('/import');
  await page
    .getByTestId('import-file')
    .setInputFiles([
      file('a.txt', '# Ebb\n1-4 Vine R, touch'),
      file('b.md', '# Flood\n1-4 Vine L, touch'),
      file('c.png', Buffer.from([0x89, 0x50, 0x4e, 0x47, 0])),
    ]);
  await expect(page.getByRole('alert')).toContainText('c.png: This is a picture');
  await page.getByRole('button', { name: 'b.md' }).click();
  await expect(page.getByRole('textbox', { name: 'Line 1' })).toHaveValue('# Flood');
  await page.getByRole('button', { name: 'Put all 2 on the shelf' }).click();
  await expect(page.getByRole('link', { name: 'Ebb', exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Flood', exact: true })).toBeVisible();
});

const BAD_FILES: [name: string, content: string | Buffer, sentence: string][] = [
  ['photo.txt', Buffer.from([0x41, 0x42, 0x47, 0, 1, 2]), 'This is not a text file'],
  ['noise.txt', Buffer.alloc(1_100_000, 'x'), 'This file is larger than 1 MB'],
  ['later.json', '{"format":"pace-slate-dance","version":99,"text":"# A"}', 'saved by another version (99)'],
  ['cut.json', '{"format":"pace-sl', 'damaged'],
  ['cut.docx', Buffer.from([0x50, 0x4b, 3, 4, 20, 0, 0, 0]), 'damaged'],
  ['cut.pdf', '%PDF-1.7 nothing', 'damaged'],
  ['empty.txt', '', 'The file is empty'],
];

test('files that are no dance are refused in a sentence each, and nothing else happens', async ({ page }) => {
  await page.goto('/import');
  for (const [name, content, sentence] of BAD_FILES) {
    await page.getByTestId('import-file').setInputFiles(file(name, content));
    await expect(page.getByRole('alert')).toHaveText(new RegExp(`^${name}: .*${sentence.replace(/[()]/g, '.')}`));
  }
  await page.goto('/');
  await expect(page.getByTestId('shelf-count')).toHaveText(String(ON_SHELF));
});

test('hostile words in titles, names and pages are shown as words', async ({ page }) => {
  await page.goto('/import');
  await page
    .getByTestId('import-file')
    .setInputFiles(
      file(
        '<img src=x onerror=alert(1)>.txt',
        '# <img src=x onerror=alert(1)>\n1-4 Vine R, touch [<script>alert(1)</script>]',
      ),
    );
  await page.getByRole('button', { name: 'Put it on the shelf' }).click();
  await page.getByRole('link', { name: 'Sheet', exact: true }).click();
  await expect(page.getByRole('article').getByRole('heading', { level: 1 })).toHaveText('<img src=x onerror=alert(1)>');
  await expect(page.locator('img[src="x"]')).toHaveCount(0);
});

test('a sheet that was taken wrongly as a whole is put right with one press, and put back with another', async ({
  page,
}) => {
  // Counts that stand for half counts: two for a vine.
  const steps = [
    '1-2 Vine right, touch left',
    '3-4 Vine left, touch right',
    '5-6 Jazz box right',
    '7-8 Rocking chair right',
  ];
  await readWords(page, `Two Piers\n16 counts, 1 wall, weight on the left\n\n${steps.join('\n')}\n`);
  await expect(page.getByTestId('import-truth')).toContainText('5 lines to settle');
  const otherwise = page.getByRole('group', { name: 'Take it otherwise' });
  await otherwise.getByRole('button', { name: 'its counts left aside: 16 counts in 2 sections' }).click();
  await expect(page.getByTestId('import-truth')).toContainText('16 counts, 1 wall, nothing to settle');
  await otherwise.getByRole('button', { name: 'As it came' }).click();
  await expect(page.getByTestId('import-truth')).toContainText('5 lines to settle');
});

import { expect, newDance, openDance, script, scriptText, test, truth } from './app';

/** A 32-count dance, typed as a person would: the counts come by themselves, Enter brings the next line and the next heading. */
const SECTIONS = [
  ['Vine R, touch L', 'Vine L, touch R'],
  ['Rock R forward, recover L', 'Coaster L', 'Rock L forward, recover R', 'Coaster L'],
  ['Shuffle R forward', 'Shuffle L forward', 'Step R forward, pivot 1/4 left', 'Walk R, walk L'],
  ['V step R', 'Jazz box R'],
];

test('a new user writes a dance by keyboard, is told of a wrong foot, mends it, and finds everything again', async ({
  page,
}) => {
  await newDance(page);
  for (const [index, lines] of SECTIONS.entries()) {
    if (index > 0) await page.keyboard.press('Enter');
    for (const line of lines) {
      await page.keyboard.type(line);
      await page.keyboard.press('Escape');
      await page.keyboard.press('Enter');
    }
  }
  await expect(truth(page)).toContainText('32 counts');
  await expect(truth(page)).toContainText('a wall turns 1/4 left');
  await expect(truth(page)).toContainText('4 walls');
  await expect(page.getByTestId('slips')).toHaveText('1 slip');

  await page.keyboard.press('F8');
  const finding = script(page).locator('.finding');
  await expect(finding).toContainText('Weight is on L after count 2, so L can’t step on 3.');
  await page.keyboard.press('Alt+Enter');
  await expect(finding).toHaveCount(0);
  await expect(truth(page)).toContainText('no slips');
  await expect(truth(page)).toContainText('loops: R is free at the end');

  const written = await scriptText(page);
  expect(written).toContain('3&4    Coaster R');
  expect(written).toContain('7&8    Coaster L');
  await page.waitForTimeout(600);
  await page.reload();
  await expect(script(page)).toBeVisible();
  expect(await scriptText(page)).toBe(written);

  // Undo goes back past the reload.
  await script(page).click();
  await page.keyboard.press('Control+z');
  await expect(page.getByTestId('slips')).toHaveText('1 slip');
});

test('a pale count stands before the cursor: digits replace it, and nothing is ever glued', async ({ page }) => {
  await newDance(page);
  await expect(script(page).locator('.ghost')).toHaveText('1');
  await page.keyboard.type('1-4 Vine R, touch L');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Enter');
  await expect(script(page).locator('.ghost')).toHaveText('5');
  await page.keyboard.type('shuffle L');
  await page.keyboard.press('Escape');
  expect(await scriptText(page)).toContain('\n5&6    shuffle L');
});

test('nothing is told while a line and its section are being written; a wrong foot is told when its line is left', async ({
  page,
}) => {
  await newDance(page);
  await page.keyboard.type('Rock R forward, recover L');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Enter');
  await page.keyboard.type('Coaster L');
  await page.keyboard.press('Escape');
  await expect(truth(page)).toContainText('4 counts');
  await expect(page.getByTestId('slips')).toHaveCount(0);
  await expect(script(page).locator('.finding')).toHaveCount(0);
  await page.keyboard.press('Enter');
  await expect(script(page).locator('.finding')).toContainText('L can’t step on 3');
  await expect(page.getByTestId('slips')).toHaveText('1 slip');
});

test('completion fills in the free foot', async ({ page }) => {
  await newDance(page);
  await page.keyboard.type('1-2 Rock R back, recover L');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Enter');
  await page.keyboard.type('coas');
  await expect(page.locator('.cm-tooltip-autocomplete li').first()).toContainText('Coaster R');
  // The list does not take a key in its first moments, lest it swallow an Enter meant for the line.
  await page.waitForTimeout(150);
  await page.keyboard.press('Enter');
  expect(await scriptText(page)).toContain('3&4    Coaster R');
});

test('every line carries its feet, its weight and its wall', async ({ page }) => {
  await openDance(page, 'Ferry at Dusk');
  const answers = page.locator('.answer-step');
  await expect(answers.first().getByRole('img')).toHaveCount(5);
  await expect(answers.first().getByRole('img', { name: 'weight on right' })).toBeVisible();
  const pivot = answers.filter({ has: page.locator('.changed') }).first();
  await expect(pivot).toContainText('6:00');
});

test('the selected line is explained foot by foot', async ({ page }) => {
  await openDance(page, 'Ferry at Dusk');
  await script(page).locator('.cm-line', { hasText: 'pivot 1/2 left' }).first().click();
  const panel = page.getByRole('complementary', { name: 'The selected line' });
  await expect(panel).toContainText('Section 2, counts 5-6');
  await expect(panel.getByRole('listitem').nth(1)).toContainText('turn 1/2 left on both feet, weight to L');
  await expect(panel).toContainText('Caution');
  await expect(panel.getByRole('img', { name: /The feet from above: 5 R, 6 L/ })).toBeVisible();
});

test('the draft shows its three slips, and the outline where they are', async ({ page }) => {
  await openDance(page, "Rope's End (draft)");
  await expect(page.getByTestId('slips')).toHaveText('3 slips');
  const outline = page.getByRole('complementary', { name: 'Outline' });
  await expect(outline.getByText('1 slip')).toHaveCount(3);
  await page
    .getByRole('complementary', { name: 'The selected line' })
    .getByRole('button', { name: 'it faces 3:00' })
    .click();
  await expect(page.getByTestId('slips')).toHaveText('2 slips');
});

test('lines move by key, sections are reached from the outline', async ({ page }) => {
  await openDance(page, 'Slipway Stroll');
  await script(page).locator('.cm-line', { hasText: 'Vine L' }).first().click();
  await page.keyboard.press('Alt+ArrowUp');
  await expect(page.getByTestId('slips')).toBeVisible();
  await page.keyboard.press('Alt+ArrowDown');
  await expect(truth(page)).toContainText('no slips');
  await page
    .getByRole('complementary', { name: 'Outline' })
    .getByRole('button', { name: /Section 4/ })
    .click();
  await expect(script(page).locator('.cm-activeLine')).toContainText('Section 4');
});

test('the facts are edited in a form and in the text', async ({ page }) => {
  await openDance(page, 'Slipway Stroll');
  await page.getByRole('button', { name: 'Facts of the dance' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill('');
  await dialog.getByRole('button', { name: 'Write into the script' }).click();
  await expect(dialog.getByText('A dance needs a name')).toBeVisible();
  await dialog.getByLabel('Name').fill('Slipway Saunter');
  await dialog.getByLabel('Level').fill('');
  await dialog.getByRole('button', { name: 'Write into the script' }).click();
  const text = await scriptText(page);
  expect(text).toContain('Slipway Saunter');
  expect(text).not.toContain('level:');
  expect(text).toContain('intro: 16 counts');
});

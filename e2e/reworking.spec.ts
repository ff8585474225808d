import { expect, newDance, openDance, script, scriptText, test, truth } from './app';

/** Puts the cursor at the end of the line that holds these words. */
async function toLine(page: Parameters<typeof openDance>[0], words: string): Promise<void> {
  await script(page).locator('.cm-line', { hasText: words }).first().click();
  await page.keyboard.press('End');
}

test('a careless sheet is pasted, tidied in one command, and undone', async ({ page }) => {
  await newDance(page);
  await page.keyboard.press('Control+a');
  const typed = '# Ebb\n## Section 1\n1&2 triple step r f\ncoaster l\n5-8 grapevine r w/ 1/4 turn r, scuff l';
  await page.keyboard.insertText(typed);
  // Counts that nobody wrote stand where they would be written.
  await expect(script(page).locator('.counts.filled')).toHaveText('3&4');
  await page.getByRole('button', { name: 'Tidy', exact: true }).click();
  await expect.poll(() => scriptText(page)).toContain('3&4    Coaster L\n5-8    Vine R turning 1/4 right, scuff L');
  await page.keyboard.press('Control+z');
  await expect.poll(() => scriptText(page)).toContain('1&2 triple step r f\n3&4coaster l\n');
});

test('lines are mirrored, repeated and spelt out by key and by menu', async ({ page }) => {
  await newDance(page);
  await page.keyboard.press('Control+a');
  await page.keyboard.insertText('# Ebb\n## Section 1\n1&2    Coaster R\n');
  await toLine(page, 'Coaster R');
  await page.keyboard.press('Alt+Shift+R');
  await expect.poll(() => scriptText(page)).toContain('1&2    Coaster R\n3&4    Coaster L');
  await page.keyboard.press('Alt+m');
  await expect.poll(() => scriptText(page)).toContain('1&2    Coaster L\n3&4    Coaster L');
  await page.keyboard.press('Alt+m');
  await page.getByRole('button', { name: 'Rework' }).click();
  await page.getByRole('menuitem', { name: /Spell out foot by foot/ }).click();
  await expect.poll(() => scriptText(page)).toContain('1&2    Step R back, close L, step R forward');
  await expect(script(page)).toBeFocused();
  await page.keyboard.press('Alt+n');
  await expect.poll(() => scriptText(page)).toContain('1&2    Coaster R');
});

test('sections change places by key and by dragging in the outline', async ({ page }) => {
  await openDance(page, 'Slipway Stroll');
  const outline = page.getByRole('complementary', { name: 'Outline' });
  await toLine(page, 'Vine R');
  const heading = script(page).locator('.line-heading').first();
  const first = await heading.textContent();
  await page.keyboard.press('Alt+Shift+ArrowDown');
  await expect(heading).not.toHaveText(first ?? '');
  await page.keyboard.press('Control+z');
  await expect(heading).toHaveText(first ?? '');
  const grip = outline.getByRole('button', { name: 'Move section 1' });
  const target = outline.getByRole('button', { name: 'Move section 2' });
  // Waits until both stand still: the outline is drawn anew after the undo.
  await grip.dragTo(target, { sourcePosition: { x: 6, y: 6 }, targetPosition: { x: 6, y: 16 }, steps: 8 });
  await expect(heading).not.toHaveText(first ?? '');
});

test('a house style of one’s own is kept and used', async ({ page }) => {
  await openDance(page, 'Ferry at Dusk');
  await page.getByRole('button', { name: /House style/ }).click();
  await page.getByRole('button', { name: 'Start my own from this' }).click();
  await page.getByLabel('Right and left').selectOption('words');
  await page.getByLabel('Name for shuffle').selectOption('cha cha cha');
  await expect(page.getByRole('list', { name: 'How lines then read' })).toContainText('Cha cha cha right forward');
  await page.keyboard.press('Escape');
  await page.reload();
  await expect(page.getByRole('button', { name: /House style/ })).toContainText('my way');
  await page.getByRole('button', { name: 'Tidy', exact: true }).click();
  await expect(script(page)).toContainText('Cha cha cha right forward');
  await expect(truth(page)).toContainText('no slips');
});

test('a figure of one’s own is defined, danced at once, used in a script, and understood', async ({ page }) => {
  await newDance(page);
  await page.keyboard.insertText(' Vine R, touch L');
  await page.getByRole('link', { name: 'Figures' }).click();
  await page.getByRole('button', { name: 'Define a figure of your own' }).click();
  await page.getByLabel('Names, with commas between').fill('harbour step');
  await page.getByLabel('Feet, one action a comma').fill('A side, B wobbles, A together');
  await expect(page.getByText(/“wobbles” is no place/)).toBeVisible();
  await page.getByLabel('Feet, one action a comma').fill('A side, B behind, A together');
  await page.getByRole('button', { name: 'Keep this figure' }).click();
  await page.getByRole('button', { name: /^harbour step/ }).click();
  await expect(page.getByRole('article', { name: 'harbour step' })).toBeVisible();
  await page.getByRole('link', { name: 'Use in script' }).click();
  await expect(script(page)).toContainText('Harbour step');
  await expect(script(page).locator('.slip-warning')).toHaveCount(0);
});

test('a figure is found by any name in any school, and shown on either foot', async ({ page }) => {
  await page.goto('/figures');
  await page.getByRole('searchbox').fill('dorothy');
  const shown = page.getByRole('article', { name: 'wizard' });
  await expect(shown).toBeVisible();
  await expect(shown.getByRole('img', { name: 'right foot' }).first()).toBeVisible();
  await page.getByRole('radio', { name: 'L leads' }).click();
  await expect(shown.getByRole('img').nth(1)).toHaveAttribute('aria-label', 'left foot');
  await expect(page).toHaveURL(/find=dorothy.*lead=L/);
});

test('a remark is meant so, and stays told no more', async ({ page }) => {
  await openDance(page, "Rope's End (draft)");
  await expect(truth(page)).toContainText('3 slips');
  await toLine(page, 'Coaster L');
  await page.keyboard.press('Alt+a');
  await expect(script(page)).toContainText('(meant so: foot-not-free)');
  await expect(truth(page)).toContainText('2 slips');
});

test('an open turn is answered from the wall stated after it', async ({ page }) => {
  await newDance(page);
  await page.keyboard.press('Control+a');
  await page.keyboard.insertText('# Ebb\n## Section 1 (2 counts)\n1-2 Step R forward, pivot ? (6:00)');
  await page
    .getByRole('complementary', { name: 'The selected line' })
    .getByRole('button', { name: '1/2 left' })
    .click();
  await expect(script(page)).toContainText('pivot 1/2 left (6:00)');
});

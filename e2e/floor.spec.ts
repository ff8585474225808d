/** Feet on the floor, standing and moving, in the real browser. */
import type { Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { expect, openDance, script, test } from './app';

async function openFloor(page: Page, title: string): Promise<void> {
  await openDance(page, title);
  await page.getByRole('link', { name: 'Floor', exact: true }).click();
  await expect(stage(page)).toBeVisible();
}

const stage = (page: Page) => page.getByRole('img', { name: /^The floor:/ });
const rail = (page: Page) => page.getByRole('slider', { name: 'Place in counts' });
const looked = (page: Page) => page.getByRole('complementary', { name: 'What is looked at' });

test('the section of the selected line is gone through by counts and half counts; what comes next is said before', async ({
  page,
}) => {
  await openDance(page, 'Ferry at Dusk');
  await script(page).locator('.cm-line', { hasText: 'pivot 1/2 left' }).first().click();
  await page.getByRole('link', { name: 'Floor', exact: true }).click();
  await expect(stage(page)).toHaveAccessibleName('The floor: Section 2, Rock L back, recover R');
  await expect(page.getByText('then 3&4 Shuffle L forward')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(stage(page)).toHaveAccessibleName('The floor: Section 2, Shuffle L forward');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(rail(page)).toHaveValue('30');
  await page.keyboard.press('End');
  await expect(rail(page)).toHaveValue('96');
  await page.keyboard.press('Home');
  await expect(rail(page)).toHaveValue('0');
});

test('a line chosen there is the line of the script; a wall and the whole dance are looked at as they are danced', async ({
  page,
}) => {
  await openFloor(page, 'Low Tide Lanterns');
  await looked(page).getByRole('button', { name: '5-6 Rock R side, recover L' }).click();
  await expect(rail(page)).toHaveValue('48');
  await page.getByRole('link', { name: 'Script', exact: true }).click();
  await expect(script(page).locator('.cm-activeLine')).toContainText('Rock R side, recover L');
  await page.getByRole('link', { name: 'Floor', exact: true }).click();
  await page.getByRole('combobox', { name: 'wall shown' }).selectOption('3');
  await looked(page).getByRole('button', { name: 'Wall', exact: true }).click();
  // Wall 3 restarts after 16 counts.
  await expect(rail(page)).toHaveAttribute('max', String(16 * 12));
  await looked(page).getByRole('button', { name: 'Whole dance' }).click();
  await expect(looked(page)).toContainText('to the left');
});

test('the floor stays where it is, however long the words are that are called', async ({ page }) => {
  await openFloor(page, 'Weathervane');
  await looked(page).getByRole('button', { name: 'Wall', exact: true }).click();
  const heights = new Set<number>();
  for (let count = 0; count < 32; count++) {
    heights.add((await stage(page).boundingBox())?.height ?? 0);
    await page.keyboard.press('ArrowRight');
  }
  expect(heights.size).toBe(1);
});

test('it moves at the tempo of the dance, over and over; with less motion it goes by steps', async ({ page }) => {
  await openFloor(page, 'Slipway Stroll');
  const soles = stage(page).locator('#dancer path');
  const where = () => soles.evaluateAll((all) => all.map((one) => one.getAttribute('transform')).join());
  const places = new Set<string>();
  // A busy machine draws the screen before it listens to keys: begun by a press, ended by a key.
  await page.getByRole('button', { name: 'Play', exact: true }).click();
  await expect.poll(async () => places.add(await where()).size, { intervals: [40] }).toBeGreaterThan(4);
  await page.locator('body').press('Space');
  await expect(page.getByRole('button', { name: 'Play', exact: true })).toBeVisible();

  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.keyboard.press('Home');
  const before = await where();
  await rail(page).fill('6');
  expect(await where()).toBe(before);
  await rail(page).fill('12');
  expect(await where()).not.toBe(before);
});

test('mirrored, from above, turning with the dancer; the picture leaves as SVG and PNG', async ({ page }) => {
  await openFloor(page, 'Ferry at Dusk');
  const room = stage(page).locator('> g').first();
  const behind = await room.getAttribute('transform');
  await looked(page).getByRole('button', { name: 'facing you, mirrored' }).click();
  expect(await room.getAttribute('transform')).not.toBe(behind);
  await looked(page).getByRole('button', { name: 'turning with the dancer' }).click();
  await expect(room.locator('> g').first()).toHaveAttribute('transform', /rotate/);
  for (const [form, begins] of [
    ['SVG', '<svg'],
    ['PNG', '\u{89}PNG'],
  ]) {
    const leaving = page.waitForEvent('download');
    await looked(page).getByRole('button', { name: form }).click();
    const bytes = await readFile(await (await leaving).path());
    expect(bytes.toString('latin1').slice(0, begins.length)).toBe(begins);
    if (form === 'SVG') expect(bytes.toString()).not.toContain('var(');
  }
});

test('rows of dancers are measured against the hall that the script names', async ({ page }) => {
  await openDance(page, 'Ferry at Dusk');
  await script(page).locator('.cm-line', { hasText: 'weight L' }).first().click();
  await page.keyboard.press('End');
  await page.keyboard.type('\nhall: 5 x 4 m');
  await page.getByRole('link', { name: 'Floor', exact: true }).click();
  await expect(looked(page)).not.toContainText('does not hold them');
  await looked(page).getByLabel('rows').fill('4');
  await expect(looked(page)).toContainText('4 dancers take');
  await expect(looked(page)).toContainText('The hall does not hold them.');
});

/** The song under the dance, in the real browser. */
import type { Page } from '@playwright/test';
import { expect, openDance, script, scriptText, test } from './app';

async function openMusic(page: Page, title: string): Promise<void> {
  await openDance(page, title);
  await page.getByRole('link', { name: 'Music', exact: true }).click();
}

const rows = (page: Page) => page.getByRole('list', { name: 'Phrases' }).getByRole('listitem');
const told = (page: Page) => page.getByRole('complementary', { name: 'The song in words' });
const map = (page: Page) => page.getByRole('textbox', { name: 'The map' });

test('every wall of the demo begins with its phrase; a surprise more and they are out', async ({ page }) => {
  await openMusic(page, 'Low Tide Lanterns');
  await expect(told(page)).toContainText('9 of 9 walls begin with a phrase');
  await expect(told(page)).toContainText('on wall 9, count 18, facing 12:00');
  // 248 counts at 108 a minute are 137.8 seconds.
  await expect(told(page)).toContainText('2:18');
  await expect(rows(page)).toHaveCount(11);
  await map(page).fill('verse 1: 32\ngap: 4\nchorus: 32\nverse 2: 64');
  await expect(told(page)).toContainText('wall 2 is the first, 2 counts early');
  await expect(rows(page).filter({ hasText: 'wall 2: 2 early' })).toHaveCount(1);
});

test('a map is started, typed beside the rows, undone, and stands in the script', async ({ page }) => {
  await openMusic(page, 'Ferry at Dusk');
  await page.getByRole('button', { name: 'Start a map' }).click();
  await expect(rows(page)).toHaveCount(4);
  await expect(told(page)).toContainText('after 32 counts');
  await map(page).press('Control+End');
  await map(page).pressSequentially('\nbridge: 2 x 8');
  await expect(rows(page)).toHaveCount(5);
  await expect(rows(page).last()).toContainText('bridge');
  await page.getByRole('link', { name: 'Script', exact: true }).click();
  await script(page).press('Control+End');
  await expect.poll(() => scriptText(page)).toMatch(/intro: 32\n[\s\S]*bridge: 2 x 8/);
  await script(page).press('Control+z');
  await expect.poll(() => scriptText(page)).not.toContain('bridge');
});

test('plans that fit are found in the worker, taken with a press, undone by key', async ({ page }) => {
  await openMusic(page, 'Slipway Stroll');
  const plans = page.getByRole('region', { name: 'Plans that fit' });
  await expect(plans).toContainText('as it stands');
  await map(page).fill('verse 1: 32\ngap: 4\nchorus: 32\nverse 2: 32\ngap: 4\nchorus: 32');
  await expect(told(page)).toContainText('1 of 5 walls begin');
  await plans.getByRole('button', { name: /^Take walls 1, 3: tag: hold 4 counts/ }).click();
  await expect(told(page)).toContainText('4 of 4 walls begin with a phrase');
  await expect(page.getByText('2 tags')).toBeVisible();
  await page.locator('body').press('Control+z');
  await expect(told(page)).toContainText('1 of 5 walls begin');
});

test('on a phone the rows stand under one another and nothing is wider than the screen', async ({ page }) => {
  await openMusic(page, 'Slipway Stroll');
  await page.setViewportSize({ width: 390, height: 844 });
  await expect(rows(page)).toHaveCount(8);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

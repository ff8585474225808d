/** The lesson planned, changed, printed, in the real browser. */
import type { Page } from '@playwright/test';
import { expect, openDance, test } from './app';

const steps = (page: Page) => page.getByRole('list', { name: 'Steps of the lesson' }).getByRole('listitem');

test('a lesson of 45 minutes is planned, kept, changed by presses and by words, undone, and printed as a teaching script', async ({
  page,
}) => {
  await openDance(page, 'Low Tide Lanterns');
  await page.getByRole('link', { name: 'Lesson', exact: true }).click();
  await expect(page.getByText('45 minutes, as it would be planned')).toBeVisible();
  await page.getByRole('combobox', { name: /^For/ }).selectOption('new');
  await page.getByLabel('Minutes').fill('60');
  await page.getByRole('button', { name: 'Keep a plan of it' }).click();
  await expect(page.getByText('60 minutes', { exact: true })).toBeVisible();
  await expect(steps(page).nth(1)).toContainText('Section 1, weave right');
  await expect(steps(page).nth(1)).toContainText('By counts: 1 2 3 4 5 6 7 8.');
  await expect(steps(page).filter({ hasText: 'a changed step, wall 6' })).toHaveCount(1);
  await page.getByRole('button', { name: 'A minute more for step 2', exact: true }).click();
  await expect(page.getByText('61 minutes', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Step 3 earlier' }).click();
  await expect(steps(page).nth(1)).toContainText('Section 2, weave left');
  await page.getByRole('button', { name: 'Take step 1 out' }).click();
  await expect(steps(page).first()).toContainText('Section 2, weave left');
  await page.locator('body').press('Control+z');
  await expect(steps(page).first()).toContainText('Facts: 32 counts');
  const words = page.getByRole('textbox', { name: 'The lesson in words' });
  await words.press('Control+End');
  await words.pressSequentially('\n3 min  Questions');
  await expect(steps(page).last()).toContainText('Questions');
  await page.getByRole('link', { name: 'Print it as a teaching script' }).click();
  await page.getByRole('radio', { name: /Teaching script/ }).check();
  await expect(page.getByRole('main')).toContainText('Questions');
});

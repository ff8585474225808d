/** The application as a person meets it. Any console error, page error, broken policy or request to another machine fails the test. */
import { test as base, expect, type Page } from '@playwright/test';

export const test = base.extend<{ complaints: string[]; openTab: (address: string) => Promise<Page> }>({
  complaints: [
    async ({ page, baseURL }, use) => {
      const complaints: string[] = [];
      watch(page, complaints, baseURL as string);
      await use(complaints);
      expect(complaints).toEqual([]);
    },
    { auto: true },
  ],
  /** A further tab of the same browser, watched as the first one. */
  openTab: async ({ context, complaints, baseURL }, use) => {
    await use(async (address) => {
      const tab = await context.newPage();
      watch(tab, complaints, baseURL as string);
      await tab.goto(address);
      return tab;
    });
  },
});

function watch(page: Page, complaints: string[], baseURL: string): void {
  page.on('console', (message) => {
    if (message.type() === 'error') complaints.push(`console: ${message.text()}`);
  });
  page.on('pageerror', (error) => complaints.push(`page: ${error.message}`));
  page.on('request', (request) => {
    const url = request.url();
    if (!url.startsWith(baseURL) && !url.startsWith('data:') && !url.startsWith('blob:'))
      complaints.push(`request leaves: ${url}`);
  });
}

export { expect };

export const script = (page: Page) => page.getByRole('textbox', { name: 'The script of the dance' });
export const truth = (page: Page) => page.getByTestId('truth');

export async function openDance(page: Page, title: string): Promise<void> {
  await page.goto('/');
  await page.getByRole('link', { name: title, exact: true }).click();
  await expect(script(page)).toBeVisible();
  // What is loaded after the script stands is there, too.
  await expect(page.getByRole('button', { name: 'Rework' })).toBeEnabled();
}

/** The text of the script as the editor shows it, line by line. Short dances only: far lines are drawn when they are near. */
export async function scriptText(page: Page): Promise<string> {
  return (await script(page).locator('.cm-line').allTextContents()).join('\n');
}

/** A new dance, its cursor under the heading of section 1. */
export async function newDance(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'New dance' }).click();
  await expect(script(page)).toBeFocused();
  await page.keyboard.press('Control+End');
}

/** Words pasted into the empty Import screen, and read. */
export async function readWords(page: Page, words: string): Promise<void> {
  await page.goto('/import');
  await page.getByLabel('Words of a sheet').fill(words);
  await page.getByRole('button', { name: 'Read these words' }).click();
  await expect(page.getByTestId('import-truth')).toBeVisible();
}

/** The application as a person meets it. Any console error, page error, broken policy or request to another machine fails the test. */
import { readdirSync } from 'node:fs';
import { test as base, expect, type Page } from '@playwright/test';

/** The page that tests share; known to every test, so that all of them run in the same workers. */
const keeping = base.extend<object, { keptPage: Page }>({
  keptPage: [
    async ({ browser }, use, { project }) => {
      const { baseURL, viewport, serviceWorkers } = project.use;
      const context = await browser.newContext({ baseURL, viewport, serviceWorkers });
      await use(await context.newPage());
      await context.close();
    },
    { scope: 'worker' },
  ],
});

/** A test in a browser that nobody has used: for what storage, tabs, the network or the clock do. */
export const freshTest = keeping.extend<{ complaints: string[]; openTab: (address: string) => Promise<Page> }>({
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
  openTab: async ({ page, complaints, baseURL }, use) => {
    await use(async (address) => {
      const tab = await page.context().newPage();
      watch(tab, complaints, baseURL as string);
      await tab.goto(address);
      return tab;
    });
  },
});

/**
 * A test in a browser of which everything was wiped. The page stays the same from test to test, so that the application's code needn't
 * be translated for each: half of the time.
 */
export const test = freshTest.extend({
  page: async ({ keptPage, baseURL, viewport }, use) => {
    await use(keptPage);
    keptPage.removeAllListeners();
    const tabs = keptPage.context().pages();
    await Promise.all(tabs.filter((tab) => tab !== keptPage).map((tab) => tab.close()));
    await keptPage.unrouteAll({ behavior: 'ignoreErrors' });
    await keptPage.emulateMedia({ media: null, colorScheme: null, reducedMotion: null });
    if (viewport) await keptPage.setViewportSize(viewport);
    // The application must be gone before its storage goes, or it would say so.
    await keptPage.goto('/icon.svg');
    const session = await keptPage.context().newCDPSession(keptPage);
    const origin = new URL(baseURL as string).origin;
    await session.send('Storage.clearDataForOrigin', { origin, storageTypes: 'all' });
    await session.detach();
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

/** Demo dances: as many stand on a shelf that is new. */
export const ON_SHELF = readdirSync('dances').filter((name) => name.endsWith('.txt')).length;

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

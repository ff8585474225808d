import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, openDance, script, test } from './app';

async function openPage(page: Parameters<typeof openDance>[0], path: string): Promise<void> {
  await page.goto(path);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
}

const SCREENS: [name: string, open: (page: Parameters<typeof openDance>[0]) => Promise<void>][] = [
  [
    'Dances',
    async (page) => {
      await page.goto('/');
      await expect(page.getByRole('link', { name: 'Ferry at Dusk', exact: true })).toBeVisible();
    },
  ],
  ['Script', (page) => openDance(page, 'Ferry at Dusk')],
  ['Script with slips', (page) => openDance(page, "Rope's End (draft)")],
  [
    'Sheet',
    async (page) => {
      await openDance(page, 'Mudlark Cha Cha');
      await page.getByRole('link', { name: 'Sheet', exact: true }).click();
      await expect(page.getByRole('article')).toBeVisible();
    },
  ],
  [
    'Import',
    async (page) => {
      await page.goto('/import');
      await page.getByLabel('Words of a sheet').fill('Two Tides\n1-4 Vine R, touch\n5-8 frobnicate');
      await page.getByRole('button', { name: 'Read these words' }).click();
      await expect(page.getByTestId('import-truth')).toBeVisible();
    },
  ],
  [
    'Chosen dances',
    async (page) => {
      await page.goto('/');
      await page.getByLabel('Choose Ferry at Dusk').check();
      await expect(page.getByRole('region', { name: 'Chosen dances' })).toBeVisible();
    },
  ],
  [
    'Revisions',
    async (page) => {
      await openDance(page, 'Ferry at Dusk');
      await page.getByRole('link', { name: 'Revisions' }).click();
      await page.getByRole('button', { name: 'Name this state' }).click();
      await expect(page.getByLabel('Name of the revision')).toBeVisible();
    },
  ],
  [
    'Walls',
    async (page) => {
      await openDance(page, 'Low Tide Lanterns');
      await page.getByRole('link', { name: 'Walls', exact: true }).click();
      await page.getByRole('button', { name: /^Wall 2:/ }).click();
      await expect(page.getByRole('slider', { name: 'Place on wall 2' })).toBeVisible();
    },
  ],
  [
    'Walls with slips, and an ending looked for',
    async (page) => {
      await openDance(page, 'Low Tide Lanterns');
      await page.getByRole('link', { name: 'Walls', exact: true }).click();
      await page.getByRole('textbox', { name: 'A new line of the plan' }).fill('wall 7: restart after 5');
      await page.keyboard.press('Enter');
      await expect(page.getByRole('region', { name: 'The plan in words' })).toContainText('R is not free');
      await page.getByRole('button', { name: 'Ending', exact: true }).click();
      await page.getByRole('button', { name: 'Look' }).click();
      await expect(page.getByRole('button', { name: /^Take/ }).first()).toBeVisible();
    },
  ],
  [
    'One wall on the script',
    async (page) => {
      await openDance(page, 'Low Tide Lanterns');
      await page.getByRole('combobox', { name: 'wall shown' }).selectOption('6');
      await expect(page.getByText('Wall 6 is cut here')).toBeVisible();
    },
  ],
  ['Figures', (page) => openPage(page, '/figures?figure=sailor')],
  [
    'A figure of one’s own',
    async (page) => {
      await openPage(page, '/figures');
      await page.getByRole('button', { name: 'Define a figure of your own' }).click();
      await page.getByLabel('Names, with commas between').fill('harbour step');
      await page.getByLabel('Feet, one action a comma').fill('A side, B behind, A together');
      await expect(page.getByText('led by L')).toBeVisible();
    },
  ],
  [
    'Rework menu',
    async (page) => {
      await openDance(page, 'Ferry at Dusk');
      await page.getByRole('button', { name: 'Rework' }).click();
      await expect(page.getByRole('menuitem', { name: /Mirror/ })).toBeVisible();
    },
  ],
  [
    'House style',
    async (page) => {
      await openDance(page, 'Ferry at Dusk');
      await page.getByRole('button', { name: /House style/ }).click();
      await page.getByRole('button', { name: 'Start my own from this' }).click();
      await expect(page.getByLabel('Name of the style')).toBeVisible();
    },
  ],
  ['About', (page) => openPage(page, '/about')],
  ['Lost', (page) => openPage(page, '/nowhere')],
  [
    'Facts',
    async (page) => {
      await openDance(page, 'Tar and Oakum');
      await page.getByRole('button', { name: 'Facts of the dance' }).click();
      await expect(page.getByRole('dialog')).toBeVisible();
    },
  ],
  [
    'Keys',
    async (page) => {
      await page.goto('/about');
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      // The keys listen from the first moment after the page is drawn; on a busy machine that is a moment later.
      await expect(async () => {
        await page.keyboard.press('F1');
        await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible({ timeout: 1000 });
      }).toPass();
    },
  ],
];

/** What axe finds wrong; in the second theme only what depends on it. */
async function violationsOf(page: Page, rules?: string[]): Promise<string[]> {
  const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] });
  const { violations } = await (
    rules ? axe.withRules(rules) : axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'best-practice'])
  ).analyze();
  return violations.map(({ id, nodes }) => {
    const places = nodes.map(({ target }) => target.join(' '));
    return `${id}: ${places.slice(0, 3).join(' | ')}`;
  });
}

for (const [name, open] of SCREENS) {
  test(`${name} is accessible in both themes`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
    await open(page);
    const ground = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor);
    const light = await ground();
    expect(await violationsOf(page)).toEqual([]);
    await page.emulateMedia({ colorScheme: 'dark', reducedMotion: 'reduce' });
    await expect.poll(ground).not.toBe(light);
    expect(await violationsOf(page, ['color-contrast', 'link-in-text-block'])).toEqual([]);
  });
}

test('the whole way from the shelf to the sheet goes by keyboard', async ({ page }) => {
  await page.goto('/');
  const link = page.getByRole('link', { name: 'Slipway Stroll', exact: true });
  await link.focus();
  await page.keyboard.press('Enter');
  await expect(script(page)).toBeFocused();
  await page.getByRole('link', { name: 'Sheet', exact: true }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('article')).toBeVisible();
  await page.keyboard.press('F1');
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

for (const [width, height] of [
  [390, 844],
  [820, 1180],
]) {
  test(`nothing runs off the side at ${width} wide`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    for (const [, open] of SCREENS.slice(0, 5)) {
      await open(page);
      expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(
        0,
      );
    }
  });
}

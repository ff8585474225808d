import type { Page } from '@playwright/test';
import { expect, newDance, openDance, readWords, script, test } from './app';
import { OF_THE_SIZE, OF_THE_THEME, STANDARD, violationsOf } from './axe';

type Reach = (page: Page) => Promise<void>;

const visit =
  (path: string): Reach =>
  async (page) => {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  };
const dance =
  (title: string): Reach =>
  (page) =>
    openDance(page, title);

/** Screens by the page they are reached from, each going on from the one before it: a page is loaded once. */
const JOURNEYS: readonly (readonly [name: string, reach: Reach][])[] = [
  [
    [
      'Dances',
      async (page) => {
        await page.goto('/');
        await expect(page.getByRole('link', { name: 'Ferry at Dusk', exact: true })).toBeVisible();
      },
    ],
    [
      'Chosen dances',
      async (page) => {
        await page.getByLabel('Choose Ferry at Dusk').check();
        await expect(page.getByRole('region', { name: 'Chosen dances' })).toBeVisible();
      },
    ],
  ],
  [
    ['Script', dance('Ferry at Dusk')],
    [
      'Fill',
      async (page) => {
        await script(page).focus();
        await page.keyboard.press('Alt+f');
        await expect(page.getByText('looks at the next')).toBeVisible();
      },
    ],
    [
      'Find',
      async (page) => {
        await script(page).focus();
        await page.keyboard.press('Control+f');
        await page.keyboard.type('Rock');
        await page.keyboard.press('Escape');
      },
    ],
    [
      'Rework menu',
      async (page) => {
        await page.getByRole('button', { name: 'Rework' }).click();
        await expect(page.getByRole('menuitem', { name: /Mirror/ })).toBeVisible();
      },
    ],
    [
      'House style',
      async (page) => {
        await page.keyboard.press('Escape');
        await page.getByRole('button', { name: /House style/ }).click();
        await page.getByRole('button', { name: 'Start my own from this' }).click();
        await expect(page.getByLabel('Name of the style')).toBeVisible();
      },
    ],
    [
      'Facts',
      async (page) => {
        await page.keyboard.press('Escape');
        await page.getByRole('button', { name: 'Facts of the dance' }).click();
        await expect(page.getByRole('dialog')).toBeVisible();
      },
    ],
    [
      'Revisions',
      async (page) => {
        await page.keyboard.press('Escape');
        await page.getByRole('link', { name: 'Revisions' }).click();
        await page.getByRole('button', { name: 'Name this state' }).click();
        await expect(page.getByLabel('Name of the revision')).toBeVisible();
      },
    ],
  ],
  [
    ['Script with slips', dance("Rope's End (draft)")],
    [
      'Sheet',
      async (page) => {
        await page.getByRole('link', { name: 'Sheet', exact: true }).click();
        await expect(page.getByRole('article')).toBeVisible();
      },
    ],
  ],
  [
    [
      'Ways to begin, and what may follow',
      async (page) => {
        await newDance(page);
        await expect(page.getByText('Stays on this wall and foot')).toBeVisible();
      },
    ],
  ],
  [['Import', (page) => readWords(page, 'Two Tides\n1-4 Vine R, touch\n5-8 frobnicate')]],
  [
    ['A dance with a plan', dance('Low Tide Lanterns')],
    [
      'One wall on the script',
      async (page) => {
        await page.getByRole('combobox', { name: 'wall shown' }).selectOption('6');
        await expect(page.getByText('Wall 6 is cut here')).toBeVisible();
      },
    ],
    [
      'Music',
      async (page) => {
        await page.getByRole('link', { name: 'Music', exact: true }).click();
        await page.getByRole('button', { name: 'Let the house band play it' }).click();
        await page.getByRole('button', { name: 'Set it' }).click();
        await page.getByRole('button', { name: 'bridge', exact: true }).click();
        await expect(page.getByRole('slider', { name: 'First step' })).toBeVisible();
      },
    ],
    [
      'Lesson, proposed',
      async (page) => {
        await page.getByRole('link', { name: 'Lesson', exact: true }).click();
        await expect(page.getByRole('button', { name: 'Keep a plan of it' })).toBeVisible();
      },
    ],
    [
      'Lesson',
      async (page) => {
        await page.getByRole('button', { name: 'Keep a plan of it' }).click();
        await expect(page.getByRole('textbox', { name: 'The lesson in words' })).toBeVisible();
      },
    ],
    [
      'Practice',
      async (page) => {
        await page.getByRole('link', { name: 'Practice', exact: true }).click();
        await page.getByLabel('Stretch').selectOption('wall 6');
        await expect(page.getByTestId('practice-now')).toBeVisible();
      },
    ],
    [
      'Walls',
      async (page) => {
        await page.getByRole('link', { name: 'Walls', exact: true }).click();
        await page.getByRole('button', { name: /^Wall 2:/ }).click();
        await expect(page.getByRole('slider', { name: 'Place on wall 2' })).toBeVisible();
      },
    ],
    [
      'Walls with slips, and an ending looked for',
      async (page) => {
        await page.getByRole('textbox', { name: 'A new line of the plan' }).fill('wall 7: restart after 5');
        await page.keyboard.press('Enter');
        await expect(page.getByRole('region', { name: 'The plan in words' })).toContainText('R is not free');
        await page.getByRole('button', { name: 'Ending', exact: true }).click();
        await page.getByRole('button', { name: 'Look' }).click();
        await expect(page.getByRole('button', { name: /^Take/ }).first()).toBeVisible();
      },
    ],
  ],
  [
    [
      'Floor',
      async (page) => {
        await openDance(page, 'Low Tide Lanterns');
        await page.getByRole('link', { name: 'Floor', exact: true }).click();
        await page.keyboard.press('End');
        await expect(page.getByRole('img', { name: /^The floor:/ })).toBeVisible();
      },
    ],
  ],
  [
    ['Figures', visit('/figures?figure=sailor')],
    [
      'A figure of one’s own',
      async (page) => {
        await page.getByRole('button', { name: 'Define a figure of your own' }).click();
        await page.getByLabel('Names, with commas between').fill('harbour step');
        await page.getByLabel('Feet, one action a comma').fill('A side, B behind, A together');
        await expect(page.getByText('led by L')).toBeVisible();
      },
    ],
  ],
  [
    [
      'Classes',
      async (page) => {
        await page.goto('/classes');
        await expect(page.getByText('Handed out before a change')).toBeVisible();
      },
    ],
    [
      'A group',
      async (page) => {
        await page.getByRole('link', { name: 'Thursday regulars' }).click();
        await expect(page.getByRole('img', { name: /^What Thursday regulars danced/ })).toBeVisible();
      },
    ],
    [
      'A group changed',
      async (page) => {
        await page.getByRole('button', { name: 'Change', exact: true }).click();
        await expect(page.getByRole('dialog')).toBeVisible();
      },
    ],
    [
      'A dance’s record',
      async (page) => {
        await page.keyboard.press('Escape');
        await page.getByRole('rowheader', { name: 'Low Tide Lanterns' }).getByRole('link').click();
        await expect(page.getByRole('img', { name: /^When Low Tide Lanterns was danced/ })).toBeVisible();
      },
    ],
    [
      'An evening',
      async (page) => {
        await page.goto('/classes');
        await page.getByRole('button', { name: 'Plan the evening of Thursday regulars' }).click();
        await expect(page.getByRole('list', { name: 'Steps of the evening' })).toBeVisible();
      },
    ],
    [
      'In class',
      async (page) => {
        await page.getByRole('button', { name: 'In class' }).click();
        await page.getByRole('button', { name: 'Done, next' }).click();
        await expect(page.getByText('Press a line where people trip')).toBeVisible();
      },
    ],
    [
      'Afterwards',
      async (page) => {
        await page.getByRole('button', { name: 'Afterwards' }).click();
        await expect(page.getByRole('combobox', { name: 'Handed out' }).first()).toBeVisible();
      },
    ],
  ],
  [
    ['Level of a dance', dance('Spring Tide')],
    [
      'Level',
      async (page) => {
        await page.getByRole('link', { name: 'Level', exact: true }).click();
        await page.getByLabel('For').selectOption('improver');
        await expect(page.getByRole('list', { name: 'Lines above this level' })).toBeVisible();
        await page.getByText('How the points are counted').click();
      },
    ],
  ],
  [
    ['Lost', visit('/nowhere')],
    ['About', visit('/about')],
    [
      'Keys',
      async (page) => {
        // The keys listen from the first moment after the page is drawn; on a busy machine that is a moment later.
        await expect(async () => {
          await page.keyboard.press('F1');
          await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible({ timeout: 1000 });
        }).toPass();
      },
    ],
  ],
];

const ground = (page: Page) => page.evaluate(() => getComputedStyle(document.body).backgroundColor);
const WIDE = { width: 1280, height: 800 };
/** A phone and a tablet, upright; most scrolls on the phone. */
const PHONE = { width: 390, height: 844 };
const NARROW = [PHONE, { width: 820, height: 1180 }];

for (const journey of JOURNEYS) {
  const names = journey.map(([name]) => name).join(', ');
  test(`accessible in both themes, and nothing runs off the side of a phone: ${names}`, async ({ page }) => {
    test.setTimeout(150_000);
    for (const [name, reach] of journey) {
      await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
      await reach(page);
      const light = await ground(page);
      expect(await violationsOf(page, STANDARD), name).toEqual([]);
      await page.emulateMedia({ colorScheme: 'dark', reducedMotion: 'reduce' });
      await page.waitForFunction((before) => getComputedStyle(document.body).backgroundColor !== before, light);
      expect(await violationsOf(page, OF_THE_THEME), name).toEqual([]);
      for (const size of NARROW) {
        await page.setViewportSize(size);
        await page
          .waitForFunction(() => document.documentElement.scrollWidth <= window.innerWidth)
          .catch(() => {
            throw new Error(`${name} runs off the side at ${size.width}`);
          });
        if (size === PHONE) expect(await violationsOf(page, OF_THE_SIZE), `${name} on a phone`).toEqual([]);
      }
      await page.setViewportSize(WIDE);
    }
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

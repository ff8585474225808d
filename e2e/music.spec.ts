/** The song under the dance, in the real browser. */
import { readFileSync } from 'node:fs';
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

const panel = (page: Page) => page.getByRole('region', { name: 'The recording' });

/** The house band plays the song of the demo: a recording with no one's rights in it. */
async function letBandPlay(page: Page): Promise<void> {
  await panel(page).getByRole('button', { name: 'Let the house band play it' }).click();
  await expect(panel(page)).toContainText('108.0 beats a minute, steady');
}

test('the house band plays the song; it plays on in the script, where the line that is danced is marked', async ({
  page,
}) => {
  await openMusic(page, 'Low Tide Lanterns');
  await letBandPlay(page);
  await expect(panel(page)).toContainText('stands still for 2 beats at 1:40');
  const place = page.getByTestId('song-place');
  // Wall 5 begins with the chorus at count 117 of the song.
  await page.locator('[data-sound="116"]').click({ position: { x: 100, y: 8 } });
  await expect(place).toContainText(/chorus · wall 5, count \d/);
  const words = await place.textContent();
  await expect(place).not.toHaveText(words ?? '');
  await page.getByLabel('click on the counts').check();
  await expect(place).toContainText('wall 5');
  await page.getByRole('link', { name: 'Script', exact: true }).click();
  await expect(page.locator('.danced-line')).toHaveCount(1);
  await page.getByRole('region', { name: 'The song plays' }).getByRole('button', { name: 'Stop' }).click();
  await expect(page.locator('.danced-line')).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'The song plays' })).toHaveCount(0);
});

test('the first step is set by key and by drag, counts at half; the recording stays and is taken out', async ({
  page,
}) => {
  await openMusic(page, 'Low Tide Lanterns');
  await letBandPlay(page);
  await panel(page).getByRole('button', { name: 'Set it' }).click();
  // Sixteen counts at 108 a minute behind the first beat at half a second.
  await expect(panel(page)).toContainText('First step at 9.39 s');
  const step = page.getByRole('slider', { name: 'First step' });
  await step.press('ArrowRight');
  await expect(panel(page)).toContainText('First step at 9.94 s');
  await expect(map(page)).toHaveValue(/^intro: 17\n/);
  const box = await step.boundingBox();
  if (!box) throw new Error('nothing to drag');
  await page.mouse.move(box.x + 7, box.y + 40);
  await page.mouse.down();
  await page.mouse.move(box.x - 48, box.y + 40, { steps: 4 });
  await page.mouse.up();
  await expect(map(page)).toHaveValue(/^intro: 1[45]\n/);
  await panel(page).getByRole('group', { name: 'How it is counted' }).getByRole('button', { name: '54' }).click();
  await expect(panel(page)).toContainText('54.0 beats a minute');
  await page.reload();
  await expect(panel(page)).toContainText('54.0 beats a minute');
  await panel(page).getByRole('button', { name: 'Take it out' }).click();
  await expect(panel(page)).toContainText('Open a recording of the song');
});

test('phrases are named, split, joined and moved by keys, moved by drag, each undone', async ({ page }) => {
  await openMusic(page, 'Slipway Stroll');
  const phrase = (name: string) =>
    page.getByRole('list', { name: 'Phrases' }).getByRole('button', { name, exact: true });
  await phrase('verse 1').press('Alt+Shift+ArrowLeft');
  await expect(map(page)).toHaveValue(/^verse 1: 24\nchorus: 40\n/);
  await phrase('verse 1').press('Alt+ArrowRight');
  await expect(map(page)).toHaveValue(/^verse 1: 25\nchorus: 39\n/);
  await phrase('bridge').press('s');
  await expect(map(page)).toHaveValue(/bridge: 32\nbridge: 32\n/);
  await phrase('bridge').first().press('j');
  await expect(map(page)).toHaveValue(/bridge: 64\n/);
  await phrase('verse 2').click();
  await page.getByLabel('Name', { exact: true }).fill('story, the second');
  await page.getByLabel('Name', { exact: true }).press('Enter');
  await expect(map(page)).toHaveValue(/story the second: 32/);
  const grip = page.locator('[data-grip="2"]');
  const box = await grip.boundingBox();
  const width = (await grip.locator('..').boundingBox())?.width ?? 0;
  if (!box) throw new Error('nothing to drag');
  await page.mouse.move(box.x + 7, box.y + 15);
  await page.mouse.down();
  await page.mouse.move(box.x + 7 - width / 4, box.y + 15, { steps: 5 });
  await expect(rows(page).filter({ hasText: 'story the second' })).toContainText('65–88');
  await page.mouse.up();
  await expect(map(page)).toHaveValue(/story the second: 24\nchorus: 40/);
  await page.locator('body').press('Control+z');
  await expect(map(page)).toHaveValue(/story the second: 32\nchorus: 32/);
});

test('a plan is drawn in the page before it is taken; taps tell the tempo', async ({ page }) => {
  await openMusic(page, 'Slipway Stroll');
  await map(page).fill('verse 1: 32\ngap: 4\nchorus: 32\nverse 2: 32\ngap: 4\nchorus: 32');
  const plans = page.getByRole('region', { name: 'Plans that fit' });
  await plans.getByRole('button', { name: /^Look at walls 1, 3: tag: hold 4/ }).click();
  await expect(told(page)).toContainText('4 of 4 walls begin with a phrase');
  await page.getByRole('button', { name: 'As it was' }).click();
  await expect(told(page)).toContainText('1 of 5 walls begin');
  const tap = page.getByRole('button', { name: /Tap the beat/ });
  for (let index = 0; index < 9; index++) {
    await tap.press('Space');
    await page.waitForTimeout(460);
  }
  await expect(page.getByText(/9 taps: \d+\.\d a minute/)).toBeVisible();
  // A machine that is busy taps late: at most 131 a minute, as fast as the keys were asked for.
  const taking = page.getByRole('button', { name: /^Take \d+ as the tempo/ });
  const tempo = Number(/\d+/.exec((await taking.textContent()) ?? '')?.[0]);
  expect(tempo).toBeGreaterThan(20);
  expect(tempo).toBeLessThan(132);
  await taking.click();
  await expect(map(page)).toHaveValue(new RegExp(`^tempo ${tempo}\n`));
});

test('a song of the shelf is taken with its plan; a recording goes into a backup where it is asked for', async ({
  page,
}) => {
  await openMusic(page, 'Ferry at Dusk');
  const shelf = page.getByRole('region', { name: 'Songs and dances of the shelf' });
  await shelf.getByRole('button', { name: 'Songs for this dance' }).click();
  await expect(shelf.getByRole('listitem')).toHaveCount(3);
  await shelf.getByRole('button', { name: 'Take the song Three Planks Wide' }).click();
  await expect(page.getByRole('heading', { name: 'Three Planks Wide' })).toBeVisible();
  await expect(told(page)).toContainText('8 of 8 walls begin with a phrase');
  await shelf.getByRole('button', { name: 'Dances to this song' }).click();
  await expect(shelf.getByRole('link', { name: 'Open Slipway Stroll' })).toBeVisible();
  await panel(page).getByRole('button', { name: 'Let the house band play it' }).click();
  await expect(panel(page)).toContainText('104.0 beats a minute, steady');
  await page.getByRole('link', { name: 'Dances', exact: true }).click();
  const saved = async (): Promise<string> => {
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Back up everything' }).click(),
    ]);
    return readFileSync(await file.path(), 'utf8');
  };
  await expect(page.getByLabel(/^with recordings/)).not.toBeChecked();
  expect(await saved()).not.toContain('"recordings"');
  await page.getByLabel(/^with recordings/).check();
  expect((JSON.parse(await saved()) as { recordings: unknown[] }).recordings).toHaveLength(1);
});

test('on a phone the rows stand under one another and nothing is wider than the screen', async ({ page }) => {
  await openMusic(page, 'Slipway Stroll');
  await page.setViewportSize({ width: 390, height: 844 });
  await expect(rows(page)).toHaveCount(8);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

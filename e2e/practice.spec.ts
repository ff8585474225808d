/** The dance danced aloud, in the real browser. */
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, openDance, test } from './app';

async function openPractice(page: Page, title: string): Promise<void> {
  await openDance(page, title);
  await page.getByRole('link', { name: 'Practice', exact: true }).click();
}

const now = (page: Page) => page.getByTestId('practice-now');

test('a section is danced again and again, by the slate’s own voice, at the speed of the ladder', async ({ page }) => {
  await openPractice(page, 'Slipway Stroll');
  await expect(page.getByText('62 a minute · again and again')).toBeVisible();
  await expect(page.getByLabel('Said by')).toHaveValue('own');
  await page.getByRole('button', { name: 'full speed' }).click();
  await expect(page.getByText('104 a minute')).toBeVisible();
  await page.getByLabel('Tempo').fill('120');
  await expect(page.getByText('125 a minute')).toBeVisible();
  await page.getByRole('button', { name: 'Dance', exact: true }).click();
  await expect(now(page)).toHaveText('vine');
  await expect(now(page)).toHaveText('touch');
  // Eight counts take under four seconds: it comes round again.
  await expect(now(page)).toHaveText('vine');
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('button', { name: 'Dance', exact: true })).toBeVisible();
});

test('wall 6 is danced as it is cut, gone through by keys: where each step faces, which foot is free', async ({
  page,
}) => {
  await openPractice(page, 'Low Tide Lanterns');
  await page.getByLabel('Stretch').selectOption('wall 6');
  await page.locator('body').click({ position: { x: 600, y: 600 } });
  await page.keyboard.press('ArrowRight');
  const words: string[] = [];
  for (let step = 0; step < 20; step++) {
    words.push((await now(page).textContent()) ?? '');
    await page.keyboard.press('ArrowRight');
  }
  // Worked by hand from the sheet: two sections of eight calls, the shuffle, and the step of the cut behind it.
  expect(words.filter((word, index) => word !== words[index - 1]).slice(-2)).toEqual(['shuffle', 'together']);
  await expect(page.getByText('weight on L, R is free')).toBeVisible();
  await page.getByRole('button', { name: 'The feet' }).click();
  await expect(page.getByRole('img', { name: /^The floor: Wall 6/ })).toBeVisible();
  await page.keyboard.press('PageDown');
  await expect(page.getByLabel('Stretch')).toHaveValue('wall 7');
  await page.keyboard.press('2');
  await expect(page.getByRole('button', { name: 'slow, counts' })).toHaveAttribute('aria-pressed', 'true');
});

test('with the music: the recording of the band plays, and the dance goes by its beats', async ({ page }) => {
  await openDance(page, 'Low Tide Lanterns');
  await page.getByRole('link', { name: 'Music', exact: true }).click();
  await page.getByRole('button', { name: 'Let the house band play it' }).click();
  await expect(page.getByText('108.0 beats a minute')).toBeVisible();
  await page.getByRole('link', { name: 'Practice', exact: true }).click();
  await page.getByLabel('Stretch').selectOption('wall 2');
  await page.getByRole('button', { name: 'with the music' }).click();
  await page.getByRole('button', { name: 'Dance', exact: true }).click();
  await expect(now(page)).toHaveText('weave, side');
  await expect(now(page)).toHaveText('behind');
  await page.getByRole('button', { name: 'Stop' }).click();
  // Slower it keeps its pitch: made in the worker before it begins.
  await page.getByLabel('Tempo').fill('75');
  await expect(page.getByText('81 a minute, with the music')).toBeVisible();
  await page.getByRole('button', { name: 'Dance', exact: true }).click();
  await expect(now(page)).toHaveText('behind');
});

test('captions, clicks, MIDI and cues are taken along; nothing to dance is said', async ({ page }) => {
  await openPractice(page, 'Ferry at Dusk');
  await page.getByLabel(/first step in the video at/).fill('12.5');
  for (const [name, begins] of [
    ['Captions (WebVTT)', 'WEBVTT\n\n00:00:12.500'],
    ['MIDI file', 'MThd'],
    ['Click track (WAV)', 'RIFF'],
    ['Cue list (CSV)', 'second,wall'],
  ] as const) {
    await page.getByRole('button', { name: 'Take along' }).click();
    const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('menuitem', { name }).click()]);
    expect(file.suggestedFilename()).toMatch(/^ferry-at-dusk\./);
    expect(
      readFileSync(await file.path())
        .toString('latin1')
        .startsWith(begins),
    ).toBe(true);
  }
  await page.getByRole('link', { name: 'Dances', exact: true }).click();
  await page.getByRole('button', { name: 'New dance' }).click();
  await page.getByRole('link', { name: 'Practice', exact: true }).click();
  await expect(page.getByText('There is nothing to dance yet.')).toBeVisible();
});

/** Help while composing, as somebody meets it who has never seen the program: by keyboard alone, and on a phone. */
import type { Page } from '@playwright/test';
import { expect, newDance, openDance, script, scriptText, test, truth } from './app';

/** Everything that is ever told under a line, from now on. */
async function watchFindings(page: Page): Promise<() => Promise<string[]>> {
  await page.evaluate(() => {
    const told: string[] = [];
    const root = document.querySelector('[data-testid=script]')?.shadowRoot as ShadowRoot;
    new MutationObserver(() => {
      for (const finding of root.querySelectorAll('.finding')) told.push(finding.textContent ?? '');
    }).observe(root, { childList: true, subtree: true });
    Object.assign(window, { told });
  });
  return () => page.evaluate(() => [...new Set((window as unknown as { told: string[] }).told)]);
}

async function write(page: Page, lines: readonly string[]): Promise<void> {
  for (const line of lines) {
    await page.keyboard.type(line);
    await page.keyboard.press('Escape');
    await page.keyboard.press('Enter');
  }
}

const panel = (page: Page) => page.getByRole('complementary', { name: 'The selected line' });

test('from nothing to a printed dance of 32 counts by keyboard alone, its third section filled, its last one closed; nothing untrue is told', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New dance' }).focus();
  await page.keyboard.press('Enter');
  await expect(script(page)).toBeFocused();
  const told = await watchFindings(page);
  await page.keyboard.press('Control+End');
  await write(page, ['vine R, touch L', 'vine L, touch R', '']);
  await write(page, ['rock R forward, recover L', 'coaster R', 'rock L forward, recover R', 'coaster L', '']);

  await page.keyboard.press('Alt+f');
  await expect(panel(page)).toContainText('Section 3, counts 1 to 8');
  const current = panel(page).locator('[aria-current=true]');
  const first = await current.textContent();
  await page.keyboard.press('Alt+f');
  await expect(current).not.toHaveText(first ?? '');
  const words = (await current.locator('b').allTextContents()).join(' ');
  await page.keyboard.press('Alt+Shift+F');
  await expect(truth(page)).toContainText('24 counts');
  expect(await scriptText(page)).toContain(words.split(' ')[0]);

  await page.keyboard.press('Alt+c');
  await page.getByRole('radio', { name: 'four walls, left' }).check();
  await expect(panel(page)).toContainText('a new section, counts 1 to 8');
  await expect(panel(page).locator('[aria-current=true]')).toContainText('9:00');
  await script(page).focus();
  await page.keyboard.press('Alt+Shift+F');
  await expect(truth(page)).toContainText('32 counts');
  await page.keyboard.press('F8');
  await expect(truth(page)).toContainText('no slips');
  await expect(truth(page)).toContainText('loops: R is free at the end');
  await expect(truth(page)).toContainText('4 walls');
  expect(await told()).toEqual([]);

  await page.getByRole('link', { name: 'Sheet', exact: true }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('article')).toContainText('vine L, touch R');
  await expect(page.getByTestId('sheet-slips')).toHaveCount(0);
  await page.evaluate(() => Object.assign(window, { print: () => Object.assign(window, { printed: true }) }));
  await page.getByRole('button', { name: 'Print' }).focus();
  await page.keyboard.press('Enter');
  await page.waitForFunction(() => (window as unknown as { printed?: boolean }).printed);
});

test('what may follow stands beside an empty line, led by the free foot; what is typed narrows it', async ({
  page,
}) => {
  await newDance(page);
  await write(page, ['vine R, touch L']);
  await expect(panel(page)).toContainText('Stays on this wall and foot');
  await panel(page)
    .getByRole('button', { name: /^5-8 Jazz box L/ })
    .click();
  expect(await scriptText(page)).toContain('5-8    Jazz box L');
  await expect(script(page)).toBeFocused();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Alt+g');
  await page.keyboard.type('coas');
  await page.keyboard.press('Escape');
  await expect(
    panel(page)
      .getByRole('button', { name: /^1&2 Coaster/ })
      .first(),
  ).toBeVisible();
  await expect(panel(page)).not.toContainText('Jazz box');
  // Of fewer letters there is more.
  await expect(panel(page)).not.toContainText('Kick ball change');
  await page.keyboard.press('Alt+g');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(script(page)).toBeFocused();
  expect(await scriptText(page)).toContain('1&2    Coaster');
});

test('a garbled line offers what it may mean, and one key takes the likeliest', async ({ page }) => {
  await newDance(page);
  await write(page, ['vine R, touch L', 'kik bal chanj']);
  const finding = script(page).locator('.finding');
  await expect(finding).toContainText('Did you mean: Kick ball change L');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Alt+Enter');
  expect(await scriptText(page)).toContain('5&6    Kick ball change L');
});

test('the panel shows the line that a fix would make before it is taken', async ({ page }) => {
  await openDance(page, "Rope's End (draft)");
  await script(page).locator('.cm-line', { hasText: 'Coaster L' }).first().click();
  const fix = panel(page).getByRole('button', { name: 'Coaster R: 3&4 Coaster R' });
  await expect(fix).toContainText('12:00');
  await fix.click();
  await expect(page.getByTestId('slips')).toHaveText('2 slips');
});

test('a section written before is told quietly', async ({ page }) => {
  await newDance(page);
  await write(page, ['Vine R, touch L', 'Vine L, touch R']);
  await script(page).locator('.cm-line', { hasText: 'Vine R' }).first().click();
  await expect(panel(page)).toContainText('stand in the same order in Regatta Morning, part A section 1');
});

test('an empty script has three beginnings; the try-out is put away for good', async ({ page }) => {
  await newDance(page);
  const ways = page.getByRole('region', { name: 'Ways to begin' });
  await expect(ways).toContainText('where the weight is then');
  await ways.getByRole('button', { name: 'Try it with three lines' }).click();
  const lines = page.getByRole('region', { name: 'Three lines to try' });
  await page.keyboard.press('Control+End');
  await write(page, ['vine R, touch L', 'shuffle L', 'shuffle L']);
  await expect(lines.getByLabel('written')).toHaveCount(3);
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Alt+Enter');
  await lines.getByRole('button', { name: 'Done, put it away for good' }).click();
  await expect(lines).toHaveCount(0);

  await newDance(page);
  await expect(ways).not.toContainText('Try it');
  await ways.getByLabel('Dance of the boathouse').selectOption('Slipway Stroll');
  await ways.getByRole('button', { name: 'Take it' }).click();
  await expect(truth(page)).toContainText('32 counts');
  await expect(ways).toHaveCount(0);
});

test('words are found and put otherwise; sections are collapsed and walked through by keys', async ({ page }) => {
  await openDance(page, 'Ferry at Dusk');
  await page.keyboard.press('Control+f');
  await page.keyboard.type('Walk');
  const bar = page.getByRole('form', { name: 'Find and replace' });
  await expect(bar.getByRole('status')).toHaveText('2 places');
  await bar.getByLabel('Put instead').fill('Step');
  await bar.getByRole('button', { name: 'Replace all' }).click();
  await expect(bar.getByRole('status')).toHaveText('nowhere');
  await page.keyboard.press('Escape');
  await expect(script(page)).toBeFocused();
  await page.keyboard.press('Control+z');
  expect(await scriptText(page)).toContain('7-8    Walk R, walk L');

  await page.keyboard.press('Control+Home');
  await page.keyboard.press('Alt+PageDown');
  await page.keyboard.press('Alt+k');
  await expect(script(page).locator('.collapsed')).toHaveText('4 lines');
  await page.keyboard.press('Alt+Shift+K');
  await expect(script(page).locator('.collapsed')).toHaveCount(0);
});

test.describe('on a phone', () => {
  test('a section is written with the row of keys, explained in a drawer, and the head takes a tenth at most', async ({
    page,
  }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await newDance(page);
    const head = await page.getByRole('banner').boundingBox();
    expect(head?.height).toBeLessThanOrEqual(84.4);
    const keys = page.getByRole('toolbar', { name: 'Keys for writing' });
    await page.keyboard.type('vine');
    await page.keyboard.press('Escape');
    await keys.getByRole('button', { name: 'right' }).click();
    await keys.getByRole('button', { name: 'turn' }).click();
    await keys.getByRole('button', { name: '1/4' }).click();
    await keys.getByRole('button', { name: 'right' }).click();
    await keys.getByRole('button', { name: 'Next line' }).click();
    await expect(script(page)).toBeFocused();
    expect(await scriptText(page)).toContain('1-4    vine R turning 1/4 R');
    await keys.getByRole('button', { name: 'count 5' }).click();
    await page.keyboard.type('shuffle L');
    await page.keyboard.press('Escape');
    expect(await scriptText(page)).toContain('5&6    shuffle L');

    const drawer = page.getByRole('complementary', { name: 'The selected line' });
    await expect(drawer).not.toContainText('before');
    await drawer.getByRole('button', { name: 'This line' }).click();
    await expect(drawer).toContainText('counts 5&6');
    await drawer.getByRole('button', { name: 'This line' }).click();
    await expect(drawer).not.toContainText('counts 5&6');
  });

  test('the facts are one line until they are touched, and the views stand in one menu', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto('/');
    await page.getByRole('link', { name: 'Ferry at Dusk', exact: true }).click();
    const facts = script(page).locator('.facts-folded');
    await expect(facts).toContainText('Last Boat Over, 116 bpm · intro 32 counts · weight L');
    await facts.click();
    await expect(facts).toHaveCount(0);
    await page.getByRole('button', { name: 'Script' }).click();
    await page.getByRole('menuitem', { name: 'Walls' }).click();
    await expect(page.getByRole('slider')).toBeVisible();
  });
});

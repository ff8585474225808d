/** The picture of the walls as a choreographer uses it: looking, cutting, dragging, typing, searching, undoing. */
import type { Page } from '@playwright/test';
import { expect, newDance, openDance, script, scriptText, test, truth } from './app';

async function openWalls(page: Page, dance: string): Promise<void> {
  await openDance(page, dance);
  await page.getByRole('link', { name: 'Walls', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Walls' })).toBeVisible();
}

const wall = (page: Page, number: number) => page.getByRole('button', { name: new RegExp(`^Wall ${number}[:,]`) });
const place = (page: Page, number: number) => page.getByRole('slider', { name: `Place on wall ${number}` });
const planLines = async (page: Page): Promise<string[]> =>
  page
    .getByRole('region', { name: 'The plan in words' })
    .getByRole('listitem')
    .getByRole('textbox')
    .evaluateAll((fields) => fields.map((field) => (field as HTMLTextAreaElement).value));

test('every wall of the demo dances starts and ends where it was worked out on paper', async ({ page }) => {
  const expected: Record<string, string[]> = {
    'Low Tide Lanterns': [
      '12:00-9:00',
      '9:00-6:00',
      '6:00-9:00',
      '9:00-6:00',
      '6:00-3:00',
      '3:00-6:00',
      '6:00-3:00',
      '3:00-12:00',
      '12:00-12:00',
    ],
    'Regatta Morning': [
      '12:00-12:00',
      '12:00-6:00',
      '6:00-6:00',
      '6:00-12:00',
      '12:00-6:00',
      '6:00-12:00',
      '12:00-12:00',
    ],
    Weathervane: [
      '12:00-10:30',
      '10:30-9:00',
      '9:00-7:30',
      '7:30-6:00',
      '6:00-4:30',
      '4:30-3:00',
      '3:00-1:30',
      '1:30-12:00',
      '12:00-12:00',
    ],
  };
  for (const [dance, walls] of Object.entries(expected)) {
    await openWalls(page, dance);
    const labels = await page
      .getByRole('list', { name: 'Walls' })
      .getByRole('button', { name: /^Wall/ })
      .evaluateAll((rows) => rows.map((row) => row.getAttribute('aria-label') ?? ''));
    expect(labels.map((label) => /starts facing (\S+), ends facing ([\d:]+)/.exec(label)?.slice(1).join('-'))).toEqual(
      walls,
    );
  }
});

test('a restart is added with a press at a section end, and every later wall is seen at once', async ({ page }) => {
  await openWalls(page, 'Ferry at Dusk');
  await wall(page, 2).click();
  await page.getByRole('button', { name: 'Restart wall 2 after 16 counts, facing 3:00' }).click();
  await expect(wall(page, 3)).toHaveAccessibleName(/starts facing 3:00/);
  await expect(page.getByText('was 6:00').first()).toBeVisible();
  await expect(truth(page)).toContainText('1 restart');
  expect(await planLines(page)).toEqual(['wall 2: restart after 16']);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(wall(page, 3)).toHaveAccessibleName(/starts facing 6:00/);
  await expect(truth(page)).not.toContainText('restart');
});

test('everything is done with keys', async ({ page }) => {
  await openWalls(page, 'Ferry at Dusk');
  await wall(page, 2).click();
  await place(page, 2).focus();
  await page.keyboard.press('ArrowUp');
  await expect(place(page, 1)).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await expect(place(page, 2)).toBeFocused();
  for (let step = 0; step < 3; step++) await page.keyboard.press('ArrowLeft');
  await expect(place(page, 2)).toHaveAttribute('aria-valuetext', /facing/);
  await page.keyboard.press('r');
  const [line] = await planLines(page);
  expect(line).toMatch(/^wall 2: restart after \d+$/);
  await page.keyboard.press('Alt+ArrowDown');
  await expect(place(page, 3)).toBeFocused();
  expect(await planLines(page)).toEqual([line.replace('wall 2', 'wall 3')]);
  await page.keyboard.press('Delete');
  expect(await planLines(page)).toEqual([]);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('textbox', { name: /^Plan: wall 3/ })).toBeVisible();
});

test('a tag is dragged to another wall, a cut to another count; while it moves the walls say where they would face', async ({
  page,
}) => {
  await openWalls(page, 'Low Tide Lanterns');
  const drag = async (
    from: { x: number; y: number; width: number; height: number },
    x: number,
    y: number,
    during?: () => Promise<void>,
  ) => {
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(x - 10, y - 4, { steps: 4 });
    await page.mouse.move(x, y, { steps: 4 });
    await during?.();
    await page.mouse.up();
  };
  const boxOf = async (locator: ReturnType<Page['getByTestId']>) => {
    const box = await locator.boundingBox();
    if (!box) throw new Error('not on screen');
    return box;
  };
  const tag = await boxOf(page.getByTestId('rail-part-1').getByTitle('Tag lamp'));
  const target = await boxOf(page.getByTestId('rail-part-2'));
  await drag(tag, tag.x + tag.width / 2, target.y + target.height / 2);
  await expect(page.getByRole('textbox', { name: 'Plan: walls 2, 4: tag lamp' })).toBeVisible();

  const cut = await boxOf(page.getByTestId('cut-3'));
  const rail = await boxOf(page.getByTestId('rail-part-3'));
  // Eight beats of the 34 that the longest wall has, to the left.
  await drag(cut, cut.x + cut.width / 2 - (rail.width / 34) * 8, cut.y + cut.height / 2, async () => {
    await expect(page.getByText('was 9:00').first()).toBeVisible();
  });
  await expect(page.getByRole('textbox', { name: 'Plan: wall 3: restart after 8' })).toBeVisible();
});

test('the plan is typed in words: what is wrong is said under its line with a way out, and nothing of it is lost', async ({
  page,
}) => {
  await openWalls(page, 'Ferry at Dusk');
  const added = page.getByRole('textbox', { name: 'A new line of the plan' });
  await added.fill('Restart on wall 3 after 19 counts');
  await added.press('Enter');
  const region = page.getByRole('region', { name: 'The plan in words' });
  await expect(region).toContainText('is only begun');
  await region.getByRole('button', { name: 'after 18' }).click();
  await expect(page.getByRole('textbox', { name: 'Plan: Restart on wall 3 after 18' })).toBeVisible();
  await added.fill('frobnicate');
  await added.press('Enter');
  await expect(region).toContainText('isn’t understood');
  const line = page.getByRole('textbox', { name: 'Plan: frobnicate' });
  await line.click();
  await page.keyboard.press('End');
  await page.keyboard.type(' gently');
  await expect(page.getByRole('textbox', { name: 'Plan: frobnicate gently' })).toHaveValue('frobnicate gently');
  // The rest of the plan is danced all the same.
  await expect(truth(page)).toContainText('1 restart');
  await page.getByRole('link', { name: 'Script', exact: true }).click();
  await script(page).click();
  await page.keyboard.press('Control+End');
  expect(await scriptText(page)).toContain('frobnicate gently');
});

test('what was changed on the picture is undone in the script', async ({ page }) => {
  await openWalls(page, 'Slipway Stroll');
  await wall(page, 1).click();
  await page.getByRole('button', { name: /^Restart wall 1 after 8 counts/ }).click();
  await page.getByRole('link', { name: 'Script', exact: true }).click();
  await expect(truth(page)).toContainText('1 restart');
  await script(page).focus();
  await page.keyboard.press('Control+z');
  await expect(truth(page)).not.toContainText('restart');
});

test('a wall is chosen on the script: facings are the room’s, its cut and its changed step stand where they fall', async ({
  page,
}) => {
  await openDance(page, 'Low Tide Lanterns');
  await page.getByRole('combobox', { name: 'wall shown' }).selectOption('6');
  await expect(page.getByText('On this wall instead: & Step L beside R (weight L)')).toBeVisible();
  await expect(page.getByText('Wall 6 is cut here: wall 7 starts facing 6:00, R free.')).toBeVisible();
  await page.getByRole('link', { name: 'Walls', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Wall 6' })).toBeVisible();
  await page.getByTitle('Show it in the script, on this wall').click();
  await expect(page.getByRole('complementary', { name: 'The selected line' })).toContainText('on wall 6');
});

test('an ending at the front is found and taken', async ({ page }) => {
  await openWalls(page, 'Ferry at Dusk');
  await page.getByRole('button', { name: 'Ending', exact: true }).click();
  await page.getByLabel('Wall', { exact: true }).fill('6');
  await page.getByLabel('Count', { exact: true }).fill('20');
  await page.getByRole('button', { name: 'Look' }).click();
  const region = page.getByRole('region', { name: 'Ending' });
  await expect(region).toContainText('After 20 counts of wall 6 the dancers face 3:00, L free.');
  await region.getByRole('button', { name: /^Take: After 20, step to the front/ }).click();
  await expect(wall(page, 6)).toHaveAccessibleName(/ends facing 12:00.*ends after 20/);
  await expect(truth(page)).toContainText('an ending');
  await page.getByLabel('Count', { exact: true }).fill('99');
  await page.getByRole('button', { name: 'Look' }).click();
  await expect(region).toContainText('Wall 6 has no count 99.');
});

test('ways without turns are found in the worker, and written into the script as options', async ({ page }) => {
  await openWalls(page, 'Tar and Oakum');
  await page.getByRole('button', { name: 'Options', exact: true }).click();
  const region = page.getByRole('region', { name: 'Options' });
  await region
    .getByRole('button', { name: /^Take: no turn/ })
    .first()
    .click();
  await expect(region).toContainText('without an option already');
  await page.getByRole('link', { name: 'Script', exact: true }).click();
  await script(page).focus();
  await page.keyboard.press('Control+End');
  expect(await scriptText(page)).toContain('Option "no turn": section 3 count 5 to section 4 count 4');
});

test('an empty dance says what to do first', async ({ page }) => {
  await newDance(page);
  await page.getByRole('link', { name: 'Walls', exact: true }).click();
  await expect(page.getByText('Write the first section in the script')).toBeVisible();
});

test('twelve walls fit a laptop without scrolling; on a tablet nothing is cut off', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await openWalls(page, 'Ferry at Dusk');
  await page.getByRole('button', { name: 'Show 4 more walls' }).click();
  await page.getByRole('button', { name: 'Show 4 more walls' }).click();
  await expect(wall(page, 12)).toBeVisible();
  const last = await wall(page, 12).boundingBox();
  expect((last?.y ?? 9999) + (last?.height ?? 0)).toBeLessThan(800);
  await page.setViewportSize({ width: 820, height: 1180 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(820);
  await expect(wall(page, 12)).toBeVisible();
});

test('a phrased dance: parts in their order, a cut by key, the wrong foot told with a changed step to take', async ({
  page,
}) => {
  await openWalls(page, 'Regatta Morning');
  await expect(truth(page)).toContainText('48 counts (164 as danced)');
  await expect(truth(page)).toContainText('every part joins');
  await wall(page, 7).click();
  await place(page, 7).focus();
  // Back to after the rock of section 2, where L is free and a wall would begin with R.
  for (let count = 32; count > 10; count--) await page.keyboard.press('Shift+ArrowLeft');
  await expect(place(page, 7)).toHaveAttribute('aria-valuenow', '10');
  await wall(page, 5).click();
  await place(page, 5).focus();
  for (let count = 16; count > 9; count--) await page.keyboard.press('Shift+ArrowLeft');
  await expect(page.getByText('a cut needs a changed step')).toBeVisible();
  const order = page.getByRole('textbox', { name: 'Plan: order: A B A B A(16) B A' });
  await order.click();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('order: A B A B A(9) B A');
  await expect(truth(page)).toContainText('1 join on the wrong foot');
  const region = page.getByRole('region', { name: 'The plan in words' });
  await expect(region).toContainText('After 9 counts of wall 5 the weight is on R, so R is not free for B.');
  await region.getByRole('button', { name: /^9: Touch R/ }).click();
  await expect(truth(page)).toContainText('every part joins');
  await expect(page.getByRole('textbox', { name: /^Plan: wall 5: change 9 to Touch R/ })).toBeVisible();
});

test('which tag is put is chosen; what was compared can be kept; the sheet has the walls', async ({ page }) => {
  await openDance(page, 'Low Tide Lanterns');
  await script(page).focus();
  await page.keyboard.press('Control+End');
  await page.keyboard.type('\n\n## Tag "mooring bell"\n1-4 Rocking chair R');
  await page.getByRole('link', { name: 'Walls', exact: true }).click();
  await wall(page, 2).click();
  await expect(page.getByRole('heading', { name: 'Wall 2' })).toBeVisible();
  await page.getByLabel('which tag').selectOption('mooring bell');
  await page.getByRole('button', { name: 'Tag here' }).click();
  await expect(page.getByRole('textbox', { name: 'Plan: wall 2: tag "mooring bell"' })).toBeVisible();
  await expect(page.getByText('Wall 2 is not as it was.')).toBeVisible();
  await page.getByRole('button', { name: 'Keep, compare from here' }).click();
  await expect(page.getByText('not as it was')).toHaveCount(0);
  await page.getByRole('link', { name: 'Sheet', exact: true }).click();
  const walls = page.getByRole('article').getByRole('region', { name: 'Walls' });
  await expect(walls.getByRole('row', { name: /^2 / })).toContainText('tag mooring bell at the end, facing 6:00');
  await expect(walls.getByRole('row', { name: /^3 / })).toContainText(
    'restart after 16 counts (the end of section 2), facing 9:00',
  );
  // The handout for one wall is chosen on the sheet itself.
  await page.getByRole('combobox', { name: 'wall shown' }).selectOption('3');
  await expect(page.getByRole('article')).toContainText('Wall 3, from 6:00 to 9:00');
  await expect(page.getByRole('article')).not.toContainText('Coaster L');
});

test('a search can be stopped', async ({ page }) => {
  // The worker is held back until the search was stopped, so that there is something to stop.
  let letGo = (): void => undefined;
  const stopped = new Promise<void>((resolve) => (letGo = resolve));
  await page.route('**/assets/work-*.js', async (route) => {
    await stopped;
    await route.continue().catch(() => undefined);
  });
  await openWalls(page, 'Ferry at Dusk');
  await page.getByRole('button', { name: 'Ending', exact: true }).click();
  await page.getByRole('button', { name: 'Look' }).click();
  await expect(page.getByText('Looking …')).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText('Looking …')).toHaveCount(0);
  letGo();
  await expect(page.getByRole('button', { name: /^Take/ })).toHaveCount(0);
  await page.unrouteAll({ behavior: 'ignoreErrors' });
});

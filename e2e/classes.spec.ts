/** An evening planned, run, noted, and the next one proposed: by keyboard and by touch; everything back from a backup. */
import type { Locator, Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import ICAL from 'ical.js';
import Papa from 'papaparse';
import { readPdf } from '../src/formats/read-pdf';
import { expect, freshTest, openDance, script, test } from './app';

const steps = (page: Page) => page.getByRole('list', { name: 'Steps of the evening' }).getByRole('listitem');
const planOf = (page: Page, group: string) => page.getByRole('button', { name: `Plan the evening of ${group}` });

async function press(page: Page, what: Locator, key = 'Enter'): Promise<void> {
  await expect(what).toBeEnabled();
  await what.focus();
  await page.keyboard.press(key);
}

const saved = async (page: Page, button: Locator): Promise<Buffer> => {
  const download = page.waitForEvent('download');
  await button.click();
  return readFile(await (await download).path());
};

test('by keyboard: an evening is planned, put in order, run, noted, and the next one goes on from it', async ({ page }) => {
  await page.goto('/classes');
  await press(page, planOf(page, 'Tuesday learners'));
  await expect(steps(page).first()).toContainText('Warm up with Slipway Stroll');
  await expect(page.getByText('90 minutes, as long as the evening')).toBeVisible();
  await expect(steps(page).filter({ hasText: 'It goes on from last time: 3 of 4 sections are taught.' })).toHaveCount(1);
  await expect(steps(page).nth(1)).toContainText('The floor is hard');
  // By its grip: space takes it, the arrow moves it, space lets it go.
  await press(page, page.getByRole('button', { name: 'Move step 2', exact: true }), 'Space');
  await expect(page.getByText(/^(?:Taken: Ropewalk|Ropewalk .* now at place 2 of)/)).toBeAttached();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByText(/^Ropewalk Ramble.*: now at place 1 of/)).toBeAttached();
  await page.keyboard.press('Space');
  await expect(page.getByText(/^Ropewalk Ramble.*: put at place 1/)).toBeAttached();
  await expect(steps(page).first()).toContainText('Ropewalk Ramble');
  await press(page, page.getByRole('button', { name: 'Step 1 later' }));
  await expect(steps(page).first()).toContainText('Warm up');
  await press(page, page.getByRole('button', { name: 'A minute more for step 1', exact: true }));
  await expect(page.getByText('91 minutes, 1 too long')).toBeVisible();

  await press(page, page.getByRole('button', { name: 'In class' }));
  const now = page.getByRole('heading', { level: 2 });
  await expect(now).toHaveCount(1);
  await expect(now).toHaveText('Warm up with Slipway Stroll');
  await page.keyboard.press('PageDown');
  await expect(now).toContainText('Ropewalk Ramble');
  await page.keyboard.press('PageUp');
  await expect(now).toHaveText('Warm up with Slipway Stroll');
  for (let step = 1; (await now.textContent()) !== 'That was all.'; step++) {
    await expect(page.getByText(`step ${step} of`)).toBeVisible();
    const words = await now.textContent();
    if (words?.startsWith('Ferry at Dusk: section 4')) await press(page, page.getByRole('button', { name: /Kick ball change R/ }));
    await page.keyboard.press('ArrowRight');
    await expect(now).not.toHaveText(words ?? '');
  }
  await press(page, page.getByRole('button', { name: 'Note the rest' }));

  const ferry = page.getByRole('region', { name: 'Ferry at Dusk' });
  await expect(ferry.getByRole('button', { name: 'All sections of Ferry at Dusk' })).toHaveAttribute('aria-pressed', 'true');
  await expect(ferry.getByRole('button', { name: /Tripped at 7&8 Kick ball change R/ })).toBeVisible();
  await ferry.getByLabel('Handed out').selectOption('revision 1, as it is now');
  const words = page.getByRole('textbox', { name: 'Anything else' });
  await words.pressSequentially('They want it again, slower.');
  await press(page, page.getByRole('button', { name: 'It took place' }));
  await expect(page.getByText('It counts: what was danced is known')).toBeVisible();
  await page.reload();
  await expect(words).toHaveValue('They want it again, slower.');

  await page.getByRole('link', { name: 'Tuesday learners' }).click();
  const row = page.getByRole('row').filter({ hasText: 'Ferry at Dusk' });
  await expect(row).toContainText('all of it');
  await expect(row).toContainText('7&8 Kick ball change R');
  await expect(page.getByText('Low Tide Lanterns, 2 of 4 sections')).toBeVisible();
  await page.getByRole('button', { name: 'Plan the evening of' }).click();
  await expect(steps(page).filter({ hasText: 'It goes on from last time: 2 of 4 sections are taught.' })).toContainText('Low Tide Lanterns: section 3');
  await expect(steps(page).filter({ hasText: 'Ferry at Dusk: section 4, then once from the top' })).toContainText('people tripped at “7&8 Kick ball change R”');

  // The same line in the script: it is told there, and taken back there.
  await openDance(page, 'Ferry at Dusk');
  await script(page).locator('.cm-line', { hasText: 'Kick ball change R' }).click();
  const inClass = page.getByRole('region', { name: 'In class' });
  await expect(inClass).toContainText('Tuesday learners tripped here once');
  await inClass.getByRole('button', { name: /^Tuesday learners tripped here on/ }).click();
  await expect(inClass).not.toContainText('tripped here once');
}); // prettier-ignore

test.describe('by touch', () => {
  freshTest.use({ hasTouch: true, viewport: { width: 820, height: 1180 } });
  freshTest('on a tablet an evening is run with one hand, and noted', async ({ page }) => {
    await page.goto('/classes');
    await planOf(page, 'Thursday regulars').tap();
    await expect(steps(page).filter({ hasText: 'The floor grips' }).first()).toBeVisible();
    await page.getByRole('button', { name: 'In class' }).tap();
    const done = page.getByRole('button', { name: 'Done, next' });
    const box = await done.boundingBox();
    expect(box?.height).toBeGreaterThan(60);
    expect((box?.y ?? 0) + (box?.height ?? 0)).toBeGreaterThan(1100);
    await done.tap();
    await expect(page.getByRole('heading', { level: 2 })).toContainText('with its music');
    await page.getByRole('button', { name: 'A wall more' }).tap();
    await page.getByRole('button', { name: 'A wall more' }).tap();
    await expect(page.getByLabel('2 walls in a row')).toBeVisible();
    await done.tap();
    await page.getByRole('button', { name: 'Afterwards' }).tap();
    await page.getByLabel('Dance that is asked for').fill('Slipway Stroll');
    await page.getByRole('button', { name: 'Note the request' }).tap();
    await expect(page.getByRole('link', { name: 'Slipway Stroll' })).toBeVisible();
    await page.getByRole('button', { name: 'It took place' }).tap();
    await expect(page.getByText('It counts: what was danced is known')).toBeVisible();
  });
});

test('a group of one’s own, an evening that is cancelled and one that is deleted, and the files that leave', async ({ page }) => {
  await page.goto('/classes');
  await page.getByRole('button', { name: 'New group' }).click();
  await page.getByRole('button', { name: 'Make the group' }).click();
  await expect(page.getByText('A group needs a name')).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Sunday crew');
  await page.getByLabel('Dances are due again after weeks').fill('2, 1');
  await page.getByRole('button', { name: 'Make the group' }).click();
  await expect(page.getByText('Weeks that grow')).toBeVisible();
  await page.getByLabel('Dances are due again after weeks').fill('1, 3');
  await page.getByLabel('no jumps or stomps').check();
  await page.getByRole('button', { name: 'Make the group' }).click();
  await planOf(page, 'Sunday crew').click();
  await expect(steps(page).first()).toContainText('Warm up');
  const pdf = await saved(page, page.getByRole('button', { name: 'Page to print (PDF)' }));
  const printed = await readPdf(new Uint8Array(pdf));
  expect(JSON.stringify(printed)).toContain('Cool down');
  await page.getByRole('button', { name: 'It is cancelled' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('cancelled');
  await page.getByRole('button', { name: 'Delete it' }).click();
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByText('cancelled', { exact: true })).toBeVisible();
  await page.goto('/classes');
  const calendar = await saved(page, page.getByRole('button', { name: 'Calendar' }));
  const events = new ICAL.Component(ICAL.parse(calendar.toString()) as unknown[]).getAllSubcomponents('vevent');
  expect(events.map((event) => event.getFirstPropertyValue('summary'))).toEqual(expect.arrayContaining(['Sunday crew', 'Tuesday learners', 'Thursday regulars']));
  expect(events.filter((event) => event.getFirstPropertyValue('status') === 'CANCELLED')).toHaveLength(2);
  const log = await saved(page, page.getByRole('button', { name: 'Log as CSV' }));
  // Ten rows of Tuesdays, twelve of Thursdays, one of the Sunday that was cancelled.
  expect(Papa.parse(log.toString().trim(), { header: true }).data).toHaveLength(23);
}); // prettier-ignore

freshTest(
  'two tabs note on one evening and nothing is lost; a step is dragged; what the browser refuses is said',
  async ({ page, openTab }) => {
    await page.goto('/classes');
    await planOf(page, 'Thursday regulars').click();
    const second = await steps(page).nth(1).getByRole('paragraph').first().textContent();
    // Waits until both stand still, then by its grip over the first.
    const grip = page.getByRole('button', { name: 'Move step 2', exact: true });
    await grip.dragTo(page.getByRole('button', { name: 'Move step 1', exact: true }), { steps: 8 });
    await expect(steps(page).first()).toContainText(second ?? '?');
    const address = page.url();
    const other = await openTab(`${address}?part=after`);
    await page.goto(`${address}?part=after`);
    await page.getByRole('textbox', { name: 'Anything else' }).pressSequentially('Rain on the roof.');
    const mudlark = other.getByRole('region', { name: 'Mudlark Cha Cha' });
    await mudlark.getByRole('button', { name: 'All sections of Mudlark Cha Cha' }).click();
    await expect(page.getByRole('button', { name: 'All sections of Mudlark Cha Cha' })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
    await expect(other.getByRole('textbox', { name: 'Anything else' })).toHaveValue('Rain on the roof.');
    await other.getByLabel('Another dance that was danced').selectOption('Slipway Stroll');
    await expect(page.getByRole('region', { name: 'Slipway Stroll' })).toBeVisible();
    await page.evaluate(() => {
      IDBObjectStore.prototype.put = () => {
        throw new DOMException('full', 'QuotaExceededError');
      };
    });
    await page.getByRole('button', { name: 'It took place' }).click();
    await expect(page.getByRole('alert')).toContainText('The browser’s storage is full. The last change is not kept');
    await expect(other.getByText('It counts for what is known and due once it took place.')).toBeVisible();
  },
);

test('a backup brings groups, evenings and levels back, and the log keeps the name of a dance that is gone', async ({ page }) => {
  await openDance(page, 'Tar and Oakum');
  await page.getByRole('link', { name: 'Level', exact: true }).click();
  await page.getByRole('button', { name: 'Levels of your own' }).click();
  await page.getByLabel('Name of level 1', { exact: true }).fill('paddlers');
  await page.getByRole('button', { name: 'Use these levels' }).click();
  await expect(page.getByText('paddlers').first()).toBeVisible();
  await page.goto('/classes');
  await expect(page.getByText('Handed out before a change')).toBeVisible();
  await page.goto('/');
  await page.getByLabel('Choose Tar and Oakum').check();
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByText('1 dance off the shelf.')).toBeVisible();
  await page.goto('/classes');
  await page.getByRole('link', { name: 'Thursday regulars' }).click();
  await page.getByRole('rowheader', { name: 'Tar and Oakum' }).getByRole('link').click();
  await expect(page.getByText('It is not on the shelf any more.')).toBeVisible();
  await page.goto('/');
  const backup = await saved(page, page.getByRole('button', { name: 'Back up everything' }));
  await page.goto('/icon.svg');
  await page.evaluate(() => indexedDB.databases().then((all) => Promise.all(all.map(({ name }) => new Promise((resolve) => { indexedDB.deleteDatabase(name ?? '').onsuccess = resolve; setTimeout(resolve, 1000); })))));
  await page.goto('/');
  await page.getByTestId('restore-file').setInputFiles({ name: 'b.json', mimeType: 'application/json', buffer: backup });
  await expect(page.getByText('The classes are back: 2 groups, 12 evenings.')).toBeVisible();
  await page.goto('/classes');
  await page.getByRole('link', { name: 'Thursday regulars' }).click();
  await expect(page.getByRole('rowheader', { name: 'Tar and Oakum' })).toBeVisible();
}); // prettier-ignore

test('the level is counted, said otherwise, made easier with a key, and its lines are shown in the script', async ({ page }) => {
  await openDance(page, 'Low Tide Lanterns');
  await page.getByRole('link', { name: 'Level', exact: true }).click();
  await expect(page.getByText('Counted, it comes to intermediate')).toBeVisible();
  const lines = page.getByRole('list', { name: 'Lines above this level' }).getByRole('listitem');
  await expect(lines).toHaveCount(1);
  await press(page, page.getByRole('button', { name: /^Put in its place: 7&8/ }).first());
  await expect(page.getByText('Counted, it comes to improver')).toBeVisible();
  await expect(page.getByText('No line stands above this level.')).toBeVisible();
  await page.locator('body').press('Control+z');
  await expect(page.getByText('Counted, it comes to intermediate')).toBeVisible();
  await page.getByLabel('You call it').selectOption('intermediate');
  await expect(page.getByText('The head says “intermediate” as well.')).toBeVisible();
  await page.getByRole('button', { name: 'Show in the script: a full turn on one shuffle' }).click();
  await expect(script(page)).toContainText('level: intermediate');
  await expect(page.locator('.cm-activeLine')).toContainText('Triple full turn');
}); // prettier-ignore

/**
 * Every field that is kept, in two tabs: somebody writes here and stays, somebody else writes there, one more key here. The words of
 * both stand afterwards, or both are shown and asked about.
 */
import type { Locator, Page } from '@playwright/test';
import { expect, test, openDance } from './app';

interface Field {
  readonly name: string;
  /** Brings a tab there; the address of a first one is given to the second. */
  readonly reach: (page: Page) => Promise<void>;
  readonly field: (page: Page) => Locator;
  /** What is written here first, then there, and then here once more: one more letter, or another value. */
  readonly here: readonly [string, string];
  readonly there: string;
  /** Words merge; of a value one stands and the other is shown. */
  readonly kind: 'words' | 'value';
  /** Written with a press. */
  readonly press?: (page: Page) => Promise<void>;
}

const eveningPlan = (page: Page) => eveningAt('Plan')(page);
const eveningAt = (part: string) => async (page: Page) => {
  await page.goto('/classes');
  const plan = page.getByRole('button', { name: /^Plan the evening of Thursday/ }).or(page.getByRole('link', { name: /^Open the plan of Thursday/ }));
  await expect(plan).toBeVisible();
  await expect(plan).toBeEnabled();
  await plan.click();
  await expect(page.getByRole('link', { name: 'Thursday regulars', exact: true })).toBeVisible();
  await page.getByRole('button', { name: part, exact: true }).click();
}; // prettier-ignore

const group = async (page: Page) => {
  await page.goto('/classes');
  await page
    .getByRole('link', { name: /regulars$/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Change', exact: true }).click();
};
const keepGroup = (page: Page) => page.getByRole('button', { name: 'Keep the changes' }).click();

const facts = async (page: Page) => {
  await openDance(page, 'Slipway Stroll');
  await page.getByRole('button', { name: 'Facts of the dance' }).click();
};
const keepFacts = (page: Page) => page.getByRole('button', { name: 'Write into the script' }).click();

const style = async (page: Page) => {
  await openDance(page, 'Slipway Stroll');
  await page.getByRole('button', { name: /House style/ }).click();
  const own = page.getByRole('button', { name: 'Start my own from this' });
  await expect(own).toBeVisible();
  if ((await page.getByLabel('Name of the style').count()) === 0) await own.click();
};

const label = (words: string) => (page: Page) => page.getByLabel(words, { exact: true });
const valueOf = (field: (page: Page) => Locator) => (page: Page) => field(page).inputValue();

const FIELDS: readonly Field[] = [
  { name: 'notes of an evening', reach: eveningAt('Afterwards'), field: (page) => page.getByRole('textbox', { name: 'Anything else' }), here: ['Rain on the roof', '.'], there: 'Nine of us.', kind: 'words' },
  { name: 'place of an evening', reach: eveningPlan, field: label('Place of the evening'), here: ['Quay hall', '2'], there: 'Boat shed north', kind: 'words' },
  { name: 'hour of an evening', reach: eveningPlan, field: label('Begins at'), here: ['18:15', '18:20'], there: '20:45', kind: 'value' },
  { name: 'minutes of an evening', reach: eveningPlan, field: label('Minutes of the evening'), here: ['61', '62'], there: '80', kind: 'value' },
  { name: 'notes of a group', reach: group, field: label('Notes'), here: ['Key under the oar', '.'], there: 'Bring water.', kind: 'words', press: keepGroup },
  { name: 'name of a group', reach: group, field: label('Name'), here: ['Thursday crew', 'Thursday crews'], there: 'Evening regulars', kind: 'value', press: keepGroup },
  { name: 'level in the facts', reach: facts, field: label('Level'), here: ['rowers', 'bow rowers'], there: 'coxes', kind: 'value', press: keepFacts },
  { name: 'name of a house style', reach: style, field: label('Name of the style'), here: ['Ours', '!'], there: 'Theirs', kind: 'words' },
]; // prettier-ignore

const PLACES = new Map<Field['reach'], Field[]>();
for (const field of FIELDS) PLACES.set(field.reach, [...(PLACES.get(field.reach) ?? []), field]);

/** Here, there, and here once more. What two tabs press in is asked for again each time. */
async function writeInBoth({ reach, field, here, there, kind, press }: Field, page: Page, other: Page): Promise<void> {
  if (press) for (const tab of [page, other]) await reach(tab);
  await field(page).fill(here[0]);
  if (kind === 'value') await field(other).fill(there);
  else {
    await field(other).press('Control+End');
    await field(other).pressSequentially(there);
  }
  if (press) await press(other);
  // Told, in a form that is written with a press; kept, in a field that is kept with every letter.
  if (press && kind === 'value') await expect(page.getByText(`Elsewhere it was set to “${there}”.`)).toBeVisible();
  if (!press) await other.waitForTimeout(150);
  await field(page).press('Control+End');
  if (kind === 'words') await field(page).pressSequentially(here[1]);
  else await field(page).fill(here[1]);
  if (press && kind === 'words') await press(page);
  await page.waitForTimeout(200);
  if (kind === 'words') return;
  // One stands, the other is shown in one of the two tabs, a press away.
  const asked = [page, other].map((tab) => tab.getByText(/^Elsewhere it was set to/));
  await expect.poll(async () => (await asked[0].count()) + (await asked[1].count())).toBeGreaterThan(0);
  const tab = (await asked[0].count()) > 0 ? page : other;
  const lost = (await asked[0].textContent().catch(() => null)) ?? (await asked[1].textContent()) ?? '';
  const [mine, theirs] = [await field(tab).inputValue(), /“(.*)”/.exec(lost)?.[1]];
  expect(new Set([mine, theirs])).toEqual(new Set([here[1], there]));
  await tab.getByRole('button', { name: 'Take that' }).click();
  expect(await valueOf(field)(tab)).toBe(theirs);
}

for (const [reach, fields] of PLACES)
  test(`${fields.map(({ name }) => name).join(', ')}: what two tabs write, neither loses`, async ({
    page,
    openTab,
  }) => {
    await reach(page);
    const other = await openTab('/');
    await reach(other);
    for (const field of fields) await test.step(field.name, () => writeInBoth(field, page, other));
    const words = fields.filter(({ kind }) => kind === 'words');
    if (words.length === 0) return;
    const third = await openTab('/');
    await reach(third);
    for (const { field, here, there } of words)
      for (const own of [...here, there]) expect(await valueOf(field)(third)).toContain(own);
  });

test('a phrase of the song and a revision are called what both tabs call them', async ({ page, openTab }) => {
  await openDance(page, 'Low Tide Lanterns');
  await page.getByRole('link', { name: 'Music', exact: true }).click();
  await page.waitForURL(/music$/);
  const other = await openTab(page.url());
  const name = (tab: Page) => tab.getByRole('group', { name: /^Change / }).getByLabel('Name');
  for (const tab of [page, other]) await tab.getByRole('button', { name: /^verse 1/ }).first().click();
  await name(page).fill('verse of the ferry');
  await name(other).fill('verse by night');
  await name(other).press('Enter');
  await expect(other.getByRole('button', { name: /^verse by night/ }).first()).toBeVisible();
  await page.waitForTimeout(300);
  await name(page).press('Enter');
  const shown = page.getByRole('button', { name: /^verse / });
  await expect.poll(async () => (await shown.allTextContents()).join(' ')).toMatch(/night[\s\S]*ferry|ferry[\s\S]*night/);
}); // prettier-ignore

test('a request noted tonight is tonight’s, whatever evening is looked at', async ({ page }) => {
  await eveningAt('Afterwards')(page);
  await page.getByLabel('Dance that is asked for').fill('Tar and Oakum');
  await page.getByLabel('Who asks for it').fill('Wren');
  await page.getByRole('button', { name: 'Note the request' }).click();
  const asked = page.getByRole('listitem').filter({ hasText: 'Wren' }).filter({ hasText: 'Tar and Oakum' });
  const today = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' }).format(new Date()).replace(',', '');
  await expect(asked).toContainText(`asked ${today.replace('Sept', 'Sep')}`);
  // The evening goes, the request stays.
  await page.getByRole('button', { name: 'Plan', exact: true }).click();
  await page.getByRole('button', { name: 'Delete it' }).click();
  await expect(page.getByText('The evening is gone.')).toBeVisible();
  await expect(asked).toBeVisible();
  await page.getByRole('button', { name: 'Done with: Tar and Oakum' }).click();
  await expect(asked).toHaveCount(0);
}); // prettier-ignore

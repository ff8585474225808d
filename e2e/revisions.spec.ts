import { expect, openDance, script, test } from './app';

type Page = Parameters<typeof openDance>[0];

async function addTo(page: Page, line: string, words: string): Promise<void> {
  await script(page).locator('.cm-line', { hasText: line }).first().click();
  await page.keyboard.press('End');
  await page.keyboard.type(words);
  await expect(script(page)).toContainText(words);
}

test('a sheet that is handed out is a revision; what changed since is told in dancers’ words, and it can be brought back', async ({
  page,
}) => {
  await openDance(page, 'Ferry at Dusk');
  await page.getByRole('link', { name: 'Sheet', exact: true }).click();
  await expect(page.getByTestId('paper')).toContainText('revision 1');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF', exact: true }).click();
  await download;
  await page.getByRole('link', { name: 'Script', exact: true }).click();
  await addTo(page, '3&4    Shuffle L forward', ' turning 1/2 right');
  await page.getByRole('link', { name: 'Sheet', exact: true }).click();
  await expect(page.getByTestId('paper')).toContainText('revision 2');
  await page.getByRole('link', { name: 'Revisions' }).click();
  const changes = page.getByRole('region', { name: 'What changed' });
  await expect(changes).toContainText('From revision 1 to');
  await expect(changes).toContainText('the second shuffle now turns 1/2 right');
  await expect(changes).toContainText('wall 1 now ends 3:00 (9:00 before)');

  await page.getByLabel('Name of the revision').fill('harbour night');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /Revision harbour night/ })).toBeVisible();

  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(changes).toContainText('The two are the same');
  await page.getByRole('link', { name: 'Script', exact: true }).click();
  await expect(script(page)).not.toContainText('turning 1/2 right');
  // The script's own undo takes it back.
  await script(page).focus();
  await page.keyboard.press('Control+z');
  await expect(script(page)).toContainText('turning 1/2 right');
});

/**
 * Tabs killed while somebody types, in dances up to 60,000 letters: what of the newest keys is lost? `npx tsx bench/kills.ts [how many]`
 * after `npm run build`. A key counts from the moment it was pressed.
 */
import { chromium, type BrowserContext, type Locator, type Page } from '@playwright/test';
import { ensureChromium, startServer } from '../scripts/lib.mjs';

const kills = Number(process.argv[2] ?? 40);
const LENGTHS = [400, 3_000, 12_000, 30_000, 60_000];
const PORT = 4391;
/** Nothing older may be lost, in milliseconds. */
const PROMISE = 500;

const LINES = [
  '1-4 Vine R, touch L',
  '5-8 Vine L, touch R',
  '1&2 Shuffle R forward',
  '3&4 Shuffle L forward',
  '5-8 Jazz box R',
];

function danceOf(letters: number): string {
  const lines = ['# Kill', 'start: weight L'];
  for (let length = 0, number = 1; length < letters; number++) {
    const section = ['', `## Section ${number}`, ...LINES.slice(0, 2)];
    lines.push(...section);
    length += section.join('\n').length + 1;
  }
  return `${lines.join('\n')}\n> `;
}

const script = (page: Page) => page.getByRole('textbox', { name: 'The script of the dance' });

/** As from the clipboard: typed in by the browser a long text takes minutes. */
const paste = (field: Locator, text: string): Promise<void> =>
  field.evaluate((element, words) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text/plain', words);
    element.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
  }, text);

/** Types numbers after one another until the tab dies; gives when each was pressed, and when it was killed. */
async function typeAndKill(
  page: Page,
  context: BrowserContext,
  after: number,
): Promise<{ pressed: number[]; killed: number }> {
  const session = await context.newCDPSession(page);
  const pressed: number[] = [];
  let dead = false;
  const typing = (async () => {
    for (let key = 0; !dead; key++) {
      pressed.push(performance.now());
      await page.keyboard.insertText(`${key}.`).catch(() => (dead = true));
      await new Promise((resolve) => setTimeout(resolve, 60));
    }
  })();
  await new Promise((resolve) => setTimeout(resolve, after));
  const killed = performance.now();
  dead = true;
  session.send('Page.crash').catch(() => undefined);
  await Promise.race([page.waitForEvent('crash'), new Promise((resolve) => setTimeout(resolve, 3000))]);
  await Promise.race([typing, new Promise((resolve) => setTimeout(resolve, 500))]);
  return { pressed, killed };
}

const server = await startServer(PORT);
const browser = await chromium.launch({ executablePath: await ensureChromium(), args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'] }); // prettier-ignore
const worst = new Map<number, number>();
let broken = 0;
for (let kill = 0; kill < kills; kill++) {
  const letters = LENGTHS[kill % LENGTHS.length];
  const context = await browser.newContext({ serviceWorkers: 'block' });
  const page = await context.newPage();
  await page.goto(server.address);
  await page.getByRole('button', { name: 'New dance' }).click();
  await script(page).focus();
  await page.keyboard.press('Control+A');
  await paste(script(page), danceOf(letters));
  await page.waitForTimeout(1500);
  const address = page.url();
  const { pressed, killed } = await typeAndKill(page, context, 700 + ((kill * 137) % 1100));
  const again = await context.newPage();
  await again.goto(address);
  await script(again).waitFor();
  await again.keyboard.press('Control+End');
  const last = (await script(again).locator('.cm-line').last().textContent()) ?? '';
  const kept = last
    .replace(/^>?\s*/, '')
    .split('.')
    .filter((part) => /^\d+$/.test(part)).length;
  // The first key that is not there, if any was pressed before the kill.
  const lost = pressed[kept] !== undefined && pressed[kept] < killed ? killed - pressed[kept] : 0;
  if (lost > PROMISE) broken += 1;
  worst.set(letters, Math.max(worst.get(letters) ?? 0, lost));
  await context.close();
}
await browser.close();
server.stop();
for (const [letters, lost] of worst) console.log(`${letters} letters: at most ${lost.toFixed(0)} ms lost`);
console.log(`${kills} kills, ${broken} lost more than ${PROMISE} ms`);
process.exit(broken === 0 ? 0 : 1);

/** What a person waits for in the browser, with three thousand dances on the shelf. Chromium has to be there. */
import { chromium, type Page } from '@playwright/test';
import { existsSync } from 'node:fs';
import { startServer } from '../scripts/lib.mjs';

const CHROMIUM = process.env.CHROMIUM_PATH ?? '/usr/bin/chromium';
const MANY = 3000;

export async function measureBrowser(): Promise<Record<string, number> | undefined> {
  if (!existsSync(CHROMIUM)) return undefined;
  const server = await startServer(4392);
  // No measurement may wait for ever.
  const browser = await chromium.launch({
    timeout: 30_000,
    executablePath: CHROMIUM,
    args: ['--no-sandbox', '--disable-background-networking'],
  });
  try {
    const page = await browser.newPage();
    page.setDefaultTimeout(15_000);
    // The transpiler names functions by a helper that the page does not have.
    await page.addInitScript('globalThis.__name = (own) => own');
    await page.goto(server.address);
    await page.getByRole('link', { name: 'Ferry at Dusk', exact: true }).waitFor();
    await page.evaluate(async (many) => {
      const open = indexedDB.open('pace-slate');
      const db = await new Promise<IDBDatabase>((resolve) => (open.onsuccess = () => resolve(open.result)));
      const store = db.transaction('dances', 'readwrite').objectStore('dances');
      const all = await new Promise<{ id: string; title: string }[]>((resolve) => {
        const request = store.getAll();
        request.onsuccess = () => resolve(request.result as { id: string; title: string }[]);
      });
      for (let index = 0; index < many; index++) {
        const one = all[index % all.length];
        store.put({ ...one, id: `many-${index}`, title: `${one.title} ${index}` });
      }
      await new Promise((resolve) => (store.transaction.oncomplete = resolve));
      db.close();
    }, MANY);
    await page.reload();
    await page.getByTestId('shelf-count').waitFor();
    const search = page.getByRole('searchbox');
    await search.focus();
    await page.waitForTimeout(3000);
    // From the key to the frame in which the list has changed.
    const searching: number[] = [];
    for (const words of ['s', 'sa', 'sai', 'sail', 'sailo', 'sailor']) {
      searching.push(
        await page.evaluate(
          (typed) =>
            new Promise<number>((resolve) => {
              const input = document.querySelector<HTMLInputElement>('input[type=search]') as HTMLInputElement;
              const count = document.querySelector('[data-testid=shelf-count]') as Element;
              const from = performance.now();
              const done = () => requestAnimationFrame(() => resolve(performance.now() - from));
              const watch = new MutationObserver(() => (watch.disconnect(), done()));
              watch.observe(count, { childList: true, characterData: true, subtree: true });
              setTimeout(() => (watch.disconnect(), resolve(NaN)), 1500);
              Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(input, typed);
              input.dispatchEvent(new Event('input', { bubbles: true }));
            }),
          words,
        ),
      );
    }
    await page.getByRole('button', { name: 'Show all' }).click();
    const opening: number[] = [];
    for (let index = 0; index < 7; index++) {
      await page
        .locator('li a[href^="/dance/"]')
        .nth(2 * index)
        .waitFor();
      opening.push(
        await page.evaluate(
          (at) =>
            new Promise<number>((resolve) => {
              const link = document.querySelectorAll<HTMLAnchorElement>('li a[href^="/dance/"]:not([href$=sheet])')[at];
              const from = performance.now();
              const look = () => {
                const taken = performance.now() - from;
                // The editor lives in a shadow root.
                const hosts = [...document.querySelectorAll('main div')];
                if (hosts.some(({ shadowRoot }) => shadowRoot?.querySelector('.cm-content'))) resolve(taken);
                else if (taken > 5000) resolve(NaN);
                else requestAnimationFrame(look);
              };
              link.click();
              look();
            }),
          index,
        ),
      );
      await page.getByRole('link', { name: 'Dances', exact: true }).click();
    }
    const frames = await floorFrames(page);
    // The first opening loads the editor.
    const median = (values: number[]): number => {
      const known = values.filter((value) => !Number.isNaN(value)).sort((a, b) => a - b);
      return known[Math.floor(known.length / 2)] ?? NaN;
    };
    return {
      [`a search among ${MANY} dances, from the key to the frame`]: median(searching),
      [`a dance opened from a shelf of ${MANY}, editor loaded`]: median(opening.slice(1)),
      [`the first dance opened from a shelf of ${MANY}`]: opening[0],
      'script of one frame on the floor, 24 dancers': median(frames),
    };
  } finally {
    await browser.close();
    server.stop();
  }
}

/** What each frame asks for while two dozen dance. */
async function floorFrames(page: Page): Promise<number[]> {
  await page.locator('li a[href^="/dance/"]').first().click();
  await page.getByRole('link', { name: 'Floor', exact: true }).click();
  await page.getByLabel('rows').fill('4');
  await page.getByLabel('in a row').fill('6');
  await page.evaluate(() => {
    const ask = window.requestAnimationFrame.bind(window);
    const times: number[] = [];
    Object.assign(window, { times });
    window.requestAnimationFrame = (draw) =>
      ask((now) => {
        const from = performance.now();
        draw(now);
        times.push(performance.now() - from);
      });
  });
  await page.getByRole('button', { name: 'Play', exact: true }).click();
  await page.waitForTimeout(2000);
  return page.evaluate(() => (window as unknown as { times: number[] }).times);
}

/** What axe finds wrong in a page. It is put into a page once, and only what is wrong comes back: a third of the time. */
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from '@playwright/test';
import type Axe from 'axe-core';

const SOURCE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

export const STANDARD = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'best-practice'];
/** What the theme can change. */
export const OF_THE_THEME = ['color-contrast', 'link-in-text-block'];

/** What the size of the screen can change: what scrolls there is reached by keyboard. */
export const OF_THE_SIZE = ['scrollable-region-focusable'];

/** What offends these tags or rules, as `rule: place | place`. */
export async function violationsOf(page: Page, runOnly: string[]): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(SOURCE);
  return page.evaluate(async (only) => {
    // Colours that are still on their way are nobody's to judge.
    const onTheirWay = document.getAnimations().filter((animation) => animation instanceof CSSTransition);
    await Promise.allSettled(onTheirWay.map(({ finished }) => finished));
    const { axe } = window as unknown as { axe: typeof Axe };
    const { violations } = await axe.run(document, { runOnly: only, resultTypes: ['violations'] });
    return violations.map(({ id, nodes }) => {
      const places = nodes.map(({ target }) => target.join(' '));
      return `${id}: ${places.slice(0, 3).join(' | ')}`;
    });
  }, runOnly);
}

/** The interface's words: English where nothing else is there, another language where it is, values put in either way. */
import { afterEach, expect, test } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import { t, takeTexts } from './index';

afterEach(() => takeTexts({}));

test('the English text is its own key', () => {
  expect(t('Print')).toBe('Print');
  expect(t('{count} dances of {name}', { count: 3, name: 'Wren' })).toBe('3 dances of Wren');
  expect(t('{count} dances')).toBe('{count} dances');
});

test('a table of another language is taken where it has the text, and can be no property that every object has', () => {
  takeTexts({ Print: 'Drucken', '{count} dances': '{count} Tänze' });
  expect([t('Print'), t('Share'), t('{count} dances', { count: 2 })]).toEqual(['Drucken', 'Share', '2 Tänze']);
  expect(t('constructor')).toBe('constructor');
});

test('every text is listed for a translator', () => {
  const { stdout, status } = spawnSync(process.execPath, ['scripts/texts.mjs'], { encoding: 'utf8' });
  const keys = Object.keys(JSON.parse(stdout) as Record<string, string>);
  expect(status).toBe(0);
  expect(keys.length).toBeGreaterThan(150);
  for (const text of ['Print', 'Import', 'Revisions', 'Back up everything']) expect(keys).toContain(text);
});

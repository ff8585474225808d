/** Figures and styles of the writer's own on their way into the store: the newest stands, and a closed page loses none. */
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { HOUSE_STYLES } from '../../../core';
import { database, findSettings, heldSettings, holdSettings } from '../../../store';
import { houseStyle, keepPersonalFigures, keepStyle, personalFigures, startSettings } from './settings';

const kept = new Map<string, string>();
beforeEach(() => {
  kept.clear();
  Object.assign(globalThis, {
    localStorage: {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => void kept.set(key, value),
      removeItem: (key: string) => void kept.delete(key),
    },
  });
});
afterEach(() => void Reflect.deleteProperty(globalThis, 'localStorage'));

const mine = { ...HOUSE_STYLES[0], id: 'mine', title: 'Mine' };

test('what a closing page could only put aside is there at the next start, and then in the database', async () => {
  holdSettings({ figures: '## Figure "ebb" 1-2: A side, B tog\n' });
  holdSettings({ styles: { chosen: 'mine', styles: [mine] } });
  await startSettings();
  expect([personalFigures(), houseStyle().title]).toEqual([expect.stringContaining('ebb'), 'Mine']);
  while (kept.size > 0) await new Promise((resolve) => setTimeout(resolve, 5));
  expect(await findSettings()).toMatchObject({ figures: expect.stringContaining('ebb'), styles: { chosen: 'mine' } });
});

test('what is read while a change is on its way puts nothing back, and another tab’s change is seen after it', async () => {
  await startSettings();
  const { transaction } = database;
  database.transaction = (async (...asked: never[]) => {
    await new Promise((resolve) => setTimeout(resolve, 60));
    return (transaction as (...all: never[]) => Promise<unknown>).apply(database, asked);
  }) as never;
  const saved = keepStyle({ ...houseStyle(), id: 'mine', title: 'Newer' });
  await database.meta.put({ key: 'personal-figures', value: '# theirs\n' });
  await new Promise((resolve) => setTimeout(resolve, 30));
  expect([houseStyle().title, heldSettings().styles?.styles.at(-1)?.title]).toEqual(['Newer', 'Newer']);
  await saved;
  database.transaction = transaction;
  expect([houseStyle().title, personalFigures(), kept.size]).toEqual(['Newer', '# theirs\n', 0]);
});

test('where the database refuses, the change stands here and stays put aside', async () => {
  const { put } = database.meta;
  database.meta.put = () => Promise.reject(new Error('full')) as never;
  await expect(keepPersonalFigures(() => '# kept aside\n')).rejects.toThrow('full');
  database.meta.put = put;
  expect([personalFigures(), heldSettings().figures]).toEqual(['# kept aside\n', '# kept aside\n']);
});

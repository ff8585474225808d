/** The writer's own figures and styles are kept, checked where they are read, and count for the facts of the shelf. */
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { HOUSE_STYLES } from '../core';
import { addDance } from './dances';
import { SlateDatabase } from './database';
import { changePersonalFigures, changeStyles, findPersonalFigures, findStyles } from './settings';

let db: SlateDatabase;
beforeEach(() => {
  db = new SlateDatabase(`settings-${Math.random()}`);
});
afterEach(() => db.delete());

test('figures are kept as text and read by every dance', async () => {
  expect(await findPersonalFigures(db)).toBe('');
  const text = '# Ebb\n## Section 1 (2 counts)\n1-2 Quay turn R\n';
  expect(await addDance(text, db)).toMatchObject({ slips: 1 });
  await changePersonalFigures(() => '## Figure "quay turn" 1-2: A side, B tog\n', db);
  expect(await findPersonalFigures(db)).toContain('quay turn');
  expect(await addDance(text, db)).toMatchObject({ slips: 0 });
});

test('styles come back as they were kept', async () => {
  expect(await findStyles(db)).toBeUndefined();
  const own = { ...HOUSE_STYLES[0], id: 'mine', title: 'Mine', names: { shuffle: 'cha cha' } };
  await changeStyles(() => ({ chosen: 'mine', styles: [own] }), db);
  expect(await findStyles(db)).toEqual({ chosen: 'mine', styles: [own] });
});

const DAMAGED: unknown[] = [
  'slate',
  { chosen: 'slate' },
  { chosen: 'slate', styles: [{ id: 'x' }] },
  { chosen: 'mine', styles: [{ ...HOUSE_STYLES[0], sides: 'hooves' }] },
  { chosen: 'mine', styles: [{ ...HOUSE_STYLES[0], names: { shuffle: 3 } }] },
];

test.each(DAMAGED.map((value) => [value]))('what is damaged is passed over: %j', async (value) => {
  await db.meta.put({ key: 'house-styles', value });
  expect(await findStyles(db)).toBeUndefined();
});

/**
 * Sheets by other hands, each with its truth worked out foot by foot beside it (`docs/sheets.md`). The floors are what is
 * reached; they only go up.
 */
import { expect, test } from '@jest/globals';
import path from 'node:path';
import { readTruth, danceTruth, scoreFolder, sumOf } from './test/truth';

const FOLDER = path.join(process.cwd(), 'dances', 'sheets');

test('a truth that steps on the foot that bears the weight is none', () => {
  expect(() => danceTruth(readTruth('start L\nS 1 8\n1: 1 R s; 2 R s'))).toThrow('line 1: R bears the weight');
  const [{ weight, facing }] = danceTruth(readTruth('start L\nS 1 8\n1: 1 R s; 2 L s -1/4; 3 R s +1/8'));
  expect([weight, facing]).toEqual(['R', '10:30']);
});

test('sheets that were looked at while the reader was built', () => {
  const { lines, right, sections, sectionsRight, walls, wallsRight, falseFindings, slips, slipsTold } = sumOf(
    scoreFolder(path.join(FOLDER, 'seen')),
  );
  expect([lines, sections, walls, slips]).toEqual([474, 146, 138, 84]);
  expect(right).toBeGreaterThanOrEqual(464);
  expect(sectionsRight).toBeGreaterThanOrEqual(142);
  expect(wallsRight).toBeGreaterThanOrEqual(131);
  expect(falseFindings).toBeLessThanOrEqual(28);
  expect(slipsTold).toBeGreaterThanOrEqual(77);
});

test('sheets of our own, in voices that none of the others has', () => {
  const { right, sectionsRight, wallsRight, falseFindings, slips, slipsTold } = sumOf(
    scoreFolder(path.join(FOLDER, 'own')),
  );
  expect(right).toBeGreaterThanOrEqual(277);
  expect(sectionsRight).toBeGreaterThanOrEqual(84);
  expect(wallsRight).toBeGreaterThanOrEqual(10);
  expect(falseFindings).toBeLessThanOrEqual(7);
  expect(slipsTold).toBe(slips);
});

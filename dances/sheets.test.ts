/**
 * Sheets by other hands, each with its truth worked out foot by foot beside it (`docs/sheets.md`). What is missed of them is known by
 * name, in `known-misses.txt`: a new miss is seen, and one that is mended leaves the list.
 */
import { expect, test } from '@jest/globals';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { SLATE_STYLE, studyText, tidyScript } from '../src/core';
import { danced } from './test/checked';
import { danceTruth, knownMisses, newsOf, readTruth, scoreFolder, sumOf } from './test/truth';

const FOLDER = path.join(process.cwd(), 'dances', 'sheets');

test('a truth that steps on the foot that bears the weight is none', () => {
  expect(() => danceTruth(readTruth('start L\nS 1 8\n1: 1 R s; 2 R s'))).toThrow('line 1: R bears the weight');
  const [{ weight, facing }] = danceTruth(readTruth('start L\nS 1 8\n1: 1 R s; 2 L s -1/4; 3 R s +1/8'));
  expect([weight, facing]).toEqual(['R', '10:30']);
});

test.each([
  ['seen', 'sheets that were looked at while the reader was built', [474, 146, 138, 84]],
  ['own', 'sheets of our own, in voices that none of the others has', [2294, 677, 22, 211]],
] as const)('%s: %s', (folder, _, all) => {
  const scores = scoreFolder(path.join(FOLDER, folder));
  const { lines, sections, walls, slips } = sumOf(scores);
  expect([lines, sections, walls, slips]).toEqual(all);
  const known = knownMisses(path.join(FOLDER, folder, 'known-misses.txt'));
  expect(newsOf(scores.flatMap(({ misses }) => misses), known)).toEqual({ missed: [], mended: [] }); // prettier-ignore
});

test('the first minute: seven lines as one says them bring no slip, and two sections', () => {
  const text = `# Evening Slack

1-2 rock fwd on the right, recover weight back on the left
3&4 shuffle back, right left right
5-6 rock back left, forward again onto the right
7&8 shuffle forward left
1-2 step right and pivot half a turn left
3-4 step right, pivot a quarter left
5-8 jazz box, right over left
`;
  const { dance, findings } = studyText(text);
  expect(findings.filter(({ severity }) => severity !== 'remark')).toEqual([]);
  const [{ counts, after, sections }] = dance.parts;
  expect([counts, sections.length, after.weight, after.facing]).toEqual([16, 2, 'L', 12]);
});

test('tidied, every sheet dances as before, and tidied again it stays as it is', () => {
  const stepsIn = (text: string): string[] => {
    const { parts, tags } = danced(text);
    return [...parts, ...tags].flatMap(({ moments }) =>
      moments.map(({ action }) => `${action.foot} ${action.effect} ${action.turn}`),
    );
  };
  const texts = ['seen', 'own'].flatMap((folder) =>
    readdirSync(path.join(FOLDER, folder))
      .filter((name) => name.endsWith('.txt'))
      .map((name) => [name, readFileSync(path.join(FOLDER, folder, name), 'utf8')] as const),
  );
  const tidy = (text: string): string => tidyScript(danced(text), SLATE_STYLE);
  const tidied = new Map(texts.map(([name, text]) => [name, tidy(text)]));
  const changed = texts.filter(([name, text]) => stepsIn(tidied.get(name) ?? '').join() !== stepsIn(text).join());
  const unstable = texts.filter(([name]) => tidy(tidied.get(name) ?? '') !== tidied.get(name));
  expect([changed, unstable].map((list) => list.map(([name]) => name))).toEqual([[], []]);
});

import { describe, expect, test } from '@jest/globals';
import { FIGURES } from './index';
import { speller } from './misspelt';
import { readStepLine } from '../reading/line';

const near = speller(['lock', 'three', 'shuffle', 'forward', 'walk', 'touch', 'cross', 'crosses', 'zurueck']);

describe('a slip of the finger', () => {
  test.each([
    ['shufle', 'shuffle'], ['shufffle', 'shuffle'], ['shuflfe', 'shuffle'], ['foward', 'forward'], ['forwark', 'forward'],
    ['wlk', 'walk'], ['zurük', 'zurueck'], ['zruück', 'zurueck'], ['tuch', 'touch'], ['couch', undefined], ['old', undefined],
    ['shffl', 'shuffle'], ['frwrd', 'forward'], ['crss', 'cross'], ['merrily', undefined], ['clock', undefined], ['there', undefined], ['shuffle', undefined],
  ] as const)('%s is %s', (typed, word) => expect(near(typed)).toBe(word)); // prettier-ignore

  test('is undone whatever letter was left out, and never leads away from a word that is right', () => {
    const names = FIGURES.flatMap(({ names: { en } }) => en).filter((name) => /^[a-z]{7,}$/.test(name));
    const spell = speller(names);
    expect(names.filter((name) => spell(name) === name)).toEqual([]);
    const lost = names.flatMap((name) =>
      [...name].map((_, at) => [name, name.slice(0, at) + name.slice(at + 1)] as const),
    );
    expect(lost.filter(([name, typed]) => ![name, undefined].includes(spell(typed)))).toEqual([]);
    expect(lost.filter(([name, typed]) => spell(typed) === name).length / lost.length).toBeGreaterThan(0.95);
  });
});

test('a line is read with the word that was meant, and with no other where it reads without', () => {
  const read = (line: string) => readStepLine(line).groups[0].calls.map(({ figure }) => figure?.id);
  expect(read('1&2 shufle R foward')).toEqual(['shuffle']);
  expect(read('1-2 wlk R, wlk L')).toEqual(['walk', 'walk']);
  expect(readStepLine('1&2 shufle R foward').misspelt).toEqual([
    { span: { from: 4, to: 10 }, word: 'shuffle' },
    { span: { from: 13, to: 19 }, word: 'forward' },
  ]);
  expect(readStepLine('1-2 Step R breezily, touch L').misspelt).toBeUndefined();
});

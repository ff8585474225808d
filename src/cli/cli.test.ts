/** The command line, run as people run it. Exit 0: nothing worse than a warning; 1: errors found; 2: unreadable. */
import { expect, test } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';

function slate(args: string[], input = '') {
  const { status, stdout, stderr } = spawnSync(process.execPath, ['--import', 'tsx', 'src/cli/main.ts', ...args], {
    input,
    encoding: 'utf8',
  });
  return { status, stdout, stderr };
}

test('a correct dance: the computed sheet, its walls, exit 0', () => {
  const { status, stdout, stderr } = slate(['check', 'dances/slipway-stroll.txt', '--walls', '2']);
  expect({ status, stderr }).toEqual({ status: 0, stderr: '' });
  expect(stdout).toContain('Slipway Stroll');
  expect(stdout).toContain('wall 2: 9:00 to 6:00');
  expect(stdout).not.toContain('wall 3');
});

test('a draft: each finding with its place, exit 1', () => {
  const { status, stdout } = slate(['check', 'dances/ropes-end-draft.txt']);
  expect(status).toBe(1);
  expect(stdout.match(/^dances\/ropes-end-draft\.txt:\d+:\d+ error \S+ .+$/gm)).toHaveLength(3);
});

test('JSON: one object for one file, a list with names for several, standard input as -', () => {
  expect(JSON.parse(slate(['check', 'dances/tar-and-oakum.txt', '--json']).stdout)).toMatchObject({
    title: 'Tar and Oakum',
    totals: { counts: 64 },
  });
  const both = JSON.parse(slate(['check', '--json', 'dances/tar-and-oakum.txt', '-'], '# Ebb\n1-8 K step R').stdout);
  expect(both.map(({ file, title }: { file: string; title: string }) => [file, title])).toEqual([
    ['dances/tar-and-oakum.txt', 'Tar and Oakum'],
    ['-', 'Ebb'],
  ]);
});

test('what can’t be read is said in one sentence, exit 2', () => {
  mkdirSync('test-results', { recursive: true });
  writeFileSync('test-results/binary.txt', new Uint8Array([1, 0, 2]));
  for (const args of [
    ['check', 'test-results/nowhere.txt'],
    ['check', 'test-results/binary.txt'],
    ['check'],
    ['check', '-', '--walls', '0'],
    ['chek', '-'],
    ['check', '-', '--frob'],
  ]) {
    const { status, stderr } = slate(args);
    expect([args, status]).toEqual([args, 2]);
    expect(stderr.trim().split('\n')).toHaveLength(1);
  }
});

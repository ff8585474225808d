import { describe, expect, test } from '@jest/globals';
import type { Remote } from 'comlink';
import { MOST_FILE } from '../../../formats/limits';
import { readAnyFile } from '../../../formats/read-any';
import type { Work } from '../../../workers/work';
import { takeFiles } from './take-files';

/** The worker's part, here in this thread. */
const worker = { read: readAnyFile } as unknown as Remote<Work>;

const vast = (name: string): File => {
  const file = new File(['x'], name);
  Object.defineProperty(file, 'size', { value: MOST_FILE + 1 });
  Object.defineProperty(file, 'arrayBuffer', { value: () => Promise.reject(new Error('was loaded')) });
  return file;
};

describe('files taken in', () => {
  test('each is read for itself, in order; what is no dance is told and stops nothing', async () => {
    const taken = await takeFiles(
      [
        new File(['# Ebb\n1-4 Vine R'], 'a.txt'),
        new File([''], 'empty.txt'),
        new File(['<p>1-4 Vine L</p>'], 'b.html'),
      ],
      worker,
    );
    expect(taken.dances.map(({ name, text }) => [name, text])).toEqual([
      ['a.txt', '# Ebb\n1-4 Vine R'],
      ['b.html', '1-4 Vine L\n'],
    ]);
    expect(taken.problems).toEqual(['empty.txt: The file is empty.']);
  });

  test('a file of 200 MB is refused before a byte of it is loaded', async () => {
    const { dances, problems } = await takeFiles([vast('vast.txt')], worker);
    expect(dances).toEqual([]);
    expect(problems[0]).toMatch(/^vast\.txt: This file is larger than 40 MB/);
  });
});

import type { Remote } from 'comlink';
import { MOST_FILE } from '../../../formats/limits';
import type { ReadFiles } from '../../../formats/read-any';
import type { Work } from '../../../workers/work';

/** Reads files one after the other; a very large one is not even loaded. */
export async function takeFiles(list: readonly File[], worker: Remote<Work>): Promise<ReadFiles> {
  const dances: ReadFiles['dances'][number][] = [];
  const problems: string[] = [];
  for (const file of list) {
    if (file.size > MOST_FILE) {
      problems.push(
        `${file.name}: This file is larger than 40 MB; a dance is a few kilobytes of text. Copy its words and paste them here.`,
      );
      continue;
    }
    const read = await worker.read(new Uint8Array(await file.arrayBuffer()), file.name);
    dances.push(...read.dances);
    problems.push(...read.problems);
  }
  return { dances, problems };
}

/** What the commands read: files, folders of sheets, standard input. */
import { readdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import { readAnyFile } from '../formats/read-any';
import type { Terminal } from './terminal';

const SHEETS = /\.(txt|json|html?|md|csv|docx|pdf)$/i;

export type Opened = { readonly text: string } | { readonly problem: string };

/** `-` is standard input. */
export async function readInput(file: string, terminal: Terminal): Promise<Opened> {
  let bytes: Uint8Array;
  try {
    bytes = file === '-' ? terminal.read() : readFileSync(file);
  } catch {
    return { problem: 'There is no such file, or it can’t be opened.' };
  }
  const { dances, problems } = await readAnyFile(bytes, file === '-' ? 'input' : file);
  if (dances.length === 1) return { text: dances[0].text };
  const [problem = 'This file holds several dances; unpack it first.'] = problems;
  return { problem: problem.replace(/^[^:]*: /, '') };
}

/** A folder stands for the sheets in it and below it, in the order of their names. */
export function filesOf(named: readonly string[]): string[] {
  return named.flatMap((name) => {
    if (name === '-' || !isFolder(name)) return [name];
    return readdirSync(name, { recursive: true, encoding: 'utf8' })
      .filter((file) => SHEETS.test(file))
      .sort()
      .map((file) => path.join(name, file));
  });
}

function isFolder(name: string): boolean {
  try {
    return statSync(name).isDirectory();
  } catch {
    return false;
  }
}

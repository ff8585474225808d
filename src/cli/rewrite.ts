/** `slate tidy`, `slate expand`, `slate name`: text in, text out, in a house style. */
import { writeFileSync } from 'node:fs';
import {
  applyEdits,
  expandLines,
  nameLines,
  studyText,
  tidyScript,
  type Edit,
  type HouseStyle,
  type Study,
} from '../core';
import { filesOf, readInput } from './input';
import type { Terminal } from './terminal';

export const REWRITES = ['tidy', 'expand', 'name'] as const;
export type Rewrite = (typeof REWRITES)[number];

const ALL = { from: 0, to: Infinity };

function rewritten(rewrite: Rewrite, { text, dance }: Study, style: HouseStyle): string {
  const edited = (edits: readonly Edit[]): string => applyEdits(text, edits);
  switch (rewrite) {
    case 'tidy':
      return tidyScript(dance, style);
    case 'expand':
      return edited(expandLines(dance, ALL, style));
    case 'name':
      return edited(nameLines(dance, ALL, style));
  }
}

/** Prints what comes of each file; with `write` text files are changed in place and named. */
export async function rewriteFiles(
  rewrite: Rewrite,
  named: readonly string[],
  style: HouseStyle,
  write: boolean,
  terminal: Terminal,
): Promise<number> {
  let worst = 0;
  for (const file of filesOf(named)) {
    const opened = await readInput(file, terminal);
    if ('problem' in opened) {
      worst = terminal.refuse(`${file}: ${opened.problem}`);
      continue;
    }
    const result = rewritten(rewrite, studyText(opened.text), style);
    if (!write) terminal.write(result);
    else if (file === '-' || !/\.(txt|md)$/i.test(file))
      worst = terminal.refuse(`${file}: only text files can be changed in place.`);
    else if (result !== opened.text) {
      writeFileSync(file, result);
      terminal.write(`${file}\n`);
    }
  }
  return worst;
}

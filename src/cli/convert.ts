/** `slate convert`: a dance in another form, on standard output or, for one file, in a file. */
import { writeFileSync } from 'node:fs';
import { languageOf } from '../core';
import { plainOrder, type ExportId } from '../formats/exports';
import { makeExport } from '../formats/make-export';
import { pdfFonts } from '../formats/node-fonts';
import { filesOf, readInput } from './input';
import type { Terminal } from './terminal';

const MEANS = { fonts: async () => pdfFonts(), fontFaces: async () => '' };

export async function convertFiles(
  named: readonly string[],
  to: ExportId,
  out: string | undefined,
  terminal: Terminal,
): Promise<number> {
  const files = filesOf(named);
  if (out !== undefined && files.length !== 1) return terminal.refuse('--out takes one dance at a time.');
  let worst = 0;
  for (const file of files) {
    const opened = await readInput(file, terminal);
    if ('problem' in opened) {
      worst = terminal.refuse(`${file}: ${opened.problem}`);
      continue;
    }
    const made = await makeExport(to, plainOrder(opened.text, '', languageOf(opened.text), Date.now()), MEANS);
    if (out === undefined) terminal.write(made);
    else writeFileSync(out, made);
  }
  return worst;
}

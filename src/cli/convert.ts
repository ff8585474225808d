/** `slate convert`: a dance in another form, on standard output or, for one file, in a file. */
import { writeFileSync } from 'node:fs';
import { languageOf } from '../core';
import { makeAloud, type AloudOrder } from '../formats/aloud';
import { ALOUD_IDS, type AloudId } from '../formats/aloud-forms';
import { plainOrder, type ExportId } from '../formats/exports';
import { makeExport } from '../formats/make-export';
import { pdfFonts } from '../formats/node-fonts';
import { filesOf, readInput } from './input';
import type { Terminal } from './terminal';

const MEANS = { fonts: async () => pdfFonts(), fontFaces: async () => '' };

/** How a dance is said, for the forms in which it is. */
export type Saying = Omit<AloudOrder, 'text' | 'personal'>;

export async function convertFiles(
  named: readonly string[],
  to: ExportId | AloudId,
  out: string | undefined,
  terminal: Terminal,
  saying: Saying,
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
    const made = await madeOf(to, opened.text, saying);
    if (out === undefined) terminal.write(made);
    else writeFileSync(out, made);
  }
  return worst;
}

const madeOf = (to: ExportId | AloudId, text: string, saying: Saying): Promise<string | Uint8Array> =>
  isAloud(to)
    ? makeAloud(to, { text, personal: '', ...saying })
    : makeExport(to, plainOrder(text, '', languageOf(text), Date.now()), MEANS);

const isAloud = (to: ExportId | AloudId): to is AloudId => ALOUD_IDS.some((id) => id === to);

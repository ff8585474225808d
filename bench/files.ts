/** How long a sheet takes to leave and to come in, in this process. */
import { readFileSync } from 'node:fs';
import { performance } from 'node:perf_hooks';
import { studyText } from '../src/core/index';
import { printDanceDocx } from '../src/formats/dance-docx';
import { pdfFonts } from '../src/formats/node-fonts';
import { readDocx } from '../src/formats/read-docx';
import { printSheetPdf } from '../src/formats/sheet-pdf';
import { PLAIN_PAPER } from '../src/paper/page';
import { printSheet } from '../src/paper/print-sheet';

async function median(run: () => Promise<unknown>, times = 7): Promise<number> {
  const taken: number[] = [];
  for (let index = 0; index < times; index++) {
    const from = performance.now();
    await run();
    taken.push(performance.now() - from);
  }
  return taken.sort((a, b) => a - b)[Math.floor(times / 2)];
}

export async function measureFiles(): Promise<Record<string, number>> {
  const dance = readFileSync('dances/tar-and-oakum.txt', 'utf8');
  const study = studyText(dance);
  const fonts = pdfFonts();
  const facts = { author: '', madeAt: new Date(0), source: dance };
  const lines = Array.from(
    { length: 13 },
    (_, index) =>
      `\n## Section ${index + 1}\n1-4 Vine R, touch\n5-8 Vine L, touch\n1&2 Shuffle R forward\n3-4 Rock L forward, recover R\n5&6 Coaster L\n7-8 Walk R, walk L`,
  ).join('\n');
  const long = await printDanceDocx(studyText(`# Hundred lines\n${lines}`), { language: 'en', paper: 'a4' });
  return {
    'pages of a 64-count dance set': await median(async () => printSheet(study.dance, PLAIN_PAPER)),
    'its PDF of two pages': await median(() =>
      printSheetPdf(printSheet(study.dance, { ...PLAIN_PAPER, size: 12.5 }), fonts, facts),
    ),
    'its Word file': await median(() => printDanceDocx(study, { language: 'en', paper: 'a4' })),
    'a Word file of 100 lines read': await median(() => readDocx(long)),
  };
}

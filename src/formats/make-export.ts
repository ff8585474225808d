/** How each form of export is made, a function a form. */
import { studyText, viewSheet } from '../core';
import { printSheet } from '../paper/print-sheet';
import { printDanceCsv } from './dance-csv';
import { printDanceHtml } from './dance-html';
import { printDanceJson } from './dance-json';
import { printDanceMarkdown } from './dance-markdown';
import type { ExportId, ExportOrder } from './exports';
import type { PdfFonts } from './sheet-pdf';

/** What only the place where it runs can give. */
export interface ExportMeans {
  readonly fonts: () => Promise<PdfFonts>;
  /** @font-face rules with their data, for a page that stands on its own. */
  readonly fontFaces: () => Promise<string>;
}

type Maker = (order: ExportOrder, means: ExportMeans) => Promise<string | Uint8Array> | string;

const studyOf = ({ text, personal }: ExportOrder) => studyText(text, personal);

const choiceOf = ({ wall, revision, language, isTranslated }: ExportOrder) => ({
  ...(wall !== undefined && { wall }),
  ...(revision !== undefined && { revision }),
  language,
  isTranslated,
});

const MAKERS: Readonly<Record<ExportId, Maker>> = {
  pdf: async (order, { fonts }) => {
    const { printSheetPdf } = await import('./sheet-pdf');
    const { dance, script } = studyOf(order);
    const sheet = printSheet(dance, order.paper, choiceOf(order));
    const author = script.header.entries.find(({ key }) => key === 'author')?.value ?? '';
    return printSheetPdf(sheet, await fonts(), { author, madeAt: new Date(order.madeAt), source: order.original });
  },
  docx: async (order) => {
    const { printDanceDocx } = await import('./dance-docx');
    const { language, revision, paper } = order;
    return printDanceDocx(studyOf(order), {
      language,
      paper: paper.paper,
      ...(revision !== undefined && { revision }),
    });
  },
  odt: async (order) => (await import('./dance-odt')).printDanceOdt(studyOf(order), order.language),
  html: async (order, { fontFaces }) =>
    printDanceHtml(viewSheet(studyOf(order).dance, choiceOf(order)), order.original, await fontFaces()),
  md: (order) => printDanceMarkdown(studyOf(order)),
  txt: ({ text }) => text,
  csv: (order) => printDanceCsv(studyOf(order)),
  json: ({ original, personal, madeAt }) =>
    printDanceJson({
      title: studyText(original, personal).script.title,
      text: original,
      changedAt: new Date(madeAt).toISOString(),
    }),
};

export const makeExport = async (id: ExportId, order: ExportOrder, means: ExportMeans): Promise<string | Uint8Array> =>
  MAKERS[id](order, means);

/** The set pages as a PDF: fonts embedded, text selectable, tagged, with title and language. Loaded when it is used. */
import PDFDocument from 'pdfkit';
import { byFontFile, FONT_FILES, type FontFile } from '../paper/type';
import { joinBytes } from './bytes';
import { SOURCE_NAME } from './source-name';
import { TINTS, type Face, type Item, type PrintedSheet } from '../paper/page';

/** Font files as bytes, by face. */
export type PdfFonts = Readonly<Record<Face, Readonly<Record<FontFile, Uint8Array>>>>;

/** Kerning and ligatures are off: lines were measured without. The types know lists only, the library also takes switches. */
const PLAIN = { kern: false, liga: false, calt: false } as unknown as PDFKit.Mixins.OpenTypeFeatures[];

export interface PdfFacts {
  readonly author: string;
  readonly madeAt: Date;
  /** The script as it is kept; it travels inside the file, for the way back. */
  readonly source?: string;
}

/** `onPage` is called before each page; when it throws, the writing stops. */
export async function printSheetPdf(
  sheet: PrintedSheet,
  fonts: PdfFonts,
  { author, madeAt, source }: PdfFacts,
  onPage: (page: number) => void | Promise<void> = () => undefined,
): Promise<Uint8Array> {
  const { paper, pages, title, language } = sheet;
  const pdf = new PDFDocument({
    autoFirstPage: false,
    pdfVersion: '1.7',
    tagged: true,
    displayTitle: true,
    lang: language,
    margin: 0,
    // None of the standard fonts: only what is embedded is used.
    font: '',
    info: { Title: title, Author: author, Creator: 'Pace Slate', CreationDate: madeAt },
  });
  const chunks: Uint8Array[] = [];
  const finished = new Promise<void>((resolve, reject) => {
    pdf.on('data', (chunk: Uint8Array) => chunks.push(chunk));
    pdf.on('end', () => resolve());
    pdf.on('error', reject);
  });
  for (const face of ['regular', 'bold', 'italic'] as const)
    for (const file of FONT_FILES) pdf.registerFont(`${face} ${file}`, fonts[face][file] as never);
  if (source !== undefined)
    pdf.file(new TextEncoder().encode(source) as never, {
      name: SOURCE_NAME,
      type: 'text/plain',
      creationDate: madeAt,
      modifiedDate: madeAt,
      description: title,
      hidden: false,
    });
  const root = pdf.struct('Document');
  pdf.addStructure(root);
  for (const [index, { blocks }] of pages.entries()) {
    await onPage(index + 1);
    pdf.addPage({ size: [paper.width, paper.height], margin: 0 });
    for (const { tag, items } of blocks) {
      if (items.length === 0) continue;
      if (tag === 'Artifact') pdf.markContent('Artifact', { type: 'Layout' });
      else root.add(pdf.struct(tag, {}, pdf.markStructureContent(tag)));
      for (const item of items) draw(pdf, item);
      pdf.endMarkedContent();
    }
  }
  root.end();
  pdf.end();
  await finished;
  return joinBytes(chunks);
}

function draw(pdf: PDFKit.PDFDocument, item: Item): void {
  if (item.kind === 'text') {
    let { x } = item;
    pdf.fillColor(TINTS[item.tint]).fontSize(item.size);
    for (const { text, file } of byFontFile(item.text, item.face)) {
      pdf
        .font(`${item.face} ${file}`)
        .text(text, x, item.y, { lineBreak: false, baseline: 'alphabetic', features: PLAIN });
      x += pdf.widthOfString(text, { features: PLAIN });
    }
    return;
  }
  pdf.save().translate(item.x, item.y).path(item.d);
  if (item.stroke) pdf.lineWidth(item.width ?? 0.5);
  if (item.fill && item.stroke) pdf.fillAndStroke(TINTS[item.fill], TINTS[item.stroke]);
  else if (item.fill) pdf.fill(TINTS[item.fill]);
  else if (item.stroke) pdf.stroke(TINTS[item.stroke]);
  pdf.restore();
}

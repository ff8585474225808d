/** PDFs that others made, written here with a general-purpose PDF writer: words set in runs, columns of hours, pages. */
import { describe, expect, test } from '@jest/globals';
import PDFDocument from 'pdfkit';
import { studyText } from '../core';
import { pdfFonts } from './node-fonts';
import { readAnyFile } from './read-any';
import { readPdf } from './read-pdf';

type Words = readonly (readonly [x: number, y: number, text: string])[];

function pdfOf(pages: readonly Words[]): Promise<Uint8Array> {
  const pdf = new PDFDocument({ autoFirstPage: false, font: '' });
  pdf.registerFont('own', pdfFonts().regular.latin as never);
  const chunks: Buffer[] = [];
  pdf.on('data', (chunk: Buffer) => chunks.push(chunk));
  for (const words of pages) {
    pdf.addPage({ size: 'A4', margin: 0 });
    for (const [x, y, text] of words) pdf.font('own').fontSize(11).text(text, x, y, { lineBreak: false });
  }
  return new Promise((resolve) => {
    pdf.on('end', () => resolve(new Uint8Array(Buffer.concat(chunks))));
    pdf.end();
  });
}

const linesOf = async (...pages: Words[]): Promise<string[]> => {
  const read = await readPdf(await pdfOf(pages));
  if ('problem' in read) throw new Error(read.problem);
  return read.text.trim().split('\n');
};

describe('a PDF from elsewhere', () => {
  test('runs on one height are one line, from left to right, whatever order they were written in', async () => {
    expect(
      await linesOf([
        [120, 80, 'Rock R forward, recover L'],
        [60, 60, 'Harbour Two, a dance of the boathouse'],
        [60, 80, '1-2'],
        [60, 100, '3&4'],
        [120, 100, 'Coaster R'],
      ]),
    ).toEqual(['Harbour Two, a dance of the boathouse', '1-2 Rock R forward, recover L', '3&4 Coaster R']);
  });

  test('an hour far out is the wall that is faced, not where the turn goes', async () => {
    const lines = await linesOf([
      [60, 60, '1-2'],
      [120, 60, 'Step R forward, pivot 1/2 left'],
      [500, 60, '6:00'],
      [60, 80, '3-4'],
      [120, 80, 'Walk R, walk L'],
    ]);
    expect(lines[0]).toBe('1-2 Step R forward, pivot 1/2 left (6:00)');
    expect(studyText(`## Section 1\n${lines.join('\n')}`).dance.netTurn).toBe(-24);
  });

  test('pages follow each other', async () => {
    expect(
      await linesOf([[60, 700, '1-4 Vine R, touch L together']], [[60, 60, '5-8 Vine L, touch R together']]),
    ).toEqual(['1-4 Vine R, touch L together', '5-8 Vine L, touch R together']);
  });

  test('of very many pages the first are read, and how many were not is said', async () => {
    const pages = Array.from({ length: 43 }, (_, index): Words => [[60, 60, `1-4 Vine R, touch L, page ${index + 1}`]]);
    const { dances, problems } = await readAnyFile(await pdfOf(pages), 'book.pdf');
    expect(dances[0].text.trim().split('\n')).toHaveLength(40);
    expect(problems).toEqual([expect.stringMatching(/^book\.pdf: Only the first 40 of its 43 pages were read/)]);
  });

  test('a page without words is a picture', async () => {
    expect(await readPdf(await pdfOf([[]]))).toEqual({ problem: expect.stringMatching(/picture of a page/) });
  });
});

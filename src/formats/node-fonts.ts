/** The typeface's files where there is a file system: for the command line and for tests. */
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import path from 'node:path';
import type { Face } from '../paper/page';
import type { PdfFonts } from './sheet-pdf';
import { openWoff } from './woff';

const NAMES: Readonly<Record<Face, string>> = { regular: '400-normal', bold: '700-normal', italic: '400-italic' };

export function pdfFonts(): PdfFonts {
  const folder = path.dirname(
    createRequire(path.resolve('package.json')).resolve('@fontsource/atkinson-hyperlegible-next/package.json'),
  );
  const file = (set: string, face: Face): Uint8Array =>
    openWoff(readFileSync(path.join(folder, 'files', `atkinson-hyperlegible-next-${set}-${NAMES[face]}.woff`)));
  const figures = (face: Face): Uint8Array =>
    openWoff(readFileSync(path.resolve('src', 'fonts', `figures-${NAMES[face]}.woff`)));
  const both = (face: Face) => ({
    latin: file('latin', face),
    'latin-ext': file('latin-ext', face),
    figures: figures(face),
  });
  return { regular: both('regular'), bold: both('bold'), italic: both('italic') };
}

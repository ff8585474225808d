/** The words of a PDF as lines, where it carries words. A scanned page has none and is refused. Loaded when it is used. */
import { readTextBytes } from './text-file';
import { SOURCE_NAME } from './source-name';
import * as pdfjs from 'pdfjs-dist/legacy/build/pdf.mjs';
import * as pdfWorker from 'pdfjs-dist/legacy/build/pdf.worker.mjs';

// Already off the main thread: the library finds its worker's part here and starts no other.
(globalThis as { pdfjsWorker?: unknown }).pdfjsWorker = pdfWorker;

const MOST_PAGES = 40;

export type ReadPdf =
  /** `isOwn`: made by this slate, with its script inside. `left`: pages that were not read, as there are too many. */
  | { readonly text: string; readonly pages: number; readonly left: number; readonly isOwn: boolean }
  | { readonly problem: string };

interface Word {
  readonly text: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly size: number;
}

export async function readPdf(bytes: Uint8Array): Promise<ReadPdf> {
  const loading = pdfjs.getDocument({
    data: new Uint8Array(bytes),
    isEvalSupported: false,
    disableFontFace: true,
    useSystemFonts: false,
    stopAtErrors: false,
    verbosity: 0,
  });
  try {
    const pdf = await loading.promise;
    const inside = (await pdf.getAttachments()) as Record<string, { filename: string; content: Uint8Array }> | null;
    const source = Object.values(inside ?? {}).find(({ filename }) => filename === SOURCE_NAME);
    const own = source && readTextBytes(source.content);
    if (own && 'text' in own) return { text: own.text, pages: pdf.numPages, left: 0, isOwn: true };
    const pages: string[] = [];
    for (let number = 1; number <= Math.min(pdf.numPages, MOST_PAGES); number++) {
      const page = await pdf.getPage(number);
      const { items } = await page.getTextContent({ includeMarkedContent: true });
      // Artifacts are marks and page numbers: no words of the sheet.
      let [depth, artifact] = [0, 0];
      const words = items.flatMap((item): Word[] => {
        if ('type' in item) {
          if (item.type === 'endMarkedContent') {
            if (depth === artifact) artifact = 0;
            depth -= 1;
          } else {
            depth += 1;
            // The types leave the tag out.
            if ((item as { tag?: string }).tag === 'Artifact' && artifact === 0) artifact = depth;
          }
          return [];
        }
        return artifact > 0 || item.str.trim() === '' ? [] : [wordOf(item)];
      });
      pages.push(linesOf(words).join('\n'));
    }
    const text = pages.join('\n').trim();
    if (text.replace(/\s/g, '').length < 20)
      return {
        problem:
          'This PDF is a picture of a page: it carries no words. Open it in a program that recognises text and paste the words here, or type the dance from it.',
      };
    const left = Math.max(pdf.numPages - MOST_PAGES, 0);
    return { text: `${text}\n`, pages: pdf.numPages, left, isOwn: false };
  } catch (error) {
    const locked = error instanceof Error && error.name === 'PasswordException';
    return {
      problem: locked ? 'This PDF is locked with a password.' : 'This PDF is damaged: its pages can’t be read.',
    };
  } finally {
    await loading.destroy();
  }
}

const wordOf = ({ str, transform, width }: { str: string; transform: number[]; width: number }): Word => ({
  text: str,
  x: transform[4],
  y: transform[5],
  width,
  size: Math.abs(transform[3]) || 10,
});

/** Words of one height stand on one line, from left to right; a single letter in a mark of ours is no word. */
function linesOf(words: readonly Word[]): string[] {
  const rows: { y: number; size: number; words: Word[] }[] = [];
  for (const word of [...words].sort((a, b) => b.y - a.y)) {
    const row = rows.find(({ y, size }) => Math.abs(y - word.y) < size * 0.35);
    if (row) row.words.push(word);
    else rows.push({ y: word.y, size: word.size, words: [word] });
  }
  return rows.map(({ words: own }) => {
    const sorted = own.sort((a, b) => a.x - b.x);
    return sorted
      .map((word, index) => {
        const before = sorted[index - 1];
        const gap = before ? word.x - (before.x + before.width) : 0;
        // An hour far out at the end of a line is the wall faced, not where a turn goes to.
        if (before && index === sorted.length - 1 && gap > word.size * 2 && /^\d{1,2}:\d\d$/.test(word.text.trim()))
          return ` (${word.text.trim()})`;
        return `${before && gap > word.size * 0.12 ? ' ' : ''}${word.text}`;
      })
      .join('')
      .replace(/\s+/g, ' ')
      .trim();
  });
}

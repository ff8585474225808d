/** Bytes to text, or one sentence why not. */
export const MOST_BYTES = 1_048_576;

export type TextFile = { readonly text: string } | { readonly problem: string };

/** UTF-8 text of at most 1 MB. A file with zero bytes in it, or that is no UTF-8, is no text. */
export function readTextBytes(bytes: Uint8Array): TextFile {
  if (bytes.byteLength > MOST_BYTES)
    return { problem: 'This file is larger than 1 MB; a dance is a few kilobytes of text.' };
  if (bytes.includes(0)) return { problem: 'This is not a text file: it holds something other than words.' };
  try {
    return { text: printable(new TextDecoder('utf-8', { fatal: true }).decode(bytes).replace(/\r\n?/g, '\n')) };
  } catch {
    return { problem: 'This is not a text file: its letters can’t be read.' };
  }
}

/** Without signs that nobody can see and that most formats can't hold (XML 1.0, 2.2): controls other than tabs and line ends. */
export const printable = (text: string): string => text.replace(/[^\P{Cc}\t\n\r]|[\uFFFE\uFFFF]/gu, '');

/** Any file a dance can be opened from: script text, our JSON, a web page this slate made, Markdown, CSV. */
import { readDanceCsv } from './dance-csv';
import { readDanceHtml } from './dance-html';
import { readDanceJson } from './dance-json';
import { readDanceMarkdown } from './dance-markdown';
import { readTextBytes } from './text-file';

export type OpenedFile = { readonly text: string } | { readonly problem: string };

/** Decides by what is inside; the name only helps to tell plain text from the others. */
export function readDanceBytes(bytes: Uint8Array, name: string): OpenedFile {
  const file = readTextBytes(bytes);
  if ('problem' in file) return file;
  const start = file.text.trimStart().slice(0, 200).toLowerCase();
  if (/\.json$/i.test(name) || (start.startsWith('{') && start.includes('"format"'))) {
    const read = readDanceJson(file.text);
    return 'problem' in read ? read : { text: read.dance.text };
  }
  if (start.startsWith('<!doctype html') || start.startsWith('<html')) return readDanceHtml(file.text);
  if (/\.csv$/i.test(name)) return readDanceCsv(file.text);
  if (/\.(?:md|markdown)$/i.test(name)) return { text: readDanceMarkdown(file.text) };
  return file;
}

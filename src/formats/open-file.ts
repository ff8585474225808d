/** Any file a dance can be opened from: script text, our JSON, a web page this slate made. */
import { readDanceHtml } from './dance-html';
import { readDanceJson } from './dance-json';
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
  return file;
}

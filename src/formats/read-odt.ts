/**
 * The words of an OpenDocument text (.odt) as a script: paragraphs, headings, lists and the rows of tables, tabs and line breaks as
 * they stand. Pictures, comments and tracked changes are left out. OpenDocument 1.3 (OASIS), part 3, chapters 5, 6 and 9. Loaded when
 * it is used.
 */
import { SaxesParser } from 'saxes';
import { htmlToScript } from './html-lines';
import { unpack } from './zip';

/** Bytes, unpacked: more than a thousand pages. */
const MOST = 24_000_000;

/** Elements of the text and what they are in a web page. */
const ELEMENTS: Readonly<Record<string, string>> = {
  'text:h': 'h2',
  'text:p': 'p',
  'text:list': 'ul',
  'text:list-item': 'li',
  'table:table': 'table',
  'table:table-row': 'tr',
  'table:table-cell': 'td',
};
const SILENT: ReadonlySet<string> = new Set([
  'office:annotation',
  'text:tracked-changes',
  'text:note-citation',
  'draw:frame',
  'text:sequence-decls',
  'office:forms',
]);

export type ReadOdt = { readonly text: string } | { readonly problem: string };

const DAMAGED = 'This OpenDocument text is damaged: its words can’t be read.';

/** A word processor's file, told from a spreadsheet or a presentation of the same family. */
export const isOdt = (mimetype: string): boolean => mimetype.trim() === 'application/vnd.oasis.opendocument.text';

export function readOdt(bytes: Uint8Array): ReadOdt {
  const unpacked = unpack(bytes, (name) => name === 'content.xml', { file: MOST, all: MOST });
  if ('problem' in unpacked) return unpacked;
  const content = unpacked.files.get('content.xml');
  const html = content && pageOf(new TextDecoder().decode(content));
  if (html === undefined) return { problem: DAMAGED };
  const text = htmlToScript(html);
  return text.trim() === ''
    ? { problem: 'This OpenDocument text holds no words, only pictures perhaps. Type the dance from it.' }
    : { text };
}

const ESCAPES: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;' };

/** The document as a web page without anything but its words; undefined when it is no XML. */
function pageOf(xml: string): string | undefined {
  const pieces: string[] = [];
  let silent = 0;
  let inBody = false;
  let isSound = true;
  const parser = new SaxesParser();
  parser.on('error', () => (isSound = false));
  parser.on('opentag', ({ name, attributes }) => {
    inBody ||= name === 'office:text';
    if (SILENT.has(name)) silent += 1;
    if (!inBody || silent > 0) return;
    if (name === 'text:line-break') pieces.push('<br>');
    else if (name === 'text:tab') pieces.push('\t');
    // Spaces in a row are one on the page that it becomes.
    else if (name === 'text:s') {
      if (pieces[pieces.length - 1] !== ' ') pieces.push(' ');
    } else if (name in ELEMENTS) pieces.push(`<${elementOf(name, attributes)}>`);
  });
  parser.on('closetag', ({ name, attributes }) => {
    if (SILENT.has(name)) silent -= 1;
    else if (inBody && silent === 0 && name in ELEMENTS) pieces.push(`</${elementOf(name, attributes)}>`);
    if (name === 'office:text') inBody = false;
  });
  parser.on('text', (words) => {
    if (inBody && silent === 0) pieces.push(words.replace(/[&<>]/g, (sign) => ESCAPES[sign]));
  });
  try {
    parser.write(xml).close();
  } catch {
    return undefined;
  }
  return isSound ? pieces.join('') : undefined;
}

function elementOf(name: string, attributes: Readonly<Record<string, unknown>>): string {
  const isTitle = attributes['text:outline-level'] === '1' || attributes['text:style-name'] === 'Title';
  if (isTitle && (name === 'text:h' || name === 'text:p')) return 'h1';
  return name === 'text:p' && attributes['text:style-name'] === 'Note' ? 'blockquote' : ELEMENTS[name];
}

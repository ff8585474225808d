/** Any file that may hold dances: told apart by what is inside, read by what it needs, refused in a sentence. */
import { readDanceCsv } from './dance-csv';
import { readDanceHtml } from './dance-html';
import { readDanceJson } from './dance-json';
import { readDanceMarkdown } from './dance-markdown';
import { MOST_FILE } from './limits';
import { isRtf, readRtf } from './read-rtf';
import { readTextBytes } from './text-file';
import { baseName, isZip, unpack } from './zip';

/** @public */
export const SOURCES = [
  'text',
  'markdown',
  'web page',
  'CSV',
  'JSON',
  'Word file',
  'OpenDocument text',
  'rich text',
  'PDF',
] as const;
export type SourceKind = (typeof SOURCES)[number];

export interface ReadDance {
  readonly name: string;
  readonly kind: SourceKind;
  readonly text: string;
  /** It came from this slate and carries its own script: nothing is to be settled. */
  readonly isOwn: boolean;
}

export interface ReadFiles {
  readonly dances: readonly ReadDance[];
  /** A sentence for each file that could not be read. */
  readonly problems: readonly string[];
}

const ZIP_LIMITS = { file: 4_000_000, all: 60_000_000 };

const isPdf = (bytes: Uint8Array): boolean =>
  new TextDecoder('latin1').decode(bytes.subarray(0, 1024)).includes('%PDF-');

const PICTURES: readonly (readonly number[])[] = [[0x89, 0x50, 0x4e, 0x47], [0xff, 0xd8, 0xff], [0x47, 0x49, 0x46, 0x38], [0x42, 0x4d], [0x49, 0x49, 0x2a], [0x4d, 0x4d, 0x00]]; // prettier-ignore
const isPicture = (bytes: Uint8Array): boolean =>
  PICTURES.some((start) => start.every((byte, index) => bytes[index] === byte)) ||
  /^RIFF....WEBP|^....ftyp(?:heic|heix|mif1|avif)/s.test(new TextDecoder('latin1').decode(bytes.subarray(0, 16)));

const isOldWord = (bytes: Uint8Array): boolean =>
  bytes[0] === 0xd0 && bytes[1] === 0xcf && bytes[2] === 0x11 && bytes[3] === 0xe0;

export async function readAnyFile(bytes: Uint8Array, name: string): Promise<ReadFiles> {
  const refuse = (problem: string): ReadFiles => ({ dances: [], problems: [`${baseName(name)}: ${problem}`] });
  if (bytes.byteLength === 0) return refuse('The file is empty.');
  if (bytes.byteLength > MOST_FILE)
    return refuse(
      'This file is larger than 40 MB; a dance is a few kilobytes of text. Copy its words and paste them here.',
    );
  if (isPicture(bytes))
    return refuse(
      'This is a picture: it carries no words. Open it in a program that recognises text and paste the words here, or type the dance from it.',
    );
  if (isOldWord(bytes))
    return refuse(
      'This is a Word file of the old kind (.doc). Save it as .docx, or copy its words and paste them here.',
    );
  if (isZip(bytes)) return readZip(bytes, name);
  if (isRtf(bytes)) return readRichText(bytes, name);
  if (isPdf(bytes)) {
    const read = await (await import('./read-pdf')).readPdf(bytes);
    if ('problem' in read) return refuse(read.problem);
    const cut = `Only the first ${read.pages - read.left} of its ${read.pages} pages were read; take the others apart into files of their own.`;
    return { ...one(name, 'PDF', read.text, read.isOwn), problems: read.left > 0 ? refuse(cut).problems : [] };
  }
  return readTextFile(bytes, name);
}

const one = (name: string, kind: SourceKind, text: string, isOwn = false): ReadFiles => ({
  dances: [{ name: baseName(name), kind, text, isOwn }],
  problems: [],
});

async function readTextFile(bytes: Uint8Array, name: string): Promise<ReadFiles> {
  const refuse = (problem: string): ReadFiles => ({ dances: [], problems: [`${baseName(name)}: ${problem}`] });
  const file = readTextBytes(bytes);
  if ('problem' in file) return refuse(file.problem);
  const start = file.text.trimStart().slice(0, 400).toLowerCase();
  if (/\.json$/i.test(name) || (start.startsWith('{') && start.includes('"format"'))) {
    const read = readDanceJson(file.text);
    return 'problem' in read ? refuse(read.problem) : one(name, 'JSON', read.dance.text, true);
  }
  if (/^<(?:!doctype html|html|body|div|table|p|meta|!--)/.test(start) || /\.html?$/i.test(name)) {
    const own = readDanceHtml(file.text);
    if ('text' in own) return one(name, 'web page', own.text, true);
    const { htmlToScript } = await import('./html-lines');
    const text = htmlToScript(file.text);
    return text.trim() === '' ? refuse('problem' in own ? own.problem : '') : one(name, 'web page', text);
  }
  if (/\.csv$/i.test(name)) {
    const read = readDanceCsv(file.text);
    return 'problem' in read ? refuse(read.problem) : one(name, 'CSV', read.text);
  }
  if (/\.(?:md|markdown)$/i.test(name)) return one(name, 'markdown', readDanceMarkdown(file.text));
  if (file.text.trim() === '') return refuse('There are no words in it.');
  return one(name, 'text', file.text);
}

function readRichText(bytes: Uint8Array, name: string): ReadFiles {
  const text = readRtf(bytes);
  return text.trim() === ''
    ? { dances: [], problems: [`${baseName(name)}: There are no words in it.`] }
    : one(name, 'rich text', text);
}

const WANTED = /\.(?:txt|md|markdown|html?|csv|json)$/i;

/** A Word file, an OpenDocument text, or a ZIP of dances. Folders in it are passed over, names lead nowhere, other files are told. */
async function readZip(bytes: Uint8Array, name: string): Promise<ReadFiles> {
  const isWord = unpack(bytes, (inside) => inside === '[Content_Types].xml', { file: 2_000_000, all: 2_000_000 });
  if ('files' in isWord && isWord.files.size > 0) {
    const read = await (await import('./read-docx')).readDocx(bytes);
    return 'problem' in read
      ? { dances: [], problems: [`${baseName(name)}: ${read.problem}`] }
      : one(name, 'Word file', read.text);
  }
  const mimetype = unpack(bytes, (inside) => inside === 'mimetype', { file: 1000, all: 1000 });
  const family = 'files' in mimetype ? new TextDecoder().decode(mimetype.files.get('mimetype')) : '';
  if (family.startsWith('application/vnd.oasis.opendocument')) {
    const { isOdt, readOdt } = await import('./read-odt');
    const read = isOdt(family)
      ? readOdt(bytes)
      : { problem: 'This is no text document: copy its words and paste them here.' };
    return 'problem' in read
      ? { dances: [], problems: [`${baseName(name)}: ${read.problem}`] }
      : one(name, 'OpenDocument text', read.text);
  }
  const unpacked = unpack(
    bytes,
    (inside) => WANTED.test(inside) && !/(?:^|\/)(?:__MACOSX|\.[^./])/.test(inside),
    ZIP_LIMITS,
  );
  if ('problem' in unpacked) return { dances: [], problems: [`${baseName(name)}: ${unpacked.problem}`] };
  const dances: ReadDance[] = [];
  const problems: string[] = [];
  for (const [inside, content] of unpacked.files) {
    const read = await readTextFile(content, inside);
    for (const dance of read.dances) dances.push(dance);
    for (const problem of read.problems) problems.push(problem);
  }
  for (const lost of unpacked.damaged) problems.push(`${baseName(lost)}: This file is damaged: it can’t be unpacked.`);
  if (dances.length + problems.length === 0) problems.push(`${baseName(name)}: There is no dance in this ZIP.`);
  return { dances, problems };
}

/** The words of a Word file as a script. Pictures, macros and everything else in it are never opened. Loaded when it is used. */
import mammoth from 'mammoth';
import { htmlToScript } from './html-lines';
import { pack, unpack } from './zip';

/** Bytes, unpacked: more than a thousand pages. */
const MOST = 24_000_000;
const PARTS =
  /^(?:\[Content_Types\]\.xml|_rels\/\.rels|word\/(?:document|styles|numbering|_rels\/document\.xml\.rels)(?:\.xml)?)$/;
/** Runs of letters in a document; a sheet has some hundred. */
const MOST_RUNS = 60_000;

const STYLES = [
  "p[style-name='Note'] => blockquote:fresh",
  "p[style-name='Caution'] => !",
  "p[style-name='Title'] => h1:fresh",
];

export type ReadDocx = { readonly text: string } | { readonly problem: string };

export async function readDocx(bytes: Uint8Array): Promise<ReadDocx> {
  const unpacked = unpack(bytes, (name) => PARTS.test(name), { file: MOST, all: MOST });
  if ('problem' in unpacked) return unpacked;
  const { files } = unpacked;
  const document = files.get('word/document.xml');
  if (!document) return { problem: 'This is no Word document with text in it.' };
  const runs = new TextDecoder().decode(document).split('<w:r>').length;
  if (runs > MOST_RUNS)
    return {
      problem: 'This Word document is far longer than a step sheet; copy the pages of the dance and paste them.',
    };
  const small = pack([...files].map(([name, content]) => ({ name, content })));
  const buffer = small.buffer.slice(small.byteOffset, small.byteOffset + small.byteLength) as ArrayBuffer;
  try {
    const options = { styleMap: STYLES, includeDefaultStyleMap: true, ignoreEmptyParagraphs: false };
    // In the browser the library takes an array buffer, in Node a buffer.
    const source = typeof Buffer === 'undefined' ? { arrayBuffer: buffer } : { buffer: Buffer.from(buffer) };
    const { value } = await mammoth.convertToHtml(source as { arrayBuffer: ArrayBuffer }, options);
    const text = htmlToScript(value);
    return text.trim() === ''
      ? { problem: 'This Word document holds no words, only pictures perhaps. Type the dance from it.' }
      : { text };
  } catch {
    return { problem: 'This Word document is damaged: its text can’t be read.' };
  }
}

/** Files out and in: through other readers, against their standards, and with everything that can be wrong with them. */
import { describe, expect, jest, test } from '@jest/globals';
import { readFileSync, readdirSync } from 'node:fs';
import { createRequire } from 'node:module';
import path from 'node:path';
import { deflateRawSync } from 'node:zlib';
import JSZip from 'jszip';
import mammoth from 'mammoth';
import { Document, Packer, Paragraph, TextRun } from 'docx';
import { inLanguage, SLATE_STYLE, studyText, tidyScript, type Language } from '../core';
import { printDanceDocx } from './dance-docx';
import { EXPORT_IDS, exportForm, plainOrder } from './exports';
import { htmlToScript } from './html-lines';
import { makeExport } from './make-export';
import { pdfFonts } from './node-fonts';
import { MOST_FILE } from './limits';
import { readAnyFile } from './read-any';
import { readDocx } from './read-docx';
import { readOdt } from './read-odt';
import { readRtf } from './read-rtf';
import { openWoff } from './woff';
import { pack, unpack } from './zip';

// Megabytes are packed here; a busy machine takes its time.
jest.setTimeout(30_000);

const DEMOS = readdirSync('dances')
  .filter((name) => name.endsWith('.txt'))
  .map((name) => [name, readFileSync(`dances/${name}`, 'utf8')] as const);
const [, ferry] = DEMOS.find(([name]) => name.startsWith('ferry')) ?? ['', ''];
const bytesOf = (made: string | Uint8Array): Uint8Array =>
  typeof made === 'string' ? new TextEncoder().encode(made) : made;
const means = { fonts: async () => pdfFonts(), fontFaces: async () => '' };

/** What a dance is, whatever its spaces and empty lines. */
const lines = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim().replace(/\s+/g, ' ').replace(/^#+ /, '# '))
    .filter(Boolean);

describe.each(DEMOS)('%s', (_, text) => {
  test.each(EXPORT_IDS)('leaves as %s and comes back as the same dance', async (id) => {
    const made = bytesOf(await makeExport(id, plainOrder(text, '', 'en', 0), means));
    const { dances, problems } = await readAnyFile(made, `dance.${exportForm(id).ending}`);
    expect(problems).toEqual([]);
    expect(dances).toHaveLength(1);
    if (id === 'docx' || id === 'odt' || id === 'md') expect(lines(dances[0].text)).toEqual(lines(text));
    else expect(dances[0].text).toBe(text);
    const [before, after] = [studyText(text), studyText(dances[0].text)];
    expect(after.dance.netTurn).toBe(before.dance.netTurn);
    expect(after.view.truth).toEqual(before.view.truth);
  });
});

describe.each(DEMOS.filter(([name]) => /ferry|lanterns/.test(name)))('%s', (_, text) => {
  test.each(['de', 'fr'] as const)(
    'leaves as a Word file in %s and comes back with the same feet and walls',
    async (language) => {
      const { dance } = studyText(text);
      const translated = studyText(tidyScript(dance, inLanguage(SLATE_STYLE, language)));
      const read = await readDocx(await printDanceDocx(translated, { language, paper: 'a4' }));
      const again = studyText('text' in read ? read.text : '');
      expect(again.dance.netTurn).toBe(dance.netTurn);
      expect(again.view.truth.counts).toBe(studyText(text).view.truth.counts);
    },
  );
});

describe('the Word file', () => {
  const made = (language: Language = 'en') =>
    printDanceDocx(studyText(ferry), { language, paper: 'a4', revision: 'harbour night' });

  test('has the parts of Office Open XML (ISO/IEC 29500-2: package, -1: WordprocessingML), opened by another ZIP library', async () => {
    const zip = await JSZip.loadAsync(await made());
    for (const part of [
      '[Content_Types].xml',
      '_rels/.rels',
      'word/document.xml',
      'word/styles.xml',
      'docProps/core.xml',
    ])
      expect(zip.file(part)).not.toBeNull();
    const document = (await zip.file('word/document.xml')?.async('string')) ?? '';
    expect(document).toContain('<w:tblHeader/>');
    expect(document).toContain('w:val="Heading1"');
    expect((await zip.file('docProps/core.xml')?.async('string')) ?? '').toContain(
      '<dc:title>Ferry at Dusk</dc:title>',
    );
    expect((await zip.file('word/styles.xml')?.async('string')) ?? '').toContain('<w:lang w:val="en-GB"');
    // A4 by ISO 216 in twips, twentieths of a point: 210 mm and 297 mm.
    expect(document).toMatch(/<w:pgSz w:w="11906" w:h="16838"/);
  });

  test('read by a general-purpose reader (mammoth) it has real headings and tables', async () => {
    const { value } = await mammoth.convertToHtml({ buffer: Buffer.from(await made()) });
    expect(value).toMatch(/^<h1>.*Ferry at Dusk<\/h1>/);
    expect(value.match(/<h2>/g)).toHaveLength(4);
    expect(value.match(/<table>/g)?.length).toBeGreaterThanOrEqual(4);
  });

  test('written by hand elsewhere, as paragraphs or as a table, it is read line by line', async () => {
    const foreign = await Packer.toBuffer(
      new Document({
        sections: [
          {
            children: ['Harbour Two', 'SECTION 1', '1-4 Vine right, touch', '5-8 Vine left, touch'].map(
              (text) =>
                new Paragraph({
                  children: [new TextRun(text.slice(0, 3)), new TextRun({ text: text.slice(3), bold: true })],
                }),
            ),
          },
        ],
      }),
    );
    expect(await readDocx(new Uint8Array(foreign))).toEqual({
      text: 'Harbour Two\nSECTION 1\n1-4 Vine right, touch\n5-8 Vine left, touch\n',
    });
  });
});

describe('web pages and mails', () => {
  test.each([
    ['<div>Tide</div><div>1-4 Vine R</div><div>5-8 Vine L</div>', 'Tide\n1-4 Vine R\n5-8 Vine L\n'],
    ['<p>1-2 Rock R<br>3&amp;4 Coaster <b>L</b></p>', '1-2 Rock R\n3&4 Coaster L\n'],
    ['<h1>Tide</h1><h3>Section 1</h3><ul><li>1-4 Vine&nbsp;R</li></ul>', '# Tide\n\n## Section 1\n1-4 Vine R\n'],
    [
      '<table><tr><th>Counts</th><th>Steps</th><th>Wall</th></tr><tr><td>1-4</td><td>Vine R</td><td>12</td></tr></table>',
      '1-4    Vine R\n',
    ],
    ['<table><tr><td>1-4</td><td>Vine R</td></tr></table>', '1-4 Vine R\n'],
    [
      '<p onclick="steal()">1-4 Vine R<script>steal()</script><style>p{}</style></p><iframe src="http://far.away"></iframe>',
      '1-4 Vine R\n',
    ],
    ['<p hidden>secret</p><p>1-4 Vine R</p>', '1-4 Vine R\n'],
  ])('%s', (html, text) => expect(htmlToScript(html)).toBe(text));

  test('a page nested without end is read without harm', () => {
    expect(htmlToScript(`${'<div>'.repeat(20_000)}deep`).length).toBeLessThan(10);
  });
});

describe('ZIP', () => {
  const texts = [
    { name: 'a.txt', content: '# A' },
    { name: 'a.txt', content: '# B' },
    { name: 'ä b.txt', content: '# C' },
  ];

  test('what is packed opens in another library, with names of its own for each', async () => {
    const zip = await JSZip.loadAsync(pack(texts));
    expect(Object.keys(zip.files)).toEqual(['a.txt', 'a-2.txt', 'ä b.txt']);
    expect(await zip.file('a-2.txt')?.async('string')).toBe('# B');
  });

  test('of very many files and very large ones nothing is opened', () => {
    const many = pack(Array.from({ length: 5001 }, (_, index) => ({ name: `${index}.txt`, content: '' })));
    expect(unpack(many, () => true, { file: 1000, all: 1000 })).toHaveProperty('problem');
    const two = pack([{ name: 'a.txt', content: 'x'.repeat(700) }, { name: 'b.txt', content: 'x'.repeat(700) }]); // prettier-ignore
    expect(unpack(two, () => true, { file: 1000, all: 1399 })).toHaveProperty('problem');
    expect(unpack(two, () => true, { file: 1000, all: 1400 })).toHaveProperty('files');
    expect(unpack(two, () => true, { file: 699, all: 1400 })).toHaveProperty('problem');
  });

  test('two files of one name are both read, and one that is damaged is named', async () => {
    // Names of the same length, so that the second can be given the name of the first in the bytes of the file.
    const bytes = pack([{ name: 'one.txt', content: '# One' }, { name: 'two.txt', content: '# Two' }]); // prettier-ignore
    const text = Buffer.from(bytes).toString('latin1').replaceAll('two.txt', 'one.txt');
    const { dances, problems } = await readAnyFile(new Uint8Array(Buffer.from(text, 'latin1')), 'all.zip');
    expect([dances.map(({ name, text: own }) => [name, own]), problems]).toEqual([[['one.txt', '# One'], ['one-2.txt', '# Two']], []]); // prettier-ignore
    const long = pack([{ name: 'good.txt', content: '# Good' }, { name: 'bad.txt', content: 'x'.repeat(90_000) }]); // prettier-ignore
    const at = Buffer.from(long).indexOf('bad.txt') + 8;
    const broken = await readAnyFile(long.map((byte, index) => (index >= at && index < at + 9 ? 0xff : byte)), 'all.zip'); // prettier-ignore
    expect([broken.dances.map(({ name }) => name), broken.problems]).toEqual([['good.txt'], ['bad.txt: This file is damaged: it can’t be unpacked.']]); // prettier-ignore
  });

  test('what another library packed is read, folders and hostile paths included, and leads nowhere', async () => {
    const zip = new JSZip();
    zip.file('../../etc/passwd.txt', '# Up and away\n1-4 Vine R');
    zip.file('C:\\windows\\b.md', '# Drive');
    zip.file('__MACOSX/c.txt', '# Hidden');
    zip.file('d.exe', 'no');
    zip.file('__proto__.txt', '# Proto');
    const bytes = await zip.generateAsync({ type: 'uint8array', compression: 'DEFLATE' });
    const { dances, problems } = await readAnyFile(bytes, 'all.zip');
    expect(dances.map(({ name }) => name).sort()).toEqual(['__proto__.txt', 'b.md', 'passwd.txt']);
    expect(problems).toEqual([]);
    expect(({} as Record<string, unknown>).polluted).toBeUndefined();
  });

  test('one that unpacks to gigabytes is stopped where the limit is, whatever it says of itself', async () => {
    const zip = new JSZip();
    zip.file('bomb.txt', new Uint8Array(12_000_000));
    const bytes = await zip.generateAsync({
      type: 'uint8array',
      compression: 'DEFLATE',
      compressionOptions: { level: 9 },
    });
    expect(bytes.length).toBeLessThan(30_000);
    const { dances, problems } = await readAnyFile(bytes, 'bomb.zip');
    expect(dances).toEqual([]);
    expect(problems[0]).toMatch(/unpacks to far more/);
    expect(unpack(bytes, () => true, { file: 1000, all: 1000 })).toHaveProperty('problem');
  });
});

/** A Word file whose document is this XML. */
async function docxOf(document: string): Promise<Uint8Array> {
  const made = unpack(await printDanceDocx(studyText('# A'), { language: 'en', paper: 'a4' }), () => true, {
    file: 1e6,
    all: 1e7,
  });
  const files = 'files' in made ? [...made.files].map(([name, content]) => ({ name, content })) : [];
  return pack(
    files.map(({ name, content }) => (name === 'word/document.xml' ? { name, content: document } : { name, content })),
  );
}

const BODY =
  '<?xml version="1.0"?><w:document xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"><w:body>';

describe('files that are no dance are refused in a sentence', () => {
  const HEIC = new Uint8Array([0, 0, 0, 24, ...new TextEncoder().encode('ftypheic')]);
  test.each<[string, () => Uint8Array | Promise<Uint8Array>, RegExp]>([
    ['empty.txt', () => new Uint8Array(), /empty/],
    ['huge.txt', () => new Uint8Array(MOST_FILE + 1), /larger than 40 MB/],
    ['photo.png', () => new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0, 1]), /picture/],
    ['photo.heic', () => HEIC, /picture/],
    ['cut.docx', () => new Uint8Array([0x50, 0x4b, 3, 4, 20, 0, 0, 0]), /damaged/],
    ['old.doc', () => new Uint8Array([0xd0, 0xcf, 0x11, 0xe0, 1]), /old kind/],
    [
      'cut.docx',
      async () => (await docxOf(`${BODY}<w:p/></w:body></w:document>`)).subarray(0, 900),
      /damaged|no dance|no Word/,
    ],
    ['cut.pdf', () => new TextEncoder().encode('%PDF-1.7\n1 0 obj <<'), /damaged/],
    ['broken.docx', () => docxOf(`${BODY}<w:p><w:r>`), /damaged|no words/],
    [
      'runs.docx',
      () => docxOf(`${BODY}<w:p>${'<w:r><w:t>a</w:t></w:r>'.repeat(1_000_000)}</w:p></w:body></w:document>`),
      /far longer/,
    ],
    ['pictures.docx', () => docxOf(`${BODY}<w:p/></w:body></w:document>`), /only pictures/],
    ['deep.json', () => new TextEncoder().encode('{"format":"pace-slate-dance","version":1,"text":'), /damaged/],
    ['noise.zip', () => new Uint8Array([0x50, 0x4b, 3, 4, ...deflateRawSync(Buffer.from('x'))]), /damaged|no dance/],
  ])('%s', async (name, make, sentence) => {
    const { dances, problems } = await readAnyFile(await make(), name);
    expect(dances).toEqual([]);
    expect(problems).toHaveLength(1);
    expect(problems[0]).toMatch(sentence);
    expect(problems[0]).toContain(name);
  });

  test('prototype keys in JSON change nothing', async () => {
    const json =
      '{"format":"pace-slate-dance","version":1,"text":"# A","__proto__":{"polluted":true},"constructor":{"prototype":{"polluted":true}}}';
    expect((await readAnyFile(new TextEncoder().encode(json), 'a.json')).dances[0].text).toBe('# A');
    expect(({} as Record<string, unknown>).polluted).toBeUndefined();
  });

  test('a scanned PDF is told what to do instead', async () => {
    const page =
      '%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n2 0 obj<</Type/Pages/Kids[3 0 R]/Count 1>>endobj\n3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 100 100]>>endobj\ntrailer<</Root 1 0 R>>\n%%EOF';
    expect((await readAnyFile(new TextEncoder().encode(page), 'scan.pdf')).problems[0]).toMatch(/picture of a page/);
  });
});

// Made by pandoc 2.17 from one page: a title, facts, a table of counts and steps, lines, a list, letters beyond ASCII.
describe('files that another program wrote', () => {
  const read = async (name: string) => {
    const { dances, problems } = await readAnyFile(readFileSync(`src/formats/fixtures/${name}`), name);
    expect(problems).toEqual([]);
    return dances[0];
  };

  test('an OpenDocument text keeps its headings, rows, lines and letters', async () => {
    const { kind, text } = await read('pandoc.odt');
    expect(kind).toBe('OpenDocument text');
    expect(text).toBe(
      '# Tide Table Two Step\nZwei Wände, 16 counts, weight on the left\n\n## First eight\n1-4    Vine R, touch L\n5-8    Vine L, touch R\n\n## Second eight\n1-2 Step R forward, pivot ½ left\n3&4 Shuffle R forward\n5-6 Rock L forward, recover R\n7&8 Coaster L\n\nRückblick – „schön“\n',
    );
  });

  test.each(['pandoc.odt', 'pandoc.rtf'])('%s is danced as it was meant', async (name) => {
    const { dance, findings } = studyText((await read(name)).text);
    expect(dance.parts[0].sections.map(({ counts, after }) => [counts, after.weight, after.facing])).toEqual([
      [8, 'L', 0],
      [8, 'L', 24],
    ]);
    expect(findings.filter(({ severity }) => severity !== 'remark')).toEqual([]);
  });

  test('rich text keeps the cells of a row together, and letters of any page', async () => {
    const { kind, text } = await read('pandoc.rtf');
    expect(kind).toBe('rich text');
    expect(text).toContain('1-4\tVine R, touch L');
    expect(text).toContain('pivot ½ left');
    expect(text).toContain('Rückblick – „schön“');
    const own = String.raw`{\rtf1\ansi\ansicpg1252{\fonttbl{\f0 Arial;}}{\*\generator x;}\uc1 Schlie\'dfen \u9679?\line 1&2 {\b Shuffle} R\par}`;
    expect((await readAnyFile(bytesOf(own), 'own.rtf')).dances[0].text).toBe('Schließen ●\n1&2 Shuffle R\n');
  });

  const odtOf = (inner: string): Uint8Array => {
    const xml = `<?xml version="1.0"?><office:document-content xmlns:office="o" xmlns:text="t"><office:body><office:text>${inner}</office:text></office:body></office:document-content>`;
    return pack([{ name: 'content.xml', content: xml }]);
  };

  // Each took from seconds to minutes once: what was looked for from every place is looked for in one go.
  test('very many paragraphs, spaces and breaks are read in one go', () => {
    expect(readRtf(new TextEncoder().encode(`{\\rtf1 a${'\\par'.repeat(400_000)} b}`))).toBe('a\n\nb\n');
    expect(readRtf(new TextEncoder().encode(`{\\rtf1 a${'\\par\\cell'.repeat(100_000)} b}`))).toMatch(/^a\t+ ?b\n$/);
    const spaces = odtOf(`<text:p>a${'<text:s/>'.repeat(500_000)}b</text:p>`);
    expect(readOdt(spaces)).toEqual({ text: 'a b\n' });
  });

  test('a spreadsheet of the same family, and a text without sound XML, are refused in a sentence', async () => {
    const odf = async (mimetype: string, content: string) => {
      const zip = new JSZip();
      zip.file('mimetype', mimetype).file('content.xml', content);
      return readAnyFile(await zip.generateAsync({ type: 'uint8array' }), 'x.ods');
    };
    expect((await odf('application/vnd.oasis.opendocument.spreadsheet', '<a/>')).problems[0]).toContain('no text document');
    expect((await odf('application/vnd.oasis.opendocument.text', '<a><b></a>')).problems[0]).toContain('damaged');
  }); // prettier-ignore

  // ODF 1.3 part 2, 3.3: the first entry is called mimetype and is not packed; the words then stand from byte 38.
  test('an OpenDocument text that leaves says at its beginning what it is', async () => {
    const made = bytesOf(await makeExport('odt', plainOrder(ferry, '', 'en', 0), means));
    expect(new TextDecoder('latin1').decode(made.subarray(30, 77))).toBe('mimetypeapplication/vnd.oasis.opendocument.text');
  }); // prettier-ignore
});

interface FontReader {
  create: (bytes: Uint8Array) => {
    numGlyphs: number;
    characterSet: number[];
    glyphForCodePoint: (point: number) => { path: { toSVG: () => string } };
  };
}

test('a WOFF file opens to the tables that another reader (fontkit) finds in it', () => {
  const packed = readFileSync(
    'node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff',
  );
  const open = openWoff(packed);
  // OpenType 1.9, Table Directory: the version of TrueType outlines, or of CFF.
  expect(['\0\x01\0\0', 'OTTO']).toContain(String.fromCharCode(...open.subarray(0, 4)));
  const { create } = createRequire(path.resolve('package.json'))('fontkit') as FontReader;
  const [before, after] = [create(packed), create(Buffer.from(open))].map((font) => ({
    glyphs: font.numGlyphs,
    letters: font.characterSet,
    shapes: [...'aWé&8'].map((letter) => font.glyphForCodePoint(letter.codePointAt(0) as number).path.toSVG()),
  }));
  expect(before.shapes[0]).toMatch(/^M/);
  expect(after).toEqual(before);
  expect(openWoff(open)).toBe(open);
});

/** What leaves opens again, bit for bit; what is no dance is refused in a sentence. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import Ajv2020 from 'ajv/dist/2020';
import addFormats from 'ajv-formats';
import { parse } from 'parse5';
import { studyText, viewSheet } from '../core';
import { makeBackup, readBackup } from '../store/backup';
import { saveRecording } from '../store/recordings';
import { SlateDatabase } from '../store/database';
import { addDance } from '../store/dances';
import { printDanceHtml, readDanceHtml } from './dance-html';
import { printDanceJson, readDanceJson } from './dance-json';
import { readAnyFile } from './read-any';
import { MOST_BYTES, readTextBytes } from './text-file';

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);
const anyText = fc.string({ unit: 'grapheme', maxLength: 400 });

test('JSON gives every text back', () => {
  fc.assert(
    fc.property(anyText, anyText, (title, text) => {
      expect(readDanceJson(printDanceJson({ title, text }))).toMatchObject({ dance: { title, text } });
    }),
  );
});

test('letters that nobody can see or print are left out where they come in', () => {
  const json = printDanceJson({ title: 'E\u0000bb', text: '# E\u0000bb\n1-4 Vine\u0007 R\tx' });
  expect(readDanceJson(json)).toMatchObject({ dance: { title: 'Ebb', text: '# Ebb\n1-4 Vine R\tx' } });
});

test('a web page gives every text back, whatever it holds', () => {
  const nasty = [
    '</script><script>alert(1)</script>',
    '<!--',
    '# <b>Ebb</b>\n1-4 Vine R "<i>"',
    '\u2028',
    '${x}',
    '&amp;',
  ];
  for (const text of nasty) {
    const html = printDanceHtml(viewSheet(studyText(text).dance), text);
    expect(readDanceHtml(html)).toEqual({ text });
    expect(html.match(/<script/g)).toHaveLength(1);
  }
  fc.assert(
    fc.property(anyText, (text) =>
      expect(readDanceHtml(printDanceHtml(viewSheet(studyText(text).dance), text))).toEqual({ text }),
    ),
    { numRuns: 40 },
  );
});

test('the web page shows what was worked out', () => {
  const text = readFileSync('dances/ferry-at-dusk.txt', 'utf8');
  const html = printDanceHtml(viewSheet(studyText(text).dance), text);
  expect(html).toContain('<h1>Ferry at Dusk</h1>');
  expect(html).toMatch(
    /<th scope="row">5-6<\/th><td>Step R forward, pivot 1\/2 left<\/td><td class="feet">R L<\/td><td class="hour">6:00<\/td>/,
  );
  expect(html).toContain('ends facing 9:00, weight on L');
});

test('the web page of a dance with a plan has a row for every wall, and nothing typed in a plan is markup', () => {
  const text = readFileSync('dances/low-tide-lanterns.txt', 'utf8');
  const html = printDanceHtml(viewSheet(studyText(text).dance), text);
  const rows = html.slice(html.indexOf('class="walls"')).match(/<tr><th scope="row">.*<\/tr>/g) ?? [];
  expect(rows).toHaveLength(9);
  expect(rows[2]).toBe(
    '<tr><th scope="row">3</th><td>6:00</td><td>16</td><td>restart after 16 counts (the end of section 2), facing 9:00</td><td class="hour">9:00</td></tr>',
  );
  const nasty = text
    .replace('arms wide', '<img src=x onerror=alert(1)>')
    .replace('walls 1, 4: tag lamp', 'walls 1, 4: tag: hold 2 counts <b>');
  const page = printDanceHtml(viewSheet(studyText(nasty).dance), nasty);
  expect(page.slice(0, page.indexOf('<script'))).not.toMatch(/<(?:img|b)\b/);
});

describe('JSON, by a validator of JSON Schema (2020-12)', () => {
  const validator = (file: string) =>
    addFormats(new Ajv2020({ strict: true })).compile(JSON.parse(readFileSync(file, 'utf8')));

  test('what is exported fits the published schema; what is no dance does not', () => {
    const fits = validator('docs/dance.schema.json');
    expect(
      fits(JSON.parse(printDanceJson({ title: 'Ebb', text: '# Ebb', changedAt: new Date(0).toISOString() }))),
    ).toBe(true);
    for (const wrong of [
      {},
      { format: 'pace-slate-dance', version: 2, text: '' },
      { format: 'pace-slate-dance', version: 1 },
      { format: 'pace-slate-dance', version: 1, text: '', changedAt: 'soon' },
    ])
      expect(fits(wrong)).toBe(false);
  });

  test('a backup fits its schema, and what the reader refuses does not', async () => {
    const fits = validator('docs/backup.schema.json');
    const db = new SlateDatabase('formats-backup');
    const { id } = await addDance('# Ebb\n1-4 Vine R', db, {
      tags: ['Monday'],
      source: { name: 'a.txt', kind: 'text', text: 'a' },
    });
    const heard = {
      bpm: 100,
      firstBeat: 1,
      beats: [1],
      confidence: 1,
      changes: [],
      pauses: [],
      others: [],
      seconds: 9,
    };
    await saveRecording(
      { id, name: 'a.ogg', kind: '', size: 1, addedAt: 1, byBand: false, level: 1, heard, peaks: new Int8Array(2) },
      new Uint8Array(1),
      db,
    );
    const backup = JSON.parse(await makeBackup(db, true)) as Record<string, unknown>;
    expect(fits({ ...backup, recordings: [{ id }] })).toBe(false);
    await db.delete();
    expect(fits(backup)).toBe(true);
    for (const key of ['format', 'version', 'dances', 'revisions', 'sources', 'figures'])
      expect([
        fits({ ...backup, [key]: undefined }),
        'problem' in readBackup(JSON.stringify({ ...backup, [key]: undefined })),
      ]).toEqual([false, true]);
  });
});

test('a web page, by an HTML parser (parse5): no error, its language, headings in order, a header for every column', () => {
  const text = readFileSync('dances/low-tide-lanterns.txt', 'utf8');
  for (const language of ['en', 'de', 'fr'] as const) {
    const html = printDanceHtml(viewSheet(studyText(text).dance, { language }), text);
    const errors: string[] = [];
    parse(html, { onParseError: ({ code }) => errors.push(code) });
    expect(errors).toEqual([]);
    expect(html).toContain(`<html lang="${language}">`);
    expect(html.match(/<h1>/g)).toHaveLength(1);
    for (const [table] of html.matchAll(/<table>.*?<\/table>/gs)) {
      const heads = table.match(/<th scope="col">/g)?.length ?? 0;
      const [row] = /<tr><th scope="row">.*?<\/tr>/s.exec(table) ?? [''];
      expect(row.match(/<t[dh]/g)).toHaveLength(heads);
    }
  }
});

const REFUSED: [name: string, file: string, content: Uint8Array, sentence: RegExp][] = [
  ['bytes that are no text', 'a.txt', new Uint8Array([0x89, 0x50, 0, 1]), /not a text file/],
  ['letters of another encoding', 'a.txt', new Uint8Array([0x66, 0xfc, 0x72]), /letters can’t be read/],
  ['more than a megabyte', 'a.txt', new Uint8Array(MOST_BYTES + 1).fill(97), /larger than 1 MB/],
  ['another version', 'a.json', bytes('{"format":"pace-slate-dance","version":2,"text":""}'), /another version \(2\)/],
  ['no version', 'a.json', bytes('{"format":"pace-slate-dance","text":""}'), /another version \(none\)/],
  ['another shape', 'a.json', bytes('{"format":"pace-slate-dance","version":1}'), /text is missing/],
  ['text that is no text', 'a.json', bytes('{"format":"pace-slate-dance","version":1,"text":7}'), /text is missing/],
  ['something else', 'a.json', bytes('[1,2]'), /something other than a dance/],
  ['a broken file', 'a.json', bytes('{"format"'), /damaged/],
  [
    'a damaged page',
    'a.html',
    bytes('<html><script type="application/json" id="pace-slate-source">{</script>'),
    /damaged/,
  ],
];

describe('refused in a sentence', () => {
  test.each(REFUSED)('%s', async (_, name, content, sentence) => {
    expect(await readAnyFile(content, name)).toEqual({ dances: [], problems: [expect.stringMatching(sentence)] });
  });
});

test('plain text is taken as it is, with line ends of any kind', async () => {
  const open = async (text: string) => (await readAnyFile(bytes(text), 'ebb.txt')).dances[0].text;
  expect(await open('1-4 Vine R\r\n5-8 Vine L\r')).toBe('1-4 Vine R\n5-8 Vine L\n');
  expect(readTextBytes(new Uint8Array())).toEqual({ text: '' });
  // A dance in JSON is known by what is inside, whatever its name.
  expect(await open(printDanceJson({ title: '', text: '# Ebb' }))).toBe('# Ebb');
});

/** Pages: the laws of breaking, the papers' sizes, and the PDF through another reader. */
import { describe, expect, test } from '@jest/globals';
import { readFileSync, readdirSync } from 'node:fs';
import fc from 'fast-check';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { inLanguage, least, SLATE_STYLE, studyText, tidyScript, viewCounts, viewSummary } from '../core';
import { printSheetPdf } from '../formats/sheet-pdf';
import { readPdf } from '../formats/read-pdf';
import { pdfFonts } from '../formats/node-fonts';
import { flow, type Frame, type Piece } from './flow';
import { FORMS, paperOf, PAPERS, PLAIN_PAPER, type Item, type PaperChoice, type PrintedSheet } from './page';
import { printEvening } from './evening-page';
import { printSheet } from './print-sheet';
import { settable, widthOf, wrap } from './type';

const demo = (name: string) => studyText(readFileSync(`dances/${name}.txt`, 'utf8'));
const DEMOS = readdirSync('dances')
  .filter((name) => name.endsWith('.txt'))
  .map((name) => name.replace('.txt', ''));

const textOf = (sheet: PrintedSheet): string[] =>
  sheet.pages.flatMap(({ blocks }) =>
    blocks.map(({ items }) => items.flatMap((item) => (item.kind === 'text' ? [item.text] : [])).join(' ')),
  );

test('papers have the sizes of their standards', () => {
  // ISO 216: A4 is 210 mm by 297 mm. ANSI/ASME Y14.1: A (Letter) is 8.5 in by 11 in. A point is 1/72 inch, an inch 25.4 mm.
  const millimetres = PAPERS.map(({ width, height }) =>
    [width, height].map((points) => Math.round((points / 72) * 254) / 10),
  );
  expect(millimetres).toEqual([[210, 297], [215.9, 279.4]]); // prettier-ignore
  // ISO 216: the sides of an A sheet are as 1 to the square root of 2.
  expect(PAPERS[0].height / PAPERS[0].width).toBeCloseTo(Math.SQRT2, 2);
  expect(paperOf('nowhere')).toBe(PAPERS[0]);
});

describe('lines of type', () => {
  test('no line is wider than its column, and no letter is lost', () => {
    fc.assert(
      fc.property(
        fc.stringMatching(/^[a-zA-Z0-9 ,&/äéß]{1,200}$/),
        fc.integer({ min: 30, max: 300 }),
        (text, width) => {
          const lines = wrap(text, width, 10, 'regular');
          for (const line of lines) expect(line.length === 1 || widthOf(line, 10, 'regular') <= width).toBe(true);
          expect(lines.join('').replace(/ /g, '')).toBe(text.replace(/ /g, ''));
        },
      ),
    );
  });
  test.each([
    ['1⅛ turn → 6:00', '11/8 turn -> 6:00', ''],
    ['zurück, côté, Łódź', 'zurück, côté, Łódź', ''],
    ['hop 跳 hop', 'hop  hop', '跳'],
  ])('%s', (text, set, lost) => {
    const missing = new Set<string>();
    expect(settable(text, missing)).toBe(set);
    expect([...missing].join('')).toBe(lost);
  });
});

const FRAME: Frame = {
  paper: { id: 'x', name: 'x', width: 200, height: 300 },
  margin: 20,
  columns: 1,
  gutter: 10,
  foot: 10,
  running: 10,
};

describe('breaking pages', () => {
  const group = fc.array(fc.integer({ min: 8, max: 40 }), { minLength: 1, maxLength: 12 });
  test.each([1, 2] as const)(
    '%s columns: nothing leaves the page, nothing is lost, no heading is left alone',
    (columns) => {
      fc.assert(
        fc.property(fc.array(group, { minLength: 1, maxLength: 14 }), (groups) => {
          const placed: { name: string; page: number; x: number; y: number; height: number }[] = [];
          let calls = 0;
          const pieces = groups.map((heights, g) =>
            heights.map((height, p): Piece => ({
              height,
              before: 4,
              keepsWithNext: p === 0 && heights.length > 1,
              draw: (x, y) => [
                {
                  tag: 'P',
                  items: [{ kind: 'text', x, y, text: `${g}.${p}.${height}`, size: 1, face: 'regular', tint: 'ink' }],
                },
              ],
            })),
          );
          const pages = flow([], pieces, { ...FRAME, columns }, () => ((calls += 1), []));
          pages.forEach(({ blocks }, page) =>
            blocks.forEach(({ items: [item] }) => {
              if (item.kind === 'text')
                placed.push({ name: item.text, page, x: item.x, y: item.y, height: Number(item.text.split('.')[2]) });
            }),
          );
          expect(calls).toBe(pages.length);
          expect(placed.map(({ name }) => name)).toEqual(
            groups.flatMap((heights, g) => heights.map((height, p) => `${g}.${p}.${height}`)),
          );
          expect(placed.filter(({ y, height }) => y < 20 || y + height > 270)).toEqual([]);
          const isLeftAlone = ({ name, page, x }: (typeof placed)[number], index: number): boolean => {
            const [group, piece] = name.split('.');
            const next = placed[index + 1];
            return piece === '0' && next?.name.split('.')[0] === group && (next.page !== page || next.x !== x);
          };
          expect(placed.filter(isLeftAlone)).toEqual([]);
        }),
      );
    },
  );
});

const choice = (more: Partial<PaperChoice> = {}): PaperChoice => ({ ...PLAIN_PAPER, ...more });

describe.each(DEMOS)('%s on paper', (name) => {
  const { dance } = demo(name);
  test('stays inside its margins in every form, on either paper, in one column or two', () => {
    for (const form of FORMS)
      for (const paper of ['a4', 'letter'])
        for (const columns of [1, 2] as const) {
          const sheet = printSheet(dance, choice({ form, paper, columns, floor: columns === 1 }));
          const { width, height } = sheet.paper;
          const items = sheet.pages.flatMap(({ blocks }) => blocks.flatMap(({ items }): readonly Item[] => items));
          const isOutside = (item: Item): boolean => {
            const right = item.kind === 'text' ? item.x + widthOf(item.text, item.size, item.face) : item.x;
            return item.x < 30 || right > width - 40 || item.y < 40 || item.y > height - 30;
          };
          expect(items.filter(isOutside)).toEqual([]);
        }
  });
  test('holds every line that is danced', () => {
    const words = textOf(printSheet(dance, choice())).join(' ').replace(/\s+/g, ' ');
    for (const { sections } of dance.parts)
      for (const { lines } of sections)
        for (const { line } of lines) {
          const counts = line.step?.groups[0]?.counts?.span;
          if (counts) expect(words).toContain(line.text.slice(counts.from, counts.to));
        }
  });
  test('its cue card is one page, read at two metres', () => {
    const { pages } = printSheet(dance, choice({ form: 'cue-card' }));
    expect(pages).toHaveLength(1);
    const sizes = pages[0].blocks.flatMap(({ items }) =>
      items.flatMap((item) => (item.kind === 'text' && item.tint === 'right' ? [item.size] : [])),
    );
    // 16 points and more: over 4 mm of capital letter (common practice, no source: 1/500 of the distance).
    expect(least(sizes)).toBeGreaterThan(16);
  });
});

test('what is switched off is not on the paper', () => {
  const { dance } = demo('low-tide-lanterns');
  const count = (more: Partial<PaperChoice>) =>
    printSheet(dance, choice(more))
      .pages.flatMap(({ blocks }) => blocks.flatMap(({ items }): readonly Item[] => items))
      .filter(({ kind }) => kind === 'path').length;
  const all = count({});
  for (const key of ['feet', 'rooms', 'rails'] as const) expect(count({ [key]: false })).toBeLessThan(all);
  expect(count({ floor: true })).toBeGreaterThan(all);
  const words = (more: Partial<PaperChoice>) => textOf(printSheet(dance, choice(more))).join(' ');
  expect(words({})).toContain('option no turn');
  expect(words({ options: false })).not.toContain('option no turn');
  expect(words({})).toContain('Lift the heels');
  expect(words({ notes: false })).not.toContain('Lift the heels');
});

test('counts and summary tell the dance shortly', () => {
  const ferry = demo('ferry-at-dusk').dance;
  expect(
    viewCounts(ferry)[0]
      .counts.map(({ label }) => label)
      .join(' '),
  ).toBe('1 & 2 3 & 4 5 6 7 & 8');
  expect(viewSummary(ferry)).toEqual([
    'Ferry at Dusk: 32 counts, 4 walls, improver, Wren Tolliver',
    'Music: Last Boat Over, 116 bpm · Intro: 32 counts · Start: weight on L, R leads',
    'No tags, no restarts.',
  ]);
  expect(viewSummary(demo('low-tide-lanterns').dance)[2]).toContain(
    'Wall 3: restart after 16 counts (the end of section 2), facing 9:00.',
  );
});

describe('the PDF, read by pdf.js (a general-purpose reader library)', () => {
  const { dance } = demo('low-tide-lanterns');
  const german = studyText(tidyScript(dance, inLanguage(SLATE_STYLE, 'de'))).dance;
  test.each([
    ['en', dance, 'Step R forward, pivot 1/2 left'],
    ['de', german, 'Schritt R vor, Pivot 1/2 links herum'],
  ] as const)('carries its words, pages, title and language (%s)', async (language, own, words) => {
    const sheet = printSheet(own, choice(), { language, revision: 'harbour night' });
    const bytes = await printSheetPdf(sheet, pdfFonts(), { author: 'Wren Tolliver', madeAt: new Date(0) });
    const read = await readPdf(bytes);
    if ('problem' in read) throw new Error(read.problem);
    expect(read.pages).toBe(sheet.pages.length);
    expect(read.text).toContain('Low Tide Lanterns');
    expect(read.text).toContain(words);
    const raw = new TextDecoder('latin1').decode(bytes);
    // ISO 32000-1: 14.7.2 (StructTreeRoot), 14.9.2 (Lang), 14.3.3 (Title), 9.9 (embedded font programs).
    expect(raw).toContain('/StructTreeRoot');
    expect(raw).toContain(`/Lang (${language})`);
    expect(raw).toContain('/DisplayDocTitle true');
    expect(raw).toMatch(/\/FontFile[23]/);
    expect(raw).not.toContain('Helvetica');
  });

  test('without its script inside, its lines are read as step lines again', async () => {
    const ferry = demo('ferry-at-dusk');
    const bytes = await printSheetPdf(printSheet(ferry.dance, choice()), pdfFonts(), {
      author: '',
      madeAt: new Date(0),
    });
    const read = await readPdf(bytes);
    const text = 'text' in read ? read.text.slice(0, read.text.indexOf('Walls\n')) : '';
    const again = studyText(text);
    expect([again.view.truth.counts, again.dance.netTurn]).toEqual([32, ferry.dance.netTurn]);
  });

  test('letters that would be drawn together stand as far apart as they were measured', async () => {
    const { dance: own } = studyText('# AVA To Yo We\n\n## Section 1\n1-8 Walk\n');
    const bytes = await printSheetPdf(printSheet(own, choice()), pdfFonts(), { author: '', madeAt: new Date(0) });
    // Read by another library: how wide the title was set.
    const page = await (await getDocument({ data: bytes, verbosity: 0 }).promise).getPage(1);
    const { items } = await page.getTextContent();
    const [title] = items.flatMap((item) => ('str' in item && item.str.startsWith('AVA') ? [item] : []));
    const size = title.transform[3] as number;
    expect(title.width).toBeCloseTo(widthOf(title.str, size, 'bold'), 1);
  });

  test('made by this slate it carries its script, letter for letter', async () => {
    const { text, dance: own } = demo('regatta-morning');
    const bytes = await printSheetPdf(printSheet(own, choice()), pdfFonts(), {
      author: '',
      madeAt: new Date(0),
      source: text,
    });
    expect(await readPdf(bytes)).toMatchObject({ isOwn: true, text });
  });
});

test('the plan of an evening has the clock beside each step, its reasons, cautions and the usual warning, inside its margins', () => {
  const step = { kind: 'run' as const, minutes: 25, words: 'Ebb: all of it', why: 'Asked for by Wren.', sections: [], cautions: ['Softly.'], isDone: false };
  const steps = Array.from({ length: 30 }, (_, index) => ({ ...step, id: `step-${index}` }));
  const evening = { id: 'e', groupId: 'g', groupName: 'Friday crew', place: 'Boat shed', date: '2026-09-11', time: '19:30', minutes: 60, state: 'planned' as const, steps, notes: [], words: 'Bring the lamp.' };
  const sheet = printEvening(evening, 'Friday 11 September 2026', 'letter');
  const words = textOf(sheet).join('\n');
  expect(sheet.pages.length).toBeGreaterThan(1);
  for (const expected of ['Friday crew', 'Friday 11 September 2026', '19:30', '19:55 Ebb: all of it (25 min)', 'Asked for by Wren.', 'Softly.', 'Bring the lamp.', 'doctor or', 'page 2 of'])
    expect(words).toContain(expected);
  const items = sheet.pages.flatMap(({ blocks }) => blocks.flatMap((block) => block.items));
  for (const item of items)
    if (item.kind === 'text') {
      expect(item.x + widthOf(item.text, item.size, item.face)).toBeLessThanOrEqual(sheet.paper.width - 42 + 0.5);
      expect(item.y).toBeLessThanOrEqual(sheet.paper.height - 36);
    }
}); // prettier-ignore

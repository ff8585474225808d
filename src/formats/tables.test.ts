/** Markdown and CSV: the same dance comes back, cells run nothing, and other people's tables are read where they can be. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import Papa from 'papaparse';
import { readdirSync, readFileSync } from 'node:fs';
import { WORKED_DANCES } from '../../dances/test/corpus';
import { PLANNED_DANCES } from '../../dances/test/plans';
import { studyText, wallsOf } from '../core';
import { printDanceCsv, readDanceCsv } from './dance-csv';
import { printDanceMarkdown, readDanceMarkdown } from './dance-markdown';
import { readAnyFile } from './read-any';

const DANCES: [name: string, text: string][] = [
  ...readdirSync('dances')
    .filter((file) => file.endsWith('.txt'))
    .map((file): [string, string] => [file, readFileSync(`dances/${file}`, 'utf8')]),
  ...WORKED_DANCES.map(({ kind, text }): [string, string] => [kind, text]),
  ...PLANNED_DANCES.map(({ kind, text }): [string, string] => [kind, text]),
];

/** What is danced: every action with its place, and every wall. */
const danced = (text: string): string[] => {
  const { dance, script } = studyText(text);
  const blocks = [...dance.parts, ...dance.tags].flatMap(({ moments }) =>
    moments.map(
      ({ time, action, after }) =>
        `${time} ${action.foot} ${action.word} ${action.direction} ${after.weight} ${after.rotation}`,
    ),
  );
  const walls = wallsOf(dance).walls.map(({ number, start, end, counts }) => `${number} ${start} ${end} ${counts}`);
  return [script.title, ...script.header.entries.map(({ key, value }) => `${key}: ${value}`), ...blocks, ...walls];
};

describe.each(DANCES)('%s', (_, text) => {
  test('comes back from Markdown as the same dance, and prints the same again', () => {
    const markdown = printDanceMarkdown(studyText(text));
    const back = readDanceMarkdown(markdown);
    expect(danced(back)).toEqual(danced(text));
    expect(printDanceMarkdown(studyText(back))).toBe(markdown);
  });

  test('comes back from CSV letter for letter', () =>
    expect(readDanceCsv(printDanceCsv(studyText(text)))).toEqual({ text }));
});

describe('CSV', () => {
  // RFC 4180, section 2: lines end with CRLF (1); a cell with quotes, commas or breaks stands in quotes, quotes inside doubled (5 to 7).
  test('keeps to RFC 4180', () => {
    const csv = printDanceCsv(studyText('# Ebb "and" flow, twice\n1-4 Vine R, touch L'));
    expect(csv.endsWith('\r\n')).toBe(true);
    expect(csv.split('\r\n').every((line) => !line.includes('\n'))).toBe(true);
    expect(csv).toContain('"# Ebb ""and"" flow, twice"');
    expect(csv.split('\r\n')[0]).toBe('row,kind,counts,text,foot,action,direction,takes weight,turn,weight,facing');
  });

  test('a row an action: its count, foot, action and what it leaves', () => {
    const rows = printDanceCsv(studyText('## Section 1 (2 counts)\n1-2 Step R forward, pivot 1/2 left')).split('\r\n');
    expect(rows.slice(3, 5)).toEqual([
      'action,action,1,,R,step,forward,yes,,R,12:00',
      'action,action,2,,L,pivot,,yes,-0.5,L,6:00',
    ]);
  });

  test.each([';=1+1', 'step R;  @A1', ";'=x", ';;-1', '1;\t+1', '=a;=b'])(
    '%j runs nothing where semicolons or tabs part the cells, and comes back',
    (cell) => {
      const csv = printDanceCsv(studyText(cell));
      for (const delimiter of [';', '\t'])
        for (const found of Papa.parse<string[]>(csv, { delimiter, quoteChar: '\u0000' }).data.flat())
          expect(found.trim()).not.toMatch(/^[=+@-]/);
      expect(readDanceCsv(csv)).toEqual({ text: cell });
    },
  );

  test.each(['=1+1', '+1', '-1', '@SUM(A1)', "'quoted", '\tx'])('%j runs nothing, and comes back', (cell) => {
    const csv = printDanceCsv(studyText(cell));
    expect(csv).not.toMatch(/(?:^|,|")[=+@\t-](?!\d*(?:\.\d+)?(?:,|$))/m);
    expect(readDanceCsv(csv)).toEqual({ text: cell });
  });

  test('any text comes back', () => {
    fc.assert(
      fc.property(
        fc.string({ unit: 'grapheme', maxLength: 200 }).filter((text) => !/[\r\u2028]/.test(text)),
        (text) => {
          expect(readDanceCsv(printDanceCsv(studyText(text)))).toEqual({ text });
        },
      ),
      { numRuns: 60 },
    );
  });

  test('somebody else’s table is read where it has counts and steps, and refused in a sentence where not', () => {
    expect(readDanceCsv('Count;Steps\n1-4;Vine R, touch L\n"5-8";"Vine L, touch R"')).toEqual({
      text: '1-4 Vine R, touch L\n5-8 Vine L, touch R\n',
    });
    for (const csv of ['', 'a', 'name,age\nHeron,3']) expect(readDanceCsv(csv)).toHaveProperty('problem');
  });
});

describe('Markdown', () => {
  test('is a table a section, with what was worked out beside each line', () => {
    const markdown = printDanceMarkdown(
      studyText(
        '# Ebb\nmusic: Slack Water\n\n## Section 1 (2 counts)\n1-2 Step R forward, pivot 1/2 left (6:00)\n> Heels up.',
      ),
    );
    expect(markdown).toBe(
      '# Ebb\n- **music**: Slack Water\n\n## Section 1 (2 counts)\n\n| Counts | Call | Feet | Weight | Facing |\n|---|---|---|---|---|\n| 1-2 | Step R forward, pivot 1/2 left (6:00) | R L | L | 6:00 |\n\n\\> Heels up.\n'.replace(
        '\\>',
        '>',
      ),
    );
  });

  test('bars, stars and signs of markup in what was typed stay what they are', () => {
    const text = '# Ebb | *flow* <b>\n\n## Section 1 (2 counts)\n1-2 Sway R, sway L [arms | wide *slowly* <i>]\n';
    const back = readDanceMarkdown(printDanceMarkdown(studyText(text)));
    expect([
      studyText(back).script.title,
      studyText(back).script.lines.find(({ kind }) => kind === 'step')?.step?.marks.notes[0].text,
    ]).toEqual(['Ebb | *flow* <b>', 'arms | wide *slowly* <i>']);
  });

  test.each(['Ends #', '# Begins', 'Middle # of it ##', '#', 'Ends \\#'])('a title %j stays what it is', (title) => {
    const text = `# ${title}\n\n## Section 1: ${title}\n1-2 Sway R, sway L\n`;
    const { script } = studyText(readDanceMarkdown(printDanceMarkdown(studyText(text))));
    expect(script.title).toBe(studyText(text).script.title);
  });

  test('signs that close a heading of somebody else’s are no part of it', () => {
    expect(readDanceMarkdown('# Ebb ##\n## Section 1 ##  \n1-2 Sway R, sway L')).toBe('# Ebb\n## Section 1\n1-2 Sway R, sway L\n'); // prettier-ignore
  });

  test('a sheet that somebody wrote down in lists is read', () => {
    const text = readDanceMarkdown(
      '# Ebb\n\n**Music:** Slack Water\n\n## Section 1\n\n- 1-4 Vine R, touch L\n* **5-8** Vine L, touch R\n',
    );
    expect(studyText(text).dance.counts).toBe(8);
    expect(studyText(text).script.header.entries.map(({ key }) => key)).toContain('music');
  });
});

test('files are opened by what they are called', async () => {
  const bytes = (text: string) => new TextEncoder().encode(text);
  const open = async (text: string, name: string) =>
    (await readAnyFile(bytes(text), name)).dances.map(({ text: own }) => own);
  expect(await open('| Counts | Call |\n|---|---|\n| 1-4 | Vine R |', 'ebb.md')).toEqual(['1-4    Vine R\n']);
  expect(await open('counts,steps\n1-4,Vine R', 'ebb.csv')).toEqual(['1-4 Vine R\n']);
  expect(await open('name,age\nHeron,3', 'ebb.csv')).toEqual([]);
});

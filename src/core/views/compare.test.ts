/** Two states compared: what dancers are told. The sentences are written by hand. */
import { describe, expect, test } from '@jest/globals';
import { studyText } from '../study';
import { compareDances } from './compare';
import { likenessTo, viewImport } from './import-view';

const BASE = `# Tide
level: improver
start: weight L

## Section 1: shuffles
1&2 Shuffle R forward
3&4 Shuffle L forward
5-6 Rock R forward, recover L
7&8 Coaster R

## Section 2
1-2 Step L forward, pivot 1/4 right
3-4 Walk L, walk R
5-8 Jazz box L
> softly
`;

const told = (change: (text: string) => string): string[] => {
  const dance = studyText(BASE).dance;
  return compareDances(dance, studyText(change(BASE)).dance).map(({ place, words }) => `${place}: ${words}`);
};

describe('one change', () => {
  const TABLE: [name: string, change: (text: string) => string, sentences: string[]][] = [
    ['nothing', (text) => text, []],
    ['spaces and empty lines', (text) => text.replace('1&2 ', '1&2   ').replace('> softly', '\n> softly'), []],
    ['a turn', (text) => text.replace('3&4 Shuffle L forward', '3&4 Shuffle L forward turning 1/2 right'), [
      'Section 1: the second shuffle now turns 1/2 right',
      'Walls: wall 1 now ends 9:00 (3:00 before)',
      'Walls: wall 3 now ends 3:00 (9:00 before)',
    ]],
    ['an amount', (text) => text.replace('pivot 1/4 right', 'pivot 3/4 right'), [
      'Section 2: the pivot now turns 3/4 right (1/4 right before)',
      'Walls: wall 1 now ends 9:00 (3:00 before)',
      'Walls: wall 3 now ends 3:00 (9:00 before)',
    ]],
    ['a foot', (text) => text.replace('Coaster R', 'Coaster L'), [
      'Section 1: the coaster is now on L (R before)',
    ]],
    ['a direction', (text) => text.replace('1&2 Shuffle R forward', '1&2 Shuffle R back'), ['Section 1: the first shuffle now goes back']],
    ['a figure', (text) => text.replace('7&8 Coaster R', '7&8 Sailor R'), ['Section 1: 7&8 Sailor R (7&8 Coaster R before)']],
    ['a line taken out', (text) => text.replace('3-4 Walk L, walk R\n', ''), ['Section 2: no more: 3-4 Walk L, walk R']],
    ['a line put in', (text) => text.replace('> softly', '> softly\n\n## Section 3\n1-8 K step L'), [
      'Section 3: is new',
      'Dance: now has 24 counts (16 before)',
    ]],
    ['a section taken out', (text) => text.slice(0, text.indexOf('## Section 2')), [
      'Section 2: is gone',
      'Dance: now has 8 counts (16 before)',
      'Walls: wall 1 now ends 12:00 (3:00 before)',
      'Words: gone',
    ]],
    ['facts', (text) => text.replace('level: improver', 'level: beginner').replace('# Tide', '# Ebb'), [
      'Facts: title is now Ebb (Tide before)',
      'Facts: level is now beginner (improver before)',
    ]],
    ['a note', (text) => text.replace('> softly', '> loudly'), ['Words: new', 'Words: gone']],
    ['a plan', (text) => `${text}\n## Plan\nwall 3: restart after 8\n`, [
      'Walls: wall 3: restart after 8 counts (the end of section 1), facing 6:00',
    ]],
  ]; // prettier-ignore
  test.each(TABLE)('%s', (_, change, sentences) => {
    const said = told(change);
    for (const sentence of sentences) expect(said).toContain(sentence);
    if (sentences.length === 0) expect(said).toEqual([]);
  });
});

test('a change back and forth is told with before and after exchanged', () => {
  const changed = studyText(BASE.replace('pivot 1/4 right', 'pivot 1/2 right')).dance;
  const base = studyText(BASE).dance;
  const there = compareDances(base, changed);
  const back = compareDances(changed, base);
  expect(there.map(({ before, after }) => [before, after])).toEqual(back.map(({ before, after }) => [after, before]));
});

describe('a sheet that comes in', () => {
  const sheet =
    'Harbour Two\nCount: 16 Wall: 4 Level: Improver\n\nSection 1\n1&2 Shuffle right\n3-4 frobnicate left\n5-8 Vine L breezily, touch R\nWith love';
  const { dance, view, findings } = studyText(sheet);
  const shown = viewImport(dance, view, findings);

  test('is told line by line: what it is, what was worked out, what is open', () => {
    expect(shown.lines.map(({ kind }) => kind)).toEqual([
      'title',
      'header',
      'blank',
      'heading',
      'step',
      'step',
      'step',
      'text',
    ]);
    expect(shown.lines[4].view?.weight).toBe('R');
    expect(shown.lines[5]).toMatchObject({ isOpen: true, unread: [{ words: 'frobnicate' }] });
    expect(shown.lines[5].problems[0]).toContain('not understood');
    expect(shown.lines[6].unread).toMatchObject([{ words: 'breezily' }]);
    expect([shown.danced, shown.kept]).toEqual([3, 1]);
  });

  test('facts that stand in one line are told apart', () => {
    expect(dance.script.header.counts?.value).toBe(16);
    expect(dance.script.header.walls?.value).toBe(4);
    expect(dance.script.header.entries.map(({ key }) => key)).toEqual(
      ['count', 'wall', 'level'].map((key) => ({ count: 'counts', wall: 'walls' })[key] ?? key),
    );
  });

  test('words nobody knows are set beside figures that may be meant', () => {
    const own = studyText('## Section 1\n1&2 kik ball change R\n3&4 sejlor step L\n');
    const offers = viewImport(own.dance, own.view, own.findings).lines.flatMap(({ unread }) =>
      unread.flatMap(({ figures }) => figures),
    );
    expect(offers).toEqual(expect.arrayContaining(['kick', 'sailor']));
  });

  test('likeness is 1 for the same lines, 0 for none, and does not ask for their order', () => {
    expect(likenessTo(sheet)(sheet)).toBe(1);
    expect(likenessTo(sheet)('1-4 Vine R')).toBe(0);
    expect(likenessTo(sheet)(sheet.split('\n').reverse().join('\n'))).toBe(1);
    expect(likenessTo(sheet)(sheet.replace('1&2 Shuffle right', '1&2 Coaster right'))).toBeCloseTo(6 / 7);
    expect(likenessTo('')(sheet)).toBe(0);
  });
});

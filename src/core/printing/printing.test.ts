/** What is printed reads back to the same thing. */
import { describe, expect, test } from '@jest/globals';
import { applyEdits } from '../model/text';
import { readStepLine } from '../reading/line';
import { readScript } from '../page/read-script';
import { danceScript } from '../dancing/dance';
import { momentsWords } from './actions';
import { printStepLine } from './calls';
import { printCounts } from './counts';
import { editFacts, type Facts } from './header';
import { printScript } from './script';

/** A line as typed, and in the house style. */
const LINES: [typed: string, printed: string][] = [
  ['1,2 rock fwd right recover', '1-2    Rock R forward, recover'],
  ['3&4 Left coaster 1/4 turn left', '3&4    Coaster L turning 1/4 left'],
  ['5-8 vine L w/ ¼ turn L, scuff R', '5-8    Vine L turning 1/4 left, scuff R'],
  ['7-8 cross right over left, unwind half left', '7-8    Cross R over L, unwind 1/2 left'],
  ['1&2& heel switches r l', '1&2&   Heel switches R L'],
  [
    '5-6 step fwd right, pivot ½ turn over left shoulder (weight on left)',
    '5-6    Step R forward, pivot 1/2 left (weight on left)',
  ],
  ['1-2 Step R side, touch L & clap "side, touch" (3:00)', '1-2    Step R side, touch L and clap "side, touch" (3:00)'],
  ['1-4 Weave R: side, behind, side, cross', '1-4    Weave R: side, behind, side, cross'],
  ['1-4 grapevine right', '1-4    Vine R'],
  ['1-3 sway R L R, 4 hold', '1-3    Sway R L R; 4 Hold'],
  ['1-2 Frobnicate merrily', '1-2    Frobnicate merrily'],
  ['8&1 cha cha cha back L R L', '8&1    Shuffle L R L back'],
];

describe('a line in the house style', () => {
  test.each(LINES)('%s', (typed, printed) => {
    expect(printStepLine(readStepLine(typed))).toBe(printed);
    expect(printStepLine(readStepLine(printed))).toBe(printed);
    const moments = (line: string) => {
      const { parts } = danceScript(readScript(`# Ebb\n## Section 1\n${line}`));
      return momentsWords(parts[0].sections[0].lines[0].moments);
    };
    expect(moments(printed)).toBe(moments(typed));
  });
});

const COUNTS: [ticks: number[], borrows: boolean, printed: string][] = [
  [[0, 12, 24, 36], false, '1-4'],
  [[0, 6, 12], false, '1&2'],
  [[42, 48], false, '&5'],
  [[72, 78, 84, 90], false, '7&8&'],
  [[0, 12, 18], false, '1-2&'],
  [[0, 12, 24, 30, 36], false, '1-2 3&4'],
  [[84, 90, 96], true, '8&1'],
  [[0, 24], false, '1 3'],
];

test.each(COUNTS)('counts %j', (ticks, borrows, printed) => expect(printCounts(ticks, borrows)).toBe(printed));

test('a script typed loosely is printed as a sheet', () => {
  const typed =
    'EBB TIDE\nWalls : 2\nSection 1 - rocks\n• 1-2 rock r f, rec\n>  softly\n3-8 walk back r l r l r l\nS2\n9-16 k step r';
  expect(printScript(readScript(typed))).toBe(
    [
      '# EBB TIDE',
      'Walls: 2',
      '',
      '## Section 1: rocks',
      '1-2    Rock R forward, recover',
      '> softly',
      '3-8    Walk R L R L R L back',
      '',
      '## Section 2',
      '1-8    K step R',
      '',
    ].join('\n'),
  );
});

const SHEET = '# Ebb\nmusic: Reed, 100 bpm\nlevel: beginner\nferry: no\n\n## Section 1\n1-4 Vine R\n';

/** Facts, and the text after they were written into it. */
const FACTS: [name: string, text: string, facts: Facts, after: string][] = [
  ['nothing changed', SHEET, { title: 'Ebb', music: 'Reed, 100 bpm', level: 'beginner' }, SHEET],
  ['a new title', SHEET, { title: 'Flood' }, SHEET.replace('Ebb', 'Flood')],
  ['a fact changed', SHEET, { title: 'Ebb', level: 'improver' }, SHEET.replace('beginner', 'improver')],
  ['a fact taken out', SHEET, { title: 'Ebb', level: '' }, SHEET.replace('level: beginner\n', '')],
  [
    'a fact added after the others',
    SHEET,
    { title: 'Ebb', walls: '2' },
    SHEET.replace('ferry: no\n', 'ferry: no\nwalls: 2\n'),
  ],
  ['a title where there is none', '1-4 Vine R\n', { title: 'Ebb' }, '# Ebb\n\n1-4 Vine R\n'],
  ['an empty text', '', { title: 'Ebb', level: 'beginner' }, '# Ebb\nlevel: beginner\n'],
];

describe('facts written into the text', () => {
  test.each(FACTS)('%s', (_, text, facts, after) => {
    expect(applyEdits(text, editFacts(readScript(text), facts))).toBe(after);
  });
});

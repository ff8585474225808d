/** Ways of writing a line down that are about signs and places, not figures: brackets, numbers, `&`, lists of places. */
import { describe, expect, test } from '@jest/globals';
import { danceScript } from '../dancing/dance';
import { momentsWords } from '../printing/actions';
import { readCounts } from './counts';
import { readStepLine } from './line';
import { readRepeat } from '../grammar/repeat';
import { readScript } from '../page/read-script';
import { lineAtOffset } from './script';

const danced = (line: string, before = 'L'): string =>
  momentsWords(
    danceScript(readScript(`start: weight ${before}\n## Section 1\n${line}`)).parts[0].sections[0].lines[0].moments,
  );

describe('numbers', () => {
  const SAME: [one: string, other: string][] = [
    ['1-4 2 pivots 1/4 left', '1-4 Pivot 1/4 left x2'],
    ['1-4 (step R forward, pivot 1/4 left) x2', '1-4 step R forward, pivot 1/4 left, step R forward, pivot 1/4 left'],
    ['1-4 (walk R, walk L) twice', '1-4 walk R L R L'],
    ['1 walk R 2 walk L 3 touch R', '1-3 walk R, walk L, touch R'],
    ['1-2 step R side (1), touch L (2)', '1-2 step R side, touch L'],
    ['1-4 ¼ Monterey right', '1-4 Monterey R 1/4 right'],
    ['1 - 4 : vine r', '1-4 Vine R'],
    ['1-4 bounce heels 4 times turning 1/4 left', '1-4 bounce heels x4 turning 1/4 left'],
  ];

  test.each(SAME)('%s is %s', (one, other) => expect(danced(one)).toBe(danced(other)));

  test('a number that goes no further than the counts is how many, one that does is a count', () => {
    expect(readCounts('1&2& 2 paddles')?.ticks).toEqual([0, 6, 12, 18]);
    expect(readCounts('1-2 3 hold')?.ticks).toEqual([0, 12, 24]);
    expect(readCounts('5-8 4 walks')?.ticks).toEqual([48, 60, 72, 84]);
  });

  test('a wall in brackets stays a wall; numbers that count the calls are none', () => {
    const walls = (line: string) => readStepLine(line).marks.facingClaims.length;
    expect(walls('1-2 step R, pivot 1/4 left (9)')).toBe(1);
    expect(walls('1-2 step R side (1), touch L (2)')).toBe(0);
    expect(walls('1-2 pivot 1/4 left (9:00), pivot 1/4 left (6:00)')).toBe(2);
  });
});

describe('the & between two feet', () => {
  test('closes the first where there is a half count for it', () => {
    expect(danced('1&2 heel R & heel L')).toBe('1 [R heel forward]; & R together; 2 [L heel forward]');
    expect(danced('1&2& point R & point L &')).toBe('1 [R point side]; & R together; 2 [L point side]; & L together');
  });

  test('on whole counts, or between steps, it says "and"', () => {
    expect(danced('1-2 touch R & clap')).toBe('1 [R touch together]; 2 clap');
    expect(danced('1-2 step R & step L')).toBe('1 R forward; 2 L forward');
  });
});

describe('places in one breath', () => {
  const TABLE: [line: string, moments: string][] = [
    ['1-3 touch R out in out', '1 [R touch out]; 2 [R touch in]; 3 [R touch out]'],
    ['1-3 touch R side, behind, side', '1 [R touch side]; 2 [R touch behind]; 3 [R touch side]'],
    ['1-3 side together forward', '1 R side; 2 L together; 3 R forward'],
    // On one count two places are one: the counts decide.
    ['1 point R forward across L', '1 [R point forward]'],
    [
      '1-4 heel R forward, together, heel L forward, together',
      '1 [R heel forward]; 2 R together; 3 [L heel forward]; 4 L together',
    ],
  ];

  test.each(TABLE)('%s', (line, moments) => expect(danced(line)).toBe(moments));
});

test('an exception inside a figure takes no count of its own, written with counts or without', () => {
  expect(danced('Rocking chair R, on 4 touch L')).toBe(danced('1-4 Rocking chair R, on 4 touch L'));
  expect(danced('1-4 Rocking chair R, on 4 touch L')).toContain('3 R rock back; 4 [L touch together]');
});

describe('repeats', () => {
  test('are read with what they repeat, and on which foot', () => {
    expect(readRepeat('Repeat 1-4 on the other foot', 0)).toMatchObject({ counts: { from: 1, to: 4 }, mirrored: true });
    expect(readRepeat('repeat section 2 starting with the left', 0)).toMatchObject({
      section: 2,
      lead: 'L',
      mirrored: false,
    });
    expect(readRepeat('same again', 0)).toMatchObject({ mirrored: false });
    expect(readRepeat('Repeat 4-1', 0)).toBeUndefined();
    expect(readRepeat('Vine R', 0)).toBeUndefined();
  });

  test('what repeats nothing that stands there leaves its counts empty and throws nothing', () => {
    const { parts } = danceScript(readScript('## Section 1\n1-4 repeat section 7 mirrored'));
    expect(parts[0].sections[0].lines[0].moments).toEqual([]);
  });
});

test('a line is found by any offset in it', () => {
  const script = readScript('# Ebb\n\n## Section 1\n1-4 Vine R');
  expect([0, 4, 5, 6, 7, 19, 20, 999].map((offset) => lineAtOffset(script, offset))).toEqual([0, 0, 0, 1, 2, 2, 3, 3]);
  expect(lineAtOffset(readScript(''), 3)).toBe(0);
});

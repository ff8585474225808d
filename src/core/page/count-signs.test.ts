/** What the whole sheet explains of a sign, and what it does not: rows worked out by hand. */
import { describe, expect, test } from '@jest/globals';
import { countedBehind, lengthsBehind, signsApart } from './count-signs';

const under = (signs: string): string[] => signs.split(' | ');

describe('a sign before the counts', () => {
  test.each([
    ['Zz. 1-2 a | Zz. 3-4 b | Zz. 5-8 c | Zz. 1-4 d | Zz. 5-6 as Zz. 1-2 | Zz. 7-8 f', 'Zz.'],
    ['A1 a | A2 b | A3-8 c | B1-4 d | B5-6 e | B7-8 as B5-6', '[AB]'],
    // A count left out.
    ['n1 a | n2 b | n4 c | n5 d | n6-8 e | n1-4 f | n5-8 g', 'n'],
  ])('is taken away: %s', (sheet, sign) => {
    const pattern = new RegExp(`(^|\\s)${sign}(?= ?\\d)`, 'g');
    const expected = under(sheet).map((line) => line.replace(pattern, (all) => ' '.repeat(all.length)));
    expect(signsApart(under(sheet))).toEqual(expected);
  });
  test.each([
    'Wall 1 a | Wall 2 b | Wall 3 c | Wall 1 d | Wall 2 e | Wall 3 f',
    'Wand 1: a | Wand 2: b | Wand 3: c | Wand 1: d | Wand 2: e | Wand 3: f',
    'Section 1 a | Section 2 b | Section 3 c | Section 1 d | Section 2 e | Section 3 f',
    // A list that never begins again, and too few to tell.
    'No 1 a | No 2 b | No 3 c | No 4 d | No 5 e | No 6 f | No 7 g',
    'Z 1-4 a | Z 5-8 b | Z 1-4 c | Z 5-8 d',
    // Numbers in no order count nothing.
    'Kim 1 a | Kim 7 b | Kim 1 c | Kim 5 d | Kim 9 e | Kim 3 f',
  ])('stays: %s', (sheet) => expect(signsApart(under(sheet))).toEqual(under(sheet)));
});

describe('one number in brackets behind', () => {
  const others = 'a (1-2) | b (3-4) | c (5-6) | d (7&8) | e (1-2)';
  test('is the count that goes on', () =>
    expect(countedBehind(under(`${others} | f (3&4) | g (5) | h (6)`)).slice(-2)).toEqual(['g {5}', 'h {6}']));
  test.each([`${others} | f (3&4) | g (9)`, `${others} | g (3)`, 'a (1-2) | g (3)'])(
    'is left to be a wall: %s',
    (sheet) => expect(countedBehind(under(sheet))).toEqual(under(sheet)),
  );
});

describe('one number in brackets behind every line', () => {
  test.each([
    'a (4) | b (4) | c (4) | d (4) | e (4) | f (4)',
    // Of several lengths, which fill eights: 4+2+2, 2+2+4.
    'a (4) | b (2) | c (2) | d (2) | e (2) | f (4)',
  ])('is how long the line is: %s', (sheet) =>
    expect(lengthsBehind(under(sheet))).toEqual(under(sheet.replace(/\((\d)\)/g, '{$1]'))),
  );
  test.each([
    // Walls of a clock, counts that go on, too few to tell, and other counts behind other lines.
    'a (12) | b (3) | c (6) | d (9) | e (12) | f (3)',
    'a (1) | b (2) | c (3) | d (4) | e (5) | f (6)',
    'a (4) | b (4) | c (4)',
    'a (4) | b (4) | c (4) | d (4) | e (4) | f (4) | g (5-8)',
  ])('is left alone: %s', (sheet) => expect(lengthsBehind(under(sheet))).toEqual(under(sheet)));
});

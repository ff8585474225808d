import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { defineFigure, joinAbove, leaveOut, nameInstead, rewriteLine, splitAt, toggleNote } from './settle-lines';

const SHEET = '# Tide\n1-4 Vine R\ntouch L\n5-8 Vine L';

describe('settling', () => {
  test.each([
    ['rewritten', rewriteLine(SHEET, 1, '1-4 Vine L'), '# Tide\n1-4 Vine L\ntouch L\n5-8 Vine L'],
    ['a note', toggleNote(SHEET, 2).text, '# Tide\n1-4 Vine R\n> touch L\n5-8 Vine L'],
    ['joined', joinAbove(SHEET, 2).text, '# Tide\n1-4 Vine R touch L\n5-8 Vine L'],
    ['joined at the top', joinAbove(SHEET, 0).text, SHEET],
    ['split', splitAt(SHEET, 1, 4).text, '# Tide\n1-4\nVine R\ntouch L\n5-8 Vine L'],
    ['left out', leaveOut(SHEET, 2).text, '# Tide\n1-4 Vine R\n5-8 Vine L'],
    ['named', nameInstead(SHEET, 1, { from: 4, to: 8 }, 'weave').text, '# Tide\n1-4 weave R\ntouch L\n5-8 Vine L'],
    [
      'defined',
      defineFigure(SHEET, '"ebb" swing', '1&2').text,
      `${SHEET}\n\n## Figure "ebb swing" 1&2: A side, B tog\n`,
    ],
  ])('%s', (_, text, expected) => expect(text).toBe(expected));

  test('a note taken back, and a line split and joined again, is the line it was', () => {
    fc.assert(
      fc.property(fc.stringMatching(/^[a-z]+ [a-z]+ [a-z]+$/), fc.nat(20), (line, at) => {
        const text = `x\n${line}\ny`;
        expect(toggleNote(toggleNote(text, 1).text, 1).text).toBe(text);
        const cut = line.indexOf(' ', at % line.length);
        if (cut > 0) expect(joinAbove(splitAt(text, 1, cut).text, 2).text).toBe(text);
      }),
    );
  });
});

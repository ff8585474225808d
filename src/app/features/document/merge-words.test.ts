import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { mergeWords } from './merge-words';

describe('words changed in two places at once', () => {
  test.each([
    ['', 'Bring chairs', 'The ramp is wet.', 'Bring chairs\nThe ramp is wet.'],
    ['Slow start.', 'Slow start. Bring chairs', 'A slow start.', 'A slow start. Bring chairs'],
    ['Slow start.', 'Slow start.', 'Quick start.', 'Quick start.'],
    ['Slow start.', '', 'Slow start. Then rain.', ' Then rain.'],
    ['one two three', 'one 2 three', 'one two 3', 'one 2 3'],
    ['one two three', 'one deux three', 'one zwei three', 'one deux\nzwei three'],
    ['x', 'xy', 'xy', 'xy'],
    // What one of them wrote the other wrote too, and more.
    ['', 'Bring chairs and cups', 'Bring chairs', 'Bring chairs and cups'],
    ['', 'Bring chairs', 'Bring chairs and cups', 'Bring chairs and cups'],
  ])('%j: %j here, %j there', (base, own, theirs, merged) => expect(mergeWords(base, own, theirs)).toBe(merged));

  test('on one line they stand side by side', () => expect(mergeWords('', 'Hall', 'Quay', ' / ')).toBe('Hall / Quay'));

  /** A letter that nothing else holds, so that it can be found again. */
  const put = (base: string, at: number, words: string): string => base.slice(0, at) + words + base.slice(at);
  test('by chance: what either wrote stands in it, whatever the other did', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 20 }), fc.nat(20), fc.nat(20), fc.nat(20), (base, here, there, cut) => {
        const theirs = put(
          base.slice(0, Math.max(0, base.length - cut)),
          Math.min(there, base.length - cut),
          '«theirs»',
        );
        for (const merged of [
          mergeWords(base, put(base, here, '«own»'), theirs),
          mergeWords(base, theirs, put(base, here, '«own»')),
        ]) {
          expect(merged).toContain('«own»');
          expect(merged).toContain('«theirs»');
        }
      }),
      { seed: 2512, numRuns: 500 },
    );
  });

  test('by chance: where one alone wrote, it is what that one wrote', () => {
    fc.assert(
      fc.property(fc.string(), fc.string(), (base, own) => {
        expect(mergeWords(base, own, base)).toBe(own);
        expect(mergeWords(base, base, own)).toBe(own);
      }),
      { seed: 2513 },
    );
  });
});

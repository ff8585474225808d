/** What is offered for a sheet that was taken wrongly as a whole, and that a sheet taken well is left alone. */
import { expect, test } from '@jest/globals';
import { studyText } from '../../../core';
import { otherWays } from './other-ways';

test('counts that do not fit their steps can be left aside, and less is left to settle then', () => {
  const text = 'Ebb\n16 counts\n\n1-2 Vine R, touch L\n3-4 Vine L, touch R\n5-6 Jazz box R\n7-8 Rocking chair R\n';
  const [first] = otherWays(studyText(text));
  expect(first).toMatchObject({ kind: 'counts left aside', counts: 16, open: 0 });
});

test('nothing is offered that would leave more to settle, or come to the same', () => {
  const text =
    '# Ebb\n\n## Section 1\n1-4 Vine R, touch L\n5-8 Vine L, touch R\n\n## Section 2\n1-4 Jazz box R\n5-8 Rocking chair R\n';
  expect(otherWays(studyText(text))).toEqual([]);
});

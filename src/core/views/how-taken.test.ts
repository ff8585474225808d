/** How a sheet was taken, said in sentences. */
import { expect, test } from '@jest/globals';
import { studyText } from '../study';
import { howTaken } from './how-taken';

const taken = (text: string): string => {
  const { script, view } = studyText(text);
  return howTaken(script, view).join('; ');
};

test('where counts stand, where sections begin, which facts and remarks there are', () => {
  expect(taken('Ebb\n32 counts, weight on L\n\nTHE QUAY\n1-4 Vine R\n5-8 Vine L\nMind the ropes.')).toBe(
    'counts stand before the steps; 1 section, each under its heading; facts found: counts, start; 1 line taken as a remark',
  );
  expect(taken('Ebb\nfirst eight\nVine R (1-4)\nVine L (5-8)\nWalk R, L, R, L (1-4)\n5-8 Jazz box R')).toBe(
    'counts stand behind the steps (1 the other way round); 2 sections; one has a heading, the others begin where the counts begin again; no facts found at its head',
  );
  expect(taken('# Ebb\n## Section 1\nVine R')).toContain('no counts are written: each figure has its usual ones');
  expect(taken('Ebb\n\nS1\n1&2 Coaster R, back, together, forward')).toContain('words of 1 line taken as explaining the steps');
  expect(taken('Ebb')).toBe('');
}); // prettier-ignore

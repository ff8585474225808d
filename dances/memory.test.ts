/**
 * What is read does not depend on what was read before: in any order, and behind ten thousand other words and texts. `npm run hostile`
 * tries the same at length, forwards and backwards, in a process each.
 */
import { describe, expect, jest, test } from '@jest/globals';
import { readdirSync, readFileSync } from 'node:fs';
import { Chance } from './test/chance';

const DEMO = readdirSync('dances').filter((name) => name.endsWith('.txt')).map((name) => readFileSync(`dances/${name}`, 'utf8')); // prettier-ignore

/** Texts of which the same line means something else by where it stands. */
const MOVED = [
  '## Section 1\n1-8 Vine R, vine L\n\n## Section 2\n9-16 K step R, on 16 scuff R',
  '## Section 1\n9-16 K step R, on 16 scuff R',
  '## Section 1\n1-8 K step R, on 8 scuff R\n\n## Section 2\n9-16 K step R, on 16 scuff R\n',
  '## Section 1 (16 counts)\n1-8 Walk R L R L R L R L\n9-16 K step R, on 16 scuff R',
  '## Section 1\nK step R, on 8 scuff R',
  '## Section 1 (16 counts)\nWalk R L R L R L R L\nK step R, on 16 scuff R',
  '## Section 1 (12 counts)\nVine R, touch L\nK step R, on 12 scuff R',
];
const TEXTS = [...MOVED, ...DEMO, ...new Chance(2515).texts(24)];

/** The core as a process finds it that has read nothing yet. */
async function fresh(): Promise<(text: string) => string> {
  jest.resetModules();
  const { allAnswers } = await import('./test/all-answers');
  return allAnswers;
}

const shuffled = <T>(all: readonly T[], seed: number): T[] => {
  const { below } = new Chance(seed);
  const left = [...all];
  return all.map(() => left.splice(below(left.length), 1)[0]);
};

describe('the study of a text does not depend on what was studied before', () => {
  let there: Map<string, string>;

  test('backwards, and in other orders', async () => {
    const answers = await fresh();
    there = new Map(TEXTS.map((text) => [text, answers(text)]));
    const orders = [TEXTS.toReversed(), shuffled(TEXTS, 1)];
    for (const order of orders) {
      const own = await fresh();
      for (const text of order) expect(own(text)).toBe(there.get(text));
    }
  });

  test('as the very first', async () => {
    for (const text of [...MOVED, ...DEMO.slice(0, 2)]) expect((await fresh())(text)).toBe(there.get(text));
  });

  test('behind ten thousand words that nobody knows', async () => {
    const answers = await fresh();
    const words = Array.from({ length: 10_000 }, (_, index) => `step${index.toString(36)}ing`);
    for (let at = 0; at < words.length; at += 500) answers(words.slice(at, at + 500).join('\n'));
    for (const text of [...MOVED, ...DEMO]) expect(answers(text)).toBe(there.get(text));
  });
});

test('a count that a line names is its own, wherever the line stands', async () => {
  jest.resetModules();
  const { studyText } = await import('../src/core');
  const last = (text: string) => {
    const [section] = studyText(text).dance.parts[0].sections.slice(-1);
    return section.lines.flatMap(({ moments }) => moments).at(-1)?.action.word;
  };
  for (const text of MOVED) expect(last(text)).toBe('scuff');
});

/** Texts that stopped the tab once: each is answered with a bounded number of steps, however it is put together. */
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { studyText, type Study } from '../src/core/index';
import { HOSTILE_TEXTS } from './test/hostile';
import { startCounting, type CallCounter } from './test/steps';

const DANCE = '# Riptide\nstart: weight L\n\n## Section 1\n1-4 Vine R, touch L\n5-8 Vine L, touch R\n';

/** A real dance takes about ten calls a letter the first time. A million calls are a fifth of a second, more or less. */
const CALLS_A_LETTER = 40;
const CALLS_AT_LEAST = 2_200_000;

let counter: CallCounter;
beforeAll(async () => {
  counter = await startCounting();
});
afterAll(() => counter.stop());

describe('answered within a bounded number of steps', () => {
  test.each(HOSTILE_TEXTS)('%s', async (_, text) => {
    let study: Study | undefined;
    const calls = await counter.count(() => {
      study = studyText(text);
      void study.view;
    });
    expect(study?.text).toBe(text);
    expect(calls).toBeLessThan(CALLS_AT_LEAST + text.length * CALLS_A_LETTER);
  });
});

test('the counter counts: twice the dance is about twice the calls', async () => {
  studyText(DANCE);
  const once = await counter.count(() => studyText(DANCE.repeat(20)));
  const twice = await counter.count(() => studyText(DANCE.repeat(40)));
  expect(twice / once).toBeGreaterThan(1.5);
  expect(twice / once).toBeLessThan(2.6);
});

describe('what is bounded is said where it stands', () => {
  test.each([
    ['copies', '## Section 1\n1-8 Walk\n## Section 2\nrepeat section 1 x9\nrepeat x9\nrepeat x9\nrepeat x9', 'copied-too-much'],
    ['counts', '## Section 1\n1-999 Walk', 'counts-unreadable'],
    ['repeats', '## Section 1\n1-8 ((step R, step L) x9) x99', 'counts-too-few'],
    ['walls', `${DANCE}\n## Plan\n${'wall 2: restart after 4\n'.repeat(40)}`, 'plan-wall-full'],
    ['letters', `## Section 1\n${'x'.repeat(1_000_001)}`, 'too-long'],
  ])('%s', (_, text, code) => expect(studyText(text).findings.map((finding) => finding.code)).toContain(code)); // prettier-ignore
});

/** Every rule is found in its bad examples, at the marked place, is mended by its fix, and is silent in its good ones. */
import { describe, expect, test } from '@jest/globals';
import { danceWithPlan } from '../walls/settle';
import type { Finding } from '../model/findings';
import { applyEdits } from '../model/text';
import { readScript } from '../reading/script';
import { checkDance } from './check';
import { RULES } from './rules';

const check = (text: string): Finding[] => checkDance(danceWithPlan(readScript(text)));

const unmark = (text: string) => {
  const from = text.indexOf('<|');
  const to = text.indexOf('|>') - 2;
  return { text: text.replace('<|', '').replace('|>', ''), from, to };
};

test('no two rules share a code, and each has examples of both kinds', () => {
  expect(new Set(RULES.map((rule) => rule.code)).size).toBe(RULES.length);
  for (const rule of RULES) {
    expect(rule.examples.bad.length).toBeGreaterThan(0);
    expect(rule.examples.good.length).toBeGreaterThan(0);
  }
});

describe.each(RULES.map((rule) => [rule.code, rule] as const))('%s', (code, rule) => {
  test.each(rule.examples.bad)('is found: $text', ({ text: marked, fixed, message }) => {
    const { text, from, to } = unmark(marked);
    const found = check(text).filter((finding) => finding.code === code);
    expect(found).toHaveLength(1);
    expect(found[0].span).toEqual({ from, to });
    if (message) expect(found[0].message).toBe(message);
    if (fixed === undefined) return;
    const mended = applyEdits(text, found[0].fix?.edits ?? []);
    expect(mended).toBe(fixed);
    expect(check(mended).filter((finding) => finding.code === code)).toEqual([]);
  });

  test.each(rule.examples.good.map((text) => [text]))('is silent: %s', (text) => {
    expect(check(text).filter((finding) => finding.code === code)).toEqual([]);
  });

  test('every suggestion leaves a text in which it is not made again', () => {
    for (const { text: marked } of rule.examples.bad) {
      const { text } = unmark(marked);
      for (const finding of check(text).filter((one) => one.code === code)) {
        for (const suggestion of finding.suggestions ?? []) {
          const codes = check(applyEdits(text, suggestion.edits)).map((one) => one.code);
          expect(codes).not.toContain(code);
        }
      }
    }
  });
});

test('a finding that is meant so is left out on its line and nowhere else', () => {
  const twoVines = (mark: string) =>
    `## Section 1\n1-4 Vine R, touch L\n5-8 Vine R${mark}\n\n## Section 2\n1-4 Vine L, touch R\n5-8 Vine L`;
  const accused = (text: string) => check(text).filter(({ code }) => code === 'foot-not-free').length;
  expect(accused(twoVines(''))).toBe(2);
  expect(accused(twoVines(' (meant so: foot-not-free)'))).toBe(1);
});

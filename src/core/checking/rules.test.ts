/** Every rule is found in its bad examples, at the marked place, is mended by its fix, and is silent in its good ones. */
import { describe, expect, test } from '@jest/globals';
import { danceWithPlan } from '../walls/settle';
import type { Finding } from '../model/findings';
import { applyEdits } from '../model/text';
import { readScript } from '../page/read-script';
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

test('what takes its time may have a count to itself: a remark, where a walk that lacks a step is a warning', () => {
  const severityOf = (line: string) => check(`start: weight L\n\n## Section 1\n${line}`).find(({ code }) => code === 'counts-left-over')?.severity; // prettier-ignore
  expect(severityOf('1-4 Cross R over L, step L side, sweep R')).toBe('remark');
  expect(severityOf('1-2 Stomp R')).toBe('remark');
  expect(severityOf('1-4 Coaster R')).toBe('warning');
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

/**
 * What each rule offers for its bad examples, in their order: every turn that comes to the wall, every place a cut may go, every name
 * there is, or the one thing that the line comes to.
 */
const OFFERED: Readonly<Record<string, readonly (readonly string[])[]>> = {
  'section-short': [['it is meant to have 7']],
  'weight-claim': [['weight R']],
  'facing-claim': [['1/4 left', '3/4 right', 'it faces 6:00']],
  'turn-without-direction': [['right', 'left']],
  'turn-without-amount': [['1/4', '1/2']],
  'pivot-unnatural': [['left'], ['left'], ['right']],
  'unwind-way': [['right'], []],
  'name-contradicts': [['Forward coaster R']],
  'plan-place-beyond': [['after 4'], ['after 4']],
  'plan-place-unclear': [['after 4', 'after 8'], []],
  'restart-inside-call': [['after 4']],
  'tag-unknown': [['ebb']],
  'tag-which': [['ebb', 'flood']],
  'part-unknown': [['A', 'B']],
  'part-short': [['A(4)']],
  'changed-facing': [['it faces 12:00']],
  'wall-claim': [['wall 3: 6:00']],
};

test.each(RULES.map((rule) => [rule.code, rule] as const))('%s offers what can mend it, and no more', (code, rule) => {
  const offered = rule.examples.bad.map(({ text }) =>
    check(unmark(text).text)
      .filter((finding) => finding.code === code)
      .flatMap(({ suggestions = [] }) => suggestions.map(({ label }) => label)),
  );
  const wanted = OFFERED[code] ?? [];
  expect(offered).toEqual(rule.examples.bad.map((_, index) => wanted[index] ?? []));
});

test('at one place the graver finding stands first, and places follow the text', () => {
  // The wrong foot and the unknown word stand on one call; the turn without a way stands on the line before.
  const text =
    'start: weight L\n\n## Section 1 (3 counts)\n1 Turn 1/4 on both feet\n2-3 Step L breezily, 1/4 pivot ? right';
  const found = check(text);
  const order = ['error', 'warning', 'remark'];
  for (const [index, { span, severity }] of found.entries()) {
    const before = found[index - 1];
    if (!before) continue;
    expect(before.span.from).toBeLessThanOrEqual(span.from);
    if (before.span.from === span.from)
      expect(order.indexOf(before.severity)).toBeLessThanOrEqual(order.indexOf(severity));
  }
  const double = check('start: weight R\n\n## Section 1 (2 counts)\n1-2 Rock R, recover L');
  const here = double.filter(({ span }) => span.from === double[0].span.from).map(({ severity }) => severity);
  expect([here[0], here[here.length - 1], here.includes('warning')]).toEqual(['error', 'remark', false]);
});

test('a finding that is meant so is left out on its line and nowhere else', () => {
  const twoVines = (mark: string) =>
    `## Section 1\n1-4 Vine R, touch L\n5-8 Vine R${mark}\n\n## Section 2\n1-4 Vine L, touch R\n5-8 Vine L`;
  const accused = (text: string) => check(text).filter(({ code }) => code === 'foot-not-free').length;
  expect(accused(twoVines(''))).toBe(2);
  expect(accused(twoVines(' (meant so: foot-not-free)'))).toBe(1);
});

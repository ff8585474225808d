/** What is offered while composing does what it says where it stands: every offer is written into the script and danced again. */
import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { applyEdits } from '../model/text';
import { otherFoot } from '../model/feet';
import { CIRCLE, facingAfter } from '../model/turns';
import { studyText } from '../study';
import { isAlarm } from '../checking/check';
import { closeDance, CLOSES, fillAt, goOnAt } from './fitting';
import { mendings } from './mending';
import { sequencesOf } from './sequences';
import { keyOf, nextUp, usualCounts } from './writing';

const HEAD = '# Ebb\nstart: weight L\n\n## Section 1\n';
const demo = (name: string): string => readFileSync(`dances/${name}.txt`, 'utf8');
const lineOf = (text: string, words: string): number => text.split('\n').findIndex((line) => line.includes(words));
const alarmsOf = (text: string) => studyText(text).findings.filter((one) => isAlarm(one) && !one.waitsFor);

describe('go on', () => {
  test('every figure offered stands on the counts that follow, and comes to the weight and the wall beside it', () => {
    const text = `${HEAD}1-4 Vine R, touch L\n`;
    const offers = goOnAt(studyText(text).dance, 5);
    expect(new Set(offers.map(({ group }) => group))).toEqual(new Set(['keep', 'travel', 'turn', 'other-foot']));
    for (const one of offers) {
      const after = studyText(text + one.text);
      const view = after.view.lines[5];
      expect([one.text, alarmsOf(text + one.text), view?.weight, view?.hour]).toEqual([one.text, [], one.weight, one.hour]);
    }
  }); // prettier-ignore

  test('what the dance holds comes first, what is typed narrows, nothing takes more counts than are left', () => {
    const text = `${HEAD}1&2 Coaster R\n3-6 Vine L, touch R\n`;
    const offers = goOnAt(studyText(text).dance, 6);
    expect(offers[0]).toMatchObject({ isUsed: true });
    expect(offers.every(({ counts }) => /^[78&-]+$/.test(counts))).toBe(true);
    expect(goOnAt(studyText(text).dance, 6, 'coas 1/4').map(({ words }) => words)).toEqual([
      'Coaster R turning 1/4 right',
      'Coaster cross R turning 1/4 right',
    ]);
  });
});

describe('fill', () => {
  const ferry = demo('ferry-at-dusk');
  const at = (words: string) => lineOf(ferry, words);
  // The stretch, and what the handbook's rules ask of it: the foot that what follows is led by, the wall that it had.
  const stretches: [name: string, text: string, from: number, to: number, place: string][] = [
    ['an empty section', HEAD, 4, 4, 'Section 1, counts 1 to 8'],
    ['the rest of a section', `${HEAD}1-4 Vine R, touch L\n`, 5, 5, 'Section 1, counts 5 to 8'],
    ['a hole between two lines', `${HEAD}1-2 Walk R, walk L\n5-8 Jazz box R\n`, 4, 4, 'Section 1, counts 3 to 4'],
    ['a line', ferry, at('Cross shuffle R'), at('Cross shuffle R'), 'Section 3, counts 3 to 4'],
    ['a section by its heading', ferry, at('## Section 2'), at('## Section 2'), 'Section 2, counts 1 to 8'],
    ['two lines that are chosen', ferry, at('Rock R side'), at('Cross shuffle R'), 'Section 3, counts 1 to 4'],
  ];

  test.each(stretches)(
    '%s: every proposal dances there, and what follows stays as it was',
    (_, text, from, to, place) => {
      const before = studyText(text);
      const found = fillAt(before.dance, { from, to });
      expect(found?.place).toBe(place);
      expect(found?.proposals.length).toBeGreaterThanOrEqual(3);
      for (const { edits, weight, hour, elsewhere, lines } of found?.proposals ?? []) {
        const written = applyEdits(text, edits);
        const after = studyText(written);
        expect(alarmsOf(written)).toHaveLength(elsewhere);
        expect(lines[lines.length - 1].view).toMatchObject({ weight, hour });
        if (text === ferry) expect([after.dance.netTurn, after.dance.counts]).toEqual([expect.anything(), 32]);
        if (text === ferry) expect(facingAfter(0, after.dance.netTurn)).toBe(facingAfter(0, before.dance.netTurn));
        expect(found?.free).toBe(otherFoot(weight as 'L' | 'R'));
      }
    },
  );

  test('notes stay where lines are danced otherwise; a wish is kept to', () => {
    const from = at('Rock L back');
    const found = fillAt(studyText(ferry).dance, { from, to: at('Walk R, walk L') }, { facing: 12, level: 0 });
    const [first] = found?.proposals ?? [];
    expect(first.hour).toBe('3:00');
    expect(applyEdits(ferry, first.edits)).toContain('> Lift both heels before the pivot.');
  });

  test('where nothing can be filled nothing is proposed', () => {
    expect(fillAt(studyText('').dance, { from: 0, to: 0 })).toBeUndefined();
    expect(fillAt(studyText(`${HEAD}&1 Ball step R\n`).dance, { from: 4, to: 4 })?.kind).not.toBe('written');
  });

  test.each(CLOSES.map(({ words, turn }) => [words, turn] as const))(
    'closed for %s it begins again on its foot',
    (_, turn) => {
      const text = demo('slipway-stroll').split('## Section 4')[0];
      const found = closeDance(studyText(text).dance, turn);
      expect(found?.proposals.length).toBeGreaterThanOrEqual(3);
      for (const { edits } of found?.proposals ?? []) {
        const { dance } = studyText(applyEdits(text, edits));
        expect([dance.loops, dance.counts, facingAfter(0, dance.netTurn)]).toEqual([true, 32, turn % CIRCLE]);
      }
    },
  );
});

describe('mending', () => {
  test('the likeliest first, with the line it would make; what is said to go away does', () => {
    const text = demo('ropes-end-draft');
    const study = studyText(text);
    const found = mendings(study.dance, study.findings);
    expect(found.map(({ key }) => key)).toEqual(study.findings.map((one) => keyOf(one, study.script)));
    for (const { looks, key } of found)
      for (const { proposal, goes, comes, text: line } of looks) {
        const after = studyText(applyEdits(text, proposal.edits));
        if (goes > 0 && comes === 0) expect(after.findings.map((one) => keyOf(one, after.script))).not.toContain(key);
        expect(after.text).toContain(line);
      }
    expect(found.flatMap(({ looks }) => looks).length).toBeGreaterThan(3);
  });

  test('what has the same cause goes with it', () => {
    // A dance that ends on the wrong foot because of one figure.
    const text = `${HEAD}1-2 Rock R forward, recover L\n3&4 Coaster L\n5-6 Rock L forward, recover R\n7&8 Coaster L\n`;
    const study = studyText(text);
    const [first] = mendings(study.dance, study.findings);
    expect(first.looks[0]).toMatchObject({ goes: study.findings.length, comes: 0 });
    expect(first.same).toHaveLength(study.findings.length - 1);
  });

  // Written down before they were tried; of forty such, 32 were read or offered first at first contact.
  test.each([
    ['1-4 grapvyne R', 'Vine R'],
    ['1-4 jaz bx R', 'Jazz box R'],
    ['1&2 chassay R', 'Chasse R'],
    ['1-4 charlstn R', 'Charleston R'],
    ['1-2& wizzerd R', 'Wizard R'],
    ['1&2 sayler R', 'Sailor R'],
    ['1&2 croos shufle R', 'Cross shuffle R'],
    ['1-2 swey R, swey L', 'Sway R'],
    // Counts that were given before anybody knew the figure follow it.
    ['1 kik bal chanj', 'Kick ball change R'],
  ])('“%s”: did you mean %s', (line, wanted) => {
    const study = studyText(`${HEAD}${line}\n`);
    const garbled = study.findings.filter(({ code }) => code === 'not-understood' || code === 'words-unread');
    const labels = mendings(study.dance, garbled).map(({ looks }) => looks[0]?.proposal.label);
    expect(labels).toContain(wanted);
  });

  test('what can’t be danced there is not offered: L stands, so R leads', () => {
    const study = studyText(`${HEAD}1&2 sisor L\n`);
    const garbled = study.findings.filter(({ code }) => code === 'not-understood');
    const lines = mendings(study.dance, garbled).flatMap(({ looks }) => looks.map(({ text }) => text));
    expect([lines[0], lines.filter((line) => !line.endsWith(' R'))]).toEqual(['1&2 Scissor R', []]);
  });
});

describe('while writing', () => {
  const up = (text: string) => nextUp(studyText(text), text.split('\n').length - 1);

  test.each([
    ['the next count', `${HEAD}1-4 Vine R\n`, { kind: 'count', count: 5 }],
    ['the first count under a heading', HEAD, { kind: 'count', count: 1 }],
    ['the next heading behind a full section', `${HEAD}1-8 K step R\n`, { kind: 'heading', words: 'Section 2' }],
    ['the next heading where a section is left', `${HEAD}1-4 Vine R\n\n`, { kind: 'heading', words: 'Section 2' }],
    ['the count behind a note', `${HEAD}1-4 Vine R\n> slowly\n`, { kind: 'count', count: 5 }],
    ['nothing in a plan', `${HEAD}1-8 K step R\n\n## Plan\n`, undefined],
    ['nothing before anything', '# Ebb\n', undefined],
  ])('an empty line is ready for %s', (_, text, wanted) => expect(up(text)).toEqual(wanted));

  test.each([
    ['shuffle R', 3, '3&4'],
    ['vine R, touch L', 1, '1-4'],
    ['rock R forward, recover L', 5, '5-6'],
    ['step R forward, pivot 1/2 left', 7, '7-8'],
    ['wobble', 1, undefined],
    ['1-4 vine R', 1, undefined],
  ])('“%s” from %s takes %s', (words, start, counts) => expect(usualCounts(words, start)).toBe(counts));

  test('sections with the same figures in the same order are alike, whatever the feet', () => {
    const [one] = sequencesOf(studyText(`${HEAD}1-4 Vine R\n5&6 Shuffle L\n7-8 Rock R back, recover L\n`).dance);
    const [other] = sequencesOf(
      studyText('start: weight R\n\n## Section 3\n1-4 Vine L\n5&6 Shuffle R forward\n7-8 Rock L forward, recover R\n')
        .dance,
    );
    expect(other).toEqual({ line: 2, place: 'section 3', figures: one.figures });
    expect(sequencesOf(studyText(`${HEAD}1-4 Vine R\n`).dance)).toEqual([]);
  });
});

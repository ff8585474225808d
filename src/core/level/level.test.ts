/** How hard a dance is: the scale by a table, the points by laws over the demo dances, the easier ways by dancing them. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import { isAlarm } from '../checking/check';
import { applyEdits } from '../model/text';
import { mirrorLines } from '../rewriting/mirror';
import { studyText } from '../study';
import { findDancedLine } from '../views/explain';
import { easierWays } from '../views/easier';
import { estimateLevel } from './estimate';
import { measureDance } from './measure';
import { placeOfPoints, scaleProblem, shareOfLevel, statedLevel, statedPlace, USUAL_SCALE, usualPlace } from './scale';
import { pointsOf, WEIGHTS } from './weights';

const DEMOS = readdirSync('dances').filter((name) => name.endsWith('.txt') && !name.includes('draft'));
const textOf = (name: string): string => readFileSync(`dances/${name}`, 'utf8');
const pointsIn = (text: string): number => estimateLevel(studyText(text).dance).points;

// Common practice, no source: how sheets name their levels.
test.each([
  ['absolute beginner', 0], ['Absolute beginners', 0], ['beginner', 1], ['Beginner+', 1.3], ['gentle beginner.', 0.7], ['easy', 1],
  ['beginner/improver', 1.5], ['Improver', 2], ['novice', 2], ['Fortgeschrittene Anfänger', 2], ['easy intermediate', 2.7], ['Mittelstufe', 3],
  ['leicht bis mittel', 2], ['débutant +', 1.3], ['intermédiaire', 3], ['Advanced', 4], ['avancé', 4], ['32 counts', undefined],
] as const)('“%s” is level %s', (words, level) => {
  const stated = statedLevel(words);
  if (level === undefined) expect(stated).toBeUndefined();
  else expect(stated).toBeCloseTo(level);
}); // prettier-ignore

describe('a scale', () => {
  const OWN = { names: ['paddlers', 'rowers', 'coxes'], borders: [6, 14] };

  test('names go before what is usual, and a usual name finds its place by its points', () => {
    expect(statedPlace('Rowers', OWN)).toBe(1);
    // An improver's points, 7.5 to 12, lie between 6 and 14; an advanced dance begins at 20.
    expect(statedPlace('improver', OWN)).toBe(1);
    expect(statedPlace('advanced', OWN)).toBe(2);
    expect(statedPlace('absolute beginner', OWN)).toBe(0);
    expect([0, 1, 2].map((place) => usualPlace(place, OWN))).toEqual([0, 1, 3]);
    expect(USUAL_SCALE.names.map((name) => statedPlace(name, USUAL_SCALE))).toEqual([0, 1, 2, 3, 4]);
  });

  test.each([
    [{ names: ['one'], borders: [] }, /two to/],
    [{ names: ['a', 'b'], borders: [] }, /points it begins at/],
    [{ names: ['a', 'A '], borders: [3] }, /same name/],
    [{ names: ['a', ' '], borders: [3] }, /needs a name/],
    [{ names: ['a', 'b', 'c'], borders: [5, 5] }, /go up/],
  ])('%j is refused in a sentence', (scale, words) => expect(scaleProblem(scale)).toMatch(words));

  test('a level begins at its border, and is as wide as to the next one; the last as wide as the one below', () => {
    expect([0, 3.49, 3.5, 7.5, 11.99, 12, 20, 99].map((points) => placeOfPoints(points, USUAL_SCALE))).toEqual([0, 0, 1, 2, 2, 3, 4, 4]);
    expect([0, 1.75, 3.5, 5.5, 16, 20, 24, 28, 40].map((points) => shareOfLevel(points, USUAL_SCALE))).toEqual([0, 0.5, 0, 0.5, 0.5, 0, 0.5, 1, 1]);
    // Middles: 1.75, 5.5, 9.75, 16 and 24, each between two borders of one's own.
    const narrow = { names: ['a', 'b', 'c', 'd', 'e', 'f'], borders: [1.7, 5.4, 9.7, 15.9, 23.9] };
    expect(USUAL_SCALE.names.map((name) => statedPlace(name, narrow))).toEqual([1, 2, 3, 4, 5]);
    // Three tenths below an intermediate's middle: 12 and two tenths of eight.
    expect(statedPlace('easy intermediate', { names: ['a', 'b', 'c'], borders: [13.5, 13.7] })).toBe(1);
    const above = { ...narrow, borders: [1.8, 5.6, 9.8, 16.1, 24.1] };
    expect(USUAL_SCALE.names.map((name) => statedPlace(name, above))).toEqual([0, 1, 2, 3, 4]);
  }); // prettier-ignore

  test('more points are never a lower level, and the share of a level lies in it', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 60, noNaN: true }), fc.double({ min: 0, max: 20, noNaN: true }), (points, more) => {
        const along = (value: number): number => placeOfPoints(value, USUAL_SCALE) + shareOfLevel(value, USUAL_SCALE);
        expect(along(points + more)).toBeGreaterThanOrEqual(along(points) - 1e-9);
        expect(shareOfLevel(points, USUAL_SCALE)).toBeGreaterThanOrEqual(0);
        expect(shareOfLevel(points, USUAL_SCALE)).toBeLessThanOrEqual(1);
      }),
    );
  }); // prettier-ignore
});

describe.each(DEMOS)('%s', (name) => {
  const { dance, script } = studyText(textOf(name));
  const estimate = estimateLevel(dance);

  test('its points are its reasons added up, the heaviest first, each said in words with a line of the script', () => {
    const all = WEIGHTS.map((weight) => pointsOf(weight, measureDance(dance)));
    expect(estimate.points).toBeCloseTo(all.reduce((sum, points) => sum + points, 0));
    const points = estimate.reasons.map((reason) => reason.points);
    expect(points).toEqual(points.toSorted((a, b) => b - a));
    for (const { words, line } of [...estimate.reasons, ...estimate.sections.flatMap(({ reasons }) => reasons)]) {
      expect(words).not.toMatch(/undefined|NaN|(?<![.\d])1 steps|^$/);
      if (line !== undefined) expect(script.lines[line].kind).toBe('step');
    }
  });

  test('its mirror image is as hard', () => {
    const whole = { from: 0, to: script.lines.length - 1 };
    expect(pointsIn(applyEdits(script.text, mirrorLines(dance, whole)))).toBeCloseTo(estimate.points);
  });

  test('quicker music, a turn more, a restart more make it no easier', () => {
    const quick = textOf(name).replace(/(\d+) bpm/, (_, tempo) => `${Number(tempo) + 60} bpm`);
    expect(pointsIn(quick)).toBeGreaterThanOrEqual(estimate.points);
    const spun = textOf(name).replace(/^(\S+ +)Walk R, walk L$/m, '$1Full turn left R L');
    expect(pointsIn(spun)).toBeGreaterThanOrEqual(estimate.points - 1e-9);
  });
});

// Worked by hand from the script: 9 names of figures and steps, 4 steps on an &, the triple turned 4 quarters, turns of 1/4 + 1/2 + 1
// come to 7 quarters in four eights, one corner never, two different cuts on two walls, one tag, one changed step.
test('Low Tide Lanterns is counted as it was counted on paper', () => {
  expect(measureDance(studyText(textOf('low-tide-lanterns.txt')).dance)).toMatchObject({
    counts: 2, between: 1, largestTurn: 4, turning: 1.75, diagonals: 0, cuts: 2, tags: 1, changed: 1, parts: 0, figures: 9,
  }); // prettier-ignore
});

test('the hard eight is seen, and a dance without steps has no level', () => {
  expect(estimateLevel(studyText(textOf('low-tide-lanterns.txt')).dance).hardest?.number).toBe(3);
  expect(estimateLevel(studyText('# Ebb\n').dance)).toEqual({ points: 0, place: 0, reasons: [], sections: [] });
});

/** The project's sheets by other hands that state a level; `npm run levels` prints all of them. */
test('what sheets say of themselves agrees within one level nine times of ten, and better than one guess for all', () => {
  const sheets = readdirSync('dances/sheets/seen').filter((name) => name.endsWith('.txt'));
  const off = sheets.flatMap((name) => {
    const { dance, script } = studyText(readFileSync(`dances/sheets/seen/${name}`, 'utf8'));
    const stated = statedLevel(script.header.entries.find(({ key }) => key === 'level')?.value ?? '');
    return stated === undefined ? [] : [{ stated, place: estimateLevel(dance).place }];
  });
  const far = (place: (one: (typeof off)[number]) => number): number =>
    off.reduce((sum, one) => sum + Math.abs(one.stated - place(one)), 0) / off.length;
  expect(off.length).toBeGreaterThan(15);
  expect(off.filter(({ stated, place }) => Math.abs(stated - place) <= 1).length / off.length).toBeGreaterThan(0.9);
  expect(far(({ place }) => place)).toBeLessThan(Math.min(far(() => 1), far(() => 2), far(() => 3))); // prettier-ignore
});

describe('easier ways', () => {
  test.each([['low-tide-lanterns.txt', 1], ['heron-on-the-piling.txt', 1]] as const)('%s for level %i', (name, place) => {
    const { dance, findings } = studyText(textOf(name));
    const alarms = findings.filter(isAlarm).length;
    const lines = easierWays(dance, place);
    expect(lines.length).toBeGreaterThan(0);
    expect(lines.some(({ ways }) => ways.length > 0)).toBe(true);
    const [first] = lines.flatMap(({ line, ways }) => ways.filter(({ isOption }) => !isOption).map(({ edits }) => ({ line, edits })));
    const eased = studyText(applyEdits(dance.script.text, [...first.edits])).dance;
    expect(easierWays(eased, place).map(({ line }) => line)).not.toContain(first.line);
    for (const { line, why, ways } of lines) {
      expect(why.length).toBeGreaterThan(0);
      const after = findDancedLine(dance, line)?.after;
      for (const { edits, isOption } of ways) {
        const taken = studyText(applyEdits(dance.script.text, [...edits]));
        expect(taken.findings.filter(isAlarm)).toHaveLength(alarms);
        expect([taken.dance.counts, taken.dance.netTurn % 48]).toEqual([dance.counts, dance.netTurn % 48]);
        if (isOption) continue;
        const own = findDancedLine(taken.dance, line)?.after;
        expect([own?.weight, own?.facing]).toEqual([after?.weight, after?.facing]);
        expect(estimateLevel(taken.dance).points).toBeLessThan(estimateLevel(dance).points + 0.5);
      }
    }
  }); // prettier-ignore

  test('for those who begin, a step between the counts and a half turn stand above it, and nothing offered has them', () => {
    const lines = easierWays(studyText(textOf('ferry-at-dusk.txt')).dance, 0);
    expect(lines.flatMap(({ why }) => why)).toEqual(expect.arrayContaining(['a step between the counts', 'a half turn on one figure'])); // prettier-ignore
    for (const { ways } of lines)
      for (const { words, isOption } of ways) if (!isOption) expect(words.join(' ')).not.toMatch(/&|1\/2|full/);
    expect(easierWays(studyText(textOf('slipway-stroll.txt')).dance, 1)).toEqual([]);
  });
});

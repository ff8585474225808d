/** Dances with plans: right on every wall, no false alarm, and the slips put into their plans are told where they are. */
import { describe, expect, test } from '@jest/globals';
import {
  hourOfFacing,
  HOUSE_STYLES,
  isAlarm,
  reportDance,
  studyText,
  tidyScript,
  viewSheet,
  wallsInShort,
  wallsOf,
} from '../src/core/index';
import { catchSlips, isCaught, tallyByKind } from './test/catching';
import { injectPlanSlips } from './test/plan-injector';
import { PLANNED_DANCES } from './test/plans';

const wallsIn = (text: string): string[] =>
  wallsOf(studyText(text).dance).walls.map(({ number, kind, part, start, end, counts, pieces }) => {
    const name = kind === 'tag' ? `tag ${pieces[0].block.block.name}` : `${number}${part}`;
    return `${name} ${hourOfFacing(start)}-${hourOfFacing(end)} ${counts}`;
  });

const slipsOf = (text: string): string[] =>
  studyText(text)
    .findings.filter(isAlarm)
    .map(({ message }) => message);

describe.each(PLANNED_DANCES.map((dance) => [dance.kind, dance] as const))('%s', (_, { text, walls, short }) => {
  test('comes to the walls worked out on paper', () => {
    expect(wallsIn(text)).toEqual(walls);
    expect(wallsInShort(wallsOf(studyText(text).dance))).toBe(short);
  });

  test('raises no error and no warning', () => expect(slipsOf(text)).toEqual([]));

  test('tidied in every style it is danced on the same walls', () => {
    for (const style of HOUSE_STYLES) {
      const tidied = tidyScript(studyText(text).dance, style);
      expect([style.id, wallsIn(tidied), slipsOf(tidied)]).toEqual([style.id, walls, []]);
      expect(tidyScript(studyText(tidied).dance, style)).toBe(tidied);
    }
  });

  test('every wall is on the sheet and in the JSON', () => {
    const { dance, findings } = studyText(text);
    const report = reportDance(dance, findings, walls.length);
    const listed = report.walls.map(
      ({ wall, kind, part, start, end, counts }) =>
        `${kind === 'tag' ? `tag ${part}` : `${wall}${part}`} ${start}-${end} ${counts}`,
    );
    expect(listed).toEqual(walls);
    expect(viewSheet(dance).walls.map(({ startHour, endHour }) => `${startHour}-${endHour}`)).toEqual(
      walls.map((line) => /\S+:\S+/.exec(line)?.[0]),
    );
  });
});

/**
 * Slips that leave a dance which can be danced as it then stands, so that nothing is there to be told: a tag whose place states no
 * facing may stand on another wall as well; a cut one count earlier only leaves out a touch or a hold, and turns nothing; one count
 * later it only waits out the 1 that an `8&1` has danced already; "Vine R" is as long as "Vine R, touch L".
 */
const CONSISTENT: readonly [kind: string, line: RegExp][] = [
  ['tag on another wall', /^Tag at the end of wall/],
  ['restart a count off', /after 15 \((?:3|12):00\)|after 7 \(12:00\)|after 17 \(9:00\)/],
  ['part cut a count off', /A\(7\)/],
  ['option too short', /option no turn: Vine [RL]$/],
];

test('every slip in a plan is told at or beside its place, but for the consistent ones', () => {
  const slips = PLANNED_DANCES.flatMap(({ text }) => injectPlanSlips(text));
  expect(slips.length).toBeGreaterThan(45);
  expect(new Set(slips.map(({ kind }) => kind)).size).toBe(10);
  const missed = slips.filter((slip) => !isCaught(slip)).map(({ kind, text, line }) => [kind, text.split('\n')[line]]);
  expect(missed.filter(([kind, line]) => !CONSISTENT.some(([own, words]) => own === kind && words.test(line)))).toEqual(
    [],
  );
  expect(missed).toHaveLength(8);
});

/** In a tag that nobody says the turn or the length of, fewer steps and another turn make another tag. */
const OTHER_TAG: readonly [kind: string, line: RegExp][] = [
  ['foot swapped', /^1-4 {4}Sway .*(?:L, sway L|R, sway R)/],
  ['foot swapped', /^1-4 {4}Sway L, sway L/],
  ['line lost', /^1-2 {4}Step R forward, pivot 1\/2 left$/],
  ['turn of another size', /^1-2 {4}Step R forward, pivot 1\/4 left$/],
  // A dance may end on a touch.
  ['step made a touch', /^1-2 {4}Step R side, touch L turning 1\/4 right \(12:00\)$/],
  // A whole turn comes to the same wall either way.
  ['turn flipped', /Triple full turn right/],
];

test('slips in the steps of dances with plans are told as well as in others', () => {
  const catches = PLANNED_DANCES.flatMap(({ text }) => catchSlips(text));
  expect(catches.length).toBeGreaterThan(500);
  const missed = tallyByKind(catches)
    .flatMap((tally) => tally.missed)
    .map(({ kind, text, line }) => [kind, text.split('\n')[line]]);
  expect(missed.filter(([kind, line]) => !OTHER_TAG.some(([own, words]) => own === kind && words.test(line)))).toEqual(
    [],
  );
  expect(missed.length / catches.length).toBeLessThan(0.02);
});

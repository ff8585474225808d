/** The dances the tests own: right foot for foot, no false alarm, and the slips put into them are told where they are. */
import { describe, expect, test } from '@jest/globals';
import { hourOfFacing, isSlip, reportDance, studyText } from '../src/core/index';
import { catchSlips, tallyByKind } from './test/catching';
import { WORKED_DANCES } from './test/corpus';

describe.each(WORKED_DANCES.map((dance) => [dance.kind, dance] as const))(
  '%s',
  (_, { text, counts, netTurn, ends }) => {
    const { dance, findings } = studyText(text);

    test('ends every section on the foot and at the wall worked out on paper', () => {
      const sections = dance.parts.flatMap((part) => part.sections);
      expect(sections.map(({ after }) => `${after.weight} ${hourOfFacing(after.facing)}`)).toEqual(ends);
      expect([dance.counts, dance.netTurn / 48, dance.loops]).toEqual([counts, netTurn, true]);
    });

    test('raises no error and no warning', () => expect(findings.filter(isSlip)).toEqual([]));
  },
);

test('an eighth a wall goes round eight walls', () => {
  const buoy = WORKED_DANCES.find(({ netTurn }) => netTurn === -0.125);
  const { dance, findings } = studyText(buoy?.text ?? '');
  expect(reportDance(dance, findings, 9).walls.map(({ start }) => start)).toEqual([
    '12:00',
    '10:30',
    '9:00',
    '7:30',
    '6:00',
    '4:30',
    '3:00',
    '1:30',
    '12:00',
  ]);
});

/**
 * Slips that leave a dance which can be danced as it then stands, so that nothing is there to be told:
 * two stomps of one foot are stomp-ups by custom; hips may sway twice to one side, also over a foot that was only touched;
 * a half turn comes to the same wall either way, on a figure that may turn both ways.
 */
const CONSISTENT: readonly [kind: string, line: RegExp][] = [
  ['foot swapped', /Stomp R, stomp R/],
  ['foot swapped', /Sway L, sway L/],
  ['step made a touch', /touch L side$/],
  ['turn flipped', /Shuffle L turning 1\/2 right/],
];

test('more than 98 in 100 injected slips are told at or beside their place, and all but the consistent ones', () => {
  const catches = WORKED_DANCES.flatMap(({ text }) => catchSlips(text));
  expect(catches.length).toBeGreaterThan(1000);
  expect(catches.filter(({ caught }) => caught).length / catches.length).toBeGreaterThan(0.98);
  const missed = tallyByKind(catches).flatMap((tally) => tally.missed);
  const unexplained = missed
    .map(({ kind, text, line }) => [kind, text.split('\n')[line]])
    .filter(([kind, line]) => !CONSISTENT.some(([own, words]) => own === kind && words.test(line)));
  expect(unexplained).toEqual([]);
});

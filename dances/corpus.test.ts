/** The dances the tests own: right foot for foot, no false alarm, and the slips put into them are told where they are. */
import { describe, expect, test } from '@jest/globals';
import {
  applyEdits,
  expandLines,
  hourOfFacing,
  HOUSE_STYLES,
  isAlarm,
  mirrorLines,
  nameLines,
  reportDance,
  studyText,
  tidyScript,
} from '../src/core/index';
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

    test('raises no error and no warning', () => expect(findings.filter(isAlarm)).toEqual([]));
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

describe('rewriting a whole dance', () => {
  const WHOLE = { from: 0, to: Infinity };
  const endsOf = (text: string): string[] =>
    studyText(text).dance.parts.flatMap((part) =>
      part.sections.map(({ after }) => `${after.weight} ${hourOfFacing(after.facing)}`),
    );
  const slipsOf = (text: string): string[] =>
    studyText(text)
      .findings.filter(isAlarm)
      .map(({ message }) => message);

  test.each(WORKED_DANCES.map(({ kind, text, ends }) => [kind, text, ends] as const))(
    '%s: tidied in every style, spelt out and named again, it ends every section where it did',
    (_, text, ends) => {
      for (const style of HOUSE_STYLES) {
        const tidied = tidyScript(studyText(text).dance, style);
        expect([style.id, endsOf(tidied), slipsOf(tidied)]).toEqual([style.id, ends, []]);
        const spelt = applyEdits(tidied, expandLines(studyText(tidied).dance, WHOLE, style));
        expect([style.id, endsOf(spelt), slipsOf(spelt)]).toEqual([style.id, ends, []]);
        const named = applyEdits(spelt, nameLines(studyText(spelt).dance, WHOLE, style));
        expect([style.id, endsOf(named), slipsOf(named)]).toEqual([style.id, ends, []]);
      }
    },
  );

  const SWAP: Readonly<Record<string, string>> = { L: 'R', R: 'L' };

  test.each(WORKED_DANCES.map(({ kind, text, netTurn }) => [kind, text, netTurn] as const))(
    '%s: mirrored it dances on the other foot and turns the other way, and twice gives it back',
    (_, text, netTurn) => {
      const start = /^start: weight ([LR])$/m;
      const mirrored = (script: string): string =>
        applyEdits(script, mirrorLines(studyText(script).dance, WHOLE)).replace(start, (line, foot: string) =>
          line.replace(/[LR]$/, SWAP[foot]),
        );
      const other = mirrored(text);
      const { dance, findings } = studyText(other);
      expect([dance.netTurn / 48 + 0, findings.filter(isAlarm).map(({ message }) => message)]).toEqual([
        -netTurn + 0,
        [],
      ]);
      expect(dance.loops).toBe(true);
      expect(mirrored(other)).toBe(text);
    },
  );
});

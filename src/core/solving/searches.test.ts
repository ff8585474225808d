/** Everything a search offers is danced again here: it must do what it says, and make no slip. */
import { describe, expect, test } from '@jest/globals';
import { isAlarm } from '../checking/check';
import { stateAt } from '../dancing/places';
import { applyEdits } from '../model/text';
import { studyText } from '../study';
import { optionsOf } from '../walls/options';
import { wallsOf } from '../walls/table';
import { endingsAt } from './endings';
import { lowImpactOptions } from './low-impact';
import { noTurnOptions } from './no-turn';
import { searchWays } from './ways';

const section = (...lines: string[]) => `start: weight L\n\n## Section 1\n${lines.join('\n')}\n`;
const slipsOf = (text: string): string[] =>
  studyText(text)
    .findings.filter(isAlarm)
    .map(({ message }) => message);

describe('ways without turns', () => {
  test.each([
    // The handbook's own: a rolling vine becomes a vine, a triple full turn a shuffle; pivots rocks (worked out by hand).
    ['a rolling vine', ['1-4 Rolling vine R, touch L', '5-8 Vine L, touch R'], ['Vine R']],
    ['a triple full turn', ['1&2 Triple full turn left R L R', '3-4 Rock L forward, recover R', '5&6 Coaster L', '7-8 Walk R, walk L'], ['Shuffle R in place']],
    ['a full turn in two walks', ['1-2 Full turn forward right R L', '3-8 Walk R L R L R L'], ['Step R forward, step L forward']],
    ['two half pivots on one line', ['1-4 Step R forward, pivot 1/2 left, step R forward, pivot 1/2 left', '5-8 V step R'], ['Rocking chair R']],
    ['two half pivots apart', ['1-2 Step R forward, pivot 1/2 left', '3-4 Walk R, walk L', '5-6 Step R forward, pivot 1/2 left', '7-8 Walk R, walk L'], ['Rock R forward, recover L', 'Walk R, walk L', 'Rock R forward, recover L']],
    ['two half Montereys', ['1-4 Monterey 1/2 right', '5-8 Monterey 1/2 right'], ['Toe switches R', 'Toe switches R']],
    ['two half shuffles', ['1&2 Shuffle R turning 1/2 right', '3&4 Shuffle L turning 1/2 right', '5-8 V step R'], ['Shuffle R forward', 'Shuffle L forward']],
    ['a whole turn within a line that goes on turning', ['1-4 Full turn forward right R L, step R forward, pivot 1/4 left', '5-8 V step R'], ['Step R forward, step L forward, step R forward, pivot 1/4 left']],
    ['half turns with another turn behind them', ['1-4 Step R forward, pivot 1/2 left, step R forward, pivot 1/2 left', '5-8 Jazz box R turning 1/4 right'], ['Rocking chair R']],
    ['a whole turn on the spot', ['1-2 Step R side, full turn right', '3-4 Close L, hold', '5-8 V step R'], ['Step R side, hold']],
  ])('%s', (_, lines, words) => {
    const found = noTurnOptions(studyText(section(...lines)).dance);
    expect(found.map((own) => own.words)).toEqual([words]);
  }); // prettier-ignore

  test('each ends on the foot and at the wall that the stretch it stands for ends on', () => {
    for (const lines of [
      ['1-4 Rolling vine R, touch L', '5-8 Vine L, touch R'],
      [
        '1-4 Vine R with 1/4 right, scuff L',
        '5-6 Step L forward, pivot 1/2 right',
        '7-8 Step L forward, pivot 1/2 right',
      ],
      ['1&2 Shuffle R turning 1/2 right', '3&4 Shuffle L turning 1/2 right', '5-8 Jazz box R turning 1/4 right'],
      [
        '1-2 Step R forward, pivot 1/2 left',
        '3-4 Walk R, walk L',
        '5-6 Step R forward, pivot 1/2 left',
        '7-8 Walk R, L',
      ],
    ]) {
      const text = section(...lines);
      const [way] = noTurnOptions(studyText(text).dance);
      const { dance } = studyText(applyEdits(text, way.edits));
      const options = optionsOf(dance);
      expect(options.length).toBeGreaterThan(0);
      for (const { over, danced } of options) {
        const [after, wanted] = [danced?.after, over && stateAt(over.block, over.to)];
        expect([after?.weight, after?.facing]).toEqual([wanted?.weight, wanted?.facing]);
      }
    }
  });

  test('where the turns do not come to whole ones, the shorter way round is offered', () => {
    const found = noTurnOptions(studyText(section('1-2 Step R forward, pivot 3/4 left', '3-8 Walk R L R L R L')).dance);
    expect(found.map(({ words, about }) => [words, about])).toEqual([
      [['Step R forward, pivot 1/4 right'], 'turns 1/4 right instead of 3/4 left'],
    ]);
  });

  test('nothing is offered where nothing turns, or an option stands already', () => {
    expect(noTurnOptions(studyText(section('1-8 Walk R L R L R L R L')).dance)).toEqual([]);
    const taken = section(
      '1-4 Rolling vine R, touch L',
      '       option no turn: Vine R, touch L',
      '5-8 Vine L, touch R',
    );
    expect(noTurnOptions(studyText(taken).dance)).toEqual([]);
  });

  test('across a section end, and inside a tag', () => {
    const text = `start: weight L\n\n## Section 1\n1-6 Walk R L R L R L\n7-8 Step R forward, pivot 1/2 left\n\n## Section 2\n1-2 Step R forward, pivot 1/2 left\n3-8 Walk R L R L R L\n\n## Tag "ebb"\n1-4 Rolling vine R, touch L\n5-8 Rolling vine L, touch R\n\n## Plan\nwall 1: tag ebb\n`;
    const found = searchWays(studyText(text).dance);
    expect(found.map(({ words }) => words)).toEqual([
      ['Rock R forward, recover L', 'Rock R back, recover L'],
      ['Vine R'],
      ['Vine L'],
    ]);
    const all = found.reduce((edited) => {
      const [next] = searchWays(studyText(edited).dance);
      return applyEdits(edited, next.edits);
    }, text);
    expect(slipsOf(all)).toEqual([]);
    expect(all).toContain(
      '## Option "no turn": section 1 count 7 to section 2 count 2\n1-2    Rock R forward, recover L\n3-4    Rock R back, recover L\n\n## Plan',
    );
    expect(searchWays(studyText(all).dance)).toEqual([]);
  });
});

describe('low-impact ways', () => {
  test.each([
    [['1-2 Stomp R, stomp L', '3-8 Walk R L R L R L'], ['Step R in place, step L in place']],
    [['1-2 Lunge R side, recover L', '3-8 Walk R L R L R L'], ['Rock R side, recover L']],
    [['1-2 Leap R forward, close L', '3-8 Walk R L R L R L'], ['Step R forward, close L']],
  ])('%j', (lines, words) => {
    expect(lowImpactOptions(studyText(section(...lines)).dance).map((own) => own.words)).toEqual([words]);
  });
});

test('every way found in every figure that turns, jumps or bends takes the same counts, foot and wall when it is written in', () => {
  const lines = [
    ['1-4 Rolling vine R, touch L', '5-8 Rolling vine L, touch R'],
    ['1-2 Cross R over L, unwind full left (weight L)', '3-8 Walk R L R L R L'],
    ['1&2 Shuffle R turning 1/2 right', '3&4 Shuffle L turning 1/2 right', '5-8 V step R'],
    ['1-4 Paddle 1/4 left x2', '5-6 Step R forward, pivot 1/2 left', '7-8 Walk R, walk L'],
    ['1-2 Stomp R, stomp L', '3-4 Lunge R side, recover L', '5-8 Monterey 1/2 right'],
    ['1&2 Chase turn right', '3&4 Chase turn left', '5-8 V step L'],
  ];
  let offered = 0;
  for (const own of lines) {
    const text = section(...own);
    for (const { edits } of searchWays(studyText(text).dance)) {
      const { dance } = studyText(applyEdits(text, edits));
      const [option] = optionsOf(dance);
      if (!option?.over || !option.danced) throw new Error(`no option in ${text}`);
      const wanted = stateAt(option.over.block, option.over.to);
      expect([option.danced.after.weight, option.danced.after.facing, option.counts]).toEqual([
        wanted.weight,
        wanted.facing,
        option.over.counts,
      ]);
      offered += 1;
    }
  }
  expect(offered).toBeGreaterThan(6);
});

describe('mending a join', () => {
  const text = (cut: number) =>
    `start: weight L\n\n## Section 1\n1-4 Vine R, touch L\n5-6 Rock L forward, recover R\n7&8 Coaster L\n\n## Section 2\n1-2 Step R forward, touch L\n3-4 Step L side, hold\n5-6 Rock R back, recover L\n7-8 Walk R, walk L\n\n## Plan\nwalls 3, 5: restart after ${cut}\n`;
  const offeredAt = (cut: number) =>
    studyText(text(cut)).findings.find(({ code }) => code === 'join-weight')?.suggestions ?? [];

  test.each([
    // Worked out by hand: what frees R where the weight stands on R.
    [4, ['then & Step L beside R', '4: Step L beside R']],
    [6, ['then & Step L beside R', '5-6: Touch L forward, close L', '5-6: Step L forward, touch R beside L']],
    [10, ['then & Step L beside R', '10: Step L beside R']],
    [8, []],
  ])('after %i counts', (cut, labels) => expect(offeredAt(cut).map(({ label }) => label)).toEqual(labels));

  test('each leaves a dance without a slip', () => {
    for (const cut of [4, 6, 10])
      for (const { edits } of offeredAt(cut)) expect(slipsOf(applyEdits(text(cut), edits))).toEqual([]);
  });

  test('a tag that ends on the wrong foot is changed where it is written', () => {
    const tagged = `start: weight L\n\n## Section 1\n1-8 Walk R L R L R L R L\n\n## Tag "ebb"\n1-3 Walk R L R\n4 Touch L beside R\n\n## Plan\nwall 1: tag ebb\n`;
    const [first] = studyText(tagged).findings.find(({ code }) => code === 'join-weight')?.suggestions ?? [];
    expect(first?.label).toBe('Step L beside R');
    expect(slipsOf(applyEdits(tagged, first.edits))).toEqual([]);
  });
});

describe('endings at the front', () => {
  const dance = `start: weight L\n\n## Section 1\n1-2 Step R forward, pivot 1/4 left\n3-4 Walk R, walk L\n5-8 V step R\n`;

  test.each([
    // Walls start at 12, 9, 6, 3 and 12: after 4 counts of wall 2 the dancers face 6:00, of wall 4 12:00.
    [2, 4, '24 R false'],
    [4, 4, '0 R true'],
    [1, 1, '0 L true'],
  ])('wall %i, count %i', (wall, count, standing) => {
    const found = endingsAt(studyText(dance).dance, wall, count);
    expect(`${found?.facing} ${found?.free} ${found?.front}`).toBe(standing);
  });

  test('each that is offered ends there, at 12:00, without a slip; the smaller goes first', () => {
    for (const [wall, count] of [[1, 4], [2, 8], [3, 6], [5, 3], [6, 7]]) {
      const proposals = endingsAt(studyText(dance).dance, wall, count)?.proposals ?? [];
      expect(proposals.length).toBeGreaterThan(1);
      expect(proposals.map(({ cost }) => cost)).toEqual([...proposals.map(({ cost }) => cost)].sort((a, b) => a - b));
      for (const { edits } of proposals) {
        const text = applyEdits(dance, edits);
        const { walls, ended } = wallsOf(studyText(text).dance);
        expect([ended, walls.length, walls[walls.length - 1].end, slipsOf(text)]).toEqual([true, wall, 0, []]);
      }
    }
  }); // prettier-ignore

  test('an ending that is there already is replaced', () => {
    const planned = `${dance}\n## Plan\nending: wall 5 after 4\n`;
    const [first] = endingsAt(studyText(planned).dance, 2, 4)?.proposals ?? [];
    expect(applyEdits(planned, first.edits).match(/ending/g)).toHaveLength(1);
  });

  test('a count or a wall that is not danced gives no answer', () => {
    expect(endingsAt(studyText(dance).dance, 2, 9)).toBeUndefined();
    expect(endingsAt(studyText(`${dance}\n## Plan\norder: A`).dance, 2, 0)).toBeUndefined();
  });
});

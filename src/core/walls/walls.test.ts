/** Wall tables worked out on paper beside each dance, and laws that hold for every plan. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isAlarm } from '../checking/check';
import { CIRCLE, facingAfter, hourOfFacing, wallsOfTurn } from '../model/turns';
import { studyText } from '../study';
import { wallsOf, wallTable } from './table';
import { wallsExplained, wallsInShort } from './words';

/** One line a wall: `3 6:00-9:00 16`, a tag of the order as `tag ebb 9:00-9:00`. */
const tableOf = (text: string, count?: number): string[] => {
  const { dance } = studyText(text);
  const walls = count === undefined ? wallsOf(dance).walls : wallTable(dance, count);
  return walls.map(({ number, kind, part, start, end, counts, pieces }) => {
    const name = kind === 'tag' ? `tag ${pieces[0].block.block.name}` : `${number}${part}`;
    return `${name} ${hourOfFacing(start)}-${hourOfFacing(end)} ${counts}`;
  });
};

const slipsOf = (text: string): string[] =>
  studyText(text)
    .findings.filter(isAlarm)
    .map(({ message }) => message);

/** Four counts that turn and end as they begin: R, a turn on to L, R, L. */
const turning = (turn: string) => `1-2 Step R forward, pivot ${turn}\n3-4 Walk R, walk L`;
/** Four counts that stay: R L R L. */
const STILL = '1-4 Rocking chair R';
const STILL_ON = '5-8 V step R';

// 8 counts turn a quarter left, 8 more another: a half. Cut after 8 on walls 2 and 4.
// 1: 12 + 1/2 = 6. 2: 6 - 1/4 = 3. 3: 3 + 1/2 = 9. 4: 9 - 1/4 = 6. Then 6-12, 12-6, and round again.
const HALF_WITH_CUTS = `start: weight L\nwalls: 4\n\n## Section 1\n${turning('1/4 left')}\n${STILL_ON}\n\n## Section 2\n${turning('1/4 left')}\n${STILL_ON}\n\n## Plan\nwalls 2, 4: restart after 8 (3:00, 6:00)\n`;

// A wall turns a quarter right; the tag after wall 2 turns a half. 1: 12-3. 2: 3-6, tag 6-12. 3: 12-3. 4: 3-6. 5: 6-9. 6: 9-12.
const QUARTER_WITH_TAG = `start: weight L\n\n## Section 1\n1-4 Rocking chair R\n5-8 Jazz box R turning 1/4 right\n\n## Tag "ebb"\n1-2 Step R forward, pivot 1/2 left\n\n## Plan\nwall 2: tag ebb (6:00)\n`;

// A turns a half and B another. Order A B A B: 12-6, 6-12, 12-6, 6-12.
const PHRASED = `start: weight L\n\n## Part A\n${turning('1/2 left')}\n${STILL_ON}\n\n## Part B\n${turning('1/2 left')}\n${STILL_ON}\n\n## Plan\norder: (A B) x2\n`;

// R L R on 1&2, then L on the & of 2: after 2& the weight is on L again. Cut there on wall 2: 2.5 counts, and two beats.
// The half turn comes on 3-4, so wall 2 does not turn: 1: 12-6. 2: 6-6. 3: 6-12. 4: 12-6.
const HALF_COUNT = `start: weight L\n\n## Section 1\n1&2& Walk R L R L\n3-4 Step R forward, pivot 1/2 left\n5-8 V step R\n\n## Plan\nwall 2: restart after 2&\n`;

// The tag stands inside wall 2 after 4 counts: the quarter left is turned, the tag turns a half, the rest not.
// 1: 12-9. 2: 9, after four counts 6, after the tag 12: 9-12. 3: 12-9.
const TAG_INSIDE = `start: weight L\n\n## Section 1\n${turning('1/4 left')}\n${STILL_ON}\n\n## Tag "flood"\n1-2 Step R forward, pivot 1/2 left\n\n## Plan\nwall 2: tag flood after 4 (6:00)\n`;

// An eighth left a wall.
const EIGHTH = `start: weight L\nwalls: 8\n\n## Section 1\n${turning('1/8 left')}\n${STILL_ON}\n`;

const WORKED: [name: string, text: string, walls: string[], short: string][] = [
  [
    'a net half turn with two restarts at a quarter goes round four walls',
    HALF_WITH_CUTS,
    ['1 12:00-6:00 16', '2 6:00-3:00 8', '3 3:00-9:00 16', '4 9:00-6:00 8', '5 6:00-12:00 16', '6 12:00-6:00 16'],
    '4 walls as danced (2 by its turn)',
  ],
  [
    'a quarter-turn dance with a tag that turns',
    QUARTER_WITH_TAG,
    ['1 12:00-3:00 8', '2 3:00-12:00 8', '3 12:00-3:00 8', '4 3:00-6:00 8', '5 6:00-9:00 8', '6 9:00-12:00 8'],
    '4 walls',
  ],
  [
    'a phrased dance whose parts each turn a half twice',
    PHRASED,
    ['1A 12:00-6:00 8', '2B 6:00-12:00 8', '3A 12:00-6:00 8', '4B 6:00-12:00 8'],
    'phrased, danced from 2 walls',
  ],
  [
    'a restart at a half count',
    HALF_COUNT,
    ['1 12:00-6:00 8', '2 6:00-6:00 2.5', '3 6:00-12:00 8', '4 12:00-6:00 8'],
    '2 walls',
  ],
  [
    'a tag inside a wall',
    TAG_INSIDE,
    ['1 12:00-9:00 8', '2 9:00-12:00 8', '3 12:00-9:00 8', '4 9:00-6:00 8', '5 6:00-3:00 8', '6 3:00-12:00 8'],
    '4 walls',
  ],
  [
    'an eighth a wall goes round eight walls',
    EIGHTH,
    ['1 12:00-10:30 8', '2 10:30-9:00 8', '3 9:00-7:30 8', '4 7:30-6:00 8', '5 6:00-4:30 8', '6 4:30-3:00 8', '7 3:00-1:30 8', '8 1:30-12:00 8'],
    '8 walls',
  ],
]; // prettier-ignore

describe.each(WORKED)('%s', (_, text, walls, short) => {
  test('comes to the table worked out on paper', () => expect(tableOf(text)).toEqual(walls));
  test('says how many walls there are, and raises no slip', () => {
    expect(wallsInShort(wallsOf(studyText(text).dance))).toBe(short);
    expect(slipsOf(text)).toEqual([]);
  });
});

// Common practice, no source.
test('a wall table of a quarter-turn-left dance reads 12, 9, 6, 3', () => {
  const starts = tableOf(`## Section 1\n${turning('1/4 left')}\n${STILL_ON}`).map((line) => line.split(/[ -]/)[1]);
  expect(starts).toEqual(['12:00', '9:00', '6:00', '3:00']);
});

// Common practice, no source.
test('a two-wall dance after an odd number of walls faces 6:00', () => {
  const walls = tableOf(`## Section 1\n${turning('1/2 left')}\n${STILL_ON}`, 9);
  expect(walls.filter((_, index) => index % 2 === 0).every((line) => line.includes('-6:00'))).toBe(true);
  expect(walls.filter((_, index) => index % 2 === 1).every((line) => line.includes('-12:00'))).toBe(true);
});

// Common practice, no source.
test('a restart where the turns so far come to whole ones repeats the same wall', () => {
  const text = `## Section 1\n${STILL}\n${STILL_ON}\n\n## Section 2\n${turning('1/4 left')}\n${STILL_ON}\n\n## Plan\nwall 2: restart after 8`;
  expect(tableOf(text).slice(1, 3)).toEqual(['2 9:00-9:00 8', '3 9:00-6:00 16']);
});

// Common practice, no source.
test('after a cut at a quarter of a half-turn dance front and back become side walls', () => {
  const starts = tableOf(HALF_WITH_CUTS.replace('walls 2, 4', 'wall 2').replace(', 6:00', ''), 6).map(
    (line) => line.split(/[ -]/)[1],
  );
  expect(starts).toEqual(['12:00', '6:00', '3:00', '9:00', '3:00', '9:00']);
});

describe('laws', () => {
  /** A dance of 8 counts that turns by so many eighths. */
  const eighths = (size: number, way: string) => `## Section 1\n${turning(`${size}/8 ${way}`)}\n${STILL_ON}`;

  test('the number of walls is the order of the turn in the cyclic group of eighths: 8 / gcd(8, turn) (any text on group theory)', () => {
    const orders = { 1: 8, 2: 4, 3: 8, 4: 2, 5: 8, 6: 4, 7: 8 };
    for (const [size, order] of Object.entries(orders))
      for (const way of ['left', 'right'])
        expect([size, way, wallsOf(studyText(eighths(Number(size), way)).dance).walls.length]).toEqual([
          size,
          way,
          order,
        ]);
    fc.assert(
      fc.property(fc.integer({ min: -200, max: 200 }), (turn) => {
        const order = wallsOfTurn(turn);
        // The least number of times that comes back to the start.
        const least = Array.from({ length: CIRCLE }, (_, index) => index + 1).find(
          (times) => facingAfter(0, turn * times) === 0,
        );
        expect(order).toBe(least);
      }),
    );
  });

  const plans = fc.array(
    fc.record({
      wall: fc.integer({ min: 1, max: 9 }),
      what: fc.constantFrom(
        'restart after 4',
        'restart after 8',
        'restart after 12',
        'tag ebb',
        'tag ebb after 8',
        'tag: hold 2 counts',
      ),
    }),
    { maxLength: 5 },
  );
  const dance = (lines: readonly string[]) =>
    `start: weight L\n\n## Section 1\n${turning('1/4 left')}\n${STILL_ON}\n\n## Section 2\n${STILL}\n${STILL_ON}\n\n## Tag "ebb"\n1-2 Step R forward, pivot 1/2 left\n\n## Plan\n${lines.join('\n')}`;

  test('each wall starts where the one before ended, each piece too, and running counts leave no gap', () => {
    fc.assert(
      fc.property(plans, (lines) => {
        const { walls } = wallsOf(studyText(dance(lines.map(({ wall, what }) => `wall ${wall}: ${what}`))).dance);
        let [facing, beat] = [0, 0];
        for (const { start, end, pieces, first, last } of walls) {
          expect([start, first]).toEqual([facing, beat + 1]);
          for (const piece of pieces) {
            expect(piece.start).toBe(facing);
            facing = facingAfter(facing, piece.turn);
            expect(piece.end).toBe(facing);
          }
          expect(end).toBe(facing);
          beat = last;
        }
      }),
      { numRuns: 60 },
    );
  });

  test('the order of the plan lines changes nothing', () => {
    fc.assert(
      fc.property(plans, (lines) => {
        const unique = [...new Map(lines.map((line) => [line.wall, `wall ${line.wall}: ${line.what}`])).values()];
        expect(tableOf(dance([...unique].reverse()))).toEqual(tableOf(dance(unique)));
      }),
      { numRuns: 40 },
    );
  });

  test('a tag that only holds changes no facing and no foot', () => {
    const held = tableOf(dance(['walls 1, 3: tag: hold 4 counts', 'wall 2: restart after 8'])).map(
      (line) => line.split(' ')[1],
    );
    expect(held).toEqual(
      tableOf(dance(['wall 2: restart after 8', 'wall 3: restart after 16'])).map((line) => line.split(' ')[1]),
    );
  });
});

describe('tags that repeat the dance', () => {
  const repeating = (line: string) =>
    `start: weight L\n\n## Section 1\n1-2 Rock R forward, recover L\n3&4 Coaster R\n&5-6 Step L side, step R side, touch L\n7-8 Step L side, touch R\n\n## Tag "again"\n${line}\n\n## Plan\nwall 1: tag again`;
  const tagMoments = (line: string): string =>
    studyText(repeating(line))
      .dance.tags[0].moments.map(({ action, time }) => `${time / 12 + 1}${action.foot ?? '-'}`)
      .join(' ');

  test.each([
    // The & that opens a line belongs to the count after it, unless it is named.
    ['repeat 1-4', '1R 2L 3R 3.5L 4R'],
    ['repeat 1-4&', '1R 2L 3R 3.5L 4R 4.5L'],
    ['repeat the first 4', '1R 2L 3R 3.5L 4R'],
    ['repeat 1-2 twice', '1R 2L 3R 4L'],
    ['repeat 1-4& mirrored', '1L 2R 3L 3.5R 4L 4.5R'],
    ['repeat 7-8', '1L 2R'],
    ['repeat the last 2 counts', '1L 2R'],
    ['repeat the first four and a half counts twice', '1R 2L 3R 3.5L 4R 4.5L 5R 6L 7R 7.5L 8R 8.5L'],
  ])('%s', (line, moments) => expect(tagMoments(line)).toBe(moments));

  test('four and a half counts twice, once each way, then two rocks: 4 + 4 + 4 counts', () => {
    const { dance } = studyText(
      repeating('repeat 1-4&\nrepeat 1-4& mirrored\n9-10 Rock R forward, recover L\n11-12 Rock R back, recover L'),
    );
    expect(dance.tags[0].counts).toBe(12);
    expect(dance.tags[0].moments.map(({ action }) => action.foot).join('')).toBe('RLRLRL' + 'LRLRLR' + 'RLRL');
  });
});

describe('changed steps', () => {
  const changed = (...plan: string[]) =>
    `start: weight L\n\n## Section 1\n${STILL}\n5-6 Rock R back, recover L\n7-8 Walk R, walk L\n\n## Plan\n${plan.join('\n')}`;
  const lastPieces = (text: string, wall: number) =>
    wallsOf(studyText(text).dance).walls[wall - 1].pieces.map(
      ({ kind, at, ticks, after }) => `${kind} ${at / 12}+${ticks / 12} ${after}`,
    );

  test.each([
    ['the first count of wall 1', changed('wall 1: change 1 to Rock R side'), 1, ['part 0+0 L', 'changed 0+1 R', 'part 1+7 L']],
    ['two counts before a cut', changed('wall 2: change 5-6 to Walk R, walk L', 'wall 2: restart after 6'), 2, ['part 0+4 L', 'changed 4+2 L']],
    ['an & at the cut', changed('wall 2: restart after 5, then & Step L beside R'), 2, ['part 0+5 R', 'changed 5+0 L']],
    ['counts that go on', changed('wall 2: restart after 4, then 5-6 Walk R, walk L'), 2, ['part 0+4 L', 'changed 4+2 L']],
    ['counts that begin again at 1', changed('wall 2: restart after 4, then 1-2 Walk R, walk L'), 2, ['part 0+4 L', 'changed 4+2 L']],
  ])('%s', (_, text, wall, pieces) => expect(lastPieces(text, wall)).toEqual(pieces)); // prettier-ignore

  test('a wall cut on an added & has half a count more, and takes whole beats', () => {
    const { walls } = wallsOf(studyText(changed('wall 1: restart after 5, then & Step L beside R')).dance);
    expect([walls[0].counts, walls[0].last, walls[1].first]).toEqual([5.5, 5, 6]);
  });
});

describe('weights that the plan gives', () => {
  // A(4) ends on R, so B begins on L: R has the weight.
  const text = `start: weight L\n\n## Part A\n1-4 Vine R, touch L\n5-8 Vine L, touch R\n\n## Part B\n## Section 1 (4 counts)\n1-4 Vine L, touch R\n\n## Plan\norder: A(4) B A`;

  test('a part starts as its first place in the order hands over to it', () => {
    const { dance } = studyText(text);
    expect(dance.parts[1].before.weight).toBe('R');
    expect(slipsOf(text)).toEqual([]);
  });

  test('a part that writes out the other foot is right, and its place is told', () => {
    const wrong = text.replace('1-4 Vine L, touch R\n\n## Plan', '1-4 Rocking chair R\n\n## Plan');
    expect(slipsOf(wrong)).toEqual(['After 4 counts of wall 1 the weight is on R, so R is not free for B.']);
  });
});

test('the last wall is the last part of the order, tags between and behind it counted as none', () => {
  const text = (order: string) =>
    `start: weight L\n\n## Part A\n${turning('1/2 left')}\n${STILL_ON}\n\n## Part B\n${STILL}\n${STILL_ON}\n\n## Tag "ebb"\n${STILL}\n\n## Plan\norder: ${order}\nlast wall: ending after 4\n`;
  // A 12-6, the tag stays, B 6-6, A 6-12: cut after its half turn.
  expect(tableOf(text('A, tag ebb, B, A'))).toEqual(['1A 12:00-6:00 8', 'tag ebb 6:00-6:00 4', '2B 6:00-6:00 8', '3A 6:00-12:00 4']);
}); // prettier-ignore

test('a tag that stands at the wall of the ending is not danced: the music is over', () => {
  const text = `start: weight L\n\n## Section 1\n${turning('1/2 left')}\n${STILL_ON}\n\n## Tag "ebb"\n${STILL}\n\n## Plan\nwalls 1, 2: tag ebb\nending: wall 2 after 4\n`;
  const { walls } = wallsOf(studyText(text).dance);
  expect(walls.map(({ pieces }) => pieces.filter(({ kind }) => kind === 'tag').length)).toEqual([1, 0]);
});

test('an ending told by a facing comes after the last wall that the plan names', () => {
  const text = `start: weight L\n\n## Section 1\n${turning('1/2 left')}\n${STILL_ON}\n\n## Tag "ebb"\n${STILL}\n\n## Plan\nwall 4: tag ebb\nwalls starting 12:00: ending after 4\n`;
  // Walls 1, 3 and 5 start at 12:00.
  expect(tableOf(text).map((line) => line.split(' ')[0])).toEqual(['1', '2', '3', '4', '5']);
});

test('“tag” alone in an order is the only tag there is; of two it names none', () => {
  const text = (...tags: string[]) =>
    `start: weight L\n\n## Part A\n${STILL}\n\n${tags.map((name) => `## Tag "${name}"\n${STILL}\n`).join('\n')}\n## Plan\norder: A tag A\n`;
  expect(tableOf(text('ebb')).map((line) => line.split(' ')[0])).toEqual(['1A', 'tag', '2A']);
  expect(tableOf(text('ebb', 'flood')).map((line) => line.split(' ')[0])).toEqual(['1A', '2A']);
});

test('the difference between the two readings is explained', () => {
  const explained = (text: string): string => wallsExplained(wallsOf(studyText(text).dance));
  expect(explained(HALF_WITH_CUTS)).toBe(
    'A wall turns 1/2 left, which alone would make 2 walls. The cut after 8 on wall 2 comes with 1/4 left turned, so wall 3 starts facing 3:00, and the dance is danced from 4 walls.',
  );
  expect(explained(QUARTER_WITH_TAG)).toBe(
    'A wall turns 1/4 right, which makes 4 walls; so many are danced. The tag on wall 2 turns 1/2 left, so wall 3 starts facing 12:00.',
  );
  // An ending cuts its wall short, and turns less: that is no reason for anything.
  expect(
    explained(
      `start: weight L\n\n## Section 1\n${STILL}\n5-6 Step R forward, pivot 1/2 left\n7-8 Walk R, walk L\n\n## Plan\nending: wall 3 after 4\n`,
    ),
  ).toBe('A wall turns 1/2 left, which makes 2 walls.');
  expect(explained(PHRASED)).toBe(
    '4 parts are danced, starting from 12:00 and 6:00; the whole turns 2 times round to the left and ends facing 12:00.',
  );
});

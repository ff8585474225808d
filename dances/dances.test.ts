/**
 * The demo dances, stepped out on paper. For each section: the foot that bears the weight at its end, the wall faced there,
 * and the walls (net turn in circles, right positive). The working stands beside each.
 */
import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { hourOfFacing, isAlarm, reportDance, studyText } from '../src/core/index';

interface Worked {
  file: string;
  counts: number;
  netTurn: number;
  walls: number;
  ends: [weight: string, hour: string][];
}

const WORKED: Worked[] = [
  // 1 R L R (touch) then L R L (touch): L. 2 the same forward and back: L. 3 R, L, rocking chair gives L back: L.
  // 4 V step R L R L, step R, a quarter left on to L: L at 9:00.
  { file: 'slipway-stroll', counts: 32, netTurn: -0.25, walls: 4, ends: [['L', '12:00'], ['L', '12:00'], ['L', '12:00'], ['L', '9:00']] },
  // 1 RLR, LRL, rock R recover L, RLR: R. 2 rock L recover R, LRL, R and half left on to L (6:00), R, L: L.
  // 3 rock R recover L, cross R L R, rock L recover R, behind L R L: L. 4 R touch, chasse LRL with the last a quarter left (3:00),
  // R and half left on to L (9:00), kick ball change R L: L. Turned: 1/2 + 1/4 + 1/2 left.
  { file: 'ferry-at-dusk', counts: 32, netTurn: -1.25, walls: 4, ends: [['R', '12:00'], ['L', '6:00'], ['L', '6:00'], ['L', '9:00']] },
  // 1 RLR, LRL, rock, RLR: R. 2 LRL, RLR, L and half right on to R (6:00), LRL: L. 3 switches R L: L, rock R recover L, RLR behind: R,
  // rock L recover R: R. 4 LRL: L, R touch, L touch, kick ball cross R L: L. 5 rock: L, sailor R quarter right: R (9:00),
  // L and a quarter right on to R (12:00), LRL: L. 6 scissors RLR, LRL: L, R and half left on to L (6:00), R, L. Net 1/2+1/4+1/4-1/2.
  { file: 'heron-on-the-piling', counts: 48, netTurn: 0.5, walls: 2, ends: [['R', '12:00'], ['L', '6:00'], ['R', '6:00'], ['L', '6:00'], ['L', '12:00'], ['L', '6:00']] },
  // 1 struts R, L, rocking chair: L. 2 struts R, L, rock R recover L, step R: R. 3 struts L, R, L and half right on to R (6:00), L.
  // 4 Monterey half right (12:00) and quarter right (3:00), each ends on L. 5 R L R L, rock R recover L, cross R: R. 6 mirrored: L.
  // 7 jazz box with a quarter right (6:00): L, V step: L. 8 heel hook heel, close R; heel, close L; point, touch: L. Net 1/2+1/2+1/4+1/4.
  { file: 'tar-and-oakum', counts: 64, netTurn: 1.5, walls: 2, ends: [['L', '12:00'], ['R', '12:00'], ['L', '6:00'], ['L', '3:00'], ['R', '3:00'], ['L', '3:00'], ['L', '6:00'], ['L', '6:00']] },
  // Starts on R; L steps on the 1 that the last line lends. 1 rock R recover L, RLR back, rock L recover R, LRL over the 1: L.
  // 2 R and half left on to L (6:00), RLR, L and a quarter right on to R (9:00), cross LRL: L. 3 rock: L, RLR: R, rock: R, sailor LRL: L.
  // 4 rock: L, chasse RLR: R, cross rock L recover R, chasse LRL with a quarter left (6:00): L, which is the 1 of the next wall.
  { file: 'mudlark-cha-cha', counts: 32, netTurn: -0.5, walls: 2, ends: [['L', '12:00'], ['L', '9:00'], ['L', '9:00'], ['L', '6:00']] },
  // 1 chasse RLR, rock L back recover R, chasse LRL, rock R back recover L: L. 2 struts R, L; jazz box crosses R, ends on L. 3 R, L,
  // rocking chair: L. 4 R and a quarter left on to L (9:00), R touch, L touch, sway R, L: L.
  { file: 'ropewalk-ramble', counts: 32, netTurn: -0.25, walls: 4, ends: [['L', '12:00'], ['L', '12:00'], ['L', '12:00'], ['L', '9:00']] },
  // 1 basics R L R, L R L: L; R and a full spiral left on it: R; L, R: R. 2 L, R: R; sailor LRL a quarter left (9:00): L; samba R L R: R;
  // cross LRL: L. 3 R L R, L R L: L; chasse RLR a quarter right (12:00): R; L and half right on to R (6:00): R. 4 triple LRL once round
  // right: L; kick, ball R, cross L: L; rock R recover L; behind RLR: R. 5 sways L, R; behind LRL: L; rolling vine RLR once round right: R.
  // 6 L and half right on to R (12:00); shuffle LRL half right (6:00): L; coaster RLR: R; L, touch: L. -1 -1/4 +1/4 +1/2 +1 +1 +1/2 +1/2.
  { file: 'spring-tide', counts: 48, netTurn: 2.5, walls: 2, ends: [['R', '12:00'], ['L', '9:00'], ['R', '6:00'], ['R', '6:00'], ['R', '6:00'], ['L', '6:00']] },
];

const load = (file: string): string => readFileSync(new URL(`./${file}.txt`, import.meta.url), 'utf8');

describe.each(WORKED)('$file', ({ file, counts, netTurn, walls, ends }) => {
  const { dance, findings } = studyText(load(file));

  test('comes to the counts, the turn and the walls worked out on paper', () => {
    expect(dance.counts).toBe(counts);
    expect(dance.netTurn / 48).toBe(netTurn);
    expect(reportDance(dance, findings).totals.wallsNet).toBe(walls);
    expect(dance.loops).toBe(true);
  });

  test('ends every section on the foot and at the wall worked out on paper', () => {
    const sections = dance.parts[0].sections.map(({ after }) => [after.weight, hourOfFacing(after.facing)]);
    expect(sections).toEqual(ends);
  });

  test('has no slip', () => expect(findings.filter(isAlarm)).toEqual([]));
});

test('the draft is wrong in three ways, and each is named at its line', () => {
  const { findings, dance } = studyText(load('ropes-end-draft'));
  const report = reportDance(dance, findings);
  expect(report.findings.filter(({ severity }) => severity === 'error').map(({ code, line }) => [code, line])).toEqual([
    ['foot-not-free', 8],
    ['section-short', 12],
    ['facing-claim', 17],
  ]);
  expect(report.findings.find(({ code }) => code === 'foot-not-free')?.fix).toBe('3&4    Coaster R');
});

/**
 * Dances with plans, stepped out on paper: every wall's part, start, counts and end, its tags with the place they stand at and the
 * wall faced there. The working stands beside each.
 */
const PLANNED: { file: string; walls: string[]; net: number | null; danced: number }[] = [
  // A wall turns a quarter right by count 16 and a half left by 24: 3/4 ... and the triple one whole turn left: 1 1/4 left in all.
  // 12-9 and the lamp; 9-6; 6 cut at 9; 9-6 and the lamp; 6-3; 3 cut after 18 and an & at 6; 6-3; 3-12; 12, after 16 at 3, a quarter left.
  {
    file: 'low-tide-lanterns',
    walls: [
      '1  12:00 32 9:00 lamp@32 9:00-9:00', '2  9:00 32 6:00', '3  6:00 16 9:00 restart', '4  9:00 32 6:00 lamp@32 6:00-6:00', '5  6:00 32 3:00',
      '6  3:00 18.5 6:00 restart', '7  6:00 32 3:00', '8  3:00 32 12:00', '9  12:00 18 12:00 ending',
    ],
    net: 4,
    danced: 4,
  },
  // A turns a half right by 16 and a half left by 26; B a half left. The oars stand in the second A after 16: it starts at 6, so at 12.
  {
    file: 'regatta-morning',
    walls: ['1 A 12:00 32 12:00', '2 B 12:00 16 6:00', '3 A 6:00 32 6:00 oars@16 12:00-12:00', '4 B 6:00 16 12:00', '5 A 12:00 16 6:00', '6 B 6:00 16 12:00', '7 A 12:00 32 12:00'],
    net: null,
    danced: 2,
  },
  // A quarter left and an eighth right.
  {
    file: 'weathervane',
    walls: [
      '1  12:00 32 10:30', '2  10:30 32 9:00', '3  9:00 32 7:30', '4  7:30 32 6:00', '5  6:00 32 4:30', '6  4:30 32 3:00', '7  3:00 32 1:30', '8  1:30 32 12:00',
      '9  12:00 17 12:00 ending',
    ],
    net: 8,
    danced: 8,
  },
]; // prettier-ignore

describe.each(PLANNED)('$file', ({ file, walls, net, danced }) => {
  const { dance, findings } = studyText(load(file));
  const report = reportDance(dance, findings, walls.length);

  test('is right on every wall', () => {
    const listed = report.walls.map(({ wall, part, start, counts, end, restart, tags, ending }) =>
      [
        `${wall} ${part} ${start} ${counts} ${end}`,
        ...(restart ? ['restart'] : []),
        ...(ending ? ['ending'] : []),
        ...tags.map((tag) => `${tag.name}@${tag.after} ${tag.start}-${tag.end}`),
      ].join(' '),
    );
    expect(listed).toEqual(walls);
    expect([report.totals.wallsNet, report.totals.wallsDanced]).toEqual([net, danced]);
  });

  test('has no slip, and says nothing of it is unknown', () => {
    expect(findings.filter(isAlarm)).toEqual([]);
    expect(findings.filter(({ group }) => group === 'plan')).toEqual([]);
  });
});

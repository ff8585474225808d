/**
 * Two sheets written down in a hurry, the way they come in messages. Each line was stepped out by hand: the weight and the wall at
 * the end of every section stand below, and nothing may be left unread or accused.
 */
import { expect, test } from '@jest/globals';
import { hourOfFacing, isAlarm, studyText } from '../src/core/index';

const BOOTS = `MUDDY BOOTS SHUFFLE
32 count, 1 wall, improver
Start on vocals, weight on left

S1: SIDE, TOGETHER, SHUFFLE FWD, ROCK, 1/2 SHUFFLE
1-2 step right to right side, step left next to right
3&4 shuffle fwd stepping R,L,R
5-6 rock fwd on L, recover back on R
7&8 1/2 shuffle turning left L R L

S2: HEEL SWITCHES, STOMPS
1&2& touch R heel fwd, step R beside L, touch L heel fwd, step L beside R
3-4 stomp R fwd, clap
5-6 touch L toe out to left side, touch L beside R
7&8 L kick ball change

S3 CROSS ROCK, CHASSE 1/4, PIVOT
1-2 cross rock L over R, recover onto R
3&4 chasse left with a 1/4 turn left
5-6 step fwd on R, pivot 1/2 turn left
7-8 walk fwd R, L

S4 JAZZ BOX, HIP BUMPS
1-4 Right jazz box 1/4 turn right
5&6 bump hips right twice
7-8 bump hips left, right and flick L behind
`;

const LAMPS = `Lamps on the Lock Gate
Count: 48 Wall: 1 Level: Intermediate

Sec 1: Walk, walk, mambo, back back, coaster
1-2 Walk forward right, left
3&4 Rock forward on right, recover on left, step back on right
5-6 Walk back left, right
7&8 Step back on left, step right next to left, step forward on left

Sec 2: Side, behind, 1/4, step pivot, shuffle
1-2& Step right to right, cross left behind right, 1/4 turn right stepping forward on right
3-4 Step forward on left, pivot 1/2 turn right
5&6 Shuffle forward (left, right, left)
7-8 Step right forward, 1/4 pivot left

Sec 3: Cross samba x2, cross, side, sailor 1/4
1&2 Cross samba right
3&4 Cross samba left
5-6 Cross right over left, step left to left side
7&8 Right sailor step making 1/4 turn right

Sec 4: dorothy steps, heel grind, coaster
1-2& Step L diagonally fwd, lock R behind L, step L fwd
3-4& Step R diagonally forward, lock L behind R, step R forward
5-6 Heel grind L 1/4 turn L
7&8 L coaster

Sec 5: kick & point, kick & point, hitch, cross
1&2 Kick R fwd, step R together, point L to L side
3&4 Kick L forward & step L beside R, point R to side
5-6 Hitch R, cross R over L
7-8 Unwind full turn left (weight on L), hold

Sec 6: rumba box, swivels
1&2 Side R, together L, forward R
3&4 side L, together R, back L
5&6 triple 1/2 turn R (R,L,R)
7-8 Step L fwd, touch R behind L & clap
`;

const ends = (text: string) =>
  studyText(text).dance.parts[0].sections.map(({ after }) => `${after.weight} ${hourOfFacing(after.facing)}`);

// 1 R L, RLR, rock L recover R, LRL with half left: L 6:00. 2 switches R L, stomp R, L out and in, L kick ball change: R. 3 rock L
// over, recover R, chasse LRL with a quarter left (3:00), R and half left on to L (9:00), R L: L. 4 jazz box with a quarter right: L 12:00.
test('a sheet with sections S1 to S4, small letters and facts in one line', () => {
  const { dance, findings, script } = studyText(BOOTS);
  expect(ends(BOOTS)).toEqual(['L 6:00', 'R 6:00', 'L 9:00', 'L 12:00']);
  expect([dance.counts, dance.netTurn, dance.loops]).toEqual([32, -48, true]);
  expect(findings.filter(isAlarm)).toEqual([]);
  expect(script.title).toBe('MUDDY BOOTS SHUFFLE');
});

// 1 R L, R L and R back, L R, LRL: L. 2 R L R with a quarter right (3:00), L and half right on to R (9:00), LRL, R and a quarter
// left on to L (6:00). 3 sambas R and L, R L, sailor R with a quarter right (9:00): R. 4 wizards L and R, heel grind L with a quarter
// left on to R (6:00), LRL: L. 5 R, L, hitch and cross R, unwind once to the left on to L. 6 R L R, L R L, RLR with half right (12:00), L.
test('a sheet in full words, with brackets and ampersands', () => {
  const { dance, findings } = studyText(LAMPS);
  expect(ends(LAMPS)).toEqual(['L 12:00', 'L 6:00', 'R 9:00', 'L 6:00', 'L 6:00', 'L 12:00']);
  expect([dance.counts, dance.netTurn, dance.loops]).toEqual([48, 0, true]);
  expect(findings.filter(isAlarm).map(({ message }) => message)).toEqual([]);
});

/**
 * Five sheets as five hands write them, met once. Each was stepped out by hand before anything read it: the weight-bearing foot after
 * every line and the wall after every section stand beside the words (common practice, no source). What was right at first contact
 * stands in `docs/sheets.md`; here nothing may be wrong or accused any more.
 */
import { describe, expect, test } from '@jest/globals';
import { hourOfFacing, isAlarm, studyText } from '../src/core/index';

/** Lines as they are written; behind `=` the weight changes of a step line, behind `@` the wall a section ends at. */
const SHEETS: Readonly<Record<string, string>> = {
  'a club leader in shorthand': `OYSTER CATCHER HOP
32 cts / 4 walls / beg-improver. Intro 16 cts, wt on LF

(1-8) WALKS, KICK, COASTER
1-3 RF fwd, LF fwd, RF fwd = R L R
4 kick LF + clap =
5-6 LF back, RF back = L R
7&8 L coaster = L R L @ 12:00

(9-16) VINE, HOLD, ROCK, 1/4 SAILOR
1-2 RF to R side, LF behind RF = R L
&3 RF small step R, X LF over RF = R L
4 hold =
5-6 rock RF to R, recov LF = R L
7&8 RF behind LF, 1/4 L LF fwd, RF fwd = R L R @ 9:00

(17-24) HEEL DIGS, COASTER, TWO PIVOTS
1-2 LF heel dig fwd x2 =
3&4 LF back, RF tog, LF fwd = L R L
5-6 RF fwd, 1/2 L (wt LF) = R L
7-8 RF fwd, 1/2 L (wt LF) = R L @ 9:00

(25-32) MAMBOS, CROSS, BACK, SIDE, FWD
1&2 R side mambo = R L R
3&4 L side mambo = L R L
5-6 X RF over LF, LF back = R L
7-8 RF side, LF fwd = R L @ 9:00
`,
  'a choreographer in whole sentences': `The Lock-Keeper's Aunt
32 counts, 2 walls. Weight on the left foot to begin.

Section One – Steps to the corners and home
1,2 Step forward on the right foot to the right diagonal, touch the left foot beside it = R
3,4 Step forward on the left foot to the left diagonal, bring the right foot to touch next to it = L
5,6 Step the right foot back to where it came from, touch the left toe beside it = R
7,8 Put the left foot back in the centre, scuff the right heel past it = L @ 12:00

Section Two – Vine with a quarter, rocking chair
1,2 Step the right foot out to the right, cross the left foot behind it = R L
3 Turn a quarter to the right as you step forward on the right = R
4 Brush the left foot forward =
5,6 Rock your weight forward onto the left foot, and return it to the right = L R
7,8 Rock back onto the left foot, return the weight to the right = L R @ 3:00

Section Three – Turning triple, walks back, coaster, strides
1 & 2 Triple step on the spot making a half turn over the left shoulder, left, right, left = L R L
3,4 Step back on the right, then on the left = R L
5 & 6 Step right back, close left to right, step right forward = R L R
7,8 Stride forward left, stride forward right = L R @ 9:00

Section Four – Cross points, jazz box
1,2 Cross left over in front of right, point the right toe to the right side = L
3,4 Cross right over in front of left, point the left toe to the left side = R
5,6 Cross left over right, step back on right making a quarter turn to the left = L R
7,8 Step left to the left side, touch right next to left = L @ 6:00
`,
  'a waltz by sixes': `SALT ON THE ROPE
24 count waltz, 2 wall, improver; start with L foot (weight on R)
section: 6

[1-6] Basic forward, basic back
1-3 L fwd, R beside L, L in place = L R L
4-6 R back, L beside R, R in place = R L R @ 12:00

[7-12] Twinkle, twinkle 1/2
1-3 L over R, R to side, L in place = L R L
4-6 R over L, 1/4 turn R stepping L back, 1/4 turn R stepping R to side = R L R @ 6:00

[13-18] Cross, point, hold; behind, sweep
1-3 Cross L over R, point R to R side, hold = L
4-6 R behind L, sweep L from front to back over 2 counts = R @ 6:00

[19-24] Weave, big side, drag
1-3 L behind R, R to R side, L over R = L R L
4-6 Big step R to R side, drag L towards R for 2 counts = R @ 6:00
`,
  'a German class': `Laternen am Steg
16 Counts, 2 Wände, Gewicht auf links

S1: Seit, ran, Shuffle, Rock, Chassé mit 1/4
1-2 RF Schritt nach rechts, LF an RF heransetzen = R L
3&4 RF Schritt nach vorn, LF heran, RF Schritt nach vorn = R L R
5-6 LF Schritt nach vorn, Gewicht zurück auf RF = L R
7&8 LF Schritt nach links, RF heran, 1/4 Linksdrehung und LF Schritt nach vorn = L R L @ 9:00

S2: Kreuz, zurück, seit, tipp, Weinranke mit 1/4
1-2 RF vor LF kreuzen, LF Schritt zurück = R L
3-4 RF Schritt nach rechts, LF neben RF auftippen = R
5-6 LF Schritt nach links, RF hinter LF kreuzen = L R
7-8 LF Schritt nach links mit 1/4 Linksdrehung, RF neben LF auftippen = L @ 6:00
`,
  'a French class': `La Marée de Mars
16 temps, 4 murs, poids sur PG

S1 : vigne 1/4, pas pivot, triple
1-2 PD à droite, PG croisé derrière PD = R L
3-4 PD devant avec 1/4 tour à droite, brosser PG devant = R
5-6 PG devant, pivot 1/2 tour à droite (poids sur PD) = L R
7&8 Triple pas avant G D G = L R L @ 9:00

S2 : rock, coaster, pointes
1-2 Rock avant D, revenir sur PG = R L
3&4 PD derrière, PG à côté du PD, PD devant = R L R
5-6 Pointer PG à gauche, ramener PG à côté du PD = L
7-8 Pointer PD à droite, toucher PD à côté du PG = @ 9:00
`,
};

const TRUTH = / = ?(?<feet>(?:[LR] ?)*)(?:@ (?<hour>\d+:\d\d))?$/gm;

describe.each(Object.entries(SHEETS))('%s', (_, written) => {
  const truths = [...written.matchAll(TRUTH)].map(({ groups }) => groups ?? {});
  const text = written.replace(TRUTH, '');
  const { dance, findings } = studyText(text);
  const [part] = dance.parts;

  test('every line changes weight as it was stepped', () => {
    const lines = part.sections.flatMap(({ lines: own }) => own);
    const got = lines.map(({ line, moments }) => {
      const feet = moments.filter(({ before, after }) => before.weight !== after.weight).map(({ after }) => after.weight);
      return `${line.text.trim()} = ${feet.join(' ')}`;
    });
    const step = text.split('\n').filter((line) => /^[\d&]/.test(line) && !/^\d+ (?:c|temps)/i.test(line));
    expect(got).toEqual(step.map((line, index) => `${line.trim()} = ${truths[index].feet.trim()}`));
  });

  test('every section ends at its wall, and nothing is accused', () => {
    const walls = truths.flatMap(({ hour }) => hour ?? []);
    expect(part.sections.map(({ after }) => hourOfFacing(after.facing))).toEqual(walls);
    expect(findings.filter(isAlarm).map(({ message }) => message)).toEqual([]);
    expect(dance.loops).toBe(true);
  });
}); // prettier-ignore

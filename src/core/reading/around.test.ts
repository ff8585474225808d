/** Counts wherever they stand, and what is said beside the steps. Common practice, no source; worked by hand. */
import { describe, expect, test } from '@jest/globals';
import { COMMON_VOCABULARY } from '../vocabulary';
import { hourOfFacing } from '../model/turns';
import { labelOfTick } from '../model/ticks';
import { readAsides } from './asides';
import { readStepLine } from './line';
import { signsIn } from '../grammar/steps/signs';

/** `1 & 2: Shuffle R` for every stretch of counts with the words that belong to it. */
const counted = (line: string): string[] =>
  readStepLine(line).groups.map(({ counts, calls }) => {
    const words = calls.map(({ span }) => line.slice(span.from, span.to)).join(' | ');
    return `${counts?.ticks.map(labelOfTick).join(' ') ?? '-'}: ${words}`;
  });

const COUNTS: readonly [line: string, stretches: string[]][] = [
  ['1and2 step r fwd, touch l', ['1 & 2: step r fwd | touch l']],
  ['3 and 4 shuffle R', ['3 & 4: shuffle R']],
  ['(1-2) Step R side, close L', ['1 2: Step R side | close L']],
  ['1.1  (1, 2)  Rock R forward, recover L', ['1 2: Rock R forward | recover L']],
  ['3.2  (21 & 22 &)  Heel switches', ['21 & 22 &: Heel switches']],
  ['Counts 1-4: Vine R', ['1 2 3 4: Vine R']],
  ['Zählzeiten 1 bis 3: Schritt vor', ['1 2 3: Schritt vor']],
  ['1 to 4 vine R', ['1 2 3 4: vine R']],
  ['Step R forward, lock L (1, 2)', ['1 2: Step R forward | lock L']],
  ['Walk R, L (1, 2). Coaster R (3&4).', ['1 2: Walk R | L', '3 & 4: Coaster R']],
  ['Vine R (4 counts)', ['1 2 3 4: Vine R']],
  ['One two, walk R, L, three and four, shuffle R', ['1 2: walk R | L', '3 & 4: shuffle R']],
  ['Rock L, recover R, then coaster L: five, six, seven and eight.', ['5 6 7 & 8: Rock L | recover R | coaster L']],
  // Numbers that say how many, which place or how far count nothing.
  ['One step forward R', ['-: One step forward R']],
  ['two walks R L', ['-: two walks R L']],
  ['1-2 Trois quarts de tour', ['1 2: Trois quarts de tour']],
];

test.each(COUNTS)('counts: %s', (line, stretches) => expect(counted(line)).toEqual(stretches));

test('an & in a column of its own is half a count after what stands above', () => {
  const [{ counts }] = readStepLine('&\tL beside R').groups;
  expect([counts?.ticks, counts?.end, counts?.floating]).toEqual([[-6], 0, true]);
});

const ASIDES: readonly [line: string, rest: string, claims: string][] = [
  ['step L back, taking weight onto it.', 'step L back,', ''],
  ['pivot 1/2 R, weight to R', 'pivot 1/2 R,', 'R'],
  ['turn 1/4 L and put your weight on your left foot', 'turn 1/4 L', 'L'],
  ["half a turn right so that your weight's on the right", 'half a turn right', 'R'],
  ['touch R behind, no weight', 'touch R behind,', 'none'],
  ['Drehung links herum, Gewicht am Ende links', 'Drehung links herum,', 'L'],
  ['pivot 1/2 G, PdC sur PG', 'pivot 1/2 G,', 'L'],
  ['Rock R, weight back on L', 'Rock R, weight back on L', ''],
  ['shuffle 1/2 turn left, now at 6:00', 'shuffle 1/2 turn left,', '6:00'],
  ["L back, that's 3 o'clock", 'L back,', '3:00'],
  ['L R L, danach schauen wir Richtung 6 Uhr', 'L R L,', '6:00'],
  ['step L, so you are looking at the back wall', 'step L,', '6:00'],
  ['recover L . . . . . . 9', 'recover L', '9:00'],
  ['pivot 1/2 left   6:00', 'pivot 1/2 left', '6:00'],
  // How far a turn goes is the step's.
  ['turn left to face 9:00', 'turn left to face 9:00', ''],
  ["that's one, two", "that's one, two", ''],
  ['walk R, L, or just march on the spot', 'walk R, L', ''],
  ['step R, touch L, clapping on every touch', 'step R, touch L', ''],
];

test.each(ASIDES)('beside the steps: %s', (line, rest, claims) => {
  const read = readAsides(line, 0, COMMON_VOCABULARY, true);
  expect(read.rest).toHaveLength(line.length);
  expect(read.rest.replace(/[\s.]+$/, '')).toBe(rest);
  const said = [
    ...read.weightClaims.map(({ weight }) => weight),
    ...read.facingClaims.map(({ facing }) => hourOfFacing(facing)),
  ];
  expect(said.join(' ')).toBe(claims);
});

describe('a key of signs', () => {
  const signs = (line: string) => Object.fromEntries(signsIn(`Title\n${line}\n1-2 av`));
  test('is read with or without =, as far as its meanings are known', () => {
    expect(signs('av avant, der derrière, T touche, tal talon')).toEqual({ av: ['avant'], der: ['derrière'], T: ['touche'], tal: ['talon'] }); // prettier-ignore
    expect(signs('fo = forward, ba = back, zz = frobnicate, to = touch')).toMatchObject({ fo: ['forward'], ba: ['back'] }); // prettier-ignore
  });
  test('a sentence is none', () => expect(signs('Wait sixteen, weight on the left, off we go, have fun')).toEqual({}));
});

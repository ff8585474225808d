/** One meaning, many spellings: how people write it. Common practice in the trade, no source. */
import { describe, expect, test } from '@jest/globals';
import { danceScript } from '../dancing/dance';
import { momentsWords } from '../printing/actions';
import { readScript } from '../page/read-script';

const SPELLINGS: Record<string, { before: string; moments: string; lines: string[] }> = {
  'a forward rock': {
    before: 'L',
    moments: '1 R rock forward; 2 L recover',
    lines: [
      '1-2 Rock R forward, recover L',
      '1-2 Rock R fwd, recover on L',
      '1-2 ROCK RIGHT FORWARD, RECOVER LEFT',
      '1,2 rock forward on right foot, recover onto left',
      '1 2 Rock fwd RF, recover LF',
      '• 1-2 rock forward right, recover weight to left.',
      '1–2 Rock right forward; recover left',
      '1-2 Rock R forward, replace L',
      '1-2 rock r f, rec',
      '1-2\u00a0Rock  R\tforward , recover   L',
      '- 1-2 Rock R forward then recover L',
    ],
  },
  'a half pivot': {
    before: 'L',
    moments: '1 R forward; 2 L pivot, 1/2 left',
    lines: [
      '1-2 Step R forward, pivot 1/2 left',
      '1-2 Step forward R, pivot ½ turn left',
      '1-2 step fwd right, pivot half left',
      '1-2 Step R forward, pivot 1/2 over left shoulder',
      '1-2 Step right forward, pivot a half turn to the left (weight on left)',
      '1-2 Pivot turn 1/2 left',
      '1-2 Step pivot 1/2 L',
      '1-2 Step R forward, pivot 180 degrees left',
      '1-2 Step R forward, piv 1/2 L',
      '1-2 Step R forward, pivot 1/2 counterclockwise',
    ],
  },
  'a quarter chasse': {
    before: 'R',
    moments: '3 L side; & R together; 4 L forward, 1/4 left',
    lines: [
      '3&4 Chasse L turning 1/4 left',
      '3&4 Chassé left 1/4 left',
      '3&4 side shuffle left with a quarter turn left',
      '3 & 4 Chasse to the left making ¼ turn L',
      '3&4 Left chasse 1/4 L',
      '3&4 Side triple L 1/4 turn left',
    ],
  },
  'a coaster': {
    before: 'R',
    moments: '7 L back; & R together; 8 L forward',
    lines: [
      '7&8 Coaster L',
      '7&8 L coaster step',
      '7&8 left coaster',
      '7&8 Coaster step left',
      '7&8 step L back, step R beside L, step L forward',
      '7&8 L back, R together, L forward',
      '7&8 Coaster L: back, together, forward',
    ],
  },
  'a cross and a side touch': {
    before: 'L',
    moments: '1 R cross; 2 [L point side]',
    lines: [
      '1-2 Cross R over L, point L side',
      '1-2 Cross right over left, point left to left side',
      '1-2 step R across L, point L to the side',
      '1-2 Cross point R',
    ],
  },
  'heel and close': {
    before: 'L',
    moments: '1 [R heel forward]; 2 R together',
    lines: [
      '1-2 Touch R heel forward, step R beside L',
      '1-2 Heel R, close R',
      '1-2 dig right heel, R together',
      '1-2 Tap R heel forward, close R next to L',
    ],
  },
  walks: {
    before: 'L',
    moments: '1 R forward; 2 L forward; 3 R forward; 4 [L touch together]',
    lines: [
      '1-4 Walk forward R L R, touch L',
      '1-4 walk R, walk L, walk R, touch L',
      '1-4 Walk R, L, R, touch L beside R',
      '1-4 walk forward RLR, touch left',
      '1-3 walk R-L-R, 4 touch L',
      '1-3 walk forward R L R; 4 touch L together',
    ],
  },
};

describe.each(Object.entries(SPELLINGS))('%s', (_, { before, moments, lines }) => {
  test.each(lines.map((text) => [text]))('%s', (text) => {
    const danced = danceScript(readScript(`# Ebb\nstart: weight ${before}\n\n## Section 1\n${text}`)).parts[0]
      .sections[0].lines[0];
    expect(momentsWords(danced.moments)).toBe(moments);
  });
});

test('repeats are danced as often as they say', () => {
  const danced = (text: string) =>
    momentsWords(danceScript(readScript(`## Section 1\n${text}`)).parts[0].sections[0].lines[0].moments);
  expect(danced('1&2 3&4 Shuffle R x2')).toBe(
    '1 R forward; & L together; 2 R forward; 3 L forward; & R together; 4 L forward',
  );
  expect(danced('1&2 3&4 two shuffles')).toBe(
    '1 R forward; & L together; 2 R forward; 3 L forward; & R together; 4 L forward',
  );
  expect(danced('1-4 Sway R L twice')).toBe(danced('1-4 Sway R L R L'));
});

test('hands ride along: they take no count and move no foot', () => {
  const danced = danceScript(readScript('## Section 1\n1-2 Step R side, touch L and clap')).parts[0].sections[0]
    .lines[0];
  expect(momentsWords(danced.moments)).toBe('1 R side; 2 [L touch together]');
  expect(danced.calls.map(({ figure, rides }) => [figure?.id, rides])).toEqual([
    ['step', false],
    ['touch', false],
    ['clap', true],
  ]);
});

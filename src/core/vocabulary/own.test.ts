/** Figures a writer defines: read from notation or plain words, danced from both feet, refused with a sentence. */
import { describe, expect, test } from '@jest/globals';
import { danceScript } from '../dancing/dance';
import { momentsWords } from '../printing/actions';
import { readScript } from '../page/read-script';
import { readOwnFigure } from './own';

const line = (definition: string, call: string, before = 'L') =>
  danceScript(readScript(`start: weight ${before}\n## Section 1\n${call}\n\n## Figure ${definition}\n`)).parts[0]
    .sections[0].lines[0];

describe('a figure of one’s own', () => {
  const TABLE: [definition: string, call: string, before: string, moments: string][] = [
    ['"harbour step" 1&2: A side, B behind, A tog', '1&2 Harbour step', 'L', '1 R side; & L behind; 2 R together'],
    ['"harbour step" 1&2: A side, B behind, A tog', '3&4 harbour steps L', 'R', '3 L side; & R behind; 4 L together'],
    // Written with R and L, the foot that goes first leads; plain words do as well.
    [
      '"quay turn" 1-4: R forward, L together, [R heel forward], R back turning 1/4 right',
      '1-4 quay turn L',
      'R',
      '1 L forward; 2 R together; 3 [L heel forward]; 4 L back, 1/4 left',
    ],
    ['"lock gate" 1-2: A fwd 1/4 in, B fwd', '1-2 Lock gate R', 'L', '1 R forward, 1/4 left; 2 L forward'],
    // There and back: the turns come to nothing and are danced all the same.
    ['"sluice" 1-2: A side 1/4 out, B side 1/4 in', '1-2 Sluice L', 'R', '1 L side, 1/4 left; 2 R side, 1/4 right'],
    // A name of one's own for a figure there is.
    [
      '"quay shuffle" = shuffle',
      '1&2 Quay shuffle R turning 1/2 right',
      'L',
      '1 R side, 1/4 right; & L together; 2 R forward, 1/4 right',
    ],
    // Its own name goes before the trade's.
    ['"coaster" 1-2: A back, B back', '1-2 Coaster R', 'L', '1 R back; 2 L back'],
  ];

  test.each(TABLE)('%s · %s', (definition, call, before, moments) => {
    const danced = line(definition, call, before);
    expect(danced.understood).toBe(true);
    expect(momentsWords(danced.moments)).toBe(moments);
  });

  test('may have several names and several rhythms', () => {
    const definition = '"harbour step", "quay step" 1&2 | 1-3: A side, B behind, A tog';
    for (const call of ['1&2 quay step R', '1-3 harbour step R']) expect(line(definition, call).after.weight).toBe('R');
  });

  const REFUSED: [definition: string, problem: RegExp][] = [
    ['harbour step', /a name in quotes/],
    ['"harbour step"', /its counts and feet/],
    ['"harbour step" = frobnication', /no figure called “frobnication”/],
    ['"harbour step" 1&2: A side, B behind', /not equally many/],
    ['"harbour step" 1-2: side, behind', /begins with its foot/],
    ['"harbour step" 1-2: A wobbles, B side', /“wobbles” is no place/],
  ];

  test.each(REFUSED)('%s is refused in a sentence', (definition, problem) => {
    const read = readOwnFigure(definition);
    expect('problem' in read && read.problem).toMatch(problem);
  });
});

describe('lines that repeat others', () => {
  const TABLE: [lines: string[], last: string, counts: number][] = [
    [
      ['1&2 Shuffle R forward', '3-4 Rock L forward, recover R', '5-8 Repeat 1-4 on the other foot'],
      '5 L forward; & R together; 6 L forward; 7 R rock forward; 8 L recover',
      8,
    ],
    [['1-2 Step R side, touch L', '3-4 same again leading L'], '3 L side; 4 [R touch together]', 4],
    [['1-2 Step R side, touch L', '3-4 same again leading R'], '3 R side; 4 [L touch together]', 4],
    [['1&2 Coaster R', '3&4 repeat mirrored'], '3 L back; & R together; 4 L forward', 4],
  ];

  test.each(TABLE)('%j', (lines, last, counts) => {
    const [own] = danceScript(readScript(`## Section 1 (${counts} counts)\n${lines.join('\n')}`)).parts[0].sections;
    expect(momentsWords(own.lines[own.lines.length - 1].moments)).toBe(last);
    expect(own.counts).toBe(counts);
  });

  test('repeats of repeats end somewhere', () => {
    const { parts } = danceScript(readScript(`## Section 1\n1 Walk R\n${'repeat\n'.repeat(400)}`));
    expect(parts[0].counts).toBeLessThan(1000);
  });

  test('a whole section over again, leading with the other foot', () => {
    const dance = danceScript(
      readScript(
        '## Section 1\n1-4 Vine R, touch L\n5-8 Vine L, touch R\n## Section 2\n1-8 repeat section 1 starting with the left',
      ),
    );
    const [, second] = dance.parts[0].sections;
    expect(second.counts).toBe(8);
    expect(
      momentsWords(second.lines[0].moments).startsWith(
        '1 L side; 2 R behind; 3 L side; 4 [R touch together]; 5 R side',
      ),
    ).toBe(true);
  });
});

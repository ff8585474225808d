/** The laws of counting, weight and facing, as properties over generated dances. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { danceScript } from './dancing/dance';
import { momentsWords } from './printing/actions';
import { printScript } from './printing/script';
import { readScript } from './page/read-script';
import { facingAfter, hourOfFacing, readHour, turnBetween, wallsOfTurn, CIRCLE } from './model/turns';
import { labelOfTick, tickOfCount } from './model/ticks';
import { readCounts } from './reading/counts';
import { printCounts } from './printing/counts';
import { studyText } from './study';
import { FIGURES, houseName, NAME_LIST } from './vocabulary';

const feet = fc.constantFrom('R', 'L');
const ways = fc.constantFrom('right', 'left');
const amounts = fc.constantFrom('1/8', '1/4', '3/8', '1/2', '3/4', 'full');

/** Lines that name their foot, two counts or four each. */
const lines = fc.oneof(
  feet.map((foot) => `Rock ${foot} forward, recover ${foot === 'R' ? 'L' : 'R'}`),
  feet.map((foot) => `Step ${foot} side, touch ${foot === 'R' ? 'L' : 'R'}`),
  fc.tuple(feet, amounts, ways).map(([foot, amount, way]) => `Step ${foot} forward, pivot ${amount} ${way}`),
  fc
    .tuple(feet, fc.constantFrom('1/4', '1/2'), ways)
    .map(([foot, amount, way]) => `Shuffle ${foot} forward turning ${amount} ${way}`),
  fc.tuple(feet, ways).map(([foot, way]) => `Sailor ${foot} turning 1/4 ${way}`),
  feet.map((foot) => `Coaster ${foot}`),
  feet.map((foot) => `Kick ball change ${foot}`),
  feet.map((foot) => `Toe strut ${foot} forward`),
);

const isTriple = (line: string): boolean => /^(Shuffle|Sailor|Coaster|Kick)/.test(line);

/** A section of eight counts from four lines. */
const sections = fc
  .array(lines, { minLength: 4, maxLength: 4 })
  .map((own) => own.map((line, index) => `${index * 2 + 1}${isTriple(line) ? '&' : '-'}${index * 2 + 2} ${line}`));
const dances = fc.array(sections, { minLength: 1, maxLength: 4 });

const scriptOf = (dance: string[][], start = 'L'): string =>
  [`start: weight ${start}`, ...dance.flatMap((own, index) => ['', `## Section ${index + 1}`, ...own])].join('\n');
const danced = (text: string) => danceScript(readScript(text));

const SWAP: Record<string, string> = { R: 'L', L: 'R', right: 'left', left: 'right' };
const mirror = (text: string): string => text.replace(/\b(R|L|right|left)\b/g, (word) => SWAP[word]);

describe('mirroring', () => {
  test('twice gives the script back, once mirrors weight, turns and path', () => {
    fc.assert(
      fc.property(dances, (dance) => {
        const text = scriptOf(dance);
        expect(mirror(mirror(text))).toBe(text);
        const [one, other] = [danced(text), danced(mirror(text))];
        expect(other.netTurn).toBe(-one.netTurn + 0);
        expect(SWAP[other.endWeight] ?? other.endWeight).toBe(one.endWeight);
        const [a, b] = [one.parts[0].after.feet, other.parts[0].after.feet];
        expect(b.R.x).toBeCloseTo(-a.L.x, 9);
        expect(b.R.y).toBeCloseTo(a.L.y, 9);
      }),
    );
  });

  test('a section danced as another one mirrored is that section mirrored', () => {
    fc.assert(
      fc.property(sections, (own) => {
        const copied = danced(
          `start: weight L\n\n## Section 1\n${own.join('\n')}\n\n## Section 2 = Section 1 mirrored`,
        );
        const spelt = danced(
          `start: weight L\n\n## Section 1\n${own.join('\n')}\n\n## Section 2\n${own.map(mirror).join('\n')}`,
        );
        expect(copied.counts).toBe(16);
        expect(copied.netTurn).toBe(spelt.netTurn);
        expect(copied.endWeight).toBe(spelt.endWeight);
      }),
    );
  });
});

describe('turning', () => {
  test('the net turn of a dance is the sum of its sections, and a part twice doubles it', () => {
    fc.assert(
      fc.property(dances, (dance) => {
        const whole = danced(scriptOf(dance));
        const parts = whole.parts[0].sections.map(({ before, after }) => after.rotation - before.rotation);
        expect(whole.netTurn).toBe(parts.reduce((sum, turn) => sum + turn, 0));
        const [one] = dance;
        expect(danced(scriptOf([one, one])).netTurn).toBe(2 * danced(scriptOf([one])).netTurn);
      }),
    );
  });

  // The order of an element k in the cyclic group of n is n / gcd(n, k): any text on group theory (Lagrange). Counted here by walking.
  test('a plain dance visits as many walls as the order of its turn in the cyclic group of 48', () => {
    for (let turn = -CIRCLE; turn <= CIRCLE; turn++) {
      let [facing, walls] = [facingAfter(0, turn), 1];
      while (facing !== 0) [facing, walls] = [facingAfter(facing, turn), walls + 1];
      expect(wallsOfTurn(turn)).toBe(walls);
    }
    // In whole eighths that is 1, 2, 4 or 8.
    expect([0, 6, 12, 18, 24, 30, 36, 42].map(wallsOfTurn)).toEqual([1, 8, 4, 8, 2, 8, 4, 8]);
  });

  test('hours of the clock read back, and the smallest turn to a wall ends at it', () => {
    expect([0, 6, 12, 18, 24, 30, 36, 42].map(hourOfFacing)).toEqual([
      '12:00',
      '1:30',
      '3:00',
      '4:30',
      '6:00',
      '7:30',
      '9:00',
      '10:30',
    ]);
    fc.assert(
      fc.property(
        fc.nat(47),
        fc.nat(47),
        fc.option(fc.constantFrom('left' as const, 'right' as const)),
        (from, to, way) => {
          expect(readHour(hourOfFacing(to))).toBe(to);
          const turn = turnBetween(from, to, way ?? undefined);
          expect(facingAfter(from, turn)).toBe(to);
          expect(Math.abs(turn)).toBeLessThanOrEqual(way ? CIRCLE - 1 : CIRCLE / 2);
        },
      ),
    );
  });
});

describe('weight', () => {
  test('an odd number of weight changes moves the weight, an even number returns it', () => {
    fc.assert(
      fc.property(sections, (own) => {
        for (const { moments, before, after } of danced(scriptOf([own])).parts[0].sections[0].lines) {
          const changes = moments.filter((moment) => moment.before.weight !== moment.after.weight).length;
          expect(changes % 2 === 0).toBe(before.weight === after.weight);
        }
      }),
    );
  });
});

describe('counts', () => {
  const TABLE: [text: string, ticks: number[]][] = [
    ['1', [0]],
    ['1-4', [0, 12, 24, 36]],
    ['3&4', [24, 30, 36]],
    ['&5', [42, 48]],
    ['&5-6', [42, 48, 60]],
    ['7&8&', [72, 78, 84, 90]],
    ['1-2&', [0, 12, 18]],
    ['1,2', [0, 12]],
    ['1 2 3&4', [0, 12, 24, 30, 36]],
    ['1e&a2', [0, 3, 6, 9, 12]],
    ['1a2', [0, 9, 12]],
    ['8&1', [84, 90, 96]],
    ['&1-2', [-6, 0, 12]],
    ['5-6-7-8', [48, 60, 72, 84]],
  ];

  test.each(TABLE)('%s', (text, ticks) => {
    expect(readCounts(`${text} Step`)?.ticks).toEqual(ticks);
  });

  test('a number that belongs to a fraction, an hour or a figure is no count', () => {
    expect(readCounts('1/4 turn left')).toBeUndefined();
    expect(readCounts('3:00 wall')).toBeUndefined();
    expect(readCounts('5-6 1/4 pivot')?.ticks).toEqual([48, 60]);
  });

  test('what is printed reads back to the same moments', () => {
    // An & is called with the count it follows or, opening a line, with the one it leads to; alone it could be any.
    const moments = fc
      .uniqueArray(fc.nat(31), { minLength: 1, maxLength: 12 })
      .map((halves) => halves.sort((a, b) => a - b))
      .filter((halves) =>
        halves.every(
          (half, index) => half % 2 === 0 || halves[index - 1] === half - 1 || (index === 0 && halves[1] === half + 1),
        ),
      )
      .map((halves) => halves.map((half) => half * 6));
    fc.assert(
      fc.property(moments, (ticks) => {
        expect(readCounts(`${printCounts(ticks)} Step`)?.ticks).toEqual(ticks);
      }),
    );
    expect(printCounts([84, 90, 96], true)).toBe('8&1');
    expect(labelOfTick(tickOfCount(7))).toBe('7');
  });
});

describe('printing', () => {
  test('reading what was printed dances the same, and printing twice changes nothing', () => {
    fc.assert(
      fc.property(dances, (dance) => {
        const text = scriptOf(dance);
        const printed = printScript(readScript(text));
        const [before, after] = [danced(text), danced(printed)];
        const words = (one: typeof before) =>
          one.parts.flatMap((part) =>
            part.sections.flatMap(({ lines: own }) => own.map(({ moments }) => momentsWords(moments))),
          );
        expect(words(after)).toEqual(words(before));
        expect(printScript(readScript(printed))).toBe(printed);
      }),
      { numRuns: 60 },
    );
  });
});

describe('the vocabulary', () => {
  test('no name is claimed by two figures within a language', () => {
    const claims = new Map<string, string>();
    const twice: string[] = [];
    for (const { name, figure, language } of NAME_LIST) {
      const key = `${language} ${name}`;
      if (claims.has(key) && claims.get(key) !== figure.id) twice.push(`${key}: ${claims.get(key)}, ${figure.id}`);
      claims.set(key, figure.id);
    }
    expect(twice).toEqual([]);
  });

  test.each(FIGURES.map((figure) => [figure.id, figure] as const))(
    '%s dances from either foot, and mirrored',
    (_, figure) => {
      const [form] = figure.forms;
      const counts = printCounts(form.rhythms[0]);
      const outcomes = (['L', 'R'] as const).map((weight) => {
        const line = danced(`start: weight ${weight}\n\n## Section 1\n${counts} ${houseName(figure)}`).parts[0]
          .sections[0].lines[0];
        expect(line.understood).toBe(true);
        expect(line.moments).toHaveLength(form.steps.length);
        return line;
      });
      const [fromL, fromR] = outcomes;
      expect(fromR.after.rotation).toBe(-fromL.after.rotation + 0);
      expect(SWAP[fromR.after.weight] ?? fromR.after.weight).toBe(fromL.after.weight);
    },
  );
});

describe('any text at all', () => {
  const words = fc.constantFrom(
    'shuffle',
    'R',
    'left',
    '1/4',
    'turn',
    '&',
    ',',
    'x2',
    '(3:00)',
    '[note',
    '"cue"',
    '1-4',
    '8&1',
    '9-16',
    '0',
    '\n',
    '## Section 1',
    '# T',
    'walls: 4',
    'Füße',
    'derrière',
    ':',
    ';',
    '->',
    '?',
    '1-900',
    'vine',
    'pivot',
    'constructor',
    '(',
    ') x2',
    'repeat 1-4 mirrored',
    'on 3',
    'first two counts',
    '## Figure "constructor" 1-2: A fwd, B fwd',
    'turn ? left',
    'heel R & heel L &',
    '\t',
    '((',
    'sweep',
  );
  const noise = fc.oneof(
    fc.string({ unit: 'binary', maxLength: 300 }),
    fc.array(words, { maxLength: 80 }).map((list) => list.join(' ')),
  );

  test('is read, danced, checked and printed without an exception, and every finding lies inside it', () => {
    fc.assert(
      fc.property(noise, (text) => {
        const { findings, script } = studyText(text);
        for (const { span } of findings) {
          expect(span.from).toBeGreaterThanOrEqual(0);
          expect(span.to).toBeLessThanOrEqual(text.length);
        }
        expect(script.lines.map((line) => line.text).join('\n')).toBe(text.replace(/\r(?=\n|$)/g, ''));
        printScript(script);
      }),
      { numRuns: 400 },
    );
  });
});

/** House styles: each way to write each thing, and generated dances that read the same in all of them. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { danceScript } from '../dancing/dance';
import { readScript } from '../page/read-script';
import { tidyScript } from '../rewriting/tidy';
import { FIGURES } from '../vocabulary';
import { momentsWords } from './actions';
import { printStepLine } from './calls';
import { readStepLine } from '../reading/line';
import {
  CAPITAL_STYLES,
  DIRECTION_STYLES,
  FRACTION_STYLES,
  SIDE_STYLES,
  SLATE_STYLE,
  styledAmount,
  styledName,
  TURN_STYLES,
  type HouseStyle,
} from './style';

const printed = (line: string, more: Partial<HouseStyle>): string =>
  printStepLine(readStepLine(line), { style: { ...SLATE_STYLE, ...more } }).slice(7);

describe('each choice', () => {
  const TABLE: [more: Partial<HouseStyle>, line: string, words: string][] = [
    [{ sides: 'words' }, '1&2 shuffle r fwd', 'Shuffle right forward'],
    [{ sides: 'feet' }, '1&2 shuffle r fwd', 'Shuffle RF forward'],
    // A vine goes to a side, which is no foot.
    [{ sides: 'feet' }, '1-4 vine r', 'Vine right'],
    [{ sides: 'words' }, '1-2 cross r over l, hold', 'Cross right over left, hold'],
    [{ fractions: 'sign' }, '1-2 step r fwd, pivot 1/2 l', 'Step R forward, pivot ½ left'],
    [{ fractions: 'words' }, '1-2 step r fwd, pivot 1/4 l', 'Step R forward, pivot quarter left'],
    [{ turns: 'short' }, '1&2 sailor r 1/4 r', 'Sailor R 1/4 right'],
    [{ turns: 'shoulder' }, '1&2 sailor r 1/4 r', 'Sailor R 1/4 turn over right shoulder'],
    [{ directions: 'short' }, '1-2 step r forward, touch l together', 'Step R fwd, touch L tog'],
    [{ capitals: 'small' }, '1&2 Shuffle R forward', 'shuffle R forward'],
    [{ names: { shuffle: 'cha cha' } }, '1&2 triple step r', 'Cha cha R'],
    // A name that is none of the figure's own is passed over.
    [{ names: { shuffle: 'frobnication' } }, '1&2 triple step r', 'Shuffle R'],
  ];

  test.each(TABLE)('%j: %s', (more, line, words) => expect(printed(line, more)).toBe(words));
});

test('amounts are written in every way', () => {
  const amounts = [6, 12, 18, 24, 36, 48, 60];
  const inStyle = (fractions: HouseStyle['fractions']) =>
    amounts.map((amount) => styledAmount(amount, { ...SLATE_STYLE, fractions }));
  expect(inStyle('slash')).toEqual(['1/8', '1/4', '3/8', '1/2', '3/4', 'full', '1 1/4']);
  expect(inStyle('sign')).toEqual(['⅛', '¼', '⅜', '½', '¾', 'full', '1¼']);
  expect(inStyle('words')).toEqual(['eighth', 'quarter', '3/8', 'half', 'three quarter', 'full', '1 1/4']);
});

const style: fc.Arbitrary<HouseStyle> = fc.record({
  id: fc.constant('any'),
  title: fc.constant('Any'),
  sides: fc.constantFrom(...SIDE_STYLES),
  fractions: fc.constantFrom(...FRACTION_STYLES),
  turns: fc.constantFrom(...TURN_STYLES),
  directions: fc.constantFrom(...DIRECTION_STYLES),
  capitals: fc.constantFrom(...CAPITAL_STYLES),
  names: fc
    .tuple(
      fc.constantFrom('triple step', 'cha cha cha', 'shuffle'),
      fc.constantFrom('grapevine', 'vine'),
      fc.constantFrom('Dorothy', 'wizard step'),
    )
    .map(([shuffle, vine, wizard]) => ({ shuffle, vine, wizard })),
});

const foot = fc.constantFrom('R', 'L');
const way = fc.constantFrom('left', 'right');
const line = fc.oneof(
  fc
    .tuple(foot, way, fc.constantFrom('1/4', '1/2', '3/4', 'full'))
    .map(([f, w, amount]) => `1-2 Step ${f} forward, pivot ${amount} ${w}`),
  fc
    .tuple(foot, way, fc.constantFrom('1/8', '1/4', '1/2'))
    .map(([f, w, amount]) => `1&2 Shuffle ${f} forward turning ${amount} ${w}`),
  fc
    .tuple(foot, fc.constantFrom('forward', 'back', 'side', 'diagonally forward'))
    .map(([f, place]) => `1-2 Rock ${f} ${place}, recover`),
  foot.map((f) => `1-4 Vine ${f}, touch and clap (3:00)`),
  foot.map((f) => `1-2& Wizard ${f} "wizard"`),
  foot.map((f) => `1-4 (Step ${f} forward, pivot 1/4 left) x2`),
  foot.map((f) => `1&2& Heel ${f} & heel ${f === 'R' ? 'L' : 'R'} &`),
  foot.map((f) => `1-3 Touch ${f} out, in, out [softly]`),
);

test('any dance reads the same in any style, and tidying it again changes nothing', () => {
  fc.assert(
    fc.property(style, fc.array(line, { minLength: 1, maxLength: 5 }), (own, lines) => {
      const text = lines.map((one, index) => `## Section ${index + 1} (8 counts)\n${one}`).join('\n\n');
      const danced = (script: string): string[] =>
        danceScript(readScript(script)).parts.flatMap((part) =>
          part.sections.flatMap((section) => section.lines.map(({ moments }) => momentsWords(moments))),
        );
      const tidied = tidyScript(danceScript(readScript(text)), own);
      expect(danced(tidied)).toEqual(danced(text));
      expect(tidyScript(danceScript(readScript(tidied)), own)).toBe(tidied);
    }),
    { numRuns: 150 },
  );
});

test('every English name of every figure can be the house’s, and reads back as that figure', () => {
  for (const figure of FIGURES) {
    for (const name of figure.names.en) {
      expect(styledName(figure, { ...SLATE_STYLE, names: { [figure.id]: name } })).toBe(name);
      const [call] = readStepLine(`1-4 ${name}`).groups.flatMap(({ calls }) => calls);
      expect([name, call?.figure?.id]).toEqual([name, figure.id]);
    }
  }
});

/** Lines as people write them, each danced foot by foot, and printed in every house style without dancing differently. */
import { describe, expect, test } from '@jest/globals';
import { readScript } from '../page/read-script';
import { momentsWords } from '../printing/actions';
import { printScript } from '../printing/script';
import { HOUSE_STYLES } from '../printing/style';
import { CARELESS_PHRASES, FIGURE_PHRASES, PHRASES } from '../test/phrase-book';
import { FIGURES } from '../vocabulary';
import { danceScript } from './dance';

const dance = (line: string, before: string) =>
  danceScript(readScript(`# Drift\nstart: weight ${before}\n\n## Section 1\n${line}\n`));

describe('the phrase book', () => {
  test.each([...PHRASES, ...CARELESS_PHRASES, ...FIGURE_PHRASES])('%s', (line, before, moments, after, turn) => {
    const danced = dance(line, before).parts[0].sections[0].lines[0];
    expect(momentsWords(danced.moments)).toBe(moments);
    expect(danced.after.weight).toBe(after);
    expect(danced.after.rotation).toBe(turn);
    expect(danced.understood).toBe(true);
  });
});

test('every figure there is has a line that was worked out by hand', () => {
  const danced = [...PHRASES, ...CARELESS_PHRASES, ...FIGURE_PHRASES].flatMap(([line, before]) =>
    dance(line, before).parts[0].sections[0].lines.flatMap(({ calls }) =>
      calls.flatMap(({ figure, titled }) => [figure?.id, titled?.figure?.id]),
    ),
  );
  expect(FIGURES.map(({ id }) => id).filter((id) => !danced.includes(id))).toEqual([]);
});

describe.each(HOUSE_STYLES.map((style) => [style.id, style] as const))('in the style %s', (_, style) => {
  const words = (text: string) =>
    danceScript(readScript(text)).parts[0].sections[0].lines.map(({ moments }) => momentsWords(moments));

  test.each([...PHRASES, ...CARELESS_PHRASES].map(([line, before]) => [line, before]))('%s', (line, before) => {
    const text = `# Drift\nstart: weight ${before}\n\n## Section 1\n${line}\n`;
    const printed = printScript(readScript(text), { style });
    expect(words(printed)).toEqual(words(text));
    expect(printScript(readScript(printed), { style })).toBe(printed);
  });
});

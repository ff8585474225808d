/** Counts as they are said at the head of a line, each put down by hand: the moments in counts, and what is left of the line. */
import { describe, expect, test } from '@jest/globals';
import { TICKS_A_COUNT } from '../model/ticks';
import { wideDigits } from '../lexicon/letters';
import { countsBehind, openingCounts } from './count-words';

const said = (text: string): readonly [string, string] | undefined => {
  const counts = openingCounts(text, 0);
  return counts && [
    counts.ticks.map((tick) => tick / TICKS_A_COUNT + 1).join(' '),
    text.slice(counts.span.to).replace(/^[\s:]+/, ''),
  ]; // prettier-ignore
};

describe('counts that open a line', () => {
  test.each([
    ['Counts one to four: walk', '1 2 3 4'],
    ['one to four: walk', '1 2 3 4'],
    ['Counts 1 to 4: walk', '1 2 3 4'],
    ['count 1 to count 4: walk', '1 2 3 4'],
    ['One, two, three, four: walk', '1 2 3 4'],
    ['on 1-4 walk', '1 2 3 4'],
    ['ct. 1-4: walk', '1 2 3 4'],
    ['c1-4 walk', '1 2 3 4'],
    ['#1-4 walk', '1 2 3 4'],
    ['Steps 1-4: walk', '1 2 3 4'],
    ['1..4 walk', '1 2 3 4'],
    ['1>4 walk', '1 2 3 4'],
    ['1 thru 4 walk', '1 2 3 4'],
    ['1 - 4 walk', '1 2 3 4'],
    ['Takt 1: gehen', '1'],
    ['Takt 1-4: gehen', '1 2 3 4'],
    ['auf 1-2 gehen', '1 2'],
    ['Zählzeit 1 bis 4: gehen', '1 2 3 4'],
    ['Schläge 1 und 2: gehen', '1 2'],
    ['eins bis vier: gehen', '1 2 3 4'],
    ['T1-2 : marcher', '1 2'],
    ['T3&4 : marcher', '3 3.5 4'],
    ['du temps 1 au temps 4 : marcher', '1 2 3 4'],
    ['1 à 3 : 3 pas', '1 2 3'],
    ['comptes 1 et 2 : marcher', '1 2'],
    [`${wideDigits('5678')} walk`, '5 6 7 8'],
  ])('%s', (text, moments) => {
    const rest = text.slice(text.search(/(?:walk|gehen|marcher|3 pas)$/));
    expect(said(text)).toEqual([moments, rest]);
  });

  test.each(['One step forward', '1/2 turn left', '1.5 turns', '9:00', '3rd wall', 'to the right'])('%s has none', (text) => {
    expect(said(text)).toBeUndefined();
  }); // prettier-ignore
});

describe('counts at the end of a line', () => {
  test.each([
    ['Vine right, touch left   1-4', '1 2 3 4'],
    ['Vine right, touch left 1-4', '1 2 3 4'],
    ['Shuffle forward - 3&4', '3 3.5 4'],
    ['| Vine right | 5-8 |', '5 6 7 8'],
    ['Stomp right   4', '4'],
  ])('%s', (text, moments) => {
    const [stretch] = countsBehind(text, 0);
    expect(stretch?.counts?.ticks.map((tick) => tick / TICKS_A_COUNT + 1).join(' ')).toBe(moments);
  });

  test.each(['Repeat 1-4', 'As counts 1-4', 'Stomp right 4', 'Turn to face 9', 'Dance it on walls 2-5'])('%s has none', (text) => {
    expect(countsBehind(text, 0)).toEqual([]);
  }); // prettier-ignore
});

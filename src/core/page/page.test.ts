/** What the lines of a sheet are: facts, headings, plans in sentences. Common practice, no source; worked by hand. */
import { describe, expect, test } from '@jest/globals';
import { hourOfFacing } from '../model/turns';
import { studyText } from '../study';
import { factsSaid } from './facts';
import { planInProse } from './plan-prose';
import { danceScript } from '../dancing/dance';
import { readScript } from './read-script';
import { wordedSection } from './section-heading';

const FACTS: readonly [line: string, facts: string][] = [
  ['32 cts, 4 walls, beginner/improver, no tags', 'counts 32 cts; walls 4 walls; level beginner'],
  ['Wait for sixteen counts. Begin with your weight on the left foot.', 'intro Wait for sixteen counts; start Begin with your weight on the left foot'], // prettier-ignore
  ['48 COUNT - four walls - weight on L', 'counts 48 COUNT; walls four walls; start weight on L'],
  ['about 112 beats a minute', 'tempo about 112 beats a minute'],
  ['32 Schritte, 2 Wände, Gewicht links', 'counts 32 Schritte; walls 2 Wände; start Gewicht links'],
  ['32 temps – 4 murs – PdC sur PG', 'counts 32 temps; walls 4 murs; start PdC sur PG'],
  ['Count 32, Walls 4', 'counts Count 32; walls Walls 4'],
  ['Lead: RF', 'start Lead: RF'],
  ['A = 32 counts, B = 16 counts', ''],
  ['The tea hatch is straight in front of you now.', ''],
];

test.each(FACTS)('facts: %s', (line, facts) =>
  expect(factsSaid(line, 0).map(({ key, value }) => `${key} ${value}`).join('; ')).toBe(facts)); // prettier-ignore

const HEADINGS: readonly [line: string, number: number | undefined, title: string | undefined][] = [
  ['SECTION ONE', 1, ''],
  ['Second eight', 2, ''],
  ['Row 3: locks to the corners', 3, 'locks to the corners'],
  ['FOURTH ROW, the quick one', 4, 'the quick one'],
  ['~~ Section IV ~~', 4, ''],
  ['Dritter Achter', 3, ''],
  ['2. Abschnitt - Wiege', 2, 'Wiege'],
  ['Deuxième partie : vignes', 2, 'vignes'],
  ['1st set', 1, ''],
  ['Section 4 goes on to the left and is the hardest of them.', undefined, undefined],
  ['Four walks forward', undefined, undefined],
];

test.each(HEADINGS)('heading: %s', (line, number, title) =>
  expect(`${wordedSection(line)?.number} ${wordedSection(line)?.title}`).toBe(`${number} ${title}`),
);

const PLANS: readonly [line: string, plan: string][] = [
  ["One restart. Fourth time through you only get as far as the kick ball change, that's fourteen counts, and you start again from there, facing six o'clock.", 'restart 4 after 14 (6:00)'],
  ['In wall 3 (which begins facing 6:00) stop when 20 counts have been danced, and begin again. You will be facing 12:00.', 'restart 3 after 20 (12:00)'],
  ['RESTART mur 4 (départ 9h) après 16 t, reprise face 3h', 'restart 4 after 16 (3:00)'],
  ['*Restart here on walls 3 and 6', 'restart 3 6 here'],
  ['The tag comes once only, at the end of wall 5', 'tag 5 end'],
  ['Tag (nach der 3. Wand, 4 Counts)', 'tag 3 end'],
  ['And so begin again to the back wall.', ''],
  ['There is one restart, and I would rather tell you now.', ''],
]; // prettier-ignore

test.each(PLANS)('plan: %s', (line, plan) => {
  const said = planInProse(line).map((item) => {
    if (item.kind !== 'restart' && item.kind !== 'tag') return item.kind;
    const walls = item.walls.kind === 'walls' ? item.walls.numbers.join(' ') : item.walls.kind;
    const place = item.place?.kind === 'count' ? `after ${item.place.count}` : item.place?.kind;
    return [item.kind, walls, place, ...item.facings.map(({ facing }) => `(${hourOfFacing(facing)})`)].join(' ');
  });
  expect(said.join('; ')).toBe(plan);
});

test.each([';', ',', '\t', ' | '])('cells of a table stand apart, whatever parts them: %j', (part) => {
  const rows = ['1 R step right', '2 L step together', '3 R step right', '4 L touch together', '5 L step left', '6 R touch together'];
  const text = `Ebb\n\nSection 1\n${rows.map((row) => row.replaceAll(' ', part)).join('\n')}\n`;
  const [{ moments }] = danceScript(readScript(text)).parts;
  expect(moments.map(({ action: { foot, effect } }) => `${foot} ${effect}`)).toEqual([
    'R takes', 'L takes', 'R takes', 'L none', 'L takes', 'R none',
  ]);
}); // prettier-ignore

describe('sections', () => {
  const sections = (text: string) =>
    readScript(text).blocks.flatMap((block) => block.sections.map(({ title, lines }) => `${title}: ${lines.length}`));

  test('begin where the counts begin again, under the line that looks most like a name', () => {
    const text =
      'Ebb\nby Tam\n\nTHE QUAY\n1-4 Vine R\n5-8 Vine L\nMind the ropes.\n\nTHE SLIP\n(all of it slowly)\n1-8 K step R';
    expect(sections(text)).toEqual(['THE QUAY: 2', 'THE SLIP: 1']);
  });
  test('may be numbered through, or have no names at all', () => {
    expect(sections('Ebb\n1-8 K step R\n9-16 K step R')).toEqual([': 1', ': 1']);
    expect(sections('Ebb\n1-4 Vine R\n5-8 Vine L\n1-8 K step R')).toEqual([': 2', ': 1']);
  });
  test('a list of figures over their counts is a heading; numbers of a list are no counts', () => {
    expect(sections('Ebb\n\n1-8  VINES, CLAPS\n1-4 Vine R\n5-8 Vine L\n\n9-16  K STEP\n9-16 K step R')[0]).toBe('VINES, CLAPS: 2');
    expect(sections('Ebb\n1. VINES\n1-4 Vine R\n5-8 Vine L\n2. K STEP\n1-8 K step R')).toEqual(['VINES: 2', 'K STEP: 1']);
  }); // prettier-ignore
  test('a heading and its steps may share a line; a range above its lines is the heading’s', () => {
    expect(sections('Ebb\nPART ONE. Vine right with a touch (1-4). Vine left with a touch (5-8).')).toEqual([': 1']);
    expect(sections('Ebb\nPart 1 - hips (1 to 8)\n1-4 Bump R R L L\n5-8 Sway R L R L')).toEqual(['hips (1 to 8): 2']);
  });
  test('a slip in the counts opens none, nor does a script of its own manner', () => {
    expect(sections('Ebb\n\n1-4 Vine R\n1-4 Vine L')).toEqual([': 2']);
    expect(sections('# Ebb\n## Section 1\n1-8 K step R\n1-8 K step R')).toEqual([': 2']);
  });
});

test('digits in a row are counts only where the whole sheet shows it; C1 is the first section of part C', () => {
  const told = (text: string) =>
    studyText(text).findings.flatMap(({ severity, code }) => (severity === 'remark' ? [] : [code]));
  const oneALine = Array.from({ length: 48 }, (_, at) => `${at + 1} step ${at % 2 ? 'L' : 'R'} forward`);
  expect(told(`Ebb\n\n${oneALine.join('\n')}`)).toEqual([]);
  expect(told('Ebb\n\n12 walk R L\n34 walk R L\n5678 jazz box R')).toEqual([]);
  expect(told('Ebb\n\n12 walk R L\n34 walk R L\n5678 walk R L')).toEqual(['counts-left-over']);
  const parts = ['A1 Vines', 'B1 Rocks', 'C1 Shuffles'].map((name) => `${name}\n1-8 K step R`);
  expect(told(`Ebb\n\n${parts.join('\n\n')}`)).toEqual([]);
});

test('nothing is said of a sheet in plain words, and every letter stays', () => {
  const text =
    'low water\n\nfirst eight\n1and2 shuffle r, 3and4 shuffle l\n5 6 rock fwd on the right, recover weight back on the left\n7 8 stomp r, stomp l\nmind the step\n';
  const { findings, script, dance } = studyText(text);
  expect(findings.filter(({ severity }) => severity !== 'remark').map(({ message }) => message)).toEqual([]);
  expect(script.lines.map((line) => line.text).join('\n')).toBe(text);
  expect(dance.counts).toBe(8);
});

/** Plan lines as people write them: what each is taken for, and the one form it is printed in. */
import { describe, expect, test } from '@jest/globals';
import { printPlanItem } from '../printing/plan';
import { readLoosePlan, readPlanLine } from './plan';
import { readScript } from '../page/read-script';

const printed = (line: string): string =>
  readPlanLine(line)
    .map((item) => printPlanItem(item, line))
    .join('; ');

describe('a line under Plan, and how it is printed', () => {
  test.each([
    // Restarts
    ['wall 3: restart after 16', 'wall 3: restart after 16'],
    ['Restart on walls 3 and 6 after 16 counts', 'walls 3, 6: restart after 16'],
    ['W3: restart after section 2', 'wall 3: restart after section 2'],
    ['on wall 5 do the first 20 counts then restart facing 6:00', 'wall 5: restart after 20 (6:00)'],
    ['Restart after 16 counts on the 3rd wall, facing 9:00', 'wall 3: restart after 16 (9:00)'],
    ['During the third wall, restart after count 12', 'wall 3: restart after 12'],
    ['wall 3: restart 4 counts into section 3', 'wall 3: restart after section 3 count 4'],
    ['wall 3: restart s3 c4', 'wall 3: restart after section 3 count 4'],
    ['wall 3: restart after 16&', 'wall 3: restart after 16&'],
    ['wall 3: restart after 16 (no &)', 'wall 3: restart after 16 (no &)'],
    ['walls 3-5: restart after 8', 'walls 3, 4, 5: restart after 8'],
    ['every 3rd wall: restart after 16', 'every 3rd wall: restart after 16'],
    ['walls 3, 6: restart after 16 (6:00, 9:00)', 'walls 3, 6: restart after 16 (6:00, 9:00)'],
    ['2nd A: restart after 16', '2nd A: restart after 16'],
    ['During wall 5, restart after the coaster step', 'wall 5: restart after the coaster step'],
    ['wall ?: restart after 8', 'wall ?: restart after 8'],
    ['restart after 8', 'wall ?: restart after 8'],
    [
      'wall 6: restart after 18, then & Step L beside R (weight L)',
      'wall 6: restart after 18, then & Step L beside R (weight L)',
    ],
    ['Restart: wall 3 after 16 counts, wall 6 after 24 counts', 'wall 3: restart after 16; wall 6: restart after 24'],
    ['wall 4: tag after 16, then restart', 'wall 4: restart after 16; wall 4: tag'],
    ['Restart on wall 2 facing the back wall after 8', 'wall 2: restart after 8 (6:00)'],
    ["RESTART: During wall 3, dance up to count 16 then restart (facing 6 o'clock)", 'wall 3: restart after 16 (6:00)'],
    ["Restart 1: Wall 2 after 24 counts (you'll be facing 9:00)", 'wall 2: restart after 24 (9:00)'],
    ['There are 2 restarts. On walls 3 & 6, after count 16.', 'walls 3, 6: restart after 16'],
    [
      'Restarts on wall 2 (after 16 counts) and wall 5 (after 24 counts)',
      'wall 2: restart after 16; wall 5: restart after 24',
    ],
    ['Restart: wall 4, 16 counts', 'wall 4: restart after 16'],
    ['walls 2 & 4: dance 1-16 and restart', 'walls 2, 4: restart after 16'],
    ['Restart happens during wall 3 - facing 9:00', 'wall 3: restart (9:00)'],
    // Tags
    ['TAG: After walls 2 and 5 (facing 6.00 & 12.00) do the following 8 counts:', 'walls 2, 5: tag (6:00, 12:00)'],
    ['Tags: end of wall 1 (12:00) and end of wall 3 (6:00)', 'wall 1: tag (12:00); wall 3: tag (6:00)'],
    ['Tag 1 (4 counts): at the end of wall 2 & 4, facing 12:00', 'walls 2, 4: tag "1" (12:00)'],
    ['Bridge after wall 4: sway R L R L', 'wall 4: tag: sway R L R L'],
    ['Repeat the last 4 counts at the end of wall 2', 'wall 2: tag: Repeat the last 4 counts'],
    ['Hold for 4 counts after wall 5', 'wall 5: tag: Hold 4 counts'],
    ['W2: Tag; W4: Restart after 16', 'wall 2: tag; wall 4: restart after 16'],
    ['Dance ends on wall 9 facing 12:00', 'ending: wall 9 (12:00)'],
    [
      'On wall 7 replace counts 7&8 with step, touch and restart',
      'wall 7: change 7-8 to step, touch; wall 7: restart after 8',
    ],
    ['walls 1, 4: tag lamp', 'walls 1, 4: tag lamp'],
    ['Tag: end of walls 1 & 4', 'walls 1, 4: tag'],
    ['There is a 4 count tag at the end of wall 2', 'wall 2: tag'],
    ['At the end of the 2nd and 4th wall add the tag', 'walls 2, 4: tag'],
    ['odd walls: tag lamp', 'odd walls: tag lamp'],
    ['every other wall: bridge', 'even walls: tag'],
    ['wall 3: tag lamp after 8', 'wall 3: tag lamp after 8'],
    ['tag lamp after 3rd B', '3rd B: tag lamp'],
    ['Do the tag twice after wall 3', 'wall 3: tag x2'],
    ['wall 3: tag "low water" after 8', 'wall 3: tag "low water" after 8'],
    ['tag after wall 1: hold 2 counts', 'wall 1: tag: hold 2 counts'],
    ['wall 3 after 8: do section 1 again', 'wall 3: tag after 8: do section 1 again'],
    // Endings, changes, notes, orders
    ['ending: wall 9 after 12', 'ending: wall 9 after 12'],
    [
      'ending on wall 10 after 12 counts, then Step R forward, pivot 1/2 left',
      'ending: wall 10 after 12, then Step R forward, pivot 1/2 left',
    ],
    [
      'ending: wall 9 after 12, Step R forward, pivot 1/4 left',
      'ending: wall 9 after 12, then Step R forward, pivot 1/4 left',
    ],
    [
      'ending: wall 9 after 12 (12:00), 1-2 Step R forward, touch L',
      'ending: wall 9 after 12 (12:00), then 1-2 Step R forward, touch L',
    ],
    ['walls starting 6:00: ending after 36', 'walls starting 6:00: ending after 36'],
    ['last wall: ending after 8', 'last wall: ending after 8'],
    ['wall 3: change 15-16 to Rock L back, recover R', 'wall 3: change 15-16 to Rock L back, recover R'],
    ['wall 1: replace count 1 with Step R forward', 'wall 1: change 1 to Step R forward'],
    ['walls 4, 8: hands out', 'walls 4, 8: hands out'],
    ['dance A B C A B C A- Tag', 'order: A B C A B C A- Tag'],
    ['Sequence: A, A, B, Tag, A(16), B', 'order: A A B Tag A(16) B'],
    ['order: (A B) x2 A(25-48) A(16&)', 'order: A B A B A(25-48) A(16&)'],
    ['order: 2x A, first 24 of B, C', 'order: A A B(24) C'],
    ['A B A B A', 'order: A B A B A'],
    // Kept as they are
    ['No tags, no restarts', 'No tags, no restarts'],
    ['frobnicate the wall', 'frobnicate the wall'],
  ])('%s', (line, form) => {
    expect(printed(line)).toBe(form);
    // The printed form is read as the same again.
    expect(printed(form)).toBe(form);
  });

  test('words that say nothing are kept with their place', () => {
    const [item] = readPlanLine('wall 3: restart after 4 merrily');
    expect(item).toMatchObject({ kind: 'restart', unread: [{ text: 'merrily', span: { from: 24, to: 31 } }] });
  });

  test('every place counts from the start of the line', () => {
    const line = '  - Wall 3: tag lamp after 8 (6:00)';
    const [item] = readPlanLine(line);
    if (item.kind !== 'tag' || item.tag.kind !== 'named') throw new Error('no tag');
    const words = (span: { from: number; to: number }) => line.slice(span.from, span.to);
    expect([words(item.walls.span), words(item.tag.span), words(item.place.span), words(item.facings[0].span)]).toEqual(
      ['Wall 3', 'lamp', 'after 8', '6:00'],
    );
  });
});

describe('anywhere else only what can be nothing else is a plan', () => {
  test.each([
    ['Restart on walls 3 and 6 after 16 counts', 1],
    ['Restart here on wall 3', 1],
    ['Tag: end of walls 1 & 4', 1],
    ['A B C A B C A(24) Tag', 1],
    ['restart on your left foot', 0],
    ['Start again', 0],
    ['walls 4, 8: hands out', 0],
    ['This dance has 1 tag', 0],
    ['Face the back wall', 0],
    ['Ending pose: arms up', 0],
    ['A long sentence about the river', 0],
  ])('%s', (line, items) => expect(readLoosePlan(line)).toHaveLength(items));
});

describe('in a pasted sheet', () => {
  const sheet = (lines: string[]) => readScript(['Moonlit Slip', '32 count, 4 wall', ...lines].join('\n'));
  const planOf = (lines: string[]): string[] =>
    sheet(lines).plan.map(({ item, line, offset }) => printPlanItem(item, line.text.slice(offset - line.span.from)));

  test('it is found above the steps, between them, below them, and in a note', () => {
    expect(
      planOf([
        'Restarts: wall 3 after 16 counts',
        'SECTION 1',
        '1-4 Vine R, touch L [restart here on wall 5]',
        '5-8 Vine L, touch R',
        'Restart here on wall 2',
        'SECTION 2',
        '1-8 Walk R L R L R L R L',
        'Tag at the end of walls 1 and 4: hold 4 counts',
      ]),
    ).toEqual([
      'wall 3: restart after 16',
      'wall 5: restart here',
      'wall 2: restart here',
      'walls 1, 4: tag: hold 4 counts',
    ]);
  });

  test('a line over steps that says where a tag goes is its heading', () => {
    const { blocks, plan } = sheet([
      'SECTION 1',
      '1-8 Walk R L R L R L R L',
      'Tag: end of walls 1 & 4',
      '1-4 Sway R L R L',
    ]);
    expect(blocks.map(({ kind, sections }) => [kind, sections.length])).toEqual([
      ['part', 1],
      ['tag', 1],
    ]);
    expect(plan).toHaveLength(1);
  });

  test('a heading that says where its tag goes names it without the place', () => {
    const { blocks, plan } = sheet([
      'SECTION 1',
      '1-8 Walk R L R L R L R L',
      '## Tag "lamp" after wall 2',
      '1-4 Sway R L R L',
    ]);
    expect([blocks[1].name, plan.length]).toEqual(['lamp', 1]);
    expect(
      sheet(['SECTION 1', '1-2 Sway R L', 'Tag (4 counts) after wall 2', '1-4 Sway R L R L']).blocks[1],
    ).toMatchObject({ name: '', counts: 4 });
  });

  test('the title of a sheet is no plan', () =>
    expect(readScript('Restart on wall 3 after 16\n\n## Section 1\n1-2 Sway R L').plan).toEqual([]));
});

describe('tags of several sections', () => {
  const tag = (heading: string) =>
    readScript(
      `## Section 1\n1-2 Sway R L\n\n${heading}\n1-2 Sway R L\n1-8 Walk R L R L R L R L\n1-4 Jazz box R\n5-8 Jazz box R`,
    ).blocks[1];

  test('a line that counts from 1 again starts the next one: 2, 8 and 8 counts', () =>
    expect(tag('## Tag "flood"').sections.map(({ lines }) => lines.length)).toEqual([1, 1, 2]));

  test('the length in the heading is that of all of them', () => {
    const { counts, sections } = tag('## Tag "flood" (18 counts)');
    expect([counts, sections.map((section) => section.counts)]).toEqual([18, [undefined, undefined, undefined]]);
  });
});

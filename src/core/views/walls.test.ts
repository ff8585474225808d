/** The picture of the walls as data: bands to scale, joins, places, one wall on the script, and what changed. */
import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { studyText } from '../study';
import { wallsOf } from '../walls/table';
import { wallHappenings } from './happenings';
import { compareWalls, joinWords, onWall, placesOnWall, viewWalls } from './walls';
import { viewSheet } from './sheet';
import { explainLine } from './explain';

const load = (file: string) => readFileSync(new URL(`../../../dances/${file}.txt`, import.meta.url), 'utf8');
const viewOf = (text: string) => {
  const { dance, findings } = studyText(text);
  return viewWalls(dance, findings);
};
const LANTERNS = load('low-tide-lanterns');
const REGATTA = load('regatta-morning');

describe('bands', () => {
  const bandsOf = (text: string, wall: number) =>
    viewOf(text).rows[wall - 1].bands.map(({ kind, label, from, beats }) => `${kind} ${label} ${from}+${beats}`);

  // Worked out by hand from the plan of each dance.
  test.each([
    [LANTERNS, 1, ['section 1 0+8', 'section 2 8+8', 'section 3 16+8', 'section 4 24+8', 'tag lamp 32+2']],
    [LANTERNS, 3, ['section 1 0+8', 'section 2 8+8']],
    [LANTERNS, 6, ['section 1 0+8', 'section 2 8+8', 'section 3 16+2', 'changed changed 18+0']],
    [LANTERNS, 9, ['section 1 0+8', 'section 2 8+8', 'ending ending 16+2']],
    [REGATTA, 3, ['section 1 0+8', 'section 2 8+8', 'tag oars 16+4', 'section 3 20+8', 'section 4 28+8']],
    [REGATTA, 2, ['section 1 0+8', 'section 2 8+8']],
  ])('of wall %#', (text, wall, bands) => expect(bandsOf(text, wall)).toEqual(bands)); // prettier-ignore

  test('what is cut off is told in beats, the cut in counts both ways', () => {
    const [, , third] = viewOf(LANTERNS).rows;
    expect([third.lost, third.cut?.at, third.cut?.words]).toEqual([16, 16, 'after 16 counts (the end of section 2)']);
    expect(viewOf(LANTERNS).rows[5].cut?.words).toBe('after 18 counts (2 counts into section 3)');
  });
});

test('a join is told with the foot that leads, and red where it is not free', () => {
  const rows = viewOf(LANTERNS).rows.map(joinWords);
  expect(rows).toEqual([...Array.from({ length: 8 }, () => 'R leads'), '']);
  const bad = viewOf('## Section 1\n1-4 Vine R, touch L\n5-8 Vine L, touch R\n\n## Plan\nwall 1: restart after 4');
  expect([joinWords(bad.rows[0]), bad.rows[1].bands[0].badJoin, bad.rows[0].bands[0].badJoin]).toEqual([
    'R not free',
    true,
    false,
  ]);
});

test('a plain dance shows four walls and as many more as are asked for', () => {
  const { dance, findings } = studyText(load('slipway-stroll'));
  expect(viewWalls(dance, findings).rows).toHaveLength(4);
  expect(viewWalls(dance, findings, 11).rows).toHaveLength(11);
  expect(viewOf('').rows).toEqual([]);
});

describe('places on a wall', () => {
  test('each count faces the room’s wall, and says whether a wall may begin again there', () => {
    const places = placesOnWall(studyText(LANTERNS).dance, 2);
    expect(places).toHaveLength(32);
    // Wall 2 starts at 9:00; section 2 turns a quarter right on count 14: 12:00.
    expect(places[15]).toMatchObject({
      count: 16,
      hour: '12:00',
      free: 'R',
      clean: true,
      frees: true,
      words: 'after 16 counts (the end of section 2)',
    });
    // In the middle of the weave.
    expect(places[1].clean).toBe(false);
    // The rock of section 1 leaves L free, and R has to lead.
    expect(places[4]).toMatchObject({ clean: true, frees: false, free: 'L', text: '5-6    Rock R side, recover L' });
  });

  test('there is no place on a wall that is not danced', () =>
    expect(placesOnWall(studyText(LANTERNS).dance, 10)).toEqual([]));
});

test('what happens on each wall, in words', () => {
  const said = wallsOf(studyText(LANTERNS).dance).walls.map((wall) => wallHappenings(wall).join('; '));
  expect(said).toEqual([
    'tag lamp at the end, facing 9:00',
    'arms wide',
    'restart after 16 counts (the end of section 2), facing 9:00',
    'tag lamp at the end, facing 6:00',
    'arms wide',
    'restart after 18 counts (2 counts into section 3), facing 6:00; then: & Step L beside R (weight L)',
    '',
    '',
    'the dance ends after 16 counts (the end of section 2); ending: 1-2 Step R forward, pivot 1/4 left (12:00)',
  ]);
});

describe('one wall on the script', () => {
  const lineOf = (text: string, words: string): number => text.split('\n').findIndex((line) => line.includes(words));

  test('facings are the room’s, what is left out is known, what is danced instead stands at its place', () => {
    const sixth = onWall(studyText(LANTERNS).dance, 6);
    const pivot = lineOf(LANTERNS, 'recover R turning 1/4');
    const shuffle = lineOf(LANTERNS, 'Shuffle R forward');
    // Wall 6 starts at 3:00, and a quarter right is 6:00.
    expect(sixth?.facings.get(pivot)?.hour).toBe('6:00');
    expect([sixth?.left.has(shuffle), sixth?.left.has(shuffle + 1)]).toEqual([false, true]);
    expect(sixth?.inserts).toEqual([
      { afterLine: shuffle, kind: 'changed', words: 'On this wall instead: & Step L beside R (weight L)' },
      { afterLine: shuffle, kind: 'cut', words: 'Wall 6 is cut here: wall 7 starts facing 6:00, R free.' },
    ]);
    expect(onWall(studyText(LANTERNS).dance, 5)?.inserts).toEqual([
      { afterLine: lineOf(LANTERNS, 'V step R'), kind: 'note', words: 'arms wide' },
    ]);
    expect(onWall(studyText(LANTERNS).dance, 99)).toBeUndefined();
  });

  test('a line is explained by the room’s clock', () => {
    const { dance } = studyText(LANTERNS);
    const pivot = lineOf(LANTERNS, 'recover R turning 1/4');
    const room = onWall(dance, 6)?.facings.get(pivot)?.facing;
    expect(explainLine(dance, pivot)?.after.hour).toBe('3:00');
    // A quarter to the right of the sheet: what lay towards 12:00 lies towards 3:00.
    const [sheetFloor, roomFloor] = [explainLine(dance, pivot), explainLine(dance, pivot, room)].map(
      (own) => own?.floor ?? [],
    );
    for (const [index, { x, y, heading }] of sheetFloor.entries()) {
      expect(roomFloor[index].x).toBeCloseTo(y);
      expect(roomFloor[index].y).toBeCloseTo(-x);
      expect(roomFloor[index].heading).toBe((heading + 12) % 48);
    }
    expect(explainLine(dance, pivot, room)).toMatchObject({ before: { hour: '3:00' }, after: { hour: '6:00' } });
  });
});

test('compared with the plan before, exactly the walls that start or end otherwise are named', () => {
  const moved = LANTERNS.replace('wall 3: restart', 'wall 4: restart');
  const changes = compareWalls(viewOf(LANTERNS).rows, viewOf(moved).rows);
  // Wall 3 is then whole and ends at 3:00; wall 4 starts there, is cut, and ends at 6:00 as before; later walls are as they were.
  expect(changes).toEqual([
    { number: 3, before: { start: '6:00', end: '9:00' }, after: { start: '6:00', end: '3:00' } },
    { number: 4, before: { start: '9:00', end: '6:00' }, after: { start: '3:00', end: '6:00' } },
  ]);
  expect(compareWalls(viewOf(LANTERNS).rows, viewOf(LANTERNS).rows)).toEqual([]);
});

test('the sheet of a dance with a plan has its walls; a plain one has none', () => {
  const sheet = viewSheet(studyText(LANTERNS).dance);
  expect(sheet.walls.map(({ name, startHour, counts, endHour }) => `${name} ${startHour} ${counts} ${endHour}`)).toEqual([
    '1 12:00 32 + 2 9:00', '2 9:00 32 6:00', '3 6:00 16 9:00', '4 9:00 32 + 2 6:00', '5 6:00 32 3:00', '6 3:00 18& 6:00', '7 6:00 32 3:00', '8 3:00 32 12:00', '9 12:00 18 12:00',
  ]); // prettier-ignore
  expect(viewSheet(studyText(load('slipway-stroll')).dance).walls).toEqual([]);
});

test('the handout for one wall has that wall alone, by the room’s clock', () => {
  const { dance } = studyText(LANTERNS);
  const sheet = viewSheet(dance, { wall: 6 });
  expect([sheet.wall, sheet.walls]).toEqual(['Wall 6, from 3:00 to 6:00', []]);
  // Cut after 18: section 3 has its first line, section 4 and the tag nothing.
  expect(sheet.sections.map(({ name }) => name)).toEqual(['Section 1', 'Section 2', 'Section 3']);
  const rows = sheet.sections[2].rows.map((row) =>
    'line' in row ? `${row.line.counts} ${row.line.call}` : row.aside.text,
  );
  expect(rows).toEqual([
    '1&2 Shuffle R forward',
    'On this wall instead: & Step L beside R (weight L)',
    'Wall 6 is cut here: wall 7 starts facing 6:00, R free.',
  ]);
  const turned = sheet.sections[1].rows.flatMap((row) => ('line' in row && row.line.hour ? [row.line.hour] : []));
  expect(turned).toEqual(['6:00']);
  // The first wall has its tag; a phrased wall its own part.
  expect(viewSheet(dance, { wall: 1 }).sections.map(({ name }) => name)).toContain('Tag lamp');
  expect(viewSheet(studyText(REGATTA).dance, { wall: 2 }).sections.map(({ name }) => name)).toEqual([
    'Part B, section 1',
    'Part B, section 2',
  ]);
  expect(viewSheet(dance, { wall: 99 }).wall).toBeUndefined();
});

test('plan lines that are not understood stay on the sheet word for word', () => {
  const sheet = viewSheet(studyText(LANTERNS.replace('## Plan\n', '## Plan\nwave at the heron\n')).dance);
  expect(sheet.others).toEqual([{ kind: 'plan', heading: 'Plan', lines: ['wave at the heron'] }]);
});

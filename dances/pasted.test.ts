/** Whole sheets as they are pasted from a message: the plan is found wherever it stands, and every wall comes out right. */
import { describe, expect, test } from '@jest/globals';
import { hourOfFacing, isAlarm, studyText, wallsOf } from '../src/core/index';

const wallsIn = (text: string): string[] =>
  wallsOf(studyText(text).dance).walls.map(({ number, part, start, counts, end, pieces }) => {
    const tags = pieces.filter(({ kind }) => kind === 'tag').length;
    return `${number}${part} ${hourOfFacing(start)} ${counts}${tags > 0 ? ` +${tags}` : ''} ${hourOfFacing(end)}`;
  });

/** Sixteen counts: the second eight turn a quarter left. */
const STEPS = `SECTION 1: VINES
1-4 Grapevine right, touch left
5-8 Grapevine left, touch right

SECTION 2: QUARTER TURN
1-2 Step RF forward, 1/4 turn left
3-4 Walk right, left
5-8 Rocking chair R`;

const SHEETS: [kind: string, text: string, walls: string[]][] = [
  [
    'restarts told above the steps',
    `Harbour Lights Out\nCount: 16  Wall: 4\n\nRestarts: Wall 3 after 8 counts (facing 6:00)\n\n${STEPS}\n`,
    ['1 12:00 16 9:00', '2 9:00 16 6:00', '3 6:00 8 6:00', '4 6:00 16 3:00', '5 3:00 16 12:00', '6 12:00 16 9:00', '7 9:00 16 6:00'],
  ],
  [
    'a restart told where it happens',
    `Harbour Lights Out\n\n${STEPS.replace('\n\nSECTION 2', '\n** Restart here on walls 2 and 4 **\n\nSECTION 2')}\n`,
    ['1 12:00 16 9:00', '2 9:00 8 9:00', '3 9:00 16 6:00', '4 6:00 8 6:00', '5 6:00 16 3:00', '6 3:00 16 12:00', '7 12:00 16 9:00', '8 9:00 16 6:00'],
  ],
  [
    'a restart in brackets behind its line',
    `Harbour Lights Out\n\n${STEPS.replace('5-8 Grapevine left, touch right', '5-8 Grapevine left, touch right (restart here on wall 2)')}\n`,
    ['1 12:00 16 9:00', '2 9:00 8 9:00', '3 9:00 16 6:00', '4 6:00 16 3:00', '5 3:00 16 12:00', '6 12:00 16 9:00'],
  ],
  [
    'a tag under a heading that says where',
    `Harbour Lights Out\n\n${STEPS}\n\nTAG (4 counts): at the end of walls 1 & 3\n1-4 Sway R, L, R, L\n\nHave fun on the pier!\n`,
    ['1 12:00 16 +1 9:00', '2 9:00 16 6:00', '3 6:00 16 +1 3:00', '4 3:00 16 12:00', '5 12:00 16 9:00', '6 9:00 16 6:00', '7 6:00 16 3:00'],
  ],
  [
    'a tag that repeats the dance, and one that only waits',
    `Harbour Lights Out\n\n${STEPS}\n\nRepeat the last 8 counts at the end of wall 1\nHold for 4 counts after wall 2\n`,
    ['1 12:00 16 +1 6:00', '2 6:00 16 +1 3:00', '3 3:00 16 12:00', '4 12:00 16 9:00', '5 9:00 16 6:00', '6 6:00 16 3:00'],
  ],
  [
    'parts, and the order in a sentence',
    `Harbour Lights Out\n\nPART A\n${STEPS}\n\nPART B\n1-4 Jazz box right\n5-8 Rocking chair right\n\nSequence: A, B, A, A(8), B\n`,
    ['1A 12:00 16 9:00', '2B 9:00 8 9:00', '3A 9:00 16 6:00', '4A 6:00 8 6:00', '5B 6:00 8 6:00'],
  ],
  [
    'an ending in a sentence',
    `Harbour Lights Out\n\n${STEPS}\n\nEnding: on wall 4 dance up to count 8, then step R forward turning 1/4 right\n`,
    ['1 12:00 16 9:00', '2 9:00 16 6:00', '3 6:00 16 3:00', '4 3:00 9 6:00'],
  ],
]; // prettier-ignore

describe.each(SHEETS)('%s', (_, text, walls) => {
  test('comes to the walls worked out on paper', () => expect(wallsIn(text)).toEqual(walls));
  test('raises no slip, and every letter of it is kept', () => {
    const { findings, script } = studyText(text);
    expect(findings.filter(isAlarm).map(({ message }) => message)).toEqual([]);
    expect(script.lines.map((line) => line.text).join('\n')).toBe(text);
  });
});

test('a facing that is stated wrongly is told, also in a sentence', () => {
  const [, text] = SHEETS[0];
  const { findings } = studyText(text.replace('facing 6:00', 'facing 9:00'));
  expect(findings.filter(isAlarm).map(({ message, wall }) => [message, wall])).toEqual([
    ['The restart on wall 3 faces 6:00, not 9:00.', 3],
  ]);
});

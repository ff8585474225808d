/** A map rewritten says what it said and what was changed, and every other line stays letter for letter. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { applyEdits, type Edit } from '../model/text';
import { studyText } from '../study';
import { heardSongEdit, introEdit, joinPhrases, moveBorder, namePhrase, splitPhrase, tempoEdit } from './song-edits';
import { songOf } from './song';
import type { Script } from '../reading/script';

const HEAD = '# Ebb\nintro: 8 counts\n\n## Section 1\n1-4 Vine R, touch L\n';
const scriptOf = (map: string): Script => studyText(`${HEAD}\n## Song "Ebb"\n${map}`).script;
const after = (script: Script, edits: readonly Edit[]): string => applyEdits(script.text, [...edits]);
const mapAfter = (script: Script, edits: readonly Edit[]): string =>
  after(script, edits).split('## Song "Ebb"\n')[1] ?? '';
const phrasesOf = (text: string): string[] =>
  songOf(studyText(text).script)?.phrases.map(({ label, counts }) => `${label} ${counts}`) ?? [];

const MAP = 'intro: 16\nverse 1: 32, gap 4\nChorus:  4 x 8   \npause of 2 after 68\nverse: 32 x2\n';

describe('by a table', () => {
  const script = scriptOf(MAP);
  const table: readonly (readonly [string, Edit[], string])[] = [
    ['split', splitPhrase(script, 2, 8), MAP.replace('Chorus:  4 x 8   ', 'Chorus: 8\nChorus: 24')],
    [
      'a line of two keeps what it says beside',
      splitPhrase(script, 0, 16),
      MAP.replace('verse 1: 32, gap 4', 'verse 1: 16\nverse 1: 16\ngap: 4'),
    ],
    [
      'the second of two alike',
      namePhrase(script, 4, 'last verse'),
      MAP.replace('verse: 32 x2', 'verse: 32\nlast verse: 32'),
    ],
    [
      'joined over lines',
      joinPhrases(script, 1),
      MAP.replace('verse 1: 32, gap 4', 'verse 1: 32\ngap: 36').replace('Chorus:  4 x 8   \n', ''),
    ],
    [
      'moved later',
      moveBorder(script, 2, 4),
      MAP.replace('Chorus:  4 x 8   ', 'Chorus: 36').replace('verse: 32 x2', 'verse: 28\nverse: 32'),
    ],
    ['the last has no next', moveBorder(script, 4, -4), MAP.replace('verse: 32 x2', 'verse: 32\nverse: 28')],
    ['moved further than there is', moveBorder(script, 1, -4), MAP],
    ['split nowhere', splitPhrase(script, 0, 32), MAP],
    ['no such phrase', joinPhrases(script, 9), MAP],
    ['a name of nothing a map can read', namePhrase(script, 0, ' 12 : '), MAP],
    [
      'a name with marks in it',
      namePhrase(script, 2, '8: refrain, loud'),
      MAP.replace('Chorus:  4 x 8   ', 'refrain loud: 32'),
    ],
    ['the intro', introEdit(script, 20), MAP.replace('intro: 16', 'intro: 20')],
    ['the tempo', tempoEdit(script, 96.5), `tempo 96.5\n${MAP}`],
  ];
  test.each(table)('%s', (_, edits, expected) => {
    expect(mapAfter(script, edits)).toBe(expected);
    expect(after(script, edits)).toContain(HEAD);
  });

  test('an intro is put in where the head alone said it; a tempo goes over the one that stands there', () => {
    const plain = scriptOf('verse: 32\ntempo 90, bridge: 8\n');
    expect(mapAfter(plain, introEdit(plain, 32))).toBe('intro: 32\nverse: 32\ntempo 90, bridge: 8\n');
    expect(mapAfter(plain, tempoEdit(plain, 100))).toBe('verse: 32\ntempo 100, bridge: 8\n');
  });
});

const heard = {
  title: 'Ebb "and" flow',
  tempo: 108.2,
  intro: 32,
  phrases: [
    { label: 'verse 1', counts: 32 },
    { label: 'chorus', counts: 16 },
  ],
  pauses: [{ after: 32, counts: 2.5 }],
  changes: [{ after: 40, tempo: 96 }],
};
const HEARD = 'tempo 108.2\nintro: 32\nverse 1: 32\nchorus: 16\npause of 2.5 after 32\ntempo 96 after 40\n';

test('what was heard is written as a map that is read as it was heard', () => {
  const bare = studyText(HEAD).script;
  const written = applyEdits(bare.text, [heardSongEdit(bare, heard)]);
  expect(written).toBe(`${HEAD.trimEnd()}\n\n## Song "Ebb and flow"\n${HEARD}`);
  expect(songOf(studyText(written).script)).toMatchObject({
    tempo: 108.2,
    intro: 32,
    pauses: heard.pauses,
    changes: heard.changes,
    counts: 50.5,
    unread: [],
  });
  const old = studyText(`${HEAD}\n## Song\nverse: 8\n\n## Plan\nwall 2: restart after 4\n`).script;
  expect(applyEdits(old.text, [heardSongEdit(old, heard)])).toBe(
    `${HEAD}\n## Song\n${HEARD}\n## Plan\nwall 2: restart after 4\n`,
  );
});

test('laws: a border moved there and back, a phrase split and joined, is the song it was', () => {
  const maps = fc.array(
    fc.tuple(fc.constantFrom('verse', 'chorus', 'gap', 'solo 2'), fc.integer({ min: 2, max: 64 })),
    { minLength: 2, maxLength: 8 },
  );
  fc.assert(
    fc.property(maps, fc.nat(), fc.integer({ min: -70, max: 70 }), (phrases, at, by) => {
      const script = scriptOf(phrases.map(([label, counts]) => `${label}: ${counts}`).join('\n'));
      const index = at % (phrases.length - 1);
      const before = phrasesOf(script.text);
      const total = songOf(script)?.counts;
      const moved = studyText(after(script, moveBorder(script, index, by))).script;
      expect(songOf(moved)?.counts).toBe(total);
      if (moved.text !== script.text) expect(phrasesOf(after(moved, moveBorder(moved, index, -by)))).toEqual(before);
      const split = studyText(
        after(script, splitPhrase(script, index, Math.max(1, Math.abs(by) % phrases[index][1]))),
      ).script;
      expect(songOf(split)?.counts).toBe(total);
      if (split.text !== script.text) expect(phrasesOf(after(split, joinPhrases(split, index)))).toEqual(before);
    }),
    { numRuns: 60 },
  );
});

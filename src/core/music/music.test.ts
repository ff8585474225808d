/** The song by hand-worked tables of counts and seconds, and over the walls of dances. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { hourOfFacing } from '../model/turns';
import { printScript } from '../printing/script';
import { readScript } from '../page/read-script';
import { studyText } from '../study';
import { reportDance } from '../views/report';
import { wallTable } from '../walls/table';
import { layUnder, linesOfSong } from './laid';
import { readSongLine, secondsAt, songOf, type Song } from './song';

describe('a line of the map', () => {
  // Written down before they were tried.
  test.each([
    ['verse 1: 32', 'verse 1', 'verse', 32, 1],
    ['Chorus 32', 'Chorus', 'chorus', 32, 1],
    ['chorus: 32 counts', 'chorus', 'chorus', 32, 1],
    ['verse 2 32', 'verse 2', 'verse', 32, 1],
    ['bridge: 4 x 8', 'bridge', 'bridge', 32, 1],
    ['verse 4x8', 'verse', 'verse', 32, 1],
    ['verse: 32 x2', 'verse', 'verse', 32, 2],
    ['48 beats chorus', 'chorus', 'chorus', 48, 1],
    ['2 x 8 solo', 'solo', 'solo', 16, 1],
    ['gap 4', 'gap', 'gap', 4, 1],
    ['pre-chorus = 16', 'pre-chorus', 'chorus', 16, 1],
    ['Strophe 1: 32', 'Strophe 1', 'verse', 32, 1],
    ['Refrain: 32 Zählzeiten', 'Refrain', 'chorus', 32, 1],
    ['couplet 1 : 32 temps', 'couplet 1', 'verse', 32, 1],
    ['the quiet bit: 20', 'the quiet bit', 'other', 20, 1],
    ['waltz verse: 8 x 6', 'waltz verse', 'verse', 48, 1],
  ])('“%s” is a phrase', (line, label, phrase, counts, times) =>
    expect(readSongLine(line)).toEqual([{ kind: 'phrase', label, phrase, counts, times }]),
  );

  test.each([
    ['pause of 2 after 144', { kind: 'pause', counts: 2, after: 144 }],
    ['pause 4', { kind: 'pause', counts: 4, after: undefined }],
    ['tempo: 108 bpm', { kind: 'tempo', tempo: 108, after: undefined }],
    ['96,5 bpm after 128'.replace(',', '.'), { kind: 'tempo', tempo: 96.5, after: 128 }],
    ['counted at half', { kind: 'counted', beats: 2 }],
    ['counted double', { kind: 'counted', beats: 0.5 }],
  ])('“%s”', (line, item) => expect(readSongLine(line)).toEqual([item]));

  test('several in one line', () => {
    const counts = readSongLine('intro 16, verse 32, chorus 32').map((item) => item.kind === 'phrase' && item.counts);
    expect(counts).toEqual([16, 32, 32]);
  });

  test.each(['', 'the loud one', 'verse', '32', 'verse: 0', 'verse: 99999', 'tempo 9000', 'verse: 32 or so'])(
    '“%s” says nothing',
    (line) => expect(readSongLine(line)).toEqual([]),
  );
});

const DANCE = `# Slack Water
start: weight L
music: Slack Water Reel, 120 bpm

## Section 1
1-4 Vine R, touch L
5-8 Vine L, touch R

## Section 2
1-4 Walk R L R L
5-6 Step R forward, pivot 1/2 left
7-8 Walk R, walk L

## Section 3
1-8 K step R

## Section 4
1-4 Walk back R L R L
5-8 V step R
`;
const over = (...map: string[]) =>
  layUnder(studyText(`${DANCE}\n## Song "Slack Water Reel"\n${map.join('\n')}\n`).dance);

describe('in counts', () => {
  const song = (...map: string[]) => songOf(readScript(`${DANCE}\n## Song\n${map.join('\n')}\n`)) as Song;

  test('phrases stand one behind the other; a pause puts off what follows it', () => {
    const { phrases, intro, counts } = song('intro 16', 'verse 1: 32', 'pause of 2 after 40', 'chorus: 32', 'verse 2: 32');
    expect([intro, counts]).toEqual([16, 98]);
    // The pause stands inside the chorus: from 32 to 66 it lasts.
    expect(phrases.map(({ start, counts: own }) => [start, own])).toEqual([[0, 32], [32, 34], [66, 32]]);
  }); // prettier-ignore

  test('a pause without a place stands where it is written', () => {
    const { phrases, pauses } = song('verse: 32', 'pause 4', 'chorus: 32');
    expect([pauses[0].after, phrases[1].start]).toEqual([32, 36]);
  });

  test('the intro of the head counts where the map has none; what is called so later is danced', () => {
    const text = DANCE.replace('music:', 'intro: 32 counts\nmusic:');
    const own = songOf(readScript(`${text}\n## Song\nverse: 32\nintro: 8\nverse: 32`));
    expect([own?.intro, own?.counts]).toEqual([32, 72]);
  });

  test('what is said of the song stays as it was written, and is no step, tag or plan', () => {
    const text = `${DANCE}\n## Song "Slack Water Reel"\nbridge: 16\ntag 4\n5-8: 32\n> by heart\n`;
    const { script, dance, findings } = studyText(text);
    expect(printScript(script).trim().split('\n').slice(-5)).toEqual([
      '## Song "Slack Water Reel"', 'bridge: 16', 'tag 4', '5-8: 32', '> by heart',
    ]); // prettier-ignore
    expect([dance.counts, dance.tags.length, script.plan.length]).toEqual([32, 0, 0]);
    expect(findings.filter(({ group }) => group === 'music').map(({ code }) => code)).toContain('song-unread');
    expect(studyText(`Song: Slack Water Reel\n${DANCE.replace('# Slack Water\n', '')}`).dance.counts).toBe(32);
  });

  test('long phrases are heard in lines of 32', () => {
    const lines = linesOfSong(song('verse: 80', 'gap 4', 'chorus: 32'));
    expect(lines.map(({ start, counts }) => [start, counts])).toEqual([[0, 32], [32, 32], [64, 16], [80, 4], [84, 32]]);
  }); // prettier-ignore
});

describe('in seconds', () => {
  const at = (count: number, ...map: string[]) =>
    secondsAt(songOf(readScript(`${DANCE}\n## Song\n${map.join('\n')}`)) as Song, count);

  // 60 / 120 = half a second a count (handbook 3.7); then by hand.
  test.each([
    [32, 16, ['verse: 64']],
    [64, 64, ['tempo 60', 'verse: 64']],
    [64, 32 * 0.5 + 32, ['tempo 60 after 32', 'verse: 64']],
    [16, 8, ['tempo 60 after 32', 'verse: 64']],
    [32, 32, ['counted half', 'verse: 64']],
    [32, 8, ['counted double', 'verse: 64']],
    [48, 8 + 16 + 4, ['tempo 60 after 16', 'tempo 240 after 32', 'verse: 64']],
  ])('%i counts last %d seconds: %j', (count, seconds, map) => expect(at(count, ...map)).toBeCloseTo(seconds, 9));

  test('nobody knows without a tempo', () => {
    const song = songOf(readScript(`${DANCE.replace(', 120 bpm', '')}\n## Song\nverse: 32`)) as Song;
    expect(secondsAt(song, 32)).toBeUndefined();
  });
});

describe('over the walls', () => {
  test('walls that begin with their phrase, and those a gap puts out', () => {
    const laid = over('intro 16', 'verse: 32', 'chorus: 32', 'gap 4', 'verse: 32', 'chorus: 32');
    // Walls begin at 0, 32, 64, 96, 128; phrases at 0, 32, 68, 100.
    expect(laid?.walls.map(({ start, out }) => [start, out])).toEqual([[0, 0], [32, 0], [64, -4], [96, -4], [128, 28]]);
    expect(laid?.phrases.map(({ place }) => place && [place.wall, place.count])).toEqual([[1, 1], [2, 1], [3, 1], [3, 5], [4, 5]]);
  }); // prettier-ignore

  test('a tag in the plan takes them back', () => {
    const text = `${DANCE}\n## Tag "ebb"\n1-4 Sway R, sway L, sway R, sway L\n\n## Plan\nwall 2: tag ebb\n\n## Song\nverse: 32\nchorus: 32\ngap 4\nverse: 32\nchorus: 32\n`;
    const laid = layUnder(studyText(text).dance);
    expect(laid?.walls.map(({ out }) => out)).toEqual([0, 0, 0, 0]);
    expect(laid?.end).toMatchObject({ wall: 4, count: 32, whole: true });
  });

  test('where the music ends the dancers stand as the sheet has it there', () => {
    // Half a turn left a wall: wall 3 begins at 12:00 and has turned after count 14.
    const laid = over('verse: 64', 'outro: 16');
    expect(laid?.end).toMatchObject({ wall: 3, count: 16, free: 'R', whole: false });
    expect(hourOfFacing(laid?.end?.facing ?? 1)).toBe('6:00');
    expect(over('verse: 64', 'outro: 12')?.end).toMatchObject({ wall: 3, count: 12, facing: 0 });
  });

  test('music that goes on after the last wall is told', () => {
    const text = `${DANCE}\n## Plan\nending: wall 2 after 16\n\n## Song\nverse: 64\n`;
    expect(layUnder(studyText(text).dance)).toMatchObject({ left: 16, seconds: 32, wallSeconds: 16 });
  });

  test('whatever the phrases are, walls follow one another through the song and phrases fall where walls are', () => {
    const phrase = fc.tuple(fc.constantFrom('verse', 'chorus', 'bridge', 'gap'), fc.integer({ min: 1, max: 12 }).map((n) => n * 4));
    fc.assert(
      fc.property(fc.array(phrase, { minLength: 1, maxLength: 12 }), (map) => {
        const laid = over(...map.map(([label, counts]) => `${label}: ${counts}`));
        const total = map.reduce((sum, [, counts]) => sum + counts, 0);
        expect(laid?.song.counts).toBe(total);
        expect(laid?.walls.map(({ start }) => start)).toEqual(wallTable(studyText(DANCE).dance, 40).map(({ first }) => first - 1).filter((start) => start < total));
        for (const { start, place } of laid?.phrases ?? []) expect(((place?.wall ?? 0) - 1) * 32 + (place?.count ?? 0) - 1).toBe(start);
        expect(((laid?.end?.wall ?? 0) - 1) * 32 + (laid?.end?.count ?? 0)).toBe(total);
      }),
      { numRuns: 60 },
    );
  }); // prettier-ignore
});

test('the report has it as numbers, and nothing where there is no song', () => {
  const { dance, findings } = studyText(`${DANCE}\n## Song "Slack Water Reel"\nintro 16\nverse: 32\nchorus: 16\n`);
  expect(reportDance(dance, findings)).toMatchObject({
    song: {
      title: 'Slack Water Reel',
      tempo: 120,
      intro: 16,
      counts: 48,
      seconds: 24,
      wallSeconds: 16,
      phrases: [{ label: 'verse', start: 0, wall: 1, count: 1 }, { label: 'chorus', start: 32, wall: 2, count: 1 }],
      walls: [{ wall: 1, out: 0 }, { wall: 2, out: 0 }],
      end: { wall: 2, count: 16, facing: '12:00', free: 'R' },
      left: 0,
    },
  }); // prettier-ignore
  expect(reportDance(studyText(DANCE).dance, [])).not.toHaveProperty('song');
});

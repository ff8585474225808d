/** The song by hand-worked tables of counts and seconds, and over the walls of dances. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { hourOfFacing } from '../model/turns';
import { printScript } from '../printing/script';
import { readScript } from '../page/read-script';
import { studyText } from '../study';
import { reportDance } from '../views/report';
import { fitSong } from '../solving/fit-song';
import { wallTable } from '../walls/table';
import { layUnder, linesOfSong, placeAtCount } from './laid';
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

  /** Ways in which other hands write it, written down with what they mean before they were tried: 18 of the first thirty were read at first, 17 of the twenty behind them. */
  const OTHER_HANDS = [
    ['Verse 1 (32 counts)', 'Verse 1 32'],
    ['V1 - 32', 'V1 32'],
    ['Chorus – 4x8', 'Chorus 32'],
    ['Intro 16 cts', 'Intro 16'],
    ['2 x Chorus: 32', 'Chorus 32 x2'],
    ['Bridge (2 eights)', 'Bridge 16'],
    ['Instrumental 24 counts', 'Instrumental 24'],
    ['Refrain: 32 Zählzeiten', 'Refrain 32'],
    ['Strophe 2: 4 Achter', 'Strophe 2 32'],
    ['Couplet 1 : 32 temps', 'Couplet 1 32'],
    ['Pont = 16', 'Pont 16'],
    ['Pause 2 counts after count 96', 'pause 2 after 96'],
    ['stops for 2 after 64', 'pause 2 after 64'],
    ['break of 4 beats', 'pause 4'],
    ['112 bpm', 'tempo 112'],
    ['slows to 96 bpm after 128', 'tempo 96 after 128'],
    ['tempo: 118', 'tempo 118'],
    ['half time', 'counted 2'],
    ['counted double', 'counted 0.5'],
    ['Outro 8', 'Outro 8'],
    ['chorus, 32', 'chorus 32'],
    ['verse 32 counts + 4', 'nothing'],
    ['Pre-chorus: 16', 'Pre-chorus 16'],
    ['middle 8: 16', 'middle 8 16'],
    ['Guitar solo 16 beats', 'Guitar solo 16'],
    ['Chorus (x2) 32', 'Chorus 32 x2'],
    ['extra 4 counts', 'extra 4'],
    ['Nachspiel: 16', 'Nachspiel 16'],
    ['arrêt de 2 temps après 64', 'pause 2 after 64'],
    ['Tempo 90 ab 64', 'tempo 90 after 64'],
    ['First verse, 32 counts', 'First verse 32'],
    ['Tag section 4', 'Tag section 4'],
    ['32 counts verse', 'verse 32'],
    ['Chorus 1: 4 eights', 'Chorus 1 32'],
    ['Verse A: 2x16', 'Verse A 16 x2'],
    ['Bridge – 16 beats', 'Bridge 16'],
    ['Vers 1: 4 x 8 Zählzeiten', 'Vers 1 32'],
    ['Zwischenspiel 8', 'Zwischenspiel 8'],
    ['refrein 32 tellen', 'refrein 32'],
    ['Break 2 counts at 96', 'pause 2 after 96'],
    ['music stops 4 counts after 128', 'pause 4 after 128'],
    ['Pause (2)', 'pause 2'],
    ['bpm: 124', 'tempo 124'],
    ['speeds up to 126 after 64', 'tempo 126 after 64'],
    ['final chorus 32 counts x 3', 'final chorus 32 x3'],
    ['Hook: 8 eights', 'Hook 64'],
    ['fade out 24', 'fade out 24'],
    ['Rap part: 16 counts', 'Rap part 16'],
    ['fin : 8 temps', 'fin 8'],
    ['the long quiet bit', 'nothing'],
  ] as const; // prettier-ignore

  test.each(OTHER_HANDS)('“%s” means %s', (line, meaning) => {
    const words = readSongLine(line).map((item) => {
      if (item.kind === 'phrase') return `${item.label} ${item.counts}${item.times > 1 ? ` x${item.times}` : ''}`;
      if (item.kind === 'counted') return `counted ${item.beats}`;
      return `${item.kind} ${item.kind === 'tempo' ? item.tempo : item.counts}${item.after === undefined ? '' : ` after ${item.after}`}`;
    });
    expect(words.join(', ') || 'nothing').toBe(meaning);
  });

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
    [64, 32 + 64, ['counted half', 'tempo 60 after 32', 'verse: 64']],
    // Changes stand in any order.
    [48, 8 + 16 + 4, ['tempo 240 after 32', 'tempo 60 after 16', 'verse: 64']],
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

describe('what is danced at a count', () => {
  const laid = layUnder(studyText(`${DANCE}\n\n## Song\nverse: 32\nchorus: 32\n`).dance);

  test('is on the wall that holds it, on a line of the script, for every count of the song', () => {
    if (!laid) throw new Error('nothing laid');
    let before = { wall: 1, count: 0 };
    for (let count = 0; count < laid.song.counts - laid.left; count++) {
      const place = placeAtCount(laid, count);
      expect(place?.line).toBeDefined();
      const isNext = place?.wall === before.wall && place.count === before.count + 1;
      expect(isNext || (place?.wall === before.wall + 1 && place.count === 1)).toBe(true);
      before = place ?? before;
    }
  });

  test('is nothing before the first step and behind the last', () => {
    if (!laid) throw new Error('nothing laid');
    expect(placeAtCount(laid, -1)).toBeUndefined();
    expect(placeAtCount(laid, 1e6)).toBeUndefined();
  });
});

test('one section of six among three eights makes no waltz; an intro of hours is none', () => {
  const text = ['1-8 K step R', '1-8 K step R', '1-6 Walk R L R L R L', '1-8 K step R'].map((line, index) => `## Section ${index + 1}\n${line}`).join('\n'); // prettier-ignore
  expect(layUnder(studyText(`start: weight L\n\n${text}\n\n## Song\nverse: 60\n`).dance)?.unit).toBe(8);
  const intro = (counts: number) => songOf(readScript(`# Ebb\nintro: ${counts} counts\n\n${text}\n\n## Song\nverse: 60\n`))?.intro; // prettier-ignore
  expect([intro(4000), intro(4001)]).toEqual([4000, undefined]);
});

describe('a waltz', () => {
  const WALTZ = '# Ebb\nstart: weight L\nsection: 6\nmusic: Ebb, 96 bpm\n\n' + Array.from({ length: 8 }, (_, index) => `## Section ${index + 1}\n1-3 Step R forward, step L together, step R together\n4-6 Step L back, step R together, step L together\n`).join('\n'); // prettier-ignore
  const { dance } = studyText(`${WALTZ}\n## Song\nverse: 96\nchorus: 8 x 6\n`);

  test('is told in sixes: lines of 48, every wall of 48 with one', () => {
    const laid = layUnder(dance);
    expect([laid?.unit, dance.counts]).toEqual([6, 48]);
    expect(linesOfSong(songOf(dance.script) as Song, 6).map(({ start, counts }) => [start, counts])).toEqual([[0, 48], [48, 48], [96, 48]]); // prettier-ignore
    expect(laid?.walls.map(({ out }) => out)).toEqual([0, 0, 0]);
    // 144 counts at 96 a minute.
    expect(laid?.seconds).toBeCloseTo(90, 9);
  });

  test('a bar too many is held, not a pair of counts', () => {
    const [best] = fitSong(studyText(`${WALTZ}\n## Song\nverse: 48\ngap: 3\nchorus: 48\n`).dance);
    expect(best.lines).toEqual(['wall 1: tag: hold 3 counts']);
  });
});

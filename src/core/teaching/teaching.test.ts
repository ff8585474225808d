/** Cues and their syllables, the dance as a timeline, and what is said of it in time. */
import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { syllable } from 'syllable';
import { studyText } from '../study';
import { FIGURES } from '../vocabulary';
import { TICKS_A_COUNT } from '../model/ticks';
import { layUnder } from '../music/laid';
import { cueWithin, feetAsLetters, type Cues } from './cues';
import { cuesTooLong, performanceOf, ticksAt, type PerformanceOrder } from './performance';
import { saidAloud, syllablesOf } from './syllables';
import { danceTempo } from '../music/tempo';
import { passagesOfSections, passagesOfWalls, timelineOf } from './timeline';

describe('syllables', () => {
  // Counted by hand.
  test.each([
    ['en', 'rock, recover, half shuffle', 7],
    ['en', '1/4 turn R', 4],
    ['en', 'triple full turn left', 5],
    ['en', 'jazz box', 2],
    ['en', 'sailor 1/2', 3],
    ['en', 'grapevine right, touch', 4],
    ['en', 'step side together', 5],
    ['en', 'heel switches', 3],
    ['de', 'Gewicht zurück', 4],
    ['de', 'Schritt vor', 2],
    ['de', 'kreuzen', 2],
    ['de', '1/4 Drehung links herum', 7],
    ['fr', 'pas chassé', 3],
    ['fr', 'quart de tour à gauche', 5],
    ['fr', 'croiser devant', 4],
    ['fr', 'pointe', 1],
  ] as const)('%s “%s” has %d', (language, words, count) => expect(syllablesOf(words, language)).toBe(count));

  test('fractions, signs and numbers are said', () => {
    expect(saidAloud('½ pivot & 1 1/4 turn, 3 walks', 'en')).toBe('half pivot and one and quarter turn, three walks');
    expect(saidAloud('1/4 Drehung', 'de')).toBe('viertel Drehung');
  });

  test('English names of figures have the syllables that another count finds, but for one at most (package “syllable”)', () => {
    const names = FIGURES.map(({ names: { en } }) => en[0]).filter((name) => /^[a-z ]+$/.test(name));
    const off = names.filter((name) => Math.abs(syllablesOf(name) - syllable(name)) > 1);
    expect(names.length).toBeGreaterThan(100);
    expect(off).toEqual([]);
  });
});

const LANTERNS = studyText(readFileSync('dances/low-tide-lanterns.txt', 'utf8')).dance;
const DEMOS = [
  'ferry-at-dusk',
  'slipway-stroll',
  'mudlark-cha-cha',
  'tar-and-oakum',
  'regatta-morning',
  'weathervane',
  'heron-on-the-piling',
].map((name) => studyText(readFileSync(`dances/${name}.txt`, 'utf8')).dance);

describe('cues', () => {
  const cuesIn = (line: string, language: 'en' | 'de' | 'fr' = 'en') => {
    const { dance } = studyText(`start: weight L\n\n## Section 1\n${line}\n`);
    return timelineOf(passagesOfSections(dance, dance.parts[0], 0, 0), language).calls.map(({ cues }) => cues);
  };

  // As they are called in the halls (common practice, no source); written down before they were tried.
  test.each([
    ['1-4 Vine R, touch L', ['vine', 'touch']],
    ['1-4 Jazz box R', ['jazz box']],
    ['1-2 Rock R forward, recover L', ['rock', 'recover']],
    ['1-2 Step R forward, pivot 1/2 left', ['step', 'half pivot']],
    ['1&2 Shuffle R forward', ['shuffle']],
    ['1&2 Coaster R', ['coaster']],
    ['1&2 Sailor R turning 1/4 right', ['quarter sailor']],
    ['1-4 Weave R: side, behind, side, cross', ['weave, side', 'behind', 'side', 'cross']],
    ['1-4 Toe strut R forward, toe strut L forward', ['toe strut', 'toe strut']],
    ['1&2 Kick ball change R', ['kick ball change']],
    ['1-2 Sway R, sway L', ['sway', 'sway']],
    ['1-2 Hold, clap', ['hold', 'clap']],
  ])('“%s” is called %j', (line, words) => {
    expect(cuesIn(line).map(({ usual }) => usual.words)).toEqual(words);
  });

  test('the writer’s own cue goes before all, and opens its line alone', () => {
    const [first, second] = cuesIn('1-4 Vine R, touch L "off we go"');
    expect([first.own?.words, first.own?.syllables, second.own]).toEqual(['off we go', 3, undefined]);
  });

  // Syllables: short 1, usual 4, full 6, one's own 9.
  test.each([
    ['usual', 9, 'recover on it'], ['usual', 4, 'recover on it'], ['usual', 3, 'rock'], ['usual', 0, 'rock'],
    ['full', 6, 'rock forward, recover'], ['full', 5, 'recover on it'], ['short', 9, 'rock'],
    ['own', 9, 'own'], ['own', 8, 'rock forward, recover'], ['own', 5, 'recover on it'], ['own', 3, 'rock'],
  ] as const)('said as %s within %i syllables: %s', (form, room, words) => {
    const cues: Cues = {
      short: { words: 'rock', syllables: 1 }, usual: { words: 'recover on it', syllables: 4 }, full: { words: 'rock forward, recover', syllables: 6 },
      ...(form === 'own' && { own: { words: 'own', syllables: 9 } }),
    };
    expect(cueWithin(cues, room, form === 'own' ? 'usual' : form).words).toBe(words);
  }); // prettier-ignore

  test('in the language of the sheet', () => {
    const [step, pivot] = cuesIn('1-2 Step R forward, pivot 1/2 left', 'de');
    expect([step.usual.words, pivot.usual.words]).toEqual(['schritt', 'halbe pivot']);
    expect(cuesIn('1&2 Shuffle R forward', 'fr')[0].full.words).toBe('pas chassé d avant');
  });

  test('for reading, feet are letters again', () => {
    expect(feetAsLetters('rock r side, recover l')).toBe('rock R side, recover L');
    expect(feetAsLetters('toe strut right')).toBe('toe strut right');
  });
});

describe('the timeline', () => {
  const all = timelineOf(passagesOfWalls(LANTERNS));

  test('has the walls where the song has them (laid otherwise, from the wall table)', () => {
    const laid = layUnder(LANTERNS);
    expect(all.walls.map(({ time }) => time / TICKS_A_COUNT)).toEqual(laid?.walls.map(({ start }) => start));
    expect(all.walls.map(({ facing }) => facing)).toEqual(laid?.walls.map(({ wall }) => wall.start));
  });

  test('a changed step and an ending stand where they are danced', () => {
    const at = (count: number) => all.calls.find(({ time }) => time === count * TICKS_A_COUNT)?.cues.usual.words;
    // Wall 6 begins at 148; behind the shuffle of its counts 17 and 18 the left foot closes on the half count, and wall 7 begins at 166.
    expect(
      all.calls
        .filter(({ wall }) => wall === 6)
        .slice(-2)
        .map(({ time, weight }) => [time / TICKS_A_COUNT, weight]),
    ).toEqual([
      [164, 'R'],
      [165.5, 'L'],
    ]);
    expect([at(246), at(247)]).toEqual(['step', 'quarter pivot']);
  });

  test.each([LANTERNS, ...DEMOS])(
    'calls follow one another without a gap, counts are all there, hours are those of the walls (%#)',
    (dance) => {
      const { calls, counts, ticks, walls, sections } = timelineOf(passagesOfWalls(dance));
      let time = calls[0].time;
      for (const call of calls) {
        expect(call.time).toBe(time);
        expect(call.ticks).toBeGreaterThanOrEqual(0);
        time += call.ticks;
        expect(call.cues.short.syllables).toBeLessThanOrEqual(call.cues.usual.syllables);
        expect(call.cues.usual.words).not.toMatch(/[()[\]"/]|\d/);
      }
      expect(time).toBe(ticks);
      expect(counts.filter((count) => count.time % TICKS_A_COUNT === 0)).toHaveLength(ticks / TICKS_A_COUNT);
      expect([walls[0].time, sections[0].time]).toEqual([0, 0]);
    },
  );

  test('a full turn is a turn, though it faces where it did', () => {
    const { dance } = studyText('start: weight L\n\n## Section 1\n1&2 Triple full turn right R L R\n3-4 Walk L, walk R\n5-6 Step L forward, pivot 1/2 right'); // prettier-ignore
    const { calls } = timelineOf(passagesOfSections(dance, dance.parts[0], 0, 0));
    expect(calls.map(({ turns, hour }) => [turns, hour])).toEqual([[true, '12:00'], [false, '12:00'], [false, '12:00'], [false, '12:00'], [true, '6:00']]); // prettier-ignore
  });

  test('two sections and their join, from a wall', () => {
    const [part] = LANTERNS.parts;
    const { calls, ticks, walls, start } = timelineOf(passagesOfSections(LANTERNS, part, 2, 3, 2));
    expect([ticks / TICKS_A_COUNT, walls[0].hour, calls[0].place]).toEqual([16, '12:00', 'Section 3']);
    expect(calls[0].cues.own?.words).toBe('shuffle');
    // Wall 2 begins at 9:00, and two sections turn a quarter to the right: before section 3 it is 12:00, and the right foot is free.
    expect(start).toEqual({ facing: 0, hour: '12:00', weight: 'L', free: 'R' });
  });
});

describe('aloud', () => {
  const order = (more: Partial<PerformanceOrder> = {}): PerformanceOrder => ({
    tempo: 100,
    beats: 1,
    aloud: 'both',
    form: 'usual',
    countIn: 4,
    language: 'en',
    ...more,
  });
  const timeline = timelineOf(passagesOfWalls(LANTERNS, 1, 3));

  test('clicks and counts stand on their counts: six tenths of a second each at 100, behind “five six seven eight”', () => {
    const { clicks, said, start, seconds } = performanceOf(timeline, order({ aloud: 'counts' }));
    expect(start).toBeCloseTo(2.4, 9);
    expect(seconds).toBeCloseTo(2.4 + 82 * 0.6, 9);
    clicks.forEach(({ second }, index) => expect(second).toBeCloseTo(index * 0.6, 9));
    expect(said.slice(0, 6).map(({ words }) => words)).toEqual(['five', 'six', 'seven', 'eight', 'one', 'two']);
  });

  test.each([60, 100, 130, 180])(
    'cues at %d a minute: one after another, each said before its step, none that takes longer than its time',
    (tempo) => {
      const { said, calls } = performanceOf(timeline, order({ tempo, aloud: 'cues' }));
      const cues = said.filter(({ kind }) => kind === 'cue');
      let free = -Infinity;
      for (const { second, until, words, call } of cues) {
        expect(second).toBeGreaterThanOrEqual(free - 1e-6);
        expect(until).toBeCloseTo(calls[call ?? -1], 9);
        expect(second).toBeLessThan(until);
        free = Math.min(until, second + syllablesOf(words) / 5);
      }
      expect(cues.length).toBeGreaterThan(timeline.calls.length * 0.8);
    },
  );

  // A syllable takes a fifth of a second: "touch" is begun as early as it may be, a count ahead, two where it is quick.
  test.each([[100, 1], [120, 1], [130, 2]])('at %d a minute a cue comes %i counts ahead', (tempo, counts) => {
    const { dance } = studyText('start: weight L\n\n## Section 1\n1-4 Vine R, touch L\n5-8 Vine L, touch R');
    const { said } = performanceOf(timelineOf(passagesOfSections(dance, dance.parts[0], 0, 0)), order({ tempo, aloud: 'cues' }));
    const touch = said.find(({ words }) => words === 'touch');
    expect((touch?.until ?? 0) - (touch?.second ?? 0)).toBeCloseTo((counts * 60) / tempo, 9);
  }); // prettier-ignore

  test('slow and quick, by how long a step is stood on: two-step, and a triple', () => {
    const { dance } = studyText('start: weight L\n\n## Section 1\n1-2 Walk R, walk L\n3 Step R forward\n5 Step L forward\n7&8 Shuffle R forward'); // prettier-ignore
    const own = timelineOf(passagesOfSections(dance, dance.parts[0], 0, 0));
    const { said } = performanceOf(own, order({ aloud: 'counts', slowQuick: true }));
    expect(said.slice(4).map(({ words }) => words)).toEqual([
      'quick',
      'quick',
      'slow',
      'slow',
      'quick',
      'and',
      'quick',
    ]);
    // The third word stands on count 3: four counts of count-in and two more at six tenths of a second.
    expect(said[6].second).toBeCloseTo(3.6, 9);
    const german = performanceOf(own, order({ aloud: 'counts', slowQuick: true, language: 'de' }));
    expect(german.said[6].words).toBe('langsam');
  });

  test('with both, no count is said over a cue’s beginning', () => {
    const { said } = performanceOf(timeline, order());
    const cues = said.filter(({ kind }) => kind === 'cue');
    for (const count of said.filter(({ kind }) => kind === 'count'))
      expect(cues.every((cue) => Math.abs(cue.second - count.second) > 1e-6)).toBe(true);
  });

  test('a second is so many ticks, evenly and by the beats of a recording', () => {
    const even = performanceOf(timeline, order({ tempo: 120, countIn: 4 }));
    // Half a second a count behind two seconds of count-in.
    expect([0, 2, 2.25, 3, 10].map((second) => ticksAt(even, second))).toEqual([0, 0, 6, 24, 192]);
    const slowing = performanceOf(timeline, order({ clock: (count) => count + Math.max(0, count) ** 2 / 100 }));
    slowing.calls.forEach((second, index) => {
      const { time } = timeline.calls[index];
      expect(Math.abs(ticksAt(slowing, second) - time)).toBeLessThan(time % 12 === 0 ? 1e-6 : 0.5);
    });
  });

  test('what can’t be said in time: by the handbook, nine syllables in two counts at 120', () => {
    const { dance } = studyText(
      'start: weight L\n\n## Section 1\n1-2 Rock R forward, recover L\n3-4 Rock R back, recover L "rock it back and then recover it"\n5-8 Vine R, touch L "vine right"',
    );
    const own = timelineOf(passagesOfSections(dance, dance.parts[0], 0, 0));
    expect(cuesTooLong(own, 120, 1)).toMatchObject([{ syllables: 9, room: 2, instead: 'rock' }]);
    expect(cuesTooLong(own, 40, 1)).toMatchObject([{ room: 7 }]);
    expect(cuesTooLong(own, 25, 1)).toEqual([]);
  });

  test('the tempo is the song’s, the head’s, or a usual one', () => {
    expect(danceTempo(LANTERNS.script)).toEqual({ tempo: 108, beats: 1, isSaid: true });
    expect(danceTempo(studyText('# Ebb\n').script)).toEqual({ tempo: 100, beats: 1, isSaid: false });
  });
});

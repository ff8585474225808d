/**
 * Measuring by laws: what is the same however a recording is cut, turned down or slowed; and the small parts by worked arithmetic.
 * Recordings of other tools' making are judged in `e2e/recordings.spec.ts`.
 */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { greatest, songOf, studyText, type Song } from '../core';
import { playSong } from './band';
import { clickTrack } from './clicks';
import { atLevel, countAt, gridOf, secondOf } from './grid';
import { measure, type Measured } from './measure';
import { median } from './numbers';
import { movingMean, onsetsOf, risesOf } from './onsets';
import { phrasesHeard } from './phrases';
import { loudnessOf, oneChannel, peaksOf, type Sound } from './sound';
import { resampled, spokenTrack } from './spoken-track';
import { steadyStretches } from './steady';
import { stillOf } from './still';
import { UNSURE } from './sureness';
import { stretched } from './stretch';
import { tempoOfTaps } from './taps';
import { selfLikeness } from './tempo';
import { NotHeard, readWav, writeWav } from './wav';

const songIn = (map: string): Song => {
  const song = songOf(studyText(`music: A, 120 bpm\n\n## Section 1\n1-2 Walk R, walk L\n\n## Song\n${map}`).script);
  if (!song) throw new Error('no song');
  return song;
};

const RATE = 22050;
const silence = (seconds: number): Sound => ({ rate: RATE, samples: new Float32Array(Math.round(seconds * RATE)) });

/** A click of noise on every beat. */
function clicks(seconds: readonly number[], length: number): Sound {
  const sound = silence(length);
  for (const second of seconds)
    for (let index = 0; index < 800; index++)
      sound.samples[Math.round(second * RATE) + index] += Math.sin(index * index) * Math.exp(-index / 150) * 0.7;
  return sound;
}

const evenly = (first: number, bpm: number, beats: number): number[] =>
  Array.from({ length: beats }, (_, index) => first + (index * 60) / bpm);

describe('what is measured', () => {
  const beats = evenly(0.5, 112, 48);
  const plain = clicks(beats, 27);
  const found = measure(plain);

  test('is the tempo, the first beat and all others of clicks, to the millisecond', () => {
    expect(found.bpm).toBeCloseTo(112, 1);
    expect(found.beats).toHaveLength(beats.length);
    found.beats.forEach((beat, index) => expect(Math.abs(beat - beats[index])).toBeLessThan(0.003));
    expect(found.confidence).toBeGreaterThan(0.9);
    expect(found).toMatchObject({ changes: [], pauses: [], others: [56, 224] });
  });

  test('is no other for a recording that is quieter, or begins later', () => {
    const quiet = measure({ rate: RATE, samples: plain.samples.map((sample) => sample / 50) });
    expect(quiet.bpm).toBeCloseTo(found.bpm, 2);
    const later = measure({ rate: RATE, samples: Float32Array.from([...silence(1.25).samples, ...plain.samples]) });
    expect(later.firstBeat - found.firstBeat).toBeCloseTo(1.25, 2);
    expect(later.beats).toHaveLength(found.beats.length);
  });

  test('stands in a finer recording where it stands in this one', () => {
    const fine = oneChannel(
      [Float32Array.from({ length: plain.samples.length * 2 }, (_, index) => plain.samples[index >> 1])],
      RATE * 2,
    );
    expect(fine.rate).toBe(RATE);
    expect(measure(fine).firstBeat).toBeCloseTo(found.firstBeat, 3);
  });

  test('says how fast a sound is that is told to be so fast', () => {
    expect(measure(plain, 56).bpm).toBeCloseTo(56, 1);
    expect(measure(plain, 56).beats.length).toBe(24);
  });

  test('a pause and a change of tempo are told where they are', () => {
    const before = evenly(0.5, 112, 24);
    const behind = evenly(before[23] + (60 / 112) * 3.5, 112, 24);
    const { pauses } = measure(clicks([...before, ...behind], 30));
    expect(pauses).toHaveLength(1);
    expect(pauses[0].beats).toBe(2.5);
    expect(pauses[0].at).toBeCloseTo(before[23] + 60 / 112, 2);
    const slower = evenly(before[23] + 60 / 112, 98, 24);
    const { changes } = measure(clicks([...before, ...slower], 30));
    expect(changes).toHaveLength(1);
    expect(changes[0].bpm).toBeCloseTo(98, 0);
  });

  const nothing: readonly (readonly [string, Sound])[] = [
    ['silence', silence(20)],
    ['a moment', clicks([0.5, 1], 2)],
    [
      'a hum',
      { rate: RATE, samples: Float32Array.from({ length: RATE * 15 }, (_, index) => 0.4 * Math.sin(index / 20)) },
    ],
    ...[12.9898, 7.233, 5.137].map(
      (seed) =>
        [
          `syllables at random (${seed})`,
          clicks(
            Array.from({ length: 60 }, (_, index) => 0.4 + index * 0.31 + 0.28 * Math.abs(Math.sin(index * seed))),
            22,
          ),
        ] as const,
    ),
  ];
  test.each(nothing)('%s: no beat, or none that is sure', (_, sound) => {
    const { confidence, bpm, beats: own } = measure(sound);
    expect(confidence).toBeLessThan(UNSURE);
    expect(Number.isFinite(bpm) && own.every(Number.isFinite)).toBe(true);
  });
});

describe('what is heard of a sound', () => {
  test('one beginning shows as one, at its millisecond', () => {
    const sound = clicks([1], 3);
    const { all } = onsetsOf(sound);
    const most = all.indexOf(greatest(all));
    expect(Math.abs(most - 100)).toBeLessThan(3);
    const rises = risesOf(sound);
    expect(Math.abs(rises.indexOf(greatest(rises)) - 1000)).toBeLessThan(3);
  });

  test('loudness keeps to the clock: the thousandth hundredth of a second is the tenth second', () => {
    const loud = loudnessOf(clicks([10], 12), 0.01);
    expect(loud.indexOf(greatest(loud))).toBe(1000);
  });

  test('means and likeness by hand', () => {
    expect([median([]), median([3]), median([4, 1]), median([9, 1, 2]), median([4, 1, 2, 3])]).toEqual([
      0, 3, 2.5, 2, 2.5,
    ]);
    expect([...movingMean(Float32Array.of(0, 3, 6, 9), 1)]).toEqual([1.5, 3, 6, 7.5]);
    const every4 = Float32Array.from({ length: 400 }, (_, index) => (index % 4 === 0 ? 1 : 0));
    const [none, one, , , four] = selfLikeness(every4, 4);
    expect([none, four].every((value) => value > 0.99)).toBe(true);
    expect(one).toBeLessThan(0);
    expect([...peaksOf({ rate: 4, samples: Float32Array.of(0.5, -0.25, -1, 0.75) }, 2)]).toEqual([
      -0.25, 0.5, -1, 0.75,
    ]);
  });

  test('beats on two lines are two lines, each with its tempo', () => {
    const one = evenly(0, 120, 16);
    const other = evenly(one[15] + 0.5, 100, 16);
    const { stretches, pauses } = steadyStretches([...one, ...other], () => 1);
    expect(stretches.map(({ period }) => 60 / period).map(Math.round)).toEqual([120, 100]);
    expect(pauses).toEqual([]);
  });
});

const heardOf = (beats: readonly number[], more: Partial<Measured> = {}): Measured => ({
  bpm: 120,
  firstBeat: beats[0],
  beats,
  confidence: 1,
  changes: [],
  pauses: [],
  others: [],
  seconds: 100,
  ...more,
});

describe('counts on the clock', () => {
  const heard = heardOf(evenly(1, 120, 40));

  test('by a worked table: first beat at 1 s, 120 a minute, 16 counts of intro', () => {
    const grid = gridOf(heard, 9);
    if (!grid) throw new Error();
    const table = [
      [0, 9],
      [-16, 1],
      [8, 13],
      [-18, 0],
      [30, 24],
      [0.5, 9.25],
    ] as const;
    for (const [count, second] of table) {
      expect(secondOf(grid, count)).toBeCloseTo(second, 9);
      expect(countAt(grid, second)).toBeCloseTo(count, 9);
    }
  });

  test('there and back is the same count, in pauses and beyond both ends', () => {
    const paused = heardOf([...evenly(1, 120, 8), ...evenly(6.25, 120, 8)], { pauses: [{ at: 5, beats: 2.5 }] });
    const grid = gridOf(paused, 2);
    if (!grid) throw new Error();
    fc.assert(
      fc.property(
        fc.double({ min: -20, max: 60, noNaN: true }),
        (count) => Math.abs(countAt(grid, secondOf(grid, count)) - count) < 1e-9,
      ),
    );
    // Eight beats, a pause of two and a half, eight beats: the ninth stands at count 10.5 of the first.
    expect(secondOf(grid, 8.5)).toBeCloseTo(6.25, 9);
    expect(stillOf(paused, grid, 1)).toEqual([{ after: 6, counts: 2.5 }]);
  });

  test('half as many beats are every other one, twice as many stand between; twice, then half, is as it was', () => {
    expect(atLevel(heard, 0.5).beats).toEqual(evenly(1, 60, 20));
    expect(atLevel(heard, 2).beats).toHaveLength(79);
    expect(atLevel(atLevel(heard, 2), 0.5)).toMatchObject({ beats: heard.beats, bpm: 120 });
  });

  test('counted at half, a count is two beats: the same worked table with counts twice as long', () => {
    const grid = gridOf(heard, 9, 2);
    if (!grid) throw new Error();
    for (const [count, second] of [[0, 9], [-8, 1], [4, 13], [-9, 0], [0.5, 9.5]] as const) {
      expect(secondOf(grid, count)).toBeCloseTo(second, 9);
      expect(countAt(grid, second)).toBeCloseTo(count, 9);
    }
  }); // prettier-ignore

  test('at half level a pause is half as many beats, behind it the first beat counts again, and tempi halve', () => {
    // Seven beats from 1 s on, the seventh at 4; three fail; nine beats from 6 s on.
    const paused = heardOf([...evenly(1, 120, 7), ...evenly(6, 120, 9)], {
      pauses: [{ at: 4.5, beats: 3 }],
      changes: [{ at: 8, bpm: 110 }],
    });
    const half = atLevel(paused, 0.5);
    expect(half.beats).toEqual([1, 2, 3, 4, 6, 7, 8, 9, 10]);
    expect([half.bpm, half.firstBeat, half.pauses[0].beats, half.changes[0].bpm]).toEqual([60, 1, 1.5, 55]);
    const twice = atLevel(paused, 2);
    // None stands within the pause: 16 beats, 14 gaps that are none.
    expect([twice.beats.length, twice.pauses[0].beats, twice.changes[0].bpm]).toEqual([30, 6, 220]);
    expect(twice.beats.filter((beat) => beat > 4 && beat < 6)).toEqual([]);
    expect(twice.others).toEqual([120, 480]);
  });

  test('a click stands on the sample of its beat', () => {
    const { samples, rate } = clickTrack(
      [
        { second: 0.25, first: true },
        { second: 0.5, first: false },
      ],
      1,
    );
    const first = samples.findIndex((sample) => sample !== 0);
    expect([first, rate]).toEqual([Math.round(0.25 * 22050), 22050]);
  });
});

describe('words and clicks in one sound', () => {
  const clip = Float32Array.of(0.1, 0.1, 0.1, 0.1);
  const clipOf = (word: string) => (word === 'rock' || word === 'step' ? clip : undefined);

  test('stand on their samples, a second word right behind the first; what nobody can say is silent', () => {
    const { samples, rate } = spokenTrack(
      {
        seconds: 1,
        clicks: [{ second: 0.75, first: true }],
        words: [
          { second: 0.25, words: 'rock, step' },
          { second: 0.5, words: 'applejack' },
        ],
      },
      clipOf,
    );
    expect(samples.findIndex((sample) => sample !== 0)).toBe(Math.round(0.25 * rate));
    expect(samples.findLastIndex((sample, index) => sample !== 0 && index < 0.5 * rate)).toBe(
      Math.round(0.25 * rate) + 7,
    );
    expect(samples.subarray(Math.round(0.5 * rate)).findIndex((sample) => sample !== 0)).toBe(
      Math.round(0.75 * rate) - Math.round(0.5 * rate),
    );
    expect(greatest(samples.map(Math.abs))).toBeLessThanOrEqual(1);
  });

  test('at another rate the same second is the same second', () => {
    const half = resampled(Float32Array.of(0, 2, 4, 6), 4, 8);
    expect([...half]).toEqual([0, 1, 2, 3, 4, 5, 6, 3]);
  });
});

describe('slower and faster at its own pitch', () => {
  test.each([0.6, 0.75, 0.9, 1.2])(
    'at %d of the tempo a click stands where it should, within 20 ms, and lasts no longer in all',
    (share) => {
      const beats = evenly(0.5, 112, 24);
      const slow = stretched(clicks(beats, 14), share);
      expect(slow.samples.length / slow.rate).toBeCloseTo(14 / share, 3);
      const rises = risesOf(slow);
      for (const beat of beats) {
        const at = Math.round((beat / share) * 1000);
        const around = rises.subarray(Math.max(0, at - 60), at + 60);
        expect(Math.abs(around.indexOf(greatest(around)) - 60)).toBeLessThanOrEqual(20);
      }
    },
  );

  test('a tone stays the tone it was', () => {
    const tone = Float32Array.from({ length: RATE * 2 }, (_, index) => Math.sin((2 * Math.PI * 440 * index) / RATE));
    const slow = stretched({ rate: RATE, samples: tone }, 0.7).samples.subarray(RATE / 2, RATE * 2);
    let crossings = 0;
    for (let index = 1; index < slow.length; index++) if (slow[index - 1] < 0 && slow[index] >= 0) crossings++;
    // 440 a second, counted over a second and a half.
    expect(Math.abs(crossings / (slow.length / RATE) - 440)).toBeLessThan(3);
  });

  test('at its own tempo it is the very same', () => {
    const sound = clicks([0.5], 1);
    expect(stretched(sound, 1).samples).toBe(sound.samples);
  });
});

describe('taps', () => {
  test('even taps are their tempo; one that is late, and one left out, move little', () => {
    const taps = evenly(3, 96, 16);
    expect(tempoOfTaps(taps)).toMatchObject({
      taps: 16,
      bpm: expect.closeTo(96, 6),
      spread: expect.closeTo(0, 6),
      firstBeat: expect.closeTo(3, 6),
    });
    const human = taps.map((tap, index) => (index === 7 ? tap + 0.09 : tap)).toSpliced(4, 1);
    expect(tempoOfTaps(human)?.bpm).toBeCloseTo(96, 0);
    // A beat that is left out is no slip.
    expect(tempoOfTaps(taps.toSpliced(10, 1).toSpliced(5, 1))?.spread).toBeCloseTo(0, 6);
  });

  test('a rest begins anew; fewer than four are none', () => {
    expect(tempoOfTaps([...evenly(0, 60, 8), ...evenly(20, 120, 6)])?.bpm).toBeCloseTo(120, 6);
    // Three seconds are a rest, two and a half are none.
    expect(tempoOfTaps([0, 1, 2, 3, 6, 6.5, 7, 7.5])).toMatchObject({ taps: 4, bpm: 120 });
    expect(tempoOfTaps([0, 1, 2, 3, 5.5, 6.5, 7.5])?.taps).toBe(7);
    expect(tempoOfTaps([1, 2, 3])).toBeUndefined();
    expect(tempoOfTaps([1, 1, 1, 1])).toBeUndefined();
  });
});

describe('the house band', () => {
  const song = songIn(
    'intro: 16\nverse: 32\ngap: 2\nchorus: 32\npause of 2 after 66\nbridge: 16\nverse: 32\ngap: 2\nchorus: 32\nchorus: 32\noutro: 16\n',
  );
  const played = playSong(song);
  const heard = measure(played);

  test('plays the map: its tempo, its first beat, its pause are heard where they are written', () => {
    expect(heard.bpm).toBeCloseTo(120, 1);
    expect(Math.abs(heard.firstBeat - 0.5)).toBeLessThan(0.005);
    expect(heard.pauses).toEqual([{ at: expect.closeTo(0.5 + (16 + 66) / 2, 1), beats: 2 }]);
    expect(heard.seconds).toBeCloseTo(0.5 + (16 + song.counts) / 2 + 1.5, 1);
  });

  test('plays the same every time, never too loud', () => {
    expect(Buffer.compare(Buffer.from(playSong(song).samples.buffer), Buffer.from(played.samples.buffer))).toBe(0);
    expect(greatest(played.samples.map(Math.abs))).toBeLessThanOrEqual(0.9);
  });

  test('its phrases come back out of the sound, the odd two counts told as a gap', () => {
    const { phrases, heard: isHeard } = phrasesHeard(played, heard, 0.5 + 8, 1);
    expect(isHeard).toBe(true);
    expect(phrases.slice(0, 5).map(({ counts }) => counts)).toEqual([32, 2, 32, 16, 32]);
    const names = phrases.map(({ label }) => label);
    expect(names[2]).toBe('chorus');
  });

  test('a drum alone tells no phrases: plain lines of 32', () => {
    const beats = evenly(0.5, 120, 80);
    const { phrases, heard: isHeard } = phrasesHeard(clicks(beats, 42), heardOf(beats), 0.5, 1);
    expect(isHeard).toBe(false);
    expect(phrases.map(({ counts }) => counts)).toEqual([32, 32, 16]);
  });
});

describe('WAV', () => {
  /** A file by the book (RIFF 1991; RF64 by EBU Tech 3306), chunks before the samples and lengths as other programs write them. */
  function fileOf(samples: readonly number[], { bits, isFloat, odd = '', long = false, stream = false }: { bits: 16 | 32 | 64; isFloat: boolean; odd?: string; long?: boolean; stream?: boolean }): Uint8Array {
    const width = bits / 8;
    const data = Buffer.alloc(samples.length * width);
    samples.forEach((sample, index) => {
      const at = index * width;
      if (isFloat && bits === 64) data.writeDoubleLE(sample, at);
      else if (isFloat) data.writeFloatLE(sample, at);
      else if (bits === 32) data.writeInt32LE(Math.round(sample * 0x7fff_ffff), at);
      else data.writeInt16LE(Math.round(sample * 32767), at);
    });
    const chunk = (kind: string, body: Buffer, stated = body.length): Buffer => {
      const head = Buffer.alloc(8);
      head.write(kind, 'latin1');
      head.writeUInt32LE(stated, 4);
      return Buffer.concat([head, body, Buffer.alloc(body.length % 2)]);
    };
    const format = Buffer.alloc(isFloat ? 18 : 16);
    format.writeUInt16LE(isFloat ? 3 : 1, 0);
    format.writeUInt16LE(1, 2);
    format.writeUInt32LE(RATE, 4);
    format.writeUInt32LE(RATE * width, 8);
    format.writeUInt16LE(width, 12);
    format.writeUInt16LE(bits, 14);
    const sizes = Buffer.alloc(28);
    sizes.writeBigUInt64LE(BigInt(data.length), 8);
    const isLong = long || stream;
    const body = [long ? chunk('ds64', sizes) : Buffer.alloc(0), chunk('fmt ', format), odd ? chunk('LIST', Buffer.from(odd)) : Buffer.alloc(0), chunk('data', data, isLong ? 0xffff_ffff : data.length), chunk('cue ', Buffer.alloc(4))];
    const whole = Buffer.concat([Buffer.from('WAVE'), ...(stream ? body.slice(0, -1) : body)]);
    return new Uint8Array(chunk(long ? 'RF64' : 'RIFF', whole, isLong ? 0xffff_ffff : whole.length));
  } // prettier-ignore

  const TONE = Array.from({ length: 999 }, (_, index) => Math.sin(index / 7) * 0.8);
  test.each([
    ['32 bits, whole numbers', { bits: 32, isFloat: false }],
    ['32 bits, floating, behind a head of 18 bytes', { bits: 32, isFloat: true }],
    ['64 bits, floating', { bits: 64, isFloat: true }],
    ['16 bits behind a chunk of an odd length', { bits: 16, isFloat: false, odd: 'INFOx' }],
    ['32 bits floating behind a chunk of an odd length', { bits: 32, isFloat: true, odd: 'INFO1' }],
    ['RF64', { bits: 16, isFloat: false, long: true }],
    ['RF64, floating', { bits: 32, isFloat: true, long: true }],
    ['written as it was played, its length never stated', { bits: 16, isFloat: false, stream: true }],
  ] as const)('is read whoever wrote it: %s', (_, order) => {
    const file = fileOf(TONE, order);
    // Also where the file stands at an odd place of another one.
    const shifted = new Uint8Array(file.length + 1);
    shifted.set(file, 1);
    for (const bytes of [file, shifted.subarray(1)]) {
      const { rate, samples } = readWav(bytes);
      expect([rate, samples.length]).toEqual([RATE, TONE.length]);
      for (const at of [0, 1, 500, 998]) expect(samples[at]).toBeCloseTo(TONE[at], 3);
    }
  });

  // Worked by hand: RIFF pads a chunk of an odd length with a byte that its length does not count.
  test('labels of an even and of an odd length are found by another reader of chunks', () => {
    const marks = ['wall 1', 'wall 12', 'x', ''].map((label, index) => ({ second: index / 2, label }));
    const file = Buffer.from(writeWav({ rate: 1000, samples: new Float32Array(3000) }, marks));
    const found: string[] = [];
    const walk = (from: number, to: number): void => {
      for (let at = from; at + 8 <= to;) {
        const [kind, length] = [file.toString('latin1', at, at + 4), file.readUInt32LE(at + 4)];
        if (kind === 'LIST') walk(at + 12, at + 8 + length);
        if (kind === 'labl') found.push(file.toString('utf8', at + 12, at + 8 + length));
        at += 8 + length + (length % 2);
      }
    };
    walk(12, file.length);
    expect(found).toEqual(marks.map(({ label }) => `${label}\0`));
    expect(file.readUInt32LE(4)).toBe(file.length - 8);
  });

  test('what is written is read: 16 bits, one channel', () => {
    const { samples } = clicks([0.1], 0.5);
    const read = readWav(writeWav({ rate: RATE, samples }));
    expect([read.rate, read.samples.length]).toEqual([RATE, samples.length]);
    read.samples.forEach((sample, index) => expect(Math.abs(sample - samples[index])).toBeLessThan(1 / 16000));
  });

  const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);
  const broken: readonly (readonly [string, Uint8Array])[] = [
    ['a picture', bytes('\x89PNG\r\n\x1a\n and more of it')],
    ['nothing', new Uint8Array(0)],
    ['a head alone', writeWav(silence(1)).slice(0, 44)],
    ['a head with no format', bytes('RIFF0000WAVEdata0000')],
  ];
  test.each(broken)('%s is refused in a sentence', (_, file) => {
    expect(() => readWav(file)).toThrow(NotHeard);
  });
});

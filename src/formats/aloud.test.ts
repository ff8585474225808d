/** What leaves to be heard and seen in time, read by other readers and against hand-worked times. */
import { describe, expect, test } from '@jest/globals';
import decode from '@audio/decode-wav';
import { readFileSync } from 'node:fs';
import SrtParser from 'srt-parser-2';
import midi from '@tonejs/midi';
import webvtt from 'webvtt-parser';
import { makeAloud, type AloudOrder } from './aloud';
import { printSrt, printVtt } from './captions';

const LANTERNS = readFileSync('dances/low-tide-lanterns.txt', 'utf8');
const order = (more: Partial<AloudOrder> = {}): AloudOrder => ({
  text: LANTERNS,
  personal: '',
  cues: 'usual',
  start: 0,
  ...more,
});
const text = async (id: 'vtt' | 'srt' | 'cues', more?: Partial<AloudOrder>): Promise<string> =>
  String(await makeAloud(id, order(more)));
const COUNT = 60 / 108;

/**
 * Counts before each wall, worked by hand from the plan: tags of two behind walls 1 and 4, wall 3 cut after 16, wall 6 after 18, the
 * ending of two counts behind 16 of wall 9.
 */
const WALLS = [0, 34, 66, 82, 116, 148, 166, 198, 230];
const COUNTS = 248;

describe('captions', () => {
  test('WebVTT has no error for another parser, and every call stands at its count over tags and cuts', async () => {
    const { cues, errors } = new webvtt.WebVTTParser().parse(await text('vtt', { start: 12.5 }));
    expect(errors).toEqual([]);
    for (const before of WALLS) {
      const cue = cues.find(({ startTime }) => Math.abs(startTime - 12.5 - before * COUNT) < 0.002);
      expect([before, cue?.text]).toEqual([before, 'weave, side']);
    }
    expect(cues[cues.length - 1].endTime).toBeCloseTo(12.5 + COUNTS * COUNT, 2);
    // Each ends where the next begins: the words on the screen are those of the step.
    cues.slice(1).forEach(({ startTime }, index) => expect(startTime).toBeCloseTo(cues[index].endTime, 3));
  });

  test('SRT is the same for another parser', async () => {
    const cues = new SrtParser().fromSrt(await text('srt', { walls: 2, cues: 'counts' }));
    expect(cues.slice(0, 8).map((cue) => cue.text)).toEqual([
      'one',
      'two',
      'three',
      'four',
      'five',
      'six',
      'seven',
      'eight',
    ]);
    expect(cues[0].startSeconds).toBeCloseTo(0, 3);
    expect(cues[cues.length - 1].endSeconds).toBeCloseTo(66 * COUNT, 2);
    // Section 3 is counted as it is danced.
    const third = cues.filter(
      ({ startSeconds }) => startSeconds > 16 * COUNT - 0.01 && startSeconds < 24 * COUNT - 0.01,
    );
    expect(third.map((cue) => cue.text).join(' ')).toBe('one and two three and four five six seven and eight');
  });

  test('signs of the format within words, times before the beginning and beyond an hour', () => {
    const captions = [
      { from: -2, to: -1, words: 'gone' },
      { from: -1, to: 0.5, words: 'A & B <i> --> C\nD' },
      { from: 3661.2345, to: 3662, words: 'late' },
      { from: 4, to: 4, words: 'no time' },
    ];
    expect(printVtt(captions)).toBe(
      'WEBVTT\n\n00:00:00.000 --> 00:00:00.500\nA &amp; B &lt;i&gt; --&gt; C D\n\n01:01:01.235 --> 01:01:02.000\nlate\n',
    );
    expect(new webvtt.WebVTTParser().parse(printVtt(captions)).errors).toEqual([]);
    expect(printSrt(captions).split('\n')[2]).toBe('A & B <i> → C D');
  });
});

test('MIDI, by another reader: tempo, clicks on their seconds, markers where walls begin, and no letter beyond ASCII', async () => {
  const bytes = (await makeAloud(
    'mid',
    order({ text: LANTERNS.replace('Low Tide Lanterns', 'Ebbe für Élan') }),
  )) as Uint8Array;
  const { header, tracks } = new midi.Midi(bytes);
  expect(header.tempos[0].bpm).toBeCloseTo(108, 2);
  const [{ notes, channel }] = tracks.filter((track) => track.notes.length > 0);
  expect([channel, notes.length]).toEqual([9, 8 + COUNTS]);
  notes.forEach(({ time }, index) => expect(time).toBeCloseTo(index * COUNT, 3));
  // Behind the count-in of eight, sections begin with the high click.
  expect(notes.slice(8, 17).map(({ midi }) => midi)).toEqual([76, 77, 77, 77, 77, 77, 77, 77, 76]);
  const walls = header.meta.filter(({ type, text: words }) => type === 'marker' && words.startsWith('Wall'));
  expect(walls.map(({ text: words }) => words)).toEqual(
    ['12:00', '9:00', '6:00', '9:00', '6:00', '3:00', '6:00', '3:00', '12:00'].map(
      (hour, index) => `Wall ${index + 1}, ${hour}`,
    ),
  );
  walls.forEach(({ ticks }, index) => expect(header.ticksToSeconds(ticks)).toBeCloseTo((8 + WALLS[index]) * COUNT, 3));
  expect(Buffer.from(bytes).toString('latin1')).toContain('Ebbe fur Elan');
});

test('MIDI of a song counted at half: two beats a count, at the tempo of the music', async () => {
  const bytes = (await makeAloud('mid', order({ text: LANTERNS.replace(/^(## Song.*)$/m, '$1\ncounted half') }))) as Uint8Array;
  const { header, tracks } = new midi.Midi(bytes);
  const [{ notes }] = tracks.filter((track) => track.notes.length > 0);
  expect(header.tempos[0].bpm).toBeCloseTo(108, 2);
  expect(notes[1].ticks - notes[0].ticks).toBe(2 * header.ppq);
  notes.forEach(({ time }, index) => expect(time).toBeCloseTo(index * 2 * COUNT, 3));
}); // prettier-ignore

test('WAV, by another reader: clicks on their samples, marks of walls and sections at theirs', async () => {
  const bytes = (await makeAloud('wav', order({ walls: 2, tempo: 120 }))) as Uint8Array;
  const { channelData, sampleRate } = decode(bytes);
  const [samples] = channelData;
  const clicks: number[] = [];
  samples.forEach((sample, index) => {
    if (sample !== 0 && index - (clicks[clicks.length - 1] ?? -9999) > 4000) clicks.push(index);
  });
  expect(clicks).toEqual(Array.from({ length: 8 + 66 }, (_, index) => Math.round(index * 0.5 * sampleRate)));
  const view = new DataView(bytes.buffer, bytes.byteOffset);
  const at = Buffer.from(bytes).lastIndexOf('cue ');
  const marks = Array.from(
    { length: view.getUint32(at + 8, true) },
    (_, index) => view.getUint32(at + 12 + index * 24 + 4, true) / sampleRate,
  );
  // Wall 1 with four sections and its tag, wall 2 with four sections; half a second a count behind eight.
  expect(marks).toEqual([0, 0, 8, 16, 24, 32, 34, 34, 42, 50, 58].map((count) => (8 + count) / 2));
  expect(Buffer.from(bytes).toString('latin1')).toContain('Wall 2, 9:00');
});

test('the cue list: a row a call, harmless in a spreadsheet, at another tempo', async () => {
  const rows = (await text('cues', { walls: 1, tempo: 60 })).trim().split('\r\n');
  expect(rows[0]).toMatch(/^second,wall,place/);
  expect(rows[9]).toBe('8.000,1,Section 2,1,weave,"weave, side",step side,,12:00,L');
  const risky = await text('cues', {
    text: 'start: weight L\n\n## Section 1 (2 counts)\n1-2 Walk R L "=1+1"',
    walls: 1,
  });
  expect(risky).not.toMatch(/(?:^|,)=/m);
});

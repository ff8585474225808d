/** Songs for a dance and dances for a song: among demos, and by what comes of taking one. */
import { expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { applyEdits } from '../model/text';
import { layUnder } from '../music/laid';
import { songOf } from '../music/song';
import { studyText } from '../study';
import { dancesFor, songsFor, type ShelfText } from './other-songs';

const demo = (name: string): ShelfText => ({ id: name, text: readFileSync(`dances/${name}.txt`, 'utf8') });
const [ferry, lanterns, stroll, weathervane] = [
  'ferry-at-dusk',
  'low-tide-lanterns',
  'slipway-stroll',
  'weathervane',
].map(demo);
const SONG_ALONE = {
  id: 'alone',
  text: '# Ropes and Rings\nmusic: Ropes and Rings, 112 bpm\n\n## Song\nintro: 8\nverse: 32\nchorus: 32 x3\n',
};

test('songs of the shelf that carry a dance: the one that fits by itself first, whether a text holds a dance or nothing else', () => {
  const found = songsFor(studyText(ferry.text).dance, [lanterns, stroll, SONG_ALONE, weathervane]);
  expect(found.map(({ title }) => title)).toEqual(
    expect.arrayContaining(['Ropes and Rings', 'Slack Water Reel', 'Three Planks Wide']),
  );
  expect(found).toHaveLength(3);
  expect(found[0].fit).toMatchObject({ cost: 0, lines: [] });
  for (const { fit, edits, tempo } of found) {
    const taken = studyText(applyEdits(ferry.text, [...edits]));
    const laid = layUnder(taken.dance);
    expect([laid?.walls.length, laid?.walls.filter(({ out }) => out === 0).length]).toEqual([fit.walls, fit.met]);
    expect(laid?.song.tempo).toBe(tempo);
    expect(taken.text).toContain('1&2    Shuffle R forward');
    expect(taken.findings.filter(({ severity }) => severity === 'error')).toEqual([]);
  }
});

test('the song of the dance itself, the same song in another text, and one that is much faster are none', () => {
  const fast = { id: 'fast', text: SONG_ALONE.text.replace('112 bpm', '170 bpm') };
  const again = {
    id: 'again',
    text: `# Another\nmusic: Three Planks Wide, 104 bpm\n\n## Song "Three Planks Wide"\n${stroll.text.split('## Song "Three Planks Wide"\n')[1]}`,
  };
  expect(songsFor(studyText(stroll.text).dance, [again, fast, weathervane])).toEqual([]);
  const twice = songsFor(studyText(ferry.text).dance, [stroll, again]);
  expect(twice).toHaveLength(1);
});

test('dances that a song carries; a text without a song has none', () => {
  const found = dancesFor(studyText(SONG_ALONE.text).script, [ferry, lanterns, stroll]);
  expect(found.map(({ dance }) => dance).sort()).toEqual(['Ferry at Dusk', 'Low Tide Lanterns', 'Slipway Stroll']);
  expect(found[0].fit.met).toBe(found[0].fit.walls);
  expect(dancesFor(studyText(ferry.text).script, [lanterns])).toEqual([]);
});

test('a dance that has a song already gets the other one in its place, and keeps what stands behind it', () => {
  const text = `${stroll.text.trimEnd()}\n\n## Figure "quay turn" 1-2: A side, B tog\n`;
  const [one] = songsFor(studyText(text).dance, [SONG_ALONE]);
  const taken = applyEdits(text, [...one.edits]);
  expect(songOf(studyText(taken).script)).toMatchObject({ title: 'Ropes and Rings', counts: 128, intro: 8 });
  expect(taken.match(/## Song/g)).toHaveLength(1);
  expect(taken).toContain('## Figure "quay turn"');
});

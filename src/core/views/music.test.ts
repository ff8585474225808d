/** The page of the song beside its song and its walls: nothing of either is lost or drawn twice. */
import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { studyText } from '../study';
import { wallsOf } from '../walls/table';
import { viewMusic, type MusicView } from './music';

const demo = (name: string) => readFileSync(`dances/${name}.txt`, 'utf8');
const view = (text: string) => viewMusic(studyText(text).dance) as MusicView;

describe.each(['low-tide-lanterns', 'slipway-stroll'])('%s', (name) => {
  const { rows, laid } = view(demo(name));

  test('rows follow one another through the whole song', () => {
    const ends = rows.map(({ start, counts }) => start + counts);
    expect(rows.map(({ start }) => start)).toEqual([0, ...ends.slice(0, -1)]);
    expect(ends.at(-1)).toBe(laid.song.counts);
  });

  test('every count of a row is danced once, by the wall that has it', () => {
    for (const { start, counts, strips } of rows) {
      const danced = strips.flatMap((strip) => Array.from({ length: strip.counts }, (_, at) => [strip.from + at, strip.wall]));
      expect(danced.map(([at]) => at)).toEqual(Array.from({ length: counts }, (_, at) => at));
      for (const [at, wall] of danced) {
        const own = laid.walls.find((one) => one.wall.number === wall);
        expect(own && own.start <= start + at && start + at < own.start + own.counts).toBe(true);
      }
    }
  }); // prettier-ignore

  test('each wall begins in one row, and its sections lie inside its strips', () => {
    const begun = rows.flatMap((row) => row.strips.filter(({ begins }) => begins).map(({ wall }) => wall));
    expect(begun).toEqual(laid.walls.map(({ wall }) => wall.number));
    for (const { strips } of rows)
      for (const { sections, from, counts } of strips)
        expect(sections.every((at) => at > from && at < from + counts)).toBe(true);
  });
});

test('the demo with a surprise and a pause begins every wall with its phrase, and both end together', () => {
  const { met, laid, endHour } = view(demo('low-tide-lanterns'));
  // 34 + 32 + 16 + 34 + 32 + 18 + 32 + 32 + 18, by hand from its plan.
  expect([met, laid.walls.length, laid.song.counts, laid.left, endHour]).toEqual([9, 9, 248, 0, '12:00']);
});

test('without its plan the same song leaves the walls behind from the first surprise on', () => {
  const bare = demo('low-tide-lanterns').replace(/## Plan[\s\S]*?(?=## Song)/, '');
  const { laid, met } = view(bare);
  expect(met).toBe(1);
  expect(laid.walls.slice(0, 4).map(({ start, out }) => [start, out])).toEqual([[0, 0], [32, -2], [64, -2], [96, 14]]);
}); // prettier-ignore

test('a phrase of 64 is two rows of which the first is named; a cut is drawn where it falls', () => {
  const { rows } = view(demo('slipway-stroll'));
  expect(rows.filter(({ kind }) => kind === 'bridge').map(({ label, counts }) => [label, counts])).toEqual([['bridge', 32], [undefined, 32]]);
  const lanterns = view(demo('low-tide-lanterns'));
  const cuts = lanterns.rows.flatMap(({ strips }) => strips.filter(({ cut }) => cut).map(({ wall }) => wall));
  expect(cuts).toEqual(wallsOf(studyText(demo('low-tide-lanterns')).dance).walls.filter(({ cut }) => cut).map(({ number }) => number));
}); // prettier-ignore

test('a pause is drawn where the music stands still', () => {
  const { rows } = view(demo('low-tide-lanterns'));
  const solo = rows.find(({ kind }) => kind === 'solo');
  expect([solo?.start, solo?.counts, solo?.pauses]).toEqual([148, 18, [{ from: 16, counts: 2 }]]);
});

test('no page without a song, without phrases, or without a dance', () => {
  for (const text of [
    demo('ferry-at-dusk'),
    `${demo('ferry-at-dusk')}\n## Song\n`,
    '# Ebb\n\n## Song\nverse: 32\n',
    '',
  ])
    expect(viewMusic(studyText(text).dance)).toBeUndefined();
});

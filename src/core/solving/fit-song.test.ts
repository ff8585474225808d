/** Plans that fit a song: beside all plans there are, on short songs; on the demo dances; and by what is danced of them. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { least } from '../model/numbers';
import { facingAfter } from '../model/turns';
import { applyEdits } from '../model/text';
import { layUnder } from '../music/laid';
import { studyText } from '../study';
import { costOfFit, fitSong, plansFor, type FitTask, type FitWall } from './fit-song';

const demo = (name: string) => readFileSync(`dances/${name}.txt`, 'utf8');
const fits = (text: string) => fitSong(studyText(text).dance);

/** Every way through a song there is, with no more than two cuts and two tags. */
function allWays({ whole, cuts, tags, counts }: FitTask): FitWall[][] {
  const walls: FitWall[] = [undefined, ...cuts].flatMap((cut) =>
    [undefined, ...tags].map((tag) => ({ ...(cut && { cut }), ...(tag && { tag }) })),
  );
  const ways = (at: number): FitWall[][] =>
    at >= counts
      ? [[]]
      : walls.flatMap((wall) => {
          const end = at + (wall.cut ?? whole).counts + (wall.tag?.counts ?? 0);
          if (end > counts && (wall.cut || wall.tag)) return [];
          return ways(end).map((rest) => [wall, ...rest]);
        });
  return ways(0).filter(
    (way) =>
      new Set(way.flatMap(({ cut }) => cut ?? [])).size < 3 && new Set(way.flatMap(({ tag }) => tag ?? [])).size < 3,
  );
}

describe('the search', () => {
  const tasks = fc.record({
    quarters: fc.constantFrom(0, 12, 24, -12),
    cuts: fc.subarray([8, 16, 24]),
    tags: fc.subarray([2, 4, 8]),
    lines: fc.array(fc.tuple(fc.constantFrom(4, 8, 16, 20, 32), fc.boolean()), { minLength: 2, maxLength: 6 }),
  });

  test('finds what is the cheapest of all plans', () => {
    fc.assert(
      fc.property(tasks, ({ quarters, cuts, tags, lines }) => {
        const starts = new Map<number, boolean>();
        let counts = 0;
        for (const [length, isChorus] of lines) {
          starts.set(counts, isChorus);
          counts += length;
        }
        const turnAfter = (count: number) => (count > 20 ? quarters : 0);
        const task: FitTask = {
          whole: { counts: 32, turn: quarters },
          cuts: cuts.map((own) => ({ counts: own, turn: turnAfter(own) })),
          tags: tags.map((own) => ({ counts: own, turn: 0 })),
          starts,
          pauses: new Set(),
          counts: Math.min(counts, 72),
          turns: Array.from({ length: 33 }, (_, count) => turnAfter(count)),
        };
        const cheapest = least(allWays(task).map((walls) => costOfFit(task, walls)));
        expect(plansFor(task)[0].cost).toBeCloseTo(cheapest, 9);
      }),
      { numRuns: 40 },
    );
  });
});

test('what is asked early costs more, by hand', () => {
  const cut = { counts: 16, turn: 0 };
  const starts = new Map([0, 16, 32, 48, 64].map((start) => [start, false]));
  const task: FitTask = { whole: { counts: 32, turn: 0 }, cuts: [cut], tags: [], starts, pauses: new Set(), counts: 80, turns: Array.from({ length: 33 }, () => 0) };
  // A cut is 2 and half as much again at the beginning, at count 64 of 80 a tenth more; its place, to be remembered, is 2.
  expect(costOfFit(task, [{ cut }, {}, {}])).toBeCloseTo(2 * 1.5 + 2, 9);
  expect(costOfFit(task, [{}, {}, { cut }])).toBeCloseTo(2 * 1.1 + 2, 9);
}); // prettier-ignore

describe('plans', () => {
  test('of a song that fits by itself ask nothing', () => {
    const [first] = fits(demo('slipway-stroll'));
    expect(first).toMatchObject({ lines: [], edits: [], cost: 0 });
    expect(first.met).toBe(first.walls);
  });

  const bare = demo('low-tide-lanterns').replace(/## Plan[\s\S]*?(?=## Song)/, '');

  test('among the first three is the plan that the demo carries, changed step and all', () => {
    const found = fits(bare);
    expect(found[0].met).toBe(found[0].walls);
    expect(found.slice(0, 3).map(({ lines }) => lines)).toContainEqual([
      'walls 1, 4: tag lamp',
      'wall 3: restart after 16',
      'wall 6: restart after 18, then & Step L beside R',
    ]);
  });

  test('are danced as they were told: walls, facing at the end, no new slip, dearest last', () => {
    for (const text of [bare, demo('low-tide-lanterns'), demo('slipway-stroll')]) {
      const before = studyText(text).findings.filter(({ severity }) => severity === 'error').length;
      const found = fits(text);
      expect(found.map(({ cost }) => cost)).toEqual(found.map(({ cost }) => cost).toSorted((a, b) => a - b));
      for (const { edits, met, walls, endFacing } of found) {
        const study = studyText(applyEdits(text, edits));
        const laid = layUnder(study.dance);
        expect([laid?.walls.length, laid?.walls.filter(({ out }) => out === 0).length]).toEqual([walls, met]);
        expect(facingAfter(laid?.end?.facing ?? 1, 0)).toBe(endFacing);
        expect(study.findings.filter(({ severity }) => severity === 'error').length).toBeLessThanOrEqual(before);
      }
    }
  });

  test('a gap is held, the same cut is made again rather than another', () => {
    const dance = `start: weight L\n\n## Section 1\n1-8 K step R\n\n## Section 2\n1-4 Vine R, touch L\n5-8 Vine L, touch R\n`;
    const [held] = fits(`${dance}\n## Song\nverse: 16\ngap: 4\nchorus: 32\n`);
    expect(held).toMatchObject({ lines: ['wall 1: tag: hold 4 counts'], asks: '1 hold' });
    const [cut] = fits(`${dance}\n## Song\nverse: 24\nchorus: 24\nverse: 16\n`);
    expect(cut.met).toBe(cut.walls);
    expect(cut.lines.filter((line) => line.includes('restart')).length).toBeLessThanOrEqual(1);
  });

  test('there are none without a song, for parts in an order, or where the wall does not loop', () => {
    expect(fits(demo('ferry-at-dusk'))).toEqual([]);
    expect(fits(`${demo('regatta-morning')}\n## Song\nverse: 32\n`)).toEqual([]);
    expect(fits('start: weight L\n\n## Section 1\n1-3 Walk R L R\n\n## Song\nverse: 32\n')).toEqual([]);
  });
});

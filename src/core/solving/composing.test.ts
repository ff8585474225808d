/** Moves and what is put together of them: by laws, by the handbook's parity, and beside all sequences there are. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { startState } from '../dancing/state';
import { otherFoot, type Foot } from '../model/feet';
import { greatest, least } from '../model/numbers';
import { CIRCLE, facingAfter } from '../model/turns';
import { FIGURES } from '../vocabulary';
import { COMMON_IDS, HARDER_IDS } from '../vocabulary/levels';
import { costOfMoves, fillCounts, sideOf, SIDES, unlike, type FillOrder } from './fill';
import { movesLedBy, type Move } from './moves';
import { lineTexts } from './stretch';
import { danceSpoken, isWhole } from './spoken';

const ids = new Set(FIGURES.map(({ id }) => id));
const all = [...movesLedBy('R'), ...movesLedBy('L')];

describe('moves', () => {
  test('what R leads is what L leads, mirrored', () => {
    const shape = (move: Move) =>
      move.actions.map(({ word, foot, direction, turn }) => [
        word,
        foot && otherFoot(foot),
        direction,
        turn === 0 ? 0 : -turn,
      ]);
    const same = (move: Move) => move.actions.map(({ word, foot, direction, turn }) => [word, foot, direction, turn]);
    const left = movesLedBy('L').map((move) => JSON.stringify([move.ticks, same(move)]));
    const missing = movesLedBy('R').filter((move) => !left.includes(JSON.stringify([move.ticks, shape(move)])));
    expect(missing.map(({ words }) => words)).toEqual([]);
    expect(left.length).toBe(movesLedBy('R').length);
  });

  // The handbook's list of parity (1, 2): an odd number of weight changes leaves the other foot free.
  test.each(
    [
      ['shuffle', 'coaster', 'sailor', 'vine', 'wizard', 'toe-strut'].map((id) => [id, 'R'] as const),
      ['rock-forward', 'rocking-chair', 'jazz-box', 'monterey', 'pivot', 'k-step', 'kick-ball-change'].map(
        (id) => [id, 'L'] as const,
      ),
    ].flat(),
  )('%s led by R leaves the weight on %s', (id, ends) => {
    const moves = movesLedBy('R').filter((move) => move.id === id && move.usual);
    expect(moves.length).toBeGreaterThan(0);
    expect(new Set(moves.map((move) => move.ends))).toEqual(new Set([ends]));
  });

  test('figures of the tables of levels and of what is common are there', () => {
    expect(HARDER_IDS.filter((id) => !ids.has(id))).toEqual([]);
    const known = new Set(all.map(({ id }) => id));
    expect(COMMON_IDS.filter((id) => !known.has(id))).toEqual([]);
  });
});

const order = (more: Partial<FillOrder>): FillOrder => ({
  from: startState('L'),
  lengths: [8],
  level: 1,
  used: new Map(),
  ...more,
});

const orders = fc.record({
  from: fc.tuple(fc.constantFrom<Foot>('L', 'R'), fc.constantFrom(0, 12, 24, 36)).map(([weight, facing]) => startState(weight, facing)),
  lengths: fc.constantFrom([2], [4], [6], [8], [4, 8], [8, 8]),
  free: fc.option(fc.constantFrom<Foot>('L', 'R'), { nil: undefined }),
  facing: fc.option(fc.constantFrom(0, 12, 24, 36), { nil: undefined }),
  side: fc.option(fc.constantFrom(...SIDES), { nil: undefined }),
  level: fc.integer({ min: 0, max: 3 }),
}); // prettier-ignore

describe('sequences', () => {
  test('fill every section to its last count, foot after free foot, and end as they were ordered', () => {
    fc.assert(
      fc.property(orders, (more) => {
        const wanted = order(more);
        for (const { moves } of fillCounts(wanted, 5)) {
          expect(moves.map((own) => own.reduce((sum, { counts }) => sum + counts, 0))).toEqual(wanted.lengths);
          const path = moves.flat();
          expect(greatest(moves.map((own) => own.length))).toBeLessThanOrEqual(4);
          let foot = otherFoot(wanted.from.weight as Foot);
          for (const { lead, ends, level } of path) {
            expect([lead, level <= wanted.level]).toEqual([foot, true]);
            foot = otherFoot(ends);
          }
          const facing = facingAfter(wanted.from.facing, path.reduce((sum, { turn }) => sum + turn, 0));
          expect(wanted.free ?? foot).toBe(foot);
          expect(wanted.facing ?? facing).toBe(facing);
        }
      }),
      { numRuns: 20 },
    );
  }); // prettier-ignore

  test('are danced by the reader as the search took them: no foot that is not free, the same wall, the same side', () => {
    for (const lengths of [[4], [8], [8, 8]])
      for (const { moves } of fillCounts(order({ lengths, level: 2 }), 40)) {
        const block = danceSpoken(lineTexts(moves.flat(), 1), startState('L'));
        const path = moves.flat();
        expect([moves.flat().map(({ words }) => words), isWhole(block)]).toEqual([expect.anything(), true]);
        expect(block.after.rotation).toBe(path.reduce((sum, { turn }) => sum + turn, 0));
        expect(block.after.weight).toBe(path[path.length - 1].ends);
      }
  });

  test('the best of four counts is the best of all there are', () => {
    const few = order({ lengths: [4], free: 'R', facing: (CIRCLE * 3) / 4 });
    const usable = (foot: Foot) =>
      movesLedBy(foot).filter(({ usual, counts, level }) => usual && counts > 1 && level <= 1);
    const found: number[] = [];
    for (const first of usable('R')) {
      const path = first.counts === 4 ? [[first]] : first.counts === 2 ? usable(otherFoot(first.ends)).filter(({ counts }) => counts === 2).map((second) => [first, second]) : []; // prettier-ignore
      for (const moves of path) {
        const turned = moves.reduce((sum, { turn }) => sum + turn, 0);
        const ends = moves[moves.length - 1].ends;
        if (ends === 'L' && facingAfter(0, turned) === few.facing) found.push(costOfMoves(few, moves));
      }
    }
    expect(found.length).toBeGreaterThan(20);
    expect(fillCounts(few, 1)[0].cost).toBeCloseTo(least(found), 9);
  });

  test('a side is kept to: left of where it began, there, or right of it', () => {
    for (const side of SIDES)
      for (const { moves } of fillCounts(order({ side }), 10)) {
        const block = danceSpoken(lineTexts(moves.flat(), 1), startState('L'));
        const x = (block.after.feet.L.x + block.after.feet.R.x) / 2;
        // Where feet stand by moves alone and where a whole line leaves them may differ by half a step.
        expect([side, sideOf({ x, y: 0 })]).not.toEqual([
          side,
          side === 'left' ? 'right' : side === 'right' ? 'left' : '',
        ]);
      }
  });

  test('those shown are unlike each other, and what may not stand in them does not', () => {
    const shown = unlike(fillCounts(order({ without: new Set(['vine']) }), 400), 9);
    expect(shown.length).toBeGreaterThanOrEqual(3);
    const words = shown.map(({ moves }) => moves.flat().map((move) => move.words));
    expect(new Set(words.map(String)).size).toBe(words.length);
    expect(shown.flatMap(({ moves }) => moves.flat()).some(({ id }) => id === 'vine')).toBe(false);
  });
});

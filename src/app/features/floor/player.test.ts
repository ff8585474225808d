/** Time on the floor by worked arithmetic: at 120 counts a minute a count is half a second. */
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { TICKS_A_COUNT } from '../../../core';
import { Player, SPEEDS } from './player';

let now = 0;
let due: FrameRequestCallback | undefined;

beforeEach(() => {
  now = 0;
  due = undefined;
  globalThis.requestAnimationFrame = (callback) => {
    due = callback;
    return 1;
  };
  globalThis.cancelAnimationFrame = () => {
    due = undefined;
  };
  performance.now = () => now;
});

const real = performance.now.bind(performance);
afterEach(() => {
  performance.now = real;
});

/** Frames of ten milliseconds. */
function wait(milliseconds: number): void {
  for (const end = now + milliseconds; now < end && due;) {
    now += 10;
    const frame = due;
    due = undefined;
    frame(now);
  }
}

const player = (counts = 8, tempo = 120): Player => new Player(counts * TICKS_A_COUNT, tempo);
const count = ({ time }: Player): number => Math.round((time / TICKS_A_COUNT) * 1000) / 1000;

describe('running', () => {
  test.each(SPEEDS)('at %s of the tempo two seconds are so much of four counts', (speed) => {
    const own = player();
    own.choose({ speed });
    own.toggle();
    wait(2000);
    expect(count(own)).toBeCloseTo(4 * speed, 6);
  });

  test('it goes round and round, or stops at the end and begins anew', () => {
    const own = player(4);
    own.toggle();
    wait(2500);
    expect([own.isPlaying, count(own)]).toEqual([true, 1]);
    own.choose({ loops: false });
    wait(5000);
    expect([own.isPlaying, count(own), due]).toEqual([false, 4, undefined]);
    own.toggle();
    expect([own.isPlaying, count(own)]).toEqual([true, 0]);
  });

  test('it stands where it was stopped', () => {
    const own = player();
    own.toggle();
    wait(1000);
    own.toggle();
    wait(1000);
    expect(count(own)).toBe(2);
  });

  test('a clock that goes back does not make the feet go back', () => {
    const own = player();
    own.toggle();
    wait(1000);
    now -= 500;
    due?.(now);
    expect(count(own)).toBe(2);
  });
});

describe('by counts', () => {
  test.each([
    [0, 1, 1],
    [2.5, 1, 3],
    [2.5, -1, 2],
    [3, -1, 2],
    [3, 0.5, 3.5],
    [3.25, -0.5, 3],
    [8, 1, 8],
    [0, -1, 0],
  ])('from %s by %s to %s', (from, by, to) => {
    const own = player();
    own.set(from * TICKS_A_COUNT);
    own.step(by);
    expect(count(own)).toBe(to);
  });

  test('a step stops what runs', () => {
    const own = player();
    own.toggle();
    wait(600);
    own.step(1);
    expect([own.isPlaying, count(own)]).toEqual([false, 2]);
  });
});

test('who draws is told at every frame, who shows words only when the count changes', () => {
  const own = player();
  const drawn: number[] = [];
  let told = 0;
  const stop = own.draw((time) => drawn.push(time));
  own.subscribe(() => {
    told += 1;
  });
  own.toggle();
  wait(1050);
  expect(drawn).toHaveLength(106);
  expect(drawn).toEqual(drawn.toSorted((a, b) => a - b));
  // Once for the key, then for the two counts.
  expect(told).toBe(3);
  stop();
  wait(100);
  expect(drawn).toHaveLength(106);
});

/** The dance aloud by a stand-in of the sound: what is begun when, how it loops, when a device is asked to speak. */
import { beforeEach, expect, test } from '@jest/globals';
import type { Performance } from '../../../core';
import { PracticePlayer } from './practice-player';
import type { DeviceSpeaker } from './voice';

interface Started {
  readonly order: {
    readonly loop?: boolean;
    readonly loopStart?: number;
    readonly loopEnd?: number;
    readonly buffer: { readonly length: number };
  };
  readonly at: number;
  readonly offset: number;
}

const started: Started[] = [];
let now = 0;
let frames: (() => void)[] = [];

class StandInSource {
  onended: (() => void) | null = null;
  constructor(
    _: unknown,
    private readonly order: Started['order'],
  ) {}
  connect(): void {
    // There is no hall.
  }
  disconnect(): void {
    // Nor anything to take apart.
  }
  start(at: number, offset: number): void {
    started.push({ order: this.order, at, offset });
  }
  stop(): void {
    // It ends in silence.
  }
}

beforeEach(() => {
  started.length = 0;
  frames = [];
  now = 5;
  Object.assign(globalThis, {
    AudioContext: class {
      readonly destination = {};
      get currentTime(): number {
        return now;
      }
      resume = () => Promise.resolve();
      createBuffer = (_: number, length: number) => ({ length, copyToChannel: () => undefined });
    },
    AudioBufferSourceNode: StandInSource,
    requestAnimationFrame: (run: () => void) => frames.push(run),
    cancelAnimationFrame: () => (frames = []),
  });
});

/** Four counts of half a second behind two of count-in. */
const performance: Performance = {
  count: 0.5,
  start: 1,
  seconds: 3,
  clicks: [0, 0.5, 1, 1.5, 2, 2.5].map((second) => ({ second, first: second === 1 })),
  said: [
    { second: 0.4, until: 1, words: 'vine', kind: 'cue', call: 0 },
    { second: 2.1, until: 2.5, words: 'touch', kind: 'cue', call: 1 },
  ],
  calls: [1, 2.5],
};

const frame = (second: number): void => {
  now = started[0].at + second - started[0].offset;
  for (const run of frames.splice(0)) run();
};

function speaker(delay: number): { readonly said: string[]; readonly own: DeviceSpeaker } {
  const said: string[] = [];
  const own = { delay, say: (words: string) => said.push(words), stop: () => undefined };
  return { said, own: own as unknown as DeviceSpeaker };
}

test('a loop comes round from the first step, its count-in only once', async () => {
  const player = new PracticePlayer();
  await player.play({ performance, loops: true, words: undefined, speaker: undefined });
  expect(started[0].order).toMatchObject({ loop: true, loopStart: 1, loopEnd: 3 });
  const seen: number[] = [];
  player.draw((second) => seen.push(second));
  // One round lasts two seconds: at 3.5 it stands half a second behind the first step.
  for (const second of [0.5, 2.9, 3.5, 5.25, 9]) frame(second);
  expect(seen.slice(1).map((second) => Math.round(second * 1000) / 1000)).toEqual([0.5, 2.9, 1.5, 1.25, 1]);
  player.stop();
});

test('a device is asked ahead by as much as it takes, each word once a round', async () => {
  const player = new PracticePlayer();
  const { said, own } = speaker(0.3);
  await player.play({ performance, loops: true, words: undefined, speaker: own });
  frame(0.05);
  expect(said).toEqual([]);
  frame(0.11);
  expect(said).toEqual(['vine']);
  for (const second of [0.5, 1, 1.75]) frame(second);
  expect(said).toEqual(['vine']);
  frame(1.81);
  expect(said).toEqual(['vine', 'touch']);
  // Behind the first round the count-in is not said again.
  for (const second of [2.5, 3.2, 3.85]) frame(second);
  expect(said).toEqual(['vine', 'touch', 'touch']);
  player.stop();
});

test('music begins so that its first step falls on the first step; what begins before the recording waits for it', async () => {
  const player = new PracticePlayer();
  const buffer = { length: 1, duration: 60 } as unknown as AudioBuffer;
  const take = { performance, loops: false, words: undefined, speaker: undefined };
  await player.play({ ...take, music: { buffer, firstStep: 9.4 } });
  const [track, music] = started;
  // The first step stands a second behind the beginning of the track, and 9.4 seconds into the recording.
  expect(music.at - track.at).toBeCloseTo(0, 9);
  expect(music.offset).toBeCloseTo(8.4, 9);
  started.length = 0;
  await player.play({ ...take, music: { buffer, firstStep: 0.25 } });
  expect(started[1].at - started[0].at).toBeCloseTo(0.75, 9);
  expect(started[1].offset).toBe(0);
  started.length = 0;
  await player.play({ ...take, music: { buffer, firstStep: 9.4 } }, 2);
  expect([started[0].offset, started[1].offset]).toEqual([2, expect.closeTo(10.4, 9)]);
  player.stop();
});

test('the place is set by hand while it stands, and never before the beginning', () => {
  const player = new PracticePlayer();
  let told = 0;
  player.subscribe(() => told++);
  const before = player.snapshot();
  player.set(2.5);
  expect([player.second, player.state, told]).toEqual([2.5, 'still', 1]);
  player.set(-1);
  expect(player.second).toBe(0);
  expect(player.snapshot()).not.toBe(before);
});

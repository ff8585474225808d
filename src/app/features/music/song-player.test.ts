/** What plays, by a stand-in of the sound that writes down when it was asked to begin what: recording and clicks at the same moment. */
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { database, removeRecording, saveRecording, type RecordingRecord } from '../../../store';
import { songPlays } from '../desk/playing';
import { SongPlayer } from './song-player';

interface Started {
  readonly seconds: number;
  readonly at: number;
  readonly offset: number;
  stopped: boolean;
}

const started: Started[] = [];
let now = 0;
let frames: (() => void)[] = [];

class StandInBuffer {
  readonly duration: number;
  constructor(
    readonly length: number,
    readonly sampleRate: number,
  ) {
    this.duration = length / sampleRate;
  }
  copyToChannel(): void {
    // Nobody listens.
  }
}

class StandInSource {
  onended: (() => void) | null = null;
  private own: Started | undefined;
  constructor(
    _: unknown,
    private readonly order: { readonly buffer: StandInBuffer },
  ) {}
  connect(): void {
    // There is no hall.
  }
  disconnect(): void {
    // Nor anything to take apart.
  }
  start(at: number, offset: number): void {
    this.own = { seconds: this.order.buffer.duration, at, offset, stopped: false };
    started.push(this.own);
  }
  stop(): void {
    if (this.own) this.own.stopped = true;
  }
}

class StandInContext {
  readonly destination = {};
  get currentTime(): number {
    return now;
  }
  resume(): Promise<void> {
    return Promise.resolve();
  }
  createBuffer(_: number, length: number, rate: number): StandInBuffer {
    return new StandInBuffer(length, rate);
  }
}

const decoded = jest.fn(async (bytes: ArrayBuffer) => new StandInBuffer(bytes.byteLength * 100, 1000));

class StandInOffline {
  decodeAudioData = decoded;
}

beforeEach(() => {
  started.length = 0;
  frames = [];
  now = 10;
  decoded.mockClear();
  Object.assign(globalThis, {
    AudioContext: StandInContext,
    OfflineAudioContext: StandInOffline,
    AudioBufferSourceNode: StandInSource,
    requestAnimationFrame: (run: () => void) => frames.push(run),
    cancelAnimationFrame: () => (frames = []),
  });
});

afterEach(() => database.sounds.clear());

const record = (id: string): RecordingRecord => ({
  id,
  name: 'a.ogg',
  kind: '',
  size: 1200,
  addedAt: 1,
  byBand: false,
  level: 1,
  heard: {
    bpm: 120,
    firstBeat: 0,
    beats: [],
    confidence: 1,
    changes: [],
    pauses: [],
    others: [],
    seconds: 120,
  },
  peaks: new Int8Array(2),
});

/** 120 seconds of it: a byte is a tenth of a second here. */
async function playerOf(id: string): Promise<SongPlayer> {
  await saveRecording(record(id), new Uint8Array(1200));
  const player = new SongPlayer();
  player.become(id);
  return player;
}

const frame = (later: number): void => {
  now += later;
  for (const run of frames.splice(0)) run();
};

test('it plays from a second on, tells where it is at every frame, and stops', async () => {
  const player = await playerOf('a');
  const seen: number[] = [];
  player.draw((second) => seen.push(second));
  await player.play('one', 30);
  expect(player.state).toBe('playing');
  expect(songPlays()).toBe(true);
  expect(started).toHaveLength(1);
  expect(started[0].offset).toBe(30);
  frame(started[0].at - now + 2);
  expect(seen.at(-1)).toBeCloseTo(32, 9);
  expect(player.now()).toBeCloseTo(32, 9);
  player.stop();
  expect(started[0].stopped).toBe(true);
  expect(player.now()).toBeUndefined();
  expect(songPlays()).toBe(false);
});

test('clicks begin at the very moment of the recording, at the same second of it', async () => {
  const player = await playerOf('b');
  player.beats = [{ second: 1, first: true }];
  player.setClicks(true);
  await player.play('one', 12.5);
  expect(started).toHaveLength(2);
  expect([started[1].at, started[1].offset]).toEqual([started[0].at, 12.5]);
  expect(started[1].seconds).toBeCloseTo(started[0].seconds, 3);
  player.stop();
});

test('set while it plays, it goes on from there; the same recording is not decoded again, another is', async () => {
  const player = await playerOf('c');
  await player.play('one', 0);
  player.seek(60);
  expect(started.map(({ offset, stopped }) => [offset, stopped])).toEqual([
    [0, true],
    [60, false],
  ]);
  player.stop();
  player.seek(5);
  await player.play('one');
  expect(decoded).toHaveBeenCalledTimes(1);
  expect(started.at(-1)?.offset).toBe(5);
  await player.play('two', 0);
  expect(decoded).toHaveBeenCalledTimes(2);
  player.stop();
});

test('another dance stops it; stopped while it opens, nothing begins; where there is no sound it says so and stands still', async () => {
  const player = await playerOf('d');
  await player.play('one', 40);
  player.become('other');
  expect([player.state, player.second, started[0].stopped]).toEqual(['still', 0, true]);
  player.become('d');
  const opening = player.play('new', 1);
  player.stop();
  await opening;
  expect(started).toHaveLength(1);
  expect(player.state).toBe('still');
  await removeRecording('d');
  await expect(player.play('gone', 0)).rejects.toThrow();
  expect(player.state).toBe('still');
});

test('near its end it begins a little before the end, and never before the beginning', async () => {
  const player = await playerOf('e');
  await player.play('one', 500);
  expect(started[0].offset).toBeCloseTo(119.9, 9);
  player.seek(-3);
  expect(started[1].offset).toBe(0);
  player.stop();
});

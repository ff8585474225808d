/**
 * The dance aloud, on the clock of the sound: clicks and the slate's own words are one sound, begun once and looped by the browser; the
 * voice of a device is asked for ahead by the delay that was measured of it.
 */
import { useSyncExternalStore } from 'react';
import type { Performance } from '../../../core';
import { spokenTrack } from '../../../music/spoken-track';
import { DrawnClock } from '../desk/drawn-clock';
import type { DeviceSpeaker } from './voice';

const SOON = 0.08;

export interface PracticeTake {
  readonly performance: Performance;
  readonly loops: boolean;
  /** The slate's own words; undefined where the device speaks, or nobody. */
  readonly words: ReadonlyMap<string, Float32Array> | undefined;
  readonly speaker: DeviceSpeaker | undefined;
  /** A recording beside it: from which of its seconds on, so that its first step falls on the first step. */
  readonly music?: { readonly buffer: AudioBuffer; readonly firstStep: number };
}

/** Seconds are those of the take, from its count-in; behind the end of a loop they go on from the first step. */
export class PracticePlayer extends DrawnClock {
  state: 'still' | 'loading' | 'playing' = 'still';
  private take: PracticeTake | undefined;
  private context: AudioContext | undefined;
  private playing: AudioBufferSourceNode[] = [];
  private zero = 0;
  private frame = 0;
  private next = 0;
  private round = 0;

  /** From a second of the take on. */
  async play(take: PracticeTake, from = 0): Promise<void> {
    this.halt();
    this.take = take;
    this.context ??= new AudioContext();
    await this.context.resume();
    const { performance: own, loops, words, music } = take;
    const track = spokenTrack({ seconds: own.seconds, clicks: own.clicks, words: words ? own.said : [] }, (word) => words?.get(word)); // prettier-ignore
    const buffer = this.context.createBuffer(1, track.samples.length, track.rate);
    buffer.copyToChannel(track.samples, 0);
    const at = this.context.currentTime + SOON;
    this.zero = at - from;
    const source = new AudioBufferSourceNode(this.context, {
      buffer,
      loop: loops,
      loopStart: own.start,
      loopEnd: own.seconds,
    });
    source.connect(this.context.destination);
    source.start(at, from);
    source.onended = () => this.stop();
    this.playing = [source];
    if (music) this.playing.push(this.musicBeside(this.context, music, own.start, at, from));
    this.second = from;
    this.round = 0;
    this.next = own.said.findIndex(({ second }) => second >= from);
    this.state = 'playing';
    this.tell();
    this.frame = requestAnimationFrame(this.run);
  }

  stop(): void {
    this.halt();
    this.state = 'still';
    this.tell();
  }

  /** While its music is made ready. */
  wait(): void {
    this.halt();
    this.state = 'loading';
    this.tell();
  }

  set(second: number): void {
    this.show(second);
    this.tell();
  }

  private musicBeside(
    context: AudioContext,
    { buffer, firstStep }: NonNullable<PracticeTake['music']>,
    start: number,
    at: number,
    from: number,
  ): AudioBufferSourceNode {
    const source = new AudioBufferSourceNode(context, { buffer });
    source.connect(context.destination);
    // Of the recording, where the take begins; before its beginning it waits.
    const offset = firstStep - start + from;
    source.start(at + Math.max(0, -offset), Math.max(0, offset));
    return source;
  }

  private readonly run = (): void => {
    const { context, take } = this;
    if (!context || !take || this.state !== 'playing') return;
    const { performance: own, loops, speaker } = take;
    const gone = context.currentTime - this.zero;
    const length = own.seconds - own.start;
    const round = loops && gone > own.seconds ? Math.floor((gone - own.start) / length) : 0;
    this.show(gone - round * length);
    if (round !== this.round) {
      this.round = round;
      this.next = own.said.findIndex(({ second }) => second >= own.start);
    }
    // Asked for ahead of its time by as much as it takes to begin.
    const said = own.said[this.next];
    if (speaker && said && this.second >= said.second - speaker.delay) {
      speaker.say(said.words, said.until - said.second);
      this.next++;
    }
    this.frame = requestAnimationFrame(this.run);
  };

  private halt(): void {
    cancelAnimationFrame(this.frame);
    this.take?.speaker?.stop();
    for (const source of this.playing.splice(0)) {
      source.onended = null;
      source.stop();
      source.disconnect();
    }
  }
}

export function usePracticePlayer(player: PracticePlayer): PracticePlayer {
  useSyncExternalStore(player.subscribe, player.snapshot);
  return player;
}

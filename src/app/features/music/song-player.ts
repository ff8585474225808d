/**
 * The recording as it plays, on the clock of the sound itself. One for the whole application: it plays on while the views of its
 * dance change. Clicks are a second sound begun at the same moment, so that they fall on the beats to the sample.
 */
import { useSyncExternalStore } from 'react';
import { clickTrack } from '../../../music/clicks';
import { findSound } from '../../../store';
import { DrawnClock } from '../desk/drawn-clock';
import { noteSongPlaying } from '../desk/playing';
import { decodedBuffer } from './open-recording';

/** Seconds before a sound is begun, so that both are ready. */
const SOON = 0.06;

export class SongPlayer extends DrawnClock {
  /** The dance whose song it is. */
  danceId = '';
  state: 'still' | 'loading' | 'playing' = 'still';
  clicks = false;
  /** Seconds of the beats that are clicked, eights begun by a higher one. */
  beats: readonly { readonly second: number; readonly first: boolean }[] = [];
  private context: AudioContext | undefined;
  private buffer: { readonly id: string; readonly key: string; readonly own: AudioBuffer } | undefined;
  private playing: AudioBufferSourceNode[] = [];
  /** Of the context, at which second 0 of the recording would have begun. */
  private zero = 0;
  private frame = 0;

  /** The dance that is looked at; another one's song stops. `key`: of its recording, another one is another sound. */
  become(danceId: string): void {
    if (danceId === this.danceId) return;
    this.stop();
    this.danceId = danceId;
    this.second = 0;
    this.tell();
  }

  /** Throws `NotOpened`. */
  async play(key: string, from = this.second): Promise<void> {
    const id = this.danceId;
    this.halt();
    this.state = 'loading';
    this.second = Math.max(0, from);
    this.tell();
    try {
      this.context ??= new AudioContext();
      // Begun by a press: some browsers let nothing sound before.
      await this.context.resume();
      if (this.buffer?.id !== id || this.buffer.key !== key) {
        const bytes = await findSound(id);
        if (!bytes) throw new Error('gone');
        this.buffer = { id, key, own: await decodedBuffer(new Uint8Array(bytes)) };
      }
      if (this.state !== 'loading' || this.danceId !== id) return;
      this.begin(this.context, this.buffer.own);
    } catch (error) {
      this.stop();
      throw error;
    }
  }

  stop(): void {
    this.halt();
    this.state = 'still';
    this.tell();
  }

  seek(second: number): void {
    this.show(second);
    if (this.state === 'playing' && this.context && this.buffer) {
      this.halt();
      this.begin(this.context, this.buffer.own);
    } else this.tell();
  }

  setClicks(on: boolean): void {
    this.clicks = on;
    this.seek(this.second);
  }

  /** Where the sound is at this very moment: what a tap is measured by. Undefined while it is still. */
  now(): number | undefined {
    return this.state === 'playing' && this.context ? this.context.currentTime - this.zero : undefined;
  }

  private begin(context: AudioContext, buffer: AudioBuffer): void {
    const from = Math.min(this.second, Math.max(0, buffer.duration - 0.1));
    const at = context.currentTime + SOON;
    this.zero = at - from;
    const sounds = [buffer];
    if (this.clicks && this.beats.length > 0) {
      const track = clickTrack(this.beats, buffer.duration);
      const own = context.createBuffer(1, track.samples.length, track.rate);
      own.copyToChannel(track.samples, 0);
      sounds.push(own);
    }
    this.playing = sounds.map((sound) => {
      const source = new AudioBufferSourceNode(context, { buffer: sound });
      source.connect(context.destination);
      source.start(at, from);
      return source;
    });
    this.playing[0].onended = () => {
      if (this.state === 'playing' && this.second >= buffer.duration - 0.3) this.stop();
    };
    this.state = 'playing';
    this.tell();
    this.frame = requestAnimationFrame(this.run);
  }

  private readonly run = (): void => {
    const second = this.now();
    if (second === undefined) return;
    this.show(second);
    this.frame = requestAnimationFrame(this.run);
  };

  private halt(): void {
    cancelAnimationFrame(this.frame);
    for (const source of this.playing.splice(0)) {
      source.onended = null;
      source.stop();
      source.disconnect();
    }
  }

  protected override tell(): void {
    noteSongPlaying(this.state !== 'still');
    super.tell();
  }
}

export const songPlayer = new SongPlayer();

/** Drawn again when it begins, stops or is set, not with every frame. */
export function useSongPlayer(): SongPlayer {
  useSyncExternalStore(songPlayer.subscribe, songPlayer.snapshot);
  return songPlayer;
}

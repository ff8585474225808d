/** Time on the floor: it runs at the dance's tempo or slower, stands, goes by counts. Told to whoever draws a frame, outside React. */
import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { TICKS_A_COUNT } from '../../../core';

export const SPEEDS = [0.1, 0.25, 0.5, 0.75, 1, 1.25, 1.5] as const;
/** Counts a minute where the dance names no tempo. */
const USUAL_TEMPO = 100;

export class Player {
  /** Ticks. */
  time = 0;
  isPlaying = false;
  speed = 1;
  loops = true;
  private frame = 0;
  private last = 0;
  private version = 0;
  private readonly listeners = new Set<() => void>();
  private readonly drawers = new Set<(time: number) => void>();

  constructor(
    readonly length: number,
    private readonly tempo: number,
  ) {}

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Called with the time at every frame while it runs, and whenever it is set. */
  draw(drawer: (time: number) => void): () => void {
    this.drawers.add(drawer);
    drawer(this.time);
    return () => this.drawers.delete(drawer);
  }

  snapshot = (): number => this.version;

  toggle(): void {
    if (this.isPlaying) this.stop();
    else this.play();
  }

  stop(): void {
    cancelAnimationFrame(this.frame);
    this.isPlaying = false;
    this.tell();
  }

  /** Whole counts, halves where `by` is one half. */
  step(by: number): void {
    this.stop();
    const unit = Math.abs(by) * TICKS_A_COUNT;
    const place = this.time / unit;
    this.set((by > 0 ? Math.floor(place + 1e-6) + 1 : Math.ceil(place - 1e-6) - 1) * unit);
  }

  set(time: number): void {
    this.time = Math.min(Math.max(time, 0), this.length);
    for (const drawer of this.drawers) drawer(this.time);
    this.tell();
  }

  choose(more: Partial<Pick<Player, 'speed' | 'loops'>>): void {
    Object.assign(this, more);
    this.tell();
  }

  private play(): void {
    if (this.time >= this.length) this.time = 0;
    this.isPlaying = true;
    this.last = performance.now();
    this.frame = requestAnimationFrame(this.run);
    this.tell();
  }

  private readonly run = (now: number): void => {
    const ticks = ((now - this.last) / 60_000) * this.tempo * this.speed * TICKS_A_COUNT;
    this.last = now;
    const before = Math.floor(this.time / TICKS_A_COUNT);
    this.time += Math.max(0, ticks);
    if (this.time >= this.length) {
      if (!this.loops) {
        this.set(this.length);
        return this.stop();
      }
      this.time %= this.length;
    }
    for (const drawer of this.drawers) drawer(this.time);
    // Words and numbers change with the count, not with the frame.
    if (Math.floor(this.time / TICKS_A_COUNT) !== before) this.tell();
    this.frame = requestAnimationFrame(this.run);
  };

  private tell(): void {
    this.version += 1;
    for (const listener of this.listeners) listener();
  }
}

/** One for each path; it stops when the path is no longer looked at. Speed and loop stay from path to path. */
export function usePlayer(key: string, length: number, tempo: number): Player {
  const [kept] = useState({ speed: 1, loops: true });
  // The key says which path it is for.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const player = useMemo(() => new Player(length, tempo || USUAL_TEMPO), [key, length, tempo]);
  useEffect(() => {
    player.choose(kept);
    const stop = player.subscribe(() => Object.assign(kept, { speed: player.speed, loops: player.loops }));
    return () => {
      stop();
      player.stop();
    };
  }, [player, kept]);
  useSyncExternalStore(player.subscribe, player.snapshot);
  return player;
}

import { chakra } from '@chakra-ui/react';
import { memo, useEffect, useRef } from 'react';
import { greatest } from '../../../core';
import { countAt, secondOf, type Grid } from '../../../music/grid';
import { PEAKS } from '../../../store';
import { songPlayer } from './song-player';

const HEIGHT = 40;
/** Lines drawn a count. */
const LINES = 10;

/** The recording under some counts, drawn by its loudness; counts are of equal width, as everywhere on the page. */
export const SoundStrip = memo(function SoundStrip({ peaks, grid, from, counts }: { peaks: Int8Array; grid: Grid; from: number; counts: number }) {
  const lines = counts * LINES;
  const most = loudest(peaks);
  let path = '';
  let second = secondOf(grid, from);
  for (let line = 0; line < lines; line++) {
    const next = secondOf(grid, from + (line + 1) / LINES);
    const [low, high] = between(peaks, second, next);
    path += `M${line + 0.5} ${(HEIGHT / 2 - (high / most) * (HEIGHT / 2)).toFixed(1)}V${(HEIGHT / 2 - (low / most) * (HEIGHT / 2) + 0.4).toFixed(1)}`;
    second = next;
  }
  return (
    <chakra.svg viewBox={`0 0 ${lines} ${HEIGHT}`} preserveAspectRatio="none" width="100%" height="100%" display="block" aria-hidden>
      <chakra.path d={path} stroke="quiet" strokeWidth="1" fill="none" vectorEffect="non-scaling-stroke" />
    </chakra.svg>
  );
}); // prettier-ignore

const known = new WeakMap<Int8Array, number>();

/** Of the whole recording: a quiet one is drawn as large as a loud one. */
function loudest(peaks: Int8Array): number {
  let most = known.get(peaks);
  if (most === undefined) {
    most = greatest(peaks, 1);
    known.set(peaks, most);
  }
  return most;
}

/** Lowest and highest between two seconds. */
export function between(peaks: Int8Array, from: number, to: number): readonly [number, number] {
  let [low, high] = [0, 0];
  const last = Math.max(Math.floor(from * PEAKS) + 1, Math.floor(to * PEAKS));
  for (let at = Math.max(0, Math.floor(from * PEAKS)); at < last && at * 2 + 1 < peaks.length; at++) {
    low = Math.min(low, peaks[at * 2]);
    high = Math.max(high, peaks[at * 2 + 1]);
  }
  return [low, high];
}

/** Where it plays, if that is in this row: set at every frame, past React. */
export function Playhead({ grid, from, counts }: { grid: Grid; from: number; counts: number }) {
  const line = useRef<HTMLDivElement>(null);
  useEffect(
    () =>
      songPlayer.draw((second) => {
        if (!line.current) return;
        const at = countAt(grid, second) - from;
        const isHere = at >= 0 && at < counts;
        line.current.style.display = isHere ? 'block' : 'none';
        if (isHere) line.current.style.left = `${(at / counts) * 100}%`;
      }),
    [grid, from, counts],
  );
  return (
    <chakra.div
      ref={line}
      aria-hidden
      position="absolute"
      insetBlock="-0.15rem"
      width="2px"
      background="focus"
      pointerEvents="none"
      zIndex="2"
      display="none"
    />
  );
}

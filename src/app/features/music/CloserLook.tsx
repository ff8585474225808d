import { Box, chakra, Flex } from '@chakra-ui/react';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { countAt, gridOf, secondOf, type Grid } from '../../../music/grid';
import { Button } from '../../theme/Button';
import { t } from '../../texts';
import { between } from './SoundStrip';
import { songPlayer, useSongPlayer } from './song-player';
import type { Recording } from './use-recording';

/** Beats shown to each side of the first step. */
const REACH = 6;
const LINES = 360;
const HEIGHT = 64;

/** Beats are numbered from the first that sounds, 0. */
interface Shown {
  readonly grid: Grid;
  readonly peaks: Int8Array;
  readonly beats: readonly number[];
  readonly first: number;
  /** They are numbered in eights, or in sixes. */
  readonly unit: number;
}

/** The one of some beats that is next to a second. */
const nearestOf = (beats: readonly number[], grid: Grid, second: number): number =>
  beats.reduce(
    (best, beat) => (Math.abs(secondOf(grid, beat) - second) < Math.abs(secondOf(grid, best) - second) ? beat : best),
    beats[0],
  );

const around = (grid: Grid, second: number, reach: number): number[] => {
  const beat = Math.round(countAt(grid, second));
  return Array.from({ length: 2 * reach + 1 }, (_, index) => beat - reach + index);
};

/**
 * Single beats around the first step, which is set by drag, by key or where it plays. `onIntro` hears how many beats lie before it.
 */
export function CloserLook({
  recording,
  unit,
  onIntro,
}: {
  recording: Recording;
  unit: number;
  onIntro: (beats: number) => void;
}) {
  const { heard, record, firstStep } = recording;
  const grid = gridOf(heard, heard.firstBeat);
  const player = useSongPlayer();
  if (!grid) return null;
  const first = nearestOf(around(grid, firstStep, 1), grid, firstStep);
  const middle = Math.max(REACH - 1, first);
  const set = (beat: number): void => onIntro(Math.max(0, beat));
  const hear = (): void => {
    const second = songPlayer.now();
    if (second !== undefined) set(nearestOf(around(grid, second, 1), grid, second));
  };
  return (
    <Box marginTop="0.4rem">
      <Beats
        grid={grid}
        peaks={record.peaks}
        beats={Array.from({ length: 2 * REACH }, (_, index) => middle - REACH + 1 + index)}
        first={first}
        unit={unit}
        onSet={set}
      />
      <Flex gap="0.25rem" marginTop="0.35rem" align="center" flexWrap="wrap">
        <Button size="small" onClick={() => set(first - 1)} aria-label={t('First step a beat earlier')}>
          −1
        </Button>
        <Button size="small" onClick={() => set(first + 1)} aria-label={t('First step a beat later')}>
          +1
        </Button>
        <Button size="small" onClick={hear} disabled={player.state !== 'playing'}>
          {t('It is now')}
        </Button>
      </Flex>
    </Box>
  );
}

function Beats({ onSet, ...shown }: Shown & { onSet: (beat: number) => void }) {
  const { grid, peaks, beats, unit } = shown;
  const box = useRef<HTMLDivElement>(null);
  const [dragged, setDragged] = useState<number>();
  const first = dragged ?? shown.first;
  const [from, to] = [secondOf(grid, beats[0] - 0.5), secondOf(grid, beats[beats.length - 1] + 0.5)];
  const placeOf = (beat: number): string => `${((secondOf(grid, beat) - from) / (to - from)) * 100}%`;
  const beatAt = (event: PointerEvent): number => {
    const { left, width } = box.current?.getBoundingClientRect() ?? { left: 0, width: 1 };
    return Math.max(0, nearestOf(beats, grid, from + ((event.clientX - left) / width) * (to - from)));
  };
  return (
    <Box
      ref={box}
      position="relative"
      height="4.75rem"
      border="1px solid"
      borderColor="line"
      borderRadius="3px"
      overflow="hidden"
      touchAction="none"
      onPointerDown={(event: PointerEvent<HTMLDivElement>) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setDragged(beatAt(event));
      }}
      onPointerMove={(event: PointerEvent) => dragged !== undefined && setDragged(beatAt(event))}
      onPointerUp={() => {
        if (dragged !== undefined && dragged !== shown.first) onSet(dragged);
        setDragged(undefined);
      }}
      onPointerCancel={() => setDragged(undefined)}
    >
      <chakra.svg
        viewBox={`0 0 ${LINES} ${HEIGHT}`}
        preserveAspectRatio="none"
        width="100%"
        height="100%"
        display="block"
        aria-hidden
      >
        <chakra.path
          d={pathOf(peaks, from, to)}
          stroke="quiet"
          strokeWidth="1"
          fill="none"
          vectorEffect="non-scaling-stroke"
        />
      </chakra.svg>
      {beats.map((beat) => (
        <Tick
          key={beat}
          left={placeOf(beat)}
          words={beat < 0 ? '' : beat < first ? `${beat - first}` : `${((beat - first) % unit) + 1}`}
          isFirst={beat === first}
        />
      ))}
      <FirstStep grid={grid} first={first} left={placeOf(first)} onSet={onSet} />
    </Box>
  );
}

/** What is dragged, moved by keys: a beat, or an eight. */
function FirstStep({
  grid,
  first,
  left,
  onSet,
}: {
  grid: Grid;
  first: number;
  left: string;
  onSet: (beat: number) => void;
}) {
  const onKey = (event: KeyboardEvent): void => {
    const by = { ArrowLeft: -1, ArrowRight: 1, PageDown: -8, PageUp: 8 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onSet(first + by);
  };
  return (
    <Box
      role="slider"
      tabIndex={0}
      aria-label={t('First step')}
      aria-valuemin={0}
      aria-valuemax={grid.seconds.length}
      aria-valuenow={first}
      aria-valuetext={t('on beat {beat}, at {second} seconds', {
        beat: first + 1,
        second: secondOf(grid, first).toFixed(2),
      })}
      position="absolute"
      insetBlock="0"
      width="14px"
      marginLeft="-6px"
      cursor="ew-resize"
      style={{ left }}
      onKeyDown={onKey}
    />
  );
}

const Tick = ({ left, words, isFirst }: { left: string; words: string; isFirst: boolean }) => (
  <Box
    aria-hidden
    position="absolute"
    insetBlock="0"
    width="0"
    borderLeft={isFirst ? '3px solid' : '1px solid'}
    borderColor={isFirst ? 'rule' : 'lineStrong'}
    style={{ left }}
  >
    <chakra.span
      position="absolute"
      top="0"
      left="2px"
      fontSize="tiny"
      lineHeight="1.1"
      fontWeight={isFirst ? '700' : '400'}
      background="paper"
      paddingInline="1px"
    >
      {words}
    </chakra.span>
  </Box>
);

function pathOf(peaks: Int8Array, from: number, to: number): string {
  const at = (line: number): number => from + ((to - from) * line) / LINES;
  let path = '';
  for (let line = 0; line < LINES; line++) {
    const [low, high] = between(peaks, at(line), at(line + 1));
    path += `M${line + 0.5} ${(HEIGHT / 2) * (1 - high / 127)}V${(HEIGHT / 2) * (1 - low / 127) + 0.5}`;
  }
  return path;
} // prettier-ignore

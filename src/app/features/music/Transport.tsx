import { chakra, Flex } from '@chakra-ui/react';
import { Play, Square } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { placeAtCount, type LaidSong } from '../../../core';
import { countAt, type Grid } from '../../../music/grid';
import { Button } from '../../theme/Button';
import { MEDIUM } from '../../theme/screens';
import { t } from '../../texts';
import { clock } from './clock';
import { songPlayer, useSongPlayer } from './song-player';

/** Plays and stops, and says where it is: of the recording, the song, the dance. */
export function Transport({ soundKey, grid, laid, onProblem }: { soundKey: string; grid: Grid | undefined; laid: LaidSong | undefined; onProblem: (words: string) => void }) {
  const player = useSongPlayer();
  const isPlaying = player.state !== 'still';
  const toggle = (): void => {
    if (isPlaying) player.stop();
    else void player.play(soundKey).catch((error: unknown) => onProblem(error instanceof Error ? error.message : ''));
  };
  return (
    <Flex
      align="center"
      gap="0.5rem"
      flexWrap="wrap"
      paddingBlock="0.3rem"
      marginBottom="0.1rem"
      role="group"
      aria-label={t('Playing')}
      // In reach however far the song has been scrolled.
      position="sticky"
      top="-0.75rem"
      background="paper"
      zIndex="4"
      css={{ [MEDIUM]: { top: 0 } }}
    >
      <Button variant="solid" size="small" minWidth="5rem" onClick={toggle}>
        {isPlaying ? <Square size={15} aria-hidden /> : <Play size={15} aria-hidden />}
        {player.state === 'loading' ? t('Opening') : isPlaying ? t('Stop') : t('Play')}
      </Button>
      {grid && (
        <chakra.label display="flex" alignItems="center" gap="0.3rem" fontSize="small">
          <input type="checkbox" checked={player.clicks} onChange={({ target }) => player.setClicks(target.checked)} />
          {t('click on the counts')}
        </chakra.label>
      )}
      <PlaceWords grid={grid} laid={laid} />
    </Flex>
  );
} // prettier-ignore

/** Written at every change of its words, past React. */
export function PlaceWords({ grid, laid }: { grid: Grid | undefined; laid: LaidSong | undefined }) {
  const words = useRef<HTMLSpanElement>(null);
  useEffect(
    () =>
      songPlayer.draw((second) => {
        const own = placeWords(second, grid, laid);
        if (words.current && words.current.textContent !== own) words.current.textContent = own;
      }),
    [grid, laid],
  );
  return <chakra.span ref={words} fontVariantNumeric="tabular-nums" fontSize="small" data-testid="song-place" />;
}

function placeWords(second: number, grid: Grid | undefined, laid: LaidSong | undefined): string {
  if (!grid) return clock(second);
  // The first thousandth of a count belongs to it, however the clock is rounded.
  const count = Math.floor(countAt(grid, second) + 0.02);
  if (count < 0) return `${clock(second)}, ${t('{count} before the first step', { count: -count })}`;
  const place = laid && placeAtCount(laid, count);
  const phrase = laid?.phrases.findLast(({ start }) => start <= count);
  return [
    clock(second),
    phrase?.label,
    place ? t('wall {wall}, count {count}', { wall: place.wall, count: place.count }) : t('count {count}', { count: count + 1 }),
  ].filter(Boolean).join(' · '); // prettier-ignore
}

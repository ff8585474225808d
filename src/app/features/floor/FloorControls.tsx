import { Box, chakra, Flex } from '@chakra-ui/react';
import { Maximize, Pause, Play, Repeat, SkipBack, SkipForward } from 'lucide-react';
import { TICKS_A_COUNT, type FloorView } from '../../../core';
import { Button } from '../../theme/Button';
import { Select } from '../../theme/fields';
import { SPEEDS, type Player } from './player';
import { t } from '../../texts';

/** The rail of counts to draw along, and what makes it move. */
export function Controls({ view, player, onLarge }: { view: FloorView; player: Player; onLarge: () => void }) {
  return (
    <Box padding="0.35rem 0.75rem 0.5rem" borderTop="1px solid" borderColor="line">
      <Flex aria-hidden gap="1px" height="0.9rem" fontSize="tiny" color="quiet" textAlign="center" paddingInline="8px">
        {view.counts.length <= 64 &&
          view.counts.map(({ time, label }) => (
            <chakra.span key={time} flex="1" fontWeight={label === '1' ? '700' : '400'} minWidth="0" overflow="hidden">
              {view.counts.length <= 32 || label === '1' ? label : ''}
            </chakra.span>
          ))}
      </Flex>
      <chakra.input
        type="range"
        aria-label={t('Place in counts')}
        aria-valuetext={t('after {count} counts', { count: Math.floor(player.time / TICKS_A_COUNT) })}
        min={0}
        max={player.length}
        step={TICKS_A_COUNT / 2}
        value={player.time}
        onChange={(event) => {
          player.stop();
          player.set(Number(event.target.value));
        }}
        width="100%"
        margin="0"
        css={{ accentColor: 'var(--chakra-colors-rule)' }}
      />
      <Flex gap="0.35rem" align="center" flexWrap="wrap" marginTop="0.25rem">
        <Button variant="solid" onClick={() => player.toggle()} minWidth="6.5rem">
          {player.isPlaying ? <Pause size={18} aria-hidden /> : <Play size={18} aria-hidden />}
          {player.isPlaying ? t('Pause') : t('Play')}
        </Button>
        <Button aria-label={t('A count back')} onClick={() => player.step(-1)}>
          <SkipBack size={18} aria-hidden />
        </Button>
        <Button aria-label={t('A count on')} onClick={() => player.step(1)}>
          <SkipForward size={18} aria-hidden />
        </Button>
        <Button
          aria-label={t('Over and over')}
          aria-pressed={player.loops}
          onClick={() => player.choose({ loops: !player.loops })}
          background={player.loops ? 'sand' : undefined}
        >
          <Repeat size={18} aria-hidden />
        </Button>
        <chakra.label display="flex" alignItems="center" gap="0.35rem" fontSize="text">
          {t('Speed')}
          <Select
            width="auto"
            value={player.speed}
            onChange={(event) => player.choose({ speed: Number(event.target.value) })}
            padding="0.3rem"
          >
            {SPEEDS.map((speed) => (
              <option key={speed} value={speed}>
                {Math.round(speed * 100)} %
              </option>
            ))}
          </Select>
        </chakra.label>
        <Button variant="plain" marginLeft="auto" onClick={onLarge}>
          <Maximize size={17} aria-hidden /> {t('Large')}
        </Button>
      </Flex>
    </Box>
  );
}

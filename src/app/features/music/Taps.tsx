import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { tempoOfTaps } from '../../../music/taps';
import { Button } from '../../theme/Button';
import { t } from '../../texts';

/** Enough for a tempo; older ones are forgotten. */
const KEPT = 64;

/** Taps by key or press while the song plays, here or in the hall. `measured`: beats a minute, where a recording says so. */
export function Taps({ measured, onTempo, onLevel }: { measured: number | undefined; onTempo: (tempo: number) => void; onLevel: (times: 0.5 | 2) => void }) {
  const [taps, setTaps] = useState<readonly number[]>([]);
  const found = tempoOfTaps(taps);
  const tap = (second: number): void => setTaps((old) => [...old.slice(-KEPT), second]);
  const ratio = found && measured ? found.bpm / measured : 1;
  const level = Math.abs(ratio - 2) < 0.15 ? 2 : Math.abs(ratio - 0.5) < 0.04 ? 0.5 : undefined;
  return (
    <Box marginTop="0.9rem">
      <Flex gap="0.5rem" align="center" flexWrap="wrap">
        <Button
          aria-keyshortcuts="Space"
          touchAction="manipulation"
          onPointerDown={(event) => tap(event.timeStamp / 1000)}
          onKeyDown={(event) => {
            if ((event.key !== ' ' && event.key !== 'Enter') || event.repeat) return;
            event.preventDefault();
            tap(event.timeStamp / 1000);
          }}
        >
          {t('Tap the beat')} <kbd>{t('Space')}</kbd>
        </Button>
        <chakra.span role="status" fontVariantNumeric="tabular-nums" fontSize="small">
          {found
            ? t('{taps} taps: {bpm} a minute, give or take {spread} ms', { taps: found.taps, bpm: found.bpm.toFixed(1), spread: Math.round(found.spread * 1000) })
            : taps.length > 0 ? t('{taps} taps', { taps: taps.length }) : ''}
        </chakra.span>
      </Flex>
      {found && (
        <Flex gap="0.35rem" marginTop="0.35rem">
          {level ? (
            <Button size="small" onClick={() => onLevel(level)}>
              {level === 2 ? t('Count twice as fast') : t('Count half as fast')}
            </Button>
          ) : measured === undefined ? (
            <Button size="small" onClick={() => onTempo(Math.round(found.bpm))}>
              {t('Take {tempo} as the tempo', { tempo: Math.round(found.bpm) })}
            </Button>
          ) : null}
        </Flex>
      )}
    </Box>
  );
} // prettier-ignore

import { Flex } from '@chakra-ui/react';
import { Square } from 'lucide-react';
import { useEffect, useMemo } from 'react';
import { useLocation } from 'react-router';
import { layUnder, placeAtCount, songOf } from '../../../core';
import { countAt } from '../../../music/grid';
import { useDanceSession, useStudy } from '../document/DanceContext';
import { noteDancedLine } from '../desk/playing';
import { Button } from '../../theme/Button';
import { t } from '../../texts';
import { songPlayer } from './song-player';
import { PlaceWords } from './Transport';
import { introOf, useRecording } from './use-recording';

/** Over the other views while a song plays: where it is, and the way to stop it. The script is told the line that is danced. */
export default function PlayingBar() {
  const study = useStudy(useDanceSession());
  const song = useMemo(() => songOf(study.script), [study]);
  const laid = useMemo(() => layUnder(study.dance), [study]);
  const { recording } = useRecording(songPlayer.danceId, song, introOf(study.script, song));
  const grid = recording?.grid;
  const { pathname } = useLocation();
  useEffect(() => {
    if (!grid || !laid) return;
    const stop = songPlayer.draw((second) => noteDancedLine(placeAtCount(laid, Math.floor(countAt(grid, second) + 0.02))?.line));
    return () => {
      stop();
      noteDancedLine(undefined);
    };
  }, [grid, laid]);
  if (pathname.endsWith('/music')) return null;
  return (
    <Flex role="region" aria-label={t('The song plays')} align="center" gap="0.75rem" paddingInline="1rem" minHeight="2.5rem" background="sand" borderBottom="1px solid" borderColor="line" css={{ '@media print': { display: 'none' } }}>
      <Button size="small" onClick={() => songPlayer.stop()}>
        <Square size={14} aria-hidden /> {t('Stop')}
      </Button>
      <PlaceWords grid={grid} laid={laid} />
    </Flex>
  );
} // prettier-ignore

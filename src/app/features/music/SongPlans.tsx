import { Box, chakra } from '@chakra-ui/react';
import { useEffect } from 'react';
import { hourOfFacing, type Edit, type SongFit } from '../../../core';
import { usePersonalFigures } from '../settings/settings';
import { useSearch } from '../walls/use-search';
import { Button } from '../../theme/Button';
import { t } from '../../texts';

/** Typing has paused. */
const PAUSE = 400;

/** The best few plans for this song: what each asks, how many walls it brings to a phrase, taken with a press. */
export function SongPlans({ text, onTake }: { text: string; onTake: (edits: readonly Edit[]) => void }) {
  const personal = usePersonalFigures();
  const { state, run, cancel } = useSearch<readonly SongFit[]>(text);
  useEffect(() => {
    const timer = setTimeout(() => run((searches) => searches.fitSong(text, personal)), PAUSE);
    return () => {
      clearTimeout(timer);
      cancel();
    };
  }, [text, personal, run, cancel]);
  return (
    <section aria-label={t('Plans that fit')}>
      <chakra.h2 fontSize="base" fontWeight="700" marginTop="1rem" marginBottom="0.4rem">
        {t('Plans that fit')}
      </chakra.h2>
      {state.kind === 'failed' && <p role="alert">{t('The plans could not be worked out.')}</p>}
      {state.kind === 'found' && state.found.length === 0 && (
        <chakra.p role="status" color="quiet" fontSize="small">
          {t('None is found: plans are looked for where one part loops and is danced wall after wall.')}
        </chakra.p>
      )}
      {state.kind === 'found' && (
        <ul>
          {state.found.map((fit) => (
            <Plan key={fit.lines.join()} fit={fit} onTake={() => onTake(fit.edits)} />
          ))}
        </ul>
      )}
    </section>
  );
}

function Plan({ fit, onTake }: { fit: SongFit; onTake: () => void }) {
  const { lines, asks, met, walls, endFacing, edits } = fit;
  return (
    <Box as="li" borderTop="1px solid" borderColor="line" paddingBlock="0.5rem" fontSize="small">
      <b>{t('{met} of {all} walls begin with a phrase', { met, all: walls })}</b>
      {endFacing !== undefined && <>, {t('the end faces {hour}', { hour: hourOfFacing(endFacing) })}</>}
      <chakra.div color="quiet">{t('asks {words}', { words: asks })}</chakra.div>
      {lines.map((line) => (
        <div key={line}>{line}</div>
      ))}
      {edits.length > 0 ? (
        <Button
          size="small"
          marginTop="0.3rem"
          onClick={onTake}
          aria-label={t('Take {plan}', { plan: lines.join('; ') || asks })}
        >
          {t('Take')}
        </Button>
      ) : (
        <chakra.div color="quiet">{t('as it stands')}</chakra.div>
      )}
    </Box>
  );
}

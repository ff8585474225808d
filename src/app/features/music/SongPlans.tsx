import { Box, chakra, Flex } from '@chakra-ui/react';
import { useEffect } from 'react';
import { hourOfFacing, type Edit, type SongFit } from '../../../core';
import { usePersonalFigures } from '../settings/settings';
import { useSearch } from '../walls/use-search';
import { Button } from '../../theme/Button';
import { t } from '../../texts';

/** Typing has paused. */
const PAUSE = 400;

/**
 * The best few plans for this song: what each asks, how many walls it brings to a phrase. Pressed, it is drawn in the page as it would
 * be; taken with a second press.
 */
export function SongPlans({
  text,
  looked,
  onLook,
  onTake,
}: {
  text: string;
  /** The edits that are drawn by now. */
  looked: readonly Edit[] | undefined;
  onLook: (edits: readonly Edit[] | undefined) => void;
  onTake: (edits: readonly Edit[]) => void;
}) {
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
            <Plan
              key={fit.lines.join()}
              fit={fit}
              isLooked={looked === fit.edits}
              onLook={() => onLook(looked === fit.edits ? undefined : fit.edits)}
              onTake={() => onTake(fit.edits)}
            />
          ))}
        </ul>
      )}
    </section>
  );
}

function Plan({ fit, isLooked, onLook, onTake }: { fit: SongFit; isLooked: boolean; onLook: () => void; onTake: () => void }) {
  const { lines, asks, met, walls, endFacing, edits } = fit;
  return (
    <Box
      as="li"
      border="1.5px solid"
      borderColor={isLooked ? 'focus' : 'line'}
      borderRadius="4px"
      padding="0.45rem 0.6rem"
      marginBottom="0.4rem"
      fontSize="small"
    >
      {(lines.length > 0 ? lines : [t('No tag and no restart')]).map((line) => (
        <chakra.div key={line} fontWeight="700">
          {line}
        </chakra.div>
      ))}
      <chakra.div color="quiet">
        {t('{met} of {all} walls begin with a phrase', { met, all: walls })}
        {endFacing !== undefined && <>, {t('the end faces {hour}', { hour: hourOfFacing(endFacing) })}</>}; {t('asks {words}', { words: asks })}
      </chakra.div>
      {edits.length > 0 ? (
        <Flex gap="0.35rem" marginTop="0.35rem">
          <Button size="small" aria-pressed={isLooked} background={isLooked ? 'sand' : undefined} onClick={onLook} aria-label={t('Look at {plan}', { plan: lines.join('; ') || asks })}>
            {isLooked ? t('Looking at it') : t('Look at it')}
          </Button>
          <Button size="small" onClick={onTake} aria-label={t('Take {plan}', { plan: lines.join('; ') || asks })}>
            {t('Take')}
          </Button>
        </Flex>
      ) : (
        <chakra.div color="quiet">{t('as it stands')}</chakra.div>
      )}
    </Box>
  );
} // prettier-ignore

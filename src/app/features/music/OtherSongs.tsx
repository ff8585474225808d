import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Edit, Matched } from '../../../core';
import { listDances } from '../../../store';
import { usePersonalFigures } from '../settings/settings';
import { useSearch } from '../walls/use-search';
import { Button } from '../../theme/Button';
import { t } from '../../texts';

/** Beyond these nobody waits. */
const MOST_TEXTS = 400;

/** Which songs of the shelf would carry this dance, and which dances this song; looked for in the worker, on request. */
export function OtherSongs({ id, text, hasSong, onTake }: { id: string; text: string; hasSong: boolean; onTake: (edits: readonly Edit[]) => void }) {
  const personal = usePersonalFigures();
  const { state, run, cancel } = useSearch<readonly Matched[]>(text);
  const [asked, setAsked] = useState<'songs' | 'dances'>('songs');
  const look = (what: 'songs' | 'dances'): void => {
    setAsked(what);
    run(async (work) => {
      const shelf = (await listDances()).filter((one) => one.id !== id).slice(0, MOST_TEXTS).map((one) => ({ id: one.id, text: one.text }));
      return what === 'songs' ? work.songsFor(text, personal, shelf) : work.dancesFor(text, personal, shelf);
    });
  };
  return (
    <section aria-label={t('Songs and dances of the shelf')}>
      <chakra.h2 fontSize="base" fontWeight="700" marginTop="1rem" marginBottom="0.4rem">
        {t('From the shelf')}
      </chakra.h2>
      <Flex gap="0.35rem" flexWrap="wrap">
        <Button size="small" onClick={() => look('songs')}>
          {t('Songs for this dance')}
        </Button>
        {hasSong && (
          <Button size="small" onClick={() => look('dances')}>
            {t('Dances to this song')}
          </Button>
        )}
        {state.kind === 'running' && (
          <Button size="small" variant="plain" onClick={cancel}>
            {t('Stop')}
          </Button>
        )}
      </Flex>
      <chakra.div role="status" fontSize="small" color="quiet" marginTop="0.3rem">
        {state.kind === 'running' && t('Looking …')}
        {state.kind === 'failed' && t('That did not work out.')}
        {state.kind === 'found' && state.found.length === 0 && t('None is found: a song needs a map, and a tempo near the dance’s.')}
      </chakra.div>
      {state.kind === 'found' && (
        <ul>
          {state.found.map((one) => (
            <Match key={one.id} one={one} asked={asked} onTake={() => onTake(one.edits)} />
          ))}
        </ul>
      )}
    </section>
  );
} // prettier-ignore

function Match({ one, asked, onTake }: { one: Matched; asked: 'songs' | 'dances'; onTake: () => void }) {
  const { id, title, dance, tempo, fit } = one;
  return (
    <Box as="li" borderTop="1px solid" borderColor="line" paddingBlock="0.4rem" fontSize="small">
      <b>{asked === 'songs' ? title : dance}</b>
      {asked === 'songs' && tempo > 0 && `, ${t('{tempo} a minute', { tempo })}`}
      <chakra.div color="quiet">
        {t('{met} of {all} walls begin with a phrase', { met: fit.met, all: fit.walls })}; {t('asks {words}', { words: fit.asks })}
      </chakra.div>
      {asked === 'songs' ? (
        <Button size="small" marginTop="0.2rem" onClick={onTake} aria-label={t('Take the song {title}', { title })}>
          {t('Take it, with its plan')}
        </Button>
      ) : (
        <Link to={`/dance/${id}`}>{t('Open {dance}', { dance })}</Link>
      )}
    </Box>
  );
} // prettier-ignore

import { Box, chakra, Flex } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { usualPlace, type Edit, type EasierWay, type HardLine, type LevelScale } from '../../../core';
import { Button } from '../../theme/Button';
import { Select } from '../../theme/fields';
import { useHouseStyle, usePersonalFigures } from '../settings/settings';
import { useSearch } from '../walls/use-search';
import { t } from '../../texts';

const Hint = chakra('p', { base: { color: 'quiet', fontSize: 'text', marginBottom: '0.6rem' } });

/** Lines above a level, and what could stand there; taken with a key. */
export function Easier({ text, scale, place, onTake }: { text: string; scale: LevelScale; place: number; onTake: (edits: readonly Edit[]) => void }) {
  const personal = usePersonalFigures();
  const style = useHouseStyle();
  const [chosen, setChosen] = useState(Math.max(0, place - 1));
  const { state, run, cancel } = useSearch<readonly HardLine[]>(text);
  const wanted = Math.min(chosen, scale.names.length - 1);
  useEffect(() => {
    run((searches) => searches.easier(text, personal, usualPlace(wanted, scale), style));
    return cancel;
  }, [text, personal, wanted, scale, style, run, cancel]);
  return (
    <section aria-label={t('Make it easier')}>
      <chakra.h2 fontSize="part" fontWeight="700">
        {t('Make it easier')}
      </chakra.h2>
      <Hint>{t('Everything offered was danced: the same counts, then the same foot free and the same wall.')}</Hint>
      <chakra.label display="flex" alignItems="center" gap="0.5rem" marginBottom="0.75rem" fontSize="text">
        {t('For')}
        <Select value={wanted} onChange={({ target }) => setChosen(Number(target.value))}>
          {scale.names.map((name, index) => (
            <option key={name} value={index}>
              {name}
            </option>
          ))}
        </Select>
      </chakra.label>
      <div role="status" aria-live="polite">
        {state.kind === 'running' && <Hint>{t('Looking …')}</Hint>}
        {state.kind === 'found' && state.found.length === 0 && <Hint>{t('No line stands above this level.')}</Hint>}
        {state.kind === 'found' && state.found.length > 0 && (
          <Hint>
            {state.found.length === 1 ? t('One line stands above this level.') : t('{count} lines stand above this level.', { count: state.found.length })}
          </Hint>
        )}
      </div>
      {state.kind === 'failed' && <Hint role="alert">{t('The search broke off. Nothing was changed; try it once more.')}</Hint>}
      {state.kind === 'found' && state.found.length > 0 && (
        <ol aria-label={t('Lines above this level')}>
          {state.found.map((line) => (
            <Line key={line.line} line={line} onTake={onTake} />
          ))}
        </ol>
      )}
    </section>
  );
} // prettier-ignore

const Line = ({ line, onTake }: { line: HardLine; onTake: (edits: readonly Edit[]) => void }) => (
  <Box as="li" borderTop="1px solid" borderColor="line" paddingBlock="0.55rem" fontSize="text">
    <chakra.p fontWeight="700" whiteSpace="pre-wrap">
      {line.text.replace(/\s{3,}/g, '  ')}
    </chakra.p>
    <chakra.p color="quiet">
      {t('Section {number}', { number: line.section })}: {line.why.join('; ')}
    </chakra.p>
    {line.ways.length === 0 && (
      <chakra.p color="quiet">{t('Nothing plainer leaves the same foot and wall here; look at the lines around it.')}</chakra.p>
    )}
    {line.ways.map((way, index) => (
      <Flex key={index} align="center" gap="0.5rem" marginTop="0.35rem" borderLeft="3px solid" borderColor="line" paddingLeft="0.6rem">
        <Box flex="1" minWidth="0">
          {way.words.map((words) => (
            <chakra.div key={words}>{words.replace(/\s{2,}/g, '  ')}</chakra.div>
          ))}
          <chakra.div color="quiet" fontSize="small">
            {aboutOf(way.kind)}
          </chakra.div>
        </Box>
        <Button size="small" onClick={() => onTake(way.edits)} aria-label={way.isOption ? t('Add as an option: {words}', { words: way.words.join(', ') }) : t('Put in its place: {words}', { words: way.words.join(', ') })}>
          {way.isOption ? t('Add') : t('Take')}
        </Button>
      </Flex>
    ))}
  </Box>
); // prettier-ignore

function aboutOf(kind: EasierWay['kind']): string {
  if (kind === 'no turn') return t('an option beside it, without the turn');
  if (kind === 'less turn') return t('an option beside it, turning less');
  if (kind === 'low impact') return t('an option beside it, softly');
  return t('in its place, plainer figures');
}

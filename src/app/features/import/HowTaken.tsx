import { chakra, Flex } from '@chakra-ui/react';
import { Undo2 } from 'lucide-react';
import { useDeferredValue, useMemo } from 'react';
import { howTaken, type RetakeKind, type Study } from '../../../core';
import { Button } from '../../theme/Button';
import { t } from '../../texts';
import { otherWays, type OtherWay } from './other-ways';

const NAMES: Readonly<Record<RetakeKind, string>> = {
  'numbers are a list': t('its numbers are a list'),
  'lists are counts': t('its list numbers are counts'),
  'paragraphs are sections': t('each paragraph is a section'),
  'counts left aside': t('its counts left aside'),
};

/** In a sentence, so that what was taken wrongly as a whole is seen before the lines are; and one press to take it otherwise. */
export function HowTaken({
  study,
  original,
  onTake,
}: {
  study: Study;
  /** Word for word as it came. */
  original: string;
  onTake: (text: string) => void;
}) {
  const taken = useMemo(() => howTaken(study.script, study.view), [study]);
  const later = useDeferredValue(study);
  const ways = useMemo(() => otherWays(later), [later]);
  if (taken.length === 0) return null;
  return (
    <Flex align="center" gap="0.4rem 0.75rem" flexWrap="wrap" marginBottom="0.75rem">
      <chakra.p color="quiet" fontSize="text" maxWidth="60rem" data-testid="how-taken">
        {t('Taken so:')} {taken.join('; ')}.
      </chakra.p>
      {(ways.length > 0 || study.text !== original) && (
        <Flex align="center" gap="0.4rem" flexWrap="wrap" role="group" aria-label={t('Take it otherwise')}>
          {ways.length > 0 && <chakra.span fontSize="text">{t('Or so:')}</chakra.span>}
          {ways.map((way) => (
            <Button key={way.kind} size="small" onClick={() => onTake(way.text)}>
              {NAMES[way.kind]}: {outcome(way)}
            </Button>
          ))}
          {study.text !== original && (
            <Button size="small" variant="plain" onClick={() => onTake(original)}>
              <Undo2 size={15} aria-hidden /> {t('As it came')}
            </Button>
          )}
        </Flex>
      )}
    </Flex>
  );
}

const outcome = ({ counts, sections, open }: OtherWay): string =>
  `${counts} counts in ${sections === 1 ? '1 section' : `${sections} sections`}, ${open === 0 ? 'nothing' : open === 1 ? '1 line' : `${open} lines`} to settle`;

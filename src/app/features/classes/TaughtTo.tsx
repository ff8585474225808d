import { chakra } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { knownBy } from '../../../core';
import { findClasses } from '../../../store';
import { nearWords, useToday } from './dates';
import { sectionsWords } from './words';
import { t } from '../../texts';

/** Who was taught a dance how far, beside the dance itself. Nothing where nobody was. */
export function TaughtTo({ danceId }: { danceId: string }) {
  const today = useToday();
  const { data } = useQuery({ queryKey: ['taught-to'], queryFn: () => findClasses(), staleTime: 0 });
  const known = (data?.groups ?? []).flatMap((group) =>
    knownBy(group, data?.evenings ?? []).filter((one) => one.danceId === danceId).map((one) => ({ group, one })),
  );
  if (known.length === 0) return null;
  return (
    <chakra.section aria-label={t('In class')} marginTop="1.25rem">
      <chakra.h2 fontSize="part" fontWeight="700">{t('In class')}</chakra.h2>
      <ul>
        {known.map(({ group, one: { sections, of, last, tripped } }) => (
          <chakra.li key={group.id} borderTop="1px solid" borderColor="line" paddingBlock="0.4rem">
            <Link to={`/classes/${group.id}`}>{group.name}</Link>: {sectionsWords(sections.length, of)}, {nearWords(last, today)}
            {tripped[0] && <chakra.span color="quiet" display="block" fontSize="small">{t('tripped at')} {tripped[0].words}</chakra.span>}
          </chakra.li>
        ))}
      </ul>
      <Link to={`/classes/dance/${danceId}`}>{t('Its record')}</Link>
    </chakra.section>
  );
} // prettier-ignore

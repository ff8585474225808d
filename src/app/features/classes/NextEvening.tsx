import { Box, chakra, Flex } from '@chakra-ui/react';
import { useMemo, type ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import {
  dueBy,
  knownBy,
  knownNow,
  nextMeeting,
  openRequests,
  type ClassGroup,
  type Day,
  type Evening,
  type Request,
} from '../../../core';
import { addEvening, answered, type DanceRecord } from '../../../store';
import { useLevelScale } from '../settings/settings';
import { Button } from '../../theme/Button';
import { NARROW } from '../../theme/screens';
import { nearWords, shortDay } from './dates';
import { eveningOf, stepsFor } from './planning';
import { usePlanFacts } from './use-plan-facts';
import { groupFacts, sectionsWords } from './words';
import type { Keep } from './use-classes';
import { t } from '../../texts';

export interface OutlookOrder {
  group: ClassGroup;
  /** Of all groups. */
  evenings: readonly Evening[];
  requests: readonly Request[];
  dances: readonly DanceRecord[];
  today: Day;
}

interface Props extends OutlookOrder {
  keep: Keep;
}

/** What a group knows, what is due by its next evening, what is being taught and what was asked for. */
export function useOutlook({ group, evenings, requests, dances, today }: OutlookOrder) {
  const wanted = useMemo(() => new Set([...evenings.flatMap(({ notes }) => notes), ...requests].flatMap(({ danceId }) => danceId ?? [])), [evenings, requests]);
  const facts = usePlanFacts(dances, wanted);
  return useMemo(() => {
    const next = nextMeeting(group, evenings, today);
    const lengthOf = (id: string) => facts.find((one) => one.id === id)?.sections.length;
    const known = knownNow(knownBy(group, evenings), lengthOf);
    const onShelf = new Set(dances.map(({ id }) => id));
    const hardest = (id: string) => facts.find((one) => one.id === id)?.hardest;
    const due = dueBy(known, next.date, hardest).filter((one) => onShelf.has(one.known.danceId));
    return { next, known, due, learning: known.filter(({ isWhole }) => !isWhole), open: openRequests(requests, evenings, group.id), facts };
  }, [group, evenings, requests, dances, today, facts]);
} // prettier-ignore

/** The next evening of a group, with the key that plans it. */
export function NextEvening({ group, evenings, requests, dances, today, keep, isTitled = false }: Props & { isTitled?: boolean }) {
  const outlook = useOutlook({ group, evenings, requests, dances, today });
  const { next, due, learning, open, facts } = outlook;
  const scale = useLevelScale();
  const navigate = useNavigate();
  const plan = async (): Promise<void> => {
    const evening = await answered(addEvening(eveningOf(group, next.date, stepsFor({ group, evenings, requests, dances: facts, date: next.date, minutes: group.minutes }, scale))));
    void navigate(`/classes/${group.id}/${evening.id}`);
  };
  return (
    <Flex gap="1.25rem" borderTop="2px solid" borderColor="rule" paddingBlock="0.9rem 1.25rem" css={{ [NARROW]: { flexWrap: 'wrap', gap: '0.25rem 1rem' } }}>
      <Box width="8rem" flexShrink={0} css={{ [NARROW]: { width: '100%', display: 'flex', gap: '0.6rem', alignItems: 'baseline' } }}>
        <chakra.p fontWeight="700" fontSize="part" fontVariantNumeric="tabular-nums">{shortDay(next.date)}</chakra.p>
        <chakra.p fontVariantNumeric="tabular-nums">{next.evening?.time ?? group.time}</chakra.p>
        <chakra.p color="quiet">{nearWords(next.date, today)}</chakra.p>
      </Box>
      <Box flex="1" minWidth="0" css={{ [NARROW]: { flex: '1 1 100%' } }}>
        {isTitled ? (
          <chakra.h2 fontSize="heading" fontWeight="700"><Link to={`/classes/${group.id}`}>{group.name}</Link></chakra.h2>
        ) : (
          <chakra.h2 fontSize="part" fontWeight="700">{t('Next evening')}</chakra.h2>
        )}
        {isTitled && <chakra.p color="quiet">{groupFacts(group)}</chakra.p>}
        <Facts>
          {learning.map(({ danceId, title, sections, of }) => (
            <Fact key={danceId} name={t('Being taught')}><DanceLink id={danceId} title={title} />, {sectionsWords(sections.length, of)}</Fact>
          ))}
          {due.length > 0 && (
            <Fact name={t('Due again')}>
              {isTitled
                ? due.map(({ known }, index) => <span key={known.danceId}>{index > 0 && ', '}<DanceLink id={known.danceId} title={known.title} /></span>)
                : due.map(({ known, why }) => <chakra.span key={known.danceId} display="block"><DanceLink id={known.danceId} title={known.title} />. <chakra.span color="quiet">{why}</chakra.span></chakra.span>)}
            </Fact>
          )}
          {isTitled && open.length > 0 && <Fact name={t('Asked for')}>{open.map(({ title, by }) => `${title}${by ? t(', by {day}', { day: shortDay(by) }) : ''}`).join('; ')}</Fact>}
          {learning.length === 0 && due.length === 0 && open.length === 0 && <chakra.p color="quiet">{outlook.known.length === 0 ? t('Nothing is noted of this group yet. Plan its evening, or note what it danced.') : t('Nothing is due.')}</chakra.p>}
        </Facts>
      </Box>
      <Box flexShrink={0} css={{ [NARROW]: { marginTop: '0.5rem', width: '100%' } }}>
        {next.evening ? (
          <Button asChild variant="solid"><Link to={`/classes/${group.id}/${next.evening.id}`} aria-label={t('Open the plan of {name}', { name: group.name })}>{t('Open the plan')}</Link></Button>
        ) : (
          <Button variant="solid" disabled={dances.length > 0 && facts.length === 0} onClick={() => keep(plan())} aria-label={t('Plan the evening of {name}', { name: group.name })}>{dances.length > 0 && facts.length === 0 ? t('Looking through the shelf …') : t('Plan the evening')}</Button>
        )}
      </Box>
    </Flex>
  );
} // prettier-ignore

export const DanceLink = ({ id, title }: { id: string; title: string }) => (
  <Link to={`/classes/dance/${encodeURIComponent(id)}`}>{title}</Link>
);

const Facts = ({ children }: { children: ReactNode }) => <chakra.dl marginTop="0.4rem">{children}</chakra.dl>;

const Fact = ({ name, children }: { name: string; children: ReactNode }) => (
  <Flex gap="0.75rem" css={{ [NARROW]: { display: 'block', marginBottom: '0.3rem' } }}>
    <chakra.dt width="6.5rem" flexShrink={0} color="quiet">
      {name}
    </chakra.dt>
    <chakra.dd flex="1" minWidth="0">
      {children}
    </chakra.dd>
  </Flex>
);

import { Box, chakra, Flex } from '@chakra-ui/react';
import { CalendarDays, Pencil, Plus, Trash2 } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { daysBetween, weeksWords, type Day, type Evening, type Known } from '../../core';
import { addEvening, answered, changeGroup, deleteGroup } from '../../store';
import { nearWords, shortDay, useToday, weekdayName } from '../features/classes/dates';
import { DanceLink, NextEvening, useOutlook, type OutlookOrder } from '../features/classes/NextEvening';
import { groupFacts, sectionsWords, wallsWords } from '../features/classes/words';
import { eveningOf } from '../features/classes/planning';
import { Requests } from '../features/classes/Requests';
import { saveCalendar } from '../features/classes/save';
import type { SeasonMark } from '../features/classes/SeasonChart';
import { UndoBar, type Gone } from '../features/classes/UndoBar';
import { useGroup, useKeeping } from '../features/classes/use-classes';
import { Alert } from '../theme/Alert';
import { Beside, MainColumn } from '../theme/Beside';
import { Button } from '../theme/Button';
import { MEDIUM, NARROW } from '../theme/screens';
import { LostScreen } from './LostScreen';
import { RefusedScreen } from './RefusedScreen';
import { t } from '../texts';

const GroupForm = lazy(() => import('../features/classes/GroupForm'));
const SeasonChart = lazy(() => import('../features/classes/SeasonChart'));

const Heading = chakra('h2', {
  base: { fontSize: 'part', fontWeight: '700', marginTop: '1.5rem', marginBottom: '0.3rem' },
});

/** A group: its next evening, what it knows, its season, its evenings. */
export function GroupScreen() {
  const { groupId = '' } = useParams();
  const { group, isPending, error } = useGroup(groupId);
  if (error) return <RefusedScreen error={error} />;
  if (isPending) return null;
  if (!group) return <LostScreen what="group" />;
  return <OpenGroup key={groupId} id={groupId} />;
}

function OpenGroup({ id }: { id: string }) {
  const { group, evenings, requests, dances } = useGroup(id);
  const today = useToday();
  const { problem, keep } = useKeeping();
  const navigate = useNavigate();
  const [isEditing, setIsEditing] = useState(false);
  const held = evenings.filter(({ state }) => state === 'held');
  if (!group) return null;
  const remove = async (): Promise<void> => {
    await deleteGroup(id);
    void navigate('/classes', { state: { gone: 'group', id } satisfies Gone });
  };
  const another = async (): Promise<void> => {
    const { id: evening } = await answered(addEvening(eveningOf(group, today, [])));
    void navigate(`/classes/${id}/${evening}?part=after`);
  };
  return (
    <Flex as="main" css={{ overflow: 'hidden', [MEDIUM]: { flexDirection: 'column', overflowY: 'auto' } }}>
      <MainColumn>
        {problem && <Alert>{problem}</Alert>}
        <UndoBar keep={keep} />
        <chakra.p fontSize="text"><Link to="/classes">{t('Classes')}</Link></chakra.p>
        <Flex justify="space-between" align="flex-start" gap="0.5rem 1rem" flexWrap="wrap" marginBottom="0.75rem">
          <div>
            <chakra.h1 fontSize="title" fontWeight="700" lineHeight="1.2">{group.name}</chakra.h1>
            <chakra.p color="quiet">{weekdayName(group.from)} {group.time} · {groupFacts(group)}</chakra.p>
          </div>
          <Flex gap="0.4rem">
            <Button size="small" onClick={() => setIsEditing(true)}><Pencil size={16} aria-hidden /> {t('Change')}</Button>
            <Button size="small" onClick={() => keep(saveCalendar([group], evenings))}><CalendarDays size={16} aria-hidden /> {t('Calendar')}</Button>
            <Button size="small" variant="plain" onClick={() => keep(remove())}><Trash2 size={16} aria-hidden /> {t('Delete')}</Button>
          </Flex>
        </Flex>
        <NextEvening group={group} evenings={evenings} requests={requests} dances={dances} today={today} keep={keep} />
        <KnownTable group={group} evenings={evenings} requests={requests} dances={dances} today={today} />
        {held.length > 0 && (
          <section aria-labelledby="season">
            <Heading id="season">{t('The season')}</Heading>
            <Suspense fallback={<chakra.p color="quiet">{t('Drawing …')}</chakra.p>}>
              <SeasonChart title={t('What {group} danced', { group: group.name })} marks={marksOf(held)} />
            </Suspense>
          </section>
        )}
        <section aria-labelledby="evenings">
          <Flex align="baseline" justify="space-between">
            <Heading id="evenings">{t('Evenings')}</Heading>
            <Button size="small" variant="plain" onClick={() => keep(another())}><Plus size={16} aria-hidden /> {t('Note one')}</Button>
          </Flex>
          <Evenings evenings={evenings} today={today} />
        </section>
      </MainColumn>
      <Beside label={t('About the group')}>
        <Requests requests={requests} evenings={evenings} groupId={id} today={today} dances={dances} keep={keep} />
        {group.notes && (<><Heading>{t('Notes')}</Heading><chakra.p whiteSpace="pre-wrap">{group.notes}</chakra.p></>)}
        <Heading>{t('When a dance is due')}</Heading>
        <chakra.p color="quiet" fontSize="text">
          {t('What went well rests longer each time: {weeks} weeks. Where people tripped it comes a step sooner. The idea is Leitner’s boxes of 1972; the weeks are yours to set.', { weeks: group.intervals.join(', ') })}
        </chakra.p>
      </Beside>
      {isEditing && (
        <Suspense fallback={null}>
          <GroupForm group={group} onClose={() => setIsEditing(false)} onKeep={(change) => { void keep(changeGroup(id, change)); setIsEditing(false); }} />
        </Suspense>
      )}
    </Flex>
  );
} // prettier-ignore

/** A mark an evening and dance. */
const marksOf = (held: readonly Evening[]): SeasonMark[] =>
  held.flatMap(({ date, notes }) =>
    notes.map(({ title, sections, of, music }) => ({ row: title, date, part: sections.length >= of ? 'whole' : 'piece', music }) as const),
  ); // prettier-ignore

function KnownTable(props: OutlookOrder) {
  const { known } = useOutlook(props);
  if (known.length === 0) return null;
  const { today } = props;
  return (
    <section aria-labelledby="known">
      <Heading id="known">{t('What they know')}</Heading>
      <chakra.table width="100%" fontSize="text" borderCollapse="collapse" css={{ '& th, & td': { textAlign: 'left', verticalAlign: 'top', padding: '0.35rem 0.75rem 0.35rem 0', borderBottom: '1px solid var(--chakra-colors-line)' }, '& thead th': { color: 'quiet', fontWeight: '400' }, [NARROW]: { '& .late': { display: 'none' } } }}>
        <thead>
          <tr>
            <th scope="col">{t('Dance')}</th>
            <th scope="col">{t('Reached')}</th>
            <th scope="col">{t('Last danced')}</th>
            <th scope="col">{t('Due')}</th>
            <th scope="col" className="late">{t('Tripped at')}</th>
          </tr>
        </thead>
        <tbody>{known.map((one) => <KnownRow key={one.danceId} known={one} today={today} />)}</tbody>
      </chakra.table>
    </section>
  );
} // prettier-ignore

function KnownRow({ known, today }: { known: Known; today: Day }) {
  const { danceId, title, sections, of, last, due, withMusic, walls, tripped, isWhole } = known;
  const late = daysBetween(due, today);
  return (
    <tr>
      <chakra.th scope="row" fontWeight="700"><DanceLink id={danceId} title={title} /></chakra.th>
      <td>
        {sectionsWords(sections.length, of)}
        <chakra.span color="quiet" display="block" fontSize="small">{[withMusic && t('with music'), walls > 0 && wallsWords(walls)].filter(Boolean).join(', ')}</chakra.span>
      </td>
      <chakra.td whiteSpace="nowrap">{nearWords(last, today)}</chakra.td>
      <chakra.td whiteSpace="nowrap" fontWeight={late >= 0 && isWhole ? '700' : '400'}>{!isWhole ? t('goes on') : late > 0 ? t('{time} late', { time: weeksWords(late) }) : nearWords(due, today)}</chakra.td>
      <td className="late">{tripped.slice(0, 2).map(({ words, times }) => <chakra.span key={words} display="block">{words}{times > 1 && ` (${times}×)`}</chakra.span>)}</td>
    </tr>
  );
} // prettier-ignore

const STATES = { planned: 'planned', held: '', cancelled: 'cancelled' } as const;

const Evenings = ({ evenings, today }: { evenings: readonly Evening[]; today: Day }) => (
  <ol>
    {evenings.toReversed().map(({ id, groupId, date, state, notes, steps, words }) => (
      <Flex as="li" key={id} gap="1.25rem" borderTop="1px solid" borderColor="line" paddingBlock="0.45rem" css={{ [NARROW]: { gap: '0.6rem' } }}>
        <chakra.span width="6.5rem" flexShrink={0} fontWeight="700" fontVariantNumeric="tabular-nums"><Link to={`/classes/${groupId}/${id}${state === 'planned' && date >= today ? '' : '?part=after'}`}>{shortDay(date)}</Link></chakra.span>
        <Box flex="1" minWidth="0" color={state === 'cancelled' ? 'quiet' : 'ink'}>
          {STATES[state] && <b>{t(STATES[state])}{state === 'planned' || notes.length > 0 ? ': ' : ''}</b>}
          {notes.length > 0 ? notes.map(({ title, sections, of }) => `${title}${sections.length === of ? '' : ` (${sectionsWords(sections.length, of)})`}`).join(', ') : state === 'planned' ? t('{count} steps', { count: steps.length }) : state === 'held' ? t('nothing noted') : ''}
          {words && <chakra.span color="quiet" display="block">{words}</chakra.span>}
        </Box>
      </Flex>
    ))}
  </ol>
); // prettier-ignore

import { Box, chakra, Flex } from '@chakra-ui/react';
import { lazy, Suspense } from 'react';
import { Link, useParams } from 'react-router';
import { estimateLevel, knownBy, openRequests, type Day, type Evening, type Known } from '../../core';
import type { Classes, DanceRecord } from '../../store';
import { nearWords, shortDay, useToday } from '../features/classes/dates';
import { sectionsWords, wallsWords } from '../features/classes/words';
import { useClasses } from '../features/classes/use-classes';
import type { SeasonMark } from '../features/classes/SeasonChart';
import { oldSheetWords } from '../features/classes/old-sheet-words';
import { useOldSheets } from '../features/classes/use-handed';
import { useDances } from '../features/dances/use-dances';
import { studyLive, useLevelScale } from '../features/settings/settings';
import { NARROW } from '../theme/screens';
import { LostScreen } from './LostScreen';
import { RefusedScreen } from './RefusedScreen';
import { t } from '../texts';

const SeasonChart = lazy(() => import('../features/classes/SeasonChart'));

const Heading = chakra('h2', {
  base: { fontSize: 'part', fontWeight: '700', marginTop: '1.5rem', marginBottom: '0.3rem' },
});

const NOTHING: Classes = { groups: [], evenings: [], requests: [] };

/** Everything the log has of a dance. */
function useDanceRecord(danceId: string) {
  const { data = NOTHING, isPending, error } = useClasses();
  const { data: dances = [] } = useDances();
  const today = useToday();
  const { groups } = data;
  const evenings = data.evenings.filter(({ notes }) => notes.some((note) => note.danceId === danceId));
  const old = useOldSheets(groups, evenings, dances).filter((one) => one.danceId === danceId);
  const dance = dances.find(({ id }) => id === danceId);
  const known = groups.flatMap((group) => knownBy(group, evenings).filter((one) => one.danceId === danceId).map((one) => ({ group, one })));
  const asked = groups.flatMap(({ id, name }) => openRequests(data.requests, data.evenings, id).filter((request) => request.danceId === danceId).map((request) => ({ ...request, groupName: name })));
  const title = dance?.title ?? evenings.at(-1)?.notes.find((note) => note.danceId === danceId)?.title;
  return { danceId, title, dance, held: evenings.filter(({ state }) => state === 'held'), known, asked, old, today, groups, isPending, error };
} // prettier-ignore

type DanceLog = ReturnType<typeof useDanceRecord>;

/** A dance over all groups: who knows it, since when, what trips people, who has an old sheet. */
export function DanceRecordScreen() {
  const { danceId = '' } = useParams();
  const log = useDanceRecord(danceId);
  const { title, dance, held, error, isPending } = log;
  if (error) return <RefusedScreen error={error} />;
  if (isPending) return null;
  if (title === undefined) return <LostScreen what="dance" />;
  return (
    <Box as="main" width="100%" paddingInline="max(1rem, calc((100% - 60rem) / 2))" paddingBlock="1rem 2.5rem">
      <chakra.p fontSize="text"><Link to="/classes">{t('Classes')}</Link></chakra.p>
      <chakra.h1 fontSize="title" fontWeight="700" lineHeight="1.2">{title}</chakra.h1>
      {dance ? <OnShelf dance={dance} /> : <chakra.p color="quiet">{t('It is not on the shelf any more. The log keeps what was noted.')}</chakra.p>}
      <Knowing log={log} />
      {held.length > 0 && <OverGroups log={log} title={title} />}
    </Box>
  );
} // prettier-ignore

const Knowing = ({ log: { danceId, held, known, asked, old, today } }: { log: DanceLog }) => (
  <>
    <Heading>{t('Who knows it')}</Heading>
    {known.length === 0 && <chakra.p color="quiet">{held.length === 0 ? t('It was not danced in a class yet.') : t('No group that is still there.')}</chakra.p>}
    <ul>{known.map(({ group, one }) => <GroupRow key={group.id} name={group.name} id={group.id} known={one} today={today} />)}</ul>
    {asked.length > 0 && (
      <>
        <Heading>{t('Asked for')}</Heading>
        <ul>{asked.map(({ id, groupName, who, by }) => <li key={id}>{[groupName, who, by && t('by {day}', { day: shortDay(by) })].filter(Boolean).join(' · ')}</li>)}</ul>
      </>
    )}
    {old.length > 0 && (
      <>
        <Heading>{t('Handed out before a change')}</Heading>
        <ul>{old.map((one) => <li key={one.group.id}>{oldSheetWords(one)}</li>)}</ul>
        <Link to={`/dance/${danceId}/revisions`}>{t('Look at the revisions')}</Link>
      </>
    )}
  </>
); // prettier-ignore

function OverGroups({ log: { danceId, held, groups }, title }: { log: DanceLog; title: string }) {
  // A group that was called otherwise then stands under the name it has now.
  const nameOf = ({ groupId, groupName }: Evening): string => groups.find(({ id }) => id === groupId)?.name ?? groupName;
  const marks = held.flatMap((evening) =>
    evening.notes.filter((note) => note.danceId === danceId).map(({ sections, of, music }): SeasonMark => ({ row: nameOf(evening), date: evening.date, part: sections.length >= of ? 'whole' : 'piece', music })),
  );
  return (
    <section aria-labelledby="over-groups">
      <Heading id="over-groups">{t('Over the groups')}</Heading>
      <Suspense fallback={<chakra.p color="quiet">{t('Drawing …')}</chakra.p>}>
        <SeasonChart title={t('When {title} was danced', { title })} marks={marks} />
      </Suspense>
      <Heading>{t('Evening by evening')}</Heading>
      <ol>{held.toReversed().map((evening) => <EveningRow key={evening.id} evening={evening} danceId={danceId} isThere={groups.some(({ id }) => id === evening.groupId)} />)}</ol>
    </section>
  );
} // prettier-ignore

function OnShelf({ dance }: { dance: DanceRecord }) {
  const scale = useLevelScale();
  const { points, place } = estimateLevel(studyLive(dance.text).dance, scale);
  return (
    <p>
      {[t('{counts} counts', { counts: dance.counts }), dance.level, dance.music].filter(Boolean).join(' · ')} ·{' '}
      <Link to={`/dance/${dance.id}/level`}>{t('counted: {level} ({points} points)', { level: scale.names[place], points: points.toFixed(1) })}</Link> · <Link to={`/dance/${dance.id}`}>{t('Open the dance')}</Link>
    </p>
  );
} // prettier-ignore

function GroupRow({ id, name, known, today }: { id: string; name: string; known: Known; today: Day }) {
  const { sections, of, last, due, isWhole, walls, withMusic, inPlace, tripped, handedOut } = known;
  const facts = [
    sectionsWords(sections.length, of),
    withMusic && t('with music'),
    walls > 0 && wallsWords(walls),
    inPlace.length > 0 && t('walked in place: {places}', { places: inPlace.join(', ') }),
    handedOut && t('revision {name} handed out', { name: handedOut.name }),
  ].filter(Boolean);
  return (
    <Flex as="li" gap="1.25rem" borderTop="1px solid" borderColor="line" paddingBlock="0.5rem" css={{ [NARROW]: { flexDirection: 'column', gap: '0.1rem' } }}>
      <chakra.b width="12rem" flexShrink={0}><Link to={`/classes/${id}`}>{name}</Link></chakra.b>
      <Box flex="1" minWidth="0">
        {facts.join(', ')}
        <chakra.p color="quiet">
          {t('Last danced {day}', { day: shortDay(last) })}; {isWhole ? t('due {day}', { day: `${shortDay(due)}, ${nearWords(due, today)}` }) : t('still being taught')}
        </chakra.p>
        {tripped.length > 0 && <p>{t('Tripped at:')} {tripped.map(({ words, times }) => `${words}${times > 1 ? ` (${times}×)` : ''}`).join('; ')}</p>}
      </Box>
    </Flex>
  );
} // prettier-ignore

function EveningRow({ evening: { id, groupId, groupName, date, notes, words }, danceId, isThere }: { evening: Evening; danceId: string; isThere: boolean }) {
  const note = notes.find((one) => one.danceId === danceId);
  if (!note) return null;
  const facts = [sectionsWords(note.sections.length, note.of), note.music && t('with music'), note.tripped.length > 0 && `${t('tripped at')} ${note.tripped.map((trip) => trip.words).join('; ')}`].filter(Boolean);
  return (
    <Flex as="li" gap="1.25rem" borderTop="1px solid" borderColor="line" paddingBlock="0.4rem">
      <chakra.span width="6.5rem" flexShrink={0} fontVariantNumeric="tabular-nums">{isThere ? <Link to={`/classes/${groupId}/${id}?part=after`}>{shortDay(date)}</Link> : shortDay(date)}</chakra.span>
      <Box flex="1" minWidth="0"><b>{groupName}</b>: {facts.join(', ')} {words && <chakra.span color="quiet">{words}</chakra.span>}</Box>
    </Flex>
  );
} // prettier-ignore

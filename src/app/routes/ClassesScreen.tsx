import { Box, chakra, Flex } from '@chakra-ui/react';
import { CalendarDays, Download, Plus } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { nextMeeting, type ClassGroup } from '../../core';
import { addGroup, type Classes } from '../../store';
import { useToday } from '../features/classes/dates';
import { NextEvening } from '../features/classes/NextEvening';
import { saveCalendar, saveLog } from '../features/classes/save';
import { UndoBar } from '../features/classes/UndoBar';
import { showSeason, useClasses, useKeeping } from '../features/classes/use-classes';
import { oldSheetWords } from '../features/classes/old-sheet-words';
import { useOldSheets } from '../features/classes/use-handed';
import { useDances } from '../features/dances/use-dances';
import { DamagedRecords } from '../features/desk/DamagedRecords';
import { Alert } from '../theme/Alert';
import { Button } from '../theme/Button';
import { RefusedScreen } from './RefusedScreen';
import { t } from '../texts';

const GroupForm = lazy(() => import('../features/classes/GroupForm'));

const NOTHING: Classes = { groups: [], evenings: [], requests: [] };

/** The groups that are taught: when each meets next, and what it is to dance then. */
export function ClassesScreen() {
  const { data = NOTHING, isPending, error } = useClasses();
  const { data: dances = [] } = useDances();
  const today = useToday();
  const { problem, keep } = useKeeping();
  const [isMaking, setIsMaking] = useState(false);
  const { evenings, requests } = data;
  const next = (group: ClassGroup): string => nextMeeting(group, evenings, today).date;
  const groups = [...data.groups].sort((a, b) => next(a).localeCompare(next(b)));
  const old = useOldSheets(groups, evenings, dances);
  if (error) return <RefusedScreen error={error} />;
  return (
    <Box as="main" width="100%" paddingInline="max(1rem, calc((100% - 66rem) / 2))" paddingBlock="1.5rem 2.5rem">
      <Flex justify="space-between" align="center" gap="0.5rem 1rem" flexWrap="wrap" marginBottom="1rem">
        <chakra.h1 fontSize="title" fontWeight="700">{t('Classes')}</chakra.h1>
        <Flex gap="0.5rem" flexWrap="wrap">
          {evenings.length > 0 && <Button onClick={() => saveLog(evenings)}><Download size={18} aria-hidden /> {t('Log as CSV')}</Button>}
          {groups.length > 0 && <Button onClick={() => keep(saveCalendar(groups, evenings))}><CalendarDays size={18} aria-hidden /> {t('Calendar')}</Button>}
          <Button variant="solid" onClick={() => setIsMaking(true)}><Plus size={18} aria-hidden /> {t('New group')}</Button>
        </Flex>
      </Flex>
      {problem && <Alert>{problem}</Alert>}
      <UndoBar keep={keep} />
      <DamagedRecords />
      {isPending && <chakra.p color="quiet">{t('Opening the log …')}</chakra.p>}
      {groups.map((group) => (
        <NextEvening key={group.id} isTitled group={group} evenings={evenings} requests={requests} dances={dances} today={today} keep={keep} />
      ))}
      {!isPending && groups.length === 0 && (
        <Box paddingBlock="1rem" maxWidth="38rem">
          <chakra.p marginBottom="0.75rem">{t('No group yet. Make one with its weekday and its hall: its evenings are planned here, noted in two minutes afterwards, and what it should dance again is told.')}</chakra.p>
          <Button onClick={() => keep(showSeason())}>{t('Look at the boathouse’s season first')}</Button>
        </Box>
      )}
      {old.length > 0 && (
        <section aria-labelledby="old-sheets">
          <chakra.h2 id="old-sheets" fontSize="part" fontWeight="700" marginTop="1rem">{t('Handed out before a change')}</chakra.h2>
          <ul>
            {old.map((one) => (
              <chakra.li key={`${one.group.id} ${one.danceId}`} borderTop="1px solid" borderColor="line" paddingBlock="0.5rem">
                <b>{one.title}</b>: {oldSheetWords(one)} <Link to={`/dance/${one.danceId}/revisions`}>{t('Look at the revisions')}</Link>
              </chakra.li>
            ))}
          </ul>
        </section>
      )}
      {isMaking && (
        <Suspense fallback={null}>
          <GroupForm group={undefined} onClose={() => setIsMaking(false)} onKeep={(change) => { void keep(addGroup(change(undefined))); setIsMaking(false); }} />
        </Suspense>
      )}
    </Box>
  );
} // prettier-ignore

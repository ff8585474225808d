import { chakra, Flex } from '@chakra-ui/react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { isSameTrip, knownBy, tripAt, type Dance } from '../../../core';
import { changeEvening, findClasses } from '../../../store';
import { Button } from '../../theme/Button';
import { shortDay } from './dates';
import { addTrip, withoutTrip } from './notes';
import { useKeeping } from './use-classes';
import { Alert } from '../../theme/Alert';
import { t } from '../../texts';

const KEY = ['taught-to'];

/** The line that is looked at, as groups trip at it: pressed in here, it is noted with their last evening of this dance. */
export default function TrippedHere({ danceId, dance, line }: { danceId: string; dance: Dance; line: number }) {
  const queries = useQueryClient();
  const { problem, keep } = useKeeping();
  const { data } = useQuery({ queryKey: KEY, queryFn: () => findClasses(), staleTime: 0 });
  const trip = tripAt(dance, line);
  const groups = (data?.groups ?? []).flatMap((group) => {
    const evenings = (data?.evenings ?? []).filter(({ groupId, state, notes }) => groupId === group.id && state === 'held' && notes.some((note) => note.danceId === danceId));
    const last = evenings.at(-1);
    const [known] = knownBy(group, evenings).filter((one) => one.danceId === danceId);
    return last && known ? [{ group, last, times: (trip && known.tripped.find((own) => isSameTrip(own, trip))?.times) ?? 0 }] : [];
  });
  if (!trip || groups.length === 0) return null;
  const note = async (id: string, isNoted: boolean): Promise<void> => {
    const change = isNoted ? withoutTrip(trip) : addTrip(trip);
    await changeEvening(id, ({ notes }) => ({ notes: notes.map((own) => (own.danceId === danceId ? { ...own, ...change(own) } : own)) }));
    await queries.invalidateQueries({ queryKey: KEY });
  };
  return (
    <chakra.section aria-label={t('In class')} marginTop="0.75rem" fontSize="text">
      <chakra.h3 fontWeight="700">{t('In class')}</chakra.h3>
      {problem && <Alert>{problem}</Alert>}
      <ul>
        {groups.map(({ group, last, times }) => {
          const isNoted = last.notes.some((own) => own.danceId === danceId && own.tripped.some((one) => isSameTrip(one, trip)));
          return (
            <Flex as="li" key={group.id} align="center" gap="0.5rem" borderTop="1px solid" borderColor="line" paddingBlock="0.3rem">
              <chakra.span flex="1">
                {group.name}
                {times > 0 && <chakra.b color="care"> {times === 1 ? t('tripped here once') : t('tripped here {times} times', { times })}</chakra.b>}
              </chakra.span>
              <Button size="small" aria-pressed={isNoted} variant={isNoted ? 'solid' : 'line'} onClick={() => keep(note(last.id, isNoted))} aria-label={t('{group} tripped here on {day}', { group: group.name, day: shortDay(last.date) })}>
                {t('Tripped {day}', { day: shortDay(last.date) })}
              </Button>
            </Flex>
          );
        })}
      </ul>
    </chakra.section>
  );
} // prettier-ignore

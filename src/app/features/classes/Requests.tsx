import { Box, chakra, Flex } from '@chakra-ui/react';
import { Plus } from 'lucide-react';
import { useMemo, useState } from 'react';
import { openRequests, type Evening } from '../../../core';
import { changeEvening, type DanceRecord } from '../../../store';
import { Button } from '../../theme/Button';
import { Input } from '../../theme/fields';
import { shortDay } from './dates';
import { DanceLink } from './NextEvening';
import { t } from '../../texts';

/** What was asked for and not danced yet; a new one is noted with the last evening there is. */
export function Requests({ evenings, groupId, dances, keep }: { evenings: readonly Evening[]; groupId: string; dances: readonly DanceRecord[]; keep: (work: Promise<unknown>) => void }) {
  const open = useMemo(() => openRequests(evenings, groupId), [evenings, groupId]);
  const last = evenings.at(-1);
  return (
    <section aria-labelledby="requests">
      <chakra.h2 id="requests" fontSize="part" fontWeight="700">{t('Asked for')}</chakra.h2>
      {open.length === 0 && <chakra.p color="quiet">{t('Nothing is open.')}</chakra.p>}
      <ul>
        {open.map((request) => (
          <Flex as="li" key={request.id} align="center" gap="0.5rem" borderTop="1px solid" borderColor="line" paddingBlock="0.4rem">
            <Box flex="1" minWidth="0">
              {request.danceId ? <DanceLink id={request.danceId} title={request.title} /> : request.title}
              <chakra.span color="quiet" display="block" fontSize="small">{[request.who, request.by && t('by {day}', { day: shortDay(request.by) }), t('asked {day}', { day: shortDay(request.asked) })].filter(Boolean).join(' · ')}</chakra.span>
            </Box>
            <Button size="small" onClick={() => keep(changeEvening(request.eveningId, ({ requests }) => ({ requests: requests.map((one) => (one.id === request.id ? { ...one, isSettled: true } : one)) })))} aria-label={t('Done with: {title}', { title: request.title })}>{t('Done with')}</Button>
          </Flex>
        ))}
      </ul>
      {!last && <chakra.p color="quiet" fontSize="small">{t('Requests are noted with an evening: plan the first one, or note one.')}</chakra.p>}
      {last && <RequestForm key={open.length} dances={dances} onAdd={(request) => keep(changeEvening(last.id, ({ requests }) => ({ requests: [...requests, request] })))} />}
    </section>
  );
} // prettier-ignore

function RequestForm({ dances, onAdd }: { dances: readonly DanceRecord[]; onAdd: (request: Evening['requests'][number]) => void }) {
  const [title, setTitle] = useState('');
  const [who, setWho] = useState('');
  const [by, setBy] = useState('');
  const dance = dances.find((one) => one.title.toLowerCase() === title.trim().toLowerCase());
  return (
    <chakra.form
      marginTop="0.6rem"
      onSubmit={(event) => {
        event.preventDefault();
        if (title.trim() === '') return;
        onAdd({ id: crypto.randomUUID(), title: dance?.title ?? title.trim().slice(0, 120), who: who.trim().slice(0, 80), isSettled: false, ...(dance && { danceId: dance.id }), ...(by && { by }) });
      }}
    >
      <Input list="shelf-titles" placeholder={t('dance')} aria-label={t('Dance that is asked for')} value={title} onChange={({ target }) => setTitle(target.value)} />
      <datalist id="shelf-titles">{dances.slice(0, 300).map((one) => <option key={one.id} value={one.title} />)}</datalist>
      <Flex gap="0.4rem" marginTop="0.4rem">
        <Input placeholder={t('who')} aria-label={t('Who asks for it')} value={who} onChange={({ target }) => setWho(target.value)} />
        <Input type="date" aria-label={t('By when')} value={by} onChange={({ target }) => setBy(target.value)} />
      </Flex>
      <Button type="submit" size="small" marginTop="0.4rem" disabled={title.trim() === ''}><Plus size={16} aria-hidden /> {t('Note the request')}</Button>
    </chakra.form>
  );
} // prettier-ignore

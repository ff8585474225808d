import { Box, chakra, Flex } from '@chakra-ui/react';
import { Plus } from 'lucide-react';
import { useMemo, useState } from 'react';
import { openRequests, type Day, type Evening, type Request } from '../../../core';
import { addRequest, settleRequest, type DanceRecord } from '../../../store';
import { Button } from '../../theme/Button';
import { Input } from '../../theme/fields';
import { shortDay } from './dates';
import { DanceLink } from './NextEvening';
import type { Keep } from './use-classes';
import { t } from '../../texts';

/** What was asked for and not danced yet; a new one is noted with today, whatever evening is looked at. */
export function Requests({ requests, evenings, groupId, today, dances, keep }: { requests: readonly Request[]; evenings: readonly Evening[]; groupId: string; today: Day; dances: readonly DanceRecord[]; keep: Keep }) {
  const open = useMemo(() => openRequests(requests, evenings, groupId), [requests, evenings, groupId]);
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
            <Button size="small" onClick={() => void keep(settleRequest(request.id, true))} aria-label={t('Done with: {title}', { title: request.title })}>{t('Done with')}</Button>
          </Flex>
        ))}
      </ul>
      <RequestForm dances={dances} onAdd={(request) => keep(addRequest({ ...request, groupId, asked: today, isSettled: false }))} />
    </section>
  );
} // prettier-ignore

function RequestForm({ dances, onAdd }: { dances: readonly DanceRecord[]; onAdd: (request: Pick<Request, 'title' | 'danceId' | 'who' | 'by'>) => Promise<boolean> }) {
  const [title, setTitle] = useState('');
  const [who, setWho] = useState('');
  const [by, setBy] = useState('');
  const dance = dances.find((one) => one.title.toLowerCase() === title.trim().toLowerCase());
  /** What is not kept stays in the form. */
  const add = async (): Promise<void> => {
    const isKept = await onAdd({ title: dance?.title ?? title.trim().slice(0, 120), who: who.trim().slice(0, 80), ...(dance && { danceId: dance.id }), ...(by && { by }) });
    if (!isKept) return;
    setTitle('');
    setWho('');
    setBy('');
  };
  return (
    <chakra.form
      marginTop="0.6rem"
      onSubmit={(event) => {
        event.preventDefault();
        if (title.trim() === '') return;
        void add();
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

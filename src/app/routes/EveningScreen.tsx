import { Box, chakra, Flex } from '@chakra-ui/react';
import { FileDown, RefreshCw, Trash2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import {
  EVENING_MINUTES,
  isClock,
  isDay,
  viewEvening,
  withCautions,
  type ClassGroup,
  type Evening,
  type PlanFacts,
} from '../../core';
import { changeEvening, deleteEvening } from '../../store';
import { Afterwards } from '../features/classes/Afterwards';
import { longDay, nearWords, useRuns, useToday } from '../features/classes/dates';
import { EveningPlan, StepForm } from '../features/classes/EveningPlan';
import { InClass } from '../features/classes/InClass';
import { KeptText } from '../features/document/KeptText';
import { useOutlook, type OutlookOrder } from '../features/classes/NextEvening';
import { stepsFor } from '../features/classes/planning';
import { Requests } from '../features/classes/Requests';
import type { Gone } from '../features/classes/UndoBar';
import { useGroup, useKeeping, type Keep } from '../features/classes/use-classes';
import { downloadFile, fileName } from '../features/files/download';
import { useFiles } from '../features/files/use-files';
import { useLevelScale } from '../features/settings/settings';
import { Alert } from '../theme/Alert';
import { Beside } from '../theme/Beside';
import { Button } from '../theme/Button';
import { MEDIUM } from '../theme/screens';
import { LostScreen } from './LostScreen';
import { RefusedScreen } from './RefusedScreen';
import { t } from '../texts';

const PARTS = { plan: 'Plan', class: 'In class', after: 'Afterwards' } as const;
type Part = keyof typeof PARTS;

/** One evening: planned before it, followed during it, noted after it. */
export function EveningScreen() {
  const { groupId = '', eveningId = '' } = useParams();
  const { group, evenings, isPending, error } = useGroup(groupId);
  const evening = evenings.find(({ id }) => id === eveningId);
  if (error) return <RefusedScreen error={error} />;
  if (isPending) return null;
  if (!evening || !group) return <LostScreen what="evening" />;
  return <OpenEvening key={eveningId} evening={evening} groupId={groupId} />;
}

function OpenEvening({ evening, groupId }: { evening: Evening; groupId: string }) {
  const { group, evenings, requests, dances } = useGroup(groupId);
  const today = useToday();
  const { problem, keep } = useKeeping();
  const [params, setParams] = useSearchParams();
  const asked = params.get('part');
  const part: Part = asked === 'class' || asked === 'after' ? asked : 'plan';
  const change = useMemo(() => (own: (now: Evening) => Partial<Evening>) => keep(changeEvening(evening.id, own)), [evening.id, keep]);
  if (!group) return null;
  const show = (next: Part) => setParams(next === 'plan' ? {} : { part: next }, { replace: true });
  const props = { evening, group, evenings, requests, dances, today, keep, change };
  return (
    <Flex as="main" direction="column" css={{ overflow: 'hidden' }}>
      <Box padding="0.6rem 1.25rem 0" borderBottom="1px solid" borderColor="line">
        {problem && <Alert>{problem}</Alert>}
        <chakra.p fontSize="text"><Link to="/classes">{t('Classes')}</Link> · <Link to={`/classes/${groupId}`}>{group.name}</Link></chakra.p>
        <Flex align="center" justify="space-between" gap="0.25rem 1.25rem" flexWrap="wrap">
          <chakra.h1 fontSize="heading" fontWeight="700">
            {longDay(evening.date)} <chakra.span fontWeight="400" color="quiet">{[evening.time, nearWords(evening.date, today), evening.state === 'planned' ? '' : t(evening.state)].filter(Boolean).join(' · ')}</chakra.span>
          </chakra.h1>
          <Flex as="nav" aria-label={t('Parts of the evening')} gap="0.25rem">
            {(Object.keys(PARTS) as Part[]).map((one) => (
              <Button key={one} variant="plain" borderRadius="4px 4px 0 0" aria-current={one === part ? 'page' : undefined} borderBottom="3px solid" borderBottomColor={one === part ? 'rule' : 'transparent'} fontWeight={one === part ? '700' : '400'} onClick={() => show(one)}>{t(PARTS[one])}</Button>
            ))}
          </Flex>
        </Flex>
      </Box>
      {part === 'plan' && <Plan {...props} />}
      {part === 'class' && <Class {...props} onAfter={() => show('after')} />}
      {part === 'after' && <After {...props} />}
    </Flex>
  );
} // prettier-ignore

interface PartProps extends OutlookOrder {
  evening: Evening;
  keep: Keep;
  change: (change: (evening: Evening) => Partial<Evening>) => Promise<boolean>;
}

const columns = {
  overflow: 'hidden',
  flex: '1',
  minHeight: 0,
  [MEDIUM]: { flexDirection: 'column', overflowY: 'auto' },
};
const column = { [MEDIUM]: { flex: 'none', overflow: 'visible' } };

function Plan({ evening: kept, group, evenings, requests, dances, today, keep, change }: PartProps) {
  const { facts } = useOutlook({ group, evenings, requests, dances, today });
  const scale = useLevelScale();
  const files = useFiles();
  const evening = useCautioned(kept, group, facts);
  const { minutes, over } = viewEvening(evening);
  const others = evenings.filter(({ id }) => id !== evening.id);
  const [before, setBefore] = useState<Evening['steps']>();
  const again = (): void => {
    setBefore(evening.steps);
    change(() => ({ steps: stepsFor({ group, evenings: others, requests, dances: facts, date: evening.date, minutes: evening.minutes }, scale) }));
  };
  const save = async (): Promise<void> => {
    const date = longDay(evening.date);
    const pdf = await files.run(t('Making the page'), (work) => work.evening(evening, date, 'a4', Date.now()));
    if (pdf) downloadFile(fileName(`${group.name} ${evening.date}`, 'pdf'), 'application/pdf', pdf as Uint8Array<ArrayBuffer>);
  };
  return (
    <Flex css={columns}>
      <Box flex="1" minWidth="0" overflowY="auto" padding="0.6rem 1.25rem 2rem" css={column}>
        <Flex align="center" gap="0.5rem" flexWrap="wrap" marginBottom="0.4rem">
          <chakra.p flex="1" minWidth="12rem" role="status">
            <b>{t('{minutes} minutes', { minutes })}</b>
            {over > 0 ? <chakra.b color="care">{t(', {over} too long', { over })}</chakra.b> : over < 0 ? t(', {left} to spare', { left: -over }) : t(', as long as the evening')}
          </chakra.p>
          {before && <Button size="small" onClick={() => { change(() => ({ steps: before })); setBefore(undefined); }}>{t('The plan before')}</Button>}
          <Button size="small" disabled={facts.length === 0} onClick={again}><RefreshCw size={16} aria-hidden /> {evening.steps.length === 0 ? t('Propose a plan') : t('Propose anew')}</Button>
          <Button size="small" disabled={evening.steps.length === 0} onClick={() => keep(save())}><FileDown size={16} aria-hidden /> {t('Page to print (PDF)')}</Button>
        </Flex>
        {files.problem && <Alert>{files.problem}</Alert>}
        {evening.steps.length === 0 && <chakra.p maxWidth="36rem">{t('Nothing is planned. Let a plan be proposed from what is due and what comes next, or add steps of your own.')}</chakra.p>}
        <EveningPlan evening={evening} change={change} />
      </Box>
      <Beside label={t('About the evening')}>
        <StepForm dances={facts} change={change} />
        <When evening={evening} change={change} keep={keep} />
      </Beside>
    </Flex>
  );
} // prettier-ignore

/** With the cautions of the hall's rules and of the dances as they are now. */
const useCautioned = (evening: Evening, group: ClassGroup, facts: readonly PlanFacts[]): Evening =>
  useMemo(
    () => ({ ...evening, steps: withCautions(evening.steps, group, (id) => facts.find((one) => one.id === id)) }),
    [evening, group, facts],
  );

const isLength = (own: string): boolean =>
  /^\d+$/.test(own) && Number(own) >= EVENING_MINUTES.least && Number(own) <= EVENING_MINUTES.most;

/** Its day, its length, and whether it takes place. */
function When({ evening, change, keep }: Pick<PartProps, 'evening' | 'change' | 'keep'>) {
  const navigate = useNavigate();
  const { date, time, minutes, place, state, groupId, id } = evening;
  const remove = async (): Promise<void> => {
    await deleteEvening(id);
    void navigate(`/classes/${groupId}`, { state: { gone: 'evening', id } satisfies Gone });
  };
  return (
    <section aria-labelledby="when">
      <chakra.h2 id="when" fontSize="part" fontWeight="700" marginTop="1.5rem" marginBottom="0.4rem">{t('When and where')}</chakra.h2>
      <Flex gap="0.4rem" flexWrap="wrap">
        <KeptText type="date" flex="1 1 9rem" aria-label={t('Day of the evening')} value={date} isFine={isDay} onKeep={(own) => change((now) => ({ date: own(now.date), meeting: now.meeting ?? now.date }))} />
        <KeptText type="time" flex="1 1 6rem" aria-label={t('Begins at')} value={time} isFine={isClock} onKeep={(own) => change((now) => ({ time: own(now.time) }))} />
        <KeptText type="number" flex="1 1 5rem" aria-label={t('Minutes of the evening')} min={EVENING_MINUTES.least} max={EVENING_MINUTES.most} value={String(minutes)} isFine={isLength} onKeep={(own) => change((now) => ({ minutes: Number(own(String(now.minutes))) }))} />
        <KeptText flex="1 1 100%" aria-label={t('Place of the evening')} placeholder={t('place')} value={place} maxLength={120} onKeep={(own) => change((now) => ({ place: own(now.place) }))} />
      </Flex>
      <Flex gap="0.4rem" marginTop="0.6rem" flexWrap="wrap">
        <Button size="small" onClick={() => change(() => ({ state: state === 'cancelled' ? 'planned' : 'cancelled' }))}>{state === 'cancelled' ? t('It takes place after all') : t('It is cancelled')}</Button>
        <Button size="small" variant="plain" onClick={() => keep(remove())}><Trash2 size={16} aria-hidden /> {t('Delete it')}</Button>
      </Flex>
    </section>
  );
} // prettier-ignore

function Class({
  evening: kept,
  group,
  evenings,
  requests,
  dances,
  today,
  change,
  onAfter,
}: PartProps & { onAfter: () => void }) {
  const { facts } = useOutlook({ group, evenings, requests, dances, today });
  const evening = useCautioned(kept, group, facts);
  return <InClass evening={evening} facts={facts} runs={useRuns(evening)} change={change} onAfter={onAfter} />;
}

function After({ evening, group, evenings, requests, dances, today, keep, change }: PartProps) {
  const { facts } = useOutlook({ group, evenings, requests, dances, today });
  const isHeld = evening.state === 'held';
  // What is said after midnight was said tonight.
  const day = useRuns(evening) ? evening.date : today;
  return (
    <Flex css={columns}>
      <Box flex="1" minWidth="0" overflowY="auto" padding="0.75rem 1.25rem 2rem" css={column}>
        <Flex align="center" gap="0.75rem" flexWrap="wrap" marginBottom="0.5rem">
          <Button variant={isHeld ? 'line' : 'solid'} onClick={() => change(() => ({ state: isHeld ? 'planned' : 'held' }))}>{isHeld ? t('It did not take place yet') : t('It took place')}</Button>
          <chakra.span color="quiet" role="status">{isHeld ? t('It counts: what was danced is known, and due again in time.') : t('It counts for what is known and due once it took place.')}</chakra.span>
        </Flex>
        <Afterwards evening={evening} facts={facts} dances={dances} change={change} keep={keep} />
      </Box>
      <Beside label={t('Requests')}>
        <Requests requests={requests} evenings={evenings} groupId={group.id} today={day} dances={dances} keep={keep} />
      </Beside>
    </Flex>
  );
} // prettier-ignore

import { Box, chakra, Flex } from '@chakra-ui/react';
import { format } from 'date-fns';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { minutesLater, viewEvening, type Evening, type PlanFacts } from '../../../core';
import { useWakeLock } from '../desk/wake-lock';
import { Button } from '../../theme/Button';
import { NARROW } from '../../theme/screens';
import { DanceNoting } from './DanceNoting';
import { noteOf, stepDone } from './notes';
import { t } from '../../texts';

interface Props {
  evening: Evening;
  facts: readonly PlanFacts[];
  /** It is on just now. */
  runs: boolean;
  change: (change: (evening: Evening) => Partial<Evening>) => Promise<boolean>;
  onAfter: () => void;
}

/** What is done now, large enough for a tablet on a stand; the keys for it are at the bottom, within a thumb's reach. */
export function InClass({ evening, facts, runs, change, onAfter }: Props) {
  useWakeLock(runs);
  const { rows } = viewEvening(evening);
  const at = rows.findIndex(({ step }) => !step.isDone);
  const row = rows[at];
  const own = facts.find(({ id }) => id === row?.step.danceId);
  const done = (): void => {
    if (row) void change((now) => stepDone(now, row.step.id, own));
  };
  const back = (): void =>
    void change(({ steps }) => {
      const last = steps.findLastIndex(({ isDone }) => isDone);
      return { steps: steps.map((step, index) => (index === last ? { ...step, isDone: false } : step)) };
    });
  useClassKeys(done, back);
  if (rows.length === 0) return <chakra.p padding="1.25rem">{t('Nothing is planned for this evening. Plan it first, or note afterwards what was danced.')}</chakra.p>;
  return (
    <Flex direction="column" flex="1" minHeight="0">
      <Box flex="1" overflowY="auto" padding="1rem 1.5rem" minHeight="0">
        {row ? (
          <>
            <Flex gap="1.25rem" align="baseline" flexWrap="wrap" fontSize="heading" fontVariantNumeric="tabular-nums">
              <b>{row.from}–{row.to}</b>
              <chakra.span color="quiet">{t('step {number} of {count}', { number: at + 1, count: rows.length })}</chakra.span>
              {runs && <Clock until={row.to} />}
            </Flex>
            <chakra.h2 fontSize="clamp(1.6rem, 4.5vw, 3rem)" fontWeight="700" lineHeight="1.15" marginBlock="0.4rem 0.6rem" aria-live="polite">{row.step.words}</chakra.h2>
            {row.step.cautions.map((words) => <chakra.p key={words} borderLeft="4px solid" borderColor="care" paddingLeft="0.75rem" fontSize="lead" maxWidth="50rem" marginBottom="0.5rem">{words}</chakra.p>)}
            {own && <DanceNoting facts={own} note={noteOf(evening, own.id)} change={change} inHall={row.step.sections} />}
            {own && (
              <Flex gap="1.25rem" marginTop="0.9rem" fontSize="lead" flexWrap="wrap">
                <Link to={`/dance/${own.id}/practice`}>{t('Count it in Practice')}</Link>
                <Link to={`/dance/${own.id}/lesson`}>{t('Its lesson')}</Link>
                <Link to={`/dance/${own.id}/sheet`}>{t('Its sheet')}</Link>
              </Flex>
            )}
            {rows[at + 1] && <chakra.p color="quiet" fontSize="part" marginTop="1.25rem">{t('Then, {time}:', { time: rows[at + 1].from })} {rows[at + 1].step.words}</chakra.p>}
          </>
        ) : (
          <>
            <chakra.h2 fontSize="clamp(1.6rem, 4.5vw, 3rem)" fontWeight="700">{t('That was all.')}</chakra.h2>
            <chakra.p fontSize="lead" marginBlock="0.5rem 1rem">{t('What was danced is noted. Two minutes more: where people tripped, what was asked for, what was handed out.')}</chakra.p>
            <Button variant="solid" minHeight="3.5rem" fontSize="part" onClick={onAfter}>{t('Note the rest')}</Button>
          </>
        )}
      </Box>
      <Flex gap="0.75rem" padding="0.75rem 1.5rem" borderTop="2px solid" borderColor="rule" css={{ [NARROW]: { padding: '0.6rem 0.75rem' } }}>
        <Button minHeight="4.25rem" minWidth="6rem" fontSize="part" disabled={!rows.some(({ step }) => step.isDone)} onClick={back}>{t('Back')}</Button>
        <Button variant="solid" flex="1" minHeight="4.25rem" fontSize="heading" disabled={!row} onClick={done}>{t('Done, next')}</Button>
      </Flex>
    </Flex>
  );
} // prettier-ignore

/** The keys of a page turner and the arrows, as in Practice. */
function useClassKeys(done: () => void, back: () => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.altKey || event.ctrlKey || event.metaKey || (event.target instanceof HTMLElement && /^(?:INPUT|SELECT|TEXTAREA)$/.test(event.target.tagName))) return;
      if (event.key === 'ArrowRight' || event.key === 'PageDown') done();
      else if (event.key === 'ArrowLeft' || event.key === 'PageUp') back();
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
} // prettier-ignore

/** The time now, and how far behind the plan it is. */
function Clock({ until }: { until: string }) {
  const [now, setNow] = useState(() => format(new Date(), 'HH:mm'));
  useEffect(() => {
    const timer = setInterval(() => setNow(format(new Date(), 'HH:mm')), 5_000);
    return () => clearInterval(timer);
  }, []);
  const behind = minutesLater(now, until);
  // Hours away from it nothing is behind: the plan is only looked at.
  return (
    <span>
      {t('now {time}', { time: now })}
      {behind > 0 && behind < 120 && <chakra.b color="care"> {t('{minutes} min behind', { minutes: behind })}</chakra.b>}
    </span>
  );
} // prettier-ignore

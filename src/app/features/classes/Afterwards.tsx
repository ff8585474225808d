import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { Evening, PlanFacts } from '../../../core';
import { nameRevision, nextName, type DanceRecord } from '../../../store';
import { useRevisions } from '../revisions/use-revisions';
import { Button } from '../../theme/Button';
import { Select } from '../../theme/fields';
import { KeptText } from '../document/KeptText';
import { DanceNoting } from './DanceNoting';
import { DanceLink } from './NextEvening';
import { sectionsWords } from './words';
import { handOut, noteOf, withNote, withoutNote } from './notes';
import type { Keep } from './use-classes';
import { t } from '../../texts';

type Change = (change: (evening: Evening) => Partial<Evening>) => Promise<boolean>;

/** Two minutes after class: what was danced, where people tripped, what was handed out. */
export function Afterwards({ evening, facts, dances, change, keep }: { evening: Evening; facts: readonly PlanFacts[]; dances: readonly DanceRecord[]; change: Change; keep: Keep }) {
  const planned = evening.steps.flatMap(({ danceId }) => danceId ?? []);
  const noted = evening.notes.map(({ danceId }) => danceId);
  const ids = [...new Set([...noted, ...planned])];
  const shown = ids.flatMap((id) => facts.find((one) => one.id === id) ?? []);
  const gone = evening.notes.filter(({ danceId }) => !facts.some(({ id }) => id === danceId));
  return (
    <>
      {shown.length === 0 && gone.length === 0 && <chakra.p marginBottom="0.75rem">{t('Which dances were danced? Choose the first.')}</chakra.p>}
      {shown.map((one) => (
        <Box as="section" key={one.id} aria-label={one.title} borderTop="1px solid" borderColor="line" paddingBlock="0.7rem 0.9rem">
          <Flex align="baseline" justify="space-between" gap="0.5rem" marginBottom="0.4rem">
            <chakra.h2 fontSize="part" fontWeight="700"><DanceLink id={one.id} title={one.title} /></chakra.h2>
            {noteOf(evening, one.id) ? (
              <Button size="small" variant="plain" onClick={() => change((now) => withoutNote(now, one.id))} aria-label={t('{title} was not danced', { title: one.title })}>{t('not danced')}</Button>
            ) : (
              <chakra.span color="quiet" fontSize="text">{t('nothing noted yet')}</chakra.span>
            )}
          </Flex>
          <DanceNoting facts={one} note={noteOf(evening, one.id)} change={change} />
          <HandedOut facts={one} evening={evening} dance={dances.find(({ id }) => id === one.id)} change={change} keep={keep} />
        </Box>
      ))}
      {gone.map(({ danceId, title, sections, of, tripped }) => (
        <Box key={danceId} borderTop="1px solid" borderColor="line" paddingBlock="0.6rem">
          <b>{title}</b>, {sectionsWords(sections.length, of)}
          <chakra.p color="quiet">{t('It is not on the shelf any more; the log keeps what was noted.')} {tripped.map(({ words }) => words).join('; ')}</chakra.p>
        </Box>
      ))}
      <Flex gap="0.5rem" borderTop="1px solid" borderColor="line" paddingBlock="0.7rem">
        <Another facts={facts.filter(({ id }) => !ids.includes(id))} change={change} />
      </Flex>
      <chakra.label display="block" fontWeight="700">
        {t('Anything else')}
        <KeptText lines={3} marginTop="0.25rem" fontWeight="400" value={evening.words} maxLength={4000} onKeep={(own) => change((now) => ({ words: own(now.words) }))} />
      </chakra.label>
    </>
  );
} // prettier-ignore

function Another({ facts, change }: { facts: readonly PlanFacts[]; change: Change }) {
  return (
    <Select
      width="auto"
      maxWidth="100%"
      aria-label={t('Another dance that was danced')}
      value=""
      onChange={({ target }) => {
        const one = facts.find(({ id }) => id === target.value);
        if (one) change((evening) => withNote(evening, one, () => ({})));
      }}
    >
      <option value="">{t('another dance …')}</option>
      {[...facts].sort((a, b) => a.title.localeCompare(b.title)).map(({ id, title }) => <option key={id} value={id}>{title}</option>)}
    </Select>
  );
} // prettier-ignore

/** Which revision of its sheet they took home: one that has a name, or the dance as it is now, which gets the next number. */
function HandedOut({ facts, evening, dance, change, keep }: { facts: PlanFacts; evening: Evening; dance: DanceRecord | undefined; change: Change; keep: Keep }) {
  const revisions = useRevisions(facts.id);
  const [isNaming, setIsNaming] = useState(false);
  const own = noteOf(evening, facts.id)?.handedOut;
  if (!revisions || !dance) return null;
  const names = [...new Set([...revisions.flatMap(({ name }) => (name === '' ? [] : [name])), ...(own === undefined ? [] : [own])])];
  const isNamed = revisions.some(({ name, text }) => name !== '' && text === dance.text);
  const hand = (name: string | undefined): Promise<boolean> =>
    change((now) => handOut(now, facts, name));
  const choose = async (value: string): Promise<boolean> => {
    if (value !== 'now') return hand(value === '' ? undefined : value.slice(1));
    setIsNaming(true);
    try {
      return await hand(await nameRevision(facts.id, dance.text, nextName(revisions)));
    } finally {
      setIsNaming(false);
    }
  };
  return (
    <chakra.label display="flex" alignItems="center" gap="0.35rem" marginTop="0.45rem" flexWrap="wrap">
      <chakra.span color="quiet" width="5.5rem" flexShrink={0}>{t('Handed out')}</chakra.span>
      <Select width="auto" disabled={isNaming} value={own === undefined ? '' : `=${own}`} onChange={({ target }) => keep(choose(target.value))}>
        <option value="">{t('no sheet')}</option>
        {names.map((name) => <option key={name} value={`=${name}`}>{t('revision {name}', { name })}{revisions.some((one) => one.name === name && one.text === dance.text) ? t(', as it is now') : ''}</option>)}
        {!isNamed && <option value="now">{t('as it is now: revision {name}', { name: nextName(revisions) })}</option>}
      </Select>
    </chakra.label>
  );
} // prettier-ignore

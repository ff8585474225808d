import { Box, chakra, Flex } from '@chakra-ui/react';
import { closestCenter, DndContext, type Announcements, type UniqueIdentifier } from '@dnd-kit/core';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { ChevronDown, ChevronUp, GripVertical, Plus, X } from 'lucide-react';
import { useState } from 'react';
import {
  EVENING_CAUTION,
  STEP_KINDS,
  viewEvening,
  type Evening,
  type EveningRow,
  type EveningStep,
  type PlanFacts,
  type StepKind,
} from '../../../core';
import { useSortSensors } from '../desk/sort-sensors';
import { Button } from '../../theme/Button';
import { Input, Select } from '../../theme/fields';
import { NARROW } from '../../theme/screens';
import { freshStepId, moreMinutes, movedBy, movedStep } from './notes';
import { t } from '../../texts';

type Change = (change: (evening: Evening) => Partial<Evening>) => Promise<boolean>;

const KIND_NAMES: Readonly<Record<StepKind, string>> = {
  'warm-up': 'Warm up',
  revision: 'Dance again',
  section: 'New section',
  join: 'Join',
  run: 'Run with music',
  break: 'Break',
  'cool-down': 'Cool down',
  other: 'Something else',
};

/** The plan as a page, the clock at the left; put in order by grips, by keys, by arrows. */
export function EveningPlan({ evening, change }: { evening: Evening; change: Change }) {
  const { rows } = viewEvening(evening);
  const sensors = useSortSensors();
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      accessibility={{ announcements: announcing(rows), screenReaderInstructions: { draggable: t('Space takes the step, the arrows move it, space lets it go, escape puts it back.') } }}
      onDragEnd={({ active, over }) => {
        if (!over || active.id === over.id) return;
        change((now) => movedStep(now, String(active.id), now.steps.findIndex(({ id }) => id === over.id)));
      }}
    >
      <SortableContext items={rows.map(({ step }) => step.id)} strategy={verticalListSortingStrategy}>
        <ol aria-label={t('Steps of the evening')}>
          {rows.map((row, index) => (
            <Step key={row.step.id} row={row} index={index} isLast={index === rows.length - 1} change={change} />
          ))}
        </ol>
      </SortableContext>
      {rows.length > 0 && (
        <chakra.p borderTop="1px solid" borderColor="line" paddingTop="0.6rem" color="quiet" fontSize="text" maxWidth="46rem">
          {EVENING_CAUTION}
        </chakra.p>
      )}
    </DndContext>
  );
} // prettier-ignore

/** What is said while a step is moved. */
function announcing(rows: readonly EveningRow[]): Announcements {
  const place = (id: UniqueIdentifier): number => rows.findIndex(({ step }) => step.id === id) + 1;
  const words = (id: UniqueIdentifier): string => rows.find(({ step }) => step.id === id)?.step.words ?? '';
  return {
    onDragStart: ({ active }) => t('Taken: {words}.', { words: words(active.id) }),
    onDragOver: ({ active, over }) => over ? t('{words}: now at place {place} of {count}.', { words: words(active.id), place: place(over.id), count: rows.length }) : undefined,
    onDragEnd: ({ active, over }) => over ? t('{words}: put at place {place}.', { words: words(active.id), place: place(over.id) }) : undefined,
    onDragCancel: ({ active }) => t('{words}: put back.', { words: words(active.id) }),
  };
} // prettier-ignore

function Step({ row: { step, from, to }, index, isLast, change }: { row: EveningRow; index: number; isLast: boolean; change: Change }) {
  const { setNodeRef, setActivatorNodeRef, attributes, listeners, transform, transition, isDragging } = useSortable({ id: step.id });
  const number = index + 1;
  return (
    <Flex
      as="li"
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      position="relative"
      zIndex={isDragging ? 1 : undefined}
      background={isDragging ? 'sand' : 'paper'}
      gap="0.75rem"
      borderTop="1px solid"
      borderColor="line"
      paddingBlock="0.45rem"
      css={{ [NARROW]: { flexWrap: 'wrap', columnGap: '0.5rem' } }}
    >
      <chakra.button type="button" ref={setActivatorNodeRef} {...attributes} {...listeners} aria-label={t('Move step {number}', { number })} alignSelf="flex-start" padding="0.2rem 0" minWidth="1.5rem" minHeight="1.5rem" background="transparent" border="none" color="quiet" cursor="grab" display="flex" touchAction="none">
        <GripVertical size={18} aria-hidden />
      </chakra.button>
      <Box width="6.3rem" flexShrink={0}>
        <chakra.span fontWeight="700" fontVariantNumeric="tabular-nums">{from}–{to}</chakra.span>
        <Flex align="center" gap="0.1rem" marginTop="0.15rem">
          <Small disabled={step.minutes <= 1} label={t('A minute less for step {number}', { number })} onPress={() => change((now) => moreMinutes(now, step.id, -1))}>−</Small>
          <chakra.span fontSize="small" fontVariantNumeric="tabular-nums" minWidth="3rem" textAlign="center">{t('{minutes} min', { minutes: step.minutes })}</chakra.span>
          <Small disabled={step.minutes >= 240} label={t('A minute more for step {number}', { number })} onPress={() => change((now) => moreMinutes(now, step.id, 1))}>+</Small>
        </Flex>
      </Box>
      <Box flex="1" minWidth="0">
        <chakra.p fontWeight="700">{step.words}</chakra.p>
        {step.why && <chakra.p color="quiet" maxWidth="42rem">{step.why}</chakra.p>}
        {step.cautions.map((words) => (
          <chakra.p key={words} maxWidth="42rem" borderLeft="3px solid" borderColor="care" paddingLeft="0.6rem" marginTop="0.2rem" fontSize="small">{words}</chakra.p>
        ))}
      </Box>
      <Flex flexShrink={0} align="flex-start" css={{ [NARROW]: { width: '100%', justifyContent: 'flex-end' } }}>
        <Small disabled={index === 0} label={t('Step {number} earlier', { number })} onPress={() => change((now) => movedBy(now, step.id, -1))}><ChevronUp size={16} aria-hidden /></Small>
        <Small disabled={isLast} label={t('Step {number} later', { number })} onPress={() => change((now) => movedBy(now, step.id, 1))}><ChevronDown size={16} aria-hidden /></Small>
        <Small label={t('Take step {number} out', { number })} onPress={() => change(({ steps }) => ({ steps: steps.filter(({ id }) => id !== step.id) }))}><X size={16} aria-hidden /></Small>
      </Flex>
    </Flex>
  );
} // prettier-ignore

const Small = ({
  label,
  disabled = false,
  onPress,
  children,
}: {
  label: string;
  disabled?: boolean;
  onPress: () => void;
  children: React.ReactNode;
}) => (
  <Button
    size="small"
    variant="plain"
    minHeight="1.6rem"
    paddingInline="0.35rem"
    disabled={disabled}
    aria-label={label}
    onClick={onPress}
  >
    {children}
  </Button>
);

/** A step of one's own, put before the last. */
export function StepForm({ dances, change }: { dances: readonly PlanFacts[]; change: Change }) {
  const [kind, setKind] = useState<StepKind>('revision');
  const [danceId, setDanceId] = useState('');
  const [section, setSection] = useState('');
  const [words, setWords] = useState('');
  const [minutes, setMinutes] = useState(5);
  const facts = dances.find(({ id }) => id === danceId);
  const own = words.trim() || (facts ? `${facts.title}${section ? `: ${facts.sections[Number(section) - 1]?.name}` : ''}` : t(KIND_NAMES[kind]));
  const isFine = Number.isInteger(minutes) && minutes >= 1 && minutes <= 240;
  const add = (): void => {
    const sections = facts && section ? [Number(section)] : [];
    change((evening) => {
      const step: EveningStep = { id: freshStepId(evening), kind, minutes, words: own.slice(0, 200), why: '', ...(facts && { danceId, title: facts.title }), sections, cautions: [], isDone: false };
      return movedStep({ steps: [...evening.steps, step] }, step.id, evening.steps.length - (evening.steps.at(-1)?.kind === 'cool-down' ? 1 : 0));
    });
    setWords('');
  };
  return (
    <chakra.form
      aria-label={t('Add a step')}
      onSubmit={(event) => {
        event.preventDefault();
        if (isFine) add();
      }}
    >
      <chakra.h2 fontSize="part" fontWeight="700" marginBottom="0.4rem">{t('Add a step')}</chakra.h2>
      <Select aria-label={t('Kind of step')} value={kind} onChange={({ target }) => setKind(target.value as StepKind)}>
        {STEP_KINDS.map((one) => <option key={one} value={one}>{t(KIND_NAMES[one])}</option>)}
      </Select>
      <Flex gap="0.4rem" marginTop="0.4rem">
        <Select aria-label={t('Dance')} value={danceId} onChange={({ target }) => { setDanceId(target.value); setSection(''); }}>
          <option value="">{t('no dance')}</option>
          {[...dances].sort((a, b) => a.title.localeCompare(b.title)).map(({ id, title }) => <option key={id} value={id}>{title}</option>)}
        </Select>
        {facts && (
          <Select width="7rem" flexShrink={0} aria-label={t('Section')} value={section} onChange={({ target }) => setSection(target.value)}>
            <option value="">{t('all of it')}</option>
            {facts.sections.map(({ name }, index) => <option key={index} value={index + 1}>{name}</option>)}
          </Select>
        )}
      </Flex>
      <Flex gap="0.4rem" marginTop="0.4rem">
        <Input aria-label={t('In words')} placeholder={own} value={words} onChange={({ target }) => setWords(target.value)} />
        <Input type="number" width="5rem" flexShrink={0} aria-label={t('Minutes of the step')} min={1} max={240} value={Number.isNaN(minutes) ? '' : minutes} onChange={({ target }) => setMinutes(target.valueAsNumber)} aria-invalid={!isFine} />
      </Flex>
      <Button type="submit" size="small" marginTop="0.5rem" disabled={!isFine}><Plus size={16} aria-hidden /> {t('Add it')}</Button>
    </chakra.form>
  );
} // prettier-ignore

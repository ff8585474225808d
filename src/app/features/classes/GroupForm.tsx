import { Box, chakra, Flex } from '@chakra-ui/react';
import { yupResolver } from '@hookform/resolvers/yup';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { array, number, object, string, type InferType } from 'yup';
import { EVENING_MINUTES, HALL_RULES, isClock, isDay, USUAL_INTERVALS, type ClassGroup } from '../../../core';
import { Button } from '../../theme/Button';
import { Input, Select, TextArea } from '../../theme/fields';
import { Elsewhere } from '../document/Elsewhere';
import { mergeWords } from '../document/merge-words';
import { Modal } from '../frame/Modal';
import { useLevelScale } from '../settings/settings';
import { todayHere } from './dates';
import { t } from '../../texts';

const line = (most: number) => string().trim().max(most, `At most ${most} letters`).default('');

const schema = object({
  name: line(80).required('A group needs a name'),
  place: line(120),
  from: string().required('When is its first evening?').test('day', 'A day, such as 2026-09-01', (value) => isDay(value)),
  every: number().typeError('A number of weeks').integer('Whole weeks').min(1, 'At least every week').max(52, 'At most a year').required(),
  time: string().required('When does it begin?').test('clock', 'A time, such as 19:30', (value) => isClock(value)),
  minutes: number().typeError('A number of minutes').integer('Whole minutes').min(EVENING_MINUTES.least, `At least ${EVENING_MINUTES.least} minutes`).max(EVENING_MINUTES.most, `At most ${EVENING_MINUTES.most} minutes`).required(),
  level: line(60),
  intervals: string()
    .default('')
    .test('weeks', 'Weeks that grow, such as 1, 2, 4, 8', (value) => weeksOf(value) !== undefined),
  forbids: array(string().required()).default([]),
  notes: string().max(2000, 'At most 2000 letters').default(''),
}); // prettier-ignore

type Values = InferType<typeof schema>;

/** Numbers that go up, or undefined. */
function weeksOf(text: string | undefined): number[] | undefined {
  const weeks = (text ?? '').split(/[\s,;]+/).filter(Boolean).map(Number);
  const grows = weeks.every((week, index) => Number.isInteger(week) && week >= 1 && week <= 520 && (index === 0 || week >= weeks[index - 1]));
  return weeks.length > 0 && weeks.length <= 20 && grows ? weeks : undefined;
} // prettier-ignore

const FRESH = { name: '', place: '', every: 1, time: '19:30', minutes: EVENING_MINUTES.usual, intervals: USUAL_INTERVALS, forbids: [], notes: '' }; // prettier-ignore

const valuesOf = ({ name, place, from, every, time, minutes, level, intervals, forbids, notes }: Omit<ClassGroup, 'id'>): Values =>
  ({ name, place, from, every, time, minutes, level, intervals: intervals.join(', '), forbids: [...forbids], notes }); // prettier-ignore

/** What to write, told what is kept then; nothing is kept yet of a new group. */
export type GroupChange = (now: ClassGroup | undefined) => Omit<ClassGroup, 'id'>;

/** What was changed here over what is kept by now: another tab may have changed the rest. */
function changedIn(values: Values, begun: Values, now: Values = begun): Omit<ClassGroup, 'id'> {
  const changed = Object.fromEntries(Object.entries(values).filter(([key, value]) => String(value) !== String(begun[key as keyof Values]))) as Partial<Values>;
  const dropped = begun.forbids.filter((id) => !values.forbids.includes(id));
  const { intervals, ...merged } = {
    ...now,
    ...changed,
    notes: mergeWords(begun.notes, values.notes, now.notes),
    forbids: [...new Set([...now.forbids.filter((id) => !dropped.includes(id)), ...values.forbids.filter((id) => !begun.forbids.includes(id))])],
  };
  return { ...merged, intervals: weeksOf(intervals) ?? USUAL_INTERVALS };
} // prettier-ignore

/** A group, new or changed. */
export default function GroupForm({ group, onKeep, onClose }: { group: ClassGroup | undefined; onKeep: (change: GroupChange) => void; onClose: () => void }) {
  const scale = useLevelScale();
  const [fresh] = useState(() => ({ ...FRESH, from: todayHere(), level: scale.names[Math.min(1, scale.names.length - 1)] }));
  const kept = valuesOf(group ?? fresh);
  const [begun] = useState(kept);
  // What another tab changes comes into the fields that nobody writes in here.
  const { register, handleSubmit, setValue, formState: { errors, isDirty, dirtyFields } } = useForm<Values>({
    resolver: yupResolver(schema),
    values: kept,
    resetOptions: { keepDirtyValues: true },
  });
  const save = handleSubmit((values) => onKeep((now) => changedIn(values, begun, now && valuesOf(now))));
  const other = (name: keyof Values) =>
    group && dirtyFields[name] && String(kept[name]) !== String(begun[name]) ? <Elsewhere value={String(kept[name])} onTake={() => setValue(name, kept[name], { shouldDirty: true })} /> : undefined;
  const own = group && group.level !== '' && !scale.names.includes(group.level) ? [group.level] : [];
  return (
    <Modal title={group ? t('The group') : t('A new group')} onClose={onClose} isDirty={isDirty}>
      <form onSubmit={(event) => void save(event)} noValidate>
        <Field name="name" other={other('name')} label={t('Name')} error={errors.name?.message}><Input id="group-name" {...register('name')} autoFocus aria-invalid={Boolean(errors.name)} /></Field>
        <Field name="place" other={other('place')} label={t('Place')} error={errors.place?.message}><Input id="group-place" {...register('place')} /></Field>
        <Flex gap="0.75rem" flexWrap="wrap">
          <Field name="from" other={other('from')} label={t('First evening')} error={errors.from?.message}><Input id="group-from" type="date" {...register('from')} aria-invalid={Boolean(errors.from)} /></Field>
          <Field name="time" other={other('time')} label={t('Begins at')} error={errors.time?.message}><Input id="group-time" type="time" {...register('time')} aria-invalid={Boolean(errors.time)} /></Field>
          <Field name="minutes" other={other('minutes')} label={t('Minutes')} error={errors.minutes?.message}><Input id="group-minutes" type="number" {...register('minutes')} aria-invalid={Boolean(errors.minutes)} /></Field>
          <Field name="every" other={other('every')} label={t('Every … weeks')} error={errors.every?.message}><Input id="group-every" type="number" {...register('every')} aria-invalid={Boolean(errors.every)} /></Field>
        </Flex>
        <Flex gap="1rem" flexWrap="wrap">
          <Field name="level" other={other('level')} label={t('Level they are at')} error={errors.level?.message}>
            <Select id="group-level" {...register('level')}>
              <option value="">{t('not said')}</option>
              {[...own, ...scale.names].map((name) => <option key={name}>{name}</option>)}
            </Select>
          </Field>
          <Field name="intervals" other={other('intervals')} label={t('Dances are due again after weeks')} error={errors.intervals?.message}><Input id="group-intervals" {...register('intervals')} aria-invalid={Boolean(errors.intervals)} /></Field>
        </Flex>
        <chakra.fieldset border="none" padding="0" margin="0.75rem 0 0">
          <chakra.legend padding="0" fontWeight="600" fontSize="text">{t('The hall and the people ask for')}</chakra.legend>
          <Flex gap="0.3rem 1.25rem" flexWrap="wrap">
            {HALL_RULES.map(({ id, words }) => (
              <chakra.label key={id} display="flex" alignItems="center" gap="0.4rem" minHeight="1.9rem"><input type="checkbox" value={id} {...register('forbids')} /> {words}</chakra.label>
            ))}
          </Flex>
        </chakra.fieldset>
        <Field name="notes" label={t('Notes')} error={errors.notes?.message}><TextArea id="group-notes" rows={3} {...register('notes')} /></Field>
        <Button type="submit" variant="solid" marginTop="1rem">{group ? t('Keep the changes') : t('Make the group')}</Button>
      </form>
    </Modal>
  );
} // prettier-ignore

const Field = ({ name, label, error, other, children }: { name: string; label: string; error: string | undefined; other?: React.ReactNode; children: React.ReactNode }) => (
  <Box flex="1" minWidth="6.4rem">
    <chakra.label htmlFor={`group-${name}`} display="block" fontWeight="600" fontSize="text" marginTop="0.6rem" marginBottom="0.15rem">
      {label}
    </chakra.label>
    {children}
    {other}
    {error && (
      <chakra.p role="alert" color="slip" fontSize="small" marginTop="0.15rem">
        {error}
      </chakra.p>
    )}
  </Box>
); // prettier-ignore

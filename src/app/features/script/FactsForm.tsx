import { Box, chakra, Flex } from '@chakra-ui/react';
import { yupResolver } from '@hookform/resolvers/yup';
import type { EditorView } from '@codemirror/view';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { object, string, type InferType } from 'yup';
import { editFacts } from '../../../core';
import { studyLive, useLevelScale } from '../settings/settings';
import { Button } from '../../theme/Button';
import { Input, Select } from '../../theme/fields';
import { useSessionChanges } from '../document/DanceContext';
import { Elsewhere } from '../document/Elsewhere';
import type { DanceSession } from '../document/session';
import { Modal } from '../frame/Modal';
import { t } from '../../texts';

const oneLine = (most: number) =>
  string()
    .trim()
    .max(most, `At most ${most} letters`)
    .matches(/^[^\n]*$/, 'One line only')
    .default('');

const factsSchema = object({
  title: oneLine(120).required('A dance needs a name'),
  music: oneLine(160),
  intro: oneLine(80),
  start: string().oneOf(['', 'weight L', 'weight R', 'weight both']).default(''),
  level: oneLine(60),
  walls: string()
    .trim()
    .matches(/^([1-9]\d?)?$/, 'A number of walls, such as 2 or 4')
    .default(''),
  author: oneLine(120),
});

type FactsValues = InferType<typeof factsSchema>;

/** The facts as the head says them, kept up with what is written meanwhile, and the form over them. */
function useFacts(session: DanceSession) {
  useSessionChanges(session);
  const { script } = studyLive(session.text);
  const value = (key: string): string => script.header.entries.find((entry) => entry.key === key)?.value ?? '';
  const start = script.header.startStated ? (`weight ${script.header.startWeight}` as FactsValues['start']) : '';
  const kept: FactsValues = {
    title: script.title,
    music: value('music'),
    intro: value('intro'),
    start,
    level: value('level'),
    walls: value('walls'),
    author: value('author'),
  };
  const [begun] = useState(kept);
  // What another tab writes at the head comes into the fields that nobody writes in here.
  const form = useForm<FactsValues>({
    resolver: yupResolver(factsSchema),
    values: kept,
    resetOptions: { keepDirtyValues: true },
  });
  const other = (name: keyof FactsValues) =>
    form.formState.dirtyFields[name] && kept[name] !== begun[name] ? (
      <Elsewhere value={kept[name]} onTake={() => form.setValue(name, kept[name], { shouldDirty: true })} />
    ) : undefined;
  return { script, start, value, other, form };
}

/** The facts at the head of the dance. The form edits the text; the text stays the truth. */
export default function FactsForm({
  session,
  view,
  onClose,
}: {
  session: DanceSession;
  view: EditorView | undefined;
  onClose: () => void;
}) {
  const { script, start, value, other, form } = useFacts(session);
  const {
    handleSubmit,
    formState: { isDirty },
  } = form;
  const save = handleSubmit((facts) => {
    const changes = editFacts(script, {
      ...facts,
      start: facts.start === start ? value('start') : facts.start,
    });
    if (view) view.dispatch({ changes, userEvent: 'input.facts' });
    onClose();
  });
  return (
    <Modal title={t('Facts of the dance')} onClose={onClose} isDirty={isDirty}>
      <form onSubmit={(event) => void save(event)} noValidate>
        <FactFields form={form} other={other} />
        <Flex gap="0.5rem" marginTop="1rem">
          <Button type="submit" variant="solid">
            {t('Write into the script')}
          </Button>
        </Flex>
      </form>
    </Modal>
  );
}

function FactFields({ form, other }: Pick<ReturnType<typeof useFacts>, 'form' | 'other'>) {
  const { names: levels } = useLevelScale();
  const {
    register,
    formState: { errors },
  } = form;
  return (
    <>
      <Field label={t('Name')} error={errors.title?.message} other={other('title')} {...register('title')} autoFocus />
      <Field
        label={t('Music')}
        hint="title, tempo"
        error={errors.music?.message}
        other={other('music')}
        {...register('music')}
      />
      <Field
        label={t('Intro')}
        hint="16 counts"
        error={errors.intro?.message}
        other={other('intro')}
        {...register('intro')}
      />
      <Flex gap="1rem" flexWrap="wrap">
        <Box flex="1" minWidth="10rem">
          <Label htmlFor="fact-start">{t('Start')}</Label>
          <Select id="fact-start" {...register('start')}>
            <option value="">{t('not stated (weight L)')}</option>
            <option value="weight L">{t('weight on L, R leads')}</option>
            <option value="weight R">{t('weight on R, L leads')}</option>
            <option value="weight both">{t('weight on both')}</option>
          </Select>
          {other('start')}
        </Box>
        <Box flex="1" minWidth="8rem">
          <Field
            label={t('Walls')}
            hint="a claim, checked"
            inputMode="numeric"
            error={errors.walls?.message}
            other={other('walls')}
            {...register('walls')}
          />
        </Box>
      </Flex>
      <Field
        label={t('Level')}
        list="levels"
        error={errors.level?.message}
        other={other('level')}
        {...register('level')}
      />
      <datalist id="levels">
        {levels.map((level) => (
          <option key={level} value={level} />
        ))}
      </datalist>
      <Field label={t('By')} error={errors.author?.message} other={other('author')} {...register('author')} />
    </>
  );
}

const Label = chakra('label', {
  base: {
    display: 'block',
    fontWeight: '600',
    fontSize: 'text',
    marginTop: '0.6rem',
    marginBottom: '0.15rem',
  },
});

type FieldProps = {
  label: string;
  hint?: string;
  error?: string;
  name: string;
  /** What another tab wrote there meanwhile. */
  other?: React.ReactNode;
} & React.ComponentProps<'input'>;

function Field({ label, hint, error, other, ...input }: FieldProps) {
  const id = `fact-${input.name}`;
  return (
    <div>
      <Label htmlFor={id}>
        {label}
        {hint && (
          <chakra.span color="quiet" fontWeight="400">
            {' '}
            {hint}
          </chakra.span>
        )}
      </Label>
      <Input
        id={id}
        aria-invalid={error ? true : undefined}
        aria-describedby={error ? `${id}-error` : undefined}
        {...(input as object)}
      />
      {other}
      {error && (
        <chakra.p id={`${id}-error`} color="slip" fontSize="small">
          {error}
        </chakra.p>
      )}
    </div>
  );
}

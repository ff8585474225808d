import { Box, chakra, Flex } from '@chakra-ui/react';
import { yupResolver } from '@hookform/resolvers/yup';
import { useForm, useWatch } from 'react-hook-form';
import { object, string } from 'yup';
import { tryOwnFigure } from '../../../core';
import { Modal } from '../frame/Modal';
import { FootDisc, WeightPair } from '../marks/Marks';
import { Button } from '../../theme/Button';
import { Input, TextArea } from '../../theme/fields';
import type { OwnEntry } from './own';
import { t } from '../../texts';

const schema = object({
  names: string().trim().max(200).required('A figure needs a name'),
  counts: string().trim().max(60).required('Its counts, such as 1&2'),
  feet: string().trim().max(600).required('What the feet do, one action a comma'),
});

interface Values {
  names: string;
  counts: string;
  feet: string;
}

/** `"harbour step", "quay step" 1&2: A side, B behind, A together`. */
const definitionOf = ({ names, counts, feet }: Values): string =>
  `${names
    .split(',')
    .map((name) => name.trim().replace(/["“”„]/g, ''))
    .filter(Boolean)
    .map((name) => `"${name}"`)
    .join(', ')} ${counts.trim()}: ${feet.trim()}`;

function valuesOf(definition: string | undefined): Values {
  const match = /^(.*["“”„])([^"“”„:]*):(.*)$/.exec(definition ?? '');
  if (!match) return { names: '', counts: '1&2', feet: '' };
  return { names: match[1].replace(/["“”„]/g, ''), counts: match[2].trim(), feet: match[3].trim() };
}

/** Defines a figure foot by foot and says at once whether it dances. */
export default function OwnFigureForm({
  own,
  onKeep,
  onClose,
}: {
  own: OwnEntry | undefined;
  onKeep: (definition: string) => void;
  onClose: () => void;
}) {
  const { register, handleSubmit, control, formState } = useForm<Values>({
    resolver: yupResolver(schema),
    defaultValues: valuesOf(own?.definition),
  });
  const values = useWatch({ control }) as Values;
  const begun = values.names.trim() !== '' && values.feet.trim() !== '';
  const tried = begun ? tryOwnFigure(definitionOf(values)) : undefined;
  const dances = tried !== undefined && !('problem' in tried);
  const keep = handleSubmit((kept) => {
    if (dances) onKeep(definitionOf(kept));
  });
  return (
    <Modal
      title={own ? 'Change your figure' : 'A figure of your own'}
      onClose={onClose}
      width="40rem"
      isDirty={formState.isDirty}
    >
      <form onSubmit={(event) => void keep(event)} noValidate>
        <Field label={t('Names, with commas between')} error={formState.errors.names?.message}>
          <Input {...register('names')} placeholder={t('harbour step, quay step')} autoFocus />
        </Field>
        <Field label={t('Counts')} error={formState.errors.counts?.message}>
          <Input {...register('counts')} width="9rem" />
        </Field>
        <Field label={t('Feet, one action a comma')} error={formState.errors.feet?.message}>
          <TextArea {...register('feet')} rows={3} placeholder={t('A side, B behind, A together')} resize="vertical" />
        </Field>
        <chakra.p color="quiet" fontSize="text" marginBottom="0.75rem">
          {t(
            'A leads, B is the other foot; R and L will do as well. What takes no weight stands in brackets: [B touch side]. A turn is 1/4 out or 1/4 in: towards the leading foot’s side, or away from it.',
          )}
        </chakra.p>
        <Box minHeight="5.5rem" aria-live="polite" borderTop="1px solid" borderColor="line" paddingTop="0.75rem">
          {tried === undefined && (
            <chakra.p color="quiet">{t('Write its name and its feet, and it is danced here.')}</chakra.p>
          )}
          {tried && 'problem' in tried && <chakra.p color="slip">Not yet: {tried.problem}.</chakra.p>}
          {tried && !('problem' in tried) && (
            <Flex gap="2rem" wrap="wrap">
              {(['R', 'L'] as const).map((lead) => (
                <Box key={lead}>
                  <chakra.p fontWeight="600">led by {lead}</chakra.p>
                  {tried.danced[lead].forms.slice(0, 1).map((form) => (
                    <Flex key={form.counts} align="center" gap="0.35rem" wrap="wrap">
                      {form.steps.map((step, index) => (
                        <Flex key={index} align="center" gap="0.15rem" title={step.words}>
                          <chakra.span fontSize="small">{step.count}</chakra.span>
                          <FootDisc mark={step.mark} />
                        </Flex>
                      ))}
                      <chakra.span color="quiet" marginLeft="0.5rem">
                        {t('then')}
                      </chakra.span>
                      <WeightPair weight={form.ends} />
                    </Flex>
                  ))}
                </Box>
              ))}
            </Flex>
          )}
        </Box>
        <Flex gap="0.5rem" marginTop="1rem">
          <Button type="submit" variant="solid" disabled={!dances}>
            {t('Keep this figure')}
          </Button>
        </Flex>
      </form>
    </Modal>
  );
}

const Field = ({ label, error, children }: { label: string; error?: string; children: React.ReactNode }) => (
  <chakra.label display="block" marginBottom="0.75rem">
    <chakra.span display="block" fontWeight="600" fontSize="text" marginBottom="0.2rem">
      {label}
    </chakra.span>
    {children}
    {error && (
      <chakra.span color="slip" fontSize="small">
        {error}
      </chakra.span>
    )}
  </chakra.label>
);

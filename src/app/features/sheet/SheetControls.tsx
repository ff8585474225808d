import { Box, chakra, Flex } from '@chakra-ui/react';
import { useId, type ReactNode } from 'react';
import { LANGUAGES, TONGUES } from '../../../core';
import { PAPERS, TYPE_SIZES, type Form } from '../../../paper/page';
import { Select } from '../../theme/fields';
import { allStyles, useKeptStyles } from '../settings/settings';
import { AS_WRITTEN, type SheetSettings } from './sheet-choice';
import { t } from '../../texts';

const FORM_WORDS: Readonly<Record<Form, readonly [name: string, what: string]>> = {
  full: ['Full sheet', 'every step, to learn from'],
  'cue-card': ['Cue card', 'large, for the floor'],
  floor: ['Floor sheet', 'the feet of every line, a page a section'],
  counts: ['Counts only', 'its rhythm, for counting in'],
  teaching: ['Teaching script', 'everything to be said, with its minutes'],
  summary: ['Summary', 'three lines for a message'],
};

const MARKS = [
  ['feet', 'Feet and weight'],
  ['rooms', 'Rooms'],
  ['rails', 'Count rails'],
  ['options', 'Options'],
  ['notes', 'Notes and cues'],
  ['floor', 'Floor pictures'],
] as const;

/** What the sheet is to be; everything shows at once on the paper beside it. */
export function SheetControls({
  settings,
  onChange,
}: {
  settings: SheetSettings;
  onChange: (more: Partial<SheetSettings>) => void;
}) {
  useKeptStyles();
  const { form } = settings;
  const isFull = form === 'full';
  return (
    <Box as="section" aria-label={t('How the sheet looks')} fontSize="text">
      <chakra.fieldset border="none" padding="0" margin="0 0 1.1rem">
        <chakra.legend fontWeight="700" padding="0" marginBottom="0.35rem">
          {t('Form')}
        </chakra.legend>
        {(Object.keys(FORM_WORDS) as Form[]).map((one) => (
          <chakra.label
            key={one}
            display="flex"
            gap="0.6rem"
            alignItems="baseline"
            paddingBlock="0.22rem"
            cursor="pointer"
          >
            <input type="radio" name="form" checked={form === one} onChange={() => onChange({ form: one })} />
            <span>
              <chakra.span fontWeight={form === one ? '700' : '400'}>{t(FORM_WORDS[one][0])}</chakra.span>
              <chakra.span color="quiet" display="block" fontSize="small">
                {t(FORM_WORDS[one][1])}
              </chakra.span>
            </span>
          </chakra.label>
        ))}
      </chakra.fieldset>
      <Pick
        label={t('Language')}
        value={settings.language}
        onPick={(language) => onChange({ language: language as SheetSettings['language'] })}
      >
        <option value={AS_WRITTEN}>{t('As it is written')}</option>
        {LANGUAGES.map((language) => (
          <option key={language} value={language}>
            {TONGUES[language].title}
          </option>
        ))}
      </Pick>
      <Pick label={t('Style')} value={settings.style} onPick={(style) => onChange({ style })}>
        <option value={AS_WRITTEN}>{t('As it is written')}</option>
        {allStyles().map(({ id, title }) => (
          <option key={id} value={id}>
            {title}
          </option>
        ))}
      </Pick>
      <Pick label={t('Paper')} value={settings.paper} onPick={(paper) => onChange({ paper })}>
        {PAPERS.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </Pick>
      {form !== 'cue-card' && (
        <Pick label={t('Type')} value={String(settings.size)} onPick={(size) => onChange({ size: Number(size) })}>
          {TYPE_SIZES.map((size) => (
            <option key={size} value={size}>
              {size} point
            </option>
          ))}
        </Pick>
      )}
      {isFull && (
        <>
          <Pick
            label={t('Columns')}
            value={String(settings.columns)}
            onPick={(columns) => onChange({ columns: columns === '2' ? 2 : 1 })}
          >
            <option value="1">{t('One')}</option>
            <option value="2">{t('Two, without feet')}</option>
          </Pick>
          <chakra.fieldset border="none" padding="0" margin="1.1rem 0 0">
            <chakra.legend fontWeight="700" padding="0" marginBottom="0.35rem">
              {t('On the paper')}
            </chakra.legend>
            {MARKS.map(([key, label]) => (
              <chakra.label
                key={key}
                display="flex"
                gap="0.6rem"
                alignItems="center"
                paddingBlock="0.2rem"
                cursor="pointer"
              >
                <input
                  type="checkbox"
                  checked={settings[key] && !(key === 'feet' && settings.columns === 2)}
                  disabled={key === 'feet' && settings.columns === 2}
                  onChange={(event) => onChange({ [key]: event.target.checked })}
                />
                {t(label)}
              </chakra.label>
            ))}
          </chakra.fieldset>
        </>
      )}
    </Box>
  );
}

function Pick({
  label,
  value,
  onPick,
  children,
}: {
  label: string;
  value: string;
  onPick: (value: string) => void;
  children: ReactNode;
}) {
  const id = useId();
  return (
    <Flex align="center" gap="0.5rem" marginBottom="0.5rem">
      <chakra.label htmlFor={id} width="5rem" flexShrink={0}>
        {label}
      </chakra.label>
      <Select id={id} value={value} onChange={(event) => onPick(event.target.value)} padding="0.3rem 0.4rem">
        {children}
      </Select>
    </Flex>
  );
}

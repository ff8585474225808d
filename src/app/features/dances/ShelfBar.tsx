import { chakra, Flex } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { memo } from 'react';
import { Button } from '../../theme/Button';
import { Input, Select } from '../../theme/fields';
import type { choicesOf } from './shelf';
import { EVERYTHING, type ShelfChoice, type Sort } from './shelf';
import { t } from '../../texts';

const SORT_WORDS: Readonly<Record<Sort, string>> = {
  changed: 'last changed',
  title: 'name',
  level: 'level',
  counts: 'counts',
  tempo: 'tempo',
  slips: 'to mend',
};

type Field = 'level' | 'counts' | 'walls' | 'tempo' | 'slips' | 'changed' | 'tag';
type Options = readonly (readonly [value: string, count: number])[];

const TEMPO_WORDS: Readonly<Record<string, string>> = { slow: 'under 100', middle: '100 to 125', quick: 'over 125' };
const CHANGED_WORDS: Readonly<Record<string, string>> = {
  week: 'this week',
  month: 'this month',
  older: 'longer ago',
};
const asItIs = (value: string): string => value;

const FILTERS: readonly { field: Field; label: string; words: (value: string) => string }[] = [
  { field: 'level', label: 'Level', words: asItIs },
  { field: 'counts', label: 'Counts', words: (value) => `${value} counts` },
  { field: 'walls', label: 'Walls', words: (value) => `${value} ${value === '1' ? 'wall' : 'walls'}` },
  { field: 'tempo', label: 'Tempo', words: (value) => TEMPO_WORDS[value] ?? value },
  { field: 'slips', label: 'To mend', words: (value) => (value === 'with' ? 'something to mend' : 'nothing to mend') },
  { field: 'changed', label: 'Changed', words: (value) => CHANGED_WORDS[value] ?? value },
  { field: 'tag', label: 'Tags', words: asItIs },
];

/** Filters whose choices are always the same. */
const FIXED: Partial<Readonly<Record<Field, Options>>> = {
  changed: Object.keys(CHANGED_WORDS).map((value) => [value, 0] as const),
  tempo: Object.keys(TEMPO_WORDS).map((value) => [value, 0] as const),
  slips: [
    ['with', 0],
    ['without', 0],
  ],
};

/** Words to look for, and what to keep out of the way. */
export const ShelfBar = memo(function ShelfBar({
  choices,
  choice,
  onChange,
  onFocus,
}: {
  choices: ReturnType<typeof choicesOf>;
  choice: ShelfChoice;
  onChange: (more: Partial<ShelfChoice>) => void;
  onFocus: () => void;
}) {
  const isNarrowed = JSON.stringify({ ...choice, sort: '' }) !== JSON.stringify({ ...EVERYTHING, sort: '' });
  return (
    <Flex as="search" gap="0.5rem" flexWrap="wrap" align="center" marginBottom="0.9rem">
      <Input
        type="search"
        aria-label={t('Search the shelf')}
        placeholder={t('Name, music, figure, any word')}
        value={choice.words}
        onFocus={onFocus}
        onChange={(event) => onChange({ words: event.target.value })}
        css={{ '&&': { flex: '1 1 11rem', width: 'auto' } }}
      />
      {FILTERS.map(({ field, label, words }) => {
        const options = FIXED[field] ?? choices[field as keyof typeof choices];
        return options.length === 0 ? null : (
          <Filter key={field} {...{ field, label, words, options, onChange }} value={choice[field]} />
        );
      })}
      <chakra.label display="flex" alignItems="center" gap="0.4rem" color="quiet">
        by
        <Select
          aria-label={t('Order')}
          value={choice.sort}
          onChange={(event) => onChange({ sort: event.target.value as Sort })}
          css={{ '&&': { width: 'auto' } }}
        >
          {Object.entries(SORT_WORDS).map(([sort, words]) => (
            <option key={sort} value={sort}>
              {words}
            </option>
          ))}
        </Select>
      </chakra.label>
      {isNarrowed && (
        <Button variant="plain" size="small" onClick={() => onChange({ ...EVERYTHING, sort: choice.sort })}>
          <X size={15} aria-hidden /> {t('Show all')}
        </Button>
      )}
    </Flex>
  );
});

const Filter = memo(function Filter({
  label,
  value,
  options,
  words,
  field,
  onChange,
}: {
  label: string;
  value: string;
  options: Options;
  words: (value: string) => string;
  field: Field;
  onChange: (more: Partial<ShelfChoice>) => void;
}) {
  return (
    <Select
      aria-label={label}
      value={value}
      onChange={(event) => onChange({ [field]: event.target.value })}
      css={{
        '&&': { width: 'auto', maxWidth: '6.25rem', paddingInline: '0.35rem', fontWeight: value ? '700' : '400' },
      }}
    >
      <option value="">{label}</option>
      {options.map(([one, count]) => (
        <option key={one} value={one}>
          {words(one)}
          {count > 0 ? ` (${count})` : ''}
        </option>
      ))}
    </Select>
  );
});

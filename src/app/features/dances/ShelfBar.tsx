import { chakra, Flex } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { Button } from '../../theme/Button';
import { Input, Select } from '../../theme/fields';
import type { choicesOf } from './shelf';
import { EVERYTHING, type ShelfChoice, type Sort } from './shelf';

const SORT_WORDS: Readonly<Record<Sort, string>> = {
  changed: 'last changed',
  title: 'name',
  level: 'level',
  counts: 'counts',
  tempo: 'tempo',
  slips: 'slips',
};

/** Words to look for, and what to keep out of the way. */
export function ShelfBar({
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
        aria-label="Search the shelf"
        placeholder="Name, music, figure, any word"
        value={choice.words}
        onFocus={onFocus}
        onChange={(event) => onChange({ words: event.target.value })}
        css={{ '&&': { flex: '1 1 12rem', width: 'auto' } }}
      />
      <Filter
        label="Level"
        value={choice.level}
        options={choices.level}
        words={(value) => value}
        onPick={(level) => onChange({ level })}
      />
      <Filter
        label="Counts"
        value={choice.counts}
        options={choices.counts}
        words={(value) => `${value} counts`}
        onPick={(counts) => onChange({ counts })}
      />
      <Filter
        label="Walls"
        value={choice.walls}
        options={choices.walls}
        words={(value) => `${value} ${value === '1' ? 'wall' : 'walls'}`}
        onPick={(walls) => onChange({ walls })}
      />
      <Filter
        label="Tempo"
        value={choice.tempo}
        options={[
          ['slow', 0],
          ['middle', 0],
          ['quick', 0],
        ]}
        words={(value) => ({ slow: 'under 100', middle: '100 to 125', quick: 'over 125' })[value] ?? value}
        onPick={(tempo) => onChange({ tempo })}
      />
      <Filter
        label="Slips"
        value={choice.slips}
        options={[
          ['with', 0],
          ['without', 0],
        ]}
        words={(value) => `${value} slips`}
        onPick={(slips) => onChange({ slips })}
      />
      {choices.tag.length > 0 && (
        <Filter
          label="Tags"
          value={choice.tag}
          options={choices.tag}
          words={(value) => value}
          onPick={(tag) => onChange({ tag })}
        />
      )}
      <chakra.label display="flex" alignItems="center" gap="0.4rem" color="quiet">
        by
        <Select
          aria-label="Order"
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
          <X size={15} aria-hidden /> Show all
        </Button>
      )}
    </Flex>
  );
}

function Filter({
  label,
  value,
  options,
  words,
  onPick,
}: {
  label: string;
  value: string;
  options: readonly (readonly [value: string, count: number])[];
  words: (value: string) => string;
  onPick: (value: string) => void;
}) {
  return (
    <Select
      aria-label={label}
      value={value}
      onChange={(event) => onPick(event.target.value)}
      css={{ '&&': { width: 'auto', maxWidth: '7rem', paddingInline: '0.35rem', fontWeight: value ? '700' : '400' } }}
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
}

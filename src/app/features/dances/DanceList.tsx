import { Box, chakra, Flex } from '@chakra-ui/react';
import { useVirtualizer } from '@tanstack/react-virtual';
import { memo, useLayoutEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import type { DanceRecord } from '../../../store';
import { Button } from '../../theme/Button';
import { DanceFacts } from './DanceFacts';

const ROW = 69;

/** The dances that are shown; of thousands only those in sight are drawn. */
export function DanceList({
  dances,
  selected,
  onSelect,
}: {
  dances: readonly DanceRecord[];
  selected: ReadonlySet<string>;
  /** `isRange`: all from the last one chosen. */
  onSelect: (id: string, isOn: boolean, isRange: boolean) => void;
}) {
  const list = useRef<HTMLUListElement>(null);
  const [offset, setOffset] = useState(0);
  useLayoutEffect(() => setOffset(list.current?.offsetTop ?? 0), []);
  // No compiler is used here that its functions could mislead.
  // eslint-disable-next-line react-hooks/incompatible-library
  const rows = useVirtualizer({
    count: dances.length,
    estimateSize: () => ROW,
    overscan: 12,
    scrollMargin: offset,
    getScrollElement: () => list.current?.closest('main') ?? null,
    getItemKey: (index) => dances[index].id,
    initialRect: { width: 1024, height: 900 },
  });
  return (
    <chakra.ul
      ref={list}
      borderTop="2px solid"
      borderColor="rule"
      position="relative"
      height={`${rows.getTotalSize() + 2}px`}
      aria-label="Dances"
    >
      {rows.getVirtualItems().map(({ index, start, key }) => (
        <chakra.li
          key={key}
          ref={rows.measureElement}
          data-index={index}
          position="absolute"
          left="-0.5rem"
          right="-0.5rem"
          top={`${start - rows.options.scrollMargin}px`}
          aria-setsize={dances.length}
          aria-posinset={index + 1}
        >
          <DanceRow dance={dances[index]} isSelected={selected.has(dances[index].id)} onSelect={onSelect} />
        </chakra.li>
      ))}
    </chakra.ul>
  );
}

const DanceRow = memo(function DanceRow({
  dance,
  isSelected,
  onSelect,
}: {
  dance: DanceRecord;
  isSelected: boolean;
  onSelect: (id: string, isOn: boolean, isRange: boolean) => void;
}) {
  return (
    <Flex
      align="center"
      gap="1rem"
      borderBottom="1px solid"
      borderColor="line"
      paddingBlock="0.7rem"
      paddingInline="0.5rem"
      background={isSelected ? 'sand' : undefined}
      _hover={{ background: 'sand' }}
    >
      <input
        type="checkbox"
        aria-label={`Choose ${dance.title}`}
        checked={isSelected}
        onChange={(event) => onSelect(dance.id, event.target.checked, (event.nativeEvent as MouseEvent).shiftKey)}
      />
      <DanceFacts dance={dance}>
        <chakra.span
          css={{
            '& a': { textDecoration: 'none', fontWeight: '700', fontSize: '1.125rem' },
            '& a:hover': { textDecoration: 'underline' },
          }}
        >
          <Link to={`/dance/${dance.id}`}>{dance.title}</Link>
        </chakra.span>
      </DanceFacts>
      <Box flexShrink={0}>
        <Button variant="plain" size="small" aria-label={`Sheet of ${dance.title}`} asChild>
          <Link to={`/dance/${dance.id}/sheet`}>Sheet</Link>
        </Button>
      </Box>
    </Flex>
  );
});

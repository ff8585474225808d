import { chakra } from '@chakra-ui/react';
import { useVirtualizer } from '@tanstack/react-virtual';
import { memo, useLayoutEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import type { DanceRecord } from '../../../store';
import { DanceFacts, FACTS_STYLES } from './DanceFacts';
import { t } from '../../texts';

const ROW = 69;

/** The dances that are shown; of thousands only those in sight are drawn. */
export const DanceList = memo(function DanceList({
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

  const rows = useVirtualizer({
    count: dances.length,
    estimateSize: () => ROW,
    overscan: 5,
    scrollMargin: offset,
    getScrollElement: () => list.current?.closest('main') ?? null,
    initialRect: { width: 1024, height: 900 },
  });
  return (
    <chakra.ul
      ref={list}
      borderTop="2px solid"
      borderColor="rule"
      position="relative"
      height={`${rows.getTotalSize() + 2}px`}
      aria-label={t('Dances')}
      css={FACTS_STYLES}
    >
      {rows.getVirtualItems().map(({ index, start, key }) => (
        <li
          key={key}
          ref={rows.measureElement}
          data-index={index}
          style={{ position: 'absolute', left: '-0.5rem', right: '-0.5rem', top: start - rows.options.scrollMargin }}
          aria-setsize={dances.length}
          aria-posinset={index + 1}
        >
          <DanceRow dance={dances[index]} isSelected={selected.has(dances[index].id)} onSelect={onSelect} />
        </li>
      ))}
    </chakra.ul>
  );
});

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
    <div className={isSelected ? 'row chosen' : 'row'}>
      <input
        type="checkbox"
        aria-label={`Choose ${dance.title}`}
        checked={isSelected}
        onChange={(event) => onSelect(dance.id, event.target.checked, (event.nativeEvent as MouseEvent).shiftKey)}
      />
      <DanceFacts dance={dance}>
        <Link to={`/dance/${dance.id}`}>{dance.title}</Link>
      </DanceFacts>
      <Link className="sheet" to={`/dance/${dance.id}/sheet`} aria-label={`Sheet of ${dance.title}`}>
        {t('Sheet')}
      </Link>
    </div>
  );
});

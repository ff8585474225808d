import { Box, chakra, Flex } from '@chakra-ui/react';
import { DndContext, PointerSensor, useDroppable, useSensor, useSensors, type DragMoveEvent } from '@dnd-kit/core';
import { memo, useMemo, useRef, type KeyboardEvent, type MouseEvent, type RefObject } from 'react';
import { joinWords, type PlaceOnWall, type WallChange, type WallRow, type WallsView } from '../../../core';
import { colour } from '../../theme/system';
import { RoomMark, WeightPair } from '../marks/Marks';
import { BandMark, cutLabel, CutMark, PlaceCursor } from './Bands';
import type { Dragged, Drop } from './dragging';
import { countAt } from './scale';
import { t } from '../../texts';
import { MEDIUM } from '../../theme/screens';

interface Props {
  view: WallsView;
  selected: number;
  place: PlaceOnWall | undefined;
  places: readonly PlaceOnWall[];
  /** How walls differ from the plan they are compared with, by their number. */
  changes: ReadonlyMap<number, WallChange>;
  onSelect: (wall: number, count?: number) => void;
  onRestart: (wall: number, count: number) => void;
  onDrag: (drop: Drop | undefined) => void;
  onDrop: (drop: Drop) => void;
  onKey: (event: KeyboardEvent) => void;
  focusRef: RefObject<boolean>;
}

/** On a tablet held upright counts and weight give way: walls and where they face stay. */
const COLUMNS = '2.6rem 6rem minmax(0, 1fr) 6.9rem 5.25rem 4.25rem';
const NARROW_COLUMNS = '2.2rem 5rem minmax(0, 1fr) 2rem 5rem';

const rowGrid = {
  display: 'grid',
  gridTemplateColumns: COLUMNS,
  alignItems: 'center',
  columnGap: '0.75rem',
  paddingInline: '0.75rem',
  [MEDIUM]: {
    gridTemplateColumns: NARROW_COLUMNS,
    columnGap: '0.4rem',
    paddingInline: '0.5rem',
    '& .wide': { display: 'none' },
  },
} as const;

/** The whole dance in one picture: a band a wall, to scale in counts. */
export function WallsPicture(props: Props) {
  const { view, selected, changes, onDrag, onDrop } = props;
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 5 } }));
  const drop = (event: DragMoveEvent): Drop | undefined => {
    const dragged = event.active.data.current as Dragged | undefined;
    const rect = event.over?.rect;
    const moved = event.active.rect.current.translated;
    if (!dragged || !event.over || !rect || !moved) return undefined;
    const at = (moved.left + (dragged.kind === 'cut' ? 0 : moved.width / 2) - rect.left) / rect.width;
    return { dragged, wall: Number(String(event.over.id).replace(/\D+/, '')), beat: Math.max(0, at) * view.beats };
  };
  const marks = useMemo(() => sectionStarts(view), [view]);
  return (
    <DndContext
      sensors={sensors}
      onDragMove={(event) => onDrag(drop(event))}
      onDragCancel={() => onDrag(undefined)}
      onDragEnd={(event) => {
        const found = drop(event);
        onDrag(undefined);
        if (found) onDrop(found);
      }}
      accessibility={{
        screenReaderInstructions: { draggable: 'Drag to another wall, or use the keys told beside the plan.' },
      }}
    >
      <Box
        css={rowGrid}
        color="quiet"
        fontSize="small"
        paddingBlock="0.25rem"
        borderBottom="1.5px solid"
        borderColor="rule"
        aria-hidden
      >
        <span>{t('wall')}</span>
        <span>{t('starts')}</span>
        <chakra.span position="relative" height="1.2rem">
          {marks.map((count) => (
            <chakra.span
              key={count}
              position="absolute"
              left={`${((count - 1) / view.beats) * 100}%`}
              fontVariantNumeric="tabular-nums"
            >
              {count}
            </chakra.span>
          ))}
        </chakra.span>
        <span className="wide">{t('weight')}</span>
        <chakra.span display="none" css={{ [MEDIUM]: { display: 'block' } }} />
        <span>{t('ends')}</span>
        <chakra.span className="wide" textAlign="right">
          {t('counts')}
        </chakra.span>
      </Box>
      <chakra.ol aria-label={t('Walls')}>
        {view.rows.map((row, index) => (
          <Row
            key={`${index}-${row.kind}`}
            {...props}
            row={row}
            current={row.kind === 'part' && row.number === selected}
            change={row.kind === 'part' ? changes.get(row.number) : undefined}
            tight={view.rows.length > 12}
          />
        ))}
      </chakra.ol>
    </DndContext>
  );
}

/** Counts at which the sections of the first wall begin: the scale above all walls. Parts of a phrased dance have sections of their own. */
function sectionStarts({ rows, phrased, beats }: WallsView): number[] {
  if (phrased || !rows[0]) return Array.from({ length: Math.ceil(beats / 8) }, (_, index) => index * 8 + 1);
  return rows[0].bands.filter(({ kind }) => kind === 'section').map(({ from }) => from + 1);
}

interface RowProps extends Props {
  row: WallRow;
  current: boolean;
  change: WallChange | undefined;
  tight: boolean;
}

const Row = memo(DrawnRow);

function DrawnRow({
  row,
  current,
  change,
  tight,
  view,
  place,
  places,
  onSelect,
  onRestart,
  onKey,
  focusRef,
}: RowProps) {
  const { setNodeRef, isOver } = useDroppable({ id: `${row.kind} ${row.number}`, disabled: row.kind === 'tag' });
  const rail = useRef<HTMLDivElement>(null);
  const beatAt = (event: MouseEvent): number => {
    const box = rail.current?.getBoundingClientRect();
    return box ? ((event.clientX - box.left) / box.width) * view.beats : 0;
  };
  const bad = row.joins === false;
  const name = row.kind === 'tag' ? `Tag ${row.part}` : `Wall ${row.number}${row.part ? `, part ${row.part}` : ''}`;
  const label = `${name}: starts facing ${row.startHour}, ends facing ${row.endHour}, counts ${row.first} to ${row.last}${row.cut ? `, ${cutLabel(row)}` : ''}${bad ? `, ${joinWords(row)}` : ''}`;
  return (
    <chakra.li
      css={rowGrid}
      position="relative"
      minHeight={tight ? '2rem' : '2.875rem'}
      borderBottom="1px solid"
      borderColor="line"
      background={current || isOver ? 'sand' : 'transparent'}
      boxShadow={current ? 'inset 3px 0 0 var(--chakra-colors-rule)' : 'none'}
    >
      {row.kind === 'tag' ? (
        <span />
      ) : (
        <chakra.button
          type="button"
          onClick={() => onSelect(row.number)}
          aria-label={label}
          aria-current={current ? 'true' : undefined}
          font="inherit"
          fontSize="part"
          fontWeight="700"
          color="ink"
          background="transparent"
          border="none"
          textAlign="left"
          padding="0.25rem 0.2rem"
          cursor="pointer"
          whiteSpace="nowrap"
        >
          {row.number}
          {row.part && (
            <chakra.span fontWeight="400" color="quiet" marginLeft="0.3rem" fontSize="base">
              {row.part}
            </chakra.span>
          )}
        </chakra.button>
      )}
      <Hour facing={row.start} hour={row.startHour} was={change?.before?.start} />
      <Box ref={setNodeRef} data-testid={`rail-${row.kind}-${row.number}`}>
        <Box
          ref={rail}
          position="relative"
          height={tight ? '1.25rem' : '1.75rem'}
          cursor={row.kind === 'tag' ? 'default' : 'pointer'}
          onClick={(event) => row.kind === 'part' && onSelect(row.number, countAt(row, beatAt(event)))}
        >
          {row.lost > 0 && (
            <Box
              position="absolute"
              insetBlock="0"
              left={`calc(${(row.beats / view.beats) * 100}% + 2px)`}
              width={`calc(${(row.lost / view.beats) * 100}% - 2px)`}
              border="1px dashed"
              borderColor="line"
              borderRadius="2px"
            />
          )}
          {row.bands.map((band, index) => (
            <BandMark key={index} band={band} row={row} beats={view.beats} odd={Number(band.label) % 2 === 0} />
          ))}
          {row.cut && <CutMark row={row} beats={view.beats} />}
          {row.notes.length > 0 && <NoteMark row={row} />}
          {current && place && (
            <PlaceCursor
              row={row}
              beats={view.beats}
              place={place}
              places={places}
              onSelect={onSelect}
              onRestart={onRestart}
              onKey={onKey}
              focusRef={focusRef}
            />
          )}
        </Box>
      </Box>
      <Flex
        align="center"
        gap="0.4rem"
        color={bad ? 'slip' : 'ink'}
        fontWeight={bad ? '700' : '400'}
        whiteSpace="nowrap"
      >
        <WeightPair weight={row.weight} />
        <chakra.span className="wide" fontSize="text" overflow="hidden" textOverflow="ellipsis">
          {joinWords(row)}
        </chakra.span>
      </Flex>
      <Hour facing={row.end} hour={row.endHour} was={change?.before?.end} strong />
      <chakra.span className="wide" textAlign="right" color="quiet" fontVariantNumeric="tabular-nums" fontSize="text">
        {row.first}–{row.last}
      </chakra.span>
    </chakra.li>
  );
}

/** Styling for this wall: a folded corner at the end of its band, its words beside the plan and under the pointer. */
function NoteMark({ row: { notes } }: { row: WallRow }) {
  const words = notes.map(({ text }) => text).join('; ');
  return (
    <Box position="absolute" top="0" left="0" width="11px" height="11px" pointerEvents="none" lineHeight="0">
      <svg width="11" height="11" viewBox="0 0 12 12" role="img" aria-label={`Note: ${words}`}>
        <path d="M0 0h12L0 12z" fill={colour('footInk')} />
      </svg>
    </Box>
  );
}

/** Where a wall faces; what it faced before a change stands under it. */
function Hour({ facing, hour, was, strong = false }: { facing: number; hour: string; was?: string; strong?: boolean }) {
  const changed = was !== undefined && was !== hour;
  return (
    <Box lineHeight="1.1">
      <Flex
        align="center"
        gap="0.4rem"
        fontWeight={strong || changed ? '700' : '400'}
        fontVariantNumeric="tabular-nums"
      >
        <RoomMark facing={facing} hour={hour} strong />
        {hour}
      </Flex>
      {changed && (
        <chakra.span fontSize="tiny" color="quiet" display="block" paddingLeft="1.65rem">
          was {was}
        </chakra.span>
      )}
    </Box>
  );
}

/** What stands on the band of one wall: its sections, tags and changes, its cut, and the place that is looked at. */
import { Box, chakra } from '@chakra-ui/react';
import { useEffect, useRef, type KeyboardEvent, type RefObject } from 'react';
import type { Band, PlaceOnWall, WallRow } from '../../../core';
import { useDrag } from './dragging';
import { beatOf, percent, sectionEnds } from './scale';
import { NARROW } from '../../theme/screens';

/** `restart after 16 counts (the end of section 2)`. */
export const cutLabel = ({ cut }: WallRow): string =>
  cut ? `${cut.kind === 'restart' ? 'restart' : cut.kind === 'ending' ? 'ends' : 'cut'} ${cut.words}` : '';

export function BandMark({ band, row, beats, odd }: { band: Band; row: WallRow; beats: number; odd: boolean }) {
  const { kind, from, label, title } = band;
  const { setNodeRef, listeners, style, isDragging } = useDrag(row, kind === 'tag' ? band.entry : undefined, 'tag');
  const solid = kind === 'section';
  return (
    <Box
      ref={setNodeRef}
      {...(kind === 'tag' ? listeners : {})}
      style={style}
      title={`${solid ? `Section ${label}: ` : ''}${title}`}
      position="absolute"
      insetBlock="0"
      left={percent(from, beats)}
      width={`calc(${percent(band.beats, beats)} - 2px)`}
      minWidth={
        band.beats === 0
          ? '6px'
          : kind === 'tag' && !row.cut && row.bands[row.bands.length - 1] === band
            ? '2rem'
            : undefined
      }
      display="flex"
      alignItems="center"
      justifyContent="center"
      overflow="hidden"
      fontSize={solid ? '0.8125rem' : '0.75rem'}
      whiteSpace="nowrap"
      boxSizing="border-box"
      borderRadius="2px"
      background={solid ? (odd ? 'bandB' : 'bandA') : 'paper'}
      color={solid ? 'bandInk' : 'ink'}
      border={solid ? 'none' : kind === 'changed' ? '1.5px dashed' : '1.5px solid'}
      borderColor="rule"
      borderLeft={band.badJoin ? '4px solid' : undefined}
      borderLeftColor={band.badJoin ? 'slip' : undefined}
      cursor={kind === 'tag' && band.entry !== undefined ? 'grab' : 'inherit'}
      css={{ [NARROW]: { minWidth: 0 } }}
      touchAction={kind === 'tag' ? 'none' : undefined}
      opacity={isDragging ? 0.75 : 1}
      paddingInline="0"
    >
      {band.beats > 1 && (kind === 'ending' && band.beats < 4 ? 'end' : label)}
    </Box>
  );
}

/** Where the wall is cut, and what it is called, in the room the cut leaves. */
export function CutMark({ row, beats }: { row: WallRow; beats: number }) {
  const { cut } = row;
  const { setNodeRef, listeners, style, isDragging } = useDrag(row, cut?.entry, 'cut');
  if (!cut) return null;
  const words =
    cut.kind === 'restart'
      ? `restart after ${countWords(row)}`
      : cut.kind === 'ending'
        ? `ends after ${countWords(row)}`
        : `first ${countWords(row)}`;
  const end = Math.max(cut.at, row.beats);
  return (
    <>
      <Box
        ref={setNodeRef}
        {...listeners}
        style={style}
        position="absolute"
        insetBlock="-5px"
        left={`calc(${percent(end, beats)} - 3px)`}
        width="14px"
        cursor={cut.entry === undefined || row.kind === 'tag' ? 'default' : 'grab'}
        touchAction="none"
        title={cutLabel(row)}
        opacity={isDragging ? 0.7 : 1}
        data-testid={`cut-${row.number}`}
      >
        <Box position="absolute" insetBlock="0" left="2px" width="4px" background="ink" borderRadius="2px" />
        {cut.kind !== 'ending' && (
          <Box
            position="absolute"
            left="2px"
            top="50%"
            width="9px"
            height="4px"
            marginTop="-2px"
            background="ink"
            borderRadius="2px"
          />
        )}
      </Box>
      {row.lost / beats > 0.16 && (
        <chakra.span
          position="absolute"
          insetBlock="0"
          left={`calc(${percent(end, beats)} + 16px)`}
          display="flex"
          alignItems="center"
          fontSize="small"
          whiteSpace="nowrap"
          pointerEvents="none"
          css={{ [NARROW]: { display: 'none' } }}
        >
          {words}
        </chakra.span>
      )}
    </>
  );
}

const countWords = ({ cut, counts }: WallRow): string => {
  const half = counts % 1 !== 0 && cut ? '&' : '';
  return `${cut?.count ?? ''}${half}`;
};

/** The place that is looked at on the chosen wall; the ends of its sections can be cut with one press. */
export function PlaceCursor({
  row,
  beats,
  place,
  places,
  onSelect,
  onRestart,
  onKey,
  focusRef,
}: {
  row: WallRow;
  beats: number;
  place: PlaceOnWall;
  places: readonly PlaceOnWall[];
  onSelect: (wall: number, count?: number) => void;
  onRestart: (wall: number, count: number) => void;
  onKey: (event: KeyboardEvent) => void;
  /** Set by a key that goes to another wall: the mark there takes the focus over. */
  focusRef: RefObject<boolean>;
}) {
  const mark = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (focusRef.current) mark.current?.focus();
    focusRef.current = false;
  }, [focusRef]);
  const at = beatOf(row, place.count);
  const ends = row.cut ? [] : sectionEnds(row).filter((count) => count < places.length);
  return (
    <>
      {ends.map((count) => {
        const there = places[count - 1];
        return (
          <chakra.button
            key={count}
            type="button"
            aria-label={`Restart wall ${row.number} after ${count} counts, facing ${there.hour}`}
            title={`Restart after ${count}, facing ${there.hour}${there.frees ? '' : ': the leading foot is not free'}`}
            onClick={(event) => {
              event.stopPropagation();
              onRestart(row.number, count);
            }}
            position="absolute"
            top="-0.55rem"
            left={`calc(${percent(beatOf(row, count), beats)} - 0.65rem)`}
            width="1.2rem"
            height="1.2rem"
            padding="0"
            borderRadius="50%"
            border={there.frees ? '1.5px solid' : '1.5px dashed'}
            borderColor={there.frees ? 'rule' : 'lineStrong'}
            background="paper"
            color={there.frees ? 'ink' : 'quiet'}
            font="inherit"
            fontSize="small"
            lineHeight="1"
            cursor="pointer"
            zIndex="3"
            _hover={{ background: 'ink', color: 'paper' }}
          >
            ↺
          </chakra.button>
        );
      })}
      <Box
        ref={mark}
        role="slider"
        tabIndex={0}
        aria-label={`Place on wall ${row.number}`}
        aria-valuemin={1}
        aria-valuemax={places.length}
        aria-valuenow={place.count}
        aria-valuetext={`${place.words}, facing ${place.hour}${place.free ? `, ${place.free} is free` : ''}`}
        onKeyDown={onKey}
        onClick={(event) => {
          event.stopPropagation();
          onSelect(row.number, place.count);
        }}
        position="absolute"
        left={`calc(${percent(at, beats)} - 9px)`}
        bottom="-9px"
        width="16px"
        height="12px"
        zIndex="4"
        data-testid="place"
        css={{ '&:focus-visible': { outlineOffset: '3px' } }}
      >
        <svg width="16" height="12" viewBox="0 0 16 12" aria-hidden>
          <path
            d="M8 0l7 11.5H1z"
            fill="var(--chakra-colors-paper)"
            stroke="var(--chakra-colors-ink)"
            strokeWidth="1.6"
          />
        </svg>
      </Box>
    </>
  );
}

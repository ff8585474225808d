import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState, useRef, type KeyboardEvent, type MouseEvent, type PointerEvent } from 'react';
import { greatest, type MusicRow, type MusicStrip, type MusicView } from '../../../core';
import type { Grid } from '../../../music/grid';
import { RoomMark } from '../marks/Marks';
import { Button } from '../../theme/Button';
import { Input } from '../../theme/fields';
import { NARROW } from '../../theme/screens';
import { mergeWords } from '../document/merge-words';
import { t } from '../../texts';
import { clock } from './clock';
import { Playhead, SoundStrip } from './SoundStrip';

const EIGHT = 8;

/** What can be done to a phrase; numbers are of phrases, from 0. */
export interface PhraseMoves {
  readonly split: (phrase: number) => void;
  readonly join: (phrase: number) => void;
  readonly name: (phrase: number, label: string) => void;
  /** Its end, by so many counts. */
  readonly move: (phrase: number, by: number) => void;
  /** What it would be while it is dragged; undefined: as it is. */
  readonly look: (phrase: number, by: number | undefined) => void;
}

export interface SongRowsProps {
  view: MusicView;
  /** The recording below: its loudness, and where counts are in it. */
  sound: { readonly peaks: Int8Array; readonly grid: Grid } | undefined;
  /** Seconds of the song at a count; undefined where nobody knows. */
  secondAt: (count: number) => number | undefined;
  /** The phrase whose tools are open. */
  chosen: number | undefined;
  onChoose: (phrase: number | undefined) => void;
  moves: PhraseMoves;
  /** Set where something is only looked at: nothing can be moved then. */
  isLook: boolean;
  /** Plays from a count, or sets the place. */
  onPlace: (count: number) => void;
}

/** All rows to one scale, so that phrases line up at the left as the lines of a verse do. */
export function SongRows(props: SongRowsProps) {
  const { rows } = props.view;
  const widest = greatest(rows.map(({ counts }) => counts), EIGHT); // prettier-ignore
  return (
    <chakra.ol aria-label={t('Phrases')}>
      {rows.map((row) => (
        <SongRow key={row.start} row={row} widest={widest} {...props} />
      ))}
    </chakra.ol>
  );
}

const outWords = (out: number): string => t(out < 0 ? '{count} early' : '{count} late', { count: Math.abs(out) });

function SongRow({ row, widest, ...props }: SongRowsProps & { row: MusicRow; widest: number }) {
  const { label, kind, start, counts, phrase } = row;
  const { view, sound, secondAt, chosen, onChoose, moves, isLook, onPlace } = props;
  const second = secondAt(start);
  const isChosen = chosen === phrase && !isLook;
  return (
    <Box as="li" borderTop={label === undefined ? 'none' : '1px solid'} borderColor="line">
      <Flex
        align="center"
        gap="0.75rem"
        paddingBlock={kind === 'gap' ? '0.15rem' : '0.3rem'}
        css={{ [NARROW]: { flexWrap: 'wrap', columnGap: '0.5rem', rowGap: '0.1rem' } }}
      >
        <Box width="7.75rem" flexShrink={0} lineHeight="1.2" css={{ [NARROW]: { width: '60%' } }}>
          {label !== undefined && (
            <PhraseButton
              label={label}
              isChorus={kind === 'chorus'}
              isChosen={isChosen}
              disabled={isLook}
              phrase={phrase}
              moves={moves}
              onPress={() => onChoose(isChosen ? undefined : phrase)}
            />
          )}
          <chakra.span
            color="quiet"
            fontSize="mark"
            fontVariantNumeric="tabular-nums"
            display="flex"
            justifyContent="space-between"
          >
            <span>
              {start + 1}–{start + counts}
            </span>
            {second !== undefined && <span>{clock(second)}</span>}
          </chakra.span>
        </Box>
        <Box flex="1" minWidth="0" css={{ [NARROW]: { flexBasis: '100%', order: 3 } }}>
          <RowPicture
            unit={view.laid.unit}
            row={row}
            widest={widest}
            sound={sound}
            onPlace={onPlace}
            moves={isLook ? undefined : moves}
          />
        </Box>
        <Begun row={row} />
      </Flex>
      {isChosen && label !== undefined && (
        <PhraseTools
          key={phrase}
          label={label}
          phrase={phrase}
          moves={moves}
          onPlay={sound && (() => onPlace(start))}
        />
      )}
    </Box>
  );
}

/** The wall that begins here, where it faces, and how it stands to its phrase. */
const Begun = ({ row: { begun } }: { row: MusicRow }) => (
  <Flex
    width="9.5rem"
    flexShrink={0}
    align="center"
    gap="0.4rem"
    fontSize="small"
    css={{ [NARROW]: { width: 'auto' } }}
  >
    {begun && (
      <>
        <RoomMark facing={begun.facing} hour={begun.hour} />
        <chakra.span minWidth="2.6rem" fontVariantNumeric="tabular-nums">
          {begun.hour}
        </chakra.span>
        <chakra.span color={begun.out === 0 ? 'quiet' : 'care'} fontWeight={begun.out === 0 ? '400' : '700'}>
          {begun.out === 0 ? t('with it') : `${t('wall {wall}', { wall: begun.wall })}: ${outWords(begun.out)}`}
        </chakra.span>
      </>
    )}
  </Flex>
);

/** The recording, its beats in eights, and the walls below. */
function RowPicture({ unit, row, widest, sound, onPlace, moves }: { unit: number; row: MusicRow; widest: number; sound: SongRowsProps['sound']; onPlace: (count: number) => void; moves: PhraseMoves | undefined }) {
  const { start, counts, strips, pauses, begun, phrase } = row;
  const share = (length: number): string => `${(length / counts) * 100}%`;
  const place = (event: MouseEvent<HTMLDivElement>): void => {
    const { left, width } = event.currentTarget.getBoundingClientRect();
    onPlace(start + Math.floor(((event.clientX - left) / width) * counts));
  };
  return (
    <Box position="relative" height={sound ? '3.3rem' : '2.1rem'} style={{ width: `${(counts / widest) * 100}%` }}>
      {sound && (
        <Box position="absolute" insetInline="0" top="0" height="1.6rem" cursor="pointer" title={t('Play from here')} data-sound={start} onClick={place}>
          <SoundStrip peaks={sound.peaks} grid={sound.grid} from={start} counts={counts} />
        </Box>
      )}
      <Box position="absolute" insetInline="0" bottom="0" height="2.1rem" pointerEvents="none">
        <Eights counts={counts} unit={unit} />
        {pauses.map((pause) => (
          <Box
            key={pause.from}
            title={t('pause of {count}', { count: pause.counts })}
            position="absolute"
            top="0"
            height="0.55rem"
            background="repeating-linear-gradient(135deg, var(--chakra-colors-line-strong) 0 2px, var(--chakra-colors-paper) 2px 5px)"
            style={{ left: share(pause.from), width: share(pause.counts) }}
          />
        ))}
        {strips.map((strip, index) => (
          <Strip key={index} strip={strip} share={share} out={begun?.wall === strip.wall ? begun.out : 0} />
        ))}
        {strips.length === 0 && (
          <chakra.span position="absolute" inset="0.5rem 0 0 0.5rem" fontSize="mark" color="quiet">
            {t('the dance is over')}
          </chakra.span>
        )}
      </Box>
      {sound && <Playhead grid={sound.grid} from={start} counts={counts} />}
      {row.last && moves && <EndGrip phrase={phrase} counts={counts} moves={moves} />}
    </Box>
  );
} // prettier-ignore

/** Its name; pressed, its tools open. Keys change it in place. */
function PhraseButton({ label, isChorus, isChosen, disabled, phrase, moves, onPress }: { label: string; isChorus: boolean; isChosen: boolean; disabled: boolean; phrase: number; moves: PhraseMoves; onPress: () => void }) {
  const onKey = (event: KeyboardEvent): void => {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (by !== undefined && event.altKey) moves.move(phrase, by * (event.shiftKey ? EIGHT : 1));
    else if (event.altKey || event.ctrlKey || event.metaKey) return;
    else if (event.key === 's') moves.split(phrase);
    else if (event.key === 'j') moves.join(phrase);
    else return;
    event.preventDefault();
  };
  return (
    <chakra.button
      type="button"
      font="inherit"
      fontWeight={isChorus ? '700' : '500'}
      color="ink"
      background="transparent"
      border="0"
      padding="0.1rem 0"
      minHeight="1.5rem"
      textAlign="left"
      cursor="pointer"
      disabled={disabled}
      _hover={{ textDecoration: 'underline' }}
      aria-expanded={isChosen}
      aria-keyshortcuts="Alt+ArrowLeft Alt+ArrowRight s j"
      title={t('Name, split, join, move its end')}
      onClick={onPress}
      onKeyDown={onKey}
    >
      {label}
    </chakra.button>
  );
} // prettier-ignore

/** Written when it is left, together with what another tab called it meanwhile. */
function PhraseName({ label, onName }: { label: string; onName: (name: string) => void }) {
  const [own, setOwn] = useState<{ readonly name: string; readonly begun: string }>();
  return (
    <Input
      width="8rem"
      padding="0.2rem 0.4rem"
      value={own?.name ?? label}
      onChange={({ target }) => setOwn({ name: target.value, begun: own?.begun ?? label })}
      onBlur={() => {
        if (own && own.name !== own.begun) onName(mergeWords(own.begun, own.name, label, ' / '));
        setOwn(undefined);
      }}
      onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
    />
  );
}

function PhraseTools({ label, phrase, moves, onPlay }: { label: string; phrase: number; moves: PhraseMoves; onPlay: (() => void) | undefined }) {
  return (
    <Flex
      role="group"
      aria-label={t('Change {phrase}', { phrase: label })}
      gap="0.35rem"
      align="center"
      flexWrap="wrap"
      background="sand"
      borderRadius="4px"
      padding="0.35rem 0.5rem"
      marginBottom="0.3rem"
      fontSize="small"
    >
      <chakra.label display="flex" alignItems="center" gap="0.35rem">
        {t('Name')}
        <PhraseName label={label} onName={(name) => moves.name(phrase, name)} />
      </chakra.label>
      <span>{t('ends')}</span>
      {[-8, -1, 1, 8].map((by) => (
        <Button key={by} size="small" paddingInline="0.4rem" aria-label={by < 0 ? t('{count} earlier', { count: -by }) : t('{count} later', { count: by })} onClick={() => moves.move(phrase, by)}>
          {by < 0 ? `−${-by}` : `+${by}`}
        </Button>
      ))}
      <Button size="small" onClick={() => moves.split(phrase)}>
        {t('Split')} <kbd>S</kbd>
      </Button>
      <Button size="small" onClick={() => moves.join(phrase)}>
        {t('Join to the next')} <kbd>J</kbd>
      </Button>
      {onPlay && (
        <Button size="small" onClick={onPlay}>
          {t('Play from here')}
        </Button>
      )}
    </Flex>
  );
} // prettier-ignore

/** The end of a phrase, dragged to another count; the walls follow while it moves. */
function EndGrip({ phrase, counts, moves }: { phrase: number; counts: number; moves: PhraseMoves }) {
  const dragging = useRef<{ readonly width: number; readonly from: number; by: number }>(undefined);
  const done = (take: boolean): void => {
    const by = dragging.current?.by ?? 0;
    dragging.current = undefined;
    moves.look(phrase, undefined);
    if (take && by !== 0) moves.move(phrase, by);
  };
  return (
    <Box
      aria-hidden
      data-grip={phrase}
      position="absolute"
      right="-7px"
      bottom="0"
      height="2.1rem"
      width="14px"
      cursor="ew-resize"
      touchAction="none"
      zIndex="3"
      _hover={{ background: 'linear-gradient(90deg, transparent 6px, var(--chakra-colors-focus) 6px 8px, transparent 8px)' }}
      onPointerDown={(event: PointerEvent<HTMLDivElement>) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        const width = event.currentTarget.parentElement?.getBoundingClientRect().width ?? 1;
        dragging.current = { width: width / counts, from: event.clientX, by: 0 };
      }}
      onPointerMove={(event: PointerEvent<HTMLDivElement>) => {
        const { current } = dragging;
        if (!current) return;
        const by = Math.round((event.clientX - current.from) / current.width);
        if (by === current.by) return;
        current.by = by;
        moves.look(phrase, by);
      }}
      onPointerUp={() => done(true)}
      onPointerCancel={() => done(false)}
    />
  );
} // prettier-ignore

/** The beats of the row, an eight a bar. */
function Eights({ counts, unit }: { counts: number; unit: number }) {
  return (
    <Flex position="absolute" insetInline="0" top="0" height="0.55rem" aria-hidden>
      {Array.from({ length: Math.ceil(counts / unit) }, (_, index) => (
        <Box
          key={index}
          flexGrow={Math.min(unit, counts - index * unit)}
          flexBasis="0"
          borderLeft="1px solid"
          borderBottom="1px solid"
          borderColor="lineStrong"
          backgroundImage="linear-gradient(90deg, var(--chakra-colors-line) 1px, transparent 1px)"
          style={{ backgroundSize: `${100 / Math.min(unit, counts - index * unit)}% 100%` }}
        />
      ))}
    </Flex>
  );
}

const TAG_KINDS: ReadonlySet<MusicStrip['kind']> = new Set(['tag', 'ending', 'changed']);

function Strip({ strip, share, out }: { strip: MusicStrip; share: (counts: number) => string; out: number }) {
  const { wall, kind, name, from, counts, begins, sections, cut } = strip;
  const isTag = TAG_KINDS.has(kind);
  const words = isTag ? `${kind === 'tag' ? t('tag {name}', { name }) : t(kind)}` : t('wall {wall}', { wall });
  return (
    <Box
      position="absolute"
      top="0.65rem"
      bottom="0"
      title={`${words}, ${t('{count} counts', { count: counts })}`}
      style={{ left: share(from), width: `calc(${share(counts)} - 2px)` }}
      background={isTag ? 'paper' : wall % 2 === 1 ? 'bandA' : 'bandB'}
      color={isTag ? 'ink' : 'bandInk'}
      border={isTag ? '1.5px solid' : 'none'}
      borderColor="rule"
      borderLeft={begins ? '5px solid' : undefined}
      borderLeftColor={begins ? (out === 0 ? 'rule' : 'care') : undefined}
      borderRight={cut ? '3px double' : undefined}
      borderRightColor={cut ? 'rule' : undefined}
      boxSizing="border-box"
      borderRadius="2px"
      overflow="hidden"
      whiteSpace="nowrap"
      fontSize="mark"
      fontWeight={begins ? '700' : '400'}
      paddingInline="0.35rem"
      lineHeight="1.4rem"
    >
      {counts >= 4 && words}
      {sections.map((at) => (
        <Box
          key={at}
          aria-hidden
          position="absolute"
          insetBlock="0"
          borderLeft="1px solid"
          borderColor="paper"
          opacity="0.7"
          style={{ left: `${((at - from) / counts) * 100}%` }}
        />
      ))}
    </Box>
  );
}

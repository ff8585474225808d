import { Box, chakra, Flex } from '@chakra-ui/react';
import { greatest, type MusicRow, type MusicStrip, type MusicView } from '../../../core';
import { RoomMark } from '../marks/Marks';
import { NARROW } from '../../theme/screens';
import { t } from '../../texts';

const EIGHT = 8;

/** All rows to one scale, so that phrases line up at the left as the lines of a verse do. */
export function SongRows({ view }: { view: MusicView }) {
  const widest = greatest(view.rows.map(({ counts }) => counts), EIGHT); // prettier-ignore
  return (
    <chakra.ol aria-label={t('Phrases')}>
      {view.rows.map((row) => (
        <SongRow key={row.start} row={row} widest={widest} />
      ))}
    </chakra.ol>
  );
}

const outWords = (out: number): string => t(out < 0 ? '{count} early' : '{count} late', { count: Math.abs(out) });

function SongRow({ row, widest }: { row: MusicRow; widest: number }) {
  const { label, kind, start, counts, strips, pauses, begun } = row;
  const share = (length: number): string => `${(length / counts) * 100}%`;
  return (
    <Flex
      as="li"
      align="center"
      gap="0.75rem"
      paddingBlock={kind === 'gap' ? '0.15rem' : '0.3rem'}
      borderTop={label === undefined ? 'none' : '1px solid'}
      borderColor="line"
      css={{ [NARROW]: { flexWrap: 'wrap', columnGap: '0.5rem', rowGap: '0.1rem' } }}
    >
      <Box width="7.5rem" flexShrink={0} lineHeight="1.2" css={{ [NARROW]: { width: '60%' } }}>
        <chakra.b fontWeight={kind === 'chorus' ? '700' : '500'}>{label}</chakra.b>
        <chakra.span color="quiet" fontSize="mark" marginLeft={label === undefined ? 0 : '0.4rem'}>
          {start + 1}–{start + counts}
        </chakra.span>
      </Box>
      <Box flex="1" minWidth="0" css={{ [NARROW]: { flexBasis: '100%', order: 3 } }}>
        <Box position="relative" height="2.1rem" style={{ width: `${(counts / widest) * 100}%` }}>
          <Eights counts={counts} />
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
      </Box>
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
    </Flex>
  );
}

/** The beats of the row, an eight a bar. */
function Eights({ counts }: { counts: number }) {
  return (
    <Flex position="absolute" insetInline="0" top="0" height="0.55rem" aria-hidden>
      {Array.from({ length: Math.ceil(counts / EIGHT) }, (_, index) => (
        <Box
          key={index}
          flexGrow={Math.min(EIGHT, counts - index * EIGHT)}
          flexBasis="0"
          borderLeft="1px solid"
          borderBottom="1px solid"
          borderColor="lineStrong"
          backgroundImage="linear-gradient(90deg, var(--chakra-colors-line) 1px, transparent 1px)"
          style={{ backgroundSize: `${100 / Math.min(EIGHT, counts - index * EIGHT)}% 100%` }}
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

import { Box, chakra, Flex } from '@chakra-ui/react';
import { useEffect, useMemo, useState, type CSSProperties, type ReactNode } from 'react';
import { feetAsLetters, greatest, type Performance, type Timeline } from '../../../core';
import { RoomMark, WeightPair } from '../marks/Marks';
import { NARROW } from '../../theme/screens';
import { t } from '../../texts';
import type { PracticePlayer } from './practice-player';

/** Where the dance is: the call that is danced, and the count; -1 before the first. */
export interface Place {
  readonly call: number;
  readonly count: number;
}

/** Told when it changes, not with every frame. */
export function usePlace(player: PracticePlayer, timeline: Timeline, performance: Performance): Place {
  const [place, setPlace] = useState<Place>({ call: -1, count: -1 });
  const counts = useMemo(() => secondsOfCounts(timeline, performance), [timeline, performance]);
  useEffect(
    () =>
      player.draw((second) => {
        // The very second of a step belongs to it.
        const now = second + 0.02;
        const next = { call: performance.calls.findLastIndex((at) => at <= now), count: counts.findLastIndex((at) => at <= now) };
        setPlace((old) => (old.call === next.call && old.count === next.count ? old : next));
      }),
    [player, performance, counts],
  );
  return place;
} // prettier-ignore

/** Counts are clicked: whole ones at their clicks behind the count-in. */
function secondsOfCounts({ counts }: Timeline, { clicks, start }: Performance): number[] {
  const own = clicks.filter(({ second }) => second >= start - 1e-9);
  let at = -1;
  return counts.map(({ label }) => {
    if (/^\d/.test(label)) at++;
    return /^\d/.test(label) ? (own[at]?.second ?? Infinity) : Infinity;
  }).filter(Number.isFinite);
} // prettier-ignore

/** The words now, very large, and what comes; where it ends, and on which foot. Read from across the room. */
export function Now({ timeline, place, floor }: { timeline: Timeline; place: Place; floor: ReactNode }) {
  const now = timeline.calls[Math.max(0, place.call)];
  const isAhead = place.call < 0;
  const [next, after] = [timeline.calls[isAhead ? 0 : place.call + 1], timeline.calls[isAhead ? 1 : place.call + 2]];
  if (!now) return null;
  const words = now.cues.own?.words ?? now.cues.usual.words;
  return (
    <Flex flex="1" minHeight="0" gap="2rem" align="flex-start" css={{ [NARROW]: { flexDirection: 'column', gap: '0.75rem', flex: 'none' } }}>
      <Box flex="1" minWidth="0" aria-live="off" css={{ [NARROW]: { width: '100%' } }}>
        <chakra.p
          fontWeight="700"
          lineHeight="1.05"
          overflowWrap="anywhere"
          color={isAhead ? 'quiet' : 'ink'}
          style={sizeOf(words)}
          css={{ fontSize: 'clamp(2.5rem, min(9vw, var(--fits-beside)), 8rem)', [NARROW]: { fontSize: 'clamp(2.5rem, min(22vw, var(--fits-below)), 9rem)' } }}
          data-testid="practice-now"
        >
          {isAhead ? t('ready …') : words}
        </chakra.p>
        <chakra.p css={{ fontSize: 'clamp(1.1rem, 2.6vw, 1.9rem)' }} minHeight="1.4em" color="quiet">
          {isAhead ? '' : feetAsLetters(now.cues.full.words)}
        </chakra.p>
        <chakra.p marginTop="1.25rem" css={{ fontSize: 'clamp(1.6rem, 4vw, 3.25rem)' }} lineHeight="1.15" color="quiet" minHeight="1.2em">
          {next && t('then {words}', { words: next.cues.own?.words ?? next.cues.usual.words })}
        </chakra.p>
        <chakra.p css={{ fontSize: 'clamp(1.1rem, 2.4vw, 1.75rem)' }} color="quiet" minHeight="1.4em">
          {after && t('then {words}', { words: after.cues.own?.words ?? after.cues.usual.words })}
        </chakra.p>
      </Box>
      <Standing call={isAhead ? { ...timeline.start, turns: false } : now} floor={floor} />
    </Flex>
  );
} // prettier-ignore

/** Where the step ends and on which foot: as marks, or on the floor. */
function Standing({ call: now, floor }: { call: Timeline['start'] & { turns: boolean }; floor: ReactNode }) {
  return (
    <Flex
      direction="column"
      align="center"
      gap="0.4rem"
      width={floor ? '24rem' : '13rem'}
      alignSelf={floor ? 'stretch' : undefined}
      flexShrink={0}
      css={{ [NARROW]: { flexDirection: floor ? 'column' : 'row', width: '100%', justifyContent: 'center', gap: floor ? '0.25rem' : '1rem' } }}
    >
      {floor ?? (
        <Box css={{ '& svg': { width: 'clamp(5rem, 12vw, 11rem)', height: 'auto' } }}>
          <RoomMark facing={now.facing} hour={now.hour} strong />
        </Box>
      )}
      <chakra.p fontWeight="700" fontSize="title">
        {now.turns ? t('to {hour}', { hour: now.hour }) : now.hour}
      </chakra.p>
      {!floor && (
        <Box css={{ '& svg': { width: 'clamp(4rem, 8vw, 7.5rem)', height: 'auto' } }}>
          <WeightPair weight={now.weight} />
        </Box>
      )}
      <chakra.p fontSize="lead" color="quiet" textAlign="center">
        {now.free ? t('weight on {foot}, {free} is free', { foot: now.free === 'R' ? 'L' : 'R', free: now.free }) : t('weight on both feet')}
      </chakra.p>
    </Flex>
  );
} // prettier-ignore

/** As large as the longest word lets it be: beside the room, and where the room stands below. Long sayings take two lines. */
function sizeOf(words: string): CSSProperties {
  const longest = greatest(words.split(' ').map(({ length }) => length), 4);
  const lines = words.length > 18 ? 0.75 : 1;
  return { '--fits-beside': `${(110 * lines) / longest}vw`, '--fits-below': `${(165 * lines) / longest}vw` } as CSSProperties;
} // prettier-ignore

/** The counts of the section as they go by. */
export function CountRail({ timeline, place }: { timeline: Timeline; place: Place }) {
  const whole = timeline.counts.filter(({ label }) => /^\d/.test(label));
  const now = whole[Math.max(0, place.count)];
  if (!now) return null;
  return (
    <Flex gap="0.35rem" aria-label={t('Counts')} role="img" marginBlock="0.5rem 0.75rem">
      {Array.from({ length: now.counts }, (_, index) => {
        const isNow = place.count >= 0 && index + 1 === now.count;
        const isGone = place.count >= 0 && index + 1 < now.count;
        return (
          <Box key={index} flex="1" minWidth="0" maxWidth="7rem" textAlign="center">
            <chakra.div
              height="2.75rem"
              display="flex"
              alignItems="flex-end"
              justifyContent="center"
              fontVariantNumeric="tabular-nums"
              fontWeight={isNow ? '700' : '400'}
              color={isNow ? 'ink' : 'quiet'}
              css={{ fontSize: isNow ? 'clamp(1.5rem, 4vw, 2.6rem)' : 'clamp(1rem, 2.4vw, 1.5rem)' }}
            >
              {index + 1}
            </chakra.div>
            <Box height="1.6rem" border="1.5px solid" borderColor={isNow ? 'ink' : 'lineStrong'} background={isNow ? 'ink' : isGone ? 'bandB' : 'transparent'} borderRadius="2px" />
          </Box>
        );
      })}
    </Flex>
  );
} // prettier-ignore

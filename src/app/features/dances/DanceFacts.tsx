import { Box, chakra, Flex } from '@chakra-ui/react';
import { format, isThisYear, isToday, isYesterday } from 'date-fns';
import type { ReactNode } from 'react';
import type { DanceRecord } from '../../../store';
import { WallsVisited } from './WallsVisited';

/** What the shelf tells of a dance: name, music, counts, walls, level, slips, and the walls it visits as a small room. */
export function DanceFacts({ dance, children }: { dance: DanceRecord; children: ReactNode }) {
  const { counts, walls, starts, level, music, slips, changedAt, tags } = dance;
  return (
    <Flex align="center" gap="1rem" flex="1" minWidth="0">
      <WallsVisited walls={walls} starts={starts} />
      <Box flex="1" minWidth="0">
        {children}
        <chakra.p color="quiet" fontSize="0.9375rem" overflow="hidden" textOverflow="ellipsis" whiteSpace="nowrap">
          {music || 'no music yet'}
          {tags.map((tag) => (
            <chakra.span
              key={tag}
              marginLeft="0.6rem"
              paddingInline="0.4rem"
              border="1px solid"
              borderColor="lineStrong"
              borderRadius="3px"
              fontSize="0.8125rem"
            >
              {tag}
            </chakra.span>
          ))}
        </chakra.p>
      </Box>
      <chakra.dl
        display="grid"
        gridTemplateColumns="5.5rem 4.5rem 9rem 5rem 6rem"
        alignItems="baseline"
        fontSize="0.9375rem"
        css={{
          '& dt': {
            position: 'absolute',
            width: '1px',
            height: '1px',
            overflow: 'hidden',
            clipPath: 'inset(50%)',
          },
          '@media (max-width: 1000px)': {
            gridTemplateColumns: '5.5rem 4.5rem 5rem',
            '& .late': { display: 'none' },
          },
          '@media (max-width: 620px)': { display: 'none' },
        }}
      >
        <Fact name="Counts">
          {counts === 0 ? (
            'empty'
          ) : (
            <>
              <b>{counts}</b> counts
            </>
          )}
        </Fact>
        <Fact name="Walls">
          {walls === 0 ? (
            ''
          ) : (
            <>
              <b>{walls}</b> {walls === 1 ? 'wall' : 'walls'}
            </>
          )}
        </Fact>
        <Fact name="Level" late>
          {level}
        </Fact>
        <Fact name="Slips">
          {slips > 0 ? (
            <chakra.b color="slip">{slips === 1 ? '1 slip' : `${slips} slips`}</chakra.b>
          ) : (
            <chakra.span color="quiet">{counts === 0 ? '' : 'no slips'}</chakra.span>
          )}
        </Fact>
        <Fact name="Changed" late>
          <chakra.span color="quiet">{dayOf(changedAt)}</chakra.span>
        </Fact>
      </chakra.dl>
    </Flex>
  );
}

function Fact({ name, late = false, children }: { name: string; late?: boolean; children: ReactNode }) {
  return (
    <div className={late ? 'late' : undefined}>
      <dt>{name}</dt>
      <dd>{children}</dd>
    </div>
  );
}

function dayOf(time: number): string {
  if (isToday(time)) return `today ${format(time, 'HH:mm')}`;
  if (isYesterday(time)) return 'yesterday';
  return format(time, isThisYear(time) ? 'd MMM' : 'd MMM yyyy');
}

import { chakra, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { Truth } from '../../../core';

const count = (number: number, word: string): string => `${number} ${word}${number === 1 ? '' : 's'}`;

/** The truth in one line: counts, turn, walls, start, whether it loops, what is wrong. */
export function TruthLine({ truth }: { truth: Truth }) {
  const { counts, turn, walls, startWeight, loops, slips, remarks } = truth;
  const lead = startWeight === 'L' ? 'R' : startWeight === 'R' ? 'L' : '';
  return (
    <Flex
      as="section"
      aria-label="The dance in one line"
      background="bar2"
      color="barInk"
      align="center"
      columnGap={{ base: '1rem', md: '1.75rem' }}
      rowGap="0.125rem"
      flexWrap="wrap"
      minHeight="2.125rem"
      paddingInline={{ base: '0.75rem', md: '1.125rem' }}
      fontSize="0.9375rem"
      data-testid="truth"
    >
      <span>
        <b>{counts}</b> {counts === 1 ? 'count' : 'counts'}
      </span>
      {counts > 0 && (
        <>
          <span>
            {turn === 'no turn' ? (
              'a wall does not turn'
            ) : (
              <>
                a wall turns <b>{turn.replace(/(\d)\/(\d)/, '$1⁄$2')}</b>
              </>
            )}
          </span>
          <span>
            <b>{count(walls, 'wall')}</b>
          </span>
          <chakra.span css={{ '@media (max-width: 900px)': { display: 'none' } }}>
            starts with weight on {startWeight === 'both' ? 'both' : <b>{startWeight}</b>}
          </chakra.span>
          {loops !== undefined && (
            <Loop good={loops}>
              {loops
                ? lead
                  ? `loops: ${lead} is free at the end`
                  : 'loops'
                : `does not loop: ${lead || 'the leading foot'} is not free at the end`}
            </Loop>
          )}
        </>
      )}
      <chakra.span marginLeft="auto" display="flex" gap="0.75rem" alignItems="center">
        {slips > 0 ? (
          <chakra.b
            background="slipGround"
            color="slip"
            borderRadius="999px"
            paddingInline="0.6rem"
            data-testid="slips"
          >
            {count(slips, 'slip')}
          </chakra.b>
        ) : (
          counts > 0 && <span>no slips</span>
        )}
        {remarks > 0 && <span>{count(remarks, 'remark')}</span>}
      </chakra.span>
    </Flex>
  );
}

function Loop({ good, children }: { good: boolean; children: ReactNode }) {
  return (
    <chakra.span display="inline-flex" alignItems="center" gap="0.45rem">
      <svg width="14" height="14" viewBox="0 0 14 14" aria-hidden>
        <path
          d={good ? 'M7 1.8a5.2 5.2 0 1 0 0.01 0' : 'M10.7 3.4A5.2 5.2 0 1 0 12.2 7'}
          fill="none"
          stroke="currentColor"
          strokeWidth="2"
        />
      </svg>
      {children}
    </chakra.span>
  );
}

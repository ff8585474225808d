import { chakra, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { Tally, Truth } from '../../../core';
import { useMedia } from '../frame/use-media';
import { IS_PHONE, PHONE } from '../../theme/screens';
import { t } from '../../texts';

const count = (number: number, word: string): string => `${number} ${word}${number === 1 ? '' : 's'}`;

/** The truth in one line: counts, turn, walls, start, whether it loops, what is wrong. */
export function TruthLine({
  truth,
  tally,
  isUnfinished,
  children,
}: {
  truth: Truth;
  tally: Tally;
  /** Some of it is still being written: whether it loops is not settled. */
  isUnfinished: boolean;
  children?: ReactNode;
}) {
  const isPhone = useMedia(IS_PHONE);
  const { counts, startWeight } = truth;
  const planned = [
    truth.tags > 0 ? count(truth.tags, 'tag') : '',
    truth.restarts > 0 ? count(truth.restarts, 'restart') : '',
    truth.ending ? 'an ending' : '',
  ].filter(Boolean);
  const lead = startWeight === 'L' ? 'R' : startWeight === 'R' ? 'L' : '';
  return (
    <Flex
      as="section"
      aria-label={t('The dance in one line')}
      background="bar2"
      color="barInk"
      align="center"
      columnGap={{ base: '1rem', md: '1.75rem' }}
      rowGap="0.125rem"
      flexWrap="wrap"
      minHeight="2.125rem"
      paddingBlock="0.15rem"
      paddingInline={{ base: '0.75rem', md: '1.125rem' }}
      fontSize="text"
      data-testid="truth"
      // On a phone one line that is drawn aside, what is wrong first.
      tabIndex={isPhone ? 0 : undefined}
      css={{
        [PHONE]: {
          flexWrap: 'nowrap',
          whiteSpace: 'nowrap',
          overflowX: 'auto',
          height: '2rem',
          minHeight: '2rem',
          fontSize: 'small',
          '& .told': { order: -1, marginLeft: 0 },
        },
      }}
    >
      <span>
        <b>{counts}</b> {counts === 1 ? 'count' : 'counts'}
        {truth.phrased && truth.dancedCounts !== undefined && ` (${truth.dancedCounts} as danced)`}
      </span>
      {counts > 0 && (
        <>
          <Turning truth={truth} />
          {planned.length > 0 && <span>{planned.join(', ')}</span>}
          <chakra.span css={{ [`@media (max-width: ${planned.length > 0 ? 1440 : 900}px)`]: { display: 'none' } }}>
            starts with weight on {startWeight === 'both' ? 'both' : <b>{startWeight}</b>}
          </chakra.span>
          <Joins truth={truth} lead={lead} isUnfinished={isUnfinished} />
        </>
      )}
      <chakra.span className="told" marginLeft="auto" display="flex" gap="0.75rem" alignItems="center">
        <Told tally={tally} isWritten={counts > 0} />
      </chakra.span>
      {children}
    </Flex>
  );
}

/** What a wall turns, and how many walls that makes. */
function Turning({ truth: { turn, phrased, wallsInParts } }: { truth: Truth }) {
  return (
    <>
      {!phrased && (
        <span>
          {turn === 'no turn' ? (
            'a wall does not turn'
          ) : (
            <>
              a wall turns <b>{turn}</b>
            </>
          )}
        </span>
      )}
      <span>
        {/* The number that is danced stands out; what it is by the turn alone is said beside it. */}
        {wallsInParts.before}
        <b>{wallsInParts.danced}</b>
        {wallsInParts.behind}
      </span>
    </>
  );
}

/** Whether the parts join, and whether it begins again where it ends; said of what is finished. */
function Joins({ truth, lead, isUnfinished }: { truth: Truth; lead: string; isUnfinished: boolean }) {
  const { loops } = truth;
  return (
    <>
      {truth.phrased && (
        <Loop good={truth.badJoins === 0}>
          {truth.badJoins === 0 ? 'every part joins' : `${count(truth.badJoins, 'join')} on the wrong foot`}
        </Loop>
      )}
      {loops !== undefined && (loops || !isUnfinished) && (
        <Loop good={loops}>
          {loops
            ? lead
              ? `loops: ${lead} is free at the end`
              : 'loops'
            : `does not loop: ${lead || 'the leading foot'} is not free at the end`}
        </Loop>
      )}
    </>
  );
}

/** Loud what can't be danced, less so what is very likely a slip of the pen, quiet what is worth knowing. */
function Told({ tally: { slips, cares, remarks }, isWritten }: { tally: Tally; isWritten: boolean }) {
  return (
    <>
      {slips > 0 ? (
        <chakra.b background="slipGround" color="slip" borderRadius="999px" paddingInline="0.6rem" data-testid="slips">
          {count(slips, 'slip')}
        </chakra.b>
      ) : (
        isWritten && <span>{t('no slips')}</span>
      )}
      {cares > 0 && (
        <chakra.span borderBottom="2px solid" borderColor="barCare" data-testid="cares">
          {count(cares, 'care')}
        </chakra.span>
      )}
      {remarks > 0 && (
        <chakra.span color="barQuiet" data-testid="remarks">
          {count(remarks, 'remark')}
        </chakra.span>
      )}
    </>
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

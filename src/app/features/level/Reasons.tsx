import { Box, chakra, Flex } from '@chakra-ui/react';
import { greatest, type LevelEstimate, type LevelScale, type Reason, type SectionLevel } from '../../../core';
import { Button } from '../../theme/Button';
import { NARROW } from '../../theme/screens';
import { t } from '../../texts';

/** What adds to it, the heaviest first, its points at the left as a script has its counts. */
export const Reasons = ({ reasons, onLine }: { reasons: readonly Reason[]; onLine: (line: number) => void }) => (
  <ol aria-label={t('What makes it as hard as it is')}>
    {reasons.map(({ key, points, words, line }) => (
      <Flex as="li" key={key} align="center" gap="0.9rem" borderTop="1px solid" borderColor="line" minHeight="2.4rem">
        <Points points={points} />
        <chakra.span flex="1">{words.charAt(0).toUpperCase() + words.slice(1)}</chakra.span>
        {line !== undefined && (
          <Button size="small" variant="plain" onClick={() => onLine(line)} aria-label={t('Show in the script: {words}', { words })}>
            {t('Show')}
          </Button>
        )}
      </Flex>
    ))}
  </ol>
); // prettier-ignore

const Points = ({ points }: { points: number }) => (
  <chakra.span width="3.2rem" flexShrink={0} fontWeight="700" fontVariantNumeric="tabular-nums" textAlign="right">
    {points.toFixed(1)}
  </chakra.span>
);

/** Each eight as hard as a dance made of nothing else would be, so that the hard one is seen. */
export function Sections({ estimate, scale, onLine }: { estimate: LevelEstimate; scale: LevelScale; onLine: (line: number) => void }) {
  const { sections, hardest } = estimate;
  const most = greatest([...sections.map(({ points }) => points), 1]);
  return (
    <ol aria-label={t('Section by section')}>
      {sections.map((section) => (
        <SectionRow key={section.line} section={section} share={section.points / most} isHardest={section === hardest} level={scale.names[section.place]} onLine={onLine} />
      ))}
    </ol>
  );
} // prettier-ignore

function SectionRow({ section, share, isHardest, level, onLine }: { section: SectionLevel; share: number; isHardest: boolean; level: string; onLine: (line: number) => void }) {
  const { name, title, line, points, reasons } = section;
  return (
    <Flex as="li" gap="0.9rem" borderTop="1px solid" borderColor="line" paddingBlock="0.45rem" css={{ [NARROW]: { flexWrap: 'wrap' } }}>
      <Points points={points} />
      <Box flex="1" minWidth="0">
        <chakra.p fontWeight={isHardest ? '700' : '400'}>
          {name}
          {title && `, ${title}`}
          {isHardest && <chakra.span color="care"> {t('the hard one')}</chakra.span>}
        </chakra.p>
        <Box height="0.55rem" background="sand" borderRadius="2px" marginBlock="0.25rem" aria-hidden>
          <Box height="100%" width={`${share * 100}%`} background={isHardest ? 'care' : 'bandB'} borderRadius="2px" />
        </Box>
        <chakra.p color="quiet" fontSize="text">
          {level}
          {reasons.length > 0 && `: ${reasons.slice(0, 3).map(({ words }) => words).join('; ')}`}
        </chakra.p>
      </Box>
      <Button size="small" variant="plain" alignSelf="center" onClick={() => onLine(line)} aria-label={t('Show in the script: {words}', { words: name })}>
        {t('Show')}
      </Button>
    </Flex>
  );
} // prettier-ignore

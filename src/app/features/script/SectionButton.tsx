import { chakra, Flex } from '@chakra-ui/react';
import type { SectionView } from '../../../core';
import { Rail, RoomMark, WeightPair } from '../marks/Marks';

export interface SectionProps {
  section: SectionView;
  /** Slips told of it by now. */
  slips: number;
  current: boolean;
  onOpen: (line: number) => void;
}

/** One section of the outline: its counts, and the foot and the wall it ends on. */
export function SectionButton({ section, slips, current, onOpen }: SectionProps) {
  return (
    <chakra.button
      type="button"
      onClick={() => onOpen(section.line)}
      aria-current={current ? 'true' : undefined}
      display="block"
      width="100%"
      textAlign="left"
      font="inherit"
      color="ink"
      background="transparent"
      border="none"
      borderLeft="3px solid"
      borderColor={current ? 'rule' : 'transparent'}
      padding="0.5rem 0.75rem 0.5rem 0.875rem"
      cursor="pointer"
      _hover={{ background: 'sand' }}
    >
      <Flex justify="space-between" align="center" gap="0.5rem">
        <chakra.span fontWeight="600" fontSize="text">
          {section.name}
        </chakra.span>
        <Flex gap="0.5rem" align="center">
          <WeightPair weight={section.weight} />
          <RoomMark facing={section.facing} hour={section.hour} strong />
        </Flex>
      </Flex>
      <Flex align="center" gap="0.5rem" marginTop="0.3rem">
        <Rail cells={section.rail} cell={Math.min(13, 104 / section.rail.length)} height={6} />
        <chakra.span color={section.counts === section.statedCounts || slips === 0 ? 'quiet' : 'slip'} fontSize="mark">
          {section.counts}
        </chakra.span>
        {slips > 0 && (
          <chakra.span color="slip" marginLeft="auto" fontSize="mark" fontWeight="700">
            {slips === 1 ? '1 slip' : `${slips} slips`}
          </chakra.span>
        )}
      </Flex>
    </chakra.button>
  );
}

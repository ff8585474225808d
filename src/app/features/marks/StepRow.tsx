import { chakra, Flex } from '@chakra-ui/react';
import type { ExplainedStep } from '../../../core';
import { FootDisc, RoomMark } from './Marks';

/** One action of a line or of a figure: its count, its foot, what it does, and the wall after it. `turnsOnly`: the wall where it changes. */
export function StepRow({ step, turnsOnly = false }: { step: ExplainedStep; turnsOnly?: boolean }) {
  return (
    <Flex as="li" align="center" gap="0.5rem" paddingBlock="0.28rem" borderBottom="1px solid" borderColor="line">
      <chakra.b minWidth="1.2rem" fontVariantNumeric="tabular-nums">
        {step.count}
      </chakra.b>
      <FootDisc mark={step.mark} />
      <chakra.span flex="1" lineHeight="1.3">
        {step.words}
      </chakra.span>
      {(step.turned || !turnsOnly) && (
        <>
          <RoomMark facing={step.facing} hour={step.hour} strong={step.turned} />
          <chakra.span
            minWidth="2.75rem"
            textAlign="right"
            fontWeight={step.turned ? '700' : '400'}
            color={step.turned ? 'ink' : 'quiet'}
          >
            {step.hour}
          </chakra.span>
        </>
      )}
    </Flex>
  );
}

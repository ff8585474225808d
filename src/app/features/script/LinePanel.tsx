import { Box, chakra, Flex } from '@chakra-ui/react';
import { lazy, memo, Suspense } from 'react';
import { cautionsOf, explainLine, type OnWall, type Study } from '../../../core';
import { FloorPicture } from '../floor/FloorPicture';
import { useDanceSession } from '../document/DanceContext';
import { RoomMark, WeightPair } from '../marks/Marks';
import { StepRow } from '../marks/StepRow';
import { t } from '../../texts';

const TrippedHere = lazy(() => import('../classes/TrippedHere'));

interface Props {
  study: Study;
  line: number;
  /** The wall that is shown: facings are then the room's on that wall. */
  wall?: OnWall;
}

/** The selected line foot by foot, the feet on the floor, and what to mind. */
export const LinePanel = memo(function LinePanel({ study, line, wall }: Props) {
  const { id } = useDanceSession();
  const explained = explainLine(study.dance, line, wall?.facings.get(line)?.facing);
  const cautions = cautionsOf(study.dance).filter((caution) => caution.line === line);
  return (
    <>
      {explained ? (
        <>
          <chakra.h2 fontSize="part" fontWeight="700" lineHeight="1.3">
            {explained.text}
          </chakra.h2>
          <chakra.p color="quiet" fontSize="text" marginBottom="0.5rem">
            {explained.place}
            {explained.figures.length > 0 && ` · ${explained.figures.join(', ')}`}
            {wall && ` · ${wall.left.has(line) ? 'not danced on' : 'on'} wall ${wall.number}`}
          </chakra.p>
          <Standing
            label={t('before')}
            weight={explained.before.weight}
            facing={explained.before.facing}
            hour={explained.before.hour}
          />
          <chakra.ol>
            {explained.steps.map((step, index) => (
              <StepRow key={index} step={step} />
            ))}
          </chakra.ol>
          <Standing
            label={t('after')}
            weight={explained.after.weight}
            facing={explained.after.facing}
            hour={explained.after.hour}
          />
          <FloorPicture marks={explained.floor} />
        </>
      ) : (
        <chakra.p color="quiet" marginBottom="1rem">
          {t('Put the cursor on a line with counts to see it foot by foot.')}
        </chakra.p>
      )}
      <Suspense fallback={null}>
        <TrippedHere danceId={id} dance={study.dance} line={line} />
      </Suspense>
      {cautions.map(({ care, text }) => (
        <Box
          key={care}
          borderLeft="3px solid"
          borderColor="care"
          paddingLeft="0.75rem"
          marginBlock="0.75rem"
          fontSize="text"
        >
          <chakra.b color="care">{t('Caution')}</chakra.b> {text}
        </Box>
      ))}
    </>
  );
});

function Standing({
  label,
  weight,
  facing,
  hour,
}: { label: string } & Pick<NonNullable<ReturnType<typeof explainLine>>['before'], 'weight' | 'facing' | 'hour'>) {
  return (
    <Flex
      align="center"
      gap="0.5rem"
      paddingBlock="0.3rem"
      borderBottom="1px solid"
      borderColor="line"
      color="quiet"
      fontSize="text"
    >
      <chakra.span flex="1">{label}</chakra.span>
      <WeightPair weight={weight} />
      <RoomMark facing={facing} hour={hour} />
      <chakra.span minWidth="2.75rem" textAlign="right">
        {hour}
      </chakra.span>
    </Flex>
  );
}

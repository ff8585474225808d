import { Box } from '@chakra-ui/react';
import { useMemo } from 'react';
import { ticksAt, type FloorView, type Performance } from '../../../core';
import { Stage } from '../floor/Stage';
import { stageFor, type Stage as StageView } from '../floor/stage-view';
import type { PracticePlayer } from './practice-player';

/** Steps seen from side to side. */
const ACROSS = 5.5;

const near = (stage: StageView): StageView => ({ ...stage, scale: stage.width / ACROSS });

const ALONE = { rows: 1, columns: 1, spacing: 2 };

/** The feet from behind, in step with what is said. */
export default function OnFloor({ floor, player, performance }: { floor: FloorView; player: PracticePlayer; performance: Performance }) {
  // Near by: the dancer stays in the middle, and the room turns around her.
  const stage = useMemo(() => near(stageFor(floor, 'behind', ALONE)), [floor]);
  const inTicks = useMemo(
    () => ({
      get time(): number {
        return ticksAt(performance, player.second);
      },
      draw: (drawer: (time: number) => void) => player.draw((second) => drawer(ticksAt(performance, second))),
    }),
    [player, performance],
  );
  return (
    <Box width="100%" flex="1" minHeight="14rem" display="flex">
      <Stage view={floor} player={inTicks} stage={stage} rows={ALONE} follows />
    </Box>
  );
} // prettier-ignore

import { Box } from '@chakra-ui/react';
import type { FootMark, Facing, RailCell, Weight } from '../../../core';
import { footSvg, railSvg, roomSvg, weightSvg } from './svg';

/** SVG text of our own making only: nothing typed ever reaches it. */
function Mark({ svg }: { svg: string }) {
  return <Box as="span" display="inline-flex" flexShrink={0} dangerouslySetInnerHTML={{ __html: svg }} />;
}

export const FootDisc = ({ mark }: { mark: FootMark }) => <Mark svg={footSvg(mark)} />;
export const WeightPair = ({ weight }: { weight: Weight }) => <Mark svg={weightSvg(weight)} />;
export const RoomMark = ({ facing, hour, strong = false }: { facing: Facing; hour: string; strong?: boolean }) => (
  <Mark svg={roomSvg(facing, strong, hour)} />
);
export const Rail = ({
  cells,
  cell,
  height,
  numbers = false,
}: {
  cells: readonly RailCell[];
  cell: number;
  height: number;
  numbers?: boolean;
}) => <Mark svg={railSvg(cells, { cell, height, numbers })} />;

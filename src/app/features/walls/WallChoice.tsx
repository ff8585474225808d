import { chakra } from '@chakra-ui/react';
import type { WallRow } from '../../../core';
import { MEDIUM } from '../../theme/screens';
import { t } from '../../texts';

interface Props {
  walls: readonly WallRow[];
  wall: number | undefined;
  /** The picture of the walls always looks at one of them. */
  always: boolean;
  onWall: (wall: number | undefined) => void;
}

/** Which wall is shown: the sheet as it is written, or one wall by the room's clock. */
export function WallChoice({ walls, wall, always, onWall }: Props) {
  const known = walls.some(({ number }) => number === wall);
  return (
    <chakra.label position="relative" display="flex" alignItems="center" gap="0.4rem" whiteSpace="nowrap">
      <chakra.span
        css={{
          [MEDIUM]: { position: 'absolute', width: '1px', height: '1px', overflow: 'hidden', clipPath: 'inset(50%)' },
        }}
      >
        wall shown
      </chakra.span>
      <chakra.select
        font="inherit"
        color="barInk"
        background="bar"
        border="1px solid"
        borderColor="barQuiet"
        borderRadius="4px"
        padding="0.05rem 0.3rem"
        value={known ? String(wall) : always ? String(walls[0].number) : ''}
        onChange={(event) => onWall(event.target.value === '' ? undefined : Number(event.target.value))}
        css={{ '&:focus-visible': { outlineColor: 'barInk' } }}
      >
        {!always && <option value="">{t('as written')}</option>}
        {walls.map(({ number, part, startHour }) => (
          <option key={number} value={number}>
            {number}
            {part && ` ${part}`}, from {startHour}
          </option>
        ))}
      </chakra.select>
    </chakra.label>
  );
}

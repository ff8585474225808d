import { chakra } from '@chakra-ui/react';
import type { WallRow } from '../../../core';
import { colour } from '../../theme/system';

const SIZE = 124;
const HALF = SIZE / 2;
const INSET = 28;

/** Where a number stands: at the wall or the corner it starts facing, beside the others that start there. */
function spot(facing: number, index: number, total: number): { x: number; y: number } {
  const angle = (facing / 48) * 2 * Math.PI;
  const [dx, dy] = [Math.sin(angle), -Math.cos(angle)];
  const scale = (HALF - INSET / 2) / Math.max(Math.abs(dx), Math.abs(dy));
  const along = (index - (total - 1) / 2) * Math.min(23, 108 / Math.max(total, 1));
  // Along the wall; in a corner towards the middle.
  const corner = facing % 12 !== 0;
  const [ax, ay] = corner ? [-dx, -dy] : [Math.abs(dy), Math.abs(dx)];
  const shift = corner ? index * 20 : along;
  return { x: HALF + dx * scale + ax * shift, y: HALF + dy * scale + ay * shift };
}

/** The hall from above, with the number of every wall standing at the side it starts facing. */
export function HallPicture({ rows, selected }: { rows: readonly WallRow[]; selected: number }) {
  const walls = rows.filter(({ kind }) => kind === 'part').slice(0, 16);
  const byFacing = new Map<number, WallRow[]>();
  for (const row of walls) byFacing.set(row.start, [...(byFacing.get(row.start) ?? []), row]);
  const words = [...byFacing.values()].map(
    (own) => `${own[0].startHour}: ${own.map(({ number }) => number).join(', ')}`,
  );
  return (
    <chakra.svg
      viewBox={`-34 -16 ${SIZE + 68} ${SIZE + 32}`}
      width="100%"
      maxHeight="10rem"
      role="img"
      aria-label={`Walls by where they start. ${words.join('; ')}`}
      fontFamily="inherit"
    >
      <rect
        x="1"
        y="1"
        width={SIZE - 2}
        height={SIZE - 2}
        fill={colour('floor')}
        stroke={colour('lineStrong')}
        strokeWidth="2"
      />
      <text x={HALF} y="-4" textAnchor="middle" fontSize="13" fill={colour('quiet')}>
        12:00
      </text>
      <text x={HALF} y={SIZE + 13} textAnchor="middle" fontSize="13" fill={colour('quiet')}>
        6:00
      </text>
      <text x={SIZE + 5} y={HALF + 4} fontSize="13" fill={colour('quiet')}>
        3:00
      </text>
      <text x="-5" y={HALF + 4} textAnchor="end" fontSize="13" fill={colour('quiet')}>
        9:00
      </text>
      {[...byFacing.values()].flatMap((own) =>
        own.map((row, index) => {
          const { x, y } = spot(row.start, index, own.length);
          const on = row.number === selected;
          return (
            <g key={row.number}>
              <circle
                cx={x}
                cy={y}
                r="10.5"
                fill={colour(on ? 'ink' : 'paper')}
                stroke={colour('lineStrong')}
                strokeWidth="1.3"
              />
              <text
                x={x}
                y={y + 4.8}
                textAnchor="middle"
                fontSize="13"
                fontWeight="700"
                fill={colour(on ? 'paper' : 'ink')}
              >
                {row.number}
              </text>
            </g>
          );
        }),
      )}
    </chakra.svg>
  );
}

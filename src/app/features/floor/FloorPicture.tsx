import { chakra } from '@chakra-ui/react';
import type { FloorMark } from '../../../core';
import { CIRCLE } from '../../../core';
import { colour } from '../../theme/system';
import { greatest, least } from '../../../core';

const STEP = 62;
const MARGIN = 46;
const WIDTH = 284;

/** The feet of one line on the floor, from above; the 12:00 wall of the sheet is at the top. One square is one ordinary step. */
export function FloorPicture({ marks }: { marks: readonly FloorMark[] }) {
  const xs = marks.map(({ x }) => x);
  const ys = marks.map(({ y }) => y);
  const [left, right, bottom, top] = [least(xs), greatest(xs), least(ys), greatest(ys)];
  const scale = Math.min(STEP, (WIDTH - 2 * MARGIN) / Math.max(right - left, 1));
  const height = Math.max(150, (top - bottom) * scale + 2 * MARGIN);
  const place = ({ x, y }: { x: number; y: number }) => ({
    x: WIDTH / 2 + (x - (left + right) / 2) * scale,
    y: height / 2 - (y - (bottom + top) / 2) * scale,
  });
  const steps = marks.filter(({ kind }) => kind !== 'before');
  return (
    <chakra.figure margin="0.75rem 0" background="floor" css={{ breakInside: 'avoid' }}>
      <svg
        viewBox={`0 0 ${WIDTH} ${height}`}
        width="100%"
        role="img"
        aria-label={`The feet from above: ${steps.map(({ count, foot }) => `${count} ${foot}`).join(', ')}`}
      >
        <Boards scale={scale} height={height} origin={place({ x: 0, y: 0 })} />
        <path d={`M${WIDTH / 2 - 22} 2h44`} stroke={colour('lineStrong')} strokeWidth="3" />
        <text x={WIDTH / 2} y="16" textAnchor="middle" fontSize="11" fill={colour('quiet')}>
          12:00
        </text>
        {marks.map((mark, index) => {
          if (mark.kind === 'before') return null;
          const from = marks.slice(0, index).findLast((one) => one.foot === mark.foot);
          return from && <Way key={index} from={place(from)} to={place(mark)} foot={mark.foot} />;
        })}
        {marks.map((mark, index) => (
          <Sole
            key={index}
            mark={mark}
            at={place(mark)}
            shift={
              marks
                .slice(0, index)
                .filter((one) => Math.hypot(one.x - mark.x, one.y - mark.y) < 0.12 && one.kind !== 'before').length
            }
          />
        ))}
      </svg>
    </chakra.figure>
  );
}

/** The boards of the floor, a step apart. */
function Boards({ scale, height, origin }: { scale: number; height: number; origin: { x: number; y: number } }) {
  const lines = [];
  for (let x = origin.x % scale; x < WIDTH; x += scale) lines.push(<path key={`x${x}`} d={`M${x} 0V${height}`} />);
  for (let y = origin.y % scale; y < height; y += scale) lines.push(<path key={`y${y}`} d={`M0 ${y}H${WIDTH}`} />);
  return (
    <g stroke={colour('floorLine')} strokeWidth="1">
      {lines}
    </g>
  );
}

function Way({
  from,
  to,
  foot,
}: {
  from: { x: number; y: number };
  to: { x: number; y: number };
  foot: FloorMark['foot'];
}) {
  if (Math.hypot(to.x - from.x, to.y - from.y) < 4) return null;
  return (
    <path
      d={`M${from.x} ${from.y}L${to.x} ${to.y}`}
      stroke={colour(foot === 'L' ? 'left' : 'right')}
      strokeWidth="1.3"
      strokeDasharray="3 4"
      fill="none"
    />
  );
}

/** A sole: a half disc drawn out to a foot, the straight side inward, toes where the foot points. */
function Sole({ mark, at, shift }: { mark: FloorMark; at: { x: number; y: number }; shift: number }) {
  const tint = colour(mark.foot === 'L' ? 'left' : 'right');
  const out = mark.foot === 'L' ? -1 : 1;
  const before = mark.kind === 'before';
  const d = mark.foot === 'L' ? 'M7 -19V18C-9 18 -9 -9 7 -19z' : 'M-7 -19V18C9 18 9 -9 -7 -19z';
  return (
    <g transform={`translate(${at.x} ${at.y})`} opacity={before ? 0.35 : 1}>
      <path
        d={d}
        transform={`rotate(${(mark.heading * 360) / CIRCLE})`}
        fill={mark.kind === 'gesture' ? colour('floor') : tint}
        stroke={tint}
        strokeWidth="1.6"
        strokeLinejoin="round"
      />
      {!before && (
        <text x={out * (18 + shift * 13)} y="5" textAnchor="middle" fontSize="14" fontWeight="700" fill={colour('ink')}>
          {mark.count}
        </text>
      )}
    </g>
  );
}

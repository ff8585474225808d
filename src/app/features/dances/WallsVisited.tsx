import { CIRCLE, hourOfFacing } from '../../../core';
import { colour } from '../../theme/system';

const QUARTER = CIRCLE / 4;

/** The walls a dance starts from, as the heavy sides and corners of a room seen from above; where it begins there is a notch. */
export function WallsVisited({ walls, starts }: { walls: number; starts: readonly number[] }) {
  const sides = starts.filter((facing) => facing % QUARTER === 0);
  const corners = starts.filter((facing) => facing % QUARTER !== 0);
  const hours = starts.map(hourOfFacing).join(', ');
  return (
    <svg
      width="34"
      height="34"
      viewBox="0 0 34 34"
      role="img"
      aria-label={walls === 0 ? 'no walls yet' : `${walls} ${walls === 1 ? 'wall' : 'walls'}: ${hours}`}
    >
      <rect x="4" y="4" width="26" height="26" fill="none" stroke={colour('pale')} strokeWidth="1.2" />
      {sides.map((facing) => (
        <path
          key={facing}
          d="M5 4h24"
          stroke={colour('ink')}
          strokeWidth="4"
          transform={`rotate(${(facing * 360) / CIRCLE} 17 17)`}
        />
      ))}
      {corners.map((facing) => (
        <circle
          key={facing}
          cx="17"
          cy="1.6"
          r="2.2"
          fill={colour('ink')}
          transform={`rotate(${(facing * 360) / CIRCLE} 17 17)`}
        />
      ))}
      {walls > 0 && <path d="M17 12.5l4 8h-8z" fill={colour('pale')} />}
    </svg>
  );
}

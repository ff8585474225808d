import { colour } from '../../theme/system';

/** Walls a plain dance starts from, as the heavy sides of a room: one, the front and the back, all four; with eight the corners too. */
export function WallsVisited({ walls }: { walls: number }) {
  const sides = walls === 4 || walls === 8 ? [0, 90, 180, 270] : walls === 2 ? [0, 180] : walls === 1 ? [0] : [];
  return (
    <svg
      width="34"
      height="34"
      viewBox="0 0 34 34"
      role="img"
      aria-label={walls === 0 ? 'no walls yet' : `${walls} walls`}
    >
      <rect x="4" y="4" width="26" height="26" fill="none" stroke={colour('pale')} strokeWidth="1.2" />
      {sides.length === 0 && walls > 0 && (
        <text x="17" y="22" textAnchor="middle" fontSize="14" fontWeight="700" fill={colour('ink')}>
          {walls}
        </text>
      )}
      {sides.map((angle) => (
        <path
          key={angle}
          d={walls >= 8 ? 'M10 4h14' : 'M3 4h28'}
          stroke={colour('ink')}
          strokeWidth="4"
          transform={`rotate(${angle} 17 17)`}
        />
      ))}
      {walls >= 8 &&
        [45, 135, 225, 315].map((angle) => (
          <circle key={angle} cx="17" cy="1.2" r="2.2" fill={colour('ink')} transform={`rotate(${angle} 17 17)`} />
        ))}
    </svg>
  );
}

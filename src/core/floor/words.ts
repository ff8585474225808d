/** Places on the floor in dancers' words. */
import type { Drift } from './measure';

/** Half steps: nobody sees less. */
const rounded = (steps: number): number => Math.round(steps * 2) / 2;

const amount = (steps: number): string => {
  const whole = Math.floor(steps);
  const half = steps % 1 === 0.5;
  if (whole === 0) return 'half a step';
  return half ? `${whole} and a half steps` : whole === 1 ? '1 step' : `${whole} steps`;
};

/** `2 steps to the right and half a step back`; undefined where it is about in place. */
export function driftWords({ right, forward }: Drift): string | undefined {
  const [side, way] = [rounded(right), rounded(forward)];
  const said = [
    side !== 0 && `${amount(Math.abs(side))} to the ${side > 0 ? 'right' : 'left'}`,
    way !== 0 && `${amount(Math.abs(way))} ${way > 0 ? 'forward' : 'back'}`,
  ].filter((words) => words !== false);
  return said.length > 0 ? said.join(' and ') : undefined;
}

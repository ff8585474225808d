/** A tempo from taps: by hand where nothing is measured, or against what is. */
import { median } from './numbers';

export interface Tapped {
  readonly taps: number;
  /** Beats a minute. */
  readonly bpm: number;
  /** Half of the taps lie within so many seconds of an even beat. */
  readonly spread: number;
  /** Seconds, on the clock of the taps, of the even beat nearest to the first tap. */
  readonly firstBeat: number;
}

/** A tap so much later than the one before begins anew. */
const TAP_REST = 2.5;

/** The taps since the last rest; undefined for fewer than four. Beats left out are no matter, a tap too many is. */
export function tempoOfTaps(seconds: readonly number[]): Tapped | undefined {
  const start = seconds.findLastIndex((second, index) => index > 0 && second - seconds[index - 1] > TAP_REST);
  const taps = seconds.slice(Math.max(0, start));
  if (taps.length < 4) return undefined;
  const usual = median(taps.slice(1).map((tap, index) => tap - taps[index]));
  if (usual <= 0) return undefined;
  let place = 0;
  const points = taps.map((tap, index) => {
    if (index > 0) place += Math.max(1, Math.round((tap - taps[index - 1]) / usual));
    return { x: place, y: tap };
  });
  // The middle of all slopes between two taps (Theil and Sen): one slip of the hand moves nothing.
  const slopes = points.flatMap((one, index) => points.slice(index + 1).map((other) => (other.y - one.y) / (other.x - one.x))); // prettier-ignore
  const period = median(slopes);
  const firstBeat = median(points.map(({ x, y }) => y - x * period));
  return {
    taps: taps.length,
    bpm: 60 / period,
    spread: median(points.map(({ x, y }) => Math.abs(y - firstBeat - x * period))),
    firstBeat,
  };
}

/**
 * Time in a dance, exactly. One count is twelve ticks, so halves (&), quarters (e, a) and thirds are whole numbers.
 * Ticks run from the start of a section: count 1 is tick 0, the & after it tick 6.
 */
export const TICKS_A_COUNT = 12;

/** The steps between two counts and where they stand, in ticks after the whole count. */
export const BETWEEN_COUNTS = { e: 3, '&': 6, a: 9 } as const;
export type BetweenCounts = keyof typeof BETWEEN_COUNTS;

/** Tick of a whole count, counts numbered from 1. */
export const tickOfCount = (count: number): number => (count - 1) * TICKS_A_COUNT;

/** How a dancer calls a tick: `1`, `&`, `a`. A pick-up before count 1 has a negative tick and keeps its letter. */
export function labelOfTick(tick: number): string {
  const rest = ((tick % TICKS_A_COUNT) + TICKS_A_COUNT) % TICKS_A_COUNT;
  if (rest === 0) return String(tick / TICKS_A_COUNT + 1);
  const letter = (Object.keys(BETWEEN_COUNTS) as BetweenCounts[]).find((key) => BETWEEN_COUNTS[key] === rest);
  return letter ?? `+${rest}`;
}

/** The whole count a tick belongs to, numbered from 1: the & after 4 belongs to 4. */
export const countOfTick = (tick: number): number => Math.floor(tick / TICKS_A_COUNT) + 1;

/** A place between counts said so that it can be found: `4`, `& after 4`, `& before 1`. */
export function placeOfTick(tick: number): string {
  const label = labelOfTick(tick);
  if (/^\d/.test(label)) return label;
  return tick < 0 ? `${label} before 1` : `${label} after ${countOfTick(tick)}`;
}

/** A length in ticks as counts: 192 ticks are `16`, 198 are `16.5`. */
export const countsOfTicks = (ticks: number): number => ticks / TICKS_A_COUNT;

/**
 * The time of day, as it runs while this page is open: setting the machine's clock forward or back in between changes nothing.
 * Waiting is measured with `performance.now()` alone; what comes after what is told by counters.
 */
export const timeNow = (): number => Math.round(performance.timeOrigin + performance.now());

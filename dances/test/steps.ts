/** How much work something is, as the number of function calls it takes: the same on every machine, however busy it is. */
import { Session } from 'node:inspector/promises';

export interface CallCounter {
  /** Calls of functions of the core while the work lasts. */
  count(work: () => unknown): Promise<number>;
  stop(): Promise<void>;
}

export async function startCounting(): Promise<CallCounter> {
  const session = new Session();
  session.connect();
  await session.post('Profiler.enable');
  await session.post('Profiler.startPreciseCoverage', { callCount: true, detailed: false });
  return {
    count: async (work) => {
      // Taking the counts sets them back.
      await session.post('Profiler.takePreciseCoverage');
      work();
      const { result } = await session.post('Profiler.takePreciseCoverage');
      return result
        .filter(({ url }) => url.includes('/src/core/'))
        .reduce((sum, { functions }) => sum + functions.reduce((all, { ranges }) => all + ranges[0].count, 0), 0);
    },
    stop: async () => {
      await session.post('Profiler.stopPreciseCoverage');
      session.disconnect();
    },
  };
}

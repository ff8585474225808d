/** Checks on workers, each with a time limit: a hostile text keeps nobody else waiting, and is given up. */
import { Piscina } from 'piscina';
import type { Report } from '../core';

const LONGEST_CHECK = 10_000;
const MOST_WAITING = 64;

export type Checked = { readonly report: Report } | { readonly problem: string; readonly status: 422 | 503 };

export interface Checks {
  check(text: string): Promise<Checked>;
  stop(): Promise<void>;
}

export interface CheckOrder {
  /** Milliseconds for one text. */
  readonly limit?: number;
  /** The file that does the work; another one in tests. */
  readonly worker?: URL;
  /** The end of the patience with one text; in tests somebody else's than the clock's. */
  readonly patience?: (limit: number) => AbortSignal;
}

export function startChecks({
  limit = LONGEST_CHECK,
  worker = new URL('./check-worker.ts', import.meta.url),
  patience = (most) => AbortSignal.timeout(most),
}: CheckOrder = {}): Checks {
  const pool = new Piscina<string, Report>({
    filename: worker.href,
    execArgv: ['--import', 'tsx'],
    minThreads: 0,
    maxThreads: 2,
    maxQueue: MOST_WAITING,
    idleTimeout: 60_000,
  });
  return {
    async check(text) {
      if (pool.queueSize >= MOST_WAITING)
        return { problem: 'Too many texts wait to be checked. Try it again.', status: 503 };
      const over = patience(limit);
      try {
        return { report: await pool.run(text, { signal: over }) };
      } catch {
        return over.aborted
          ? {
              problem: `This text takes longer than ${limit / 1000} seconds to work out, and was given up.`,
              status: 422,
            }
          : { problem: 'This text could not be worked out.', status: 422 };
      }
    },
    stop: () => pool.destroy(),
  };
}

/** Files made or read in a worker: begun by hand, cancelled by ending the worker; said only when it takes longer than half a second. */
import type { Remote } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Work } from '../../../workers/work';
import { startWorker } from './start-worker';

export interface FileWork {
  /** What is being made, once it has taken half a second. */
  readonly busy: string | undefined;
  /** A sentence about what went wrong. */
  readonly problem: string;
  readonly run: <T>(what: string, work: (files: Remote<Work>) => Promise<T>) => Promise<T | undefined>;
  readonly cancel: () => void;
  readonly forget: () => void;
}

const PATIENCE = 500;

export function useFiles(): FileWork {
  const [busy, setBusy] = useState<string>();
  const [problem, setProblem] = useState('');
  const stop = useRef<() => void>(undefined);
  const cancel = useCallback(() => {
    stop.current?.();
    stop.current = undefined;
    setBusy(undefined);
  }, []);
  useEffect(() => () => stop.current?.(), []);
  const run = useCallback(
    async <T>(what: string, work: (files: Remote<Work>) => Promise<T>): Promise<T | undefined> => {
      stop.current?.();
      setProblem('');
      const { work: files, worker } = startWorker();
      const cancelled = new Promise<undefined>((resolve) => {
        stop.current = () => {
          worker.terminate();
          resolve(undefined);
        };
      });
      const own = stop.current;
      const failed = new Promise<never>((_, reject) => {
        worker.onerror = (event) => reject(new Error(event.message));
      });
      const timer = setTimeout(() => setBusy(what), PATIENCE);
      try {
        return await Promise.race([work(files), cancelled, failed]);
      } catch {
        setProblem(`${what} did not work out. Nothing was changed; try it again.`);
        return undefined;
      } finally {
        clearTimeout(timer);
        worker.terminate();
        if (stop.current === own) {
          stop.current = undefined;
          setBusy(undefined);
        }
      }
    },
    [],
  );
  return { busy, problem, run, cancel, forget: useCallback(() => setProblem(''), []) };
}

/** A search in the worker: begun by hand, cancelled by ending the worker, forgotten when the text it was about has changed. */
import type { Remote } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Work } from '../../../workers/work';
import { startWorker } from '../files/start-worker';

export type SearchState<T> =
  | { readonly kind: 'idle' }
  | { readonly kind: 'running' }
  | { readonly kind: 'failed' }
  | { readonly kind: 'found'; readonly text: string; readonly found: T };

/** `text` is what the answer is about: an answer to another text is out of date and is not shown. */
export function useSearch<T>(text: string): {
  state: SearchState<T>;
  run: (search: (searches: Remote<Work>) => Promise<T>) => void;
  cancel: () => void;
} {
  const [state, setState] = useState<SearchState<T>>({ kind: 'idle' });
  const running = useRef<() => void>(undefined);
  const cancel = useCallback(() => {
    running.current?.();
    running.current = undefined;
    setState((old) => (old.kind === 'running' ? { kind: 'idle' } : old));
  }, []);
  const run = useCallback(
    (search: (searches: Remote<Work>) => Promise<T>) => {
      running.current?.();
      const { work, worker } = startWorker();
      const end = (): void => worker.terminate();
      running.current = end;
      setState({ kind: 'running' });
      const isCurrent = () => running.current === end;
      search(work)
        .then((found) => isCurrent() && setState({ kind: 'found', text, found }))
        .catch(() => isCurrent() && setState({ kind: 'failed' }))
        .finally(() => {
          end();
          if (isCurrent()) running.current = undefined;
        });
    },
    [text],
  );
  useEffect(() => () => running.current?.(), []);
  const current = state.kind === 'found' && state.text !== text ? ({ kind: 'idle' } as const) : state;
  return { state: current, run, cancel };
}

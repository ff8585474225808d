/** The worker that helps while composing. It is started at the first question and stays, so that an answer needs no new start. */
import type { Remote } from 'comlink';
import { useEffect, useState } from 'react';
import type { Work } from '../../../workers/work';
import { startWorker } from '../files/start-worker';

let helper: Remote<Work> | undefined;

const work = (): Remote<Work> => (helper ??= startWorker().work);

/** A pause after the last change before it is asked, so that quick keys ask once. */
const PAUSE = 120;

/**
 * The answer to the newest question; the one before stays until it comes. `key` tells questions apart; undefined asks nothing.
 */
export function useHelp<T>(
  key: string | undefined,
  ask: (work: Remote<Work>) => Promise<T>,
): { readonly key: string; readonly answer: T } | undefined {
  const [answered, setAnswered] = useState<{ readonly key: string; readonly answer: T }>();
  useEffect(() => {
    if (key === undefined) return;
    let isWanted = true;
    const timer = setTimeout(() => {
      ask(work())
        .then((answer) => isWanted && setAnswered({ key, answer }))
        // No help is no harm: the script goes on without it.
        .catch(() => undefined);
    }, PAUSE);
    return () => {
      isWanted = false;
      clearTimeout(timer);
    };
    // The key says all that the question is about.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return key === undefined ? undefined : answered;
}

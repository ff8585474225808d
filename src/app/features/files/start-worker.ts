import { wrap, type Remote } from 'comlink';
import type { Work } from '../../../workers/work';

export interface RunningWorker {
  readonly work: Remote<Work>;
  readonly worker: Worker;
}

/** A worker of its own for each task: to cancel the task, the worker is ended. */
export function startWorker(): RunningWorker {
  const worker = new Worker(new URL('../../../workers/work.ts', import.meta.url), { type: 'module' });
  return { work: wrap<Work>(worker), worker };
}

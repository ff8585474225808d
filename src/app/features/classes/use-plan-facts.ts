/** What the plan of an evening has to know of the dances on the shelf: worked out in a worker, once for each text. */
import { useQuery } from '@tanstack/react-query';
import type { PlanFacts } from '../../../core';
import type { DanceRecord } from '../../../store';
import { startWorker } from '../files/start-worker';
import { personalFigures } from '../settings/settings';

/** Of a very long shelf only the newest are looked through for what could be taught next. */
const MOST = 200;
const known = new Map<string, { readonly text: string; readonly facts: PlanFacts }>();

async function factsOf(dances: readonly DanceRecord[]): Promise<PlanFacts[]> {
  const missing = dances.filter(({ id, text }) => known.get(id)?.text !== text);
  if (missing.length > 0) {
    const { work, worker } = startWorker();
    try {
      const found = await work.planFacts(
        missing.map(({ id, text }) => ({ id, text })),
        personalFigures(),
      );
      found.forEach((facts, index) => known.set(facts.id, { text: missing[index].text, facts }));
    } finally {
      worker.terminate();
    }
  }
  return dances.flatMap(({ id }) => known.get(id)?.facts ?? []);
}

const NONE: readonly PlanFacts[] = [];

/** `wanted`: ids that are looked at whatever their age. Empty until it is worked out. */
export function usePlanFacts(dances: readonly DanceRecord[], wanted: ReadonlySet<string>): readonly PlanFacts[] {
  const looked = dances.filter(({ id, counts }, index) => counts > 0 && (index < MOST || wanted.has(id)));
  const key = looked.map(({ id, revision }) => `${id}.${revision}`).join(' ');
  return useQuery({ queryKey: ['plan-facts', key], queryFn: () => factsOf(looked), staleTime: Infinity, placeholderData: (old) => old }).data ?? NONE; // prettier-ignore
}

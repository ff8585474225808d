import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import {
  addDemoDances,
  adoptLeftWords,
  answered,
  clearDeleted,
  listDances,
  refreshFacts,
  watchDances,
} from '../../../store';

const KEY = ['dances'];

/** The shelf, kept up to date with this tab and the others. */
export function useDances() {
  const queries = useQueryClient();
  useEffect(() => watchDances((dances) => queries.setQueryData(KEY, dances)), [queries]);
  return useQuery({
    queryKey: KEY,
    queryFn: () => answered(openShelf()),
  });
}

/** What the shelf needs before it is looked at, from whichever screen. */
export async function openShelf() {
  await addDemoDances(async () => (await import('./demo')).DEMO_DANCES);
  await adoptLeftWords().catch(() => undefined);
  // Nobody waits for these; the shelf hears of what they change.
  void clearDeleted().catch(() => undefined);
  void refreshFacts().catch(() => undefined);
  return listDances();
}

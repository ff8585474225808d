import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { addDemoDances, adoptDrafts, clearDeleted, listDances, watchDances } from '../../../store';
import { DEMO_DANCES } from './demo';

const KEY = ['dances'];

/** The shelf, kept up to date with this tab and the others. */
export function useDances() {
  const queries = useQueryClient();
  useEffect(() => watchDances((dances) => queries.setQueryData(KEY, dances)), [queries]);
  return useQuery({
    queryKey: KEY,
    queryFn: async () => {
      await addDemoDances(DEMO_DANCES);
      await adoptDrafts().catch(() => undefined);
      void clearDeleted();
      return listDances();
    },
  });
}

import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { listRevisions, watchRevisions } from '../../../store';

/** The kept states of a dance, the newest first, kept up to date. Undefined until they are read. */
export function useRevisions(danceId: string) {
  const queries = useQueryClient();
  const key = useMemo(() => ['revisions', danceId], [danceId]);
  useEffect(
    () => watchRevisions(danceId, (revisions) => queries.setQueryData(key, revisions)),
    [queries, key, danceId],
  );
  return useQuery({ queryKey: key, queryFn: () => listRevisions(danceId), staleTime: 0 }).data;
}

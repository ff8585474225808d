import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { Outlet, useParams } from 'react-router';
import { findDance, findHistory, type DanceRecord } from '../../store';
import { DanceProvider, useStudy } from '../features/document/DanceContext';
import { DanceSession } from '../features/document/session';
import { KeepingNotice } from '../features/document/KeepingNotice';
import { noteOpenDance } from '../features/figures/recent';
import { useFillFrame } from '../features/frame/slot';
import { TruthLine } from '../features/script/TruthLine';
import { LostScreen } from './LostScreen';

/** An open dance: its session lives here and outlasts the change from one view to another. */
export function DanceLayout() {
  const { id = '' } = useParams();
  const { data, isPending } = useQuery({
    queryKey: ['dance', id],
    queryFn: async () => {
      const record = await findDance(id);
      return record ? { record, history: await findHistory(id, record.text) } : null;
    },
    // Read afresh at every opening: the session keeps it up to date from there.
    staleTime: 0,
    gcTime: 0,
    refetchOnWindowFocus: false,
    refetchOnReconnect: false,
  });
  if (isPending) return null;
  if (!data) return <LostScreen what="dance" />;
  return <OpenDance key={id} record={data.record} history={data.history} />;
}

function OpenDance({ record, history }: { record: DanceRecord; history: unknown }) {
  // The record it was opened with; later ones reach the session by itself.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const session = useMemo(() => new DanceSession(record), [record.id]);
  useEffect(() => session.open(), [session]);
  const study = useStudy(session);
  useFillFrame({
    id: session.id,
    title: study.script.title || 'Untitled dance',
    truth: <TruthLine truth={study.view.truth} />,
  });
  useEffect(() => noteOpenDance(session.id, study.script.title || 'Untitled dance'), [session.id, study.script.title]);
  useEffect(() => {
    document.title = `${study.script.title || 'Untitled dance'} · Pace Slate`;
    return () => {
      document.title = 'Pace Slate';
    };
  }, [study.script.title]);
  return (
    <DanceProvider value={session}>
      <KeepingNotice />
      <Outlet context={{ history }} />
    </DanceProvider>
  );
}

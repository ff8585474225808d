import { useQuery } from '@tanstack/react-query';
import { Box } from '@chakra-ui/react';
import { lazy, Suspense, useEffect, useMemo, useState } from 'react';
import { Outlet, useLocation, useParams } from 'react-router';
import { tallyOf, viewWalls } from '../../core';
import {
  answered,
  diedOf,
  dropLeftWords,
  findDance,
  findHistory,
  findLeftWords,
  reviveDance,
  tryAgain,
  type DanceRecord,
  type LeftWords,
} from '../../store';
import { DanceProvider, useStudy, useTold } from '../features/document/DanceContext';
import { DanceSession } from '../features/document/session';
import { KeepingNotice } from '../features/document/KeepingNotice';
import { SetAside } from '../features/document/SetAside';
import { songPlays, useSongPlaying } from '../features/desk/playing';
import { noteOpenDance } from '../features/figures/recent';
import { useFillFrame } from '../features/frame/slot';
import { TruthLine } from '../features/script/TruthLine';
import { useShownWall } from '../features/walls/shown-wall';
import { WallChoice } from '../features/walls/WallChoice';
import { LostScreen } from './LostScreen';
import { RefusedScreen } from './RefusedScreen';

const PlayingBar = lazy(() => import('../features/music/PlayingBar'));

/** An open dance: its session lives here and outlasts the change from one view to another. */
export function DanceLayout() {
  const { id = '' } = useParams();
  const { data, isPending, error } = useQuery({
    queryKey: ['dance', id],
    queryFn: () => answered(openRecord(id)),
    // Read afresh at every opening: the session keeps it up to date from there.
    staleTime: 0,
    gcTime: 0,
    refetchOnWindowFocus: false,
    refetchOnReconnect: false,
  });
  if (isPending) return null;
  if (error) return <RefusedScreen error={error} />;
  if (!data) return <LostScreen what="dance" />;
  return <Guarded key={id} {...data} />;
}

/** A dance that a page died of waits until somebody wants it all the same. */
function Guarded(opened: Opened) {
  const text = opened.left?.text ?? opened.record.text;
  const [isSetAside, setIsSetAside] = useState(() => diedOf(text));
  if (!isSetAside) return <OpenDance {...opened} />;
  return (
    <Box as="main" padding="2rem 1.5rem">
      <SetAside
        name={opened.record.title}
        text={text}
        onTry={() => {
          tryAgain(text);
          setIsSetAside(false);
        }}
      />
    </Box>
  );
}

interface Opened {
  readonly record: DanceRecord;
  readonly history: unknown;
  /** Words that a closed or dead tab left. */
  readonly left: LeftWords | undefined;
}

/** A dance that the browser has lost is opened from the words left of it, if there are any. */
async function openRecord(id: string): Promise<Opened | null> {
  const [kept, words] = await Promise.all([findDance(id), findLeftWords()]);
  const left = words.find((one) => one.id === id);
  if (kept) return { record: kept, history: await findHistory(id, kept.text), left };
  if (!left) return null;
  const record = await reviveDance(id, left.text);
  await dropLeftWords(left);
  return { record, history: undefined, left: undefined };
}

function OpenDance({ record, history, left }: Opened) {
  // The record it was opened with; later ones reach the session by itself.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const session = useMemo(() => new DanceSession(record, left), [record.id]);
  useEffect(() => session.open(), [session]);
  // One object for as long as the dance is open: the screens below are not drawn again with every key.
  const context = useMemo(() => ({ history }), [history]);
  const plays = useSongPlaying();
  // Elsewhere nobody could stop it.
  useEffect(() => stopSong, []);
  return (
    <DanceProvider value={session}>
      <DanceInFrame session={session} />
      <KeepingNotice />
      {plays && (
        <Suspense fallback={null}>
          <PlayingBar />
        </Suspense>
      )}
      <Outlet context={context} />
    </DanceProvider>
  );
}

/** The song ends with its dance; the player is there only if it ever played. */
const stopSong = (): void =>
  void (songPlays() && import('../features/music/song-player').then(({ songPlayer }) => songPlayer.stop()));

/** What the frame and the window's title say of the dance, as it is typed. */
function DanceInFrame({ session }: { session: DanceSession }) {
  const study = useStudy(session);
  const { told, isUnfinished } = useTold(session, study);
  const title = study.script.title || 'Untitled dance';
  const [wall, show] = useShownWall();
  const { pathname } = useLocation();
  const walls = useMemo(
    () => viewWalls(study.dance, study.findings).rows.filter(({ kind }) => kind === 'part'),
    [study],
  );
  const chosen =
    walls.length > 0 ? (
      <WallChoice walls={walls} wall={wall} always={pathname.endsWith('/walls')} onWall={show} />
    ) : null;
  useFillFrame(
    { id: session.id, title },
    <TruthLine truth={study.view.truth} tally={tallyOf(told)} isUnfinished={isUnfinished}>
      {chosen}
    </TruthLine>,
  );
  useEffect(() => {
    noteOpenDance(session.id, title);
    document.title = `${title} · Pace Slate`;
  }, [session.id, title]);
  useEffect(
    () => () => {
      document.title = 'Pace Slate';
    },
    [],
  );
  return null;
}

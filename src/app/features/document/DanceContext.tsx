import { createContext, startTransition, useContext, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { toldFindings, unfinished, type Finding, type Study } from '../../../core';
import { studyLive, usePersonalFigures } from '../settings/settings';
import type { DanceSession } from './session';

const Context = createContext<DanceSession | undefined>(undefined);

export const DanceProvider = Context.Provider;

/** The open dance. Only below a dance's route. */
export function useDanceSession(): DanceSession {
  const session = useContext(Context);
  if (!session) throw new Error('useDanceSession outside a dance');
  return session;
}

/** Renders again when the text or its keeping changes. */
export function useSessionChanges(session: DanceSession): void {
  useSyncExternalStore(session.subscribe, session.snapshot);
}

/**
 * What the core says of the text as it stands. Panels are drawn as a transition, which the next key interrupts: they may lag a
 * frame behind fast typing; the editor's own margin never does.
 */
export function useStudy(session: DanceSession): Study {
  const [text, setText] = useState(session.text);
  useEffect(() => {
    const follow = () => startTransition(() => setText(session.text));
    follow();
    return session.subscribe(follow);
  }, [session]);
  // Held here: the core remembers the newest text alone, and the editor may be at a newer one.
  const figures = usePersonalFigures();
  return useMemo(() => studyLive(text, figures), [text, figures]);
}

/** What is told of it by now: less than there is while it is being written. */
export function useTold(
  session: DanceSession,
  study: Study,
): { readonly told: readonly Finding[]; readonly isUnfinished: boolean } {
  const [writing, setWriting] = useState(session.writing);
  useEffect(() => {
    const follow = () => startTransition(() => setWriting(session.writing));
    follow();
    return session.subscribe(follow);
  }, [session]);
  return useMemo(
    () => ({ told: toldFindings(study, writing), isUnfinished: unfinished(study, writing).size > 0 }),
    [study, writing],
  );
}

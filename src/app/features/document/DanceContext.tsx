import { createContext, startTransition, useContext, useEffect, useState, useSyncExternalStore } from 'react';
import type { Study } from '../../../core';
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
  // The figures are read where the text is studied; this renders again when they change.
  usePersonalFigures();
  return studyLive(text);
}

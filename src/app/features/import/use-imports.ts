/** The sheets on the Import screen, kept between visits. */
import { useCallback, useEffect, useRef, useState } from 'react';
import { findImports, saveImports, type ImportDraft } from '../../../store';

export interface Imports {
  /** Undefined until they are read. */
  readonly drafts: readonly ImportDraft[] | undefined;
  readonly add: (sheets: readonly { name: string; kind: string; text: string }[]) => void;
  readonly settle: (id: string, text: string) => void;
  readonly remove: (ids: readonly string[]) => void;
}

const PAUSE = 250;

export function useImports(): Imports {
  const [drafts, setDrafts] = useState<readonly ImportDraft[]>();
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => {
    findImports().then(setDrafts, () => setDrafts([]));
  }, []);
  const change = useCallback((next: (drafts: readonly ImportDraft[]) => readonly ImportDraft[], wait = 0) => {
    setDrafts((old) => {
      const now = next(old ?? []);
      clearTimeout(timer.current);
      // A browser that refuses keeps them in this tab.
      timer.current = setTimeout(() => void saveImports(now).catch(() => undefined), wait);
      return now;
    });
  }, []);
  return {
    drafts,
    add: useCallback(
      (sheets) =>
        change((old) => [
          ...old,
          ...sheets.map(({ name, kind, text }) => ({ id: crypto.randomUUID(), name, kind, original: text, text })),
        ]),
      [change],
    ),
    settle: useCallback(
      (id, text) => change((old) => old.map((draft) => (draft.id === id ? { ...draft, text } : draft)), PAUSE),
      [change],
    ),
    remove: useCallback((ids) => change((old) => old.filter(({ id }) => !ids.includes(id))), [change]),
  };
}

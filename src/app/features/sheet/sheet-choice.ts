/** How this person likes sheets printed. Belongs to the browser, not to a dance. */
import { useCallback, useState } from 'react';
import { boolean, mixed, number, object, string } from 'yup';
import { LANGUAGES, type Language } from '../../../core';
import { FORMS, PAPERS, PLAIN_PAPER, TYPE_SIZES, type PaperChoice } from '../../../paper/page';

export const AS_WRITTEN = 'as-written';

export interface SheetSettings extends PaperChoice {
  /** Undefined: as the dance is written. */
  readonly language: Language | typeof AS_WRITTEN;
  /** A house style by its id. */
  readonly style: string;
}

const KEY = 'pace-slate-sheet';
const DEFAULTS: SheetSettings = { ...PLAIN_PAPER, language: AS_WRITTEN, style: AS_WRITTEN };

const kept = object({
  form: string()
    .oneOf([...FORMS])
    .required(),
  paper: string()
    .oneOf(PAPERS.map(({ id }) => id))
    .required(),
  columns: mixed().oneOf([1, 2]).required(),
  size: number()
    .oneOf([...TYPE_SIZES])
    .required(),
  feet: boolean().required(),
  rooms: boolean().required(),
  rails: boolean().required(),
  options: boolean().required(),
  notes: boolean().required(),
  floor: boolean().required(),
  language: string()
    .oneOf([AS_WRITTEN, ...LANGUAGES])
    .required(),
  style: string().max(80).required(),
});

function read(): SheetSettings {
  try {
    const value: unknown = JSON.parse(localStorage.getItem(KEY) ?? 'null');
    return kept.isValidSync(value, { strict: true }) ? (value as SheetSettings) : DEFAULTS;
  } catch {
    return DEFAULTS;
  }
}

export function useSheetSettings(): [SheetSettings, (more: Partial<SheetSettings>) => void] {
  const [settings, setSettings] = useState(read);
  const change = useCallback((more: Partial<SheetSettings>) => {
    setSettings((before) => {
      const next = { ...before, ...more };
      try {
        localStorage.setItem(KEY, JSON.stringify(next));
      } catch {
        // The choice then lasts as long as this screen.
      }
      return next;
    });
  }, []);
  return [settings, change];
}

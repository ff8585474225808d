/** Sheets put on the shelf: many of them in lots, said while it lasts, and stopped when asked. */
import { useCallback, useRef, useState } from 'react';
import { studyText, tidyScript } from '../../../core';
import { addDances, refusalWords, type ImportRecord } from '../../../store';
import { houseStyle, personalFigures } from '../settings/settings';
import type { ImportDesk } from './import-desk';

const AT_A_TIME = 50;

export interface Putting {
  /** "150 of 4,990", while more than one lot is being put. */
  readonly busy: string;
  readonly problem: string;
  /** Returns the ids of the dances. */
  readonly put: (sheets: readonly ImportRecord[], tidies: boolean) => Promise<readonly string[]>;
  readonly stop: () => void;
}

export function usePutting(desk: ImportDesk): Putting {
  const [busy, setBusy] = useState('');
  const [problem, setProblem] = useState('');
  const stopped = useRef(false);
  const running = useRef(false);
  const put = useCallback(
    async (sheets: readonly ImportRecord[], tidies: boolean): Promise<readonly string[]> => {
      // A second press while the first is at work would put everything twice.
      if (running.current) return [];
      running.current = true;
      stopped.current = false;
      setProblem('');
      const made: string[] = [];
      try {
        while (made.length < sheets.length && !stopped.current) {
          const lot = sheets.slice(made.length, made.length + AT_A_TIME);
          const dances = lot.map(({ name, kind, text, original }) => ({
            text: tidies ? tidyScript(studyText(text, personalFigures()).dance, houseStyle()) : text,
            source: { name, kind, text: original },
          }));
          made.push(...(await addDances(dances)).map(({ id }) => id));
          await desk.remove(lot.map(({ id }) => id));
          if (sheets.length > AT_A_TIME) setBusy(`${made.length} of ${sheets.length}`);
          await new Promise((resolve) => setTimeout(resolve));
        }
      } catch (error) {
        setProblem(
          `${refusalWords(error)} ${made.length > 0 ? `${made.length} of the sheets are on the shelf, the others stay here.` : 'The sheets stay here.'}`,
        );
      } finally {
        running.current = false;
        setBusy('');
      }
      return made;
    },
    [desk],
  );
  const stop = useCallback(() => {
    stopped.current = true;
  }, []);
  return { busy, problem, put, stop };
}

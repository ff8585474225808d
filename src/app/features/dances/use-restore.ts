/** A backup brought back: said while it lasts, stopped when asked, and all that was left out is named. */
import { useRef, useState } from 'react';
import {
  differingFrom,
  isRefusal,
  readBackup,
  refusalWords,
  restoreBackup,
  undoRestore,
  type Backup,
  type Differing,
  type Restored,
  type Standing,
} from '../../../store';

const LARGEST = 400_000_000;

export interface Restore {
  /** How far it is, once there is more than a moment's work. */
  readonly busy: string;
  /** False when nothing came of it. */
  readonly restore: (file: File) => Promise<boolean>;
  readonly stop: () => void;
  /** What has to be chosen before it goes on. */
  readonly asked: Asked | undefined;
}

export interface Asked {
  readonly differing: readonly Differing[];
  /** Undefined: nothing is to be changed. */
  readonly answer: (choices: ReadonlyMap<string, Standing> | undefined) => void;
}

export function useRestore(
  onSaid: (words: string, undo?: () => Promise<unknown>) => void,
  onProblem: (words: string) => void,
): Restore {
  const [busy, setBusy] = useState('');
  const [asked, setAsked] = useState<Asked>();
  const ask = (differing: readonly Differing[]): Promise<ReadonlyMap<string, Standing> | undefined> =>
    new Promise((resolve) => {
      setAsked({
        differing,
        answer: (choices) => {
          setAsked(undefined);
          resolve(choices);
        },
      });
    });
  const running = useRef<AbortController>(undefined);
  const restore = async (file: File): Promise<boolean> => {
    if (running.current) return false;
    running.current = new AbortController();
    let reached = 0;
    try {
      const read = await readFile(file);
      if ('problem' in read) {
        onProblem(read.problem);
        return false;
      }
      const differing = await differingFrom(read.backup);
      const choices = differing.length > 0 ? await ask(differing) : new Map<string, Standing>();
      if (!choices) return false;
      const restored = await restoreBackup(read.backup, {
        choices,
        signal: running.current.signal,
        onProgress: (done, total) => {
          reached = done;
          if (done < total) setBusy(`${done} of ${total} dances …`);
        },
      });
      onProblem('');
      const { changes } = restored;
      const isChanged = changes.records.length + changes.recordings.length > 0;
      onSaid(restoredWords(read.backup, restored), isChanged ? () => undoRestore(changes) : undefined);
      return true;
    } catch (error) {
      onProblem(
        `${refusalWords(error)} ${!isRefusal(error) ? 'The backup file is as it was.' : reached === 0 ? 'Nothing was changed.' : `${reached} dances of the backup are here; the rest can be restored from the same file later.`}`,
      );
      return reached > 0;
    } finally {
      running.current = undefined;
      setBusy('');
    }
  };
  return { busy, restore, asked, stop: () => running.current?.abort() };
}

async function readFile(file: File): Promise<ReturnType<typeof readBackup>> {
  if (file.size > LARGEST) return { problem: 'This file is far larger than a backup can be.' };
  const text = await file.text().catch(() => undefined);
  return text === undefined ? { problem: 'The browser can’t read this file.' } : readBackup(text);
}

const list = (words: readonly string[]): string => {
  const few = words.slice(0, 6);
  return words.length > few.length ? `${few.join(', ')} and ${words.length - few.length} more` : few.join(', ');
};

/** All of it in one or more sentences. */
function restoredWords(backup: Backup, { added, met, left, otherFigures, ...restored }: Restored): string {
  const damaged = [...backup.damaged, ...restored.damaged];
  const sentences = [
    `${added === 1 ? '1 dance is' : `${added} dances are`} back on the shelf${met > 0 ? `; ${met} ${met === 1 ? 'was' : 'were'} here already, nothing of either is lost` : ''}.`,
  ];
  const { groups, evenings } = backup;
  if (left === 0 && groups.length + evenings.length > 0)
    sentences.push(
      `The classes are back: ${groups.length} ${groups.length === 1 ? 'group' : 'groups'}, ${evenings.length} ${evenings.length === 1 ? 'evening' : 'evenings'}.`,
    );
  if (left > 0) sentences.push(`Stopped: ${left} of the backup were not brought back.`);
  if (damaged.length > 0) sentences.push(`Damaged and left out: ${list(damaged)}.`);
  if (otherFigures.length > 0)
    sentences.push(
      `You have other figures of these names, and yours stay: ${list(otherFigures.map((name) => `“${name}”`))}.`,
    );
  return sentences.join(' ');
}

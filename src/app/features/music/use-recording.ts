/** The recording of the open dance: what is kept, what is being measured, what went wrong. */
import { proxy } from 'comlink';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Script, Song, Unit } from '../../../core';
import { atLevel, gridOf, secondOf, type Grid } from '../../../music/grid';
import {
  changeRecording,
  findRecording,
  findSound,
  PEAKS,
  refusalWords,
  removeRecording,
  saveRecording,
  timeNow,
  watchRecording,
  type RecordingRecord,
} from '../../../store';
import type { Measured } from '../../../music/measure';
import { startWorker } from '../files/start-worker';
import { t } from '../../texts';
import { decodedBuffer, NotOpened, openSound } from './open-recording';
import { oneChannel } from '../../../music/sound';
import type { ProposedPhrases } from '../../../music';

export interface Recording {
  readonly record: RecordingRecord;
  /** Beats as the dancers count them. */
  readonly heard: Measured;
  /** Undefined where there is no beat. */
  readonly grid: Grid | undefined;
  /** Of the first step. */
  readonly firstStep: number;
}

export interface Working {
  readonly words: string;
  /** From 0 to 1. */
  readonly share: number;
}

export interface RecordingDesk {
  readonly recording: Recording | undefined;
  readonly working: Working | undefined;
  readonly problem: string;
  readonly open: (file: File) => Promise<void>;
  /** A recording without a beat is not put in the place of one that has one before somebody says so. */
  readonly question:
    | {
        readonly name: string;
        readonly instead: string;
        readonly take: () => Promise<void>;
        readonly leave: () => void;
      }
    | undefined;
  /** The recording that was there before the last one came, or was taken out. */
  readonly earlier: { readonly name: string; readonly bringBack: () => Promise<void> } | undefined;
  readonly playBand: (text: string, personal: string, name: string) => Promise<void>;
  readonly stop: () => void;
  readonly remove: () => Promise<void>;
  readonly setLevel: (level: RecordingRecord['level']) => Promise<void>;
  readonly propose: (unit: Unit) => Promise<ProposedPhrases | undefined>;
  readonly say: (problem: string) => void;
}

/** Counts before the first step; where neither the map nor the head says, as many as are usual. */
export const introOf = (script: Script, song: Song | undefined): number =>
  song?.intro ?? Number(/\d+/.exec(script.header.entries.find(({ key }) => key === 'intro')?.value ?? '')?.[0] ?? 16);

/** One task at a time, in a worker of its own; what goes wrong is said and changes nothing. */
function useTasks() {
  const [working, setWorking] = useState<Working>();
  const [problem, setProblem] = useState('');
  const halt = useRef<() => void>(undefined);
  const stop = useCallback(() => {
    halt.current?.();
    halt.current = undefined;
    setWorking(undefined);
  }, []);
  useEffect(() => () => halt.current?.(), []);

  const run = useCallback(
    async <T>(
      words: string,
      task: (own: ReturnType<typeof startWorker>, tell: (share: number) => void) => Promise<T>,
    ): Promise<T | undefined> => {
      halt.current?.();
      setProblem('');
      const own = startWorker();
      const isCurrent = (): boolean => halt.current === end;
      let give: () => void = () => undefined;
      const stopped = new Promise<undefined>((resolve) => (give = () => resolve(undefined)));
      const end = (): void => {
        own.worker.terminate();
        give();
      };
      halt.current = end;
      setWorking({ words, share: 0 });
      try {
        return await Promise.race([task(own, (share) => isCurrent() && setWorking({ words, share })), stopped]);
      } catch (error) {
        if (isCurrent()) setProblem(error instanceof NotOpened ? error.message : refusalWords(error));
        return undefined;
      } finally {
        own.worker.terminate();
        if (isCurrent()) {
          halt.current = undefined;
          setWorking(undefined);
        }
      }
    },
    [],
  );
  return { working, problem, setProblem, run, stop };
}

/** `intro`: counts before the first step, as the map or the head says. */
export function useRecording(id: string, song: Song | undefined, intro: number): RecordingDesk {
  const queries = useQueryClient();
  const key = useMemo(() => ['recording', id], [id]);
  useEffect(() => watchRecording(id, (record) => queries.setQueryData(key, record ?? null)), [id, key, queries]);
  const { data: record } = useQuery({ queryKey: key, queryFn: async () => (await findRecording(id)) ?? null });
  const { working, problem, setProblem, run, stop } = useTasks();

  const [question, setQuestion] = useState<RecordingDesk['question']>();
  const [earlier, setEarlier] = useState<RecordingDesk['earlier']>();
  const say = useCallback((error: unknown) => setProblem(refusalWords(error)), [setProblem]);

  /** In the place of the one that is there, which can be brought back as long as this page is open. */
  const replace = useCallback(
    async (change: () => Promise<void>) => {
      const [old, sound] = await Promise.all([findRecording(id), findSound(id)]);
      await change();
      if (!old || !sound) return setEarlier(undefined);
      const bringBack = (): Promise<void> =>
        saveRecording(old, sound)
          .then(() => setEarlier(undefined))
          .catch(say);
      setEarlier({ name: old.name, bringBack });
    },
    [id, say],
  );

  const keep = useCallback(
    (file: File, byBand: boolean) =>
      run(t('Listening to {name}', { name: file.name }), async ({ work }, tell) => {
        setQuestion(undefined);
        const { sound, bytes } = await openSound(file);
        const { heard, peaks } = await work.measure(sound, PEAKS, proxy(tell));
        const facts = { id, name: file.name, kind: file.type, size: bytes.length, addedAt: timeNow(), byBand };
        const put = (): Promise<void> => replace(() => saveRecording({ ...facts, heard, level: 1, peaks }, bytes));
        const here = await findRecording(id);
        if (!here || here.heard.bpm === 0 || heard.bpm > 0) return put();
        const leave = (): void => setQuestion(undefined);
        setQuestion({ name: file.name, instead: here.name, leave, take: () => put().then(leave).catch(say) });
      }),
    [id, run, replace, say],
  );

  const recording = useMemo((): Recording | undefined => {
    if (!record) return undefined;
    const heard = record.level === 1 ? record.heard : atLevel(record.heard, record.level);
    const beats = song?.beats ?? 1;
    const whole = heard.beats.length > 1 ? gridOf(heard, heard.firstBeat, 1) : undefined;
    const firstStep = whole ? secondOf(whole, Math.round(intro * beats)) : 0;
    return { record, heard, firstStep, grid: whole && gridOf(heard, firstStep, beats) };
  }, [record, song, intro]);

  return {
    recording,
    working,
    problem,
    question,
    earlier,
    open: async (file) => void (await keep(file, false)),
    playBand: async (text, personal, name) => {
      const made = await run(t('The house band is playing'), ({ work }) => work.playBand(text, personal));
      if (made) await keep(new File([made], name, { type: 'audio/wav' }), true);
    },
    stop,
    remove: () => replace(() => removeRecording(id)).catch(say),
    setLevel: (level) => changeRecording(id, { level }).catch(say),
    propose: (unit) =>
      run(t('Looking for phrases'), async ({ work }) => {
        const bytes = await findSound(id);
        if (!bytes || !recording) return undefined;
        const buffer = await decodedBuffer(new Uint8Array(bytes));
        const sound = oneChannel([buffer.getChannelData(0)], buffer.sampleRate);
        return work.phrases(sound, recording.heard, recording.firstStep, song?.beats ?? 1, unit);
      }),
    say: setProblem,
  };
}

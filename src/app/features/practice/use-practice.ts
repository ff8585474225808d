/** What the Practice screen holds: the stretch that is danced, how fast, what is said, by whom; and where it is. */
import { useWakeLock } from '../desk/wake-lock';
import { useEffect, useMemo, useState } from 'react';
import {
  danceTempo,
  languageOf,
  LANGUAGES,
  layUnder,
  passagesOfSections,
  passagesOfWalls,
  performanceOf,
  songOf,
  TICKS_A_COUNT,
  timelineOf,
  viewFloor,
  wallsOf,
  type Aloud,
  type CueForm,
  type FloorView,
  type Dance,
  type Language,
  type Performance,
  type Timeline,
} from '../../../core';
import { secondOf } from '../../../music/grid';
import { oneChannel } from '../../../music/sound';
import { findSound } from '../../../store';
import { useDanceSession, useStudy } from '../document/DanceContext';
import { startWorker } from '../files/start-worker';
import { decodedBuffer } from '../music/open-recording';
import { introOf, useRecording, type Recording } from '../music/use-recording';
import { t } from '../../texts';
import { PracticePlayer, usePracticePlayer } from './practice-player';
import { DeviceSpeaker, deviceVoice, ownWords, type VoiceKind } from './voice';

/** The ladder of speeds (handbook 3.7). */
export const RUNGS: readonly { readonly name: string; readonly share: number; readonly aloud: Aloud; readonly form: CueForm; readonly music?: true }[] = [
  { name: 'slow, names', share: 0.6, aloud: 'cues', form: 'usual' },
  { name: 'slow, counts', share: 0.6, aloud: 'counts', form: 'usual' },
  { name: 'three quarters', share: 0.75, aloud: 'both', form: 'usual' },
  { name: 'full speed', share: 1, aloud: 'both', form: 'short' },
  { name: 'with the music', share: 1, aloud: 'cues', form: 'short', music: true },
]; // prettier-ignore

/** What can be gone through. */
interface StretchChoice {
  readonly id: string;
  readonly name: string;
  readonly kind: 'section' | 'two' | 'wall' | 'song';
  readonly timeline: () => Timeline;
  /** Its path on the floor, from its start. */
  readonly floor: () => FloorView | undefined;
  /** Counts of the song at which it begins; undefined where the song does not come to it. */
  readonly from?: number;
}

const lineOf = ({ lines }: Dance['parts'][number]['sections'][number]): number => lines[0]?.line.index ?? 0;

function stretchesOf(dance: Dance, language: Language): StretchChoice[] {
  const laid = layUnder(dance);
  const startOf = (wall: number): number | undefined => laid?.walls.find((one) => one.wall.number === wall)?.start;
  const blocks = [...dance.parts, ...dance.tags].filter(({ moments }) => moments.length > 0);
  const named = (block: (typeof blocks)[number], index: number): string =>
    block.block.kind === 'tag' ? `Tag ${block.block.name}`.trim() : t('Section {name}', { name: `${block.block.name}${block.sections[index].text.number}` });
  const single = blocks.flatMap((block) =>
    block.sections.map((section, index): StretchChoice => ({
      id: `${block.block.kind} ${block.block.name} ${index}`,
      name: named(block, index),
      kind: 'section',
      timeline: () => timelineOf(passagesOfSections(dance, block, index, index), language),
      floor: () => viewFloor(dance, 'section', lineOf(section)),
      ...(block === dance.parts[0] && startOf(1) !== undefined && { from: section.offset / TICKS_A_COUNT }),
    })),
  );
  const pairs = blocks.flatMap((block) =>
    block.sections.slice(1).map((_, index): StretchChoice => ({
      floor: () => viewFloor(dance, 'two', lineOf(block.sections[index])),
      id: `join ${block.block.name} ${index}`,
      name: t('{one} and {other}', { one: named(block, index), other: named(block, index + 1) }),
      kind: 'two',
      timeline: () => timelineOf(passagesOfSections(dance, block, index, index + 1), language),
    })),
  );
  const walls = wallsOf(dance).walls.filter(({ kind }) => kind === 'part').map(({ number }): StretchChoice => ({
    id: `wall ${number}`,
    name: t('Wall {number}', { number }),
    kind: 'wall',
    timeline: () => timelineOf(passagesOfWalls(dance, number, number), language),
    floor: () => viewFloor(dance, 'wall', 0, number),
    ...(startOf(number) !== undefined && { from: startOf(number) }),
  }));
  const whole: StretchChoice = { id: 'song', name: t('The whole dance'), kind: 'song', timeline: () => timelineOf(passagesOfWalls(dance), language), floor: () => viewFloor(dance, 'dance', 0), from: 0 };
  return blocks.length === 0 ? [] : [...single, ...pairs, ...walls, whole];
} // prettier-ignore

/** Counts that are called before the first step. */
const COUNT_IN = 4;

export function usePractice() {
  const session = useDanceSession();
  const study = useStudy(session);
  const { dance, script } = study;
  const said = languageOf(script.text);
  const language: Language = LANGUAGES.find((one) => one === said) ?? 'en';
  const song = useMemo(() => songOf(script), [script]);
  const { recording } = useRecording(session.id, song, introOf(script, song));
  const stretches = useMemo(() => stretchesOf(dance, language), [dance, language]);
  const [chosen, choose] = useState('');
  const stretch = stretches.find(({ id }) => id === chosen) ?? stretches[0];
  const manner = useManner();
  const { rung, share, loops, slowQuick } = manner;
  const timeline = useMemo(() => stretch?.timeline(), [stretch]);
  const { showsFloor, setShowsFloor, floor } = useFloor(stretch);
  const { tempo, beats, isSaid } = danceTempo(script);
  const own = RUNGS[rung];
  const withMusic = own.music === true && recording?.grid !== undefined && stretch?.from !== undefined;
  const performance = useMemo((): Performance | undefined => {
    if (!timeline) return undefined;
    const order = {
      tempo: tempo * share,
      beats,
      aloud: own.aloud,
      form: own.form,
      countIn: COUNT_IN,
      language,
      slowQuick,
    };
    return performanceOf(
      timeline,
      withMusic ? { ...order, clock: clockOf(recording, stretch.from ?? 0, share) } : order,
    );
  }, [timeline, tempo, share, beats, own, language, slowQuick, withMusic, recording, stretch]);
  const [player] = useState(() => new PracticePlayer());
  usePracticePlayer(player);
  const voice = useVoice(language);
  const [problem, setProblem] = useState('');
  useBegunAnew(player, performance);

  const play = async (from = 0): Promise<void> => {
    if (!performance) return;
    setProblem('');
    try {
      player.wait();
      const asked = player.snapshot();
      const words = voice.kind === 'own' ? await ownWords() : undefined;
      const music = withMusic ? await musicOf(session.id, recording, stretch.from ?? 0, performance, share) : undefined;
      // Stopped, or another stretch chosen, while it was made ready.
      if (player.snapshot() !== asked) return;
      await player.play({ performance, loops: loops && !music, words, speaker: voice.kind === 'device' ? voice.speaker : undefined, ...(music && { music }) }, from); // prettier-ignore
    } catch (error) {
      player.stop();
      setProblem(error instanceof Error && error.message ? error.message : t('Nothing can be heard here.'));
    }
  };
  return {
    title: script.title,
    text: script.text,
    dance,
    stretches,
    stretch,
    choose,
    ...manner,
    showsFloor,
    setShowsFloor,
    floor,
    timeline,
    performance,
    player,
    play,
    voice,
    problem,
    isSaid,
    hasMusic: recording?.grid !== undefined,
    withMusic,
    perMinute: Math.round(tempo * share),
  };
}

export type Practice = ReturnType<typeof usePractice>;

/** How it is danced: the rung of the ladder, the tempo, once or over and over, how it is counted. */
function useManner() {
  const [rung, setRung] = useState(0);
  const [share, setShare] = useState<number>(RUNGS[0].share);
  const [loops, setLoops] = useState(true);
  const [slowQuick, setSlowQuick] = useState(false);
  return {
    rung,
    setRung: (next: number) => {
      setRung(next);
      setShare(RUNGS[next].share);
    },
    share,
    setShare,
    loops,
    setLoops,
    slowQuick,
    setSlowQuick,
  };
}

function useFloor(stretch: StretchChoice | undefined) {
  const [showsFloor, setShowsFloor] = useState(false);
  const floor = useMemo(() => (showsFloor ? stretch?.floor() : undefined), [showsFloor, stretch]);
  return { showsFloor, setShowsFloor, floor };
}

/** Seconds from the first step of the stretch, by the beats of the recording, slower or faster. */
function clockOf(
  recording: Recording | undefined,
  from: number,
  share: number,
): ((count: number) => number) | undefined {
  const grid = recording?.grid;
  if (!grid) return undefined;
  const zero = secondOf(grid, from);
  return (count) => (secondOf(grid, from + count) - zero) / share;
}

/** Seconds of music kept before the count-in and behind the end. */
const AROUND = 2;

/** At its own tempo as it is; else as much of it as is danced, stretched in the worker. */
async function musicOf(id: string, recording: Recording | undefined, from: number, { start, seconds }: Performance, share: number) {
  const bytes = await findSound(id);
  if (!bytes || !recording?.grid) return undefined;
  const buffer = await decodedBuffer(new Uint8Array(bytes));
  const firstStep = secondOf(recording.grid, from);
  if (share === 1) return { buffer, firstStep };
  const { rate, samples } = oneChannel([buffer.getChannelData(0)], buffer.sampleRate);
  const [begin, end] = [Math.max(0, firstStep - start * share - AROUND), firstStep + (seconds - start) * share + AROUND];
  const { work, worker } = startWorker();
  try {
    const slow = await work.stretch({ rate, samples: samples.slice(Math.round(begin * rate), Math.round(end * rate)) }, share);
    const own = new AudioBuffer({ length: slow.samples.length, sampleRate: slow.rate, numberOfChannels: 1 });
    own.copyToChannel(new Float32Array(slow.samples), 0);
    return { buffer: own, firstStep: (firstStep - begin) / share };
  } finally {
    worker.terminate();
  }
} // prettier-ignore

export interface Voice {
  readonly kind: VoiceKind;
  readonly set: (kind: VoiceKind) => void;
  readonly speaker: DeviceSpeaker | undefined;
  /** The device has a voice for the language; undefined while that is not known. */
  readonly hasDevice: boolean | undefined;
  readonly hasOwn: boolean;
}

/** The device's voice where there is one; else the slate's own words, which are English; else none. */
function useVoice(language: Language): Voice {
  const [found, setFound] = useState<DeviceSpeaker | null>();
  const [wanted, set] = useState<VoiceKind>();
  useEffect(() => {
    let isOpen = true;
    void deviceVoice(language).then((voice) => isOpen && setFound(voice ? new DeviceSpeaker(voice) : null));
    return () => {
      isOpen = false;
    };
  }, [language]);
  const hasOwn = language === 'en';
  const kind = wanted ?? (found ? 'device' : hasOwn ? 'own' : 'none');
  return { kind, set, speaker: found ?? undefined, hasDevice: found === undefined ? undefined : found !== null, hasOwn };
} // prettier-ignore

/** Another stretch, another speed: it begins anew. It ends with the screen. */
function useBegunAnew(player: PracticePlayer, performance: Performance | undefined): void {
  useEffect(() => {
    player.stop();
    player.set(0);
  }, [player, performance]);
  useEffect(() => () => player.stop(), [player]);
  useWakeLock(player.state === 'playing');
}

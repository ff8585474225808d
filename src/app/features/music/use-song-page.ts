/** What the Music screen holds: the song, its recording, what is drawn before it is taken, and what can be done to it. */
import { useEffect, useMemo, useRef, useState } from 'react';
import {
  applyEdits,
  heardSongEdit,
  introEdit,
  joinPhrases,
  moveBorder,
  namePhrase,
  secondsAt,
  songEdit,
  songOf,
  splitPhrase,
  tempoEdit,
  unitOf,
  viewMusic,
  type Edit,
  type MusicView,
  type Script,
  type Song,
  type Unit,
} from '../../../core';
import { countAt, secondOf } from '../../../music/grid';
import { stillOf } from '../../../music/still';
import type { ProposedPhrases } from '../../../music';
import { useDanceSession } from '../document/DanceContext';
import { studyLive, usePersonalFigures } from '../settings/settings';
import { useTextEditing } from '../walls/use-walls';
import { t } from '../../texts';
import { songPlayer } from './song-player';
import type { PhraseMoves } from './SongRows';
import { introOf, useRecording, type Recording } from './use-recording';

/** What is drawn in the page before it is taken. */
interface Look {
  readonly what: string;
  readonly edits: readonly Edit[];
  /** Drawn while something is dragged: nothing to be taken yet. */
  readonly passing?: boolean;
}

const sayOf = (error: unknown): string => (error instanceof Error ? error.message : '');

export function useSongPage() {
  const session = useDanceSession();
  const editing = useTextEditing();
  const personal = usePersonalFigures();
  // Of the very text that is edited: a key that follows another at once builds on what that one did.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const study = useMemo(() => studyLive(editing.text), [editing.text, personal]);
  const { script } = study;
  const song = useMemo(() => songOf(script), [script]);
  const intro = introOf(script, song);
  const desk = useRecording(session.id, song, intro);
  const { recording } = desk;
  const { looked, lookAt, shown } = useLook(editing.text, personal);
  const view = useMemo(() => viewMusic((shown ?? study).dance), [shown, study]);
  const unit = unitOf(study.dance);
  const propose = (): void =>
    void desk.propose(unit).then((found) => {
      if (!found || !recording) return;
      const what = found.heard ? t('Phrases as they were heard; their names are guesses.') : t('Nothing told the phrases apart: these are plain lines.'); // prettier-ignore
      lookAt({ what, edits: proposedEdits(script, song, recording, found) });
    });
  useFirstProposal(song === undefined ? recording : undefined, propose);
  const take = (edits: readonly Edit[]): void => {
    lookAt(undefined);
    editing.apply(edits);
  };
  useEffect(() => {
    songPlayer.become(session.id);
  }, [session.id]);
  useClicks(recording, view?.laid.song.counts ?? 0, unit);
  return {
    id: session.id,
    unit,
    text: editing.text,
    /** Script line of `## Song`. */
    heading: song?.headingLine,
    hasMap: song !== undefined,
    song,
    desk,
    view,
    looked,
    lookAt,
    take,
    type: (edits: readonly Edit[]) => editing.apply(edits, true),
    moves: movesOf(script, view, recording, take, lookAt),
    startMap: () => editing.apply([songEdit(script, intro, unit === 6 ? 48 : 32)]),
    propose,
    playBand: () => void desk.playBand(editing.text, personal, `${song?.title || script.title}.wav`),
    setIntro: (beats: number) => {
      const counts = Math.round(beats / (song?.beats ?? 1));
      editing.apply(song ? introEdit(script, counts) : [songEdit(script, counts)]);
    },
    setTempo: (tempo: number) => editing.apply(tempoEdit(script, tempo)),
    setLevel: (times: 0.5 | 2) => {
      if (recording) void desk.setLevel(Math.min(2, Math.max(0.5, recording.record.level * times)) as 0.5 | 1 | 2);
    },
    /** From a count on; where it plays already, it goes there. */
    playFrom: (count: number) => {
      if (!recording?.grid) return;
      const second = secondOf(recording.grid, count);
      if (songPlayer.state === 'playing') songPlayer.seek(second);
      else void songPlayer.play(keyOf(recording), second).catch((error: unknown) => desk.say(sayOf(error)));
    },
    /** Seconds from the beginning of the song; undefined where nobody knows its tempo. */
    secondAt: (count: number): number | undefined => {
      if (recording?.grid) return secondOf(recording.grid, count);
      const laid = view?.laid.song;
      const [own, before] = laid ? [secondsAt(laid, count), secondsAt({ ...laid, changes: [] }, intro)] : [];
      return own === undefined || before === undefined ? undefined : own + before;
    },
  };
}

export type SongPage = ReturnType<typeof useSongPage>;

/** A recording of a song without a map: its phrases are looked for once, unasked. */
function useFirstProposal(recording: Recording | undefined, propose: () => void): void {
  const proposed = useRef('');
  useEffect(() => {
    if (!recording?.grid || proposed.current === keyOf(recording)) return;
    proposed.current = keyOf(recording);
    propose();
    // For this recording, whatever has been drawn anew since.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [recording]);
}

/** What is looked at belongs to the text it was made for: with the next edit it is gone. */
function useLook(text: string, personal: string) {
  const [look, setLook] = useState<{ readonly of: string; readonly look: Look }>();
  const looked = look?.of === text ? look.look : undefined;
  // The figures of one's own are read from where they are kept.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const shown = useMemo(() => looked && studyLive(applyEdits(text, [...looked.edits])), [looked, text, personal]);
  return { looked, shown, lookAt: (own: Look | undefined): void => setLook(own && { of: text, look: own }) };
}

const movesOf = (
  script: Script,
  view: MusicView | undefined,
  recording: Recording | undefined,
  take: (edits: readonly Edit[]) => void,
  lookAt: (look: Look | undefined) => void,
): PhraseMoves => ({
  split: (phrase) => take(splitPhrase(script, phrase, splitAt(view, phrase, recording))),
  join: (phrase) => take(joinPhrases(script, phrase)),
  name: (phrase, label) => take(namePhrase(script, phrase, label)),
  move: (phrase, by) => take(moveBorder(script, phrase, by)),
  look: (phrase, by) =>
    lookAt(by === undefined ? undefined : { what: '', edits: moveBorder(script, phrase, by), passing: true }),
});

/** The map as it was heard, to be looked at before it is taken. */
function proposedEdits(script: Script, song: Song | undefined, { heard, grid }: Recording, { phrases }: ProposedPhrases): Edit[] {
  if (!grid) return [];
  const rounded = (tempo: number): number => Math.round(tempo * 10) / 10;
  const changes = heard.changes.map(({ at, bpm }) => ({ after: Math.round(countAt(grid, at)), tempo: rounded(bpm) }));
  return [
    heardSongEdit(script, {
      title: '',
      tempo: rounded(heard.bpm),
      intro: Math.max(0, Math.round(-grid.counts[0])),
      phrases,
      pauses: stillOf(heard, grid, song?.beats ?? 1),
      changes: changes.filter(({ after }) => after > 0),
    }),
  ];
} // prettier-ignore

/** Another recording is another sound, also under the same dance. */
export const keyOf = ({ record }: Recording): string => `${record.name} ${record.addedAt}`;

/** Clicks stand on the counts of the dance, as far as there is music. */
function useClicks(recording: Recording | undefined, counts: number, unit: Unit): void {
  useEffect(() => {
    const grid = recording?.grid;
    if (!grid) {
      songPlayer.beats = [];
      return;
    }
    const first = Math.ceil(grid.counts[0]);
    const last = Math.max(counts, Math.floor(grid.counts[grid.counts.length - 1]));
    const still = stillOf(recording.heard, grid, 1);
    songPlayer.beats = Array.from({ length: Math.max(0, last - first + 1) }, (_, index) => first + index)
      .filter((count) => !still.some(({ after, counts: own }) => count >= after && count < after + own))
      .map((count) => ({ second: secondOf(grid, count), first: ((count % unit) + unit) % unit === 0 }));
  }, [recording, counts, unit]);
}

/** Where it plays if that is inside the phrase, or else its half, on a count of eight where it can be; its pauses left out. */
function splitAt(view: MusicView | undefined, index: number, recording: Recording | undefined): number {
  const phrase = view?.laid.song.phrases[index];
  if (!view || !phrase) return 0;
  const still = view.laid.song.pauses.reduce((sum, { after, counts }) => (after >= phrase.start && after <= phrase.start + phrase.counts ? sum + counts : sum), 0);
  const counts = phrase.counts - still;
  const playing = recording?.grid && songPlayer.second > 0 ? Math.round(countAt(recording.grid, songPlayer.second)) - phrase.start : 0;
  if (playing > 0 && playing < counts) return playing;
  const { unit } = view.laid;
  return counts > unit ? Math.round(counts / (2 * unit)) * unit : Math.floor(counts / 2);
} // prettier-ignore

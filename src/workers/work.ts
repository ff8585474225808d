/**
 * What may take longer than a frame, off the main thread: files written and read, searches. Text in, plain data out; to cancel, the
 * worker is ended. One worker for all, so that the core is shipped once more and not twice; what it needs is loaded when it is asked.
 */
import { expose } from 'comlink';
import regular from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url';
import regularMore from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-400-normal.woff?url';
import bold from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?url';
import boldMore from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-700-normal.woff?url';
import italic from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-italic.woff?url';
import italicMore from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-400-italic.woff?url';
import figures from '../fonts/figures-400-normal.woff?url';
import boldFigures from '../fonts/figures-700-normal.woff?url';
import italicFigures from '../fonts/figures-400-italic.woff?url';
import type { AloudOrder } from '../formats/aloud';
import type { AloudId } from '../formats/aloud-forms';
import type { ExportId, ExportOrder } from '../formats/exports';
import {
  closeDance,
  dancesFor,
  easierWays,
  endingsAt,
  fillAt,
  fitSong,
  goOnAt,
  keyOf,
  mendings,
  planFacts,
  searchWays,
  songOf,
  songsFor,
  studyText,
  type Endings,
  type Evening,
  type FillView,
  type GoOn,
  type HardLine,
  type HouseStyle,
  type LineRange,
  type Matched,
  type Mending,
  type PlanFacts,
  type ShelfText,
  type SongFit,
  type Unit,
  type WayFound,
  type Wishes,
} from '../core';
import type { PdfFonts } from '../formats/sheet-pdf';
import type { ReadFiles } from '../formats/read-any';
import type { Measured, ProposedPhrases, Sound } from '../music';

const fetched = async (address: string): Promise<Uint8Array> =>
  new Uint8Array(await (await fetch(address)).arrayBuffer());

async function fonts(): Promise<PdfFonts> {
  const { openWoff } = await import('../formats/woff');
  const files = await Promise.all(
    [regular, regularMore, figures, bold, boldMore, boldFigures, italic, italicMore, italicFigures].map(fetched),
  );
  const opened = files.map(openWoff);
  const face = (at: number) => ({ latin: opened[at], 'latin-ext': opened[at + 1], figures: opened[at + 2] });
  return { regular: face(0), bold: face(3), italic: face(6) };
}

const fontFaces = async (): Promise<string> => (await import('../formats/font-faces')).FONT_FACES;

const bytesOf = (made: string | Uint8Array): Uint8Array =>
  typeof made === 'string' ? new TextEncoder().encode(made) : made;

const work = {
  make: async (form: ExportId, order: ExportOrder): Promise<Uint8Array> =>
    bytesOf(await (await import('../formats/make-export')).makeExport(form, order, { fonts, fontFaces })),

  /** A batch as one ZIP. */
  makeAll: async (
    form: ExportId,
    orders: readonly { readonly name: string; readonly order: ExportOrder }[],
  ): Promise<Uint8Array> => {
    const { makeExport } = await import('../formats/make-export');
    const { pack } = await import('../formats/zip');
    const loaded = form === 'pdf' ? await fonts() : undefined;
    const made: { name: string; content: Uint8Array }[] = [];
    for (const { name, order } of orders) {
      made.push({
        name,
        content: bytesOf(await makeExport(form, order, { fonts: async () => loaded ?? fonts(), fontFaces })),
      });
    }
    return pack(made);
  },

  makeAloud: async (id: AloudId, order: AloudOrder): Promise<Uint8Array> =>
    bytesOf(await (await import('../formats/aloud')).makeAloud(id, order)),

  read: async (bytes: Uint8Array, name: string): Promise<ReadFiles> =>
    (await import('../formats/read-any')).readAnyFile(bytes, name),

  ways: (text: string, personal: string): readonly WayFound[] => searchWays(studyText(text, personal).dance),

  /** `place` on the usual scale of levels. */
  easier: (text: string, personal: string, place: number, style: HouseStyle): readonly HardLine[] =>
    easierWays(studyText(text, personal).dance, place, style),

  /** What the plan of an evening has to know of dances. */
  planFacts: (
    texts: readonly { readonly id: string; readonly text: string }[],
    personal: string,
  ): readonly PlanFacts[] => texts.map(({ id, text }) => planFacts(id, studyText(text, personal).dance)),

  /** The plan of an evening as a PDF. `date`: as it is to be read. */
  evening: async (evening: Evening, date: string, paper: string, madeAt: number): Promise<Uint8Array> => {
    const [{ printSheetPdf }, { printEvening }] = await Promise.all([
      import('../formats/sheet-pdf'),
      import('../paper/evening-page'),
    ]);
    return printSheetPdf(printEvening(evening, date, paper), await fonts(), { author: '', madeAt: new Date(madeAt) });
  },

  endings: (text: string, personal: string, wall: number, count: number): Endings | undefined =>
    endingsAt(studyText(text, personal).dance, wall, count),

  fitSong: (text: string, personal: string): readonly SongFit[] => fitSong(studyText(text, personal).dance),

  songsFor: (text: string, personal: string, shelf: readonly ShelfText[]): readonly Matched[] =>
    songsFor(studyText(text, personal).dance, shelf),

  dancesFor: (text: string, personal: string, shelf: readonly ShelfText[]): readonly Matched[] =>
    dancesFor(studyText(text, personal).script, shelf),

  /** `peaks`: stretches a second to be drawn. `tell` hears the share that is done. */
  measure: async (sound: Sound, peaks: number, tell: (share: number) => void): Promise<MeasuredSound> => {
    const { measure, peaksOf } = await import('../music');
    const heard = measure(sound, undefined, (share) => void tell(share));
    const drawn = peaksOf(sound, Math.ceil(heard.seconds * peaks));
    return { heard, peaks: Int8Array.from(drawn, (peak) => Math.round(127 * Math.max(-1, Math.min(1, peak)))) };
  },

  /** `firstStep`: seconds. `beats` of a count. */
  phrases: async (
    sound: Sound,
    heard: Measured,
    firstStep: number,
    beats: number,
    unit: Unit,
  ): Promise<ProposedPhrases> => {
    const { phrasesHeard } = await import('../music');
    return phrasesHeard(sound, heard, firstStep, beats, unit);
  },

  /** At its own pitch, slower or faster. */
  stretch: async (sound: Sound, share: number): Promise<Sound> => (await import('../music')).stretched(sound, share),

  /** The song of a script, played by the house band, as a WAV file; undefined where it has none. */
  playBand: async (text: string, personal: string): Promise<Uint8Array<ArrayBuffer> | undefined> => {
    const song = songOf(studyText(text, personal).script);
    if (!song || song.counts === 0) return undefined;
    const { playSong, writeWav } = await import('../music');
    return writeWav(playSong(song));
  },

  goOn: (text: string, personal: string, line: number, typed: string, style: HouseStyle): readonly GoOn[] =>
    goOnAt(studyText(text, personal).dance, line, typed, style),

  fill: (text: string, personal: string, range: LineRange, wishes: Wishes, style: HouseStyle): FillView | undefined =>
    fillAt(studyText(text, personal).dance, range, wishes, style),

  close: (text: string, personal: string, turn: number, style: HouseStyle): FillView | undefined =>
    closeDance(studyText(text, personal).dance, turn, style),

  /** `told`: keys of the findings that are told by now. */
  mend: (text: string, personal: string, told: readonly string[]): readonly Mending[] => {
    const { dance, script, findings } = studyText(text, personal);
    const keys = new Set(told);
    return mendings(
      dance,
      findings.filter((finding) => keys.has(keyOf(finding, script))),
    );
  },
};

export type Work = typeof work;

export interface MeasuredSound {
  readonly heard: Measured;
  readonly peaks: Int8Array;
}

expose(work);

/** The dance aloud as files: captions, a track of clicks, MIDI, a list of its cues. A row each. */
import {
  danceTempo,
  hourOfFacing,
  languageOf,
  LANGUAGES,
  passagesOfWalls,
  performanceOf,
  studyText,
  TICKS_A_COUNT,
  timelineOf,
  CUE_FORMS,
  type Language,
} from '../core';
import { clickTrack } from '../music/clicks';
import { writeWav } from '../music/wav';
import type { AloudId } from './aloud-forms';
import type { ForFiles } from './aloud-order';
import { printSrt, printVtt, type Caption } from './captions';
import { printRows } from './dance-csv';

export const SAID_AS = [...CUE_FORMS, 'counts'] as const;

export interface AloudOrder {
  readonly text: string;
  readonly personal: string;
  /** Walls from the first; undefined: as far as the plan goes. */
  readonly walls?: number;
  /** Beats a minute; undefined: the dance's own. */
  readonly tempo?: number;
  readonly cues: (typeof SAID_AS)[number];
  /** Seconds of a video before the first step: captions come up so much later. */
  readonly start: number;
  readonly language?: Language;
}

/** Counts before the first step of a track. */
const COUNT_IN = 8;

export async function makeAloud(id: AloudId, order: AloudOrder): Promise<string | Uint8Array> {
  const own = forFiles(order);
  switch (id) {
    case 'vtt':
      return printVtt(captionsOf(own, order));
    case 'srt':
      return printSrt(captionsOf(own, order));
    case 'cues':
      return printRows(cueRows(own, order));
    case 'wav': {
      const { samples, rate } = clickTrack(own.performance.clicks, own.performance.seconds + 1);
      return writeWav({ samples, rate }, marksOf(own));
    }
    case 'mid':
      return (await import('./aloud-midi')).printMidi(own, marksOf(own));
  }
}

function forFiles({ text, personal, walls, tempo, cues, language }: AloudOrder): ForFiles {
  const { dance, script } = studyText(text, personal);
  const said = languageOf(text);
  const own = danceTempo(script);
  const spoken = language ?? LANGUAGES.find((one) => one === said) ?? 'en';
  const timeline = timelineOf(passagesOfWalls(dance, 1, walls), spoken);
  const order = { tempo: tempo ?? own.tempo, beats: own.beats, countIn: COUNT_IN, language: spoken };
  const form = cues === 'counts' ? 'short' : cues;
  return {
    title: script.title,
    timeline,
    performance: performanceOf(timeline, { ...order, aloud: cues === 'counts' ? 'counts' : 'cues', form }),
    tempo: order.tempo,
    beats: own.beats,
  };
}

/** Each stands from its step to the next: a video shows the step as it is named. */
function captionsOf({ timeline, performance }: ForFiles, { cues, start }: AloudOrder): Caption[] {
  const shift = start - performance.start;
  if (cues === 'counts')
    return performance.said.filter(({ second }) => second >= performance.start - 1e-9).map(({ second, until, words }) => ({ from: second + shift, to: until + shift, words })); // prettier-ignore
  return timeline.calls.map(({ cues: own, turns, hour }, index) => ({
    from: performance.calls[index] + shift,
    to: (performance.calls[index + 1] ?? performance.seconds) + shift,
    words: `${(own.own ?? own[cues]).words}${turns ? ` (${hour})` : ''}`,
  }));
}

function cueRows({ timeline, performance }: ForFiles, { start }: AloudOrder): string[][] {
  const shift = start - performance.start;
  const head = ['second', 'wall', 'place', 'counts', 'short', 'usual', 'full', 'own', 'facing after', 'weight after'];
  const rows = timeline.calls.map(({ wall, place, ticks, cues, hour, weight }, index) => [
    (performance.calls[index] + shift).toFixed(3),
    String(wall),
    place,
    String(Math.round((ticks / TICKS_A_COUNT) * 100) / 100),
    cues.short.words,
    cues.usual.words,
    cues.full.words,
    cues.own?.words ?? '',
    hour,
    weight,
  ]);
  return [head, ...rows];
}

/** Where walls, sections and tags begin, in seconds of the track. */
function marksOf({ timeline, performance }: ForFiles): { second: number; label: string }[] {
  const at = (ticks: number): number => performance.start + (ticks / TICKS_A_COUNT) * performance.count;
  const walls = timeline.walls.map(({ time, number, facing }) => ({ time, label: `Wall ${number}, ${hourOfFacing(facing)}` }));
  const sections = timeline.sections.map(({ time, name, title }) => ({ time, label: title ? `${name}: ${title}` : name }));
  return [...walls, ...sections].sort((one, other) => one.time - other.time).map(({ time, label }) => ({ second: at(time), label }));
} // prettier-ignore

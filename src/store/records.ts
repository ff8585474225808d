/** What is kept in the browser, one type a table. */
import type { ClassGroup, Evening, Request } from '../core';
import type { Measured } from '../music/measure';

export interface DanceRecord {
  readonly id: string;
  readonly text: string;
  /** Goes up by one with every save; a save that does not build on the newest is refused, never written over. */
  readonly revision: number;
  readonly createdAt: number;
  readonly changedAt: number;
  /** 0 while it stands on the shelf; the time of deletion until it is cleared away. */
  readonly deletedAt: number;
  /** How many days the shelf had been in use when it was deleted; unknown for what was deleted long ago. */
  readonly deletedOnDay?: number;
  // Derived from the text, kept for the shelf:
  readonly title: string;
  readonly counts: number;
  readonly walls: number;
  readonly level: string;
  readonly music: string;
  /** Slips and cares: what there is to mend. */
  readonly slips: number;
  readonly author: string;
  /** Beats a minute; 0 where none is given. */
  readonly tempo: number;
  /** Facings its walls start from, parts of a circle; the pictures of the shelf. */
  readonly starts: readonly number[];
  /** Names of the figures it is made of. */
  readonly figures: string;
  /** The figures of each section in their order: `section 2: vine shuffle coaster`. Kept since facts of version 3. */
  readonly sequences?: readonly string[];
  /** The writer's own, for sorting the shelf. */
  readonly tags: readonly string[];
}

/** One state of a dance, kept. */
export interface RevisionRecord {
  /** Given by the store. */
  readonly key?: number;
  readonly danceId: string;
  readonly text: string;
  /** When its writing began and ended, milliseconds. */
  readonly from: number;
  readonly at: number;
  /** What it was handed out as; empty for states kept on the way. */
  readonly name: string;
}

/** What a dance was imported from, word for word. */
export interface SourceRecord {
  /** Of the dance. */
  readonly id: string;
  readonly name: string;
  readonly kind: string;
  readonly text: string;
  readonly importedAt: number;
}

/** The editor's undo history of one dance, as the editor wrote it. */
export interface HistoryRecord {
  readonly id: string;
  readonly text: string;
  readonly state: unknown;
}

/** One edit of a text that is not kept yet. The first of a journal puts all of the text into nothing. */
export interface JournalRecord {
  readonly danceId: string;
  readonly tab: string;
  /** From 1. */
  readonly number: number;
  readonly base: number;
  readonly edits: number;
  readonly at: number;
  readonly from: number;
  readonly to: number;
  readonly insert: string;
}

/** A sheet that waits on the Import screen. */
export interface ImportRecord {
  readonly id: string;
  readonly name: string;
  readonly kind: string;
  /** Word for word as it came. */
  readonly original: string;
  /** As it was settled so far. */
  readonly text: string;
  /** Goes up with every change; a change that does not build on the newest becomes a sheet of its own. */
  readonly revision: number;
  /** The tab that changed it last: what that tab left behind goes on from there. */
  readonly by?: string;
  /** The order in which they came. */
  readonly place: number;
}

/** A recording of the song of a dance, as far as it is read all the time. */
export interface RecordingRecord {
  /** Of the dance. */
  readonly id: string;
  /** Of the file. */
  readonly name: string;
  /** Its media type, as the browser named it. */
  readonly kind: string;
  /** Bytes. */
  readonly size: number;
  readonly addedAt: number;
  /** Played by the house band: it can be made again at any time. */
  readonly byBand: boolean;
  /** What was measured, as it was measured. */
  readonly heard: Heard;
  /** How the dancers count: half of the beats, all, or twice as many. */
  readonly level: 0.5 | 1 | 2;
  /** Lowest and highest of every stretch, -127 to 127, `PEAKS` stretches a second. */
  readonly peaks: Int8Array;
}

/** What the measuring says; seconds and beats a minute. */
export type Heard = Measured;

/** The recording itself, as the file was. */
export interface SoundRecord {
  readonly id: string;
  readonly bytes: Uint8Array;
}

interface Stamped {
  readonly createdAt: number;
  readonly changedAt: number;
  /** 0 while it stands; the time of deletion after it. */
  readonly deletedAt: number;
}

/** A group that is taught. */
export type GroupRecord = ClassGroup & Stamped;

/** One of its evenings: what was planned, and what happened. */
export type EveningRecord = Evening & Stamped;

/** What a group asked for on a day. */
export type RequestRecord = Request & Stamped;

export interface MetaRecord {
  readonly key: string;
  readonly value: unknown;
}

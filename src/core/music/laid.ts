/** A song laid over the walls of a dance: where every phrase falls, which walls begin with one, where the music ends. */
import type { Dance } from '../dancing/dance';
import { stateAt } from '../dancing/places';
import { isFoot, otherFoot, type Foot } from '../model/feet';
import { TICKS_A_COUNT } from '../model/ticks';
import { facingAfter, type Facing } from '../model/turns';
import { MOST_WALLS, type Wall } from '../walls/wall';
import { wallsOf, wallTable } from '../walls/table';
import { secondsAt, songOf, type Phrase, type Song } from './song';

/** A phrase and where the dance is when it begins. */
export interface LaidPhrase extends Phrase {
  /** Undefined where the dance is over by then. */
  readonly place?: { readonly wall: number; readonly count: number };
}

/** A wall, and how it stands to the phrases. */
export interface LaidWall {
  readonly wall: Wall;
  /** Counts from the first step. */
  readonly start: number;
  readonly counts: number;
  /** The phrase of which a line begins next to its start. */
  readonly phrase: Phrase;
  /** Counts that it begins after that line; negative before it, 0 with it. */
  readonly out: number;
}

/** Where the dancers stand as the music ends. */
export interface SongEnd {
  readonly wall: number;
  readonly count: number;
  readonly facing: Facing;
  readonly free?: Foot;
  /** It is the last count of that wall. */
  readonly whole: boolean;
}

export interface LaidSong {
  readonly song: Song;
  readonly unit: Unit;
  readonly phrases: readonly LaidPhrase[];
  readonly walls: readonly LaidWall[];
  readonly end?: SongEnd;
  /** Counts of music left when the dance is over. */
  readonly left: number;
  /** Of one whole wall and from the first step to the end of the song. */
  readonly wallSeconds?: number;
  readonly seconds?: number;
}

/** Undefined where the script has no song, or nothing to lay it over. */
export function layUnder(dance: Dance): LaidSong | undefined {
  const song = songOf(dance.script);
  if (!song || song.counts === 0 || dance.parts.every(({ moments }) => moments.length === 0)) return undefined;
  const lines = startsFor(song, dance.parts[0].counts, unitOf(dance));
  const walls = wallsUntil(dance, song.counts).map((wall) => layWall(wall, lines));
  const last = walls.findLast(({ start }) => start < song.counts);
  const end = last && endIn(last, song.counts);
  const danced = walls.reduce((sum, { counts }) => sum + counts, 0);
  // Parts are danced in an order of their own: no wall is like the others.
  const whole = dance.parts.length === 1 ? secondsAt({ ...song, changes: [] }, dance.parts[0].counts) : undefined;
  const seconds = secondsAt(song, song.counts);
  return {
    song,
    unit: unitOf(dance),
    phrases: song.phrases.map((phrase) => layPhrase(phrase, walls)),
    walls: walls.filter(({ start }) => start < song.counts),
    ...(end && { end }),
    left: Math.max(0, song.counts - danced),
    ...(whole !== undefined && { wallSeconds: whole }),
    ...(seconds !== undefined && { seconds }),
  };
}

/** Walls from the first on until the music ends, or the dance. */
function wallsUntil(dance: Dance, counts: number): readonly Wall[] {
  let { walls } = wallsOf(dance);
  while (walls.length > 0 && walls.length < MOST_WALLS && walls[walls.length - 1].last < counts) {
    const more = wallTable(dance, walls.length * 2);
    if (more.length <= walls.length) break;
    walls = more;
  }
  return walls;
}

/** Long phrases are heard in lines of 32: a wall may begin with any of them, a short dance with every one of its own length. */
const LINES = { 8: 32, 6: 48 } as const;

/** Counts that dance and music are told in: eights, or the sixes of a waltz. */
export type Unit = keyof typeof LINES;

/** A dance whose sections are mostly sixes is a waltz. */
export function unitOf({ parts }: Pick<Dance, 'parts'>): Unit {
  const sections = parts.flatMap((part) => part.sections.map(({ counts }) => counts)).filter((counts) => counts > 0);
  const sixes = sections.filter((counts) => counts % 6 === 0 && counts % 8 !== 0);
  return sixes.length * 2 > sections.length ? 6 : 8;
}

export interface SongLine {
  readonly phrase: Phrase;
  /** Counts from the first step. */
  readonly start: number;
  readonly counts: number;
}

/** `most`: counts of a line at most. */
export function linesOfSong({ phrases }: Song, unit: Unit = 8, most: number = LINES[unit]): SongLine[] {
  return phrases.flatMap((phrase) => {
    // Less than an eight (or a six) more is no line of its own.
    const last = Math.max(0, Math.floor((phrase.counts - unit) / most));
    return Array.from({ length: last + 1 }, (_, index) => ({
      phrase,
      start: phrase.start + index * most,
      counts: index === last ? phrase.counts - index * most : most,
    }));
  });
}

/** The lines that a wall of so many counts may begin with. A gap is what parts phrases: no wall is meant to begin with it. */
export function startsFor(song: Song, counts: number, unit: Unit = 8): SongLine[] {
  const all = linesOfSong(song, unit, Math.min(LINES[unit], counts || LINES[unit]));
  const phrased = all.filter(({ phrase }) => phrase.kind !== 'gap');
  return phrased.length > 0 ? phrased : all;
}

function layWall(wall: Wall, lines: readonly SongLine[]): LaidWall {
  const start = wall.first - 1;
  const far = (line: SongLine): number => Math.abs(line.start - start);
  const nearest = lines.reduce((best, line) => (far(line) < far(best) ? line : best), lines[0]);
  return { wall, start, counts: wall.last - start, phrase: nearest.phrase, out: start - nearest.start };
}

function layPhrase(phrase: Phrase, walls: readonly LaidWall[]): LaidPhrase {
  const found = walls.find(({ start, counts }) => start <= phrase.start && phrase.start < start + counts);
  return found
    ? { ...phrase, place: { wall: found.wall.number, count: phrase.start - found.start + 1 } }
    : phrase;
} // prettier-ignore

/** The state after the last count that is still music, tags danced as they stand in the wall. */
function endIn({ wall, start, counts }: LaidWall, end: number): SongEnd | undefined {
  const danced = Math.min(end - start, counts);
  let left = danced * TICKS_A_COUNT;
  for (const piece of wall.pieces) {
    const { block, from, to, ticks, shift } = piece;
    if (left > ticks) {
      left -= ticks;
      continue;
    }
    const begins = Math.floor((block.moments[from]?.time ?? 0) / TICKS_A_COUNT) * TICKS_A_COUNT;
    const until = block.moments.findIndex(({ time }, index) => index >= from && time >= begins + left);
    const state = stateAt(block, until < 0 || until > to ? to : until);
    return {
      wall: wall.number,
      count: danced,
      facing: facingAfter(state.facing, shift),
      ...(isFoot(state.weight) && { free: otherFoot(state.weight) }),
      whole: danced === counts,
    };
  }
  return undefined;
}

/** What is danced at a count of the song. */
export interface SongPlace {
  readonly wall: number;
  /** Of the wall, from 1. */
  readonly count: number;
  /** Script line; undefined where nothing is written for it. */
  readonly line?: number;
}

/** `count`: whole counts from the first step that have gone by. Undefined before the first step and after the dance. */
export function placeAtCount({ walls }: LaidSong, count: number): SongPlace | undefined {
  const found = walls.findLast(({ start, counts }) => start <= count && count < start + counts);
  if (!found) return undefined;
  let left = (count - found.start) * TICKS_A_COUNT;
  const place = { wall: found.wall.number, count: Math.floor(count - found.start) + 1 };
  for (const { block, from, to, ticks } of found.wall.pieces) {
    if (left >= ticks) {
      left -= ticks;
      continue;
    }
    const begins = Math.floor((block.moments[from]?.time ?? 0) / TICKS_A_COUNT) * TICKS_A_COUNT;
    // The last that has begun: a step that is held is still danced.
    const own = block.moments.slice(from, to).findLast(({ time }) => time <= begins + left);
    return own ? { ...place, line: own.line.index } : place;
  }
  return place;
}

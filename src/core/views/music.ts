/** The song as a page: a row a phrase, long ones in lines of 32, and in every row the walls that are danced to it. */
import type { Dance } from '../dancing/dance';
import { TICKS_A_COUNT } from '../model/ticks';
import { hourOfFacing, type Facing } from '../model/turns';
import { layUnder, linesOfSong, type LaidSong, type LaidWall } from '../music/laid';
import type { PieceKind } from '../walls/pieces';

/** What is danced over a stretch of a row. */
export interface MusicStrip {
  readonly wall: number;
  readonly kind: PieceKind;
  /** The tag's name, the part's letter; empty for the only part. */
  readonly name: string;
  /** Counts from the start of the row. */
  readonly from: number;
  readonly counts: number;
  /** The wall begins here, and does not go on from the row above. */
  readonly begins: boolean;
  /** Counts from the start of the row at which a section begins inside it. */
  readonly sections: readonly number[];
  /** It is broken off at its end: a restart, an ending, an order. */
  readonly cut: boolean;
}

export interface MusicRow {
  /** Of the phrase's first row. */
  readonly label?: string;
  /** The phrase it belongs to, from 0. */
  readonly phrase: number;
  /** Its last row. */
  readonly last: boolean;
  readonly kind: string;
  /** Counts from the first step. */
  readonly start: number;
  readonly counts: number;
  readonly strips: readonly MusicStrip[];
  /** Where the music stands still, counted from the start of the row. */
  readonly pauses: readonly { readonly from: number; readonly counts: number }[];
  /** The wall that begins in this row. */
  readonly begun?: {
    readonly wall: number;
    readonly facing: Facing;
    readonly hour: string;
    /** Counts from its phrase; negative before it. */
    readonly out: number;
  };
}

export interface MusicView {
  readonly laid: LaidSong;
  readonly rows: readonly MusicRow[];
  /** Walls that begin with a line of a phrase. */
  readonly met: number;
  readonly endHour?: string;
  /** The line below the heading of the song, and behind its last one. */
  readonly lines: { readonly from: number; readonly to: number };
}

/** Undefined where the script has no song that anything can be danced to. */
export function viewMusic(dance: Dance): MusicView | undefined {
  const laid = layUnder(dance);
  if (!laid) return undefined;
  const strips = laid.walls.flatMap(stripsOf);
  const rows = linesOfSong(laid.song, laid.unit).map(({ phrase, start, counts }, index, all): MusicRow => {
    const begun = laid.walls.find((wall) => wall.start >= start && wall.start < start + counts);
    return {
      ...(all[index - 1]?.phrase !== phrase && { label: phrase.label }),
      phrase: laid.song.phrases.indexOf(phrase),
      last: all[index + 1]?.phrase !== phrase,
      kind: phrase.kind,
      start,
      counts,
      strips: strips.flatMap((strip) => within(strip, start, counts)),
      pauses: laid.song.pauses
        .filter(({ after }) => after >= start && after < start + counts)
        .map((pause) => ({ from: pause.after - start, counts: pause.counts })),
      ...(begun && {
        begun: {
          wall: begun.wall.number,
          facing: begun.wall.start,
          hour: hourOfFacing(begun.wall.start),
          out: begun.out,
        },
      }),
    };
  });
  const { lines } = dance.script;
  const { headingLine } = laid.song;
  const next = lines.find(({ index, kind }) => index > headingLine && kind === 'heading')?.index ?? lines.length;
  return {
    laid,
    rows,
    met: laid.walls.filter(({ out }) => out === 0).length,
    ...(laid.end && { endHour: hourOfFacing(laid.end.facing) }),
    lines: { from: headingLine + 1, to: next },
  };
}

/** The pieces of a wall, counted from the first step. */
function stripsOf({ wall, start }: LaidWall): MusicStrip[] {
  let at = start;
  // A step that only changes the last one takes no counts of its own.
  const pieces = wall.pieces.filter(({ ticks }) => ticks > 0);
  return pieces.map(({ kind, block, from, ticks, at: place }, index): MusicStrip => {
    const counts = ticks / TICKS_A_COUNT;
    const begins = kind === 'part' ? place / TICKS_A_COUNT : 0;
    const sections =
      kind === 'part'
        ? block.sections
            .map(({ offset }) => offset / TICKS_A_COUNT - begins)
            .filter((offset) => offset > 0 && offset < counts)
        : [];
    const isLast = index === pieces.length - 1;
    const strip: MusicStrip = {
      wall: wall.number,
      kind,
      name: block.block.name,
      from: at,
      counts,
      begins: index === 0 && from === 0,
      sections: sections.map((offset) => at + offset),
      cut: isLast && wall.cut !== undefined,
    };
    at += counts;
    return strip;
  });
}

/** The part of a strip that lies in a row, counted from the row's start. */
function within(strip: MusicStrip, start: number, counts: number): MusicStrip[] {
  const from = Math.max(strip.from, start);
  const to = Math.min(strip.from + strip.counts, start + counts);
  if (to <= from) return [];
  return [
    {
      ...strip,
      from: from - start,
      counts: to - from,
      begins: strip.begins && from === strip.from,
      sections: strip.sections.filter((at) => at > from && at < to).map((at) => at - start),
      cut: strip.cut && to === strip.from + strip.counts,
    },
  ];
}

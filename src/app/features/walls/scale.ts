/** Between counts of a part and places on its band: tags inside a wall take beats, and no counts of the part. */
import type { WallRow } from '../../../core';

/** A length in beats as a share of the picture's width. */
export const percent = (beats: number, all: number): string => `${(beats / all) * 100}%`;

/** The count that lies under a place of the band; half a beat less gives the nearest end of a count. Beats back to counts of the part: tags inside the wall are passed over. */
export function countAt({ bands, counts }: WallRow, beat: number): number {
  let count = 0;
  for (const { kind, from, beats } of bands) {
    if (kind === 'tag') continue;
    if (beat <= from) break;
    count += Math.min(beats, Math.max(0, beat - from));
  }
  return Math.max(1, Math.min(Math.ceil(count - 0.25), Math.ceil(counts)));
}

/** Counts of the part to beats of the band. */
export function beatOf({ bands }: WallRow, count: number): number {
  let left = count;
  for (const { kind, from, beats } of bands) {
    if (kind === 'tag') continue;
    if (left <= beats) return from + left;
    left -= beats;
  }
  const last = bands[bands.length - 1];
  return (last?.from ?? 0) + (last?.beats ?? 0) + left;
}

/** Counts of the part after which its sections end. */
export function sectionEnds({ bands }: WallRow): number[] {
  const ends: number[] = [];
  let count = 0;
  bands.forEach(({ kind, beats, label }, index) => {
    if (kind !== 'section') return;
    count += beats;
    if (bands[index + 1]?.label !== label) ends.push(count);
  });
  return ends;
}

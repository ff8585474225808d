/** Pauses of a recording as counts of the dance. */
import { countAt, type Grid } from './grid';
import type { Measured } from './measure';

/** A stretch in which nothing plays; counts from the first step. */
export interface Still {
  readonly after: number;
  readonly counts: number;
}

/** The pauses of a recording in counts from the first step; those before it are part of the intro. */
export const stillOf = ({ pauses }: Measured, grid: Grid, beats: number): Still[] =>
  pauses
    .map(({ at, beats: own }) => ({ after: Math.round(countAt(grid, at)), counts: own / beats }))
    .filter(({ after }) => after > 0);

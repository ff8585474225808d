/** Walls of a plain dance: where each time through starts and ends in the room. Tags, restarts and orders are not laid out yet. */
import { facingAfter, wallsOfTurn, type Facing } from '../model/turns';
import type { Dance } from '../dancing/dance';

export interface Wall {
  readonly number: number;
  /** Facings of the room. */
  readonly start: Facing;
  readonly end: Facing;
  readonly counts: number;
}

/** The first `count` walls, each starting where the one before ended. */
export function wallTable(dance: Dance, count: number): Wall[] {
  const walls: Wall[] = [];
  let start: Facing = 0;
  for (let number = 1; number <= count; number++) {
    const end = facingAfter(start, dance.netTurn);
    walls.push({ number, start, end, counts: dance.counts });
    start = end;
  }
  return walls;
}

/** How many walls the dance visits by its net turn. */
export const wallsByTurn = (dance: Dance): number => wallsOfTurn(dance.netTurn);

/** The wall table as data. */
import type { Dance } from '../dancing/dance';
import type { Cut } from '../dancing/places';
import type { Weight } from '../model/feet';
import type { Facing, Turn } from '../model/turns';
import type { PlanEntry } from '../reading/script';
import type { Order } from './order';
import type { Piece } from './pieces';
import type { BadJoin, FacingClaim, PlanProblem } from './problems';

export interface WallNote {
  readonly text: string;
  /** The script line it stands on; its plan line otherwise. */
  readonly line: number;
}

export interface Wall {
  /** A tag that is an item of the order keeps the number of the wall before it. */
  readonly number: number;
  readonly kind: 'part' | 'tag';
  readonly part: string;
  /** How often its part has been danced by then. */
  readonly time: number;
  readonly start: Facing;
  /** After everything that belongs to it: where the next begins. */
  readonly end: Facing;
  readonly pieces: readonly Piece[];
  /** Counts of the part that are danced; 16.5 for a cut on a half count. */
  readonly counts: number;
  /** Running count of its first and last beat from the top, from 1. */
  readonly first: number;
  readonly last: number;
  readonly cut?: { readonly kind: 'restart' | 'order' | 'ending'; readonly entry?: PlanEntry; readonly cut: Cut };
  readonly notes: readonly WallNote[];
  /** Plan lines that have a hand in it. */
  readonly entries: readonly PlanEntry[];
  readonly after: Weight;
}

export interface WallPlan {
  readonly dance: Dance;
  /** Complete for a phrased dance and one with an ending, else as far as was asked. */
  readonly walls: readonly Wall[];
  readonly order?: Order;
  readonly ended: boolean;
  /** By the turn of one whole wall; null for a phrased dance. */
  readonly wallsNet: number | null;
  /** Start facings that occur. */
  readonly wallsDanced: number;
  /** Of one wall; of the whole order for a phrased dance. */
  readonly netTurn: Turn;
  readonly problems: readonly PlanProblem[];
  readonly claims: readonly FacingClaim[];
  readonly badJoins: readonly BadJoin[];
  /** Plan lines that took part. */
  readonly used: ReadonlySet<PlanEntry>;
}

/** Walls that are worked out at most; songs are shorter. */
export const MOST_WALLS = 200;

/** Lines of the plan that have a hand in one wall at most; more is no dance, and each is looked at again with every key. */
export const MOST_ON_A_WALL = 24;

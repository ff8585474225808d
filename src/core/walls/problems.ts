/** What the plan says that can't be danced, or can't be told: each kind is said by a rule of its own. */
import type { Cut } from '../dancing/places';
import type { Piece } from './pieces';
import type { DancedBlock } from '../dancing/dance';
import type { Facing } from '../model/turns';
import type { PlanEntry } from '../reading/script';
import type { Span } from '../model/text';

interface About {
  readonly entry: PlanEntry;
}

export type PlanProblem = About &
  (
    | { readonly kind: 'not-understood' }
    | { readonly kind: 'wall-unsaid' }
    | { readonly kind: 'wall-beyond'; readonly wall: number; readonly last: number }
    | {
        readonly kind: 'wall-twice';
        readonly wall: number;
        readonly what: 'restart' | 'ending' | 'tag';
        readonly other: PlanEntry;
      }
    | { readonly kind: 'wall-full'; readonly wall: number; readonly most: number }
    | { readonly kind: 'place-unsaid' }
    | { readonly kind: 'place-beyond'; readonly block: DancedBlock }
    | { readonly kind: 'place-unknown' }
    | { readonly kind: 'place-twice'; readonly words: string; readonly block: DancedBlock }
    | { readonly kind: 'inside-call'; readonly cut: Cut; readonly block: DancedBlock }
    | { readonly kind: 'tag-unknown'; readonly name: string; readonly span: Span }
    | { readonly kind: 'tag-which' }
    | { readonly kind: 'lines-not-understood'; readonly span: Span }
    | { readonly kind: 'change-length'; readonly counts: number; readonly wanted: number; readonly span: Span }
    | { readonly kind: 'part-unknown'; readonly name: string; readonly span: Span }
    | { readonly kind: 'short-where'; readonly name: string; readonly span: Span }
  );

/** A facing of the room that the plan states, and what it comes to. */
export interface FacingClaim {
  readonly entry: PlanEntry;
  readonly span: Span;
  readonly wall: number;
  readonly said: Facing;
  readonly computed: Facing;
  /** `6:00 on wall 3`: the moment it is about. */
  readonly moment: 'restart' | 'tag' | 'ending';
}

/** A piece that does not take over the weight it is given. */
export interface BadJoin {
  readonly wall: number;
  readonly piece: Piece;
  /** What stands before it: on the same wall, or at the end of the one before. */
  readonly before?: Piece;
  /** The plan line that brings the two together. */
  readonly entry?: PlanEntry;
}

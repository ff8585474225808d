/** A call of a line, and the bag of pieces it is made from while its words are being taken. */
import type { Direction } from '../../model/actions';
import type { Foot } from '../../model/feet';
import type { Span } from '../../model/text';
import type { Facing, Way } from '../../model/turns';
import type { Figure } from '../../vocabulary';

export interface CalledTurn {
  /** Parts of a circle, without sign; undefined when the line gives none. */
  readonly amount?: number;
  readonly way?: Way;
  /** "to face 6:00": the turn is given by where it ends. */
  readonly target?: Facing;
  /** `turn ?`: what is left open is to be found. */
  readonly open?: boolean;
  /** Stands right behind the foot, not "turning" or "with": `step right half turn left`. */
  readonly behind?: true;
  readonly span: Span;
}

export interface Call {
  readonly span: Span;
  /** Undefined when the words were not understood. */
  readonly figure?: Figure;
  /** The words of its name. */
  readonly nameSpan?: Span;
  /** The foot the call names, and where. */
  readonly foot?: Foot;
  readonly footSpan?: Span;
  /** The standing foot, where the call names what is passed: `cross R over L`. */
  readonly past?: Foot;
  /** A travelling direction that is no foot: `weave right`. */
  readonly travel?: Foot;
  /** Feet listed one by one: `R L R`. */
  readonly feet?: readonly Foot[];
  readonly direction?: Direction;
  /** Further places named in one breath: `touch out in out`, `step side together forward`. Null for a further go without a place. */
  readonly more?: readonly (Direction | null)[];
  readonly turn?: CalledTurn;
  readonly repeat: number;
  /** Takes the place of what the call before it does on this count: `K step R, on 8 scuff R`. */
  readonly at?: number;
  /** Only the first so many counts of the figure: `coaster L, first two counts`. */
  readonly firstCounts?: number;
  /** Nobody wrote it: the `&` of `heel R & heel L` closes R. It takes a count where there is one. */
  readonly implied?: boolean;
  /** The number stands before the name: `four walks R L R L` are four in all. */
  readonly numbered?: boolean;
  /** Stands in brackets with its neighbours, and they are danced in turn so often: `(step R, pivot 1/2 left) x2`. */
  readonly bracket?: { readonly times: number };
  /** The turn given is the sum over the repeats ("four paddles making a full turn"). */
  readonly total: boolean;
  /** Joined to the call before by "and" or "with", not by a comma. */
  readonly joined: boolean;
  /** Said in one breath with the call before it: `step L to the side swaying left`. */
  readonly breath?: true;
  /** Names nothing: what stands before it is danced so often. */
  readonly again?: number;
  /** With `again`: on the other foot, or so that this foot leads. */
  readonly mirrored?: boolean | Foot;
  /** Spelt out after a colon: `Coaster R: back, together, forward`. */
  readonly detail?: readonly Call[];
  readonly unread: readonly Span[];
  /** Danced by a line that repeats others: all its places are the words that repeat it, and name nothing of its own. */
  readonly copied?: true;
}

/** A call while its words are being taken. */
export type Draft = { -readonly [K in keyof Omit<Call, 'unread' | 'span' | 'bracket' | 'copied'>]: Call[K] } & {
  from: number;
  to: number;
  places: (Direction | null)[];
  /** What swivels: heels or toes. */
  noun?: string;
  /** `..., turning a quarter left`: while something else is danced. */
  rides?: boolean;
  /** "It": the foot named last. */
  it?: boolean;
  /** `the same to the right`: what stands before it, once more. */
  same?: 'as it was' | 'mirrored';
  /** Two feet joined by "and": `LF+RF`. */
  both?: boolean;
  /** Counts that a turn on both feet takes. */
  lasts?: number;
  /** The first word of its name. */
  verb?: string;
  /** Feet that stand in brackets behind the figure. */
  listed?: readonly Foot[];
  unread: Span[];
  sides: { foot: Foot; span: Span; sure: boolean; afterObject: boolean; toSide: boolean }[];
  turnWord: boolean;
  words: number;
};

export const newDraft = (from: number, joined: boolean): Draft => ({
  from,
  to: from,
  repeat: 1,
  total: false,
  joined,
  places: [],
  unread: [],
  sides: [],
  turnWord: false,
  words: 0,
});

export const isSingle = (figure: Figure): boolean => figure.family === 'single';

export const footOf = ({ foot, footSpan }: Call): Draft['sides'] =>
  foot && footSpan ? [{ foot, span: footSpan, sure: true, afterObject: false, toSide: false }] : [];

/** Several feet written side by side. */
export function isFeetList(draft: Draft): boolean {
  const { sides } = draft;
  if (sides.length < 2 || sides.some((side) => side.afterObject || side.toSide)) return false;
  return sides.every((side, index) => index === 0 || side.span.from - sides[index - 1].span.to <= 3);
}

/**
 * What a language brings to printing: its words for sides, places and turns, and the few sentences a script and a sheet are made of.
 * A language is a file beside this one. The names of figures stand in the figures' own rows.
 */
import type { Direction } from '../../model/actions';
import type { Foot } from '../../model/feet';
import type { Way } from '../../model/turns';
import type { Language } from '../../vocabulary/figures';
import type { KnownKey } from '../../reading/header';
import type { PlaceSaid, WallPick } from '../../grammar/plan-places';

/** A turn as it is to be told: amounts and hours in the style's writing already. */
export interface TurnSaid {
  /** `1/4`, `¼`; empty where none was given. */
  readonly amount: string;
  readonly isFull: boolean;
  readonly way?: Way;
  /** An hour it ends at. */
  readonly target?: string;
  readonly isOpen: boolean;
  /** The sum over several goes. */
  readonly isTotal: boolean;
  /** What turns: a figure that travels, one that turns in its place, the turn itself. */
  readonly of: 'figure' | 'place' | 'turn' | 'full-turn';
  readonly wording: 'turning' | 'short' | 'shoulder';
}

export interface RepeatSaid {
  readonly section?: number;
  readonly counts?: string;
  readonly first?: string;
  readonly last?: number;
  readonly times: number;
  readonly isMirrored: boolean;
  readonly lead?: string;
}

export interface Tongue {
  readonly language: Language;
  /** Its own name for itself. */
  readonly title: string;
  readonly sides: Readonly<Record<'letters' | 'words' | 'feet', Readonly<Record<Foot, string>>>>;
  readonly directions: Readonly<Record<Direction, string>>;
  readonly shortDirections: Partial<Readonly<Record<Direction, string>>>;
  /** Fractions in words, by parts of a circle. */
  readonly fractions: Readonly<Record<number, string>>;
  /** German keeps its nouns large in the middle of a line. */
  readonly keepsCapitals: boolean;
  readonly and: string;
  readonly over: (side: string) => string;
  readonly behind: (side: string) => string;
  readonly starting: (direction: string) => string;
  readonly stepping: (sides: string) => string;
  /** `on 8 scuff R`. */
  readonly onCount: (count: number) => string;
  readonly firstCounts: (counts: number) => string;
  readonly turn: (said: TurnSaid) => string;
  /** Whether a turn in place is told by its amount alone, without the word before it: `1/4 Drehung links herum`. */
  readonly turnTellsItself: boolean;
  readonly weight: (side: string) => string;
  readonly both: string;
  readonly noWeight: string;
  readonly wall: (numbers: string, isOne: boolean) => string;
  /** `at the end of walls 2, 4`. */
  readonly endOf: (numbers: string, isOne: boolean) => string;
  /** `4 walls`. */
  readonly walls: (count: number) => string;
  readonly repeat: (said: RepeatSaid) => string;
  readonly heading: {
    readonly section: (number: number) => string;
    readonly copy: (of: number, isMirrored: boolean) => string;
    readonly counts: (counts: number) => string;
    readonly words: Readonly<
      Record<'part' | 'tag' | 'option' | 'ending' | 'figure' | 'plan' | 'song' | 'lesson', string>
    >;
    readonly to: string;
    readonly count: string;
  };
  readonly keys: Readonly<Record<KnownKey, string>>;
  /** Levels by their English names. */
  readonly levels: Readonly<Record<Level, string>>;
  readonly plan: {
    readonly pick: (pick: WallPick) => string;
    readonly place: (place: PlaceSaid) => string;
    readonly restart: string;
    readonly ending: string;
    readonly tag: string;
    readonly order: string;
    readonly then: string;
    readonly change: (range: string, steps: string) => string;
    readonly note: string;
    readonly none: string;
  };
  /** Between a label and what it stands for. */
  readonly colon: string;
}

export const LEVELS = ['beginner', 'improver', 'intermediate', 'advanced'] as const;
export type Level = (typeof LEVELS)[number];

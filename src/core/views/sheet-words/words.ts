/** The sentences and labels of a sheet in one language. Calls, headings and plan lines are the script's own and come from printing. */
import type { Weight } from '../../model/feet';
import type { Turn } from '../../model/turns';
import type { Care, Language } from '../../vocabulary/figures';
import type { WallPlan } from '../../walls/wall';

export interface SheetWords {
  readonly language: Language;
  readonly untitled: string;
  /** How R and L are written on marks. */
  readonly letters: Readonly<Record<'R' | 'L', string>>;
  readonly labels: Readonly<
    Record<'counts' | 'walls' | 'start' | 'level' | 'music' | 'tempo' | 'intro' | 'author' | 'date' | 'notes', string>
  >;
  readonly columns: Readonly<Record<'counts' | 'call' | 'feet' | 'weight' | 'facing', string>>;
  readonly wallColumns: Readonly<Record<'title' | 'wall' | 'starts' | 'counts' | 'happens' | 'ends', string>>;
  readonly section: (number: number, part: string) => string;
  readonly tag: (name: string) => string;
  readonly counts: (counts: number) => string;
  readonly endsFacing: (hour: string, weight: Weight) => string;
  readonly forWall: (number: number, start: string, end: string) => string;
  readonly start: (weight: Weight) => string;
  /** Counts before the first step; the voice comes in with it. */
  readonly startAfter: (counts: number, onVocal: boolean) => string;
  readonly walls: (plan: WallPlan, netTurn: Turn) => string;
  /** `4 walls`. */
  readonly inShort: (plan: WallPlan) => string;
  readonly explained: (plan: WallPlan) => string;
  readonly takeCare: string;
  readonly cautions: Readonly<Record<Care, string>>;
  readonly page: (number: number, of: number) => string;
  readonly revision: (name: string) => string;
  /** Said once where words stay in the language they were written in. */
  readonly asTyped: string;
  readonly noTags: string;
  readonly facing: (hour: string) => string;
  readonly happens: HappeningWords;
}

/** What happens on a wall, piece by piece. */
export interface HappeningWords {
  readonly tag: string;
  readonly atEnd: string;
  readonly facing: (hour: string) => string;
  readonly fromCount: (count: number) => string;
  readonly ending: string;
  readonly then: string;
  readonly ends: string;
  readonly cut: string;
  readonly restart: string;
  /** `after 20 counts (4 counts into section 3)`. */
  readonly after: (counts: string, isHalf: boolean, place?: PlaceInSection) => string;
}

export interface PlaceInSection {
  readonly section: number;
  readonly counts: number;
  readonly isWhole: boolean;
}

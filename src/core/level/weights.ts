/**
 * What makes a dance hard, and how much: a row each. A value is counted (`measure.ts`), what is free of charge is taken off, the rest
 * is weighed; nothing adds more than its cap. All of it is the project's own judgement, set by hand and then moved where half of the
 * project's sheets whose level is stated disagreed; the other half was held back (`bench/levels.ts` prints both).
 */
import type { Measures } from './measure';

export interface Weight {
  readonly key: keyof Measures;
  /** As the table of weights is shown. */
  readonly name: string;
  readonly free: number;
  readonly points: number;
  readonly most: number;
  /** Counts for a single section as well, per eight counts. */
  readonly inSection: boolean;
}

const weight = (key: keyof Measures, name: string, free: number, points: number, most: number, inSection = true): Weight => ({ key, name, free, points, most, inSection }); // prettier-ignore

export const WEIGHTS: readonly Weight[] = [
  weight('counts', 'counts to remember, by sixteens', 1, 0.9, 5, false),
  weight('figures', 'different figures', 3, 0.35, 4, false),
  weight('hardestFigure', 'the level of its hardest figure', 0, 1, 4),
  weight('hardFigures', 'figures an eight that are above beginners', 0, 1.2, 3),
  weight('rarity', 'how rare its rarest figure is', 0.5, 1, 1),
  weight('between', 'steps between the counts, an eight', 0, 1, 4),
  weight('largestTurn', 'quarters of its largest turn on one figure', 1, 0.9, 4),
  weight('turning', 'quarters turned, an eight', 0.25, 1, 3),
  weight('diagonals', 'steps facing a corner, an eight', 0, 0.5, 1.5),
  weight('cuts', 'restarts', 0, 0.7, 2, false),
  weight('tags', 'different tags', 0, 0.6, 1.5, false),
  weight('changed', 'changed steps', 0, 0.6, 1.2, false),
  weight('parts', 'parts beyond the first', 0, 1.5, 4, false),
  weight('pace', 'steps a second', 1.7, 1.2, 3),
  weight('gestures', 'gestures in a row on one foot', 1, 0.6, 1.5),
  weight('travel', 'steps travelled, an eight', 5, 0.15, 0.8),
  weight('tangled', 'crossings of the legs, an eight', 1, 0.3, 1),
  weight('floor', 'steps of floor it takes from side to side', 7, 0.1, 0.6, false),
];

/** Points a value adds. */
export const pointsOf = ({ key, free, points, most }: Weight, measures: Measures): number =>
  Math.min(most, Math.max(0, measures[key] - free) * points);

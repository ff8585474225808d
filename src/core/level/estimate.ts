/** How hard a dance is, by what is counted: points, the level they come to, and the reasons, the heaviest first; for each section too. */
import type { Dance, DancedLine, DancedSection } from '../dancing/dance';
import {
  measureDance,
  measureStretch,
  secondOfCount,
  stretchOf,
  wholeOf,
  type Measures,
  type Stretch,
} from './measure';
import { sayReason, type Said } from './reasons';
import { placeOfPoints, USUAL_SCALE, type LevelScale } from './scale';
import { pointsOf, WEIGHTS, type Weight } from './weights';

export interface Reason extends Said {
  readonly key: Weight['key'];
  readonly points: number;
}

export interface SectionLevel {
  /** `Section 2`, `Part A, section 1`. */
  readonly name: string;
  /** `2`, `A1`. */
  readonly short: string;
  readonly title: string;
  readonly number: number;
  /** Its heading, or its first line. */
  readonly line: number;
  /** Points the dance would have if all of it were like this section. */
  readonly points: number;
  /** Place on the scale. */
  readonly place: number;
  readonly reasons: readonly Reason[];
  readonly lines: readonly DancedLine[];
}

export interface LevelEstimate {
  readonly points: number;
  readonly place: number;
  readonly reasons: readonly Reason[];
  readonly sections: readonly SectionLevel[];
  /** The first of the sections with most points, where it stands out. */
  readonly hardest?: SectionLevel;
}

/** So many points more than the middle of the others make a section stand out. */
const STANDS_OUT = 1.5;
/** Less is no reason. */
const LEAST = 0.25;

/** A dance without a step is no points. */
export function estimateLevel(dance: Dance, scale: LevelScale = USUAL_SCALE): LevelEstimate {
  const whole = wholeOf(dance);
  if (whole.moments.length === 0) return { points: 0, place: 0, reasons: [], sections: [] };
  const measures = measureDance(dance);
  const points = sum(WEIGHTS.map((weight) => pointsOf(weight, measures)));
  const inIt = WEIGHTS.filter(({ inSection }) => inSection);
  const ofWhole = WEIGHTS.filter(({ inSection }) => !inSection);
  const base = sum(ofWhole.map((weight) => pointsOf(weight, measures)));
  const second = secondOfCount(dance);
  const sections = dance.parts.flatMap(({ block, sections: own }) =>
    own.flatMap((section): SectionLevel[] => {
      const stretch = stretchOf(section.lines, section.counts, second);
      if (stretch.moments.length === 0) return [];
      const alone: Measures = { ...measures, ...measureStretch(stretch) };
      const ownPoints = base + sum(inIt.map((weight) => pointsOf(weight, alone)));
      return [
        {
          name: `${block.name ? `Part ${block.name}, section` : 'Section'} ${section.text.number}`,
          short: `${block.name}${section.text.number}`,
          title: section.text.title,
          number: section.text.number,
          line: section.text.headingLine ?? lineOf(section),
          points: ownPoints,
          place: placeOfPoints(ownPoints, scale),
          reasons: reasonsOf(inIt, stretch, alone, dance),
          lines: section.lines,
        },
      ];
    }),
  );
  const hardest = hardestOf(sections);
  return { points, place: placeOfPoints(points, scale), reasons: reasonsOf(WEIGHTS, whole, measures, dance), sections, ...(hardest && { hardest }) };
} // prettier-ignore

const sum = (values: readonly number[]): number => values.reduce((all, value) => all + value, 0);

const lineOf = ({ lines }: DancedSection): number => lines[0]?.line.index ?? 0;

/** The first of the hardest, where there is a difference that is felt. */
function hardestOf(sections: readonly SectionLevel[]): SectionLevel | undefined {
  if (sections.length < 2) return undefined;
  const hardest = sections.reduce((best, one) => (one.points > best.points ? one : best));
  const others = sections.filter((one) => one !== hardest);
  return hardest.points - sum(others.map(({ points }) => points)) / others.length >= STANDS_OUT ? hardest : undefined;
}

const reasonsOf = (weights: readonly Weight[], stretch: Stretch, measures: Measures, dance: Dance): Reason[] =>
  weights
    .map((weight) => ({ key: weight.key, points: pointsOf(weight, measures) }))
    .filter(({ points }) => points >= LEAST)
    .sort((a, b) => b.points - a.points)
    .map(({ key, points }) => ({ key, points, ...sayReason(key, stretch, measures, dance) }));

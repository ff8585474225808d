/** The figures of each section in their order: the same order in two dances is worth knowing. */
import type { Dance } from '../dancing/dance';

export interface Sequence {
  /** The section's line in the script. */
  readonly line: number;
  /** `section 2`, `part B section 1`. */
  readonly place: string;
  /** Ids of the figures, feet and turns left aside. */
  readonly figures: string;
}

/** Fewer figures in a row are the same by chance. */
const LEAST = 3;

/** Of full sections with enough figures; a section that is another one over again is not told twice. */
export const sequencesOf = (dance: Dance): Sequence[] =>
  dance.parts.flatMap(({ block, sections }) =>
    sections.flatMap(({ text, lines, counts, statedCounts }) => {
      const figures = lines.flatMap(({ calls }) => calls.flatMap(({ figure }) => figure?.id ?? []));
      const line = text.headingLine ?? lines[0]?.line.index;
      if (figures.length < LEAST || counts < statedCounts || line === undefined || text.copy) return [];
      const part = block.name ? `part ${block.name} ` : '';
      return [{ line, place: `${part}section ${text.number}`, figures: figures.join(' ') }];
    }),
  );

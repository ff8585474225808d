/** What Enter writes: the counts that follow a line. */
import type { Dance } from '../dancing/dance';
import { TICKS_A_COUNT } from '../model/ticks';
import { findDancedLine } from './explain';

/** The count the line after this one begins at, or `section` when the section is full; undefined when nothing is danced there. */
export function nextCount(dance: Dance, index: number): number | 'section' | undefined {
  const danced = findDancedLine(dance, index);
  const group = danced?.groups[danced.groups.length - 1];
  if (!danced || !group || group.ticks.length === 0) return undefined;
  const section = danced.line.section;
  const next = group.end / TICKS_A_COUNT + 1;
  const length = section?.counts ?? 8;
  return next > length ? 'section' : next;
}

/** Whole sections moved up and down among the sections of their part; the numbers in their headings stay in order. */
import type { Dance } from '../dancing/dance';
import type { Edit } from '../model/text';
import type { Script, SectionText } from '../reading/script';

export interface MovedSection {
  readonly edits: readonly Edit[];
  /** Where the moved section's heading then stands. */
  readonly position: number;
}

/** The section a line belongs to, heading included. */
export function sectionAtLine(script: Script, line: number): SectionText | undefined {
  for (let index = line; index >= 0; index--) {
    const found = script.lines[index]?.section;
    if (found?.headingLine !== undefined) return found;
  }
  return undefined;
}

/** Undefined at the end of the row, and for sections without a heading of their own. */
export function moveSection(dance: Dance, section: SectionText, by: 1 | -1): MovedSection | undefined {
  const { script } = dance;
  const own = section.block.sections;
  const at = own.indexOf(section);
  const upper = own[Math.min(at, at + by)];
  const lower = own[Math.max(at, at + by)];
  if (upper?.headingLine === undefined || lower?.headingLine === undefined) return undefined;
  const [from, middle] = [script.lines[upper.headingLine].span.from, script.lines[lower.headingLine].span.from];
  const to = endOfSection(script, lower);
  const first = script.text.slice(from, middle).trimEnd();
  const second = script.text.slice(middle, to).trimEnd();
  const swapped = [numbered(second, upper.number), numbered(first, lower.number)];
  const gap = '\n\n';
  const tail = script.text.slice(from, to).slice(script.text.slice(from, to).trimEnd().length);
  return {
    edits: [{ from, to, insert: swapped.join(gap) + tail }],
    position: by === -1 ? from : from + swapped[0].length + gap.length,
  };
}

function endOfSection(script: Script, section: SectionText): number {
  const next = script.lines.find(({ index, kind }) => index > (section.headingLine ?? 0) && kind === 'heading');
  return next ? next.span.from : script.text.length;
}

/** The number of a heading `## Section 3: ...` set anew; a heading without one stays. */
const numbered = (text: string, number: number): string =>
  text.replace(/^(#*\s*(?:section|sec\.?|s)\s*)\d{1,2}/i, (_, head: string) => `${head}${number}`);

/** What the script does while it is being written: the counts that come next, and what is told of it so far. */
import type { Dance } from '../dancing/dance';
import { unitsOfCalls, usualTicks } from '../dancing/allot';
import { greatest } from '../model/numbers';
import type { Finding } from '../model/findings';
import { TICKS_A_COUNT, tickOfCount } from '../model/ticks';
import { printCounts } from '../printing/counts';
import { readStepLine } from '../reading/line';
import { lineAtOffset, type Script, type ScriptLine, type SectionText } from '../reading/script';
import type { Vocabulary } from '../vocabulary';
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

/** What an empty line is ready to become: the next count, or the heading of the next section. */
export type NextUp =
  { readonly kind: 'count'; readonly count: number } | { readonly kind: 'heading'; readonly words: string };

/** For an empty line; undefined where nothing follows from what stands above it. */
export function nextUp(
  { script, dance }: { readonly script: Script; readonly dance: Dance },
  index: number,
): NextUp | undefined {
  if (script.lines[index] && script.lines[index].text.trim() !== '') return undefined;
  const before = script.lines.findLast((line) => line.index < index && line.text.trim() !== '');
  if (!before) return undefined;
  if (before.kind === 'heading')
    return ['plan', 'figure', 'song', 'lesson'].includes(before.heading?.kind ?? '')
      ? undefined
      : { kind: 'count', count: 1 };
  // Notes and options belong to the step above them.
  const last = script.lines.findLast(
    ({ index: at, kind }) => at <= before.index && kind !== 'note' && kind !== 'option',
  );
  const next = last?.kind === 'step' ? nextCount(dance, last.index) : undefined;
  if (!last || next === undefined) return undefined;
  const isRightBehind = index === before.index + 1;
  if (next !== 'section' && isRightBehind) return { kind: 'count', count: next };
  return nextHeading(script, last);
}

/** The heading after the last section of a part; inside a dance nothing is offered, and a tag has no sections to come. */
function nextHeading({ lines }: Script, { section, index }: ScriptLine): NextUp | undefined {
  if (!section || section.block.kind !== 'part') return undefined;
  const after = lines.find((line) => line.index > index && line.kind === 'heading');
  if (after?.heading?.kind === 'section' && after.section?.block === section.block) return undefined;
  const number = greatest(
    section.block.sections.map((own) => own.number),
    0,
  );
  return { kind: 'heading', words: `Section ${number + 1}` };
}

/** The counts that words take from a count on, each figure in its usual rhythm; undefined where no figure is known yet. */
export function usualCounts(words: string, start: number, vocabulary?: Vocabulary): string | undefined {
  const { groups } = readStepLine(words, vocabulary);
  const [group] = groups;
  if (groups.length !== 1 || group.counts || group.repeat) return undefined;
  const ticks = usualTicks(unitsOfCalls(group.calls), tickOfCount(start));
  return ticks.length === 0 ? undefined : printCounts(ticks);
}

// What is told

/** Where the writer is. */
export interface Writing {
  /** A line of the section that is being written. */
  readonly line?: number;
  /** While a line is being typed nothing is told but what was told before it, as `keyOf` names it. */
  readonly told?: ReadonlySet<string>;
  /** The writer wants to know: everything is told. */
  readonly asked?: boolean;
}

/** The same finding in the next state of a text whose lines stay the same in number. */
export const keyOf = ({ code, message, span }: Finding, script: Script): string =>
  `${lineAtOffset(script, span.from)} ${code} ${message}`;

interface Studied {
  readonly script: Script;
  readonly dance: Dance;
  readonly findings: readonly Finding[];
}

/** What is told by now. What isn't finished is not wrong: the line being typed, the section being written, a last section that is still short. */
export function toldFindings({ script, dance, findings }: Studied, writing: Writing | undefined): readonly Finding[] {
  if (!writing || writing.asked) return findings;
  const open = unfinished({ script, dance }, writing);
  const { told } = writing;
  return findings.filter((finding) => {
    if (told && !told.has(keyOf(finding, script))) return false;
    if (finding.waitsFor === 'dance') return open.size === 0;
    const section =
      finding.waitsFor === 'section' ? sectionAt(script, lineAtOffset(script, finding.span.from)) : undefined;
    return !section || !open.has(section);
  });
}

/** The sections that are being written: what the whole comes to is not settled yet. */
export function unfinished(
  { script, dance }: Pick<Studied, 'script' | 'dance'>,
  writing: Writing | undefined,
): ReadonlySet<SectionText> {
  const open = new Set<SectionText>();
  if (!writing || writing.asked) return open;
  const here = writing.line === undefined ? undefined : sectionAt(script, writing.line);
  if (here) open.add(here);
  const last = dance.parts[dance.parts.length - 1]?.sections.at(-1);
  if (last && last.counts < last.statedCounts) open.add(last.text);
  return open;
}

/** The section a line stands in, with the empty lines and notes behind its steps. */
const sectionAt = ({ lines }: Script, index: number): SectionText | undefined =>
  lines.findLast((line) => line.index <= index && (line.section !== undefined || line.heading !== undefined))?.section;

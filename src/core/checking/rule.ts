/**
 * A rule is a file in rules/: its code, severity and sentence, what it looks for, and examples that are run as its tests.
 * Rules judge a dance that was danced to the end; they never change anything and never see each other's findings.
 */
import type { Finding, FindingGroup, Proposal, Severity } from '../model/findings';
import type { Span } from '../model/text';
import { shiftSpan } from '../model/text';
import type { Dance, DancedBlock, DancedCall, DancedLine, DancedSection, Moment } from '../dancing/dance';
import type { PlanEntry, ScriptLine } from '../reading/script';
import { wallsOf } from '../walls/table';
import type { PlanProblem } from '../walls/problems';

export interface Rule {
  readonly code: string;
  readonly group: FindingGroup;
  readonly severity: Severity;
  /** What the rule is about, in one sentence for people. */
  readonly about: string;
  /** Its sentences begin with the section they are about. */
  readonly namesPlace?: true;
  /** It judges the whole of a section or of the dance: while that is being written it is not told. */
  readonly waitsFor?: 'section' | 'dance';
  readonly examples: RuleExamples;
  readonly find: (dance: Dance) => Found[];
}

/** A finding without what its rule knows already. */
export type Found = Omit<Finding, 'code' | 'group' | 'severity'> & { readonly severity?: Severity };

export interface RuleExamples {
  /** Scripts in which the rule speaks; `<|...|>` marks the place. `fixed`: the whole text after the fix. */
  readonly bad: readonly { readonly text: string; readonly fixed?: string; readonly message?: string }[];
  /** Scripts in which it is silent. */
  readonly good: readonly string[];
}

/** A dance of one section for an example. */
export const section = (counts: number, ...lines: string[]): string => sectionFrom('L', counts, ...lines);
export const sectionFrom = (weight: string, counts: number, ...lines: string[]): string =>
  [`start: weight ${weight}`, '', `## Section 1 (${counts} counts)`, ...lines].join('\n');

/** A dance of eight counts that ends as it begins, with a plan. */
export const planned = (...lines: string[]): string =>
  [
    'start: weight L',
    '',
    '## Section 1',
    '1-4 Jazz box R',
    '5-8 Jazz box R',
    '',
    '## Tag "ebb"',
    '1-2 Sway R, sway L',
    '',
    '## Plan',
    ...lines,
  ].join('\n');

/** A dance of two parts, a half turn in B, with a plan. */
export const phrased = (...lines: string[]): string =>
  [
    'start: weight L',
    '',
    '## Part A',
    '1-4 Vine R, touch L',
    '5-8 Vine L, touch R',
    '',
    '## Part B',
    '1-2 Step R forward, pivot 1/2 left',
    '3-8 Walk forward R L R L R L',
    '',
    '## Plan',
    ...lines,
  ].join('\n');

// Walking through a dance

export interface Here {
  readonly block: DancedBlock;
  readonly section: DancedSection;
  readonly line: DancedLine;
}

/**
 * Walked once a dance, however many rules ask. Only the newest dance is remembered: a weak map would keep every one of them
 * through the collector's quick rounds, and typing would stutter.
 */
export function once<T>(walk: (dance: Dance) => T): (dance: Dance) => T {
  let known: { readonly dance: Dance; readonly found: T } | undefined;
  return (dance) => {
    if (known?.dance !== dance) known = { dance, found: walk(dance) };
    return known.found;
  };
}

/** Parts, tags, and the ending where it has lines of its own. */
const blocksOf = once((dance): readonly DancedBlock[] => [...dance.parts, ...dance.tags, ...endingsOf(dance)]);

function endingsOf(dance: Dance): DancedBlock[] {
  const { walls } = wallsOf(dance);
  return walls.flatMap(({ pieces }) =>
    pieces.flatMap(({ kind, block }) => (kind === 'ending' && block.block.headingLine !== undefined ? [block] : [])),
  );
}

export const sectionsOf = once((dance): readonly { block: DancedBlock; section: DancedSection }[] =>
  blocksOf(dance).flatMap((block) => block.sections.map((own) => ({ block, section: own }))),
);

/** Lines where they are written: a section danced as a copy of another is judged where it was written. */
export const linesOf = once((dance): Here[] =>
  sectionsOf(dance).flatMap(({ block, section: own }) =>
    own.lines.filter(({ line }) => line.section === own.text).map((line) => ({ block, section: own, line })),
  ),
);

export const callsOf = once((dance): (Here & { call: DancedCall; previous?: DancedCall })[] => {
  let previous: DancedCall | undefined;
  let block: DancedBlock | undefined;
  return linesOf(dance).flatMap((here) => {
    // An ending follows a place in the plan, not what stands above it.
    if (here.block !== block && here.block.block.kind === 'ending') previous = undefined;
    block = here.block;
    return here.line.calls.map((call) => {
      const found = { ...here, call, previous };
      if (call.moments.length > 0 || !call.figure) previous = call;
      return found;
    });
  });
});

/** Calls whose own words can be judged and mended: what a line merely repeats is judged where it was first written. */
export const writtenCallsOf = once((dance) => callsOf(dance).filter(({ call }) => !call.call.copied));

/** Where each moment stands among those of its block. */
export const placesOfMoments = once((dance): ReadonlyMap<Moment, number> => {
  const places = new Map<Moment, number>();
  for (const { moments } of blocksOf(dance)) moments.forEach((moment, index) => places.set(moment, index));
  return places;
});

// The plan

export const problemsOf = <K extends PlanProblem['kind']>(dance: Dance, kind: K): (PlanProblem & { kind: K })[] =>
  wallsOf(dance).problems.filter((problem): problem is PlanProblem & { kind: K } => problem.kind === kind);

/** Where a plan line, or one item of it, stands in the text. */
export const planPlace = ({ item, offset }: PlanEntry): Span => shiftSpan(item.span, offset);

// Places

/** A span of a line, counted from the start of the text. */
export const placeIn = (line: ScriptLine, span: Span): Span => shiftSpan(span, line.span.from);

/** The heading of a section, or its first line, or the whole text's start. */
export function headingPlace(dance: Dance, own: DancedSection): Span {
  const index = own.text.headingLine ?? own.lines[0]?.line.index ?? 0;
  return dance.script.lines[index].span;
}

export const wordsAt = (dance: Dance, span: Span): string => dance.script.text.slice(span.from, span.to).trim();

/** A proposal that replaces one stretch. */
export const replacing = (label: string, span: Span, insert: string): Proposal => ({
  label,
  edits: [{ ...span, insert }],
});

/** `Section 3`, `Tag lamp`, `Part B section 2`. */
export function sectionName(block: DancedBlock, own: DancedSection): string {
  const { kind, name, sections } = block.block;
  if (kind === 'tag') return sections.length > 1 ? `Tag ${name}, section ${own.text.number}` : `Tag ${name}`.trim();
  return name ? `Part ${name} section ${own.text.number}` : `Section ${own.text.number}`;
}

export const plural = (count: number, word: string): string => `${count} ${word}${count === 1 ? '' : 's'}`;

export { ordinalWords as ordinal } from '../printing/plan';

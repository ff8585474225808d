/** What stands beside a script: for every line the feet, the weight and the wall after it; for every section its rail. */
import type { Span } from '../model/text';
import { printCounts } from '../printing/counts';
import { optionsOf } from '../walls/options';
import { wallsOf } from '../walls/table';
import { wallsInParts, wallsInShort, type WallsInParts } from '../walls/words';
import { wrongMoments } from '../checking/rules/foot-not-free';
import type { Dance, DancedBlock, DancedLine, DancedSection, Moment } from '../dancing/dance';
import type { Foot, Weight } from '../model/feet';
import { countOfTick, TICKS_A_COUNT } from '../model/ticks';
import { facingAfter, hourOfFacing, turnWords, type Facing } from '../model/turns';
import type { Language } from '../vocabulary/figures';

export type FootMarkKind = 'weight' | 'gesture' | 'both' | 'hold' | 'hands';

export interface FootMark {
  readonly foot: Foot | null;
  readonly kind: FootMarkKind;
  /** The foot was not free. */
  readonly wrong: boolean;
}

export interface LineView {
  readonly line: number;
  readonly feet: readonly FootMark[];
  readonly weight: Weight;
  readonly facing: Facing;
  readonly hour: string;
  readonly facingChanged: boolean;
  readonly understood: boolean;
  /** Counts for a line that was written without any. */
  readonly filledCounts?: string;
  /** Words of the line that explain its steps or say nothing of steps: read, and not danced. */
  readonly asides: readonly Span[];
}

/** One count of a section's rail. `split`: something is danced between this count and the next. */
export interface RailCell {
  readonly count: number;
  readonly state: 'filled' | 'empty' | 'double' | 'hold' | 'over';
  readonly split: boolean;
  readonly slip: boolean;
}

export interface SectionView {
  /** Line of its heading, or of its first step line. */
  readonly line: number;
  readonly headed: boolean;
  readonly name: string;
  readonly title: string;
  readonly counts: number;
  readonly statedCounts: number;
  readonly rail: readonly RailCell[];
  readonly weight: Weight;
  readonly facing: Facing;
  readonly hour: string;
  /** Its last line. */
  readonly end: number;
}

/** The whole dance in one line. */
export interface Truth {
  readonly counts: number;
  readonly turn: string;
  /** `4 walls as danced (2 by its turn)`. */
  readonly walls: string;
  readonly wallsInParts: WallsInParts;
  readonly wallsDanced: number;
  /** As danced from the first wall to the last, for a dance with an order or an ending. */
  readonly dancedCounts?: number;
  /** How many lines of the plan are tags, restarts, an ending. */
  readonly tags: number;
  readonly restarts: number;
  readonly ending: boolean;
  readonly phrased: boolean;
  /** Joins that hand over the wrong foot. */
  readonly badJoins: number;
  readonly startWeight: Weight;
  readonly endWeight: Weight;
  readonly loops: boolean | undefined;
}

export interface ScriptView {
  /** Indexed by line; undefined for lines that are not danced. */
  readonly lines: readonly (LineView | undefined)[];
  readonly sections: readonly SectionView[];
  readonly truth: Truth;
}

export function viewScript(dance: Dance): ScriptView {
  const blocks = [...dance.parts, ...dance.tags];
  const lines: (LineView | undefined)[] = [];
  const wrong = wrongMoments(dance);
  for (const block of blocks) {
    for (const own of block.sections) {
      for (const danced of own.lines)
        if (danced.line.section === own.text) lines[danced.line.index] = viewLine(danced, wrong);
    }
  }
  for (const { block, shift } of otherBlocks(dance))
    for (const own of block.sections)
      for (const danced of own.lines) {
        const view = viewLine(danced, wrong);
        const facing = facingAfter(view.facing, shift);
        lines[danced.line.index] = { ...view, facing, hour: hourOfFacing(facing) };
      }
  return {
    lines,
    sections: blocks.flatMap((block) => block.sections.map((own) => viewSection(dance, block, own, wrong))),
    truth: viewTruth(dance),
  };
}

/** Endings and options that have lines of their own in the script: an ending faces the room's walls, an option those of its sheet. */
function otherBlocks(dance: Dance): { block: DancedBlock; shift: Facing }[] {
  const found = new Map<DancedBlock['block'], { block: DancedBlock; shift: Facing }>();
  for (const { pieces } of wallsOf(dance).walls)
    for (const { kind, block, shift } of pieces)
      if (kind === 'ending' && block.block.headingLine !== undefined) found.set(block.block, { block, shift });
  for (const { danced } of optionsOf(dance))
    if (danced && danced.block.headingLine !== undefined) found.set(danced.block, { block: danced, shift: 0 });
  return [...found.values()];
}

function viewTruth(dance: Dance): Truth {
  const plan = wallsOf(dance);
  const happenings = plan.walls.flatMap(({ kind, pieces }) => (kind === 'tag' ? [] : pieces));
  return {
    counts: dance.counts,
    turn: turnWords(dance.netTurn),
    walls: wallsInShort(plan),
    wallsInParts: wallsInParts(plan),
    wallsDanced: plan.wallsDanced,
    ...((plan.order?.entry || plan.ended) && { dancedCounts: plan.walls[plan.walls.length - 1]?.last ?? 0 }),
    tags:
      happenings.filter(({ kind }) => kind === 'tag').length + plan.walls.filter(({ kind }) => kind === 'tag').length,
    restarts: plan.walls.filter(({ cut }) => cut?.kind === 'restart').length,
    ending: plan.ended,
    phrased: plan.order?.entry !== undefined,
    badJoins: plan.badJoins.length,
    startWeight: dance.startWeight,
    endWeight: dance.endWeight,
    loops: dance.counts === 0 ? undefined : dance.loops,
  };
}

type Wrong = ReadonlySet<Moment>;
const NONE: Wrong = new Set();

/** `wrong`: moments whose foot is told to be wrong. */
export function viewLine(danced: DancedLine, wrong: Wrong = NONE): LineView {
  const { before, after, line } = danced;
  return {
    line: line.index,
    feet: danced.groups.flatMap((group) =>
      feetOf(
        group.calls.flatMap((call) => call.moments),
        group.empty,
        wrong,
      ),
    ),
    weight: after.weight,
    facing: after.facing,
    hour: hourOfFacing(after.facing),
    facingChanged: after.facing !== before.facing || after.rotation !== before.rotation,
    understood: danced.understood,
    asides: danced.groups.flatMap(({ asides }) => asides.map(({ span }) => span)),
    ...(isUncounted(danced) && { filledCounts: printCounts(danced.groups[0].ticks) }),
  };
}

const isUncounted = ({ groups }: DancedLine): boolean =>
  groups.length === 1 && !groups[0].group.counts && groups[0].ticks.length > 0;

/** Marks in the order of time, holds that nobody wrote among them. */
function feetOf(moments: readonly Moment[], empty: readonly number[], wrong: Wrong): FootMark[] {
  const marks = moments.map((moment) => ({ tick: moment.tick, mark: footMark(moment, wrong) }));
  const holds = empty.map((tick) => ({ tick, mark: { foot: null, kind: 'hold', wrong: false } as FootMark }));
  return [...marks, ...holds].sort((a, b) => a.tick - b.tick).map(({ mark }) => mark);
}

export function footMark(moment: Moment, slips: Wrong = NONE): FootMark {
  const { action } = moment;
  const wrong = slips.has(moment);
  if (action.word === 'hold') return { foot: null, kind: 'hold', wrong };
  if (action.foot) return { foot: action.foot, kind: action.effect === 'takes' ? 'weight' : 'gesture', wrong };
  return { foot: null, kind: action.effect === 'both' || action.word === 'turn' ? 'both' : 'hands', wrong };
}

function viewSection(dance: Dance, block: DancedBlock, own: DancedSection, wrong: Wrong): SectionView {
  const heading = own.text.headingLine ?? block.block.headingLine;
  const line =
    own.text.headingLine ??
    (own === block.sections[0] ? block.block.headingLine : undefined) ??
    own.lines[0]?.line.index ??
    heading ??
    0;
  const { kind, name } = block.block;
  return {
    line,
    headed: dance.script.lines[line].kind === 'heading',
    name: kind === 'tag' ? `Tag ${name}`.trim() : name ? `${name} ${own.text.number}` : `Section ${own.text.number}`,
    title: own.text.title || nameSection(own),
    counts: own.counts,
    statedCounts: own.statedCounts,
    rail: railOf(own, wrong),
    weight: own.after.weight,
    facing: own.after.facing,
    hour: hourOfFacing(own.after.facing),
    end: own.text.lines[own.text.lines.length - 1]?.index ?? line,
  };
}

const MOST_NAMES = 3;

/** A short name made of the section's first figures: `vine, rock, coaster`. */
export function nameSection(own: DancedSection, language: Language = 'en'): string {
  const names = new Set<string>();
  for (const { calls } of own.lines)
    for (const { figure } of calls) {
      if (!figure || figure.family === 'single') continue;
      names.add((figure.names[language] ?? figure.names.en)[0]);
      if (names.size === MOST_NAMES) return [...names].join(', ');
    }
  return [...names].join(', ');
}

/** What each count of a section is filled with. */
export function railOf(own: DancedSection, wrong: Wrong): RailCell[] {
  const size = Math.max(own.counts, own.statedCounts, 1);
  const called = new Array<number>(size + 2).fill(0);
  const split = new Set<number>();
  const holds = new Set<number>();
  const slips = new Set<number>();
  if (own.runsInto && !own.lines[0]?.moments[0]?.shared) called[1] += 1;
  for (const { groups } of own.lines) {
    for (const group of groups) {
      for (const tick of group.ticks) {
        if (tick % TICKS_A_COUNT === 0) called[countOfTick(tick)] = (called[countOfTick(tick)] ?? 0) + 1;
        else split.add(countOfTick(tick));
      }
      if (group.group.counts?.floating) fillSlow(group.ticks[0], group.end, called);
      for (const tick of group.empty) holds.add(countOfTick(tick));
      for (const moment of group.calls.flatMap((call) => call.moments)) {
        if (moment.action.word === 'hold') holds.add(countOfTick(moment.tick));
        if (wrong.has(moment)) slips.add(countOfTick(moment.tick));
      }
    }
  }
  // Nothing on a count between others is a gap; what is missing at the end is not written yet.
  const written = called.findLastIndex((times) => times > 0);
  for (let count = 1; count < written; count++) if (called[count] === 0) slips.add(count);
  return Array.from({ length: size }, (_, index): RailCell => {
    const count = index + 1;
    const state =
      called[count] === 0
        ? 'empty'
        : called[count] > 1
          ? 'double'
          : count > own.statedCounts
            ? 'over'
            : holds.has(count)
              ? 'hold'
              : 'filled';
    return { count, state, split: split.has(count), slip: slips.has(count) };
  });
}

function fillSlow(first: number, end: number, called: number[]): void {
  for (let count = countOfTick(first); count < countOfTick(end); count++)
    called[count] = Math.max(called[count] ?? 0, 1);
}

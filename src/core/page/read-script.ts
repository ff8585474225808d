/**
 * A whole file: header, headings, sections, step lines, notes. What a line is hangs on its words and on where it stands: counts that
 * begin again open a section, and the line above them that looks like a name is its heading. Never throws; what can't be read stays
 * as text with its place.
 */
import type { Span } from '../model/text';
import { tickOfCount } from '../model/ticks';
import { KNOWN_KEYS, readHeader, readHeaderLines, type Header, type HeaderEntry } from '../reading/header';
import type { Counts } from '../reading/counts';
import { kindOpening, readHeading, type Heading } from '../grammar/heading';
import { countsNeeded, countsStandBehind, isWholeLine, namesSteps, readStepLine, type StepLine } from '../reading/line';
import { readOwnFigures, type OwnFigures } from '../reading/own-figures';
import { readLoosePlan, readPlanLine, type PlanItem } from '../grammar/plan';
import {
  isMarked,
  type BlockText,
  type LineKind,
  type PlanEntry,
  type Script,
  type ScriptLine,
  type SectionText,
} from '../reading/script';
import { factsSaid } from './facts';
import { gluedApart } from './glued';
import { countedBehind, lengthsBehind, signsApart } from './count-signs';
import { planInProse } from './plan-prose';
import { isClear, isWhatever, isWholeTag, lengthSaid, nameOf, saysTheSame } from './plan-said';
import { customarySection, LONGEST_LINE, Outline } from './outline';
import { Blocks } from './blocks';
import { cellsApart } from './table';
import {
  bareHeading,
  headingByPlace,
  headingLikeness,
  LEAST_LIKENESS,
  numberInList,
  rangeOf,
  wordedOpening,
  wordedSection,
} from './section-heading';

/** In letters: longer ones are read as sentences first. */
const LONG_SENTENCE = 60;

/** Blocks whose lines may be headings of sections. */
const HAS_SECTIONS: ReadonlySet<BlockText['kind']> = new Set(['part', 'tag', 'ending']);

/** A name stands at most so many lines above its steps. */
const FARTHEST = 8;

/** Its numbers were read as counts without a slip. */
const isSoundlyCounted = ({ groups: [first] }: StepLine): boolean =>
  (first?.counts?.ticks.length ?? 0) > 0 && !first?.counts?.problem;

/** In capitals. */
const isShouted = (line: string): boolean => /\p{Lu}{3}/u.test(line) && line === line.toUpperCase();

type Push = (kind: LineKind, more?: Partial<ScriptLine>) => void;

type Growing<T> = { -readonly [K in keyof T]: T[K] };

/** `personal`: the writer's own figures from elsewhere, as `## Figure` lines; those of the script itself go first. */
export function readScript(text: string, personal = ''): Script {
  return new ScriptReader(text, readOwnFigures(text, personal)).read();
}

/** Another text, or a later state of it, read as this script was: with the same figures from elsewhere. */
export const rereadScript = ({ own }: Script, text: string): Script => readScript(text, own.personal);

class ScriptReader {
  private readonly lines: ScriptLine[] = [];
  private readonly entries: HeaderEntry[] = [];
  private readonly plan: PlanEntry[] = [];
  private readonly raw: readonly string[];
  private header: Header | undefined;
  private title = '';
  private titleLine: number | undefined;
  private readonly outline: Outline;
  private readonly firstLine: number;
  private readonly isMarked: boolean;
  private usual: number | undefined;
  private ordered: boolean | undefined;
  /** A heading of the sheet is a range of counts. */
  private hasRanges = false;
  /** The number of the last heading in a list of them. */
  private listed = 0;
  private readonly blocks = new Blocks(
    () => (this.header ??= readHeader(this.entries)),
    () => this.customary(),
  );

  constructor(
    private readonly text: string,
    private readonly own: OwnFigures,
  ) {
    this.isMarked = isMarked(text);
    const cells = cellsApart(text.split('\n'));
    this.raw = this.isMarked ? cells : lengthsBehind(countedBehind(signsApart(gluedApart(cells))));
    this.outline = new Outline(this.raw, own.vocabulary, this.isMarked);
    this.firstLine = this.raw.findIndex((line) => line.trim() !== '');
  }

  read(): Script {
    let offset = 0;
    for (const raw of this.raw) {
      const text = raw.endsWith('\r') ? raw.slice(0, -1) : raw;
      this.readLine(text, { from: offset, to: offset + text.length });
      offset += raw.length + 1;
    }
    const { title, titleLine, lines } = this;
    return {
      text: this.text,
      title,
      titleLine,
      header: this.header ?? readHeader(this.entries),
      lines,
      blocks: this.blocks.all,
      plan: this.plan,
      own: this.own,
    };
  }

  private readLine(text: string, span: Span): void {
    const index = this.lines.length;
    // Kept as it was written, whatever signs it is read by.
    const written = this.text.slice(span.from, span.to);
    const push = (kind: LineKind, more: Partial<ScriptLine> = {}) => {
      this.lines.push({ index, kind, span, text: written, ...more });
    };
    const trimmed = text.trim();
    if (trimmed === '') return push('blank');
    if (trimmed.length > LONGEST_LINE) return push('text');
    if (/^#(?!#)/.test(trimmed) && this.titleLine === undefined)
      return this.takeTitle(trimmed.replace(/^#\s*/, ''), push);
    // `bridge: 16` is a phrase there, and no heading; what a lesson says of a tag is no plan.
    const own = this.blocks.block?.kind;
    if ((own === 'song' || own === 'lesson') && !/^#{2,}/.test(trimmed))
      return push(trimmed.startsWith('>') ? 'note' : own);
    const heading = this.headingOf(index, trimmed);
    if (heading) return this.takeHeading(heading, index, push);
    if (this.takeHeadedStep(index, text, push)) return;
    const kept = this.keptKind(text, trimmed);
    if (kept) return push(kept);
    if (this.takeSaid(text, span, push) || this.takeStep(text, push)) return;
    if (!this.blocks.block && this.titleLine === undefined) return this.takeTitle(trimmed, push);
    push('text', this.blocks.section ? { section: this.blocks.section } : {});
  }

  private headingOf(index: number, trimmed: string): Heading | undefined {
    const words = this.isMarked ? trimmed : bareHeading(trimmed);
    if (!this.isMarked && isWholeTag(words, this.own.vocabulary)) return undefined;
    if (/^\[\s*\d/.test(words) && this.outline.isStepInBrackets(index)) return undefined;
    return this.placedHeading(words) ?? this.wordedHeading(words) ?? this.ownHeading(index, trimmed);
  }

  /** `Teil 1`, `Part 2` in a sheet of another's manner: parts have letters there, numbers are sections. */
  private wordedHeading(words: string): Heading | undefined {
    const heading = readHeading(words, this.blocks.section !== undefined);
    if (this.isMarked || heading?.kind !== 'part') return heading;
    if (/^\d{1,2}$/.test(heading.name)) return { ...heading, kind: 'section', name: '', number: Number(heading.name) };
    // Without an order lettered parts are danced one after another, as sections are.
    return this.hasOrder() ? heading : { ...heading, kind: 'section', name: '' };
  }

  private hasOrder(): boolean {
    this.ordered ??= this.raw.some((line) => readLoosePlan(line).some(({ kind }) => kind === 'order'));
    return this.ordered;
  }

  /** What is kept word for word because its first words say what it is. */
  private keptKind(text: string, trimmed: string): LineKind | undefined {
    if (trimmed.startsWith('>')) return 'note';
    if (/^option\b.*:/i.test(trimmed) && /^\s/.test(text)) return 'option';
    return this.blocks.block?.kind === 'figure' ? 'figure' : undefined;
  }

  /** Facts and plans. Several facts in a line are facts, whatever else it says. */
  private takeSaid(text: string, span: Span, push: Push): boolean {
    // `1-2 rock R, recover weight back on L` names a weight and is no fact.
    const isStep = this.outline.countsOf(this.lines.length).length > 0 && this.outline.hasSteps(this.lines.length);
    const isHead = this.blocks.block === undefined && !isStep;
    const hasFacts = isHead && !this.isMarked && this.lines.length !== this.firstLine && factsSaid(text, 0).length > 1;
    if (hasFacts && this.takeHeaderLine(text, span, push)) return true;
    return this.takePlan(text, span, push) || (isHead && this.takeHeaderLine(text, span, push));
  }

  private takeTitle(title: string, push: Push): void {
    this.title = title;
    this.titleLine = this.lines.length;
    this.takeFactsOfTitle(title);
    push('title');
  }

  /** `PAPER BOATS (24 counts, 2 walls, left leads)`: several facts in brackets behind the name. */
  private takeFactsOfTitle(title: string): void {
    const bracket = this.isMarked ? null : /\(([^()]*)\)\s*$/.exec(title);
    const at = this.text.indexOf(title, this.lines.at(-1)?.span.to ?? 0);
    const facts = bracket && at >= 0 ? factsSaid(bracket[1], at + bracket.index + 1) : [];
    if (facts.length > 1) this.entries.push(...facts);
  }

  private takeHeaderLine(text: string, span: Span, push: Push): boolean {
    const keyed = /^\s*\d/.test(text) ? [] : readHeaderLines(text, span.from);
    const isTitle = this.titleLine === undefined && this.lines.every(({ kind }) => kind === 'blank');
    const known = keyed.filter(({ key }) => KNOWN_KEYS.some((one) => one === key));
    const said = (isTitle ? [] : factsSaid(text, span.from)).filter((fact) =>
      known.every(({ key, span: own }) => key !== fact.key && (fact.span.to <= own.from || fact.span.from >= own.to)),
    );
    const entries = said.length > 0 ? [...known, ...said] : keyed;
    if (entries.length === 0) return false;
    this.entries.push(...entries);
    push('header');
    return true;
  }

  /** `PART ONE. Walk R, L (1, 2)`: a heading and its first steps in one line. */
  private takeHeadedStep(index: number, text: string, push: Push): boolean {
    if (this.isMarked) return false;
    const item = this.outline.itemLength(index);
    const isSteps = this.outline.countsOf(index).length > 0 && !this.spansNext(index);
    const opening =
      item > 0
        ? { heading: headingByPlace(text.slice(0, item)), length: item }
        : isSteps
          ? wordedOpening(text)
          : undefined;
    if (!opening) return false;
    const { heading, length } = opening;
    this.blocks.openHeaded(heading, index);
    return this.takeStep(' '.repeat(length) + text.slice(length), (kind, more) => push(kind, { ...more, heading }));
  }

  /** `Part 3 - hips (1 to 8)`: the counts of a line are those of the lines below it together. */
  private spansNext(index: number): boolean {
    const { outline } = this;
    const [own, more] = outline.countsOf(index);
    const [next] = outline.countsOf(outline.nextCounted(index));
    return (
      own !== undefined &&
      !more &&
      next !== undefined &&
      !own.floating &&
      own.ticks[0] === next.ticks[0] &&
      next.end < own.end
    );
  }

  private takeStep(text: string, push: Push): boolean {
    const step = readStepLine(text, this.own.vocabulary);
    const counted = step.groups[0]?.counts !== undefined;
    // What the whole sheet shows to be a number in a list, or facts.
    if (counted && !this.isMarked && this.outline.countsOf(this.lines.length).length === 0 && isSoundlyCounted(step))
      return false;
    // Outside every block a line has to have counts to be steps.
    const isShown = this.isShownSteps(this.lines.length);
    if (counted ? countsStandBehind(step) && !namesSteps(step) : !isShown && (!this.blocks.block || !isWholeLine(step)))
      return false;
    // Under a section that is full, "Repeat." and words without counts say what comes after the steps.
    const names = step.groups.some(({ repeat }) => repeat?.counts !== undefined || repeat?.section !== undefined);
    if (!this.isMarked && !counted && !names && this.hasNoCountsLeft()) return false;
    const section =
      this.nextSection(step) ?? this.nextParagraph() ?? this.nextFilled(step) ?? this.blocks.openSection();
    push('step', { step, section });
    this.blocks.progress.take(step);
    if (!counted) this.blocks.progress.takeUncounted(countsNeeded(step));
    const line = this.lines[this.lines.length - 1];
    section.lines.push(line);
    this.takePlanOfNotes(step, line, text);
    return true;
  }

  /** `[restart here on wall 3]`: after this line. */
  private takePlanOfNotes({ marks }: StepLine, line: ScriptLine, text: string): void {
    for (const note of marks.notes) {
      if (!/restart|tag|bridge/i.test(note.text)) continue;
      const from = line.span.from + text.indexOf(note.text, note.span.from);
      this.addPlan(
        readLoosePlan(note.text).filter((item) => item.kind === 'restart' || item.kind === 'tag'),
        line,
        from,
      );
    }
  }

  /** The section is full, or the next line that has counts goes on where they have come to. */
  private hasNoCountsLeft(): boolean {
    const [next] = this.outline.countsOf(this.outline.nextCounted(this.lines.length));
    return (
      this.blocks.progress.isFull(this.blocks.section) || (next !== undefined && this.blocks.progress.goesOnWith(next))
    );
  }

  private addPlan(items: readonly PlanItem[], line: ScriptLine, offset: number): void {
    for (const item of this.isMarked ? items : items.filter((one) => !this.wasSaid(one)))
      this.plan.push({ line, offset, item, block: this.blocks.block, afterLine: line.index });
  }

  /** Under `## Plan` every line; elsewhere what can be nothing else. The title of a pasted sheet comes first. */
  private takePlan(text: string, span: Span, push: Push): boolean {
    const strict = this.blocks.block?.kind === 'plan';
    if (
      !strict &&
      (this.lines.every(({ kind }) => kind === 'blank') || this.outline.countsOf(this.lines.length).length > 0)
    )
      return false;
    const items = strict ? readPlanLine(text) : this.planSaid(text);
    if (items.length === 0 && !strict) return false;
    push('plan', this.blocks.section ? { section: this.blocks.section } : {});
    this.addPlan(items, this.lines[this.lines.length - 1], span.from);
    return true;
  }

  /** What a line outside the plan says of walls: in the manner of a plan, or else in sentences, as far as it was not said before. */
  private planSaid(text: string): readonly PlanItem[] {
    const loose = readLoosePlan(text);
    if (this.isMarked) return loose;
    const items = loose.filter((item) => !isWhatever(item));
    const isLong = text.length >= LONG_SENTENCE;
    const isClean = items.length > 0 && items.every(isClear);
    const said = isClean && !isLong ? [] : planInProse(text);
    if (said.length > 0) return this.newOf(said);
    return isClean || !isLong || items.every((item) => !('walls' in item) || item.walls.kind !== 'unsaid') ? items : [];
  }

  /** `restart here on wall 3` at the line, and once more at the foot of the sheet. */
  private wasSaid(item: PlanItem): boolean {
    return (
      item.kind === 'restart' &&
      this.plan.some((entry) => entry.item.kind === 'restart' && saysTheSame(entry.item, item))
    );
  }

  private newOf(items: readonly PlanItem[]): readonly PlanItem[] {
    return items.filter((item) => !this.plan.some((entry) => saysTheSame(entry.item, item)));
  }

  /** `Tag: end of walls 1 & 4` over step lines is the heading of the tag, not only its place. */
  private placedHeading(trimmed: string): Heading | undefined {
    const kind = this.blocks.block?.kind === 'plan' ? undefined : kindOpening(trimmed);
    if (kind !== 'tag' && kind !== 'ending') return undefined;
    const next = this.raw.slice(this.lines.length + 1, this.lines.length + 3).find((line) => line.trim() !== '');
    if (next === undefined || this.outline.countsOf(this.raw.indexOf(next, this.lines.length + 1)).length === 0)
      return undefined;
    const [item] = this.isMarked ? readLoosePlan(trimmed) : [...planInProse(trimmed), ...readLoosePlan(trimmed)];
    if (item?.kind !== 'tag' && item?.kind !== 'ending') return undefined;
    if (item.kind === 'tag' ? item.tag.kind === 'own' : item.changed) return undefined;
    const counts = lengthSaid(trimmed);
    return { kind: item.kind, name: nameOf(item), title: '', ...(counts > 0 && { counts }) };
  }

  /** A line whose counts begin again starts the next section, whatever stands above it. */
  private nextSection({ groups }: StepLine): SectionText | undefined {
    const { section, block } = this.blocks;
    const counts = groups[0]?.counts;
    if (!section || !block || section.lines.length === 0 || !counts || !this.opens(counts)) return undefined;
    // Its stated length is that of all its sections together.
    if (block.kind !== 'part')
      for (const own of block.sections as Growing<SectionText>[]) if (!own.countsStated) own.counts = undefined;
    const next = this.blocks.addSection(block, { number: block.sections.length + 1, title: '' }, undefined);
    if (block.kind !== 'part' && !next.countsStated) (next as Growing<SectionText>).counts = undefined;
    return next;
  }

  /** A sheet without counts: the line is one of its steps. */
  private isShownSteps = (index: number): boolean => !this.isMarked && this.outline.roleOf(index) === 'steps';

  /** In a sheet without counts steps behind a blank line are another section. */
  private nextParagraph(): SectionText | undefined {
    const { lines } = this;
    const { section, block } = this.blocks;
    if (!section || !block || section.lines.length < 2 || !this.isShownSteps(lines.length)) return undefined;
    if (lines[lines.length - 1].kind !== 'blank') return undefined;
    return this.blocks.addSection(block, { number: block.sections.length + 1, title: '' }, undefined);
  }

  /** In a sheet without counts and without names the next eight begins where one is full. */
  private nextFilled(step: StepLine): SectionText | undefined {
    const { lines } = this;
    const { section, block } = this.blocks;
    if (!section || !block || section.headingLine !== undefined || !this.isShownSteps(lines.length)) return undefined;
    if (!this.blocks.progress.isFilledBefore(countsNeeded(step), section)) return undefined;
    return this.blocks.addSection(block, { number: block.sections.length + 1, title: '' }, undefined);
  }

  /** Whether counts belong to the next section: they begin again, or run on, where this one is full. */
  private opens(counts: Counts): boolean {
    const { isMarked, outline } = this;
    const { section, block } = this.blocks;
    // `8 counts: vine R, vine L` fills a section of its own.
    if (counts.floating && !isMarked && counts.ticks.length > 4) return this.blocks.progress.isFull(section);
    if (counts.floating || counts.ticks.length === 0) return false;
    if (!section || section.lines.length === 0) return counts.ticks[0] <= 0;
    if (block?.kind !== 'part') return this.blocks.progress.begins && counts.ticks[0] === 0;
    // A script in its own manner says with `##` where its sections are.
    return !(isMarked && section.headingLine !== undefined) && this.blocks.progress.goesOnIn(counts, section, outline);
  }

  /** A heading in its writer's own words: by its wording, by the counts it spans, or by standing where the counts begin again. */
  private ownHeading(index: number, trimmed: string): Heading | undefined {
    const { outline } = this;
    const { block } = this.blocks;
    if (this.isMarked || trimmed.startsWith('>') || (block && !HAS_SECTIONS.has(block.kind))) return undefined;
    const counted = outline.countsOf(index).length > 0;
    if (this.isNameByCounts(index, trimmed)) return headingByPlace(trimmed);
    const isSpan = counted && this.spansNext(index);
    const isSteps = counted && !isSpan && outline.hasSteps(index);
    const worded = wordedSection(trimmed);
    if (worded) return isSteps ? undefined : worded;
    const next = outline.nextCounted(index);
    const [following] = outline.countsOf(next);
    if (!following || next - index > FARTHEST) return undefined;
    if (this.spansAsRange(index, trimmed, following)) return headingByPlace(trimmed);
    // `(a) Counts 1-8.`: counts of the lines below it, and no steps of its own.
    if (counted) return isSpan && !outline.hasSteps(index) ? headingByPlace(trimmed) : undefined;
    return this.headingByPlace(index, next, trimmed, following);
  }

  /** `9-16 Rocks` over the lines that fill it; a name over steps without counts. */
  private isNameByCounts(index: number, trimmed: string): boolean {
    const isSpan = this.outline.countsOf(index).length > 0 && isShouted(trimmed) && this.outline.spansExactly(index);
    if (isSpan) this.hasRanges ||= rangeOf(bareHeading(trimmed)) !== undefined;
    return isSpan || this.outline.roleOf(index) === 'name';
  }

  private headingByPlace(index: number, next: number, trimmed: string, following: Counts): Heading | undefined {
    // The next number of the list that the sections are: whatever its counts begin with.
    const listed = numberInList(trimmed);
    const isNextInList = listed !== undefined && listed === this.listed + 1 && this.blocks.section !== undefined;
    if (!isNextInList && !(this.opens(following) && this.bestName(index, next) === index)) return undefined;
    this.listed = listed ?? this.listed;
    return headingByPlace(trimmed);
  }

  /** `9-16  ROCKING CHAIR, PIVOT` above lines that begin with 9 and go no further. */
  private spansAsRange(index: number, trimmed: string, following: Counts): boolean {
    const range = rangeOf(bareHeading(trimmed));
    const isApart = this.outline.nextCounted(index) === index + 1 && (this.raw[index - 1] ?? '').trim() === '';
    if (!range || !isApart || range.to - range.from < 5) return false;
    const whole = tickOfCount(range.to + 1);
    const isRange = following.ticks[0] === tickOfCount(range.from) && following.end <= whole;
    // `9-16  K STEP` above `9-16 K step R`: only in a sheet whose headings are ranges.
    if (!isRange || (following.end === whole && !this.hasRanges)) return false;
    return (this.hasRanges = true);
  }

  /** Of the lines above the counts that begin again, the one that looks most like a name; the nearest of equals. */
  private bestName(from: number, to: number): number | undefined {
    let [best, most] = [-1, LEAST_LIKENESS];
    for (let index = from; index < to; index++) {
      const line = this.raw[index];
      if (line.trim() === '' || /^\s*[>#]/.test(line)) continue;
      if (index === this.firstLine) continue;
      if (index > from && (readHeading(line.trim(), false) ?? wordedSection(line))) return undefined;
      if (readLoosePlan(line).length > 0 || (!this.blocks.block && factsSaid(line, 0).length > 0)) continue;
      const isNext = this.raw.slice(index + 1, to).every((one) => one.trim() === '');
      const likeness = headingLikeness(line, isNext, (this.raw[index - 1] ?? '').trim() === '');
      if (likeness >= most) [best, most] = [index, likeness];
    }
    return best < 0 ? undefined : best;
  }

  /** Counts of a section that does not say how many it has. */
  private customary(): number | undefined {
    const stated = this.header?.entries.some(({ key }) => key === 'section');
    if (stated || this.isMarked) return this.header?.sectionCounts;
    return (this.usual ??= customarySection(this.outline, this.raw.length) ?? this.header?.sectionCounts);
  }

  private takeHeading(heading: Heading, index: number, push: Push): void {
    if (heading.kind === 'section') {
      return push('heading', { heading, section: this.blocks.openHeaded(heading, index) });
    }
    this.blocks.addBlock({
      kind: heading.kind,
      name: heading.name,
      headingLine: index,
      counts: heading.counts,
      sections: [],
    });
    push('heading', { heading });
    if (heading.kind !== 'tag' && heading.kind !== 'ending') return;
    const line = this.lines[index];
    const words = line.text.replace(/^\s*#+\s*/, '');
    const placed = this.planSaid(words).filter(({ kind }) => kind === heading.kind);
    this.addPlan(placed, line, line.span.from + line.text.length - words.length);
  }
}

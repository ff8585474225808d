/**
 * A whole file: header, headings, sections, step lines, notes. Never throws; what can't be read stays as text with its place.
 */
import type { Span } from '../model/text';
import { readCounts } from './counts';
import { inEnglish } from './foreign';
import { readHeader, readHeaderLines, type Header, type HeaderEntry } from './header';
import { readHeading, type Heading } from './headings';
import { readStepLine, type StepLine } from './line';
import { readLoosePlan, readPlanLine, type PlanItem } from './plan';
import { readOwnFigures, type OwnFigures } from './own-figures';

/** @public */
export const LINE_KINDS = [
  'blank',
  'title',
  'header',
  'heading',
  'step',
  'note',
  'option',
  'plan',
  'figure',
  'text',
] as const;
export type LineKind = (typeof LINE_KINDS)[number];

export interface ScriptLine {
  readonly index: number;
  readonly kind: LineKind;
  readonly span: Span;
  readonly text: string;
  readonly step?: StepLine;
  readonly heading?: Heading;
  /** The section a step line or a section heading belongs to. */
  readonly section?: SectionText;
}

export interface SectionText {
  readonly number: number;
  readonly title: string;
  readonly block: BlockText;
  /** Line index of its heading; undefined for lines before any heading. */
  readonly headingLine?: number;
  /** Counts it says it has, or its dance's customary length; undefined where it is as long as its lines. */
  readonly counts?: number;
  readonly countsStated: boolean;
  /** Danced as another section of the same part. */
  readonly copy?: { readonly of: number; readonly mirrored: boolean };
  readonly lines: ScriptLine[];
}

/** @public */
export const BLOCK_KINDS = ['part', 'tag', 'option', 'ending', 'figure', 'plan'] as const;
export type BlockKind = (typeof BLOCK_KINDS)[number];

export interface BlockText {
  readonly kind: BlockKind;
  readonly name: string;
  readonly headingLine?: number;
  readonly counts?: number;
  readonly sections: SectionText[];
}

/** One thing the plan says. */
export interface PlanEntry {
  readonly line: ScriptLine;
  /** Where its text begins in the whole: the places of the item count from here. */
  readonly offset: number;
  readonly item: PlanItem;
  /** Where it stands, for "here": in this block, after this line. */
  readonly block?: BlockText;
  readonly afterLine: number;
}

export interface Script {
  readonly text: string;
  readonly title: string;
  readonly titleLine?: number;
  readonly header: Header;
  readonly lines: readonly ScriptLine[];
  /** Parts, tags and the rest in the order they stand. */
  readonly blocks: readonly BlockText[];
  /** What is said of walls, tags, restarts, orders and endings, wherever it stands. */
  readonly plan: readonly PlanEntry[];
  readonly own: OwnFigures;
}

/** Longer lines are kept as text and never read as steps: nobody calls 2,000 letters in eight counts. */
const LONGEST_LINE = 2000;

/** Without counts only a line that is understood from end to end is a step; anything else is words about the dance. */
function isWhole({ groups }: StepLine): boolean {
  if (groups.some(({ repeat }) => repeat)) return true;
  const calls = groups.flatMap((group) => group.calls);
  return calls.length > 0 && calls.every((call) => call.figure && call.unread.length === 0);
}

type Growing<T> = { -readonly [K in keyof T]: T[K] };

const isCounted = (text: string): boolean => readCounts(text.replace(/^\s*(?:[-*•·–—]\s+)?/, '')) !== undefined;

/** `personal`: the writer's own figures from elsewhere, as `## Figure` lines; those of the script itself go first. */
export function readScript(text: string, personal = ''): Script {
  return new ScriptReader(text, readOwnFigures(text, personal)).read();
}

class ScriptReader {
  private readonly lines: ScriptLine[] = [];
  private readonly entries: HeaderEntry[] = [];
  private readonly blocks: BlockText[] = [];
  private readonly plan: PlanEntry[] = [];
  private readonly raw: readonly string[];
  private header: Header | undefined;
  private title = '';
  private titleLine: number | undefined;
  private block: BlockText | undefined;
  private section: SectionText | undefined;

  constructor(
    private readonly text: string,
    private readonly own: OwnFigures,
  ) {
    this.raw = text.split('\n');
  }

  read(): Script {
    let offset = 0;
    for (const raw of this.raw) {
      const text = raw.endsWith('\r') ? raw.slice(0, -1) : raw;
      this.readLine(text, { from: offset, to: offset + text.length });
      offset += raw.length + 1;
    }
    const { title, titleLine, lines, blocks } = this;
    return {
      text: this.text,
      title,
      titleLine,
      header: this.header ?? readHeader(this.entries),
      lines,
      blocks,
      plan: this.plan,
      own: this.own,
    };
  }

  private readLine(text: string, span: Span): void {
    const index = this.lines.length;
    const push = (kind: LineKind, more: Partial<ScriptLine> = {}) => {
      this.lines.push({ index, kind, span, text, ...more });
    };
    const trimmed = text.trim();
    if (trimmed === '') return push('blank');
    if (trimmed.length > LONGEST_LINE) return push('text');
    if (/^#(?!#)/.test(trimmed) && this.titleLine === undefined)
      return this.takeTitle(trimmed.replace(/^#\s*/, ''), push);
    const heading = this.placedHeading(trimmed) ?? readHeading(trimmed, this.section !== undefined);
    if (heading) return this.takeHeading(heading, index, push);
    if (trimmed.startsWith('>')) return push('note');
    if (/^option\b.*:/i.test(trimmed) && /^\s/.test(text)) return push('option');
    if (this.block?.kind === 'figure') return push('figure');
    if (this.takePlan(text, span, push)) return;
    if (!this.block && this.takeHeaderLine(text, span, push)) return;
    if (this.takeStep(text, push)) return;
    if (!this.block && this.titleLine === undefined) return this.takeTitle(trimmed, push);
    push('text', this.section ? { section: this.section } : {});
  }

  private takeTitle(title: string, push: (kind: LineKind) => void): void {
    this.title = title;
    this.titleLine = this.lines.length;
    push('title');
  }

  private takeHeaderLine(text: string, span: Span, push: (kind: LineKind) => void): boolean {
    const entries = /^\s*\d/.test(text) ? [] : readHeaderLines(text, span.from);
    if (entries.length === 0) return false;
    this.entries.push(...entries);
    push('header');
    return true;
  }

  private takeStep(text: string, push: (kind: LineKind, more: Partial<ScriptLine>) => void): boolean {
    // Outside every block a line has to open with counts to be a step.
    if (!this.block && !isCounted(text)) return false;
    const step = readStepLine(text, this.own.vocabulary);
    const counted = step.groups[0]?.counts !== undefined;
    if (!counted && !isWhole(step)) return false;
    const section = this.nextSection(step) ?? this.openSection();
    push('step', { step, section });
    const line = this.lines[this.lines.length - 1];
    section.lines.push(line);
    for (const note of step.marks.notes) {
      // `[restart here on wall 3]`: after this line.
      if (!/restart|tag|bridge/i.test(note.text)) continue;
      const from = line.span.from + text.indexOf(note.text, note.span.from);
      this.addPlan(
        readLoosePlan(note.text).filter((item) => item.kind === 'restart' || item.kind === 'tag'),
        line,
        from,
      );
    }
    return true;
  }

  private addPlan(items: readonly PlanItem[], line: ScriptLine, offset: number): void {
    for (const item of items) this.plan.push({ line, offset, item, block: this.block, afterLine: line.index });
  }

  /** Under `## Plan` every line; elsewhere what can be nothing else. The title of a pasted sheet comes first. */
  private takePlan(text: string, span: Span, push: (kind: LineKind, more?: Partial<ScriptLine>) => void): boolean {
    const strict = this.block?.kind === 'plan';
    if (!strict && (this.lines.every(({ kind }) => kind === 'blank') || isCounted(text))) return false;
    const items = strict ? readPlanLine(text) : readLoosePlan(text);
    if (items.length === 0 && !strict) return false;
    push('plan', this.section ? { section: this.section } : {});
    this.addPlan(items, this.lines[this.lines.length - 1], span.from);
    return true;
  }

  /** `Tag: end of walls 1 & 4` over step lines is the heading of the tag, not only its place. */
  private placedHeading(trimmed: string): Heading | undefined {
    const words = inEnglish(trimmed)?.text ?? trimmed;
    if (!/^(?:tag|bridge|ending|finish)\b/i.test(words) || this.block?.kind === 'plan') return undefined;
    const next = this.raw.slice(this.lines.length + 1, this.lines.length + 3).find((line) => line.trim() !== '');
    if (next === undefined || !isCounted(next)) return undefined;
    const [item] = readLoosePlan(trimmed);
    if (item?.kind !== 'tag' && item?.kind !== 'ending') return undefined;
    if (item.kind === 'tag' ? item.tag.kind === 'own' : item.changed) return undefined;
    const name = item.kind === 'tag' && item.tag.kind === 'named' ? item.tag.text : '';
    const counts = Number(
      /\b(\d{1,2})[\s-]*counts?\s*\)?(?:\s+tag)?/i.exec(words.replace(/\bafter\s+\d+\s*counts?/i, ''))?.[1],
    );
    return { kind: item.kind, name, title: '', ...(counts > 0 && { counts }) };
  }

  /** Tags, options and endings may have sections: a line whose counts begin again at 1 starts the next one. */
  private nextSection({ groups }: StepLine): SectionText | undefined {
    const { section, block } = this;
    if (!section || !block || block.kind === 'part' || section.lines.length === 0) return undefined;
    const counted = section.lines.some(({ step }) => (step?.groups[0]?.counts?.ticks.length ?? 0) > 0);
    if (!counted || groups[0]?.counts?.floating || groups[0]?.counts?.ticks[0] !== 0) return undefined;
    // Its stated length is that of all its sections together.
    for (const own of block.sections as Growing<SectionText>[]) if (!own.countsStated) own.counts = undefined;
    const next = this.addSection(block, { number: block.sections.length + 1, title: '' }, undefined);
    if (!next.countsStated) (next as Growing<SectionText>).counts = undefined;
    return next;
  }

  private openSection(): SectionText {
    if (this.section) return this.section;
    const block = this.openBlock();
    return this.addSection(block, { number: block.sections.length + 1, title: '' }, undefined);
  }

  private openBlock(): BlockText {
    if (this.block) return this.block;
    this.header ??= readHeader(this.entries);
    return this.addBlock({ kind: 'part', name: '', sections: [] });
  }

  private addBlock(block: BlockText): BlockText {
    this.header ??= readHeader(this.entries);
    this.blocks.push(block);
    this.block = block;
    this.section = undefined;
    return block;
  }

  private addSection(
    block: BlockText,
    facts: { number: number; title: string; counts?: number; copy?: SectionText['copy'] },
    headingLine: number | undefined,
  ): SectionText {
    const customary = block.kind === 'part' ? this.header?.sectionCounts : block.counts;
    const section: SectionText = {
      number: facts.number,
      title: facts.title,
      block,
      headingLine,
      counts: facts.counts ?? customary,
      countsStated: facts.counts !== undefined,
      copy: facts.copy,
      lines: [],
    };
    block.sections.push(section);
    this.section = section;
    return section;
  }

  private takeHeading(
    heading: Heading,
    index: number,
    push: (kind: LineKind, more: Partial<ScriptLine>) => void,
  ): void {
    if (heading.kind === 'section') {
      const block =
        this.block && (this.block.kind === 'part' || this.block.kind === 'tag') ? this.block : this.startPart('');
      const section = this.addSection(
        block,
        { ...heading, number: heading.number ?? block.sections.length + 1 },
        index,
      );
      return push('heading', { heading, section });
    }
    this.addBlock({
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
    const placed = readLoosePlan(words).filter(({ kind }) => kind === heading.kind);
    this.addPlan(placed, line, line.span.from + line.text.length - words.length);
  }

  private startPart(name: string): BlockText {
    const existing = this.blocks.find((block) => block.kind === 'part' && block.name === name);
    return existing ? (this.block = existing) : this.addBlock({ kind: 'part', name, sections: [] });
  }
}

/** The line of a text that an offset stands in, from 0. */
export function lineAtOffset({ lines }: Script, offset: number): number {
  let [low, high] = [0, lines.length - 1];
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (lines[middle].span.from <= offset) low = middle;
    else high = middle - 1;
  }
  return Math.max(low, 0);
}

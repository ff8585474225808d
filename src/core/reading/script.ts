/** A whole file as it was read: header, headings, sections, step lines, notes, each line with its place. */
import type { Span } from '../model/text';
import type { Header } from './header';
import type { Heading } from '../grammar/heading';
import type { StepLine } from './line';
import type { PlanItem } from '../grammar/plan';
import type { OwnFigures } from './own-figures';

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
  'song',
  'lesson',
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
export const BLOCK_KINDS = ['part', 'tag', 'option', 'ending', 'figure', 'plan', 'song', 'lesson'] as const;
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

/** A script in its own manner says with `##` where its sections are; any other is a sheet as people write it. */
export const isMarked = (text: string): boolean => /^[^\S\n]*##/m.test(text);

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

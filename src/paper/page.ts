/**
 * What stands on a page, in points (72 to the inch), from the top left. The screen, the printer and the PDF draw the same items, so
 * they can't disagree.
 */
import type { Language } from '../core';

export type Face = 'regular' | 'bold' | 'italic';
/** Colours by what they are for; paper has one set of them. */
export type Tint = 'ink' | 'quiet' | 'line' | 'rule' | 'left' | 'right' | 'care' | 'white';

export const TINTS: Readonly<Record<Tint, string>> = {
  ink: '#1c272d',
  quiet: '#56605c',
  line: '#d5d0c3',
  rule: '#24323a',
  left: '#0a6668',
  right: '#9c5208',
  care: '#7a3b69',
  white: '#ffffff',
};

export type Item =
  /** `y` is the baseline. */
  | {
      readonly kind: 'text';
      readonly x: number;
      readonly y: number;
      readonly text: string;
      readonly size: number;
      readonly face: Face;
      readonly tint: Tint;
    }
  | {
      readonly kind: 'path';
      readonly x: number;
      readonly y: number;
      /** SVG path data in points from x, y. */
      readonly d: string;
      readonly fill?: Tint;
      readonly stroke?: Tint;
      readonly width?: number;
    };

/** What a block is to a reader who can't see it. */
export type BlockTag = 'H1' | 'H2' | 'P' | 'Artifact';

export interface Block {
  readonly tag: BlockTag;
  readonly items: readonly Item[];
}

export interface Page {
  readonly blocks: readonly Block[];
}

export interface Paper {
  readonly id: string;
  readonly name: string;
  /** Points. */
  readonly width: number;
  readonly height: number;
}

const MILLIMETRE = 72 / 25.4;

/** A4 by ISO 216 (210 by 297 mm); Letter by ANSI/ASME Y14.1 (8.5 by 11 inches). */
export const PAPERS: readonly Paper[] = [
  { id: 'a4', name: 'A4', width: 210 * MILLIMETRE, height: 297 * MILLIMETRE },
  { id: 'letter', name: 'Letter', width: 8.5 * 72, height: 11 * 72 },
];

export const FORMS = ['full', 'cue-card', 'floor', 'counts', 'teaching', 'summary'] as const;
export type Form = (typeof FORMS)[number];

export const TYPE_SIZES = [9, 10, 11, 12.5, 14] as const;

/** How a sheet is to look on paper. */
export interface PaperChoice {
  readonly form: Form;
  readonly paper: string;
  readonly columns: 1 | 2;
  /** Points. */
  readonly size: number;
  readonly feet: boolean;
  readonly rooms: boolean;
  readonly rails: boolean;
  readonly options: boolean;
  readonly notes: boolean;
  readonly floor: boolean;
}

export const PLAIN_PAPER: PaperChoice = {
  form: 'full',
  paper: 'a4',
  columns: 1,
  size: 10,
  feet: true,
  rooms: true,
  rails: true,
  options: true,
  notes: true,
  floor: false,
};

export interface PrintedSheet {
  readonly title: string;
  readonly language: Language;
  readonly paper: Paper;
  readonly pages: readonly Page[];
  /** Letters that the typeface does not have; they are left out on paper. */
  readonly missing: readonly string[];
}

/** Unknown papers are A4. */
export const paperOf = (id: string): Paper => PAPERS.find((paper) => paper.id === id) ?? PAPERS[0];

import type { Edit, Span } from './text';

export const SEVERITIES = ['error', 'warning', 'remark'] as const;
export type Severity = (typeof SEVERITIES)[number];

/** @public */
export const FINDING_GROUPS = [
  'counts',
  'weight',
  'facing',
  'plan',
  'options',
  'names',
  'floor',
  'music',
  'care',
  'cues',
] as const;
export type FindingGroup = (typeof FINDING_GROUPS)[number];

/** A change to the text that is offered under a finding. */
export interface Proposal {
  /** What the key says, in dancers' words: `Coaster L`. */
  readonly label: string;
  readonly edits: readonly Edit[];
}

/** What the script tells its writer about one place. */
export interface Finding {
  readonly code: string;
  readonly group: FindingGroup;
  /** error: cannot be danced as written; warning: very likely a slip; remark: worth knowing. */
  readonly severity: Severity;
  readonly span: Span;
  /** The wall it is about, where it is about one. */
  readonly wall?: number;
  /** One sentence in dancers' words, with the numbers in it. */
  readonly message: string;
  /** The sentence says which section it is about. */
  readonly namesPlace?: true;
  /** It judges the whole of a section or of the dance, and is not told while that is being written. */
  readonly waitsFor?: 'section' | 'dance';
  /** Another place that explains this one. */
  readonly related?: { readonly span: Span; readonly message: string };
  /** Keeps the meaning and is safe to apply. */
  readonly fix?: Proposal;
  /** Guesses for a person to choose from. */
  readonly suggestions?: readonly Proposal[];
}

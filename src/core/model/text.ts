/** A stretch of the dance's text as offsets: `from` is inside, `to` is not. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

export const shiftSpan = (span: Span, by: number): Span => ({ from: span.from + by, to: span.to + by });
export const joinSpans = (a: Span, b: Span): Span => ({
  from: Math.min(a.from, b.from),
  to: Math.max(a.to, b.to),
});

/** Replaces a stretch of text. Several edits of one fix are given in order and never overlap. */
export interface Edit extends Span {
  readonly insert: string;
}

/** Applies edits whose places all refer to the text before any of them. */
export function applyEdits(text: string, edits: readonly Edit[]): string {
  return [...edits]
    .sort((a, b) => b.from - a.from)
    .reduce((result, edit) => result.slice(0, edit.from) + edit.insert + result.slice(edit.to), text);
}

/** Line and column of an offset, both from 1. */
export function positionOf(text: string, offset: number): { line: number; column: number } {
  const before = text.slice(0, offset);
  const lastBreak = before.lastIndexOf('\n');
  return { line: before.split('\n').length, column: offset - lastBreak };
}

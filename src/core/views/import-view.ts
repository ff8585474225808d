/** A sheet that comes in, line by line: what each line was taken for, what was worked out of it, and what is left to settle. */
import { isAlarm } from '../checking/check';
import type { Dance } from '../dancing/dance';
import type { Finding } from '../model/findings';
import type { Span } from '../model/text';
import type { LineKind } from '../reading/script';
import { FIGURE_ENTRIES } from './figures';
import type { LineView, ScriptView } from './script-view';
import { least } from '../model/numbers';

export interface ImportLine {
  readonly text: string;
  readonly kind: LineKind;
  /** Where it is danced. */
  readonly view?: LineView;
  /** What is wrong or was not understood, worst first. */
  readonly problems: readonly string[];
  /** Words nobody knows, by their place in the line, with figures that may be meant. */
  readonly unread: readonly { readonly span: Span; readonly words: string; readonly figures: readonly string[] }[];
  /** Nothing of it was understood, or something in it is wrong. */
  readonly isOpen: boolean;
}

export interface ImportView {
  readonly lines: readonly ImportLine[];
  readonly danced: number;
  /** Lines kept as words: notes and text. */
  readonly kept: number;
  /** Lines to settle. */
  readonly open: number;
}

const TAKEN = 3;

export function viewImport(dance: Dance, view: ScriptView, findings: readonly Finding[]): ImportView {
  const byLine = new Map<number, Finding[]>();
  const { lines } = dance.script;
  let at = 0;
  for (const finding of [...findings].sort((a, b) => a.span.from - b.span.from)) {
    while (at + 1 < lines.length && lines[at + 1].span.from <= finding.span.from) at += 1;
    byLine.set(at, [...(byLine.get(at) ?? []), finding]);
  }
  const viewed = lines.map((line): ImportLine => {
    const own = byLine.get(line.index) ?? [];
    const slips = own.filter(isAlarm);
    const asides = view.lines[line.index]?.asides ?? [];
    const calls = line.step?.groups.flatMap((group) => group.calls) ?? [];
    const unread = calls.filter(({ span }) => !asides.includes(span)).flatMap((call) => call.unread);
    return {
      text: line.text,
      kind: line.kind,
      ...(view.lines[line.index] && { view: view.lines[line.index] }),
      problems: [...slips, ...own.filter((finding) => !isAlarm(finding))].map(({ message }) => message),
      unread: unread.map((span) => {
        const words = line.text.slice(span.from, span.to);
        return { span, words, figures: figuresLike(words) };
      }),
      isOpen: slips.length > 0,
    };
  });
  return {
    lines: viewed,
    danced: viewed.filter((line) => line.view).length,
    kept: viewed.filter(({ kind }) => kind === 'text' || kind === 'note').length,
    open: viewed.filter(({ isOpen }) => isOpen).length,
  };
}

const MOST_REMEMBERED = 500;
const remembered = new Map<string, readonly string[]>();

/** Figures one of whose names has a word that is nearly one of these. Remembered by the words: a sheet says them again and again. */
function figuresLike(words: string): readonly string[] {
  const known = remembered.get(words);
  if (known) return known;
  if (remembered.size >= MOST_REMEMBERED) remembered.clear();
  const found = words.length > LONGEST_WORDS ? [] : findLike(words);
  remembered.set(words, found);
  return found;
}

/** Longer stretches are remarks, no names. */
const LONGEST_WORDS = 60;

function findLike(words: string): string[] {
  const parts = words.toLowerCase().match(/\p{L}{3,}/gu) ?? [];
  const near = (name: string): number =>
    least(
      name
        .toLowerCase()
        .split(/[\s-]+/)
        .flatMap((word) => parts.map((part) => editsBetween(part, word) / Math.max(part.length, word.length))),
    );
  return FIGURE_ENTRIES.map(({ names }) => ({ name: names.en[0], far: least(names.en.map(near)) }))
    .filter(({ far }) => far <= FARTHEST)
    .sort((a, b) => a.far - b.far || a.name.length - b.name.length)
    .slice(0, TAKEN)
    .map(({ name }) => name);
}

/** A third of the letters may be wrong. */
const FARTHEST = 0.34;

/** Letters put in, left out or exchanged to come from one word to the other (Levenshtein). */
function editsBetween(a: string, b: string): number {
  let row = Array.from({ length: b.length + 1 }, (_, index) => index);
  for (let i = 1; i <= a.length; i++) {
    const next = [i];
    for (let j = 1; j <= b.length; j++)
      next[j] = Math.min(row[j] + 1, next[j - 1] + 1, row[j - 1] + (a[i - 1] === b[j - 1] ? 0 : 1));
    row = next;
  }
  return row[b.length];
}

/** How alike other texts are to this one: the share of lines that both have, from 0 to 1. */
export function likenessTo(text: string): (other: string) => number {
  const own = linesOf(text);
  return (other) => {
    const others = linesOf(other);
    if (own.size === 0 || others.size === 0) return 0;
    const both = [...others].filter((line) => own.has(line)).length;
    return both / Math.max(own.size, others.size);
  };
}

const linesOf = (text: string): Set<string> =>
  new Set(
    text
      .split('\n')
      .map((line) =>
        line
          .replace(/[^\p{L}\p{N}&]+/gu, ' ')
          .trim()
          .toLowerCase(),
      )
      .filter((line) => line.length > 2),
  );

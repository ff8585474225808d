/** The facts at the head of a dance: `key: value` lines before the first heading. */
import type { Weight } from '../model/feet';
import type { Span } from '../model/text';
import { FOOT_WORDS, SIDE_WORDS, plainLetters } from '../vocabulary/words';

export const KNOWN_KEYS = [
  'music',
  'tempo',
  'intro',
  'start',
  'level',
  'walls',
  'counts',
  'author',
  'date',
  'section',
  'style',
  'notes',
] as const;
export type KnownKey = (typeof KNOWN_KEYS)[number];

export interface HeaderEntry {
  readonly key: string;
  readonly value: string;
  readonly span: Span;
  readonly valueSpan: Span;
}

export interface Header {
  readonly entries: readonly HeaderEntry[];
  /** Where the weight is before the first step; the customary L when nothing is said. */
  readonly startWeight: Weight;
  readonly startStated: boolean;
  /** Counts a section has unless its heading says otherwise. */
  readonly sectionCounts: number;
  /** Claims, to be checked. */
  readonly walls?: { readonly value: number; readonly span: Span };
  readonly counts?: { readonly value: number; readonly span: Span };
}

const HEADER_LINE = /^\s*([\p{L}][\p{L} -]{0,24}?)\s*:\s*(.*?)\s*$/u;

export function readHeaderLine(text: string, offset: number): HeaderEntry | undefined {
  if (text.length > 400) return undefined;
  const match = HEADER_LINE.exec(text);
  if (!match) return undefined;
  const start = text.indexOf(match[2], text.indexOf(':') + 1);
  return {
    key: match[1].toLowerCase(),
    value: match[2],
    span: { from: offset, to: offset + text.length },
    valueSpan: { from: offset + start, to: offset + start + match[2].length },
  };
}

export function readHeader(entries: readonly HeaderEntry[]): Header {
  const find = (key: KnownKey) => entries.find((entry) => entry.key === key);
  const start = find('start') ?? entries.find((entry) => entry.key === 'weight');
  const stated = start && readStartWeight(start.value);
  const section = Number(/\d+/.exec(find('section')?.value ?? '')?.[0]);
  const walls = readNumberFact(find('walls') ?? entries.find((entry) => entry.key === 'wall'));
  const counts = readNumberFact(find('counts') ?? entries.find((entry) => entry.key === 'count'));
  return {
    entries,
    startWeight: stated ?? 'L',
    startStated: stated !== undefined,
    sectionCounts: section >= 1 && section <= 64 ? section : 8,
    ...(walls && { walls }),
    ...(counts && { counts }),
  };
}

const NUMBER_NAMES: Readonly<Record<string, number>> = { one: 1, two: 2, four: 4, eight: 8 };

function readNumberFact(entry: HeaderEntry | undefined): { value: number; span: Span } | undefined {
  if (!entry) return undefined;
  const digits = /\d{1,4}/.exec(entry.value)?.[0];
  const value = digits ? Number(digits) : NUMBER_NAMES[/[a-z]+/.exec(entry.value.toLowerCase())?.[0] ?? ''];
  return value === undefined ? undefined : { value, span: entry.span };
}

/** `weight L`, `weight on left`, `lead right`, `R free`, `right foot lead`. */
function readStartWeight(value: string): Weight | undefined {
  const words = value.split(/[\s,()]+/).map(plainLetters);
  if (words.includes('both')) return 'both';
  const feet = words.map((word) =>
    Object.hasOwn(SIDE_WORDS, word) ? SIDE_WORDS[word] : Object.hasOwn(FOOT_WORDS, word) ? FOOT_WORDS[word] : undefined,
  );
  const weightAt = words.findIndex((word) => /^(weight|wt|gewicht|poids)$/.test(word));
  const named = weightAt >= 0 ? feet.slice(weightAt).find(Boolean) : undefined;
  if (named) return named;
  const lead = feet.find(Boolean);
  if (!lead) return undefined;
  return lead === 'R' ? 'L' : 'R';
}

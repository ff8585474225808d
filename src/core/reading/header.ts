/** The facts at the head of a dance: `key: value` lines before the first heading. */
import type { Weight } from '../model/feet';
import type { Span } from '../model/text';
import { plainLetters } from '../lexicon/letters';
import { saysWeight } from '../lexicon/asides';
import { numberOf, wordsApart } from '../lexicon/numbers';
import { FACT_NAMES, factNamed, unitOf, type FactUnit } from '../lexicon/page';
import { sideNamed } from '../vocabulary/words';

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
  'hall',
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

function readHeaderLine(text: string, offset: number): HeaderEntry | undefined {
  if (text.length > 400) return undefined;
  const match = HEADER_LINE.exec(text);
  if (!match) return undefined;
  const start = text.indexOf(match[2], text.indexOf(':') + 1);
  return {
    key: knownKey(match[1]),
    value: match[2],
    span: { from: offset, to: offset + text.length },
    valueSpan: { from: offset + start, to: offset + start + match[2].length },
  };
}

/** Keys that follow others in one line. */
const SEVERAL = new RegExp(`(?<=:.*)(?<!\\b(?:de|du|of|zu|zum|the|van))\\s+(?=(?:${FACT_NAMES.join('|')})\\s*:)`, 'iu');
/** What parts a fact from the next one. */
const PARTING = /[\s,;|/·•–—-]+$/;

/** `Count: 32 Wall: 4 Level: Improver`: several facts in one line, each with its own place. */
export function readHeaderLines(text: string, offset: number): HeaderEntry[] {
  const entries: HeaderEntry[] = [];
  let at = 0;
  for (const stretch of text.length > 400 ? [text] : text.split(SEVERAL)) {
    at = text.indexOf(stretch, at);
    const own = at + stretch.length < text.length ? stretch.replace(PARTING, '') : stretch;
    const entry = readHeaderLine(own, offset + at);
    if (entry) entries.push(entry);
    at += stretch.length;
  }
  return entries;
}

/** `Musik` and `musique` are `music`. */
const knownKey = (written: string): string => factNamed(written.toLowerCase()) ?? written.toLowerCase();

export function readHeader(entries: readonly HeaderEntry[]): Header {
  const find = (key: KnownKey) => entries.find((entry) => entry.key === key);
  const weight = entries.find(({ key }) => key.split(/[\s-]+/).some(saysWeight));
  const start = weight ?? find('start');
  const stated = start && readStartWeight(weight ? `${WEIGHT} ${weight.value}` : start.value);
  const section = Number(/\d+/.exec(find('section')?.value ?? '')?.[0]);
  const walls = readNumberFact(find('walls') ?? entries.find((entry) => entry.key === 'wall'), 'walls');
  const counts = readNumberFact(find('counts') ?? entries.find((entry) => entry.key === 'count'), 'counts');
  return {
    entries,
    startWeight: stated ?? 'L',
    startStated: stated !== undefined,
    sectionCounts: section >= 1 && section <= 64 ? section : 8,
    ...(walls && { walls }),
    ...(counts && { counts }),
  };
}

const WEIGHT = 'weight';

/** The number beside its unit, `a four-wall dance of 32 counts`; else the first there is. */
function readNumberFact(entry: HeaderEntry | undefined, unit: FactUnit): { value: number; span: Span } | undefined {
  if (!entry) return undefined;
  // `4 x 8 counts`
  const product = /(?<!\d)(\d{1,2})\s?[x×*]\s?(\d{1,2})(?!\d)/i.exec(entry.value);
  if (product && unit === 'counts') return { value: Number(product[1]) * Number(product[2]), span: entry.span };
  const words = wordsApart(entry.value);
  const parts = words.map((word) => (/^\d{4}$/.test(word) ? Number(word) : numberOf(word)));
  // `thirty two counts`
  const numbers = parts.map((part, index) => {
    const [tens = 0, one = 0] = [parts[index - 1], part];
    return tens >= 20 && tens % 10 === 0 && one < 10 && part !== undefined ? tens + part : part;
  });
  const value =
    numbers.find((number, index) => number !== undefined && unitOf(words[index + 1] ?? '') === unit) ??
    numbers.find((number) => number !== undefined);
  return value === undefined ? undefined : { value, span: entry.span };
}

/** `weight L`, `weight on left`, `lead right`, `R free`, `right foot lead`. */
function readStartWeight(value: string): Weight | undefined {
  const words = (value.match(/[\p{L}\p{N}]+/gu) ?? []).map(plainLetters);
  if (words.some((word) => /^(?:both|beiden?|deux)$/.test(word))) return 'both';
  const feet = words.map(sideNamed);
  const weightAt = words.findIndex(saysWeight);
  // `left foot has the weight` names it before.
  const named =
    weightAt >= 0 ? (feet.slice(weightAt).find(Boolean) ?? feet.slice(0, weightAt).findLast(Boolean)) : undefined;
  if (named) return named;
  const lead = feet.find(Boolean);
  if (!lead) return undefined;
  return lead === 'R' ? 'L' : 'R';
}

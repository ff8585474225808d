/**
 * What calls back other lines: `repeat 1-4 on the other foot`, `the same going left`, `comme la section 1 en miroir`. Not a sentence
 * but a bag of words is read: that something comes again, what it is, how often, and on which foot, in any order and any language.
 */
import { againWord, MAY_CALL_BACK, oftenOf, type AgainWord } from '../lexicon/again';
import { numberOf, ordinalOf } from '../lexicon/numbers';
import { namesSection, unitOf } from '../lexicon/page';
import type { Foot } from '../model/feet';
import type { Span } from '../model/text';
import { sideNamed } from '../vocabulary/words';
import { wordsIn, type Word } from './words';

export interface Repeat {
  readonly span: Span;
  /** Another section of the same part; undefined for counts of this one. */
  readonly section?: number;
  /** Whole counts, first and last; undefined for all of the section, or for all that stands above in this one. */
  readonly counts?: { readonly from: number; readonly to: number; readonly and: boolean };
  /** The last so many counts, of the dance or of what stands above. */
  readonly last?: number;
  /** How often. */
  readonly times: number;
  readonly mirrored: boolean;
  /** "leading L": mirrored when the lines repeated lead with the other foot. */
  readonly lead?: Foot;
}

interface Item extends Word {
  readonly kind: AgainWord | undefined;
  readonly number: number | undefined;
}

/** So far a stretch that calls back others says so, and so long it is. */
const LONGEST = 160;
const FURTHEST_OPENING = 6;
const MOST_TIMES = 9;

/** `text` from `start`, marks blanked out. Undefined when the words repeat nothing. */
export function readRepeat(text: string, start: number): Repeat | undefined {
  if (text.length - start > LONGEST || !MAY_CALL_BACK.test(start === 0 ? text : text.slice(start))) return undefined;
  const items = wordsIn(text, start).map(itemOf);
  if (!items.some(({ kind }) => kind !== undefined && kind in OPENINGS)) return undefined;
  const opening = openingOf(items);
  if (opening < 0) return undefined;
  const rest = items.slice(opening);
  const said = referenceIn(rest);
  if (said === undefined || !isOnlyThat(rest, said) || saysDance(rest, said)) return undefined;
  const lead = leadIn(rest);
  return {
    span: { from: items[0].from, to: start + text.slice(start).trimEnd().length },
    ...said.of,
    times: timesIn(rest),
    mirrored: rest.some(({ kind }) => kind === 'mirrored'),
    ...(lead && { lead }),
  };
}

const itemOf = (word: Word): Item => ({ ...word, kind: againWord(word.text), number: numberOf(word.text) });

/** Where the words begin that say it; -1 where they begin with anything else. */
function openingOf(items: readonly Item[]): number {
  let at = 0;
  while (at < FURTHEST_OPENING && (items[at]?.kind === 'joint' || items[at]?.kind === 'filler')) at += 1;
  const kind = items[at]?.kind;
  return kind !== undefined && OPENINGS[kind]?.(items.slice(at + 1), items.slice(at)) ? at : -1;
}

/** What opens such words, each with what has to stand behind it. */
const OPENINGS: Partial<Record<AgainWord, (rest: readonly Item[], all: readonly Item[]) => boolean>> = {
  // `same foot forward` is a step's.
  repeat: ([next]) => next?.kind !== 'foot',
  do: (rest) => openingOf(rest) >= 0 || isReference(rest, 0),
  // `do that again`; `all that to the left`.
  that: (rest) => {
    const ahead = rest.slice(0, 3).map(({ kind }) => kind);
    return (
      ahead.includes('again') || (ahead.includes('that') && (ahead.includes('lead') || ahead.includes('mirrored')))
    );
  },
  like: (rest) => isReference(rest, 0) || rest[0]?.text === 'above',
  again: (rest, all) =>
    all.every(saysAgain) || rest.slice(0, 2).some(({ kind }) => kind === 'repeat' || kind === 'that'),
};

const saysAgain = ({ kind, number }: Item): boolean =>
  kind === 'again' || kind === 'times' || kind === 'filler' || number === 1;

/** `section 1`, `the first 16`, `counts 1-4`, `1-4`, with small words before them. */
function isReference(items: readonly Item[], from: number): boolean {
  let at = from;
  while (items[at]?.kind === 'filler' || items[at]?.kind === 'that') at += 1;
  const [item, next] = [items[at], items[at + 1]];
  if (!item) return false;
  if (item.kind === 'first' || item.kind === 'last') return next?.number !== undefined;
  if (namesSection(item.text) || unitOf(item.text) === 'counts') return next?.number !== undefined;
  return item.number !== undefined && isRange(items, at);
}

const isTo = ({ text }: Word): boolean => /^(?:-|–|to|bis|à|tot)$/.test(text);

const isRange = (items: readonly Item[], at: number): boolean => {
  const dash = items[at + 1]?.text === '&' ? at + 2 : at + 1;
  return items[dash] !== undefined && isTo(items[dash]) && items[dash + 1]?.number !== undefined;
};

interface Reference {
  readonly of: Pick<Repeat, 'section' | 'counts' | 'last'>;
  /** Something is named that comes again. */
  readonly isNamed: boolean;
}

/** What comes again; undefined where what is named can't be. */
function referenceIn(items: readonly Item[]): Reference | undefined {
  const section = sectionIn(items);
  const last = lastIn(items);
  if (last !== undefined) return { of: { ...(section !== undefined && { section }), last }, isNamed: true };
  const counts = countsIn(items);
  if (counts === 'none') return undefined;
  return {
    of: { ...(section !== undefined && { section }), ...(counts && { counts }) },
    isNamed: section !== undefined || counts !== undefined,
  };
}

/** `section 2`, `the first section`. */
function sectionIn(items: readonly Item[]): number | undefined {
  const at = items.findIndex(({ text, number }) => namesSection(text) && number === undefined);
  if (at < 0) return undefined;
  return items[at + 1]?.number ?? ordinalOf(items[at - 1]?.text ?? '');
}

/** `the last 4`, `these four counts`, `the same eight counts`. */
function lastIn(items: readonly Item[]): number | undefined {
  const at = items.findIndex(({ kind }) => kind === 'last');
  // `the last 4`, `les 4 derniers temps`.
  if (at >= 0) return items[at + 1]?.number ?? items[at - 1]?.number;
  const many = items.findIndex(
    ({ number }, index) => number !== undefined && unitOf(items[index + 1]?.text ?? '') === 'counts',
  );
  const before = items[many - 1];
  const isFirst = items.some(({ kind }) => kind === 'first');
  return many > 0 && !isFirst && before !== undefined && !isTo(before) && before.kind !== 'do'
    ? items[many].number
    : undefined;
}

/** `1-4`, `counts 5 to 8&`, `the first 16`; 'none' where the counts run backwards. */
function countsIn(items: readonly Item[]): Repeat['counts'] | 'none' {
  const first = items.findIndex(({ kind }) => kind === 'first');
  // `the first 4`, `les 4 premiers temps`.
  const to = items[first + 1]?.number ?? items[first - 1]?.number;
  if (first >= 0 && to !== undefined)
    return { from: 1, to, and: items[first + 2]?.text === '&' || saysHalf(items, first + 2) };
  const at = items.findIndex(({ number }, index) => number !== undefined && isRange(items, index));
  if (at < 0) return undefined;
  const end = items[at + 1].text === '&' ? at + 3 : at + 2;
  const [from, until] = [items[at].number as number, items[end].number as number];
  if (from < 1 || until < from) return 'none';
  return { from, to: until, and: items[end + 1]?.text === '&' };
}

/** `4 1/2`, `four and a half`. */
const saysHalf = (items: readonly Item[], at: number): boolean =>
  items[at + 1]?.text === '/' || items.slice(at, at + 3).some(({ kind }) => kind === 'half');

/** `repeat vine R` names a figure: words that say nothing of a repeat stand only beside what is named, or in a clause of their own. */
function isOnlyThat(items: readonly Item[], { isNamed }: Reference): boolean {
  if (isNamed) return true;
  // Up to where it says how: `same shuffle to the left` is a shuffle.
  const end = items.findIndex(
    ({ opensClause, kind }, index) => index > 0 && (opensClause || kind === 'mirrored' || kind === 'lead'),
  );
  return items.slice(0, end < 0 ? undefined : end).every(isKnown);
}

const isKnown = ({ kind, number, text }: Item): boolean =>
  kind !== undefined ||
  number !== undefined ||
  oftenOf(text) !== undefined ||
  /^(?:x|[&/–-])$/.test(text) ||
  unitOf(text) === 'counts';

/** "Repeat the dance", "repeat on the next wall": it begins again, and no line is called back. */
const saysDance = (items: readonly Item[], { isNamed }: Reference): boolean =>
  !isNamed &&
  items.some(
    ({ text }, index) => unitOf(text) === 'walls' || (index > 0 && /^(?:danse|tanz|dans|dance|début)$/.test(text)),
  );

function timesIn(items: readonly Item[]): number {
  for (let index = 0; index < items.length; index++) {
    const [item, next, before] = [items[index], items[index + 1], items[index - 1]];
    const often =
      oftenOf(item.text) ??
      (item.text === 'x' ? (next?.number ?? before?.number) : undefined) ??
      (item.kind === 'times' && before?.kind !== 'again' ? before?.number : undefined);
    if (often !== undefined && often > 1) return Math.min(often, MOST_TIMES);
  }
  return 1;
}

/** The foot that leads then: `starting with the left`, `to the left`, `mit rechts`. */
function leadIn(items: readonly Item[]): Foot | undefined {
  const at = items.findIndex(({ kind }) => kind === 'lead');
  const side = at < 0 ? undefined : items.slice(at + 1, at + 4).find(({ text }) => sideNamed(text) !== undefined);
  return side && sideNamed(side.text);
}

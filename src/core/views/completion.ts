/** Figure names to offer while a call is being typed, with the free foot filled in. */
import type { Dance } from '../dancing/dance';
import { nextFoot, startState, type DanceState } from '../dancing/state';
import { otherFoot, type Foot } from '../model/feet';
import { TICKS_A_COUNT, tickOfCount } from '../model/ticks';
import { CALL_COLUMN } from '../printing/calls';
import { printCounts } from '../printing/counts';
import { FIGURES, houseName, KNOWN, type Figure } from '../vocabulary';
import { LANGUAGES, type Language } from '../vocabulary/figures';
import { languageOf } from '../vocabulary/language';
import { findDancedLine } from './explain';
import { nextCount } from './writing';
import { canonicalWord } from '../vocabulary';
import { least } from '../model/numbers';
import { facingAfter, hourOfFacing } from '../model/turns';
import { movesOf } from '../solving/moves';

export interface Offer {
  /** What is written: `Coaster L`. */
  readonly insert: string;
  readonly name: string;
  /** Foot by foot, as the vocabulary has it, with the feet filled in: `L back, R together, L forward`. */
  readonly feet: string;
  readonly counts: string;
  /** Where it comes to face, where it turns: `3:00`. */
  readonly hour?: string;
}

/** The state before a line: after the last danced line above it. */
export function stateBefore(dance: Dance, index: number): DanceState {
  let state: DanceState | undefined;
  for (const part of dance.parts) {
    for (const { lines } of part.sections)
      for (const danced of lines) if (danced.line.index < index) state = danced.after;
  }
  return state ?? dance.parts[0]?.before ?? startState(dance.startWeight);
}

export interface OfferPlace {
  readonly state: DanceState;
  /** Ticks left in the section from here; figures that need more go last. */
  readonly room?: number;
  /** The writer's own figures. */
  readonly own?: readonly Figure[];
  /** What the sheet is written in: names of other languages are offered where there are hardly any else. */
  readonly language?: Language;
  readonly limit?: number;
  /** How many dances of this writer hold a figure, by its first English name. */
  readonly liked?: ReadonlyMap<string, number>;
}

/** What stands before a place in a line: the state after the calls written so far, and the room that is left in the section. */
export function placeInLine(dance: Dance, index: number, column: number): OfferPlace {
  const own = dance.script.own.vocabulary.own;
  const danced = findDancedLine(dance, index);
  const earlier = danced?.calls.filter(({ call }) => call.span.to <= column) ?? [];
  const state = earlier[earlier.length - 1]?.after ?? stateBefore(dance, index);
  const length = danced?.line.section?.counts;
  const first = danced?.groups[0]?.ticks[earlier.flatMap(({ moments }) => moments).length];
  const room = length !== undefined && first !== undefined ? length * TICKS_A_COUNT - first : undefined;
  return { state, own, language: languageOf(dance.script.text), ...(room !== undefined && { room }) };
}

/** So many offers leave no room for names of other languages. */
const ENOUGH = 4;

/**
 * `typed` are the letters so far; names that start with them come first, then names that hold them, then what has no room here. Words
 * behind a name choose among its feet, directions and turns: `shuf r 1/4`.
 */
export function offerFigures(typed: string, place: OfferPlace): Offer[] {
  const { state, own = [], limit = 24 } = place;
  const words = typed.trim().toLowerCase().split(/\s+/);
  for (let length = words.length; length > 0; length--) {
    const named = figuresNamed(words.slice(0, length).join(' '), place);
    if (named.length === 0) continue;
    const rest = words.slice(length);
    const offers = named.slice(0, limit).flatMap(({ figure, name }, index) => {
      const plain = offer(figure, name, state);
      const isOwn = own.includes(figure);
      const ways = index < MOST_IN_ALL_WAYS && !isOwn ? waysOf(figure, name, state) : [];
      return [plain, ...ways.filter(({ insert }) => insert !== plain.insert)].filter(({ insert }) =>
        hasWords(insert, rest),
      );
    });
    if (offers.length > 0) return offers.slice(0, limit);
  }
  return [];
}

/** So many figures are offered with their turns and directions; the others by name alone. */
const MOST_IN_ALL_WAYS = 3;

function figuresNamed(wanted: string, place: OfferPlace): { readonly figure: Figure; readonly name: string }[] {
  const { room = Infinity, own = [], language = 'en', liked } = place;
  const ranked = [...own, ...FIGURES].flatMap((figure) => {
    const names = namesOf(figure, language);
    const at = names.findIndex(({ name }) => startsWords(name, wanted));
    if (at < 0) return [];
    const { name, isForeign } = names[at];
    const rank =
      (name.toLowerCase().startsWith(wanted) ? 0 : 10) +
      Math.min(at, 5) +
      (isForeign ? 12 : 0) +
      (figure.family === 'single' ? 2 : figure.family === 'own' ? -2 : 0) +
      (shortest(figure) > room ? 20 : 0) -
      Math.min(liked?.get(houseName(figure)) ?? 0, MOST_LIKED) * LIKING;
    return [{ figure, name, rank, isForeign }];
  });
  const native = ranked.filter(({ isForeign }) => !isForeign);
  return (native.length >= ENOUGH ? native : ranked).sort((a, b) => a.rank - b.rank || a.name.length - b.name.length);
}

/** What a writer uses often comes before what stands higher in the table, but never before what fits better. */
const LIKING = 0.8;
const MOST_LIKED = 5;

/** The same figure in each direction and with each turn it is customarily given, led by the free foot. */
function waysOf(figure: Figure, name: string, state: DanceState): Offer[] {
  const free = nextFoot(state);
  const house = sentenceCase(houseName(figure));
  return [...movesOf(figure, free)]
    .filter(({ usual, words }) => usual && words.startsWith(house))
    .sort((one, other) => one.level - other.level)
    .map(({ words, actions, ticks, turn }) => ({
      insert: sentenceCase(name) + words.slice(house.length),
      name: houseName(figure),
      feet: actions.map(({ foot }) => foot ?? '·').join(' '),
      counts: rhythmWords(ticks),
      ...(turn !== 0 && { hour: hourOfFacing(facingAfter(state.facing, turn)) }),
    }));
}

const hasWords = (insert: string, wanted: readonly string[]): boolean => {
  const words = insert.toLowerCase().split(/\s+/);
  return wanted.every((part) => words.some((word) => word.startsWith(part) || (word === 'r' && 'right'.startsWith(part)) || (word === 'l' && 'left'.startsWith(part)))); // prettier-ignore
};

/** The names of a figure, those of the sheet's language first, then English, then the others. */
function namesOf({ names }: Figure, language: Language): { readonly name: string; readonly isForeign: boolean }[] {
  const order = [...new Set<Language>([language, 'en', ...LANGUAGES])];
  return order.flatMap((one) =>
    (names[one] ?? []).map((name) => ({ name, isForeign: one !== language && one !== 'en' })),
  );
}

/** Ticks a figure needs at the least. */
const shortest = ({ forms }: Figure): number =>
  least(forms.flatMap(({ rhythms }) => rhythms.map((rhythm) => rhythm[rhythm.length - 1] + 1)));

/** A line with a figure on the counts that follow a line, led by the foot that is free there: `3&4    Coaster L`. */
export function figureAfter(dance: Dance, index: number, id: string): string | undefined {
  const figure = [...dance.script.own.vocabulary.own, ...FIGURES].find((one) => one.id === id);
  if (!figure) return undefined;
  const next = nextCount(dance, index);
  const start = typeof next === 'number' ? next : 1;
  const counts = printCounts(figure.forms[0].rhythms[0].map((tick) => tick + tickOfCount(start)));
  return counts.padEnd(CALL_COLUMN) + offer(figure, houseName(figure), stateBefore(dance, index + 1)).insert;
}

const startsWords = (name: string, wanted: string): boolean =>
  name.toLowerCase().startsWith(wanted) ||
  name
    .toLowerCase()
    .split(' ')
    .some((word) => word.startsWith(wanted) || canonicalWord(word).startsWith(wanted));

function offer(figure: Figure, name: string, state: DanceState): Offer {
  const [form] = figure.forms;
  const opening = form.steps.find((step) => step.role === 'A' || step.role === 'B');
  const free = nextFoot(state);
  const lead: Foot = opening?.role === 'B' ? otherFoot(free) : free;
  const takesFoot = opening !== undefined && figure.bare !== 'way' && figure !== KNOWN.pivot;
  return {
    insert: sentenceCase(takesFoot ? `${name} ${lead}` : name),
    name: houseName(figure),
    feet: form.steps
      .map((step) =>
        stepWords(
          step.role,
          step.word,
          step.direction === '*' ? (figure.direction ?? '') : (step.direction ?? ''),
          lead,
        ),
      )
      .join(', '),
    counts: rhythmWords(form.rhythms[0]),
  };
}

const sentenceCase = (text: string): string => text[0].toUpperCase() + text.slice(1);

function stepWords(role: string, word: string, direction: string, lead: Foot): string {
  const foot = role === 'A' ? lead : role === 'B' ? otherFoot(lead) : '';
  return [foot, word === 'step' ? '' : word, direction].filter(Boolean).join(' ');
}

/** Counts of a rhythm from 1: `1&2`, `1-4`. */
function rhythmWords(ticks: readonly number[]): string {
  const counts = Math.floor(ticks[ticks.length - 1] / TICKS_A_COUNT) + 1;
  return ticks.some((tick) => tick % TICKS_A_COUNT !== 0)
    ? ticks.map((tick) => (tick % TICKS_A_COUNT === 0 ? tick / TICKS_A_COUNT + 1 : '&')).join('')
    : counts === 1
      ? '1'
      : `1-${counts}`;
}

/** What a garbled call may mean: names written like it, of figures that can be danced where it stands, on its counts, by the free foot. */
import type { Dance, DancedCall, DancedLine } from '../dancing/dance';
import { freeFoot, type Foot } from '../model/feet';
import type { Proposal } from '../model/findings';
import { applyEdits, shiftSpan, type Edit } from '../model/text';
import { TICKS_A_COUNT } from '../model/ticks';
import { CALL_COLUMN } from '../printing/calls';
import { printCounts } from '../printing/counts';
import { plainLetters } from '../lexicon/letters';
import { FIGURES, houseName } from '../vocabulary';
import { LANGUAGES } from '../vocabulary/figures';
import { wordsLedBy, type Move } from './moves';
import { isImpossible } from '../checking/rules/foot-not-free';
import { danceSpoken } from './spoken';

const MOST_OFFERED = 3;
/** How much two names must be alike: the mean of their shared pairs of letters (Dice 1945) and their edit distance (Levenshtein 1966). */
const ALIKE = 0.45;
/** So many of the likest are tried on the counts. */
const MOST_TRIED = 24;

export function didYouMean(dance: Dance, line: DancedLine, call: DancedCall): Proposal[] {
  const { from, to } = call.call.span;
  const text = line.line.text;
  const garbled = spellingOf(text.slice(from, to));
  const before = stateOf(line, call);
  const free = freeFoot(before.weight);
  const feet: readonly Foot[] = free ? [free] : ['R', 'L'];
  const alike = feet
    .flatMap((foot) => wordsLedBy(foot))
    .map((move) => ({ move, likeness: likenessOf(move, garbled) }))
    .filter(({ likeness }) => likeness > ALIKE)
    .sort((a, b) => b.likeness - a.likeness)
    .slice(0, MOST_TRIED);
  const found = new Map<string, Proposal>();
  for (const { move } of alike) {
    if (found.size === MOST_OFFERED) break;
    const opens = call === line.calls[0];
    const insert = opens ? move.words : move.words.charAt(0).toLowerCase() + move.words.slice(1);
    const edit = [{ from, to, insert }, withCounts(dance, line, move)].find(
      (one) => one && isDanced(dance, line, applyEdits(text, [one])),
    );
    if (edit && !found.has(move.words))
      found.set(move.words, { label: move.words, edits: [{ ...edit, ...shiftSpan(edit, line.line.span.from) }] });
  }
  return [...found.values()];
}

/** Danced from where it stands, fewer of its words are left unread, every count is filled, and no foot steps that isn't free. */
function isDanced({ script }: Dance, line: DancedLine, text: string): boolean {
  const block = danceSpoken([text], line.before, script.own.vocabulary);
  const [after] = block.sections[0].lines;
  return (
    after !== undefined &&
    unreadIn(after) < unreadIn(line) &&
    after.calls.every(({ unplaced }) => !unplaced) &&
    after.groups.every(({ empty }) => empty.length === 0) &&
    !block.moments.some(isImpossible)
  );
}

const unreadIn = ({ calls }: DancedLine): number =>
  calls.reduce((sum, { figure, call }) => sum + (figure ? call.unread.length : 1), 0);

/** A line that is all garbled may have its counts wrong as well: those the figure takes, up to what follows. */
function withCounts(dance: Dance, line: DancedLine, { words, ticks, counts }: Move): Edit | undefined {
  const [group] = line.groups;
  const start = group?.ticks[0];
  const marks = line.line.text.slice(line.calls[line.calls.length - 1].call.span.to).trim();
  if (line.calls.length !== 1 || line.groups.length !== 1 || start === undefined || marks !== '') return undefined;
  const section = [...dance.parts, ...dance.tags].flatMap(({ sections }) => sections).find(({ lines }) => lines.includes(line)); // prettier-ignore
  const next = section?.lines[section.lines.indexOf(line) + 1]?.groups[0]?.ticks[0];
  const limit = next ?? (section?.statedCounts ?? 8) * TICKS_A_COUNT;
  if (start % TICKS_A_COUNT !== 0 || start + counts * TICKS_A_COUNT > limit) return undefined;
  // Fewer than it has would leave a hole.
  if (counts < group.end / TICKS_A_COUNT - Math.floor(start / TICKS_A_COUNT)) return undefined;
  const own = printCounts(ticks.map((tick) => tick + start));
  return { from: 0, to: line.line.text.length, insert: `${own.padEnd(CALL_COLUMN - 1)} ${words}` };
}

/** Before the call: after what the line dances before it. */
const stateOf = ({ calls, before }: DancedLine, call: DancedCall) => calls[calls.indexOf(call) - 1]?.after ?? before;

const NAMES: ReadonlyMap<string, readonly string[]> = new Map(
  FIGURES.map((figure) => [figure.id, LANGUAGES.flatMap((language) => figure.names[language] ?? [])]),
);

interface Spelling {
  readonly letters: string;
  readonly pairs: ReadonlyMap<string, number>;
}

const spellingOf = (text: string): Spelling => ({
  letters: text.split(/[\s,]+/).map(plainLetters).join(' '),
  pairs: pairsOf(text),
}); // prettier-ignore

/** With any of the figure's names in the place of its first. */
function likenessOf({ id, words }: Move, garbled: Spelling): number {
  const figure = FIGURES.find((one) => one.id === id);
  const house = figure ? houseName(figure) : '';
  const isNamed = figure !== undefined && words.toLowerCase().startsWith(house.toLowerCase());
  const spelt = isNamed ? (NAMES.get(id) ?? []).map((name) => name + words.slice(house.length)) : [words];
  return spelt.reduce((most, own) => {
    const { letters, pairs } = spellingOf(own);
    const near = 1 - distance(letters, garbled.letters) / Math.max(letters.length, garbled.letters.length);
    return Math.max(most, (dice(pairs, garbled.pairs) + near) / 2);
  }, 0);
}

/** Letters changed, left out or put in, at the least. */
function distance(one: string, other: string): number {
  let row = Array.from({ length: other.length + 1 }, (_, index) => index);
  for (let at = 1; at <= one.length; at++) {
    const next = [at];
    for (let to = 1; to <= other.length; to++)
      next.push(Math.min(row[to] + 1, next[to - 1] + 1, row[to - 1] + (one[at - 1] === other[to - 1] ? 0 : 1)));
    row = next;
  }
  return row[other.length];
}

/** Pairs of neighbouring letters, word by word. */
function pairsOf(text: string): ReadonlyMap<string, number> {
  const pairs = new Map<string, number>();
  for (const word of text.split(/[\s,]+/).map(plainLetters))
    for (const pair of word.length < 2 ? [word] : [...word].slice(1).map((letter, at) => word[at] + letter))
      if (pair) pairs.set(pair, (pairs.get(pair) ?? 0) + 1);
  return pairs;
}

function dice(one: ReadonlyMap<string, number>, other: ReadonlyMap<string, number>): number {
  let shared = 0;
  for (const [pair, times] of one) shared += Math.min(times, other.get(pair) ?? 0);
  const sizes = [one, other].map((pairs) => [...pairs.values()].reduce((sum, times) => sum + times, 0));
  return (2 * shared) / (sizes[0] + sizes[1]);
}

/** The same call on the other foot, in the writer's own words. */
import type { Dance } from '../dancing/dance';
import { shiftSpan, type Span } from '../model/text';
import type { Call } from '../reading/calls';
import type { ScriptLine } from '../reading/script';

const PAIRS: readonly [string, string][] = [
  ['R', 'L'],
  ['right', 'left'],
  ['RF', 'LF'],
  ['rt', 'lt'],
  ['rechts', 'links'],
  ['rechten', 'linken'],
  ['rechter', 'linker'],
  ['PD', 'PG'],
  ['droite', 'gauche'],
];

const OTHER = new Map(
  PAIRS.flatMap(
    ([a, b]) =>
      [
        [a.toLowerCase(), b],
        [b.toLowerCase(), a],
      ] as const,
  ),
);
const SIDE = /\p{L}+/gu;

/** Undefined when the words name no side. A single step keeps the way it turns; a named figure is mirrored whole. */
export function mirrorWords(words: string, call: Call, line: ScriptLine, dance: Dance): string | undefined {
  const start = line.span.from + call.span.from;
  const turn = call.turn && call.figure?.family === 'single' ? shiftSpan(call.turn.span, line.span.from) : undefined;
  const inTurn = (at: number, keep: Span | undefined): boolean =>
    keep !== undefined && start + at >= keep.from && start + at < keep.to;
  let changed = false;
  const text = dance.script.text.slice(start, start + words.length) === words ? words : words.trim();
  const mirrored = text.replace(SIDE, (word, at: number) => {
    const other = OTHER.get(word.toLowerCase()) ?? mirrorRun(word);
    if (!other || inTurn(at, turn)) return word;
    changed = true;
    return matchCase(word, other);
  });
  return changed ? mirrored : undefined;
}

/** Every side named in a text, the other way round: `Shuffle R, pivot 1/2 left` is `Shuffle L, pivot 1/2 right`. */
export const mirrorSides = (text: string): string =>
  text.replace(SIDE, (word) => {
    const other = OTHER.get(word.toLowerCase()) ?? mirrorRun(word);
    return other ? matchCase(word, other) : word;
  });

/** `RLR` is three feet in one word. */
const mirrorRun = (word: string): string | undefined =>
  /^[RL]{2,8}$/.test(word) ? [...word].map((letter) => (letter === 'R' ? 'L' : 'R')).join('') : undefined;

function matchCase(model: string, word: string): string {
  if (model.length === 1 && model === model.toLowerCase()) return word.toLowerCase();
  if (model.length > 1 && model === model.toUpperCase()) return word.toUpperCase();
  if (model[0] === model[0].toUpperCase()) return word[0].toUpperCase() + word.slice(1);
  return word.toLowerCase();
}

/** The same call on the other foot, in the writer's own words. */
import type { Dance } from '../dancing/dance';
import { shiftSpan, type Span } from '../model/text';
import type { Call } from '../reading/calls';
import type { ScriptLine } from '../reading/script';
import { otherSide } from '../vocabulary/words';

const WORD = /\p{L}+/gu;

/** Undefined when the words name no side. A single step keeps the way it turns; a named figure is mirrored whole. */
export function mirrorWords(words: string, call: Call, line: ScriptLine, dance: Dance): string | undefined {
  const start = line.span.from + call.span.from;
  const turn = call.turn && call.figure?.family === 'single' ? shiftSpan(call.turn.span, line.span.from) : undefined;
  const inTurn = (at: number, keep: Span | undefined): boolean =>
    keep !== undefined && start + at >= keep.from && start + at < keep.to;
  const text = dance.script.text.slice(start, start + words.length) === words ? words : words.trim();
  const mirrored = mirrorSides(text, (at) => inTurn(at, turn));
  return mirrored === text ? undefined : mirrored;
}

/** Every side named in a text, the other way round: `Shuffle R, pivot 1/2 left` is `Shuffle L, pivot 1/2 right`. `keeps`: places that stay. */
export const mirrorSides = (text: string, keeps: (at: number) => boolean = () => false): string =>
  text.replace(WORD, (word, at: number) => {
    if (keeps(at)) return word;
    const other = mirrorRun(word) ?? otherSide(word, text.slice(0, at));
    return other ? matchCase(word, other) : word;
  });

const RUNS: Readonly<Record<string, string>> = { R: 'L', L: 'R', D: 'G', G: 'D' };

/** `RLR` is three feet in one word, and so is `DGD` in French, where one letter alone is a foot too. */
const mirrorRun = (word: string): string | undefined =>
  /^(?:[RL]{2,8}|[DG]{1,8})$/.test(word) ? [...word].map((letter) => RUNS[letter]).join('') : undefined;

function matchCase(model: string, word: string): string {
  if (model.length === 1 && model === model.toLowerCase()) return word.toLowerCase();
  if (model === model.toUpperCase()) return word.toUpperCase();
  if (model[0] === model[0].toUpperCase()) return word[0].toUpperCase() + word.slice(1);
  return word.toLowerCase();
}

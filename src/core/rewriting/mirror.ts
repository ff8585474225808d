/** The mirror image of lines in their writer's own words: right and left, feet, turns, and the hours they come to. */
import type { Dance, DancedLine } from '../dancing/dance';
import { facingAfter, hourOfFacing, type Facing } from '../model/turns';
import { shiftSpan, type Edit, type Span } from '../model/text';
import type { ScriptLine } from '../reading/script';
import type { Call } from '../grammar/steps/cut';
import { otherSide } from '../vocabulary/words';
import { dancedLinesIn, rewriteLines, type LineRange } from './lines';

/** Mirrors in place: the first line keeps the wall it starts from. */
export function mirrorLines(dance: Dance, range: LineRange): Edit[] {
  const axis = dancedLinesIn(dance, range)[0]?.before.facing ?? 0;
  return rewriteLines(dance, range, (danced) => mirroredText(danced, axis));
}

/** `axis`: the wall faced before the first mirrored line; an hour stated is put as far to its other side. */
export const mirroredText = ({ line }: DancedLine, axis: Facing): string =>
  restated(line, mirrorSides, (facing) => 2 * axis - facing);

/** A line with its words and the hours it states said anew. */
export function restated(
  { text, step }: ScriptLine,
  words: (text: string) => string,
  hour: (facing: Facing) => number,
): string {
  const claims = [...(step?.marks.facingClaims ?? [])].sort((a, b) => a.span.from - b.span.from);
  let said = '';
  let at = 0;
  for (const { span, facing } of claims) {
    const claim = text.slice(span.from, span.to);
    said +=
      words(text.slice(at, span.from)) +
      claim.replace(/\d{1,2}(?:[:.]\d{2})?/, hourOfFacing(facingAfter(0, hour(facing))));
    at = span.to;
  }
  return said + words(text.slice(at));
}

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

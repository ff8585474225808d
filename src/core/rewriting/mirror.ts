/** The mirror image of lines in their writer's own words: right and left, feet, turns, and the hours they come to. */
import type { Dance, DancedLine } from '../dancing/dance';
import { facingAfter, hourOfFacing, type Facing } from '../model/turns';
import type { Edit } from '../model/text';
import type { ScriptLine } from '../reading/script';
import { mirrorSides } from './mirror-words';
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

/** A script, or a stretch of it, in a house style: one name a figure, one way to write each thing, counts filled in and in column. */
import { danceScript, type Dance } from '../dancing/dance';
import { rereadScript } from '../page/read-script';
import { isMarked } from '../reading/script';
import type { Edit } from '../model/text';
import { printCounts } from '../printing/counts';
import { printScript, printScriptLine } from '../printing/script';
import type { HouseStyle } from '../printing/style';
import { dancedLinesIn, linesIn, replaceLine, type LineRange } from './lines';

const WHOLE: LineRange = { from: 0, to: Infinity };

/** The whole script. Tidying twice changes nothing the second time. */
export function tidyScript(dance: Dance, style: HouseStyle): string {
  const { text } = dance.script;
  const tidied = printScript(dance.script, { style, counts: filledCounts(dance, WHOLE) });
  if (isMarked(text)) return tidied;
  // A sheet of another's manner gets headings of ours, and is read anew: where it would be another dance, it stays as it is.
  const again = danceScript(rereadScript(dance.script, tidied));
  if (stepsOf(again) !== stepsOf(dance)) return text;
  return isMarked(tidied) ? tidyScript(again, style) : tidied;
}

/** Every action with its foot, its weight and its turn. */
const stepsOf = ({ parts, tags }: Dance): string =>
  [...parts, ...tags]
    .flatMap(({ moments }) => moments.map(({ action }) => `${action.foot} ${action.effect} ${action.turn}`))
    .join(';');

/** A stretch of lines, the lines around it untouched. */
export function tidyLines(dance: Dance, range: LineRange, style: HouseStyle): Edit[] {
  const counts = filledCounts(dance, range);
  return linesIn(dance, range).flatMap((line) =>
    replaceLine(line, printScriptLine(dance.script, line, { style, counts })),
  );
}

/** Counts for the lines that were written without, by line. */
function filledCounts(dance: Dance, range: LineRange): Map<number, string[]> {
  return new Map(
    dancedLinesIn(dance, range)
      .filter(({ groups }) => groups.some(({ group }) => !group.counts && !group.repeat))
      .map(({ line, groups }) => [line.index, groups.map(({ ticks }) => printCounts(ticks))]),
  );
}

/** A script, or a stretch of it, in a house style: one name a figure, one way to write each thing, counts filled in and in column. */
import type { Dance } from '../dancing/dance';
import type { Edit } from '../model/text';
import { printCounts } from '../printing/counts';
import { printScript, printScriptLine } from '../printing/script';
import type { HouseStyle } from '../printing/style';
import { dancedLinesIn, linesIn, replaceLine, type LineRange } from './lines';

const WHOLE: LineRange = { from: 0, to: Infinity };

/** The whole script. Tidying twice changes nothing the second time. */
export const tidyScript = (dance: Dance, style: HouseStyle): string =>
  printScript(dance.script, { style, counts: filledCounts(dance, WHOLE) });

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

/** Counts written without a sign between: `12 R side, L tog`, `34 step R`, `5678 jazz box`. One line alone may mean count twelve. */
import { wideDigits } from '../lexicon/letters';
import { unitOf } from '../lexicon/page';
import { digitsInRow } from '../reading/count-words';

const OPENING = /^(\s*(?:[-*•]\s+)?)([1-8]{2,8})(?=\s+\p{L})/u;
/** `33-36`, and 13 among single counts: numbered through, where 34 is a count; `17-24` is a section. */
const RANGE = /^\s*\(?(\d{2})\s*[-–&]\s*(\d{2})\b/;
/** A number and the word behind it, which may be what it counts: `32 counts, 4 walls`. */
const SINGLE = /^\s*(\d{2})\s+(\p{L}+)/u;
const isRunning = (line: string): boolean => {
  const [, single, noun] = SINGLE.exec(line) ?? [];
  if (single !== undefined && !digitsInRow(single) && !unitOf(noun)) return true;
  const [, from, to] = RANGE.exec(line) ?? [];
  return from !== undefined && Number(to) - Number(from) < 5;
};
const FEWEST = 3;

/** Digits that are several counts stand as wide ones, which are read one by one; every letter keeps its place. */
export function gluedApart(lines: readonly string[]): readonly string[] {
  const digitsOf = (line: string): string | undefined => {
    const digits = OPENING.exec(line)?.[2];
    return digits !== undefined && digitsInRow(digits) ? digits : undefined;
  };
  const glued = lines.flatMap((line) => digitsOf(line) ?? []);
  const isGlued = glued.length >= FEWEST && glued.some((digits) => Number(digits) > 32) && !lines.some(isRunning);
  if (!isGlued) return lines;
  return lines.map((line) =>
    digitsOf(line) ? line.replace(OPENING, (_, before: string, digits: string) => before + wideDigits(digits)) : line,
  );
}

/** Signs that stand with the counts of a sheet, and that only the whole of it explains: `A1`, `Z 1-2:`, `(4)`. Every letter keeps its place. */
import { namesWall } from '../lexicon/asides';
import { namesSection } from '../lexicon/page';
import { greatest } from '../model/numbers';

const OPENING = /^\s*(?:[-*•]\s+)?(\p{L}{1,10}\.?)\s?(\d{1,2})(?:\s?[-–&+]\s?(\d{0,2}))?(?=[\s:.)])/u;
/** The letter of a part, glued to its count: `A1 side R`, `B5-8 jazz box`. */
const OF_PART = /^[A-H]$/;
const FEWEST = 6;
/** A count left out or written twice makes no other sheet of it. */
const MOSTLY = 0.8;

interface Row {
  readonly sign: string;
  /** What is alike in all rows: the sign itself, or that it is the letter of a part. */
  readonly kind: string;
  readonly first: number;
  readonly last: number;
}

function rowOf(line: string): Row | undefined {
  const [, sign, first, last] = OPENING.exec(line) ?? [];
  if (sign === undefined || namesSection(sign.toLowerCase()) || namesWall(sign)) return undefined;
  const kind = OF_PART.test(sign) ? 'part' : sign.toLowerCase();
  return { sign, kind, first: Number(first), last: Number(last || first) };
}

/** A sign that opens most lines, before counts that go on and begin again, is the writer's own word for them: it is taken away, also in `Z 5-8: as Z 1-4`. */
export function signsApart(lines: readonly string[]): readonly string[] {
  const found = lines.flatMap((line) => rowOf(line) ?? []);
  const often = new Map<string, number>();
  for (const { kind } of found) often.set(kind, (often.get(kind) ?? 0) + 1);
  const most = greatest(often.values(), 0);
  const [kind] = [...often].find(([, times]) => times === most) ?? [''];
  const rows = found.filter((row) => row.kind === kind);
  const begun = rows.filter(({ first }) => first === 1).length;
  const goOn = rows.filter(({ sign, first }, index) => {
    const before = rows[index - 1];
    return first === 1 || (before?.sign === sign && (first === before.last || first === before.last + 1));
  });
  const isCounted = begun > 1 && begun * 2 <= rows.length && goOn.length >= rows.length * MOSTLY;
  if (rows.length < FEWEST || !isCounted) return lines;
  const signs = [...new Set(rows.map(({ sign }) => sign.replace('.', '\\.')))].join('|');
  const inLine = new RegExp(`(?<![\\p{L}\\d])(?:${signs})(?=\\s?\\d)`, 'gu');
  return lines.map((line) =>
    rowOf(line)?.kind === kind ? line.replace(inLine, (sign) => ' '.repeat(sign.length)) : line,
  );
}

const BEHIND = /\s\((&?\d{1,2}(?:\s?[-–&,+]\s?\d{0,2})*)\)\s*$/;
const ALONE = /\s\((\d{1,2})\)(\s*)$/;

/** `hold (4)` among lines that end in `(1-3)` and `(5&6)`: a count, and no wall. Other brackets say so. */
export function countedBehind(lines: readonly string[]): readonly string[] {
  const counted = lines.filter((line) => BEHIND.test(line) && !ALONE.test(line)).length;
  if (counted < FEWEST) return lines;
  let reached = 0;
  return lines.map((line) => {
    const alone = Number(ALONE.exec(line)?.[1] ?? 0);
    const goesOn = alone > 1 && alone === reached + 1;
    const numbers = BEHIND.exec(line)?.[1].match(/\d+/g);
    if (numbers && (alone === 0 || goesOn)) reached = Number(numbers.at(-1));
    return goesOn ? line.replace(ALONE, (_, count: string, end: string) => ` {${count}}${end}`) : line;
  });
}

/** `vine right (4)` again and again: how many counts, and no wall. Said by brackets that nobody else writes. */
export function lengthsBehind(lines: readonly string[]): readonly string[] {
  const numbers = lines.flatMap((line) => ALONE.exec(line)?.[1] ?? []);
  const others = lines.filter((line) => BEHIND.test(line) && !ALONE.test(line)).length;
  const usual = numbers.filter((number) => number === numbers[0]).length;
  const areLengths = usual >= numbers.length * MOSTLY || fillEights(numbers.map(Number));
  if (numbers.length < FEWEST || others > 0 || !areLengths) return lines;
  return lines.map((line) => line.replace(ALONE, (_, count: string, end: string) => ` {${count}]${end}`));
}

/** Lengths one after the other end with every eight counts; walls and running counts soon step across. */
function fillEights(lengths: readonly number[]): boolean {
  let filled = 0;
  return lengths.every((length) => {
    filled = (filled % 8) + length;
    return filled <= 8;
  });
}

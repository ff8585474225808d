import { namesSection } from '../lexicon/page';
import { greatest } from '../model/numbers';

/** Counts that carry the letter of their part: `A1 side R`, `A2 together`, `B5-8 jazz box`. A name such as `A1 Vines` stands over its counts. */
const OPENING = /^(\s*(?:[-*•]\s+)?)([A-H])(\d{1,2})(?:[-–&+](\d{1,2})?)*(?=[\s:.)])/u;
const FEWEST = 6;
/** A count left out or written twice makes no other sheet of it. */
const MOSTLY = 0.8;

/** The writer's own word or sign for counts: `Z 1-2:`, `Zz. 3+4`. */
const NOUN = /^(\s*(?:[-*•]\s+)?)(\p{L}{1,10}\.?\s?)(\d{1,2})(?:\s?[-–&+]\s?(\d{1,2}))?(?=[\s:.)])/u;

/** A word that opens most lines and is followed by counts that go on and begin again names the counts; its letters are taken away. */
export function nounApart(lines: readonly string[]): readonly string[] {
  const found = lines.flatMap((line) => {
    const match = NOUN.exec(line);
    const noun = match?.[2].trim().toLowerCase() ?? '';
    return match && !namesSection(noun) ? [{ noun, first: Number(match[3]), last: Number(match[4] ?? match[3]) }] : [];
  });
  const often = new Map<string, number>();
  for (const { noun } of found) often.set(noun, (often.get(noun) ?? 0) + 1);
  const most = greatest(often.values(), 0);
  const [noun] = [...often].find(([, times]) => times === most) ?? [''];
  const rows = found.filter((row) => row.noun === noun);
  const inRow = rows.filter(({ first }, index) => first === 1 || first === (rows[index - 1]?.last ?? 0) + 1);
  const begun = rows.filter(({ first }) => first === 1).length;
  const areMany =
    rows.length >= FEWEST && begun > 1 && begun * 2 <= rows.length && inRow.length >= rows.length * MOSTLY;
  if (!areMany || noun === 'wall') return lines;
  return lines.map((line) => {
    const match = NOUN.exec(line);
    if (match?.[2].trim().toLowerCase() !== noun) return line;
    return match[1] + ' '.repeat(match[2].length) + line.slice(match[1].length + match[2].length);
  });
}

/** The letter before a count is taken away where the whole sheet counts so; every other letter keeps its place. */
export function letteredApart(lines: readonly string[]): readonly string[] {
  const found = lines.flatMap((line) => {
    const match = OPENING.exec(line);
    return match ? [{ letter: match[2], first: Number(match[3]), last: Number(match[4] ?? match[3]) }] : [];
  });
  const inRow = found.filter(({ letter, first }, index) => {
    const before = found[index - 1];
    return before?.letter === letter ? first === before.last || first === before.last + 1 : first === 1;
  });
  const written = lines.filter((line) => line.trim() !== '').length;
  if (inRow.length < FEWEST || inRow.length < found.length * MOSTLY || found.length * 2 < written) return lines;
  const letters = [...new Set(found.map(({ letter }) => letter))].join('');
  // `D5-8 as D1-4`
  const inLine = new RegExp(`(?<![\\p{L}\\d])[${letters}](?=\\d)`, 'gu');
  return lines.map((line) => (OPENING.test(line) ? line.replace(inLine, ' ') : line));
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

/** Counts that carry the letter of their part: `A1 side R`, `A2 together`, `B5-8 jazz box`. A name such as `A1 Vines` stands over its counts. */
const OPENING = /^(\s*(?:[-*•]\s+)?)([A-H])(\d{1,2})(?:[-–&+](\d{1,2})?)*(?=[\s:.)])/u;
const FEWEST = 6;
/** A count left out or written twice makes no other sheet of it. */
const MOSTLY = 0.8;

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

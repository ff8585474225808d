/** Twice as slow, or twice as quick: counts doubled or halved from the first line on, what follows in the section moved along. */
import type { Dance, DancedLine } from '../dancing/dance';
import { TICKS_A_COUNT } from '../model/ticks';
import type { Edit } from '../model/text';
import { CALL_COLUMN } from '../printing/calls';
import { printCounts } from '../printing/counts';
import { dancedLinesIn, replaceLine, type LineRange } from './lines';
import { greatest, least } from '../model/numbers';

/** Counts are kept to quarters (`e`, `&`, `a`). */
const FINEST = 3;
export type Tempo = 'double' | 'halve';

/** Undefined where halving would need something quicker than `1e&a`, or where lines have no counts that could be changed. */
export function changeTempo(dance: Dance, range: LineRange, tempo: Tempo): Edit[] | undefined {
  const chosen = dancedLinesIn(dance, range);
  const [first] = chosen;
  const section = first?.line.section;
  if (!section || chosen.some(({ line, groups }) => line.section !== section || !hasPlainCounts(groups)))
    return undefined;
  const start = least(chosen.flatMap(({ groups }) => groups.flatMap(({ ticks }) => ticks)));
  const end = greatest(chosen.flatMap(({ groups }) => groups.map((group) => group.end)));
  const factor = tempo === 'double' ? 2 : 0.5;
  const scaled = (tick: number): number => start + (tick - start) * factor;
  if (chosen.some(({ groups }) => groups.some(({ ticks }) => ticks.some((tick) => scaled(tick) % FINEST !== 0))))
    return undefined;
  const newEnd = Math.ceil(scaled(end) / TICKS_A_COUNT) * TICKS_A_COUNT;
  const after = dancedLinesIn(dance, { from: range.to + 1, to: Infinity }).filter(
    ({ line }) => line.section === section,
  );
  if (after.some(({ groups }) => !hasPlainCounts(groups))) return undefined;
  const edits = [
    ...chosen.flatMap((danced) => withCounts(danced, scaled)),
    ...after.flatMap((danced) => withCounts(danced, (tick) => tick + newEnd - end)),
  ];
  return [...stateLength(dance, section.headingLine, countsAfter(dance, first, newEnd - end)), ...edits];
}

const hasPlainCounts = (groups: DancedLine['groups']): boolean =>
  groups.every(
    ({ group }) => group.counts !== undefined && !group.counts.floating && !group.counts.problem && !group.repeat,
  );

function withCounts({ line, groups }: DancedLine, move: (tick: number) => number): Edit[] {
  let text = '';
  let at = 0;
  for (const { group, ticks } of groups) {
    const span = group.counts?.span ?? { from: 0, to: 0 };
    const counts = printCounts(ticks.map(move), false);
    const gap = /^\s*/.exec(line.text.slice(span.to))?.[0].length ?? 0;
    // Calls that stand in the house's column stay there where the counts leave room.
    const width =
      span.to - span.from + gap >= CALL_COLUMN ? Math.max(CALL_COLUMN, counts.length + 1) : counts.length + gap;
    const column = counts.padEnd(width);
    text += line.text.slice(at, span.from) + column;
    at = span.to + gap;
  }
  return replaceLine(line, text + line.text.slice(at));
}

const countsAfter = (dance: Dance, first: DancedLine, added: number): number => {
  const own = [...dance.parts, ...dance.tags]
    .flatMap(({ sections }) => sections)
    .find(({ text }) => text === first.line.section);
  return (own?.counts ?? 0) + added / TICKS_A_COUNT;
};

/** The section's heading says its new length. */
function stateLength(dance: Dance, headingLine: number | undefined, counts: number): Edit[] {
  const line = headingLine === undefined ? undefined : dance.script.lines[headingLine];
  if (!line) return [];
  const bare = line.text.replace(/\s*\(\s*\d+\s*counts?\s*\)/i, '').trimEnd();
  return replaceLine(line, counts === (dance.script.header.sectionCounts ?? 8) ? bare : `${bare} (${counts} counts)`);
}

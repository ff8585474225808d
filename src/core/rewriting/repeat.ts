/** Lines written once more behind themselves, on the same or the other foot, at the counts that follow. */
import type { Dance, DancedLine } from '../dancing/dance';
import type { Edit } from '../model/text';
import { printCounts } from '../printing/counts';
import { dancedLinesIn, type LineRange } from './lines';
import { mirroredText, restated } from './mirror';

/** Undefined where nothing with counts stands in the stretch, or where it runs over a section's end. */
export function repeatLines(dance: Dance, range: LineRange, mirrored: boolean): Edit[] | undefined {
  const lines = dancedLinesIn(dance, range);
  const [first] = lines;
  const last = lines[lines.length - 1];
  if (!first || lines.some(({ line, groups }) => line.section !== first.line.section || groups.length === 0))
    return undefined;
  const start = Math.max(0, first.groups[0].ticks[0] ?? 0);
  const length = last.groups[last.groups.length - 1].end - start;
  const [before, after] = [first.before.facing, last.after.facing];
  const copies = lines.map((danced) => {
    const text = mirrored
      ? mirroredText(danced, (before + after) / 2)
      : restated(
          danced.line,
          (words) => words,
          (facing) => facing + after - before,
        );
    return atLaterCounts(danced, text, length);
  });
  return [{ from: last.line.span.to, to: last.line.span.to, insert: `\n${copies.join('\n')}` }];
}

/** Slow and quick, several groups of counts, or none at all go on as they are written. */
function atLaterCounts({ groups }: DancedLine, text: string, ticks: number): string {
  const [{ group, ticks: own }] = groups;
  const span = group.counts?.span;
  if (!span || group.counts?.floating || groups.length > 1) return text;
  const rest = text.slice(span.to);
  const calls = rest.trimStart();
  const column = span.to - span.from + rest.length - calls.length;
  const counts = printCounts(own.map((tick) => tick + ticks));
  return text.slice(0, span.from) + counts.padEnd(Math.max(column, counts.length + 1)) + calls;
}

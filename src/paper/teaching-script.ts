/** The teaching script: minutes at the left, what is done beside them, and below it what is said, warned of and minded. */
import type { TeachingView } from '../core';
import type { Piece } from './flow';
import { ASCENT, LEADING, paragraph, ruleItem, textItem, type Setting } from './pieces';
import { settable, wrap } from './type';

export const teachingGroups = ({ rows, minutes }: TeachingView, setting: Setting): Piece[][] => [
  ...timedGroups(rows.map((row) => ({ ...row, at: `${row.at} min` })), setting),
  [paragraph(setting, `${minutes} min`, { size: setting.size, face: 'bold', tint: 'quiet' }, { before: setting.size * 0.6 })],
]; // prettier-ignore

export interface TimedRow {
  /** What stands at the left. */
  readonly at: string;
  readonly words: string;
  readonly said: readonly string[];
  readonly notes: readonly string[];
  readonly cautions: readonly string[];
}

/** Rows with their times at the left, as a script has its counts. */
export function timedGroups(rows: readonly TimedRow[], setting: Setting): Piece[][] {
  const { size, width, missing } = setting;
  const left = size * 4.2;
  const indent = { indent: left };
  return rows.map((row): Piece[] => {
    const bold = { size: size * 1.12, face: 'bold' as const };
    const lines = wrap(settable(row.words, missing), width - left, bold.size, bold.face);
    const height = lines.length * bold.size * LEADING;
    const head: Piece = {
      height: height + size * 0.5,
      before: size * 0.4,
      keepsWithNext: row.said.length + row.notes.length > 0,
      draw: (x, y) => [
        { tag: 'Artifact', items: [ruleItem(x, y, width)] },
        {
          tag: 'P',
          items: [
            textItem(x, y + size * 0.5 + bold.size * ASCENT, row.at, { ...bold, tint: 'quiet' }),
            ...lines.map((line, index) => textItem(x + left, y + size * 0.5 + bold.size * (ASCENT + index * LEADING), line, bold)),
          ],
        },
      ],
    };
    const said = row.said.map((words) => paragraph(setting, words, { size }, indent));
    const notes = row.notes.map((words) => paragraph(setting, words, { size: size * 0.95, tint: 'quiet' }, indent));
    const cautions = row.cautions.map((words) => paragraph(setting, words, { size: size * 0.95 }, { ...indent, bar: 'ink', before: size * 0.2 }));
    return [head, ...said, ...notes, ...cautions];
  });
} // prettier-ignore

/** What the commands that rewrite a script have in common: a stretch of lines, and the edits that replace them. */
import type { Dance, DancedLine } from '../dancing/dance';
import type { Edit } from '../model/text';
import type { ScriptLine } from '../reading/script';

/** Line numbers from 0, both inside. */
export interface LineRange {
  readonly from: number;
  readonly to: number;
}

export const linesIn = (dance: Dance, { from, to }: LineRange): readonly ScriptLine[] =>
  dance.script.lines.filter(({ index }) => index >= from && index <= to);

/** The danced lines of a stretch where they are written; a line that is danced again elsewhere is listed once. */
export function dancedLinesIn(dance: Dance, { from, to }: LineRange): DancedLine[] {
  return [...dance.parts, ...dance.tags].flatMap(({ sections }) =>
    sections.flatMap(({ lines, text }) =>
      lines.filter(({ line }) => line.index >= from && line.index <= to && line.section === text),
    ),
  );
}

export const replaceLine = (line: ScriptLine, insert: string): Edit[] =>
  insert === line.text ? [] : [{ ...line.span, insert }];

/** Edits to the lines of a stretch, each by its own rule; lines the rule leaves alone stay. */
export const rewriteLines = (
  dance: Dance,
  range: LineRange,
  rewrite: (danced: DancedLine) => string | undefined,
): Edit[] =>
  dancedLinesIn(dance, range).flatMap((danced) => {
    const text = rewrite(danced);
    return text === undefined ? [] : replaceLine(danced.line, text);
  });

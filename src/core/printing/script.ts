/** A whole script in the house style. What was understood is printed exactly; everything else word for word. */
import { tickOfCount, countOfTick } from '../model/ticks';
import type { Script, ScriptLine } from '../reading/script';
import type { StepLine } from '../reading/line';
import { printStepLine } from './calls';
import { printPlanItem } from './plan';
import type { HouseStyle } from './style';

/** How a script is printed: in which style, and with which counts for lines that were written without. */
export interface ScriptPrinting {
  readonly style?: HouseStyle;
  readonly counts?: ReadonlyMap<number, readonly string[]>;
}

/** Reading what this prints gives the same dance, and printing it again changes nothing. */
export function printScript(script: Script, printing: ScriptPrinting = {}): string {
  const lines = script.lines.map((line) => printScriptLine(script, line, printing));
  return `${spaced(script, lines)
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim()}\n`;
}

/** One line of a script, alone. */
export function printScriptLine(script: Script, line: ScriptLine, { style, counts }: ScriptPrinting = {}): string {
  switch (line.kind) {
    case 'title':
      return `# ${script.title}`;
    case 'header':
      return line.text.trim().replace(/\s*:\s*/, ': ');
    case 'heading':
      return printHeading(line);
    case 'step':
      return printStepLine(line.step as StepLine, { shift: shiftOf(line), style, counts: counts?.get(line.index) });
    case 'note':
      return `> ${line.text.trim().replace(/^>\s*/, '')}`;
    case 'option':
      return `       ${line.text.trim()}`;
    case 'blank':
      return '';
    case 'plan':
      return printPlanLine(script, line);
    case 'figure':
    case 'text':
      return line.text.trimEnd();
  }
}

/** Items of one line stay on it; an order is left as its writer put it, with its brackets and repeats. */
function printPlanLine({ plan }: Script, line: ScriptLine): string {
  const own = plan.filter((entry) => entry.line === line);
  const kept =
    own.length === 0 ||
    own.some(({ item }) => KEPT_PLANS.has(item.kind) || ('unread' in item && item.unread.length > 0));
  if (kept || /\(meant so:/i.test(line.text)) return line.text.trimEnd();
  return own.map(({ item, offset }) => printPlanItem(item, line.text.slice(offset - line.span.from))).join('; ');
}

const KEPT_PLANS: ReadonlySet<string> = new Set(['unread', 'none', 'order', 'note']);

function printHeading(line: ScriptLine): string {
  const { heading, section, text } = line;
  if (!heading || heading.kind !== 'section' || !section) return `## ${text.trim().replace(/^#+\s*/, '')}`;
  const counts = heading.counts !== undefined && heading.counts !== 8 ? ` (${heading.counts} counts)` : '';
  const copy = heading.copy ? ` = Section ${heading.copy.of}${heading.copy.mirrored ? ' mirrored' : ''}` : '';
  const title = heading.title && !copy ? `: ${heading.title}` : '';
  return `## Section ${section.number}${copy}${title}${counts}`;
}

/** Sheets that number through are printed from 1 in every section. */
function shiftOf(line: ScriptLine): number {
  const first = line.section?.lines[0]?.step?.groups[0]?.counts?.ticks[0];
  const length = line.section?.counts ?? 8;
  if (first === undefined || countOfTick(first) <= length || (countOfTick(first) - 1) % length !== 0) return 0;
  return tickOfCount(countOfTick(first));
}

/** One empty line before every heading. */
function spaced(script: Script, lines: string[]): string[] {
  return lines.flatMap((text, index) => (script.lines[index].kind === 'heading' && index > 0 ? ['', text] : [text]));
}

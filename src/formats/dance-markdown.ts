/**
 * A dance as Markdown (CommonMark with the tables of GitHub Flavored Markdown): readable as it is, and the way back to the same script.
 * Step lines are rows of a table; the second column holds the line with all its marks, the others what was worked out.
 */
import { hourOfFacing, type Study } from '../core';

const HEAD = '| Counts | Call | Feet | Weight | Facing |\n|---|---|---|---|---|';
const SPECIAL = /[\\|*_`<>[\]#~]/g;

const escape = (text: string): string => text.replace(SPECIAL, (sign) => `\\${sign}`);
const unescape = (text: string): string => text.replace(/\\([\\|*_`<>[\]#~])/g, '$1');

export function printDanceMarkdown({ script, view }: Study): string {
  const out: string[] = [];
  let inTable = false;
  const row = (cells: readonly string[]): void => {
    if (!inTable) out.push('', HEAD);
    inTable = true;
    out.push(`| ${cells.join(' | ')} |`);
  };
  const block = (text: string): void => {
    if (inTable) out.push('');
    inTable = false;
    out.push(text);
  };
  for (const line of script.lines) {
    const text = line.text.trim();
    switch (line.kind) {
      case 'title':
        block(`# ${escape(script.title)}`);
        break;
      case 'header':
        block(`- **${escape(text.slice(0, text.indexOf(':')))}**:${escape(text.slice(text.indexOf(':') + 1))}`);
        break;
      case 'heading':
        block(`\n## ${escape(text.replace(/^#+\s*/, ''))}`);
        break;
      case 'step': {
        const counts = line.step?.groups[0]?.counts;
        const at = counts ? counts.span.to : 0;
        const shown = view.lines[line.index];
        const feet = shown?.feet.map(({ foot }) => foot ?? '·').join(' ') ?? '';
        row([
          escape(line.text.slice(0, at).trim()),
          escape(line.text.slice(at).trim()),
          feet,
          shown?.weight ?? '',
          shown ? hourOfFacing(shown.facing) : '',
        ]);
        break;
      }
      case 'option':
        row(['', escape(text), '', '', '']);
        break;
      case 'note':
        block(`> ${escape(text.replace(/^>\s*/, ''))}`);
        break;
      case 'blank':
        if (inTable) out.push('');
        inTable = false;
        break;
      case 'plan':
      case 'figure':
      case 'song':
      case 'lesson':
      case 'text':
        block(`- ${escape(text)}`);
        break;
    }
  }
  return `${out
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim()}\n`;
}

/** Cells of a table row; undefined when the line is none. A bar behind a backslash belongs to its cell. */
function cellsOf(line: string): string[] | undefined {
  if (!/^\s*\|.*\|\s*$/.test(line)) return undefined;
  return line
    .trim()
    .slice(1, -1)
    .split(/(?<!\\)\|/)
    .map((cell) => unescape(cell.trim()));
}

/** A heading may be closed by signs of its own (CommonMark 0.31, 4.2): after a space, and not behind a backslash. */
const withoutClosing = (text: string): string =>
  text
    .trimEnd()
    .replace(/(?:^|\s)#+$/, '')
    .trimEnd();

const CALL_COLUMN = 7;

/** The script inside Markdown: ours, or a sheet that somebody else wrote down in headings, lists and tables. */
export function readDanceMarkdown(markdown: string): string {
  const lines = markdown.split('\n').flatMap((line): string[] => {
    const cells = cellsOf(line);
    if (!cells) return [plainLine(line)];
    if (cells.every((cell) => /^:?-*:?$/.test(cell)) || /^counts?$/i.test(cells[0])) return [];
    const [counts, call = ''] = cells;
    return [counts === '' ? `${' '.repeat(CALL_COLUMN)}${call}` : `${counts.padEnd(CALL_COLUMN - 1)} ${call}`];
  });
  return `${lines
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim()}\n`;
}

function plainLine(line: string): string {
  const fact = /^\s*[-*]\s+\*\*(.+?)\*\*:(.*)$/.exec(line);
  if (fact) return `${unescape(fact[1])}:${unescape(fact[2])}`;
  const mark = /^\s*(?:#+|>)\s*/.exec(line)?.[0];
  if (mark !== undefined) return mark + unescape(withoutClosing(line.slice(mark.length)));
  return unescape(line.replace(/^\s*[-*]\s+/, '').replace(/\*\*/g, ''));
}

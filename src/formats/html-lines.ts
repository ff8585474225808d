/** Lines of a web page or a mail: headings, paragraphs, lists and the rows of tables, in the order they stand. Nothing in it is run. */
import { parse, type DefaultTreeAdapterTypes } from 'parse5';

type Node = DefaultTreeAdapterTypes.Node;
type Element = DefaultTreeAdapterTypes.Element;

const SILENT = new Set([
  'script',
  'style',
  'template',
  'head',
  'title',
  'noscript',
  'svg',
  'iframe',
  'object',
  'select',
  'textarea',
]);
const BLOCKS = new Set('address article aside blockquote center dd details div dl dt fieldset figure footer form header hr legend li main nav ol p pre section summary ul table'.split(' ')); // prettier-ignore
const HEADINGS: Readonly<Record<string, string>> = { h1: '# ', h2: '## ', h3: '## ', h4: '## ', h5: '## ', h6: '## ' };

const COUNTS_HEAD = /^(?:counts?|temps|comptes?|zählzeiten|taktschläge)$/i;
const STEPS_HEAD = /^(?:calls?|steps?|schritte?|pas|figures?|description)$/i;
/** The table of walls that a sheet is handed out with: worked out, not written. */
const WALLS_HEAD = /^(?:wall|wand|mur)$/i;
const CALL_COLUMN = 7;
/** Deeper is no page anybody wrote. */
const DEEPEST = 400;

const isElement = (node: Node): node is Element => 'tagName' in node;
const childrenOf = (node: Node): readonly Node[] => ('childNodes' in node ? node.childNodes : []);

function readHtmlLines(html: string): string[] {
  const lines: string[] = [];
  let open = '';
  let prefix = '';
  const close = (): void => {
    const text = open.replace(/[ \t\u00a0]+/g, ' ').trim();
    if (text) lines.push(prefix + text);
    open = '';
  };
  const breakLine = (): void => {
    if (lines.length > 0 && lines[lines.length - 1] !== '') lines.push('');
  };
  const walk = (node: Node, depth: number): void => {
    if (depth > DEEPEST) return;
    if (node.nodeName === '#text' && 'value' in node) {
      open += node.value.replace(/\s+/g, ' ');
      return;
    }
    if (!isElement(node)) return childrenOf(node).forEach((child) => walk(child, depth + 1));
    const { tagName } = node;
    if (SILENT.has(tagName) || node.attrs.some(({ name }) => name === 'hidden')) return;
    if (tagName === 'br') return close();
    if (tagName === 'table') {
      close();
      lines.push(...tableLines(node));
      return breakLine();
    }
    const heading = HEADINGS[tagName];
    if (!heading && !BLOCKS.has(tagName)) return childrenOf(node).forEach((child) => walk(child, depth + 1));
    close();
    const before = prefix;
    if (heading) {
      breakLine();
      prefix = heading;
    } else if (tagName === 'blockquote') prefix = '> ';
    childrenOf(node).forEach((child) => walk(child, depth + 1));
    close();
    prefix = before;
    if (tagName === 'ul' || tagName === 'ol') breakLine();
  };
  walk(parse(html), 0);
  close();
  return lines;
}

/** Text of a cell in one line. */
function cellText(node: Node, depth = 0): string {
  if (depth > DEEPEST) return '';
  if (node.nodeName === '#text' && 'value' in node) return node.value;
  if (isElement(node) && SILENT.has(node.tagName)) return '';
  const space = isElement(node) && (node.tagName === 'br' || BLOCKS.has(node.tagName)) ? ' ' : '';
  return `${space}${childrenOf(node)
    .map((child) => cellText(child, depth + 1))
    .join('')}${space}`;
}

function rowsOf(node: Node, depth = 0): string[][] {
  if (depth > DEEPEST) return [];
  return childrenOf(node).flatMap((child) => {
    if (!isElement(child)) return [];
    if (child.tagName !== 'tr') return rowsOf(child, depth + 1);
    const cells = childrenOf(child).filter((cell): cell is Element => isElement(cell) && /^t[dh]$/.test(cell.tagName));
    return [cells.map((cell) => cellText(cell).replace(/\s+/g, ' ').trim())];
  });
}

/** A table of counts and steps gives step lines, whatever else it tells; any other its cells side by side. */
function tableLines(table: Element): string[] {
  const rows = rowsOf(table).filter((cells) => cells.some(Boolean));
  const [head] = rows;
  if (!head) return [];
  if (WALLS_HEAD.test(head[0] ?? '')) return [];
  const counts = head.findIndex((cell) => COUNTS_HEAD.test(cell));
  const steps = head.findIndex((cell) => STEPS_HEAD.test(cell));
  if (counts >= 0 && steps >= 0)
    return rows.slice(1).map((cells) => {
      const [own, call] = [cells[counts] ?? '', cells[steps] ?? ''];
      return own ? `${own.padEnd(CALL_COLUMN - 1)} ${call}` : `${' '.repeat(CALL_COLUMN)}${call}`;
    });
  return rows.map((cells) => cells.filter(Boolean).join(' '));
}

/** As one script. */
export const htmlToScript = (html: string): string =>
  `${readHtmlLines(html)
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim()}\n`;

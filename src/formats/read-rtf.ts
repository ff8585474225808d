/**
 * The words of a Rich Text file as a script: paragraphs, lines, tabs and the cells of tables. Fonts, colours, pictures and fields are
 * passed over. Rich Text Format Specification 1.9.1 (Microsoft, 2008). The packages for it want a page or Node's streams, so the part
 * that a sheet needs is read here.
 */

/** `\par`, `\'e4`, `\u228?`, braces, and everything else up to the next of them. */
const PIECE = /\\([a-z]{1,32})(-?\d{1,10})? ?|\\'([0-9a-f]{2})|\\([^a-z'])|([{}])|([^\\{}\r\n]+)|[\r\n]+/gi;

/** Groups that hold no words of the text. */
const SILENT: ReadonlySet<string> = new Set('fonttbl colortbl stylesheet info pict object header footer headerl headerr footerl footerr listtable listoverridetable rsidtbl generator themedata datastore latentstyles xmlnstbl fldinst annotation atnid atnauthor'.split(' ')); // prettier-ignore

const SIGNS: Readonly<Record<string, string>> = {
  par: '\n', line: '\n', sect: '\n', page: '\n', row: '\n', cell: '\t', nestcell: '\t', nestrow: '\n', tab: '\t',
  emdash: '—', endash: '–', lquote: '‘', rquote: '’', ldblquote: '“', rdblquote: '”', bullet: '•', emspace: ' ', enspace: ' ',
}; // prettier-ignore

interface Group {
  readonly silent: boolean;
  /** Letters that stand behind a `\u` for readers that don't know it. */
  readonly fallback: number;
}

export const isRtf = (bytes: Uint8Array): boolean =>
  new TextDecoder('latin1').decode(bytes.subarray(0, 6)).startsWith('{\\rtf');

export function readRtf(bytes: Uint8Array): string {
  const source = new TextDecoder('latin1').decode(bytes);
  const page = codePageOf(source);
  const groups: Group[] = [];
  let group: Group = { silent: false, fallback: 1 };
  let text = '';
  /** Letters still to be passed over. */
  let passing = 0;
  const add = (words: string): void => {
    const left = words.slice(passing);
    passing = Math.max(0, passing - words.length);
    if (!group.silent) text += left;
  };
  for (const [, word, number, hex, sign, brace, words] of source.matchAll(PIECE)) {
    if (brace === '{') groups.push(group);
    else if (brace === '}') group = groups.pop() ?? group;
    else if (hex) add(page.decode(Uint8Array.of(Number.parseInt(hex, 16))));
    else if (sign === '*') group = { ...group, silent: true };
    else if (sign) add(sign === '~' ? ' ' : sign === '_' ? '-' : /[\\{}]/.test(sign) ? sign : '');
    else if (word === 'u') {
      add(String.fromCharCode(Number(number) & 0xffff));
      passing = group.fallback;
    } else if (word === 'uc') group = { ...group, fallback: Math.min(Math.max(Number(number ?? 1), 0), 8) };
    else if (word && SILENT.has(word)) group = { ...group, silent: true };
    else if (word) add(Object.hasOwn(SIGNS, word) ? SIGNS[word] : '');
    else if (words) add(words);
  }
  return `${text
    // A cell ends with a paragraph of its own.
    .replace(/(?<!\n)\n+\t/g, '\t')
    .split('\n')
    .map((line) => line.trimEnd())
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim()}\n`;
}

/** `\ansicpg1252`; letters of other pages are rare and then read as these. */
function codePageOf(source: string): TextDecoder {
  const page = /\\ansicpg(\d{3,5})/.exec(source.slice(0, 400))?.[1] ?? '1252';
  try {
    return new TextDecoder(`windows-${page}`);
  } catch {
    return new TextDecoder('windows-1252');
  }
}

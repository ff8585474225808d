/**
 * A dance as an OpenDocument text (ODF 1.3, OASIS; ISO/IEC 26300): real headings and tables, and the way back. Its first entry is the
 * plain `mimetype`, as part 2, chapter 3.3 asks.
 */
import { hourOfFacing, SHEET_WORDS, type Language, type SheetWords, type Study } from '../core';
import { packOdf } from './zip';

const NAMESPACES = [
  'office="urn:oasis:names:tc:opendocument:xmlns:office:1.0"',
  'style="urn:oasis:names:tc:opendocument:xmlns:style:1.0"',
  'text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"',
  'table="urn:oasis:names:tc:opendocument:xmlns:table:1.0"',
  'fo="urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0"',
  'manifest="urn:oasis:names:tc:opendocument:xmlns:manifest:1.0"',
]
  .map((name) => `xmlns:${name}`)
  .join(' ');

const ESCAPES: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };

/** Letters that no XML may hold are left out (XML 1.0, production 2). */
const writable = (words: string): string =>
  words.replace(/\p{Cc}|[\ufffe\uffff]/gu, (sign) => (/\s/.test(sign) ? ' ' : ''));
const escape = (words: string): string => writable(words).replace(/[&<>"]/g, (sign) => ESCAPES[sign]);

const paragraph = (words: string, style = 'Standard'): string =>
  `<text:p text:style-name="${style}">${escape(words)}</text:p>`;
const heading = (words: string, level: number): string =>
  `<text:h text:style-name="Heading_20_${level}" text:outline-level="${level}">${escape(words)}</text:h>`;
const row = (cells: readonly string[]): string =>
  `<table:table-row>${cells.map((cell) => `<table:table-cell office:value-type="string">${paragraph(cell)}</table:table-cell>`).join('')}</table:table-row>`; // prettier-ignore

const table = (rows: readonly (readonly string[])[], name: string): string =>
  `<table:table table:name="${name}"><table:table-column table:number-columns-repeated="${rows[0].length}"/>${rows.map(row).join('')}</table:table>`; // prettier-ignore

const letters = (words: SheetWords, foot: string): string => (foot === 'R' || foot === 'L' ? words.letters[foot] : '');

/** Everything the script says, in its order, with what was worked out beside it. */
function bodyOf({ script, view }: Study, words: SheetWords): string {
  const out: string[] = [];
  let rows: string[][] = [];
  const { counts, call, feet, weight, facing } = words.columns;
  const close = (): void => {
    if (rows.length > 0) out.push(table([[counts, call, feet, weight, facing], ...rows], `T${out.length}`));
    rows = [];
  };
  for (const { kind, index, text: own, step } of script.lines) {
    const text = own.trim();
    if (kind === 'step') {
      const at = step?.groups[0]?.counts?.span.to ?? 0;
      const shown = view.lines[index];
      const danced = shown?.feet.map(({ foot }) => (foot ? letters(words, foot) : '·')).join(' ') ?? '';
      rows.push([own.slice(0, at).trim(), own.slice(at).trim(), danced, ...(shown ? [letters(words, shown.weight), hourOfFacing(shown.facing)] : ['', ''])]); // prettier-ignore
    } else if (kind === 'option') rows.push(['', text, '', '', '']);
    else if (kind !== 'blank') {
      close();
      if (kind === 'title') out.push(heading(script.title, 1));
      else if (kind === 'heading') out.push(heading(text.replace(/^#+\s*/, ''), 2));
      else if (kind === 'note') out.push(paragraph(text.replace(/^>\s*/, ''), 'Note'));
      else out.push(paragraph(text));
    }
  }
  close();
  return out.join('');
}

const STYLES = `<office:styles>
<style:style style:name="Standard" style:family="paragraph"/>
<style:style style:name="Note" style:family="paragraph" style:parent-style-name="Standard"><style:text-properties fo:font-style="italic"/></style:style>
<style:style style:name="Heading_20_1" style:display-name="Heading 1" style:family="paragraph"><style:text-properties fo:font-size="22pt" fo:font-weight="bold"/></style:style>
<style:style style:name="Heading_20_2" style:display-name="Heading 2" style:family="paragraph"><style:paragraph-properties fo:margin-top="14pt" fo:keep-with-next="always"/><style:text-properties fo:font-size="12pt" fo:font-weight="bold"/></style:style>
</office:styles>`; // prettier-ignore

const HEAD = '<?xml version="1.0" encoding="UTF-8"?>';
const MIME = 'application/vnd.oasis.opendocument.text';

export function printDanceOdt(study: Study, language: Language): Uint8Array {
  const body = bodyOf(study, SHEET_WORDS[language]);
  const entry = (path: string, type: string): string =>
    `<manifest:file-entry manifest:full-path="${path}" manifest:media-type="${type}"/>`;
  const files = [
    { name: 'content.xml', content: `${HEAD}<office:document-content ${NAMESPACES} office:version="1.3"><office:body><office:text>${body}</office:text></office:body></office:document-content>` },
    { name: 'styles.xml', content: `${HEAD}<office:document-styles ${NAMESPACES} office:version="1.3">${STYLES}</office:document-styles>` },
    { name: 'META-INF/manifest.xml', content: `${HEAD}<manifest:manifest ${NAMESPACES} manifest:version="1.3">${entry('/', MIME)}${entry('content.xml', 'text/xml')}${entry('styles.xml', 'text/xml')}</manifest:manifest>` },
  ]; // prettier-ignore
  return packOdf(MIME, files);
}

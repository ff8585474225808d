/** A dance as a Word file (Office Open XML, ISO/IEC 29500): real headings and tables, and the way back. Loaded when it is used. */
import {
  AlignmentType,
  BorderStyle,
  Document,
  Footer,
  HeadingLevel,
  Packer,
  PageNumber,
  Paragraph,
  Table,
  TableCell,
  TableLayoutType,
  TableRow,
  TextRun,
  WidthType,
  type ITableCellOptions,
} from 'docx';
import { hourOfFacing, SHEET_WORDS, viewSheet, type Language, type SheetWords, type Study } from '../core';

/** Twips, twentieths of a point. */
const PAGES = { a4: { width: 11_906, height: 16_838 }, letter: { width: 12_240, height: 15_840 } } as const;
const MARGIN = 1000;
const FONT = 'Atkinson Hyperlegible Next';
const COUNTRIES: Readonly<Record<Language, string>> = { en: 'en-GB', de: 'de-DE', fr: 'fr-FR' };

export interface DocxChoice {
  readonly language: Language;
  readonly paper: string;
  readonly revision?: string;
}

type Child = Paragraph | Table;

const LINE = { style: BorderStyle.SINGLE, size: 4, color: 'D5D0C3' };
const NONE = { style: BorderStyle.NONE, size: 0, color: 'auto' };
const BORDERS = { top: NONE, left: NONE, right: NONE, bottom: LINE };

function table(widths: readonly number[], head: readonly string[], rows: readonly (readonly string[])[]): Table {
  const cell = (text: string, index: number, isHead: boolean): TableCell => {
    const options: ITableCellOptions = {
      width: { size: widths[index], type: WidthType.DXA },
      borders: BORDERS,
      margins: { top: 40, bottom: 40, left: 0, right: 100 },
      children: [
        new Paragraph({
          alignment: index === widths.length - 1 ? AlignmentType.RIGHT : AlignmentType.LEFT,
          children: [
            new TextRun({
              text,
              bold: !isHead && (index === 0 || index === widths.length - 1),
              color: isHead ? '56605C' : undefined,
              size: isHead ? 16 : undefined,
            }),
          ],
        }),
      ],
    };
    return new TableCell(options);
  };
  return new Table({
    layout: TableLayoutType.FIXED,
    width: { size: widths.reduce((sum, width) => sum + width, 0), type: WidthType.DXA },
    columnWidths: [...widths],
    rows: [
      new TableRow({
        tableHeader: true,
        cantSplit: true,
        children: head.map((text, index) => cell(text, index, true)),
      }),
      ...rows.map(
        (cells) => new TableRow({ cantSplit: true, children: cells.map((text, index) => cell(text, index, false)) }),
      ),
    ],
  });
}

const letters = (words: SheetWords, foot: string): string => (foot === 'R' || foot === 'L' ? words.letters[foot] : '');

/** Everything the script says, in its order, with what was worked out beside it; the walls and the cautions behind. */
function childrenOf(study: Study, words: SheetWords, width: number): Child[] {
  const { script, view } = study;
  const out: Child[] = [];
  let rows: string[][] = [];
  const widths = [950, width - 950 - 1500 - 1100 - 1000, 1500, 1100, 1000];
  const close = (): void => {
    const { counts, call, feet, weight, facing } = words.columns;
    if (rows.length > 0) out.push(table(widths, [counts, call, feet, weight, facing], rows));
    rows = [];
  };
  for (const line of script.lines) {
    const text = line.text.trim();
    if (line.kind === 'step') {
      const counts = line.step?.groups[0]?.counts;
      const at = counts ? counts.span.to : 0;
      const shown = view.lines[line.index];
      rows.push([
        line.text.slice(0, at).trim(),
        line.text.slice(at).trim(),
        shown?.feet.map(({ foot }) => (foot ? letters(words, foot) : '·')).join(' ') ?? '',
        shown ? letters(words, shown.weight) : '',
        shown ? hourOfFacing(shown.facing) : '',
      ]);
      continue;
    }
    if (line.kind === 'option') {
      rows.push(['', text, '', '', '']);
      continue;
    }
    if (line.kind === 'blank') continue;
    close();
    if (line.kind === 'title') out.push(new Paragraph({ heading: HeadingLevel.HEADING_1, text: script.title }));
    else if (line.kind === 'heading')
      out.push(new Paragraph({ heading: HeadingLevel.HEADING_2, text: text.replace(/^#+\s*/, ''), keepNext: true }));
    else if (line.kind === 'note') out.push(new Paragraph({ style: 'Note', text: text.replace(/^>\s*/, '') }));
    else if (line.kind === 'header') {
      const colon = text.indexOf(':');
      out.push(
        new Paragraph({
          children: [
            new TextRun({ text: text.slice(0, colon + 1), color: '56605C' }),
            new TextRun({ text: text.slice(colon + 1), bold: true }),
          ],
        }),
      );
    } else out.push(new Paragraph({ text }));
  }
  close();
  return [...out, ...workedOut(study, words, width)];
}

/** Not part of the script: left out when the file is read again. */
function workedOut({ dance }: Study, words: SheetWords, width: number): Child[] {
  const sheet = viewSheet(dance, { language: words.language });
  const { wallColumns } = words;
  const walls = sheet.walls.map(({ name, startHour, counts, happens, endHour }) => [
    name,
    startHour,
    counts,
    happens.join('; '),
    endHour,
  ]);
  const rest = 1000 + 1100 + 1200 + 1000;
  return [
    ...(walls.length > 0
      ? [
          new Paragraph({ text: '', spacing: { before: 200 } }),
          table(
            [1000, 1100, 1200, width - rest, 1000],
            [wallColumns.wall, wallColumns.starts, wallColumns.counts, wallColumns.happens, wallColumns.ends],
            walls,
          ),
        ]
      : []),
    ...sheet.cautions.map((text) => new Paragraph({ style: 'Caution', text })),
  ];
}

function danceDocx(study: Study, { language, paper, revision }: DocxChoice): Document {
  const words = SHEET_WORDS[language];
  const size = paper === 'letter' ? PAGES.letter : PAGES.a4;
  const author = study.script.header.entries.find(({ key }) => key === 'author')?.value;
  const quiet = { size: 16, color: '56605C' };
  const title = study.script.title || words.untitled;
  return new Document({
    title,
    creator: author ?? 'Pace Slate',
    styles: {
      default: {
        document: { run: { font: FONT, size: 21, language: { value: COUNTRIES[language] } } },
        heading1: {
          run: { font: FONT, size: 44, bold: true, color: '1C272D' },
          paragraph: { spacing: { after: 160 } },
        },
        heading2: {
          run: { font: FONT, size: 24, bold: true, color: '1C272D' },
          paragraph: { spacing: { before: 280, after: 60 } },
        },
      },
      paragraphStyles: [
        { id: 'Note', name: 'Note', basedOn: 'Normal', run: { italics: true, color: '56605C' } },
        {
          id: 'Caution',
          name: 'Caution',
          basedOn: 'Normal',
          run: { size: 18 },
          paragraph: { spacing: { before: 120 }, indent: { left: 200 } },
        },
      ],
    },
    sections: [
      {
        properties: { page: { size, margin: { top: MARGIN, bottom: MARGIN, left: MARGIN, right: MARGIN } } },
        footers: {
          default: new Footer({
            children: [
              new Paragraph({
                children: [
                  new TextRun({
                    text: [title, revision && words.revision(revision)].filter(Boolean).join(' · '),
                    ...quiet,
                  }),
                  new TextRun({ children: ['   ', PageNumber.CURRENT, ' / ', PageNumber.TOTAL_PAGES], ...quiet }),
                ],
              }),
            ],
          }),
        },
        children: childrenOf(study, words, size.width - 2 * MARGIN),
      },
    ],
  });
}

export const printDanceDocx = async (study: Study, choice: DocxChoice): Promise<Uint8Array> =>
  new Uint8Array(await Packer.toArrayBuffer(danceDocx(study, choice)));

/** Every form a dance leaves in: a row each. How each is made stands in make-export.ts, which is loaded where it is made. */
import { studyText, viewSummary, type Language } from '../core';
import { PLAIN_PAPER, type PaperChoice } from '../paper/page';

export const EXPORT_IDS = ['pdf', 'docx', 'odt', 'html', 'md', 'txt', 'csv', 'json'] as const;
export type ExportId = (typeof EXPORT_IDS)[number];

export interface ExportForm {
  readonly id: ExportId;
  readonly name: string;
  /** What it is good for, in a few words. */
  readonly use: string;
  readonly ending: string;
  readonly mime: string;
}

// prettier-ignore
export const EXPORT_FORMS: readonly ExportForm[] = [
  { id: 'pdf', name: 'PDF', use: 'the pages as they stand here', ending: 'pdf', mime: 'application/pdf' },
  { id: 'docx', name: 'Word file', use: 'to go on writing in', ending: 'docx', mime: 'application/vnd.openxmlformats-officedocument.wordprocessingml.document' },
  { id: 'odt', name: 'OpenDocument text', use: 'to go on writing in, in any word processor', ending: 'odt', mime: 'application/vnd.oasis.opendocument.text' },
  { id: 'html', name: 'Web page', use: 'one file, for a phone or a mail', ending: 'html', mime: 'text/html' },
  { id: 'md', name: 'Markdown', use: 'for notes and websites', ending: 'md', mime: 'text/markdown' },
  { id: 'txt', name: 'Text', use: 'the script itself', ending: 'txt', mime: 'text/plain' },
  { id: 'csv', name: 'CSV', use: 'a row a line and a row a step', ending: 'csv', mime: 'text/csv' },
  { id: 'json', name: 'JSON', use: 'for other programs', ending: 'json', mime: 'application/json' },
];

export const exportForm = (id: ExportId): ExportForm => EXPORT_FORMS.find((one) => one.id === id) as ExportForm;

export interface ExportOrder {
  /** In the language and the style it is to leave in. */
  readonly text: string;
  /** As it is kept: what a file carries for the way back. */
  readonly original: string;
  readonly personal: string;
  readonly language: Language;
  readonly isTranslated: boolean;
  readonly paper: PaperChoice;
  readonly wall?: number;
  readonly revision?: string;
  /** Milliseconds. */
  readonly madeAt: number;
}

/** The plainest order for a dance: as it is written, on A4. */
export const plainOrder = (text: string, personal: string, language: Language, madeAt: number): ExportOrder => ({
  text,
  original: text,
  personal,
  language,
  isTranslated: false,
  paper: PLAIN_PAPER,
  madeAt,
});

/** Three lines for a message. */
export const summaryText = ({ text, personal, language }: ExportOrder): string =>
  viewSummary(studyText(text, personal).dance, { language }).join('\n');

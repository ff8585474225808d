/** `slate convert`: a dance in another form, on standard output. */
import { studyText, viewSheet, type Study } from '../core';
import { printDanceCsv } from '../formats/dance-csv';
import { printDanceHtml } from '../formats/dance-html';
import { printDanceJson } from '../formats/dance-json';
import { printDanceMarkdown } from '../formats/dance-markdown';
import { filesOf, readInput, refuse } from './input';

export const CONVERSIONS = ['txt', 'json', 'md', 'html', 'csv'] as const;
export type Conversion = (typeof CONVERSIONS)[number];

function converted(study: Study, to: Conversion): string {
  const { text, script, dance } = study;
  switch (to) {
    case 'txt':
      return text;
    case 'json':
      return printDanceJson({ title: script.title, text });
    case 'md':
      return printDanceMarkdown(study);
    case 'html':
      return printDanceHtml(viewSheet(dance), text);
    case 'csv':
      return printDanceCsv(study);
  }
}

export function convertFiles(named: readonly string[], to: Conversion): number {
  let worst = 0;
  for (const file of filesOf(named)) {
    const opened = readInput(file);
    if ('problem' in opened) worst = refuse(`${file}: ${opened.problem}`);
    else process.stdout.write(converted(studyText(opened.text), to));
  }
  return worst;
}

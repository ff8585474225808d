/** The ways a sheet leaves as a file. The formats and the fonts are fetched when they are first used. */
import { viewSheet, withOwnFigures, type Study } from '../../../core';
import { downloadFile, fileName } from '../dances/download';
import { personalFigures, studyLive } from '../settings/settings';
import type { DanceSession } from '../document/session';

const studyOf = (session: DanceSession): Study => studyLive(session.text);
const titleOf = (session: DanceSession): string => studyOf(session).script.title;
/** The text with the writer's own figures it uses: it reads the same on another slate. */
const textOf = (session: DanceSession): string =>
  withOwnFigures(session.text, studyOf(session).dance, personalFigures());

export function exportText(session: DanceSession): void {
  downloadFile(fileName(titleOf(session), 'txt'), 'text/plain', textOf(session));
}

export async function exportJson(session: DanceSession): Promise<void> {
  const { printDanceJson } = await import('../../../formats/dance-json');
  const title = titleOf(session);
  const content = printDanceJson({ title, text: textOf(session), changedAt: new Date().toISOString() });
  downloadFile(fileName(title, 'json'), 'application/json', content);
}

export async function exportMarkdown(session: DanceSession): Promise<void> {
  const { printDanceMarkdown } = await import('../../../formats/dance-markdown');
  const content = printDanceMarkdown(studyLive(textOf(session)));
  downloadFile(fileName(titleOf(session), 'md'), 'text/markdown', content);
}

export async function exportCsv(session: DanceSession): Promise<void> {
  const { printDanceCsv } = await import('../../../formats/dance-csv');
  downloadFile(fileName(titleOf(session), 'csv'), 'text/csv', printDanceCsv(studyLive(textOf(session))));
}

export async function exportHtml(session: DanceSession): Promise<void> {
  const [{ printDanceHtml }, { FONT_FACES }] = await Promise.all([
    import('../../../formats/dance-html'),
    import('./font-faces'),
  ]);
  const { dance } = studyOf(session);
  downloadFile(
    fileName(titleOf(session), 'html'),
    'text/html',
    printDanceHtml(viewSheet(dance), textOf(session), FONT_FACES),
  );
}

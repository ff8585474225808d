/** The ways a sheet leaves as a file. The formats and the fonts are fetched when they are first used. */
import { studyText, viewSheet } from '../../../core';
import { downloadFile, fileName } from '../dances/download';
import type { DanceSession } from '../document/session';

const titleOf = (session: DanceSession): string => studyText(session.text).script.title;

export function exportText(session: DanceSession): void {
  downloadFile(fileName(titleOf(session), 'txt'), 'text/plain', session.text);
}

export async function exportJson(session: DanceSession): Promise<void> {
  const { printDanceJson } = await import('../../../formats/dance-json');
  const title = titleOf(session);
  const content = printDanceJson({ title, text: session.text, changedAt: new Date().toISOString() });
  downloadFile(fileName(title, 'json'), 'application/json', content);
}

export async function exportHtml(session: DanceSession): Promise<void> {
  const [{ printDanceHtml }, { FONT_FACES }] = await Promise.all([
    import('../../../formats/dance-html'),
    import('./font-faces'),
  ]);
  const { dance } = studyText(session.text);
  downloadFile(
    fileName(titleOf(session), 'html'),
    'text/html',
    printDanceHtml(viewSheet(dance), session.text, FONT_FACES),
  );
}

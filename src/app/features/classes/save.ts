/** What leaves the log as a file: the calendar's library is loaded when it is asked for. */
import type { ClassGroup, Evening } from '../../../core';
import { printLog } from '../../../formats/log-csv';
import { downloadFile, fileName } from '../files/download';

export async function saveCalendar(groups: readonly ClassGroup[], evenings: readonly Evening[]): Promise<void> {
  const { printCalendar } = await import('../../../formats/calendar');
  const name = groups.length === 1 ? groups[0].name : 'classes';
  downloadFile(fileName(name, 'ics'), 'text/calendar', printCalendar({ groups, evenings, madeAt: Date.now() }));
}

export const saveLog = (evenings: readonly Evening[]): void =>
  downloadFile('log-of-classes.csv', 'text/csv', printLog(evenings));

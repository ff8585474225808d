/** The log as CSV (RFC 4180): a row a dance on an evening; an evening on which nothing is noted has a row as well. */
import type { Evening } from '../core';
import { printRows } from './dance-csv';

const HEAD = ['date', 'time', 'group', 'place', 'evening', 'dance', 'sections', 'of', 'walls', 'walked in place', 'music', 'tripped at', 'handed out', 'notes'] as const; // prettier-ignore

export const printLog = (evenings: readonly Evening[]): string => printRows([[...HEAD], ...evenings.flatMap(rowsOf)]);

function rowsOf({ date, time, groupName, place, state, notes, words }: Evening): string[][] {
  const evening = [date, time, groupName, place, state];
  if (notes.length === 0) return [[...evening, '', '', '', '', '', '', '', '', words]];
  return notes.map(({ title, sections, of, walls, inPlace, music, tripped, handedOut = '' }) => [
    ...evening,
    title,
    sections.join(' '),
    String(of),
    String(walls),
    inPlace.join('; '),
    music ? 'yes' : 'no',
    tripped.map((trip) => trip.words).join('; '),
    handedOut,
    words,
  ]);
}

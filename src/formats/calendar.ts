/**
 * Evenings as iCalendar (RFC 5545): each group an event that comes again, and every evening with something of its own (planned, held,
 * cancelled) an event beside it. Times are floating, form 1 of 3.3.5: a class is at eight on the clock of the place. Loaded when it is
 * used.
 */
import ical, { ICalEventRepeatingFreq, ICalEventStatus, type ICalCalendar } from 'ical-generator';
import { eveningsOfGroup, meetingOf, type ClassGroup, type Evening } from '../core';

export interface CalendarOrder {
  readonly groups: readonly ClassGroup[];
  readonly evenings: readonly Evening[];
  /** Milliseconds. */
  readonly madeAt: number;
}

/**
 * Words as they may stand in a calendar (RFC 5545, 3.1 and 3.3.11): no control characters but the break of a line, which the printer
 * escapes as it does commas and semicolons. An id is a part of a line of its own.
 */
// eslint-disable-next-line no-control-regex
const plain = (words: string): string => words.replace(/\r\n?|[\u2028\u2029]/g, '\n').replace(/\t/g, ' ').replace(/[\u0000-\u0009\u000b-\u001f\u007f-\u009f]|\p{Surrogate}/gu, ''); // prettier-ignore
const plainId = (id: string): string => id.replace(/[^\w.-]/g, '_');

/** The clock of the place, written as if it were UTC: what is floating is printed so. */
const at = (date: string, time: string): Date => new Date(`${date}T${time}:00Z`);
const later = (start: Date, minutes: number): Date => new Date(start.getTime() + minutes * 60_000);

export function printCalendar({ groups, evenings, madeAt }: CalendarOrder): string {
  const calendar = ical({ name: 'Classes', prodId: { company: 'Pace Slate', product: 'Classes', language: 'EN' } });
  const stamp = new Date(madeAt);
  for (const group of groups) addGroup(calendar, group, eveningsOfGroup(evenings, group.id), stamp);
  for (const evening of evenings) addEvening(calendar, evening, stamp);
  return calendar.toString();
}

function addGroup(calendar: ICalCalendar, group: ClassGroup, own: readonly Evening[], stamp: Date): void {
  const start = at(group.from, group.time);
  calendar.createEvent({
    id: `group-${plainId(group.id)}@pace-slate`,
    stamp,
    floating: true,
    start,
    end: later(start, group.minutes),
    summary: plain(group.name),
    ...(group.place && { location: plain(group.place) }),
    ...(group.notes && { description: plain(group.notes) }),
    repeating: {
      freq: ICalEventRepeatingFreq.WEEKLY,
      interval: group.every,
      // An evening with a record of its own stands there by itself; it may be at another time.
      ...(own.length > 0 && { exclude: own.map((evening) => at(meetingOf(evening), group.time)) }),
    },
  });
}

function addEvening(calendar: ICalCalendar, evening: Evening, stamp: Date): void {
  const start = at(evening.date, evening.time);
  const description = plain(wordsOf(evening));
  calendar.createEvent({
    id: `evening-${plainId(evening.id)}@pace-slate`,
    stamp,
    floating: true,
    start,
    end: later(start, evening.minutes),
    summary: plain(evening.groupName),
    ...(evening.place && { location: plain(evening.place) }),
    ...(description && { description }),
    status: evening.state === 'cancelled' ? ICalEventStatus.CANCELLED : ICalEventStatus.CONFIRMED,
  });
}

/** The plan before it, what was danced after it. */
function wordsOf({ state, steps, notes, words }: Evening): string {
  const danced = notes.map(({ title, sections, of }) => `${title}: ${sections.length === of ? 'all of it' : `${sections.length} of ${of} sections`}`);
  const planned = steps.map(({ minutes, words: own }) => `${minutes} min ${own}`);
  return [...(state === 'held' ? danced : planned), words].filter((line) => line !== '').join('\n');
} // prettier-ignore

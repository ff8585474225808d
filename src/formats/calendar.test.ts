/** The calendar through another reader (ical.js) and against RFC 5545; the log through a spreadsheet's own reader. */
import { expect, test } from '@jest/globals';
import ICAL from 'ical.js';
import Papa from 'papaparse';
import type { ClassGroup, Evening } from '../core';
import { printCalendar } from './calendar';
import { printLog } from './log-csv';

const GROUP: ClassGroup = {
  id: 'crew', name: 'Crew, “upper; deck”', place: 'Boat shed, slip 2', from: '2026-10-13', every: 2, time: '19:30', minutes: 90, level: '',
  notes: 'Bring water;\nkey under the oar \\ mat', forbids: [], intervals: [1],
}; // prettier-ignore
const evening = (date: string, state: Evening['state'], more: Partial<Evening> = {}): Evening => ({
  id: date, groupId: 'crew', groupName: 'Crew', place: 'Boat shed', date, time: '20:00', minutes: 75, state, steps: [], notes: [], words: '', ...more,
}); // prettier-ignore
const NOTE = { danceId: 'ebb', title: '=Ebb', sections: [1, 2], of: 3, walls: 4, inPlace: ['tag bell'], music: true, tripped: [{ words: '5-6 Pivot', section: 2 }], handedOut: '1' }; // prettier-ignore
const EVENINGS = [
  evening('2026-10-13', 'held', { notes: [NOTE], words: 'Rain, and äöü ☂ all evening long, so that this line of the calendar has to be folded more than once to fit.' }),
  evening('2026-10-27', 'cancelled'),
  evening('2026-11-12', 'planned', { meeting: '2026-11-10', steps: [{ id: 's', kind: 'run', minutes: 5, words: 'Ebb: all of it', why: '', sections: [], cautions: [], isDone: false }] }),
]; // prettier-ignore

const printed = printCalendar({ groups: [GROUP], evenings: EVENINGS, madeAt: Date.UTC(2026, 9, 1) });
const events = new ICAL.Component(ICAL.parse(printed) as unknown[])
  .getAllSubcomponents('vevent')
  .map((own) => new ICAL.Event(own));
const repeating = events.filter((event) => event.isRecurring())[0];

test('lines end in CRLF and are no longer than 75 octets (RFC 5545, 3.1), and what must be there is (3.4, 3.6.1)', () => {
  const lines = printed.split('\r\n');
  expect(printed.replaceAll('\r\n', '')).not.toMatch(/[\r\n]/);
  expect(lines.filter((line) => Buffer.byteLength(line) > 75)).toEqual([]);
  expect(lines.slice(0, 2)).toEqual(['BEGIN:VCALENDAR', 'VERSION:2.0']);
  expect(lines.some((line) => line.startsWith('PRODID:'))).toBe(true);
  expect(printed.match(/^UID:/gm)).toHaveLength(4);
  expect(printed.match(/^DTSTAMP:20261001T000000Z/gm)).toHaveLength(4);
});

test('names, places and notes come back letter for letter', () => {
  expect([repeating.summary, repeating.location, repeating.description]).toEqual([
    GROUP.name,
    GROUP.place,
    GROUP.notes,
  ]);
  const held = events.find(({ uid }) => uid.includes('2026-10-13'));
  expect(held?.description).toBe(`=Ebb: 2 of 3 sections\n${EVENINGS[0].words}`);
});

// Worked on paper: every second Tuesday from 13 October; the 13th and the 27th have events of their own, and so has the 10th of November,
// which was moved to the 12th; over the end of summer time
// (25 October in Europe) the clock stays 19:30, since the time is floating (3.3.5, form 1).
// RFC 5545, 3.3.11: TEXT holds no control characters but the break of a line, which is escaped; 3.1: lines are folded at 75 octets.
test.each(['a\r\nATTENDEE:mailto:x@y', 'a\nEND:VEVENT\nBEGIN:VEVENT', 'a;b,c\\n:"d"', '\u0000\u0007\u001b[2J', 'ü☂'.repeat(60), '\u2028END:VCALENDAR', '\ud800x', '\u0085x'])(
  'a hostile name stays a name, in every field: %j', (hostile) => {
    const group = { ...GROUP, id: hostile, name: hostile, place: hostile, notes: hostile };
    const own = evening('2026-10-13', 'held', { id: hostile, groupName: hostile, place: hostile, words: hostile, notes: [{ ...NOTE, title: hostile }] });
    const text = printCalendar({ groups: [group], evenings: [own], madeAt: 0 });
    const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
    expect(calendar.getAllSubcomponents().map(({ name }) => name)).toEqual(['vevent', 'vevent']);
    const known = new Set(['uid', 'sequence', 'dtstamp', 'dtstart', 'dtend', 'rrule', 'exdate', 'summary', 'location', 'description', 'status']);
    for (const event of calendar.getAllSubcomponents())
      expect(event.getAllProperties().map(({ name }) => name).filter((name) => !known.has(name))).toEqual([]);
    // eslint-disable-next-line no-control-regex
    expect(text).not.toMatch(/[\u0000-\u0009\u000b\u000c\u000e-\u001f\u007f-\u009f]/);
    expect(text.split('\r\n').filter((line) => Buffer.byteLength(line) > 75)).toEqual([]);
    // Letters that are none of a line's own come back as they were.
    const said = hostile.replace(/\r\n|\u2028/g, '\n').replace(/[\u0000\u0007\u001b\ud800\u0085]/g, ''); // eslint-disable-line no-control-regex
    expect(calendar.getAllSubcomponents().map((event) => event.getFirstPropertyValue('location'))).toEqual([said, said]);
  }); // prettier-ignore

test('the evenings come again on their days, at the clock of the place', () => {
  const iterator = repeating.iterator();
  const next = Array.from({ length: 3 }, () => iterator.next());
  expect(next.map(String)).toEqual(['2026-11-24T19:30:00', '2026-12-08T19:30:00', '2026-12-22T19:30:00']);
  expect(next[0].zone.tzid).toBe('floating');
  expect(repeating.duration.toSeconds()).toBe(90 * 60);
});

test('evenings with something of their own stand beside it, a cancelled one as cancelled', () => {
  const own = events.filter((event) => !event.isRecurring());
  expect(own.map(({ startDate, endDate, component }) => [String(startDate), String(endDate), component.getFirstPropertyValue('status')])).toEqual([
    ['2026-10-13T20:00:00', '2026-10-13T21:15:00', 'CONFIRMED'],
    ['2026-10-27T20:00:00', '2026-10-27T21:15:00', 'CANCELLED'],
    ['2026-11-12T20:00:00', '2026-11-12T21:15:00', 'CONFIRMED'],
  ]); // prettier-ignore
  expect(own[2].description).toBe('5 min Ebb: all of it');
});

test.each(['\n=1+1', '\r=1+1', '\t=x', ' =x', '\u00a0=x', '＝1', '＋1', '－1', '＠x', '=x', '+x', '-x', '@x', 'a;＝x', "'=x"])('no cell of the log runs in a spreadsheet: %j', (words) => {
  const { data } = Papa.parse<Record<string, string>>(printLog([evening('2026-10-13', 'held', { words })]), { header: true, skipEmptyLines: true });
  expect(data[0].notes).toMatch(/^'/.test(words) || !words.startsWith('a') ? /^'/ : /^a;'/);
  expect(data[0].notes.replaceAll("'", '')).toBe(words.replaceAll("'", ''));
}); // prettier-ignore

test('the log has a row a dance and one for an evening without any; no cell runs in a spreadsheet', () => {
  const { data, errors } = Papa.parse<Record<string, string>>(printLog(EVENINGS), {
    header: true,
    skipEmptyLines: true,
  });
  expect(errors).toEqual([]);
  expect(data.map(({ date, evening: state, dance, sections, of, music }) => [date, state, dance, sections, of, music])).toEqual([
    ['2026-10-13', 'held', "'=Ebb", '1 2', '3', 'yes'],
    ['2026-10-27', 'cancelled', '', '', '', ''],
    ['2026-11-12', 'planned', '', '', '', ''],
  ]); // prettier-ignore
  expect(data[0]).toMatchObject({ walls: '4', 'walked in place': 'tag bell', 'tripped at': '5-6 Pivot', 'handed out': '1', notes: EVENINGS[0].words }); // prettier-ignore
});

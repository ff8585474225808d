/**
 * Classes: the groups that are taught, their evenings, and what happened with each dance on each of them. A log is written once and
 * kept: it holds the names it was written with, so that nothing is lost when a dance, a group or a revision goes.
 */
import type { Care } from '../vocabulary/figures';

/** A day as it stands on a calendar, `2026-11-24`. It has no time zone: a class is on the Tuesday it is on. */
export type Day = string;

// The civil calendar by arithmetic alone (Howard Hinnant, "chrono-compatible low-level date algorithms", from memory): years begin in
// March, so that the leap day is their last, and come round in eras of 400.
const DAYS_AN_ERA = 146_097;
const DAYS_TO_1970 = 719_468;

/** Days since 1 January 1970, by the calendar alone. */
export function numberOfDay(day: Day): number {
  const [year, month, date] = day.split('-').map(Number);
  const from = month > 2 ? year : year - 1;
  const era = Math.floor(from / 400);
  const ofEra = from - era * 400;
  const ofYear = Math.floor((153 * ((month + 9) % 12) + 2) / 5) + date - 1;
  return era * DAYS_AN_ERA + ofEra * 365 + Math.floor(ofEra / 4) - Math.floor(ofEra / 100) + ofYear - DAYS_TO_1970;
}

export function dayOfNumber(number: number): Day {
  const all = number + DAYS_TO_1970;
  const era = Math.floor(all / DAYS_AN_ERA);
  const left = all - era * DAYS_AN_ERA;
  const ofEra = Math.floor((left - Math.floor(left / 1460) + Math.floor(left / 36_524) - Math.floor(left / 146_096)) / 365);
  const ofYear = left - (365 * ofEra + Math.floor(ofEra / 4) - Math.floor(ofEra / 100));
  const fromMarch = Math.floor((5 * ofYear + 2) / 153);
  const date = ofYear - Math.floor((153 * fromMarch + 2) / 5) + 1;
  const month = ((fromMarch + 2) % 12) + 1;
  const year = ofEra + era * 400 + (month <= 2 ? 1 : 0);
  const two = (value: number): string => String(value).padStart(2, '0');
  return `${String(year).padStart(4, '0')}-${two(month)}-${two(date)}`;
} // prettier-ignore

export const daysBetween = (from: Day, to: Day): number => numberOfDay(to) - numberOfDay(from);

export const dayAfter = (day: Day, days: number): Day => dayOfNumber(numberOfDay(day) + days);

/** 0 Sunday to 6 Saturday. 1 January 1970 was a Thursday. */
export const weekdayOf = (day: Day): number => (((numberOfDay(day) + 4) % 7) + 7) % 7;

/** Such a day, one that the calendar has, and one that somebody may live to dance on. */
export const isDay = (text: string): boolean =>
  /^(?:19[7-9]|2[01]\d)\d-\d{2}-\d{2}$/.test(text) && dayOfNumber(numberOfDay(text)) === text;

/** `19:30`, as a clock shows it. */
export const isClock = (text: string): boolean => /^(?:[01]\d|2[0-3]):[0-5]\d$/.test(text);

const MONTHS = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December']; // prettier-ignore

/** `3 December`. */
export const dayWords = (day: Day): string => `${Number(day.slice(8))} ${MONTHS[Number(day.slice(5, 7)) - 1]}`;

/** What a hall or a group asks to be spared, and which figures' cares it concerns (common practice, no source). */
export interface HallRule {
  readonly id: string;
  readonly words: string;
  readonly cares: readonly Care[];
  /** Said where a plan would break it. */
  readonly caution: string;
}

export const HALL_RULES: readonly HallRule[] = [
  { id: 'no-jumps', words: 'no jumps or stomps', cares: ['landing'], caution: 'No jumps or stomps here: dance the low-impact way, both feet on the floor.' },
  { id: 'hard-floor', words: 'hard floor', cares: ['landing'], caution: 'The floor is hard: land softly with bent knees, or take the low-impact way.' },
  { id: 'sticky-floor', words: 'floor that grips', cares: ['turning'], caution: 'The floor grips: lift the heel and turn on the ball of the foot, or take the way without turns.' },
  { id: 'no-turns', words: 'people who do not turn', cares: ['turning'], caution: 'Some here do not turn: teach the way without turns beside it.' },
  { id: 'no-bends', words: 'no deep bends', cares: ['bending'], caution: 'No deep bends here: keep dips, sits and rolls small, or hold.' },
  { id: 'crowded', words: 'crowded hall', cares: ['backing'], caution: 'It is crowded: small steps, and look before stepping back.' },
]; // prettier-ignore

/** Rules of a group that figures would break, with the names of those figures. */
export const rulesBroken = (
  forbids: readonly string[],
  cares: readonly { readonly care: Care; readonly figure: string }[],
): { readonly rule: HallRule; readonly figures: readonly string[] }[] =>
  HALL_RULES.filter(({ id }) => forbids.includes(id)).flatMap((rule) => {
    const figures = [...new Set(cares.filter(({ care }) => rule.cares.includes(care)).map(({ figure }) => figure))];
    return figures.length > 0 ? [{ rule, figures }] : [];
  });

const MINUTES_A_DAY = 1440;
const minutesOf = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));

/** Minutes by which one clock is later than another, -720 to 720: past midnight it goes on. */
export function minutesLater(clock: string, than: string): number {
  const half = MINUTES_A_DAY / 2;
  return ((((minutesOf(clock) - minutesOf(than) + half) % MINUTES_A_DAY) + MINUTES_A_DAY) % MINUTES_A_DAY) - half;
}

/** An evening may last as much longer, in minutes, and people stay to talk. */
const LINGERS = 180;

/** It is its day, or past midnight and not long over: its clock and its screen go on. */
export function isRunning({ date, time, minutes }: Pick<Evening, 'date' | 'time' | 'minutes'>, day: Day, clock: string): boolean {
  const since = daysBetween(date, day) * MINUTES_A_DAY + minutesOf(clock) - minutesOf(time);
  return date === day || (since > 0 && since < minutes + LINGERS);
} // prettier-ignore

export interface ClassGroup {
  readonly id: string;
  readonly name: string;
  readonly place: string;
  /** The first of its evenings, and so the day of the week. */
  readonly from: Day;
  /** Weeks from one to the next. */
  readonly every: number;
  /** `19:30`, on the clock of the place. */
  readonly time: string;
  /** Of an evening. */
  readonly minutes: number;
  /** In words of the scale. */
  readonly level: string;
  readonly notes: string;
  /** Ids of `HALL_RULES`. */
  readonly forbids: readonly string[];
  /** Weeks after which a dance is due again, the first time, the second, and so on. */
  readonly intervals: readonly number[];
}

export const STEP_KINDS = ['warm-up', 'revision', 'section', 'join', 'run', 'break', 'cool-down', 'other'] as const;
/** What a step of an evening is. */
export type StepKind = (typeof STEP_KINDS)[number];

/** One step of an evening, as it is planned. */
export interface EveningStep {
  /** Its own within the evening. */
  readonly id: string;
  readonly kind: StepKind;
  readonly minutes: number;
  readonly words: string;
  /** Why it is proposed; empty where somebody put it there. */
  readonly why: string;
  readonly danceId?: string;
  /** As the dance was called. */
  readonly title?: string;
  /** Numbers of sections, counted through the whole dance from 1; none: all of it. */
  readonly sections: readonly number[];
  /** Tags and restarts that are walked in it. */
  readonly inPlace?: readonly string[];
  /** Cautions for this hall, as the plan was made. */
  readonly cautions: readonly string[];
  readonly isDone: boolean;
}

/** A line of a script that somebody tripped at. */
export interface Trip {
  /** As it was written then. */
  readonly words: string;
  /** Counted through the whole dance, from 1. */
  readonly section: number;
}

/** The same words may stand in two sections: both tell which line it was. */
export const isSameTrip = (a: Trip, b: Trip): boolean => a.words === b.words && a.section === b.section;

/** What happened with one dance on one evening. */
export interface DanceNote {
  readonly danceId: string;
  readonly title: string;
  /** Sections that were danced, counted through from 1, and how many it had then. */
  readonly sections: readonly number[];
  readonly of: number;
  /** Walls in a row, at most. */
  readonly walls: number;
  /** Tags and restarts that were walked in place. */
  readonly inPlace: readonly string[];
  readonly music: boolean;
  readonly tripped: readonly Trip[];
  /** Name of the revision that was handed out. */
  readonly handedOut?: string;
}

/** What a group asks for, from one day on. It belongs to no evening: those may be moved, or go. */
export interface Request {
  readonly id: string;
  readonly groupId: string;
  /** The day on which it was said. */
  readonly asked: Day;
  readonly title: string;
  /** Where it is on the shelf. */
  readonly danceId?: string;
  readonly who: string;
  /** By when. */
  readonly by?: Day;
  /** Somebody said it is done with; one for a dance that is danced later is done with by itself. */
  readonly isSettled: boolean;
}

export const EVENING_STATES = ['planned', 'held', 'cancelled'] as const;
export type EveningState = (typeof EVENING_STATES)[number];

export interface Evening {
  readonly id: string;
  readonly groupId: string;
  /** As the group was called. */
  readonly groupName: string;
  readonly place: string;
  readonly date: Day;
  /** The day of its week that it stands for, where it was moved to another. */
  readonly meeting?: Day;
  readonly time: string;
  readonly minutes: number;
  readonly state: EveningState;
  readonly steps: readonly EveningStep[];
  readonly notes: readonly DanceNote[];
  /** Anything else. */
  readonly words: string;
}

/** By day, and by the clock on one day. */
export const byDate = (a: Evening, b: Evening): number =>
  a.date.localeCompare(b.date) || a.time.localeCompare(b.time) || a.id.localeCompare(b.id);

export const eveningsOfGroup = (evenings: readonly Evening[], groupId: string): Evening[] =>
  evenings.filter((evening) => evening.groupId === groupId).sort(byDate);

/** Days on which the group meets from a day on, by its week alone: evenings that are cancelled or moved are told by their records. */
export function meetingDays({ from, every }: Pick<ClassGroup, 'from' | 'every'>, since: Day, count: number): Day[] {
  const step = 7 * Math.max(1, Math.round(every));
  const passed = Math.max(0, Math.ceil(daysBetween(from, since) / step));
  return Array.from({ length: count }, (_, index) => dayAfter(from, (passed + index) * step));
}

/** The day of its week that an evening stands for. */
export const meetingOf = ({ date, meeting = date }: Pick<Evening, 'date' | 'meeting'>): Day => meeting;

/** The next evening that takes place, today's among them: one that is kept already, else the next free day of its week. */
export function nextMeeting(group: ClassGroup, evenings: readonly Evening[], today: Day): { readonly date: Day; readonly evening?: Evening } {
  const own = eveningsOfGroup(evenings, group.id);
  const kept = own.find(({ date, state }) => state === 'planned' && date >= today);
  const taken = new Set(own.map(meetingOf));
  // More days than evenings could be taken by.
  const free = meetingDays(group, today, taken.size + 1).find((date) => !taken.has(date)) ?? today;
  return kept && kept.date <= free ? { date: kept.date, evening: kept } : { date: free };
} // prettier-ignore

/** Requests of a group that nothing was done about: the dance was danced on no later day, nor on the very evening it was asked for. */
export function openRequests(requests: readonly Request[], evenings: readonly Evening[], groupId: string): Request[] {
  const held = evenings.filter((evening) => evening.groupId === groupId && evening.state === 'held');
  const isDanced = ({ danceId, asked, by }: Request): boolean =>
    danceId !== undefined && held.some(({ date, notes }) => (date > asked || (date === asked && by === asked)) && notes.some((note) => note.danceId === danceId));
  return requests
    .filter((request) => request.groupId === groupId && !request.isSettled && !isDanced(request))
    .sort((a, b) => a.asked.localeCompare(b.asked));
} // prettier-ignore

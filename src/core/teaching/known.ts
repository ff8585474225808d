/**
 * What a group knows, worked out from its log: how far each dance came, when it was danced last, what tripped people, and when it is
 * due again. The spacing is Leitner's boxes (Sebastian Leitner, "So lernt man lernen", 1972, from memory): what went well moves up a
 * box and rests longer, what did not moves down. A slip puts a dance back by one box and not into the first: a line was forgotten, not
 * the dance. The intervals are the project's own judgement and can be set for each group.
 */
import {
  dayAfter,
  daysBetween,
  eveningsOfGroup,
  isSameTrip,
  type ClassGroup,
  type DanceNote,
  type Day,
  type Evening,
  type Trip,
} from './classes';

/** Weeks, box by box. */
export const USUAL_INTERVALS: readonly number[] = [1, 2, 4, 8, 16];

/** What a group knows of dances as long as they are now: a section that came since is not known, one that went is no longer. */
export const knownNow = (known: readonly Known[], lengthOf: (danceId: string) => number | undefined): Known[] =>
  known.map((one) => {
    const of = lengthOf(one.danceId) ?? one.of;
    const [sections, weak] = [one.sections, one.weak].map((all) => all.filter((section) => section <= of));
    return { ...one, of, sections, weak, isWhole: of > 0 && sections.length === of };
  });

export interface TrippedAt extends Trip {
  readonly times: number;
  readonly last: Day;
}

export interface Known {
  readonly danceId: string;
  /** As it was called last. */
  readonly title: string;
  readonly first: Day;
  readonly last: Day;
  /** Evenings on which it was danced. */
  readonly evenings: number;
  /** Sections that were reached, in order, and how many there were when it was danced last. */
  readonly sections: readonly number[];
  readonly of: number;
  /** All of it was reached. */
  readonly isWhole: boolean;
  readonly withMusic: boolean;
  /** Most in a row. */
  readonly walls: number;
  readonly inPlace: readonly string[];
  readonly tripped: readonly TrippedAt[];
  /** Sections that tripped people when it was danced last. */
  readonly weak: readonly number[];
  readonly handedOut?: { readonly name: string; readonly on: Day };
  /** Place in the group's intervals; 0 also while it is still being taught. */
  readonly box: number;
  readonly due: Day;
}

/** By the evenings that were held, up to a day where one is given. The dance that was danced last comes first. */
export function knownBy(group: Pick<ClassGroup, 'id' | 'intervals' | 'every'>, evenings: readonly Evening[], until?: Day): Known[] {
  const held = eveningsOfGroup(evenings, group.id).filter(({ state, date }) => state === 'held' && (until === undefined || date <= until));
  const known = new Map<string, Known>();
  for (const { date, notes } of held)
    for (const note of notes) known.set(note.danceId, afterEvening(known.get(note.danceId), note, date, group));
  return [...known.values()].sort((a, b) => b.last.localeCompare(a.last) || a.title.localeCompare(b.title));
} // prettier-ignore

/** Of a dance that a group has never danced. */
const UNKNOWN = { first: undefined, evenings: 0, sections: [], withMusic: false, walls: 0, inPlace: [], tripped: [], handedOut: undefined } as const; // prettier-ignore

function afterEvening(known: Known | undefined, note: DanceNote, date: Day, { intervals, every }: Pick<ClassGroup, 'intervals' | 'every'>): Known {
  const was = known ?? UNKNOWN;
  const weeks = intervals.length > 0 ? intervals : USUAL_INTERVALS;
  // Sections that the dance has no more are not known any longer.
  const sections = [...new Set([...was.sections, ...note.sections])].filter((section) => section <= note.of).sort((a, b) => a - b);
  const isWhole = note.of > 0 && sections.length === note.of;
  const box = boxAfter(known, note, isWhole, weeks.length);
  const handed = note.handedOut === undefined ? was.handedOut : { name: note.handedOut, on: date };
  return {
    danceId: note.danceId,
    title: note.title,
    first: was.first ?? date,
    last: date,
    evenings: was.evenings + 1,
    sections,
    of: note.of,
    isWhole,
    withMusic: was.withMusic || note.music,
    walls: Math.max(was.walls, note.walls),
    inPlace: [...new Set([...was.inPlace, ...note.inPlace])],
    tripped: mergeTrips(was.tripped, note.tripped, date),
    weak: [...new Set(note.tripped.map(({ section }) => section))].sort((a, b) => a - b),
    ...(handed && { handedOut: handed }),
    box,
    // What is still being taught goes on with the next evening, and nothing is due before it.
    due: dayAfter(date, 7 * Math.max(1, every, isWhole ? weeks[box] : 0)),
  };
} // prettier-ignore

/** Up where it went well, down by one where people tripped, and as it was where only a piece of it was danced. */
function boxAfter(
  was: Known | undefined,
  { sections, of, tripped }: DanceNote,
  isWhole: boolean,
  boxes: number,
): number {
  if (!isWhole || !was?.isWhole) return 0;
  if (tripped.length > 0) return Math.max(0, was.box - 1);
  return sections.length >= of ? Math.min(boxes - 1, was.box + 1) : Math.min(boxes - 1, was.box);
}

function mergeTrips(was: readonly TrippedAt[], now: readonly Trip[], date: Day): TrippedAt[] {
  const others = was.filter((trip) => !now.some((one) => isSameTrip(one, trip)));
  const met = now.map(({ words, section }) => ({ words, section, times: (was.find((trip) => isSameTrip(trip, { words, section }))?.times ?? 0) + 1, last: date }));
  return [...others, ...met].sort((a, b) => b.times - a.times || b.last.localeCompare(a.last));
} // prettier-ignore

/** Sections of an evening where nothing is known of a group. */
const USUAL_PACE = 2;

/** Sections that were new to a group, on an evening that brought any: the middle of all so far. */
export function paceOf(evenings: readonly Evening[], groupId: string): number {
  const reached = new Map<string, Set<number>>();
  const brought = eveningsOfGroup(evenings, groupId)
    .filter(({ state }) => state === 'held')
    .map(({ notes }) =>
      notes.reduce((sum, { danceId, sections }) => {
        const known = reached.get(danceId) ?? new Set();
        const fresh = sections.filter((section) => !known.has(section));
        reached.set(danceId, new Set([...known, ...fresh]));
        return sum + fresh.length;
      }, 0),
    )
    .filter((count) => count > 0)
    .sort((a, b) => a - b);
  return brought.length === 0 ? USUAL_PACE : brought[Math.floor((brought.length - 1) / 2)];
}

/** What is to be danced again, and how much of it. */
export interface Due {
  readonly known: Known;
  /** Days since it was due; below 0 where it is due later. */
  readonly late: number;
  /** How long it rested, by its interval: 1 when it is due. */
  readonly ratio: number;
  /** Sections that are enough; none: all of it. */
  readonly sections: readonly number[];
  readonly why: string;
}

/** Rested so much longer than it should, a dance is danced whole. */
const LONG = 2;

/** Whole dances that are due by a day, the one that is due most first. `hardest`: the section that stands out, where one does. */
export function dueBy(known: readonly Known[], day: Day, hardest: (danceId: string) => number | undefined = () => undefined): Due[] {
  return known
    .filter((one) => one.isWhole && one.due <= day)
    .map((one): Due => {
      const rested = daysBetween(one.last, day);
      const interval = Math.max(1, daysBetween(one.last, one.due));
      const ratio = rested / interval;
      const sections = ratio >= LONG ? [] : one.weak.length > 0 ? one.weak : one.box >= 2 ? [hardest(one.danceId) ?? 0].filter((section) => section > 0) : [];
      return { known: one, late: daysBetween(one.due, day), ratio, sections, why: whyDue(one, rested, interval, sections) };
    })
    .sort((a, b) => b.ratio - a.ratio || b.late - a.late || a.known.title.localeCompare(b.known.title));
} // prettier-ignore

function whyDue({ tripped, weak, last }: Known, rested: number, interval: number, sections: readonly number[]): string {
  const since = `Last danced ${weeksWords(rested)} ago, due after ${weeksWords(interval)}`;
  const worst = tripped.find((trip) => trip.last === last);
  const slip = worst && weak.length > 0 ? `; people tripped at “${worst.words}”` : '';
  const enough = sections.length === 0 ? '' : slip ? `: section ${sections.join(' and ')} is enough` : `: it is known well, so its hardest section, ${sections.join(' and ')}, is enough`; // prettier-ignore
  return `${since}${slip}${enough}.`;
}

export function weeksWords(days: number): string {
  const weeks = Math.round(days / 7);
  if (days < 7) return days === 1 ? 'a day' : `${days} days`;
  return weeks === 1 ? 'a week' : `${weeks} weeks`;
}

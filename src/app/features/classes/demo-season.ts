/** The boathouse club's season: two groups, twelve evenings, ten dances, told in weeks before today. */
import {
  dayAfter,
  USUAL_INTERVALS,
  weekdayOf,
  type ClassGroup,
  type DanceNote,
  type Day,
  type Evening,
  type Request,
} from '../../../core';

/** One dance on one evening: its title, the sections danced (`1-4/4`), walls, whether with music, and more. */
type Row = readonly [
  title: string,
  sections: string,
  walls: number,
  music: boolean,
  more?: Partial<Pick<DanceNote, 'tripped' | 'inPlace' | 'handedOut'>>,
];

interface Told {
  readonly weeksAgo: number;
  readonly words: string;
  readonly rows: readonly Row[];
  readonly isCancelled?: boolean;
  readonly requests?: readonly (readonly [title: string, who: string, dueInDays?: number])[];
}

interface ToldGroup {
  readonly group: Omit<ClassGroup, 'from'>;
  /** 0 Sunday to 6 Saturday. */
  readonly weekday: number;
  readonly evenings: readonly Told[];
}

const SEASON: readonly ToldGroup[] = [
  {
    group: {
      id: 'boathouse-tuesday',
      name: 'Tuesday learners',
      place: 'Eelpie Boathouse, upper deck',
      every: 1,
      time: '19:00',
      minutes: 90,
      level: 'beginner',
      notes: 'The planks are hard; the tide bell rings at nine.',
      forbids: ['hard-floor'],
      intervals: USUAL_INTERVALS,
    },
    weekday: 2,
    evenings: [
      { weeksAgo: 6, words: 'Nine came, two of them for the first time.', rows: [['Slipway Stroll', '1-4/4', 2, false]] },
      { weeksAgo: 5, words: '', rows: [['Slipway Stroll', '1-4/4', 5, true], ['Ropewalk Ramble', '1-2/4', 1, false]] },
      { weeksAgo: 4, words: 'The spring tide stood over the road.', rows: [], isCancelled: true },
      {
        weeksAgo: 3,
        words: 'Clapping helped them to wait.',
        rows: [
          ['Slipway Stroll', '1-4/4', 4, true],
          ['Ropewalk Ramble', '1-4/4', 4, true, { tripped: [{ words: '1-2 Step R forward, pivot 1/4 left', section: 4 }] }],
        ],
      },
      { weeksAgo: 2, words: '', rows: [['Ropewalk Ramble', '1-4/4', 6, true], ['Ferry at Dusk', '1-2/4', 1, false]] },
      {
        weeksAgo: 1,
        words: 'Section 3 wants more time.',
        rows: [
          ['Ropewalk Ramble', '1-4/4', 6, true],
          ['Ferry at Dusk', '1-3/4', 2, false, { handedOut: '1', tripped: [{ words: '7&8 Behind side cross L', section: 3 }] }],
        ],
        requests: [['Low Tide Lanterns', 'Ottoline', 21]],
      },
    ],
  },
  {
    group: {
      id: 'boathouse-thursday',
      name: 'Thursday regulars',
      place: 'Saltmarsh chapel hall',
      every: 2,
      time: '20:00',
      minutes: 75,
      level: 'improver',
      notes: 'Outdoor shoes stay at the door. Key from the sexton.',
      forbids: ['no-jumps', 'sticky-floor'],
      intervals: USUAL_INTERVALS,
    },
    weekday: 4,
    evenings: [
      { weeksAgo: 12, words: 'First evening after the summer.', rows: [['Tar and Oakum', '1-8/8', 4, true], ['Mudlark Cha Cha', '1-2/4', 1, false]] },
      { weeksAgo: 10, words: '', rows: [['Tar and Oakum', '1-8/8', 4, true], ['Mudlark Cha Cha', '1-4/4', 4, true], ['Low Tide Lanterns', '1-2/4', 1, false]] },
      {
        weeksAgo: 8,
        words: 'The lamp is the part they like.',
        rows: [
          ['Low Tide Lanterns', '1-4/4', 3, false, { handedOut: '1', inPlace: ['tag lamp', 'restart after 16'], tripped: [{ words: '7&8 Triple full turn left R L R', section: 3 }] }],
        ],
      },
      { weeksAgo: 6, words: '', rows: [['Low Tide Lanterns', '1-4/4', 9, true, { inPlace: ['restart after 18', 'ending'] }], ['Heron on the Piling', '1-3/6', 1, false]] },
      { weeksAgo: 4, words: 'Piet stood in for the first half.', rows: [['Heron on the Piling', '1-6/6', 2, false, { tripped: [{ words: '3&4 Sailor R turning 1/4 right', section: 5 }] }]] },
      {
        weeksAgo: 2,
        words: '',
        rows: [['Heron on the Piling', '1-6/6', 6, true], ['Low Tide Lanterns', '1-4/4', 9, true], ['Regatta Morning', '1-2/6', 1, false]],
        requests: [['Weathervane', 'Piet'], ['Spring Tide', 'Wren']],
      },
    ],
  },
]; // prettier-ignore

/** The boathouse's dances that the season is about: at least as many have to be on the shelf. */
export const SEASON_TITLES: readonly string[] = [
  ...new Set(SEASON.flatMap(({ evenings }) => evenings.flatMap(({ rows, requests = [] }) => [...rows, ...requests].map(([title]) => title)))),
]; // prettier-ignore

/** What was handed out then and has been changed since: of Low Tide Lanterns before it had its ending. */
export const HANDED_OUT: readonly { readonly title: string; readonly name: string; readonly weeksAgo: number; readonly earlier: (text: string) => string }[] = [
  { title: 'Low Tide Lanterns', name: '1', weeksAgo: 8, earlier: (text) => text.replace(/^wall 6:.*\n/m, '').replace(/^ending:.*\n/m, '') },
  { title: 'Ferry at Dusk', name: '1', weeksAgo: 1, earlier: (text) => text },
]; // prettier-ignore

/** The last such day of the week before a day. */
const lastBefore = (today: Day, weekday: number): Day => dayAfter(today, -(((weekdayOf(today) - weekday + 6) % 7) + 1));

/** `idOf`: the dance of a title on the shelf; where it is not there, the log has its name alone. */
export function seasonBefore(today: Day, idOf: (title: string) => string | undefined): { groups: ClassGroup[]; evenings: Evening[]; requests: Request[] } {
  const groups = SEASON.map(({ group, weekday, evenings }) => ({ ...group, from: dayOf(today, weekday, evenings[0].weeksAgo) }));
  const evenings = SEASON.flatMap(({ group, weekday, evenings: told }) =>
    told.map((one, index): Evening => {
      const date = dayOf(today, weekday, one.weeksAgo);
      return {
        id: `${group.id}-${index + 1}`,
        groupId: group.id,
        groupName: group.name,
        place: group.place,
        date,
        time: group.time,
        minutes: group.minutes,
        state: one.isCancelled ? 'cancelled' : 'held',
        steps: [],
        notes: one.rows.map((row) => noteOf(row, idOf)),
        words: one.words,
      };
    }),
  );
  const requests = SEASON.flatMap(({ group, weekday, evenings: told }) =>
    told.flatMap(({ weeksAgo, requests: asked = [] }, index) =>
      asked.map(([title, who, days], place): Request => {
        const [danceId, day] = [idOf(title), dayOf(today, weekday, weeksAgo)];
        return { id: `${group.id}-${index + 1}-${place + 1}`, groupId: group.id, asked: day, title, who, isSettled: false, ...(danceId && { danceId }), ...(days !== undefined && { by: dayAfter(day, days) }) };
      }),
    ),
  );
  return { groups, evenings, requests };
} // prettier-ignore

/** In week 1 lies the last such day before today. */
const dayOf = (today: Day, weekday: number, weeksAgo: number): Day => dayAfter(lastBefore(today, weekday), 7 * (1 - weeksAgo)); // prettier-ignore

function noteOf(
  [title, sections, walls, music, more = {}]: Row,
  idOf: (title: string) => string | undefined,
): DanceNote {
  const [, from, to, of] = (/^(\d+)-(\d+)\/(\d+)$/.exec(sections) ?? []).map(Number);
  return {
    danceId: idOf(title) ?? `gone: ${title}`,
    title,
    sections: Array.from({ length: to - from + 1 }, (_, index) => from + index),
    of,
    walls,
    inPlace: [],
    music,
    tripped: [],
    ...more,
  };
}

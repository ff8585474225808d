/** Classes: the calendar beside date-fns and the platform's own, what a group knows and when it is due by worked tables, the plan by laws. */
import { describe, expect, test } from '@jest/globals';
import { addDays, differenceInCalendarDays, eachWeekOfInterval, format, getDay, isValid, parseISO } from 'date-fns';
import fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import { least } from '../model/numbers';
import { studyText } from '../study';
import { clockAfter, viewEvening } from '../views/evening';
import {
  dayAfter,
  dayOfNumber,
  daysBetween,
  isClock,
  isDay,
  isRunning,
  minutesLater,
  meetingDays,
  nextMeeting,
  numberOfDay,
  openRequests,
  rulesBroken,
  weekdayOf,
  type ClassGroup,
  type DanceNote,
  type Evening,
} from './classes';
import { costOfOrder, planEvening, withCautions } from './evening-plan';
import { dueBy, knownBy, paceOf } from './known';
import { planFacts, wordsOfLine, type PlanFacts } from './plan-facts'; // prettier-ignore

const anyDay = fc.integer({ min: -200_000, max: 400_000 });

describe('the calendar', () => {
  test('days and their numbers are those of the platform', () => {
    fc.assert(
      fc.property(anyDay, (number) => {
        const day = dayOfNumber(number);
        expect(numberOfDay(day)).toBe(number);
        expect(Date.parse(`${day}T00:00:00Z`)).toBe(number * 86_400_000);
        expect(weekdayOf(day)).toBe(new Date(`${day}T00:00:00Z`).getUTCDay());
      }),
    );
  });

  test('days later, days between and weekdays are those of date-fns in any time zone', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 40_000 }), fc.integer({ min: -900, max: 900 }), (number, more) => {
        const day = dayOfNumber(number);
        const later = addDays(parseISO(day), more);
        expect(dayAfter(day, more)).toBe(format(later, 'yyyy-MM-dd'));
        expect(daysBetween(day, dayAfter(day, more))).toBe(differenceInCalendarDays(later, parseISO(day)));
        expect(weekdayOf(day)).toBe(getDay(parseISO(day)));
      }),
    );
  });

  test.each(['2026-02-29', '2024-02-29', '2026-13-01', '2026-00-10', '2026-11-31', '26-11-01', 'tomorrow', '1900-02-29', '2000-02-29'])(
    '%s is a day exactly when the calendar has it',
    (text) => expect(isDay(text)).toBe(/^\d{4}-/.test(text) && isValid(parseISO(text))),
  ); // prettier-ignore

  // The day, the clock, and whether an evening from 20:00 on for 90 minutes still runs: three hours longer at most.
  test.each([
    ['2026-09-08', '12:00', true], ['2026-09-08', '23:59', true], ['2026-09-09', '00:00', true], ['2026-09-09', '00:29', true],
    ['2026-09-09', '00:30', false], ['2026-09-07', '23:00', false], ['2026-09-09', '20:00', false],
  ])('on %s at %s it runs: %s', (day, clock, runs) => {
    expect(isRunning({ date: '2026-09-08', time: '20:00', minutes: 90 }, day, clock)).toBe(runs);
  }); // prettier-ignore

  test.each([['20:10', '20:00', 10], ['19:50', '20:00', -10], ['00:10', '23:50', 20], ['23:50', '00:10', -20], ['08:00', '20:00', -720]])(
    '%s is %s by %i minutes', (clock, than, minutes) => expect(minutesLater(clock, than)).toBe(minutes),
  ); // prettier-ignore

  test.each([['00:00', true], ['23:59', true], ['24:00', false], ['19:60', false], ['99:99', false], ['9:30', false], ['19:30:00', false]])(
    '%s is a clock: %s', (text, is) => expect(isClock(text)).toBe(is),
  ); // prettier-ignore

  test.each([['1970-01-01', true], ['2199-12-31', true], ['1969-12-31', false], ['2200-01-01', false], ['9999-12-31', false]])(
    '%s is a day to dance on: %s', (text, is) => expect(isDay(text)).toBe(is),
  ); // prettier-ignore

  test('the clock goes over midnight', () => {
    expect([clockAfter('19:00', 95), clockAfter('23:30', 45), clockAfter('00:10', -20)]).toEqual([
      '20:35',
      '00:15',
      '23:50',
    ]);
  });
});

const GROUP: ClassGroup = {
  id: 'crew', name: 'The crew', place: 'Boat shed', from: '2026-09-01', every: 1, time: '19:30', minutes: 60, level: 'beginner', notes: '',
  forbids: [], intervals: [1, 2, 4, 8],
}; // prettier-ignore

const note = (danceId: string, sections: number[], of: number, more: Partial<DanceNote> = {}): DanceNote =>
  ({ danceId, title: danceId, sections, of, walls: 1, inPlace: [], music: false, tripped: [], ...more }); // prettier-ignore

const evening = (date: string, notes: DanceNote[], more: Partial<Evening> = {}): Evening => ({
  id: `${date} ${more.groupId ?? 'crew'}`, groupId: 'crew', groupName: 'The crew', place: '', date, time: '19:30', minutes: 60, state: 'held', steps: [], notes,
  words: '', ...more,
}); // prettier-ignore

describe('evenings', () => {
  test('they come again in their week, as date-fns counts weeks', () => {
    const days = eachWeekOfInterval(
      { start: parseISO('2026-09-01'), end: parseISO('2027-03-01') },
      { weekStartsOn: 2 },
    );
    expect(meetingDays(GROUP, '2026-09-01', 20)).toEqual(days.slice(0, 20).map((day) => format(day, 'yyyy-MM-dd')));
    expect(meetingDays({ ...GROUP, every: 2 }, '2026-09-02', 3)).toEqual(['2026-09-15', '2026-09-29', '2026-10-13']);
    expect(meetingDays(GROUP, '2026-08-01', 1)).toEqual(['2026-09-01']);
  });

  test('the next is one that is planned, else the next day of the week that is neither held nor cancelled', () => {
    const next = (evenings: Evening[]) => nextMeeting(GROUP, evenings, '2026-09-08');
    expect(next([])).toEqual({ date: '2026-09-08' });
    expect(next([evening('2026-09-08', [])]).date).toBe('2026-09-15');
    expect(
      next([evening('2026-09-08', [], { state: 'cancelled' }), evening('2026-09-15', [], { state: 'cancelled' })]).date,
    ).toBe('2026-09-22');
    const planned = evening('2026-09-10', [], { state: 'planned' });
    expect(next([evening('2026-09-08', []), planned])).toEqual({ date: '2026-09-10', evening: planned });
    // One that was moved to another day stands for the day it had.
    expect(next([evening('2026-09-10', [], { state: 'planned', meeting: '2026-09-08' })]).date).toBe('2026-09-10');
    expect(next([evening('2026-09-07', [], { meeting: '2026-09-08' })]).date).toBe('2026-09-15');
    // One that is planned for much later does not hide the week's own.
    expect(next([evening('2026-12-24', [], { state: 'planned' })]).date).toBe('2026-09-08');
  });

  test('a request is open until its dance is danced later, or until somebody says it is done with', () => {
    const request = { id: 'r', groupId: 'crew', asked: '2026-09-01', title: 'Ebb', danceId: 'ebb', who: 'Wren', isSettled: false };
    const all = [request, { ...request, id: 's', isSettled: true }, { ...request, id: 'o', groupId: 'others' }];
    const open = (...evenings: Evening[]) => openRequests(all, evenings, 'crew').map(({ id }) => id);
    const danced = (day: string, more = {}) => evening(day, [note('ebb', [1], 1)], more);
    expect(open()).toEqual(['r']);
    // Danced before it was asked for, and on the day itself: it is asked for again.
    expect(open(danced('2026-08-25'), danced('2026-09-01'))).toEqual(['r']);
    expect(open(danced('2026-09-08', { state: 'cancelled' }))).toEqual(['r']);
    expect(open(danced('2026-09-08', { groupId: 'others' }))).toEqual(['r']);
    expect(open(evening('2026-09-08', [note('flood', [1], 1)]))).toEqual(['r']);
    expect(open(danced('2026-09-08'))).toEqual([]);
    // For tonight, and danced tonight.
    expect(openRequests([{ ...request, by: '2026-09-01' }], [danced('2026-09-01')], 'crew')).toEqual([]);
  }); // prettier-ignore

  test('a hall’s rules are broken by the figures they are about, and by no others', () => {
    const cares = [{ care: 'landing' as const, figure: 'stomp' }, { care: 'turning' as const, figure: 'pivot' }, { care: 'landing' as const, figure: 'hop' }];
    expect(rulesBroken(['no-jumps', 'no-bends'], cares).map(({ rule, figures }) => [rule.id, figures])).toEqual([['no-jumps', ['stomp', 'hop']]]);
    expect(rulesBroken(['no-jumps'], [])).toEqual([]);
  }); // prettier-ignore
});

describe('what a group knows', () => {
  const log = [
    evening('2026-09-01', [note('ebb', [1, 2], 3)]),
    evening('2026-09-08', [
      note('ebb', [3], 3, { music: true, tripped: [{ words: '5-6 Pivot', section: 3 }], handedOut: '1' }),
    ]),
    evening('2026-09-15', [note('ebb', [1, 2, 3], 3, { inPlace: ['tag bell'] }), note('flood', [1], 4)]),
    evening('2026-09-22', [note('ebb', [1, 2, 3], 3)], { state: 'cancelled' }),
    evening('2026-09-29', [note('ebb', [1, 2, 3], 3, { tripped: [{ words: '5-6 Pivot', section: 3 }] })]),
    evening('2026-10-06', [note('ebb', [1, 2, 3], 3)], { groupId: 'others' }),
  ];
  const at = (day: string) => knownBy(GROUP, log, day).find(({ danceId }) => danceId === 'ebb');

  // Worked on paper, intervals 1, 2, 4, 8 weeks: whole on the 8th, box 0, due in a week; well on the 15th, box 1, two weeks; tripped on
  // the 29th, back to box 0, a week. What was cancelled, and what others did, changes nothing.
  test.each([
    ['2026-09-01', false, 0, '2026-09-08', [1, 2]],
    ['2026-09-08', true, 0, '2026-09-15', [1, 2, 3]],
    ['2026-09-15', true, 1, '2026-09-29', [1, 2, 3]],
    ['2026-09-28', true, 1, '2026-09-29', [1, 2, 3]],
    ['2026-12-01', true, 0, '2026-10-06', [1, 2, 3]],
  ] as const)('by %s: whole %s, box %i, due %s', (day, isWhole, box, due, sections) => {
    expect(at(day)).toMatchObject({ isWhole, box, due, sections, of: 3 });
  });

  test('what is told beside it', () => {
    expect(at('2026-12-01')).toMatchObject({
      first: '2026-09-01', last: '2026-09-29', evenings: 4, withMusic: true, inPlace: ['tag bell'], weak: [3],
      tripped: [{ words: '5-6 Pivot', section: 3, times: 2, last: '2026-09-29' }],
      handedOut: { name: '1', on: '2026-09-08' },
    }); // prettier-ignore
    expect(knownBy(GROUP, log, '2026-12-01').map(({ danceId }) => danceId)).toEqual(['ebb', 'flood']);
    expect(at('2026-08-31')).toBeUndefined();
    // New sections an evening: 2, 1, 1, and none later.
    expect([paceOf(log, 'crew'), paceOf([], 'crew')]).toEqual([1, 2]);
  });

  test('the same words tripped at in two sections are two lines', () => {
    const at = (section: number) => ({ words: '7&8 Coaster R', section });
    const twins = [
      evening('2026-09-01', [note('ebb', [1, 2], 2, { tripped: [at(1), at(2)] })]),
      evening('2026-09-08', [note('ebb', [1, 2], 2, { tripped: [at(2)] })]),
    ];
    expect(knownBy(GROUP, twins)[0].tripped.map(({ section, times }) => [section, times])).toEqual([
      [2, 2],
      [1, 1],
    ]);
  });

  test('nothing is due before the next evening of a group that meets seldom', () => {
    expect(knownBy({ ...GROUP, every: 3 }, log, '2026-09-08')[0].due).toBe('2026-09-29');
  });

  test('a section is enough soon after a slip; all of it when it rested twice as long as it should', () => {
    const due = (day: string) =>
      dueBy(knownBy(GROUP, log, '2026-09-29'), day).map(({ known, sections, late }) => [known.danceId, sections, late]);
    expect(due('2026-10-05')).toEqual([]);
    expect(due('2026-10-06')).toEqual([['ebb', [3], 0]]);
    expect(due('2026-10-13')).toEqual([['ebb', [], 7]]);
    const well = [1, 8, 15, 29].map((day) =>
      evening(`2026-09-${String(day).padStart(2, '0')}`, [note('ebb', [1, 2, 3], 3)]),
    );
    const [known] = knownBy(GROUP, well, '2026-09-29');
    expect(known).toMatchObject({ box: 3, due: '2026-11-24' });
    expect(dueBy([known], '2026-11-24', () => 2)[0].sections).toEqual([2]);
  });

  test('going well never brings a dance sooner, a slip never later', () => {
    fc.assert(
      fc.property(fc.array(fc.boolean(), { minLength: 2, maxLength: 8 }), (slips) => {
        const evenings = slips.map((slip, index) => evening(dayAfter('2026-09-01', 7 * index), [note('ebb', [1], 1, slip ? { tripped: [{ words: 'x', section: 1 }] } : {})]));
        const rest = (own: Evening[]): number => {
          const [known] = knownBy(GROUP, own, '2027-09-01');
          return daysBetween(known.last, known.due);
        };
        const before = rest(evenings.slice(0, -1));
        if (slips.at(-1)) expect(rest(evenings)).toBeLessThanOrEqual(before);
        else expect(rest(evenings)).toBeGreaterThanOrEqual(before);
      }),
    );
  }); // prettier-ignore
});

const DANCES: readonly PlanFacts[] = readdirSync('dances').filter((name) => name.endsWith('.txt')).map((name) => planFacts(name.replace('.txt', ''), studyText(readFileSync(`dances/${name}`, 'utf8')).dance)); // prettier-ignore
const whole = (id: string, more: Partial<DanceNote> = {}): DanceNote => {
  const { length } = DANCES.find((one) => one.id === id)?.sections ?? [];
  return note(id, Array.from({ length }, (_, index) => index + 1), length, more);
}; // prettier-ignore

describe('what a plan knows of a dance', () => {
  test('tags, restarts, sections, lines as they are said, and what figures ask care for', () => {
    const lanterns = DANCES.find(({ id }) => id === 'low-tide-lanterns');
    expect(lanterns).toMatchObject({ tempo: 108, hardest: 3, jumps: false, inPlace: ['tag lamp', 'restart after 16', 'restart after 18', 'ending'] }); // prettier-ignore
    expect(lanterns?.lines).toContainEqual({ words: '7&8 Triple full turn left R L R', section: 3 });
    expect(lanterns?.sections[2].cares).toContainEqual({ care: 'turning', figure: 'pivot' });
    expect(DANCES.find(({ id }) => id === 'ropewalk-ramble')?.jumps).toBe(true);
    expect(wordsOfLine('5-6    Rock R forward, recover L   "rock, recover" (3:00) [wall 2: clap]')).toBe(
      '5-6 Rock R forward, recover L',
    );
  });
});

describe('the plan of an evening', () => {
  const log = [
    evening('2026-08-04', [whole('slipway-stroll'), whole('tar-and-oakum'), whole('mudlark-cha-cha')]),
    evening('2026-09-01', [whole('slipway-stroll'), note('ferry-at-dusk', [1, 2], 4)]),
  ];
  const order = { group: GROUP, evenings: log, requests: [], dances: DANCES, date: '2026-09-08', minutes: 60, place: 2 };

  test.each([20, 37, 45, 60, 75, 90, 120, 180])('%i minutes are as many, whole ones, warm first and cool last', (minutes) => {
    for (const evenings of [[], log]) {
      const steps = planEvening({ ...order, evenings, minutes });
      expect(viewEvening({ steps, time: '19:30', minutes }).over).toBe(0);
      expect(steps.every((step) => Number.isInteger(step.minutes) && step.minutes >= 1)).toBe(true);
      expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length);
      expect([steps[0].kind, steps.at(-1)?.kind]).toEqual(['warm-up', 'cool-down']);
      expect(steps.filter(({ kind }) => kind === 'break')).toHaveLength(minutes >= 75 ? 1 : 0);
      expect(steps.filter(({ why }) => why === '')).toEqual([]);
    }
  }); // prettier-ignore

  test('what was begun goes on at its next section, from the top first; what is due is danced again', () => {
    const steps = planEvening(order);
    const ferry = steps.filter(({ danceId }) => danceId === 'ferry-at-dusk');
    expect(ferry.map(({ kind, sections }) => [kind, sections])).toEqual(expect.arrayContaining([['join', [1, 2]], ['section', [3]]]));
    expect(ferry[0].kind).toBe('join');
    expect(steps.filter(({ kind }) => kind === 'revision').map(({ danceId }) => danceId).sort()).toEqual(expect.arrayContaining(['mudlark-cha-cha', 'tar-and-oakum']));
  }); // prettier-ignore

  // Each was written down with what an instructor expects, before the plan was looked at.
  test('what changed, was left, or was never walked is not forgotten', () => {
    const only = (...ids: string[]) => DANCES.filter(({ id }) => ids.includes(id));
    const plan = (evenings: Evening[], more = {}) => planEvening({ ...order, evenings, ...more });
    // It has a fourth section since.
    const longer = plan([evening('2026-09-01', [note('ferry-at-dusk', [1, 2, 3], 3)])]);
    expect(longer.find(({ kind }) => kind === 'section')).toMatchObject({ danceId: 'ferry-at-dusk', sections: [4] });
    // It was two sections longer then.
    const shorter = plan([evening('2026-09-01', [note('ferry-at-dusk', [1, 2, 3, 4, 5], 5)])], { dances: only('ferry-at-dusk') });
    expect(shorter.flatMap(({ sections }) => sections).every((section) => section <= 4)).toBe(true);
    // Two are begun: the last goes on, and then the other one.
    const two = plan([evening('2026-08-25', [note('low-tide-lanterns', [1, 2], 4)]), evening('2026-09-01', [note('ferry-at-dusk', [1, 2, 3], 4)])], { minutes: 90 });
    expect(two.filter(({ kind }) => kind === 'section').map(({ danceId, sections }) => [danceId, ...sections])).toEqual([['ferry-at-dusk', 4], ['low-tide-lanterns', 3], ['low-tide-lanterns', 4]]);
    // Begun and left for a quarter of a year.
    const left = plan([evening('2026-06-02', [note('ferry-at-dusk', [1, 2], 4)])], { dances: only('ferry-at-dusk') });
    expect(left.find(({ kind }) => kind === 'section')).toMatchObject({ sections: [1], why: expect.stringMatching(/^Begun, and left for 14 weeks/) });
    // Known, and its tag and restarts were never walked but one.
    const lanterns = [note('low-tide-lanterns', [1, 2, 3, 4], 4, { inPlace: ['restart after 16'] })];
    const walked = plan([evening('2026-08-25', lanterns)]).filter(({ danceId }) => danceId === 'low-tide-lanterns');
    expect(walked.map(({ kind, inPlace }) => [kind, inPlace])).toEqual([['join', ['tag lamp', 'restart after 18', 'ending']], ['revision', undefined]]);
    // The easiest that they know is asked for: it is danced for itself, not only to warm up.
    const asks = { requests: [{ id: 'r', groupId: 'crew', asked: '2026-09-01', title: 'Slipway Stroll', danceId: 'slipway-stroll', who: 'Wren', isSettled: false }] };
    const easy = plan([evening('2026-08-18', [whole('slipway-stroll')]), evening('2026-08-25', [whole('slipway-stroll')]), evening('2026-09-01', [whole('slipway-stroll')])], asks);
    expect(easy.find(({ danceId }) => danceId === 'slipway-stroll')).toMatchObject({ kind: 'revision', why: expect.stringMatching(/^Asked for by Wren\./) });
    // A dance of two parts: its fifth section is the first of part B.
    const parts = plan([evening('2026-09-01', [note('regatta-morning', [1, 2, 3, 4], 6)])]);
    expect(parts.find(({ kind }) => kind === 'section')?.words).toBe('Regatta Morning: part B, section 1, chasses');
  }); // prettier-ignore

  test('nobody jumps to warm up, and no evening is longer than four hours', () => {
    const jumping = DANCES.map((one) => ({ ...one, jumps: true }));
    expect(planEvening({ ...order, date: '2026-09-08' })[0].danceId).toBe('slipway-stroll');
    expect(planEvening({ ...order, date: '2026-09-08', dances: jumping })[0].danceId).toBeUndefined();
    expect(planEvening({ ...order, minutes: 1000 }).reduce((sum, { minutes }) => sum + minutes, 0)).toBe(240);
  });

  test('a dance that is due that very evening is danced again, and warms nobody up', () => {
    // Danced whole twice, four weeks apart: in the second box, due after two weeks.
    const plan = (date: string) => planEvening({ ...order, date, evenings: log.slice(0, 1).concat(evening('2026-09-01', [whole('slipway-stroll')])) });
    const [before, on] = [plan('2026-09-14'), plan('2026-09-15')];
    expect([before[0].danceId, on[0].danceId]).toEqual(['slipway-stroll', undefined]);
    expect(on.filter(({ kind }) => kind === 'revision').map(({ danceId }) => danceId)).toContain('slipway-stroll');
  }); // prettier-ignore

  test.each([75, 90, 120])('in %i minutes the break stands next to the middle of what is danced, and parts nothing', (minutes) => {
    const steps = planEvening({ ...order, minutes });
    const danced = steps.filter(({ kind }) => kind !== 'warm-up' && kind !== 'cool-down' && kind !== 'other');
    const at = danced.findIndex(({ kind }) => kind === 'break');
    const others = danced.filter(({ kind }) => kind !== 'break');
    const sum = (all: readonly { minutes: number }[]): number => all.reduce((whole, own) => whole + own.minutes, 0);
    // A section may follow its own dance, what joins it may not stand apart.
    const places = others.flatMap(({ danceId, kind }, index) => (index > 0 && (danceId !== others[index - 1].danceId || kind === 'section') ? [index] : []));
    const off = (place: number): number => Math.abs(sum(others.slice(0, place)) - sum(others) / 2);
    expect(places).toContain(at);
    // Minutes are stretched afterwards, each by half at most.
    expect(off(at)).toBeLessThanOrEqual(least(places.map(off)) + 3);
  }); // prettier-ignore

  test('what is asked for comes first, with who asked and by when', () => {
    const request = {
      id: 'r',
      groupId: 'crew',
      asked: '2026-09-01',
      title: 'Weathervane',
      danceId: 'weathervane',
      who: 'Piet',
      by: '2026-09-20',
      isSettled: false,
    };
    const asked = { ...log[1], notes: [] };
    const first = planEvening({ ...order, evenings: [log[0], asked], requests: [request] }).find(({ kind }) => kind === 'section');
    expect(first).toMatchObject({ danceId: 'weathervane', sections: [1] });
    expect(first?.why).toMatch(/^Asked for by Piet, by 20 September\. New to them/);
  });

  test('what is new is of the group’s level, and what its hall forbids only with a caution, once', () => {
    const fresh = (place: number) =>
      planEvening({ ...order, evenings: [], place }).find(({ kind }) => kind === 'section')?.danceId;
    for (const place of [0, 1, 2, 3, 4]) expect(DANCES.find(({ id }) => id === fresh(place))?.place).toBe(place);
    const strict = { ...order, group: { ...GROUP, forbids: ['sticky-floor'] } };
    const cautions = planEvening(strict).flatMap((step) => step.cautions);
    expect(cautions.some((words) => words.includes('The floor grips') && words.includes('pivot'))).toBe(true);
    expect(planEvening(order).flatMap((step) => step.cautions)).toEqual([]);
    // The hall's rules changed after it was planned.
    const later = withCautions(planEvening(order), strict.group, (id) => DANCES.find((one) => one.id === id));
    expect(later.flatMap((step) => step.cautions)).toEqual(cautions);
  });

  test('no other order of what is danced again costs less', () => {
    const steps = planEvening({ ...order, minutes: 120, evenings: [evening('2026-07-01', ['tar-and-oakum', 'mudlark-cha-cha', 'heron-on-the-piling', 'weathervane', 'ferry-at-dusk'].map((id) => whole(id)))] });
    const facts = steps.flatMap(({ kind, danceId }) => (kind === 'revision' ? DANCES.filter(({ id }) => id === danceId) : []));
    const next = DANCES.find(({ id }) => id === steps.find(({ kind }) => kind === 'section')?.danceId);
    const cost = (all: readonly PlanFacts[]): number => costOfOrder(next ? [...all, next] : all);
    expect(facts.length).toBeGreaterThan(3);
    fc.assert(fc.property(fc.shuffledSubarray([...facts], { minLength: facts.length }), (other) => cost(other) >= cost(facts) - 1e-9));
  }); // prettier-ignore

  test('turning, jumping and one tempo in a row cost', () => {
    const plain = { turning: 0, jumps: false, tempo: 100, points: 5 };
    expect(costOfOrder([plain, { ...plain, tempo: 120 }])).toBe(0);
    expect(costOfOrder([{ ...plain, turning: 2 }, { ...plain, turning: 2 }])).toBeGreaterThan(costOfOrder([{ ...plain, turning: 2 }, plain]));
    expect(costOfOrder([{ ...plain, jumps: true }, { ...plain, jumps: true }])).toBeGreaterThan(0);
    expect(costOfOrder([plain, plain])).toBe(0);
    expect(costOfOrder([plain, plain, plain])).toBeGreaterThan(0);
  }); // prettier-ignore

  // Whatever was noted, by chance: dances of the shelf and others, any sections, slips, evenings that were cancelled.
  test('any log gives a plan that can be danced: as long as asked, of dances and sections that are there, each step once', () => {
    const ids = [...DANCES.map(({ id }) => id), 'gone from the shelf'];
    const aNote = fc.record({ id: fc.constantFrom(...ids), sections: fc.uniqueArray(fc.integer({ min: 1, max: 9 }), { maxLength: 9 }), of: fc.integer({ min: 0, max: 9 }), slip: fc.boolean(), music: fc.boolean() });
    const anEvening = fc.record({ day: fc.integer({ min: 0, max: 300 }), notes: fc.uniqueArray(aNote, { maxLength: 4, selector: ({ id }) => id }), state: fc.constantFrom('held' as const, 'cancelled' as const, 'planned' as const), asks: fc.option(fc.constantFrom(...ids)) });
    fc.assert(
      fc.property(fc.array(anEvening, { maxLength: 12 }), fc.integer({ min: 20, max: 240 }), fc.integer({ min: 0, max: 4 }), fc.subarray(['no-jumps', 'sticky-floor', 'no-turns', 'no-bends']), (log, minutes, place, forbids) => {
        const evenings = log.map(({ day, notes, state }, index) =>
          evening(dayAfter('2026-01-01', day), notes.map(({ id, sections, of, slip, music }) => note(id, sections, of, { music, tripped: slip ? [{ words: 'x', section: sections[0] ?? 1 }] : [] })), {
            id: String(index),
            state,
          }),
        );
        const requests = log.flatMap(({ day, asks }, index) => (asks === null ? [] : [{ id: `r${index}`, groupId: 'crew', asked: dayAfter('2026-01-01', day), title: asks, danceId: asks, who: '', isSettled: false }]));
        const steps = planEvening({ group: { ...GROUP, forbids }, evenings, requests, dances: DANCES, date: '2026-11-10', minutes, place });
        expect(steps.reduce((sum, step) => sum + step.minutes, 0)).toBe(minutes);
        expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length);
        for (const { danceId, sections, minutes: own, why, words } of steps) {
          const facts = DANCES.find(({ id }) => id === danceId);
          expect(danceId === undefined || facts !== undefined).toBe(true);
          expect(sections.every((section) => section >= 1 && section <= (facts?.sections.length ?? 0))).toBe(true);
          expect([Number.isInteger(own) && own >= 1, why !== '', /undefined|NaN/.test(words + why)]).toEqual([true, true, false]);
        }
        // Whatever is danced for the first time tonight is joined or run after it was taught, never before.
        const taught = steps.flatMap(({ kind, danceId, sections }, at) => (kind === 'section' ? [{ danceId, section: sections[0], at }] : []));
        for (const { danceId, section, at } of taught)
          expect(steps.findIndex((step, index) => index < at && step.danceId === danceId && step.kind === 'run' && section > 0)).toBe(-1);
      }),
      { numRuns: 150 },
    );
  });

  test('what is known is known whatever the order in which evenings were written down', () => {
    const log = Array.from({ length: 6 }, (_, index) => evening(dayAfter('2026-09-01', 7 * index), [note('ebb', [1 + (index % 3)], 3, { tripped: index === 4 ? [{ words: 'x', section: 2 }] : [] })]));
    fc.assert(fc.property(fc.shuffledSubarray(log, { minLength: log.length }), (other) => expect(knownBy(GROUP, other)).toEqual(knownBy(GROUP, log))));
  });

  test('an evening that is not held, or of another group, changes nothing of what is known', () => {
    const log = [evening('2026-09-01', [whole('slipway-stroll')])];
    for (const more of [{ state: 'planned' as const }, { state: 'cancelled' as const }, { groupId: 'others' }])
      expect(knownBy(GROUP, [...log, evening('2026-09-08', [whole('slipway-stroll')], more)])).toEqual(knownBy(GROUP, log));
  });
}); // prettier-ignore

/** What is pressed in on an evening, as small changes of what is kept; and the boathouse's season, which must hold what it tells. */
import { describe, expect, test } from '@jest/globals';
import { readdirSync, readFileSync } from 'node:fs';
import { dueBy, knownBy, planFacts, studyText, weekdayOf, type Evening, type EveningStep } from '../../../core';
import { HANDED_OUT, seasonBefore, SEASON_TITLES } from './demo-season';
import {
  addTrip,
  freshStepId,
  handOut,
  moreMinutes,
  moreWalls,
  movedBy,
  movedStep,
  noteOf,
  stepDone,
  toggleSection,
  toggleTrip,
  withNote,
  withoutNote,
} from './notes';

const DANCES = readdirSync('dances').filter((name) => name.endsWith('.txt')).map((name) => ({ name, text: readFileSync(`dances/${name}`, 'utf8') })); // prettier-ignore
const FACTS = DANCES.map(({ name, text }) => planFacts(name, studyText(text).dance));
const ferry = FACTS.find(({ title }) => title === 'Ferry at Dusk') ?? FACTS[0];

const step = (id: string, more: Partial<EveningStep> = {}): EveningStep => ({ id, kind: 'section', minutes: 5, words: id, why: '', sections: [], cautions: [], isDone: false, ...more }); // prettier-ignore
const EVENING: Evening = {
  id: 'e', groupId: 'g', groupName: 'g', place: '', date: '2026-11-24', time: '19:00', minutes: 60, state: 'planned',
  steps: [step('step-1'), step('step-2', { danceId: ferry.id, sections: [2] }), step('step-7', { kind: 'run', danceId: ferry.id })], notes: [], words: '',
}; // prettier-ignore

describe('notes', () => {
  test('a step that is done notes its sections; one that runs all of it, all of them with music', () => {
    const after = { ...EVENING, ...stepDone(EVENING, 'step-2', ferry) };
    expect(after.steps.map(({ isDone }) => isDone)).toEqual([false, true, false]);
    expect(noteOf(after, ferry.id)).toMatchObject({ title: 'Ferry at Dusk', sections: [2], of: 4, music: false });
    const last = { ...after, ...stepDone(after, 'step-7', ferry) };
    expect(noteOf(last, ferry.id)).toMatchObject({ sections: [1, 2, 3, 4], music: true });
    expect(stepDone(EVENING, 'step-1', undefined)).not.toHaveProperty('notes');
  });

  test('each press changes one thing, and pressed again it is as before', () => {
    const once = { ...EVENING, ...withNote(EVENING, ferry, toggleSection(3)) };
    expect(noteOf(once, ferry.id)?.sections).toEqual([3]);
    const twice = { ...once, ...withNote(once, ferry, toggleSection(3)) };
    expect(noteOf(twice, ferry.id)?.sections).toEqual([]);
    const trip = ferry.lines[0];
    const tripped = { ...once, ...withNote(once, ferry, addTrip(trip)) };
    expect(withNote(tripped, ferry, addTrip(trip)).notes[0].tripped).toEqual([trip]);
    // The same words in two sections are two lines.
    const twin = { ...trip, section: trip.section + 1 };
    expect(
      withNote({ ...once, ...withNote(tripped, ferry, addTrip(twin)) }, ferry, toggleTrip(trip)).notes[0].tripped,
    ).toEqual([twin]);
    const handed = { ...once, ...handOut(once, ferry, '2') };
    expect(noteOf(handed, ferry.id)?.handedOut).toBe('2');
    expect(handOut(handed, ferry, undefined).notes).toEqual(once.notes);
    expect(withoutNote(handed, ferry.id).notes).toEqual([]);
  });

  test('presses that follow one another at once each count: every one builds on what is kept, not on what was drawn', () => {
    const twice = <T extends object>(change: (now: Evening) => T): Evening => {
      const once = { ...EVENING, ...change(EVENING) };
      return { ...once, ...change(once) };
    };
    const walls = twice((now) => withNote(now, ferry, moreWalls(1)));
    expect(noteOf(walls, ferry.id)?.walls).toBe(2);
    expect(noteOf({ ...walls, ...withNote(walls, ferry, moreWalls(-1)) }, ferry.id)?.walls).toBe(1);
    expect(
      noteOf(
        twice((now) => withNote(now, ferry, moreWalls(-1))),
        ferry.id,
      )?.walls,
    ).toBe(0);
    expect(
      noteOf(
        twice((now) => withNote(now, ferry, toggleTrip(ferry.lines[2]))),
        ferry.id,
      )?.tripped,
    ).toEqual([]);
    expect(twice((now) => moreMinutes(now, 'step-1', 1)).steps[0].minutes).toBe(7);
    expect(twice((now) => movedBy(now, 'step-1', 1)).steps.map(({ id }) => id)).toEqual(['step-2', 'step-7', 'step-1']);
    expect(twice((now) => movedBy(now, 'step-2', -1)).steps[0].id).toBe('step-2');
  });

  test('a step moves and the others keep their order; a new one gets an id of its own', () => {
    const ids = (to: number) => movedStep(EVENING, 'step-1', to).steps.map(({ id }) => id);
    expect([ids(0), ids(1), ids(9)]).toEqual([['step-1', 'step-2', 'step-7'], ['step-2', 'step-1', 'step-7'], ['step-2', 'step-7', 'step-1']]); // prettier-ignore
    expect(movedStep(EVENING, 'step-9', 0).steps).toBe(EVENING.steps);
    expect([freshStepId(EVENING), freshStepId({ steps: [] })]).toEqual(['step-8', 'step-1']);
  });
});

describe('the boathouse’s season', () => {
  const idOf = (title: string) => FACTS.find((facts) => facts.title === title)?.id;

  test('two groups, twelve evenings, ten dances, all of them on the shelf', () => {
    const { groups, evenings } = seasonBefore('2026-11-29', idOf);
    expect([groups.length, evenings.length, SEASON_TITLES.length]).toEqual([2, 12, 10]);
    expect(SEASON_TITLES.filter((title) => idOf(title) === undefined)).toEqual([]);
    expect(HANDED_OUT.every(({ title }) => SEASON_TITLES.includes(title))).toBe(true);
    expect(seasonBefore('2026-11-29', () => undefined).evenings[0].notes[0].danceId).toBe('gone: Slipway Stroll');
  });

  test.each(['2026-11-29', '2026-12-01', '2026-12-03', '2027-02-28', '2028-02-29'])(
    'seen from %s its evenings lie before that day, on their weekday, and something is due',
    (today) => {
      const { groups, evenings } = seasonBefore(today, idOf);
      for (const { groupId, date } of evenings) {
        expect(date < today).toBe(true);
        expect(weekdayOf(date)).toBe(groupId.includes('tuesday') ? 2 : 4);
      }
      const due = groups.flatMap((group) => dueBy(knownBy(group, evenings, today), today));
      expect(due.map(({ known }) => known.title)).toEqual(expect.arrayContaining(['Mudlark Cha Cha', 'Tar and Oakum']));
    },
  );

  test('sections, places and lines it names are those of the dances', () => {
    for (const { notes } of seasonBefore('2026-11-29', idOf).evenings)
      for (const { danceId, sections, of, inPlace, tripped } of notes) {
        const facts = FACTS.find(({ id }) => id === danceId);
        expect([of, Math.max(...sections) <= of]).toEqual([facts?.sections.length, true]); // eslint-disable-line no-restricted-syntax
        for (const place of inPlace) expect(facts?.inPlace).toContain(place);
        for (const trip of tripped) expect(facts?.lines).toContainEqual(trip);
      }
  });

  test('what was handed out of Low Tide Lanterns is another dance than now, and reads without a slip', () => {
    const [{ earlier }] = HANDED_OUT;
    const now = DANCES.find(({ name }) => name === 'low-tide-lanterns.txt')?.text ?? '';
    expect(earlier(now)).not.toBe(now);
    expect(studyText(earlier(now)).findings.filter(({ severity }) => severity === 'error')).toEqual([]);
  });
});

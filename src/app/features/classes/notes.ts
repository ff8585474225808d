/** What is noted of a dance on an evening: pure, so that each press is one small change of what is kept. */
import type { Evening, EveningStep, PlanFacts, Trip } from '../../../core';
import { greatest, isSameTrip, type DanceNote } from '../../../core';

const freshNote = (danceId: string, title: string, of: number): DanceNote => ({
  danceId,
  title,
  sections: [],
  of,
  walls: 0,
  inPlace: [],
  music: false,
  tripped: [],
});

export const noteOf = (evening: Pick<Evening, 'notes'>, danceId: string): DanceNote | undefined =>
  evening.notes.find((note) => note.danceId === danceId);

/** The notes with one of them changed; begun where there is none yet. */
export function withNote(
  { notes }: Pick<Evening, 'notes'>,
  { id, title, sections }: Pick<PlanFacts, 'id' | 'title' | 'sections'>,
  change: (note: DanceNote) => Partial<DanceNote>,
): Pick<Evening, 'notes'> {
  const old = notes.find(({ danceId }) => danceId === id) ?? freshNote(id, title, sections.length);
  // The name and the length are those of the day.
  const changed: DanceNote = { ...old, title, of: sections.length, ...change(old) };
  return { notes: notes.some(({ danceId }) => danceId === id) ? notes.map((note) => (note.danceId === id ? changed : note)) : [...notes, changed] };
} // prettier-ignore

export const withoutNote = ({ notes }: Pick<Evening, 'notes'>, danceId: string): Pick<Evening, 'notes'> => ({
  notes: notes.filter((note) => note.danceId !== danceId),
});

const inOrder = (sections: readonly number[]): number[] => [...new Set(sections)].sort((a, b) => a - b);

export const toggled = <T>(all: readonly T[], one: T): T[] =>
  all.includes(one) ? all.filter((other) => other !== one) : [...all, one];

export const toggleSection =
  (section: number) =>
  ({ sections }: DanceNote): Partial<DanceNote> => ({ sections: inOrder(toggled(sections, section)) });

export const addTrip =
  (trip: Trip) =>
  ({ tripped }: DanceNote): Partial<DanceNote> =>
    tripped.some((own) => isSameTrip(own, trip)) ? {} : { tripped: [...tripped, trip] };

export const withoutTrip =
  (trip: Trip) =>
  ({ tripped }: DanceNote): Partial<DanceNote> => ({ tripped: tripped.filter((own) => !isSameTrip(own, trip)) });

/** Pressed once more, it is taken away. Each press builds on what is kept, however quickly they follow one another. */
export const toggleTrip =
  (trip: Trip) =>
  (note: DanceNote): Partial<DanceNote> =>
    note.tripped.some((own) => isSameTrip(own, trip)) ? withoutTrip(trip)(note) : addTrip(trip)(note);

export const moreWalls =
  (by: 1 | -1) =>
  ({ walls }: DanceNote): Partial<DanceNote> => ({ walls: Math.max(0, walls + by) });

/** A minute more or less for a step. */
export const moreMinutes = ({ steps }: Pick<Evening, 'steps'>, id: string, by: 1 | -1): Pick<Evening, 'steps'> => ({
  steps: steps.map((step) => (step.id === id ? { ...step, minutes: Math.max(1, Math.min(240, step.minutes + by)) } : step)),
}); // prettier-ignore

/** A step one place earlier or later than it stands now. */
export const movedBy = (evening: Pick<Evening, 'steps'>, id: string, by: 1 | -1): Pick<Evening, 'steps'> =>
  movedStep(evening, id, evening.steps.findIndex((step) => step.id === id) + by); // prettier-ignore

/** The sheet they took home; undefined where they took none. */
export function handOut(evening: Pick<Evening, 'notes'>, facts: PlanFacts, name: string | undefined): Pick<Evening, 'notes'> {
  const { notes } = withNote(evening, facts, () => (name === undefined ? {} : { handedOut: name }));
  if (name !== undefined) return { notes };
  return {
    notes: notes.map((note) => {
      if (note.danceId !== facts.id) return note;
      const { handedOut: _, ...without } = note;
      return without;
    }),
  };
} // prettier-ignore

/** With its music goes what is run whole. */
const goesWithMusic = ({ kind, sections }: EveningStep): boolean =>
  kind === 'run' || (kind === 'revision' && sections.length === 0);

/** A step done: it is ticked off, and what it was about was danced. */
export function stepDone(evening: Evening, stepId: string, facts: PlanFacts | undefined): Partial<Evening> {
  const steps = evening.steps.map((step) => (step.id === stepId ? { ...step, isDone: true } : step));
  const step = evening.steps.find(({ id }) => id === stepId);
  if (!step?.danceId || !facts) return { steps };
  const danced = step.sections.length > 0 ? step.sections : facts.sections.map((_, index) => index + 1);
  return {
    steps,
    ...withNote(evening, facts, ({ sections, music, inPlace }) => ({
      sections: inOrder([...sections, ...danced]),
      music: music || goesWithMusic(step),
      inPlace: [...new Set([...inPlace, ...(step.inPlace ?? [])])],
    })),
  };
}

/** A step moved to another place; the others keep their order. */
export function movedStep({ steps }: Pick<Evening, 'steps'>, id: string, to: number): Pick<Evening, 'steps'> {
  const step = steps.find((one) => one.id === id);
  if (!step) return { steps };
  const others = steps.filter((one) => one !== step);
  const place = Math.max(0, Math.min(others.length, to));
  return { steps: [...others.slice(0, place), step, ...others.slice(place)] };
}

/** An id that no step of the evening has. */
export const freshStepId = ({ steps }: Pick<Evening, 'steps'>): string =>
  `step-${
    1 +
    greatest(
      steps.map(({ id }) => Number(/\d+$/.exec(id)?.[0] ?? 0)),
      0,
    )
  }`;

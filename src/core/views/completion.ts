/** Figure names to offer while a call is being typed, with the free foot filled in. */
import type { Dance } from '../dancing/dance';
import { nextFoot, startState, type DanceState } from '../dancing/state';
import { otherFoot, type Foot } from '../model/feet';
import { TICKS_A_COUNT } from '../model/ticks';
import { FIGURES, houseName, type Figure } from '../vocabulary';
import { canonicalWord } from '../vocabulary';

export interface Offer {
  /** What is written: `Coaster L`. */
  readonly insert: string;
  readonly name: string;
  /** Foot by foot, as the vocabulary has it, with the feet filled in: `L back, R together, L forward`. */
  readonly feet: string;
  readonly counts: string;
}

/** The state before a line: after the last danced line above it. */
export function stateBefore(dance: Dance, index: number): DanceState {
  let state: DanceState | undefined;
  for (const part of dance.parts) {
    for (const { lines } of part.sections)
      for (const danced of lines) if (danced.line.index < index) state = danced.after;
  }
  return state ?? dance.parts[0]?.before ?? startState(dance.startWeight);
}

/** `typed` are the letters so far; names that start with them come first, then names that hold them. */
export function offerFigures(typed: string, state: DanceState, limit = 24): Offer[] {
  const wanted = typed.trim().toLowerCase();
  const ranked = FIGURES.flatMap((figure) => {
    const names = figure.names.en;
    const at = names.findIndex((name) => startsWords(name, wanted));
    return at < 0
      ? []
      : [
          {
            figure,
            name: names[at],
            rank: (names[at].toLowerCase().startsWith(wanted) ? 0 : 10) + at + (figure.family === 'single' ? 2 : 0),
          },
        ];
  });
  return ranked
    .sort((a, b) => a.rank - b.rank || a.name.length - b.name.length)
    .slice(0, limit)
    .map(({ figure, name }) => offer(figure, name, state));
}

const startsWords = (name: string, wanted: string): boolean =>
  name.toLowerCase().startsWith(wanted) ||
  name
    .toLowerCase()
    .split(' ')
    .some((word) => word.startsWith(wanted) || canonicalWord(word).startsWith(wanted));

function offer(figure: Figure, name: string, state: DanceState): Offer {
  const [form] = figure.forms;
  const opening = form.steps.find((step) => step.role === 'A' || step.role === 'B');
  const free = nextFoot(state);
  const lead: Foot = opening?.role === 'B' ? otherFoot(free) : free;
  const takesFoot = opening !== undefined && figure.bare !== 'way' && figure.id !== 'pivot';
  return {
    insert: sentenceCase(takesFoot ? `${name} ${lead}` : name),
    name: houseName(figure),
    feet: form.steps
      .map((step) =>
        stepWords(
          step.role,
          step.word,
          step.direction === '*' ? (figure.direction ?? '') : (step.direction ?? ''),
          lead,
        ),
      )
      .join(', '),
    counts: rhythmWords(form.rhythms[0]),
  };
}

const sentenceCase = (text: string): string => text[0].toUpperCase() + text.slice(1);

function stepWords(role: string, word: string, direction: string, lead: Foot): string {
  const foot = role === 'A' ? lead : role === 'B' ? otherFoot(lead) : '';
  return [foot, word === 'step' ? '' : word, direction].filter(Boolean).join(' ');
}

/** Counts of a rhythm from 1: `1&2`, `1-4`. */
function rhythmWords(ticks: readonly number[]): string {
  const counts = Math.floor(ticks[ticks.length - 1] / TICKS_A_COUNT) + 1;
  return ticks.some((tick) => tick % TICKS_A_COUNT !== 0)
    ? ticks.map((tick) => (tick % TICKS_A_COUNT === 0 ? tick / TICKS_A_COUNT + 1 : '&')).join('')
    : counts === 1
      ? '1'
      : `1-${counts}`;
}

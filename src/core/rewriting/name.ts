/**
 * The way back from feet to names: moments that spell a figure are given its name. Made from the same rows that figures are danced
 * from. Of two rows that spell the same feet (twins) the plainer one names them, the turning one only when there is a turn.
 */
import type { Moment } from '../dancing/dance';
import { spellTurn } from '../dancing/resolve';
import type { Action, ActionWord, Direction } from '../model/actions';
import { sideSign, type Foot } from '../model/feet';
import { wayOfTurn, type Turn } from '../model/turns';
import { printCall } from '../printing/calls';
import { SLATE_STYLE, type HouseStyle } from '../printing/style';
import type { Call } from '../grammar/steps/cut';
import { FIGURES, type Figure } from '../vocabulary';
import type { PatternStep } from '../vocabulary/notation';

export interface NamedFigure {
  readonly figure: Figure;
  readonly lead: Foot;
  /** `Coaster L`, `Shuffle R forward turning 1/2 right`. */
  readonly words: string;
}

/** Words that do the same to the feet when a line is spelt out. */
const PLAIN_WORDS: Partial<Readonly<Record<ActionWord, string>>> = {
  step: 'step', rock: 'step', ball: 'step', press: 'step', lunge: 'step', recover: 'step',
  touch: 'touch', point: 'touch', toe: 'touch', tap: 'touch',
}; // prettier-ignore

const PLAIN_PLACES: Partial<Readonly<Record<Direction, string>>> = { out: 'side', in: 'together' };

interface Entry {
  readonly figure: Figure;
  readonly direction: Direction | undefined;
  readonly turn: Turn;
  readonly rhythms: readonly (readonly number[])[];
  /** The better name goes first. */
  readonly rank: number;
}

/** Turns that are tried for a figure that can turn, in parts of a circle, out positive. */
const TURNS: readonly Turn[] = [6, 12, 18, 24, 36, 48].flatMap((turn) => [turn, -turn]);
const PLACES: readonly Direction[] = ['forward', 'back', 'side', 'diagonal forward', 'diagonal back', 'place'];

let table: Map<string, Entry[]> | undefined;

/** By signature, built on first use from the rows. */
function entries(): Map<string, Entry[]> {
  if (table) return table;
  table = new Map();
  for (const figure of FIGURES)
    if (figure.family !== 'single' && !figure.manners.has('neverNames')) addFigure(table, figure);
  for (const list of table.values()) list.sort((a, b) => a.rank - b.rank);
  return table;
}

function addFigure(into: Map<string, Entry[]>, figure: Figure): void {
  // A figure that is danced with a customary turn can't name the same feet without one.
  const plain = figure.amount === undefined ? [0] : [];
  const own = figure.definite ? [(figure.amount ?? 0) * (figure.way === 'in' ? -1 : 1)] : [...plain, ...TURNS];
  figure.forms.forEach((form, formIndex) => {
    if (form.steps.length < 2) return;
    const open = form.steps.some((step) => step.direction === '*');
    for (const direction of open ? PLACES : [undefined]) {
      for (const turn of own) {
        if (turn !== 0 && !canTurn(figure, form.steps)) continue;
        const spelt = spellTurn(figure, form.steps, 'R', turn);
        const actions = form.steps.map((step, index): Action => {
          const pattern = spelt.steps[index] ?? step;
          return {
            word: step.word,
            foot: step.role === 'A' ? 'R' : step.role === 'B' ? 'L' : null,
            direction: pattern.direction === '*' ? (direction ?? null) : pattern.direction,
            effect: step.effect,
            turn: spelt.turns[index],
          };
        });
        const usual = direction === undefined || direction === (figure.direction ?? 'forward');
        const rank = formIndex + ((turn === 0) === (figure.way === undefined) ? 0 : 4) + (usual ? 0 : 2);
        const key = signature(actions, 'R');
        into.set(key, [...(into.get(key) ?? []), { figure, direction, turn, rhythms: form.rhythms, rank }]);
      }
    }
  });
}

const canTurn = (figure: Figure, steps: readonly PatternStep[]): boolean =>
  figure.definite === true || figure.turned.size > 0 || steps.some((step) => step.turn === 'whole');

/** Feet as leading and other, plain words, places, turns towards the leading foot's side positive. */
function signature(actions: readonly Action[], lead: Foot): string {
  return actions
    .map(({ word, foot, direction, effect, turn }) => {
      const role = foot === null ? '-' : foot === lead ? 'A' : 'B';
      const place = word === 'recover' ? 'place' : direction ? (PLAIN_PLACES[direction] ?? direction) : '';
      return `${role} ${effect} ${PLAIN_WORDS[word] ?? word} ${word === 'pivot' || word === 'hold' ? '' : place} ${turn * sideSign(lead)}`;
    })
    .join('|');
}

/** The name of moments that spell a figure from end to end, in a rhythm it is danced in. */
export function nameMoments(moments: readonly Moment[], style: HouseStyle = SLATE_STYLE): NamedFigure | undefined {
  const lead = moments.find(({ action }) => action.foot !== null)?.action.foot;
  if (!lead || moments.length < 2) return undefined;
  const spelt = signature(
    moments.map(({ action }) => action),
    lead,
  );
  const twins = entries().get(spelt) ?? [];
  const found = [1, 2]
    .map((scale) => twins.find(({ rhythms }) => rhythms.some((rhythm) => fitsRhythm(moments, rhythm, scale))))
    .find((entry) => entry !== undefined);
  if (!found) return undefined;
  return { figure: found.figure, lead, words: figureWords(found, lead, style) };
}

/**
 * Whether moments spell this figure, on any counts. The last action may differ: tails vary (a touch for a step, together for forward).
 */
export function spellsFigure(moments: readonly Moment[], figure: Figure): boolean {
  const lead = moments.find(({ action }) => action.foot !== null)?.action.foot;
  if (!lead) return false;
  const spelt = signature(
    moments.map(({ action }) => action),
    lead,
  ).split('|');
  let isKnown = false;
  for (const [key, list] of entries()) {
    if (!list.some((entry) => entry.figure === figure)) continue;
    isKnown = true;
    const own = key.split('|');
    if (own.length === spelt.length && own.slice(0, -1).every((action, index) => action === spelt[index])) return true;
  }
  // A name that is nothing but its own spelling (`side together`) can't be contradicted by it.
  return !isKnown;
}

/** `scale` 2: the same rhythm, twice as slow. */
function fitsRhythm(moments: readonly Moment[], rhythm: readonly number[], scale: number): boolean {
  return moments.every(({ tick }, index) => tick - moments[0].tick === rhythm[index] * scale);
}

/** `turn`: towards the leading foot's side positive. */
export function figureWords(
  { figure, direction, turn }: Pick<Entry, 'figure' | 'direction' | 'turn'>,
  lead: Foot,
  style: HouseStyle = SLATE_STYLE,
): string {
  const signed = turn * sideSign(lead);
  const call: Call = {
    span: { from: 0, to: 0 },
    figure,
    ...(figure.bare === 'direction' ? { travel: lead } : { foot: leadsByName(figure) ? lead : undefined }),
    ...(direction && direction !== (figure.direction ?? 'forward') && { direction }),
    ...(turn !== 0 &&
      !figure.definite && { turn: { amount: Math.abs(turn), way: wayOfTurn(signed), span: { from: 0, to: 0 } } }),
    ...(figure.definite && figure.bare === 'way' && { turn: { way: wayOfTurn(signed), span: { from: 0, to: 0 } } }),
    repeat: 1,
    total: false,
    joined: false,
    unread: [],
  };
  const words = printCall(call, '', style);
  return style.capitals === 'sentence' ? words.charAt(0).toUpperCase() + words.slice(1) : words;
}

/** A side after a turning figure's name is its way, not its foot. */
const leadsByName = (figure: Figure): boolean => figure.bare !== 'way';

/**
 * Moves: what a search puts together. Each is a line of words with the counts it takes, made from the vocabulary's rows (a figure in
 * one of its rhythms, one of its directions, one of its customary turns) or said of two single actions, and danced once from each
 * foot, so that what it does to feet, wall and place is what the script would say of it.
 */
import type { Moment } from '../dancing/dance';
import { startState, type Crossing, type DanceState, type Vector } from '../dancing/state';
import { isFoot, otherFoot, type Foot } from '../model/feet';
import type { Action, Direction } from '../model/actions';
import { greatest } from '../model/numbers';
import { TICKS_A_COUNT } from '../model/ticks';
import { CIRCLE, type Turn } from '../model/turns';
import { figureWords } from '../rewriting/name';
import { FIGURES, type Figure } from '../vocabulary';
import { levelWithTurn } from '../vocabulary/levels';
import { readAmountParts } from '../vocabulary/notation';
import { danceSpoken, isWhole } from './spoken';

export interface Move {
  /** `Coaster R`, in the slate's own style. */
  readonly words: string;
  /** What it is made of: the figure's id, or of what is said of two actions the id it is known by. */
  readonly id: string;
  readonly lead: Foot;
  /** Moments from its own count 1. */
  readonly ticks: readonly number[];
  /** Whole counts. */
  readonly counts: number;
  /** In the form its figure usually has; others are shorter, quicker or broken off. */
  readonly usual: boolean;
  readonly turn: Turn;
  readonly ends: Foot;
  readonly actions: readonly Action[];
  /** Steps on the floor, x to the right, y forward, as the dancer faces at the start of the move. */
  readonly travel: Vector;
  /** Where its first and its last step carry the weight. */
  readonly enters: Vector;
  readonly leaves: Vector;
  readonly crossing: Crossing | null;
  /** Place in `FIGURE_LEVELS`. */
  readonly level: number;
  /** Of `CARES`, where the row has one. */
  readonly care?: Figure['care'];
}

/** What dancers say of single actions; no stomps: whether one takes weight hangs on what follows. `A` leads, `B` is the other foot, `in` and `out` turn away from and towards the leading foot's side. */
const SAYINGS: readonly (readonly [id: string, counts: string, words: string, level?: number])[] = [
  ['walk', '1-2', 'Walk A, walk B'],
  ['walk', '1-4', 'Walk A B A, touch B'],
  ['walk', '1-4', 'Walk A B A, kick B'],
  ['walk-back', '1-2', 'Step A back, step B back'],
  ['walk-back', '1-4', 'Walk back A B A, touch B'],
  ['rock-forward', '1-2', 'Rock A forward, recover B'],
  ['rock-back', '1-2', 'Rock A back, recover B'],
  ['rock-side', '1-2', 'Rock A side, recover B'],
  ['cross-rock', '1-2', 'Rock A over B, recover B'],
  ['rock-turn', '1-2', 'Rock A side, recover B turning 1/4 in', 1],
  ['pivot', '1-2', 'Step A forward, pivot 1/2 in'],
  ['pivot', '1-2', 'Step A forward, pivot 1/4 in'],
  ['step-touch', '1-2', 'Step A forward, touch B'],
  ['step-kick', '1-2', 'Step A forward, kick B'],
  ['step-scuff', '1-2', 'Step A forward, scuff B'],
  ['step-brush', '1-2', 'Step A forward, brush B'],
  ['step-hitch', '1-2', 'Step A forward, hitch B'],
  ['back-touch', '1-2', 'Step A back, touch B'],
  ['back-hook', '1-2', 'Step A back, hook B', 1],
  ['cross-side', '1-2', 'Cross A over B, step B side'],
  ['side-behind', '1-2', 'Step A side, step B behind A'],
  ['heel-together', '1-2', 'Heel A forward, close A'],
  ['heels', '1-4', 'Heel A forward, close A, heel B forward, close B'],
  ['point-together', '1-2', 'Point A side, close A'],
  ['sway', '1-2', 'Sway A, sway B'],
  ['sway', '1-4', 'Sway A B A B'],
  ['skate', '1-2', 'Skate A, skate B'],
  ['slide', '1-2', 'Slide A side, touch B'],
  ['side-touches', '1-4', 'Step A side, touch B, step B side, touch A'],
  ['step-hold', '1-2', 'Step A side, hold'],
  ['touch', '1', 'Touch A together'],
  ['close', '1', 'Close A'],
  ['step', '1', 'Step A side'],
  ['point', '1', 'Point A side'],
  ['kick', '1', 'Kick A'],
  ['hitch', '1', 'Hitch A'],
  ['scuff', '1', 'Scuff A'],
  ['hold', '1', 'Hold'],
  ['cross-unwind', '1-2', 'Cross A over B, unwind 1/2 in (weight B)', 1],
];

/** Halves of what is said: never offered alone, but a garbled word may mean one. */
const HALVES: typeof SAYINGS = [
  ['rock-forward', '1', 'Rock A forward'],
  ['rock-back', '1', 'Rock A back'],
  ['rock-side', '1', 'Rock A side'],
  ['step', '1', 'Step A forward'],
  ['step', '1', 'Step A back'],
  ['walk', '1', 'Walk A'],
  ['cross', '1', 'Cross A over B'],
  ['recover', '1', 'Recover A'],
  ['sway', '1', 'Sway A'],
];

/** Directions a figure is offered in where its row leaves them open; all others in their own. */
const DIRECTIONS: Readonly<Record<string, readonly Direction[]>> = {
  shuffle: ['forward', 'back'],
  'lock-step': ['forward', 'back'],
  mambo: ['forward', 'back', 'side'],
  'half-box': ['forward', 'back'],
  'toe-strut': ['forward', 'back'],
  'heel-strut': ['forward'],
  'waltz-basic': ['forward', 'back'],
  pony: ['back', 'forward'],
};

/** Amounts a figure with a way of its own is offered with, beside those its row spells out. */
const QUARTER = CIRCLE / 4;

/** Turns towards the leading foot's side positive. */
function turnsOf(figure: Figure): readonly Turn[] {
  const out = figure.way === 'in' ? -1 : 1;
  if (figure.definite) return [(figure.amount ?? 0) * out];
  const spelt = [...figure.turned.keys()].flatMap((key) => {
    const [, side, amount] = /^(?:(out|in) )?(.*)$/.exec(key) ?? [];
    const parts = amount === 'full' ? CIRCLE : (readAmountParts(amount) ?? 0);
    return side ? [parts * (side === 'in' ? -1 : 1)] : figure.way ? [parts * out] : [parts, -parts];
  });
  const canTurn = figure.forms[0].steps.some(({ turn }) => turn === 'whole');
  const own = canTurn && figure.way ? [QUARTER * out, (figure.amount ?? 0) * out] : [];
  const plain = figure.amount === undefined ? [0] : [];
  return [...new Set([...plain, ...own, ...spelt])].filter((turn) => turn !== 0 || plain.length > 0);
}

/** The counts a row is danced on: the first rhythm of each form that begins on a count, the usual one first. */
const rhythmsOf = ({ row }: Figure): string[] => [
  ...new Set(
    row.forms.flatMap((form) => {
      const rhythms = form.split(/:\s/)[0].split('|').map((rhythm) => rhythm.trim()); // prettier-ignore
      return rhythms.find((rhythm) => !rhythm.startsWith('&')) ?? [];
    }),
  ),
];

/** Names that say a turn, and a direction that a turn takes the place of, go together. */
const isSaid = (figure: Figure, direction: Direction | undefined, turn: Turn): boolean =>
  turn === 0 ? figure.id !== 'turn-touch' : direction === undefined || direction === (figure.direction ?? 'forward');

interface Said {
  readonly id: string;
  readonly words: string;
  readonly counts: string;
  readonly lead: Foot;
  readonly figure?: Figure;
  readonly level?: number;
  readonly usual?: boolean;
}

const START: Readonly<Record<Foot, DanceState>> = { R: startState('L'), L: startState('R') };

function danceMove({ id, words, counts, lead, figure, level, usual = true }: Said): Move[] {
  const block = danceSpoken([`${counts} ${words}`], START[lead]);
  const { moments, after } = block;
  const first = moments.find(({ action }) => action.foot !== null);
  if (!isWhole(block) || !isFoot(after.weight) || (first ? first.action.foot !== lead : after.rotation !== 0) || block.sections[0].lines.some(({ calls }) => calls.some(({ call }) => call.unread.length > 0))) return []; // prettier-ignore
  const ticks = moments.map(({ tick }) => tick);
  const start = centreOf(START[lead]);
  const end = centreOf(after);
  const shifts = moments.filter(({ before, after: then }) => before.weight !== then.weight).map(shiftOf);
  return [
    {
      words,
      id,
      lead,
      ticks,
      counts: Math.floor(greatest(ticks, 0) / TICKS_A_COUNT) + 1,
      usual,
      turn: after.rotation,
      ends: after.weight,
      actions: moments.map(({ action }) => action),
      travel: { x: end.x - start.x, y: end.y - start.y },
      enters: shifts[0] ?? ZERO,
      leaves: shifts[shifts.length - 1] ?? ZERO,
      crossing: after.crossing,
      level: level ?? (figure ? levelWithTurn(figure, after.rotation) : levelOfTurn(after.rotation)),
      ...(figure?.care && { care: figure.care }),
    },
  ];
}

const ZERO: Vector = { x: 0, y: 0 };

const levelOfTurn = (turn: Turn): number => (Math.abs(turn) > CIRCLE / 2 ? 2 : 0);

const centreOf = ({ feet: { L, R } }: DanceState): Vector => ({ x: (L.x + R.x) / 2, y: (L.y + R.y) / 2 });

/** From the foot that bore the weight to the foot that bears it. */
function shiftOf({ before, after }: Moment): Vector {
  if (!isFoot(before.weight) || !isFoot(after.weight)) return ZERO;
  const [from, to] = [before.feet[before.weight], after.feet[after.weight]];
  return { x: to.x - from.x, y: to.y - from.y };
}

/** `A` and `B`, `in` and `out` as the feet and ways they are for a leading foot. */
const said = (words: string, lead: Foot): string =>
  words
    .replace(/\bA\b/g, lead)
    .replace(/\bB\b/g, otherFoot(lead))
    .replace(/\bin\b/, lead === 'R' ? 'left' : 'right')
    .replace(/\bout\b/, lead === 'R' ? 'right' : 'left');

const danced = new Map<string, readonly Move[]>();

/** The moves of one figure, led by one foot; danced once. */
export function movesOf(figure: Figure, lead: Foot): readonly Move[] {
  const key = `${figure.id} ${lead}`;
  let moves = danced.get(key);
  if (!moves) danced.set(key, (moves = danceFigureMoves(figure, lead)));
  return moves;
}

function danceFigureMoves(figure: Figure, lead: Foot): Move[] {
  const open = figure.forms[0].steps.some(({ direction }) => direction === '*');
  const directions = open ? (DIRECTIONS[figure.id] ?? [undefined]) : [undefined];
  return rhythmsOf(figure).flatMap((counts, index) =>
    directions.flatMap((direction) =>
      turnsOf(figure)
        .filter((turn) => isSaid(figure, direction, turn))
        .flatMap((turn) => {
          const said = figureWords({ figure, direction, turn }, lead);
          const words = said.charAt(0).toUpperCase() + said.slice(1);
          return danceMove({ id: figure.id, words, counts, lead, figure, usual: index === 0 });
        }),
    ),
  );
}

const catalogues = new Map<Foot, readonly Move[]>();

/** Every move a foot may lead, worked out on first use: some three hundred lines are danced for it. */
export function movesLedBy(lead: Foot): readonly Move[] {
  let moves = catalogues.get(lead);
  if (!moves) {
    const figures = FIGURES.filter(({ family }) => family !== 'single').flatMap((figure) => movesOf(figure, lead));
    const spoken = saidOf(SAYINGS, lead);
    catalogues.set(lead, (moves = distinct([...spoken, ...figures])));
  }
  return moves;
}

const saidOf = (sayings: typeof SAYINGS, lead: Foot): Move[] =>
  sayings.flatMap(([id, counts, words, level]) =>
    danceMove({ id, words: said(words, lead), counts, lead, ...(level !== undefined && { level }) }),
  );

/** What a foot may do on one count, half of a figure or whole. */
export const wordsLedBy = (lead: Foot): readonly Move[] => [...saidOf(HALVES, lead), ...movesLedBy(lead)];

/** Twins that take the same feet on the same counts stand once; the plainer one is the first. */
function distinct(moves: readonly Move[]): Move[] {
  const known = new Set<string>();
  return moves.filter(({ words, ticks }) => {
    const key = `${words} ${ticks.join()}`;
    if (known.has(key)) return false;
    known.add(key);
    return true;
  });
}

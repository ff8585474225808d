/**
 * The small notation in which figures are written, one line a form:
 *
 *     1&2 | 1-3: A back +T, B tog, A fwd
 *
 * Before the colon the rhythms it is usually danced to. After it one action a comma: the role (`A` leads, `B` is the other
 * foot, `AB` both, `-` none), an action word (a step when none is written), a direction (`*` is the one the line gives), and
 * what is turned on it. A gesture, which takes no weight, stands in [brackets]; `!` after a gesture word gives it weight.
 * `+T` carries the whole turn of the figure, `+1/4` a fixed share of it in the turn's own direction, `-1/4` one against it.
 */
import { ACTION_WORDS, isGesture, type ActionWord, type Direction, type WeightEffect } from '../model/actions';
import { BETWEEN_COUNTS, TICKS_A_COUNT, tickOfCount, type BetweenCounts } from '../model/ticks';
import { CIRCLE } from '../model/turns';

const ROLES = ['A', 'B', 'AB', '-'] as const;
export type Role = (typeof ROLES)[number];

export interface PatternStep {
  readonly role: Role;
  readonly word: ActionWord;
  /** `*` takes the direction of the line, or the figure's own default. */
  readonly direction: Direction | '*' | null;
  readonly effect: WeightEffect;
  /** `whole`: the figure's whole turn falls here. A number: parts of a circle in the direction of the turn. */
  readonly turn: 'whole' | number;
  readonly size?: 'large' | 'small';
}

export interface Form {
  /** Tick of each action after the first one, one list a rhythm. */
  readonly rhythms: readonly (readonly number[])[];
  readonly steps: readonly PatternStep[];
}

const DIRECTION_CODES: Readonly<Record<string, Direction | '*'>> = {
  fwd: 'forward',
  back: 'back',
  side: 'side',
  cross: 'cross',
  behind: 'behind',
  tog: 'together',
  place: 'place',
  'diag-fwd': 'diagonal forward',
  'diag-back': 'diagonal back',
  lock: 'lock',
  out: 'out',
  in: 'in',
  '*': '*',
};

/** Action words that do something other than take the weight on to the named foot. */
const EFFECTS: Readonly<Partial<Record<ActionWord, WeightEffect>>> = {
  unwind: 'open',
  swivel: 'both',
  twist: 'both',
  turn: 'none',
  jump: 'both',
};

const WORD_CODES: Readonly<Record<string, ActionWord>> = Object.fromEntries(
  ACTION_WORDS.map((word) => [word.replace(' ', '-'), word]),
);

/** Reads one action of the notation. Throws on a code it does not know: that is a mistake in a table, not a dancer's. */
function readPatternStep(text: string): PatternStep {
  const gesture = /^\[([^\]]*)\](.*)$/.exec(text.trim());
  const codes = (gesture ? `${gesture[1]} ${gesture[2]}` : text).trim().split(/\s+/);
  const role = codes.shift() as Role;
  if (!ROLES.includes(role)) throw new Error(`No role in "${text}"`);
  const step = {
    role,
    word: (gesture ? 'touch' : 'step') as ActionWord,
    direction: null as PatternStep['direction'],
  };
  let turn: PatternStep['turn'] = 0;
  let weighted = false;
  let size: PatternStep['size'];
  for (const code of codes) {
    if (code === '+T') turn = 'whole';
    else if (/^[+-]\d/.test(code)) turn = readShare(code.slice(1)) * (code[0] === '-' ? -1 : 1);
    else if (code === 'small' || code === 'large') size = code;
    else if (code in DIRECTION_CODES) step.direction = DIRECTION_CODES[code];
    else if (code.replace('!', '') in WORD_CODES) {
      step.word = WORD_CODES[code.replace('!', '')];
      weighted = code.endsWith('!');
    } else throw new Error(`"${code}" in "${text}" is no direction and no action`);
  }
  const handsOnly = role === '-';
  const effect = weighted
    ? 'takes'
    : handsOnly || gesture || isGesture(step.word)
      ? 'none'
      : (EFFECTS[step.word] ?? 'takes');
  return { ...step, effect: step.word === 'unwind' ? 'open' : effect, turn, ...(size && { size }) };
}

/** Parts of a circle of `1/4`, `1 1/4`, `1`; undefined where the circle can't be cut so. */
export function readAmountParts(text: string): number | undefined {
  const match = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(text.trim());
  const parts = match
    ? Number(match[1] ?? 0) * CIRCLE + (Number(match[2]) * CIRCLE) / Number(match[3])
    : Number(text) * CIRCLE;
  return Number.isInteger(parts) ? parts : undefined;
}

/** `1/4` of a circle in parts. */
function readShare(text: string): number {
  const [above, below = '1'] = text.split('/');
  return (Number(above) * CIRCLE) / Number(below);
}

export const readPattern = (text: string): PatternStep[] => text.split(',').map(readPatternStep);

/** Reads `1&2 | 1-3: A back, B tog, A fwd`. */
export function readForm(text: string): Form {
  const [rhythms, actions] = text.split(/:\s+/);
  const steps = readPattern(actions);
  return { steps, rhythms: rhythms.split('|').map((rhythm) => readRhythm(rhythm.trim(), steps.length)) };
}

/** No figure is counted further. */
const MOST_TICKED = 64;

/** Ticks of a rhythm such as `1&2`, `1-4`, `&1&2` relative to its first action. */
function readRhythm(text: string, length: number): number[] {
  const ticks: number[] = [];
  let count = 0;
  for (const [, from, to, between] of text.matchAll(/(\d+)(?:-(\d+))?|([&ea])/g)) {
    if (between) ticks.push(tickOfCount(count) + BETWEEN_COUNTS[between as BetweenCounts]);
    else {
      const last = Number(to ?? from);
      if (last - Number(from) > length || last > MOST_TICKED)
        throw new Error(`"${text}" is longer than its ${length} actions`);
      for (count = Number(from); ; count++) {
        ticks.push(tickOfCount(count));
        if (count >= last) break;
      }
    }
  }
  if (ticks.length !== length) throw new Error(`"${text}" has ${ticks.length} places for ${length} actions`);
  const [first] = ticks;
  return ticks.map((tick) => tick - first);
}

/** Half a count, the usual distance inside a quick figure. */
export const HALF_COUNT = TICKS_A_COUNT / 2;

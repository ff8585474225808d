/**
 * Ways without turns. Wherever the turns of a stretch come to a whole number of full turns the dancer faces after it where they faced
 * before, so the same can be danced without turning. A figure that has a plain form keeps its name; the steps of one that has none go where
 * they went on the floor, told from the facing it began with; a pivot becomes a recover, and the step before it a rock. Where a figure turns more than a half, the other way round turns less.
 */
import type { Dance, DancedBlock, DancedCall, DancedLine, Moment } from '../dancing/dance';
import type { Action, Direction } from '../model/actions';
import { sideSign, type Foot } from '../model/feet';
import { TICKS_A_COUNT } from '../model/ticks';
import { amountWords, CIRCLE, facingAfter, turnBetween, turnWords, wayOfTurn, type Facing } from '../model/turns';
import { printCall } from '../printing/calls';
import { once } from '../checking/rule';
import { optionsOf } from '../walls/options';
import { alternativeOf, fittingAlternative, type Alternative, type LineStretch } from './alternatives';
import { greatest } from '../model/numbers';

/** A longer stretch would be another dance. */
const LONGEST_STRETCH = 16 * TICKS_A_COUNT;

const NO_TURN = 'no turn';

/** One for every stretch that can be danced without turning, and one for every figure that can turn less; none that is there already. */
export function noTurnOptions(dance: Dance): Alternative[] {
  return [...dance.parts, ...dance.tags].flatMap((block) => {
    const lines = linesOf(block);
    const whole = runsOf(block, lines).filter((stretch) => !isCovered(dance, stretch));
    const found = whole.flatMap((stretch) => withoutTurns(dance, stretch) ?? []);
    const taken = new Set(found.flatMap((own) => own.lines));
    const less = lines
      .filter((line) => !taken.has(line))
      .flatMap((line) => (isCovered(dance, { block, lines: [line] }) ? [] : (leastTurning(dance, block, line) ?? [])));
    return [...found, ...less];
  });
}

/** For the line a finding is about. */
export const noTurnFor = (dance: Dance, line: number): Alternative | undefined =>
  (runsByLine(dance).get(line) ?? [])
    .map((stretch) => withoutTurns(dance, stretch))
    .find((found) => found !== undefined);

const runsByLine = once((dance): ReadonlyMap<number, readonly TurningRun[]> => {
  const byLine = new Map<number, TurningRun[]>();
  for (const block of [...dance.parts, ...dance.tags])
    for (const run of runsOf(block, linesOf(block)))
      for (const { line } of run.lines) byLine.set(line.index, [...(byLine.get(line.index) ?? []), run]);
  return byLine;
});

/** Lines where they are written; one that is danced again by a repeat is changed where it stands. */
const linesOf = (block: DancedBlock): DancedLine[] =>
  block.sections.flatMap(({ lines, text }) =>
    lines.filter(({ line, moments }) => line.section === text && moments.length > 0),
  );

const isCovered = (dance: Dance, { block, lines }: LineStretch): boolean =>
  optionsOf(dance).some(
    ({ over, name }) =>
      over?.block === block &&
      /turn/i.test(name) &&
      lines.some(({ moments }) => moments.some((moment) => isInside(block, moment, over))),
  );

const isInside = ({ moments }: DancedBlock, moment: Moment, { from, to }: { from: number; to: number }): boolean => {
  const at = moments.indexOf(moment);
  return from <= at && at < to;
};

/** The lines of a run of turning calls, and the moments of the run, the step before its first pivot among them. */
interface TurningRun extends LineStretch {
  readonly run: ReadonlySet<Moment>;
}

/** The shortest runs of calls whose turns come to whole turns, none on a line that another is on. */
function runsOf(block: DancedBlock, lines: readonly DancedLine[]): TurningRun[] {
  const calls = lines.flatMap((line, at) =>
    line.calls
      .filter(({ moments }) => moments.length > 0)
      .map(({ moments }) => ({ at, moments, turn: turnOf(moments) })),
  );
  const found: TurningRun[] = [];
  let free = 0;
  calls.forEach((opening, first) => {
    if (opening.at < free || !turns(opening.moments)) return;
    let sum = 0;
    for (let last = first; last < calls.length; last++) {
      const { at, moments, turn } = calls[last];
      if (endOf(moments) - opening.moments[0].time > LONGEST_STRETCH || !follows(lines, opening.at, at)) return;
      sum += turn;
      if (sum % CIRCLE !== 0 || !turns(moments)) continue;
      // Turns that undo each other are worth a way of their own only where one is a half: hips, heels and quarters spare nobody.
      if (sum === 0 && (first === last || largest(calls.slice(first, last + 1)) < CIRCLE / 2)) return;
      const own = calls.slice(first, last + 1).flatMap((call) => call.moments);
      const before = calls[first - 1]?.moments;
      const pivots = own[0].action.word === 'pivot' && before !== undefined && calls[first - 1].at === opening.at;
      const run = new Set(pivots ? [before[before.length - 1], ...own] : own);
      found.push({ block, lines: lines.slice(opening.at, at + 1), run });
      free = at + 1;
      return;
    }
  });
  return found;
}

const largest = (calls: readonly { readonly turn: number }[]): number =>
  greatest(calls.map(({ turn }) => Math.abs(turn)));
const turnOf = (moments: readonly Moment[]): number => moments.reduce((sum, { action }) => sum + action.turn, 0);
const turns = (moments: readonly Moment[]): boolean => moments.some(({ action }) => action.turn !== 0);
const endOf = (moments: readonly Moment[]): number => moments[moments.length - 1].time + TICKS_A_COUNT;

/** Lines that are danced one after another, not apart by a section that repeats another. */
const follows = (lines: readonly DancedLine[], first: number, last: number): boolean =>
  lines.slice(first + 1, last + 1).every(({ before }, index) => before === lines[first + index].after);

function withoutTurns(dance: Dance, { run, ...stretch }: TurningRun): Alternative | undefined {
  const total = [...run].reduce((sum, { action }) => sum + Math.abs(action.turn), 0);
  const about = total === CIRCLE ? 'spares a full turn' : `spares ${amountWords(total)} turns`;
  const base = new Map<Moment, Facing>();
  for (const { calls } of stretch.lines)
    for (const { moments } of calls) for (const moment of moments) base.set(moment, moments[0].before.facing);
  return alternativeOf(
    dance,
    stretch,
    NO_TURN,
    about,
    (moment, index, all) => (run.has(moment) ? withoutTurn(moment, index, all, base.get(moment) ?? 0) : moment.action),
    (call) => (call.moments.some((moment) => run.has(moment)) ? plainName(call) : undefined),
  );
}

/** A figure that is danced without its turn as well keeps its name: `Shuffle R forward` for one that turns a half. */
function plainName({ call, figure, moments, titled }: DancedCall): string | undefined {
  if (!turns(moments) || titled || !figure || !call.turn || call.detail) return undefined;
  if (figure.definite || figure.amount !== undefined || figure.family === 'single') return undefined;
  // A whole turn on one figure is danced on the spot, where its plain form would travel.
  if (Math.abs(turnOf(moments)) >= CIRCLE) return undefined;
  const direction = call.direction ?? figure.direction;
  return printCall({ ...call, turn: undefined, total: false, ...(direction && { direction }) }, '');
}

/** `base`: what was faced as the call began; its steps are told from there. */
function withoutTurn({ action, before, after }: Moment, index: number, all: readonly Moment[], base: Facing): Action {
  const { word, turn } = action;
  if (word === 'pivot') return { ...action, word: 'recover', direction: 'place', turn: 0 };
  if (word === 'unwind' || word === 'turn')
    return before.weight === after.weight
      ? { word: 'hold', foot: null, direction: null, effect: 'none', turn: 0 }
      : {
          ...action,
          word: 'step',
          foot: after.weight === 'R' ? 'R' : 'L',
          direction: 'place',
          effect: 'takes',
          turn: 0,
        };
  if (word === 'step' && all[index + 1]?.action.word === 'pivot')
    return { ...action, word: 'rock', direction: rockDirection(all, index), turn: 0 };
  const turned = facingAfter(after.facing, -base);
  // A gesture comes back: it stays where the dancer would make it.
  const travels =
    action.foot && action.direction && action.effect === 'takes'
      ? seenFrom(action.direction, action.foot, turned)
      : action.direction;
  const direction = travels === 'place' && turn !== 0 && index % 2 === 1 ? 'together' : travels;
  if (turn === 0 && direction === action.direction) return action;
  return { ...action, word, direction, turn: 0 };
}

/** Half pivots one after another rock forward and back by turns, as a rocking chair does. */
function rockDirection(all: readonly Moment[], index: number): Direction | null {
  const own = all[index].action.direction;
  let flips = 0;
  for (let at = index - 1; all[at]?.action.word === 'pivot' && Math.abs(all[at].action.turn) === CIRCLE / 2; at -= 2)
    flips += 1;
  return own === 'forward' && flips % 2 === 1 ? 'back' : own;
}

/** Body directions as angles clockwise from forward, in parts of a circle, for the right foot; the left is the mirror image. */
const ANGLES: Partial<Readonly<Record<Direction, number>>> = {
  forward: 0,
  'diagonal forward': 6,
  side: 12,
  out: 12,
  'diagonal back': 18,
  back: 24,
  behind: 33,
  cross: 39,
};

const BY_ANGLE: readonly Direction[] = [
  'forward',
  'diagonal forward',
  'side',
  'diagonal back',
  'back',
  'behind',
  'behind',
  'cross',
];

/** Where a step went on the floor, as a direction for somebody who faces `turned` less to the right. */
function seenFrom(direction: Direction, foot: Foot, turned: Facing): Direction {
  const angle = ANGLES[direction];
  if (angle === undefined || turned === 0) return direction;
  const own = facingAfter(angle, sideSign(foot) * turned);
  return BY_ANGLE[Math.round(own / 6) % 8];
}

/** A turn of more than a half on one figure, danced the shorter way round. */
function leastTurning(dance: Dance, block: DancedBlock, line: DancedLine): Alternative | undefined {
  for (const { call, moments } of line.calls) {
    const turned = moments.reduce((sum, { action }) => sum + action.turn, 0);
    if (!call.turn?.amount || call.copied || Math.abs(turned) <= CIRCLE / 2 || turned % CIRCLE === 0) continue;
    const least = turnBetween(0, facingAfter(0, turned));
    const { text } = line.line;
    const calls = line.calls.filter((own) => own.moments.length > 0);
    const words = text.slice(calls[0].call.span.from, calls[calls.length - 1].call.span.to);
    const from = call.turn.span.from - calls[0].call.span.from;
    const to = call.turn.span.to - calls[0].call.span.from;
    const opening = /^(?:making|turning|turn)\s+/i.exec(words.slice(from, to))?.[0] ?? '';
    const other = `${words.slice(0, from)}${opening}${amountWords(least)} ${wayOfTurn(least)}${words.slice(to)}`;
    const about = `turns ${turnWords(least)} instead of ${turnWords(turned)}`;
    const found = fittingAlternative(dance, { block, lines: [line] }, 'less turn', about, [other]);
    if (found) return found;
  }
  return undefined;
}

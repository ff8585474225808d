/**
 * Ways without turns. Wherever the turns of a stretch come to a whole number of full turns the dancer faces after it where they faced
 * before, so the same steps can be danced without turning: each goes where it went on the floor, told from the facing at the start.
 * A pivot becomes a recover, and the step before it a rock. Where a figure turns more than a half, the other way round turns less.
 */
import type { Dance, DancedBlock, DancedLine, Moment } from '../dancing/dance';
import type { Action, Direction } from '../model/actions';
import { sideSign, type Foot } from '../model/feet';
import { TICKS_A_COUNT } from '../model/ticks';
import { amountWords, CIRCLE, facingAfter, turnBetween, turnWords, wayOfTurn, type Facing } from '../model/turns';
import { optionsOf } from '../walls/options';
import { alternativeOf, fittingAlternative, type Alternative, type LineStretch } from './alternatives';

/** A longer stretch would be another dance. */
const LONGEST_STRETCH = 16 * TICKS_A_COUNT;

export const NO_TURN = 'no turn';

/** One for every stretch that can be danced without turning, and one for every figure that can turn less; none that is there already. */
export function noTurnOptions(dance: Dance): Alternative[] {
  return [...dance.parts, ...dance.tags].flatMap((block) => {
    const lines = linesOf(block);
    const whole = stretchesOf(block, lines).filter((stretch) => !isCovered(dance, stretch));
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
  [...dance.parts, ...dance.tags]
    .flatMap((block) =>
      stretchesOf(block, linesOf(block)).filter(({ lines }) => lines.some((own) => own.line.index === line)),
    )
    .map((stretch) => withoutTurns(dance, stretch))
    .find((found) => found !== undefined);

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

/** The shortest runs of lines whose turns come to whole turns, none overlapping another. */
function stretchesOf(block: DancedBlock, lines: readonly DancedLine[]): LineStretch[] {
  const turnOf = ({ before, after }: DancedLine): number => after.rotation - before.rotation;
  const turns = ({ moments }: DancedLine): boolean => moments.some(({ action }) => action.turn !== 0);
  const found: LineStretch[] = [];
  for (let first = 0; first < lines.length; first++) {
    if (!turns(lines[first])) continue;
    let sum = 0;
    for (let last = first; last < lines.length; last++) {
      const length = endOf(lines[last]) - startOf(lines[first]);
      if (length > LONGEST_STRETCH || !follows(lines, first, last)) break;
      sum += turnOf(lines[last]);
      if (sum % CIRCLE !== 0 || !turns(lines[last])) continue;
      // Turns that undo each other within a line are hips and heels, or a figure that comes back: nobody is spared by those.
      if (
        sum === 0 &&
        first === last &&
        Math.max(...lines[first].moments.map(({ action }) => Math.abs(action.turn))) < CIRCLE / 4
      )
        break;
      found.push({ block, lines: lines.slice(first, last + 1) });
      first = last;
      break;
    }
  }
  return found;
}

const startOf = ({ moments }: DancedLine): number => moments[0].time;
const endOf = ({ moments }: DancedLine): number => moments[moments.length - 1].time + TICKS_A_COUNT;

/** Lines that are danced one after another, not apart by a section that repeats another. */
function follows(lines: readonly DancedLine[], first: number, last: number): boolean {
  return last === first || lines[last].before === lines[last - 1].after;
}

function withoutTurns(dance: Dance, stretch: LineStretch): Alternative | undefined {
  const base = stretch.lines[0].before.facing;
  const total = stretch.lines.reduce(
    (sum, { moments }) => moments.reduce((all, { action }) => all + Math.abs(action.turn), sum),
    0,
  );
  return alternativeOf(
    dance,
    stretch,
    NO_TURN,
    total === CIRCLE ? 'spares a full turn' : `spares ${amountWords(total)} turns`,
    (moment, index, all) => withoutTurn(moment, all[index + 1], base, index),
  );
}

function withoutTurn({ action, before, after }: Moment, next: Moment | undefined, base: Facing, index: number): Action {
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
  const turned = facingAfter(after.facing, -base);
  const rocks = word === 'step' && next?.action.word === 'pivot';
  // A gesture, and a rock to a side wall, come back: they stay where the dancer would make them.
  const stays = action.effect !== 'takes' || (rocks && turned % (CIRCLE / 2) !== 0);
  const travels =
    action.foot && action.direction && !stays ? seenFrom(action.direction, action.foot, turned) : action.direction;
  const direction = travels === 'place' && turn !== 0 && index % 2 === 1 ? 'together' : travels;
  if (turn === 0 && direction === action.direction && !rocks) return action;
  return { ...action, word: rocks ? 'rock' : word, direction, turn: 0 };
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
    if (!call.turn?.amount || Math.abs(turned) <= CIRCLE / 2 || turned % CIRCLE === 0) continue;
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

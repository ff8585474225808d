/** Calls and lines back to text in the house style. What was not understood is printed as it was written. */
import { otherFoot } from '../model/feet';
import { amountWords, CIRCLE, hourOfFacing } from '../model/turns';
import type { Direction } from '../model/actions';
import type { Call } from '../reading/calls';
import type { StepLine } from '../reading/line';
import { houseName } from '../vocabulary';
import { printCounts } from './counts';

const DIRECTIONS: Readonly<Record<Direction, string>> = {
  forward: 'forward',
  back: 'back',
  side: 'side',
  cross: 'across',
  behind: 'behind',
  together: 'together',
  place: 'in place',
  'diagonal forward': 'diagonally forward',
  'diagonal back': 'diagonally back',
  lock: 'locked',
  out: 'out',
  in: 'in',
};

/** `text` is the line the call was read from. */
export function printCall(call: Call, text: string): string {
  const { figure } = call;
  if (!figure || call.unread.length > 0) return text.slice(call.span.from, call.span.to);
  const words = [
    houseName(figure),
    printFeet(call),
    printDirection(call),
    call.repeat > 1 ? `x${call.repeat}` : '',
    printTurn(call),
  ];
  const printed = words.filter(Boolean).join(' ');
  return call.detail ? `${printed}: ${call.detail.map((detail) => printDetail(detail, text)).join(', ')}` : printed;
}

/** After a colon a step is told by its direction alone: `side, behind, side, cross`. */
function printDetail(call: Call, text: string): string {
  const bare =
    call.figure?.id === 'step' && !call.foot && !call.turn && call.direction !== undefined && call.unread.length === 0;
  return bare ? DIRECTIONS[call.direction as Direction] : lowerFirst(printCall(call, text));
}

/** A side after a turn would be read as its way, so feet stand before the turn. */
function printFeet(call: Call): string {
  if (call.feet) return call.feet.join(' ');
  return call.foot ?? call.travel ?? '';
}

function printDirection(call: Call): string {
  const { direction, figure, foot } = call;
  if (figure?.id === 'cross' && foot && (direction === undefined || direction === 'cross'))
    return `over ${otherFoot(foot)}`;
  if (!direction) return '';
  if (foot && (direction === 'behind' || direction === 'cross') && figure?.family === 'single') {
    return `${direction === 'behind' ? 'behind' : 'over'} ${otherFoot(foot)}`;
  }
  if (figure?.run?.some((step) => step.direction === direction)) return `starting ${direction}`;
  return DIRECTIONS[direction];
}

function printTurn({ turn, figure, total }: Call): string {
  if (!turn) return '';
  const amount = turn.amount === undefined ? '' : turn.amount === CIRCLE ? 'full' : amountWords(turn.amount);
  const target = turn.target === undefined ? '' : `to face ${hourOfFacing(turn.target)}`;
  const turns = figure?.bare === 'way' || figure?.id === 'full-turn';
  const words = [figure?.id === 'full-turn' ? '' : amount, amount === 'full' && !turns ? 'turn' : '', turn.way, target]
    .filter(Boolean)
    .join(' ');
  if (total) return `making ${words}`;
  return turns ? words : `turning ${words}`;
}

export function printCalls(calls: readonly Call[], text: string): string {
  return calls
    .map(
      (call, index) =>
        (index === 0 ? '' : call.joined ? ' and ' : ', ') + lowerAfterFirst(printCall(call, text), index),
    )
    .join('');
}

const lowerAfterFirst = (text: string, index: number): string =>
  index === 0 ? text[0].toUpperCase() + text.slice(1) : lowerFirst(text);

/** Small in the middle of a line; what starts like a name (`K step`, `RLR`, `Dorothy`) stays. */
const lowerFirst = (text: string): string =>
  /^[A-Z][a-z]/.test(text) && !text.startsWith('Dorothy') ? text[0].toLowerCase() + text.slice(1) : text;

/** Calls of a line begin in this column; longer counts push them on. */
const CALL_COLUMN = 7;

/** A whole step line: counts, calls, then its marks, each after the call it follows. `shift`: ticks a running count is brought back by. */
export function printStepLine(line: StepLine, shift = 0): string {
  const pieces = line.groups.map(({ counts, calls }) => {
    const written = counts
      ? counts.problem || counts.floating
        ? line.text.slice(counts.span.from, counts.span.to)
        : printCounts(
            counts.ticks.map((tick) => tick - shift),
            counts.borrows,
          )
      : '';
    return { written, calls };
  });
  const marks = marksOf(line);
  return pieces
    .map(({ written, calls }, index) => {
      const head = written && index === 0 ? written.padEnd(CALL_COLUMN - 1) + ' ' : written ? `${written} ` : '';
      const body = calls.map((call, at) => {
        const printed =
          (at === 0 ? '' : call.joined ? ' and ' : ', ') + lowerAfterFirst(printCall(call, line.text), at);
        const end = calls[at + 1]?.span.from ?? pieces[index + 1]?.calls[0]?.span.from ?? Infinity;
        const own = marks.filter(({ from }) => from >= call.span.from && from < end).map(({ text }) => ` ${text}`);
        return printed + own.join('');
      });
      return head + body.join('');
    })
    .join('; ')
    .trimEnd();
}

function marksOf({ marks, text }: StepLine): { from: number; text: string }[] {
  const spans = [
    marks.weightClaims,
    marks.facingClaims,
    marks.wallClaims,
    marks.cues,
    marks.notes,
    marks.accepted,
  ].flatMap((list) => list.map(({ span }) => span));
  return spans.sort((a, b) => a.from - b.from).map(({ from, to }) => ({ from, text: markWords(text.slice(from, to)) }));
}

/** "weight on L" said in words is printed in brackets like the rest. */
const markWords = (text: string): string => {
  const said = /^(?:weight|wt|gewicht|poids)\b.*?(\S+)$/i.exec(text);
  if (!said) return text;
  return `(weight ${/^(r|right|rf|rechts|rechten|droite|droit|pd)$/i.test(said[1]) ? 'R' : 'L'})`;
};

/** What finished calls say of the ones beside them. */
import type { Foot } from '../../model/feet';
import { KNOWN } from '../../vocabulary';
import { type Call, type Draft } from './call';

/** `R toe touches: side, together, side`: places after the colon of a gesture are gestures too. */
export function asGestureOf(titled: Call, call: Call): Call {
  const { figure, foot, footSpan } = titled;
  if (!figure || !figure.manners.has('goesOn') || call.figure !== KNOWN.step || call.foot || call.turn) return call;
  return { ...call, figure, ...(foot && { foot, footSpan }) };
}

/** `heel R & heel L`: between two gestures of different feet the `&` closes the first. */
export function closingBetween(before: Call, after: Call, text: string): Call | undefined {
  if (!before.foot || !after.foot || before.foot === after.foot || !isGesture(before) || !isGesture(after))
    return undefined;
  const at = text.indexOf('&', before.span.to);
  return at < 0 || at >= after.span.from ? undefined : closing(before.foot, at);
}

/** `heel R & heel L &`: a line that ends on its `&` closes the foot that gestured last. */
export function closingAtEnd(last: Call, text: string): Call | undefined {
  const rest = text.slice(last.span.to);
  if (!last.foot || !isGesture(last) || !/^\s*&\s*$/.test(rest)) return undefined;
  return closing(last.foot, last.span.to + rest.indexOf('&'));
}

/** A turn that takes its time: the counts after the one it begins on. */
export const lasting = (counts: number): Omit<Call, 'span'> => ({
  figure: KNOWN.hold,
  repeat: counts,
  total: false,
  joined: false,
  unread: [],
});

/** `Full turn left: step back making a half, ...`: turns without a way go the way of the title. */
export const turnedAs = ({ turn }: Call, call: Call): Call =>
  turn?.way && call.turn && call.turn.way === undefined && call.turn.target === undefined
    ? { ...call, turn: { ...call.turn, way: turn.way } }
    : call;

const closing = (foot: Foot, at: number): Call => ({
  span: { from: at, to: at + 1 },
  figure: KNOWN.close,
  foot,
  repeat: 1,
  total: false,
  joined: false,
  implied: true,
  unread: [],
});

const isGesture = ({ figure }: Call): boolean => figure !== undefined && figure.manners.has('gestures');

/** `swivel heels right, toes right`: parts of both feet go on with what was named. */
export const goesOnSwivelling = ({ figure, nameSpan }: Draft, previous: Call, text: string): boolean =>
  previous.figure?.manners.has('swivels') === true &&
  figure !== undefined &&
  nameSpan !== undefined &&
  figure.manners.has('isPart') &&
  /(?:heels|toes|fersen|hacken|spitzen|talons|pointes)$/i.test(text.slice(nameSpan.from, nameSpan.to));

/** `Jazz box with cross: cross R over L, ...`: the whole clause before the colon is the title; the place of its first call. */
export function titleOf(calls: readonly Call[], last: number): number {
  let at = last;
  while (at > 0 && calls[at].joined && calls[at].figure?.family === 'single') at -= 1;
  return at;
}

/** What is said of a foot tells what it did before: `draw L in and change weight`, `step onto the toes of R, lower the heel`. */
export function knownBy(previous: Call, { figure, joined, sides }: Draft, text: string): Call {
  // `rock back onto the left and recover`: not the way back.
  const isRocked = previous.nameSpan && /^rock/i.test(text.slice(previous.nameSpan.from, previous.nameSpan.to));
  if (figure === KNOWN.recover && previous.figure === KNOWN.recover && isRocked)
    return { ...previous, figure: KNOWN.rock, direction: 'back' };
  const isItsFoot = sides.every(({ foot }) => previous.foot === undefined || foot === previous.foot);
  const isStep = previous.figure === KNOWN.step || previous.figure === KNOWN.ball;
  if (figure === KNOWN.drop && isStep && isItsFoot && previous.repeat === 1) return { ...previous, figure: KNOWN.toe };
  return figure === KNOWN.weightChange && joined && previous.figure === KNOWN.drag
    ? { ...previous, figure: KNOWN.close }
    : previous;
}

/** `heel R forward, back, heel L forward, back`, `tap R, replace`: the foot comes back, and the other one goes on. */
function isBroughtBack(call: Call, before: Call, after: Call | undefined, calls: readonly Call[]): boolean {
  if (!isGesture(before) || !before.foot) return false;
  if (call.figure === KNOWN.recover) return call.foot === undefined || call.foot === before.foot;
  const isBack = call.figure === before.figure && call.nameSpan === undefined && call.direction === 'back';
  if (!isBack) return false;
  // A heel is set down in front, not behind.
  if (before.figure === KNOWN.heel) return true;
  const other = after ?? calls.find(({ foot }) => foot !== undefined && foot !== before.foot);
  return other?.foot !== undefined && other.foot !== before.foot;
}

/** `R forward, draw L up, R forward`: between two steps of the other foot the foot that comes in takes the weight. */
export const withWeight = (calls: readonly Call[]): readonly Call[] =>
  calls.map((call, index) => {
    const [before, after] = [calls[index - 1], calls[index + 1]];
    if (before && isBroughtBack(call, before, after, calls))
      return { ...call, figure: KNOWN.close, direction: undefined };
    const other = before?.foot;
    const isBetween = call.figure === KNOWN.drag && call.foot && other && other !== call.foot && after?.foot === other;
    const areSteps = isBetween && [before, after].every(({ figure }) => figure?.manners.has('isStepping'));
    return areSteps ? { ...call, figure: KNOWN.close } : call;
  });

/** `Pivot turn: step R forward, turn 1/2 left`: behind the step the turn of such a figure is its pivot. */
export const asPivotOf = ({ figure }: Call, call: Call, index: number): Call =>
  index > 0 && call.figure === KNOWN.turn && figure?.forms.some(({ steps }) => steps[index]?.word === 'pivot')
    ? { ...call, figure: KNOWN.pivot }
    : call;

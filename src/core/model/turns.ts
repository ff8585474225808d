/**
 * Turns and facings, exactly. A circle has 48 parts, so eighths, sixths and sixteenths are whole numbers.
 * A turn is signed: right (clockwise seen from above) is positive. A facing is a turn away from 12:00, kept in 0..47.
 */
export const CIRCLE = 48;

/** Parts of a circle; right is positive; not reduced. */
export type Turn = number;
/** Parts of a circle clockwise from 12:00, 0..47. */
export type Facing = number;

export const WAYS = ['left', 'right'] as const;
export type Way = (typeof WAYS)[number];

export const otherWay = (way: Way): Way => (way === 'left' ? 'right' : 'left');
export const waySign = (way: Way): 1 | -1 => (way === 'right' ? 1 : -1);
export const wayOfTurn = (turn: Turn): Way => (turn < 0 ? 'left' : 'right');

export const facingAfter = (facing: Facing, turn: Turn): Facing => (((facing + turn) % CIRCLE) + CIRCLE) % CIRCLE;

const MINUTES_A_PART = (12 * 60) / CIRCLE;

/** A facing as people say it: 0 is `12:00`, 6 is `1:30`, 12 is `3:00`. */
export function hourOfFacing(facing: Facing): string {
  const minutes = facing * MINUTES_A_PART;
  const hour = Math.floor(minutes / 60) || 12;
  return `${hour}:${String(minutes % 60).padStart(2, '0')}`;
}

/** Reads `3:00`, `10.30`, `12`. Undefined for what is no hour of the clock. A corner said loosely (11, 1) is the corner beside 12. */
export function readHour(text: string): Facing | undefined {
  const match = /^(\d{1,2})(?:[:.h](\d{2}))?$/.exec(text.trim());
  if (!match) return undefined;
  const hour = Number(match[1]);
  const minutes = Number(match[2] ?? 0);
  if (hour < 1 || hour > 12 || minutes > 59) return undefined;
  const parts = ((hour % 12) * 60 + minutes) / MINUTES_A_PART;
  return Number.isInteger(parts) ? parts : undefined;
}

/** The smallest turn from one facing to another. Exactly a half comes out to the right unless a way is given. */
export function turnBetween(from: Facing, to: Facing, way?: Way): Turn {
  const right = facingAfter(0, to - from);
  if (way === 'right') return right;
  if (way === 'left') return right === 0 ? 0 : right - CIRCLE;
  return right > CIRCLE / 2 ? right - CIRCLE : right;
}

/** How many walls a dance with this net turn visits: the order of the turn in the cyclic group of 48 parts. */
export function wallsOfTurn(netTurn: Turn): number {
  return CIRCLE / greatestCommonDivisor(CIRCLE, facingAfter(0, netTurn));
}

export function greatestCommonDivisor(a: number, b: number): number {
  return b === 0 ? a : greatestCommonDivisor(b, a % b);
}

/** An unsigned amount in words: 12 is `1/4`, 48 `full`, 60 `1 1/4`. */
export function amountWords(turn: Turn): string {
  const parts = Math.abs(turn);
  const whole = Math.floor(parts / CIRCLE);
  const rest = parts % CIRCLE;
  if (rest === 0) return whole === 1 ? 'full' : String(whole);
  const divisor = greatestCommonDivisor(CIRCLE, rest);
  const fraction = `${rest / divisor}/${CIRCLE / divisor}`;
  return whole === 0 ? fraction : `${whole} ${fraction}`;
}

/** A signed turn in words: -60 is `1 1/4 left`; 0 is `no turn`. */
export const turnWords = (turn: Turn): string => (turn === 0 ? 'no turn' : `${amountWords(turn)} ${wayOfTurn(turn)}`);

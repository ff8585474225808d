/** Feet and where the weight stands. @public */
export const FEET = ['L', 'R'] as const;
export type Foot = (typeof FEET)[number];

/** `unknown` after a line that could not be read: the weight rules then keep quiet. @public */
export const WEIGHTS = ['L', 'R', 'both', 'unknown'] as const;
export type Weight = (typeof WEIGHTS)[number];

/** One value for each foot, indexed by the foot. */
export type ByFoot<T> = Readonly<Record<Foot, T>>;

export const otherFoot = (foot: Foot): Foot => (foot === 'L' ? 'R' : 'L');

export const isFoot = (weight: string | null | undefined): weight is Foot => weight === 'L' || weight === 'R';

/** The free foot, where exactly one is free. */
export const freeFoot = (weight: Weight): Foot | undefined => (isFoot(weight) ? otherFoot(weight) : undefined);

/** +1 for the right foot, -1 for the left: the sign of "out" along the dancer's right. */
export const sideSign = (foot: Foot): 1 | -1 => (foot === 'R' ? 1 : -1);

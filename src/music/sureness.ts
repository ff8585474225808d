/** Measured with less confidence it is no more than a guess, and said to be one. */
export const UNSURE = 0.35;

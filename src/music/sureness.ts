/**
 * Measured with less confidence it is no more than a guess, and said to be one. Made recordings came to 0.83 and more, syllables
 * at random to 0.5 and less.
 */
export const UNSURE = 0.6;

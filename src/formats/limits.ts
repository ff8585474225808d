/** Bytes of a file that is opened; larger ones hold no dance. */
export const MOST_FILE = 40_000_000;

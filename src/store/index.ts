/** The door to what is kept in this browser. */
export * from './dances';
export * from './drafts';
export * from './settings';
export type { DanceRecord } from './records';

/** The door to what is kept in this browser. */
export * from './dances';
export * from './drafts';
export * from './settings';
export * from './revisions';
export * from './backup';
export * from './imports';
export * from './space';
export type { DanceRecord, RevisionRecord, SourceRecord } from './records';

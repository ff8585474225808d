/** The door to what is kept in this browser. */
export { database } from './database';
export { timeNow } from './clock';
export * from './answered';
export * from './dances';
export * from './drafts';
export * from './journal';
export * from './left-words';
export * from './tabs';
export * from './refresh';
export * from './settings';
export * from './revisions';
export * from './backup';
export * from './imports';
export * from './space';
export * from './recordings';
export * from './classes';
export { damagedAsJson, findDamaged, removeDamaged, type Damaged } from './soundness';
export { diedOf, guarded, noteDeadReadings, tryAgain } from './reading';
export { undoRestore, type RestoredChanges } from './undo-restore';
export type {
  DanceRecord,
  EveningRecord,
  GroupRecord,
  ImportRecord,
  RecordingRecord,
  RequestRecord,
  RevisionRecord,
  SourceRecord,
} from './records';

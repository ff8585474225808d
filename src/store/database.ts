/** The Dexie database. Nothing outside this folder knows Dexie. */
import Dexie, { type Table } from 'dexie';
import { MIGRATIONS } from './migrations';
import type {
  DanceRecord,
  EveningRecord,
  GroupRecord,
  HistoryRecord,
  ImportRecord,
  JournalRecord,
  MetaRecord,
  RecordingRecord,
  RequestRecord,
  RevisionRecord,
  SoundRecord,
  SourceRecord,
} from './records';

export class SlateDatabase extends Dexie {
  declare readonly dances: Table<DanceRecord, string>;
  declare readonly histories: Table<HistoryRecord, string>;
  declare readonly meta: Table<MetaRecord, string>;
  declare readonly revisions: Table<RevisionRecord, number>;
  declare readonly sources: Table<SourceRecord, string>;
  declare readonly journal: Table<JournalRecord, [string, string, number]>;
  declare readonly imports: Table<ImportRecord, string>;
  declare readonly recordings: Table<RecordingRecord, string>;
  declare readonly groups: Table<GroupRecord, string>;
  declare readonly evenings: Table<EveningRecord, string>;
  declare readonly requests: Table<RequestRecord, string>;
  declare readonly sounds: Table<SoundRecord, string>;

  constructor(name = 'pace-slate') {
    super(name);
    for (const { version, tables, upgrade } of MIGRATIONS) {
      const step = this.version(version).stores(tables);
      if (upgrade) step.upgrade(upgrade);
    }
  }
}

export const database = new SlateDatabase();

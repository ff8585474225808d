/** The Dexie database. Nothing outside this folder knows Dexie. */
import Dexie, { type Table } from 'dexie';
import { MIGRATIONS } from './migrations';
import type { DanceRecord, HistoryRecord, MetaRecord } from './records';

export class SlateDatabase extends Dexie {
  declare readonly dances: Table<DanceRecord, string>;
  declare readonly histories: Table<HistoryRecord, string>;
  declare readonly meta: Table<MetaRecord, string>;

  constructor(name = 'pace-slate') {
    super(name);
    for (const { version, tables, upgrade } of MIGRATIONS) {
      const step = this.version(version).stores(tables);
      if (upgrade) step.upgrade(upgrade);
    }
  }
}

export const database = new SlateDatabase();

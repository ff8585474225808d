/** What is kept in the browser, one type a table. */
export interface DanceRecord {
  readonly id: string;
  readonly text: string;
  /** Goes up by one with every save; a save that does not build on the newest is refused, never written over. */
  readonly revision: number;
  readonly createdAt: number;
  readonly changedAt: number;
  /** 0 while it stands on the shelf; the time of deletion until it is cleared away. */
  readonly deletedAt: number;
  // Derived from the text, kept for the shelf:
  readonly title: string;
  readonly counts: number;
  readonly walls: number;
  readonly level: string;
  readonly music: string;
  readonly slips: number;
}

/** The editor's undo history of one dance, as the editor wrote it. */
export interface HistoryRecord {
  readonly id: string;
  readonly text: string;
  readonly state: unknown;
}

export interface MetaRecord {
  readonly key: string;
  readonly value: unknown;
}

/**
 * What another version, another program or a damaged profile left in the store is never believed: a record that is not what it should
 * be is left out of every screen, told with its words, saved to a file and removed where somebody says so. One bad record takes no
 * screen away.
 */
import type { Table } from 'dexie';
import type { Schema } from 'yup';
import { database, type SlateDatabase } from './database';
import type { DanceRecord } from './records';
import { keptEvening, keptGroup, keptRecording, keptRequest } from './shapes';

type Kind = 'string' | 'number' | 'boolean' | 'strings' | 'numbers';
type Kinds = Readonly<Record<string, Kind>>;

const isOfKind = (value: unknown, kind: Kind): boolean => {
  if (kind === 'strings') return Array.isArray(value) && value.every((one) => typeof one === 'string');
  if (kind === 'numbers') return Array.isArray(value) && value.every(Number.isFinite);
  return typeof value === kind && (kind !== 'number' || Number.isFinite(value));
};

type Loose = Readonly<Record<string, unknown>>;
const isRecord = (value: unknown): value is Loose => typeof value === 'object' && value !== null;

const hasKinds = (kinds: Kinds) => {
  const all = Object.entries(kinds);
  return (record: unknown): boolean => isRecord(record) && all.every(([key, kind]) => isOfKind(record[key], kind));
};

/** Remembered by id and time of the last change: screens read all of them after every change. */
function hasShape(shape: Schema): (record: unknown) => boolean {
  const sound = new Map<unknown, unknown>();
  return (record) => {
    if (!isRecord(record) || !Number.isFinite(record.deletedAt) || !Number.isFinite(record.changedAt)) return false;
    if (sound.get(record.id) === record.changedAt) return true;
    const isSound = shape.isValidSync(record, { strict: true });
    if (isSound) sound.set(record.id, record.changedAt);
    return isSound;
  };
}

/** What the shelf cannot do without. The rest of a dance is worked out from its text. */
const DANCE = hasKinds({ id: 'string', text: 'string' });
const FACTS: Kinds = { revision: 'number', createdAt: 'number', changedAt: 'number', deletedAt: 'number', title: 'string', counts: 'number', walls: 'number', level: 'string', music: 'string', slips: 'number', author: 'string', tempo: 'number', starts: 'numbers', figures: 'string', tags: 'strings' }; // prettier-ignore
const BLANK: Readonly<Record<Kind, unknown>> = { string: '', number: 0, boolean: false, strings: [], numbers: [] };
const hasFacts = hasKinds(FACTS);

const heard = keptRecording.pick(['id', 'name', 'kind', 'byBand', 'level', 'heard']);

/** Sound records by table. */
const SOUND = {
  dances: DANCE,
  revisions: hasKinds({ danceId: 'string', text: 'string', from: 'number', at: 'number', name: 'string' }),
  sources: hasKinds({ id: 'string', name: 'string', kind: 'string', text: 'string', importedAt: 'number' }),
  imports: hasKinds({ id: 'string', name: 'string', kind: 'string', original: 'string', text: 'string', revision: 'number', place: 'number' }), // prettier-ignore
  journal: hasKinds({ danceId: 'string', tab: 'string', number: 'number', base: 'number', edits: 'number', at: 'number', from: 'number', to: 'number', insert: 'string' }), // prettier-ignore
  groups: hasShape(keptGroup),
  evenings: hasShape(keptEvening),
  requests: hasShape(keptRequest),
  recordings: (record: unknown) => isRecord(record) && ArrayBuffer.isView(record.peaks) && Number.isFinite(record.size) && heard.isValidSync(record, { strict: true }), // prettier-ignore
  sounds: (record: unknown) => isRecord(record) && typeof record.id === 'string' && ArrayBuffer.isView(record.bytes),
} as const;

export type SoundTable = keyof typeof SOUND;
const TABLES = Object.keys(SOUND) as SoundTable[];

export const isSound = (table: SoundTable, record: unknown): boolean => SOUND[table](record);

export const soundOnes = <T>(table: SoundTable, records: readonly T[]): T[] =>
  records.filter((record) => isSound(table, record));

export const soundOne = <T>(table: SoundTable, record: T | undefined): T | undefined =>
  record !== undefined && isSound(table, record) ? record : undefined;

/** A dance whose facts an older version left out has empty ones until they are worked out; undefined for one without its text. */
export function soundDance(dance: DanceRecord | undefined): DanceRecord | undefined {
  if (!dance || !DANCE(dance)) return undefined;
  if (hasFacts(dance)) return dance;
  const loose = dance as unknown as Loose;
  const missing = Object.entries(FACTS).filter(([key, kind]) => !isOfKind(loose[key], kind));
  const blank = Object.fromEntries(missing.map(([key, kind]) => [key, BLANK[kind]]));
  const title =
    typeof loose.title === 'string' ? loose.title : /^#(?!#)(.+)$/m.exec(dance.text)?.[1].trim() || 'Untitled dance';
  return { ...dance, ...blank, title: title.slice(0, 200) };
}

export interface Damaged {
  readonly table: SoundTable;
  /** As the store knows it. */
  readonly key: unknown;
  /** What it says of itself, so far as that can be told. */
  readonly words: string;
  /** All of it, to be saved. */
  readonly record: unknown;
}

const NAMES: Readonly<Record<SoundTable, string>> = {
  dances: 'a dance', revisions: 'a revision', sources: 'what a dance was imported from', imports: 'a sheet that waits on Import', journal: 'words that were being typed',
  groups: 'a group', evenings: 'an evening', requests: 'a request', recordings: 'a recording', sounds: 'the sound of a recording',
}; // prettier-ignore

const MOST_SAID = 160;

/** `a dance: # Ebb ...`: the words that stand in it, shortened. */
function wordsOf(table: SoundTable, record: unknown): string {
  const texts: string[] = [];
  const collect = (value: unknown, depth: number): void => {
    if (texts.length > 20 || depth > 4) return;
    if (typeof value === 'string' && /\p{L}/u.test(value)) texts.push(value);
    else if (Array.isArray(value)) for (const one of value.slice(0, 20)) collect(one, depth + 1);
    else if (isRecord(value) && !ArrayBuffer.isView(value)) for (const [key, one] of Object.entries(value)) if (!/id$/i.test(key)) collect(one, depth + 1); // prettier-ignore
  };
  collect(record, 0);
  const said = texts.join(' · ').replace(/\s+/g, ' ').trim().slice(0, MOST_SAID);
  return `${NAMES[table]}${said === '' ? '' : `: ${said}`}`;
}

/** Every record that is left out of the screens. */
export async function findDamaged(db: SlateDatabase = database): Promise<Damaged[]> {
  const found: Damaged[] = [];
  for (const table of TABLES)
    await tableOf(db, table).each((record, { primaryKey }) => {
      if (!isSound(table, record)) found.push({ table, key: primaryKey, words: wordsOf(table, record), record });
    });
  return found;
}

const tableOf = (db: SlateDatabase, table: SoundTable): Table<unknown, unknown> => db.table(table);

export const removeDamaged = (damaged: readonly Damaged[], db: SlateDatabase = database): Promise<void> =>
  db.transaction('rw', TABLES, async () => {
    for (const { table, key } of damaged) await tableOf(db, table).delete(key);
  });

/** As a file that keeps every word, for somebody who can look into it. */
export const damagedAsJson = (damaged: readonly Damaged[]): string =>
  `${JSON.stringify(
    damaged.map(({ table, record }) => ({ table, record })),
    (_, value: unknown) => (ArrayBuffer.isView(value) ? `${value.byteLength} bytes` : value),
    2,
  )}\n`;

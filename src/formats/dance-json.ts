/** The JSON form of a dance: versioned, with a JSON Schema in docs/dance.schema.json. The text is the dance; the rest tells where it came from. */
import { object, string, number, type InferType } from 'yup';
import { printable } from './text-file';

const DANCE_FORMAT = 'pace-slate-dance';
const DANCE_VERSION = 1;

const danceFile = object({
  format: string().oneOf([DANCE_FORMAT]).required(),
  version: number().integer().required(),
  title: string().strict().default(''),
  text: string().strict().defined(),
  createdAt: string().strict().optional(),
  changedAt: string().strict().optional(),
});

export type DanceFile = InferType<typeof danceFile>;

export type ReadDanceJson = { readonly dance: DanceFile } | { readonly problem: string };

export const printDanceJson = (dance: Pick<DanceFile, 'title' | 'text' | 'createdAt' | 'changedAt'>): string =>
  `${JSON.stringify({ format: DANCE_FORMAT, version: DANCE_VERSION, ...dance }, null, 2)}\n`;

/** Reads the JSON form; says in one sentence what is wrong with anything else. */
export function readDanceJson(json: string): ReadDanceJson {
  let value: unknown;
  try {
    value = JSON.parse(json);
  } catch {
    return { problem: 'This JSON file is damaged: it stops or breaks in the middle.' };
  }
  if (typeof value !== 'object' || value === null || !('format' in value) || value.format !== DANCE_FORMAT) {
    return { problem: 'This JSON file holds something other than a dance of this slate.' };
  }
  if (!('version' in value) || value.version !== DANCE_VERSION) {
    const { version: own } = value as { version?: unknown };
    const version = typeof own === 'number' || typeof own === 'string' ? String(own) : 'none';
    return {
      problem: `This dance was saved by another version (${version}) of the slate; this one reads version ${DANCE_VERSION}.`,
    };
  }
  try {
    const dance = danceFile.validateSync(value, { strict: true }) as DanceFile;
    return { dance: { ...dance, text: printable(dance.text), title: printable(dance.title ?? '') } };
  } catch {
    return { problem: 'This file says it is a dance, but its text is missing or is no text.' };
  }
}

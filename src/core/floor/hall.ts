/** The hall a dance is for, where its head names one: `hall: 12 x 8 m`, `hall: 16 x 10 steps`. */
import type { HeaderEntry, Header } from '../reading/header';

/** Metres (from memory: an ordinary step in a line dance is a bit over half a metre). */
export const STEP_METRES = 0.6;

export interface Hall {
  /** Ordinary steps, wide and deep. */
  readonly width: number;
  readonly depth: number;
  readonly entry: HeaderEntry;
}

const SIZE = /^(\d{1,3}(?:[.,]\d)?)\s*(?:x|×|by|mal|sur|op)\s*(\d{1,3}(?:[.,]\d)?)\s*(m|metres?|meters?|steps?)?$/i;

export function hallOf({ entries }: Header): Hall | undefined {
  const entry = entries.find(({ key }) => key === 'hall');
  const match = entry && SIZE.exec(entry.value.trim());
  if (!match) return undefined;
  const scale = /^s/i.test(match[3] ?? 'm') ? 1 : 1 / STEP_METRES;
  const [width, depth] = [match[1], match[2]].map((text) => Number(text.replace(',', '.')) * scale);
  return { width, depth, entry };
}

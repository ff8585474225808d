/** A dance on the shelf that is the sheet that comes in, or nearly. */
import { likenessTo } from '../../../core';
import type { DanceRecord } from '../../../store';

export interface Twin {
  readonly dance: DanceRecord;
  /** The share of lines that both have. */
  readonly share: number;
}

const ALIKE = 0.8;

export function findTwin(text: string, dances: readonly DanceRecord[]): Twin | undefined {
  const likeness = likenessTo(text);
  let best: Twin | undefined;
  for (const dance of dances) {
    const share = dance.text.trim() === text.trim() ? 1 : likeness(dance.text);
    if (share >= ALIKE && share > (best?.share ?? 0)) best = { dance, share };
  }
  return best;
}

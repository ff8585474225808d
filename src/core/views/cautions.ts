/** The usual cautions, each once, at the first line it concerns. Never medical advice. Common practice in the trade, no source. */
import type { Dance } from '../dancing/dance';
import type { Care } from '../vocabulary/figures';
import { CARES } from '../vocabulary/figures';
import { SHEET_WORDS } from './sheet-words';

export interface Caution {
  readonly care: Care;
  readonly line: number;
  readonly text: string;
}

export const CAUTION_TEXTS: Readonly<Record<Care, string>> = SHEET_WORDS.en.cautions;

export function cautionsOf(dance: Dance): Caution[] {
  const found = new Map<Care, number>();
  const note = (care: Care, line: number) => {
    if (!found.has(care) || line < (found.get(care) as number)) found.set(care, line);
  };
  for (const block of [...dance.parts, ...dance.tags]) {
    for (const { lines } of block.sections) {
      for (const { calls, line, moments } of lines) {
        for (const { figure } of calls) if (figure?.care) note(figure.care, line.index);
        if (moments.some(({ action }) => Math.abs(action.turn) >= 24)) note('turning', line.index);
      }
    }
  }
  return CARES.filter((care) => found.has(care)).map((care) => ({
    care,
    line: found.get(care) as number,
    text: CAUTION_TEXTS[care],
  }));
}

/** The usual cautions, each once, at the first line it concerns. Never medical advice. Common practice in the trade, no source. */
import type { Dance } from '../dancing/dance';
import type { Care } from '../vocabulary/figures';
import { CARES } from '../vocabulary/figures';

export interface Caution {
  readonly care: Care;
  readonly line: number;
  readonly text: string;
}

export const CAUTION_TEXTS: Readonly<Record<Care, string>> = {
  turning:
    'Turn on the balls of the feet, heels lifted, in shoes that slide; a planted foot twists the knee. Offer a way without the turn. Anyone with knee trouble or dizziness takes it, and asks a doctor or physiotherapist.',
  landing:
    'Land and stomp softly with bent knees, less on hard floors; a touch on the same count is the low-impact way. Anyone with joint or back trouble takes it, and asks a doctor or physiotherapist.',
  bending:
    'Bend only as far as is comfortable; standing tall on the same counts is fine. Anyone with knee, hip or back trouble asks a doctor or physiotherapist.',
  backing: 'Look behind before backing in a crowd, and keep the steps small.',
};

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

/** The figures a script defines itself, and the vocabulary it is read with. Remembered by the words of the definitions. */
import type { Figure } from '../vocabulary';
import { vocabularyWith, type Vocabulary } from '../vocabulary';
import { signsIn } from '../grammar/steps/signs';
import { readOwnFigure, type OwnFigure } from '../vocabulary/own';

export interface OwnFigures {
  readonly vocabulary: Vocabulary;
  /** The writer's own figures from elsewhere that it is read with, as `## Figure` lines. */
  readonly personal: string;
  /** The definitions in the script itself. */
  readonly defined: readonly { readonly line: number; readonly own: OwnFigure }[];
}

const HEADING = /^#{2,}\s*figure\b/i;
const NONE: OwnFigures = { vocabulary: vocabularyWith([]), personal: '', defined: [] };
const MOST_REMEMBERED = 16;
const remembered = new Map<string, OwnFigures>();

export function readOwnFigures(text: string, personal: string): OwnFigures {
  const here = definitionsIn(text);
  const signs = signsIn(text);
  if (here.length === 0 && personal === '' && signs.size === 0) return NONE;
  const key = JSON.stringify([here, personal, [...signs]]);
  const known = remembered.get(key);
  if (known) return known;
  const defined = here.map(({ line, words, more }) => ({ line, own: readOwnFigure(words, more) }));
  const elsewhere = definitionsIn(personal).map(({ words, more }) => readOwnFigure(words, more));
  // The script's own definition of a name goes before one from elsewhere.
  const figures = [...defined.map(({ own }) => own), ...elsewhere].flatMap((own): Figure[] =>
    'figure' in own ? [own.figure] : [],
  );
  const found = { vocabulary: vocabularyWith(figures, signs), personal, defined };
  if (remembered.size >= MOST_REMEMBERED) remembered.clear();
  remembered.set(key, found);
  return found;
}

interface Definition {
  readonly line: number;
  readonly words: string;
  readonly more: readonly string[];
}

/** `## Figure "name" 1&2: ...`, and further forms on the lines below it up to the next heading or empty line. */
export function definitionsIn(text: string): Definition[] {
  if (!/figure/i.test(text)) return [];
  const lines = text.split('\n');
  return lines.flatMap((line, index) => {
    if (!HEADING.test(line.trim())) return [];
    const end = lines.findIndex((next, at) => at > index && (next.trim() === '' || next.trim().startsWith('#')));
    return [
      {
        line: index,
        words: line.trim().replace(HEADING, '').trim(),
        more: lines.slice(index + 1, end < 0 ? undefined : end),
      },
    ];
  });
}

/** Facts said in sentences at the head of a sheet: `32 cts, 4 walls, beginner/improver`; `Wait for sixteen counts. Begin with your weight on the left foot.` */
import { saysWeight } from '../lexicon/asides';
import { numberOf, wordsApart } from '../lexicon/numbers';
import { namesLevel, unitOf, type FactUnit } from '../lexicon/page';
import type { HeaderEntry, KnownKey } from '../reading/header';
import { sideNamed } from '../vocabulary/words';

const CLAUSE = /[^.,;/·•|*()]+/g;
const DASHED = /\s[-–—]\s|\s{3,}|\s(?:and|und|et|en)\s(?=\d|\p{L}+\s+(?:walls?|wände|mur(?:en|s)?))/giu;
const WORD = /[\p{L}\d]+(?:-[\p{L}]+)*/gu;
const WAITS = /\b(?:wait|intro\w*|start|begin\w*|after|vorspiel|einleitung|nach|après|attend\w*|wacht|na)\b|\bin$/i;
const MINUTE = /\b(?:a|per|je|pro|par|la)\s+minute?\b/i;
const LEADS = /\b(?:lead|starts?|begin\w*)\b/i;
const BEGINS = /\b(?:wait|intro\w*|start|begin\w*|vorspiel|einleitung|attend\w*|wacht)\b/i;
const PER_SECTION = /\b(?:each|every|jede[rs]?|chaque|elke)\b/i;
const MOST_WORDS = 14;
const NAMES_WALLS = /wall|wand|wänd|murs?\b|muur|muren/i;

/** The facts of a line without a key; none where it says none. */
export function factsSaid(text: string, offset: number): HeaderEntry[] {
  if (text.length > 400) return [];
  const entries: HeaderEntry[] = [];
  for (const clause of clausesOf(text)) {
    const span = { from: offset + clause.from, to: offset + clause.from + clause.words.length };
    for (const said of factsOf(clause.words))
      if (!entries.some(({ key }) => key === said))
        entries.push({ key: said, value: clause.words, span, valueSpan: span });
  }
  return entries;
}

function clausesOf(text: string): { readonly words: string; readonly from: number }[] {
  // A dash between words parts them, one within a word does not: blanked out, it parts as a comma does.
  const parted = text.replace(DASHED, (gap) => ','.padEnd(gap.length, ','));
  return [...parted.matchAll(CLAUSE)].flatMap(({ 0: words, index }) => {
    const trimmed = words.trim();
    return trimmed ? [{ words: trimmed, from: index + words.indexOf(trimmed) }] : [];
  });
}

/** `a four-wall dance of 32 counts`: two facts in one breath. */
function factsOf(clause: string): readonly KnownKey[] {
  const said = factOf(clause);
  if (!NAMES_WALLS.test(clause)) return said ? [said] : [];
  const words = wordsApart(clause);
  const units = new Set(words.flatMap((word, index) => (numberOf(words[index - 1] ?? '') && unitOf(word)) || []));
  if (units.size > 1 && words.length <= MOST_WORDS && !WAITS.test(clause)) return [...units];
  return said ? [said] : [];
}

function factOf(clause: string): KnownKey | undefined {
  const words = clause.match(WORD) ?? [];
  // `A = 32 counts` is a part's.
  if (words.length === 0 || words.length > MOST_WORDS || clause.includes('=')) return undefined;
  const numbers = words.map(numberOf);
  const isNumbered = numbers.some((number) => number !== undefined);
  if (words.some((word) => word.split('-').some(saysWeight)) || (LEADS.test(clause) && !isNumbered)) {
    if (words.some((word) => sideNamed(word) !== undefined || /^(?:both|beiden?)$/i.test(word))) return 'start';
  }
  // `each patch is eight counts` is no fact of the whole.
  if (isNumbered && PER_SECTION.test(clause)) return undefined;
  if (isNumbered) return numberFact(clause, words, numbers);
  return words.length <= 4 && words.every((word) => word.split('-').every(namesLevel)) ? 'level' : gluedFact(words);
}

/** What a clause with a number says: how many counts or walls, how quick, when to begin. */
function numberFact(clause: string, words: readonly string[], numbers: Numbers): KnownKey | undefined {
  const unit = unitIn(words, numbers);
  if (unit === undefined)
    return BEGINS.test(clause) && numbers.some((number) => number !== undefined && number >= 4) ? 'intro' : undefined;
  if (unit === 'counts' && (MINUTE.test(clause) || isTempo(words, numbers))) return 'tempo';
  if (unit === 'counts' && WAITS.test(clause)) return 'intro';
  return words.length <= 6 ? unit : undefined;
}

type Numbers = readonly (number | undefined)[];

/** `32 counts`; `Walls 4` where it says nothing else. */
function unitIn(words: readonly string[], numbers: Numbers): FactUnit | undefined {
  const at = numbers.findIndex((number, index) => number !== undefined && unitOf(words[index + 1] ?? '') !== undefined);
  if (at >= 0) return unitOf(words[at + 1]);
  return words.length === 2 && numbers[1] !== undefined ? unitOf(words[0]) : gluedFact(words);
}

/** `about 110 beats`: no dance has so many and not whole eights. */
const isTempo = (words: readonly string[], numbers: readonly (number | undefined)[]): boolean =>
  words.some((word) => /^(?:beats|schläge|taktschläge|temps)$/i.test(word)) &&
  numbers.some((number) => number !== undefined && number > 69 && number % 8 !== 0);

/** `32ct`, `4-wall` as one word. */
function gluedFact(words: readonly string[]): FactUnit | undefined {
  for (const word of words) {
    const glued = /^(\d{1,3})-?(\p{L}+)$/u.exec(word);
    const unit = glued && unitOf(glued[2]);
    if (unit) return unit;
  }
  return undefined;
}

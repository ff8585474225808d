/** Facts said in sentences at the head of a sheet: `32 cts, 4 walls, beginner/improver`; `Wait for sixteen counts. Begin with your weight on the left foot.` */
import { numberOf } from '../lexicon/numbers';
import { namesLevel, unitOf } from '../lexicon/page';
import type { HeaderEntry, KnownKey } from '../reading/header';
import { sideNamed } from '../vocabulary/words';

const CLAUSE = /[^.,;/·•|*()]+/g;
const DASHED = /\s[-–—]\s|\s{3,}|\s(?:and|und|et|en)\s(?=\d|\p{L}+\s+(?:walls?|wände|murs?|muren))/giu;
const WORD = /[\p{L}\d]+(?:-[\p{L}]+)*/gu;
const WAITS = /\b(?:wait|intro\w*|start|begin\w*|after|vorspiel|einleitung|nach|après|attendre|wacht|na)\b|\bin$/i;
const MINUTE = /\b(?:a|per|je|pro|par|la)\s+minute?\b/i;
const WEIGHT = /\b(?:weight|wt|gewicht|poids|pdc|gewicht|stand\w*|lead|starts?|begin\w*|beginn\w*|start)\b/i;
const IS_WEIGHT = /\b(?:weight|wt|gewicht|poids|pdc|stand\w*)\b/i;

/** The facts of a line without a key; none where it says none. */
export function factsSaid(text: string, offset: number): HeaderEntry[] {
  if (text.length > 400) return [];
  const entries: HeaderEntry[] = [];
  for (const clause of clausesOf(text)) {
    const said = factOf(clause.words);
    if (!said || entries.some(({ key }) => key === said)) continue;
    const span = { from: offset + clause.from, to: offset + clause.from + clause.words.length };
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

function factOf(clause: string): KnownKey | undefined {
  const words = clause.match(WORD) ?? [];
  // `A = 32 counts` is a part's.
  if (words.length > 14 || clause.includes('=')) return undefined;
  const numbers = words.map(numberOf);
  const at = numbers.findIndex((number, index) => number !== undefined && unitOf(words[index + 1] ?? '') !== undefined);
  if (IS_WEIGHT.test(clause) || (WEIGHT.test(clause) && numbers.every((number) => number === undefined))) {
    if (words.some((word) => sideNamed(word) !== undefined || /^(?:both|beiden?)$/i.test(word))) return 'start';
  }
  const behind = numbers.findIndex(
    (number, index) =>
      number !== undefined && index > 0 && words.length === 2 && unitOf(words[index - 1]) !== undefined,
  );
  const unit = at >= 0 ? unitOf(words[at + 1]) : behind > 0 ? unitOf(words[behind - 1]) : gluedUnit(words);
  if (unit === 'counts' && (MINUTE.test(clause) || isTempo(words, numbers))) return 'tempo';
  if (unit === 'counts') return WAITS.test(clause) ? 'intro' : words.length <= 6 ? 'counts' : undefined;
  if (unit) return words.length <= 6 ? unit : undefined;
  if (
    /\b(?:wait|intro\w*|start|begin\w*|vorspiel|einleitung|attendre|wacht)\b/i.test(clause) &&
    numbers.some((number) => number !== undefined && number >= 4)
  )
    return 'intro';
  return words.length > 0 && words.length <= 4 && words.every((word) => word.split('-').every(namesLevel))
    ? 'level'
    : undefined;
}

/** `about 110 beats`: no dance has so many and not whole eights. */
const isTempo = (words: readonly string[], numbers: readonly (number | undefined)[]): boolean =>
  words.some((word) => /^(?:beats|schläge|taktschläge|temps)$/i.test(word)) &&
  numbers.some((number) => number !== undefined && number > 69 && number % 8 !== 0);

/** `32ct`, `4-wall` as one word. */
function gluedUnit(words: readonly string[]): ReturnType<typeof unitOf> {
  for (const word of words) {
    const glued = /^(\d{1,3})-?(\p{L}+)$/u.exec(word);
    const unit = glued && unitOf(glued[2]);
    if (unit) return unit;
  }
  return undefined;
}

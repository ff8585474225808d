/**
 * What is said of walls in sentences: `Fourth time through you only get as far as the kick ball change, that's fourteen counts, and
 * you start again from there, facing six o'clock`. Only what says all of it is taken: what happens, on which wall, and where.
 */
import { numberOf, ordinalOf } from '../lexicon/numbers';
import { namesSection, unitOf } from '../lexicon/page';
import type { Span } from '../model/text';
import { readHour, type Facing } from '../model/turns';
import type { PlanItem, TagSaid } from '../grammar/plan';
import type { PlaceSaid, WallPick } from '../grammar/plan-places';

const LONGEST = 600;
const RESTART =
  /\bre-?start(?:s|ed|ing)?\b|\b(?:start|begin)(?:s|ning|ing)?\s+(?:\w+\s+){0,4}?(?:again|over)\b|\bfrom (?:the )?(?:top|zero|beginning|start)\b|\bneustart\b|\bvon vorne?\b|\bneu beginnen\b|\breprise\b|\brecommenc\w*|\breprendre\b|\bherstart\b|\bopnieuw\b/i;
const TAG = /\b(?:tags?|bridge|brücke|pont|transition|brug|extra|zusätzlich\w*|supplémentaires?)\b/i;
/** `After the first and third walls: sway R, L`. */
const AFTER_WALLS =
  /^\W*(?:(?:once|only)\b\W*)*(?:after|at the end of|end of|nach|am ende|après|à la fin)\b[^:]*\b(?:walls?|wand|wänden?|murs?)\b[^:]*:\s*\p{L}/iu;
const HERE = /\bhere\b|\bwhere wall\b|\bhier\b|\bici\b|\bat this point\b/i;
const AFTER = /\b(?:after|nach|après|na)\b/i;
const END = /\bend\b|\bende\b|\bfin\b|\beinde\b/i;
const WORD = /[\p{L}\d]+(?:[:.-](?=[\p{L}\d])[\p{L}\d]+)*/gu;
const TIME =
  /^(?:wall|walls|time|times|round|go|wand|wände|runde|durchgang|mal|mur|murs|passage|muur|keer|ronde|repetition|répétition|durchlauf|wiederholung)$/i;
const WALLS = /^(?:walls?|wand|wände|runde|murs?|muur|muren|w)$/i;

interface Word extends Span {
  readonly text: string;
}

/** The items a sentence or a paragraph says in full; none where it only talks about the dance. */
export function planInProse(text: string): readonly PlanItem[] {
  if (text.length > LONGEST) return [];
  const isRestart = RESTART.test(text);
  const isTag = !isRestart && (TAG.test(text) || AFTER_WALLS.test(text));
  if (!isRestart && !isTag) return [];
  const words = [...text.matchAll(WORD)].map((match) => ({
    text: match[0],
    from: match.index,
    to: match.index + match[0].length,
  }));
  const walls = wallsIn(words);
  if (!walls) return [];
  const span = { from: text.length - text.trimStart().length, to: text.trimEnd().length };
  const facings = facingAfter(text, words).map((facing) => ({ facing, span }));
  const said = { span, walls, facings, unread: [] };
  if (isTag) {
    if (!END.test(text) && !AFTER.test(text)) return [];
    const place: PlaceSaid = { kind: 'end', span };
    return [{ ...said, kind: 'tag', place, tag: stepsBehind(text, walls.span.to) ?? { kind: 'only', span }, times: 1 }];
  }
  const place = placeIn(words, span) ?? (HERE.test(text) ? ({ kind: 'here', span } as const) : undefined);
  return place ? [{ ...said, kind: 'restart', place }] : [];
}

/** Words before the steps of a tag that say how long it is: `tag of 4 counts, `. */
const LENGTH_BEFORE =
  /^(?:(?:a|an|ein|eine|einen|un|une)\s+)?(?:(?:tag|bridge|brücke|pont)\s+)?(?:of\s+|von\s+|de\s+)?[\p{L}\d]+[\s-]*(?:counts?|beats?|temps|comptes|takte|tellen)(?:\s+(?:tag|bridge|brücke))?\s*[:,]\s*/iu;
const LENGTH_BEHIND =
  /(?:\([\p{L}\d]+\s+(?:counts?|beats?|temps|comptes|takte)\)|,?\s(?:for|über|pendant)\s+[\p{L}\d]+\s+(?:counts?|beats?|temps|takte))\s*\.?$/iu;

/** `Tag at the end of wall 2: sway R, sway L`: what is danced, where it is said at once. */
function stepsBehind(text: string, from: number): (TagSaid & { kind: 'own' }) | undefined {
  const colon = text.slice(from).search(/(?<!\d):|:(?!\d)/) + from;
  const words =
    colon < from
      ? ''
      : text
          .slice(colon + 1)
          .trim()
          .replace(LENGTH_BEFORE, '')
          .replace(LENGTH_BEHIND, '')
          .trimEnd();
  if (!/\p{L}{2}.*\s/u.test(words) || /^\d{1,2}\s*(?:counts?|temps|comptes)/i.test(words)) return undefined;
  const start = text.indexOf(words, colon);
  return { kind: 'own', text: words, span: { from: start, to: start + words.length } };
}

/** Between two walls of one list. */
const ALSO = /^(?:and|und|et|en|also|on|in|at|the|during|der|den|die|le|les|au|aux|sur|wall|walls|wand|mur)$/i;

/** `wall 3`, `walls 2 and 5`, `the second and the fifth wall`, `fourth time through`, `9. Runde`. */
function wallsIn(words: readonly Word[]): WallPick | undefined {
  const numbers: number[] = [];
  let [first, last] = [-1, -1];
  for (let index = 0; index < words.length; index++) {
    if (last >= 0 && !words.slice(last + 1, index).every(({ text }) => ALSO.test(text))) break;
    const number = wallAt(words, index);
    if (number === undefined) continue;
    if (first < 0) first = index;
    last = index;
    numbers.push(number);
  }
  return first < 0 ? undefined : { kind: 'walls', numbers, span: { from: words[first].from, to: words[last].to } };
}

/** The number of a wall, where the word is one: before its noun, behind it, or further in its list. */
function wallAt(words: readonly Word[], index: number): number | undefined {
  const { text } = words[index];
  const [before, next] = [words[index - 1]?.text ?? '', words[index + 1]?.text ?? ''];
  if (unitOf(next) === 'counts' || isSection(next)) return undefined;
  const noun = timeAhead(words, index + 1);
  if (noun) {
    const ordinal = ordinalOf(text) ?? (BARE_ORDINAL.test(noun) ? digits(text) : undefined);
    if (ordinal !== undefined) return ordinal;
  }
  const isListed = WALLS.test(before) || words.slice(0, index).some((word) => WALLS.test(word.text));
  const isArticle = !WALLS.test(before) && /^(?:un|une|ein|eine|one)$/i.test(text);
  const number = isListed && !isArticle ? numberOf(text) : undefined;
  return number !== undefined && number <= 60 ? number : undefined;
}

const BARE_ORDINAL = /^(?:runde|wand|mur|durchgang|durchlauf)$/i;
const digits = (text: string): number | undefined => (/^\d{1,2}$/.test(text) ? Number(text) : undefined);

/** The noun of an ordinal: right behind it, or behind the others of its list. */
function timeAhead(words: readonly Word[], from: number): string | undefined {
  for (const { text } of words.slice(from)) {
    if (TIME.test(text)) return text;
    if (!ALSO.test(text) && ordinalOf(text) === undefined && digits(text) === undefined) return undefined;
  }
  return undefined;
}

/** `section`, `sections`, `Abschnitten`. */
const isSection = (word: string): boolean => namesSection(word) || namesSection(word.replace(/(?:en|[sen])$/i, ''));

const FIRST = /^(?:first|only|ersten?|premiers?|premières?|eerste)$/i;
const BEFORE_COUNT = /^(?:after|nach|après|na|count|zählzeit|temps)$/i;

/** `after 16 counts`, `that's fourteen counts`, `the first 16`; `after section 2`, `the second eight`, `the first two sections`, `sections 1 and 2`. */
function placeIn(words: readonly Word[], span: Span): PlaceSaid | undefined {
  let section: number | undefined;
  for (let index = 0; index < words.length; index++) {
    const count = countAt(words, index);
    if (count !== undefined) return { kind: 'count', count, and: 'line', span };
    section ??= sectionAt(words, index);
  }
  return section === undefined ? undefined : { kind: 'section', section, span };
}

/** What stands around a word: before it, and the noun it counts. */
function around(words: readonly Word[], index: number): { readonly before: string; readonly noun: string } {
  const [before = '', after = '', further = ''] = [-1, 1, 2].map((step) => words[index + step]?.text ?? '');
  return { before, noun: FIRST.test(after) ? further : after };
}

function countAt(words: readonly Word[], index: number): number | undefined {
  const number = numberOf(words[index].text);
  const { before, noun } = around(words, index);
  if (number === undefined || number < 2 || inRow(words[index], before) !== undefined) return undefined;
  return unitOf(noun) === 'counts' || (BEFORE_COUNT.test(before) && !isSection(noun)) ? number : undefined;
}

/** `the second eight`. */
const inRow = ({ text }: Word, before: string): number | undefined =>
  isSection(text) && /\p{L}/u.test(before) ? ordinalOf(before) : undefined;

function sectionAt(words: readonly Word[], index: number): number | undefined {
  const { text } = words[index];
  const { before, noun } = around(words, index);
  const ordinal = inRow(words[index], before);
  const number = numberOf(text);
  if (ordinal !== undefined) return ordinal;
  if (number === undefined)
    return isSection(text) && unitOf(noun) !== 'counts' ? lastNumber(words, index + 1) : undefined;
  return number > 1 && isSection(noun) && numberOf(noun) === undefined ? number : undefined;
}

/** `1 and 2`: the last of numbers in a row. */
function lastNumber(words: readonly Word[], from: number): number | undefined {
  let found: number | undefined;
  for (const { text } of words.slice(from)) {
    if (/^(?:and|und|et|en|to|bis|à)$/i.test(text) && found !== undefined) continue;
    const number = numberOf(text) ?? ordinalOf(text);
    if (number === undefined) break;
    found = number;
  }
  return found;
}

const BEGINS = /\b(?:begin|began|start|depart|départ|beginn)\w*\s+(?:\S+\s+){0,4}$/i;
const RESUMES = /(?:again|from there|reprise|from the top|over)\s(?:\S+\s+){0,8}$/i;

/** Where one faces then: not where the wall began. */
function facingAfter(text: string, words: readonly Word[]): Facing[] {
  const found: Facing[] = [];
  for (let index = 0; index < words.length; index++) {
    const { text: own, from } = words[index];
    const next = words[index + 1]?.text ?? '';
    const isHour = /^\d{1,2}:\d\d$/.test(own) || /^\d{1,2}h$/.test(own);
    const number = isHour ? undefined : numberOf(own);
    const isClock = number !== undefined && /^(?:o|oclock|clock|uhr|h|heures?|uur)$/i.test(next);
    if (!isHour && !isClock) continue;
    const clause = text.slice(0, from).replace(/[.,;:()]/g, ' ');
    const begins = BEGINS.test(clause) && !RESUMES.test(clause);
    const facing = readHour(isHour ? own.replace('h', '') : String(number));
    if (facing !== undefined && !begins) found.push(facing);
  }
  return found.slice(-1);
}

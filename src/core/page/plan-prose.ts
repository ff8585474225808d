/**
 * What is said of walls in sentences: `Fourth time through you only get as far as the kick ball change, that's fourteen counts, and
 * you start again from there, facing six o'clock`. Only what says all of it is taken: what happens, on which wall, and where.
 */
import { numberOf, ordinalOf } from '../lexicon/numbers';
import { unitOf } from '../lexicon/page';
import type { Span } from '../model/text';
import { readHour, type Facing } from '../model/turns';
import type { PlanItem, TagSaid } from '../reading/plan';
import type { PlaceSaid, WallPick } from '../reading/plan-words';

const LONGEST = 600;
const RESTART =
  /\bre-?start(?:s|ed|ing)?\b|\b(?:start|begin)(?:s|ning|ing)?\s+(?:\w+\s+){0,4}?(?:again|over)\b|\bfrom the top\b|\bneustart\b|\bvon vorne?\b|\bneu beginnen\b|\breprise\b|\brecommenc\w*|\breprendre\b|\bherstart\b|\bopnieuw\b/i;
const TAG = /\b(?:tags?|bridge|brücke|pont|transition|brug)\b/i;
const HERE = /\bhere\b|\bwhere wall\b|\bhier\b|\bici\b|\bat this point\b/i;
const AFTER = /\b(?:after|nach|après|na)\b/i;
const END = /\bend\b|\bende\b|\bfin\b|\beinde\b/i;
const WORD = /[\p{L}\d]+(?:[:.-](?=[\p{L}\d])[\p{L}\d]+)*/gu;
const TIME = /^(?:wall|walls|time|times|round|go|wand|wände|runde|durchgang|mal|mur|murs|passage|muur|keer|ronde)$/i;
const WALLS = /^(?:walls?|wand|wände|runde|murs?|muur|muren|w)$/i;

interface Word extends Span {
  readonly text: string;
}

/** The items a sentence or a paragraph says in full; none where it only talks about the dance. */
export function planInProse(text: string): readonly PlanItem[] {
  if (text.length > LONGEST) return [];
  const isRestart = RESTART.test(text);
  const isTag = !isRestart && TAG.test(text);
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
  const count = countIn(words);
  const place: PlaceSaid | undefined =
    count !== undefined
      ? { kind: 'count', count, and: 'line', span }
      : HERE.test(text)
        ? { kind: 'here', span }
        : undefined;
  return place ? [{ ...said, kind: 'restart', place }] : [];
}

/** `Tag at the end of wall 2: sway R, sway L`: what is danced, where it is said at once. */
function stepsBehind(text: string, from: number): (TagSaid & { kind: 'own' }) | undefined {
  const colon = text.indexOf(':', from);
  const words = colon < 0 ? '' : text.slice(colon + 1).trim();
  if (!/\p{L}{2}.*\s/u.test(words) || /^\d{1,2}\s*(?:counts?|temps|comptes)/i.test(words)) return undefined;
  const start = text.indexOf(words, colon);
  return { kind: 'own', text: words, span: { from: start, to: start + words.length } };
}

/** `wall 3`, `walls 2 and 5`, `the third wall`, `fourth time through`, `9. Runde`. */
function wallsIn(words: readonly Word[]): WallPick | undefined {
  for (let index = 0; index < words.length; index++) {
    const { text, from } = words[index];
    const next = words[index + 1];
    if (next && TIME.test(next.text)) {
      const ordinal =
        ordinalOf(text) ??
        (/^\d{1,2}$/.test(text) && /^(?:runde|wand|mur|durchgang)$/i.test(next.text) ? Number(text) : undefined);
      if (ordinal) return { kind: 'walls', numbers: [ordinal], span: { from, to: next.to } };
    }
    const number = next && WALLS.test(text) ? numberOf(next.text) : undefined;
    if (!number) continue;
    const numbers = [number];
    let last = index + 1;
    for (let more = last + 1; more < words.length; more++) {
      const also = numberOf(words[more].text);
      if (/^(?:and|und|et|en)$/i.test(words[more].text)) continue;
      if (also === undefined || also > 60 || unitOf(words[more + 1]?.text ?? '')) break;
      numbers.push(also);
      last = more;
    }
    return { kind: 'walls', numbers, span: { from, to: words[last].to } };
  }
  return undefined;
}

/** `after 16 counts`, `that's fourteen counts`, `dance the first 16`. */
function countIn(words: readonly Word[]): number | undefined {
  for (let index = 0; index < words.length; index++) {
    const count = numberOf(words[index].text);
    if (count === undefined || count < 2) continue;
    const [before = '', after = ''] = [words[index - 1]?.text.toLowerCase(), words[index + 1]?.text];
    if (unitOf(after ?? '') === 'counts' || /^(?:after|nach|après|na|count|zählzeit|temps)$/.test(before)) return count;
  }
  return undefined;
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

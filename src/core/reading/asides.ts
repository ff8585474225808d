/**
 * What is said in a line beside its steps: where the weight is, where one faces. `taking weight onto it`, `so that your weight's on
 * the right`, `now at 6:00`, `you are looking at the back wall`. It is claimed, not danced: lifted out before the calls are read,
 * each place kept.
 */
import {
  goesOnFromWeight,
  hourOfWall,
  leadsToFacing,
  leadsToWeight,
  namesClock,
  namesWall,
  namesWeight,
  saysFacing,
} from '../lexicon/asides';
import { numberOf } from '../lexicon/numbers';
import type { Foot } from '../model/feet';
import { readHour, type Facing } from '../model/turns';
import type { Span } from '../model/text';
import type { Vocabulary } from '../vocabulary';
import { canonicalWord } from '../vocabulary';
import { sideNamed } from '../vocabulary/words';
import type { Marks, WeightClaim } from './marks';

interface Word extends Span {
  readonly text: string;
  /** A comma, full stop or bracket stands before it. */
  readonly opensClause: boolean;
}

export interface Asides {
  /** The text with all of it blanked out. */
  readonly rest: string;
  readonly weightClaims: Marks['weightClaims'];
  readonly facingClaims: Marks['facingClaims'];
  /** What claims nothing and is no step: kept as it was said. */
  readonly notes: Marks['notes'];
  /** The foot that the line says it begins with, and where. */
  readonly lead?: Lead;
}

export interface Lead {
  readonly foot: Foot;
  readonly span: Span;
  /** It is said where they go, not which foot goes first: `cross, side, behind, side, going left`. */
  readonly goes: boolean;
}

const WORD = /[\p{L}\d]+(?:[:'’][\p{L}\d]+)*/gu;
/** `..., or just walk R, L`: another way to dance it, to the end of the sentence. */
const OPTION = /[,;–—]\s*(?:or|oder|ou)\s+(?:just\s+|a\s+|nur\s+|simplement\s+)?\p{L}[^.;]*/giu;
/** `clapping on every touch`. */
const ON_EVERY =
  /[,;]?\s*(?:and\s+)?\p{L}+\s+(?:hands\s+)?(?:on|at|with|bei|à)\s+(?:every|each|all|jedem|chaque)\b[^,.;]*/giu;
/** `..., going right`, `..., right foot first`, `..., leading with the left`: the foot that all of it begins with. */
const LEAD = new RegExp(
  `(?:[,;(]\\s*|\\s(?=(?:starting|beginning)\\s))(?:${[
    '(?:going|travelling|moving)\\s+(?:to\\s+the\\s+)?(right|left)',
    '(?:leading|starting|start|beginning|begin)\\s+(?:with\\s+|on\\s+|from\\s+)?(?:the\\s+|your\\s+)?(right|left|rf|lf|[rl])(?:\\s+foot)?',
    '(right|left|rf|lf|[rl])\\s+(?:foot\\s+)?(?:(?:crossing|stepping|going|rocking)\\s+)?(?:first|leads|starts|begins|to\\s+start)',
    '(?:mit\\s+)?(rechts|links|rf|lf)\\s+(?:fängt\\s+an|beginnt|beginnen|beginnend|zuerst|anfangen|startet|starten)',
    '(?:beginn|start)\\s+(rechts|links|rf|lf)',
    '(?:beginnend|beginnen|angefangen|beginn|start)\\s+mit\\s+(?:dem\\s+)?(rechten|linken|rechts|links|rf|lf)(?:\\s+fuß)?',
    '(?:en\\s+)?(?:commençant|commencer|débutant|départ)\\s+(?:par\\s+|du\\s+|avec\\s+|sur\\s+)?(?:le\\s+)?(?:pied\\s+)?(droite?|gauche|pd|pg|[dg])',
    "(?:pied\\s+)?(droite?|gauche|pd|pg|[dg])\\s+(?:d['’]abord|en\\s+premier)",
  ].join('|')})(?=\\s*(?:[,.;)]|$))`,
  'iu',
);
/** `in three steps`, `on the last step`: how a figure goes, and no step. */
const MANNER =
  /\b(?:(?:in|over|using|with|auf|mit|en)\s+(?:the\s+|den\s+)?(?:[2-4]|two|three|four|zwei|drei|vier|deux|trois|quatre)\s+(?:small\s+|little\s+|kleinen\s+|petits\s+)?(?:steps|schritten|pas)|(?:on|with|auf|mit|bei|beim|au|sur)\s+(?:the\s+|dem\s+|der\s+|le\s+|la\s+)?(?:first|second|third|fourth|last|final|ersten|zweiten|dritten|vierten|letzten|premier|deuxième|troisième|quatrième|dernier)\s+(?:step|one|beat|schritt|schlag|pas|temps))\b/giu;
/** Words between a figure and its explanation: `side shuffle, which is right, left, right`. */
const MEANS =
  /\s*[,;–—-]?\s*\b(?:which\s+(?:is|means|goes)|(?:so\s+)?that(?:'|’)s|(?:so\s+)?that\s+is|that\s+means|i\.e\.|meaning|namely|das\s+heißt|d\.\s?h\.|nämlich|c(?:'|’)est[ -]à[ -]dire|soit)(?=\s*:?\s)\s*:?/giu;
/** `..., that's your Charleston`: its name once more. */
const NAMED =
  /[,;–—-]\s*(?:and\s+)?(?:that(?:'|’)s|that\s+is|this\s+is|there(?:'|’)s|das\s+(?:ist|war)|c(?:'|’)est|voilà)\s+(?:it|all|your|the|our|called|ein|eine|dein|deine|der|die|das|un|une|ton|ta|votre|le|la)\b[^,.;:\d]*/giu;
/** `right jazz box without a turn`, `right then`, `of course`, `if you like`: said, and no step. */
const IDLE =
  /(?:\b(?:and|then)\s+)?\b(?:(?:with\s+)?(?:without|no|ohne|sans)\s+(?:a\s+|any\s+)?(?:turns?|turning|drehung|tour(?:ner)?)(?:\s+at\s+all)?|(?<=^\s*|[.;:]\s+)(?:right|now)\s+then(?=\s*,)|(?:off|here)\s+we\s+go|(?<=(?:^|[,;(])\s*(?:\d[\d\s&-]*)?)(?:with\s+)?(?:the\s+|your\s+|both\s+)?(?:feet\s+(?:slightly\s+|shoulder[\s-]width\s+)?(?:apart|together)|füße\s+(?:auseinander|geschlossen|zusammen)|(?:les\s+)?pieds\s+(?:écartés|joints))(?=\s*[,;)])|of\s+course|as\s+usual|if\s+you\s+(?:like|can|want|wish)|(?:während|during|pendant)\s+(?:(?:der|the|les)\s+)?(?:zählzeiten|counts|temps)\s+\d\s*(?:und|and|et|-|bis|to|à)\s*\d\s+[^.;:()]+|(?<=\d,?\s+)home(?=\s*$)|(?<=[,;(]\s*)like\s+an?\s+[\p{L}\s'’-]{2,40}(?=[,;:.)]))(?!\p{L})/giu;
/** Counts said once more among the steps: `bounce three times (6, 7, 8)`. */
const COUNTS_AGAIN = /\(\s*\d{1,2}(?:\s*(?:[,&-]|and)\s*\d{1,2})+\s*\)/gi;
const MAY_SAY =
  /\bit\b|\bending|finish|landing|landet|endet|finissant|terminant|first|second|third|fourth|last|final|ersten|letzten|dritten|dernier|deuxième|troisième|leading|leads|start|begin|commen|abord|premier|zuerst|which|that|das\s+(?:ist|war)|voilà|c.est|means|meaning|namely|heißt|d\.\s?h|nämlich|soit|dire|steps\b|schritt|\bpas\b|(?:right|now)\s+then|\bwe\s+go|\bof\s+course|\bas\s+usual|\bif\s+you|\blike\s+an?\s|während|during|pendant|\bhome\s*$|\bfeet\b|füße|pieds|fängt|\bwithout\b|\bno\s|\bohne\b|\bsans\b|\bgoing\b|\bfirst\b|travelling|moving|\bevery\b|\beach\b|jedem|chaque|\bor\b|\boder\b|\bou\b|\(\s*\d|weight|wt\b|gewicht|belastet|poids|pdc|clock|uhr\b|\d\s?h\b|heures?|uur\b|wall|wand|mur\b|muur|\d:\d\d|facing|richtung|\. \.|look/i;

/** `counted`: the line opens with its counts. */
export function readAsides(text: string, start: number, vocabulary: Vocabulary, counted: boolean): Asides {
  const weightClaims: Marks['weightClaims'][number][] = [];
  const facingClaims: Marks['facingClaims'][number][] = [];
  const notes: Marks['notes'][number][] = [];
  if (!MAY_SAY.test(text)) return { rest: text, weightClaims, facingClaims, notes };
  let rest = text;
  const take = ({ from, to }: Span): void => {
    // `Pivot 1/2, weight R   right`: what goes on behind it belongs to what stands before.
    const comma = /^\s+\p{L}/u.test(rest.slice(to)) ? /,\s*$/.exec(rest.slice(0, from)) : null;
    const start = comma ? comma.index : from;
    rest = rest.slice(0, start) + ' '.repeat(to - start) + rest.slice(to);
  };
  const led = LEADER.exec(rest);
  if (led && led.index > start) {
    const span = { from: led.index, to: text.length };
    const facing = facingIn(wordsOf(led[1], 0));
    take(span);
    if (facing !== undefined) facingClaims.push({ span, facing });
  }
  const note = (span: Span): void => {
    take(span);
    const words = text.slice(span.from, span.to);
    const own = words.replace(/^[\s,;–—()]+|[\s,;()]+$/g, '');
    if (own)
      notes.push({
        span: { from: span.from + words.indexOf(own), to: span.from + words.indexOf(own) + own.length },
        text: own,
        walls: [],
      });
  };
  const patterns = counted
    ? [OPTION, IDLE, NAMED, ON_EVERY, MANNER, COUNTS_AGAIN]
    : [OPTION, IDLE, NAMED, ON_EVERY, MANNER];
  for (const pattern of patterns)
    for (const { index, 0: words } of rest.matchAll(pattern))
      if (index >= start) note({ from: index, to: index + words.length });
  const lead = leadIn(rest, start);
  if (lead) take(lead.all);
  for (const found of weightsIn(wordsOf(rest, start), vocabulary)) {
    if (!found.weight) note(found.span);
    else {
      take(found.span);
      weightClaims.push({ span: found.span, weight: found.weight });
    }
  }
  const end = endsOn(rest, start);
  if (end) {
    take(end.span);
    weightClaims.push(end);
  }
  for (const found of facingsIn(wordsOf(rest, start), rest)) {
    if (found.facing === undefined) note(found.span);
    else {
      take(found.span);
      facingClaims.push({ span: found.span, facing: found.facing });
    }
  }
  rest = explained(rest, start);
  return { rest, weightClaims, facingClaims, notes, ...(lead && { lead }) };
}

/** What says that an explanation follows is a colon, in as many letters. */
function explained(text: string, start: number): string {
  if (text.includes(':', start)) return text;
  const match = [...text.matchAll(MEANS)].find(({ index }) => index > start);
  if (!match || !/\p{L}/u.test(text.slice(start, match.index))) return text;
  const to = match.index + match[0].length;
  return `${text.slice(0, match.index)}:${' '.repeat(to - match.index - 1)}${text.slice(to)}`;
}

function leadIn(text: string, start: number): (Lead & { all: Span }) | undefined {
  const match = LEAD.exec(text);
  const side = match?.slice(1).find(Boolean);
  const foot = side && sideNamed(side);
  if (!match || !foot || match.index < start) return undefined;
  // `repeat section 1 starting with the left`: of what is repeated.
  if (/^\s/.test(match[0]) && /\b(?:repeat|again|same)\b/i.test(text)) return undefined;
  const from = match.index + match[0].lastIndexOf(side);
  return {
    foot,
    goes: match[1] !== undefined,
    span: { from, to: from + side.length },
    all: { from: match.index, to: match.index + match[0].length },
  };
}

/** After a turn these say how far it goes: `turning to face 6:00`, `Drehung Richtung 6:00`. */
const BEFORE_TARGET = /^(?:to|face|facing|faces|towards?|richtung|nach|zu|vers|à|a|naar)$/;
const AMBIGUOUS = /^(?:fac|richt|regard)/;

/** `... recover L . . . . . 12, home wall`: what stands behind the dots. */
const LEADER = /(?:\s*\.\s){3,}\.?(.*)$/;

function wordsOf(text: string, start: number): Word[] {
  let last = start;
  return [...text.slice(start).matchAll(WORD)].map((match) => {
    const from = start + match.index;
    const opensClause = last === start || /[,.;:()[\]–—!?]|\s-\s/.test(text.slice(last, from));
    last = from + match[0].length;
    return { text: match[0].toLowerCase().replace('’', "'"), from, to: last, opensClause };
  });
}

/** `weight back on L`, `remettre le poids`: that is a recover. */
const isInName = (words: readonly Word[], index: number, vocabulary: Vocabulary): boolean =>
  !/^(?:with|mit|avec)$/.test(words[index - 2]?.text ?? '') &&
  [0, 1, 2, 3].some((before) => {
    const around = words.slice(Math.max(index - before, 0), index + 4).map(({ text }) => canonicalWord(text));
    return (vocabulary.findName(around, 0)?.length ?? 0) > Math.min(before, index);
  });

/** "weight's" is the weight. */
const stem = (word: string): string => word.replace(/'s$/, '');

const DENIES = /^(?:no|without|kein|ohne|sans|geen)$/;

function weightsIn(words: readonly Word[], vocabulary: Vocabulary): { span: Span; weight?: WeightClaim }[] {
  const found: { span: Span; weight?: WeightClaim }[] = [];
  for (let index = 0; index < words.length; index++) {
    if (!namesWeight(stem(words[index].text)) || isInName(words, index, vocabulary)) continue;
    let first = index;
    while (first > 0 && !words[first].opensClause && leadsToWeight(words[first - 1].text)) first -= 1;
    const ahead = weightAhead(words, index);
    const said = words.slice(first, index).some(({ text }) => DENIES.test(text));
    const isDenied = said || words[index].text.startsWith('un');
    const own = ahead.weight ?? (words[ahead.last].text === 'it' ? onlyFootBefore(words, first) : undefined);
    const bearer = own === undefined && !isDenied ? bearerBefore(words, first) : undefined;
    const weight = isDenied ? 'none' : (own ?? bearer?.foot);
    const span = { from: words[bearer?.first ?? first].from, to: words[ahead.last].to };
    found.push({ span, ...(weight && { weight }) });
    index = ahead.last;
  }
  return found;
}

/** What goes on from the noun: `weight ends on the left`. */
function weightAhead(words: readonly Word[], index: number): { last: number; weight?: WeightClaim } {
  let last = index;
  let weight: WeightClaim | undefined;
  while (last + 1 < words.length && !words[last + 1].opensClause) {
    const next = words[last + 1].text;
    const said = weight === undefined ? (sideNamed(next) ?? (BOTH.test(next) ? 'both' : undefined)) : undefined;
    if (!said && !goesOnFromWeight(next)) break;
    weight ??= said;
    last += 1;
  }
  return { last, ...(weight && { weight }) };
}

const BOTH = /^(?:both|beiden?|deux)$/;

/** `draw the left up and put the weight on it`: the one foot that the sentence names. */
function onlyFootBefore(words: readonly Word[], before: number): Foot | undefined {
  let from = before;
  while (from > 0 && !words[from].opensClause) from -= 1;
  const feet = new Set(words.slice(from, before).flatMap(({ text }) => sideNamed(text) ?? []));
  return feet.size === 1 ? [...feet][0] : undefined;
}

/** `..., left bears the weight`, `..., LF belastet`: the foot opens the clause. */
function bearerBefore(words: readonly Word[], before: number): { first: number; foot: Foot } | undefined {
  let first = before - 1;
  if (first > 0 && /^(?:foot|fuß)$/.test(words[first].text)) first -= 1;
  const foot = sideNamed(words[first]?.text ?? '');
  return foot && words[first].opensClause ? { first, foot } : undefined;
}

/** `half turn right, ending on the left foot`: where the weight is, without the word. */
const ENDS_ON =
  /[,;(]\s*(?:(?:ending|finishing|landing)\s+(?:up\s+)?(?:on|onto)\s+(?:the\s+|your\s+)?(right|left|rf|lf|[rl])(?:\s+foot)?|(?:endet|endend|landet|landend)\s+auf\s+(?:dem\s+)?(rechts|links|rechten|linken|rf|lf)(?:\s+fuß)?|(?:en\s+)?(?:finissant|terminant|finir|terminer)\s+sur\s+(?:le\s+)?(?:pied\s+)?(droite?|gauche|pd|pg|[dg]))(?=\s*(?:[,.;)]|$))/iu;

function endsOn(text: string, start: number): { span: Span; weight: Foot } | undefined {
  const match = ENDS_ON.exec(text);
  const side = match?.slice(1).find(Boolean);
  const weight = side && sideNamed(side);
  if (!match || !weight || match.index < start) return undefined;
  return { span: { from: match.index + 1, to: match.index + match[0].length }, weight };
}

function facingsIn(words: readonly Word[], text: string): { span: Span; facing?: Facing }[] {
  const found: { span: Span; facing?: Facing }[] = [];
  for (let index = 0; index < words.length; index++) {
    const place = placeAt(words, index);
    if (!place) continue;
    let first = index;
    while (first > 0 && !words[first].opensClause && leadsToFacing(words[first - 1].text)) first -= 1;
    if (!isSaid(words, first, index, place, text)) continue;
    let last = index + place.length - 1;
    while (last + 1 < words.length && !words[last + 1].opensClause && TRAILS.test(words[last + 1].text)) last += 1;
    const span = { from: words[first].from, to: words[last].to };
    found.push({ span, ...(place.facing !== undefined && { facing: place.facing }) });
    index = last;
  }
  return found;
}

const TRAILS = /^(?:again|now|wall|wieder|still|already)$/;

/** Whether a place says where one faces: at the end of the line, alone in its clause, or behind "now" and the like. */
function isSaid(words: readonly Word[], first: number, index: number, place: Place, text: string): boolean {
  const leads = words.slice(first, index).map((word) => word.text);
  const isLast = index + place.length === words.length;
  const isApart = /\s{2,}$/.test(text.slice(0, words[index].from));
  if (isLast && (isApart || (!place.needsLead && !BEFORE_TARGET.test(words[index - 1]?.text ?? '')))) return true;
  if (place.needsLead && !leads.some(saysFacing)) return false;
  // `turning to face 6:00` says how far to turn: that is a step's.
  const isAlone = words[first].opensClause || first === 0;
  return isAlone || leads.some((word) => saysFacing(word) && !AMBIGUOUS.test(word));
}

interface Place {
  readonly facing?: Facing;
  readonly length: number;
  readonly needsLead: boolean;
}

/** An hour or a wall that begins at a word. */
function placeAt(words: readonly Word[], index: number): Place | undefined {
  const { text } = words[index];
  const next = words[index + 1]?.opensClause ? '' : (words[index + 1]?.text ?? '');
  const hour = /^(\d{1,2}:\d\d)$|^(\d{1,2})(?:h|uhr)$/.exec(text);
  if (hour) return { facing: readHour(hour[1] ?? hour[2]), length: namesClock(next) ? 2 : 1, needsLead: false };
  const number = numberOf(text);
  return number === undefined ? wallAt(text, next) : hourAt(number, next, words, index);
}

/** `9 o'clock`, `neun Uhr`; a bare number needs words before it. */
function hourAt(number: number, next: string, words: readonly Word[], index: number): Place | undefined {
  if (number < 1 || number > 12) return undefined;
  const facing = readHour(String(number));
  if (namesClock(next)) return { facing, length: 2, needsLead: false };
  if (next === 'o' && words[index + 2]?.text === 'clock') return { facing, length: 3, needsLead: false };
  // "That's one, two" counts.
  const after = words[index + 1]?.text ?? '';
  const isCounted = numberOf(after) !== undefined || /^(?:and|und|et|en)$/.test(after);
  // "Jetzt vier Schritte", "now two walks" are how many.
  const isHowMany = next !== '' && !TRAILS.test(next) && !/^(?:with|where|mit|wo|avec|où)$/.test(next);
  return isCounted || isHowMany ? undefined : { facing, length: 1, needsLead: true };
}

function wallAt(text: string, next: string): Place | undefined {
  const wall = hourOfWall(text);
  if (wall === undefined || !(namesWall(next) || /wand$|muur$/.test(text))) return undefined;
  const length = namesWall(next) ? 2 : 1;
  return wall === null ? { length, needsLead: false } : { facing: readHour(String(wall)), length, needsLead: false };
}

/** The facing that some words say, where they can say nothing else. */
function facingIn(words: readonly Word[]): Facing | undefined {
  for (let index = 0; index < words.length; index++) {
    const facing = placeAt(words, index)?.facing;
    if (facing !== undefined) return facing;
  }
  return undefined;
}

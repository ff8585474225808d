/**
 * One line of a plan: what happens on which wall. A pure function of the line's text, so it is remembered by text. Strictly read
 * (under `## Plan`) every line is something; loosely, anywhere in a pasted sheet, only what can be nothing else is taken.
 */
import { Memory } from '../model/memory';
import { greatest } from '../model/numbers';
import type { Span } from '../model/text';
import { carryBack, inEnglish } from './foreign';
import { readOrder, type OrderItem } from './plan-order';
import {
  Bites,
  takeFacings,
  takeLonePlace,
  takePlace,
  takeWalls,
  takeWordsPlace,
  type FacingSaid,
  type PlaceSaid,
  type WallPick,
} from './plan-words';

/** Words of the line with their place in it. */
export interface SaidWords {
  readonly text: string;
  readonly span: Span;
}

/** A tag by its name, or what is danced as one, said where it is placed. */
export type TagSaid =
  | ({ readonly kind: 'named' } & SaidWords)
  | ({ readonly kind: 'own' } & SaidWords)
  /** "Tag" alone: the only one there is. */
  | { readonly kind: 'only'; readonly span: Span };

interface Said {
  readonly span: Span;
  readonly walls: WallPick;
  readonly facings: readonly FacingSaid[];
  /** Words that say nothing the plan knows. */
  readonly unread: readonly SaidWords[];
}

export type PlanItem =
  | (Said & { readonly kind: 'restart'; readonly place?: PlaceSaid; readonly changed?: SaidWords })
  | (Said & { readonly kind: 'ending'; readonly place?: PlaceSaid; readonly changed?: SaidWords })
  | (Said & { readonly kind: 'tag'; readonly place: PlaceSaid; readonly tag: TagSaid; readonly times: number })
  | (Said & {
      readonly kind: 'change';
      readonly from: PlaceSaid & { kind: 'count' };
      readonly place: PlaceSaid & { kind: 'count' };
      readonly changed: SaidWords;
    })
  | (Said & { readonly kind: 'note'; readonly text: string })
  | { readonly kind: 'order'; readonly span: Span; readonly items: readonly OrderItem[] }
  /** "No tags, no restarts." */
  | { readonly kind: 'none'; readonly span: Span }
  | { readonly kind: 'unread'; readonly span: Span };

const [strictly, loosely] = [new Memory<readonly PlanItem[]>(), new Memory<readonly PlanItem[]>()];
const NOTHING: readonly PlanItem[] = [];
const LONGEST = 400;

/** Items of a line under `## Plan`; what is not understood is an item too. */
export const readPlanLine = (text: string): readonly PlanItem[] => strictly.of(text, () => readAnyTongue(text, true));

const MAY_PLAN =
  /\b(?:restarts?|tags?|bridges?|ending|end\s+the\s+dance|order|sequence|phrasing|walls?\s|w\d)|^\s*(?:dance\b|[A-H](?:\s|,|-))/i;

/** Items of a line anywhere else; none when it may just be words about the dance. */
export const readLoosePlan = (text: string): readonly PlanItem[] =>
  text.length > LONGEST
    ? NOTHING
    : loosely.of(text, () => {
        const items = readAnyTongue(text, false);
        return items.every(isPlain) ? items : NOTHING;
      });

function readAnyTongue(text: string, strict: boolean): readonly PlanItem[] {
  const english = inEnglish(text);
  const words = english?.text ?? text;
  if (!strict && !MAY_PLAN.test(words)) return NOTHING;
  const items = readAfresh(words, strict);
  return english ? carryBack(items, english, text) : items;
}

/** Plainly a plan, wherever it stands: it says what happens and where. */
function isPlain(item: PlanItem): boolean {
  switch (item.kind) {
    case 'order':
    case 'none':
      return true;
    case 'restart':
      return item.place !== undefined || item.walls.kind !== 'unsaid';
    case 'ending':
      return item.walls.kind !== 'unsaid';
    case 'tag':
      return item.walls.kind !== 'unsaid' && item.unread.length === 0;
    case 'change':
      return item.walls.kind !== 'unsaid';
    case 'note':
    case 'unread':
      return false;
  }
}

const ORDER_OPENING =
  /^\s*(?:[-*•]\s+)?(?:the\s+)?(?:order|sequence|phrasing|phrased|reihenfolge|ablauf)\b(?:\s+(?:of\s+)?(?:the\s+)?(?:dance|parts))?\s*(?:is\b)?\s*[:=]?\s*/i;
const DANCE_ORDER = /^\s*(?:dance|do)\s+(?:it\s+|as\s+)?(?=(?:\(?[A-H]\b[\s,(*-]*){2,})/;
/** A bare line of parts: `A B C A B C A(24) Tag`. */
const BARE_ORDER =
  /^\s*(?:\(?[A-H](?:\(\d[^)]*\))?\)?[-*]?(?:\s*,\s*|\s+|\s*[-–]\s*))+(?:\(?(?:[A-H]|tag|bridge|ending)\b)/i;
const PARTS_GLUED = /^\s*[A-H]{3,}\s*$/;

function readAfresh(text: string, strict: boolean): readonly PlanItem[] {
  const plain = text
    .replace(/[‐-―−]/g, '-')
    .replace(/[“”„]/g, '"')
    .replace(/[\u00a0\t]/g, ' ');
  const whole = trimmed(plain, { from: 0, to: plain.length });
  if (plain.length > LONGEST) return [{ kind: 'unread', span: whole }];
  const order = readOrderLine(plain, strict);
  if (order) return [{ kind: 'order', span: whole, items: order }];
  if (/^\W*no\s+(?:tags?|restarts?)(?:\W+(?:and\s+|or\s+|&\s*)?(?:no\s+)?(?:tags?|restarts?))?\W*$/i.test(plain))
    return [{ kind: 'none', span: whole }];
  const heading = /^\s*(?:[-*•]+\s+)?(?:restarts?|tags?|bridges?|plan)\s*(?=[:-])/i.exec(plain)?.[0] ?? '';
  // "Restarts on wall 2 (after 16) and wall 5 (after 24)": what happens is said once, for all of them.
  const kind = /\b(?:re-?starts?|tags?|bridges?)\b/i.exec(plain)?.[0] ?? '';
  return clausesOf(plain).flatMap((span, index) =>
    readClause(plain, span, strict, heading.trim() || (index > 0 ? kind : '')),
  );
}

function readOrderLine(text: string, strict: boolean): OrderItem[] | undefined {
  const opening = ORDER_OPENING.exec(text) ?? DANCE_ORDER.exec(text);
  if (opening) {
    const items = readOrder(text, opening[0].length);
    return items && (strict || items.length > 1) ? items : undefined;
  }
  return BARE_ORDER.test(text) || (strict && PARTS_GLUED.test(text)) ? readOrder(text, 0) : undefined;
}

const trimmed = (text: string, { from, to }: Span): Span => {
  const own = text.slice(from, to);
  return { from: from + (own.length - own.trimStart().length), to: to - (own.length - own.trimEnd().length) };
};

const NEXT_WALL =
  /(?:\s*[,&]\s*|\s+and\s+|\.\s+)(?:then\s+)?(?=(?:again\s+)?(?:on\s+|in\s+|during\s+|(?:at\s+)?(?:the\s+)?end\s+of\s+)?walls?\s*\d)/gi;
const SAYS_WHERE = /\b(?:after|counts?|section|first\s+\d|s\d|end\s+of)\b/i;

/** `wall 3 after 16, wall 6 after 24` are two items; `walls 3 and wall 6 after 16` are one. */
function clausesOf(text: string): Span[] {
  const clauses: Span[] = [];
  let from = 0;
  for (const part of text.split(';')) {
    const to = from + part.length;
    let start = from;
    for (const match of part.matchAll(NEXT_WALL)) {
      const at = from + match.index;
      if (
        !SAYS_WHERE.test(text.slice(start, at)) ||
        !SAYS_WHERE.test(text.slice(at, to)) ||
        /\bthen\b/i.test(text.slice(start, at))
      )
        continue;
      clauses.push({ from: start, to: at });
      start = at + match[0].length;
    }
    clauses.push({ from: start, to });
    from = to + 1;
  }
  return clauses.filter(({ from: a, to: b }) => text.slice(a, b).trim() !== '').map((span) => trimmed(text, span));
}

const THEN =
  /\s*(?:,\s*)?\bthen\b(?!\s+(?:(?:you\s+)?(?:re)?start|begin|dance\b|the\s+dance|go\b|continue|carry|tag\b|do\s+the\s+tag|again))[\s,:]+(?=\S)/i;
const CHANGE =
  /\b(?:change|replace)\s+(?:counts?\s+|steps?\s+)?(\d{1,3})\s*(&(?!\d))?(?:(?:&|\s*(?:-|to)\s*)(\d{1,3})\s*(&)?)?\s*(?:to|into|for|with|by|:)\s+/i;
const FILLERS = new Set(
  "a an the and then on in at of with to is are as it its this that there will be you your do does dance dancing add after again over from from beginning start top begin only counts count beats times time once here during wall walls step steps after facing face o clock just happens occurs comes restart restarts following you’ll you'll".split(
    ' ',
  ),
);

/** One clause: walls, place, facings and what happens, each bitten off; what is left is its tag's name, or words nobody knows. */
function readClause(line: string, span: Span, strict: boolean, heading: string): PlanItem[] {
  const text = line.slice(0, span.to);
  const bites = new Bites(text);
  bites.blank({ from: 0, to: span.from });
  bites.take(/^\s*[-*•]+\s+/);
  bites.take(/\(meant so:[^()]*\)/);
  // "Restart 1:" is numbered, not placed.
  const numbered = /^\s*re-?start\s+(\d{1,2})(?=\s*[:)])/.exec(bites.rest);
  if (numbered) bites.blank({ from: numbered[0].length - numbered[1].length, to: numbered[0].length });
  bites.take(/\b\d{1,2}\s+(?=(?:re-?starts|tags|bridges)\b)/);
  const change = CHANGE.exec(bites.rest);
  if (change) return readChange(text, span, bites, change);
  const repeated = readRepeated(text, span, bites);
  if (repeated) return [repeated];
  const changed = takeTail(text, bites, THEN);
  const own = takeBody(text, bites);
  const facings = takeFacings(bites);
  const walls = takeWalls(bites) ?? ({ kind: 'unsaid', span } as const);
  const said = (): Said => ({ span, walls, facings, unread: leftovers(text, bites) });
  const quoted = bites.take(/"([^"]*)"/);
  const place = takePlace(bites);
  const again = bites.take(/\b(?:twice|x\s?[2-9]|[2-9]\s?x)(?!\w)/)?.[0];
  const timesSaid = again === undefined ? 1 : again === 'twice' ? 2 : Number(/\d/.exec(again)?.[0]);
  // "Tag after 16, then restart": a cut there, and the tag at the end of what is left.
  const both = /\b(?:tag|bridge)\b.*\bre-?start/.test(bites.rest) && place !== undefined && place.kind !== 'end';
  if (both) bites.take(/\b(?:tag|bridge)\b/);
  if (
    bites.take(/\bre-?starts?(?:ing|ed)?\b/) ||
    (/^restart/i.test(heading) && !/\b(?:tag|bridge|ending)\b/.test(bites.rest))
  ) {
    bites.take(/\b(?:again\s+)?(?:the\s+dance\s+)?(?:again\s+)?from\s+(?:the\s+)?(?:beginning|top|start)\b/);
    bites.take(/\bre-?starts?\b/);
    const where = place ?? takeWordsPlace(bites) ?? takeLonePlace(bites);
    const restart: PlanItem = {
      kind: 'restart',
      ...said(),
      ...(where && { place: where }),
      ...(changed && { changed }),
    };
    if (!both) return [restart];
    return [
      { ...restart, facings: [] },
      {
        kind: 'tag',
        span,
        walls,
        facings,
        unread: [],
        place: { kind: 'end', span },
        tag: { kind: 'only', span },
        times: 1,
      },
    ];
  }
  if (
    !bites.rest.includes('tag') &&
    bites.take(
      /\b(?:ending|finish|finale|end\s+the\s+dance|(?:(?:the\s+)?dance\s+)?ends?(?=\s*$|\s+(?:the\s+dance|on|in|during|after)\b|\s\s))\b/,
    )
  )
    return [readEnding(text, said(), place, changed)];
  const kindWord = bites.take(/\b(?:tags?|bridges?)\b/) ?? (/^(?:tag|bridge)/i.test(heading) ? true : undefined);
  if (kindWord || own) {
    const name = own ? undefined : (quotedName(quoted) ?? tagName(text, bites));
    const rest = said();
    const tag: TagSaid = own ? { kind: 'own', ...own } : name ? { kind: 'named', ...name } : { kind: 'only', span };
    return [{ kind: 'tag', ...rest, place: place ?? { kind: 'end', span }, tag, times: timesSaid }];
  }
  // "W3: after section 2" under a heading of its own kind, or a wall with words about how it is danced.
  if (strict && walls.kind !== 'unsaid' && !place) {
    const note = /^[^:]*:\s*(?:note\s+)?"?(.+?)"?\s*$/.exec(line.slice(span.from, span.to));
    if (note) return [{ kind: 'note', span, walls, facings: [], unread: [], text: note[1] }];
  }
  return [{ kind: 'unread', span }];
}

/** Its own steps stand behind "then", or behind a comma: `ending: wall 9 after 12, step R forward`. */
function readEnding(text: string, said: Said, place: PlaceSaid | undefined, changed: SaidWords | undefined): PlanItem {
  const from = greatest(
    said.facings.map(({ span }) => span.to),
    place?.span.to ?? 0,
  );
  const comma = changed || from === 0 ? null : /^[)\s]*,\s*(?=\S)/.exec(text.slice(from));
  const at = from + (comma?.[0].length ?? 0);
  const steps = comma ? { text: text.slice(at).trimEnd(), span: { from: at, to: text.trimEnd().length } } : changed;
  const unread = comma ? said.unread.filter(({ span }) => span.to <= at) : said.unread;
  return {
    kind: 'ending',
    ...said,
    unread,
    ...(place && place.kind !== 'end' && { place }),
    ...(steps && { changed: steps }),
  };
}

/** `Repeat the last 4 counts at the end of wall 2`, `hold 4 counts after wall 5`: a tag without the word. */
function readRepeated(text: string, span: Span, bites: Bites): PlanItem | undefined {
  if (!/^\s*(?:repeat|hold|wait|pause)\b/.test(bites.rest) || /\b(?:re-?start|tag|bridge)\b/.test(bites.rest))
    return undefined;
  const facings = takeFacings(bites);
  const walls = takeWalls(bites);
  if (!walls || walls.span.from <= span.from) return undefined;
  const own = trimmed(text, { from: span.from, to: walls.span.from });
  const words = text.slice(own.from, own.to).replace(/^(hold|wait|pause)\s+for\s+/i, '$1 ');
  const place = { kind: 'end', span } as const;
  return {
    kind: 'tag',
    span,
    walls,
    facings,
    unread: [],
    place,
    tag: { kind: 'own', text: words, span: own },
    times: 1,
  };
}

/** Counts changed on some walls; `and restart` behind them cuts the wall there. */
function readChange(text: string, span: Span, bites: Bites, match: RegExpExecArray): PlanItem[] {
  const at = match.index + match[0].length;
  const restarts = /\s*(?:,\s*)?(?:and|then|&)?\s*\bre-?starts?\b.*$/i.exec(text.slice(at));
  const steps = text.slice(at, restarts ? at + restarts.index : undefined).trimEnd();
  const changed: SaidWords = { text: steps, span: { from: at, to: at + steps.length } };
  const own = { from: match.index, to: at };
  bites.blank({ from: match.index, to: text.length });
  const walls = takeWalls(bites) ?? ({ kind: 'unsaid', span } as const);
  const [, from, fromAnd, to, toAnd] = match;
  const said: Said = { span, walls, facings: [], unread: [] };
  const place = {
    kind: 'count',
    span: own,
    count: Number(to ?? from),
    and: (to ? toAnd : fromAnd) ? 'with' : 'line',
  } as const;
  const change: PlanItem = {
    kind: 'change',
    ...said,
    from: { kind: 'count', span: own, count: Number(from), and: fromAnd ? 'with' : 'line' },
    place,
    changed,
  };
  return restarts ? [change, { kind: 'restart', ...said, place }] : [change];
}

function takeTail(text: string, bites: Bites, opening: RegExp): SaidWords | undefined {
  const match = opening.exec(bites.rest);
  if (!match) return undefined;
  const from = match.index + match[0].length;
  bites.blank({ from: match.index, to: text.length });
  return { text: text.slice(from).trimEnd(), span: { from, to: text.trimEnd().length } };
}

const DANCES =
  /^(?:\d{1,2}(?:[\s&-]|$)|holds?\b|halten?\b|attendre\b|wait\b|pause\b|repeat\b|same\b|do(?:ing)?\s+(?:section|counts?|the\s+(?:first|last)|\d)|dance\s+(?:section|counts?|the\s+(?:first|last)|\d)|\p{L}+\s+(?:[rldg]|right|left|rechts|links|droite|gauche)(?!\p{L}))/iu;
/** How long it is, where that alone stands before its tag: `4 count tag`. */
const LENGTH_ONLY = /^\d{1,2}[\s-]*counts?\s*(?:tag|bridge|hold)?\b/i;

const isDanced = (body: string): boolean =>
  DANCES.test(body) && !LENGTH_ONLY.test(body) && !/^\w+\s+tag\b/i.test(body) && !/\bre-?start\b/i.test(body);

/** What stands after a colon where it is danced: a tag's own steps. */
function takeBody(text: string, bites: Bites): SaidWords | undefined {
  const colon = [...bites.rest.matchAll(/:(?!\d)\s*(?=\S)/g)].find(({ index, 0: { length } }) =>
    isDanced(text.slice(index + length).trimEnd()),
  );
  if (!colon) return undefined;
  const from = colon.index + colon[0].length;
  const body = text.slice(from).trimEnd();
  bites.blank({ from: colon.index, to: text.length });
  return { text: body, span: { from, to: from + body.length } };
}

function quotedName(quoted: RegExpExecArray | undefined): SaidWords | undefined {
  if (!quoted) return undefined;
  const from = quoted.index + 1;
  return { text: quoted[1].trim(), span: { from, to: from + quoted[1].length } };
}

/** The words beside "tag" that are not fillers: its name. */
function tagName(text: string, bites: Bites): SaidWords | undefined {
  bites.take(/\b\d{1,2}[\s-]*counts?\b/);
  const words = wordsLeft(text, bites);
  if (words.length === 0) return undefined;
  const span = { from: words[0].span.from, to: words[words.length - 1].span.to };
  if (words.length > 3) return undefined;
  for (const word of words) bites.blank(word.span);
  return { text: text.slice(span.from, span.to), span };
}

function wordsLeft(text: string, bites: Bites): SaidWords[] {
  return [...bites.rest.matchAll(/[\p{L}\d][\p{L}\d'’-]*/gu)]
    .filter(([word]) => !FILLERS.has(word))
    .map((match) => {
      const span = { from: match.index, to: match.index + match[0].length };
      return { text: text.slice(span.from, span.to), span };
    });
}

/** Words running are told together. */
function leftovers(text: string, bites: Bites): SaidWords[] {
  return wordsLeft(text, bites).reduce<SaidWords[]>((found, word) => {
    const last = found[found.length - 1];
    if (last && word.span.from - last.span.to <= 1) {
      const span = { from: last.span.from, to: word.span.to };
      found[found.length - 1] = { text: text.slice(span.from, span.to), span };
    } else found.push(word);
    return found;
  }, []);
}

/**
 * One line of a plan: what happens on which wall. A pure function of the line's text, so it is remembered by text. Strictly read
 * (under `## Plan`) every line is something; loosely, anywhere in a pasted sheet, only what can be nothing else is taken.
 */
import { findsAny } from '../lexicon/structure';
import { Memory } from '../model/memory';
import { greatest } from '../model/numbers';
import type { Span } from '../model/text';
import { Clause } from './clause';
import { lex, type Token } from './lexer';
import { find, matchAt, pattern } from './pattern';
import { readOrder, type OrderItem } from './plan-order';
import {
  takeFacings,
  takeLonePlace,
  takePlace,
  takeWalls,
  takeWordsPlace,
  type FacingSaid,
  type PlaceSaid,
  type WallPick,
} from './plan-places';
import { leftovers, quotedName, tagName, takeBody, takeTimes, wordsFrom, type SaidWords } from './plan-words';

export type { SaidWords };

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
export const readPlanLine = (text: string): readonly PlanItem[] => strictly.of(text, () => readAfresh(text, true));

/** Items of a line anywhere else; none when it may just be words about the dance. */
export const readLoosePlan = (text: string): readonly PlanItem[] =>
  text.length > LONGEST
    ? NOTHING
    : loosely.of(text, () => {
        const items = readAfresh(text, false);
        return items.every(isPlain) ? items : NOTHING;
      });

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

/** What the writer means by an exception is no part of the plan. */
const MEANT_SO = /\(meant so:[^()]*\)/gi;
const PLANS = ['restart', 'tag', 'ending', 'order', 'wall'] as const;
/** `w3`; `dance A B`; a line of parts. */
const MAY_PLAN = findsAny(...PLANS, 'do');
const MAY_BE_LETTERS = /\bw\d|^[\s\W]*[A-H](?:[\s,(*-]|$)/i;

function readAfresh(written: string, strict: boolean): readonly PlanItem[] {
  if (!strict && !MAY_PLAN.test(written) && !MAY_BE_LETTERS.test(written)) return NOTHING;
  const text = written.replace(MEANT_SO, (found) => ' '.repeat(found.length));
  const whole = trimmed(text, { from: 0, to: text.length });
  if (text.length > LONGEST) return [{ kind: 'unread', span: whole }];
  const tokens = withoutBullet(lex(text));
  const order = readOrderLine(text, tokens, strict);
  if (order) return [{ kind: 'order', span: whole, items: order }];
  if (!strict && !tokens.some(({ is }) => PLANS.some((meaning) => is.has(meaning)))) return NOTHING;
  if (saysNone(tokens)) return [{ kind: 'none', span: whole }];
  const heading = headingOf(tokens);
  // "Restarts on wall 2 (after 16) and wall 5 (after 24)": what happens is said once, for all of them.
  const kind = tokens.find(({ is }) => is.has('restart') || is.has('tag'));
  return clausesOf(tokens).flatMap((clause, index) =>
    readClause(text, clause, strict, heading ?? (index > 0 ? kind : undefined)),
  );
}

const trimmed = (text: string, { from, to }: Span): Span => {
  const own = text.slice(from, to);
  return { from: from + (own.length - own.trimStart().length), to: to - (own.length - own.trimEnd().length) };
};

const withoutBullet = (tokens: readonly Token[]): readonly Token[] =>
  /^[-*•·]+$/.test(tokens[0]?.text ?? '') && tokens.length > 1 ? tokens.slice(1) : tokens;

const HEADING = pattern('kind:restart|tag|plan :|-');
const headingOf = (tokens: readonly Token[]): Token | undefined => matchAt(tokens, 0, HEADING)?.named.kind;

/** "No tags, no restarts." */
const saysNone = (tokens: readonly Token[]): boolean =>
  tokens.some(({ is }) => is.has('no')) &&
  tokens.some(({ is }) => is.has('tag') || is.has('restart')) &&
  tokens.every(
    ({ is, text }) =>
      ['no', 'tag', 'restart', 'and', ',', '.', '&'].some((one) => is.has(one as 'no')) ||
      /^(?:or|oder|ou|nor|!)$/i.test(text),
  );

// Orders

const ORDER_OPENING = pattern('the? order in? the? do|part? word? :|=?');
/** A bare line of parts: `A B C A B C A(24) Tag`. */
const BARE_ORDER =
  /^\s*(?:\(?[A-H](?:\(\d[^)]*\))?\)?[-*]?(?:\s*,\s*|\s+|\s*[-–]\s*))+(?:\(?(?:[A-H]|tag|bridge|ending)\b)/i;
const PARTS_GLUED = /^\s*[A-H]{3,}\s*$/;
const IS_PART = /^[A-H]$/;

function readOrderLine(text: string, tokens: readonly Token[], strict: boolean): OrderItem[] | undefined {
  const from = orderFrom(tokens);
  if (from !== undefined) {
    const items = readOrder(text, from);
    return items && (strict || items.length > 1) ? items : undefined;
  }
  return BARE_ORDER.test(text) || (strict && PARTS_GLUED.test(text)) ? readOrder(text, 0) : undefined;
}

/** Where the items begin: behind `order:`, `the sequence is`, `dance` before letters. */
function orderFrom(tokens: readonly Token[]): number | undefined {
  const opening = matchAt(tokens, 0, ORDER_OPENING);
  if (opening) {
    // `order A B`: what stands there may be its first item.
    const last = tokens
      .slice(1, opening.to)
      .findLastIndex(({ is, text: own }) => !is.has('word') || /^(?:of|the|dance|parts?|is)$/i.test(own));
    return tokens[last + 1].to;
  }
  const [first, second] = tokens;
  if (!first?.is.has('do')) return undefined;
  const at = /^(?:it|as)$/i.test(second?.text ?? '') ? 2 : 1;
  const letters = tokens
    .slice(at)
    .filter(({ is }) => is.has('word'))
    .slice(0, 2);
  return letters.length === 2 && letters.every((token) => IS_PART.test(token.text)) ? tokens[at].from : undefined;
}

// Clauses

const NEXT_WALL = pattern('again? preposition? the? end-of? wall number');
const isParting = ({ is }: Token): boolean => is.has(',') || is.has('&') || is.has('and') || is.has('.');

const saysWhere = (tokens: readonly Token[]): boolean =>
  tokens.some(
    ({ is }, index) =>
      is.has('after') ||
      is.has('count') ||
      is.has('section') ||
      is.has('end-of') ||
      (is.has('first') && tokens[index + 1]?.is.has('number')),
  );

/** `wall 3 after 16, wall 6 after 24` are two items; `walls 3 and wall 6 after 16` are one. */
function clausesOf(tokens: readonly Token[]): (readonly Token[])[] {
  const clauses: (readonly Token[])[] = [];
  let start = 0;
  const end = (at: number): void => {
    if (at > start) clauses.push(tokens.slice(start, at));
  };
  for (let at = 0; at < tokens.length; at++) {
    const token = tokens[at];
    if (token.is.has(';')) {
      end(at);
      start = at + 1;
    } else if (isParting(token)) {
      const next = tokens[at + 1]?.is.has('then') ? at + 2 : at + 1;
      const stop = tokens.findIndex(({ is }, index) => index > at && is.has(';'));
      const isThen = tokens.slice(start, at).some(({ is }) => is.has('then'));
      if (isThen || !matchAt(tokens, next, NEXT_WALL)) continue;
      if (!saysWhere(tokens.slice(start, at)) || !saysWhere(tokens.slice(at, stop < 0 ? undefined : stop))) continue;
      end(at);
      start = next;
    }
  }
  end(tokens.length);
  return clauses;
}

const NUMBERED = pattern('restart number :|)');
const HOW_MANY = pattern('number restart|tag');
const CHANGE = pattern('change count? n:number -|to|& m:number b:&? into|:');
const CHANGE_ONE = pattern('change count? n:number a:&? into|:');

/** What a clause says besides what happens. */
interface Parts {
  readonly span: Span;
  readonly walls: WallPick;
  readonly facings: readonly FacingSaid[];
  readonly place?: PlaceSaid;
  /** Danced there instead, behind "then". */
  readonly changed?: SaidWords;
  /** Danced as a tag, behind a colon. */
  readonly own?: SaidWords;
  readonly times: number;
}

/** One clause: walls, place, facings and what happens, each taken away; what is left is its tag's name, or words nobody knows. */
function readClause(line: string, tokens: readonly Token[], strict: boolean, heading: Token | undefined): PlanItem[] {
  const span = { from: tokens[0].from, to: endOf(line, tokens) };
  const clause = new Clause(line.slice(0, span.to), withoutNumbers(tokens));
  const whole = readChange(clause, span) ?? readRepeated(clause, span);
  if (whole) return whole;
  const quoted = clause.left.find(({ is }) => is.has('quoted'));
  const parts = takeParts(clause, span);
  return (
    restartIn(clause, parts, heading) ??
    endingIn(clause, parts) ??
    tagIn(clause, parts, heading, quoted) ?? [
      (strict && noteIn(clause.text, tokens, parts)) || { kind: 'unread', span },
    ]
  );
}

function takeParts(clause: Clause, span: Span): Parts {
  const changed = takeTail(clause);
  const own = takeBody(clause);
  const facings = takeFacings(clause);
  const walls = takeWalls(clause) ?? ({ kind: 'unsaid', span } as const);
  const place = takePlace(clause);
  return {
    span,
    walls,
    facings,
    times: takeTimes(clause),
    ...(place && { place }),
    ...(changed && { changed }),
    ...(own && { own }),
  };
}

const saidOf = (clause: Clause, { span, walls, facings }: Parts): Said => ({
  span,
  walls,
  facings,
  unread: leftovers(clause),
});

function restartIn(clause: Clause, parts: Parts, heading: Token | undefined): PlanItem[] | undefined {
  const { place, changed, span, walls, facings } = parts;
  // "Tag after 16, then restart": a cut there, and the tag at the end of what is left.
  const both = isTagBeforeRestart(clause) && place !== undefined && place.kind !== 'end';
  if (both) clause.takeMatch(TAG);
  const isHeaded = heading?.is.has('restart') === true && !clause.has('tag', 'ending');
  if (!clause.takeMatch(RESTART) && !isHeaded) return undefined;
  while (clause.takeMatch(RESTART));
  const where = place ?? takeWordsPlace(clause) ?? takeLonePlace(clause);
  const restart: PlanItem = {
    kind: 'restart',
    ...saidOf(clause, parts),
    ...(where && { place: where }),
    ...(changed && { changed }),
  };
  return both ? [{ ...restart, facings: [] }, tagAtEnd({ span, walls, facings, unread: [] })] : [restart];
}

const endingIn = (clause: Clause, parts: Parts): PlanItem[] | undefined =>
  !clause.has('tag') && clause.takeMatch(ENDING)
    ? [readEnding(clause.text, saidOf(clause, parts), parts.place, parts.changed)]
    : undefined;

function tagIn(
  clause: Clause,
  parts: Parts,
  heading: Token | undefined,
  quoted: Token | undefined,
): PlanItem[] | undefined {
  const { own, place, span, times } = parts;
  if (!clause.takeMatch(TAG) && !heading?.is.has('tag') && !own) return undefined;
  const name = own ? undefined : (quotedName(quoted, clause) ?? tagName(clause));
  const tag: TagSaid = own ? { kind: 'own', ...own } : name ? { kind: 'named', ...name } : { kind: 'only', span };
  return [{ kind: 'tag', ...saidOf(clause, parts), place: place ?? { kind: 'end', span }, tag, times }];
}

/** "W3: hands out" under the plan: words about how a wall is danced. */
function noteIn(text: string, tokens: readonly Token[], { span, walls, place }: Parts): PlanItem | undefined {
  const note = walls.kind === 'unsaid' || place ? undefined : noteOf(text, tokens);
  return note === undefined ? undefined : { kind: 'note', span, walls, facings: [], unread: [], text: note };
}

const TAG = pattern('tag');
const RESTART = pattern('restart');
const ENDING = pattern('ending');

/** Up to its last letter: a full stop or bracket behind the last word belongs to it. */
const endOf = (line: string, tokens: readonly Token[]): number =>
  trimmed(line, { from: 0, to: tokens[tokens.length - 1].to }).to;

/** "Restart 1:" is numbered, not placed; "2 restarts" says how many. */
function withoutNumbers(tokens: readonly Token[]): readonly Token[] {
  const own = matchAt(tokens, 0, NUMBERED) ? [tokens[0], ...tokens.slice(2)] : tokens;
  const many = find(own, HOW_MANY);
  return many && /s$/i.test(own[many.to - 1].text) ? [...own.slice(0, many.from), ...own.slice(many.from + 1)] : own;
}

function isTagBeforeRestart({ left }: Clause): boolean {
  const [tag, restart] = [left.findIndex(({ is }) => is.has('tag')), left.findLastIndex(({ is }) => is.has('restart'))];
  return tag >= 0 && restart > tag;
}

const tagAtEnd = (said: Said): PlanItem => ({
  kind: 'tag',
  ...said,
  place: { kind: 'end', span: said.span },
  tag: { kind: 'only', span: said.span },
  times: 1,
});

function noteOf(line: string, tokens: readonly Token[]): string | undefined {
  const colon = tokens.findIndex(({ is }) => is.has(':'));
  const first = tokens[colon + 1]?.is.has('note') ? tokens[colon + 2] : tokens[colon + 1];
  if (colon < 0 || !first) return undefined;
  return line
    .slice(first.from)
    .trim()
    .replace(/^"(.+)"$/, '$1');
}

/** Its own steps stand behind "then", or behind a comma: `ending: wall 9 after 12, step R forward`. */
function readEnding(text: string, said: Said, place: PlaceSaid | undefined, changed: SaidWords | undefined): PlanItem {
  const from = greatest(
    said.facings.map(({ span }) => span.to),
    place?.span.to ?? 0,
  );
  const comma = changed || from === 0 ? null : /^[)\s]*,\s*(?=\S)/.exec(text.slice(from));
  const at = from + (comma?.[0].length ?? 0);
  const steps = comma ? wordsFrom(text, at) : changed;
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
function readRepeated(clause: Clause, span: Span): PlanItem[] | undefined {
  const [first] = clause.left;
  if (!(first?.is.has('repeat') || first?.is.has('hold')) || clause.has('restart', 'tag')) return undefined;
  const all = clause.left;
  const facings = takeFacings(clause);
  const walls = takeWalls(clause);
  if (!walls || walls.span.from <= span.from) {
    clause.left = all;
    return undefined;
  }
  const own = trimmed(clause.text, { from: span.from, to: walls.span.from });
  const words = clause.text.slice(own.from, own.to).replace(/^(\p{L}+)\s+for\s+/iu, '$1 ');
  const place = { kind: 'end', span } as const;
  const tag = { kind: 'own', text: words, span: own } as const;
  return [{ kind: 'tag', span, walls, facings, unread: [], place, tag, times: 1 }];
}

/** Counts changed on some walls; `and restart` behind them cuts the wall there. */
function readChange(clause: Clause, span: Span): PlanItem[] | undefined {
  const match = find(clause.left, CHANGE) ?? find(clause.left, CHANGE_ONE);
  const last = match && clause.left[match.to - 1];
  if (!match || !last) return undefined;
  const steps = clause.left.slice(match.to);
  const cut = steps.findIndex(({ is }) => is.has('restart'));
  let until = cut < 0 ? steps.length : cut;
  while (cut >= 0 && until > 0 && ['and', 'then', '&', ','].some((one) => steps[until - 1].is.has(one as 'and')))
    until -= 1;
  const begin = steps[0]?.from ?? last.to;
  const end = cut < 0 ? clause.text.trimEnd().length : (steps[until - 1]?.to ?? begin);
  const changed: SaidWords = { text: clause.text.slice(begin, end), span: { from: begin, to: end } };
  const own = { from: clause.left[match.from].from, to: last.to };
  clause.cutAt(own.from);
  const walls = takeWalls(clause) ?? ({ kind: 'unsaid', span } as const);
  const said: Said = { span, walls, facings: [], unread: [] };
  const { n, m, a, b } = match.named;
  const at = (number: Token | undefined, and: Token | undefined) =>
    ({ kind: 'count', span: own, count: number?.value ?? 0, and: and ? 'with' : 'line' }) as const;
  const place = m ? at(m, b) : at(n, a);
  const change: PlanItem = { kind: 'change', ...said, from: at(n, a), place, changed };
  return cut < 0 ? [change] : [change, { kind: 'restart', ...said, place }];
}

const GOES_ON = pattern('word? starting|restart|do|goes-on|tag');

/** What is danced behind "then": `restart after 18, then step L beside R`. */
function takeTail(clause: Clause): SaidWords | undefined {
  const { left } = clause;
  const at = left.findIndex(
    ({ is }, index) => is.has('then') && left[index + 1] !== undefined && !saysGoOn(left, index + 1),
  );
  if (at < 0) return undefined;
  let first = left[at + 1];
  if (first.is.has(',') || first.is.has(':')) first = left[at + 2] ?? first;
  clause.cutAt(left[at].from);
  return wordsFrom(clause.text, first.from);
}

const saysGoOn = (tokens: readonly Token[], at: number): boolean => {
  const match = matchAt(tokens, at, GOES_ON);
  // "you start again", "do the tag"; "step R, restart" is danced.
  return match !== undefined && (match.to === at + 1 || /^(?:you|the|wir|ihr|on|je)$/i.test(tokens[at].text));
};

/** What a finished clause says: the figure it means when it names none, and what each "right" and "left" in it stands for. */
import type { Direction } from '../../model/actions';
import type { Foot } from '../../model/feet';
import { joinSpans, type Span } from '../../model/text';
import { CIRCLE, type Facing, type Way } from '../../model/turns';
import { KNOWN, turnCapacity, type Figure } from '../../vocabulary';

export interface CalledTurn {
  /** Parts of a circle, without sign; undefined when the line gives none. */
  readonly amount?: number;
  readonly way?: Way;
  /** "to face 6:00": the turn is given by where it ends. */
  readonly target?: Facing;
  /** `turn ?`: what is left open is to be found. */
  readonly open?: boolean;
  /** Stands right behind the foot, not "turning" or "with": `step right half turn left`. */
  readonly behind?: true;
  readonly span: Span;
}

export interface Call {
  readonly span: Span;
  /** Undefined when the words were not understood. */
  readonly figure?: Figure;
  /** The words of its name. */
  readonly nameSpan?: Span;
  /** The foot the call names, and where. */
  readonly foot?: Foot;
  readonly footSpan?: Span;
  /** The standing foot, where the call names what is passed: `cross R over L`. */
  readonly past?: Foot;
  /** A travelling direction that is no foot: `weave right`. */
  readonly travel?: Foot;
  /** Feet listed one by one: `R L R`. */
  readonly feet?: readonly Foot[];
  readonly direction?: Direction;
  /** Further places named in one breath: `touch out in out`, `step side together forward`. Null for a further go without a place. */
  readonly more?: readonly (Direction | null)[];
  readonly turn?: CalledTurn;
  readonly repeat: number;
  /** Takes the place of what the call before it does on this count: `K step R, on 8 scuff R`. */
  readonly at?: number;
  /** Only the first so many counts of the figure: `coaster L, first two counts`. */
  readonly firstCounts?: number;
  /** Nobody wrote it: the `&` of `heel R & heel L` closes R. It takes a count where there is one. */
  readonly implied?: boolean;
  /** The number stands before the name: `four walks R L R L` are four in all. */
  readonly numbered?: boolean;
  /** Stands in brackets with its neighbours, and they are danced in turn so often: `(step R, pivot 1/2 left) x2`. */
  readonly bracket?: { readonly times: number };
  /** The turn given is the sum over the repeats ("four paddles making a full turn"). */
  readonly total: boolean;
  /** Joined to the call before by "and" or "with", not by a comma. */
  readonly joined: boolean;
  /** Said in one breath with the call before it: `step L to the side swaying left`. */
  readonly breath?: true;
  /** Names nothing: what stands before it is danced so often. */
  readonly again?: number;
  /** With `again`: on the other foot, or so that this foot leads. */
  readonly mirrored?: boolean | Foot;
  /** Spelt out after a colon: `Coaster R: back, together, forward`. */
  readonly detail?: readonly Call[];
  readonly unread: readonly Span[];
  /** Danced by a line that repeats others: all its places are the words that repeat it, and name nothing of its own. */
  readonly copied?: true;
}

/** A call while its words are being taken. */
export type Draft = { -readonly [K in keyof Omit<Call, 'unread' | 'span' | 'bracket' | 'copied'>]: Call[K] } & {
  from: number;
  to: number;
  places: (Direction | null)[];
  /** What swivels: heels or toes. */
  noun?: string;
  /** `..., turning a quarter left`: while something else is danced. */
  rides?: boolean;
  /** "It": the foot named last. */
  it?: boolean;
  /** `the same to the right`: what stands before it, once more. */
  same?: 'as it was' | 'mirrored';
  /** Two feet joined by "and": `LF+RF`. */
  both?: boolean;
  /** Counts that a turn on both feet takes. */
  lasts?: number;
  /** The first word of its name. */
  verb?: string;
  /** Feet that stand in brackets behind the figure. */
  listed?: readonly Foot[];
  unread: Span[];
  sides: { foot: Foot; span: Span; sure: boolean; afterObject: boolean; toSide: boolean }[];
  turnWord: boolean;
  words: number;
};

export const newDraft = (from: number, joined: boolean): Draft => ({
  from,
  to: from,
  repeat: 1,
  total: false,
  joined,
  places: [],
  unread: [],
  sides: [],
  turnWord: false,
  words: 0,
});

export const isSingle = (figure: Figure): boolean => figure.family === 'single';

const bareDirection = ({ direction, turn }: Draft): boolean =>
  direction !== undefined && direction !== 'together' && direction !== 'place' && !turn;

export const footOf = ({ foot, footSpan }: Call): Draft['sides'] =>
  foot && footSpan ? [{ foot, span: footSpan, sure: true, afterObject: false, toSide: false }] : [];

/** What a clause without a figure's name means. */
export function impliedFigure(draft: Draft, previous: Call | undefined): Figure | undefined {
  // A clause that opens with a word nobody knows is no step: the word may be the figure.
  if (draft.unread.length > 0 && draft.unread[0].from === draft.from) return undefined;
  const bare = !draft.direction && !draft.turn;
  if (previous?.figure && isSingle(previous.figure) && (draft.sides.length > 0 || draft.direction)) {
    if (previous.figure.bare === 'direction') return previous.figure;
    if (previous.figure.manners.has('goesOn') && draft.sides.length === 0 && bareDirection(draft)) {
      draft.sides.push(...footOf(previous));
      return previous.figure;
    }
    // `R behind L, L to left`
    if (bare && draft.sides.length > 1 && draft.sides[draft.sides.length - 1].toSide) draft.direction = 'side';
    else if (bare && draft.sides.length > 0) {
      draft.direction = previous.direction;
      return previous.figure === KNOWN.rock ? KNOWN.recover : previous.figure;
    }
  }
  if (isTurnedStep(draft, previous)) return KNOWN.step;
  if (isOnBothFeet(draft)) {
    draft.sides = [];
    return KNOWN.pivot;
  }
  const wholeTurn = draft.turnWord && draft.turn?.amount === CIRCLE;
  if (!wholeTurn && (draft.direction || draft.sides.some((side) => !side.afterObject))) return KNOWN.step;
  if (draft.turn || draft.turnWord) return draft.turn?.amount === CIRCLE ? KNOWN.fullTurn : KNOWN.turn;
  return undefined;
}

/** The figure that is meant where a word says two things: "jump R" lands on R, "slide L next to R" draws the foot in. */
function namedFigure({ figure, direction, sides, turn, turnWord }: Draft): Figure | undefined {
  // `full turn left stepping R L`: the feet of the figure, not steps that share a turn.
  const few = sides.length === 2 || sides.length === 3;
  if (figure === KNOWN.step && turnWord && turn?.amount === CIRCLE && few && !direction) return KNOWN.fullTurn;
  const towards = sides.length === 2 && sides[1].toSide && sides[1].foot !== sides[0].foot;
  if (figure === KNOWN.slide && (direction === 'together' || direction === 'in' || towards)) return KNOWN.drag;
  if (figure === KNOWN.sit && sides.length > 0) return KNOWN.sitOn;
  if (figure === KNOWN.jump && sides.length === 1 && !sides[0].toSide) return KNOWN.jumpOn;
  return figure;
}

/** `side R, behind L, 1/4 R`: an amount alone after steps to the side is a step that turns; after a step forward it is a turn on both feet. */
const isTurnedStep = ({ turn, turnWord, direction }: Draft, previous: Call | undefined): boolean =>
  turn?.amount !== undefined &&
  turn.amount < CIRCLE &&
  !turnWord &&
  !direction &&
  previous?.figure === KNOWN.step &&
  previous.direction !== undefined &&
  previous.direction !== 'forward' &&
  !previous.direction.startsWith('diagonal');

/** `LF+RF 1/2 turn left`. */
const isOnBothFeet = ({ sides, turn, turnWord, direction, both }: Draft): boolean =>
  turnWord && turn?.amount !== undefined && direction === undefined && both === true && sides.length === 2;

/** Gives each "right" and "left" its meaning, now that the figure is known. */
export function settle(draft: Draft): Call {
  const figure = namedFigure(draft);
  const call: { -readonly [K in keyof Call]: Call[K] } = {
    span: { from: draft.from, to: draft.to },
    figure,
    nameSpan: draft.nameSpan,
    // `croiser devant`, "cross in front": across is what the figure says already.
    direction: figure === KNOWN.cross && draft.direction === 'forward' ? undefined : draft.direction,
    more: draft.places.length > 0 ? draft.places : undefined,
    // A hip or a body rolls one way round without turning anybody.
    turn: figure === KNOWN.roll ? undefined : draft.turn,
    repeat: draft.repeat,
    numbered: draft.numbered,
    at: draft.at,
    // "Bounce four times turning 1/4" turns a quarter in all.
    total: draft.total || (draft.repeat > 1 && figure !== undefined && isSingle(figure) && figure.fills === true),
    joined: draft.joined,
    ...(draft.breath && { breath: draft.breath }),
    unread: draft.unread,
  };
  settleSides(call, draft);
  return call;
}

/** `monterey 1/4 R`: a figure that goes to a side and turns that way is led by that foot. */
function footOfTurn({ figure, turn, travel }: Call): Foot | undefined {
  if (!turn?.way || travel || figure?.bare !== 'side' || figure.way !== 'out') return undefined;
  return turn.way === 'right' ? 'R' : 'L';
}

function settleSides(call: { -readonly [K in keyof Call]: Call[K] }, draft: Draft): void {
  const { figure } = call;
  if (draft.listed) {
    call.feet = draft.listed;
    call.foot = draft.listed[0];
    for (const side of draft.sides) if (!side.sure && figure?.bare === 'direction') call.travel = side.foot;
    return;
  }
  const travel = travelBeforeFeet(draft, figure);
  if (travel) call.travel = travel;
  if (isFeetList(draft) && figure?.bare !== 'way') {
    call.feet = draft.sides.map((side) => side.foot);
    call.footSpan = draft.sides[0].span;
    if (figure?.bare !== 'direction') call.foot = call.feet[0];
    return;
  }
  for (const side of draft.sides) if (!side.afterObject) settleSide(call, figure, side, draft.sides[0]);
  const past = draft.sides.find((side) => side.afterObject);
  if (past) call.past = past.foot;
  call.foot ??= footOfTurn(call);
}

function settleSide(
  call: { -readonly [K in keyof Call]: Call[K] },
  figure: Figure | undefined,
  side: Draft['sides'][number],
  first: Draft['sides'][number],
): void {
  const way: Way = side.foot === 'R' ? 'right' : 'left';
  const isBefore = call.nameSpan !== undefined && side.span.from < call.nameSpan.from;
  const reading = side.sure ? 'foot' : (isBefore && figure?.before) || (figure?.bare ?? 'foot');
  // `three quarter turn walking round to the left`
  if (side.toSide && figure?.share === 'steps' && figure.fills && call.turn && call.turn.way === undefined) {
    call.turn = { ...call.turn, way };
    return;
  }
  if (reading === 'way' && call.turn?.way === undefined) {
    call.turn = { ...call.turn, way, span: call.turn ? joinSpans(call.turn.span, side.span) : side.span };
    return;
  }
  if (reading === 'direction' && call.foot === undefined) call.travel = side.foot;
  else if (call.foot === undefined) {
    call.foot = side.foot;
    call.footSpan = side.span;
  } else if (!side.sure && call.turn && call.turn.way === undefined && !side.toSide) {
    call.turn = { ...call.turn, way, span: joinSpans(call.turn.span, side.span) };
    return;
  }
  const takesDirection = figure?.forms.some((form) => form.steps.some((step) => step.direction === '*'));
  // `LF small step left`: a foot that is named already goes there.
  const goesThere = !side.sure && first.sure && side.foot === call.foot;
  if ((side.toSide || goesThere) && takesDirection && !call.direction && !figure?.manners.has('neverAside'))
    call.direction = 'side';
}

/** `Chasse right R, L, R`: the word before the letters says where it goes. */
function travelBeforeFeet(draft: Draft, figure: Figure | undefined): Foot | undefined {
  const [first, ...letters] = draft.sides;
  const length = ({ span }: Draft['sides'][number]): number => span.to - span.from;
  const goesAside = figure?.bare === 'side' || figure?.bare === 'direction';
  if (!goesAside || letters.length === 0 || length(first) < 4 || letters.some((side) => length(side) > 2))
    return undefined;
  draft.sides.shift();
  return first.foot;
}

/** Several feet written side by side. */
function isFeetList(draft: Draft): boolean {
  const { sides } = draft;
  if (sides.length < 2 || sides.some((side) => side.afterObject || side.toSide)) return false;
  return sides.every((side, index) => index === 0 || side.span.from - sides[index - 1].span.to <= 3);
}

/** `..., twice`: nothing but how often. */
export const isOnlyAgain = ({ figure, direction, sides, turn, turnWord, repeat, unread, at }: Draft): boolean =>
  repeat > 1 &&
  !figure &&
  !direction &&
  !turn &&
  !turnWord &&
  at === undefined &&
  sides.length === 0 &&
  unread.length === 0;

/** `Right chase turn, 1/2 left`: the turn of a figure that turns by its nature and did not say how far. */
export const isTurnOf = ({ figure, direction, sides, turn, unread, rides }: Draft, previous: Call): boolean =>
  turn?.amount !== undefined &&
  !figure &&
  !direction &&
  unread.length === 0 &&
  sides.length <= (turn.way ? 0 : 1) &&
  turn.way !== undefined &&
  previous.figure !== undefined &&
  (previous.figure.amount !== undefined || (rides === true && turnCapacity(previous.figure) > 0)) &&
  // `bounce heels three times, turning half left`
  (!isSingle(previous.figure) || (rides === true && previous.repeat > 1)) &&
  previous.turn === undefined;

/** A clause of feet alone can belong to the call before: `shuffle 1/2 left, R L R`, `two steps, first left, then right`. */
export function withFeet(previous: Call, draft: Draft, isDetail: boolean, isListed: boolean): Call | undefined {
  const figure = previous.figure as Figure;
  const isCounted = previous.numbered === true && figure.run !== undefined;
  const onlySides = draft.sides.length > 0 && !draft.direction && draft.unread.length === 0;
  if (!onlySides || (draft.turn && previous.turn) || (isSingle(figure) && !isCounted && !(isDetail && figure.run)))
    return undefined;
  const own = draft.sides.map((side) => side.foot);
  const span = { from: previous.span.from, to: draft.to };
  const isFirst = own.length === 1 && !(isListed && isSingle(figure)) && !previous.feet && !previous.foot && !isCounted;
  // `Heel switches, right then left`
  if (isFirst)
    return takesItsLead(previous, draft)
      ? { ...previous, foot: own[0], footSpan: draft.sides[0].span, span }
      : undefined;
  // `shuffle to the right: right, left, right`: a list behind a colon has all of them.
  const before = !isListed && (own.length === 1 || previous.feet) ? feetOf(previous) : [];
  const feet = [...before, ...own];
  return {
    ...previous,
    ...(draft.turn && { turn: draft.turn }),
    feet,
    ...(!previous.foot && !previous.travel && { foot: feet[0], footSpan: draft.sides[0].span }),
    span,
  };
}

/** `triple step R L R, L R L`: all its feet are said, and as many again are the figure once more. */
export function figureOnceMore({ figure, feet }: Call, draft: Draft): Figure | undefined {
  const isList = isFeetList(draft) && !draft.direction && !draft.turn && draft.unread.length === 0;
  const isWhole = feet?.length === draft.sides.length && figure?.forms[0].steps.length === feet?.length;
  return isList && isWhole && figure && !isSingle(figure) ? figure : undefined;
}

const feetOf = ({ feet, foot }: Call): readonly Foot[] => feet ?? (foot ? [foot] : []);

const takesItsLead = ({ figure, travel }: Call, { sides, turn }: Draft): boolean =>
  !travel && !isSingle(figure as Figure) && figure?.bare !== 'way' && !sides[0].toSide && !turn;

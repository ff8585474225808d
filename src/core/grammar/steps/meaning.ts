/** What a finished clause says: the figure it means when it names none, and what each "right" and "left" in it stands for. */
import type { Foot } from '../../model/feet';
import { joinSpans } from '../../model/text';
import { CIRCLE, type Way } from '../../model/turns';
import { KNOWN, type Figure } from '../../vocabulary';
import { footOf, isFeetList, isSingle, type Call, type Draft } from './call';

const bareDirection = ({ direction, turn }: Draft): boolean =>
  direction !== undefined && direction !== 'together' && direction !== 'place' && !turn;

/** What a clause without a figure's name means. */
export function impliedFigure(draft: Draft, previous: Call | undefined): Figure | undefined {
  // A clause that opens with a word nobody knows is no step: the word may be the figure.
  if (draft.unread.length > 0 && draft.unread[0].from === draft.from) return undefined;
  const goesOn = previous && goesOnWith(draft, previous);
  if (goesOn) return goesOn;
  if (isTurnedStep(draft, previous)) return KNOWN.step;
  if (isOnBothFeet(draft)) {
    draft.sides = [];
    return KNOWN.pivot;
  }
  const isWhole = draft.turn?.amount === CIRCLE;
  const moves = draft.direction !== undefined || draft.sides.some((side) => !side.afterObject);
  if (moves && !(draft.turnWord && isWhole)) return KNOWN.step;
  return draft.turn || draft.turnWord ? (isWhole ? KNOWN.fullTurn : KNOWN.turn) : undefined;
}

/** `touch R forward, side, back`, `walk R, L`: feet and places alone go on with the single action before them. */
function goesOnWith(draft: Draft, previous: Call): Figure | undefined {
  const { figure } = previous;
  if (!figure || !isSingle(figure) || (draft.sides.length === 0 && !draft.direction)) return undefined;
  if (figure.bare === 'direction') return figure;
  if (figure.manners.has('goesOn') && draft.sides.length === 0 && bareDirection(draft)) {
    draft.sides.push(...footOf(previous));
    return figure;
  }
  const isBare = !draft.direction && !draft.turn;
  // `R behind L, L to left`
  if (isBare && draft.sides.length > 1 && draft.sides[draft.sides.length - 1].toSide) draft.direction = 'side';
  else if (isBare && draft.sides.length > 0) {
    draft.direction = previous.direction;
    return figure === KNOWN.rock ? KNOWN.recover : figure;
  }
  return undefined;
}

/** The figure that is meant where a word says two things: "jump R" lands on R, "slide L next to R" draws the foot in. */
function namedFigure(draft: Draft): Figure | undefined {
  const { figure, sides } = draft;
  if (isTurnSpelt(draft)) return KNOWN.fullTurn;
  if (goesRound(draft)) return KNOWN.turn;
  if (figure === KNOWN.slide && isDrawnIn(draft)) return KNOWN.drag;
  if (figure === KNOWN.sit && sides.length > 0) return KNOWN.sitOn;
  return figure === KNOWN.jump && sides.length === 1 && !sides[0].toSide ? KNOWN.jumpOn : figure;
}

/** `full turn left stepping R L`: the feet of the figure, not steps that share a turn. */
const isTurnSpelt = ({ figure, direction, sides, turn, turnWord }: Draft): boolean =>
  figure === KNOWN.step &&
  turnWord &&
  turn?.amount === CIRCLE &&
  !direction &&
  (sides.length === 2 || sides.length === 3);

/** `swing round a half to the left`: the dancer, and no foot. */
const goesRound = ({ figure, turn, sides }: Draft): boolean =>
  figure?.manners.has('swingsRound') === true && turn?.amount !== undefined && sides.every(({ toSide }) => toSide);

/** `slide L next to R`, `slide L to R`. */
const isDrawnIn = ({ direction, sides }: Draft): boolean =>
  direction === 'together' ||
  direction === 'in' ||
  (sides.length === 2 && sides[1].toSide && sides[1].foot !== sides[0].foot);

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
  const call: Settled = {
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

function settleSides(call: Settled, draft: Draft): void {
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

type Settled = { -readonly [K in keyof Call]: Call[K] };
type Side = Draft['sides'][number];

function settleSide(call: Settled, figure: Figure | undefined, side: Side, first: Side): void {
  if (isWayOfTurn(call, figure, side)) return turnTo(call, side);
  const isWritten = readingOf(call, figure, side) !== 'direction';
  if (!isWritten && call.foot === undefined) call.travel = side.foot;
  else if (call.foot === undefined) {
    call.foot = side.foot;
    call.footSpan = side.span;
  }
  const takesDirection = figure?.forms.some((form) => form.steps.some((step) => step.direction === '*'));
  // `LF small step left`: a foot that is named already goes there.
  const goesThere = !side.sure && first.sure && side.foot === call.foot;
  if ((side.toSide || goesThere) && takesDirection && !call.direction && !figure?.manners.has('neverAside'))
    call.direction = 'side';
}

/** How a lone "right" is read beside this figure: as a foot, a way of turning, or where it goes. */
function readingOf(call: Settled, figure: Figure | undefined, side: Side): Figure['bare'] {
  if (side.sure) return 'foot';
  const isBefore = call.nameSpan !== undefined && side.span.from < call.nameSpan.from;
  return (isBefore ? figure?.before : undefined) ?? figure?.bare ?? 'foot';
}

function isWayOfTurn(call: Settled, figure: Figure | undefined, side: Side): boolean {
  if (call.turn?.way !== undefined) return false;
  // `three quarter turn walking round to the left`
  if (side.toSide && figure?.share === 'steps' && figure.fills && call.turn) return true;
  if (readingOf(call, figure, side) === 'way') return true;
  const isFree = call.foot !== undefined && readingOf(call, figure, side) !== 'direction';
  return call.turn !== undefined && !side.sure && !side.toSide && isFree;
}

function turnTo(call: Settled, { foot, span }: Side): void {
  const way: Way = foot === 'R' ? 'right' : 'left';
  call.turn = { ...call.turn, way, span: call.turn ? joinSpans(call.turn.span, span) : span };
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

/** A clause that only says more of the call before it: how often, how it turns, on which feet. */
import type { Foot } from '../../model/feet';
import { turnCapacity, type Figure } from '../../vocabulary';
import { isFeetList, isSingle, type Call, type Draft } from './call';

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
  const mayTake = !isSingle(figure) || isCounted || (isDetail && figure.run);
  if (!onlySides || !mayTake || (draft.turn && previous.turn)) return undefined;
  const own = draft.sides.map((side) => side.foot);
  const span = { from: previous.span.from, to: draft.to };
  const isNew = !previous.feet && !previous.foot && !isCounted;
  // `Heel switches, right then left`
  if (own.length === 1 && isNew && !(isListed && isSingle(figure)))
    return takesItsLead(previous, draft)
      ? { ...previous, foot: own[0], footSpan: draft.sides[0].span, span }
      : undefined;
  return { ...previous, ...(draft.turn && { turn: draft.turn }), ...allFeet(previous, draft, own, isListed), span };
}

/** `shuffle to the right: right, left, right`: a list behind a colon has all of them. */
function allFeet(previous: Call, draft: Draft, own: readonly Foot[], isListed: boolean): Partial<Call> {
  const before = !isListed && (own.length === 1 || previous.feet) ? feetOf(previous) : [];
  const feet = [...before, ...own];
  const isLed = previous.foot !== undefined || previous.travel !== undefined;
  return { feet, ...(!isLed && { foot: feet[0], footSpan: draft.sides[0].span }) };
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

/** The calls of a line that are read to their end: what a clause adds to the one before it, or begins. */
import type { Foot } from '../../model/feet';
import { joinSpans, type Span } from '../../model/text';
import {
  asGestureOf,
  asPivotOf,
  closingAtEnd,
  closingBetween,
  goesOnSwivelling,
  knownBy,
  lasting,
  titleOf,
  turnedAs,
  withWeight,
} from './neighbours';
import { figureOnceMore, isOnlyAgain, isTurnOf, withFeet } from './more';
import { footOf, isSingle, type Call, type Draft } from './call';
import { isFootAlone } from './feet';
import { impliedFigure, settle } from './meaning';

const again = (span: Span, more: Pick<Call, 'again' | 'mirrored'>): Call => ({
  span,
  ...more,
  repeat: 1,
  total: false,
  joined: false,
  unread: [span],
});

const isBareFoot = ({ nameSpan, foot, direction, turn, unread }: Call): boolean =>
  !nameSpan && foot !== undefined && !direction && !turn && unread.length === 0;

export class FinishedCalls {
  private readonly calls: Call[] = [];
  private detailOf: number | undefined;
  /** Nothing was read behind the colon yet. */
  private opensDetail = false;
  /** Behind the colon stand the feet of the call before it. */
  private isListed = false;

  /** Nothing but feet stands behind the colon. */
  private isOnlyFeet = false;

  /** A foot said before all that is spelt. */
  private lead: Call | undefined;

  constructor(private readonly text: string) {}

  get length(): number {
    return this.calls.length;
  }

  add(draft: Draft): void {
    const isOpening = this.opensDetail;
    this.opensDetail = false;
    const previous = this.calls[this.calls.length - 1];
    if (previous && (this.repeats(draft) || this.goesOn(previous, draft, isOpening))) return;
    if (previous) this.calls[this.calls.length - 1] = knownBy(previous, draft, this.text);
    if (!draft.figure) draft.figure = (previous && figureOnceMore(previous, draft)) ?? impliedFigure(draft, previous);
    else if (previous && goesOnSwivelling(draft, previous, this.text)) draft.figure = previous.figure;
    if (draft.it && draft.sides.length === 0 && previous) draft.sides.push(...footOf(previous));
    const settled = settle(draft);
    const { lead } = this;
    const call = lead && !settled.foot ? { ...settled, foot: lead.foot, footSpan: lead.footSpan } : settled;
    this.lead = undefined;
    const closing = previous && closingBetween(previous, call, this.text);
    if (closing) this.calls.push(closing);
    this.calls.push(closing ? { ...call, joined: false } : call);
    if (draft.lasts) this.calls.push({ ...lasting(draft.lasts - 1), span: { from: draft.to, to: draft.to } });
  }

  /** `..., twice`; `..., then the same to the right`. */
  private repeats(draft: Draft): boolean {
    const span = { from: draft.from, to: draft.to };
    if (isOnlyAgain(draft)) this.calls.push(again(span, { again: draft.repeat }));
    else if (draft.same && !draft.figure)
      this.calls.push(again(span, { again: 1, mirrored: draft.sides[0]?.foot ?? draft.same === 'mirrored' }));
    else return false;
    return true;
  }

  /** A clause that only says more of the call before it: how it turns, on which feet. */
  private goesOn(previous: Call, draft: Draft, isOpening: boolean): boolean {
    if (!draft.figure && figureOnceMore(previous, draft)) return false;
    const isDetail = this.detailOf === this.calls.length;
    // `lock step with right: right, left lock behind, right`: the first of the steps that are spelt.
    if (isDetail && isOpening && !this.isOnlyFeet && isFootAlone(draft)) return false;
    const longer = isTurnOf(draft, previous)
      ? { ...previous, turn: draft.turn, span: joinSpans(previous.span, draft) }
      : !draft.figure && previous.figure
        ? withFeet(previous, draft, isDetail, isOpening)
        : undefined;
    if (!longer) return false;
    if (isDetail && longer.feet) this.isListed = true;
    this.calls[this.calls.length - 1] = longer;
    return true;
  }

  /** `side, together (R, L)`: the feet of the last calls, one for each. False, and nothing changed, where they are not single steps. */
  takeFeet(feet: readonly Foot[]): boolean {
    const from = this.calls.length - feet.length;
    const last = this.calls.slice(Math.max(from, 0));
    if (from < 0 || !last.every(({ figure, foot, repeat }) => figure && isSingle(figure) && !foot && repeat === 1))
      return false;
    last.forEach((call, index) => (this.calls[from + index] = { ...call, foot: feet[index], footSpan: call.span }));
    return true;
  }

  /** The last call is a step. */
  goesStepping(): boolean {
    return this.calls[this.calls.length - 1]?.figure?.manners.has('isStepping') ?? false;
  }

  /** What comes next spells out what stands before it. */
  startDetail(isOnlyFeet: boolean): void {
    const [first, ...others] = this.calls;
    // `Right, like a goat: side, together`: the foot that leads what is spelt.
    if (first && others.length === 0 && isBareFoot(first)) {
      this.lead = first;
      this.calls.pop();
      return;
    }
    if (this.calls.length === 0 || this.detailOf !== undefined) return;
    this.detailOf = this.calls.length;
    this.opensDetail = true;
    this.isOnlyFeet = isOnlyFeet;
  }

  /** `(step R forward, pivot 1/2 left) x2` */
  bracketFrom(start: number, times: number): void {
    const bracket = { times };
    for (let index = start; index < this.calls.length; index++) this.calls[index] = { ...this.calls[index], bracket };
  }

  /** `coaster L, first two counts`; false where there is no call to shorten. */
  keepFirst(counts: number, said: Span): boolean {
    const last = this.calls[this.calls.length - 1];
    if (!last) return false;
    this.calls[this.calls.length - 1] = { ...last, firstCounts: counts, span: joinSpans(last.span, said) };
    return true;
  }

  all(): Call[] {
    const last = this.calls[this.calls.length - 1];
    const closing = last && closingAtEnd(last, this.text);
    return this.withDetail([...withWeight(this.calls), ...(closing ? [closing] : [])]);
  }

  private withDetail(calls: Call[]): Call[] {
    const from = this.detailOf;
    if (from === undefined || from >= calls.length || this.isListed) return calls;
    const at = titleOf(calls, from - 1);
    const titled = calls[at];
    const detail = calls
      .slice(from)
      .map((call, index) => asPivotOf(titled, turnedAs(titled, asGestureOf(titled, call)), index));
    const span = joinSpans(titled.span, detail[detail.length - 1].span);
    return [...calls.slice(0, at), { ...titled, span, detail }];
  }
}

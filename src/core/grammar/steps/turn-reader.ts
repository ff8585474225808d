/** How far, which way and how often: what is said of turns and of repeats. */
import { ARTICLES, SIDE_WORDS } from '../../lexicon/steps';
import { says } from '../../lexicon/joints';
import { CIRCLE, type Facing, type Way } from '../../model/turns';
import { KNOWN, type Figure } from '../../vocabulary';
import type { Token } from './tokens';
import { isTurnSaidBefore, turnsAhead, isWholeStep } from './turns';
import { CallWalk } from './call-walk';
import { standsInside } from './words';

export abstract class TurnReader extends CallWalk {
  /** The word "turn" belongs to the figure beside it; alone in its clause it is a turn in place. */
  protected takeTurnWord(figure: Figure, length: number): void {
    // `side with the turn`: the one that was said.
    if (isTurnSaidBefore(this.words, this.at, length)) return this.skip(length);
    if (this.draft?.figure && this.draft.turn?.amount !== undefined && this.joint === 'and') this.finishCall();
    else if (this.draft?.figure && this.joint === 'and') {
      this.finishCall();
      this.joinNext = true;
    } else if (this.draft?.figure && this.draft.turn?.amount !== undefined && this.draft.turn.way && !this.lastWasTurn)
      this.finishCall();
    const draft = this.ensure();
    draft.turnWord = true;
    if (draft.words === 0 && says('riding', this.words[this.at])) draft.rides = true;
    this.mergeTurn(draft, figure === KNOWN.fullTurn ? { amount: CIRCLE } : {}, length);
    this.consume(draft, length);
    this.lastWasTurn = true;
    this.joint = 'none';
  }

  protected takeAmount(value: number, length: number): void {
    // `step R forward and half turn L`: a turn of its own.
    const isApart = this.joint === 'and' && this.isRightBehindJoint() && turnsAhead(this.words, this.at + length);
    const isStep = this.draft?.figure ?? (this.draft && isApart && isWholeStep(this.draft));
    if (this.draft && isStep && (this.draft.turn?.amount !== undefined || isApart)) {
      this.finishCall();
      this.joinNext = true;
    }
    const draft = this.ensure();
    const isBehind = draft.figure === KNOWN.step && standsInside(this.lastWord) && !ARTICLES.has(this.lastWord);
    this.mergeTurn(draft, { amount: value, ...(isBehind && { behind: true }) }, length);
    this.consume(draft, length);
    this.lastWasTurn = true;
  }

  /** `turn ?`, `turn ? left`, `1/4 turn ?`: what is left open is to be found. A question mark elsewhere says nothing. */
  protected takeOpen(): void {
    const turns = this.draft?.turn ?? this.draft?.figure?.way;
    if (!this.draft || (!turns && !this.draft.turnWord)) return this.skip(1);
    this.mergeTurn(this.draft, { open: true }, 1);
    this.consume(this.draft, 1);
    this.lastWasTurn = true;
  }

  protected takeTarget(target: Facing | undefined, length: number): void {
    const draft = this.ensure();
    if (target !== undefined) this.mergeTurn(draft, { target }, length);
    this.consume(draft, length);
  }

  protected takeRepeat(value: number, length: number): void {
    const draft = this.ensure();
    draft.repeat = Math.min(Math.max(value, 1), 16);
    draft.numbered = draft.figure === undefined;
    this.consume(draft, length);
  }

  /** `forward at 45 degrees R` goes to the corner; nobody turns. */
  protected isDiagonal = ({ value }: Token): boolean => value === CIRCLE / 8 && says('at', this.lastWord);

  protected takeDiagonal(): void {
    const draft = this.ensure();
    draft.direction = draft.direction === 'back' ? 'diagonal back' : 'diagonal forward';
    const next = this.words[this.at + 1] ?? '';
    this.consume(draft, next in SIDE_WORDS ? 2 : 1);
  }

  protected takeWay(way: Way, length: number): void {
    const draft = this.ensure();
    this.mergeTurn(draft, { way }, length);
    this.consume(draft, length);
  }
}

/** Sides, directions and ways: where a foot goes, and which foot. */
import {
  AMOUNT_WORDS,
  BODY_NOUNS,
  DIRECTION_WORDS,
  FOOT_WORDS,
  REPEAT_WORDS,
  SIDE_WORDS,
  WAY_WORDS,
} from '../../lexicon/steps';
import { says } from '../../lexicon/joints';
import type { Direction } from '../../model/actions';
import type { Foot } from '../../model/feet';
import { CIRCLE, type Way } from '../../model/turns';
import { KNOWN, placesNamed } from '../../vocabulary';
import type { Draft } from './call';
import type { Token } from './tokens';
import { shoulderAhead } from './turns';
import {
  goesOn,
  isFurtherPlace,
  isSideAhead,
  isOtherAhead,
  isOutside,
  isCorner,
  isOtherPlace,
  cornerOf,
  isHome,
} from './places';
import { LONGEST_PHRASE, onceMoreAt, PHRASE_OPENINGS, takeTime } from './words';
import { TurnReader } from './turn-reader';

export abstract class PlaceReader extends TurnReader {
  /** Directions, ways, amounts and repeats of up to three words; true when one was taken. */
  protected takePhrase(): boolean {
    const again = onceMoreAt(this.words, this.at);
    if (again > 0 && this.calls.length > 0 && !this.draft?.figure) return (this.takeRepeat(2, again), true);
    if (!PHRASE_OPENINGS.has(this.words[this.at])) return false;
    for (let length = Math.min(LONGEST_PHRASE, this.words.length - this.at); length > 0; length--) {
      const phrase = this.words.slice(this.at, this.at + length).join(' ');
      if (Object.hasOwn(AMOUNT_WORDS, phrase)) return (this.takeAmount(AMOUNT_WORDS[phrase], length), true);
      if (Object.hasOwn(WAY_WORDS, phrase)) return (this.takeWay(WAY_WORDS[phrase], length), true);
      // `left crosses over on three` says when.
      if (Object.hasOwn(REPEAT_WORDS, phrase) && says('on', this.lastWord)) return (this.skip(length), true);
      // `sweep R round over two counts` lasts so long.
      const isLength = says('count', this.words[this.at + length]);
      if (Object.hasOwn(REPEAT_WORDS, phrase) && isLength && this.draft?.figure)
        return (this.takeLength(REPEAT_WORDS[phrase], length + 1), true);
      if (Object.hasOwn(REPEAT_WORDS, phrase)) return (this.takeRepeat(REPEAT_WORDS[phrase], length), true);
      if (Object.hasOwn(DIRECTION_WORDS, phrase) && this.takeDirection(phrase, length)) return true;
    }
    return false;
  }

  protected takeLength(counts: number, length: number): void {
    const draft = this.ensure();
    takeTime(draft, counts);
    this.consume(draft, length);
  }

  protected takeDirection(phrase: string, length: number): boolean {
    if (says('over', phrase) && this.takeShoulder()) return true;
    // `in` alone before a way of turning or a count says nothing: `in a quarter turn`.
    if (phrase === 'in' && says('article', this.words[this.at + 1])) return (this.skip(1), true);
    if (says('towards', phrase) && !isSideAhead(this.words, this.at)) return false;
    const isInFront = says('in-front', phrase) && isOtherAhead(this.words, this.at, this.draft);
    const direction = this.directionSaid(phrase, isInFront);
    // `heel forward and back in place`: it comes home; `heel forward and back`, most of the time.
    const isHomeward = direction === 'together' || (direction === 'back' && this.isRightBehindJoint());
    if (isHomeward && this.joint === 'and' && isOutside(this.draft)) this.finishCall();
    const draft = this.draftFor(direction);
    this.goTo(draft, direction, phrase);
    this.consume(draft, length);
    this.lastWasTurn = false;
    if (isInFront || (says('object', phrase) && direction !== 'forward')) this.lastWord = 'over';
    return true;
  }

  /** `over the left shoulder`, `half a turn over left`, `over 2 counts`. */
  protected takeShoulder(): boolean {
    const shoulder = shoulderAhead(this.words, this.at);
    if (shoulder) return (this.takeWay(shoulder.way, shoulder.length), true);
    const side = SIDE_WORDS[this.words[this.at + 1] ?? ''];
    if (side && this.lastWasTurn && this.draft?.turn && this.draft.turn.way === undefined)
      return (this.takeWay(side === 'R' ? 'right' : 'left', 2), true);
    return this.tokens[this.at + 1]?.kind === 'number' && (this.skip(1), true);
  }

  protected directionSaid(phrase: string, isInFront: boolean): Direction {
    if (isInFront) return 'cross';
    // `heel in front`: nothing is passed.
    const isBefore = says('in-front-said', phrase) && !isOtherAhead(this.words, this.at + 1, this.draft);
    if (says('behind-or-back', phrase) && !isSideAhead(this.words, this.at)) return 'back';
    return isBefore ? 'forward' : DIRECTION_WORDS[phrase];
  }

  /** The call that goes there: the one being taken, or, after a place of its own, the next. */
  protected draftFor(direction: Direction): Draft {
    const draft = this.ensure();
    const split = draft.figure && this.joint === 'none' ? placesNamed(draft.figure) : undefined;
    if (split && direction !== split[split.length - 1] && draft.places.length === 0) {
      // `side together forward`: the named figure was only the beginning of a list of places.
      [draft.figure, draft.direction, draft.places] = [undefined, split[0], split.slice(1)];
    }
    if (draft.figure || draft.sides.length === 0 || !isOtherPlace(draft.direction, direction)) return draft;
    this.finishCall();
    return this.ensure();
  }

  protected goTo(draft: Draft, said: Direction, phrase: string): void {
    // `set the right back beside the left`
    if (draft.direction === 'back' && said === 'together' && phrase !== 'together' && !goesOn(draft))
      draft.direction = undefined;
    const direction = cornerOf(draft.direction, said);
    if (!draft.direction || isCorner(direction) || draft.direction === 'together') draft.direction = direction;
    else if (isFurtherPlace(draft, direction)) draft.places.push(direction);
    else if (draft.direction === 'side' && direction !== 'side' && !draft.figure) draft.direction = direction;
  }

  protected takeSide(token: Token): void {
    const foot = FOOT_WORDS[token.word] ?? SIDE_WORDS[token.word];
    const next = this.words[this.at + 1] ?? '';
    const sure = token.word in FOOT_WORDS || says('foot', next);
    if (this.takeWallNamed(foot, next) || this.takeBodySide(next)) return;
    const way: Way = foot === 'R' ? 'right' : 'left';
    if (!sure && this.lastWasTurn && this.draft?.turn && this.draft.turn.way === undefined) return this.takeWay(way, 1);
    if (this.draft && this.isOfNext(this.draft, foot, next)) this.finishCall();
    const target = this.ensure();
    const isOther = target.sides.length === 1 && target.sides[0].foot !== foot;
    if (sure && this.lastWord === 'and' && isOther) target.both = true;
    const span = { from: token.from, to: token.to };
    target.sides.push({ foot, span, sure, afterObject: this.lastWord === 'over', toSide: this.isAfterTo() });
    this.consume(target, 1);
  }

  protected isAfterTo(): boolean {
    return this.lastWord === 'the' ? this.words[this.at - 2] === 'to' : says('to', this.lastWord);
  }

  /** `turn to the left wall` */
  protected takeWallNamed(foot: Foot, next: string): boolean {
    const { draft } = this;
    if (!draft?.turnWord || draft.turn?.amount !== undefined || !says('wall', next)) return false;
    this.mergeTurn(draft, { amount: CIRCLE / 4, way: foot === 'R' ? 'right' : 'left' }, 2);
    this.consume(draft, 2);
    return true;
  }

  /** `right shoulder forward` moves no foot; `clap with the left hand` says how. */
  protected takeBodySide(next: string): boolean {
    if (!BODY_NOUNS.has(next) || this.vocabulary.findName(this.spelt, this.at + 1)) return false;
    if (this.draft || this.joint === 'with' || this.calls.length === this.clause + 1) this.skip(2);
    else {
      this.ensure().figure = KNOWN.arms;
      this.consume(this.ensure(), 2);
    }
    return true;
  }

  /** A foot that begins what comes next: `R heel & L heel`, `R forward L beside`. */
  protected isOfNext(draft: Draft, foot: Foot, next: string): boolean {
    // `R heel R home`: the same foot goes on.
    const comesHome = draft.figure?.manners.has('gestures') && isHome(draft, foot, next);
    if (comesHome) return true;
    // `R to the side and L only touches`: each foot has what it does.
    const isStep = this.joint === 'and' && !draft.figure && draft.direction && draft.sides.length === 1;
    if (isStep && draft.sides[0].foot !== foot && this.isRightBehindJoint()) return true;
    const named = draft.figure && this.joint === 'and' && draft.sides.length > 0;
    return this.opensNewStep(draft, next) || Boolean(named && this.vocabulary.findName(this.spelt, this.at + 1));
  }

  /** `R forward L beside`: a second foot that goes somewhere of its own starts another step. */
  protected opensNewStep(draft: Draft, next: string): boolean {
    if (draft.sides.length === 0 || this.lastWord === 'over') return false;
    if (!draft.direction || says('object', this.lastWord)) return false;
    return Object.hasOwn(DIRECTION_WORDS, next) && !says('side', next);
  }
}

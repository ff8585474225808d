/** Names of figures: where one opens a call, and where it says more of the one before it. */
import { ARTICLES, BODY_NOUNS, DIRECTION_WORDS, FOOT_WORDS, SIDE_WORDS } from '../../lexicon/steps';
import { says } from '../../lexicon/joints';
import { findParted, KNOWN, type Figure } from '../../vocabulary';
import { isSingle, type CalledTurn, type Draft } from './call';
import { amountOfNext, isWholeStep } from './turns';
import {
  isVerbAtEnd,
  isSteppedTwice,
  isPartOfGesture,
  mergeName,
  onlyNamesFeet,
  standsOn,
  bearingLength,
  stepOnIt,
  holdsSomething,
} from './names';
import { isOtherFootNext } from './feet';
import { PlaceReader } from './place-reader';
import { standsInside } from './words';

export abstract class FigureReader extends PlaceReader {
  /** The figure that is named here, in one piece or around other words. */
  protected takeName(): boolean {
    const name = this.nameHere();
    if (!name || (name.length === 1 && isSingle(name.figure))) {
      const parted = findParted(this.words, this.at, standsInside);
      if (parted) return (this.takeParted(parted), true);
    }
    return name !== undefined && !this.isOnlyNoun(name) && (this.takeFigure(name.figure, name.length), true);
  }

  /** The name that begins here. `take a step`: an article begins none unless it is written as a letter, `A step`. */
  protected nameHere(): { figure: Figure; length: number } | undefined {
    const { from, to, word } = this.tokens[this.at];
    if (word === 'a' && this.text[from] === 'a' && this.text[to] === ' ') return undefined;
    // `R to the side bumping hips`: where it goes, and no "side bump".
    if (word === 'side' && says('definite', this.words[this.at - 1]) && this.words[this.at - 2] === 'to')
      return undefined;
    return this.vocabulary.findName(this.spelt, this.at);
  }

  /** `in place` is a direction, `place R forward` a step. */
  protected isOnlyNoun = ({ length }: { readonly length: number }): boolean =>
    length === 1 && this.words[this.at] === 'place' && this.lastWord === 'in';

  protected takeFigure(figure: Figure, length: number): void {
    if (figure === KNOWN.turn || figure === KNOWN.fullTurn) return this.takeTurnWord(figure, length);
    if (this.skipsName(figure, length)) return;
    const onIt = stepOnIt(this.words, this.at);
    if (onIt > 0) return this.takeStepOnIt(onIt);
    if (this.draft && !this.draft.figure && this.endsStep(this.draft, figure, length)) this.finishCall();
    if (this.draft?.figure && this.isOneCall(this.draft, figure)) return this.consume(this.draft, length);
    const amount = amountOfNext(this.draft, figure);
    if (this.draft?.figure) this.finishCall();
    this.openCall(figure, length, amount);
  }

  /** Names that are no figure where they stand. */
  protected skipsName(figure: Figure, length: number): boolean {
    const { draft } = this;
    // `turning on the ball of R`: what bears the weight is no step.
    if (draft && standsOn(this.words, this.at)) return (this.skip(bearingLength(this.words, this.at, draft)), true);
    // `sway hips`, `step R with hips`: the hips belong to the action that is named already.
    if (draft?.figure && length === 1 && BODY_NOUNS.has(this.words[this.at])) return (this.skip(1), true);
    // `hold the rail and sway`: hands hold it.
    return figure === KNOWN.hold && holdsSomething(this.words, this.at) && (this.skip(3), true);
  }

  /** Whether what stands before a name without one of its own is a step by itself. */
  protected endsStep(draft: Draft, figure: Figure, length: number): boolean {
    // `right to the side and touch L`, `L R L and touch R`: what stands before the "and".
    if (this.isStepBefore(draft, figure, length)) return true;
    // Words nobody knows, joined to a figure by "and", are no part of it.
    if (this.joint !== 'none' && draft.unread[0]?.from === draft.from) return true;
    // `side, behind side cross` without its comma: a figure that begins with a place ends the step before it.
    const opensWithPlace = !isSingle(figure) && Object.hasOwn(DIRECTION_WORDS, this.words[this.at]);
    return draft.direction !== undefined && (draft.places.length > 0 || opensWithPlace);
  }

  protected openCall(figure: Figure, length: number, amount: CalledTurn | undefined): void {
    const next = this.ensure();
    if (amount) next.turn = amount;
    next.figure = figure;
    next.nameSpan = { from: this.tokens[this.at].from, to: this.tokens[this.at + length - 1].to };
    next.verb = this.words[this.at];
    // `swivel heels`: what swivels.
    next.noun = figure.manners.has('swivels') && length > 1 ? this.spelt[this.at + 1] : undefined;
    if (figure === KNOWN.recover) next.direction = undefined;
    this.lastWasTurn = false;
    this.joint = 'none';
    this.consume(next, length);
  }

  /** `side R with a touch`, `D et toucher G`: the words before the joint are a step. */
  protected isStepBefore(draft: Draft, figure: Figure, length: number): boolean {
    // `1/2 turn right and R beside L step`: the joint stands before the step itself.
    if (this.joint !== 'none' && !this.isRightBehindJoint()) return false;
    if (this.joint === 'and')
      return (
        isWholeStep(draft) ||
        (this.calls.goesStepping() && isOtherFootNext(draft, this.words.slice(this.at + length, this.at + length + 2)))
      );
    return this.joint === 'with' && this.joinNext && figure.manners.has('gestures') && isWholeStep(draft);
  }

  /** `hook R behind and step on it`: a gesture becomes a step; a step has its weight already. */
  protected takeStepOnIt(length: number): void {
    if (this.draft?.figure?.manners.has('isPlaced')) this.draft.figure = KNOWN.step;
    if (this.draft) this.consume(this.draft, length);
    else this.skip(length);
  }

  /** `lift the right knee`: what stands inside the name is the figure's own. */
  protected takeParted({ figure, places }: { figure: Figure; places: readonly number[] }): void {
    for (const place of places.slice(1)) this.inName.add(place);
    this.takeFigure(figure, 1);
  }

  /** A second name in one breath that opens no call of its own. */
  protected isOneCall(draft: Draft, figure: Figure): boolean {
    // `tip with the right heel`
    if (this.joint !== 'none' && !(this.joint === 'with' && isPartOfGesture(draft, figure))) return false;
    const ahead = this.words[this.at + 1];
    // `recover weight back on L`: two names of one figure.
    const before = ARTICLES.has(this.lastWord) ? this.words[this.at - 2] : this.lastWord;
    const isPurpose = says('purpose', before);
    if (figure === draft.figure && (draft.sides.length === 0 || isPurpose) && this.lastWord !== this.words[this.at])
      return true;
    const hasFoot = ahead !== undefined && (ahead in SIDE_WORDS || ahead in FOOT_WORDS);
    if (!hasFoot && (isVerbAtEnd(draft, figure) || isSteppedTwice(draft, figure))) return true;
    return mergeName(draft, figure) || onlyNamesFeet(draft, figure, this.words.slice(this.at + 1, this.at + 3));
  }
}

/**
 * The calls of one line: which figures are named, on which foot, in which direction, with which turn.
 *
 * Words are taken from left to right. A figure's name opens a call; what stands before it in the same clause and what follows
 * belongs to it. Nothing is dropped in silence: words that carry no meaning here are kept with their places in `unread`.
 * Which foot is free is not known here: a call that names no foot leaves it open for dancing.
 */
import type { Foot } from '../../model/feet';
import { CIRCLE, readHour, type Facing, type Way } from '../../model/turns';
import { COMMON_VOCABULARY, findParted, KNOWN, placesNamed, type Figure, type Vocabulary } from '../../vocabulary';
import {
  AMOUNT_WORDS,
  ARTICLES,
  BODY_NOUNS,
  DIRECTION_WORDS,
  FILLERS,
  FOOT_WORDS,
  REPEAT_WORDS,
  SIDE_WORDS,
  WAY_WORDS,
} from '../../lexicon/steps';
import { CallWalk } from './call-walk';
import { says } from '../../lexicon/joints';
import { isSingle, type Call, type Draft } from './settle';
import { readTokens, type Meant, type Token } from './tokens';
import * as small from './call-words';

export type { Call, CalledTurn } from './settle';

/** Reads the calls between `start` and the end of `text`, whose marks are already blanked out. */
export function readCalls(text: string, start = 0, vocabulary: Vocabulary = COMMON_VOCABULARY, meant?: Meant): Call[] {
  return new CallReader(text, readTokens(text, start, vocabulary.signs, meant), vocabulary).read();
}

const standsInside = (word: string): boolean => ARTICLES.has(word) || word in SIDE_WORDS || word in FOOT_WORDS;

class CallReader extends CallWalk {
  read(): Call[] {
    while (this.at < this.tokens.length) this.readNext();
    this.finishClause();
    return this.calls.all();
  }

  private readNext(): void {
    const token = this.tokens[this.at];
    if (token.kind === 'break' || says('then', token.word)) return this.endClause();
    if (token.kind === 'colon') return this.startDetail();
    const spelt =
      token.kind === 'amount' || token.kind === 'number' ? this.vocabulary.findName(this.spelt, this.at) : undefined;
    if (spelt && spelt.figure.definite) return this.takeFigure(spelt.figure, spelt.length);
    if (token.kind === 'amount' && this.isDiagonal(token)) return this.takeDiagonal();
    if (token.kind === 'amount') return this.takeAmount(token.value, 1);
    if (token.kind === 'times') return this.takeRepeat(token.value, 1);
    if (token.kind === 'hour') return this.takeTarget(readHour(token.word), 1);
    if (token.kind === 'open') return this.takeOpen();
    if (token.kind === 'bracket') return this.takeBracket(token.word);
    if (token.kind === 'number') return this.takeNumber(token);
    if (this.inName.has(this.at)) return this.consume(this.ensure(), 1);
    const name = this.nameHere();
    if (!name || (name.length === 1 && isSingle(name.figure))) {
      const parted = findParted(this.words, this.at, standsInside);
      if (parted) return this.takeParted(parted);
    }
    if (name && !this.isOnlyNoun(name)) return this.takeFigure(name.figure, name.length);
    if (says('and', token.word)) return this.takeJoint('and');
    if (says('with', token.word)) return this.takeJoint('with');
    const shoulder = says('before-shoulder', token.word) ? small.epauleAhead(this.words, this.at) : undefined;
    if (shoulder) return this.takeWay(shoulder.way, shoulder.length);
    if (this.takePhrase()) return;
    if (token.word in FOOT_WORDS || token.word in SIDE_WORDS) return this.takeSide(token);
    this.takeOther(token);
  }

  // Clauses and details

  private endClause(): void {
    // `with the right, step forward`: the foot is the next clause's.
    if (this.draft && this.withFoot && small.isFootAlone(this.draft)) return void (this.at += 1);
    this.withFoot = false;
    this.finishClause();
    this.at += 1;
    this.joinNext = false;
  }

  /** Calls in brackets are danced in turn as often as stands behind: `(step R forward, pivot 1/2 left) x2`. Other brackets say nothing. */
  private takeBracket(sign: string): void {
    this.closes ??= small.closingBrackets(this.tokens);
    const close = sign === '(' ? this.closes[this.at] : this.at;
    const after = this.tokens[close + 1];
    if (sign === '(' && this.takeListedFeet(close)) return;
    const often = close < 0 ? 1 : after?.kind === 'times' ? after.value : (REPEAT_WORDS[after?.word ?? ''] ?? 1);
    if (often <= 1) return void (this.at += 1);
    this.finishClause();
    this.at += 1;
    if (sign === '(') {
      this.bracketFrom = this.calls.length;
      return;
    }
    this.at += 1;
    this.calls.bracketFrom(this.bracketFrom, Math.min(often, 16));
  }

  /** `Chasse right (R L R)`: the feet of the figure, one by one; the side before them says where it goes. */
  private takeListedFeet(close: number): boolean {
    const target = this.draft ?? undefined;
    const feet = small.listedFeet(this.tokens.slice(this.at + 1, close));
    if (!target || close < 0 || !feet || this.tokens[close + 1]?.kind === 'times') return false;
    // `side, together (R, L)`: a foot for each step.
    if (small.takesFoot(target) && this.calls.takeFeet(feet.slice(0, -1))) {
      target.listed = feet.slice(-1);
      this.skip(close + 1 - this.at);
      return true;
    }
    if (!target.figure) return false;
    target.listed = feet;
    target.to = this.tokens[close].to;
    this.skip(close + 1 - this.at);
    return true;
  }

  private startDetail(): void {
    // `R: side, together`, `R forward, L: touch`: the foot of what follows.
    if (this.draft && small.isFootAlone(this.draft)) return void (this.at += 1);
    const ahead = this.vocabulary.findName(this.spelt, this.at + 1);
    // `turning half left: shuffle L R L`: the turn of the figure, and no title.
    const isOfNext = this.calls.length === 0 && this.draft && small.isTurnAlone(this.draft);
    if (isOfNext && ahead && !isSingle(ahead.figure)) return void (this.at += 1);
    this.finishClause();
    this.calls.startDetail();
    this.at += 1;
  }

  private takeJoint(joint: 'and' | 'with'): void {
    this.joint = joint;
    this.jointAt = this.at;
    this.joinNext = this.draft !== undefined;
    this.withFoot = joint === 'with' && !this.draft;
    this.skip(1);
    if (this.draft && joint === 'with') this.lastWasTurn = false;
  }

  // Figures

  /** The name that begins here. `take a step`: an article begins none unless it is written as a letter, `A step`. */
  private nameHere(): { figure: Figure; length: number } | undefined {
    const { from, to, word } = this.tokens[this.at];
    if (word === 'a' && this.text[from] === 'a' && this.text[to] === ' ') return undefined;
    // `R to the side bumping hips`: where it goes, and no "side bump".
    if (word === 'side' && says('definite', this.words[this.at - 1]) && this.words[this.at - 2] === 'to')
      return undefined;
    return this.vocabulary.findName(this.spelt, this.at);
  }

  /** `in place` is a direction, `place R forward` a step. */
  private isOnlyNoun = ({ length }: { readonly length: number }): boolean =>
    length === 1 && this.words[this.at] === 'place' && this.lastWord === 'in';

  private takeFigure(figure: Figure, length: number): void {
    const draft = this.draft;
    if (figure === KNOWN.turn || figure === KNOWN.fullTurn) return this.takeTurnWord(figure, length);
    // `turning on the ball of R`: what bears the weight is no step.
    if (draft && small.standsOn(this.words, this.at)) return this.skip(small.bearingLength(this.words, this.at, draft));
    // `sway hips`, `step R with hips`: the hips belong to the action that is named already.
    if (draft?.figure && length === 1 && BODY_NOUNS.has(this.words[this.at])) return this.skip(1);
    // `hold the rail and sway`: hands hold it.
    if (figure === KNOWN.hold && small.holdsSomething(this.words, this.at)) return this.skip(3);
    const onIt = small.stepOnIt(this.words, this.at);
    if (onIt > 0) return this.takeStepOnIt(onIt);
    // `right to the side and touch L`, `L R L and touch R`: what stands before the "and" is a step of its own.
    if (draft && !draft.figure && this.isStepBefore(draft, figure, length)) this.finishCall();
    // Words nobody knows, joined to a figure by "and", are no part of it.
    if (draft && !draft.figure && this.joint !== 'none' && draft.unread[0]?.from === draft.from) this.finishCall();
    // `side, behind side cross` without its comma: a figure that begins with a place ends the step before it.
    if (
      draft &&
      !draft.figure &&
      draft.direction &&
      (draft.places.length > 0 || (!isSingle(figure) && Object.hasOwn(DIRECTION_WORDS, this.words[this.at])))
    )
      this.finishCall();
    if (this.draft?.figure && draft && this.isOneCall(draft, figure)) {
      this.consume(draft, length);
      return;
    }
    const amount = small.amountOfNext(this.draft, figure);
    if (this.draft?.figure) this.finishCall();
    const next = this.ensure();
    if (amount) next.turn = amount;
    next.figure = figure;
    next.nameSpan = { from: this.tokens[this.at].from, to: this.tokens[this.at + length - 1].to };
    next.verb = this.words[this.at];
    next.noun = /^(?:swivel|twist) (\w+)/.exec(this.spelt.slice(this.at, this.at + length).join(' '))?.[1];
    if (figure === KNOWN.recover && next.direction) next.direction = undefined;
    this.lastWasTurn = false;
    this.joint = 'none';
    this.consume(next, length);
  }

  private isRightBehindJoint = (): boolean => this.words.slice(this.jointAt + 1, this.at).every(small.saysNothing);

  /** `side R with a touch`, `D et toucher G`: the words before the joint are a step. */
  private isStepBefore(draft: Draft, figure: Figure, length: number): boolean {
    // `1/2 turn right and R beside L step`: the joint stands before the step itself.
    if (this.joint !== 'none' && !this.isRightBehindJoint()) return false;
    if (this.joint === 'and')
      return (
        small.isWholeStep(draft) ||
        (this.calls.goesStepping() &&
          small.isOtherFootNext(draft, this.words.slice(this.at + length, this.at + length + 2)))
      );
    return this.joint === 'with' && this.joinNext && figure.manners.has('gestures') && small.isWholeStep(draft);
  }

  /** `hook R behind and step on it`: a gesture becomes a step; a step has its weight already. */
  private takeStepOnIt(length: number): void {
    if (this.draft?.figure?.manners.has('isPlaced')) this.draft.figure = KNOWN.step;
    if (this.draft) this.consume(this.draft, length);
    else this.skip(length);
  }

  /** `lift the right knee`: what stands inside the name is the figure's own. */
  private takeParted({ figure, places }: { figure: Figure; places: readonly number[] }): void {
    for (const place of places.slice(1)) this.inName.add(place);
    this.takeFigure(figure, 1);
  }

  /** A second name in one breath that opens no call of its own. */
  private isOneCall(draft: Draft, figure: Figure): boolean {
    // `tip with the right heel`
    if (this.joint !== 'none' && !(this.joint === 'with' && small.isPartOfGesture(draft, figure))) return false;
    const ahead = this.words[this.at + 1];
    // `recover weight back on L`: two names of one figure.
    const before = ARTICLES.has(this.lastWord) ? this.words[this.at - 2] : this.lastWord;
    const isPurpose = says('purpose', before);
    if (figure === draft.figure && (draft.sides.length === 0 || isPurpose) && this.lastWord !== this.words[this.at])
      return true;
    const hasFoot = ahead !== undefined && (ahead in SIDE_WORDS || ahead in FOOT_WORDS);
    if (!hasFoot && (small.isVerbAtEnd(draft, figure) || small.isSteppedTwice(draft, figure))) return true;
    return (
      small.mergeName(draft, figure) || small.onlyNamesFeet(draft, figure, this.words.slice(this.at + 1, this.at + 3))
    );
  }

  /** The word "turn" belongs to the figure beside it; alone in its clause it is a turn in place. */
  private takeTurnWord(figure: Figure, length: number): void {
    // `side with the turn`: the one that was said.
    if (small.isTurnSaidBefore(this.words, this.at, length)) return this.skip(length);
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

  private takeAmount(value: number, length: number): void {
    // `step R forward and half turn L`: a turn of its own.
    const isApart = this.joint === 'and' && this.isRightBehindJoint() && small.turnsAhead(this.words, this.at + length);
    const isStep = this.draft?.figure ?? (this.draft && isApart && small.isWholeStep(this.draft));
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
  private takeOpen(): void {
    const turns = this.draft?.turn ?? this.draft?.figure?.way;
    if (!this.draft || (!turns && !this.draft.turnWord)) return this.skip(1);
    this.mergeTurn(this.draft, { open: true }, 1);
    this.consume(this.draft, 1);
    this.lastWasTurn = true;
  }

  private takeTarget(target: Facing | undefined, length: number): void {
    const draft = this.ensure();
    if (target !== undefined) this.mergeTurn(draft, { target }, length);
    this.consume(draft, length);
  }

  private takeRepeat(value: number, length: number): void {
    const draft = this.ensure();
    draft.repeat = Math.min(Math.max(value, 1), 16);
    draft.numbered = draft.figure === undefined;
    this.consume(draft, length);
  }

  /** `forward at 45 degrees R` goes to the corner; nobody turns. */
  private isDiagonal = ({ value }: Token): boolean => value === CIRCLE / 8 && says('at', this.lastWord);

  private takeDiagonal(): void {
    const draft = this.ensure();
    draft.direction = draft.direction === 'back' ? 'diagonal back' : 'diagonal forward';
    const next = this.words[this.at + 1] ?? '';
    this.consume(draft, next in SIDE_WORDS ? 2 : 1);
  }

  private takeNumber(token: Token): void {
    const next = this.words[this.at + 1];
    if (says('facing', this.lastWord)) return this.takeTarget(readHour(token.word), 1);
    if (says('times', next)) return this.takeRepeat(token.value, 2);
    // `K step R, on 8 scuff R`
    if (says('onto', this.lastWord) && !this.draft?.figure && this.calls.length > 0) {
      this.ensure().at = token.value;
      return this.skip(1);
    }
    // `2 premiers temps`
    if (says('first-behind', next) && this.takePartOf(token.value, this.tokens[this.at + 2], 3)) return;
    // `turning 1/4 right on count 3`, `scuff left on 4` say when.
    if (says('on', this.lastWord) && this.draft?.figure) return this.skip(1);
    if (says('count', next)) {
      if (this.draft?.figure === KNOWN.hold) this.draft.repeat = Math.min(token.value, 16);
      if (this.draft) this.consume(this.draft, 2);
      else this.skip(2);
      return;
    }
    let ahead = this.at + 1;
    // `three easy walks`
    while (ahead < this.at + 3 && FILLERS.has(this.words[ahead] ?? '')) ahead += 1;
    const name =
      this.vocabulary.findName(this.spelt, ahead) ??
      (this.words[this.at + 1] === ' amount' ? { length: 1 } : undefined);
    if (name && token.value > 0 && token.value <= 16) return this.takeRepeat(token.value, 1);
    const draft = this.ensure();
    draft.unread.push({ from: token.from, to: token.to });
    this.consume(draft, 1);
  }

  // Sides, directions, ways

  /** Directions, ways, amounts and repeats of up to three words; true when one was taken. */
  private takePhrase(): boolean {
    const again = small.onceMoreAt(this.words, this.at);
    if (again > 0 && this.calls.length > 0 && !this.draft?.figure) return (this.takeRepeat(2, again), true);
    if (!small.PHRASE_OPENINGS.has(this.words[this.at])) return false;
    for (let length = Math.min(small.LONGEST_PHRASE, this.words.length - this.at); length > 0; length--) {
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

  private takeLength(counts: number, length: number): void {
    const draft = this.ensure();
    small.takeTime(draft, counts);
    this.consume(draft, length);
  }

  private takeWay(way: Way, length: number): void {
    const draft = this.ensure();
    this.mergeTurn(draft, { way }, length);
    this.consume(draft, length);
  }

  private takeDirection(phrase: string, length: number): boolean {
    if (says('over', phrase)) {
      const shoulder = small.shoulderAhead(this.words, this.at);
      if (shoulder) return (this.takeWay(shoulder.way, shoulder.length), true);
      // `half a turn over left`
      const side = SIDE_WORDS[this.words[this.at + 1] ?? ''];
      if (side && this.lastWasTurn && this.draft?.turn && this.draft.turn.way === undefined)
        return (this.takeWay(side === 'R' ? 'right' : 'left', 2), true);
      if (this.tokens[this.at + 1]?.kind === 'number') return (this.skip(1), true);
    }
    const isInFront = says('in-front', phrase) && small.isOtherAhead(this.words, this.at, this.draft);
    // `in` alone before a way of turning or a count says nothing: `in a quarter turn`.
    if (phrase === 'in' && says('article', this.words[this.at + 1])) return (this.skip(1), true);
    if (says('towards', phrase) && !small.isSideAhead(this.words, this.at)) return false;
    // `heel in front`: nothing is passed.
    const isBefore = says('in-front-said', phrase) && !small.isOtherAhead(this.words, this.at + 1, this.draft);
    let direction = isInFront ? 'cross' : isBefore ? 'forward' : DIRECTION_WORDS[phrase];
    // `heel forward and back in place`: it comes home; `heel forward and back`, most of the time.
    const isHomeward = direction === 'together' || (direction === 'back' && this.isRightBehindJoint());
    if (isHomeward && this.joint === 'and' && small.isOutside(this.draft)) this.finishCall();
    let draft = this.ensure();
    const split = draft.figure && this.joint === 'none' ? placesNamed(draft.figure) : undefined;
    if (split && direction !== split[split.length - 1] && draft.places.length === 0) {
      // `side together forward`: the named figure was only the beginning of a list of places.
      [draft.figure, draft.direction, draft.places] = [undefined, split[0], split.slice(1)];
    }
    if (!draft.figure && draft.sides.length > 0 && small.isOtherPlace(draft.direction, direction)) {
      this.finishCall();
      draft = this.ensure();
    }
    // `set the right back beside the left`
    if (draft.direction === 'back' && direction === 'together' && phrase !== 'together' && !small.goesOn(draft))
      draft.direction = undefined;
    direction = small.cornerOf(draft.direction, direction);
    if (!draft.direction || /^diagonal/.test(direction) || draft.direction === 'together') draft.direction = direction;
    else if (small.isFurtherPlace(draft, direction)) draft.places.push(direction);
    else if (draft.direction === 'side' && direction !== 'side' && !draft.figure) draft.direction = direction;
    const objectAhead = isInFront || says('object', phrase);
    this.consume(draft, length);
    this.lastWasTurn = false;
    if (objectAhead) this.lastWord = 'over';
    return true;
  }

  private takeSide(token: Token): void {
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

  private isAfterTo(): boolean {
    return this.lastWord === 'the' ? this.words[this.at - 2] === 'to' : says('to', this.lastWord);
  }

  /** `turn to the left wall` */
  private takeWallNamed(foot: Foot, next: string): boolean {
    const { draft } = this;
    if (!draft?.turnWord || draft.turn?.amount !== undefined || !says('wall', next)) return false;
    this.mergeTurn(draft, { amount: CIRCLE / 4, way: foot === 'R' ? 'right' : 'left' }, 2);
    this.consume(draft, 2);
    return true;
  }

  /** `right shoulder forward` moves no foot; `clap with the left hand` says how. */
  private takeBodySide(next: string): boolean {
    if (!BODY_NOUNS.has(next) || this.vocabulary.findName(this.spelt, this.at + 1)) return false;
    if (this.draft || this.joint === 'with' || this.calls.length === this.clause + 1) this.skip(2);
    else {
      this.ensure().figure = KNOWN.arms;
      this.consume(this.ensure(), 2);
    }
    return true;
  }

  /** A foot that begins what comes next: `R heel & L heel`, `R forward L beside`. */
  private isOfNext(draft: Draft, foot: Foot, next: string): boolean {
    // `R heel R home`: the same foot goes on.
    const comesHome = draft.figure?.manners.has('gestures') && small.isHome(draft, foot, next);
    if (comesHome) return true;
    // `R to the side and L only touches`: each foot has what it does.
    const isStep = this.joint === 'and' && !draft.figure && draft.direction && draft.sides.length === 1;
    if (isStep && draft.sides[0].foot !== foot && this.isRightBehindJoint()) return true;
    const named = draft.figure && this.joint === 'and' && draft.sides.length > 0;
    return this.opensNewStep(draft, next) || Boolean(named && this.vocabulary.findName(this.spelt, this.at + 1));
  }

  /** `R forward L beside`: a second foot that goes somewhere of its own starts another step. */
  private opensNewStep(draft: Draft, next: string): boolean {
    if (draft.sides.length === 0 || this.lastWord === 'over') return false;
    if (!draft.direction || says('object', this.lastWord)) return false;
    return Object.hasOwn(DIRECTION_WORDS, next) && !says('side', next);
  }

  private takeOther(token: Token): void {
    if (says('same', token.word) && !this.draft && this.calls.length > 0) {
      this.ensure().same = 'as it was';
      return this.consume(this.ensure(), 1);
    }
    if (this.draft) small.noteWord(this.draft, token, this.lastWord);
    if (small.saysNothing(token.word)) {
      // `to the left`, `over the left`: an article changes nothing.
      const isArticle = says('article', token.word) && (says('to', this.lastWord) || says('over', this.lastWord));
      if (!isArticle) this.lastWord = token.word;
      this.at += 1;
      return;
    }
    if (this.takeFirstCounts(token)) return;
    // `with the left foot first`
    if (
      says('first', token.word) &&
      (this.lastWord in FOOT_WORDS || this.lastWord in SIDE_WORDS || says('foot', this.lastWord))
    )
      return this.skip(1);
    const draft = this.ensure();
    draft.unread.push({ from: token.from, to: token.to });
    this.consume(draft, 1);
  }

  /** `coaster L, first two counts`: part of the call before it, or of the one being read. */
  private takeFirstCounts(token: Token): boolean {
    const [number, noun] = this.tokens.slice(this.at + 1, this.at + 3);
    const counts = number?.kind === 'number' ? number.value : REPEAT_WORDS[number?.word ?? ''];
    if (!says('first', token.word) || !counts) return false;
    return this.takePartOf(counts, noun, 3);
  }

  private takePartOf(counts: number, noun: Token | undefined, length: number): boolean {
    if (!noun || !says('count', noun.word)) return false;
    if (this.draft?.figure) this.finishCall();
    if (!this.calls.keepFirst(counts, noun)) return false;
    this.skip(length);
    return true;
  }
}

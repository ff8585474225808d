/**
 * The calls of one line: which figures are named, on which foot, in which direction, with which turn.
 *
 * Words are taken from left to right. A figure's name opens a call; what stands before it in the same clause and what follows
 * belongs to it. Nothing is dropped in silence: words that carry no meaning here are kept with their places in `unread`.
 * Which foot is free is not known here: a call that names no foot leaves it open for dancing.
 */
import { FILLERS, FOOT_WORDS, REPEAT_WORDS, SIDE_WORDS } from '../../lexicon/steps';
import { says } from '../../lexicon/joints';
import { readHour } from '../../model/turns';
import { KNOWN } from '../../vocabulary';
import { isSingle, type Call } from './call';
import { epauleAhead, isTurnAlone } from './turns';
import { saysNothing, noteWord, closingBrackets } from './words';
import { isFootAlone, takesFoot, listedFeet } from './feet';
import { COMMON_VOCABULARY, type Vocabulary } from '../../vocabulary';
import { FigureReader } from './figure-reader';
import { readTokens, type Meant, type Token } from './tokens';

export type { Call, CalledTurn } from './call';

/** No call is danced more often. */
const MOST_OFTEN = 16;

/** Reads the calls between `start` and the end of `text`, whose marks are already blanked out. */
export function readCalls(text: string, start = 0, vocabulary: Vocabulary = COMMON_VOCABULARY, meant?: Meant): Call[] {
  return new CallReader(text, readTokens(text, start, vocabulary.signs, meant), vocabulary).read();
}

class CallReader extends FigureReader {
  read(): Call[] {
    while (this.at < this.tokens.length) this.readNext();
    this.finishClause();
    return this.calls.all();
  }

  private readNext(): void {
    const token = this.tokens[this.at];
    if (token.kind === 'word') return this.readWord(token);
    const spelt =
      token.kind === 'amount' || token.kind === 'number' ? this.vocabulary.findName(this.spelt, this.at) : undefined;
    if (spelt?.figure.definite) return this.takeFigure(spelt.figure, spelt.length);
    this.readSign(token);
  }

  private readSign(token: Token): void {
    switch (token.kind) {
      case 'break':
        return this.endClause();
      case 'colon':
        return this.startDetail();
      case 'amount':
        return this.isDiagonal(token) ? this.takeDiagonal() : this.takeAmount(token.value, 1);
      case 'times':
        return this.takeRepeat(token.value, 1);
      case 'hour':
        return this.takeTarget(readHour(token.word), 1);
      case 'open':
        return this.takeOpen();
      case 'bracket':
        return this.takeBracket(token.word);
      case 'number':
        return this.takeNumber(token);
      case 'word':
        return this.takeOther(token);
    }
  }

  private readWord(token: Token): void {
    if (says('then', token.word)) return this.endClause();
    if (this.inName.has(this.at)) return this.consume(this.ensure(), 1);
    if (this.takeName()) return;
    if (says('and', token.word)) return this.takeJoint('and');
    if (says('with', token.word)) return this.takeJoint('with');
    const shoulder = says('before-shoulder', token.word) ? epauleAhead(this.words, this.at) : undefined;
    if (shoulder) return this.takeWay(shoulder.way, shoulder.length);
    if (this.takePhrase()) return;
    if (token.word in FOOT_WORDS || token.word in SIDE_WORDS) return this.takeSide(token);
    this.takeOther(token);
  }

  private endClause(): void {
    // `with the right, step forward`: the foot is the next clause's.
    if (this.draft && this.withFoot && isFootAlone(this.draft)) return void (this.at += 1);
    this.withFoot = false;
    this.finishClause();
    this.at += 1;
    this.joinNext = false;
  }

  /** Calls in brackets are danced in turn as often as stands behind: `(step R forward, pivot 1/2 left) x2`. Other brackets say nothing. */
  private takeBracket(sign: string): void {
    this.closes ??= closingBrackets(this.tokens);
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
    const feet = listedFeet(this.tokens.slice(this.at + 1, close));
    if (!target || close < 0 || !feet || this.tokens[close + 1]?.kind === 'times') return false;
    // `side, together (R, L)`: a foot for each step.
    if (takesFoot(target) && this.calls.takeFeet(feet.slice(0, -1))) {
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
    if (this.draft && isFootAlone(this.draft)) return void (this.at += 1);
    const ahead = this.vocabulary.findName(this.spelt, this.at + 1);
    // `turning half left: shuffle L R L`: the turn of the figure, and no title.
    const isOfNext = this.calls.length === 0 && this.draft && isTurnAlone(this.draft);
    if (isOfNext && ahead && !isSingle(ahead.figure)) return void (this.at += 1);
    this.finishClause();
    this.calls.startDetail(listedFeet(this.tokens.slice(this.at + 1)) !== undefined);
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

  private takeNumber(token: Token): void {
    const next = this.words[this.at + 1];
    if (says('facing', this.lastWord)) return this.takeTarget(readHour(token.word), 1);
    if (says('times', next)) return this.takeRepeat(token.value, 2);
    if (this.takeWhen(token, next)) return;
    if (says('count', next)) return this.takeCounts(token);
    if (this.isHowOften(token)) return this.takeRepeat(token.value, 1);
    const draft = this.ensure();
    draft.unread.push({ from: token.from, to: token.to });
    this.consume(draft, 1);
  }

  /** `turning 1/4 right on count 3`, `K step R, on 8 scuff R`, `2 premiers temps`. */
  private takeWhen(token: Token, next: string | undefined): boolean {
    if (says('onto', this.lastWord) && !this.draft?.figure && this.calls.length > 0) {
      this.ensure().at = token.value;
      return (this.skip(1), true);
    }
    if (says('first-behind', next) && this.takePartOf(token.value, this.tokens[this.at + 2], 3)) return true;
    return says('on', this.lastWord) && this.draft?.figure !== undefined && (this.skip(1), true);
  }

  /** `hold 2 counts` */
  private takeCounts({ value }: Token): void {
    if (this.draft?.figure === KNOWN.hold) this.draft.repeat = Math.min(value, MOST_OFTEN);
    if (this.draft) this.consume(this.draft, 2);
    else this.skip(2);
  }

  /** `4 walks`, `three easy walks`, `2 1/4 turns`. */
  private isHowOften({ value }: Token): boolean {
    let ahead = this.at + 1;
    while (ahead < this.at + 3 && FILLERS.has(this.words[ahead] ?? '')) ahead += 1;
    const isNamed = this.vocabulary.findName(this.spelt, ahead) ?? this.words[this.at + 1] === ' amount';
    return Boolean(isNamed) && value > 0 && value <= MOST_OFTEN;
  }

  private takeOther(token: Token): void {
    if (says('same', token.word) && !this.draft && this.calls.length > 0) {
      this.ensure().same = 'as it was';
      return this.consume(this.ensure(), 1);
    }
    if (this.draft) noteWord(this.draft, token, this.lastWord);
    if (saysNothing(token.word)) {
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

/** The words of a line taken one after another: the place that is reached, the call being taken, and the ones that are finished. */
import { joinSpans } from '../../model/text';
import type { Vocabulary } from '../../vocabulary';
import { FinishedCalls } from './finished';
import { newDraft, type CalledTurn, type Draft } from './call';
import type { Token } from './tokens';
import { NAMED_AMOUNTS } from './turns';
import { saysNothing } from './words';

/** Where the reader of a line stands: its words, what is being taken, what is finished. */
export abstract class CallWalk {
  protected readonly words: string[];
  /** As `words`, with fractions and numbers in the words that figures are named with: `cross, 1/4, 1/4, cross`. */
  protected readonly spelt: string[];
  protected readonly calls: FinishedCalls;
  protected draft: Draft | undefined;
  protected at = 0;
  protected joint: 'none' | 'and' | 'with' = 'none';
  /** Where the joint stands. */
  protected jointAt = -1;
  protected joinNext = false;
  protected lastWord = '';
  protected lastWasTurn = false;
  protected bracketFrom = 0;
  /** The first call of the clause. */
  protected clause = 0;
  protected closes: readonly number[] | undefined;
  /** The clause opens with "with" and a foot. */
  protected withFoot = false;
  /** Places of words that belong to a name further left. */
  protected readonly inName = new Set<number>();

  constructor(
    protected readonly text: string,
    protected readonly tokens: readonly Token[],
    protected readonly vocabulary: Vocabulary,
  ) {
    this.calls = new FinishedCalls(text);
    this.words = tokens.map((token) => (token.kind === 'word' ? token.word : ` ${token.kind}`));
    this.spelt = tokens.map((token, index) =>
      token.kind === 'amount'
        ? (NAMED_AMOUNTS[token.value] ?? ' amount')
        : token.kind === 'number'
          ? token.word
          : this.words[index],
    );
  }

  /** Nothing that says anything stands between the joint and this place. */
  protected isRightBehindJoint = (): boolean => this.words.slice(this.jointAt + 1, this.at).every(saysNothing);

  protected skip(tokens: number): void {
    this.lastWord = this.words[this.at + tokens - 1];
    this.at += tokens;
  }

  protected ensure(): Draft {
    if (!this.draft) {
      this.draft = newDraft(this.tokens[this.at].from, this.joinNext);
      if (this.calls.length > this.clause && !this.joinNext) this.draft.breath = true;
    }
    return this.draft;
  }

  protected consume(draft: Draft, tokens: number): void {
    draft.to = this.tokens[this.at + tokens - 1].to;
    draft.words += 1;
    this.skip(tokens);
  }

  protected mergeTurn(draft: Draft, more: Omit<CalledTurn, 'span'>, length: number): void {
    const span = { from: this.tokens[this.at].from, to: this.tokens[this.at + length - 1].to };
    draft.turn = { ...draft.turn, ...more, span: draft.turn ? joinSpans(draft.turn.span, span) : span };
  }

  protected finishClause(): void {
    this.finishCall();
    this.clause = this.calls.length;
    this.joint = 'none';
    this.lastWasTurn = false;
    this.lastWord = '';
  }

  protected finishCall(): void {
    if (this.draft) this.calls.add(this.draft);
    this.draft = undefined;
  }
}

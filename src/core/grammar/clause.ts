/** A sentence whose tokens are taken away one find after another; what is left in the end was not understood. */
import type { Span } from '../model/text';
import type { Meaning, Token } from './lexer';
import { find, type Match, type Pattern } from './pattern';

export class Clause {
  /** Tokens that nothing was made of yet. */
  left: readonly Token[];

  constructor(
    readonly text: string,
    tokens: readonly Token[],
  ) {
    this.left = tokens;
  }

  has = (...meanings: Meaning[]): boolean => this.left.some(({ is }) => meanings.some((meaning) => is.has(meaning)));

  /** Takes tokens away; gives the place from the first to the last of them. */
  take(from: number, to: number): Span {
    const taken = this.left.slice(from, to);
    this.left = [...this.left.slice(0, from), ...this.left.slice(to)];
    return { from: taken[0].from, to: taken[taken.length - 1].to };
  }

  /** Takes the first match away. */
  takeMatch(steps: Pattern): (Match & { readonly span: Span }) | undefined {
    const match = find(this.left, steps);
    return match && { ...match, span: this.take(match.from, match.to) };
  }

  /** Takes away all that stands behind a place of the line. */
  cutAt(place: number): void {
    this.left = this.left.filter(({ from }) => from < place);
  }
}

/**
 * Patterns over tokens. `after? the? n:number &? count` is read as it stands: meanings one after another, `|` for either, `?` for
 * what may be missing, `*` for any number, a name and a colon before what is to be told.
 */
import type { Meaning, Token } from './lexer';

interface Step {
  readonly any: readonly Meaning[];
  readonly name?: string;
  readonly isOptional: boolean;
  readonly isMany: boolean;
}

export type Pattern = readonly Step[];

export interface Match {
  /** Tokens taken, from and to. */
  readonly from: number;
  readonly to: number;
  readonly named: Readonly<Record<string, Token | undefined>>;
}

export const pattern = (text: string): Pattern =>
  text.split(' ').map((item) => {
    const [, name, any, many] = /^(?:(\w+):(?=.))?(.+?)([?*]?)$/.exec(item) as RegExpExecArray;
    return {
      any: any.split('|') as Meaning[],
      isOptional: many !== '',
      isMany: many === '*',
      ...(name && { name }),
    };
  });

/** The pattern where it begins at `from`. */
export function matchAt(tokens: readonly Token[], from: number, steps: Pattern): Match | undefined {
  const named: Record<string, Token | undefined> = {};
  const walk = (at: number, step: number): number | undefined => {
    if (step === steps.length) return at;
    const { any, name, isOptional, isMany } = steps[step];
    const token = tokens[at];
    if (token && any.some((meaning) => token.is.has(meaning))) {
      const end = walk(at + 1, isMany ? step : step + 1);
      if (end !== undefined) {
        if (name) named[name] = token;
        return end;
      }
    }
    return isOptional ? walk(at, step + 1) : undefined;
  };
  const to = walk(from, 0);
  return to === undefined ? undefined : { from, to, named };
}

/** The first place where the pattern is found. */
export function find(tokens: readonly Token[], steps: Pattern): Match | undefined {
  for (let from = 0; from < tokens.length; from++) {
    const match = matchAt(tokens, from, steps);
    if (match) return match;
  }
  return undefined;
}

import type { Dance, DancedCall } from '../../dancing/dance';
import type { Span } from '../../model/text';
import { CIRCLE } from '../../model/turns';
import { canonicalWord } from '../../vocabulary';
import { writtenCallsOf, placeIn, replacing, wordsAt, type Rule } from '../rule';

export const twoNames: Rule = {
  code: 'two-names',
  group: 'names',
  severity: 'remark',
  about: 'One figure is called by two names in the same sheet.',
  examples: {
    bad: [
      {
        text: '## Section 1\n1&2 Shuffle R forward\n3&4 <|Triple step|> L forward\n5-8 Walk R L R L',
        fixed: '## Section 1\n1&2 Shuffle R forward\n3&4 shuffle L forward\n5-8 Walk R L R L',
        message: '“Triple step” is called “shuffle” further up. Tidy makes the names one.',
      },
    ],
    good: ['## Section 1\n1&2 Coaster R\n3&4 Coaster step L\n5-8 Walk R L R L'],
  },
  find: (dance) => {
    const first = new Map<string, { words: string; span: Span }>();
    return writtenCallsOf(dance).flatMap(({ call, line }) => {
      const named = nameIn(dance, call, placeIn(line.line, (call.titled ?? call.call).nameSpan ?? call.call.span));
      if (!named) return [];
      const known = first.get(named.id);
      if (!known) first.set(named.id, named);
      if (!known || sameName(known.words, named.words) || known.span.from === named.span.from) return [];
      const name = known.words.toLowerCase();
      return [
        {
          span: named.span,
          message: `“${named.words}” is called “${name}” further up. Tidy makes the names one.`,
          related: { span: known.span, message: `“${known.words}” stands here.` },
          fix: replacing(name, named.span, name),
        },
      ];
    });
  },
};

function nameIn(dance: Dance, call: DancedCall, span: Span): { id: string; words: string; span: Span } | undefined {
  const { figure, nameSpan, turn } = call.titled ?? call.call;
  // A triple half or full turn goes by its own name in every school.
  if (turn?.amount !== undefined && turn.amount > CIRCLE / 4) return undefined;
  if (!figure || !nameSpan || figure.family === 'single' || figure.family === 'own') return undefined;
  return { id: figure.id, words: wordsAt(dance, span), span };
}

/** "Coaster" and "coaster step" are one name, the longer one said in full. */
function sameName(one: string, other: string): boolean {
  const [a, b] = [one, other].map((name) => name.split(/[\s-]+/).map(canonicalWord));
  return a.every((word) => b.includes(word)) || b.every((word) => a.includes(word));
}

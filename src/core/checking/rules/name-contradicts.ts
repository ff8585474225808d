import { nameMoments, spellsFigure } from '../../rewriting/name';
import type { DancedCall, DancedLine } from '../../dancing/dance';
import { explainedBy } from '../../dancing/explanations';
import { greatest } from '../../model/numbers';
import type { Call } from '../../grammar/steps/call';
import { FIGURES, type Figure } from '../../vocabulary';
import { linesOf, placeIn, replacing, section, type Found, type Rule } from '../rule';

export const nameContradicts: Rule = {
  code: 'name-contradicts',
  group: 'names',
  severity: 'warning',
  about: 'The feet spelt out after a figure’s name are not those of the figure.',
  examples: {
    bad: [
      {
        text: section(2, '1&2 <|Coaster R|>: step R forward, L beside, R back'),
        message: 'Called a coaster, spelt a forward coaster.',
      },
      {
        text: section(4, '1-4 <|Jazz box R|>: side, behind, side, forward'),
        message: 'The feet spelt out are not those of a jazz box.',
      },
    ],
    good: [
      section(2, '1&2 Coaster R: back, together, forward'),
      section(4, '1-4 Jazz box R: cross, back, side, together'),
      section(4, '1-4 Box R: cross, back, side, together'),
      section(4, '1-4 Weave R: cross, side, behind, side'),
    ],
  },
  find: (dance) => linesOf(dance).flatMap(({ line }) => titlesOf(line).flatMap((calls) => judge(line, calls))),
};

/** The calls after a colon, by the call before it. */
function titlesOf({ calls }: DancedLine): DancedCall[][] {
  const groups = new Map<unknown, DancedCall[]>();
  for (const call of calls)
    if (call.titled && !call.titled.copied) groups.set(call.titled, [...(groups.get(call.titled) ?? []), call]);
  return [...groups.values()];
}

/** `box: cross, back, side, close`: the end of another name, whose steps these are. */
function isShortFor(titled: Call, { names }: Figure, text: string, said: readonly Call[]): boolean {
  const written = titled.nameSpan && text.slice(titled.nameSpan.from, titled.nameSpan.to).toLowerCase();
  if (!written || names.en[0].startsWith(written)) return false;
  return FIGURES.some(
    (figure) =>
      figure.names.en.some((name) => name.endsWith(` ${written}`)) &&
      explainedBy({ ...titled, figure, detail: undefined }, said) >= greatest([said.length - 1], 2),
  );
}

function judge({ line }: DancedLine, calls: DancedCall[]): Found[] {
  const titled = calls[0].titled;
  const figure = titled?.figure;
  const moments = calls.flatMap((call) => call.moments);
  if (!titled || !figure || figure.run || figure.family === 'single' || figure.family === 'own') return [];
  if (calls.some((call) => !call.figure || call.unplaced) || spellsFigure(moments, figure)) return [];
  const said = titled.detail ?? [];
  if (explainedBy({ ...titled, detail: undefined }, said) >= greatest([said.length - 1], 2)) return [];
  if (isShortFor(titled, figure, line.text, said)) return [];
  const named = nameMoments(moments);
  const until = line.text.indexOf(':', titled.span.from);
  const span = placeIn(line, {
    from: titled.nameSpan?.from ?? titled.span.from,
    to: until < 0 ? titled.span.to : until,
  });
  const name = figure.names.en[0];
  const article = /^[aeiou]/i.test(name) ? 'an' : 'a';
  return [
    {
      span,
      message: named
        ? `Called ${article} ${name}, spelt ${/^[aeiou]/i.test(named.figure.names.en[0]) ? 'an' : 'a'} ${named.figure.names.en[0]}.`
        : `The feet spelt out are not those of ${article} ${name}.`,
      ...(named && { suggestions: [replacing(named.words, span, named.words)] }),
    },
  ];
}

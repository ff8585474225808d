import { isFoot, otherFoot } from '../../model/feet';
import { placeOfTick } from '../../model/ticks';
import { placeIn, section, type Rule } from '../rule';

export const wallDoesNotLoop: Rule = {
  code: 'wall-does-not-loop',
  group: 'weight',
  severity: 'error',
  about: 'The foot that leads at the top must be free again at the end of the wall.',
  waitsFor: 'dance',
  examples: {
    bad: [
      {
        text: section(4, '1&2 Coaster R', '3-4 <|Walk L, walk R|>'),
        message: 'The wall ends with the weight on R, so R is not free to begin again.',
      },
    ],
    good: [
      // The 1 of the last chasse is the step the next wall begins with.
      '## Section 1\n1 Step R side\n2-3 Rock L back, recover R\n4&5 Chasse L\n6-7 Rock R back, recover L\n8&1 Chasse R',
      section(4, '1&2 Coaster R', '3&4 Coaster L'),
      section(4, '1-4 Swivel heels R L R L'),
    ],
  },
  find: (dance) => {
    if (dance.loops !== false || !isFoot(dance.endWeight)) return [];
    const lines = dance.parts
      .flatMap((part) => part.sections.flatMap((own) => own.lines))
      .filter((line) => line.moments.length > 0);
    const last = lines[lines.length - 1];
    if (!last) return [];
    const calls = last.calls;
    const span = placeIn(last.line, {
      from: calls[0].titled?.span.from ?? calls[0].call.span.from,
      to: calls[calls.length - 1].call.span.to,
    });
    const free = otherFoot(dance.parts[0].before.weight === 'R' ? 'R' : 'L');
    const [first] = lines[0].moments;
    return [
      {
        span,
        message: `The wall ends with the weight on ${dance.endWeight}, so ${free} is not free to begin again.`,
        related: {
          span: lines[0].line.span,
          message: `${free} leads here on count ${placeOfTick(first.tick)}.`,
        },
      },
    ];
  },
};

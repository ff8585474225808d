import { driftWords } from '../../floor/words';
import { measureBlock } from '../../floor/measure';
import { CIRCLE, facingAfter } from '../../model/turns';
import { section, type Rule } from '../rule';

/** Walls after which it is told, and steps that nobody minds. */
const WALLS = 4;
const UNSEEN = 2;

export const driftOneWall: Rule = {
  code: 'drift-one-wall',
  group: 'floor',
  severity: 'remark',
  about: 'A dance that does not turn ends beside where it began, and goes on from there wall after wall.',
  waitsFor: 'dance',
  examples: {
    bad: [
      {
        text: section(4, '1-4 <|Walk R L R L|>'),
        message:
          'One time through ends 4 steps forward: after four walls the lines stand 16 steps forward of where they began.',
      },
    ],
    good: [
      section(8, '1-4 Walk R L R L', '5-8 Walk back R L R L'),
      // A full round of walls brings it back, however far one wall goes.
      section(4, '1-2 Walk R, walk L', '3-4 Step R forward, pivot 1/2 left'),
    ],
  },
  find: (dance) => {
    const [part] = dance.parts;
    if (dance.parts.length !== 1 || facingAfter(0, part.netTurn) % CIRCLE !== 0 || dance.loops !== true) return [];
    const { right, forward } = measureBlock(part).drift;
    const after = { right: right * WALLS, forward: forward * WALLS };
    const [once, often] = [driftWords({ right, forward }), driftWords(after)];
    const last = part.sections.flatMap(({ lines }) => lines).findLast(({ moments }) => moments.length > 0);
    if (!last || !once || !often || Math.hypot(after.right, after.forward) <= UNSEEN) return [];
    const { line, calls } = last;
    const span = {
      from: line.span.from + calls[0].call.span.from,
      to: line.span.from + calls[calls.length - 1].call.span.to,
    };
    return [
      {
        span,
        message: `One time through ends ${once}: after four walls the lines stand ${often} of where they began.`,
      },
    ];
  },
};

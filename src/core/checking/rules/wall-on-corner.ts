import { CIRCLE, facingAfter, hourOfFacing, wallsOfTurn } from '../../model/turns';
import { section, type Rule } from '../rule';

const WALL = CIRCLE / 4;

export const wallOnCorner: Rule = {
  code: 'wall-on-corner',
  group: 'facing',
  severity: 'remark',
  about: 'A time through the dance ends facing a corner of the room.',
  waitsFor: 'dance',
  examples: {
    bad: [
      {
        text: section(2, '1-2 <|Step R forward, pivot 1/8 left|>'),
        message: 'A wall ends facing a corner (10:30), so the dance goes round 8 walls.',
      },
    ],
    good: [section(2, '1-2 Step R forward, pivot 1/4 left')],
  },
  find: (dance) => {
    const part = dance.parts[dance.parts.length - 1];
    const lines = part?.sections.flatMap((own) => own.lines) ?? [];
    const last = lines[lines.length - 1];
    const [first] = last?.line.step?.groups.flatMap(({ calls }) => calls.map(({ span }) => span)) ?? [];
    if (!last || !first || dance.netTurn % WALL === 0 || dance.parts.length > 1) return [];
    const { from } = last.line.span;
    const calls = last.line.step?.groups.flatMap((group) => group.calls) ?? [];
    return [
      {
        span: { from: from + first.from, to: from + calls[calls.length - 1].span.to },
        message: `A wall ends facing a corner (${hourOfFacing(facingAfter(0, dance.netTurn))}), so the dance goes round ${wallsOfTurn(dance.netTurn)} walls.`,
      },
    ];
  },
};

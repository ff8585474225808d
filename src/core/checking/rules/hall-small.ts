import { hallOf } from '../../floor/hall';
import { measureBlock } from '../../floor/measure';
import { wallsOfTurn } from '../../model/turns';
import type { Rule } from '../rule';

const LINES = '\n\n## Section 1\n1-8 Walk R L R L R L R L';

export const hallSmall: Rule = {
  code: 'hall-small',
  group: 'floor',
  severity: 'remark',
  about: 'One dancer alone goes further than the hall that is stated is wide or deep.',
  waitsFor: 'dance',
  examples: {
    bad: [
      {
        text: `start: weight L\n<|hall: 10 x 6 steps|>${LINES}`,
        message: 'One wall goes over 9 steps from front to back, and the hall has 6.',
      },
    ],
    good: [`start: weight L\nhall: 10 x 12 steps${LINES}`, `start: weight L\nhall: the old boat shed${LINES}`],
  },
  find: (dance) => {
    const hall = hallOf(dance.script.header);
    if (!hall) return [];
    const boxes = dance.parts.map((part) => ({ box: measureBlock(part).box, walls: wallsOfTurn(part.netTurn) }));
    return boxes
      .map(({ box, walls }) => {
        const [wide, deep] = [box.left + box.right, box.back + box.forward];
        // A dance that looks at the side walls goes there as far as it goes to the front.
        const most = walls > 2 ? Math.max(wide, deep) : 0;
        return { wide: Math.max(wide, most), deep: Math.max(deep, most) };
      })
      .flatMap(({ wide, deep }) => {
        const [steps, room, words] =
          deep > hall.depth ? [deep, hall.depth, 'from front to back'] : [wide, hall.width, 'from side to side'];
        if (steps <= room) return [];
        return [
          {
            span: hall.entry.span,
            message: `One wall goes over ${Math.ceil(steps)} steps ${words}, and the hall has ${Math.floor(room)}.`,
          },
        ];
      })
      .slice(0, 1);
  },
};

import { turnWords, wallsOfTurn } from '../../model/turns';
import { wallsOf } from '../../walls/table';
import { plural, replacing, type Rule } from '../rule';

const HALF_TURN = '\n\n## Section 1 (2 counts)\n1-2 Step R forward, pivot 1/2 left';

export const wallsClaimed: Rule = {
  code: 'walls-claimed',
  group: 'facing',
  severity: 'warning',
  about: 'The header says another number of walls than the turns of one wall come to.',
  waitsFor: 'dance',
  examples: {
    bad: [
      {
        text: `<|walls: 4|>${HALF_TURN}`,
        fixed: `walls: 2${HALF_TURN}`,
        message: 'It says 4 walls; a wall turns 1/2 left, which makes 2.',
      },
    ],
    good: [
      `walls: 2${HALF_TURN}`,
      `walls: two${HALF_TURN}`,
      `walls: 2${HALF_TURN}\n\n## Plan\nwall 3: tag: Step R forward, pivot 1/4 left`,
      `walls: 4${HALF_TURN}\n\n## Plan\nwall 3: tag: Step R forward, pivot 1/4 left`,
    ],
  },
  find: (dance) => {
    const { walls } = dance.script.header;
    const plan = wallsOf(dance);
    // A claim that agrees with either reading is right.
    if (!walls || dance.counts === 0 || plan.walls.length === 0) return [];
    if (walls.value === plan.wallsDanced || walls.value === plan.wallsNet) return [];
    // A phrased dance is called by the turn of its parts as well.
    if (plan.order && walls.value === wallsOfTurn(dance.netTurn)) return [];
    const text = dance.script.text.slice(walls.span.from, walls.span.to);
    const turn = dance.netTurn === 0 ? 'does not turn' : `turns ${turnWords(dance.netTurn)}`;
    const computed = plan.wallsDanced;
    const message = plan.order
      ? `It says ${plural(walls.value, 'wall')}; its parts start from ${plural(computed, 'wall')}.`
      : plan.wallsNet === computed
        ? `It says ${plural(walls.value, 'wall')}; a wall ${turn}, which makes ${computed}.`
        : `It says ${plural(walls.value, 'wall')}; a wall ${turn}, which makes ${plan.wallsNet}, and with the plan ${plural(computed, 'wall')} are danced.`;
    return [
      {
        span: walls.span,
        message,
        fix: replacing(`walls: ${computed}`, walls.span, text.replace(/:.*$/, `: ${computed}`)),
      },
    ];
  },
};
